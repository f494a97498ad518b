"""Over the ground: a cycle carried through the world by its own feet, at a speed or along a guide, or brought back in
place."""

from dataclasses import dataclass

import numpy as np
from scipy.interpolate import CubicSpline
from scipy.ndimage import median_filter

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.skin import SOLE, parts_of
from ironarc.core.scene.guide import DRAWN, Guide
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, Way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import facing
from ironarc.core.truing.proposing import indices, proposed

NAME = "travel"
FEET, SPEED, GUIDED, IN_PLACE = "by its feet", "at a speed", "along a guide", "in place"
HOWS = (FEET, SPEED, GUIDED, IN_PLACE)
STANDS_M = 0.03  # over the ground at its lowest, within which a foot bears
LEAST_FRAMES = 4
FASTEST_MS = 15.0
TOLD_M = 0.005
NOISE, EVENED = 5, 5  # frames, over which a stray step is let pass, and over which the speed changes
SAMPLED = 400  # points of a guide, for its length
KERNEL = np.hanning(EVENED + 2)[1:-1] / np.hanning(EVENED + 2).sum()


@dataclass(frozen=True)
class Options:
    """start, end : frames it is carried over, what follows moves along

    how : one of HOWS; speed : m/s, of "at a speed"; "along a guide" is by its feet along the nearest drawn guide that
        shows, and what comes before is led to it
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
    dt, ways = reading.poses.dt, _straight(reading, a, b, _steps(reading, a, b, options))
    speed = float(np.linalg.norm((ways.to[-1] - ways.to[0])[[0, 2]])) / ((b - a - 1) * dt)
    guide = None
    if options.how == GUIDED:
        guide = _guide_of(seen, ways.at[0])
        ways = _along(ways, _way(reading, a, b), guide, seen)
    figure = _carried(reading, a, b, ways, before=guide is not None)
    says = f"It goes {speed:.2f} m/s over the ground, {speed * dt * (b - a):.2f} m in {b - a} frames."
    if guide is not None:
        says += f" It is led along {guide.name}."
    slides = _slides(reading, a, b, ways)
    if slides is not None:
        says += f" Feet that bear slide by {slides * 100:.1f} cm a frame on average."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


@dataclass(frozen=True, eq=False)
class _Ways:
    """Where each frame goes, as a whole: the root at `at` (frames, 3) m goes to `to`, and all turns about the upright
    there by `yaw` (frames,) rad."""

    at: np.ndarray
    to: np.ndarray
    yaw: np.ndarray

    def carried(self, points: np.ndarray, frames: np.ndarray) -> np.ndarray:
        """Points (n, ..., 3) m of those frames (n,), where they come to."""
        wide = (len(frames),) + (1,) * (points.ndim - 2) + (-1,)
        turn = rotation.about_axis("Y", self.yaw[frames]).reshape(wide)
        return self.to[frames].reshape(wide) + rotation.rotate(turn, points - self.at[frames].reshape(wide))


def _straight(reading: Reading, a: int, b: int, step: np.ndarray) -> _Ways:
    at = reading.poses.position[a:b, reading.poses.rig.roots[0]]
    return _Ways(at, at + np.concatenate([np.zeros((1, 3)), np.cumsum(step, axis=0)]), np.zeros(b - a))


def _along(straight: _Ways, way: np.ndarray, guide: Guide, seen: Seen) -> _Ways:
    """As far along a guide as the straight ways lead, swaying about it as the body does about its own way (3,); past
    its end straight on."""
    gone = straight.to - straight.to[0]
    far, aside = gone @ way, gone @ np.cross([0.0, 1.0, 0.0], way)
    times = guide.first + np.linspace(0, 1, SAMPLED) * guide.frames
    path = guide.path(times, seen.shot.frame_time_s, seen.shot.g)[:, [0, 2]]
    lengths = np.concatenate([[0.0], np.cumsum(np.linalg.norm(np.diff(path, axis=0), axis=1))])
    keep = np.concatenate([[True], np.diff(lengths) > 1e-6])
    if lengths[-1] < TOLD_M * len(far):
        raise EditError(f"{guide.name} goes straight up: it leads nowhere over the ground.")
    curve = CubicSpline(lengths[keep], path[keep])
    off = straight.at[0, [0, 2]] - path
    near = int(np.linalg.norm(off, axis=1).argmin())
    begins = np.clip(lengths[near] + off[near] @ curve(lengths[near], 1), 0.0, lengths[-1])
    on = np.clip(begins + far, 0.0, lengths[-1])
    ahead = curve(on, 1)
    ahead /= np.linalg.norm(ahead, axis=1, keepdims=True)
    left = np.stack([ahead[:, 1], -ahead[:, 0]], axis=1)
    level = curve(on) + (begins + far - on)[:, None] * ahead + aside[:, None] * left
    yaw = np.unwrap(np.arctan2(ahead[:, 0], ahead[:, 1]) - np.arctan2(way[0], way[2]))
    return _Ways(straight.at, np.stack([level[:, 0], straight.at[:, 1], level[:, 1]], axis=1), yaw)


def _guide_of(seen: Seen, at: np.ndarray) -> Guide:
    """The drawn guide that shows whose path comes nearest. EditError where there is none."""
    own = [g for g in seen.shot.guides if g.kind == DRAWN and not g.hidden and g.performer in ("", seen.performer.id)]
    if not own:
        raise EditError(
            f"{seen.performer.name} has no drawn guide curve that shows. Draw one in Set, over the ground to go."
        )

    def away(guide: Guide) -> float:
        path = guide.path(guide.first + np.linspace(0, 1, SAMPLED) * guide.frames, seen.shot.frame_time_s, seen.shot.g)
        return float(np.linalg.norm((path - at)[:, [0, 2]], axis=1).min())

    return min(own, key=away)


def _carried(reading: Reading, a: int, b: int, ways: _Ways, before: bool) -> Figure:
    """The body from there on, or all of it; what follows goes on from where it comes to, and what comes before leads
    there."""
    first, last = reading.traced.plays[0] if before else a, reading.traced.plays[1]
    figure, root = Figure.of(reading, slice(first, last)), reading.poses.rig.roots[0]
    rows = np.clip(np.arange(first, last) - a, 0, b - a - 1)
    own = figure.translation[:, root]
    figure.translation[:, root] = ways.carried(own, rows)
    if ways.yaw.any():
        turn = rotation.about_axis("Y", ways.yaw[rows])
        figure.local[:, root] = rotation.multiply(turn, figure.local[:, root])
    return figure


def _steps(reading: Reading, a: int, b: int, options: Options) -> np.ndarray:
    """(frames - 1, 3) m by which the body is carried further from each frame to the next."""
    at = reading.poses.position[a:b, reading.poses.rig.roots[0]]
    drift = (at[-1] - at[0]) * [1.0, 0.0, 1.0] / (b - a - 1)
    if options.how == IN_PLACE:
        return np.broadcast_to(-drift, (b - a - 1, 3))
    if options.how == SPEED:
        return np.broadcast_to(_way(reading, a, b) * options.speed * reading.poses.dt - drift, (b - a - 1, 3))
    moved, bears, _ = _feet(reading, a, b)
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


def _feet(reading: Reading, a: int, b: int) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """(frames - 1, feet, 3) m by which the lowest point of each foot moves level from frame to frame, whether it bears
    then, and which point of the skin it is (frames - 1, feet)."""
    track = reading.traced.track
    away = reading.surfaces[FLOOR].away[a:b]
    moved, near, lowest = [], [], []
    for own in _soles(reading, a, b):
        high, at = away[:, own], track.at[a:b][:, own]
        # the point that is lowest over both frames
        low = (high[:-1] + high[1:]).argmin(axis=1)
        rows = np.arange(b - a - 1)
        moved.append((at[rows + 1, low] - at[rows, low]) * [1.0, 0.0, 1.0])
        lowest.append(own[low])
        near.append(np.maximum(high[rows, low], high[rows + 1, low]))
    moved, near = np.stack(moved, axis=1), np.stack(near, axis=1)
    down = near < STANDS_M * reading.size
    # of two that are down the one bears that goes back, or stays: the other swings by close over the ground
    ahead = np.where(down, moved @ _way(reading, a, b), np.inf)
    return moved, down & (ahead == ahead.min(axis=1, keepdims=True)), np.stack(lowest, axis=1)


def _way(reading: Reading, a: int, b: int) -> np.ndarray:
    """(3,) unit, level: the way it goes, or faces where it stays in place."""
    at = reading.poses.position[a:b, reading.poses.rig.roots[0]]
    drift = (at[-1] - at[0]) * [1.0, 0.0, 1.0]
    far = float(np.linalg.norm(drift))
    return drift / far if far > TOLD_M * (b - a) else facing(reading, a)[0]


def _slides(reading: Reading, a: int, b: int, ways: _Ways) -> float | None:
    """m that a foot which bears moves in a frame on average, carried so; None where none bears."""
    try:
        _, bears, lowest = _feet(reading, a, b)
    except EditError:
        return None
    at, rows = reading.traced.track.at[a:b], np.arange(b - a - 1)
    here, after = at[rows[:, None], lowest], at[rows[:, None] + 1, lowest]
    moved = (ways.carried(after, rows + 1) - ways.carried(here, rows)) * [1.0, 0.0, 1.0]
    found = np.linalg.norm(moved, axis=-1)[bears]
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
