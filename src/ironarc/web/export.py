"""Taking motion and readings home as files."""

import re

from flask import Blueprint, Response, render_template, request

from ironarc.core.errors import EditError
from ironarc.core.exchange.root_motion import WITHIN
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import FORMATS
from ironarc.core.judging.judging_json import judging_to_plain
from ironarc.core.judging.reading_csv import reading_to_csv
from ironarc.core.judging.reading_json import readings_to_plain
from ironarc.core.judging.reading_json_older import reading_to_plain_1, reading_to_plain_2
from ironarc.core.truing import settles
from ironarc.core.truing.by_hand import by_hand, difference_file
from ironarc.store import house
from ironarc.store.errors import NotFound
from ironarc.web.arguments import frame_argument
from ironarc.web.bench import read_performers
from ironarc.web.keeping import plain_json
from ironarc.web.seeing import open_session, see

pages = Blueprint("export", __name__, url_prefix="/shots/<id:shot_id>")


def download(name: str, data: bytes, ending: str, mimetype: str) -> Response:
    """A file to be saved, with a safe name."""
    safe = re.sub(r"[^\w .()-]+", "_", name).strip() or "shot"
    ascii_name = safe.encode("ascii", "replace").decode().replace("?", "_")
    return Response(
        data,
        mimetype=mimetype,
        headers={"Content-Disposition": f'attachment; filename="{ascii_name}.{ending}"'},
    )


@pages.get("/r/<id:revision>/export.<ending>")
def export_motion(shot_id: int, revision: int, ending: str):
    """One performer's motion, in any format there is."""
    if ending not in FORMATS:
        raise NotFound(f"Motion can't be written as .{ending[:20]}; it can as {', '.join(FORMATS)}.")
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    travel = request.args.get("travel", WITHIN)
    data = motion_file(seen.shot, frame_argument("from"), frame_argument("to"), seen.performer.id, ending, travel)
    name = f"{seen.shot.name} {seen.performer.name}" if len(seen.shot.performers) > 1 else seen.shot.name
    return download(name, data, ending, FORMATS[ending].media_type)


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
        readings = read_performers(session, shot_id, revision, shot)
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


@pages.get("/r/<id:revision>/judging.json")
def export_judging(shot_id: int, revision: int):
    """Limits and what is left as it is, to lie beside the motion for the command line."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    data = plain_json(judging_to_plain(seen.shot, seen.performer)).encode()
    return download(f"{seen.shot.name}.judging", data, "json", "application/json")
