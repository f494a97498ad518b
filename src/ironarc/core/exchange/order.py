"""An order of play: clips one after another, with repeats, as one motion of its own."""

import re
from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import HandContact, Performer, Shot, check_size
from ironarc.core.errors import EditError
from ironarc.core.exchange.falling import UP, Falling
from ironarc.core.exchange.joins import Join, carried, com_of, ease, join_of
from ironarc.core.figure.rig import POSITION_CHANNELS, forward
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.motion.write import channel_rows
from ironarc.core.reading import Reading, see
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.loops import seam, twins_of
from ironarc.core.reading.shot import settled
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.strip import Strip
from ironarc.core.scene.timing import Timing

MOST_TIMES, MOST_CLIPS = 100, 200
LEVEL = np.array([1.0, 0.0, 1.0])
LEAST_LEDGE_M, LEDGE_M = 0.05, (2.0, 1.2)  # a ledge's height at least, its width and depth
LEDGE_EDGE_M = 0.03  # that it reaches before the toes
BLENDS = 8  # frames after a join, over which what is off dies away
_TIMES = re.compile(r"^(.*?)(?:\s*[x×*]\s*(\d{1,3}))?$", re.IGNORECASE)


def strips_in(performer: Performer, text: str) -> list[Strip]:
    """The clips of an order such as "Start, Fall x 3, Land", in frames of the shot. EditError for a name that is none
    and for too many."""
    known = {s.name.lower(): s for s in performer.strips_seen()}
    out: list[Strip] = []
    for part in (p.strip() for p in text.split(",")):
        if not part:
            continue
        # a name may itself end in a number
        name, times = (part, "1") if part.lower() in known else _TIMES.match(part).groups()
        found = known.get(name.strip().lower())
        if found is None:
            names = ", ".join(s.name for s in known.values()) or "none yet"
            raise EditError(f"There is no clip called “{name.strip()[:60]}”. The clips are: {names}.")
        n = int(times or 1)
        if not 1 <= n <= MOST_TIMES:
            raise EditError(f"A clip is played 1 to {MOST_TIMES} times; {n} was given for {found.name}.")
        out += [found] * n
    if not out:
        raise EditError("Name the clips in the order they play, such as: Start, Fall x 3, Land.")
    if len(out) > MOST_CLIPS:
        raise EditError(f"Up to {MOST_CLIPS} clips play one after another; this order has {len(out)}.")
    return out


def laid_out(shot: Shot, performer: Performer, text: str, blend: int = BLENDS) -> tuple[Shot, list[Join]]:
    """A shot of one performer who plays the clips of an order, each going on from where the one before it ends, and
    the joins as they are before they are blended over `blend` frames. EditError for an order that can't be."""
    if not 0 <= blend <= MOST_TIMES:
        raise EditError(f"A join is blended over 0 to {MOST_TIMES} frames; {blend} was given.")
    return played(shot, performer, strips_in(performer, text), text, blend)


def laid_out_together(
    shot: Shot, performer: Performer, text: str, blend: int = BLENDS
) -> tuple[Shot, list[Join], list[str]]:  # fmt: skip
    """The same with everybody who has clips of these names, each going on from where the own first clip begins; and the
    names of those. The joins are the first performer's."""
    made, joins = laid_out(shot, performer, text, blend)
    names = {s.name.lower() for s in strips_in(performer, text)}
    frames, plays, along = made.frames, list(made.performers), []
    for other in shot.performers:
        if other.id == performer.id or not names <= {s.name.lower() for s in other.strips_seen()}:
            continue
        theirs, _ = laid_out(shot, other, text, blend)
        frames = max(frames, theirs.frames)
        plays.append(replace(theirs.performer, id=f"performer{len(plays) + 1}"))
        along.append(other.name)
    return replace(made, performers=tuple(plays), frames=frames), joins, along


def played(
    shot: Shot, performer: Performer, order: Sequence[Strip], text: str, blend: int
) -> tuple[Shot, list[Join]]:  # fmt: skip
    """The same of clips, in frames of the shot. text : what the order is called"""
    check_size(replace(shot, frames=sum(s.end - s.start + 1 for s in order)))
    body, rig = performer.body(), performer.rig
    pieces = [shot.poses(performer.id, np.arange(s.start, s.end + 1)) for s in order]
    if any(len(p.frames) < 2 for p in pieces):
        raise EditError("A clip in an order has two frames or more.")
    local, moved = pieces[0].local, pieces[0].translation
    falling, joins, frame, lift = Falling(see(shot, performer.id).reading), [], 1, 0.0
    for before, after, piece in zip(order, order[1:], pieces[1:], strict=False):
        n = before.end - before.start + 1
        frame += n
        turn, place = forward(rig, local[-n:], moved[-n:])
        falls, lifts, lands, path = falling.goes_on(before, after, piece, (local[-2:], moved[-2:]))
        next_place = piece.position + falls[:, None, None] * UP
        found = seam(turn, place, piece.rotation, next_place, rig.roots[0], piece.dt, False, twins_of(body))
        joined, shifted = carried(rig, piece, found)
        shifted[:, rig.roots] += falls[:, None, None] * UP
        joins.append(join_of(frame, before, after, found, body, (local, moved), (joined, shifted), piece, lands))
        flies = falls.any() or lifts
        com = com_of(piece, body, joined, shifted) if path is None else path
        ease(rig, (local, moved), joined, shifted, blend, LEVEL if flies else np.ones(3))
        if flies:
            # limbs that ease into a pose move the body about what falls, and not that
            off = com - com_of(piece, body, joined, shifted)
            shifted[:, rig.roots] += (off * falling.share(after, len(off))[:, None])[:, None]
        local, moved = np.concatenate([local, joined]), np.concatenate([moved, shifted])
        if lifts:
            # what comes down on the ground does so from as far up as it fell
            moved[:, rig.roots] += lifts * UP
            lift += lifts
    return _shot(shot, performer, text, local, moved, falling.reading, order, lift), joins


