"""The Yard: all shots, and the place a file is brought in."""

from dataclasses import replace
from pathlib import PurePath

from flask import Blueprint, current_app, redirect, render_template, request, url_for

from ironarc.core.document import Shot
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.bring_in import file_error, shot_of
from ironarc.core.exchange.stock import STANDING, stock_performer
from ironarc.core.exchange.unsaid import KNOWN, understood
from ironarc.core.formats import FORMATS, ending_of
from ironarc.core.whole_numbers import whole_number
from ironarc.store import shots
from ironarc.web.arguments import file_name, motion_words
from ironarc.web.asking import questions
from ironarc.web.picture import ASK_FOOT, ASK_HIGH, ASK_WIDE, card_picture

pages = Blueprint("yard", __name__)
NEW_FPS, NEW_FRAMES = 24.0, 72


@pages.get("/")
def yard():
    with current_app.extensions["sessions"]() as session:
        for shot_id in shots.purge(session):
            current_app.extensions["variants"].forget(shot_id)
        entries, removed = shots.yard(session), shots.removed(session)
    reading = not all(entry.is_current for entry in entries)
    if reading:
        current_app.extensions["cards"].make()
    cards = [{"entry": entry, "picture": card_picture(entry.card)} for entry in entries]
    hours = int(shots.KEPT_FOR.total_seconds() // 3600)
    return render_template("yard.html", cards=cards, reading=reading, removed=removed, hours=hours)


@pages.post("/shots")
def bring_in():
    """A file of motion becomes a shot; a file that can't be read leaves nothing behind."""
    upload = request.files.get("file")
    if upload is None or not upload.filename:
        raise FileError(f"No file was chosen. Choose a {motion_words()} file, or drop one on the page.")
    name = file_name(upload.filename)
    try:
        stem = PurePath(name).stem[:60] or "Untitled"
        motion = FORMATS[ending_of(name)].parse(upload.read())
        told = understood(motion, _answers())
        if request.headers.get("HX-Request") and (asked := questions(motion, told)):
            return render_template(
                "partials/unsaid.html", asked=asked, name=name, wide=ASK_WIDE, high=ASK_HIGH, foot=ASK_FOOT
            )
        shot = shot_of(told, stem, name)
    except FileError as error:
        raise file_error(error, name) from error
    with current_app.extensions["sessions"]() as session:
        shot_id = shots.create(session, shot)
    address = url_for("bench.bench", shot_id=shot_id)
    if request.headers.get("HX-Request"):
        return "", 204, {"HX-Redirect": address}
    return redirect(address)


def _answers() -> dict[str, str]:
    """What a person said of what the file leaves open. EditError for what is no answer."""
    given = {what: request.form[what] for what in KNOWN if request.form.get(what)}
    for what, answer in given.items():
        fits = answer in KNOWN[what] if KNOWN[what] else (whole_number(answer) or 0) in range(1, 1001)
        if not fits:
            raise EditError(f"{answer[:20]} is no answer to what the file's {what} is. Choose one of those shown.")
    return given


@pages.post("/shots/new")
def new():
    """A shot keyed from nothing: one of the crew, standing, to be set up."""
    empty = Shot("New shot", (), 1 / NEW_FPS, 1, NEW_FRAMES, floor_m=0.0, floor_by_hand=True)
    shot = replace(empty, performers=(stock_performer("bram", STANDING, empty),))
    with current_app.extensions["sessions"]() as session:
        shot_id = shots.create(session, shot)
    return redirect(url_for("bench.bench", shot_id=shot_id, step="set"))


@pages.post("/shots/<id:shot_id>/remove")
def remove(shot_id: int):
    """Takes a shot away; for a while it can be put back."""
    with current_app.extensions["sessions"]() as session:
        shots.remove(session, shot_id)
    current_app.extensions["variants"].forget(shot_id)
    return redirect(url_for("yard.yard"))


@pages.post("/shots/<id:shot_id>/put-back")
def put_back(shot_id: int):
    with current_app.extensions["sessions"]() as session:
        shots.put_back(session, shot_id)
    return redirect(url_for("yard.yard"))


@pages.post("/shots/<id:shot_id>/step-back")
def step_back(shot_id: int):
    """Undo for a shot whose own page can't be opened."""
    with current_app.extensions["sessions"]() as session:
        shots.undo(session, shot_id)
    return redirect(url_for("bench.bench", shot_id=shot_id))
