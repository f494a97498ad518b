"""read: poses and a body in, one Reading out."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass, replace
from functools import cached_property
from itertools import pairwise
from typing import TypeVar

import numpy as np

from ironarc.core import effort
from ironarc.core.document.performer import HandContact
from ironarc.core.figure.body import Body
from ironarc.core.motion.loads import LoadTrack
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import momentum as mo
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.contacts import Contact, Said, Surface, contact_spans, surfaces_of, what_is_said
from ironarc.core.reading.derivatives import degree_for, is_captured
from ironarc.core.reading.flight_search import falling
from ironarc.core.reading.flights import Flight, Moving, measure_flight
from ironarc.core.reading.floor import Floor, estimate_floor
from ironarc.core.reading.footing import Footing, find_footing
from ironarc.core.reading.skin import SkinTrack, follow, skin_of
from ironarc.core.reading.spans import Span, runs
from ironarc.core.reading.weighing_doubt import WeighingDoubt
from ironarc.core.scene.props import Prop
from ironarc.core.settings import REFERENCE_HEIGHT_M

Answer = TypeVar("Answer")


@dataclass(frozen=True)
class Traced:
    """What poses, body, loads and props say before anyone asks what touches: kept while contacts are changed.

    body_com, com, path : (frames, 3) m, of the body alone, with what it holds, and that as if what is held never
        changed; mass : (frames,) kg of both
    plays : indices [a, b) of the frames on which the motion plays; outside, its end poses hold
    degree : of the fits that derivatives are taken from; captured : whether it carries a capture's noise
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

    @property
    def size(self) -> float:
        """Height of the figure over 1.75 m."""
        return self.body.anatomy.height_m / REFERENCE_HEIGHT_M

    def weighing_doubt(self, g: float) -> WeighingDoubt:
        """What the motion owes to its weighing."""
        return WeighingDoubt(self.body, self.centres, self.com, self.poses.dt, g)


@dataclass(frozen=True, eq=False)
class Reading:
    """What the physics says of one performer. What only some ask for is worked out when they do.

    com, com_velocity, com_acceleration, angular_momentum : (frames, 3) m, m/s, m/s², kg·m²/s, world axes
    surfaces : each that comes near; touch : (frames, points) bool, what lies on each
    footing : who bears the body when; said : what a person said of that, or None
    contacts, flights : spans in the shot's frame numbers
    surfaces and touch name the floor "floor", a prop by its id
    floor : where it is; g : gravity the motion was held against, m/s²
    """

    traced: Traced
    g: float
    floor: Floor
    com_velocity: np.ndarray
    com_acceleration: np.ndarray
    angular_momentum: np.ndarray
    surfaces: Mapping[str, Surface]
    touch: Mapping[str, np.ndarray]
    footing: Footing
    said: Said | None
    contacts: tuple[Contact, ...]
    flights: tuple[Flight, ...]

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

    @cached_property
    def weighing_doubt(self) -> WeighingDoubt:
        """What it owes to the weighing."""
        return self.traced.weighing_doubt(self.g)

    def ask(self, measure: Callable[["Reading"], Answer]) -> Answer:
        """What `measure` says of this reading, worked out once: forces, balance, joints and the like are for those
        who ask."""
        if measure not in self._known:
            effort.check()
            self._known[measure] = measure(self)
        return self._known[measure]

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
        floor = estimate_floor(traced.track, traced.size, falls=falling(Arcs(traced.path, poses.dt), g, traced.size))
    return read_traced(traced, g, floor if isinstance(floor, Floor) else Floor(float(floor)), by_hand)


