"""True the arc: move the body so that its center of gravity follows gravity's parabola in the time it has."""

from dataclasses import dataclass

import numpy as np
from scipy.interpolate import CubicSpline

from ironarc.core.columns import Dense
from ironarc.core.edits import AddLayer
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS
from ironarc.core.motion.layers import CORRECTION as CORRECTING
from ironarc.core.motion.layers import Layer
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.asked import asked_rise, gravity_arc
from ironarc.core.reading.flights import Flight
from ironarc.core.truing.correction import Correction, Place, Proposal, option

NAME = "true_arc"


@dataclass(frozen=True)
class Options:
    """frame : any frame of the flight, of the shot's."""

    frame: int = option("a frame of the flight", "frame")


@dataclass(frozen=True)
class ArcCost:
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


def places(seen: Seen) -> list[Place]:
    """Every flight."""
    return [Place(f.start, f.end, Options(f.apex_frame)) for f in seen.reading.flights]


def propose(seen: Seen, options: Options) -> Proposal:
    """The edit that trues the flight at a frame, as a layer on the root from take-off to landing.

    Raises EditError where there is no flight, where it reaches over a cut, or where the root has no position
    channels to move it by.
    """
    reading, performer = seen.reading, seen.performer
    flight = find_flight(reading, options.frame)
    rig = performer.rig
    for root in rig.roots:
        if not all(c in rig.joints[root].channels for c in POSITION_CHANNELS):
            raise EditError(
                f"{rig.names[root]} has no position channels in its file, so the body can't be moved along the arc."
            )
    first = int(reading.poses.frames[0])
    arc = gravity_arc(reading, flight)
    shift = arc - reading.com[flight.start - first : flight.end - first + 1]
    frames = np.arange(flight.start, flight.end + 1)
    performer.timing.own_frames(frames, performer.clip)  # EditError where it reaches over a cut
    # at the contacts beside it nothing is moved: the layer begins and ends there, at nothing
    seen_ends = np.array([flight.take_off_seen, flight.landing_seen])
    frames = np.concatenate([frames[:1][seen_ends[:1]] - 1, frames, frames[-1:][seen_ends[1:]] + 1])
    still = np.zeros((1, 3))
    shifts = np.concatenate([still[seen_ends[:1]], shift, still[seen_ends[1:]]])
    own = performer.timing.mix(frames, performer.clip).before
    start, values = on_whole_frames(own, performer.placement.shift_to_own(shifts) / performer.scale_to_m)
    columns = {
        (rig.names[root], channel): Dense(start, values[:, axis])
        for root in rig.roots
        for axis, channel in enumerate(POSITION_CHANNELS)
    }
    layer = Layer(
        performer.free_layer_id(), CORRECTION.label, CORRECTING, columns=columns,
        span=(start, start + len(values) - 1), made_by=NAME,
    )  # fmt: skip
    words = f"{CORRECTION.label} {flight.start}–{flight.end}"
    return Proposal(AddLayer(layer, performer.id, words), _cost(reading, flight, arc, shift))


def on_whole_frames(own: np.ndarray, values: np.ndarray) -> tuple[int, np.ndarray]:
    """First whole own frame, and values (frames, ...) on every whole own frame from there to the last.

    own : (frames,) rising, whole or not; where they are not, as in a span that is retimed, a cubic leads over.
    """
    first, last = int(np.rint(own[0])), int(np.rint(own[-1]))
    whole = np.arange(first, last + 1)
    if len(whole) == len(own) and (own == whole).all():
        return first, values
    if len(own) < 4:
        return first, np.column_stack([np.interp(whole, own, v) for v in values.T])
    return first, CubicSpline(own, values, axis=0)(np.clip(whole, own[0], own[-1]))


def _cost(reading: Reading, flight: Flight, arc: np.ndarray, shift: np.ndarray) -> ArcCost:
    dt, g, first = reading.poses.dt, reading.g, int(reading.poses.frames[0])
    a, b = flight.start - first, flight.end - first + 1
    n = len(arc)
    # speed of the arc on its first frame, then carried one frame out on either side
    v0 = (arc[1] - arc[0]) / dt + np.array([0.0, g * dt / 2, 0.0])
    before = v0 + np.array([0.0, g * dt, 0.0])
    after = v0 - np.array([0.0, g * dt * n, 0.0])
    seen = flight.take_off_seen, flight.landing_seen
    return ArcCost(
        rise_before_m=flight.rise_m,
        rise_after_m=asked_rise(reading, flight, arc),
        take_off_jump_ms=float(np.linalg.norm(before - reading.com_velocity[a - 1])) if seen[0] else 0.0,
        landing_jump_ms=float(np.linalg.norm(after - reading.com_velocity[b])) if seen[1] else 0.0,
        moved_max_m=float(np.linalg.norm(shift, axis=1).max()),
    )


CORRECTION = Correction(
    NAME,
    "True the arc",
    "arc",
    "The body is moved so that its center of gravity follows gravity's arc between take-off and landing, in the "
    "time it has.",
    Options,
    ("hang", "arc"),
    places,
    propose,
)
