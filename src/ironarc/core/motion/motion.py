"""What a performer's poses follow from."""

from dataclasses import dataclass, field

from ironarc.core.figure.rig import Rig
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.pins import Holding
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Timing


@dataclass(frozen=True)
class Motion:
    """All that a performer's poses follow from.

    clip : first and last own frame; layers : the base first
    scale_to_m : metres in one of the rig's length units; pins : in the order they are solved in
    """

    rig: Rig
    clip: tuple[int, int]
    layers: tuple[Layer, ...]
    timing: Timing
    placement: Placement
    scale_to_m: float
    pins: tuple[Holding, ...] = field(default=())
