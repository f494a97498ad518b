"""Reading the performers of a shot, and where its floor is."""

from collections.abc import Callable
from dataclasses import dataclass, field, fields, replace
from functools import cached_property
from math import floor

import numpy as np

from ironarc.core.document import HandContact, Limit, Performer, Shot
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import grip_called
from ironarc.core.motion.layers import span_share
from ironarc.core.motion.loads import Load, LoadTrack
from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.flight_search import falling
from ironarc.core.reading.floor import SET, Floor, estimate_floor
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.read import Answer, Reading, Traced, frames_a_sample, read_traced, trace
from ironarc.core.reading.skin import follow, skin_of
from ironarc.core.scene.props import Prop, middle_of
from ironarc.core.settings import REFERENCE_HEIGHT_M


@dataclass(frozen=True)
class Seen:
    """A shot with the reading of one performer. house : limits of findings of the house, which the shot's go before"""

    shot: Shot
    performer: Performer
    reading: Reading
    house: tuple[Limit, ...] = field(default=(), kw_only=True)

    def on(self, shot: Shot) -> "Seen":
        """The same performer read in another shot."""
        return see(shot, self.performer.id, self.house)

    def ask(self, question: Callable[["Seen"], Answer]) -> Answer:
        """What a question finds out of all this, worked out once."""
        if question not in self._known:
            self._known[question] = question(self)
        return self._known[question]

    @cached_property
    def _known(self) -> dict:
        return {}


def see(shot: Shot, performer_id: str = "", house: tuple[Limit, ...] = ()) -> Seen:
    """The shot with one performer read (the first for "")."""
    return Seen(shot, shot.performer_called(performer_id), read_shot(shot, performer_id=performer_id), house=house)


def floor_of(shot: Shot) -> Floor:
    """The shot's floor: as written down, or estimated from the first performer's body."""
    if shot.floor_m is not None:
        return Floor(shot.floor_m, shot.floor_slope, SET)
    return estimated_floor(shot)


def estimated_floor(shot: Shot, tilted: bool = False) -> Floor:
    """Where the first performer's body says that the floor is; `tilted`: also how it slopes."""
    body = shot.performer.body()
    poses = shot.poses("", shot.frame_numbers())
    step = round(frames_a_sample(shot.performer.sample_time_s, poses.dt))
    size = body.anatomy.height_m / REFERENCE_HEIGHT_M
    falls = falling(Arcs(whole_com(body_centres(poses, body), body), poses.dt), shot.g, size)
    return estimate_floor(follow(skin_of(body), poses, step), size, tilted, falls)


def other_floor(reading: Reading) -> float | None:
    """Another height (m) that this body rests at on nearly as many frames as on the floor; None where it doesn't."""
    traced, (was, known) = reading.traced, reading.before(other_floor) or (None, None)
    if was is not None and was.traced is traced:
        return known
    falls = falling(traced.arcs, reading.g, traced.size)
    return estimate_floor(traced.track, traced.size, falls=falls).levels_but(reading.floor_m, traced.size)


def settled(shot: Shot) -> Shot:
    """With its floor written down where it was estimated, so that moving a body doesn't move the floor."""
    return shot if shot.floor_m is not None else replace(shot, floor_m=floor_of(shot).height_m)


def trace_shot(shot: Shot, body: Body | None = None, performer_id: str = "", was: Traced | None = None) -> Traced:
    """Evaluates one performer (the first for "") and follows its skin; `body` saves weighing it again. was : of a shot
    in which it may move otherwise on some frames only"""
    performer = shot.performer_called(performer_id)
    done = shot.evaluate(performer.id, shot.frame_numbers(), was=was and was.evaluated)
    first, last = performer.plays
    start = shot.first_frame
    plays = max(int(np.ceil(first)) - start, 0), min(int(np.floor(last)) - start + 1, shot.frames)
    return trace(
        done.poses, body or performer.body(), _bearing(shot),
        (*performer.load_tracks(done.poses), *_carried(shot, performer, done.poses.frames)),
        performer.timing.unheld(done.poses.frames), performer.sample_time_s, plays if plays[0] < plays[1] else None,
        was, done,
    )  # fmt: skip


def _bearing(shot: Shot) -> tuple[Prop, ...]:
    """The props that can bear a body: what has a weight and is carried, or flies with nobody on it, is none of them."""
    loose = {
        p.id for p in shot.props if p.mass_kg is not None and (p.holds or (p.flight is not None and not p.flight.bears))
    }  # fmt: skip
    return tuple(p for p in shot.standing_props() if p.id not in loose)


def _carried(shot: Shot, performer: Performer, frames: np.ndarray) -> list[LoadTrack]:
    """The props with a weight that a performer carries, as loads, one a span."""
    out = []
    for prop in shot.props:
        spans = [h for h in prop.holds if h.performer == performer.id]
        if prop.mass_kg is None or not spans:
            continue
        at, turn = shot.track_of(prop, frames)
        middle, inertia = middle_of(prop, at, turn), prop.inertia(prop.mass_kg)
        for span in spans:
            load = Load(
                f"{prop.id}:{span.id}", prop.name, (span.joint,), span.start, span.end, prop.mass_kg, prop.size_m,
                ease_in=span.ease_in, ease_out=span.ease_out,
            )  # fmt: skip
            counts = span_share(frames.astype(float), span.start, span.end, span.ease_in, span.ease_out)
            out.append(LoadTrack(load, counts, middle, turn, inertia))
    return out


