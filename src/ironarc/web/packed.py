"""What the bench draws frame by frame, packed as floats in blocks that are known by their content: after an edit only
those that changed are sent, and undo sends nothing."""

from collections.abc import Callable
from dataclasses import dataclass
from hashlib import blake2b

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.early import Early
from ironarc.core.reading.forces import Forces, kept_frames, kept_up, read_forces
from ironarc.core.reading.marked import worn_at
from ironarc.core.reading.momentum import set_off
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.spin import read_spin_parts
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.shape import Shape

BLOCK = 256  # frames
DIGEST = 24  # letters
LEAST_BW, LEAST_PHANTOM_BW = 0.02, 0.25  # pushes smaller than this are not drawn
_KINDS = {"heel": 0, "ball": 0, "toe": 0, "tip": 0, "palm": 1}  # how a contact is marked; 2 for any other part
TRACKS = {"com": 3, "height": 1, "speed": 1, "acceleration": 1, "spin": 1}
PHYSICS = {
    "xcom": 2, "tips_s": 1, "holds_on": 1, "spin": 3, "inertia": 1, "doubt": 1, "phantom": 3, "margin": 1,
    "xcom_margin": 1, "grf": 1, "phantom_size": 1, "pace": 1, "hull": 1, "marks": 1, "pushes": 1,
}  # fmt: skip


@dataclass(frozen=True)
class Packed:
    """blocks : of BLOCK frames each, float32, little-endian; names : digests of them"""

    blocks: tuple[bytes, ...]
    names: tuple[str, ...]

    def sent(self, wanted: list[int] | None = None) -> bytes:
        """Some blocks, or all: each as its length in bytes (uint32), its name, and itself."""
        chosen = range(len(self.blocks)) if wanted is None else wanted
        if any(not 0 <= i < len(self.blocks) for i in chosen):
            raise EditError(f"There are {len(self.blocks)} blocks of frames; one beyond them was asked for.")
        return b"".join(
            len(self.blocks[i]).to_bytes(4, "little") + self.names[i].encode() + self.blocks[i] for i in chosen
        )


def packed_motion(reading: Reading | Early) -> Packed:
    """For each frame, for each joint: x, y, z (m), then w, x, y, z."""

    def block(a: int, b: int) -> bytes:
        poses = reading.poses
        return _floats(np.concatenate([poses.position[a:b], poses.rotation[a:b]], axis=-1))

    return _packed(reading, packed_motion, block)


def packed_tracks(reading: Reading | Early) -> Packed:
    """For each frame the values of TRACKS: m, cm over the floor's own level, m/s, g, kg·m²/s; and where the center of
    gravity would be, where it is set off."""

    def block(a: int, b: int) -> bytes:
        com = reading.com[a:b]
        rows = [
            com, (com[:, 1:2] - reading.floor_m) * 100, reading.com_velocity[a:b, 1:2],
            reading.com_acceleration[a:b, 1:2] / reading.g,
            np.linalg.norm(reading.angular_momentum[a:b], axis=1, keepdims=True),
        ]  # fmt: skip
        if reading.body.offset_m.any():
            rows.append(com - set_off(reading.poses, reading.body)[a:b])
        return _floats(np.concatenate(rows, axis=1))

    return _packed(reading, packed_tracks, block)


def packed_physics(reading: Reading) -> Packed:
    """For each frame the values of PHYSICS, the last three how many there are, and what each group of parts carries of
    the spin; then, frame by frame, corners of support areas (x, z), marks (x, y, z, kind) and pushes (part, place,
    force in body weights). NaN where there is no number."""
    forces = reading.ask(read_forces)
    lasts = forces.told & (kept_up(forces.size, kept_frames(reading.poses.dt)) > LEAST_PHANTOM_BW)
    return _packed(reading, packed_physics, lambda a, b: _physics(reading, forces, lasts, slice(a, b)))


