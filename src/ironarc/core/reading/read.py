"""read: poses and a body in, one Reading out."""

from collections.abc import Callable, Iterable, Mapping
from dataclasses import dataclass, replace
from functools import cached_property
from itertools import pairwise
from operator import is_
from typing import TypeVar
from weakref import ref

import numpy as np

from ironarc.core import effort
from ironarc.core.document.performer import HandContact
from ironarc.core.figure.body import Body
from ironarc.core.motion.evaluate import Evaluated
from ironarc.core.motion.loads import LoadTrack
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import momentum as mo
from ironarc.core.reading.again import REACH_S, Again, poses_in, reach_of_fits
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.contacts import Contact, Said, Surface, contact_spans, surfaces_of, what_is_said
from ironarc.core.reading.derivatives import captured_by, degree_for, scatters, scatters_again
from ironarc.core.reading.flight_search import falling
from ironarc.core.reading.flights import Flight, Moving, measure_flight
from ironarc.core.reading.floor import Floor, estimate_floor
from ironarc.core.reading.footing import Footing, find_footing
from ironarc.core.reading.skin import SkinTrack, follow, skin_of
from ironarc.core.reading.spans import Span, resting, runs
from ironarc.core.reading.weighing_doubt import WeighingDoubt
from ironarc.core.reading.wrench import TOGETHER
from ironarc.core.rows import MOST, differing, grown, rows_of, spans_of, widened
from ironarc.core.scene.props import Prop
from ironarc.core.settings import REFERENCE_HEIGHT_M
from ironarc.core.shared import mostly, patched

Answer = TypeVar("Answer")


@dataclass(frozen=True)
class Traced:
    """What poses, body, loads and props say before anyone asks what touches: kept while contacts are changed.

    body_com, com, path : (frames, 3) m, of the body alone, with what it holds, and that as if what is held never
        changed; mass : (frames,) kg of both
    plays : indices [a, b) of the frames on which the motion plays; outside, its end poses hold
    degree : of the fits that derivatives are taken from; captured : whether it carries a capture's noise, which
        `scatter` tells
    begins : index of its first frame in the whole, of a part of a motion
    evaluated : what the poses come from, where they come from a document
    since : the motion before an edit that this was made from, and (frames,) bool where the two differ
    """

    poses: Poses
    body: Body
    props: tuple[Prop, ...]
    loads: tuple[LoadTrack, ...]
    own: np.ndarray
    plays: Span
    apart: float
    centres: np.ndarray
    body_com: np.ndarray
    com: np.ndarray
    path: np.ndarray
    mass: np.ndarray
    track: SkinTrack
    degree: int
    captured: bool
    scatter: tuple[np.ndarray, ...]
    begins: int = 0
    evaluated: Evaluated | None = None
    since: "tuple[ref[Traced], np.ndarray] | None" = None

    @cached_property
    def size(self) -> float:
        """Height of the figure over 1.75 m."""
        return self.body.anatomy.height_m / REFERENCE_HEIGHT_M

    @cached_property
    def arcs(self) -> Arcs:
        """Free arcs over any windows of its path."""
        return Arcs(self.path, self.poses.dt)

    @cached_property
    def weighing_doubt(self) -> WeighingDoubt:
        """What the motion owes to its weighing."""
        return WeighingDoubt(self.body, self.centres, self.com, self.poses.dt)


