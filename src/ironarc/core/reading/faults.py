"""Contacts gone wrong: planted parts that slide, that sink or hover, and parts that pass through a prop or the body."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from functools import partial

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.anatomy import ContactPoint
from ironarc.core.reading.again import by_frames, given
from ironarc.core.reading.contacts import FLOOR, depth_inside
from ironarc.core.reading.forces import kept_up, read_forces
from ironarc.core.reading.glides import against, mean_around, read_glides, slower_side, smoothed
from ironarc.core.reading.inside import depth_in
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import LEGS, limb_of, parts_of
from ironarc.core.reading.soles import read_soles
from ironarc.core.reading.spans import Span, runs
from ironarc.core.settings import SETTINGS

SLIDE, SINK, HOVER, THROUGH = "slide", "sink", "hover", "through"
JUMP_MS = 1.5  # that nothing planted slides by
FEET = "feet"  # what is said of both where the whole body hovers over them
_PLURALS = {"foot": FEET}
KEPT_S = 0.12  # that a depth or a gap must last to be one
STEADY_S = 0.15  # to either side, over which the load of a part is taken
GLIDE_MS = 6.0  # that nothing slides by in one frame, bearing a body that glides
GLIDES_ALONG, GLIDES_ALONG_MS = 1.2, 0.05  # of the slowest low part's pace, within which a part bears what glides
PLANTED_BW = 0.15  # a foot that bears less is drawn along, not planted
SOFT = 0.35  # of its half-width that a round part gives way where it lies
TWIN, TWIN_FRAMES = 1 / 3, 0.5  # of the larger fault, and of its frames, from which left and right are one fault
ON_BALL = 0.5  # of what a foot on its ball turns and drags as it pushes that counts as a slide
LEAST_M = 0.01  # of a fault, of a figure 1.75 m tall
LONG_PATH = 400  # steps, from which a slide is measured from its start
STILL_SHARE = 0.05  # of a slide's way at either end that is left out of its frames


@dataclass(frozen=True)
class ContactFault:
    """kind : "slide", "sink", "hover" or "through"; value_m : how far
    what : the limb, or the part, in words; surface : "floor", a prop's id, or "" for the body itself
    start, end : frames of the shot; path : (frames, 2) m, x and z of a slide, on these frames; else empty
    """

    kind: str
    value_m: float
    what: str
    surface: str
    start: int
    end: int
    path: np.ndarray


def contact_faults(reading: Reading) -> tuple[ContactFault, ...]:
    """All of them, in the order of their frames; how far is for the rules to judge."""
    found = [*_slides(reading), *_sinks(reading), *_hovers(reading), *_passes(reading)]
    return tuple(sorted(_together(found, reading), key=lambda f: (f.start, f.kind, f.what)))


def both(part: str) -> str:
    """A part with no side, as it is called where left and right are meant."""
    return f"{_BOTH}{_PLURALS.get(part, part + 's')}"


def single_parts(what: str) -> list[str]:
    """The parts that something is about, one by one: both of what is called both."""
    if what != FEET and not what.startswith(_BOTH):
        return [what]
    many = what.removeprefix(_BOTH)
    one = next((one for one, plural in _PLURALS.items() if plural == many), many.removesuffix("s"))
    return [f"left {one}", f"right {one}"]


_BOTH = "both "


def _together(found: list[ContactFault], reading: Reading) -> list[ContactFault]:
    """Both feet, or both hands, that do the same on the same frames are one fault: of the one that does it most."""
    out: list[ContactFault] = []
    _, before = reading.before(_twinned) or (None, {})
    known = reading.ask(_twinned)
    pairs: dict[tuple[str, str, str], list[ContactFault]] = {}
    for fault in found:
        side, _, part = fault.what.partition(" ")
        if side in _OTHER_SIDE:
            pairs.setdefault((fault.kind, fault.surface, part), []).append(fault)
        else:
            out.append(fault)
    for (*_, part), faults in pairs.items():
        for group in _overlapping(faults):
            if len(group) > 1:
                who = tuple(map(id, group))
                known[who] = before.get(who) or (group, _twins(group, part))
                out += known[who][1]
            else:
                out += group
    return sorted(out, key=lambda f: -f.value_m)


def _twinned(reading: Reading) -> dict[tuple[int, ...], tuple[list[ContactFault], list[ContactFault]]]:
    """Faults of left and right on the same frames, by who they are, and what was made of them: an edit leaves most."""
    return {}


_OTHER_SIDE = {"left": "right", "right": "left"}


def _overlapping(faults: list[ContactFault]) -> Iterator[list[ContactFault]]:
    """Groups of faults no frame of which is one of another group."""
    group, end = [], -1
    for fault in sorted(faults, key=lambda f: f.start):
        if group and fault.start > end:
            yield group
            group = []
        end = max(end, fault.end) if group else fault.end
        group.append(fault)
    yield group


def _twins(faults: list[ContactFault], part: str) -> list[ContactFault]:
    """Faults of left and right of one part, those that are one made so."""
    out: list[ContactFault] = []
    single: dict[str, list[int]] = {side: [] for side in _OTHER_SIDE}  # places in `out` of those that have no twin yet
    for fault in sorted(faults, key=lambda f: -f.value_m):
        side = fault.what.partition(" ")[0]
        alone = single[_OTHER_SIDE[side]]
        twin = next(
            (i for i in alone if fault.value_m > TWIN * out[i].value_m and _shared(out[i], fault) > TWIN_FRAMES), None
        )
        if twin is None:
            single[side].append(len(out))
            out.append(fault)
        else:
            alone.remove(twin)
            out[twin] = replace(out[twin], what=both(part))
    return out


def _shared(a: ContactFault, b: ContactFault) -> float:
    """Share of the shorter one's frames that both have."""
    common = min(a.end, b.end) - max(a.start, b.start) + 1
    return common / (min(a.end - a.start, b.end - b.start) + 1)


