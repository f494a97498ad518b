"""PF-070 Gull's hop: the three-legged dog crouches, hops ahead and lands; weighed by length and girth alone."""

import numpy as np

from ironarc.core.columns.keys import keys_by_hand, smooth_keys
from ironarc.core.document import Performer, Shot
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import GULL, rig_of
from ironarc.core.motion.layers import KEYED, REPLACES, Layer
from ironarc.core.motion.one_turn import as_turns
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.settings import GRAVITY_MS2
from ironarc.demo.posing import poses_of_columns

NAME, FPS, FRAMES = "PF-070 Gull's hop", 24.0, 48
CM = 0.01
TAKE_OFF, LANDING = 19, 27  # last frame of contact, first frame of contact
AHEAD_CM = 46.0
# The path of the center of gravity, cm: frame, height, how far ahead
PATH = ((1, 38.0, 11.0), (8, 38.4, 11.0), (14, 29.0, 12.5))
AFTER = ((32, 29.0, 11.5 + AHEAD_CM), (41, 38.4, 11.0 + AHEAD_CM), (FRAMES, 38.0, 11.0 + AHEAD_CM))
LEAVES, LANDS = (39.0, 16.0), (37.0, 6.0 + AHEAD_CM)
# leg: joints, the one it hangs from, which way its knee points (about x), where its shoe stands in rest
LEGS = {"Left": ("Keel", -1.0), "Right": ("Keel", -1.0), "Aft": ("Chassis", 1.0)}
HEAD = {
    1: (0, 6),
    8: (6, 2),
    14: (-16, 22),
    19: (14, -8),
    23: (2, 8),
    27: (-8, 14),
    32: (-14, 20),
    41: (4, 4),
    48: (0, 6),
}
TAIL = {1: 0, 14: 22, 19: -18, 24: 10, 29: -14, 36: 8, 48: 0}
TUCK = 0.62  # how far the legs fold in the air, as a share of their length


def com_path() -> np.ndarray:
    """(frames, 2) cm: height, and how far ahead; under gravity in the air, smooth on the ground."""
    at = np.arange(1, FRAMES + 1, dtype=float)
    out = np.zeros((FRAMES, 2))
    hang = (LANDING - TAKE_OFF) / FPS
    t = (at - TAKE_OFF) / FPS
    g = GRAVITY_MS2 / CM
    up = (LANDS[0] - LEAVES[0]) / hang + g * hang / 2
    along = (LANDS[1] - LEAVES[1]) / hang
    air = (at >= TAKE_OFF) & (at <= LANDING)
    out[air, 0] = LEAVES[0] + up * t[air] - g / 2 * t[air] ** 2
    out[air, 1] = LEAVES[1] + along * t[air]
    before = ((TAKE_OFF, *LEAVES), (up / FPS, along / FPS))
    after = ((LANDING, *LANDS), ((up - g * hang) / FPS, along / FPS))
    for axis in (0, 1):
        keys = [(f, v[axis], 0.0) for f, *v in PATH] + [(TAKE_OFF, LEAVES[axis], before[1][axis])]
        out[: TAKE_OFF - 1, axis] = _hermite(keys, at[: TAKE_OFF - 1])
        keys = [(LANDING, LANDS[axis], after[1][axis])] + [(f, v[axis], 0.0) for f, *v in AFTER]
        out[LANDING:, axis] = _hermite(keys, at[LANDING:])
    return out


def _hermite(keys: list[tuple[float, float, float]], at: np.ndarray) -> np.ndarray:
    frames, values, slopes = (np.array(column, dtype=float) for column in zip(*keys, strict=True))
    return keys_by_hand(frames, values, slopes).sample(at)


