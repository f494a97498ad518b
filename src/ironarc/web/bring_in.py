"""Files brought into a shot: another performer's motion, and references. A file that can't be read leaves nothing."""

from pathlib import PurePath

from flask import Blueprint, request
from pydantic import BaseModel, ConfigDict, TypeAdapter

from ironarc.core.edits import AddItem
from ironarc.core.edits.base import Together
from ironarc.core.edits.commands.scene import add_reference, add_shape
from ironarc.core.edits.commands.skin import wear
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.bring_in import file_error, joining, performer_from_file
from ironarc.core.exchange.marked import markers_from_file
from ironarc.core.formats import FORMATS, MESH_FORMATS, ending_of, markers_of
from ironarc.core.scene.reference import Reference
from ironarc.core.truing.new_take import new_take, set_beside
from ironarc.core.whole_numbers import whole_number
from ironarc.media import look
from ironarc.store import files
from ironarc.web.arguments import files_sent, mesh_words, motion_sent, read_body, skin_words
from ironarc.web.bench import apply_edit
from ironarc.web.seeing import open_session, see

pages = Blueprint("bring_in", __name__, url_prefix="/shots/<id:shot_id>")


class TakeBeside(BaseModel):
    """Sets an earlier take of a performer beside the one that stands. take : the revision that had it"""

    model_config = ConfigDict(extra="forbid", allow_inf_nan=False)
    revision: int
    performer: str
    take: int


_BESIDE = TypeAdapter(TakeBeside)


def _number(name: str) -> int:
    value = whole_number(request.form.get(name, ""))
    if value is None:
        raise EditError(f"The request can't be read: {name} must be a whole number.")
    return value


@pages.post("/performers")
def performer(shot_id: int):
    """A file of motion becomes one more performer; one of markers is set beside the performer that is read."""
    name, data, beside = motion_sent()
    stem, markers, says = PurePath(name).stem[:60], markers_of(name, data), []

    def make(seen):
        try:
            if markers:
                found, assumed = markers_from_file(data, stem, markers, seen.shot, seen.performer)
                says.extend(assumed)
                return AddItem(found, f"Bring in {found.name}")
            joined, cameras = joining(data, stem or "Performer", seen.shot, ending_of(name), beside)
        except FileError as error:
            raise file_error(error, name) from error
        if not cameras:
            return AddItem(joined)
        return Together(tuple(AddItem(item) for item in (joined, *cameras)), f"Add {joined.name}")

    standing = apply_edit(shot_id, _number("revision"), make, request.form.get("performer", ""))
    return vars(standing) | {"says": " ".join(says)}


@pages.post("/take")
def take(shot_id: int):
    """A file of motion becomes a performer's new take; what it brings stands in the answer."""
    name, data, beside = motion_sent()
    told = []

    def make(seen):
        try:
            incoming = performer_from_file(data, seen.performer.name, seen.shot, ending_of(name), beside)
        except FileError as error:
            raise file_error(error, name) from error
        told.append(new_take(seen, incoming, name))
        return told[-1].edit

    standing = apply_edit(shot_id, _number("revision"), make, request.form.get("performer", ""))
    return vars(standing) | {"says": told[-1].says}


@pages.post("/skin")
def skin(shot_id: int):
    """The surface in a file is put on a performer whose joints match."""
    name, data, beside = motion_sent()

    def make(seen):
        read = FORMATS[ending_of(name)].skin
        if read is None:
            raise FileError(f"{name} has no skin in it: a skin comes as {skin_words()}.")
        return wear(seen.performer, read(data, beside), name)

    return _told(shot_id, name, make)


@pages.post("/take-beside")
def take_beside(shot_id: int):
    """An earlier take of a performer is set beside the one that stands."""
    wanted = read_body(_BESIDE, request.get_data())

    def make(seen):
        with open_session() as session:
            then = see(session, shot_id, wanted.take).shot
        found = next((p for p in then.performers if p.id == seen.performer.id), None)
        if found is None:
            raise EditError(f"{seen.performer.name} was not in the shot then. Choose another take.")
        return set_beside(seen, found)

    return vars(apply_edit(shot_id, wanted.revision, make, wanted.performer))


@pages.post("/props")
def shape(shot_id: int):
    """A mesh becomes a prop."""
    name, data, beside = motion_sent()
    known = MESH_FORMATS.get(name.rsplit(".", 1)[-1].lower())
    if known is None:
        raise FileError(f"{name} is no mesh that can be read here: it comes as {mesh_words()}.")
    frame = _number("frame")
    return _told(shot_id, name, lambda seen: add_shape(seen, known.parse(data, beside), PurePath(name).stem, frame))


def _told(shot_id: int, name: str, make) -> dict:
    """Applies the edit that `make` makes of a file for what is seen, and what it says of it stands in the answer."""
    says = []

    def made(seen):
        try:
            edit, said = make(seen)
        except FileError as error:
            raise file_error(error, name) from error
        says.append(said)
        return edit

    standing = apply_edit(shot_id, _number("revision"), made, request.form.get("performer", ""))
    return vars(standing) | {"says": says[-1]}


@pages.post("/references")
def reference(shot_id: int):
    """A picture, a numbered sequence or a video becomes a reference that starts at the frame given."""
    uploads = files_sent()
    media = look(uploads)
    name = PurePath(uploads[0][0]).stem.rstrip("0123456789").rstrip(" _-.")[:60] or "Reference"
    first = _number("frame")

    addresses = tuple(files.address_of(data) for data, _ in media.files)

    def keep(session) -> None:
        for data, media_type in media.files:
            files.keep(session, data, media_type)

    def make(seen):
        shot = seen.shot
        start = first if media.kind == "still" else shot.first_frame
        return add_reference(
            seen,
            Reference(
                shot.free_id("reference"), name, media.kind, addresses, media.files[0][1], media.width, media.height,
                media.frames, media.number_from, media.rate_fps or float(shot.rate), start, 1, media.frames,
            ),
        )  # fmt: skip

    return vars(apply_edit(shot_id, _number("revision"), make, along=keep))
