"""The Bench: one shot, its data, and the edits made on it."""

import re
from collections.abc import Mapping
from contextlib import suppress
from dataclasses import replace
from urllib.parse import urlencode

from flask import Blueprint, Response, current_app, render_template, request

from ironarc.core import truing
from ironarc.core.edits.rate import rate_effects
from ironarc.core.errors import EditError
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.judge import blows_of
from ironarc.core.mannequin import FINE, LIGHT
from ironarc.core.reading.points import point_at
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.rate import parse_rate, rate_text
from ironarc.core.scene.reference import MARK_WORDS
from ironarc.core.whole_numbers import whole_number
from ironarc.store import files, house, shots, uses
from ironarc.web.arguments import frame_argument, read_body
from ironarc.web.bench_data import early_data
from ironarc.web.commands import EDIT_REQUEST, MOVE_REQUEST, EditRequest, to_edit
from ironarc.web.keeping import FOREVER, for_ever, mark, plain_json
from ironarc.web.packed import EARLY_KINDS, KINDS, packed_markers, packed_motion, packed_shape
from ironarc.web.panels import STEPS, panel_html, true
from ironarc.web.panels.look import look_at, looked_at
from ironarc.web.panels.read import FILTERS, flown, more_cards, proof_of
from ironarc.web.physics_data import physics_data
from ironarc.web.seeing import check_head, open_session, see, variants
from ironarc.web.skins import skin_for
from ironarc.web.told import reading_of, scene_of, shown_then, views_of
from ironarc.web.variants import View

EARLY = "early"  # as a variant is asked for, before anybody is read
LONG_FRAMES = 1200  # of all performers, from which the first picture does not wait for readings

pages = Blueprint("bench", __name__, url_prefix="/shots/<id:shot_id>")


def _opens_early(session, shot_id: int, revision: int) -> bool:
    """Whether readings would keep the first picture waiting."""
    shot = variants().shot(session, shot_id, revision)
    long = shot.frames * len(shot.performers) >= LONG_FRAMES
    return long and not variants().is_read(session, shot_id, revision)


@pages.get("")
def bench(shot_id: int):
    step = request.args.get("step", "read")
    step = step if step in STEPS else "read"
    with open_session() as session:
        at = shots.standing(session, shot_id)
        early = _opens_early(session, shot_id, at.revision)
        shot = variants().shot(session, shot_id, at.revision)
        who, pick = looked_at(shot)
        setup = {
            "shot": shot_id, "standing": vars(at), "who": who, "pick": pick, "early": early,
            "scene": scene_of(session, shot_id, at.revision, early), "mark_words": MARK_WORDS, "mark": mark(session),
        }  # fmt: skip
        return render_template(
            "bench.html", shot=shot, steps={name: label for name, (label, _) in STEPS.items()}, step=step,
            setup=plain_json(setup), preload=_preload(shot_id, setup),
            early=early, panel="" if early else panel_html(session, shot_id, at.revision, step),
            rate=rate_text(shot.rate),
        )  # fmt: skip


def _preload(shot_id: int, setup: dict) -> list[str]:
    """Addresses that the page's script asks for first, so that they are on their way before it runs."""
    at, mark_ = f"/shots/{shot_id}/r/{setup['standing']['revision']}", setup["mark"]
    wanted = [("tracks", setup["who"]), *(("motion", p["id"]) for p in setup["scene"]["performers"])]
    as_ = EARLY if setup["early"] else "now"
    query = urlencode([*(("want", f"{kind}|{who}|{as_}|") for kind, who in wanted), ("v", mark_)])
    # those that look the same are brought once
    looks = {p["figure"]["shape"]: p["id"] for p in reversed(setup["scene"]["performers"])}
    figures = [f"{at}/skins/{who}/{LIGHT}?v={mark_}" for who in looks.values()]
    return [f"{at}/reading.json?as={as_}&who={setup['who']}&v={mark_}", f"{at}/blocks.f32?{query}", *figures]


@pages.get("/r/<id:revision>/scene.json")
def scene(shot_id: int, revision: int):
    with open_session() as session:
        data = plain_json(scene_of(session, shot_id, revision))
        return for_ever(session, data, "application/json")


