"""What slides, sinks or hovers brought to its place: limbs reach for it, the hips follow, the rest moves as a whole."""

import numpy as np
from scipy.ndimage import maximum_filter1d

from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.faults import FEET, HOVER, SINK, SLIDE, ContactFault, single_parts
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.soles import read_soles
from ironarc.core.reading.spans import runs
from ironarc.core.truing.carry import Figure, bears, end_of, faded, hangs_on, limbs_that_reach, points_of

BAND_M = 0.004  # nearer to its surface a foot is on it
SETTLED = 24  # frames beyond it on which smoothing has died away
LED_S = 0.2  # beside a fault, over which a foot is led to its place and from it


def footed(reading: Reading, at: slice, faults: list[ContactFault], hips: float) -> Figure:
    """The body with what is at fault put right on the frames `at`."""
    figure = Figure.of(reading, at)
    n = len(figure.was.frames)
    led = max(3, int(np.rint(LED_S / reading.poses.dt)))
    feet = []
    for limb in limbs_that_reach(reading.body, reading.poses):
        on = bears(reading, limb)[at]
        if on.any():
            feet.append((limb, on, _needed(reading, at, limb, on, faults, led)))
    whole = _needed_by_the_rest(reading, at, faults, led)
    ride = np.zeros((n, 3))
    if feet:
        shares = np.stack([faded(on, led) for _, on, _ in feet]) + 1e-9
        needs = np.stack([need for _, _, need in feet])
        ride = hips * (shares[..., None] * needs).sum(axis=0) / shares.sum(axis=0)[:, None]
    ride = ride + whole
    figure.shift(ride)
    for limb, on, need in feet:
        share = faded(on, led)[:, None]
        target = end_of(limb, figure.was.rotation, figure.was.position) + share * (need + whole) + (1 - share) * ride
        figure.reach(limb, target)
    return figure


def _needed(reading: Reading, at: slice, limb, on: np.ndarray, faults: list[ContactFault], led: int) -> np.ndarray:
    """(frames, 3) m that a limb's end is to move by."""
    out = np.zeros((len(on), 3))
    first = int(reading.poses.frames[at][0])
    for fault in faults:
        if not _concerns(reading, fault, limb):
            continue
        if fault.kind == SLIDE:
            out[:, [0, 2]] += _back_in_level(fault, on, first, led)
        else:
            near = _around(fault, len(on), first, led)
            out[near] += _height_of(reading, _within(at, near), limb, on[near], fault, led)
    return out


def _within(at: slice, part: slice) -> slice:
    """A part of the frames `at`, as indices of the reading."""
    return slice(at.start + part.start, at.start + part.stop)


def _concerns(reading: Reading, fault: ContactFault, limb) -> bool:
    """Whether a fault is of this limb's end."""
    skin, names = reading.traced.track.skin, reading.body.anatomy.rig.names
    if fault.kind == HOVER:
        return fault.what == limb.name or (fault.what == FEET and limb.is_leg)
    parts = parts_of(skin, names)
    joints = {int(skin.points[i].joint) for name in single_parts(fault.what) for i in parts.get(name, ())}
    return any(hangs_on(reading.poses.rig, joint, limb) for joint in joints)


def _back_in_level(fault: ContactFault, on: np.ndarray, first: int, led: int) -> np.ndarray:
    """(frames, 2) m, x and z, that undo a slide: one place for the whole contact.

    The place is the one it has at the end of the contact that a flight or the longer stand follows, so that what is
    moved is led over on the ground.
    """
    out = np.zeros((len(on), 2))
    a, b = fault.start - first, fault.end - first
    run = next(((x, y) for x, y in runs(on) if x <= b and a < y), None)
    if run is None:
        return out
    x, y = run
    inside = np.clip(np.arange(x, y) - a, 0, len(fault.path) - 1)
    path = fault.path[inside] - fault.path[0]
    flies_before, flies_after = x > 0, y < len(on)
    if flies_after and not flies_before:
        anchor = path[-1]
    elif flies_before and not flies_after:
        anchor = path[0]
    elif a - x < y - 1 - b:
        anchor = path[-1]
    else:
        anchor = path[0]
    out[x:y] = anchor - path
    # what is left at an edge is led out beside it
    for edge, way in ((x, -1), (y - 1, 1)):
        for k in range(1, led + 1):
            i = edge + way * k
            if 0 <= i < len(out) and not on[i]:
                t = 1 - k / (led + 1)
                out[i] = out[edge] * t * t * (3 - 2 * t)
    return out


