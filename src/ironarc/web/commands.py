"""What the bench asks for, as pydantic models, and the edit each one means.

Most commands are an edit's own fields; those that need the shot to be worked out are written out here.
"""

from dataclasses import MISSING, fields, replace
from functools import reduce
from operator import or_
from typing import Annotated, Literal, get_type_hints

import numpy as np
from pydantic import BaseModel, ConfigDict, Field, TypeAdapter, create_model

from ironarc.core import edits
from ironarc.core.ballistics import hang_over
from ironarc.core.card import travel_direction
from ironarc.core.crew import stock_performer
from ironarc.core.errors import EditError
from ironarc.core.scene.guide import COM, DRAWN, GRAVITY, Guide
from ironarc.core.scene.lineup import line_up
from ironarc.core.scene.props import FIRST_SIZE, KINDS, Prop
from ironarc.core.shot import Shot
from ironarc.core.shot_points import point_at
from ironarc.core.truing import arc
from ironarc.web import weigh_commands
from ironarc.web.planning import PlanRequest
from ironarc.web.variants import Seen

STRICT = ConfigDict(extra="forbid", allow_inf_nan=False)
POINT = tuple[float, float, float]
BESIDE_M = 1.2  # a new prop stands this far ahead of the performer


class _Strict(BaseModel):
    model_config = STRICT


def _model_of(edit: type[edits.Edit]) -> type[BaseModel]:
    """A model with the edit's own fields and its kind."""
    hints = get_type_hints(edit)
    shape = {f.name: (hints[f.name], ... if f.default is MISSING else f.default) for f in fields(edit)}
    return create_model(edit.__name__, __config__=STRICT, kind=(Literal[edit.kind], ...), **shape)


_DIRECT = (
    edits.SetLayerWeight, edits.MuteLayer, edits.RenameLayer, edits.DeleteLayer, edits.RenameShot, edits.SetNotes,
    edits.SetDisplay, edits.SetRate, edits.SetRange, edits.Renumber, edits.SetFloor, edits.SetGravity,
    edits.PlacePerformer,
    edits.SlipPerformer, edits.TrimPerformer, edits.CutPerformer, edits.MendCut, edits.RemoveItem, edits.RenameItem,
    edits.HideItem, edits.LockItem, edits.DuplicateItem,
)  # fmt: skip


class TrueArc(_Strict):
    kind: Literal["true_arc"]
    frame: int
    performer: str = ""


class SetItem(_Strict):
    kind: Literal["set_item"]
    item: str
    changes: dict
    words: str = Field("", max_length=80)


class AddStock(_Strict):
    kind: Literal["add_stock"]
    member: str
    pose: str


class AddProp(_Strict):
    kind: Literal["add_prop"]
    prop: Literal[KINDS]
    frame: int
    performer: str = ""


class AddGuide(_Strict):
    kind: Literal["add_guide"]
    curve: Literal[DRAWN, GRAVITY]
    points_m: list[POINT] = Field(max_length=60)
    first: int
    frames: float
    of: str = COM
    performer: str = ""


class GuideApex(_Strict):
    """Sets the frames of a guide by gravity from how high its apex stands over the floor."""

    kind: Literal["guide_apex"]
    guide: str
    apex_m: float


class PlanGuide(_Strict):
    kind: Literal["plan_guide"]
    plan: PlanRequest
    frame: int
    performer: str = ""


class PlaceAbout(_Strict):
    """Another turn or scale about a point that stays where it is."""

    kind: Literal["place_about"]
    performer: str
    frame: int
    about: Literal["root", "floor"]
    turn_rad: float | None = None
    scale: float | None = None


class LineUp(_Strict):
    kind: Literal["line_up"]
    performer: str
    point: str
    other: str
    other_point: str
    frame: int
    how: str


_WORKED_OUT = (TrueArc, SetItem, AddStock, AddProp, AddGuide, GuideApex, PlanGuide, PlaceAbout, LineUp)
_MODELS = (*_WORKED_OUT, *weigh_commands.MODELS, *(_model_of(edit) for edit in _DIRECT))
Command = Annotated[reduce(or_, _MODELS), Field(discriminator="kind")]


class EditRequest(_Strict):
    revision: int
    edit: Command


class MoveRequest(_Strict):
    revision: int


EDIT_REQUEST = TypeAdapter(EditRequest)
MOVE_REQUEST = TypeAdapter(MoveRequest)


# The shape of what `set_item` may change, read from the items' own fields
_CHANGES = {
    cls: create_model(
        f"{cls.__name__}Changes",
        __config__=ConfigDict(extra="forbid", allow_inf_nan=False, arbitrary_types_allowed=True),
        **{name: (get_type_hints(cls)[name], None) for name in names},
    )
    for cls, names in edits.CHANGEABLE.items()
}


def to_edit(command: BaseModel, seen: Seen) -> edits.Edit:
    """The edit a command means on a shot as it is seen. Raises EditError where it can't be made."""
    if type(command) in weigh_commands.MODELS:
        return weigh_commands.to_edit(command, seen)
    work = _WORK.get(type(command))
    if work is not None:
        return work(command, seen)
    plain = command.model_dump()
    return edits.EDITS[plain.pop("kind")](**plain)


def _true_arc(c: TrueArc, seen: Seen) -> edits.Edit:
    return arc.propose(seen.shot, seen.reading, c.frame, c.performer)[0]


