"""Layers: a base with the motion as it came or was keyed, and layers on top that add to it or replace it."""

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from types import MappingProxyType

import numpy as np

from ironarc.core.columns import Column, Keys, Turns
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS, Rig

BROUGHT_IN, KEYED, CORRECTION, BAKED = "brought in", "keyed", "correction", "baked"
ROLES = (BROUGHT_IN, KEYED, CORRECTION, BAKED)
ADDS, REPLACES = "adds", "replaces"
LET_GO = "let_go"  # the correction that lets a body fall by itself
TURN = "turn"  # the channel of a joint's rotation keyed as one thing
CHANNELS = (*POSITION_CHANNELS, *ROTATION_CHANNELS, TURN)


def joined_id(performer_id: str, layer_id: str) -> str:
    """The id that layers of other performers have which came with a performer's layer."""
    return f"{performer_id}.{layer_id}"


@dataclass(frozen=True, eq=False)
class Layer:
    """A set of columns with a weight. Frames are the performer's own.

    id : unique within the performer
    role : "brought in", "keyed" by hand, "correction" or "baked"
    way : "adds" to what is below, or "replaces" it
    columns : {(joint name, channel): Column}; angles in radians, positions in the file's length unit. A joint's
        rotation is either one column, "turn", or its Euler channels as a file has them
    parts : names of the joints it reaches, () for all it has columns of
    span : first and last frame on which it acts, or None for all; ease_in, ease_out : frames of the span over
        which it comes and goes
    weight : 0 to 1; weight_keys : the share of it that counts, over frames, or None for all of it
    muted : whether it is left out
    made_by : name of the correction that made it, or ""; asked : what was asked of it, as `truing.again` writes it
    below : digest of what lay below it when it was made, by which a change there is known
    """

    id: str
    name: str
    role: str = CORRECTION
    way: str = ADDS
    columns: Mapping[tuple[str, str], Column] = field(default_factory=dict)
    parts: tuple[str, ...] = ()
    span: tuple[int, int] | None = None
    ease_in: int = 0
    ease_out: int = 0
    weight: float = 1.0
    weight_keys: Keys | None = None
    muted: bool = False
    made_by: str = ""
    asked: str = ""
    below: str = ""

    def __post_init__(self):
        object.__setattr__(self, "columns", MappingProxyType(dict(self.columns)))

    def checked(self, rig: Rig) -> "Layer":
        """Itself; EditError, with joint and channel, for what can't act on this rig."""
        if self.role not in ROLES or self.way not in (ADDS, REPLACES):
            raise EditError(f"{self.name}: a layer is {', '.join(ROLES)}, and adds or replaces.")
        if not (np.isfinite(self.weight) and 0.0 <= self.weight <= 1.0):
            raise EditError(f"A layer's weight lies between 0 and 100 %; {self.weight * 100:.0f} % was given.")
        keys = self.weight_keys
        if keys is not None and not (keys.values.min() >= 0.0 and keys.values.max() <= 1.0):
            raise EditError(f"{self.name}: the keys of its weight lie between 0 and 100 %.")
        if self.span is not None:
            first, last = self.span
            if last < first:
                raise EditError(f"{self.name} runs from its first to its last frame; {first} to {last} was given.")
            if min(self.ease_in, self.ease_out) < 0 or self.ease_in + self.ease_out > last - first + 1:
                raise EditError(
                    f"{self.name} acts on {last - first + 1} frames; coming over {self.ease_in} and going over "
                    f"{self.ease_out} leaves none between."
                )
        for part in self.parts:
            if part not in rig:
                raise EditError(f"{self.name} can't reach {part}: there is no joint of that name.")
        for (joint, channel), column in self.columns.items():
            self._check_column(rig, joint, channel, column)
        return self

    def _check_column(self, rig: Rig, joint: str, channel: str, column: Column) -> None:
        if joint not in rig:
            raise EditError(f"{self.name} moves {joint}, and there is no joint of that name.")
        if channel not in CHANNELS:
            raise EditError(f"{joint} has no channel called {channel}; there are {', '.join(CHANNELS)}.")
        if (channel == TURN) != isinstance(column, Turns):
            raise EditError(f"{joint} {channel}: rotations are keyed as a turn, everything else as numbers.")
        if channel == TURN and any((joint, c) in self.columns for c in ROTATION_CHANNELS):
            raise EditError(f"{joint} is keyed both as one rotation and by its channels; it can only be one.")
        if channel == TURN and column.order != rig.joints[rig.index(joint)].order:
            raise EditError(
                f"{joint} turns in the order {rig.joints[rig.index(joint)].order}; keys in the order "
                f"{column.order} were given."
            )

    @property
    def joints(self) -> set[str]:
        """Names of the joints it moves."""
        return {joint for joint, _ in self.columns if not self.parts or joint in self.parts}

    @property
    def acts(self) -> bool:
        return not self.muted and self.weight > 0.0

    def counts(self, own: np.ndarray) -> np.ndarray:
        """(frames,) 0 to 1: how much of it counts on own frames (frames,), whole or not."""
        if self.muted:
            return np.zeros(len(own))
        out = np.full(len(own), float(self.weight))
        if self.weight_keys is not None:
            out *= np.clip(self.weight_keys.sample(own), 0.0, 1.0)  # slopes by hand may lead over its keys
        if self.span is not None:
            out *= span_share(own, *self.span, self.ease_in, self.ease_out)
        return out

    def reach(self) -> tuple[int, int] | None:
        """First and last own frame that its span or, without one, its keys reach; None for a layer with neither."""
        if self.span is not None:
            return self.span
        frames = [column.key_frames for column in self.columns.values()]
        if not frames:
            return None
        return int(np.floor(min(f[0] for f in frames))), int(np.ceil(max(f[-1] for f in frames)))

    def with_columns(self, changes: Mapping[tuple[str, str], Column | None]) -> "Layer":
        """With some columns put in, in place of those there, or taken away for None."""
        columns = dict(self.columns) | changes
        return replace(self, columns={key: column for key, column in columns.items() if column is not None})


def span_share(own: np.ndarray, first: float, last: float, ease_in: float, ease_out: float) -> np.ndarray:
    """(frames,) 0 to 1 over a span: nothing on the frame before it and the frame after it, whole between its eases.

    Passed by t² (3 - 2t) from either end; with no ease, all of it lies between two frames.
    """
    t_in = np.clip((own - first + 1) / (ease_in + 1), 0.0, 1.0)
    t_out = np.clip((last + 1 - own) / (ease_out + 1), 0.0, 1.0)
    t = np.minimum(t_in, t_out)
    return t * t * (3 - 2 * t)