@dataclass(frozen=True, eq=False)
class Reading:
    """What the physics says of one performer. What only some ask for is worked out when they do.

    com, com_velocity, com_acceleration, angular_momentum : (frames, 3) m, m/s, m/s², kg·m²/s, world axes
    spins : (frames, groups, 3) kg·m²/s of each of `groups_of` the body, without loads
    surfaces : each that comes near; touch : (frames, points) bool, what lies on each; rests : (frames, points) bool,
        what rests there by itself, for as long as it goes on
    footing : who bears the body when; said : what a person said of that, or None
    contacts, flights : spans in the shot's frame numbers
    surfaces and touch name the floor "floor", a prop by its id
    floor : where it is; g : gravity the motion was held against, m/s²
    again : what it has from the reading before an edit, or None
    """

    traced: Traced
    g: float
    floor: Floor
    com_velocity: np.ndarray
    com_acceleration: np.ndarray
    angular_momentum: np.ndarray
    spins: np.ndarray
    surfaces: Mapping[str, Surface]
    touch: Mapping[str, np.ndarray]
    rests: Mapping[str, np.ndarray]
    footing: Footing
    said: Said | None
    contacts: tuple[Contact, ...]
    flights: tuple[Flight, ...]
    again: Again | None = None

    @property
    def poses(self) -> Poses:
        return self.traced.poses

    @property
    def body(self) -> Body:
        return self.traced.body

    @property
    def size(self) -> float:
        """Height of the figure over 1.75 m; lengths in the tables scale with it."""
        return self.traced.size

    @property
    def floor_m(self) -> float:
        """Height (m) of the floor over the origin."""
        return self.floor.height_m

    @property
    def com(self) -> np.ndarray:
        """(frames, 3) m, of the body and what it holds."""
        return self.traced.com

    @property
    def body_com(self) -> np.ndarray:
        """(frames, 3) m, of the body alone."""
        return self.traced.body_com

    @property
    def mass_kg(self) -> np.ndarray:
        """(frames,) kg of the body and what it holds."""
        return self.traced.mass

    @property
    def own(self) -> np.ndarray:
        """(frames,) the performer's own frames behind the shot's."""
        return self.traced.own

    @property
    def loads(self) -> tuple[LoadTrack, ...]:
        return self.traced.loads

    @property
    def on_ground(self) -> np.ndarray:
        """(frames, points) bool: points of the skin on the floor or a prop."""
        return self.footing.on

    @property
    def easing(self) -> np.ndarray:
        """(frames,) bool: something is being taken up or put down; pushes told of these frames are affected."""
        out = np.zeros(len(self.com), dtype=bool)
        for load in self.loads:
            out |= load.easing
        return out

    @cached_property
    def breaks(self) -> tuple[int, ...]:
        """First and last index of every flight, over which no derivative reaches."""
        return tuple(edge for span in self.footing.flights for edge in span)

    def ask(self, measure: Callable[["Reading"], Answer]) -> Answer:
        """What `measure` says of this reading, worked out once: forces, balance, joints and the like are for those
        who ask."""
        if measure not in self._known:
            effort.check()
            known = self.again.of(measure, self) if self.again else None
            self._known[measure] = measure(self) if known is None else known
        return self._known[measure]

    def known(self, measure: Callable[["Reading"], Answer]) -> Answer | None:
        """What `measure` said of this reading; None where it was not asked yet."""
        return self._known.get(measure)

    def before(self, measure: Callable[["Reading"], Answer]) -> tuple["Reading", Answer] | None:
        """The reading before an edit with what `measure` said of it; None where there is none, or it was not asked."""
        was = self.again.before if self.again else None
        return (was, was._known[measure]) if was is not None and measure in was._known else None

    @cached_property
    def _known(self) -> dict:
        return {}


def read(
    poses: Poses, body: Body, g: float, floor: Floor | float | None = None, props: tuple[Prop, ...] = (),
    loads: tuple[LoadTrack, ...] = (), by_hand: tuple[HandContact, ...] = (), own: np.ndarray | None = None,
    sample_time_s: float = 0.0, plays: Span | None = None,
) -> Reading:  # fmt: skip
    """Reads a whole shot; the floor is estimated where it isn't given, the props are surfaces too, and what is
    held counts as long as it is held.

    by_hand : contacts as a person set them, on the shot's frames, over those that are detected
    own : (frames,) own frames behind the poses', the same ones if not told
    sample_time_s : seconds between the values the motion was measured at, if that is more than a frame
    plays : indices [a, b) of the frames on which the motion plays, all if not told
    """
    traced = trace(poses, body, props, loads, own, sample_time_s, plays)
    if floor is None:
        floor = estimate_floor(traced.track, traced.size, falls=falling(traced.arcs, g, traced.size))
    return read_traced(traced, g, floor if isinstance(floor, Floor) else Floor(float(floor)), by_hand)


