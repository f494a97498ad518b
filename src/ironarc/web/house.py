"""Limits of findings for the house: for every shot that has none of its own."""

from flask import Blueprint, request
from pydantic import BaseModel, ConfigDict, TypeAdapter

from ironarc.core.document import Limit
from ironarc.core.errors import EditError
from ironarc.core.judging.grades import GRADES
from ironarc.store import house
from ironarc.web.arguments import read_body
from ironarc.web.keeping import forget_mark, mark
from ironarc.web.seeing import open_session, variants

pages = Blueprint("house", __name__)


class HouseLimit(BaseModel):
    """Limits of a kind of finding, in its own unit; none to go back to the table's."""

    model_config = ConfigDict(extra="forbid", allow_inf_nan=False)
    finding: str
    strained: float | None = None
    cracked: float | None = None


_LIMIT = TypeAdapter(HouseLimit)


@pages.post("/house/limits")
def set_limit():
    """Keeps it, and answers with the mark that addresses carry from now on."""
    wanted = read_body(_LIMIT, request.get_data())
    if wanted.finding not in GRADES:
        raise EditError(f"There is no finding called {wanted.finding}; there are {', '.join(GRADES)}.")
    with open_session() as session:
        if wanted.strained is None or wanted.cracked is None:
            house.reset(session, wanted.finding)
        elif not 0 < wanted.strained <= wanted.cracked:
            raise EditError(f"Limits of {wanted.finding} are more than 0, and strained comes before cracked.")
        else:
            house.keep(session, Limit(wanted.finding, wanted.strained, wanted.cracked))
        session.commit()
        variants().judge_anew(house.limits(session))
        forget_mark()
        return {"mark": mark(session)}
