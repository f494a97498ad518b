"""A motion as another program wants it: layers, unit, axis that points up, rate, floor, and names of joints."""

from dataclasses import dataclass, replace
from fractions import Fraction

import numpy as np
from scipy.interpolate import PchipInterpolator

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS, EndSite, Rig
from ironarc.core.figure.units import UNITS
from ironarc.core.formats.gltf_writing import poses_of

AS_IT_CAME = "as it came"
WRITTEN_IN = {AS_IT_CAME: 0.0} | UNITS
Y_UP, Z_UP = "y", "z"
ALL_LAYERS, NO_CORRECTIONS, AS_BROUGHT_IN = "all layers", "without corrections", "base only"
LAYERS = (ALL_LAYERS, NO_CORRECTIONS, AS_BROUGHT_IN)
PREFIX = ":"  # after what stands before a joint's own name
_PLACES = {"tx": ("tx", 1.0), "ty": ("tz", 1.0), "tz": ("ty", -1.0)}
_TURNS = {"rx": ("rx", 1.0), "ry": ("rz", 1.0), "rz": ("ry", -1.0)}


@dataclass(frozen=True)
class Delivery:
    """What a file is to be like.

    unit : of WRITTEN_IN; up : "y" or "z"; rate : frames a second, None for the shot's; layers : of LAYERS
    floor_at_0 : moved up or down so that the floor is at height 0; bare_names : joint names without their prefixes,
        which end in a colon
    """

    unit: str = AS_IT_CAME
    up: str = Y_UP
    rate: Fraction | None = None
    layers: str = ALL_LAYERS
    floor_at_0: bool = False
    bare_names: bool = False

    def checked(self) -> "Delivery":
        """Itself; EditError for what there isn't."""
        if self.unit not in WRITTEN_IN:
            raise EditError(f"A unit is one of {', '.join(WRITTEN_IN)}; {self.unit[:20]!r} was given.")
        if self.up not in (Y_UP, Z_UP):
            raise EditError(f"Up is y or z; {self.up[:20]!r} was given.")
        if self.layers not in LAYERS:
            raise EditError(f"Layers are one of {', '.join(LAYERS)}; {self.layers[:30]!r} was given.")
        return self


def lowered(rig: Rig, rows: np.ndarray, by: float) -> np.ndarray:
    """Channels of a body that stands so much lower, in the rig's unit. EditError for a root that can't be moved."""
    columns = {key: i for i, key in enumerate(rig.file_columns)}
    out = rows.copy()
    for root in rig.roots:
        if (root, "ty") not in columns:
            raise EditError(
                f"{rig.joints[root].name} has no channel for its height, so the floor can't be brought to 0."
            )
        out[:, columns[root, "ty"]] -= by
    return out


def bare(rig: Rig) -> Rig:
    """The rig with prefixes dropped from its joints' names; as it was where two names would then be alike."""
    names = [name.rsplit(PREFIX, 1)[-1] or name for name in rig.names]
    if len(set(names)) < len(names):
        return rig
    return replace(rig, joints=tuple(replace(j, name=name) for j, name in zip(rig.joints, names, strict=True)))


def resampled(rig: Rig, rows: np.ndarray, own: Fraction, wanted: Fraction) -> np.ndarray:
    """Channels (frames, channels), in file order and degrees, at another rate, over the same seconds.

    Turns go between frames as turns (as quaternions, brought back to length one), places as places; both by curves
    that are smooth and never go beyond the frames on either side, so that what stands still does (Fritsch and Carlson
    1980). A frame of both rates is the very same in each.
    """
    if own == wanted or len(rows) < 2:
        return rows
    count = int((len(rows) - 1) * wanted / own) + 1
    at = np.array([float(i * own / wanted) for i in range(count)])
    local, _ = poses_of(rig, rows)
    out = np.empty((count, rows.shape[1]))
    column = 0
    for j, joint in enumerate(rig.joints):
        turns = PchipInterpolator(np.arange(len(rows)), rotation.continuous(local[:, j]))(at)
        turns /= np.linalg.norm(turns, axis=1, keepdims=True)
        mine = rows[:, column : column + len(joint.channels)]
        near = np.radians(_angles(joint, mine)[np.minimum(np.round(at).astype(int), len(rows) - 1)])
        angles = np.degrees(rotation.follow_euler(rotation.to_euler(joint.order, turns), near))
        for channel in joint.channels:
            if channel in POSITION_CHANNELS:
                out[:, column] = PchipInterpolator(np.arange(len(rows)), rows[:, column])(at)
            else:
                out[:, column] = angles[:, joint.rotation_channels.index(channel)]
            column += 1
    whole = np.abs(at - np.round(at)) < 1e-9
    out[whole] = rows[np.round(at[whole]).astype(int)]
    return out


def _angles(joint, rows: np.ndarray) -> np.ndarray:
    """(frames, 3) degrees in the joint's order."""
    own = dict(zip(joint.channels, rows.T, strict=True))
    return np.stack([own.get(c, np.zeros(len(rows))) for c in joint.rotation_channels], axis=1)


def in_unit(rig: Rig, rows: np.ndarray, times: float) -> tuple[Rig, np.ndarray]:
    """With all lengths so many times as large in numbers."""
    sized = replace(
        rig,
        joints=tuple(replace(j, offset=tuple(v * times for v in j.offset)) for j in rig.joints),
        ends=tuple(replace(e, offset=tuple(v * times for v in e.offset)) for e in rig.ends),
    )
    return sized, rows * np.array([times if channel in POSITION_CHANNELS else 1.0 for _, channel in rig.file_columns])


def z_up(rig: Rig, rows: np.ndarray) -> tuple[Rig, np.ndarray]:
    """With z up: every place (x, y, z) goes to (x, −z, y), and each axis is called anew."""
    names = _PLACES | _TURNS

    def turned(offset: tuple[float, float, float]) -> tuple[float, float, float]:
        x, y, z = offset
        return (x, -z, y)

    joints, columns, at = [], [], 0
    for joint in rig.joints:
        joints.append(replace(joint, offset=turned(joint.offset), channels=tuple(names[c][0] for c in joint.channels)))
        for channel in joint.channels:
            columns.append(rows[:, at] * names[channel][1])
            at += 1
    ends = tuple(EndSite(e.parent, turned(e.offset), e.after) for e in rig.ends)
    return Rig(tuple(joints), ends), np.column_stack(columns)
