"""What is asked of pins: a part held, from what touches or from how it stands; rolled over; feet out of the floor."""

from collections.abc import Iterable, Mapping
from dataclasses import replace
from typing import Any, Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import grip_called, grips_of
from ironarc.core.motion.pin import WORLD, Pin
from ironarc.core.posing import Ahead, ahead, stand_at
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import Prop

Point = tuple[float, float, float]
_SOLE = ("heel", "ball", "toe")
NEAR_M = 0.05  # a part that has strayed farther than this stands somewhere else
LEVER_M = 0.15  # of a foot: what its turning moves its far end by
EASED_MS2, LEAST_EASE_S = 4.0, 0.08  # how hard a part may be led back to where it would be, and how quickly at most


@command
def add_pin(
    seen: Seen, performer: str, parts: tuple[str, ...], start: Frame, end: Frame, frame: Frame, to: str = WORLD,
    joint: str = "", at_cm: Point | None = None, ease_in: int = 2, ease_out: int = 2, weight: float = 1.0,
    place: bool = True, direction: bool = False, pulls: bool = False,
) -> Edit:  # fmt: skip
    """Holds parts on frames `start` to `end` where they are on `frame`, or one at a typed place, against the world, a
    prop, a performer, or a part of its own."""
    if not parts:
        raise EditError("No part selected. Click the grip of the part to hold first.")
    if at_cm is not None and len(parts) > 1:
        raise EditError(f"One place can't hold {len(parts)} parts. Select one, or leave the place empty.")
    pins: list[Pin] = []
    for part in parts:
        pin = _pin(seen, part, start, end, frame, to, joint, at_cm)
        eases = fitting(ease_in, ease_out, pin.end - pin.start + 1)
        pins.append(replace(
            pin, id=_free_id(seen.performer, [there.id for there in pins]), ease_in=eases[0], ease_out=eases[1],
            weight=weight, place=place, direction=direction, pulls=pulls,
        ))  # fmt: skip
    return with_pins(
        seen.performer, (*seen.performer.pins, *pins), f"Pin {', '.join(parts[:3])}, {start} to {end}", seen
    )


def fitting(ease_in: int, ease_out: int, span: int) -> tuple[int, int]:
    """Eases that a span has room for."""
    if ease_in + ease_out <= span:
        return ease_in, ease_out
    half = span // 2
    return min(ease_in, half), min(ease_out, span - min(ease_in, half))


def _pin(seen: Seen, part: str, start: int, end: int, frame: int, to: str, joint: str, at_cm: Point | None) -> Pin:
    """A pin of a part as it stands on a frame of the shot."""
    if end < start:
        raise EditError(f"A pin runs from its first to its last frame; {start} to {end} was given.")
    p, timing = seen.performer, seen.performer.timing
    _check_cuts(seen, part, start, end)
    stand = stand_at(seen, frame)
    grip = grip_called(stand.body, part)
    at, turn = stand.at(grip), stand.posed.world[0, grip.joint]
    if at_cm is not None:
        at = np.array(at_cm) / 100.0
    base, facing = _holder(seen, to, joint, frame)
    if to == WORLD:
        own = p.placement.to_own(at)
        facing = p.placement.rotation
    else:
        own = rotation.rotate(facing, at - base, back=True)
    held = rotation.multiply(rotation.conjugate(facing), turn)
    return Pin(
        _free_id(p), part, timing.own_frame(start), timing.own_frame(end), tuple(map(float, own)),
        tuple(map(float, held / np.linalg.norm(held))), to, joint,
    )  # fmt: skip


def _check_cuts(seen: Seen, part: str, start: int, end: int) -> None:
    timing = seen.performer.timing
    a, b = timing.own_frame(start), timing.own_frame(end)
    for cut in timing.cuts:
        if a <= cut.end and cut.start <= b:
            seam = timing.seen_frame(cut.end + 1)
            raise EditError(
                f"A pin of the {part} from {start} to {end} would run over the cut before frame {seam}, where the body "
                "goes on elsewhere. End it before the cut, or mend the cut."
            )


def _holder(seen: Seen, to: str, joint: str, frame: int) -> tuple[np.ndarray, np.ndarray]:
    """Place (3,) m and rotation (4,) of what a pin holds to, on a frame."""
    if to == WORLD:
        return np.zeros(3), rotation.IDENTITY
    item, frames = seen.shot.item(to), np.array([frame])
    if isinstance(item, Prop):
        at, turn = seen.shot.track_of(item, frames)
        return at[0], turn[0]
    if not isinstance(item, Performer):
        raise EditError(f"{item.name} is nothing a part can be held to. Choose the world, a prop or a performer.")
    if joint not in item.rig:
        raise EditError(f"Choose which part of {item.name} it is held to.")
    poses, j = seen.shot.poses(to, frames), item.rig.index(joint)
    return poses.position[0, j], poses.rotation[0, j]


