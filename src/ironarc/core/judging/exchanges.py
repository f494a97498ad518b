"""What two bodies give each other at a touch: the momentum of both along the push, before it and after."""

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np

from ironarc.core.judging.on_blows import TOGETHER_S, blows_on, hardest_touches, words_of
from ironarc.core.judging.others import Beside, Loose, Others
from ironarc.core.reading import Reading
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.scene.props import Touch
from ironarc.core.settings import GRAVITY_MS2

BESIDE_S = 0.04  # about a touch, over which a speed is read


@dataclass(frozen=True)
class Side:
    """One of two that meet. mass_kg; before, after : N·s along the push"""

    name: str
    mass_kg: float
    before: float
    after: float


@dataclass(frozen=True)
class Exchange:
    """Two that meet.

    frame : of the touch, between frames too; impulse_ns : what it gives; part : of the body that is touched
    strikes : whether the performer does, or is struck; other, body : both sides
    """

    frame: float
    impulse_ns: float
    part: str
    strikes: bool
    other: Side
    body: Side

    def body_weights(self, dt: float) -> float:
        """The blow over one frame of dt s, in weights of the body."""
        return self.impulse_ns / (self.body.mass_kg * GRAVITY_MS2 * dt)

    @property
    def lost(self) -> float:
        """N·s that neither has any more: they went into the ground, or nowhere."""
        return self.other.before + self.body.before - self.other.after - self.body.after


def exchanges(reading: Reading, others: Others) -> list[Exchange]:
    """Every touch of a performer with a prop that moves by itself, and with another performer's limbs, in order."""
    out = [*_with_props(reading, others), *_with_limbs(reading, others)]
    return sorted(out, key=lambda e: e.frame)


def _with_props(reading: Reading, others: Others) -> Iterator[Exchange]:
    struck = {(b.source, b.frame) for b in blows_on(reading, others)}
    for x in others.props:
        for touch in hardest_touches(reading, x, others.performer):
            name = touch.surface.partition(":")[2]
            if name in reading.poses.rig:
                part = words_of(reading.body, reading.poses.rig.index(name))
                strikes = (x.prop.id, touch.frame) not in struck
                flies = x.prop.hung_from_m is None and x.prop.link is None
                own = _of_one(x, touch, others.performer, reading.poses.dt)
                a, b = min(t.frame for t in own), max(t.frame for t in own)
                way = -1.0 if strikes else 1.0
                sides = _sides(reading, a, b, x.prop.name, x.prop.mass_kg, x.at, flies, way)
                if sides is not None:
                    yield Exchange(touch.frame, sum(t.impulse_ns for t in own), part, strikes, *sides)


def _with_limbs(reading: Reading, others: Others) -> Iterator[Exchange]:
    about = {b.id: b for b in others.beside}
    for blow in blows_on(reading, others):
        if not blow.is_prop:
            other = about[blow.source.rpartition("-")[0]]
            sides = _sides(reading, blow.frame, blow.frame, other.name, other.body.mass_kg, _com(other), False)
            if sides is not None:
                yield Exchange(blow.frame, blow.touch.impulse_ns, words_of(reading.body, blow.joint), False, *sides)


def _of_one(x: Loose, hardest: Touch, performer: str, dt: float) -> list[Touch]:
    """All touches of a prop with a performer that are one blow."""
    own = (t for t in x.prop.flight.touches if t.surface.startswith(f"{performer}:"))
    return [t for t in own if abs(t.frame - hardest.frame) * dt <= TOGETHER_S]


def _com(other: Beside) -> np.ndarray:
    return whole_com(body_centres(other.poses, other.body), other.body)


def _sides(
    reading: Reading, frame: float, last: float, name: str, mass_kg: float, at: np.ndarray, flies: bool,
    sign: float = 1.0,
) -> tuple[Side, Side] | None:  # fmt: skip
    """Both sides of a touch, along the way the struck one is pushed; None at the ends of a shot.

    frame, last : of the first touch and the last; at : (frames, 3) m of the other side
    sign : -1 where the body strikes

    What gravity gives in between is taken out of what flies; a line or the ground bears the rest.
    """
    dt, first = reading.poses.dt, int(reading.poses.frames[0])
    n = max(1, round(BESIDE_S / dt))
    a, b = int(np.floor(frame)) - first, int(np.floor(last)) - first + 1
    if a - n < 0 or b + n >= len(at):
        return None

    def speeds(track: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        return (track[a] - track[a - n]) / (n * dt), (track[b + n] - track[b]) / (n * dt)

    (before, after), own = speeds(at), speeds(reading.body_com)
    falls = np.array([0.0, reading.g * (b - a + n) * dt if flies else 0.0, 0.0])
    change = after + falls - before
    size = float(np.linalg.norm(change))
    if size < 1e-6:
        return None
    way = -sign * change / size
    mass = reading.body.mass_kg
    told = Side(name, mass_kg, mass_kg * float(before @ way), mass_kg * float((after + falls) @ way))
    return told, Side("", mass, mass * float(own[0] @ way), mass * float(own[1] @ way))
