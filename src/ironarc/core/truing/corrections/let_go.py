"""Let go: from a frame on bodies or parts of one fall by themselves, as loose or as held as their tone has them."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import TYPE_CHECKING

import numpy as np

from ironarc.core import rotation
from ironarc.core.edits.base import unlocked_performer
from ironarc.core.edits.flown import moved_along
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import LEG, SETS, joints_of
from ironarc.core.motion.layers import LET_GO
from ironarc.core.reading import Reading, Seen, see
from ironarc.core.truing.bracing import braced
from ironarc.core.truing.carry import Figure, Planted, end_of, planted
from ironarc.core.truing.correction import (
    CURVE,
    FRAME,
    FRAMES,
    PERFORMERS,
    SHARE,
    Correction,
    Place,
    Proposal,
    option,
)
from ironarc.core.truing.corrections import whole
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import planted_feet
from ironarc.core.truing.proposing import indices, proposed

if TYPE_CHECKING:
    from ironarc.core.passive.letting import Fallen, Falling, Letting, Tone

NAME = LET_GO
LONGEST = 1500  # frames
PER_FRAME_S = 0.02  # of processor time, with room to spare
WHOLE, BUT_FEET = "all of it", "all but the feet"
PARTS = (WHOLE, BUT_FEET, "left arm", "right arm", "head", "left leg", "right leg", *SETS)
BEFORE_BACK, AFTER_BACK = 6, 12  # frames beside those it comes back over that may change for it
ARRIVES = 0.6  # tone that a part has as its keys begin to take it back
AT_ONCE = "all at once"
FIRSTS = (AT_ONCE, "legs", "hips", "spine", "head", "left arm", "right arm")
LATER = 0.6  # of the way that the tone takes to fall, by which it falls later in the part that is farthest off
MOST_KEYS = 12
LIES_MS, TOLD_NS = 0.1, 1.0


@dataclass(frozen=True)
class Options:
    """start, end : frames it falls by itself on; tone, tone_end : 0 limp to 1 held, as it is let go and at the end

    what : what of it; early : share of the way by which the tone has fallen; first : where it falls first
    keyed : the tone keyed in place of these three, as "share of the way:tone", such as 0:0.4;0.5:0.06
    brace : whether the arms reach for where it falls
    back : frames at the end over which the keys take it back; props : whether what can move moves with it
    others : ids of performers that are let go with it, in the same way, parted by ";"
    """

    start: int = option("let go at", FRAME)
    end: int = option("until", FRAME)
    tone: float = option("tone as it is let go", SHARE, 0, 1, default=0.4)
    tone_end: float = option("tone at the end", SHARE, 0, 1, default=0.06)
    early: float = option("tone has fallen by", SHARE, 0.05, 1, default=0.5)
    first: str = option("tone falls first in", choices=FIRSTS, default=AT_ONCE)
    keyed: str = option("tone keyed", CURVE, default="")
    brace: bool = option("arms reach for the ground", default=False)
    back: int = option("frames the keys take it back over", FRAMES, 0, 60, default=0)
    what: str = option("what is let go", choices=PARTS, default=WHOLE)
    props: bool = option("props that can move do so", default=True)
    others: str = option("let go with it", PERFORMERS, default="")


def places(seen: Seen) -> list[Place]:
    """None by itself: a person says when a body is let go."""
    return []


def propose(seen: Seen, options: Options) -> Proposal:
    """The body let go. EditError for a span it can't be let go on, and for a run that blows up."""
    from ironarc.core.passive.limp import fall_together  # the engine takes half a second to come in
    from ironarc.core.passive.surroundings import around

    shot, floor = seen.shot, seen.reading.floor
    all_seen = [seen, *_others(seen, options)]
    a, b = indices(seen.reading, options.start, options.end)
    frames = np.arange(options.start, options.end + 1)
    about = around(shot, [s.performer for s in all_seen], floor, frames, options.props)
    falling = [_falling(s, options) for s in all_seen]
    fallen = fall_together(falling, b - a, shot.g, floor, about)
    if options.brace:
        falling = [_braced(s, options, *pair) for s, *pair in zip(all_seen, falling, fallen, strict=True)]
        fallen = fall_together(falling, b - a, shot.g, floor, about)
    props = {x.prop.id: x.prop for x in about.free}
    more = tuple(
        moved_along(shot, prop, frames, fallen[0].at[name], fallen[0].turn[name], fallen[0].met[name])
        for name, prop in props.items()
        if _went(shot, prop, frames, fallen[0].at[name])
    )
    mine, *theirs = [_after(s, options, x, props) for s, x in zip(all_seen, fallen, strict=True)]
    layers = {s.performer.id: done.layer for s, done in zip(all_seen[1:], theirs, strict=True) if done.layer}
    return replace(mine, more=more, others=layers)


