"""A shot at another rate: with its seconds kept, keys move to other frames; with its frames kept, time does."""

from dataclasses import dataclass, replace
from fractions import Fraction

from ironarc.core.columns import Keys
from ironarc.core.document import Performer, Shot, check_size
from ironarc.core.document.content import content_below, is_stale
from ironarc.core.errors import EditError
from ironarc.core.judging.findings import can_judge
from ironarc.core.judging.grades import GRADES
from ironarc.core.motion.retime import retime_keys, retime_layers, retime_span
from ironarc.core.reading import Reading, read_shot
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.shot import settled
from ironarc.core.scene.cuts import Cut
from ironarc.core.scene.props import Hold
from ironarc.core.scene.rate import retime_frame
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.retiming import Retiming
from ironarc.core.scene.timing import Timing

KEEP_SECONDS, KEEP_FRAMES = "seconds", "frames"
SAME = 1e-4  # as a share: two frame times this near are one


def at_rate(shot: Shot, rate: Fraction, keep: str) -> Shot:
    """The shot at `rate`, its first frame's number as it was.

    keep : "seconds" leaves every key at its moment, between frames where it lies there; "frames" on its frame.
    """
    if keep not in (KEEP_SECONDS, KEEP_FRAMES):
        raise EditError(f"A change of rate keeps the seconds or the frames; {keep!r} was given.")
    shot = settled(shot)
    frame_time = float(1 / rate)
    if keep == KEEP_FRAMES:
        return replace(shot, frame_time_s=frame_time)
    factor, first = rate / shot.rate, shot.first_frame
    frames = retime_frame(shot.last_frame, first, factor) - first + 1
    check_size(replace(shot, frames=frames))  # before anything is worked out
    there = replace(
        shot,
        frame_time_s=frame_time,
        frames=frames,
        performers=tuple(_retimed(p, first - p.timing.slip, factor, shot.frame_time_s) for p in shot.performers),
        props=tuple(
            replace(
                p,
                columns={c: retime_keys(k, first, factor) for c, k in p.columns.items()},
                holds=tuple(_retimed_hold(h, first, factor) for h in p.holds),
            )
            for p in shot.props
        ),
        references=tuple(_moved(r, first, factor) for r in shot.references),
        remarks=tuple(replace(r, frame=retime_frame(r.frame, first, factor)) for r in shot.remarks),
        guides=tuple(
            replace(g, first=retime_frame(g.first, first, factor), frames=g.frames * float(factor)).checked()
            for g in shot.guides
        ),
        cameras=tuple(
            replace(c, columns={channel: retime_keys(k, first, factor) for channel, k in c.columns.items()})
            for c in shot.cameras
        ),
        marker_sets=tuple(replace(m, first=first + (m.first - first) * float(factor)) for m in shot.marker_sets),
    )
    return _known_below(shot, there)


def _retimed_hold(hold: Hold, about: int, factor: Fraction) -> Hold:
    start, end, ease_in, ease_out = retime_span(hold.start, hold.end, hold.ease_in, hold.ease_out, about, factor)
    return replace(hold, start=start, end=end, ease_in=ease_in, ease_out=ease_out)


def _moved(reference: Reference, about: int, factor: Fraction) -> Reference:
    there = replace(reference, first=retime_frame(reference.first, about, factor))
    return there.with_poses_at(lambda frame: retime_frame(frame, about, factor))


def _retimed(performer: Performer, about: int, factor: Fraction, was_s: float) -> Performer:
    """The performer with its own frame f at about + (f - about) × factor; `about` is the shot's first frame.

    was_s : seconds a frame before
    """
    timing = performer.timing
    layers = retime_layers(performer.rig, performer.layers, about, factor)

    def span(start: int, end: int) -> tuple[int, int]:
        first = retime_frame(start, about, factor)
        return first, max(retime_frame(end + 1, about, factor) - 1, first)

    def held(load):
        start, end, ease_in, ease_out = retime_span(load.start, load.end, load.ease_in, load.ease_out, about, factor)
        return replace(load, start=start, end=end, ease_in=ease_in, ease_out=ease_out)

    def of_span(thing):
        start, end = span(thing.start, thing.end)
        return replace(thing, start=start, end=end)

    first, last = (retime_frame(f, about, factor) for f in performer.clip)
    reached = layers[0].reach() if layers else None
    if reached and performer.layers[0].reach() == performer.clip:
        first, last = reached  # a clip that is just the base's stays so, whichever way its ends were rounded
    retimed = replace(
        performer, layers=layers, clip=(first, max(first, last)), loads=tuple(map(held, performer.loads)),
        pins=tuple(map(held, performer.pins)),
        beats=tuple(replace(b, frame=retime_frame(b.frame, about, factor)) for b in performer.beats),
        contacts=tuple(map(of_span, performer.contacts)), left=tuple(map(of_span, performer.left)),
        strips=tuple(map(of_span, performer.strips)),
        sample_time_s=_sample_time(performer, was_s, was_s / float(factor)),
        timing=Timing(
            timing.slip, None, _retimed_cuts(performer, about, factor),
            tuple(_retimed_map(r, about, float(factor)) for r in timing.retimings),
        ),
    )  # fmt: skip
    if timing.trim is not None:
        first, last = (retime_frame(f, about, factor) for f in timing.trim)
        low, high = retimed.clip
        trim = (min(max(first, low), high), max(min(last, high), low))
        retimed = replace(retimed, timing=replace(retimed.timing, trim=trim))
    return retimed


