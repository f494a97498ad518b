"""What the Weigh step asks for, and the edit each command means. Masses and lengths are those seen in the shot."""

from dataclasses import replace
from typing import Literal

from pydantic import BaseModel, ConfigDict, Field

from ironarc.core import edits
from ironarc.core.errors import EditError
from ironarc.core.loads import Load
from ironarc.core.shot import Performer
from ironarc.core.weighing import PointMass, Weighing, fitted, mirrored, weighing_from_plain
from ironarc.web.variants import Seen

LOAD_FRAMES = 24  # a new load is held for a second or so, to be set
POINT = tuple[float, float, float]


class _Command(BaseModel):
    model_config = ConfigDict(extra="forbid", allow_inf_nan=False)
    performer: str = ""


class WeighTotal(_Command):
    kind: Literal["weigh_total"]
    kg: float


class WeighBuild(_Command):
    kind: Literal["weigh_build"]
    female: float


class WeighPreset(_Command):
    kind: Literal["weigh_preset"]
    preset: str


class WeighPart(_Command):
    """Holds a joint at a mass, typed by a person."""

    kind: Literal["weigh_part"]
    joint: str
    kg: float


class LockPart(_Command):
    """Holds a joint at the mass it has, or lets it go."""

    kind: Literal["lock_part"]
    joint: str
    locked: bool


class ResetParts(_Command):
    """Lets one joint go back to what it would weigh, or all of them for ""."""

    kind: Literal["reset_parts"]
    joint: str = ""


class AssignJoint(_Command):
    kind: Literal["assign_joint"]
    joint: str
    role: str | None


class WeighLength(_Command):
    """Density for parts no name explains, or one joint's girth or its chain's share of the whole."""

    kind: Literal["weigh_length"]
    density_kgm3: float | None = None
    joint: str = ""
    girth: float | None = None
    share: float | None = None


class AddPoint(_Command):
    kind: Literal["add_point"]
    name: str = Field(max_length=40)
    joint: str
    kg: float
    at_m: POINT = (0.0, 0.0, 0.0)


class RemovePoint(_Command):
    kind: Literal["remove_point"]
    number: int


class SetOffset(_Command):
    kind: Literal["set_offset"]
    offset_m: POINT


class MirrorWeighing(_Command):
    kind: Literal["mirror_weighing"]
    from_side: Literal["left", "right"]


class FigureHeight(_Command):
    kind: Literal["figure_height"]
    height_m: float


class FitWeighing(_Command):
    """Uses a weighing that was kept or brought in."""

    kind: Literal["fit_weighing"]
    name: str = Field(max_length=80)
    weighing: dict


class AddLoad(_Command):
    kind: Literal["add_load"]
    joints: list[str]
    frame: int
    kg: float = 9.0
    name: str = Field("Load", max_length=40)


class SetLoad(_Command):
    """Sets some of a load; frames are the shot's."""

    kind: Literal["set_load"]
    load: str
    name: str | None = Field(None, max_length=40)
    joints: list[str] | None = None
    start: int | None = None
    end: int | None = None
    kg: float | None = None
    size_m: POINT | None = None
    offset_m: POINT | None = None
    ease_in: int | None = None
    ease_out: int | None = None


class RemoveLoad(_Command):
    kind: Literal["remove_load"]
    load: str


# Each takes the command, the performer it is for, and the shot as it is seen


def _weighed(performer: Performer, weighing: Weighing, words: str) -> edits.Edit:
    return edits.SetWeighing(performer.id, weighing, words)


def _total(c, p, seen):
    return _weighed(p, replace(p.weighing, mass_kg=c.kg / p.placement.scale**3), f"{p.name} weighs {c.kg:g} kg")


def _build(c, p, seen):
    return _weighed(p, replace(p.weighing, female=c.female), f"Build of {p.name}")


def _preset(c, p, seen):
    return _weighed(p, replace(p.weighing, preset=c.preset), f"{p.name}: {c.preset} build")


def _part(c, p, seen):
    _known(p, c.joint)
    return _weighed(p, p.weighing.holding(c.joint, c.kg / p.placement.scale**3), f"{c.joint} weighs {c.kg:g} kg")


def _lock(c, p, seen):
    joint = _known(p, c.joint)
    own_kg = sum(part.mass_kg for part in seen.reading.body.parts if part.joint == joint and part.segment != "point")
    typed = dict(p.weighing.held).get(c.joint)
    kg = own_kg / p.placement.scale**3 if c.locked else None
    words = f"{'Lock' if c.locked else 'Unlock'} {c.joint}"
    return _weighed(p, p.weighing.holding(c.joint, kg, bool(typed and typed.typed)), words)


def _reset(c, p, seen):
    if c.joint:
        cleared = p.weighing.holding(c.joint, None)
        for field in ("assigned", "girths", "shares"):
            cleared = cleared.with_value(field, c.joint, None)
        return _weighed(p, cleared, f"Reset {c.joint}")
    return _weighed(p, replace(p.weighing, held=(), assigned=(), girths=(), shares=()), f"Reset all parts of {p.name}")