def _around(fault: ContactFault, n: int, first: int, led: int) -> slice:
    """The frames [low, high) of so many that putting a fault right can touch."""
    return slice(max(fault.start - first - 2 * led - SETTLED, 0), min(fault.end - first + 1 + 2 * led + SETTLED, n))


def _height_of(reading: Reading, at: slice, limb, on: np.ndarray, fault: ContactFault, led: int) -> np.ndarray:
    """(frames, 3) m up out of a surface, or down to it, on the frames `at`, around a fault. on : (frames,) it bears"""
    mine = points_of(reading, limb)
    surface = reading.surfaces.get(fault.surface, reading.surfaces[FLOOR])
    thick = reading.ask(read_soles)[mine] if surface is reading.surfaces[FLOOR] else 0.0
    away = surface.away[at][:, mine] - thick
    away = np.where(np.isfinite(away), away, 1.0)
    lowest, which = away.min(axis=1), away.argmin(axis=1)
    # the floor has one normal for all points and frames, a prop that moves one for each
    normal = surface.normal[at] if len(surface.normal) > 1 else surface.normal
    normal = normal[:, mine] if normal.shape[1] > 1 else normal
    normal = np.broadcast_to(normal, (*away.shape, 3))[np.arange(len(away)), which]
    lifted = _gated(lowest, on, fault, int(reading.poses.frames[at][0]), led, reading.size)
    return lifted[:, None] * normal


def _gated(
    lowest: np.ndarray, on: np.ndarray, fault: ContactFault, first: int, led: int, size: float
) -> np.ndarray:  # fmt: skip
    """(frames,) m to move by so that the lowest point lies on its surface around a fault, led in and out, nothing far
    from it."""
    a, b = max(fault.start - first - led, 0), min(fault.end - first + 1 + led, len(lowest))
    near = np.zeros(len(lowest), dtype=bool)
    near[a:b] = True
    if fault.kind == SINK:
        need = np.where(near & (lowest < -BAND_M * size), -lowest, 0.0)
        grown = maximum_filter1d(need, 3, mode="nearest")
        return np.maximum(need, smoothed(grown, 2.0).clip(min=0.0) * near)
    need = np.where(near & on & (lowest > BAND_M * size), -lowest, 0.0)
    gate = faded(need < 0, max(led // 2, 2))
    # beside it a foot that is coming down or leaving is led along by what is needed next to it
    at = np.flatnonzero(need < 0)
    if not len(at):
        return need
    follow = np.interp(np.arange(len(need)), at, need[at])
    return np.maximum(np.where(need < 0, need, follow * gate), -np.maximum(lowest, 0.0))


def _needed_by_the_rest(reading: Reading, at: slice, faults: list[ContactFault], led: int) -> np.ndarray:
    """(frames, 3) m that the whole moves by for what is no limb's end: a back that sinks or floats."""
    n, first = len(reading.poses.frames[at]), int(reading.poses.frames[at][0])
    out = np.zeros((n, 3))
    limbs = limbs_that_reach(reading.body, reading.poses)
    parts = parts_of(reading.traced.track.skin, reading.body.anatomy.rig.names)
    for fault in faults:
        if fault.kind == SLIDE:
            if not any(_concerns(reading, fault, limb) for limb in limbs):
                out[:, [0, 2]] += _back_in_level(fault, np.ones(n, dtype=bool), first, led)
            continue
        if any(_concerns(reading, fault, limb) for limb in limbs):
            continue
        near = _around(fault, n, first, led)
        away = reading.surfaces.get(fault.surface, reading.surfaces[FLOOR]).away[_within(at, near)]
        if fault.kind == SINK:
            skin = reading.traced.track.skin
            mine = parts.get(fault.what, np.arange(len(skin.points)))
            away = away[:, mine] + 0.3 * skin.half[mine].min(axis=1)
        on = np.ones(len(away), dtype=bool)
        out[near, 1] += _gated(away.min(axis=1), on, fault, first + near.start, led, reading.size)
    return out