def _known_below(was: Shot, now: Shot) -> Shot:
    """What lies below corrections told anew on the new frames, where it had not changed since they were made."""
    for old, new in zip(was.performers, now.performers, strict=True):
        layers = tuple(
            replace(layer, below=content_below(now, new, i))
            if layer.below and not is_stale(was, old, before) else layer
            for i, (before, layer) in enumerate(zip(old.layers, new.layers, strict=True))
        )  # fmt: skip
        now = now.with_item(replace(new, layers=layers))
    return now


def _sample_time(performer: Performer, was_s: float, now_s: float) -> float:
    """Seconds between the frames it was made on, at a new rate; a coarser one has each on a frame again."""
    measured = max(performer.sample_time_s, was_s)
    return measured if measured > now_s * (1 + SAME) else 0.0


def _retimed_cuts(performer: Performer, about: int, factor: Fraction) -> tuple[Cut, ...]:
    cuts = []
    for cut in performer.timing.cuts:
        start, end = retime_frame(cut.start, about, factor), retime_frame(cut.end + 1, about, factor) - 1
        if end < start:
            # the frames taken out are seen nowhere: the place of the cut is told by the frame after it
            after = performer.timing.seen_frame(cut.end + 1)
            raise EditError(
                f"At this rate the cut of {cut.frames} frames before frame {after} of {performer.name} would vanish. "
                "Mend the cut first, or keep the frames instead."
            )
        cuts.append(Cut(start, end, min(retime_frame(cut.blend, 0, factor), end - start + 1), cut.carry))
    return tuple(cuts)


def _retimed_map(retiming: Retiming, about: int, factor: float) -> Retiming:
    """Both the frames a moment is seen on and its own frames move; a map keeps its place between whole frames."""
    keys: Keys = retiming.keys
    moved = replace(keys, frames=about + (keys.frames - about) * factor, values=about + (keys.values - about) * factor)
    return replace(retiming, keys=moved, added=round(retiming.added * factor))


@dataclass(frozen=True)
class RateEffect:
    """What a change of rate does to one flight, before and after: frames in the air, seconds, implied g (m/s²).

    `now_...` values are None where the flight can't be found again after the change; an implied g is None
    where the flight is too short to judge it.
    """

    performer: str
    start: int
    end: int
    was_frames: float
    was_s: float
    was_g: float | None
    now_frames: float | None
    now_s: float | None
    now_g: float | None


def rate_effects(shot: Shot, rate: Fraction, keep: str) -> list[RateEffect]:
    """What `at_rate` does to each flight of each performer; raises EditError as it does."""
    changed = at_rate(shot, rate, keep)
    out = []
    for performer in shot.performers:
        was = read_shot(shot, performer_id=performer.id)
        now = read_shot(changed, performer_id=performer.id)
        for flight, found in _pair(was, now, float(rate / shot.rate) if keep == KEEP_SECONDS else 1.0):
            after = (found.aloft_frames, found.hang_s, _judged_g(found, shot.g)) if found else (None, None, None)
            before = (flight.aloft_frames, flight.hang_s, _judged_g(flight, shot.g))
            out.append(RateEffect(performer.name, flight.start, flight.end, *before, *after))
    return out


def _judged_g(flight: Flight, g: float) -> float | None:
    return flight.implied_g if can_judge(flight, g, GRADES) else None


def _pair(was: Reading, now: Reading, factor: float) -> list:
    """Each flight with the one over the same middle after the change, or None."""
    first = int(was.poses.frames[0])
    out = []
    for flight in was.flights:
        middle = first + ((flight.start + flight.end) / 2 - first) * factor
        out.append((flight, next((f for f in now.flights if f.start - 1 <= middle <= f.end + 1), None)))
    return out