def read_shot(
    shot: Shot, body: Body | None = None, performer_id: str = "", traced: Traced | None = None,
    was: Reading | None = None,
) -> Reading:  # fmt: skip
    """Evaluates and reads one performer (the first for "").

    body : saves weighing it again; traced : of a shot that differs in contacts, gravity or floor at most, saves
        evaluating it again
    was : of a shot that is mostly the same: what comes out as there is taken from it
    """
    traced = traced or trace_shot(shot, body, performer_id, was and was.traced)
    return read_traced(traced, shot.g, floor_of(shot), seen_contacts(shot.performer_called(performer_id)), was)


def seen_contacts(performer: Performer) -> tuple[HandContact, ...]:
    """The contacts set by hand, and those of hands that a pin lets hold on, on the frames of the shot."""
    seen = performer.timing.seen_frame
    said = (*performer.contacts, *_pulling(performer))
    return tuple(replace(c, start=seen(c.start), end=seen(c.end)) for c in said)


def _pulling(performer: Performer) -> list[HandContact]:
    """What hands hold on to by pins that grip: the prop they are pinned to, or else something that does not move."""
    holding = [pin for pin in performer.pins if pin.pulls and not pin.muted]
    if not holding:
        return []
    body, out = performer.body(), []
    names = performer.rig.names
    for pin in holding:
        side = grip_called(body, pin.part).side
        for point in body.anatomy.contact_points:
            if point.point == "palm" and point.side == side:
                # to the world, or to somebody: what bears is told by no surface of the scene
                surface = pin.to if pin.to and not pin.joint else FLOOR
                out.append(HandContact(names[point.joint], point.point, pin.start, pin.end, surface, True))
    return out


def read_all(shot: Shot) -> dict[str, Reading]:
    """Readings of every performer, by id."""
    return {p.id: read_shot(shot, performer_id=p.id) for p in shot.performers}


def reads_alike(a: Shot, b: Shot, performer_id: str) -> bool:
    """Whether one performer's reading in shot `a` is its reading in `b`, since nothing that it rests on differs."""
    if performer_id not in {p.id for p in a.performers} & {p.id for p in b.performers}:
        return False
    of_a, of_b = a.performer_called(performer_id), b.performer_called(performer_id)
    return (
        # what is left as it is changes no number
        _same_but(of_a, of_b, {"left", "beats", "strips"})
        and _held_alike(a, b, of_a)
        and all(getattr(a, name) == getattr(b, name) for name in ("g", "floor_m", "floor_slope"))
        and _same_frames_and_props(a, b)
        # a floor that is estimated is the first performer's
        and (a.floor_m is not None or a.performer is b.performer)
    )


def traces_alike(a: Shot, b: Shot, performer_id: str) -> bool:
    """Whether one performer moves in shot `b` just as it does in `a`, whatever it is said to touch."""
    if performer_id not in {p.id for p in a.performers} & {p.id for p in b.performers}:
        return False
    of_a, of_b = a.performer_called(performer_id), b.performer_called(performer_id)
    still = _same_but(of_a, of_b, {"left", "contacts", "beats", "strips"}) and _held_alike(a, b, of_a)
    return still and _same_frames_and_props(a, b)


def _held_alike(a: Shot, b: Shot, performer: Performer) -> bool:
    """Whether those a performer's pins hold to, and those who hold them, are the very same in both shots."""
    waiting, seen = [performer], set()
    while waiting:
        for pin in waiting.pop().pins:
            if pin.to in seen or not any(p.id == pin.to for p in (*a.performers, *b.performers)):
                continue
            seen.add(pin.to)
            ours, theirs = ([p for p in shot.performers if p.id == pin.to] for shot in (a, b))
            if len(ours) != 1 or len(theirs) != 1 or ours[0] is not theirs[0]:
                return False
            waiting.append(ours[0])
    return True


def _same_but(a: Performer, b: Performer, other: set[str]) -> bool:
    """Whether two performers hold the very same but for fields `other`."""
    return a is b or all(getattr(a, f.name) is getattr(b, f.name) for f in fields(a) if f.name not in other)


def _same_frames_and_props(a: Shot, b: Shot) -> bool:
    same = ("frame_time_s", "first_frame", "frames")
    return (
        all(getattr(a, name) == getattr(b, name) for name in same)
        and len(a.props) == len(b.props)
        and all(x is y for x, y in zip(a.props, b.props, strict=True))
        and _carried_alike(a, b)
    )


def _carried_alike(a: Shot, b: Shot) -> bool:
    """Whether those who carry props are the very same in both shots."""
    carriers = {hold.performer for prop in a.props for hold in prop.holds}
    ours, theirs = ({p.id: p for p in shot.performers} for shot in (a, b))
    return all(ours.get(who) is theirs.get(who) for who in carriers)


def own_span(own: np.ndarray, frames: np.ndarray, start: int, end: int) -> tuple[int, int]:
    """Own frames behind the first and last of a span of the shot's; own (frames,) lies behind frames (frames,)."""
    first, last = (min(max(frame - int(frames[0]), 0), len(frames) - 1) for frame in (start, end))
    return floor(own[first] + 0.5), floor(own[last] + 0.5)
