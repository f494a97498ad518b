"""read: poses and a body in, one Reading out."""

from dataclasses import dataclass
from itertools import pairwise

import numpy as np

from ironarc.core.document.performer import HandContact
from ironarc.core.figure.body import Body
from ironarc.core.motion.loads import LoadTrack
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import momentum as mo
from ironarc.core.reading.contacts import (
    FLOOR,
    Contact,
    contact_spans,
    estimate_floor,
    runs,
    set_by_hand,
    touching,
    touching_prop,
    track_points,
)
from ironarc.core.reading.flights import Flight, measure_flight
from ironarc.core.scene.props import Prop
from ironarc.core.settings import SETTINGS


@dataclass(frozen=True)
class Reading:
    """What the physics says of one performer.

    com, com_velocity, com_acceleration, angular_momentum : (frames, 3) m, m/s, m/s², kg·m²/s, world axes
    on_ground : (frames, points) bool, contact points of the anatomy on the floor or a prop
    contacts, flights : spans in the shot's frame numbers
    floor_m : height of the floor; g : gravity the motion was held against, m/s²
    body_com : (frames, 3) m, of the body alone; com is with what it holds
    mass_kg : (frames,) of both; loads : what it holds
    own : (frames,) the performer's own frames behind the shot's
    """

    poses: Poses
    body: Body
    g: float
    floor_m: float
    com: np.ndarray
    com_velocity: np.ndarray
    com_acceleration: np.ndarray
    angular_momentum: np.ndarray
    on_ground: np.ndarray
    contacts: tuple[Contact, ...]
    flights: tuple[Flight, ...]
    body_com: np.ndarray
    mass_kg: np.ndarray
    own: np.ndarray
    loads: tuple[LoadTrack, ...] = ()

    @property
    def easing(self) -> np.ndarray:
        """(frames,) bool: something is being taken up or put down; pushes told of these frames are affected."""
        out = np.zeros(len(self.com), dtype=bool)
        for load in self.loads:
            out |= load.easing
        return out


def read(
    poses: Poses, body: Body, g: float, floor_m: float | None = None, props: tuple[Prop, ...] = (),
    loads: tuple[LoadTrack, ...] = (), by_hand: tuple[HandContact, ...] = (), own: np.ndarray | None = None,
    sample_time_s: float = 0.0,
) -> Reading:  # fmt: skip
    """Reads a whole shot; the floor is estimated where it isn't given, the props are surfaces too, and what is
    held counts as long as it is held.

    by_hand : contacts as a person set them, on the shot's frames, over those that are detected
    own : (frames,) own frames behind the poses', the same ones if not told
    sample_time_s : seconds between the values the motion was measured at, if that is more than a frame
    """
    anatomy = body.anatomy
    centres = mo.body_centres(poses, body)
    body_com = com = mo.whole_com(centres, body)
    apart = frames_a_sample(sample_time_s, poses.dt)
    track = track_points(poses, anatomy, round(apart))
    floor = estimate_floor(track, anatomy) if floor_m is None else floor_m
    surfaces = {FLOOR: touching(track, anatomy, floor)}
    for prop in props:
        surfaces[prop.id] = touching_prop(track, anatomy, prop, poses.frames, poses.dt)
    surfaces = set_by_hand(surfaces, by_hand, anatomy, poses.frames)
    contacts = [c for name, on in surfaces.items() for c in contact_spans(on, anatomy, poses.frames, name)]
    on = np.logical_or.reduce(list(surfaces.values()))
    spans = flight_spans(on)
    breaks = [edge for span in spans for edge in span]
    moved = mo.momentum(poses, body, centres, com, breaks)
    mass = np.full(len(com), body.mass_kg)
    if loads:
        laden = mo.with_loads(poses, body.mass_kg, com, moved, loads, breaks)
        com, mass, moved = laden.com, laden.mass, laden.moved

    def inertia(at: slice) -> np.ndarray:
        alone = mo.whole_inertia(poses, body, centres, body_com, at)
        return mo.laden_inertia(alone, body.mass_kg, body_com, com, loads, at) if loads else alone

    flights = tuple(
        measure_flight(
            a, b, com, moved.com_velocity, moved.angular_momentum, inertia(slice(a, b)), poses.frames, poses.dt, g,
            constant_spans(loads, a, b), apart,
        )
        for a, b in spans
    )  # fmt: skip
    return Reading(
        poses, body, g, floor, com, moved.com_velocity, moved.com_acceleration, moved.angular_momentum, on,
        tuple(contacts), flights, body_com, mass, poses.frames if own is None else own, loads,
    )  # fmt: skip


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


def flight_spans(on: np.ndarray) -> list[tuple[int, int]]:
    """Index spans [a, b) with no contact at all, long enough to be a flight."""
    if on.shape[1] == 0:
        return []
    return [(a, b) for a, b in runs(~on.any(axis=1)) if b - a >= SETTINGS["flight_frames"].value]
