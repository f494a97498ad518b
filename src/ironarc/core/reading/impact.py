"""Wind-up and landing: how deep a body pushes off and gives way, and what force that takes."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.read import Reading

LEAST_DEPTH_M = 0.01  # a depth less than this is the width of a frame, not a push
SUDDEN_DEPTH_M = 0.005  # what a body that stops dead gives way by all the same: skin, shoe and floor
SUDDEN_S = 1 / 30  # over which a speed is taken that comes or goes at once
TURNING_M = 0.004  # the center of gravity turns round where it comes back by more than this
SUDDEN_MS, SUDDEN_SHARE = 0.8, 0.5  # slower than both, absolutely and of the flight's own speed, no stop is sudden
STANDS_S, STANDS_M = 0.12, 0.005  # a body stands that keeps its height to within so much for so long
SEEN_DOWN_M = 0.03  # a wind-up that lowers the body by less is hardly seen


@dataclass(frozen=True)
class Push:
    """One end of a flight.

    flight : whose; at_take_off : True for the wind-up and push, False for the landing
    start, end : frames of the shot over which the center of gravity rises into the air, or goes down from it
    speed_ms : upward at take-off, downward at landing, of the flight's arc
    depth_m : that it rises or gives way by; mean_bw, peak_bw : body weights, over that depth and at most
    wind_up_m, wind_up_frames : how far and for how long it goes down before (at take-off only)
    recoil_m : how much of the depth comes back up at once (at landing only)
    seen : False where the range or another flight cuts it short
    """

    flight: Flight
    at_take_off: bool
    start: int
    end: int
    speed_ms: float
    depth_m: float
    mean_bw: float
    peak_bw: float
    wind_up_m: float
    wind_up_frames: int
    recoil_m: float
    seen: bool


def needed_bw(speed_ms: float, depth_m: float, g: float) -> float:
    """Mean push, in body weights, to gain or lose a vertical speed over a depth: 1 + v² / (2 g d)."""
    return 1 + speed_ms**2 / (2 * g * max(depth_m, LEAST_DEPTH_M))


def enough_depth(speed_ms: float, push_bw: float, g: float) -> float:
    """m that the mean push `push_bw` (more than 1) takes for that speed: the way back of `needed_bw`."""
    return speed_ms**2 / (2 * g * (push_bw - 1))


def read_pushes(reading: Reading) -> tuple[Push, ...]:
    """The wind-up and the landing of every flight that has its end within the range."""
    out = []
    first = int(reading.poses.frames[0])
    spans, known = reading.footing.flights, _known(reading)
    for (flight, before, after), (a, b) in zip(_supported(reading), spans, strict=True):
        if flight.take_off_seen and a - 1 >= before:
            at = np.arange(a - 1, before - 1, -1)
            out.append(known(flight, True, before, a) or _push(reading, flight, at, first, True))
        if flight.landing_seen and b < after:
            out.append(known(flight, False, b, after) or _push(reading, flight, np.arange(b, after), first, False))
    return tuple(out)


def _known(reading: Reading) -> Callable[[Flight, bool, int, int], Push | None]:
    """What gives the push of a flight's end that an edit did not reach: by the flight, which end, and the supported
    frames [a, b) there."""
    before = reading.before(read_pushes)
    if before is None:
        return lambda *_: None
    pushes = {(id(push.flight), push.at_take_off): push for push in before[1]}
    spans = reading.again.spans
    was = {id(f): (x, y) for f, x, y in _supported(before[0])}

    def known(flight: Flight, at_take_off: bool, a: int, b: int) -> Push | None:
        reached = any(x < b + 2 and y > a - 2 for x, y in spans)
        same = was.get(id(flight), (0, 0))[0 if at_take_off else 1] == (a if at_take_off else b)
        return pushes.get((id(flight), at_take_off)) if same and not reached else None

    return known


def _supported(reading: Reading) -> Iterator[tuple[Flight, int, int]]:
    """Every flight, with where the frames begin that bear it before, and where those end that bear it after."""
    spans, (first, last) = reading.footing.flights, reading.traced.plays
    edges = [first, *(edge for span in spans for edge in span), last]
    for k, flight in enumerate(reading.flights):
        yield flight, edges[2 * k], edges[2 * k + 3]


def _push(reading: Reading, flight: Flight, at: np.ndarray, first: int, take_off: bool) -> Push:
    """`at`: indices of the supported frames, from the flight outwards."""
    y, dt, g = reading.com[:, 1], reading.poses.dt, reading.g
    edge = flight.take_off_ms[1] if take_off else flight.landing_ms[1]
    speed = float(max(edge if take_off else -edge, 0.0))
    outside = at[0] + (1 if take_off else -1)
    low = _turning(y[at], TURNING_M * reading.size)
    # take-off and landing lie between the last frame of contact and the first without
    depth = max(float((y[at[0]] + y[outside]) / 2 - y[at[low]]), 0.0)
    seen = low + 1 < len(at)
    # where the range ends in the middle of it, only the speed changed so far is paid for by the depth so far
    rate = abs(y[at[low]] - y[at[low - 1]]) / dt if low else speed
    changed = speed if seen else float(np.sqrt(max(speed**2 - rate**2, 0.0)))
    # and nobody knows when within that frame: the body gets the benefit of the doubt
    mean = needed_bw(changed, depth + speed * dt / 2, g)
    if seen:
        # from a frame further in the air on: a landing between two frames takes the speed of the one before them
        beyond = outside + (1 if take_off else -1)
        ways = [beyond, outside] if 0 <= beyond < len(y) else [outside]
        mean = max(mean, _sudden(y[[*ways, *at]], low + len(ways), speed, dt, g, reading.size))
    span = at[: low + 1]
    # a fit smooths what comes and goes within its width: at most it is no less than it has to be on average
    peak = max(float(rotation.length(reading.ask(read_forces).grf[span]).max(initial=0.0)), mean)
    rest = y[at[low:]]
    turn = _turning(-rest, TURNING_M * reading.size)
    back = float(rest[turn] - rest[0])
    return Push(
        flight, take_off, int(span.min()) + first, int(span.max()) + first, speed, depth, mean, peak,
        back if take_off else 0.0, turn if take_off else 0, 0.0 if take_off else back, seen,
    )  # fmt: skip


def _sudden(y: np.ndarray, low: int, speed: float, dt: float, g: float, size: float) -> float:
    """Body weights of the hardest stage: a body can give way first and stop dead then, or start from a stand.

    y (frames,) m from the last frame in the air outwards, lowest at index `low`. The speed it has over an interval is
    gained or lost over the depth beyond its near end; where it stands still right after, beyond its far end, since a
    speed that is there in one frame and gone in the next has no depth at all.
    """
    # noise is noise at any rate: speeds over a thirtieth of a second, or a frame if that is longer
    step = max(1, round(SUDDEN_S / dt))
    if step > 1:
        ways = range(min(step, len(y)))
        return max(_sudden(y[k::step], (low - k) // step, speed, dt * step, g, size) for k in ways)
    drop = ((y[:-1] - y[1:]) / dt)[: max(low, 0)]
    fast = np.flatnonzero(drop >= max(SUDDEN_MS * np.sqrt(size), SUDDEN_SHARE * speed))
    if not len(fast):
        return 1.0
    still_for = max(3, int(np.ceil(STANDS_S / dt)))
    stands = np.zeros(len(y) + 3, dtype=bool)  # from each frame on
    if len(y) >= still_for:
        windows = np.lib.stride_tricks.sliding_window_view(y, still_for)
        stands[: len(windows)] = np.ptp(windows, axis=1) < STANDS_M * size
    within = stands[fast[:, None] + [1, 2, 3]].any(axis=1)
    depth = np.where(within, y[fast + 1], y[fast]) - y[low]
    return float((1 + drop[fast] ** 2 / (2 * g * np.maximum(depth, SUDDEN_DEPTH_M * size))).max(initial=1.0))


def _turning(y: np.ndarray, noise: float) -> int:
    """Index at which a path that goes down first turns up by more than the noise: its lowest place so far."""
    lowest = np.minimum.accumulate(y)
    up = np.flatnonzero(y > lowest + noise)
    end = int(up[0]) if len(up) else len(y)
    return int(np.argmin(y[:end]))