def _free_id(p: Performer, taken: Iterable[str] = ()) -> str:
    ids = [pin.id for pin in p.pins] + list(taken)
    numbers = [int(i.removeprefix("pin")) for i in ids if i.removeprefix("pin").isdigit()]
    return f"pin{max(numbers, default=0) + 1}"


def with_pins(p: Performer, pins: tuple[Pin, ...], words: str, seen: Seen | None = None) -> Edit:
    """The edit that gives a performer other pins. EditError for a circle of performers that hold on to each other."""
    if seen is not None:
        changed = seen.shot.with_item(replace(p, pins=pins))
        changed.anchors(changed.performer_called(p.id), changed.frame_numbers())
    return set_item_of(p, {"pins": tuple(sorted(pins, key=lambda pin: (pin.start, pin.part)))}, words)


@command
def pin_touching(seen: Seen, performer: str, frame: Frame) -> Edit:
    """Pins what touches on a frame (feet, hands, knees) where it is, for as long as it goes on touching near
    there."""
    p = seen.performer
    body = seen.reading.body
    stand = stand_at(seen, frame)
    spans: dict[str, list] = {}
    for contact in seen.reading.contacts:
        if not contact.start <= frame <= contact.end:
            continue
        part = _part_of(contact, body, p)
        if part is not None:
            spans.setdefault(part, []).append(contact)
    pins, taken = [], []
    for part, contacts in spans.items():
        start, end = max(c.start for c in contacts), min(c.end for c in contacts)
        if any(
            pin.part == part and pin.start <= p.timing.own_frame(end) and p.timing.own_frame(start) <= pin.end
            for pin in p.pins
        ):
            continue
        surface, direction = contacts[0].surface, part.endswith("foot")
        to = WORLD if surface == FLOOR else surface
        start, end, ease_in, ease_out = _stays(seen, part, to, start, end, frame, direction)
        pin = replace(
            _pin(seen, part, start, end, frame, to, "", None), id=_free_id(p, taken), direction=direction,
            pulls=any(c.pulls for c in contacts), ease_in=ease_in, ease_out=ease_out,
        )  # fmt: skip
        pins.append(pin)
        taken.append(pin.id)
    if not pins:
        raise EditError(f"Nothing of {p.name} touches at frame {stand.frame} that is not pinned already.")
    words = f"Pin {' and '.join(pin.part for pin in pins[:3])} where {'they touch' if len(pins) > 1 else 'it touches'}"
    return with_pins(p, (*p.pins, *pins), words, seen)


def _stays(
    seen: Seen, part: str, to: str, start: int, end: int, frame: int, direction: bool
) -> tuple[int, int, int, int]:
    """First and last frame around `frame` on which a part stays near where it is then, and frames of easing at both:
    the farther it has strayed there the more, so that letting go of it is no jerk. At the ends of the motion, none."""
    grip, frames, shot = grip_called(seen.reading.body, part), np.arange(start, end + 1), seen.shot
    poses = shot.poses(seen.performer.id, frames)
    turn = poses.rotation[:, grip.joint]
    at = poses.position[:, grip.joint] + rotation.rotate(turn, grip.at_m)
    if to != WORLD:
        place, facing = _holder_on(seen, to, frames)
        at = rotation.rotate(facing, at - place, back=True)
        turn = rotation.multiply(rotation.conjugate(facing), turn)
    here = frame - start
    off = np.linalg.norm(at - at[here], axis=1)
    if direction:
        turned = np.linalg.norm(rotation.log(rotation.multiply(turn, rotation.conjugate(turn[here]))), axis=1)
        off = np.maximum(off, turned * LEVER_M)
    strayed = np.flatnonzero(off > NEAR_M)
    first = max(strayed[strayed < here], default=-1) + 1
    last = min(strayed[strayed > here], default=len(frames)) - 1

    def frames_of(strayed_m: float, room: int) -> int:
        wanted = np.ceil(max(np.sqrt(6.0 * strayed_m / EASED_MS2), LEAST_EASE_S) / shot.frame_time_s)
        return int(min(wanted, room))

    begins, ends = seen.performer.timing.span(seen.performer.clip)
    ease_in = frames_of(off[first], here - first) if start + first > begins else 0
    ease_out = frames_of(off[last], last - here) if start + last < ends else 0
    return start + first, start + last, ease_in, ease_out


