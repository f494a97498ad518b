"""What a panel looks at: a shot at a revision, one performer as it is seen, and what is picked."""

from dataclasses import dataclass

from flask import request
from sqlalchemy.orm import Session

from ironarc.core.document import Performer, Shot
from ironarc.core.judging import flight_grades
from ironarc.core.reading import Reading
from ironarc.web.bench_data import flight_data
from ironarc.web.seeing import see
from ironarc.web.variants import View

WITH_BEFORE = ("read", "true")  # steps whose numbers are those of the motion that is shown


@dataclass(frozen=True)
class Look:
    """shot : as it stands; seen : the performer that is read, without corrections where `before`; pick : the item that
    is picked on the scene sheet, or \"\""""

    session: Session
    shot_id: int
    revision: int
    shot: Shot
    seen: View
    pick: str
    before: bool

    def view(self, who: str) -> View:
        """Another performer, as the one that is read is seen."""
        return see(self.session, self.shot_id, self.revision, "before" if self.before else "now", who)

    def readings(self) -> dict[str, Reading]:
        """Of all performers by id, as the shot stands."""
        return {p.id: see(self.session, self.shot_id, self.revision, who=p.id).reading for p in self.shot.performers}


def looked_at(shot: Shot) -> tuple[str, str]:
    """The performer and the item the address asks for, or the first and none where they are not in the shot."""
    ids = {item.id: item for item in shot.items()}
    who, pick = request.args.get("who", ""), request.args.get("pick", "")
    # a performer that is picked is read, unless another one is asked for
    readable = [i for i in (who, pick, shot.performer.id) if isinstance(ids.get(i), Performer)]
    return readable[0], pick if pick in ids else ""


def look_at(session: Session, shot_id: int, revision: int, step: str) -> Look:
    """What the panel of a step looks at, as the address asks for it."""
    shot = see(session, shot_id, revision).shot
    who, pick = looked_at(shot)
    # in Before, numbers are those without any correction; there is nothing to try on them
    before = request.args.get("as") == "before" and step in WITH_BEFORE
    seen = see(session, shot_id, revision, "before" if before else "now", who)
    return Look(session, shot_id, revision, shot, seen, pick, before)


def flights_of(view: View, begins: int = 0, most: int | None = None) -> list[dict]:
    """Its flights with their grades, as the bench tells them: all, or so many from one of them on."""
    flights = view.reading.flights[begins : None if most is None else begins + most]
    grades = flight_grades(flights, view.findings)
    return [flight_data(view.reading, f, grade) for f, grade in zip(flights, grades, strict=True)]