def _view(session, shot_id: int, revision: int) -> View:
    return see(session, shot_id, revision, request.args.get("as", "now"), request.args.get("who", ""))


@pages.get("/r/<id:revision>/blocks.f32")
def blocks(shot_id: int, revision: int):
    """Blocks of frames, as `packed.py` has them; at an address that names the revision, so it can be kept for ever.

    want : any number of them, each as kind|performer|variant|numbers, or no numbers for all
    """
    with open_session() as session:
        sent = b"".join(_sent(session, shot_id, revision, text) for text in request.args.getlist("want"))
        return for_ever(session, sent, "application/octet-stream")


def _sent(session, shot_id: int, revision: int, text: str) -> bytes:
    kind, who, variant, numbers = [*text.split("|"), "", "", ""][:4]
    if kind not in (EARLY_KINDS if variant == EARLY else KINDS):
        raise shots.NotFound("There are no such blocks of frames.")
    if not re.fullmatch(r"(\d{1,6}(,\d{1,6})*)?", numbers):
        raise EditError("Blocks are asked for by their numbers, with commas between them.")
    if variant == EARLY:
        shots.check_there(session, shot_id)
        reading = variants().early(session, shot_id, revision, who)
    else:
        reading = see(session, shot_id, revision, variant or "now", who).reading
    return reading.ask(KINDS[kind]).sent([int(n) for n in numbers.split(",")] if numbers else None)


@pages.get("/r/<id:revision>/reading.json")
def reading(shot_id: int, revision: int):
    with open_session() as session:
        if request.args.get("as") == EARLY:
            return for_ever(session, plain_json(_early(session, shot_id, revision)), "application/json")
        data = reading_of(session, shot_id, revision, request.args.get("as", "now"), request.args.get("who", ""))
        return for_ever(session, plain_json(data), "application/json")


def _early(session, shot_id: int, revision: int) -> dict:
    """What the bench draws before anybody is read."""
    shots.check_there(session, shot_id)
    shot, who = variants().shot(session, shot_id, revision), request.args.get("who", "")
    looks = {p.id: variants().early(session, shot_id, revision, p.id) for p in shot.performers}
    who = who if who in looks else shot.performer.id
    motions = {each: {"as": EARLY, "blocks": look.ask(packed_motion).names} for each, look in looks.items()}
    corrections = len(shot.performer_called(who).corrections)
    return early_data(shot, looks[who]) | {"who": who, "motions": motions, "corrections": corrections, "cost": None}


@pages.get("/r/<id:revision>/physics.json")
def physics(shot_id: int, revision: int):
    """Footing, balance, pushes and spin of a variant, frame by frame."""
    with open_session() as session:
        seen = _view(session, shot_id, revision)
        return for_ever(session, plain_json(physics_data(seen.reading, seen.ask(blows_of))), "application/json")


@pages.get("/r/<id:revision>/skins/<who>/<level>")
def skin(shot_id: int, revision: int, who: str, level: str):
    """A performer's figure, as `skins.py` has it."""
    if level not in (FINE, LIGHT):
        raise shots.NotFound("There is no such figure.")
    with open_session() as session:
        shots.check_there(session, shot_id)
        performer = variants().shot(session, shot_id, revision).performer_called(who)
        sent = skin_for(performer, performer.body(), level)
        return for_ever(session, sent, "application/octet-stream")


@pages.get("/r/<id:revision>/markers/<item>")
def markers(shot_id: int, revision: int, item: str):
    """Markers and where the performer carries them, as `packed.py` has them."""
    with open_session() as session:
        shots.check_there(session, shot_id)
        found = variants().shot(session, shot_id, revision).item(item)
        if not isinstance(found, MarkerSet):
            raise shots.NotFound("There are no such markers.")
        with suppress(EditError):  # who they are compared with may have gone
            poses = see(session, shot_id, revision, request.args.get("as", "now"), found.performer).reading.poses
            return for_ever(session, packed_markers(found, poses), "application/octet-stream")
        poses = see(session, shot_id, revision).reading.poses
        return for_ever(session, packed_markers(replace(found, worn=()), poses), "application/octet-stream")


