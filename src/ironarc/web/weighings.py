"""Weighings kept by name: saved from one shot, used on another, brought in and taken home as JSON."""

import json

from flask import Blueprint, Response, request
from pydantic import BaseModel, ConfigDict, TypeAdapter

from ironarc.core.figure.weighing import weighing_to_plain
from ironarc.store import weighings
from ironarc.web.arguments import read_body
from ironarc.web.export import download
from ironarc.web.seeing import open_session, see

pages = Blueprint("weighings", __name__)


class Keep(BaseModel):
    """Keeps a performer's weighing, as it is at a revision, under a name."""

    model_config = ConfigDict(extra="forbid")
    shot: int
    revision: int
    performer: str = ""
    name: str


_KEEP = TypeAdapter(Keep)


@pages.post("/weighings")
def keep():
    wanted = read_body(_KEEP, request.get_data())
    with open_session() as session:
        seen = see(session, wanted.shot, wanted.revision, who=wanted.performer)
        return {"name": weighings.keep(session, wanted.name, seen.performer.weighing)}


@pages.get("/weighings/<id:weighing_id>.json")
def one(weighing_id: int):
    with open_session() as session:
        name, weighing = weighings.load(session, weighing_id)
    return {"name": name, "weighing": weighing_to_plain(weighing)}


@pages.post("/weighings/<id:weighing_id>/remove")
def remove(weighing_id: int):
    with open_session() as session:
        weighings.remove(session, weighing_id)
    return {}


@pages.get("/shots/<id:shot_id>/r/<id:revision>/weighing.json")
def take_home(shot_id: int, revision: int) -> Response:
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    data = json.dumps(weighing_to_plain(seen.performer.weighing), indent=1).encode()
    return download(f"{seen.performer.name} weighing", data, "json", "application/json")