def trace(
    poses: Poses, body: Body, props: tuple[Prop, ...] = (), loads: tuple[LoadTrack, ...] = (),
    own: np.ndarray | None = None, sample_time_s: float = 0.0, plays: Span | None = None,
) -> Traced:  # fmt: skip
    """The first half of `read`: all that no contact and no gravity changes."""
    apart = frames_a_sample(sample_time_s, poses.dt)
    centres = mo.body_centres(poses, body)
    body_com = mo.whole_com(centres, body)
    mass = np.full(len(body_com), body.mass_kg)
    com = path = body_com
    if loads:
        mass, com, path = mo.laden_path(body.mass_kg, body_com, loads)
    return Traced(
        poses, body, props, loads, poses.frames if own is None else own, plays or (0, len(com)), apart, centres,
        body_com, com, path, mass, follow(skin_of(body), poses, round(apart)), degree_for(poses.local, poses.dt),
        is_captured(poses.local, poses.dt),
    )  # fmt: skip


def read_traced(traced: Traced, g: float, floor: Floor, by_hand: tuple[HandContact, ...] = ()) -> Reading:
    """The second half of `read`: who bears the body, and what follows."""
    poses, body, track, size, loads = traced.poses, traced.body, traced.track, traced.size, traced.loads
    names = body.anatomy.rig.names
    surfaces = surfaces_of(
        track, floor, traced.props, poses.frames, poses.dt, size, [c.surface for c in by_hand]
    )  # fmt: skip
    said = what_is_said(by_hand, surfaces, track.skin, names, poses.frames)
    nearest, away, speed = _nearest(surfaces, said)
    footing = find_footing(
        away, speed, traced.path, poses.dt, g, size,
        said.borne if said else None, said.aloft if said else None, traced.captured,
    )  # fmt: skip
    if said is not None:
        on = (footing.on & ~said.lifted) | (said.rests & ~footing.air[:, None])
        footing = replace(footing, on=on, doubt=footing.doubt & ~said.borne)
    touch = {name: footing.on & (nearest == i) for i, name in enumerate(surfaces)}
    contacts = []
    for name, on in touch.items():
        by_word = None if said is None else on & (said.touches[name] > 0)
        contacts += contact_spans(on, track.skin, names, poses.frames, name, by_word, said and said.pulls)
    breaks = [edge for span in footing.flights for edge in span]
    moved = mo.momentum(poses, body, traced.centres, traced.body_com, breaks, traced.degree)
    if loads:
        moved = mo.with_loads(poses, body.mass_kg, traced.body_com, moved, loads, breaks, traced.degree)

    def inertia(at: slice) -> np.ndarray:
        alone = mo.whole_inertia(poses, body, traced.centres, traced.body_com, at)
        if not loads:
            return alone
        return mo.laden_inertia(alone, body.mass_kg, traced.body_com, traced.com, loads, at)

    moving = Moving(
        traced.com, moved.com_velocity, moved.angular_momentum, poses.frames, poses.dt, traced.apart
    )  # fmt: skip
    doubt = traced.weighing_doubt(g)
    flights = tuple(
        measure_flight(
            moving, (a, b), inertia(slice(a, b)), g, constant_spans(loads, a, b), doubt.gravity(slice(a, b))
        )
        for a, b in footing.flights
    )  # fmt: skip
    return Reading(
        traced, g, floor, moved.com_velocity, moved.com_acceleration, moved.angular_momentum, surfaces, touch, footing,
        said, tuple(contacts), flights,
    )  # fmt: skip


def _nearest(surfaces: Mapping[str, Surface], said: Said | None) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """(frames, points) each: which surface a point lies nearest to, how far off, and how fast against it.

    What a person says comes first: a point that rests on a surface is on it, one that is lifted is nowhere near.
    """
    away = np.stack([s.away for s in surfaces.values()])
    speed = np.stack([s.speed for s in surfaces.values()])
    if said is not None:
        claims = np.stack([said.touches[name] for name in surfaces])
        away = np.where(claims < 0, np.inf, np.where(claims > 0, np.minimum(away, 0.0), away))
        speed = np.where(claims > 0, 0.0, speed)
    which = away.argmin(axis=0)
    picked = which[None]
    return which, np.take_along_axis(away, picked, 0)[0], np.take_along_axis(speed, picked, 0)[0]


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