def kept_frames(reading: Reading) -> int:
    """Frames that make up KEPT_S."""
    return max(2, int(np.ceil(KEPT_S / reading.poses.dt - 1e-9)))


@dataclass(frozen=True, eq=False)
class _Slide:
    """How a part goes over a surface. on : (frames - 1,) bool, a point of it rests over the step; step, at :
    (frames - 1, 2) m, x and z, the least way that any of them goes, and where that one is"""

    on: np.ndarray
    step: np.ndarray
    at: np.ndarray


def _slides(reading: Reading) -> list[ContactFault]:
    """A planted part that rolls or turns has a point that stays; one that slides has none.

    So a step of a slide is the least that any of the part's resting points goes, and they are added up as vectors:
    noise that goes to and fro adds nothing.
    """
    out, first, touch = [], int(reading.poses.frames[0]), reading.ask(read_forces).parts
    tracks, known = reading.ask(_slide_tracks), _Known(reading)
    for what, surface in sorted(tracks):
        track = tracks[what, surface]
        for a, b in runs(track.on) if what in touch else ():
            # where a contact begins or ends the point is on its way: half a frame of that is no slide
            if b - a >= 3:
                out.append(known.of((SLIDE, what, surface, a, b), partial(_slide, track, first)))
    return out


class _Known:
    """Faults by what they were found from: kind, part, surface and a run of frames [a, b). Those of runs that an edit
    did not reach are the ones there were."""

    def __init__(self, reading: Reading):
        self._made = reading.ask(_made)
        was, had = reading.before(_made) or (None, {})
        # on soles of another thickness all parts lie otherwise
        alike = was is not None and np.array_equal(was.ask(read_soles), reading.ask(read_soles))
        self._spans, self._had = (reading.again.spans, had) if alike else ((), {})

    def of(self, run: tuple[str, str, str, int, int], work: Callable[[tuple], ContactFault]) -> ContactFault:
        """The fault of a run; work : what finds it"""
        *_, a, b = run
        reached = any(x < b + 2 and y > a - 2 for x, y in self._spans)
        found = None if reached else self._had.get(run)
        self._made[run] = found = found or work(run)
        return found


def _made(reading: Reading) -> dict[tuple[str, str, str, int, int], ContactFault]:
    """Faults that were found, by their runs."""
    return {}


def _slide(track: _Slide, first: int, run: tuple[str, str, str, int, int]) -> ContactFault:
    _, what, surface, a, b = run
    path = np.concatenate([np.zeros((1, 2)), np.cumsum(track.step[a + 1 : b - 1], axis=0)])
    begins, ends, far = _farthest(path)
    low, high = _moving(path, begins, ends)
    # where it goes: from where its first point stood
    at = track.at[a + 1] + path
    return ContactFault(
        SLIDE, far, what, surface, int(a + 1 + low + first), int(a + 1 + high + first), at[low : high + 1]
    )  # fmt: skip


