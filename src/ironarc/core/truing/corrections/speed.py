"""Play the whole motion at its true speed, where every flight and what bears it say that it was slowed or hurried."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core.columns.keys import smooth_keys
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.edits.retiming import retimed
from ironarc.core.errors import EditError
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.flights import Flight
from ironarc.core.scene.retiming import Retiming
from ironarc.core.scene.timing import Timing
from ironarc.core.truing.correction import FRAMES, Correction, Cost, Place, Proposal, one_way, option
from ironarc.core.truing.residue import gained_from_nothing

NAME = "true_speed"
DOUBT = 0.02  # of the shot's gravity, that what a flight tells is unsure by beside its standard error
ALIKE = 0.05  # of what flights tell, that they are unsure by all alike
LEAST = 0.06  # of the speed, by which it has to be off, and by three times what it is unsure of
AGREE = 3.0  # squares of errors on average, up to which flights tell one speed
STEPS = 0.8  # of the step in speed that a flight slowed alone has at either end; with less, all of it was slowed
REACH, TRIED = 2.0, 9  # times that error to either side, that another factor may lie, and how many are tried
LEFT_MS = 0.2  # m/s from nothing that weighs as much as the error
MOST = 4.0  # times as fast, or as slow, at most


@dataclass(frozen=True)
class Options:
    """frames : that the whole motion takes, 0 for as many as its flights and what bears it tell"""

    frames: int = option("frames in all (0: worked out)", FRAMES, 0, 100_000, default=0)


@dataclass(frozen=True)
class Speed:
    """factor : of the speed it has, that is true; error : of that; flights : how many tell it
    smooth : whether it was slowed and nothing steps where flights begin and end"""

    factor: float
    error: float
    flights: int
    smooth: bool


def speed_of(flights: Sequence[Flight], g: float) -> Speed | None:
    """The speed at which all flights fall as gravity has it; None where they tell none, or not the same."""
    tell = [f for f in flights if np.isfinite(f.implied_g_se) and f.implied_g > 0 and f.hang_frames > 1]
    if not tell or g <= 0:
        return None
    own = np.array([f.implied_g for f in tell])
    error = np.hypot([f.implied_g_se for f in tell], DOUBT * g)
    mean = float(np.average(own, weights=error**-2))
    if (((own - mean) / error) ** 2).mean() > AGREE:
        return None
    factor = float(np.sqrt(g / mean))
    error_of_all = factor / 2 * np.hypot((error**-2).sum() ** -0.5 / mean, ALIKE)
    return Speed(factor, float(error_of_all), len(tell), all(_goes_on(f, factor) for f in tell))


def _goes_on(flight: Flight, factor: float) -> bool:
    """Whether its speeds go on from the push and into the landing, as they don't where the flight alone is slow."""
    ends = (flight.kink_take_off_ms, flight.take_off_ms), (flight.kink_landing_ms, flight.landing_ms)
    return all(np.linalg.norm(step) < STEPS * (factor - 1) * np.linalg.norm(speed) for step, speed in ends)


def places(seen: Seen) -> list[Place]:
    """All of it, where its speed is told and is another than it has."""
    reading = seen.reading
    speed = speed_of(reading.flights, reading.g)
    if speed is None or abs(speed.factor - 1) < max(LEAST, 3 * speed.error) or not 1 / MOST < speed.factor < MOST:
        return []
    low, high = reading.traced.plays
    first = int(reading.poses.frames[0])
    return [one_way(low + first, high - 1 + first, Options(), "Play the whole motion at true speed")]


def _best(reading: Reading, speed: Speed) -> float:
    """The factor, as near to what the flights tell as they are sure of it, by which least force comes from nothing.
    That of the flights themselves in a capture: the slower, the less its noise looks like force."""
    if reading.traced.captured:
        return speed.factor
    tried = speed.factor + speed.error * np.linspace(-REACH, REACH, TRIED)
    left = [gained_from_nothing(reading, pace) / LEFT_MS for pace in tried]
    return float(tried[np.argmin(left + ((tried - speed.factor) / speed.error) ** 2)])


def propose(seen: Seen, options: Options) -> Proposal:
    """All of the motion in so many frames. EditError where it takes as many already."""
    shot, performer, reading = seen.shot, seen.performer, seen.reading
    low, high = reading.traced.plays
    have, asked = high - low, options.frames
    speed = speed_of(reading.flights, reading.g)
    if not asked and speed is None:
        raise EditError("No flight tells how fast it should play, or they don't agree. Say how many frames it takes.")
    frames = asked or int(np.rint((have - 1) / _best(reading, speed))) + 1
    if have < 3 or frames < 2:
        raise EditError(f"{have} frames can't be played in {frames}.")
    if frames == have:
        raise EditError(f"It takes {have} frames already.")
    added = frames - have
    factor = (have - 1) / (frames - 1)
    words = f"{CORRECTION.label}: {factor * 100:.0f} % of its speed"
    timing = performer.timing.with_retiming(_evenly(reading, performer.timing, frames))
    edit = retimed(shot, performer, timing, words)
    length = shot.frames + added if len(shot.performers) == 1 else shot.frames
    more = (SetShot({"frames": length}, words),) if length != shot.frames else ()
    unsure = f" ± {speed.error * 100:.0f}" if not asked else ""
    says = f"The whole motion plays at {factor * 100:.0f}{unsure} % of its speed; no pose changes."
    cost = Cost(says, frames=added)
    return Proposal(
        cost, words, None, timing.retimings[-1], (*edit.edits[1:], *more), length - shot.frames, pace=factor,
        flights=speed.flights if speed else 1, likely=bool(speed and speed.smooth),
    )  # fmt: skip


def _evenly(reading: Reading, timing: Timing, frames: int) -> Retiming:
    """A map that plays all there is in so many frames, evenly from end to end and a frame beyond."""
    low, high = reading.traced.plays
    first, last = timing.moments(reading.poses.frames[[low, high - 1]])
    pace = (last - first) / (frames - 1)
    seen = np.array([first - 1, first, first + frames - 1, first + frames], float)
    keys = smooth_keys(seen, np.array([first - pace, first, last, last + pace]))
    return Retiming(timing.free_retiming_id, CORRECTION.label, keys, made_by=NAME)


CORRECTION = Correction(
    NAME,
    "True the speed",
    "speed",
    "The whole motion plays slower or faster with no pose changed, so that every flight falls as gravity has it.",
    Options,
    ("hang", "arc", "phantom", "push", "landing"),
    places,
    propose,
    order=70,
    needs="Needs flights that all play too fast, or all too slow.",
)
