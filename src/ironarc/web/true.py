"""True: ways to settle a finding, what comes of one that is tried, and work for the background."""

from dataclasses import fields
from typing import get_type_hints

from flask import Blueprint, render_template, request
from pydantic import BaseModel, ConfigDict, TypeAdapter

from ironarc.core import effort, truing
from ironarc.core.edits.commands.registry import check_frames
from ironarc.core.errors import EditError
from ironarc.core.judging import Finding
from ironarc.core.judging.grades import GRADES
from ironarc.core.judging.judge import match
from ironarc.core.judging.plain_units import told
from ironarc.core.truing import Try, Way, plan
from ironarc.core.truing.corrections import arc
from ironarc.core.truing.trial import WORSE, outcomes
from ironarc.store import shots, work
from ironarc.web.arguments import frame_argument, read_body
from ironarc.web.bench import apply_edit
from ironarc.web.keeping import for_ever, plain_json
from ironarc.web.seeing import open_session, see, variants
from ironarc.web.variants import AGAIN, View

pages = Blueprint("true", __name__, url_prefix="/shots/<id:shot_id>")
STRICT = ConfigDict(extra="forbid", allow_inf_nan=False)
WAYS_S = 8.0  # of processor time in which ways are tried; the rest are offered untried
IN_OWN_FIELDS = ("start", "end", "frame", "keep", "parts", "quick", "passes")  # told elsewhere than on the try's form


class WorkRequest(BaseModel):
    """Work for the background: a correction as an address names it, or a plan."""

    model_config = STRICT
    revision: int
    performer: str
    what: str
    asked: str
    start: int | None = None
    end: int | None = None


class TakeRequest(BaseModel):
    """Takes what came of work."""

    model_config = STRICT
    revision: int


WORK_REQUEST, TAKE_REQUEST = TypeAdapter(WorkRequest), TypeAdapter(TakeRequest)


@pages.get("/r/<id:revision>/ways")
def ways(shot_id: int, revision: int):
    """What can settle a finding, tried, the best first."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
        finding = next((f for f in seen.findings if f.id == request.args.get("finding", "")), None)
        if finding is None:
            raise EditError("That finding is not there any more. Look at the punch list as it is now.")
        untried: list[tuple[Try, Way]] = []
        with effort.limited(WAYS_S):
            found = outcomes(seen, seen.findings, finding, untried=untried)
        slow = [(wanted, way.label or wanted.correction.label) for wanted, way in untried]
        return render_template("partials/ways.html", outcomes=found, finding=finding, slow=slow)


@pages.get("/r/<id:revision>/ways-at")
def ways_at(shot_id: int, revision: int):
    """Every correction that can be tried on a frame, whether anything is found there or not; of the others, what they
    need."""
    with open_session() as session:
        seen = see(session, shot_id, revision, who=request.args.get("who", ""))
        asked = frame_argument("frame")
        frame = seen.shot.first_frame if asked is None else asked
        check_frames(seen.shot, frame)
        with effort.limited(WAYS_S):
            there = list(truing.places_at(seen, frame, frame))
        can = {ways[0][0].correction.name for ways in there}
        others = [found for found in truing.CORRECTIONS.values() if found.name not in can]
        return render_template("partials/ways_at.html", there=there, others=others, frame=frame)


@pages.get("/r/<id:revision>/trial.json")
def trial(shot_id: int, revision: int):
    """What a variant that is tried would change: the punch list beside the old one, and the options it has."""
    with open_session() as session:
        who, variant = request.args.get("who", ""), request.args.get("as", "")
        now = see(session, shot_id, revision, who=who)
        tried = see(session, shot_id, revision, variant, who)
        data = {"rows": _rows(now, tried), "options": _options(now, variant), "label": _label(now, variant)}
        return for_ever(session, plain_json(data), "application/json")


def _rows(now: View, tried: View) -> list[dict]:
    """Findings as they stand and as they would be, one row each."""
    was = [f for f in now.findings if not f.left]
    then = [f for f in tried.findings if not f.left]
    pairs, out = match(was, then), []
    for f in was:
        after = pairs[f.id]
        state = "settled" if after is None else "worse" if after.value > f.value * WORSE else "stays"
        out.append(_row(f, f, after, state))
    matched = {f.id for f in pairs.values() if f is not None}
    out += [_row(f, None, f, "new") for f in then if f.id not in matched]
    return out


def _size(finding: Finding | None) -> str:
    return "–" if finding is None else told(finding.value, finding.unit)


def _row(shown: Finding, before: Finding | None, after: Finding | None, state: str) -> dict:
    return {
        "kind": shown.kind, "label": GRADES[shown.kind].label, "part": shown.part, "start": shown.start,
        "end": shown.end, "before": _size(before), "after": _size(after), "state": state,
        "grade": (after or before).grade,
    }  # fmt: skip


def _wanted(now: View, variant: str) -> Try | None:
    """The correction a variant tries, by itself or in place of one that was taken."""
    if found := AGAIN.fullmatch(variant):
        return truing.read_try(found[2])
    return truing.read_try(variant)


def _label(now: View, variant: str) -> str:
    wanted = _wanted(now, variant)
    if found := AGAIN.fullmatch(variant):
        return f"{now.performer.layer(found[1]).name}, made anew"
    if wanted is None:
        return "What was worked out"
    for place in now.ask(wanted.correction.places):
        for way in place.ways:
            if way.options == wanted.options:
                return way.label or wanted.correction.label
    return wanted.correction.label


def _options(now: View, variant: str) -> list[dict]:
    """Fields of the try's form."""
    wanted = _wanted(now, variant)
    if wanted is None:
        return []
    hints, out = get_type_hints(type(wanted.options)), []
    for f in fields(wanted.options):
        value = getattr(wanted.options, f.name)
        shown = {"name": f.name, "value": value, "type": hints[f.name].__name__}
        shown |= {k: f.metadata.get(k) for k in ("words", "unit", "low", "high", "choices", "found")}
        if f.name in IN_OWN_FIELDS:
            shown["type"] = "hidden"
        if wanted.correction.name == arc.NAME and f.name == "hang":
            shown |= _between(now, wanted)
        out.append(shown)
    return out