@by_frames
def _slide_tracks(reading: Reading) -> dict[tuple[str, str], _Slide]:
    """By part and surface, of the parts that can be planted."""
    out = {}
    track, rests = reading.traced.track, reading.rests
    forces, skin = reading.ask(read_forces), track.skin
    push = rotation.length(forces.grf)
    gliding, pace = reading.ask(read_glides)
    for k, what in enumerate(forces.groups):
        points = _parts(reading)[what]
        kind = skin.points[points[0]]
        if not (kind.point in ("heel", "ball", "toe", "tip") or (kind.point == "palm" and _has_wrist(reading, kind))):
            continue
        # a foot that is unweighted for a moment on its way is still planted, but not while the whole body is
        bears = mean_around(forces.shares[:, k] * push, 2 * round(STEADY_S / reading.poses.dt) + 1)
        planted = (bears > PLANTED_BW) & (push > 2 * PLANTED_BW)
        for surface, touch in reading.touch.items():
            near = reading.surfaces[surface]
            moved = against(reading, surface, points)
            # what bears a body that glides goes along with it, however fast
            low = touch[:, points] & (near.away[:, points] < SETTINGS["contact_rest"].value * reading.size)
            among = low[:-1] & low[1:]
            along = rotation.length(smoothed(reading, moved, among)) / reading.poses.dt
            along = slower_side(np.where(among, along, np.inf).min(axis=1))
            bears_glide = gliding & (along < GLIDES_ALONG * pace + GLIDES_ALONG_MS)
            rest = rests[surface][:, points] | (low & bears_glide[:, None])
            rest &= touch[:, points] & planted[:, None]
            far = rotation.length(moved)
            moved = smoothed(reading, moved, rest[:-1] & rest[1:])
            # a part that is elsewhere in the next frame has jumped, not slid
            most = np.where(gliding[:-1] | gliding[1:], GLIDE_MS, JUMP_MS)[:, None]
            both = rest[:-1] & rest[1:] & (far < most * reading.size * reading.poses.dt)
            far = np.where(both, rotation.length(moved), np.inf)
            least = far.argmin(axis=1)
            rows = np.arange(len(far))
            step = np.where(both.any(axis=1)[:, None], moved[rows, least], 0.0)
            # a foot on its ball drags and turns as it pushes: half of that counts
            heels = [i for i in points if skin.points[i].point == "heel"]
            if heels:
                up = near.away[:-1, heels].min(axis=1) > SETTINGS["contact_rest"].value * reading.size
                step = np.where(up[:, None], ON_BALL * step, step)
            out[what, surface] = _Slide(both.any(axis=1), step, track.at[:-1][rows, points[least]][:, [0, 2]])
    return out


def _has_wrist(reading: Reading, point: ContactPoint) -> bool:
    """Whether a hand is a joint of its own: where it rides on the forearm, nobody knows how it lies on the ground."""
    return reading.body.anatomy.meanings[point.joint].role != "forearm"


def _farthest(path: np.ndarray) -> tuple[int, int, float]:
    """The two places (indices in order) of a path (frames, 2) m that lie farthest apart, and how far; of a long path
    how far it comes from its start."""
    from_start = rotation.length(path - path[0])
    end = int(from_start.argmax())
    if len(path) >= LONG_PATH:
        return 0, end, float(from_start[end])
    # what lies near the middle is an end of no way that is longer than one that is known
    middle = rotation.length(path - path.mean(axis=0))
    known = float(rotation.length(path - path[end]).max())
    outer = np.flatnonzero(middle >= (known - middle.max()) * (1 - 1e-9) - 1e-12)
    reach = rotation.length(path[outer, None] - path[outer])
    i, j = np.unravel_index(int(reach.argmax()), reach.shape)
    return int(outer[min(i, j)]), int(outer[max(i, j)]), float(reach[i, j])


def _moving(path: np.ndarray, low: int, high: int) -> Span:
    """The part of path [low, high] over which 5 to 95 % of the way is gone."""
    way = rotation.length(path[low : high + 1] - path[low])
    total = way[-1]
    if total < 1e-9:
        return low, high
    begins = low + int(np.argmax(way > STILL_SHARE * total))
    ends = low + int(np.argmax(way >= (1 - STILL_SHARE) * total))
    return max(begins - 1, low), ends


def _sinks(reading: Reading) -> list[ContactFault]:
    """Parts kept under the floor or inside a prop that they rest on. Round flesh gives way a little."""
    known = _Known(reading)
    return [
        fault for (what, surface), depth in reading.ask(_sink_tracks).items()
        for fault in kept_faults(reading, SINK, depth, what, surface, known=known)
    ]  # fmt: skip


@given(read_soles)
@by_frames
def _sink_tracks(reading: Reading) -> dict[tuple[str, str], np.ndarray]:
    """(frames,) m that parts are under the floor, or inside a prop that they rest on, by part and surface."""
    out, skin = {}, reading.traced.track.skin
    give = SOFT * skin.half.min(axis=1) * (~skin.named("palm", "heel", "ball", "toe", "tip"))
    for surface, near in reading.surfaces.items():
        thick = reading.ask(read_soles) if surface == FLOOR else 0.0
        depth = np.maximum(thick - np.where(np.isfinite(near.away), near.away, np.inf) - give, 0.0)
        if surface != FLOOR:
            depth = np.where(reading.touch[surface], depth, 0.0)
        for what, points in _parts(reading).items():
            if any(skin.points[i].point == "palm" and not _has_wrist(reading, skin.points[i]) for i in points):
                continue
            out[what, surface] = depth[:, points].max(axis=1)
    return out


