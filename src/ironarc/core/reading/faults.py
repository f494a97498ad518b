"""Contacts gone wrong: planted parts that slide, that sink or hover, and parts that pass through a prop or the body."""

from dataclasses import dataclass, replace

import numpy as np
from scipy.ndimage import uniform_filter1d

from ironarc.core.figure.anatomy import ContactPoint
from ironarc.core.reading.contacts import FLOOR, depth_inside
from ironarc.core.reading.forces import kept_up, read_forces
from ironarc.core.reading.glides import against, read_glides, slower_side, smoothed
from ironarc.core.reading.inside import depth_in
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import LEGS, limb_of, parts_of
from ironarc.core.reading.soles import read_soles
from ironarc.core.reading.spans import Span, resting, runs
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
    return tuple(sorted(_together(found), key=lambda f: (f.start, f.kind, f.what)))


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


def _together(found: list[ContactFault]) -> list[ContactFault]:
    """Both feet, or both hands, that do the same on the same frames are one fault: of the one that does it most."""
    out: list[ContactFault] = []
    for fault in sorted(found, key=lambda f: -f.value_m):
        side, _, part = fault.what.partition(" ")
        other = {"left": "right", "right": "left"}.get(side)
        twin = next(
            (
                i for i, f in enumerate(out)
                if other and (f.kind, f.surface, f.what) == (fault.kind, fault.surface, f"{other} {part}")
                and fault.value_m > TWIN * f.value_m and _shared(f, fault) > TWIN_FRAMES
            ),
            None,
        )  # fmt: skip
        if twin is None:
            out.append(fault)
        else:
            a = out[twin]
            out[twin] = replace(a, what=both(part))
    return out


def _shared(a: ContactFault, b: ContactFault) -> float:
    """Share of the shorter one's frames that both have."""
    common = min(a.end, b.end) - max(a.start, b.start) + 1
    return common / (min(a.end - a.start, b.end - b.start) + 1)


def kept_frames(reading: Reading) -> int:
    """Frames that make up KEPT_S."""
    return max(2, int(np.ceil(KEPT_S / reading.poses.dt - 1e-9)))


def _slides(reading: Reading) -> list[ContactFault]:
    """A planted part that rolls or turns has a point that stays; one that slides has none.

    So a step of a slide is the least that any of the part's resting points goes, and they are added up as vectors:
    noise that goes to and fro adds nothing.
    """
    out = []
    track, first = reading.traced.track, int(reading.poses.frames[0])
    forces, skin = reading.ask(read_forces), track.skin
    push = np.linalg.norm(forces.grf, axis=1)
    gliding, pace = reading.ask(read_glides)
    for k, what in enumerate(forces.parts):
        points = _parts(reading)[what]
        kind = skin.points[points[0]]
        if not (kind.point in ("heel", "ball", "toe", "tip") or (kind.point == "palm" and _has_wrist(reading, kind))):
            continue
        # a foot that is unweighted for a moment on its way is still planted, but not while the whole body is
        bears = uniform_filter1d(forces.share[:, k] * push, size=2 * round(STEADY_S / reading.poses.dt) + 1)
        planted = (bears > PLANTED_BW) & (push > 2 * PLANTED_BW)
        for surface, touch in reading.touch.items():
            near = reading.surfaces[surface]
            rest = resting(near.away[:, points], near.speed[:, points], reading.size)
            moved = against(reading, surface, points)
            # what bears a body that glides goes along with it, however fast
            low = touch[:, points] & (near.away[:, points] < SETTINGS["contact_rest"].value * reading.size)
            among = low[:-1] & low[1:]
            along = np.linalg.norm(smoothed(reading, moved, among), axis=-1) / reading.poses.dt
            along = slower_side(np.where(among, along, np.inf).min(axis=1))
            rest |= low & (gliding & (along < GLIDES_ALONG * pace + GLIDES_ALONG_MS))[:, None]
            rest &= touch[:, points] & planted[:, None]
            far = np.linalg.norm(moved, axis=-1)
            moved = smoothed(reading, moved, rest[:-1] & rest[1:])
            # a part that is elsewhere in the next frame has jumped, not slid
            most = np.where(gliding[:-1] | gliding[1:], GLIDE_MS, JUMP_MS)[:, None]
            both = rest[:-1] & rest[1:] & (far < most * reading.size * reading.poses.dt)
            far = np.where(both, np.linalg.norm(moved, axis=-1), np.inf)
            least = far.argmin(axis=1)
            rows = np.arange(len(far))
            step = np.where(both.any(axis=1)[:, None], moved[rows, least], 0.0)
            # a foot on its ball drags and turns as it pushes: half of that counts
            heels = [i for i in points if skin.points[i].point == "heel"]
            if heels:
                up = near.away[:-1, heels].min(axis=1) > SETTINGS["contact_rest"].value * reading.size
                step = np.where(up[:, None], ON_BALL * step, step)
            # where a contact begins or ends the point is on its way: half a frame of that is no slide
            for a, b in runs(both.any(axis=1)):
                if b - a < 3:
                    continue
                path = np.concatenate([np.zeros((1, 2)), np.cumsum(step[a + 1 : b - 1], axis=0)])
                reach = np.linalg.norm(path[:, None] - path[None], axis=-1) if len(path) < 400 else _far_apart(path)
                i, j = np.unravel_index(int(reach.argmax()), reach.shape)
                low, high = _moving(path, min(i, j), max(i, j))
                # where it goes: from where its first point stood
                at = track.at[a + 1, points[least[a + 1]]][[0, 2]] + path
                out.append(
                    ContactFault(
                        SLIDE, float(reach[i, j]), what, surface, int(a + 1 + low + first), int(a + 1 + high + first),
                        at[low : high + 1],
                    )
                )  # fmt: skip
    return out


