"""True the arc: move the body so that its center of gravity follows gravity's parabola in the time it has."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.edits import AddLayer
from ironarc.core.errors import EditError
from ironarc.core.motion.channels import Dense
from ironarc.core.motion.layers import ADDITIVE, Layer
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight
from ironarc.core.rig import POSITION_CHANNELS
from ironarc.core.shot import Shot

KIND = "true_arc"


@dataclass(frozen=True)
class Cost:
    """What the correction changes at the edges of the flight.

    rise_before_m, rise_after_m : apex over take-off
    take_off_jump_ms, landing_jump_ms : speed the arc has beyond that of the neighbouring contact, m/s
    moved_max_m : farthest any frame is moved
    """

    rise_before_m: float
    rise_after_m: float
    take_off_jump_ms: float
    landing_jump_ms: float
    moved_max_m: float

    @property
    def says(self) -> str:
        rise = f"The rise goes from {self.rise_before_m * 100:.0f} to {self.rise_after_m * 100:.0f} cm"
        moved = f"the body moves by {self.moved_max_m * 100:.0f} cm at most."
        edges = (
            f"At take-off the arc is {self.take_off_jump_ms:.1f} m/s off the push before it, "
            f"at landing {self.landing_jump_ms:.1f} m/s off what follows."
        )
        return f"{rise}; {moved} {edges}"


def find_flight(reading: Reading, frame: int) -> Flight:
    """The flight that holds `frame`; EditError when there is none."""
    for flight in reading.flights:
        if flight.start <= frame <= flight.end:
            return flight
    raise EditError(f"There is no flight at frame {frame}; choose a span with no contact.")


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
    # p(t) = p0 + v t + ½ g⃗ t², with v such that p(T) = p1
    fall = np.array([0.0, -g / 2, 0.0])
    velocity = (end - start) / whole - fall * whole
    return start + velocity * t + fall * t * t


def asked_rise(reading: Reading, flight: Flight, arc: np.ndarray) -> float:
    """Rise (m) of gravity's arc, taken as a flight's own rise is: from half-way between contact and flight."""
    a = flight.start - int(reading.poses.frames[0])
    before = reading.com[a - 1, 1] if flight.take_off_seen else arc[0, 1]
    return float(max(arc[:, 1].max() - (before + arc[0, 1]) / 2, 0.0))


def propose(shot: Shot, reading: Reading, frame: int, performer_id: str = "") -> tuple[AddLayer, Cost]:
    """The edit that trues the flight at `frame`, as an additive layer on the root over its frames.

    reading : of the performer named (the first for ""). Raises EditError where there is no flight, where
    it reaches over a cut, or where the root has no position channels to move it by.
    """
    flight = find_flight(reading, frame)
    performer = shot.performer_called(performer_id)
    rig = performer.rig
    for root in rig.roots:
        if not all(c in rig.joints[root].channels for c in POSITION_CHANNELS):
            raise EditError(
                f"{rig.names[root]} has no position channels in its file, so the body can't be moved along the arc."
            )
    first = int(reading.poses.frames[0])
    on = slice(flight.start - first, flight.end - first + 1)
    arc = gravity_arc(reading, flight)
    shift = arc - reading.com[on]
    own = performer.timing.own_frames(np.arange(flight.start, flight.end + 1), performer.clip)
    own_shift = performer.placement.shift_to_own(shift) / performer.scale_to_m
    columns = {}
    for root in rig.roots:
        for axis, channel in enumerate(POSITION_CHANNELS):
            columns[rig.names[root], channel] = Dense(int(own[0]), own_shift[:, axis])
    layer = Layer(
        id=_free_id(performer.layers),
        name=f"True the arc {flight.start}–{flight.end}",
        kind=ADDITIVE,
        columns=columns,
        span=(int(own[0]), int(own[-1])),
        made_by=KIND,
    )
    return AddLayer(layer, performer.id), _cost(reading, flight, arc, shift)


def _free_id(layers) -> str:
    numbers = [int(layer.id[5:]) for layer in layers if layer.id.startswith("layer") and layer.id[5:].isdigit()]
    return f"layer{max(numbers, default=0) + 1}"


def _cost(reading: Reading, flight: Flight, arc: np.ndarray, shift: np.ndarray) -> Cost:
    dt, g, first = reading.poses.dt, reading.g, int(reading.poses.frames[0])
    a, b = flight.start - first, flight.end - first + 1
    n = len(arc)
    # speed of the arc on its first frame, then carried one frame out on either side
    v0 = (arc[1] - arc[0]) / dt + np.array([0.0, g * dt / 2, 0.0])
    before = v0 + np.array([0.0, g * dt, 0.0])
    after = v0 - np.array([0.0, g * dt * n, 0.0])
    seen = flight.take_off_seen, flight.landing_seen
    return Cost(
        rise_before_m=flight.rise_m,
        rise_after_m=asked_rise(reading, flight, arc),
        take_off_jump_ms=float(np.linalg.norm(before - reading.com_velocity[a - 1])) if seen[0] else 0.0,
        landing_jump_ms=float(np.linalg.norm(after - reading.com_velocity[b])) if seen[1] else 0.0,
        moved_max_m=float(np.linalg.norm(shift, axis=1).max()),
    )
