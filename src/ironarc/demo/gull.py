"""Gull, the three-legged dog, keyed from where its feet go: the root is found that keeps the center of gravity on its
path, and the legs that reach for the feet."""

from collections.abc import Mapping

import numpy as np

from ironarc.core.columns.keys import smooth_keys
from ironarc.core.document import Performer, Shot
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import GULL, rig_of
from ironarc.core.motion.layers import KEYED, REPLACES, Layer
from ironarc.core.motion.one_turn import as_turns
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.demo.posing import poses_of_columns

CM = 0.01
SOLE_CM = 4.0
# leg: the joint it hangs from, which way its knee points (about x)
LEGS = {"Left": ("Keel", -1.0), "Right": ("Keel", -1.0), "Aft": ("Chassis", 1.0)}
ROUNDS = 12


class Dog:
    """frames, fps : of the shot; head, tail : {frame: degrees of boom and lamp} and {frame: degrees}"""

    def __init__(self, frames: int, fps: float, head: Mapping[int, tuple], tail: Mapping[int, float]):
        self.rig = rig_of(GULL)
        self.body = weigh(self.rig, CM, GULL.weighing)
        self.frames, self.dt, self.head, self.tail = np.arange(1, frames + 1), 1 / fps, head, tail
        self.rest = self.rig.rest_positions
        self.ground = {leg: np.array([SOLE_CM, self.rest[self.rig.index(f"{leg}Shoe")][2]]) for leg in LEGS}

    def foot(self, leg: str, frame: int, hip: np.ndarray) -> np.ndarray:
        """(2,) cm: how high a shoe is on a frame and how far ahead. hip : (2,) cm of its leg, likewise"""
        raise NotImplementedError

    def shot(self, name: str, path: np.ndarray) -> Shot:
        """The shot, keyed on ones where the legs are solved. path : (frames, 2) cm of the center of gravity: height,
        and how far ahead"""
        base = Layer("base", "Keys", KEYED, REPLACES, as_turns(self._solved(path), self.rig))
        performer = Performer(GULL.name, self.rig, (base,), CM, False, GULL.weighing)
        return Shot(name, (performer,), self.dt, 1, len(self.frames), floor_m=0.0, floor_by_hand=True)

    def _solved(self, path: np.ndarray) -> dict:
        root = path - [0.0, 11.0] + [8.0, 0.0]
        for _ in range(ROUNDS):
            poses = self._poses(self._columns(root))
            com = whole_com(body_centres(poses, self.body), self.body) / CM
            root = root + (path - com[:, [1, 2]])
        return self._columns(root)

    def _poses(self, columns: dict) -> Poses:
        return poses_of_columns(self.rig, columns, self.frames, self.dt)

    def _columns(self, root: np.ndarray) -> dict:
        columns = {
            ("Chassis", "tx"): smooth_keys([1], [0.0]),
            ("Chassis", "ty"): smooth_keys(self.frames, root[:, 0]),
            ("Chassis", "tz"): smooth_keys(self.frames, root[:, 1]),
            ("Boom", "rx"): smooth_keys(list(self.head), np.radians([v[0] for v in self.head.values()])),
            ("Lamp", "rx"): smooth_keys(list(self.head), np.radians([v[1] for v in self.head.values()])),
            ("Rudder", "rx"): smooth_keys(list(self.tail), np.radians(list(self.tail.values()))),
        }
        for leg, (_, way) in LEGS.items():
            angles = np.array([self._leg(leg, way, frame, root[frame - 1]) for frame in self.frames])
            for i, part in enumerate(("Strut", "Piston", "Shoe")):
                columns[f"{leg}{part}", "rx"] = smooth_keys(self.frames, angles[:, i])
        return columns

    def _leg(self, leg: str, way: float, frame: int, root: np.ndarray) -> tuple[float, float, float]:
        """Angles (rad) of strut, piston and shoe, which stays level."""
        strut, piston, shoe = (self.rig.index(f"{leg}{part}") for part in ("Strut", "Piston", "Shoe"))
        hang = self.rest[strut] - self.rest[0]
        hip = np.array([root[0] + hang[1], root[1] + hang[2]])  # up, ahead
        upper, lower = (float(np.linalg.norm(self.rig.offsets[j])) for j in (piston, shoe))
        reach = self.foot(leg, frame, hip) - hip
        length = float(np.clip(np.linalg.norm(reach), abs(upper - lower) + 0.5, (upper + lower) * 0.999))
        # about x a positive turn takes what hangs down backwards
        towards = np.arctan2(-reach[1], -reach[0])
        inner = np.arccos(np.clip((upper**2 + length**2 - lower**2) / (2 * upper * length), -1, 1))
        bend = np.pi - np.arccos(np.clip((upper**2 + lower**2 - length**2) / (2 * upper * lower), -1, 1))
        first = towards - way * inner
        second = way * bend
        return first, second, -(first + second)
