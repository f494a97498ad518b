"""Clips in an order of play: their joins looked at, and laid out as a shot of its own."""

from flask import Blueprint, redirect, render_template, request, url_for

from ironarc.core.document import Shot
from ironarc.core.edits.shelf import kept_clip
from ironarc.core.errors import EditError
from ironarc.core.exchange.joins import Join
from ironarc.core.exchange.order import BLENDS, laid_out, laid_out_together
from ironarc.core.judging.grades import GRADES
from ironarc.core.posing.stand import stand_at
from ironarc.core.truing.rounds import read_round
from ironarc.core.whole_numbers import whole_number
from ironarc.store import shelf, shots
from ironarc.web.block_data import pose_lines
from ironarc.web.seeing import open_session, see
from ironarc.web.variants import View

pages = Blueprint("clips", __name__, url_prefix="/shots/<id:shot_id>")


@pages.get("/r/<id:revision>/order")
def joins(shot_id: int, revision: int):
    """What each join of an order gives, before it is blended."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
    made, found, along = _laid_out(seen, request.args)
    return render_template("partials/joins.html", joins=found, frames=made.frames, fps=made.fps, along=along)


@pages.post("/r/<id:revision>/order")
def lay_out(shot_id: int, revision: int):
    """The order as one motion, in a shot of its own."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.form.get("who", ""))
        made, *_ = _laid_out(seen, request.form)
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


@pages.post("/r/<id:revision>/clips/<clip>/shelf")
def keep_on_shelf(shot_id: int, revision: int, clip: str):
    """A whole clip kept on the shelf, to be put on in any shot, mirrored or not."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
        strip = next((s for s in seen.performer.strips_seen() if s.id == clip), None)
        if strip is None:
            raise EditError("That clip is gone. Look at the list as it is now.")
        stand = stand_at(seen, strip.start)
        lines = pose_lines(stand.posed.position[0], stand.posed.world[0], stand.body)
        kept = kept_clip(seen, strip.name, strip.start, strip.end, tuple(map(tuple, lines)))
        shelf.keep(session, kept)
    words = f"{kept.name} is on the shelf, {len(kept.poses)} poses."
    return {"says": f"{words} Put it on in Block, also in other shots and mirrored."}


def _laid_out(seen: View, given) -> tuple[Shot, list[Join], list[str]]:
    """The order that is asked for; with everybody who has its clips where that is."""
    text, blend = given.get("text", ""), _blend(given)
    if given.get("together"):
        return laid_out_together(seen.shot, seen.performer, text, blend)
    return (*laid_out(seen.shot, seen.performer, text, blend), [])


def _blend(given) -> int:
    """The frames a join is blended over, as they are typed."""
    text = given.get("blend", str(BLENDS)).strip()
    found = whole_number(text)
    if found is None:
        raise EditError(f"A blend is a number of frames; “{text[:20]}” was given.")
    return found
