"""Keying a jump from poses: extremes for the body, planted feet, and a path for the center of gravity.

The poses are keyed where they are given. The leg over a planted foot is solved and keyed on ones, so that the
foot stays put; the root's place follows from the path, and is keyed on twos (on ones in
the air) with the slopes it has there.
"""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from itertools import pairwise

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.keys import BROKEN, BY_HAND, FREE, Keys, smooth_keys
from ironarc.core.document import Performer, Shot
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import CrewMember, rig_of
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.evaluate import evaluate
from ironarc.core.motion.layers import KEYED, REPLACES, Layer
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.one_turn import as_turns
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.momentum import body_centres, momentum, whole_com, whole_inertia
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Timing

CM = 0.01
SIDES = {"l": ("Left", 1.0), "r": ("Right", -1.0)}
ROUNDS = 12


def _dials() -> dict[str, list[tuple[str, str, float]]]:
    """What a pose can set: dial -> [(joint, channel, share)]; a dial is in degrees."""
    dials = {
        "lean": [("Hips", "rx", 1.0)],
        "turn": [("Hips", "ry", 1.0)],
        "roll": [("Hips", "rz", 1.0)],
        "bend": [("Spine", "rx", 0.3), ("Chest", "rx", 0.4), ("UpperChest", "rx", 0.3)],
        "twist": [("Spine", "ry", 0.25), ("Chest", "ry", 0.4), ("UpperChest", "ry", 0.35)],
        "tilt": [("Spine", "rz", 0.35), ("Chest", "rz", 0.35), ("UpperChest", "rz", 0.3)],
        "nod": [("Neck", "rx", 0.45), ("Head", "rx", 0.55)],
        "look": [("Neck", "ry", 0.4), ("Head", "ry", 0.6)],
    }
    for mark, (side, sign) in SIDES.items():
        dials |= {
            f"shrug_{mark}": [(f"{side}Collar", "rz", sign)],
            f"reach_{mark}": [(f"{side}Arm", "rx", -1.0)],
            f"spread_{mark}": [(f"{side}Arm", "rz", sign)],
            f"swing_{mark}": [(f"{side}Arm", "ry", sign)],
            f"elbow_{mark}": [(f"{side}ForeArm", "rx", -1.0)],
            f"wrist_{mark}": [(f"{side}Hand", "rx", -1.0)],
            f"hip_{mark}": [(f"{side}UpLeg", "rx", -1.0)],
            f"straddle_{mark}": [(f"{side}UpLeg", "rz", sign)],
            f"knee_{mark}": [(f"{side}Leg", "rx", 1.0)],
            f"point_{mark}": [(f"{side}Foot", "rx", 1.0)],
            f"toe_{mark}": [(f"{side}Toe", "rx", 1.0)],
        }
    return dials


DIALS = _dials()


@dataclass(frozen=True)
class Plant:
    """A foot on the ground from one frame to another.

    side : "l" or "r"; at : (x, z) cm of the ball of the foot, or two such pairs between which it slides
    lift : {frame: degrees} of heel lift, the toes staying flat; turn : degrees the foot points outward; up : cm
    that the ground lies up there
    """

    side: str
    start: int
    end: int
    at: tuple
    lift: Mapping[int, float] = None
    turn: float = 6.0
    up: float = 0.0


@dataclass(frozen=True)
class Stay:
    """A point the center of gravity passes: frame, (x, y, z) cm; at rest there unless `moving` (cm/frame)."""

    frame: int
    at: tuple[float, float, float]
    moving: tuple[float, float, float] = (0.0, 0.0, 0.0)


@dataclass(frozen=True)
class Leap:
    """A ballistic stretch from the last frame of contact to the first after it, under a share of gravity.

    steady : whether the body's lean is solved so that its forward spin stays the same in the air; the keyed
        lean at both ends is kept
    """

    start: int
    end: int
    from_at: tuple[float, float, float]
    to_at: tuple[float, float, float]
    gravity: float = 1.0
    steady: bool = True


@dataclass(frozen=True)
class Score:
    """Everything a shot is keyed from. poses : {frame: {dial: degrees}}; path : Stay and Leap in order."""

    name: str
    member: CrewMember
    fps: float
    frames: int
    poses: Mapping[int, Mapping[str, float]]
    plants: tuple[Plant, ...]
    path: tuple[Stay | Leap, ...]
    g: float = 9.81


