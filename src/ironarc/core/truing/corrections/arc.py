"""True the arc: the center of gravity on gravity's parabola, in the time it has or in the time its height needs."""

from dataclasses import dataclass, replace
from itertools import product

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.edits import AddLayer
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.edits.retiming import retimed
from ironarc.core.errors import EditError
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.judge import limits_seen
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.reading.gravity_arc import gravity_arc, gravity_rise
from ironarc.core.reading.impact import enough_depth, needed_bw
from ironarc.core.scene.retiming import Retiming
from ironarc.core.solve.span import solve_span
from ironarc.core.solve.task import EDGE
from ironarc.core.truing.carry import Figure, Planted, carry, lead_in, lead_out, planted
from ironarc.core.truing.correction import CM, FRAME, FRAMES, Correction, Cost, Place, Proposal, Way, cost_of, option
from ironarc.core.truing.corrections import whole
from ironarc.core.truing.difference import check_root, layer_between
from ironarc.core.truing.pace import catching_up, paced
from ironarc.core.truing.residue import residue

NAME = "true_arc"
LEAD_S = 0.3  # over which push and landing bend to another speed, where nothing else is asked
NATURAL_BW = (1.0, 2.0)  # a push, and a landing, may change the speed by this within a frame and be one
KINK_MS = 1.0  # beyond that a kink is graded
CATCH_UP_S = 1.0
LEAST_RISE_M = 0.005  # that is worth telling
SOUND = 0.6  # of what is graded as strained, within which a flight is left as it is
TIME, HEIGHT, BETWEEN, EDGES, HELD = "time", "height", "between", "edges", "held"
MOST_BESIDE = 2  # frames of push and of landing that may have been slowed with the flight
A_FRAME_MS = 0.02  # m/s gained from nothing, that taking along a frame beside the flight must save
QUICK_FRAMES = 60  # that are worked out in about half a second
HELD_S = 0.6  # beside a flight, that is worked out to hold together with it


@dataclass(frozen=True)
class Options:
    """frame : any frame of the flight, of the shot's; hang : frames in the air, 0 for as many as there are
    rise : cm the body is to rise by, 0 for as gravity has it in that time
    lead : frames of push and of landing that bend to the new speed, 0 for a third of a second
    follow : whether what follows moves along when frames are added or taken out
    hold : whether push, flight and landing are then worked out to hold together, spin too
    early, past : frames of the push and of the landing played as slow or as fast as the flight; past -1 for both found
    """

    frame: int = option("a frame of the flight", FRAME)
    hang: int = option("frames in the air", FRAMES, 0, 2000, default=0)
    rise: float = option("rise, 0 for gravity's", CM, 0, 2000, default=0.0)
    lead: int = option("lead in and out, 0 for enough", FRAMES, 0, 500, default=0)
    follow: bool = option("what follows moves along", default=True)
    hold: bool = option("push and landing worked out", default=False)
    early: int = option("frames of the push at its pace", FRAMES, 0, 60, default=0)
    past: int = option("frames of the landing at its pace", FRAMES, -1, 60, default=0, found="worked out")


def find_flight(reading: Reading, frame: int) -> Flight:
    """The flight that holds `frame`; EditError when there is none."""
    for flight in reading.flights:
        if flight.start <= frame <= flight.end:
            return flight
    raise EditError(f"There is no flight at frame {frame}; choose a span with no contact.")


def true_hang(reading: Reading, flight: Flight) -> int:
    """Frames that gravity gives for the path it has; as many as there are where it can't be told."""
    fps = reading.poses.fps
    whole = flight.take_off_seen and flight.landing_seen
    if whole and min(flight.rise_m, flight.drop_m) > 0.01 * reading.size:
        return max(flight.hang_frames + int(np.rint(allowed_frames(flight, reading.g, fps) - flight.aloft_frames)), 2)
    if flight.implied_g <= 0:
        return flight.hang_frames
    return max(int(np.rint(flight.hang_frames * flight.speed_factor)), 2)


