"""Films that the server puts together, picture by picture, for a browser that can't encode them."""

from flask import Blueprint, Response, current_app, request, send_file
from pydantic import BaseModel, ConfigDict, Field, TypeAdapter

from ironarc.film import Asked, Films
from ironarc.web.arguments import read_body

pages = Blueprint("films", __name__, url_prefix="/films")


class _Asked(BaseModel):
    model_config = ConfigDict(extra="forbid", strict=True)
    width: int
    height: int
    fps: float
    bits: int = Field(ge=100_000, le=100_000_000)


_ASKED = TypeAdapter(_Asked)


def _films() -> Films:
    return current_app.extensions["films"]


@pages.post("")
def begin():
    asked = read_body(_ASKED, request.get_data())
    return {"film": _films().begin(Asked(asked.width, asked.height, asked.fps, asked.bits))}


@pages.post("/<name>/sound")
def sound(name: str):
    _films().get(name).take_sound(request.get_data())
    return Response(status=204)


@pages.post("/<name>/frames")
def frame(name: str):
    film = _films().get(name)
    film.take_frame(request.get_data())
    return {"frames": film.frames}


@pages.post("/<name>/end")
def end(name: str):
    film = _films().take(name)
    try:
        return send_file(film.end(), mimetype="video/mp4", max_age=0)
    finally:
        film.drop()


@pages.delete("/<name>")
def drop(name: str):
    _films().take(name).drop()
    return Response(status=204)
