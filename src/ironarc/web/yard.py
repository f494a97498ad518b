"""The Yard: all shots, and the place a file is brought in."""

import io
import zipfile
from dataclasses import replace
from pathlib import PurePath

from flask import Blueprint, Response, current_app, redirect, render_template, request, url_for

from ironarc.core.document import Shot
from ironarc.core.edits.commands.shot import set_sequence
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.bring_in import file_error, shot_of
from ironarc.core.exchange.stock import STANDING, stock_performer
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.exchange.unsaid import KNOWN, understood
from ironarc.core.formats import FORMATS, USUAL, ending_of
from ironarc.core.judging.grades import GRADES
from ironarc.core.truing.plan import ALL
from ironarc.core.whole_numbers import whole_number
from ironarc.store import shots, work
from ironarc.web.arguments import motion_sent
from ironarc.web.asking import questions
from ironarc.web.export import safe_name
from ironarc.web.picture import ASK_FOOT, ASK_HIGH, ASK_WIDE, card_picture
from ironarc.web.seeing import see

pages = Blueprint("yard", __name__)
NEW_FPS, NEW_FRAMES = 24.0, 72
TABLE = "table"
CARDS, ROWS = 24, 200  # that come at once, more as one scrolls
SORT_WORDS = {
    shots.BY_NAME: "by name", shots.BY_SEQUENCE: "by sequence", shots.BY_VERDICT: "worst first",
    shots.BY_CHANGE: "newest first",
}  # fmt: skip


@pages.get("/")
def yard():
    with current_app.extensions["sessions"]() as session:
        for shot_id in shots.purge(session):
            current_app.extensions["variants"].forget(shot_id)
        asked = _asked()
        most = ROWS if asked["as"] == TABLE else CARDS
        entries = shots.yard(session, asked["find"], asked["by"], asked["first"], most + 1)
        counts, removed = shots.verdicts(session, asked["find"]), shots.removed(session)
        there = bool(counts or (asked["find"] and shots.verdicts(session)))
    more, entries = len(entries) > most, entries[:most]
    reading = not all(entry.is_current for entry in entries)
    if reading:
        current_app.extensions["cards"].make()
    drawn = asked["as"] != TABLE
    cards = [{"entry": entry, "picture": card_picture(entry.card) if drawn else None} for entry in entries]
    hours = int(shots.KEPT_FOR.total_seconds() // 3600)
    shown = {
        "cards": cards, "reading": reading, "asked": asked, "counts": counts, "grades": GRADES, "sorts": SORT_WORDS,
        "more": asked["first"] + most if more else 0,
    }  # fmt: skip
    if request.headers.get("HX-Request") and asked["first"]:
        return render_template("partials/shots.html", **shown)
    return render_template("yard.html", removed=removed, hours=hours, there=there, **shown)


def _asked() -> dict:
    """What of the Yard is asked for: words to find, the order, cards or a table, and from which on."""
    by, form = request.args.get("by", shots.BY_NAME), request.args.get("as", "cards")
    return {
        "find": request.args.get("find", "").strip()[:80], "by": by if by in shots.SORTS else shots.BY_NAME,
        "as": TABLE if form == TABLE else "cards", "first": max(whole_number(request.args.get("first", "0")) or 0, 0),
        "after": request.args.get("after"),
    }  # fmt: skip


@pages.post("/shots/remove")
def remove_several():
    """Takes the chosen shots away; for a while each can be put back."""
    chosen = _chosen()
    with current_app.extensions["sessions"]() as session:
        for shot_id in chosen:
            shots.remove(session, shot_id)
    for shot_id in chosen:
        current_app.extensions["variants"].forget(shot_id)
    return redirect(url_for("yard.yard", **{"as": TABLE}))


@pages.post("/shots/true")
def true_several():
    """Everything found on the chosen shots is worked out in the background; each bench offers what came of it."""
    with current_app.extensions["sessions"]() as session:
        for shot_id in _chosen():
            revision = shots.standing(session, shot_id).revision
            shot = shots.load(session, shot_id, revision)
            for performer in shot.performers:
                found = see(session, shot_id, revision, who=performer.id).findings
                if performer.locked or all(f.left for f in found):
                    continue
                work.ask(session, work.Asked(shot_id, revision, performer.id, "plan", ALL))
    return redirect(url_for("yard.yard", **{"as": TABLE}, trued=1))


@pages.post("/shots/sequence")
def put_in_sequence():
    """The chosen shots stand in one sequence from now on; each can undo it."""
    name = request.form.get("sequence", "")
    with current_app.extensions["sessions"]() as session:
        for shot_id in _chosen():
            revision = shots.standing(session, shot_id).revision
            seen = see(session, shot_id, revision)
            if seen.shot.sequence != name.strip():
                current_app.extensions["variants"].apply(session, shot_id, revision, set_sequence(seen, name))
    return redirect(url_for("yard.yard", by=shots.BY_SEQUENCE, **{"as": TABLE}))


@pages.post("/shots/export.zip")
def export_several():
    """The motions of the chosen shots, every performer a file, in one zip."""
    ending = request.form.get("format", USUAL)
    if ending not in FORMATS:
        raise EditError(f"Motion can't be written as .{ending[:20]}; it can as {', '.join(FORMATS)}.")
    written = io.BytesIO()
    with current_app.extensions["sessions"]() as session, zipfile.ZipFile(written, "w", zipfile.ZIP_DEFLATED) as out:
        names: set[str] = set()
        for shot_id in _chosen():
            shot = shots.load(session, shot_id, shots.standing(session, shot_id).revision)
            for performer in shot.performers:
                name = f"{shot.name} {performer.name}" if len(shot.performers) > 1 else shot.name
                name = safe_name(name)
                name = f"{name} ({shot_id})" if name in names else name
                names.add(name)
                out.writestr(f"{name}.{ending}", motion_file(shot, performer_id=performer.id, format=ending))
    return Response(
        written.getvalue(),
        mimetype="application/zip",
        headers={"Content-Disposition": "attachment; filename=motions.zip"},
    )


def _chosen() -> list[int]:
    """The shots that are selected. EditError for none."""
    chosen = [n for text in request.form.getlist("shot") if (n := whole_number(text)) is not None]
    if not chosen:
        raise EditError("No shot selected. Tick those you mean first.")
    return chosen


@pages.post("/shots")
def bring_in():
    """A file of motion becomes a shot; a file that can't be read leaves nothing behind."""
    name, data, beside = motion_sent(", or drop one on the page")
    try:
        stem = PurePath(name).stem[:60] or "Untitled"
        motion = FORMATS[ending_of(name)].read(data, beside)
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