def _others(seen: Seen, options: Options) -> list[Seen]:
    """Those that are let go with it, read in the same shot."""
    ids = dict.fromkeys(part for part in options.others.split(";") if part)
    known = {p.id for p in seen.shot.performers} - {seen.performer.id}
    if lost := [who for who in ids if who not in known]:
        raise EditError(f"There is no other performer {lost[0][:40]!r} to be let go with {seen.performer.name}.")
    for who in ids:
        unlocked_performer(seen.shot, who)
    return [see(seen.shot, who, seen.house) for who in ids]


def _falling(seen: Seen, options: Options) -> Falling:
    """A body as it is let go. EditError for a span it can't be let go on."""
    from ironarc.core.passive.letting import Falling

    reading = seen.reading
    check_root(seen.performer)
    a, b = indices(reading, options.start, options.end)
    _check(reading, options, a, b)
    letting, tone = _letting(reading, options, a, b), _tone(reading, options, b - a)
    return Falling(reading.poses, reading.body, a, tone, letting, seen.performer.id)


def _braced(seen: Seen, options: Options, falling: Falling, fallen: Fallen) -> Falling:
    poses, tone = braced(seen.reading, fallen, falling.start, falling.tone)
    return replace(falling, poses=poses, tone=tone)


def _after(seen: Seen, options: Options, fallen: Fallen, props: dict) -> Proposal:
    """What the run makes of one body, taken back by its keys where that is asked for."""
    reading = seen.reading
    a, b = indices(reading, options.start, options.end)
    figure = Figure.of(reading, slice(a, b))
    local, moved = fallen.local, fallen.translation
    if options.back:
        u = np.clip((np.arange(b - a) - (b - a - 1 - options.back)) / options.back, 0.0, 1.0)
        share = u * u * (3 - 2 * u)
        local = rotation.slerp(local, figure.local, np.broadcast_to(share[:, None], local.shape[:2]))
        moved = moved + (figure.translation - moved) * share[:, None, None]
    figure.local[:], figure.translation[:] = local, moved
    if options.what == BUT_FEET and options.back:
        _keep_feet(figure, planted(reading, slice(a, b)))
    says, where = _says(seen, options, fallen, a, props), f"{options.start}–{options.end}"
    done = proposed(seen, figure, CORRECTION, where, says)
    if options.what != WHOLE or not options.back:
        return done
    back, how = _taken_back(seen, options, done)
    return proposed(seen, back or figure, CORRECTION, where, f"{says} {how}")


def _taken_back(seen: Seen, options: Options, done: Proposal) -> tuple[Figure | None, str]:
    """The way back to the keys as a body can go it, feet and hands found on the way, and that in words; None where it
    can't be worked out, so that it stays a blend: a blend alone gives the center of gravity a jolt that nothing pushes.
    """
    reading, shot = seen.reading, seen.shot
    first, plays = int(reading.poses.frames[0]), reading.traced.plays
    start = max(options.end - options.back - BEFORE_BACK, options.start)
    end = min(options.end + AFTER_BACK, first + plays[1] - 1)
    layers = (*seen.performer.layers, done.layer)
    blended = seen.on(shot.with_item(replace(seen.performer, layers=layers)))
    try:
        wanted = whole.propose(blended, whole.Options(start, end))
    except EditError as error:
        return None, f"It comes back by a plain blend: {error}"
    layers = (*layers, replace(wanted.layer, id=f"{done.layer.id}-back"))
    a, b = options.start - first, end + 1 - first
    after = shot.with_item(replace(seen.performer, layers=layers)).poses(seen.performer.id, reading.poses.frames[a:b])
    figure = Figure.of(reading, slice(a, b))
    figure.local[:], figure.translation[:] = after.local, after.translation
    return figure, f"The way back is worked out over {start}–{end}."


def _check(reading: Reading, options: Options, a: int, b: int) -> None:
    if not 2 <= b - a <= LONGEST:
        raise EditError(f"A body is let go for 2 to {LONGEST} frames; {options.start} to {options.end} was given.")
    if options.back >= b - a:
        raise EditError("The keys take it back over fewer frames than it is let go for.")
    if b < reading.traced.plays[1] and not options.back:
        last = int(reading.poses.frames[0]) + reading.traced.plays[1] - 1
        raise EditError(
            f"The motion goes on to frame {last}, so the body would jump back at {options.end + 1}. Let it fall to the "
            "end, or say over how many frames the keys take it back."
        )


def _letting(reading: Reading, options: Options, a: int, b: int) -> Letting:
    """What is let go, for the engine."""
    from ironarc.core.passive.letting import Letting

    if options.what == WHOLE:
        return Letting()
    if options.what == BUT_FEET:
        feet = planted_feet(reading, a, b)
        if not feet:
            raise EditError(f"No foot is planted from frame {options.start} on, so nothing would hold the body.")
        return Letting(planted=feet)
    joints = frozenset(joints_of(reading.body, [options.what])) - set(reading.poses.rig.roots)
    return Letting(joints=joints)


def _keep_feet(figure: Figure, feet: list[Planted]) -> None:
    """Planted legs reach for where they stood: between two poses a foot does not stay by itself."""
    for foot in feet:
        if foot.limb.kind == LEG:
            now, was = (end_of(foot.limb, *at) for at in (figure.world(), (figure.was.rotation, figure.was.position)))
            figure.reach(foot.limb, now + foot.share[:, None] * (was - now))