def _holder_on(seen: Seen, prop: str, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Place (frames, 3) m and rotation (frames, 4) of a prop that a part touches."""
    item = seen.shot.item(prop)
    assert isinstance(item, Prop)
    return seen.shot.track_of(item, frames)


def _part_of(contact, body, p: Performer) -> str | None:
    """The grip that a contact of the reading belongs to; None for what is not pinned this way."""
    names = {"heel": "foot", "ball": "foot", "toe": "foot", "palm": "hand", "knee": "knee"}
    kind = names.get(contact.point)
    if kind is None:
        tips = [g.name for g in grips_of(body) if g.kind == "tip" and p.rig.names[g.joint] == contact.joint]
        return tips[0] if contact.point == "tip" and tips else None
    side = next((m for m in ("left", "right") if contact.side == m), "")
    found = [g.name for g in grips_of(body) if g.kind == kind and g.side == side]
    return found[0] if found else None


@command
def set_pin(
    seen: Seen, performer: str, pin: str, start: Frame | None = None, end: Frame | None = None,
    ease_in: int | None = None, ease_out: int | None = None, weight: float | None = None, place: bool | None = None,
    direction: bool | None = None, pulls: bool | None = None, muted: bool | None = None, at_cm: Point | None = None,
) -> Edit:  # fmt: skip
    """Changes some of what a pin is; frames are the shot's, a place is the world's."""
    p = seen.performer
    old = pin_called(p, pin)
    seen_frame, own = p.timing.seen_frame, p.timing.own_frame
    first = seen_frame(old.start) if start is None else start
    last = seen_frame(old.end) if end is None else end
    if last < first:
        raise EditError(f"A pin runs from its first to its last frame; {first} to {last} was given.")
    if start is not None or end is not None:
        _check_cuts(seen, old.part, first, last)
    given = {
        "weight": weight, "place": place, "direction": direction, "pulls": pulls, "muted": muted,
    }  # fmt: skip
    changes: dict[str, Any] = {name: value for name, value in given.items() if value is not None}
    changes["start"], changes["end"] = own(first), own(last)
    eases = old.ease_in if ease_in is None else ease_in, old.ease_out if ease_out is None else ease_out
    changes["ease_in"], changes["ease_out"] = fitting(*eases, changes["end"] - changes["start"] + 1)
    if at_cm is not None:
        moved = _pin(seen, old.part, first, last, first, old.to, old.joint, at_cm)
        changes["at_m"] = moved.at_m
    changed = replace(old, **changes)
    return with_pins(p, tuple(changed if x is old else x for x in p.pins), _what(old, changes, first, last), seen)


def _what(pin: Pin, changes: Mapping[str, Any], first: int, last: int) -> str:
    if "muted" in changes:
        return f"{'Mute' if changes['muted'] else 'Unmute'} the pin of {pin.part}"
    return f"Pin {pin.part}, {first} to {last}"


def pin_called(p: Performer, pin_id: str) -> Pin:
    """The pin with this id. EditError when it has gone."""
    for pin in p.pins:
        if pin.id == pin_id:
            return pin
    raise EditError("That pin is not there any more.")


@command
def remove_pin(seen: Seen, performer: str, pin: str) -> Edit:
    """Takes a pin away."""
    old = pin_called(seen.performer, pin)
    return with_pins(
        seen.performer, tuple(x for x in seen.performer.pins if x is not old), f"Delete the pin of {old.part}"
    )


@command
def roll_foot(
    seen: Seen, performer: str, sides: tuple[Literal["left", "right"], ...], start: Frame, to_ball: Frame,
    to_toe: Frame, end: Frame,
) -> Edit:  # fmt: skip
    """Feet held from heel to toe: by the heel up to `to_ball`, by the ball up to `to_toe`, then by the toe; each begins
    where the one before has brought it, and the foot rolls as it is posed."""
    frames = (start, to_ball, to_toe, end)
    if not start < to_ball < to_toe < end:
        raise EditError(f"A foot rolls from heel over ball to toe, each later than the one before; {frames} was given.")
    if not sides:
        raise EditError("No foot selected. Click a grip of the foot that is to roll first.")
    pins: list[Pin] = list(seen.performer.pins)
    for side in dict.fromkeys(sides):
        pins = _rolled(seen, side, frames, pins)
    feet = " and ".join(dict.fromkeys(sides))
    return with_pins(seen.performer, tuple(pins), f"Roll the {feet} foot, {start} to {end}", seen)


def _rolled(seen: Seen, side: str, frames: tuple[int, int, int, int], pins: list[Pin]) -> list[Pin]:
    """Pins with those that roll one foot."""
    p, pins, now = seen.performer, list(pins), seen
    for i, point in enumerate(_SOLE):
        a, b = frames[i], frames[i + 1] - (1 if i < 2 else 0)
        pin = _pin(now, f"{side} {point}", a, b, a, WORLD, "", None)
        first, last = i == 0, i == 2
        pin = replace(
            pin,
            id=_free_id(p, [x.id for x in pins]),
            ease_in=2 if first and b > a + 3 else 0,
            ease_out=2 if last and b > a + 3 else 0,
        )
        pins.append(pin)
        # the next point holds where this one has brought it: read on the last frame it holds
        now = ahead(seen, with_pins(p, tuple(pins), "", seen))
        if i < 2:
            following = _pin(now, f"{side} {_SOLE[i + 1]}", frames[i + 1], frames[i + 2], b, WORLD, "", None)
            now = _pretend(now, following)
    return pins


def _pretend(seen: Seen, pin: Pin) -> Seen:
    """The shot with one more pin, to be looked at only."""
    p = seen.performer
    held = replace(p, pins=(*p.pins, replace(pin, id="pretend", ease_in=0, ease_out=0)))
    return Ahead(seen.shot.with_item(held), held, seen.reading)
