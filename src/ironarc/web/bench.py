"""The Bench: one shot, its data, and the edits made on it."""

import json
import re
from pathlib import Path
from typing import Annotated, Literal

from flask import Blueprint, Response, current_app, render_template, request
from pydantic import BaseModel, ConfigDict, Field, TypeAdapter

from ironarc.core import edits
from ironarc.core.errors import EditError
from ironarc.core.findings import find, flight_grade, grade_of
from ironarc.core.reading_json import readings_to_plain
from ironarc.core.settings import GRADES
from ironarc.core.shot import read_all, to_bvh
from ironarc.core.truing import arc
from ironarc.store import shots
from ironarc.web.bench_data import figure_data, flight_data, key_marks, motion_bytes, reading_data
from ironarc.web.variants import Seen

pages = Blueprint("bench", __name__, url_prefix="/shots/<int:shot_id>")
STEPS = {"read": "Read", "true": "True", "show": "Show"}
# The bench's scripts, fetched side by side instead of one import after another
_STATIC = Path(__file__).parent / "static"
MODULES = [
    *(f"vendor/{name}.js" for name in ("three.core", "three.module", "OrbitControls", "uPlot.esm")),
    *sorted(str(p.relative_to(_STATIC)) for p in (_STATIC / "js").rglob("*.js") if p.name != "yard.js"),
]
FOREVER = "private, max-age=31536000, immutable"


def _session():
    return current_app.extensions["sessions"]()


def _see(session, shot_id: int, revision: int, variant: str = "now") -> Seen:
    return current_app.extensions["variants"].get(session, shot_id, revision, variant)


@pages.get("")
def bench(shot_id: int):
    step = request.args.get("step", "read")
    with _session() as session:
        at = shots.standing(session, shot_id)
        seen = _see(session, shot_id, at.revision)
        setup = {
            "shot": shot_id,
            "fps": seen.shot.fps,
            "first": seen.shot.first_frame,
            "last": seen.shot.last_frame,
            "standing": vars(at),
            "figure": figure_data(seen.shot, seen.reading),
            "keys": key_marks(seen.shot),
        }
        return render_template(
            "bench.html", shot=seen.shot, steps=STEPS, setup=json.dumps(setup),
            modules=MODULES, panel=_panel(session, shot_id, at.revision, step if step in STEPS else "read"),
            step=step if step in STEPS else "read",
        )  # fmt: skip


@pages.get("/r/<int:revision>/motion.f32")
def motion(shot_id: int, revision: int):
    """Poses of a variant; at an address that names the revision, so it can be cached for ever."""
    with _session() as session:
        seen = _see(session, shot_id, revision, request.args.get("as", "now"))
    return Response(motion_bytes(seen.reading), mimetype="application/octet-stream", headers={"Cache-Control": FOREVER})


@pages.get("/r/<int:revision>/reading.json")
def reading(shot_id: int, revision: int):
    with _session() as session:
        seen = _see(session, shot_id, revision, request.args.get("as", "now"))
        now = _see(session, shot_id, revision)
    data = reading_data(seen.reading)
    data["corrections"] = len(now.shot.performer.layers) - 1
    data["cost"] = seen.cost.says if seen.cost else None
    return Response(json.dumps(data), mimetype="application/json", headers={"Cache-Control": FOREVER})


def _panel(session, shot_id: int, revision: int, step: str) -> str:
    seen = _see(session, shot_id, revision)
    found = find(seen.reading)
    flights = [flight_data(seen.reading, f, flight_grade(f, found)) for f in seen.reading.flights]
    return render_template(
        f"panels/{step}.html", shot=seen.shot, shot_id=shot_id, revision=revision, reading=seen.reading, findings=found,
        grade=grade_of(found), flights=flights, grades=GRADES, layers=seen.shot.performer.layers,
    )  # fmt: skip


