"""A reading after an edit, worked out only where the edit can reach, and equal to one of the whole.

What changed is seen in the numbers, not in the edit: each stage is worked out on the frames whose input differs, to the
last digit, and on those its windows reach to, and put into what was known. So an undo, an edit of somebody else's and a
correction that is tried cost as little as a pose. What looks at all frames (where the floor is, whether the motion is
captured) is worked out as before; where it comes out otherwise, everything is.

Reach, in frames to either side (w: of a fit's window, s: between samples):

    poses            the frames themselves
    skin             s
    momentum         w, also about the edges of flights that came or went
    flights          as a whole, where anything within 2 w + 16 frames changed
    all else         `REACH_S` about anything that changed in these and in the footing
"""

from collections.abc import Mapping
from dataclasses import fields, is_dataclass, replace
from typing import Any
from weakref import ref

import numpy as np

from ironarc.core.motion.poses import Poses
from ironarc.core.reading.derivatives import half_width
from ironarc.core.reading.skin import SkinTrack
from ironarc.core.reading.wrench import TOGETHER
from ironarc.core.rows import Span, as_wide, widened
from ironarc.core.shared import mostly

REACH_S = 0.5  # that what is asked of a reading looks to either side
ENDS = 3  # frames at either end of a motion on which no push is told


def poses_in(poses: Poses, a: int, b: int) -> Poses:
    """The frames [a, b) of a motion, by index."""
    return Poses(
        poses.rig, poses.frames[a:b], poses.dt, poses.local[a:b], poses.translation[a:b], poses.rotation[a:b],
        poses.position[a:b],
    )  # fmt: skip


def track_in(track: SkinTrack, a: int, b: int) -> SkinTrack:
    """The same of the skin."""
    return SkinTrack(track.skin, track.at[a:b], track.middle[a:b], track.speed[a:b], track.moved[a:b], track.step)


def window(reading, a: int, b: int):
    """The frames [a, b) of a reading, by index, as a reading of its own: right but near its ends."""
    part, said = slice(a, b), reading.said
    inside = [(f, span) for f, span in zip(reading.flights, reading.footing.flights, strict=True) if _meets(span, part)]
    return replace(
        reading, traced=_traced_in(reading.traced, part), com_velocity=reading.com_velocity[part],
        com_acceleration=reading.com_acceleration[part], angular_momentum=reading.angular_momentum[part],
        spins=reading.spins[part],
        surfaces={
            name: replace(s, away=s.away[part], speed=s.speed[part], normal=_normal_in(s, part))
            for name, s in reading.surfaces.items()
        },
        touch=_rows_in(reading.touch, part), rests=_rows_in(reading.rests, part),
        footing=_footing_in(reading.footing, [span for _, span in inside], part),
        said=said and replace(
            said, touches=_rows_in(said.touches, part), pulls=said.pulls[part], borne=said.borne[part],
            aloft=said.aloft[part],
        ),
        contacts=(), flights=tuple(flight for flight, _ in inside), again=None,
    )  # fmt: skip


def _meets(span: Span, part: slice) -> bool:
    return span[0] < part.stop and span[1] > part.start


def _rows_in(named: Mapping[str, np.ndarray], part: slice) -> dict[str, np.ndarray]:
    return {name: rows[part] for name, rows in named.items()}


def _normal_in(surface, part: slice) -> np.ndarray:
    """Of a prop that moves there is one a frame."""
    return surface.normal[part] if len(surface.normal) == len(surface.away) else surface.normal


def _traced_in(traced, part: slice):
    a, b = part.start, part.stop
    plays = max(traced.plays[0] - a, -ENDS), min(traced.plays[1], b + ENDS) - a
    return replace(
        traced, poses=poses_in(traced.poses, a, b), loads=tuple(_load_in(x, part) for x in traced.loads),
        own=traced.own[part], plays=plays, centres=traced.centres[part], body_com=traced.body_com[part],
        com=traced.com[part], path=traced.path[part], mass=traced.mass[part], track=track_in(traced.track, a, b),
        begins=traced.begins + a,
    )  # fmt: skip


