"""What the physics says of a motion: center of gravity, momentum, contacts, flights and spin."""

from ironarc.core.reading.read import Reading, read

__all__ = ["Reading", "read"]
