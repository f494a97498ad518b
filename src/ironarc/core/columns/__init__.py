"""Values over time: keys with slopes, a value on every frame, and a joint's rotation keyed as one thing."""

from ironarc.core.columns.check import CYCLE, HOLD, ON, ColumnError
from ironarc.core.columns.dense import Dense
from ironarc.core.columns.keys import Keys, smooth_keys
from ironarc.core.columns.turns import CHANNELS, SPHERE, Turns

Column = Keys | Dense | Turns

__all__ = [
    "CHANNELS", "CYCLE", "HOLD", "ON", "SPHERE", "Column", "ColumnError", "Dense", "Keys", "Turns", "smooth_keys",
]  # fmt: skip
