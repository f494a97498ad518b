"""A layer laid out for a rig, so that all its joints are sampled together."""

from functools import cached_property
from weakref import WeakKeyDictionary

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense, Turns
from ironarc.core.columns.dense import DenseTable
from ironarc.core.columns.keys import KeyBatch
from ironarc.core.columns.turns import CHANNELS
from ironarc.core.figure.rig import POSITION_CHANNELS, Rig
from ironarc.core.motion.layers import TURN, Layer

# Below it no rotation winds: angles written within ±180° come near half a turn before they leap back
MAY_WIND = np.pi / 2


class Tracks:
    """The columns of one layer on one rig.

    turning : (turning,) joints it turns; moving : (moving,) joints it moves
    moves : (moving, 3) bool, the axes along which it moves each
    """

    def __init__(self, layer: Layer, rig: Rig):
        # the columns, not the layer: what is kept for a layer must not keep it alive
        self.rig, self._columns = rig, layer.columns
        reached = [rig.index(name) for name in layer.joints if name in rig]
        names, columns = rig.names, layer.columns
        self.turning = np.array(
            sorted(
                j
                for j in reached
                if any((names[j], c) in columns for c in (TURN, *rig.joints[j].rotation_channels))
            ),
            dtype=int,
        )  # fmt: skip
        self.moving = np.array(
            sorted(j for j in reached if any((names[j], c) in columns for c in POSITION_CHANNELS)), dtype=int
        )
        self.moves = np.array(
            [[(names[j], c) in columns for c in POSITION_CHANNELS] for j in self.moving], dtype=bool
        ).reshape(-1, 3)
        self._orders = [rig.joints[j].order for j in self.turning]
        self._sort()

    def _sort(self) -> None:
        """Sets columns apart by how they are sampled: numbers by (slot, axis), rotations on the sphere by slot."""
        angles, spheres, dense_slots = [], {}, []
        for slot, j in enumerate(self.turning):
            whole = self._columns.get((self.rig.names[j], TURN))
            if isinstance(whole, Turns):
                if whole.eased == CHANNELS:
                    angles += [((slot, axis), keys) for axis, keys in enumerate(whole.channels)]
                else:
                    spheres[slot] = whole
                continue
            own = [self._columns.get((self.rig.names[j], c)) for c in self.rig.joints[j].rotation_channels]
            angles += [((slot, axis), column) for axis, column in enumerate(own) if column is not None]
            if all(isinstance(column, Dense) for column in own if column is not None):
                dense_slots.append(slot)
        places = [
            ((slot, axis), self._columns[self.rig.names[j], channel])
            for slot, j in enumerate(self.moving)
            for axis, channel in enumerate(POSITION_CHANNELS)
            if (self.rig.names[j], channel) in self._columns
        ]
        self._angles, self._places = _Numbers(angles), _Numbers(places)
        self._spheres, self._dense = spheres, np.array(dense_slots, dtype=int)
        self._others = np.array(
            [s for s in range(len(self.turning)) if s not in dense_slots and s not in spheres], dtype=int
        )
        self._euler = rotation.EulerOrders([self._orders[s] for s in self._others])

    def angles(self, at: np.ndarray) -> np.ndarray:
        """(frames, turning, 3) rad, each joint's Euler angles in its own order, as the columns have them."""
        out = self._angles.sample(at, (len(at), len(self.turning), 3))
        for slot, column in self._spheres.items():
            out[:, slot] = column.sample_angles(at)
        between = at != np.rint(at)
        if between.any() and len(self._dense):
            near = out[between][:, self._dense]
            q = self._dense_table.sample(at[between])
            for i, slot in enumerate(self._dense):
                follow = rotation.follow_euler(rotation.to_euler(self._orders[slot], q[:, i]), near[:, i])
                out[between, slot] = follow
        return out

    def rotations(self, at: np.ndarray) -> np.ndarray:
        """(frames, turning, 4) unit quaternions, of one sign along time wherever the columns are continuous.

        Motion that was brought in is sampled between its frames as rotations, not as angles, which may leap.
        """
        out = np.empty((len(at), len(self.turning), 4))
        if len(self._dense):
            q = self._dense_table.sample(at)
            if (at != np.rint(at)).any():
                q /= np.linalg.norm(q, axis=-1, keepdims=True)
            if len(self._dense) == len(self.turning):
                return q
            out[:, self._dense] = q
        if len(self._others):
            angles = self._angles.sample(at, (len(at), len(self.turning), 3))
            if len(self._others) == len(self.turning):
                return self._euler.quaternions(angles)
            out[:, self._others] = self._euler.quaternions(angles[:, self._others])
        for slot, column in self._spheres.items():
            out[:, slot] = column.sample(at)
        return out

    @cached_property
    def _dense_table(self) -> DenseTable:
        """Rotations of the joints that have a value on every frame, from the earliest of them on."""
        groups = [table for table, _, _ in self._angles.tables]
        first = min(table.first for table in groups)
        last = max(table.first + len(table.values) - 1 for table in groups)
        angles = self._angles.sample(np.arange(first, last + 1.0), (last - first + 1, len(self.turning), 3))
        q = rotation.EulerOrders([self._orders[s] for s in self._dense]).quaternions(angles[:, self._dense])
        like = groups[0]
        return DenseTable(first, rotation.continuous(q), like.before, like.after)

    def places(self, at: np.ndarray) -> np.ndarray:
        """(frames, moving, 3) file units; zero along axes it does not move."""
        return self._places.sample(at, (len(at), len(self.moving), 3))

    def shares(self, at: np.ndarray, weight: np.ndarray) -> np.ndarray:
        """(frames, turning, 4): the part weight (frames,) of each rotation, along the sphere from no rotation.

        A turn beyond 180° is taken as far round as the column has wound up to there, so that a part of it goes
        on as the whole does.
        """
        q = self.rotations(at)
        if not self.may_wind:
            return rotation.share(q, weight[:, None])
        table, first = self._wound
        near = np.clip(np.rint(at).astype(int) - first, 0, len(table) - 1)
        return rotation.exp(unwound(rotation.log(q), table[near]) * weight[:, None, None])

    @cached_property
    def _extent(self) -> tuple[int, int]:
        frames = [column.key_frames for column in self._columns.values()]
        return int(np.floor(min(f[0] for f in frames))), int(np.ceil(max(f[-1] for f in frames)))

    @cached_property
    def may_wind(self) -> bool:
        """Whether any rotation can come past half a turn: none is larger than its three angles together."""
        if not len(self.turning):
            return False
        first, last = self._extent
        return bool((np.abs(self.angles(np.arange(first, last + 1.0))).sum(axis=-1) >= MAY_WIND).any())

    @cached_property
    def _wound(self) -> tuple[np.ndarray, int]:
        """Rotation vectors (frames, turning, 3) on every own frame, each the one nearest to the one before it."""
        first, last = self._extent
        turns = rotation.log(self.rotations(np.arange(first, last + 1.0)))
        for i in range(1, len(turns)):
            turns[i] = unwound(turns[i], turns[i - 1])
        return turns, first


