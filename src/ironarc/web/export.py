"""Taking motion and readings home as files."""

import io
import re
import zipfile

from flask import Blueprint, Response, render_template, request

from ironarc.core.document import Performer, Shot
from ironarc.core.errors import EditError
from ironarc.core.exchange.delivery import ALL_LAYERS, AS_IT_CAME, Y_UP, Delivery
from ironarc.core.exchange.marked import places_file
from ironarc.core.exchange.root_motion import WITHIN
from ironarc.core.exchange.take_home import motion_file, of_layers
from ironarc.core.formats import FORMATS, MARKER_FORMATS
from ironarc.core.judging.judging_json import judging_to_plain
from ironarc.core.judging.reading_csv import reading_to_csv
from ironarc.core.judging.reading_json import readings_to_plain
from ironarc.core.judging.reading_json_older import reading_to_plain_1, reading_to_plain_2
from ironarc.core.scene.rate import parse_rate
from ironarc.core.truing import settles
from ironarc.core.truing.by_hand import by_hand, difference_file
from ironarc.store import house
from ironarc.store.errors import NotFound
from ironarc.web.arguments import frame_argument
from ironarc.web.keeping import plain_json
from ironarc.web.seeing import open_session, see
from ironarc.web.told import readings_of

pages = Blueprint("export", __name__, url_prefix="/shots/<id:shot_id>")


def safe_name(name: str) -> str:
    """A name that any system can keep a file by."""
    return re.sub(r"[^\w .()-]+", "_", name).strip() or "shot"


def download(name: str, data: bytes, ending: str, mimetype: str) -> Response:
    """A file to be saved, with a safe name."""
    ascii_name = safe_name(name).encode("ascii", "replace").decode().replace("?", "_")
    return Response(
        data,
        mimetype=mimetype,
        headers={"Content-Disposition": f'attachment; filename="{ascii_name}.{ending}"'},
    )


@pages.get("/r/<id:revision>/motion.<ending>")
def export_motion(shot_id: int, revision: int, ending: str):
    """One performer's motion, in any format there is."""
    if ending not in FORMATS:
        raise NotFound(f"Motion can't be written as .{ending[:20]}; it can as {', '.join(FORMATS)}.")
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    travel = request.args.get("travel", WITHIN)
    first, last, delivery = frame_argument("from"), frame_argument("to"), _delivery()
    several = request.args.get("each", "")
    if several:
        return _zipped(seen.shot, seen.performer, several, ending, (travel, delivery))
    data = motion_file(seen.shot, first, last, seen.performer.id, ending, travel, delivery)
    name = _name(seen.shot, seen.performer, first, last, "" if delivery.layers == ALL_LAYERS else delivery.layers)
    return download(name, data, ending, FORMATS[ending].media_type)


def _delivery() -> Delivery:
    """What the file is to be like, as the address asks for it."""
    asked = request.args
    rate = asked.get("rate", "").strip()
    return Delivery(
        asked.get("unit", AS_IT_CAME), asked.get("up", Y_UP), parse_rate(rate) if rate else None,
        asked.get("layers", ALL_LAYERS), asked.get("floor") == "0", "bare" in asked,
    )  # fmt: skip


def _name(shot: Shot, performer: Performer, first: int | None, last: int | None, clip: str = "") -> str:
    """Shot, performer where there are several, clip, and range where it is not all of the shot."""
    words = [shot.name, performer.name if len(shot.performers) > 1 else "", clip]
    if (first or shot.first_frame, last or shot.last_frame) != (shot.first_frame, shot.last_frame):
        words.append(f"{first or shot.first_frame}-{last or shot.last_frame}")
    return " ".join(word for word in words if word)


EACH_CLIP, EACH_PERFORMER = "clip", "performer"


