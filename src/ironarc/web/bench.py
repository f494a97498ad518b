"""The Bench: one shot, its data, and the edits made on it."""

from flask import Blueprint, Response, current_app, render_template, request

from ironarc.core import truing
from ironarc.core.document import Performer, Shot
from ironarc.core.document.stock import POSES
from ironarc.core.edits.rate import rate_effects
from ironarc.core.errors import EditError
from ironarc.core.figure.crew import STOCK
from ironarc.core.figure.grips import parts_of_body
from ironarc.core.judging import flight_grade, grade_of
from ironarc.core.judging.compared import compared
from ironarc.core.judging.grades import GRADES
from ironarc.core.planning.ballistics import WORLDS
from ironarc.core.reading import Reading
from ironarc.core.reading.points import point_at, points_of
from ironarc.core.reading.thrown import read_taken, read_thrown
from ironarc.core.scene.lineup import WAYS
from ironarc.core.scene.props import KINDS
from ironarc.core.scene.rate import parse_rate, rate_text
from ironarc.core.scene.reference import MARK_WORDS
from ironarc.store import files, house, shots, weighings
from ironarc.web import read_panel, true_panel, weigh_panel
from ironarc.web.asked import asked_frame, read_body
from ironarc.web.bench_data import flight_data, motion_bytes, reading_data, scene_data
from ironarc.web.commands import EDIT_REQUEST, MOVE_REQUEST, to_edit
from ironarc.web.keeping import FOREVER, for_ever, mark, plain_json
from ironarc.web.physics_data import physics_data
from ironarc.web.picture import sizes_picture
from ironarc.web.variants import Variants, View

pages = Blueprint("bench", __name__, url_prefix="/shots/<id:shot_id>")
STEPS = {"set": "Set", "weigh": "Weigh", "block": "Block", "read": "Read", "true": "True", "show": "Show"}
RATES = ("12", "15", "23.976", "24", "25", "29.97", "30", "48", "50", "59.94", "60", "100", "120", "240")


def open_session():
    """A database session of the application at work."""
    return current_app.extensions["sessions"]()


def variants() -> Variants:
    """What the application at work keeps in memory."""
    return current_app.extensions["variants"]


def see(session, shot_id: int, revision: int, variant: str = "now", who: str = "") -> View:
    """A revision as it is seen in a variant, with one performer's reading. Raises NotFound for a shot that was taken
    away, whatever of it is still in memory."""
    shots.check_there(session, shot_id)
    return variants().get(session, shot_id, revision, variant, who)


def read_performers(session, shot_id: int, revision: int, shot: Shot) -> dict[str, Reading]:
    """Readings of all performers by id, as the shot stands at a revision."""
    return {p.id: see(session, shot_id, revision, who=p.id).reading for p in shot.performers}


def _scene(session, shot_id: int, revision: int) -> dict:
    shot = see(session, shot_id, revision).shot
    return scene_data(shot, read_performers(session, shot_id, revision, shot))


def _asked_for(shot: Shot) -> tuple[str, str]:
    """The performer and the item the address asks for, or the first and none where they are not in the shot."""
    ids = {item.id: item for item in shot.items()}
    who, pick = request.args.get("who", ""), request.args.get("pick", "")
    # a performer that is picked is read, unless another one is asked for
    readable = [i for i in (who, pick, shot.performer.id) if isinstance(ids.get(i), Performer)]
    return readable[0], pick if pick in ids else ""


@pages.get("")
def bench(shot_id: int):
    step = request.args.get("step", "read")
    step = step if step in STEPS else "read"
    with open_session() as session:
        at = shots.standing(session, shot_id)
        shot = see(session, shot_id, at.revision).shot
        who, pick = _asked_for(shot)
        setup = {
            "shot": shot_id, "standing": vars(at), "who": who, "pick": pick,
            "scene": _scene(session, shot_id, at.revision), "mark_words": MARK_WORDS, "mark": mark(session),
        }  # fmt: skip
        return render_template(
            "bench.html", shot=shot, steps=STEPS, setup=plain_json(setup), preload=_preload(shot_id, setup), step=step,
            panel=_panel(session, shot_id, at.revision, step), rate=rate_text(shot.rate),
        )  # fmt: skip