def _set_item(c: SetItem, seen: Seen) -> edits.Edit:
    shape = _CHANGES.get(type(seen.shot.item(c.item)))
    if shape is None:
        raise EditError("A performer is placed, slipped or trimmed, not set.")
    checked = shape.model_validate(c.changes)
    changes = {name: getattr(checked, name) for name in checked.model_fields_set}
    if "marks" in changes:
        changes["marks"] = [vars(mark) for mark in changes["marks"]]
    return edits.SetItem(c.item, changes, c.words)


def _add_stock(c: AddStock, seen: Seen) -> edits.Edit:
    shot = seen.shot.settled()
    member = stock_performer(c.member, c.pose, shot)
    # beside whoever stands there already, on the floor the shot has
    aside = np.array([0.9 * len(shot.performers), shot.floor_m, 0.0])
    return edits.AddItem(replace(member, placement=member.placement.moved(aside)))


def _add_prop(c: AddProp, seen: Seen) -> edits.Edit:
    shot = seen.shot
    at = point_at(shot, shot.performer_called(c.performer).id, "root", c.frame)
    ahead = at + travel_direction(seen.reading) * BESIDE_M
    place = (round(float(ahead[0]), 2), round(seen.reading.floor_m, 3), round(float(ahead[2]), 2))
    if c.prop == "bar":
        place = (place[0], round(place[1] + 2.2, 3), place[2])
    number = sum(p.kind == c.prop for p in shot.props) + 1
    name = c.prop.capitalize() + (f" {number}" if number > 1 else "")
    return edits.AddItem(Prop(shot.free_id("prop"), name, c.prop, FIRST_SIZE[c.prop], place))


def _guide(shot: Shot, curve: str, points, first: int, frames: float, of: str, performer: str) -> Guide:
    number = len(shot.guides) + 1
    name = "Gravity's path" if curve == GRAVITY else "Drawn path"
    who = shot.performer_called(performer).id
    return Guide(
        shot.free_id("guide"), f"{name} {number}", curve, tuple(tuple(p) for p in points), first, frames, of, who
    )


def _add_guide(c: AddGuide, seen: Seen) -> edits.Edit:
    return edits.AddItem(_guide(seen.shot, c.curve, c.points_m, c.first, c.frames, c.of, c.performer))


def _guide_apex(c: GuideApex, seen: Seen) -> edits.Edit:
    shot, guide = seen.shot, seen.shot.item(c.guide)
    if not isinstance(guide, Guide) or guide.kind != GRAVITY:
        raise EditError(f"Only a path drawn by gravity has an apex to set; {guide.name} has none.")
    start, end = guide.points_m[0][1], guide.points_m[-1][1]
    hang = hang_over(start, end, c.apex_m + seen.reading.floor_m, shot.g)
    return edits.SetItem(guide.id, {"frames": hang / shot.frame_time_s}, f"Apex of {guide.name}")


def _plan_guide(c: PlanGuide, seen: Seen) -> edits.Edit:
    """The planned flight from where the center of gravity is at a frame, the way the performer travels."""
    shot, plan = seen.shot, c.plan.solve()
    if abs(plan.g - shot.g) > 0.005 * shot.g:
        raise EditError(
            f"The plan's gravity is {plan.g:.2f} m/s² and this shot's {shot.g:.2f}. "
            "Set the shot's gravity first, or plan with the shot's."
        )
    start = point_at(shot, shot.performer_called(c.performer).id, COM, c.frame)
    end = start + travel_direction(seen.reading) * (plan.distance_m or 0.0)
    end[1] += plan.rise_m - plan.drop_m
    frames = plan.hang_s / shot.frame_time_s
    return edits.AddItem(_guide(shot, GRAVITY, (start.tolist(), end.tolist()), c.frame, frames, COM, c.performer))


def _place_about(c: PlaceAbout, seen: Seen) -> edits.Edit:
    performer = seen.shot.performer_called(c.performer)
    pivot = point_at(seen.shot, performer.id, "root", c.frame)
    if c.about == "floor":
        pivot[1] = seen.reading.floor_m
    placed = performer.placement.about(pivot, c.turn_rad, c.scale)
    return edits.PlacePerformer(performer.id, placed.offset_m, placed.turn_rad, placed.scale)


def _line_up(c: LineUp, seen: Seen) -> edits.Edit:
    shot = seen.shot
    performer, other = shot.performer_called(c.performer), shot.item(c.other)
    if other.id == performer.id:
        raise EditError(f"{performer.name} can't be lined up with itself. Choose another performer or a prop.")
    point, target = (point_at(shot, i, p, c.frame) for i, p in ((performer.id, c.point), (c.other, c.other_point)))
    placed = line_up(performer.placement, point, target, seen.reading.floor_m, c.how)
    words = f"Line up {performer.name} with {other.name} at {c.frame}"
    return edits.PlacePerformer(performer.id, placed.offset_m, placed.turn_rad, placed.scale, words)


_WORK = {
    TrueArc: _true_arc, SetItem: _set_item, AddStock: _add_stock, AddProp: _add_prop, AddGuide: _add_guide,
    GuideApex: _guide_apex, PlanGuide: _plan_guide, PlaceAbout: _place_about, LineUp: _line_up,
}  # fmt: skip