@pages.get("/r/<int:revision>/panels/<step>")
def panel(shot_id: int, revision: int, step: str):
    if step not in STEPS:
        raise shots.NotFound("There is no such step.")
    with _session() as session:
        return _panel(session, shot_id, revision, step)


# --- edits: each names the revision it was made on ----------------------------------------------------


class _Strict(BaseModel):
    model_config = ConfigDict(extra="forbid")


class TrueArc(_Strict):
    kind: Literal["true_arc"]
    frame: int


class SetLayerWeight(_Strict):
    kind: Literal["set_layer_weight"]
    layer_id: str
    weight: float = Field(allow_inf_nan=False)


class MuteLayer(_Strict):
    kind: Literal["mute_layer"]
    layer_id: str
    muted: bool


class RenameLayer(_Strict):
    kind: Literal["rename_layer"]
    layer_id: str
    name: str


class DeleteLayer(_Strict):
    kind: Literal["delete_layer"]
    layer_id: str


class RenameShot(_Strict):
    kind: Literal["rename_shot"]
    name: str


Command = Annotated[
    TrueArc | SetLayerWeight | MuteLayer | RenameLayer | DeleteLayer | RenameShot, Field(discriminator="kind")
]


class EditRequest(_Strict):
    revision: int
    edit: Command


class MoveRequest(_Strict):
    revision: int


_EDIT_REQUEST = TypeAdapter(EditRequest)
_MOVE_REQUEST = TypeAdapter(MoveRequest)


def _to_edit(command, seen: Seen) -> edits.Edit:
    if isinstance(command, TrueArc):
        return arc.propose(seen.shot, seen.reading, command.frame)[0]
    plain = command.model_dump()
    return edits.EDITS[plain.pop("kind")](**plain)


@pages.post("/edits")
def make_edit(shot_id: int):
    wanted = _EDIT_REQUEST.validate_json(request.get_data())
    with _session() as session:
        if shots.standing(session, shot_id).revision != wanted.revision:
            shots.refuse_stale()
        edit = _to_edit(wanted.edit, _see(session, shot_id, wanted.revision))
        return vars(shots.apply(session, shot_id, wanted.revision, edit))


@pages.post("/undo")
def undo(shot_id: int):
    return _move(shot_id, shots.undo)


@pages.post("/redo")
def redo(shot_id: int):
    return _move(shot_id, shots.redo)


def _move(shot_id: int, move):
    wanted = _MOVE_REQUEST.validate_json(request.get_data())
    with _session() as session:
        return vars(move(session, shot_id, wanted.revision))


# --- export -------------------------------------------------------------------------------------------


def _frame(name: str) -> int | None:
    text = request.args.get(name, "").strip()
    if not text:
        return None
    if not re.fullmatch(r"-?\d{1,7}", text):
        raise EditError(f"A frame is a whole number; {text[:20]!r} was given.")
    return int(text)


def _download(seen: Seen, data: bytes, ending: str, mimetype: str) -> Response:
    safe = re.sub(r"[^\w .()-]+", "_", seen.shot.name).strip() or "shot"
    ascii_name = safe.encode("ascii", "replace").decode().replace("?", "_")
    return Response(
        data,
        mimetype=mimetype,
        headers={"Content-Disposition": f'attachment; filename="{ascii_name}.{ending}"'},
    )


@pages.get("/r/<int:revision>/export.bvh")
def export_bvh(shot_id: int, revision: int):
    with _session() as session:
        seen = _see(session, shot_id, revision)
    return _download(seen, to_bvh(seen.shot, _frame("from"), _frame("to")), "bvh", "text/plain")


@pages.get("/r/<int:revision>/export.json")
def export_json(shot_id: int, revision: int):
    with _session() as session:
        seen = _see(session, shot_id, revision)
    data = json.dumps(readings_to_plain(seen.shot, read_all(seen.shot))).encode()
    return _download(seen, data, "json", "application/json")