def com_path(score: Score) -> np.ndarray:
    """(frames, 3) cm: arcs on the leaps, cubic curves with their speeds between them."""
    at = np.arange(1, score.frames + 1, dtype=float)
    out = np.zeros((score.frames, 3))
    nodes = []
    fall = np.array([0.0, -score.g / CM / score.fps**2, 0.0])  # cm per frame²
    for step in score.path:
        if isinstance(step, Stay):
            nodes.append((step.frame, np.array(step.at), np.array(step.moving)))
            continue
        n, a, b = step.end - step.start, np.array(step.from_at), np.array(step.to_at)
        v0 = (b - a) / n - fall * step.gravity * n / 2
        nodes += [(step.start, a, v0), (step.end, b, v0 + fall * step.gravity * n)]
    for (f0, p0, v0), (f1, p1, v1) in pairwise(nodes):
        on = (at >= f0) & (at <= f1)
        t, n = ((at[on] - f0) / (f1 - f0))[:, None], f1 - f0
        s = t * t * (3 - 2 * t)
        out[on] = p0 + (p1 - p0) * s + v0 * n * t * (1 - t) ** 2 - v1 * n * t * t * (1 - t)
    for step in score.path:
        if isinstance(step, Leap):
            t = np.arange(step.end - step.start + 1)[:, None]
            a, b, n = np.array(step.from_at), np.array(step.to_at), step.end - step.start
            v0 = (b - a) / n - fall * step.gravity * n / 2
            out[step.start - 1 : step.end] = a + v0 * t + fall * step.gravity * t * t / 2
    return out


def key_shot(score: Score) -> Shot:
    """The shot as keys on one base layer."""
    maker = _Keying(score)
    columns = maker.solve()
    base = Layer("base", "Keys", KEYED, REPLACES, as_turns(columns, maker.rig))
    m = score.member
    performer = Performer(m.name, maker.rig, (base,), CM, False, m.weighing)
    return Shot(score.name, (performer,), 1.0 / score.fps, 1, score.frames, score.g, floor_m=0.0)


