"""Over the ground: a cycle carried through the world by its own feet or at a speed, or brought back in place."""

from dataclasses import dataclass

import numpy as np
from scipy.ndimage import median_filter

from ironarc.core.errors import EditError
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.skin import SOLE, parts_of
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, Way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import facing
from ironarc.core.truing.proposing import indices, proposed

NAME = "travel"
FEET, SPEED, IN_PLACE = "by its feet", "at a speed", "in place"
HOWS = (FEET, SPEED, IN_PLACE)
STANDS_M = 0.03  # over the ground at its lowest, within which a foot bears
LEAST_FRAMES = 4
FASTEST_MS = 15.0
TOLD_M = 0.005
NOISE, EVENED = 5, 5  # frames, over which a stray step is let pass, and over which the speed changes
KERNEL = np.hanning(EVENED + 2)[1:-1] / np.hanning(EVENED + 2).sum()


@dataclass(frozen=True)
class Options:
    """start, end : frames it is carried over, what follows moves along

    how : one of HOWS; speed : m/s, of "at a speed"
    """

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    how: str = option("over the ground", choices=HOWS, default=FEET)
    speed: float = option("speed", "m/s", 0, FASTEST_MS, default=1.4)


def places(seen: Seen) -> list[Place]:
    """Every clip that loops."""
    return [Place(s.start, s.end, _ways(s.start, s.end)) for s in seen.performer.strips_seen() if s.is_loop]


def _ways(start: int, end: int) -> tuple[Way, ...]:
    return tuple(Way(how.replace(" ", "-"), f"Over the ground {how}", Options(start, end, how)) for how in HOWS)


def propose(seen: Seen, options: Options) -> Proposal:
    """The body carried. EditError for too few frames, and for feet that are none or never come down."""
    reading = seen.reading
    check_root(seen.performer)
    if options.end - options.start + 1 < LEAST_FRAMES:
        raise EditError(f"Carrying a cycle takes {LEAST_FRAMES} frames or more.")
    a, b = indices(reading, options.start, options.end)
    last = reading.traced.plays[1]
    poses, dt = reading.poses, reading.poses.dt
    root = poses.rig.roots[0]
    step = _steps(reading, a, b, options)
    shift = np.concatenate([np.zeros((1, 3)), np.cumsum(step, axis=0)])
    # what follows goes on from where it comes to
    shift = np.concatenate([shift, np.repeat(shift[-1:], last - b, axis=0)])
    figure = Figure.of(reading, slice(a, last))
    figure.translation[:, root] += shift
    along = (np.diff(poses.position[a:b, root], axis=0) + step)[:, [0, 2]]
    speed = float(np.linalg.norm(along.sum(axis=0))) / ((b - a - 1) * dt)
    says = f"It goes {speed:.2f} m/s over the ground, {speed * dt * (b - a):.2f} m in {b - a} frames."
    slides = _slides(reading, a, b, step)
    if slides is not None:
        says += f" Feet that bear slide by {slides * 100:.1f} cm a frame on average."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _steps(reading: Reading, a: int, b: int, options: Options) -> np.ndarray:
    """(frames - 1, 3) m by which the body is carried further from each frame to the next."""
    at = reading.poses.position[a:b, reading.poses.rig.roots[0]]
    drift = (at[-1] - at[0]) * [1.0, 0.0, 1.0] / (b - a - 1)
    if options.how == IN_PLACE:
        return np.broadcast_to(-drift, (b - a - 1, 3))
    if options.how == SPEED:
        return np.broadcast_to(_way(reading, a, b) * options.speed * reading.poses.dt - drift, (b - a - 1, 3))
    moved, bears = _feet(reading, a, b)
    known = bears.any(axis=1)
    if not known.any():
        raise EditError("No foot comes down on these frames, so none can carry it. Give it a speed.")
    share = np.where(bears, 1.0, 0.0)
    back = -(moved * share[..., None]).sum(axis=1)[known] / share.sum(axis=1)[known][:, None]
    out, rows = np.zeros((b - a - 1, 3)), np.arange(b - a - 1)
    # in the air it keeps the speed that the feet gave it
    for i in (0, 2):
        even = np.interp(rows, rows[known], back[:, i])
        # a body can't change its speed at once as the other foot takes over
        edges = np.pad(median_filter(even, NOISE, mode="nearest"), EVENED // 2, mode="edge")
        out[:, i] = np.convolve(edges, KERNEL, mode="valid")
    return out


def _soles(reading: Reading, a: int, b: int) -> list[np.ndarray]:
    """The points of each foot; of a body with no feet that are known as such, of every part that comes down. EditError
    where there are none."""
    track, meanings = reading.traced.track, reading.body.anatomy.meanings
    sides: dict[str, list[int]] = {}
    for i, (point, sole) in enumerate(zip(track.skin.points, track.skin.named(*SOLE), strict=True)):
        if sole:
            sides.setdefault(meanings[point.joint].side, []).append(i)
    if sides:
        return [np.array(sides[side]) for side in sorted(sides)]
    away = reading.surfaces[FLOOR].away[a:b]
    parts = parts_of(track.skin, reading.poses.rig.names).values()
    down = [own for own in parts if away[:, own].min() < STANDS_M * reading.size]
    if not down:
        raise EditError("Nothing of it comes down on these frames, so nothing can carry it. Give it a speed.")
    return down


def _feet(reading: Reading, a: int, b: int) -> tuple[np.ndarray, np.ndarray]:
    """(frames - 1, feet, 3) m by which the lowest point of each foot moves level from frame to frame, and whether it
    bears then (frames - 1, feet)."""
    track = reading.traced.track
    away = reading.surfaces[FLOOR].away[a:b]
    moved, near = [], []
    for own in _soles(reading, a, b):
        high, at = away[:, own], track.at[a:b][:, own]
        # the point that is lowest over both frames
        low = (high[:-1] + high[1:]).argmin(axis=1)
        rows = np.arange(b - a - 1)
        moved.append((at[rows + 1, low] - at[rows, low]) * [1.0, 0.0, 1.0])
        near.append(np.maximum(high[rows, low], high[rows + 1, low]))
    moved, near = np.stack(moved, axis=1), np.stack(near, axis=1)
    down = near < STANDS_M * reading.size
    # of two that are down the one bears that goes back, or stays: the other swings by close over the ground
    ahead = np.where(down, moved @ _way(reading, a, b), np.inf)
    return moved, down & (ahead == ahead.min(axis=1, keepdims=True))


def _way(reading: Reading, a: int, b: int) -> np.ndarray:
    """(3,) unit, level: the way it goes, or faces where it stays in place."""
    at = reading.poses.position[a:b, reading.poses.rig.roots[0]]
    drift = (at[-1] - at[0]) * [1.0, 0.0, 1.0]
    far = float(np.linalg.norm(drift))
    return drift / far if far > TOLD_M * (b - a) else facing(reading, a)[0]


def _slides(reading: Reading, a: int, b: int, step: np.ndarray) -> float | None:
    """m that a foot which bears moves in a frame on average, carried so; None where none bears."""
    try:
        moved, bears = _feet(reading, a, b)
    except EditError:
        return None
    found = np.linalg.norm(moved + step[:, None], axis=-1)[bears]
    return float(found.mean()) if len(found) else None


CORRECTION = Correction(
    NAME,
    "Over the ground",
    "travel",
    "A cycle goes through the world as fast as its feet stand, or as you say, or comes back in place.",
    Options,
    (),
    places,
    propose,
    order=97,
    needs="Needs a clip that loops. Name one under Show.",
)