def places(seen: Seen) -> list[Place]:
    """Every flight, by time where its hang is off, by height, and half-way."""
    out = []
    for f in seen.reading.flights:
        wanted, have = true_hang(seen.reading, f), f.hang_frames
        ways = [Way(HEIGHT, "Keep the time, change the height", Options(f.apex_frame))]
        if wanted != have and f.landing_seen:
            between = int(np.rint((wanted + have) / 2))
            ways.insert(0, Way(TIME, "Keep the height, change the time", Options(f.apex_frame, wanted)))
            held = Options(f.apex_frame, wanted, hold=True)
            if f.take_off_seen:
                edges = Options(f.apex_frame, wanted, past=-1)
                ways.append(Way(EDGES, "Change the time of the flight and what is as slow beside it", edges, long=True))
            frames = f.hang_frames + 2 * HELD_S / seen.reading.poses.dt
            quick = frames <= QUICK_FRAMES
            ways.append(Way(HELD, "Change the time, push and landing worked out", held, long=not quick, offered=quick))
            if between not in (wanted, have):
                ways.append(Way(BETWEEN, "Meet half-way", Options(f.apex_frame, between), choice=True))
        out.append(Place(f.start, f.end, tuple(ways)))
    return out


def propose(seen: Seen, options: Options) -> Proposal:
    """The correction of the flight at a frame, from the push that leads into it to the landing it leads to.

    Raises EditError where there is no flight, where it reaches over a cut or the motion's end, where the root has no
    position channels to move it by, or where time and height are both asked for and gravity can't give both.
    """
    flight = find_flight(seen.reading, options.frame)
    check_root(seen.performer)
    hang = _hang(seen.reading, flight, options)
    if hang == flight.hang_frames:
        proposal = by_height(seen, flight, options.lead)
        if proposal is not None and options.hold:
            proposal, held = _held(seen, flight, proposal)
            proposal = replace(proposal, cost=replace(proposal.cost, words=f"{proposal.cost.words} {held}"))
        if proposal is None:
            raise EditError(f"The flight {flight.start}–{flight.end} follows its arc already: nothing was changed.")
        return proposal
    if options.past < 0:
        return _with_edges(seen, flight, hang, options)
    return _by_time(seen, flight, hang, options)[0]


def _with_edges(seen: Seen, flight: Flight, hang: int, options: Options) -> Proposal:
    """The time changed of the flight and of those frames beside it that leave least force from nowhere."""
    found = []
    for early, past in product(range(MOST_BESIDE + 1), repeat=2):
        try:
            made, there = _by_time(seen, flight, hang, replace(options, early=early, past=past))
        except EditError:
            continue
        left = seen.on(there).reading.ask(residue).loss
        found.append((left + A_FRAME_MS * (early + past), early, past, made))
    if not found:
        raise EditError(f"No frames beside the flight {flight.start}–{flight.end} can be played at its pace.")
    return min(found, key=lambda f: f[:3])[3]


def _hang(reading: Reading, flight: Flight, options: Options) -> int:
    """Frames in the air that are asked for. EditError for a rise and a time that gravity can't give together."""
    if options.rise <= 0:
        return options.hang or flight.hang_frames
    if not (flight.take_off_seen and flight.landing_seen):
        raise EditError("This flight runs over the clip's end, so its rise can't be set. Ask for a time in the air.")
    g, fps = reading.g, reading.poses.fps
    higher = flight.rise_m - flight.drop_m  # that it lands than it leaves
    rise = options.rise / 100
    drop = rise - higher
    if drop <= 0:
        raise EditError(
            f"It lands {higher * 100:.0f} cm higher than it leaves, so it must rise by more than that; "
            f"{options.rise:.0f} cm was given."
        )
    aloft = (np.sqrt(2 * rise / g) + np.sqrt(2 * drop / g)) * fps
    # with its ends half-way between contact and flight
    hang = max(int(np.rint(aloft - 0.5)), 2)
    if options.hang and abs(options.hang - hang) > 1:
        raise EditError(
            f"A rise of {options.rise:.0f} cm takes {hang} frames under gravity, and {options.hang} were asked for. "
            "Give one of the two, and the other follows."
        )
    return hang