class _Keying:
    """Solves root and legs frame by frame, then keys what it found."""

    def __init__(self, score: Score):
        self.score = score
        self.rig = rig_of(score.member)
        self.body = weigh(self.rig, CM, score.member.weighing)
        self.frames = np.arange(1, score.frames + 1)
        self.path = com_path(score)
        self.rest = self.rig.rest_positions
        self.posed = self._pose_columns()

    def _pose_columns(self) -> dict[tuple[str, str], Keys]:
        given: dict[tuple[str, str], dict[int, float]] = {}
        for frame, pose in sorted(self.score.poses.items()):
            for dial, degrees in pose.items():
                for joint, channel, share in DIALS[dial]:
                    keys = given.setdefault((joint, channel), {})
                    keys[frame] = keys.get(frame, 0.0) + np.radians(degrees * share)
        return {where: smooth_keys(list(keys), list(keys.values())) for where, keys in given.items()}

    def solve(self) -> dict[tuple[str, str], Keys]:
        root = self.path.copy()
        columns = self._columns(root)
        for _ in range(ROUNDS):
            poses = poses_of_columns(self.rig, columns, self.frames, 1 / self.score.fps)
            com = whole_com(body_centres(poses, self.body), self.body) / CM
            root = root + (self.path - com)
            for leap in (s for s in self.score.path if isinstance(s, Leap) and s.steady):
                self._steady_lean(leap, poses)
            columns = self._columns(root)
        return columns

    def _steady_lean(self, leap: Leap, poses: Poses) -> None:
        """Turns the hips over a leap so that the angular momentum about the side-to-side axis is constant.

        Turning the whole body by δ(t) adds I δ' to L; with δ' = (L0 - L) / I and L0 = ∫(L / I) / ∫(1 / I),
        δ comes back to zero at landing.
        """
        on = slice(leap.start - 1, leap.end)
        part = replace(
            poses, **{k: getattr(poses, k)[on] for k in ("frames", "local", "translation", "rotation", "position")}
        )
        centres = body_centres(part, self.body)
        com = whole_com(centres, self.body)
        L = momentum(part, self.body, centres, com, []).angular_momentum[:, 0]
        about = whole_inertia(part, self.body, centres, com, slice(None))[:, 0, 0]
        rate = L / about
        extra = (rate.mean() / (1 / about).mean()) / about - rate
        between = (extra[1:] + extra[:-1]) / 2 * part.dt
        turn = np.concatenate([[0.0], np.cumsum(between)])
        turn -= np.linspace(0.0, turn[-1], len(turn))
        self._key_lean(leap, turn)

    def _key_lean(self, leap: Leap, turn: np.ndarray) -> None:
        """Adds `turn` (rad) on the frames of a leap to the hips' lean, keyed there on ones."""
        keys = self.posed["Hips", "rx"]
        at = np.arange(leap.start, leap.end + 1)
        outside = (keys.frames < leap.start) | (keys.frames > leap.end)
        frames = np.concatenate([keys.frames[outside], at])
        values = np.concatenate([keys.values[outside], keys.sample(at) + turn])
        order = np.argsort(frames)
        self.posed["Hips", "rx"] = smooth_keys(frames[order], values[order])

    def _columns(self, root: np.ndarray) -> dict[tuple[str, str], Keys]:
        """All columns for a root path (frames, 3) cm: poses as given, root on twos, planted legs on ones."""
        columns = dict(self.posed)
        for axis, channel in enumerate(("tx", "ty", "tz")):
            columns["Hips", channel] = self._on_twos(root[:, axis], self._beats())
        turn = self._root_rotation()
        for mark, (side, _) in SIDES.items():
            legs = {joint: {} for joint in ("UpLeg", "Leg", "Foot", "Toe")}
            for plant in (p for p in self.score.plants if p.side == mark):
                frames = np.arange(plant.start, plant.end + 1)
                solved = self._planted_leg(plant, frames, root[frames - 1], turn[frames - 1])
                # angles are followed from the end that a pose in the air is next to, which lies near none: of two
                # ways to say one rotation the far one would twist the thigh half round on the way there
                back = plant.start == 1
                for joint, angles in solved.items():
                    near = np.zeros(3)
                    for i in range(len(frames))[::-1] if back else range(len(frames)):
                        near = rotation.follow_euler(angles[i][None], near[None])[0]
                        legs[joint][int(frames[i])] = near
            for joint, solved in legs.items():
                self._key_leg(columns, side + joint, solved)
        return columns

    def _root_rotation(self) -> np.ndarray:
        angles = np.zeros((len(self.frames), 3))
        joint = self.rig.joints[0]
        for i, channel in enumerate(joint.rotation_channels):
            if ("Hips", channel) in self.posed:
                angles[:, i] = self.posed["Hips", channel].sample(self.frames)
        return rotation.from_euler(joint.order, angles)

    def _beats(self) -> list[int]:
        """Frames keyed for the root: on twos, and on ones over a leap, where the hips swing about the path."""
        leaps = [f for s in self.score.path if isinstance(s, Leap) for f in range(s.start, s.end + 1)]
        return sorted({*range(1, self.score.frames + 1, 2), self.score.frames, *leaps})

    def _on_twos(self, values: np.ndarray, beats: list[int]) -> Keys:
        """Keys of a solved curve with its own slopes, broken where a leap begins or ends."""
        edges = {f for s in self.score.path if isinstance(s, Leap) for f in (s.start, s.end)}
        slopes_in, slopes_out = [], []
        for f in beats:
            i = f - 1
            before = _slope(values, i, -1)
            after = _slope(values, i, 1)
            smooth = (values[min(i + 1, len(values) - 1)] - values[max(i - 1, 0)]) / 2
            slopes_in.append(before if f in edges or i == len(values) - 1 else smooth)
            slopes_out.append(after if f in edges or i == 0 else smooth)
        at = np.array(beats) - 1
        n = len(beats)
        return Keys(beats, values[at], slopes_in, slopes_out, np.full(n, FREE), np.full(n, BROKEN))

    def _planted_leg(self, plant: Plant, frames: np.ndarray, root: np.ndarray, turn: np.ndarray) -> dict:
        """Angles (frames, 3) rad by joint that put the ball of a planted foot where it belongs; root (frames, 3) cm,
        turn (frames, 4)."""
        side, sign = SIDES[plant.side]
        index = {joint: self.rig.index(side + joint) for joint in ("UpLeg", "Leg", "Foot", "Toe")}
        lift = np.zeros(len(frames))
        if plant.lift:
            curve = smooth_keys(sorted(plant.lift), [plant.lift[f] for f in sorted(plant.lift)])
            lift = np.radians(curve.sample(frames.astype(float)))
        outward = rotation.about_axis("Y", np.radians(sign * plant.turn))
        foot_turn = rotation.multiply(outward, rotation.about_axis("X", lift))
        ball_offset = self.rig.offsets[index["Toe"]]
        sole = np.array([0.0, -float(ball_offset[1]) + self.score.member.stature_cm * 0.009, 0.0])
        ball = _ball_at(plant, frames) + sole * [0, 1, 0] - [0, -ball_offset[1] - plant.up, 0]
        ankle = ball - rotation.rotate(foot_turn, ball_offset)
        hip = root + rotation.rotate(turn, self.rig.offsets[index["UpLeg"]])
        upper, lower = (np.linalg.norm(self.rig.offsets[index[j]]) for j in ("Leg", "Foot"))
        reach = ankle - hip
        length = np.clip(np.linalg.norm(reach, axis=1), abs(upper - lower) + 0.1, (upper + lower) * 0.9995)
        bend = np.pi - np.arccos(np.clip((upper**2 + lower**2 - length**2) / (2 * upper * lower), -1, 1))
        knee = rotation.about_axis("X", bend)
        down = np.array([0.0, -1.0, 0.0])
        local = upper * down + lower * rotation.rotate(knee, down)
        heading = rotation.rotate(_yaw_only(turn), rotation.rotate(outward, np.array([0.0, 0.0, 1.0])))
        upright = np.broadcast_to(np.eye(3)[0], local.shape)
        leg = _frame(np.cross(heading, reach), reach) @ np.swapaxes(_frame(upright, local), 1, 2)
        thigh_world = np.array([rotation.from_matrix(m) for m in leg])
        shank_world = rotation.multiply(thigh_world, knee)
        solved = {
            "UpLeg": rotation.multiply(rotation.conjugate(turn), thigh_world), "Leg": knee,
            "Foot": rotation.multiply(rotation.conjugate(shank_world), foot_turn),
            "Toe": rotation.about_axis("X", -lift),
        }  # fmt: skip
        return {joint: rotation.to_euler(self.rig.joints[index[joint]].order, q) for joint, q in solved.items()}

    def _key_leg(self, columns: dict, name: str, solved: dict[int, np.ndarray]) -> None:
        """Joins the solved angles, keyed on ones, with the poses keyed in the air."""
        joint = self.rig.joints[self.rig.index(name)]
        spans = _unbroken(sorted(solved))
        for i, channel in enumerate(joint.rotation_channels):
            own = self.posed.get((name, channel))
            keys: dict[int, tuple[float, float | None]] = {}
            for a, b in spans:
                values = np.array([solved[f][i] for f in range(a, b + 1)])
                for f in range(a, b + 1):
                    inside = a < f < b
                    keys[f] = (values[f - a], (values[f - a + 1] - values[f - a - 1]) / 2 if inside else None)
            if own is not None:
                for f, value in zip(own.frames, own.values, strict=True):
                    if int(f) not in solved:
                        keys[int(f)] = (value, None)
            elif not keys:
                continue
            frames = sorted(keys)
            made = smooth_keys(frames, [keys[f][0] for f in frames])
            slopes = np.array([made.slopes_in[n] if keys[f][1] is None else keys[f][1] for n, f in enumerate(frames)])
            columns[name, channel] = replace(made, slopes_in=slopes, slopes_out=slopes, meant=made.meant * 0 + BY_HAND)


