"""Loads that are let go or taken up on the way: how they leave the hand, where they would land, what that does."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.reading.derivatives import derivative
from ironarc.core.reading.momentum import angle_increments
from ironarc.core.reading.read import Reading


@dataclass(frozen=True)
class Thrown:
    """A load that is let go.

    frame : the last on which it is held in full; speed_ms, angle_deg : as it leaves, over level; turns_per_s : its spin
    after_s : until it meets the floor; path : (frames, 3) m, its own arc from the hand to there, a place a frame
    pushed_ms : what letting go does to the thrower's speed, the other way
    """

    name: str
    frame: int
    speed_ms: float
    angle_deg: float
    turns_per_s: float
    after_s: float
    path: np.ndarray
    pushed_ms: float


@dataclass(frozen=True)
class Taken:
    """A load that is taken up.

    frame : the first on which it counts; frames : over how many it is taken up; hand_ms : how fast the hand goes then
    jolt_bw : body weights that it pulls with meanwhile, if it rested before
    in_air : whether nothing bears the body meanwhile
    """

    name: str
    frame: int
    frames: int
    hand_ms: float
    jolt_bw: float
    in_air: bool


def read_taken(reading: Reading) -> tuple[Taken, ...]:
    """Every load that is taken up within the range: from rest to the hand's speed in the time it is taken up."""
    out = []
    dt, first = reading.poses.dt, int(reading.poses.frames[0])
    for track in reading.loads:
        for i in np.flatnonzero((track.counts[:-1] == 0) & (track.counts[1:] > 0)) + 1:
            full = i + int(np.argmax(track.counts[i:] == 1)) if (track.counts[i:] == 1).any() else len(track.counts) - 1
            frames = max(full - i + 1, 1)
            speed = float(np.linalg.norm(derivative(track.centre, dt)[full]))
            jolt = track.load.mass_kg * speed / (reading.body.mass_kg * reading.g * frames * dt)
            in_air = bool(reading.footing.air[i : full + 1].any())
            out.append(Taken(track.load.name, i + first, frames, speed, float(jolt), in_air))
    return tuple(out)


def angle_deg(velocity: np.ndarray) -> float:
    """Degrees over level of a velocity (3,)."""
    return float(np.degrees(np.arctan2(velocity[1], np.hypot(velocity[0], velocity[2]))))


def read_thrown(reading: Reading) -> tuple[Thrown, ...]:
    """Every load that is let go within the range, with the speed the hand has as it opens."""
    out = []
    dt, g, first = reading.poses.dt, reading.g, int(reading.poses.frames[0])
    for track in reading.loads:
        for i in np.flatnonzero((track.counts[:-1] > 0) & (track.counts[1:] == 0)):
            full = np.flatnonzero(track.counts[: i + 1] == 1)
            if len(full) < 3:
                continue
            # what comes after it opens is the hand's way, not the load's
            j = int(full[-1])
            held = track.centre[full[0] : j + 1]
            velocity = derivative(held, dt)[-1]
            turning = derivative(angle_increments(track.rotation[full[0] : j + 1, None])[:, 0], dt)[-1]
            drop = max(float(reading.floor.clearance(track.centre[j])), 0.0)
            after = float((velocity[1] + np.sqrt(velocity[1] ** 2 + 2 * g * drop)) / g)
            t = np.append(np.arange(0, after, dt), after)[:, None]
            path = track.centre[j] + velocity * t - np.array([0.0, g / 2, 0.0]) * t * t
            share = track.load.mass_kg / reading.body.mass_kg
            apart = float(np.linalg.norm(velocity - reading.com_velocity[j]))
            out.append(
                Thrown(
                    track.load.name, j + first, float(np.linalg.norm(velocity)), angle_deg(velocity),
                    float(np.linalg.norm(turning) / (2 * np.pi)), after, path, share * apart,
                )
            )  # fmt: skip
    return tuple(out)