def trace(
    poses: Poses, body: Body, props: tuple[Prop, ...] = (), loads: tuple[LoadTrack, ...] = (),
    own: np.ndarray | None = None, sample_time_s: float = 0.0, plays: Span | None = None, was: Traced | None = None,
    evaluated: Evaluated | None = None,
) -> Traced:  # fmt: skip
    """The first half of `read`: all that no contact and no gravity changes. was : of a motion that may differ on some
    frames only; evaluated : what the poses come from, where they come from a document"""
    apart, n = frames_a_sample(sample_time_s, poses.dt), len(poses.frames)
    own, plays = poses.frames if own is None else own, plays or (0, n)
    differs = evaluated.differs if evaluated and was and was.evaluated else None
    changed = _changed(poses, body, loads, apart, plays, was, differs)
    if changed is None:
        centres = mo.body_centres(poses, body)
        body_com = mo.whole_com(centres, body)
        track = follow(skin_of(body), poses, round(apart))
        scatter = scatters(poses.local)
    else:
        spans = spans_of(changed)
        centres = patched(was.centres, spans, lambda a, b: mo.body_centres(poses_in(poses, a, b), body))
        body_com = patched(was.body_com, spans, lambda a, b: mo.whole_com(centres[a:b], body))
        track = _followed(was.track, poses, spans_of(grown(changed, round(apart))))
        scatter = scatters_again(was.scatter, poses.local, changed)
    mass = np.full(n, body.mass_kg)
    com = path = body_com
    if loads:
        mass, com, path = mo.laden_path(body.mass_kg, body_com, loads)
    return Traced(
        poses, body, props, loads, own, plays, apart, centres, body_com, com, path, mass, track,
        degree_for(poses.local, poses.dt), captured_by(scatter, poses.dt), scatter,
        evaluated=evaluated,
        since=None if changed is None else (ref(was), changed),
    )  # fmt: skip


def _changed(
    poses: Poses, body: Body, loads: tuple[LoadTrack, ...], apart: float, plays: Span, was: Traced | None,
    differs: np.ndarray | None,
) -> np.ndarray | None:  # fmt: skip
    """(frames,) bool: where a motion differs from one that was traced; None where too much does. differs : the same,
    where it is known"""
    if was is None or loads or was.loads or was.body is not body or (was.apart, was.plays) != (apart, plays):
        return None
    then = was.poses
    if then.dt != poses.dt or then.local.shape != poses.local.shape or then.frames[0] != poses.frames[0]:
        return None
    changed = differs
    if changed is None:
        changed = differing(then.local, poses.local) | differing(then.translation, poses.translation)
    return changed if changed.mean() < MOST else None


def _followed(was: SkinTrack, poses: Poses, spans: list[Span]) -> SkinTrack:
    """The skin followed anew over some spans."""
    out, n = [mostly(x, spans) for x in (was.at, was.middle, was.speed, was.moved)], len(poses.frames)
    for a, b in spans:
        low, high = widened((a, b), was.step + 1, n)
        found = follow(was.skin, poses_in(poses, low, high), was.step)
        for x, y in zip(out, (found.at, found.middle, found.speed, found.moved), strict=True):
            x[a:b] = y[a - low : b - low]
    at, middle, speed, moved = out
    return SkinTrack(was.skin, at, middle, speed, moved, was.step)