class _Numbers:
    """Columns of plain numbers, each with the place its values go to."""

    def __init__(self, columns: list):
        self._keyed = [(place, column) for place, column in columns if not isinstance(column, Dense)]
        self._batch = KeyBatch([column for _, column in self._keyed])
        self._to = tuple(np.array([place for place, _ in self._keyed], dtype=int).reshape(-1, 2).T)
        groups: dict[tuple, list] = {}
        for place, column in columns:
            if isinstance(column, Dense):
                key = (column.first, len(column.values), column.before, column.after)
                groups.setdefault(key, []).append((place, column))
        self.tables = [
            (
                DenseTable(first, np.column_stack([column.values for _, column in members]), before, after),
                *np.array([place for place, _ in members], dtype=int).T,
            )
            for (first, _, before, after), members in groups.items()
        ]

    def sample(self, at: np.ndarray, shape: tuple[int, int, int]) -> np.ndarray:
        """Zeros of `shape` with every column's values (frames,) at `at` put in its place."""
        out = np.zeros(shape)
        if self._keyed:
            out[:, *self._to] = self._batch.sample(at)
        for table, slots, axes in self.tables:
            out[:, slots, axes] = table.sample(at)
        return out


def unwound(turns: np.ndarray, near: np.ndarray) -> np.ndarray:
    """Rotation vectors (..., 3) of the same rotations, whole turns added so that each lies nearest to `near`."""
    angle = np.linalg.norm(turns, axis=-1, keepdims=True)
    axis = turns / np.maximum(angle, 1e-12)
    along = (near * axis).sum(axis=-1, keepdims=True)
    whole = 2 * np.pi * np.rint((along - angle) / (2 * np.pi))
    # no rotation at all has no axis to wind about: it winds about the one before it
    size = np.linalg.norm(near, axis=-1, keepdims=True)
    still = near / np.maximum(size, 1e-12) * 2 * np.pi * np.rint(size / (2 * np.pi))
    return np.where(angle > 1e-9, turns + axis * whole, turns + still)


_KEPT: WeakKeyDictionary[Layer, Tracks] = WeakKeyDictionary()


def tracks_of(layer: Layer, rig: Rig) -> Tracks:
    """The layer laid out for the rig; kept for as long as the layer is."""
    kept = _KEPT.get(layer)
    if kept is None or kept.rig is not rig:
        # two threads may both lay it out: the later one stays
        kept = _KEPT[layer] = Tracks(layer, rig)
    return kept
