"""Balance: where the plumb falls, what it falls on, and where the body would tip."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.read import Reading
from ironarc.core.reading.support import Pads, pads_on
from ironarc.core.rows import MANY, as_wide, blocks

ALIKE_M = 1e-9  # within which two places are one
TIPPED = 0.5  # of its height off the edge a body is past saving: a lean of some 27 degrees


@dataclass(frozen=True)
class Balance:
    """All on the ground plane, x and z in m; margins are more than 0 inside the support area, NaN with none.

    hull : (frames, corners, 2) m, the support area in order, its last corner repeated; NaN where nothing is touched
    margin_m, xcom_margin_m, zmp_margin_m : (frames,) of the plumb, of the extrapolated com (Hof, Gazendam and Sinke,
        J. Biomechanics 38, 2005: c + v / sqrt(g / h)), and of the point about which the motion asks for no torque
    xcom : (frames, 2) m; fall : (frames, 2) unit, the way it tips, NaN where it doesn't
    tips_in_s : (frames,) until it is past saving if it is let go, as an inverted pendulum; inf where it doesn't tip
    pulls : (frames,) bool, held by a hand that may pull: no plumb needs to fall on anything then
    """

    hull: np.ndarray
    margin_m: np.ndarray
    xcom_margin_m: np.ndarray
    zmp_margin_m: np.ndarray
    xcom: np.ndarray
    fall: np.ndarray
    tips_in_s: np.ndarray
    pulls: np.ndarray


@by_frames
def read_balance(reading: Reading) -> Balance:
    """Support area, plumb, extrapolated com and time to tip at every frame."""
    com, g, forces = reading.com, reading.g, reading.ask(read_forces)
    pads = pads_on(reading)
    n = len(com)
    height = np.maximum(com[:, 1] - np.where(pads.on, pads.at[..., 1], np.inf).min(axis=1, initial=np.inf), 0.1)
    height = np.where(np.isfinite(height), height, 1.0)
    rate = np.sqrt(g / height)
    plumb = com[:, [0, 2]]
    speed = reading.com_velocity[:, [0, 2]]
    xcom = plumb + speed / rate[:, None]
    # a push through the com's height h above the ground: zmp = c - h a / (g + a_y), less what turns the body
    up = np.maximum(forces.needed[:, 1], 0.05)[:, None]
    zmp = plumb - height[:, None] * forces.needed[:, [0, 2]] / up
    hull = support_hull(pads)
    margins, away = signed_distances(hull, np.stack([plumb, xcom, zmp], axis=1))
    fall = np.where(margins[:, 1, None] < 0, away[:, 1], np.nan)
    margin, xcom_margin, zmp_margin = margins.T
    tips = np.full(n, np.inf)
    out = xcom_margin < 0
    if out.any():
        tips[out] = _tips_in(-margin[out], np.einsum("fi,fi->f", speed[out], fall[out]), rate[out], height[out])
    return Balance(
        hull, margin, xcom_margin, zmp_margin, xcom, fall, tips, (pads.pulls & pads.on).any(axis=1)
    )  # fmt: skip


def support_hull(pads: Pads) -> np.ndarray:
    """(frames, corners, 2) m over the ground: the support area, as Balance has it."""
    hulls = []
    for a, b in blocks(len(pads.on), MANY):
        # few touch at once: those of each frame first, in their order
        on = pads.on[a:b]
        few = np.argsort(~on, axis=1, kind="stable")[:, : on.sum(axis=1).max()]
        corners = np.take_along_axis(pads.corners[a:b], few[..., None, None], 1)[..., [0, 2]].reshape(b - a, -1, 2)
        hulls.append(convex_hulls(corners, np.repeat(np.take_along_axis(on, few, 1), 2, axis=1)))
    wide = max((hull.shape[1] for hull in hulls), default=1)
    return np.concatenate([np.zeros((0, wide, 2)), *(as_wide(hull, wide) for hull in hulls)])


def standing_margin(reading: Reading) -> np.ndarray:
    """(frames,) m inside the support area that the plumb falls; NaN with none. It asks for no forces."""
    plumb = reading.com[:, None, [0, 2]]
    return signed_distances(support_hull(pads_on(reading)), plumb)[0][:, 0]


def _tips_in(past: np.ndarray, speed: np.ndarray, rate: np.ndarray, height: np.ndarray) -> np.ndarray:
    """Seconds (n,) until an inverted pendulum `past` its edge by so many m (less than 0: inside), moving out at
    `speed` m/s, is TIPPED of its height out: x(t) = A exp(ω t) + B exp(-ω t)."""
    growing, dying = (past + speed / rate) / 2, (past - speed / rate) / 2
    goal = TIPPED * height
    root = np.sqrt(np.maximum(goal**2 - 4 * growing * dying, 0.0))
    return np.log(np.maximum((goal + root) / np.maximum(2 * growing, 1e-9), 1.0)) / rate


def convex_hulls(points: np.ndarray, on: np.ndarray) -> np.ndarray:
    """(frames, corners, 2) hulls of those points (frames, points, 2) that count, `on` (frames, points), in order.

    All frames are wrapped at once (Jarvis): from each corner on to the point that turns least. The last corner is
    repeated up to the longest hull; NaN where no point counts.
    """
    corners = [np.full((len(on), 2), np.nan)]
    frames = np.flatnonzero(on.any(axis=1))  # whose hulls are still open
    if not len(frames):
        return np.stack(corners, axis=1)
    points, on = points[frames], on[frames]
    x = np.where(on, points[..., 0], np.inf)
    # the leftmost, the lowest of those that lie as far to the left but for their last digits
    left = x <= x.min(axis=1, keepdims=True) + ALIKE_M
    rows, at = np.arange(len(frames)), np.where(on & left, points[..., 1], np.inf).argmin(axis=1)
    been, heading, here = np.zeros(on.shape, dtype=bool), np.tile([0.0, -1.0], (len(frames), 1)), points[rows, at]
    begin = corners[0][frames] = here
    while len(frames):
        been[rows, at] = True
        step = points - here[:, None]
        far = rotation.length(step)
        turn = _turn(
            rotation.dot(heading[:, None], step),
            heading[:, None, 0] * step[..., 1] - heading[:, None, 1] * step[..., 0],
        )
        turn = np.where(turn < -1e-9, turn + 4, turn)
        # of two on one line the farther
        turn = np.where(on & (far > 1e-9), turn - 1e-9 * far, np.inf)
        at = turn.argmin(axis=1)
        there = points[rows, at]
        closes = (rotation.length(there - begin) < ALIKE_M) | been[rows, at] | np.isinf(turn[rows, at])
        left = np.flatnonzero(~closes)
        if len(left):
            corners.append(corners[-1].copy())
            corners[-1][frames[left]] = there[left]
        heading, here = step[left, at[left]], there[left]
        frames, points, on, been, begin, at = (x[left] for x in (frames, points, on, been, begin, at))
        rows = np.arange(len(frames))
    return np.stack(corners, axis=1)


def _turn(ahead: np.ndarray, aside: np.ndarray) -> np.ndarray:
    """From -2 to 2, in the order of the angles whose cosine and sine go as `ahead` and `aside`, and near 0 as large:
    found sooner than they are."""
    share = aside / np.maximum(np.abs(ahead) + np.abs(aside), 1e-300)
    return np.where(ahead >= 0, share, np.copysign(2.0, aside) - share)


def signed_distances(hull: np.ndarray, points: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """(frames, points) m to the edge of each frame's convex hull (frames, corners, 2), more than 0 inside, and
    (frames, points, 2) unit, the way out; points (frames, points, 2). NaN where there is no hull."""
    out, ways = np.empty(points.shape[:2]), np.empty(points.shape)
    for a, b in blocks(len(hull), MANY):
        out[a:b], ways[a:b] = _signed_distances(hull[a:b], points[a:b])
    return out, ways


def _signed_distances(hull: np.ndarray, points: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    a, b = hull[:, None], np.roll(hull, -1, axis=1)[:, None]
    edge = b - a
    length = rotation.length(edge)
    real = length > 1e-9
    from_a = points[:, :, None] - a
    outward = np.stack([edge[..., 1], -edge[..., 0]], axis=-1) / np.maximum(length, 1e-9)[..., None]
    beyond = np.where(real, rotation.dot(from_a, outward), -np.inf)
    # two edges are one line there and back, which has no inside
    inside = (beyond.max(axis=-1) <= 0) & (real.sum(axis=-1) > 2)
    share = (rotation.dot(from_a, edge) / np.maximum(length**2, 1e-12)).clip(0, 1)
    apart = from_a - share[..., None] * edge
    size = rotation.length(apart)
    near = np.where(np.isfinite(size), size, np.inf).argmin(axis=-1)[..., None]
    least = np.take_along_axis(size, near, -1)[..., 0]
    way = np.take_along_axis(apart, near[..., None], 2)[:, :, 0] / np.maximum(least, 1e-12)[..., None]
    out = np.broadcast_to(outward, apart.shape)
    out = np.take_along_axis(out, beyond.argmax(axis=-1)[..., None, None], 2)[:, :, 0]
    return (
        np.where(inside, -beyond.max(axis=-1), -least),
        np.where(inside[..., None], out, way),
    )  # fmt: skip