def poses_of_columns(rig: Rig, columns: Mapping, frames: np.ndarray, dt: float) -> Poses:
    """Poses of columns alone, of a rig in centimetres."""
    base = Layer("base", "Keys", KEYED, REPLACES, columns)
    clip = (int(frames[0]), int(frames[-1]))
    return evaluate(Motion(rig, clip, (base,), Timing(), Placement(), CM), frames, dt).poses


def _ball_at(plant: Plant, frames: np.ndarray) -> np.ndarray:
    """(frames, 3) cm of the ball on the ground; eased between two places for a foot that slides."""
    level = np.zeros(len(frames))
    if not isinstance(plant.at[0], tuple):
        return np.column_stack([level + plant.at[0], level, level + plant.at[1]])
    t = (frames - plant.start) / (plant.end - plant.start)
    s = t * t * (3 - 2 * t)
    (x0, z0), (x1, z1) = plant.at
    return np.column_stack([x0 + (x1 - x0) * s, level, z0 + (z1 - z0) * s])


def _slope(values: np.ndarray, i: int, way: int) -> float:
    """One-sided slope per frame at i, from the parabola through three values on that side."""
    j, k = i + way, i + 2 * way
    if not 0 <= k < len(values):
        return 0.0
    return way * (-3 * values[i] + 4 * values[j] - values[k]) / 2


def _frame(x: np.ndarray, y: np.ndarray) -> np.ndarray:
    """(frames, 3, 3) with columns along x, along the part of y square to it, and square to both; x, y (frames, 3)."""
    y = y / np.linalg.norm(y, axis=1, keepdims=True)
    x = x - y * (x * y).sum(axis=1, keepdims=True)
    x = x / np.linalg.norm(x, axis=1, keepdims=True)
    return np.stack([x, y, np.cross(x, y)], axis=2)


def _yaw_only(q: np.ndarray) -> np.ndarray:
    """The part of rotations (frames, 4) about the up axis (swing and twist taken apart)."""
    out = q * [1.0, 0.0, 1.0, 0.0]
    size = np.linalg.norm(out, axis=1, keepdims=True)
    return np.where(size > 1e-6, out / np.maximum(size, 1e-6), rotation.IDENTITY)


def _unbroken(frames: list[int]) -> list[tuple[int, int]]:
    """First and last of every run of neighbouring frames."""
    out = []
    for f in frames:
        if out and f == out[-1][1] + 1:
            out[-1] = (out[-1][0], f)
        else:
            out.append((f, f))
    return out
