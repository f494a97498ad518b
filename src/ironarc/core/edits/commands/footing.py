"""What a person says of the footing: what rests where and when, who flies, and what may pull."""

from collections.abc import Iterable
from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core.document import AIR, HandContact, Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import SetItem
from ironarc.core.errors import EditError
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.shot import Seen
from ironarc.core.reading.skin import parts_of

Point = tuple[str, str]  # joint and point, as the skin names them
BODY: Point = ("", "")  # the body as a whole


@command
def set_contact(
    seen: Seen, performer: str, part: str, surface: str, start: Frame, end: Frame, pulls: bool = False
) -> Edit:
    """A part rests on a surface on frames `start` to `end`; a hand that holds on may pull as well."""
    p = seen.performer
    said = _span(p, _points(seen, part, surface, start, end), start, end, _surface(seen, surface), pulls)
    return _with(p, said, f"{_says(part)} rests on {_name(seen, surface)}, {start} to {end}")


@command
def move_contact(
    seen: Seen, performer: str, part: str, surface: str, start: Frame, end: Frame, to_start: Frame, to_end: Frame
) -> Edit:
    """The pier of a part on frames `start` to `end` reaches from `to_start` to `to_end` instead."""
    p = seen.performer
    if to_end < to_start:
        raise EditError(f"A pier runs from its first to its last frame; {to_start} to {to_end} was given.")
    points = _points(seen, part, surface, start, end)
    pulls = any(
        c.pulls for c in seen.reading.contacts if (c.joint, c.point) in points and c.start <= end and c.end >= start
    )
    said = _span(p, points, to_start, to_end, _surface(seen, surface), pulls)
    for a, b in ((start, min(end, to_start - 1)), (max(start, to_end + 1), end)):
        if a <= b:
            said += _span(p, points, a, b, AIR)
    return _with(p, said, f"{_says(part)} rests from {to_start} to {to_end}")


@command
def lift_contact(seen: Seen, performer: str, part: str, start: Frame, end: Frame) -> Edit:
    """A part touches nothing on frames `start` to `end`: takes a pier away, or splits it where it lies inside one."""
    p = seen.performer
    said = _span(p, _all_points(seen, part), start, end, AIR)
    return _with(p, said, f"{_says(part)} touches nothing, {start} to {end}")


@command
def settle_doubt(
    seen: Seen, performer: str, start: Frame, end: Frame, how: Literal["borne", "air", "hanging"], prop: str = ""
) -> Edit:
    """What is in doubt on frames `start` to `end`: the body is borne, in the air, or hangs from a prop by its hands."""
    p = seen.performer
    if how != "hanging":
        said = _span(p, [BODY], start, end, AIR if how == "air" else FLOOR)
        return _with(p, said, f"{p.name} is {'in the air' if how == 'air' else 'borne'}, {start} to {end}")
    hands = [part for part in _parts(seen) if part.endswith("hand")]
    if not prop or not hands:
        raise EditError("To hang, choose the prop that the hands hold on to." if hands else f"{p.name} has no hands.")
    points = [point for part in hands for point in _all_points(seen, part)]
    said = _span(p, points, start, end, _surface(seen, prop), True)
    return _with(p, said, f"{p.name} hangs from {_name(seen, prop)}, {start} to {end}")


@command
def detected_contacts(
    seen: Seen, performer: str, part: str = "", start: Frame | None = None, end: Frame | None = None
) -> Edit:
    """Back to what is detected: all of it, or what was said of a part on frames `start` to `end`."""
    p = seen.performer
    if start is None or end is None:
        return _keep(p, (), "Back to detected contacts")
    points = _all_points(seen, part) if part else None
    a, b = _own(p, start, end)
    return _keep(p, tuple(_cut(p.contacts, points, a, b)), f"Back to detected, {start} to {end}")


def _parts(seen: Seen) -> dict[str, np.ndarray]:
    return parts_of(seen.reading.traced.track.skin, seen.performer.rig.names)


def _all_points(seen: Seen, part: str) -> list[Point]:
    """Joint and point of everything a part can touch with. EditError for a part that isn't there."""
    parts = _parts(seen)
    if part not in parts:
        raise EditError(
            f"{seen.performer.name} has no {part or 'such part'} that could touch; there are {', '.join(parts)}."
        )
    skin, names = seen.reading.traced.track.skin, seen.performer.rig.names
    return [(names[skin.points[i].joint], skin.points[i].point) for i in parts[part]]


def _points(seen: Seen, part: str, surface: str, start: int, end: int) -> list[Point]:
    """Those points of a part that rest on the surface somewhere on these frames; all of them where none does."""
    every = _all_points(seen, part)
    there = {
        (c.joint, c.point) for c in seen.reading.contacts if c.surface == surface and c.start <= end and c.end >= start
    }
    return [point for point in every if point in there] or every


def _surface(seen: Seen, surface: str) -> str:
    if surface != FLOOR:
        seen.shot.item(surface)
    return surface


def _name(seen: Seen, surface: str) -> str:
    return "the floor" if surface == FLOOR else seen.shot.item(surface).name


def _says(part: str) -> str:
    return part.capitalize()


def _own(performer: Performer, start: int, end: int) -> tuple[int, int]:
    """Own frames behind a span of the shot. EditError for one that runs backwards."""
    if end < start:
        raise EditError(f"A span runs from its first to its last frame; {start} to {end} was given.")
    return performer.timing.own_frame(start), performer.timing.own_frame(end)


def _span(
    performer: Performer, points: Iterable[Point], start: int, end: int, surface: str, pulls: bool = False
) -> list[HandContact]:
    a, b = _own(performer, start, end)
    return [HandContact(joint, point, a, b, surface, pulls) for joint, point in points]


def _cut(contacts: Iterable[HandContact], points: Iterable[Point] | None, a: int, b: int) -> Iterable[HandContact]:
    """What was said before, without what it says of these points (all, for None) on own frames a to b."""
    points = None if points is None else set(points)
    for contact in contacts:
        if (
            contact.end < a
            or contact.start > b
            or (points is not None and (contact.joint, contact.point) not in points)
        ):
            yield contact
            continue
        if contact.start < a:
            yield replace(contact, end=a - 1)
        if contact.end > b:
            yield replace(contact, start=b + 1)


def _with(performer: Performer, said: list[HandContact], words: str) -> Edit:
    """With this said, over what was said of the same points on the same frames."""
    kept: Iterable[HandContact] = performer.contacts
    for contact in said:
        kept = list(_cut(kept, [(contact.joint, contact.point)], contact.start, contact.end))
    return _keep(performer, (*kept, *said), words)


def _keep(performer: Performer, contacts: tuple[HandContact, ...], words: str) -> Edit:
    ordered = tuple(sorted(contacts, key=lambda c: (c.joint, c.point, c.start)))
    return SetItem(performer.id, "performer", {"contacts": ordered}, words)