@pages.get("/r/<id:revision>/shapes/<digest>")
def shape(shot_id: int, revision: int, digest: str):
    """The mesh of a prop, as `packed.py` has it."""
    with open_session() as session:
        shots.check_there(session, shot_id)
        props = variants().shot(session, shot_id, revision).props
        found = next((s.shape for p in props for s in p.solids if s.shape and s.shape.digest == digest), None)
        if found is None:
            raise shots.NotFound("There is no such shape.")
        return for_ever(session, packed_shape(found), "application/octet-stream")


@pages.get("/files/<address:address>")
def file(shot_id: int, address: str):
    """A picture or video of a reference, at the hash of its bytes."""
    with open_session() as session:
        shots.check_there(session, shot_id)
        kept = files.load(session, address) if uses.uses(session, shot_id, address) else None
        if kept is None:
            raise shots.NotFound("There is no such file. It may have been deleted with its shot.")
        # its address is the hash of its bytes, whatever the database
        whole = Response(kept.data, mimetype=kept.media_type, headers={"Cache-Control": FOREVER})
        # a video is asked for in parts as one seeks in it
        return whole.make_conditional(request, accept_ranges=True, complete_length=len(kept.data))


@pages.get("/r/<id:revision>/panels/<step>")
def panel(shot_id: int, revision: int, step: str):
    if step not in STEPS:
        raise shots.NotFound("There is no such step.")
    with open_session() as session:
        return panel_html(session, shot_id, revision, step)


def _begins(what: str) -> int:
    """The place in a list that the address asks for the next ones from."""
    begins = whole_number(request.args.get("begins", "0"))
    if begins is None or begins < 0:
        raise EditError(f"{what} are counted by whole numbers from 0 on.")
    return begins


@pages.get("/r/<id:revision>/cards")
def cards(shot_id: int, revision: int):
    """The next cards of the punch list, of all findings or of some kind, grade, part or performer."""
    begins = _begins("Cards")
    with open_session() as session:
        look = look_at(session, shot_id, revision, "read")
        asked = {name: request.args.get(name, "") for name in FILTERS}
        return render_template(
            "partials/cards.html", listed=more_cards(look, begins, asked), grades=GRADES, shot=look.shot,
            shot_id=shot_id, revision=revision, before=look.before, performer=look.seen.performer,
        )  # fmt: skip


@pages.get("/r/<id:revision>/flights")
def flights(shot_id: int, revision: int):
    """The next flights of the Read panel."""
    begins = _begins("Flights")
    with open_session() as session:
        look = look_at(session, shot_id, revision, "read")
        return render_template(
            "partials/flights.html", flown=flown(look.seen, begins), reading=look.seen.reading, shot_id=shot_id,
            revision=revision, before=look.before, performer=look.seen.performer,
        )  # fmt: skip


@pages.get("/r/<id:revision>/to-settle")
def to_settle(shot_id: int, revision: int):
    """The next findings of the True panel."""
    return _next_of("to_settle", "Findings", shot_id, revision, true.to_settle)


@pages.get("/r/<id:revision>/aims")
def aims(shot_id: int, revision: int):
    """The next flights of the True panel."""
    return _next_of("aims", "Flights", shot_id, revision, true.aims)


def _next_of(name: str, word: str, shot_id: int, revision: int, some) -> str:
    begins = _begins(word)
    with open_session() as session:
        look = look_at(session, shot_id, revision, "true")
        return render_template(
            f"partials/{name}.html", **{name: some(look.seen, begins)}, grades=GRADES, reading=look.seen.reading,
            shot_id=shot_id, revision=revision, before=look.before, performer=look.seen.performer,
        )  # fmt: skip


