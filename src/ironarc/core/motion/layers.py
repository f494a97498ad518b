"""Layers: a base with the motion as it came or was keyed, and additive layers on top."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from types import MappingProxyType

from ironarc.core.motion.channels import Column

BASE, ADDITIVE = "base", "additive"


@dataclass(frozen=True)
class Layer:
    """A set of channels with a weight.

    id : unique within the performer
    columns : {(joint name, channel): Column}; angles in radians, positions in the file's length unit
    span : first and last frame on which an additive layer acts, or None for all frames
    made_by : the correction that made it ("true_arc"), or "" for one made by hand or brought in
    """

    id: str
    name: str
    kind: str = ADDITIVE
    columns: Mapping[tuple[str, str], Column] = field(default_factory=dict)
    span: tuple[int, int] | None = None
    weight: float = 1.0
    muted: bool = False
    made_by: str = ""

    def __post_init__(self):
        object.__setattr__(self, "columns", MappingProxyType(dict(self.columns)))

    @property
    def effective_weight(self) -> float:
        return 0.0 if self.muted else self.weight

    @property
    def joints(self) -> set[str]:
        return {joint for joint, _ in self.columns}