def _zipped(shot: Shot, performer: Performer, each: str, ending: str, how: tuple[str, Delivery]) -> Response:
    """Every clip of a performer, or every performer over the range, a file, in one zip."""
    first, last = frame_argument("from"), frame_argument("to")
    shot = of_layers(shot, how[1].checked().layers)  # clips lie elsewhere in time without its corrections
    performer = shot.performer_called(performer.id)
    if each == EACH_CLIP:
        made = [(performer, strip.start, strip.end, strip.name) for strip in performer.strips_seen()]
        if not made:
            raise EditError(f"{performer.name} has no named clips yet. Make one above, or export the range.")
    elif each == EACH_PERFORMER:
        made = [(p, first, last, "") for p in shot.performers]
    else:
        raise EditError(f"One file each clip or each performer can be had; {each[:20]!r} was given.")
    written, names = io.BytesIO(), set()
    with zipfile.ZipFile(written, "w", zipfile.ZIP_DEFLATED) as out:
        for p, a, b, clip in made:
            stem = safe_name(_name(shot, p, a, b, clip))
            name = next(n for i in range(1, 1000) if (n := stem if i == 1 else f"{stem} ({i})") not in names)
            names.add(name)
            out.writestr(f"{name}.{ending}", motion_file(shot, a, b, p.id, ending, *how))
    return download(shot.name, written.getvalue(), "zip", "application/zip")


@pages.get("/r/<id:revision>/by-hand")
def notes_for_the_hand(shot_id: int, revision: int):
    """What corrections change, to be done again by hand, as a page."""
    before, now = _both(shot_id, revision)
    return render_template(
        "by_hand.html", shot=now.shot, performer=now.performer, told=by_hand(before, now), shot_id=shot_id,
        revision=revision,
    )  # fmt: skip


@pages.get("/r/<id:revision>/by-hand.csv")
def notes_as_csv(shot_id: int, revision: int):
    before, now = _both(shot_id, revision)
    return download(f"{now.shot.name} by hand", by_hand(before, now).csv().encode(), "csv", "text/csv")


@pages.get("/r/<id:revision>/difference.<ending>")
def difference(shot_id: int, revision: int, ending: str):
    """The additive motion alone, in any format there is."""
    if ending not in FORMATS:
        raise NotFound(f"Motion can't be written as .{ending[:20]}; it can as {', '.join(FORMATS)}.")
    before, now = _both(shot_id, revision)
    data = difference_file(before, now, ending)
    return download(f"{now.shot.name} difference", data, ending, FORMATS[ending].media_type)


def _both(shot_id: int, revision: int):
    """A performer without its corrections and as it stands. EditError for one that has none."""
    who = request.args.get("who", "")
    with open_session() as session:
        before, now = (see(session, shot_id, revision, side, who) for side in ("before", "now"))
    if not now.performer.corrections:
        raise EditError(f"{now.performer.name} has no corrections yet, so there is nothing to do by hand.")
    return before, now


@pages.get("/r/<id:revision>/export.json")
def export_json(shot_id: int, revision: int):
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
        readings = readings_of(session, shot_id, revision)
        limits = house.limits(session)
    if request.args.get("schema") == "1":
        performer = shot.performer_called(request.args.get("who", ""))
        plain = reading_to_plain_1(shot, readings[performer.id], performer, settles())
    elif request.args.get("schema") == "2":
        plain = reading_to_plain_2(shot, readings, settles())
    else:
        plain = readings_to_plain(shot, readings, settles(), limits)
    return download(shot.name, plain_json(plain).encode(), "json", "application/json")


@pages.get("/r/<id:revision>/export.csv")
def export_csv(shot_id: int, revision: int):
    """One performer's reading, one row a frame."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    # the mark tells a table program that letters beyond ASCII follow
    data = "\ufeff" + reading_to_csv(seen.reading)
    return download(f"{seen.shot.name} {seen.performer.name}", data.encode(), "csv", "text/csv")


@pages.get("/r/<id:revision>/places.<ending>")
def export_places(shot_id: int, revision: int, ending: str):
    """Joints, center of gravity, plumb and pushes, as markers; of one performer, or of all."""
    if ending not in MARKER_FORMATS:
        raise NotFound(f"Places can't be written as .{ending[:20]}; they can as {', '.join(MARKER_FORMATS)}.")
    who = request.args.get("who", "")
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
        performers = [shot.performer_called(who)] if who else shot.performers
        readings = {p.id: see(session, shot_id, revision, who=p.id).reading for p in performers}
    data = places_file(shot, readings, ending, tuple(readings))
    name = f"{shot.name} {performers[0].name} places" if who else f"{shot.name} places"
    return download(name, data, ending, MARKER_FORMATS[ending].media_type)


@pages.get("/r/<id:revision>/judging.json")
def export_judging(shot_id: int, revision: int):
    """Limits and what is left as it is, to lie beside the motion for the command line."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    data = plain_json(judging_to_plain(seen.shot, seen.performer)).encode()
    return download(f"{seen.shot.name}.judging", data, "json", "application/json")