class _Dog:
    """Finds the root that keeps the center of gravity on its path and the legs that keep the shoes on the ground."""

    def __init__(self):
        self.rig = rig_of(GULL)
        self.body = weigh(self.rig, CM, GULL.weighing)
        self.frames = np.arange(1, FRAMES + 1)
        self.rest = self.rig.rest_positions
        sole = 4.0
        self.ground = {leg: np.array([self.rest[self.rig.index(f"{leg}Shoe")][2], sole]) for leg in LEGS}

    def solve(self) -> dict:
        path = com_path()
        root = path - [0.0, 11.0] + [8.0, 0.0]
        for _ in range(12):
            columns = self._columns(root)
            poses = self._poses(columns)
            com = whole_com(body_centres(poses, self.body), self.body) / CM
            root = root + (path - com[:, [1, 2]])
        return self._columns(root)

    def _poses(self, columns: dict) -> Poses:
        return poses_of_columns(self.rig, columns, self.frames, 1 / FPS)

    def _columns(self, root: np.ndarray) -> dict:
        columns = {
            ("Chassis", "tx"): smooth_keys([1], [0.0]),
            ("Chassis", "ty"): smooth_keys(self.frames, root[:, 0]),
            ("Chassis", "tz"): smooth_keys(self.frames, root[:, 1]),
            ("Boom", "rx"): smooth_keys(list(HEAD), np.radians([v[0] for v in HEAD.values()])),
            ("Lamp", "rx"): smooth_keys(list(HEAD), np.radians([v[1] for v in HEAD.values()])),
            ("Rudder", "rx"): smooth_keys(list(TAIL), np.radians(list(TAIL.values()))),
        }
        for leg, (above, way) in LEGS.items():
            angles = np.array([self._leg(leg, above, way, frame, root[frame - 1]) for frame in self.frames])
            for i, part in enumerate(("Strut", "Piston", "Shoe")):
                columns[f"{leg}{part}", "rx"] = smooth_keys(self.frames, angles[:, i])
        return columns

    def _leg(self, leg: str, above: str, way: float, frame: int, root: np.ndarray) -> tuple[float, float, float]:
        """Angles (rad) of strut, piston and shoe: the shoe flat on the ground, or tucked in the air."""
        strut, piston, shoe = (self.rig.index(f"{leg}{part}") for part in ("Strut", "Piston", "Shoe"))
        hang = self.rest[strut] - self.rest[0]
        hip = np.array([root[0] + hang[1], root[1] + hang[2]])  # up, ahead
        upper, lower = (float(np.linalg.norm(self.rig.offsets[j])) for j in (piston, shoe))
        foot = np.array([self.ground[leg][1], self.ground[leg][0]])
        if frame >= LANDING:
            foot = foot + np.array([0.0, AHEAD_CM])
        elif frame > TAKE_OFF:
            # between the two places, drawn up under the body
            u = (frame - TAKE_OFF) / (LANDING - TAKE_OFF)
            lift = 4 * u * (1 - u)
            foot = np.array([foot[0], foot[1] + AHEAD_CM * u])
            near = hip + (foot - hip) * TUCK
            foot = foot + (near - foot) * lift
        reach = foot - hip
        length = float(np.clip(np.linalg.norm(reach), abs(upper - lower) + 0.5, (upper + lower) * 0.999))
        # about x a positive turn takes what hangs down backwards
        towards = np.arctan2(-reach[1], -reach[0])
        inner = np.arccos(np.clip((upper**2 + length**2 - lower**2) / (2 * upper * length), -1, 1))
        bend = np.pi - np.arccos(np.clip((upper**2 + lower**2 - length**2) / (2 * upper * lower), -1, 1))
        first = towards - way * inner
        second = way * bend
        return first, second, -(first + second)


def make() -> Shot:
    """The shot, keyed on ones where the legs are solved."""
    dog = _Dog()
    base = Layer("base", "Keys", KEYED, REPLACES, as_turns(dog.solve(), dog.rig))
    performer = Performer(GULL.name, dog.rig, (base,), CM, False, GULL.weighing)
    return Shot(NAME, (performer,), 1 / FPS, 1, FRAMES, floor_m=0.0, floor_by_hand=True)
