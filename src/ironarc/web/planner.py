"""The Planner: the timing of a jump before there is a body. A page of its own, and a drawer on the bench."""

from flask import Blueprint, render_template, request

from ironarc.core.errors import EditError
from ironarc.core.planning.ballistics import WORLDS
from ironarc.core.scene.rate import parse_rate
from ironarc.core.settings import GRAVITY_MS2
from ironarc.web import planning

pages = Blueprint("planner", __name__, url_prefix="/planner")
FIRST = {"rise_cm": "30.6", "drop_cm": "30.6", "fps": "24", "g": f"{GRAVITY_MS2:g}"}


def _form(values) -> dict:
    known = {name: values[name] for name in (*planning.FIELDS, "g", "fps") if name in values}
    return known or dict(FIRST)


@pages.get("")
def page():
    return render_template("planner.html", **_parts(_form(request.args)), form=_form(request.args))


@pages.get("/drawer")
def drawer():
    """The planner as the bench shows it, beginning with the shot's own rate and gravity."""
    form = _form(request.args)
    form = FIRST | form if not set(planning.FIELDS) & set(form) else form
    return render_template("partials/planner.html", **_parts(form), form=form, drawer=True)


@pages.get("/answer")
def answer():
    return render_template("partials/plan.html", **_answer(_form(request.args)))


@pages.get("/bounces")
def bounces():
    return render_template("partials/bounces.html", **_bounces(request.args))


def _parts(form: dict) -> dict:
    bouncing = {"bounce_cm": "100", "factor": "0.6", "g": form.get("g", ""), "fps": form.get("fps", "")}
    return {"fields": planning.FIELDS, "worlds": WORLDS, "bouncing": bouncing} | _answer(form) | _bounces(bouncing)


def _answer(form: dict) -> dict:
    """What the plan's template shows, or the sentence that says why there is none."""
    try:
        wanted = planning.read_form(form)
        plan = wanted.solve()
    except EditError as error:
        return {"plan": None, "problem": str(error)}
    return {
        "plan": plan, "problem": "", "answers": planning.answers(plan),
        "whole": planning.whole_frame_says(plan), "eases": planning.ease_says(plan),
        "arch": planning.arch_drawing(plan), "chart": planning.heights_drawing(plan), "rows": plan.frame_table(),
        "bodies": planning.by_body(plan), "solved": planning.solved(plan), "every": max(1, round(plan.frames / 12)),
    }  # fmt: skip


def _bounces(values) -> dict:
    try:
        number = {
            name: planning.read_number(word, values.get(name, "")) for name, word in planning.BOUNCE_FIELDS.items()
        }
        fps = float(parse_rate(values.get("fps", "24")))
        table = planning.bounce_table(number["bounce_cm"], number["factor"], number["g"], fps)
    except EditError as error:
        return {"bounces": None, "bounce_problem": str(error)}
    drawing = planning.bounce_drawing(number["bounce_cm"], table, fps)
    return {"bounces": table, "bounce_problem": "", "bounce_drawing": drawing}