def by_height(seen: Seen, flight: Flight, lead: int = 0, anew: bool = False) -> Proposal | None:
    """The flight brought onto its arc in the time it has, push and landing bent to it; None where it lies there.

    anew : after its time was changed, when it is brought onto the arc however near it lies
    """
    reading, performer = seen.reading, seen.performer
    if not anew and follows_its_arc(seen, flight):
        return None
    made = lead_shift(reading, flight, lead)
    arc = gravity_arc(reading, flight)
    figure = Figure.of(reading, made.at)
    feet = planted(reading, made.at)
    # in the air the whole rides along: at both ends it is where it was, so that no foot jumps
    air = np.zeros(len(made.shift), dtype=bool)
    air[made.before : len(air) - made.after] = True
    carry(figure, made.shift, [Planted(p.limb, np.where(air, 0.0, p.share)) for p in feet])
    label = f"{CORRECTION.label} {flight.start}–{flight.end}"
    layer = layer_between(performer, figure.was, figure.local, figure.translation, CORRECTION.label, NAME)
    says = _says(reading, flight, arc, made)
    return Proposal(cost_of(figure.was, figure.local, figure.translation, says), label, layer)


def follows_its_arc(seen: Seen, flight: Flight) -> bool:
    """Whether nothing is to be put right: its gravity, its distance from the arc and its edges are well within what is
    graded. What is sound must not move."""
    reading, limits = seen.reading, limits_seen(seen)
    off = abs(flight.implied_g - reading.g)
    straight = off < max(SOUND * limits["hang"].strained * reading.g, flight.implied_g_se)
    near = flight.arc_max_m < SOUND * limits["arc"].strained * reading.size
    most = KINK_MS * float(np.sqrt(reading.size))
    edges = ((flight.kink_take_off_ms, NATURAL_BW[0]), (flight.kink_landing_ms, NATURAL_BW[1]))
    smooth = all(np.linalg.norm(k) < most + bw * reading.g * reading.poses.dt for k, bw in edges)
    return straight and near and smooth


@dataclass(frozen=True)
class Led:
    """A flight with what leads into and out of it. at : indices; shift : (frames, 3) m of the center of gravity
    before, after : frames that lead; jumps : m/s each end bends by"""

    at: slice
    shift: np.ndarray
    before: int
    after: int
    jumps: tuple[np.ndarray, np.ndarray]


def lead_shift(reading: Reading, flight: Flight, lead: int = 0) -> Led:
    """How the center of gravity moves for the flight to follow its arc, with no kink at either end."""
    dt, first = reading.poses.dt, int(reading.poses.frames[0])
    a, b = flight.start - first, flight.end - first + 1
    arc = gravity_arc(reading, flight)
    n = len(arc)
    lead = lead or max(int(np.rint(LEAD_S / dt)), 3)
    spans = reading.footing.flights
    low = max([y for _, y in spans if y <= a], default=reading.traced.plays[0])
    high = min([x for x, _ in spans if x >= b], default=reading.traced.plays[1])
    before = min(lead, a - low) if flight.take_off_seen else 0
    after = min(lead, high - b) if flight.landing_seen else 0
    fall = np.array([0.0, reading.g, 0.0])
    # the arc's speed on its first frame, carried to the contacts on either side
    v0 = (arc[1] - arc[0]) / dt + fall * dt / 2
    jumps = np.zeros(3), np.zeros(3)
    if before:
        speed = v0 + fall * dt
        jumps = (
            _bent(speed, reading.com_velocity[a - 1], flight.kink_take_off_ms, NATURAL_BW[0], reading),
            jumps[1],
        )
    if after:
        speed = v0 - fall * dt * n
        jumps = (
            jumps[0],
            _bent(speed, reading.com_velocity[b], flight.kink_landing_ms, NATURAL_BW[1], reading),
        )
    shift = np.zeros((before + n + after, 3))
    shift[:before] = lead_in(before)[:, None] * jumps[0] * dt if before else 0.0
    shift[before : before + n] = arc - reading.com[a:b]
    shift[before + n :] = lead_out(after)[:, None] * jumps[1] * dt if after else 0.0
    return Led(slice(a - before, b + after), shift, before, after, jumps)


def _bent(speed: np.ndarray, contact: np.ndarray, kink: np.ndarray, natural: float, reading: Reading) -> np.ndarray:
    """(3,) m/s that a contact beside a flight bends by, for an arc of a speed there.

    That is the jump to it, less what a push or a landing may change in one frame; and no more than the arc itself
    changes, beside what of its own kink is too much: a flight that lies on its arc bends nothing.
    """
    jump = speed - contact
    size = float(np.linalg.norm(jump))
    allowed = natural * reading.g * reading.poses.dt
    own = float(np.linalg.norm(kink))
    changed = float(np.linalg.norm(speed - contact - kink))
    most = changed + max(own - allowed - 0.5 * KINK_MS * float(np.sqrt(reading.size)), 0.0)
    return jump * min(max(size - allowed, 0.0), most) / max(size, 1e-9)


