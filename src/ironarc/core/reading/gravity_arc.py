"""What gravity asks of a flight: the arc it would draw between take-off and landing."""

from itertools import pairwise

import numpy as np

from ironarc.core.reading.flights import Flight, Step, fit_arcs
from ironarc.core.reading.read import Reading


def gravity_arc(reading: Reading, flight: Flight) -> np.ndarray:
    """(frames, 3) m: where gravity wants the com on the flight's frames.

    The arc runs from the last frame of contact to the first after it, so that the body leaves and arrives
    where it did, in the time it has. Where a flight runs over the edge of the range, its fitted end is kept.
    """
    dt, g, first = reading.poses.dt, reading.g, int(reading.poses.frames[0])
    a = flight.start - first - (1 if flight.take_off_seen else 0)
    b = flight.end - first + (1 if flight.landing_seen else 0)
    t = (np.arange(flight.start, flight.end + 1) - first - a)[:, None] * dt
    whole = (b - a) * dt
    start, end = reading.com[a], reading.com[b]
    # p(t) = p0 + v t + ½ g⃗ t², with v such that p(T) = p1; where what is held changes, another whole flies on
    # from elsewhere and otherwise fast
    fall = np.array([0.0, -g / 2, 0.0])
    lead = (flight.start - first - a) * dt
    stepped = sum((_stepped(step, t - lead) for step in flight.steps), np.zeros((1, 3)))
    in_all = sum((_stepped(step, np.array([[whole - lead]]))[0] for step in flight.steps), np.zeros(3))
    velocity = (end - in_all - start) / whole - fall * whole
    return start + velocity * t + fall * t * t + stepped


def nearest_arc(reading: Reading, flight: Flight) -> np.ndarray:
    """(frames, 3) m: of all arcs with the shot's gravity the one the com is nearest to, on the flight's frames: what a
    reading says it is off."""
    first, dt = int(reading.poses.frames[0]), reading.poses.dt
    a, b = flight.start - first, flight.end - first + 1
    edges = [0, *(step.frame - flight.start for step in flight.steps), b - a]
    parts = [(x, y) for x, y in pairwise(edges) if y > x]
    fits = fit_arcs(reading.com[a:b], dt, parts, reading.g)
    t = np.arange(b - a) * dt
    return np.concatenate([fit.position(t[x:y]) for fit, (x, y) in zip(fits, parts, strict=True)])


def _stepped(step: Step, t: np.ndarray) -> np.ndarray:
    """(times, 3) m that a step has added to the place by t (times, 1), s from the flight's first frame."""
    since = t - step.at_s
    return np.where(since > 0, step.shift_m + step.speed_ms * since, 0.0)


def gravity_rise(reading: Reading, flight: Flight, arc: np.ndarray) -> float:
    """Rise (m) of gravity's arc, from half-way between contact and flight, where what is put on it leaves."""
    a = flight.start - int(reading.poses.frames[0])
    before = reading.com[a - 1, 1] if flight.take_off_seen else arc[0, 1]
    return float(max(arc[:, 1].max() - (before + arc[0, 1]) / 2, 0.0))