def _has_wrist(reading: Reading, point: ContactPoint) -> bool:
    """Whether a hand is a joint of its own: where it rides on the forearm, nobody knows how it lies on the ground."""
    return reading.body.anatomy.meanings[point.joint].role != "forearm"


def _far_apart(path: np.ndarray) -> np.ndarray:
    """As the whole table of distances, for a long path: from its start only."""
    out = np.zeros((len(path), 1))
    out[:, 0] = np.linalg.norm(path - path[0], axis=1)
    return out


def _moving(path: np.ndarray, low: int, high: int) -> Span:
    """The part of path [low, high] over which 5 to 95 % of the way is gone."""
    way = np.linalg.norm(path[low : high + 1] - path[low], axis=1)
    total = way[-1]
    if total < 1e-9:
        return low, high
    begins = low + int(np.argmax(way > STILL_SHARE * total))
    ends = low + int(np.argmax(way >= (1 - STILL_SHARE) * total))
    return max(begins - 1, low), ends


def _sinks(reading: Reading) -> list[ContactFault]:
    """Parts kept under the floor or inside a prop that they rest on. Round flesh gives way a little."""
    out = []
    skin, window = reading.traced.track.skin, kept_frames(reading)
    give = SOFT * skin.half.min(axis=1) * (~skin.named("palm", "heel", "ball", "toe", "tip"))
    for surface, near in reading.surfaces.items():
        thick = reading.ask(read_soles) if surface == FLOOR else 0.0
        depth = np.maximum(thick - np.where(np.isfinite(near.away), near.away, np.inf) - give, 0.0)
        if surface != FLOOR:
            depth = np.where(reading.touch[surface], depth, 0.0)
        for what, points in _parts(reading).items():
            if any(skin.points[i].point == "palm" and not _has_wrist(reading, skin.points[i]) for i in points):
                continue
            deepest = depth[:, points].max(axis=1)
            out += kept_faults(reading, SINK, deepest, window, what, surface)
    return out


def _parts(reading: Reading) -> dict[str, np.ndarray]:
    return parts_of(reading.traced.track.skin, reading.body.anatomy.rig.names)


def kept_faults(
    reading: Reading, kind: str, value: np.ndarray, window: int, what: str, surface: str, least: float = 0.01
) -> list[ContactFault]:  # fmt: skip
    """Faults where `value` (frames,) m stays up for `window` frames; how far is what it keeps up."""
    low = least * reading.size
    if value.max(initial=0.0) <= low:
        return []
    kept = kept_up(value, window)
    first = int(reading.poses.frames[0])
    out = []
    for a, b in runs(kept > low):
        most = float(kept[a:b].max())
        # the frames on which it is more than half as far
        at = a + np.flatnonzero(kept[a:b] > most / 2)
        out.append(
            ContactFault(kind, most, what, surface, int(at[0]) + first, int(at[-1]) + first, np.zeros((0, 2)))
        )  # fmt: skip
    return out


def _hovers(reading: Reading) -> list[ContactFault]:
    """The whole body over what should bear it: its lowest point near still, and nothing touching."""
    thick = reading.ask(read_soles)
    every = np.stack([s.away - thick * (name == FLOOR) for name, s in reading.surfaces.items()])
    away = every.min(axis=0)
    speed = np.stack([s.speed for s in reading.surfaces.values()])
    if away.shape[1] == 0:
        return []
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
    names = list(reading.surfaces)
    out = []
    for fault in kept_faults(reading, HOVER, gap, kept_frames(reading), "", FLOOR):
        a = fault.start - int(reading.poses.frames[0])
        point = reading.traced.track.skin.points[lowest[a]]
        limb = limb_of(point)
        what = FEET if limb in LEGS else limb
        out.append(ContactFault(HOVER, fault.value_m, what, names[which[a]], fault.start, fault.end, fault.path))
    return out


def _passes(reading: Reading) -> list[ContactFault]:
    """Parts whose middle goes through a prop, and hands or forearms through the trunk or the head."""
    out = []
    track, window = reading.traced.track, kept_frames(reading)
    for prop in reading.traced.props:
        depth = depth_inside(track, prop, reading.floor, reading.poses.frames)
        for what, points in _parts(reading).items():
            deepest = depth[:, points].max(axis=1)
            rests = reading.touch.get(prop.id)
            if rests is not None:
                deepest = np.where(rests[:, points].any(axis=1), 0.0, deepest)
            out += kept_faults(reading, THROUGH, deepest, window, what, prop.id)
    return out + _self_passes(reading, window)


def _self_passes(reading: Reading, window: int) -> list[ContactFault]:
    """Ends of limbs deep inside the trunk or the head: nearer to the axis than half their thinner half-width."""
    poses, body = reading.poses, reading.body
    skin = reading.traced.track.skin
    solid = [p for p in body.parts if p.segment in ("trunk", "head")]
    out = []
    for i, point in enumerate(skin.points):
        if point.point not in ("palm", "toe", "ball", "knee"):
            continue
        depth = depth_in(reading.traced.track.middle[:, i], solid, poses)
        name = {"palm": "hand", "ball": "foot", "toe": "foot"}.get(point.point, point.point)
        out += kept_faults(reading, THROUGH, depth, window, f"{point.side} {name}", "")
    return out
