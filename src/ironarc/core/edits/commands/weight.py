"""What is asked of a performer's weight and of what it holds. Masses and lengths are those seen in the shot."""

from collections.abc import Mapping
from dataclasses import replace
from typing import Any, Literal

from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.figure.naming import ASSIGNABLE, SHAPE
from ironarc.core.figure.weighing import PointMass, Weighing, fitted, mirrored, weighing_from_plain
from ironarc.core.motion.loads import Load
from ironarc.core.reading.shot import Seen

LOAD_FRAMES = 24  # a new load is held for a second or so, to be set
LEAST_LOAD_FRAMES = 8
NAME_LENGTH = 40
Point = tuple[float, float, float]


def _weighed(performer: Performer, weighing: Weighing, words: str) -> Edit:
    return set_item_of(performer, {"weighing": weighing}, words)


def _own_kg(performer: Performer, kg: float) -> float:
    """A mass seen in the shot as one of the performer at its own size."""
    return kg / performer.placement.scale**3


def _known(performer: Performer, joint: str) -> int:
    if joint not in performer.rig:
        raise EditError(f"{performer.name} has no joint called {joint}.")
    return performer.rig.index(joint)


@command
def weigh_total(seen: Seen, kg: float, performer: str = "") -> Edit:
    """The mass of the whole."""
    p = seen.performer
    return _weighed(p, replace(p.weighing, mass_kg=_own_kg(p, kg)), f"{p.name} weighs {kg:g} kg")


@command
def weigh_build(seen: Seen, female: float, performer: str = "") -> Edit:
    """Between the male (0) and the female (1) table."""
    p = seen.performer
    return _weighed(p, replace(p.weighing, female=female), f"Build of {p.name}")


@command
def weigh_preset(seen: Seen, preset: str, performer: str = "") -> Edit:
    """A build to begin with."""
    p = seen.performer
    return _weighed(p, replace(p.weighing, preset=preset), f"{p.name}: {preset} build")


@command
def weigh_part(seen: Seen, joint: str, kg: float, performer: str = "") -> Edit:
    """Holds a joint at a mass, typed by a person."""
    p = seen.performer
    _known(p, joint)
    return _weighed(p, p.weighing.holding(joint, _own_kg(p, kg)), f"{joint} weighs {kg:g} kg")


@command
def lock_part(seen: Seen, joint: str, locked: bool, performer: str = "") -> Edit:
    """Holds a joint at the mass it has, or lets it go."""
    p = seen.performer
    index = _known(p, joint)
    kg = sum(part.mass_kg for part in seen.reading.body.parts if part.joint == index and part.segment != "point")
    typed = dict(p.weighing.held).get(joint)
    held = p.weighing.holding(joint, _own_kg(p, kg) if locked else None, bool(typed and typed.typed))
    return _weighed(p, held, f"{'Lock' if locked else 'Unlock'} {joint}")


@command
def reset_parts(seen: Seen, joint: str = "", performer: str = "") -> Edit:
    """Lets one joint go back to what it would weigh, or all of them for ""."""
    p = seen.performer
    if not joint:
        bare = replace(p.weighing, held=(), assigned=(), girths=(), shares=())
        return _weighed(p, bare, f"Reset all parts of {p.name}")
    cleared = p.weighing.holding(joint, None)
    for field in ("assigned", "girths", "shares"):
        cleared = cleared.with_value(field, joint, None)
    return _weighed(p, cleared, f"Reset {joint}")


@command
def assign_joint(seen: Seen, joint: str, role: str | None, performer: str = "") -> Edit:
    """Says what a joint is, or None to take it by its name again."""
    p = seen.performer
    _known(p, joint)
    words = f"{joint} is {role or 'taken by its name again'}" if role != "none" else f"{joint} has no mass"
    return _weighed(p, p.weighing.with_value("assigned", joint, role), words)


@command
def settle_shape(seen: Seen, performer: str = "") -> Edit:
    """What joints were taken for by the body's shape alone is so."""
    p = seen.performer
    anatomy = p.body().anatomy
    found = {
        name: meaning.role if meaning.role in ASSIGNABLE else "none"
        for name, meaning in zip(p.rig.names, anatomy.meanings, strict=True) if meaning.confidence == SHAPE
    }  # fmt: skip
    if not found:
        raise EditError(f"No joint of {p.name} is told by its shape alone: there is nothing to settle.")
    assigned = tuple((dict(p.weighing.assigned) | found).items())
    return _weighed(p, replace(p.weighing, assigned=assigned).checked(), f"{p.name}: joints are what they look like")


@command
def set_joint_range(seen: Seen, part: str, degrees: float | None = None, performer: str = "") -> Edit:
    """How far a part turns, or what the table says for None."""
    p = seen.performer
    known = [r.part for r in seen.reading.body.ranges]
    if part not in known:
        raise EditError(f"{p.name} has no range for {part[:40]!r}. There is one for {', '.join(known) or 'no part'}.")
    words = f"Range of the {part}" if degrees is None else f"The {part} turns by up to {degrees:g}°"
    return _weighed(p, p.weighing.with_value("ranges", part, degrees), words)


@command
def weigh_length(
    seen: Seen, density_kgm3: float | None = None, joint: str = "", girth: float | None = None,
    share: float | None = None, performer: str = "",
) -> Edit:  # fmt: skip
    """Density for parts no name explains, or one joint's girth or its chain's share of the whole."""
    p = seen.performer
    if density_kgm3 is not None:
        return _weighed(p, replace(p.weighing, density_kgm3=density_kgm3), f"Density {density_kgm3:g} kg/m³")
    _known(p, joint)
    if girth is not None:
        return _weighed(p, p.weighing.with_value("girths", joint, girth), f"Girth of {joint}")
    return _weighed(p, p.weighing.with_value("shares", joint, share), f"Share of {joint}")


