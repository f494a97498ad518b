"""A rig: joints in depth-first order, their rest offsets and channels, and forward kinematics."""

from dataclasses import dataclass, field
from functools import cached_property

import numpy as np

from ironarc.core import rotation
from ironarc.core.rows import MANY, blocks

POSITION_CHANNELS = ("tx", "ty", "tz")
ROTATION_CHANNELS = ("rx", "ry", "rz")


@dataclass(frozen=True)
class Joint:
    """One joint of a rig.

    offset : (3,) from the parent in rest, in the file's own length unit
    channels : the joint's channels ("tx" … "rz") in file order
    position : how position channels act: "replaces" the offset or "adds" to it
    """

    name: str
    parent: int
    offset: tuple[float, float, float]
    channels: tuple[str, ...] = ()
    position: str = "replaces"

    @property
    def order(self) -> str:
        """Euler order over all three axes; axes with no channel come last and stay at zero."""
        present = "".join(c[1].upper() for c in self.channels if c in ROTATION_CHANNELS)
        return present + "".join(axis for axis in rotation.AXES if axis not in present)

    @property
    def rotation_channels(self) -> tuple[str, str, str]:
        """Channel names in Euler order, also those the file does not have."""
        return tuple("r" + axis.lower() for axis in self.order)

    @property
    def has_position(self) -> bool:
        return any(c in POSITION_CHANNELS for c in self.channels)


@dataclass(frozen=True)
class EndSite:
    """A point that ends a chain. `after` is how many child joints of its parent stand before it."""

    parent: int
    offset: tuple[float, float, float]
    after: int = 0


@dataclass(frozen=True)
class Rig:
    """Joints (parents always before children) and end sites, in the file's own length unit."""

    joints: tuple[Joint, ...]
    ends: tuple[EndSite, ...] = ()
    _index: dict = field(init=False, repr=False, compare=False)

    def __post_init__(self):
        object.__setattr__(self, "_index", {joint.name: i for i, joint in enumerate(self.joints)})

    def __len__(self) -> int:
        return len(self.joints)

    def index(self, name: str) -> int:
        """Index of the joint called `name`; KeyError when there is none."""
        return self._index[name]

    def __contains__(self, name: str) -> bool:
        return name in self._index

    @cached_property
    def names(self) -> tuple[str, ...]:
        return tuple(joint.name for joint in self.joints)

    @cached_property
    def file_columns(self) -> tuple[tuple[int, str], ...]:
        """(joint, channel) of every channel, in the order a file has them in."""
        return tuple((j, channel) for j, joint in enumerate(self.joints) for channel in joint.channels)

    @cached_property
    def parents(self) -> np.ndarray:
        """(joints,) int; -1 for a root."""
        return np.array([joint.parent for joint in self.joints], dtype=int)

    @cached_property
    def offsets(self) -> np.ndarray:
        """(joints, 3) rest offsets from the parent, file units."""
        return np.array([joint.offset for joint in self.joints], dtype=float)

    @cached_property
    def roots(self) -> tuple[int, ...]:
        return tuple(int(i) for i in np.flatnonzero(self.parents < 0))

    @cached_property
    def children(self) -> tuple[tuple[int, ...], ...]:
        below: list[list[int]] = [[] for _ in self.joints]
        for i, joint in enumerate(self.joints):
            if joint.parent >= 0:
                below[joint.parent].append(i)
        return tuple(tuple(b) for b in below)

    @cached_property
    def levels(self) -> tuple[np.ndarray, ...]:
        """Joint indices by depth, roots first, so that kinematics can work on a whole level at once."""
        depth = np.zeros(len(self), dtype=int)
        for i, joint in enumerate(self.joints):
            depth[i] = 0 if joint.parent < 0 else depth[joint.parent] + 1
        return tuple(np.flatnonzero(depth == d) for d in range(depth.max() + 1))

    @cached_property
    def rest_positions(self) -> np.ndarray:
        """(joints, 3) joint positions with every rotation at zero and roots at their offset, file units."""
        out = self.offsets.copy()
        for i, joint in enumerate(self.joints):
            if joint.parent >= 0:
                out[i] += out[joint.parent]
        return out

    @cached_property
    def span(self) -> float:
        """How far joints and ends lie apart at most along one axis, every rotation at zero; file units."""
        ends = [self.rest_positions[end.parent] + np.array(end.offset) for end in self.ends]
        return float(np.ptp(np.vstack([self.rest_positions, *ends]), axis=0).max())


def forward(rig: Rig, local: np.ndarray, translation: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """World rotations and positions of every joint.

    local : (frames, joints, 4) unit quaternions, joint from parent
    translation : (frames, joints, 3) m, joint origin in its parent's axes
    Returns (frames, joints, 4) and (frames, joints, 3) m, world.
    """
    world = np.empty_like(local)
    position = np.empty_like(translation)
    for a, b in blocks(len(local), MANY):
        _forward(rig, local[a:b], translation[a:b], world[a:b], position[a:b])
    return world, position


def _forward(
    rig: Rig, local: np.ndarray, translation: np.ndarray, world: np.ndarray, position: np.ndarray
) -> None:  # fmt: skip
    for depth, joints in enumerate(rig.levels):
        if depth == 0:
            world[:, joints] = local[:, joints]
            position[:, joints] = translation[:, joints]
            continue
        above = rig.parents[joints]
        parent_rotation = world[:, above]
        world[:, joints] = rotation.multiply(parent_rotation, local[:, joints])
        position[:, joints] = position[:, above] + rotation.rotate(parent_rotation, translation[:, joints])