def _parts(reading: Reading) -> dict[str, np.ndarray]:
    return parts_of(reading.traced.track.skin, reading.body.anatomy.rig.names)


def kept_faults(
    reading: Reading, kind: str, value: np.ndarray, what: str, surface: str, least: float = LEAST_M,
    known: _Known | None = None,
) -> list[ContactFault]:  # fmt: skip
    """Faults where `value` (frames,) m stays up for `KEPT_S`; how far is what it keeps up. known : those that rest on
    this motion alone, and on frames close by"""
    low, window, first = least * reading.size, kept_frames(reading), int(reading.poses.frames[0])

    def found(run: tuple[str, str, str, int, int]) -> ContactFault:
        a, b = run[-2:]
        kept = kept_up(value[a:b], window)
        most = float(kept.max())
        # the frames on which it is more than half as far
        at = a + first + np.flatnonzero(kept > most / 2)
        return ContactFault(kind, most, what, surface, int(at[0]), int(at[-1]), np.zeros((0, 2)))

    over = [(kind, what, surface, a, b) for a, b in runs(value > low) if b - a >= window]
    return [found(run) if known is None else known.of(run, found) for run in over]


def _hovers(reading: Reading) -> list[ContactFault]:
    """The whole body over what should bear it: its lowest point near still, and nothing touching."""
    gap, lowest, which = reading.ask(_hover_tracks)
    names, points = list(reading.surfaces), reading.traced.track.skin.points
    out = []
    for fault in kept_faults(reading, HOVER, gap, "", FLOOR, known=_Known(reading)):
        a = fault.start - int(reading.poses.frames[0])
        limb = limb_of(points[lowest[a]])
        out.append(replace(fault, what=FEET if limb in LEGS else limb, surface=names[which[a]]))
    return out


@given(read_soles)
@by_frames
def _hover_tracks(reading: Reading) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """(frames,) each: m that the body is over what should bear it, the index of its lowest point, and that of the
    surface which this one is nearest to."""
    thick = reading.ask(read_soles)
    every = np.stack([s.away - thick * (name == FLOOR) for name, s in reading.surfaces.items()])
    away = every.min(axis=0)
    speed = np.stack([s.speed for s in reading.surfaces.values()])
    if away.shape[1] == 0:
        none = np.zeros(len(away), dtype=int)
        return np.zeros(len(away)), none, none
    rows = np.arange(len(away))
    lowest = away.argmin(axis=1)
    which = every.argmin(axis=0)[rows, lowest]
    gap = np.where(reading.footing.air, 0.0, away[rows, lowest])
    still = speed[which, rows, lowest] < SETTINGS["hover_still"].value * reading.size
    for a, b in reading.footing.hovers:
        still[a:b] = True
    gap = np.where(np.isfinite(gap) & still, np.maximum(gap, 0.0), 0.0)
    if reading.said is not None:
        gap = np.where(reading.said.borne, 0.0, gap)
    return gap, lowest, which


def _passes(reading: Reading) -> list[ContactFault]:
    """Parts whose middle goes through a prop, and hands or forearms through the trunk or the head."""
    # several points go by the name of one part, so a run doesn't tell them apart: all are found anew
    return [
        fault for (what, surface, _), depth in reading.ask(_pass_tracks).items()
        for fault in kept_faults(reading, THROUGH, depth, what, surface)
    ]  # fmt: skip


@by_frames
def _pass_tracks(reading: Reading) -> dict[tuple[str, str, int], np.ndarray]:
    """(frames,) m that parts are inside a prop, or the body itself, by part, surface and point."""
    out, track = {}, reading.traced.track
    for prop in reading.traced.props:
        depth = depth_inside(track, prop, reading.floor, reading.poses.frames)
        rests = reading.touch.get(prop.id)
        for what, points in _parts(reading).items():
            deepest = depth[:, points].max(axis=1)
            if rests is not None:
                deepest = np.where(rests[:, points].any(axis=1), 0.0, deepest)
            out[what, prop.id, -1] = deepest
    solid = [p for p in reading.body.parts if p.segment in ("trunk", "head")]
    # ends of limbs deep inside the trunk or the head: nearer to the axis than half their thinner half-width
    ends = np.flatnonzero(track.skin.named("palm", "toe", "ball", "knee"))
    depths = depth_in(np.swapaxes(track.middle[:, ends], 0, 1), solid, reading.poses)
    for i, depth in zip(ends.tolist(), depths, strict=True):
        point = track.skin.points[i]
        name = {"palm": "hand", "ball": "foot", "toe": "foot"}.get(point.point, point.point)
        out[f"{point.side} {name}", "", i] = depth
    return out