def _preload(shot_id: int, setup: dict) -> list[str]:
    """Addresses that the page's script asks for first, so that they are on their way before it runs."""
    at, mark_ = f"/shots/{shot_id}/r/{setup['standing']['revision']}", setup["mark"]
    motions = [f"{at}/motion.f32?as=now&who={p['id']}&v={mark_}" for p in setup["scene"]["performers"]]
    return [f"{at}/reading.json?as=now&who={setup['who']}&v={mark_}", *motions]


@pages.get("/r/<id:revision>/scene.json")
def scene(shot_id: int, revision: int):
    with open_session() as session:
        data = plain_json(_scene(session, shot_id, revision))
        return for_ever(session, data, "application/json")


def _seen_as_asked(session, shot_id: int, revision: int) -> View:
    return see(session, shot_id, revision, request.args.get("as", "now"), request.args.get("who", ""))


@pages.get("/r/<id:revision>/motion.f32")
def motion(shot_id: int, revision: int):
    """Poses of a variant; at an address that names the revision, so it can be cached for ever."""
    with open_session() as session:
        seen = _seen_as_asked(session, shot_id, revision)
        return for_ever(session, motion_bytes(seen.reading), "application/octet-stream")


@pages.get("/r/<id:revision>/reading.json")
def reading(shot_id: int, revision: int):
    with open_session() as session:
        seen = _seen_as_asked(session, shot_id, revision)
        now = see(session, shot_id, revision, who=request.args.get("who", ""))
        data = reading_data(seen)
        data["corrections"] = len(now.performer.corrections)
        data["cost"] = seen.proposal.cost.says if seen.proposal else None
        return for_ever(session, plain_json(data), "application/json")


@pages.get("/r/<id:revision>/physics.json")
def physics(shot_id: int, revision: int):
    """Footing, balance, pushes and spin of a variant, frame by frame."""
    with open_session() as session:
        seen = _seen_as_asked(session, shot_id, revision)
        return for_ever(session, plain_json(physics_data(seen.reading)), "application/json")


@pages.get("/files/<address:address>")
def file(shot_id: int, address: str):
    """A picture or video of a reference, at the hash of its bytes."""
    with open_session() as session:
        kept = files.load(session, address)
        if kept is None:
            raise shots.NotFound("There is no such file. It may have been taken away with its shot.")
        # its address is the hash of its bytes, whatever the database
        return Response(kept.data, mimetype=kept.media_type, headers={"Cache-Control": FOREVER})


def _panel(session, shot_id: int, revision: int, step: str) -> str:
    shot = see(session, shot_id, revision).shot
    who, pick = _asked_for(shot)
    # in Before, numbers are those without any correction; there is nothing to try on them
    before = request.args.get("as") == "before" and step in ("read", "true")
    seen = see(session, shot_id, revision, "before" if before else "now", who)
    flights = [flight_data(seen.reading, f, flight_grade(f, seen.findings)) for f in seen.reading.flights]
    extra = {}
    if step == "set":
        extra = _set_panel(session, shot_id, revision, shot, pick)
    elif step == "weigh":
        kept = weighings.names(session)
        extra = weigh_panel.panel(seen.performer, seen.reading) | {"kept": kept, "grips": _grips(seen.performer)}
    elif step == "block":
        extra = {"parts": parts_of_body(seen.reading.body), "sources": [*shot.props, *shot.guides]}
    elif step == "read":
        extra = _read_panel(session, shot_id, revision, seen, before)
    elif step == "true":
        extra = true_panel.panel(seen, shot.performer_called(who))
    elif step == "show":
        extra["compared"] = _compared(session, shot_id, revision, seen)
    offers = (lambda f: []) if before else lambda f: truing.offers(seen, f.start, f.end, f.kind)
    return render_template(
        f"panels/{step}.html", shot=shot, shot_id=shot_id, revision=revision, reading=seen.reading, before=before,
        findings=[(f, offers(f)) for f in seen.findings],
        flights=flights, grades=GRADES,
        performer=seen.performer,
        explained=list(truing.CORRECTIONS.values()),
        **({"grade": grade_of(seen.findings)} | extra),
    )  # fmt: skip