def _footing_in(footing, flights: list[Span], part: slice):
    a = part.start
    return replace(
        footing, flights=tuple((x - a, y - a) for x, y in flights),
        hovers=tuple((max(x - a, 0), y - a) for x, y in footing.hovers if _meets((x, y), part)),
        on=footing.on[part], air=footing.air[part], doubt=footing.doubt[part], accounted=None,
    )  # fmt: skip


def _load_in(load, part: slice):
    return replace(
        load, counts=load.counts[part], centre=load.centre[part], rotation=load.rotation[part]
    )  # fmt: skip


def by_frames(measure):
    """Marks what is asked of a reading as told frame by frame: what it gives of a frame rests on the frames within
    `REACH_S` of it alone, as arrays with a row a frame, so that after an edit the others need not be asked anew."""
    measure.by_frames = True
    return measure


def given(*wholes):
    """Marks what rests on answers for all frames, too: they are asked of the whole where a part is looked at, and
    where one comes out otherwise everything is asked anew."""

    def mark(measure):
        measure.given = wholes
        return measure

    return mark


class Again:
    """What a reading has from the one before it. was : that one; spans : of frames, outside of which nothing that is
    asked by frames comes out otherwise"""

    def __init__(self, was, spans: list[Span]):
        self._was = ref(was)  # who keeps a reading does not keep all before it
        self.spans = spans
        self._windows: dict = {}

    @property
    def before(self):
        """The reading before, while anybody keeps it; else None."""
        return self._was()

    def of(self, measure, reading) -> Any:
        """What a measure by frames gives of a reading: what was known, anew where it may differ; None where nothing
        is known of it."""
        before = self.before
        if before is None or not getattr(measure, "by_frames", False) or measure not in before._known:
            return None
        was, n, spans = before._known[measure], len(reading.com), self.spans
        wholes = {whole: reading.ask(whole) for whole in getattr(measure, "given", ())}
        if not all(np.array_equal(before.ask(whole), answer) for whole, answer in wholes.items()):
            return None
        if not spans:
            return was
        reach = round(REACH_S / reading.poses.dt) + TOGETHER
        parts = []
        for a, b in spans:
            low, high = widened((a, b), reach, n)
            if (low, high) not in self._windows:
                self._windows[low, high] = window(reading, low, high)
            part = self._windows[low, high]
            part._known.update(wholes)
            parts.append(((a, b), low, part.ask(measure)))
        return joined(was, parts, n)


def joined(was: Any, parts: list[tuple[Span, int, Any]], n: int) -> Any:
    """A value known of all frames with those of some spans taken from windows. Arrays with a row a frame, or a step,
    are joined, also within tuples, maps and dataclasses; all else is as the first window has it.

    parts : span, the window's first index, and what it gives
    """
    if isinstance(was, np.ndarray):
        return _rows_joined(was, parts, n)
    first = parts[0][2]
    if is_dataclass(was):
        made = {
            f.name: joined(getattr(was, f.name), [(s, low, getattr(v, f.name)) for s, low, v in parts], n)
            for f in fields(was) if f.init
        }  # fmt: skip
        return type(was)(**made)
    if isinstance(was, tuple) and len(was) == len(first):
        return tuple(joined(x, [(s, low, v[i]) for s, low, v in parts], n) for i, x in enumerate(was))
    if isinstance(was, dict) and all(v.keys() == was.keys() for *_, v in parts):
        return {k: joined(x, [(s, low, v[k]) for s, low, v in parts], n) for k, x in was.items()}
    return first


def _rows_joined(was: np.ndarray, parts: list[tuple[Span, int, Any]], n: int) -> np.ndarray:
    if was.ndim == 0 or len(was) not in (n, n - 1):
        return was
    wide = max(was.shape[1:2] + tuple(v.shape[1] for *_, v in parts if v.ndim > 1), default=0)
    out = mostly(as_wide(was, wide), [span for span, *_ in parts])
    for (a, b), low, found in parts:
        rows = slice(a, min(b, len(was)))
        out[rows] = as_wide(found, wide)[a - low : rows.stop - low]
    return out


def reach_of_fits(dt: float) -> int:
    """Frames that a derivative looks to either side at most."""
    return 2 * half_width(dt) + 1
