"""Taking motion and readings home as files."""

import re

from flask import Blueprint, Response, request

from ironarc.core.document.take_home import motion_file
from ironarc.core.judging.reading_json import reading_to_plain_1, readings_to_plain
from ironarc.core.truing import settles
from ironarc.web.asked import asked_frame
from ironarc.web.bench import open_session, read_performers, see
from ironarc.web.keeping import plain_json

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


@pages.get("/r/<id:revision>/export.bvh")
def export_bvh(shot_id: int, revision: int):
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    data = motion_file(seen.shot, asked_frame("from"), asked_frame("to"), seen.performer.id)
    name = f"{seen.shot.name} {seen.performer.name}" if len(seen.shot.performers) > 1 else seen.shot.name
    return download(name, data, "bvh", "text/plain")


@pages.get("/r/<id:revision>/export.json")
def export_json(shot_id: int, revision: int):
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
        readings = read_performers(session, shot_id, revision, shot)
    if request.args.get("schema") == "1":
        performer = shot.performer_called(request.args.get("who", ""))
        plain = reading_to_plain_1(shot, readings[performer.id], performer, settles())
    else:
        plain = readings_to_plain(shot, readings, settles())
    return download(shot.name, plain_json(plain).encode(), "json", "application/json")