def _read_panel(session, shot_id: int, revision: int, seen: View, before: bool) -> dict:
    """What the Read panel knows beside the flights: findings of everybody, and one performer's footing."""
    variant = "before" if before else "now"
    views = {p.id: see(session, shot_id, revision, variant, p.id) for p in seen.shot.performers}

    def offers(view: View, finding) -> list:
        # a correction is tried on the performer that is read
        tried = not before and view.performer.id == seen.performer.id
        return truing.offers(view, finding.start, finding.end, finding.kind) if tried else []

    limits = house.limits(session)
    cards, left = read_panel.cards_of(views, offers, limits)
    return {
        "changed_limits": read_panel.changed_limits(seen.shot, limits),
        "cards": cards, "left": left, "grade": grade_of([f for view in views.values() for f in view.findings]),
        "flight_parts": read_panel.flight_cards(seen.reading), "compared_flights": compared(seen.reading),
        "thrown": seen.reading.ask(read_thrown), "taken": seen.reading.ask(read_taken),
        "footing": read_panel.footing_of(seen.shot, seen.reading),
    }  # fmt: skip


def _compared(session, shot_id: int, revision: int, now: View) -> list[tuple]:
    """Each flight as it came and as it is now, (before, now) as flight_data has them; none where nothing differs."""
    if not now.performer.corrections:
        return []
    was = see(session, shot_id, revision, "before", now.performer.id)
    before = [flight_data(was.reading, f, flight_grade(f, was.findings)) for f in was.reading.flights]
    after = [flight_data(now.reading, f, flight_grade(f, now.findings)) for f in now.reading.flights]

    def same(flight: dict) -> dict | None:
        """The flight over the same frames, at least in part: another one tells nothing of this."""
        return next((f for f in after if f["start"] <= flight["end"] and flight["start"] <= f["end"]), None)

    return [(flight, same(flight)) for flight in before]


def _grips(performer: Performer) -> list[tuple[str, str]]:
    """What can hold a load, as (joint names, words): hands first, then any joint."""
    names = performer.rig.names
    palms = (p for p in performer.body().anatomy.contact_points if p.point == "palm")
    hands = {palm.side: names[palm.joint] for palm in palms}
    out = [(hands[side], f"the {side} hand") for side in ("right", "left") if side in hands]
    if len(out) == 2:
        out.insert(0, (",".join(value for value, _ in out), "both hands"))
    return out + [(name, name) for name in names if name not in hands.values()]


def _set_panel(session, shot_id: int, revision: int, shot: Shot, pick: str) -> dict:
    """What the Set panel knows beside the shot: sizes of all bodies, and the item picked on the scene sheet."""
    readings = read_performers(session, shot_id, revision, shot)
    heights = {who: reading.body.anatomy.height_m for who, reading in readings.items()}
    return {
        "sizes": sizes_picture((p.name, readings[p.id]) for p in shot.performers),
        "picked": shot.item(pick) if pick else None, "heights": heights, "worlds": WORLDS, "rates": RATES,
        "rate": rate_text(shot.rate), "stock": STOCK, "poses": POSES, "kinds": KINDS, "ways": WAYS,
        "points_of": points_of, "mark_words": MARK_WORDS,
    }  # fmt: skip


@pages.get("/r/<id:revision>/panels/<step>")
def panel(shot_id: int, revision: int, step: str):
    if step not in STEPS:
        raise shots.NotFound("There is no such step.")
    with open_session() as session:
        return _panel(session, shot_id, revision, step)


@pages.get("/r/<id:revision>/line-up.json")
def line_up(shot_id: int, revision: int):
    """The two points that would be lined up at a frame, and the gap between them."""
    asked = {name: request.args.get(name, "") for name in ("item", "point", "other", "other_point")}
    frame = asked_frame("frame")
    with open_session() as session:
        shot = see(session, shot_id, revision).shot
    if frame is None or not shot.first_frame <= frame <= shot.last_frame:
        raise EditError("Two points are lined up at a frame of the shot.")
    at = point_at(shot, asked["item"], asked["point"], frame)
    to = point_at(shot, asked["other"], asked["other_point"], frame)
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
    return vars(apply_edit(shot_id, wanted.revision, lambda seen: to_edit(wanted.edit, seen), _who(wanted.edit)))


def _who(command) -> str:
    return getattr(command, "performer", "")


def apply_edit(shot_id: int, revision: int, make, who: str = "", along=None) -> shots.Standing:
    """Applies the edit that `make` makes of what is seen at a revision; refused if the shot has moved on.

    along : called with the session, for what must be kept along with the edit
    """
    with open_session() as session:
        if shots.standing(session, shot_id).revision != revision:
            shots.refuse_stale()
        edit = make(see(session, shot_id, revision, who=who))
        return variants().apply(session, shot_id, revision, edit, along)


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