def _assign(c, p, seen):
    _known(p, c.joint)
    words = f"{c.joint} is {c.role or 'taken by its name again'}" if c.role != "none" else f"{c.joint} has no mass"
    return _weighed(p, p.weighing.with_value("assigned", c.joint, c.role), words)


def _length(c, p, seen):
    weighing = p.weighing
    if c.density_kgm3 is not None:
        return _weighed(p, replace(weighing, density_kgm3=c.density_kgm3), f"Density {c.density_kgm3:g} kg/m³")
    _known(p, c.joint)
    if c.girth is not None:
        return _weighed(p, weighing.with_value("girths", c.joint, c.girth), f"Girth of {c.joint}")
    return _weighed(p, weighing.with_value("shares", c.joint, c.share), f"Share of {c.joint}")


def _add_point(c, p, seen):
    _known(p, c.joint)
    k = p.placement.scale
    point = PointMass(c.name.strip() or "Point mass", c.joint, c.kg / k**3, tuple(v / k for v in c.at_m))
    return _weighed(p, replace(p.weighing, points=(*p.weighing.points, point)), f"Add {point.name}")


def _remove_point(c, p, seen):
    points = p.weighing.points
    if not 0 <= c.number < len(points):
        raise EditError("That point mass has been taken away already.")
    kept = points[: c.number] + points[c.number + 1 :]
    return _weighed(p, replace(p.weighing, points=kept), f"Remove {points[c.number].name}")


def _offset(c, p, seen):
    offset = tuple(v / p.placement.scale for v in c.offset_m)
    return _weighed(p, replace(p.weighing, offset_m=offset), "Set the center of gravity off")


def _mirror(c, p, seen):
    return _weighed(p, mirrored(p.weighing, p.rig, c.from_side), f"Mirror the {c.from_side} side of {p.name}")


def _height(c, p, seen):
    if not 0.05 <= c.height_m <= 100:
        raise EditError(f"A figure is between 5 cm and 100 m tall; {c.height_m * 100:g} cm was given.")
    return edits.SetUnit(p.id, p.scale_to_m * c.height_m / seen.reading.body.anatomy.height_m)


def _fit(c, p, seen):
    weighing, lost = fitted(weighing_from_plain(c.weighing), p.rig)
    also = f"; not in this rig: {', '.join(lost)}" if lost else ""
    return _weighed(p, weighing, f"Use {c.name.strip() or 'a weighing'}{also}")


def _add_load(c, p, seen):
    number = max((int(x.id.removeprefix("load")) for x in p.loads), default=0) + 1
    start, end = p.timing.own_frame(c.frame), p.timing.own_frame(min(c.frame + LOAD_FRAMES, seen.shot.last_frame))
    load = Load(f"load{number}", c.name.strip() or "Load", tuple(c.joints), start, max(end, start + 7), c.kg)
    return edits.SetLoads(p.id, (*p.loads, load), f"{p.name} takes up {load.name}")


def _set_load(c, p, seen):
    load = _load(p, c.load)
    given = {
        name: getattr(c, name) for name in c.model_fields_set - {"kind", "performer", "load", "kg", "start", "end"}
    }
    given |= {name: p.timing.own_frame(getattr(c, name)) for name in ("start", "end") if getattr(c, name) is not None}
    if c.kg is not None:
        given["mass_kg"] = c.kg
    if "joints" in given:
        given["joints"] = tuple(given["joints"])
    changed = replace(load, **given)
    return edits.SetLoads(p.id, tuple(changed if x.id == load.id else x for x in p.loads), f"Change {changed.name}")


def _remove_load(c, p, seen):
    load = _load(p, c.load)
    return edits.SetLoads(p.id, tuple(x for x in p.loads if x.id != load.id), f"Take {load.name} away")


def _load(performer: Performer, load_id: str) -> Load:
    for load in performer.loads:
        if load.id == load_id:
            return load
    raise EditError("That load has been taken away already.")


def _known(performer: Performer, joint: str) -> int:
    if joint not in performer.rig:
        raise EditError(f"{performer.name} has no joint called {joint}.")
    return performer.rig.index(joint)


_WORK = {
    WeighTotal: _total, WeighBuild: _build, WeighPreset: _preset, WeighPart: _part, LockPart: _lock, ResetParts: _reset,
    AssignJoint: _assign, WeighLength: _length, AddPoint: _add_point, RemovePoint: _remove_point, SetOffset: _offset,
    MirrorWeighing: _mirror, FigureHeight: _height, FitWeighing: _fit, AddLoad: _add_load, SetLoad: _set_load,
    RemoveLoad: _remove_load,
}  # fmt: skip
MODELS = tuple(_WORK)


def to_edit(command: BaseModel, seen: Seen) -> edits.Edit:
    """The edit a command of the Weigh step means. Raises EditError where it can't be made."""
    return _WORK[type(command)](command, seen.shot.performer_called(command.performer), seen)