@pages.get("/r/<id:revision>/finding")
def finding_proof(shot_id: int, revision: int):
    """What a finding's card opens to."""
    with open_session() as session:
        view = _view(session, shot_id, revision)
        finding = next((f for f in view.findings if f.id == request.args.get("finding", "")), None)
        if finding is None:
            raise shots.NotFound("That finding is not there any more. Look at the punch list as it is now.")
        by_hand = truing.first_offer(view, finding.start, finding.end, finding.kind) is None
        proof = proof_of(finding, view, house.limits(session), by_hand)
        before = request.args.get("as") == "before"
        return render_template("partials/proof.html", proof=proof, grades=GRADES, before=before)


@pages.get("/r/<id:revision>/line-up.json")
def line_up(shot_id: int, revision: int):
    """The two points that would be lined up at a frame, and the gap between them."""
    query = {name: request.args.get(name, "") for name in ("item", "point", "other", "other_point")}
    frame = frame_argument("frame")
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
    if frame is None or not shot.first_frame <= frame <= shot.last_frame:
        raise EditError("Two points are lined up at a frame of the shot.")
    at = point_at(shot, query["item"], query["point"], frame)
    to = point_at(shot, query["other"], query["other_point"], frame)
    return {"at": at.tolist(), "to": to.tolist(), "gap_cm": float(((to - at) ** 2).sum() ** 0.5) * 100}


@pages.get("/r/<id:revision>/rate")
def rate(shot_id: int, revision: int):
    """What another rate would do to each flight, before anything changes."""
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
    wanted, keep = parse_rate(request.args.get("rate", "")), request.args.get("keep", "")
    if wanted == shot.rate:
        raise EditError(f"The shot is at {rate_text(wanted)} fps already.")
    effects = rate_effects(shot, wanted, keep)
    return render_template(
        "partials/rate.html",
        effects=effects,
        rate=rate_text(wanted),
        keep=keep,
        many=len(shot.performers) > 1,
        g=shot.g,
    )


# --- edits: each names the revision it was made on ----------------------------------------------------


@pages.post("/edits")
def make_edit(shot_id: int):
    wanted = read_body(EDIT_REQUEST, request.get_data())
    with open_session() as session:
        check_head(session, shot_id, wanted.revision)
        before = views_of(session, shot_id, wanted.revision) if wanted.shows else {}
        made = _applied(session, shot_id, wanted.revision, lambda seen: to_edit(wanted.edit, seen), _who(wanted.edit))
        return vars(made) | (_brought(session, shot_id, made.revision, wanted, before) if wanted.shows else {})


def _brought(session, shot_id: int, revision: int, wanted: EditRequest, before: Mapping[str, View]) -> dict:
    """What the bench asks for next, along with the answer to an edit, which saves two ways there and back. The edit is
    kept: what can't be told of it here is asked for by itself, and said then."""
    try:
        return shown_then(session, shot_id, revision, wanted.shows, before, wanted.has)
    except Exception:
        current_app.logger.exception("revision %d of shot %d could not be told", revision, shot_id)
        return {}


def _who(command) -> str:
    return getattr(command, "performer", "")


def apply_edit(shot_id: int, revision: int, make, who: str = "", along=None) -> shots.Standing:
    """Applies the edit that `make` makes of what is seen at a revision; refused if the shot has moved on.

    along : called with the session, for what must be kept along with the edit
    """
    with open_session() as session:
        check_head(session, shot_id, revision)
        return _applied(session, shot_id, revision, make, who, along)


def _applied(session, shot_id: int, revision: int, make, who: str = "", along=None) -> shots.Standing:
    edit = make(see(session, shot_id, revision, who=who))
    return variants().apply(session, shot_id, revision, edit, along)


@pages.get("/standing.json")
def standing(shot_id: int):
    """Where the shot stands, for a bench that looks whether somebody else changed it."""
    with open_session() as session:
        return vars(shots.standing(session, shot_id))


@pages.post("/undo")
def undo(shot_id: int):
    return _move(shot_id, shots.undo)


@pages.post("/redo")
def redo(shot_id: int):
    return _move(shot_id, shots.redo)


def _move(shot_id: int, move):
    wanted = read_body(MOVE_REQUEST, request.get_data())
    with open_session() as session:
        return vars(move(session, shot_id, wanted.revision))
