"""What a shot is, and nothing else: its parts, and one codec to and from plain data."""

from ironarc.core.document.performer import AIR, HandContact, Left, Performer
from ironarc.core.document.shot import ITEM_KINDS, Display, Item, Limit, Shot, check_size

__all__ = ["AIR", "ITEM_KINDS", "Display", "HandContact", "Item", "Left", "Limit", "Performer", "Shot", "check_size"]
