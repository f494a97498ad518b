"""Clips in an order of play: their joins looked at, and laid out as a shot of its own."""

from flask import Blueprint, redirect, render_template, request, url_for

from ironarc.core.errors import EditError
from ironarc.core.exchange.order import BLENDS, laid_out
from ironarc.core.judging.grades import GRADES
from ironarc.core.truing.rounds import read_round
from ironarc.core.whole_numbers import whole_number
from ironarc.store import shots
from ironarc.web.seeing import open_session, see

pages = Blueprint("clips", __name__, url_prefix="/shots/<id:shot_id>")


@pages.get("/r/<id:revision>/order")
def joins(shot_id: int, revision: int):
    """What each join of an order gives, before it is blended."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    made, found = laid_out(seen.shot, seen.performer, request.args.get("text", ""), _blend(request.args))
    return render_template("partials/joins.html", joins=found, frames=made.frames, fps=made.fps)


@pages.post("/r/<id:revision>/order")
def lay_out(shot_id: int, revision: int):
    """The order as one motion, in a shot of its own."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.form.get("who", ""))
        made, _ = laid_out(seen.shot, seen.performer, request.form.get("text", ""), _blend(request.form))
        new_id = shots.create(session, made)
    address = url_for("bench.bench", shot_id=new_id, step="read")
    if request.headers.get("HX-Request"):
        return "", 204, {"HX-Redirect": address}
    return redirect(address)


@pages.get("/r/<id:revision>/clips/<clip>/round")
def read_a_round(shot_id: int, revision: int, clip: str):
    """A loop read as it goes round, across its seam."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    found = read_round(seen, clip)
    return render_template("partials/round.html", round=found, grades=GRADES)


def _blend(given) -> int:
    """The frames a join is blended over, as they are typed."""
    text = given.get("blend", str(BLENDS)).strip()
    found = whole_number(text)
    if found is None:
        raise EditError(f"A blend is a number of frames; “{text[:20]}” was given.")
    return found
