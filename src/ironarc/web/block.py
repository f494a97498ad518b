"""Block: a pose that is tried while it is dragged, what the step draws, the shelf, and layers copied to other shots."""

import json

from flask import Blueprint, Response, request
from pydantic import BaseModel, ConfigDict, TypeAdapter

from ironarc.core.edits import shelf as kept_poses
from ironarc.core.edits.commands.layers import copied_layer
from ironarc.core.edits.commands.overlap import handed_height
from ironarc.core.edits.commands.posing import pose_of
from ironarc.core.edits.commands.registry import check_frames
from ironarc.core.edits.keep import CHANGED, EASE, pose_edit
from ironarc.core.errors import EditError, FileError
from ironarc.core.planning.ballistics import hang_time
from ironarc.core.posing import Move, moved, stand_at
from ironarc.core.posing.answer import answer
from ironarc.store import shelf, shots
from ironarc.web.arguments import check_plain, frame_argument, read_body
from ironarc.web.bench import apply_edit
from ironarc.web.block_data import answer_data, block_data, curves_data, height_curve, path_data, pose_lines
from ironarc.web.export import download
from ironarc.web.keeping import for_ever, plain_json
from ironarc.web.seeing import open_session, see, variants

pages = Blueprint("block", __name__)
STRICT = ConfigDict(extra="forbid", allow_inf_nan=False)


class Try(BaseModel):
    """Moves of a pose to be looked at; nothing is kept."""

    model_config = STRICT
    revision: int
    performer: str
    frame: int
    moves: tuple[Move, ...]
    layer: str = ""
    which: str = CHANGED
    ease: int = EASE
    part: str = ""


class KeepPose(BaseModel):
    """Keeps a pose, or a run on several frames, on the shelf."""

    model_config = STRICT
    shot: int
    revision: int
    performer: str = ""
    name: str
    frames: tuple[int, ...]
    parts: tuple[str, ...] = ()


class UsePose(BaseModel):
    """Puts on what is on the shelf."""

    model_config = STRICT
    revision: int
    performer: str
    shelf: int
    frame: int
    parts: tuple[str, ...] = ()
    share: float = 1.0
    mirrored: bool = False
    layer: str = ""


class KeepSet(BaseModel):
    """Keeps a set of parts by name; no parts take it away."""

    model_config = STRICT
    name: str
    parts: tuple[str, ...]


class Name(BaseModel):
    """Another name."""

    model_config = STRICT
    name: str


class CopyLayer(BaseModel):
    """Copies a layer to a performer of another shot."""

    model_config = STRICT
    revision: int
    performer: str
    layer: str
    to_shot: int
    to_performer: str = ""


_TRY, _KEEP, _USE = TypeAdapter(Try), TypeAdapter(KeepPose), TypeAdapter(UsePose)
_SET, _NAME, _COPY = TypeAdapter(KeepSet), TypeAdapter(Name), TypeAdapter(CopyLayer)


@pages.post("/shots/<id:shot_id>/try")
def try_pose(shot_id: int):
    """The pose that moves make, and how the body answers to it."""
    wanted = read_body(_TRY, request.get_data())
    with open_session() as session:
        seen = see(session, shot_id, wanted.revision, who=wanted.performer)
    check_frames(seen.shot, wanted.frame)
    before = stand_at(seen, wanted.frame)
    made = moved(before, wanted.moves)
    try:
        edit = pose_edit(before, made.stand, "", wanted.layer, wanted.which, wanted.ease)
    except EditError:
        edit = None  # nothing that could be keyed: the pose is shown all the same, and refused when it is to be kept
    return answer_data(answer(made, edit, wanted.part))


@pages.get("/shots/<id:shot_id>/standing.json")
def standing(shot_id: int):
    """Where the shot stands: what became of a change whose answer was lost."""
    with open_session() as session:
        return vars(shots.standing(session, shot_id))