def _physics(reading: Reading, forces: Forces, lasts: np.ndarray, at: slice) -> bytes:
    balance, spin = reading.ask(read_balance), reading.ask(read_spin_parts)
    # a hand that holds on may pull: where the plumb falls says nothing then
    free, told, L = ~balance.pulls[at], forces.told[at], reading.angular_momentum[at]
    size = np.maximum(np.linalg.norm(L, axis=1), 1e-9)
    along = np.einsum("fki,fi->fk", spin.carried[at], L / size[:, None])
    tips = np.where(free & np.isfinite(balance.tips_in_s[at]), balance.tips_in_s[at], np.nan)
    hull = balance.hull[at]
    corner = np.isfinite(hull).all(axis=(1, 2))[:, None] & free[:, None] & np.ones(hull.shape[1], dtype=bool)
    corner[:, 1:] &= np.abs(np.diff(hull, axis=1)).max(axis=2) > 1e-9
    marks, on = _marks(reading, at)
    pushes, pushed = _pushes(reading, forces, at)

    def where(mask: np.ndarray, values: np.ndarray) -> np.ndarray:
        return np.where(mask, values, np.nan)

    table = np.column_stack([
        balance.xcom[at], tips, balance.pulls[at], L, spin.inertia[at], reading.footing.doubt[at],
        where(lasts[at, None], forces.phantom[at]), where(free, balance.margin_m[at]) * 100,
        where(free, balance.xcom_margin_m[at]) * 100, where(told, np.linalg.norm(forces.grf[at], axis=1)),
        where(told, np.linalg.norm(forces.phantom[at], axis=1)), np.linalg.norm(reading.com_velocity[at], axis=1),
        corner.sum(axis=1), on.sum(axis=1), pushed.sum(axis=1), along,
    ])  # fmt: skip
    return _floats(table) + _floats(hull[corner]) + _floats(marks[on]) + _floats(pushes[pushed])


def _marks(reading: Reading, at: slice) -> tuple[np.ndarray, np.ndarray]:
    """(frames, points, 4) x, y, z and kind, and (frames, points) bool, which of them touch."""
    track = reading.traced.track
    kinds = np.array([_KINDS.get(p.point, 2) for p in track.skin.points], dtype=float)
    places = track.at[at]
    kind = np.broadcast_to(kinds[:, None], (*places.shape[:2], 1))
    return np.concatenate([places, kind], axis=2), reading.footing.on[at]


def _pushes(reading: Reading, forces: Forces, at: slice) -> tuple[np.ndarray, np.ndarray]:
    """(frames, groups, 7) the group, whence it presses, and the force in body weights; and which are worth drawing."""
    groups = parts_of(reading.traced.track.skin, reading.poses.rig.names)
    places, on, grf = reading.traced.track.at[at], reading.footing.on[at], forces.grf[at]
    out, drawn = np.zeros((len(places), len(groups), 7)), np.zeros((len(places), len(groups)), dtype=bool)
    for k, points in enumerate(groups.values()):
        if not on[:, points].any():
            continue
        weight = np.linalg.norm(forces.given[at][:, points], axis=-1) + 1e-6 * on[:, points]
        total = weight.sum(axis=1)
        push = forces.shares[at, k, None] * grf
        out[:, k, 0], out[:, k, 4:] = k, push
        out[:, k, 1:4] = (weight[..., None] * places[:, points]).sum(axis=1) / np.maximum(total, 1e-12)[:, None]
        drawn[:, k] = forces.told[at] & (total > 0) & (np.linalg.norm(push, axis=1) > LEAST_BW)
    return out, drawn


def packed_shape(shape: Shape) -> bytes:
    """How many points (uint32), then their places in the box of the prop's size (3 float32 each), and the triangles
    (3 uint32 each)."""
    points, triangles = shape.mesh
    return len(points).to_bytes(4, "little") + _floats(points) + triangles.astype("<u4").tobytes()


def packed_markers(markers: MarkerSet, poses: Poses) -> bytes:
    """For each frame x, y, z (m) of every marker, then, frame by frame too, of where the performer carries it. NaN
    where there is no such place."""
    return _floats(markers.at(poses.frames, poses.dt)) + _floats(worn_at(markers, poses))


def _floats(values: np.ndarray) -> bytes:
    return values.astype("<f4").tobytes()


def _packed(
    reading: Reading | Early, measure: Callable[..., Packed], block: Callable[[int, int], bytes]
) -> Packed:  # fmt: skip
    """Blocks of all frames; those that the edit before this reading did not reach are the ones there were."""
    n, before = len(reading.com), reading.before(measure)
    blocks, names = [], []
    for i, a in enumerate(range(0, n, BLOCK)):
        b = min(a + BLOCK, n)
        if before is not None and not any(x < b and y > a for x, y in reading.again.spans):
            blocks.append(before[1].blocks[i])
            names.append(before[1].names[i])
        else:
            blocks.append(block(a, b))
            names.append(blake2b(blocks[-1], digest_size=DIGEST // 2).hexdigest())
    return Packed(tuple(blocks), tuple(names))


EARLY_KINDS = {"motion": packed_motion, "tracks": packed_tracks}
KINDS = EARLY_KINDS | {"physics": packed_physics}