def _tone(reading: Reading, options: Options, frames: int) -> Tone:
    """Of a share of the way and a joint. What the keys take back stiffens first, unless all of it lies somewhere."""
    rises = 0.0 if options.what == WHOLE else min(2 * options.back / max(frames, 1), 1.0)
    later = _later(reading, options.first) * LATER * options.early
    keyed = keys_of(options.keyed)

    def smooth(t: float) -> float:
        t = min(max(t, 0.0), 1.0)
        return t * t * (3 - 2 * t)

    def tone(share: float, joint: int) -> float:
        own = share - later[joint]
        if keyed:
            out = float(np.interp(own, *keyed))
        else:
            out = options.tone + (options.tone_end - options.tone) * smooth(own / options.early)
        if rises > 0 and out < ARRIVES:
            out += (ARRIVES - out) * smooth((share - 1 + rises) / (rises / 2))
        return out

    return tone


def keys_of(text: str) -> tuple[list[float], list[float]] | None:
    """Shares of the way and the tones there, of "share:tone" parted by ";"; None for "". EditError for what is no such
    thing."""
    if not text:
        return None
    try:
        keys = sorted(tuple(float(x) for x in key.split(":")) for key in text.split(";"))
        shares, values = ([key[i] for key in keys] for i in (0, 1))
        good = len(keys) <= MOST_KEYS and all(len(key) == 2 for key in keys)
        good = good and all(0 <= x <= 1 for x in (*shares, *values)) and len(set(shares)) == len(shares)
    except (ValueError, IndexError):
        good = False
    if not good:
        raise EditError(
            f"A keyed tone is up to {MOST_KEYS} keys such as 0:0.4;0.5:0.06, each a share of the way and a tone from 0 "
            f"to 1; “{text[:60]}” was given."
        )
    return shares, values


def _later(reading: Reading, first: str) -> np.ndarray:
    """(joints,) 0 to 1: how far from where the tone falls first each joint lies, in bones."""
    rig = reading.poses.rig
    out = np.zeros(len(rig))
    if first == AT_ONCE:
        return out
    near = frozenset(joints_of(reading.body, [first]))
    if not near:
        raise EditError(f"{first.capitalize()} is not a part that this body has.")
    links: dict[int, list[int]] = {j: [] for j in range(len(rig))}
    for j, parent in enumerate(rig.parents):
        if parent >= 0:
            links[j].append(int(parent))
            links[int(parent)].append(j)
    reached, edge, n = set(near), list(near), 0
    while edge:
        edge, n = [k for j in edge for k in links[j] if k not in reached], n + 1
        out[edge] = n
        reached |= set(edge)
    return out / max(float(out.max()), 1.0)


def _went(shot, prop, frames: np.ndarray, at: np.ndarray) -> bool:
    """Whether a prop goes elsewhere than it would have."""
    was, _ = shot.track_of(prop, frames)
    return float(np.abs(at - was).max()) > 1e-3


def _says(seen: Seen, options: Options, fallen, a: int, props: dict) -> str:
    out = []
    for prop, touches in fallen.met.items():
        own = [t for t in touches if t.surface.startswith(f"{seen.performer.id}:")]
        hardest = max(own, key=lambda t: t.impulse_ns, default=None)
        if hardest is not None and hardest.impulse_ns >= TOLD_NS:
            out.append(f"{props[prop].name} strikes it on {hardest.frame:.1f} with {hardest.impulse_ns:.0f} N·s.")
    if options.what == WHOLE:
        out.append(_lies(seen, fallen, a) if len(np.flatnonzero(fallen.touches)) else "It touches nothing on the way.")
    return " ".join(out)


def _lies(seen: Seen, fallen, a: int) -> str:
    """The frame from which the hips hardly move, in words."""
    root, first = seen.performer.rig.roots[0], int(seen.reading.poses.frames[0]) + a
    step = np.linalg.norm(np.diff(fallen.translation[:, root], axis=0), axis=1) / seen.reading.poses.dt
    moving = np.flatnonzero(step > LIES_MS)
    frame = first + (int(moving[-1]) + 2 if len(moving) else 0)
    return f"It lies from frame {frame}." if frame < first + len(step) else "It still moves at the end."


def _seconds(seen: Seen, options: Options) -> float:
    falls = PER_FRAME_S * max(options.end - options.start, 0) * (1 + len(list(filter(None, options.others.split(";")))))
    if options.what != WHOLE or not options.back:
        return falls
    return falls + whole.seconds(
        seen, whole.Options(options.end - options.back - BEFORE_BACK, options.end + AFTER_BACK)
    )


CORRECTION = Correction(
    NAME,
    "Let go",
    "letgo",
    "From a frame on a body or a part of it falls by itself, with the motion it has, as loose as its tone.",
    Options,
    (),
    places,
    propose,
    order=95,
    seconds=_seconds,
    needs="Needs you to say when: under Let go.",
)