@pages.get("/shots/<id:shot_id>/r/<id:revision>/block.json")
def block(shot_id: int, revision: int):
    """Grips, rows of keys, pins and layers of a performer, for the layer that is keyed."""
    who, layer = request.args.get("who", ""), request.args.get("layer", "")
    with open_session() as session:
        seen = see(session, shot_id, revision, who=who)
        data = plain_json(block_data(seen.shot, seen.performer, seen.reading, layer))
        return for_ever(session, data, "application/json")


@pages.get("/shots/<id:shot_id>/r/<id:revision>/curves.json")
def curves(shot_id: int, revision: int):
    """Curves of some joints of a layer."""
    joints = request.args.get("joints", "").split(",")[:60]
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
        data = curves_data(seen.shot, seen.performer, request.args.get("layer", ""), joints)
        data += height_curve(seen.reading, request.args.get("part", ""))
        return for_ever(session, plain_json(data), "application/json")


@pages.get("/shots/<id:shot_id>/r/<id:revision>/path.json")
def path(shot_id: int, revision: int):
    """The path of a part over the whole shot."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
        return for_ever(session, plain_json(path_data(seen.reading, request.args.get("part", ""))), "application/json")


@pages.get("/shots/<id:shot_id>/r/<id:revision>/pose.json")
def pose(shot_id: int, revision: int):
    """A pose, or one of some parts, to be put on elsewhere."""
    parts = tuple(part for part in request.args.get("parts", "").split(",") if part)
    frame = frame_argument("frame")
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    frame = seen.shot.first_frame if frame is None else frame
    check_frames(seen.shot, frame)
    copied = pose_of(seen, frame, parts)
    return {"pose": vars(copied), "says": f"Pose of {seen.performer.name} at {frame}"}


@pages.get("/shots/<id:shot_id>/r/<id:revision>/handed.json")
def handed(shot_id: int, revision: int):
    """What the hang becomes where a height curve is given to a body: the heights, and the time in the air they give."""
    start, end = frame_argument("start"), frame_argument("end")
    of, scale = request.args.get("of", "root"), request.args.get("scale", "")
    if start is None or end is None or of not in ("root", "com"):
        raise EditError("Type the first and the last frame of the span.")
    try:
        factor = float(scale) / 100 if scale else None
    except ValueError:
        raise EditError(f"A scale is a number of per cent; {scale[:20]!r} was given.") from None
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    frames, heights, used = handed_height(seen, request.args.get("source", ""), start, end, of, factor)
    rise = float(heights.max() - heights[0])
    hang = hang_time(rise, float(heights.max() - heights[-1]), seen.shot.g)
    return {
        "frames": frames.tolist(), "heights_cm": (heights * 100).round(2).tolist(), "scale": used,
        "rise_cm": rise * 100, "hang_s": hang, "hang_frames": hang * seen.shot.fps, "span_frames": end - start,
    }  # fmt: skip


# --- the shelf -------------------------------------------------------------------------------------------


@pages.get("/shelf.json")
def shelf_list():
    """What is on the shelf and has all words asked for in its name: names, pictures, how many poses."""
    with open_session() as session:
        found = shelf.found(session, request.args.get("words", "")[:100])
    return [
        {
            "id": i, "name": plain["name"], "picture": plain.get("picture", []), "poses": len(plain["poses"]),
            "frames": plain["poses"][-1]["frame"] + 1,
        }
        for i, plain in found
    ]  # fmt: skip


@pages.post("/shelf")
def keep_pose():
    """Keeps the pose on a frame, or the run on several."""
    wanted = read_body(_KEEP, request.get_data())
    with open_session() as session:
        seen = see(session, wanted.shot, wanted.revision, who=wanted.performer)
        check_frames(seen.shot, wanted.frames)
        stand = stand_at(seen, wanted.frames[0]) if wanted.frames else None
        lines = pose_lines(stand.posed.position[0], stand.posed.world[0], stand.body) if stand else []
        kept = kept_poses.kept_of(seen, wanted.name, wanted.frames, wanted.parts, tuple(map(tuple, lines)))
        return {"id": shelf.keep(session, kept), "name": kept.name}


@pages.post("/shots/<id:shot_id>/use-pose")
def use_pose(shot_id: int):
    """Keys what is on the shelf from a frame on."""
    wanted = read_body(_USE, request.get_data())
    said: list[str] = []

    with open_session() as session:
        kept = shelf.load(session, wanted.shelf)

    def make(seen):
        edit, says = kept_poses.put_on(
            seen, kept, wanted.frame, wanted.parts, wanted.share, wanted.mirrored, wanted.layer
        )  # fmt: skip
        said.extend(says)
        return edit

    standing = apply_edit(shot_id, wanted.revision, make, wanted.performer)
    return vars(standing) | {"says": said}


@pages.post("/shelf/<id:shelf_id>/rename")
def rename_pose(shelf_id: int):
    wanted = read_body(_NAME, request.get_data())
    with open_session() as session:
        shelf.rename(session, shelf_id, wanted.name)
    return {}


@pages.post("/shelf/<id:shelf_id>/remove")
def remove_pose(shelf_id: int):
    with open_session() as session:
        shelf.remove(session, shelf_id)
    return {}


@pages.get("/shelf/<id:shelf_id>.json")
def take_pose_home(shelf_id: int) -> Response:
    """What is on the shelf as a file."""
    with open_session() as session:
        kept = shelf.load(session, shelf_id)
    data = json.dumps(kept_poses.kept_to_plain(kept), indent=1).encode()
    return download(f"{kept.name} pose", data, "json", "application/json")


@pages.post("/shelf/bring-in")
def bring_pose_in():
    """A file of `take_pose_home` comes onto the shelf."""
    file = request.files.get("file")
    if file is None or not file.filename:
        raise FileError("No file was chosen. Choose a pose exported from a shelf, a JSON file.")
    try:
        plain = json.loads(file.read())
        check_plain(plain)
    except (ValueError, RecursionError):
        raise FileError("This is not a pose file: it is not JSON.") from None
    kept = kept_poses.kept_from_plain(plain)
    with open_session() as session:
        return {"id": shelf.keep(session, kept), "name": kept.name}


@pages.get("/sets.json")
def sets():
    """Sets of parts by name."""
    with open_session() as session:
        return shelf.sets(session)


@pages.post("/sets")
def keep_set():
    """Keeps a set of parts; one with none is taken away."""
    wanted = read_body(_SET, request.get_data())
    with open_session() as session:
        if wanted.parts:
            shelf.keep_set(session, wanted.name, list(wanted.parts))
        else:
            shelf.remove_set(session, wanted.name)
    return {}


# --- layers of other shots ---------------------------------------------------------------------------------


@pages.get("/shots.json")
def shot_list():
    """Shots a layer can be copied to."""
    with open_session() as session:
        return [{"id": entry.shot_id, "name": entry.card["name"]} for entry in shots.yard(session)]


@pages.post("/shots/<id:shot_id>/copy-layer")
def copy_layer(shot_id: int):
    """Copies a layer to another shot, as a step of its own there."""
    wanted = read_body(_COPY, request.get_data())
    with open_session() as session:
        seen = see(session, shot_id, wanted.revision, who=wanted.performer)
        at = shots.standing(session, wanted.to_shot)
        goal = see(session, wanted.to_shot, at.revision, who=wanted.to_performer)
        by = goal.performer.clip[0] - seen.performer.clip[0]
        edit, lost = copied_layer(seen.performer, wanted.layer, goal.performer, by)
        variants().apply(session, wanted.to_shot, at.revision, edit)
    return {"says": f"Copied to {goal.shot.name}." + (f" No match there: {', '.join(lost[:4])}." if lost else "")}