def read_traced(
    traced: Traced, g: float, floor: Floor, by_hand: tuple[HandContact, ...] = (), was: Reading | None = None
) -> Reading:
    """The second half of `read`: who bears the body, and what follows. was : a reading of a motion that may differ on
    some frames only, and in what is said of its contacts"""
    poses, body, track, size = traced.poses, traced.body, traced.track, traced.size
    was = was if was is not None and _alike(was, traced, g, floor) else None
    names = body.anatomy.rig.names
    surfaces = surfaces_of(
        track, floor, traced.props, poses.frames, poses.dt, size, [c.surface for c in by_hand],
        was.surfaces if was is not None and was.traced is traced else {},
    )  # fmt: skip
    said = what_is_said(by_hand, surfaces, track.skin, names, poses.frames)
    had = {} if was is None else {name: was.rests[name] for name, s in was.surfaces.items() if surfaces.get(name) is s}
    rests = {name: had[name] if name in had else resting(s.away, s.speed, size) for name, s in surfaces.items()}
    lies_otherwise = None if was is None else _lies_otherwise(was, traced, surfaces, said)
    nearest, away, speed, rest = _nearest(surfaces, said, rests, size)
    footing = find_footing(
        away, speed, traced.arcs, g, size,
        said.borne if said else None, said.aloft if said else None, traced.captured, rest,
        was and was.footing.accounted, lies_otherwise,
    )  # fmt: skip
    if said is not None:
        on = (footing.on & ~said.lifted) | (said.rests & ~footing.air[:, None])
        footing = replace(footing, on=on, doubt=footing.doubt & ~said.borne)
    touch = {name: footing.on & (nearest == i) for i, name in enumerate(surfaces)}
    contacts = _contacts(traced, touch, said, was)
    moved, differs = _momentum(traced, footing, was)
    flights = _flights(traced, footing, moved, g, was, differs)
    reading = Reading(
        traced, g, floor, moved.com_velocity, moved.com_acceleration, moved.angular_momentum, moved.spins, surfaces,
        touch, rests, footing, said, contacts, flights,
    )  # fmt: skip
    if lies_otherwise is None:
        return reading
    return replace(reading, again=_again(was, reading, differs, lies_otherwise))


def _lies_otherwise(
    was: Reading, traced: Traced, surfaces: Mapping[str, Surface], said: Said | None
) -> np.ndarray | None:
    """(frames,) bool: where points lie otherwise to their surfaces than in a reading before, or something else is said
    of them; None where there are other surfaces."""
    if was.surfaces.keys() != surfaces.keys():
        return None
    among = _anew(was, traced)
    rows = np.zeros(len(traced.com), dtype=bool)
    for name, surface in surfaces.items():
        before = was.surfaces[name]
        rows |= differing(before.away, surface.away, among) | differing(before.speed, surface.speed, among)
    for a, b in zip(_said(was.said, traced, surfaces), _said(said, traced, surfaces), strict=True):
        rows |= differing(a, b)
    return rows


def _contacts(
    traced: Traced, touch: Mapping[str, np.ndarray], said: Said | None, was: Reading | None
) -> tuple[Contact, ...]:
    """The contacts of all surfaces; those of points to which an edit made no difference as they were."""
    skin, names, frames = traced.track.skin, traced.body.anatomy.rig.names, traced.poses.frames
    points = {(names[p.joint], p.point, p.side): i for i, p in enumerate(skin.points)}
    had: dict[tuple[str, int], list[Contact]] = {}
    for contact in was.contacts if was is not None else ():
        had.setdefault((contact.surface, points[contact.joint, contact.point, contact.side]), []).append(contact)
    out = []
    for name, on in touch.items():
        by_word = None if said is None else on & (said.touches[name] > 0)
        known = {}
        if was is not None and name in was.touch:
            was_said = _said(was.said, traced, [name])
            pairs = zip((was.touch[name], *was_said[:2]), (on, *_said(said, traced, [name])[:2]), strict=True)
            alike = np.logical_and.reduce([(a == b).all(axis=0) for a, b in pairs])
            known = {int(i): had.get((name, int(i)), []) for i in np.flatnonzero(alike)}
        out += contact_spans(on, skin, names, frames, name, by_word, said and said.pulls, known)
    return tuple(out)


def _alike(was: Reading, traced: Traced, g: float, floor: Floor) -> bool:
    """Whether a reading's motion differs from another on some frames at most."""
    of, since = was.traced, traced.since
    differs = since[1] if since and since[0]() is of else None
    changed = _changed(traced.poses, traced.body, traced.loads, traced.apart, traced.plays, of, differs)
    same = (was.g, was.floor, of.degree, of.captured) == (g, floor, traced.degree, traced.captured)
    return changed is not None and same and len(of.props) == len(traced.props) and all(map(is_, of.props, traced.props))


