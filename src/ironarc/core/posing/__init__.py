"""Posing: moves that make one pose of another, how the body answers, and the keys that keep what was made."""

from ironarc.core.posing.moves import Between, Mirror, Move, Paste, Reach, Reset, Turn, moved
from ironarc.core.posing.stand import Ahead, Stand, ahead, stand_at

__all__ = [
    "Ahead",
    "Between",
    "Mirror",
    "Move",
    "Paste",
    "Reach",
    "Reset",
    "Stand",
    "Turn",
    "ahead",
    "moved",
    "stand_at",
]