def _says(reading: Reading, flight: Flight, arc: np.ndarray, made: Led) -> str:
    g = reading.g
    rise = gravity_rise(reading, flight, arc)
    out = [f"{flight.hang_frames} frames in the air."]
    # a drop has no rise to speak of
    if max(flight.rise_m, rise) >= LEAST_RISE_M:
        out = [
            f"{flight.hang_frames} frames in the air; the rise goes from {flight.rise_m * 100:.0f} to "
            f"{rise * 100:.0f} cm."
        ]
    speed = float((arc[1] - arc[0])[1] / reading.poses.dt + g * reading.poses.dt)
    if made.before and np.linalg.norm(made.jumps[0]) > 0.05 and speed > 0.3:
        depth = enough_depth(speed, GRADES["push"].strained, g)
        out.append(
            f"It leaves at {speed:.1f} m/s: a push of {needed_bw(speed, 0.3, g):.1f} body weights over 30 cm, at "
            f"least {depth * 100:.0f} cm of depth."
        )
    return " ".join(out)


def _by_time(seen: Seen, flight: Flight, hang: int, options: Options) -> tuple[Proposal, Shot]:
    """Frames taken out of the air, or put in, then what is left of the way to the arc; and the shot with that."""
    shot, performer, reading = seen.shot, seen.performer, seen.reading
    if not flight.landing_seen:
        raise EditError(
            f"The flight {flight.start}–{flight.end} runs over the clip's end, so its time in the air can't be told. "
            "Keep the time and change the height."
        )
    timing, added = _retimed(reading, performer, flight, hang, options)
    words = f"{CORRECTION.label} {flight.start}–{flight.end} by time"
    edit = retimed(shot, performer, timing, words)
    frames = shot.frames + added if len(shot.performers) == 1 else shot.frames
    more = (SetShot({"frames": frames}, words),) if frames != shot.frames else ()
    there = edit.apply(shot)
    for change in more:
        there = change.apply(there)
    after = seen.on(there)
    again = _same_flight(after.reading, performer, flight)
    rest = by_height(after, again, options.lead, anew=True) if again is not None else None
    held = ""
    if rest is not None and options.hold:
        rest, held = _held(after, again, rest)
    cost = _time_cost(flight, hang, added, rest, held)
    layer = rest.layer if rest else None
    if layer is not None:
        there = AddLayer(layer, performer.id).apply(there)
    return (
        Proposal(cost, words, layer, timing.retimings[-1], (*edit.edits[1:], *more), frames - shot.frames), there
    )  # fmt: skip


def _held(seen: Seen, flight: Flight, begun: Proposal) -> tuple[Proposal, str]:
    """A flight on its arc, solved together with its push and its landing: one layer in place of the one it began with;
    and what is left over, in words."""
    reading, performer = seen.reading, seen.performer
    shot = seen.shot if begun.layer is None else AddLayer(begun.layer, performer.id).apply(seen.shot)
    there = seen.on(shot)
    flights = there.reading.flights
    now = next((f for f in flights if f.start <= flight.end and flight.start <= f.end), None)
    if now is None:
        return begun, ""
    first = int(reading.poses.frames[0])
    beside = max(EDGE + 2, int(np.rint(HELD_S / reading.poses.dt)))
    low, high = (k + first for k in reading.traced.plays)
    span = whole.Options(max(now.start - beside, low), min(now.end + beside, high - 1))
    at, task = whole.span_task(there, span)
    solved = solve_span(task)
    figure = Figure.of(reading, slice(*reading.traced.plays))
    start = reading.traced.plays[0]
    figure.local[:] = there.reading.poses.local[slice(*reading.traced.plays)]
    figure.translation[:] = there.reading.poses.translation[slice(*reading.traced.plays)]
    inside = slice(at.start - start, at.stop - start)
    figure.local[inside], figure.translation[inside] = solved.local, solved.translation
    layer = layer_between(performer, figure.was, figure.local, figure.translation, CORRECTION.label, NAME)
    cost = cost_of(figure.was, figure.local, figure.translation, begun.cost.words)
    return replace(begun, layer=layer, cost=cost), whole.left_over(span, solved)