def _shot(
    shot: Shot, performer: Performer, text: str, local: np.ndarray, moved: np.ndarray, reading: Reading,
    order: Sequence[Strip], lift: float,
) -> Shot:  # fmt: skip
    """A shot with the motion as its base, a value on every frame; what bears its beginning is lifted along."""
    props = _bearing(shot, reading, order[0], lift)
    rig, _ = channel_rows(performer.motion, np.array([shot.first_frame]), shot.frame_time_s)
    columns = {}
    for j, joint in enumerate(rig.joints):
        angles = rotation.each_after_the_other(rotation.to_euler(joint.order, local[:, j]))
        values = dict(zip(joint.rotation_channels, angles.T, strict=True))
        if joint.has_position:
            rest = 0.0 if joint.position == "replaces" else joint.offset
            values |= dict(zip(POSITION_CHANNELS, (moved[:, j] / performer.scale_to_m - rest).T, strict=True))
        columns |= {(joint.name, c): Dense(1, values[c].copy()) for c in joint.channels if c in values}
    base = Layer("base", "Clips in their order", BROUGHT_IN, REPLACES, columns)
    plays = replace(
        performer, rig=rig, layers=(base,), placement=Placement(), timing=Timing(), clip=(1, len(local)), loads=(),
        contacts=_contacts(performer, order, {p.id for p in props} | ({FLOOR} if lift < LEAST_LEDGE_M else set())),
        left=(), pins=(), beats=(), strips=(), id="performer1",
    )  # fmt: skip
    made = replace(
        shot, name=f"{shot.name}: {text.strip()}"[:80], performers=(plays,), first_frame=1, frames=len(local),
        props=props,
        references=(), guides=(), cameras=(), marker_sets=(), source="",
    )  # fmt: skip
    return settled(made)


def _contacts(performer: Performer, order: Sequence[Strip], there: set[str]) -> tuple[HandContact, ...]:
    """What was said of the footing, on every clip that it was said of, where what it stands on is still there."""
    seen, out, begins = performer.timing.seen_frame, [], 1
    for strip in order:
        for contact in performer.contacts:
            a, b = max(seen(contact.start), strip.start), min(seen(contact.end), strip.end)
            if a <= b and (contact.surface in there or not contact.surface):
                out.append(replace(contact, start=a - strip.start + begins, end=b - strip.start + begins))
        begins += strip.end - strip.start + 1
    return tuple(out)


def _bearing(shot: Shot, reading: Reading, first: Strip, lift: float) -> tuple[Prop, ...]:
    """What bears the body as an order begins, as far up as that begins: the props that stand still, or a ledge in place
    of the ground."""
    if lift < LEAST_LEDGE_M:
        return tuple(p for p in shot.props if not (p.is_keyed or p.holds or p.flight))
    touched = {name for name, touch in reading.touch.items() if touch[first.start - int(reading.poses.frames[0])].any()}
    still = (p for p in shot.props if p.id in touched and not (p.is_keyed or p.holds or p.flight))
    lifted = tuple(replace(p, at_m=(p.at_m[0], p.at_m[1] + lift, p.at_m[2])) for p in still)
    if FLOOR not in touched:
        return lifted
    k = first.start - int(reading.poses.frames[0])
    soles = reading.traced.track.at[k][reading.touch[FLOOR][k]]
    ahead = rotation.rotate(reading.poses.rotation[k, reading.poses.rig.roots[0]], reading.body.anatomy.forward) * LEVEL
    ahead = ahead / max(float(np.linalg.norm(ahead)), 1e-9)
    # the feet stand on its edge
    front = float((soles @ ahead).max())
    middle = soles.mean(axis=0)
    middle = middle + ahead * (front - float(middle @ ahead) + LEDGE_EDGE_M - LEDGE_M[1] / 2)
    turn = (float(np.arctan2(ahead[0], ahead[2])), 0.0, 0.0)
    at = (float(middle[0]), reading.floor.height_m, float(middle[2]))
    ledge = Prop(shot.free_id("prop"), "Ledge", "box", (LEDGE_M[0], lift, LEDGE_M[1]), at, turn)
    return (ledge, *lifted)


def names_of(strips: Sequence[Strip]) -> str:
    """An order in words, with what repeats counted."""
    out: list[list] = []
    for strip in strips:
        if out and out[-1][0] == strip.name:
            out[-1][1] += 1
        else:
            out.append([strip.name, 1])
    return ", ".join(name if n == 1 else f"{name} x {n}" for name, n in out)