@command
def add_point(seen: Seen, name: str, joint: str, kg: float, at_m: Point = (0.0, 0.0, 0.0), performer: str = "") -> Edit:
    """A mass on a joint that no bone has."""
    p = seen.performer
    _known(p, joint)
    k = p.placement.scale
    point = PointMass(_short(name, "Point mass"), joint, _own_kg(p, kg), tuple(v / k for v in at_m))
    return _weighed(p, replace(p.weighing, points=(*p.weighing.points, point)), f"Add {point.name}")


def _short(name: str, otherwise: str) -> str:
    if len(name) > NAME_LENGTH:
        raise EditError(f"A name can have up to {NAME_LENGTH} characters here; this one has {len(name)}.")
    return name.strip() or otherwise


@command
def remove_point(seen: Seen, number: int, performer: str = "") -> Edit:
    """Takes a point mass away; `number` counts from 0."""
    p, points = seen.performer, seen.performer.weighing.points
    if not 0 <= number < len(points):
        raise EditError("That point mass is deleted already.")
    kept = points[:number] + points[number + 1 :]
    return _weighed(p, replace(p.weighing, points=kept), f"Remove {points[number].name}")


@command
def set_offset(seen: Seen, offset_m: Point, performer: str = "") -> Edit:
    """From the computed to the used center of gravity, in the root's axes."""
    p = seen.performer
    offset = tuple(v / p.placement.scale for v in offset_m)
    return _weighed(p, replace(p.weighing, offset_m=offset), "Offset the center of gravity")


@command
def mirror_weighing(seen: Seen, from_side: Literal["left", "right"], performer: str = "") -> Edit:
    """Gives one side's masses to the other."""
    p = seen.performer
    return _weighed(p, mirrored(p.weighing, p.rig, from_side), f"Mirror the {from_side} side of {p.name}")


@command
def figure_height(seen: Seen, height_m: float, performer: str = "") -> Edit:
    """Reads a performer's lengths as those of a figure so tall.

    A floor that was estimated was found at the old size: it is found again, unless others stand on it too.
    """
    p, shot = seen.performer, seen.shot
    if not 0.05 <= height_m <= 100:
        raise EditError(f"A figure is between 5 cm and 100 m tall; {height_m * 100:g} cm was given.")
    scale = p.scale_to_m * height_m / seen.reading.body.anatomy.height_m
    words = f"{p.name} is {height_m:.2f} m tall"
    sized = set_item_of(p, {"scale_to_m": scale, "unit_guessed": False}, words)
    alone = len(shot.performers) == 1 and not shot.props
    if shot.floor_by_hand or not alone:
        return sized
    return Together((sized, SetShot({"floor_m": None}, words)), words)


@command
def fit_weighing(seen: Seen, name: str, weighing: dict[str, Any], performer: str = "") -> Edit:
    """Uses a weighing that was kept or brought in."""
    p = seen.performer
    fits, lost = fitted(weighing_from_plain(weighing), p.rig)
    also = f"; not in this rig: {', '.join(lost)}" if lost else ""
    return _weighed(p, fits, f"Use {name.strip()[:80] or 'a weighing'}{also}")


def _held(performer: Performer, loads: tuple[Load, ...], words: str) -> Edit:
    return set_item_of(performer, {"loads": loads}, words)


@command
def add_load(
    seen: Seen, joints: tuple[str, ...], frame: Frame, kg: float = 9.0, name: str = "Load", performer: str = ""
) -> Edit:
    """Something taken up at a frame of the shot."""
    p = seen.performer
    number = max((int(x.id.removeprefix("load")) for x in p.loads), default=0) + 1
    start, end = p.timing.own_frame(frame), p.timing.own_frame(min(frame + LOAD_FRAMES, seen.shot.last_frame))
    last = max(end, start + LEAST_LOAD_FRAMES - 1)
    load = Load(f"load{number}", _short(name, "Load"), joints, start, last, kg)
    return _held(p, (*p.loads, load), f"{p.name} takes up {load.name}")


@command
def set_load(
    seen: Seen, load: str, name: str | None = None, joints: tuple[str, ...] | None = None, start: int | None = None,
    end: int | None = None, kg: float | None = None, size_m: Point | None = None, offset_m: Point | None = None,
    ease_in: int | None = None, ease_out: int | None = None, performer: str = "",
) -> Edit:  # fmt: skip
    """Sets some of a load; frames are the shot's, what is not told stays."""
    p, was = seen.performer, _load(seen.performer, load)
    given: Mapping[str, Any] = {
        "name": name and _short(name, was.name), "joints": joints, "mass_kg": kg, "size_m": size_m,
        "offset_m": offset_m, "ease_in": ease_in, "ease_out": ease_out,
        "start": None if start is None else p.timing.own_frame(start),
        "end": None if end is None else p.timing.own_frame(end),
    }  # fmt: skip
    changed = replace(was, **{field: value for field, value in given.items() if value is not None})
    return _held(p, tuple(changed if x.id == was.id else x for x in p.loads), f"Change {changed.name}")


@command
def remove_load(seen: Seen, load: str, performer: str = "") -> Edit:
    """Takes a load away."""
    p, gone = seen.performer, _load(seen.performer, load)
    return _held(p, tuple(x for x in p.loads if x.id != gone.id), f"Take {gone.name} away")


def _load(performer: Performer, load_id: str) -> Load:
    for load in performer.loads:
        if load.id == load_id:
            return load
    raise EditError("That load is deleted already.")
