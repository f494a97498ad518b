"""Props that strike a body, what that body does at the blow, and what it should."""

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading import Reading
from ironarc.core.scene.props import Prop, Touch

LEAST_NS = 1.0  # of a blow that is looked at
LEAST_MS = 0.4  # at which a prop comes, and by which a reaction is told
FELT_MS = 0.8  # at which a free body would be thrown off by a blow that is looked at
TOGETHER_S = 0.15  # within which touches of one prop are one blow
AROUND = 6  # frames, within which a reaction is looked for
WORDS = {"pelvis": "hips", "spine": "back", "shank": "shin", "collar": "shoulder"}
BEGINS = 0.25  # of the greatest change of speed, from which a reaction has begun


@dataclass(frozen=True, eq=False)
class Loose:
    """A prop with a mass that flies or is carried. at : (frames, 3) m its middle; turn : (frames, 4)"""

    prop: Prop
    at: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True, eq=False)
class Blow:
    """A prop strikes a body.

    touch : the hardest of the blow; joint : of the body; push : (3,) N·s on it
    """

    prop: Prop
    touch: Touch
    joint: int
    push: np.ndarray
    reading: Reading

    @property
    def frame(self) -> float:
        return self.touch.frame

    @property
    def way(self) -> np.ndarray:
        """(3,) unit, the way the body is pushed."""
        return self.push / float(np.linalg.norm(self.push))

    @cached_property
    def speed(self) -> np.ndarray:
        """(frames,) m/s of the place that is struck along the push: between a frame and the next."""
        poses, at = self.reading.poses, np.array(self.touch.at)
        k = min(int(self.frame) - int(poses.frames[0]), len(poses.frames) - 1)
        off = rotation.rotate(poses.rotation[k, self.joint], at - poses.position[k, self.joint], back=True)
        track = poses.position[:, self.joint] + rotation.rotate(poses.rotation[:, self.joint], off)
        along = track @ self.way
        return np.append(np.diff(along), 0.0) / poses.dt

    @cached_property
    def free_ms(self) -> float:
        """m/s that the place would be thrown off with, all joints of the body free and no foot on the ground."""
        from ironarc.core.passive.limp import gives_at  # the engine takes half a second to come in

        k = int(self.frame) - int(self.reading.poses.frames[0])
        gives = gives_at(
            self.reading.poses, self.reading.body, k, self.joint, np.array(self.touch.at), self.reading.floor
        )  # fmt: skip
        return float(self.way @ gives @ self.push)

    @property
    def gains_ms(self) -> float:
        """m/s by which the place really speeds up along the push at the blow."""
        k = int(self.frame) - int(self.reading.poses.frames[0])
        before, after = self.speed[max(k - 1, 0)], self.speed[k + 1 : k + 4]
        return float(after.max() - before) if len(after) else 0.0

    @property
    def begins(self) -> float | None:
        """The frame from which the place gives way along the push; None where it never does."""
        first = int(self.reading.poses.frames[0])
        k = round(self.frame) - first
        a, b = max(k - AROUND, 0), min(k + AROUND, len(self.speed) - 1)
        v = self.speed[a:b]
        if len(v) < 3:
            return None
        top = int(v.argmax())
        low = int(v[: top + 1].argmin())
        rise = v[top] - v[low]
        if rise < LEAST_MS:
            return None
        begun = low + int(np.argmax(v[low : top + 1] >= v[low] + BEGINS * rise))
        return float(a + begun + first)


def called(reading: Reading, joint: int) -> str:
    """What rides on a joint, as an animator calls it."""
    meaning = reading.body.anatomy.meanings[joint]
    role = WORDS.get(meaning.role, meaning.role)
    return f"{meaning.side} {role}".strip() if role else reading.poses.rig.names[joint]


def blows_on(reading: Reading, loose: Sequence[Loose], performer: str) -> list[Blow]:
    """What strikes this performer: not what it strikes itself."""
    out, first = [], int(reading.poses.frames[0])
    for x in loose:
        if x.prop.flight is None:
            continue
        own = [t for t in x.prop.flight.touches if t.surface.startswith(f"{performer}:") and t.impulse_ns >= LEAST_NS]
        while own:
            hardest = max(own, key=lambda t: t.impulse_ns)
            own = [t for t in own if abs(t.frame - hardest.frame) * reading.poses.dt > TOGETHER_S]
            blow = _blow(reading, x, hardest, first)
            if blow is not None:
                out.append(blow)
    return sorted(out, key=lambda b: b.frame)


def _blow(reading: Reading, x: Loose, touch: Touch, first: int) -> Blow | None:
    name = touch.surface.partition(":")[2]
    k = int(touch.frame) - first
    if name not in reading.poses.rig or not 1 <= k < len(x.at) - 2:
        return None
    before, after = x.at[k] - x.at[k - 1], x.at[k + 2] - x.at[k + 1]
    change = (after - before) / reading.poses.dt + np.array([0.0, 2 * reading.g * reading.poses.dt, 0.0])
    if np.linalg.norm(change) < 1e-6:
        return None
    way = -change / np.linalg.norm(change)
    blow = Blow(x.prop, touch, reading.poses.rig.index(name), way * touch.impulse_ns, reading)
    comes = float(before @ way) / reading.poses.dt
    # what the limb runs into is struck by the limb
    return blow if comes >= LEAST_MS and comes > abs(float(blow.speed[k - 1])) else None
