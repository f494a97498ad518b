"""What the physics says of a motion: center of gravity, momentum, contacts, flights and spin."""

from ironarc.core.reading.read import Reading, read
from ironarc.core.reading.shot import Seen, read_all, read_shot, see

__all__ = ["Reading", "Seen", "read", "read_all", "read_shot", "see"]