def _anew(was: Reading, traced: Traced) -> np.ndarray | None:
    """(frames,) bool: where a motion was followed anew from another; None where that is not known."""
    since = traced.since
    if since is None or since[0]() is not was.traced:
        return None
    changed = since[1]
    followed = grown(changed, round(traced.apart))
    return rows_of([*spans_of(changed), *spans_of(followed)], len(changed))


def _momentum(traced: Traced, footing: Footing, was: Reading | None) -> tuple[mo.Momentum, np.ndarray | None]:
    """The momentum, and (frames,) bool where it is worked out anew; None for everywhere."""
    poses, body = traced.poses, traced.body
    breaks = [edge for span in footing.flights for edge in span]
    known = differs = None
    if was is not None:
        among = _anew(was, traced)
        differs = differing(was.traced.centres, traced.centres, among)
        differs |= differing(was.poses.rotation, poses.rotation, among)
        for edge in set(breaks) ^ set(was.breaks):
            differs[min(edge, len(differs) - 1)] = True
        differs = grown(differs, reach_of_fits(poses.dt))
        known = mo.Momentum(was.com_velocity, was.com_acceleration, was.angular_momentum, was.spins), differs
    moved = mo.momentum(poses, body, traced.centres, traced.body_com, breaks, traced.degree, known)
    if traced.loads:
        moved = mo.with_loads(
            poses, body.mass_kg, traced.body_com, moved, traced.loads, breaks, traced.degree
        )  # fmt: skip
    return moved, differs


def _flights(
    traced: Traced, footing: Footing, moved: mo.Momentum, g: float, was: Reading | None, differs: np.ndarray | None
) -> tuple[Flight, ...]:
    poses, body, loads = traced.poses, traced.body, traced.loads

    def inertia(at: slice) -> np.ndarray:
        alone = mo.whole_inertia(poses, body, traced.centres, traced.body_com, at)
        if not loads:
            return alone
        return mo.laden_inertia(alone, body.mass_kg, traced.body_com, traced.com, loads, at)

    moving = Moving(
        traced.com, moved.com_velocity, moved.angular_momentum, poses.frames, poses.dt, traced.apart
    )  # fmt: skip
    doubt, out, reach = traced.weighing_doubt, [], 2 * reach_of_fits(poses.dt) + 16
    known = {} if was is None else dict(zip(was.footing.flights, was.flights, strict=True))
    for a, b in footing.flights:
        if (a, b) in known and not differs[max(a - reach, 0) : b + reach].any():
            out.append(known[a, b])
        else:
            at = slice(a, b)
            out.append(measure_flight(moving, (a, b), inertia(at), g, constant_spans(loads, a, b), doubt.gravity(at)))
    return tuple(out)


def _again(was: Reading, now: Reading, moved: np.ndarray, lies_otherwise: np.ndarray) -> Again | None:
    """What a reading has from another: outside of the frames about which anything differs all that is asked stays.
    moved : (frames,) bool, where its momentum was worked out anew"""
    among = _anew(was, now.traced)
    if among is not None:
        among = among | rows_of(spans_of(moved), len(moved))
    rows = lies_otherwise.copy()
    for a, b in zip(_told(was), _told(now), strict=True):
        rows |= differing(a, b, among)
    # what rests and who bears the body is settled for long spans together
    for name in now.surfaces:
        rows |= differing(was.touch[name], now.touch[name]) | differing(was.rests[name], now.rests[name])
    for a, b in zip(_borne(was), _borne(now), strict=True):
        rows |= differing(a, b)
    for a, b in {*was.footing.flights, *was.footing.hovers} ^ {*now.footing.flights, *now.footing.hovers}:
        rows[a:b] = True
    # frames whose pushes are told together are told anew together
    rows = grown(rows, max(round(REACH_S / now.poses.dt), TOGETHER))
    return Again(was, spans_of(rows)) if rows.mean() < MOST else None