def _between(now: View, wanted: Try) -> dict:
    """The slider that meets half-way: from the time that the height needs to the time it has, and some way beyond."""
    first = next((f for f in now.reading.flights if f.start <= wanted.options.frame <= f.end), None)
    if first is None:
        return {}
    ends = sorted((arc.true_hang(now.reading, first), first.hang_frames))
    beyond = max(2, (ends[1] - ends[0]) // 2)
    return {
        "value": wanted.options.hang or first.hang_frames, "low": max(ends[0] - beyond, 2), "high": ends[1] + beyond,
        "slider": True, "marks": [arc.true_hang(now.reading, first), first.hang_frames],
    }  # fmt: skip


@pages.post("/work")
def begin(shot_id: int):
    """Puts work on the queue."""
    wanted = read_body(WORK_REQUEST, request.get_data())
    if wanted.what not in ("correction", "plan"):
        raise EditError("Work is a correction or a plan.")
    with open_session() as session:
        shots.check_there(session, shot_id)
        shot = variants().shot(session, shot_id, wanted.revision)
        performer = shot.performer_called(wanted.performer).id
        if wanted.what == "correction":
            found = truing.read_try(wanted.asked)
            if found is None:
                raise EditError("There is no such correction.")
            check_frames(shot, found.frames)
        elif wanted.asked.strip() != plan.ALL:
            plan.read_plan(wanted.asked)
        # what it takes is looked into by the worker, which has read the motion: nobody waits for that here
        asked = work.Asked(
            shot_id, wanted.revision, performer, wanted.what, wanted.asked, wanted.start, wanted.end
        )  # fmt: skip
        return {"work": work.ask(session, asked)}


@pages.get("/work.json")
def newest(shot_id: int):
    """The work that is on its way on a shot, or that ended last on the revision it stands at; null for none."""
    with open_session() as session:
        revision = shots.standing(session, shot_id).revision
        row = work.newest(session, shot_id, revision)
        return {"work": None if row is None else _told(session, row)}


@pages.get("/work/<id:work_id>.json")
def state(shot_id: int, work_id: int):
    """How far work is."""
    with open_session() as session:
        return _told(session, _row_of(session, shot_id, work_id))


def _row_of(session, shot_id: int, work_id: int):
    row = work.look(session, work_id)
    if row.shot_id != shot_id:
        raise shots.NotFound("There is no such work on this shot.")
    return row


def _told(session, row) -> dict:
    says = work.queue_says(session, row) if row.state == work.WAITING else row.says
    return {
        "work": row.id, "state": row.state, "share": row.share, "says": says, "picture": row.picture,
        "what": row.what, "asked": row.asked, "revision": row.revision, "performer": row.performer,
        "ended": row.state in work.ENDED,
    }  # fmt: skip


@pages.post("/work/<id:work_id>/stop")
def stop(shot_id: int, work_id: int):
    with open_session() as session:
        _row_of(session, shot_id, work_id)
        work.stop(session, work_id)
        return _told(session, work.look(session, work_id))


@pages.post("/work/<id:work_id>/take")
def take(shot_id: int, work_id: int):
    """Takes what came of work; refused if the shot has moved on since it was asked for."""
    wanted = read_body(TAKE_REQUEST, request.get_data())
    with open_session() as session:
        row = _row_of(session, shot_id, work_id)
        edit, revision, who = work.result(row), row.revision, row.performer
    if revision != wanted.revision:
        raise EditError("The shot was changed after this was asked for. Put it back, and find it anew.")
    return vars(apply_edit(shot_id, wanted.revision, lambda seen: edit, who))