def _same_flight(reading: Reading, performer: Performer, flight: Flight) -> Flight | None:
    """The flight of another reading that is over the same part of the motion."""
    own = performer.timing.unheld(np.array([(flight.start + flight.end) / 2]))[0]
    first = int(reading.poses.frames[0])
    for f in reading.flights:
        if reading.own[f.start - first] - 1 <= own <= reading.own[f.end - first] + 1:
            return f
    return None


def _retimed(reading: Reading, performer: Performer, flight: Flight, hang: int, options: Options):
    """The performer's timing with the flight in so many frames, and how many frames the motion has more."""
    dt, first = reading.poses.dt, int(reading.poses.frames[0])
    a, b = flight.start - first, flight.end - first + 1
    edge = a - 1 if flight.take_off_seen else a
    have, want = b - edge, b - edge + hang - flight.hang_frames
    if hang < 2 or want < 2:
        raise EditError(f"A flight of {hang} frames can't be seen. Ask for two or more.")
    pace = have / want
    edge, b = max(edge - options.early, reading.traced.plays[0]), min(b + options.past, reading.traced.plays[1] - 1)
    want = max(int(np.rint((b - edge) / pace)), 2)
    pace = (b - edge) / want
    lead = options.lead or max(int(np.rint(LEAD_S / dt)), 3)
    spans = reading.footing.flights
    low = max([y for _, y in spans if y <= edge], default=reading.traced.plays[0])
    high = min([x for x, _ in spans if x >= b], default=reading.traced.plays[1])
    # speeds of the arc in the new time, against those of the push and of the landing as they are
    time = want * dt
    fall = np.array([0.0, reading.g, 0.0])
    leaves = (reading.com[b] - reading.com[edge]) / time + fall * time / 2
    lands = leaves - fall * time
    one = reading.g * dt
    q_in = 1.0
    if flight.take_off_seen:
        q_in = _pace_of(leaves, reading.com_velocity[edge], pace, NATURAL_BW[0] * one)
    q_out = _pace_of(lands, reading.com_velocity[b], pace, NATURAL_BW[1] * one)
    moments = performer.timing.moments(reading.poses.frames[[edge, b]])
    keys, added = paced(
        (float(moments[0]), float(moments[1])), want, (q_in, q_out), (min(lead, edge - low), min(lead, high - b - 1))
    )  # fmt: skip
    if not options.follow and added:
        keys = catching_up(keys, added, max(int(np.rint(CATCH_UP_S / dt)), 8), high - b - 1)
        added = 0
    retiming = Retiming(performer.timing.free_retiming_id, f"{CORRECTION.label}, time", keys, made_by=NAME)
    return performer.timing.with_retiming(retiming), added


def _pace_of(wanted: np.ndarray, has: np.ndarray, pace: float, natural: float) -> float:
    """The pace at which a contact's speed comes within `natural` m/s of the wanted one, as far as between true pace
    and the flight's."""
    size, goal = float(np.linalg.norm(has)), float(np.linalg.norm(wanted))
    if size <= 0.2:
        return 1.0
    goal = max(goal - natural, size) if pace > 1 else min(goal + natural, size)
    return float(np.clip(goal / size, min(1.0, pace), max(1.0, pace)))


def _time_cost(flight: Flight, hang: int, added: int, rest: Proposal | None, held: str) -> Cost:
    words = f"In the air for {hang} frames in place of {flight.hang_frames}, at the height it has."
    cost = rest.cost if rest else Cost("")
    if held:
        words = f"{words} {held}"
    return replace(cost, words=words, frames=added or hang - flight.hang_frames)


CORRECTION = Correction(
    NAME,
    "True the arc",
    "arc",
    "The body follows gravity's arc from take-off to landing, in the time it has or in the time its height needs; "
    "push and landing bend to its speed.",
    Options,
    ("hang", "arc", "kink", "phantom"),
    places,
    propose,
    order=20,
    ways=(TIME, HEIGHT, BETWEEN, EDGES, HELD),
    needs="Needs a flight.",
)

__all__ = ["CORRECTION", "Options", "by_height", "find_flight", "lead_shift", "places", "propose", "true_hang"]