def _told(x: Reading) -> tuple[np.ndarray, ...]:
    """What all that is asked of a reading rests on, a row a frame, but for footing, surfaces and what is said."""
    track = x.traced.track
    return (
        x.poses.local, x.poses.translation, x.com, x.com_velocity, x.com_acceleration, x.angular_momentum, x.spins,
        track.at, track.speed, track.moved,
    )  # fmt: skip


def _borne(x: Reading) -> tuple[np.ndarray, ...]:
    return x.footing.on, x.footing.air, x.footing.doubt


def _said(said: Said | None, traced: Traced, surfaces: Iterable[str]) -> list[np.ndarray]:
    """What a person says of contacts: (frames, points) of each surface, and of what may pull; (frames,) of the body as
    a whole. Of nothing said it says nothing."""
    if said is None:
        blank = np.zeros((len(traced.com), len(traced.track.skin.points)), dtype=np.int8)
        whole = np.zeros(len(traced.com), dtype=bool)
        return [*(blank for _ in surfaces), blank, whole, whole]
    return [*(said.touches[name] for name in surfaces), said.pulls, said.borne, said.aloft]


def _nearest(
    surfaces: Mapping[str, Surface], said: Said | None, rests: Mapping[str, np.ndarray], size: float
) -> tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]:
    """(frames, points) each: which surface a point lies nearest to, how far off, how fast against it, and whether it
    rests there.

    What a person says comes first: a point that rests on a surface is on it, one that is lifted is nowhere near.
    """
    names = list(surfaces)
    if len(names) > 1:
        which, away, speed = _of_the_nearest([(surfaces[name].away, surfaces[name].speed) for name in names])
        rest = resting(away, speed, size)
    else:
        only = surfaces[names[0]]
        which, away, speed, rest = np.zeros(only.away.shape, np.int16), only.away, only.speed, rests[names[0]]
    if said is None:
        return which, away, speed, rest
    told = np.flatnonzero(np.logical_or.reduce([said.touches[name].any(axis=0) for name in names]))
    if not len(told):
        return which, away, speed, rest
    claimed = []
    for name in names:
        claims, off = said.touches[name][:, told], surfaces[name].away[:, told]
        off = np.where(claims < 0, np.inf, np.where(claims > 0, np.minimum(off, 0.0), off))
        claimed.append((off, np.where(claims > 0, 0.0, surfaces[name].speed[:, told])))
    which, away, speed, rest = (x.copy() for x in (which, away, speed, rest))
    which[:, told], away[:, told], speed[:, told] = _of_the_nearest(claimed)
    rest[:, told] = resting(away[:, told], speed[:, told], size)
    return which, away, speed, rest


def _of_the_nearest(surfaces: list[tuple[np.ndarray, np.ndarray]]) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """(frames, points) each: which of the surfaces, told by away and speed, is nearest, and these two of it."""
    away, speed = surfaces[0]
    which = np.zeros(away.shape, np.int16)
    for i, (off, fast) in enumerate(surfaces[1:], start=1):
        nearer = off < away
        which, away = np.where(nearer, np.int16(i), which), np.where(nearer, off, away)
        speed = np.where(nearer, fast, speed)
    return which, away, speed


def frames_a_sample(sample_time_s: float, dt: float) -> float:
    """Frames of dt s to each one the motion was made on; 1 where each is its own."""
    return max(sample_time_s / dt, 1.0)


def constant_spans(loads: tuple[LoadTrack, ...], a: int, b: int) -> tuple[tuple[int, int], ...]:
    """Index spans [a, b) cut up where what is held changes; frames on which it is changing lie in none."""
    if not loads:
        return ((a, b),)
    counts = np.column_stack([load.counts[a:b] for load in loads])
    settled = ((counts == 0) | (counts == 1)).all(axis=1)
    out = []
    for start, end in runs(settled):
        edges = start + 1 + np.flatnonzero((np.diff(counts[start:end], axis=0) != 0).any(axis=1))
        out += pairwise([start, *edges.tolist(), end])
    # a single frame has a place and no speed: no arc can be told from it
    return tuple((a + start, a + end) for start, end in out if end - start > 1) or ((a, b),)
