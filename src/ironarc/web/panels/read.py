"""The Read panel: findings of everybody as cards, flights with wind-up and landing, the footing."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ironarc.core import truing
from ironarc.core.document import Limit, Shot
from ironarc.core.judging import grade_of
from ironarc.core.judging.compared import compared
from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.finding import RANK, Finding
from ironarc.core.judging.findings import by_cause, can_judge, evidence_of
from ironarc.core.judging.grades import GRADES, limits_of
from ironarc.core.judging.judge import exchanges_of, others
from ironarc.core.judging.plain_units import PLAIN_UNITS, told, with_unit
from ironarc.core.judging.unjudged import nothing_moves, unjudged_of_all
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import FLOOR, frame_spans
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.impact import read_pushes
from ironarc.core.reading.shot import other_floor
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.spin import carried_in, inertia_in
from ironarc.core.reading.thrown import angle_deg, read_taken, read_thrown
from ironarc.core.truing import Try
from ironarc.store import house
from ironarc.web.panels.look import Look, flights_of
from ironarc.web.picture import evidence_picture, exchange_picture
from ironarc.web.variants import View

AT_ONCE = 20  # cards of the list, which more follow as one scrolls
FLIGHTS_AT_ONCE = 6


def context(look: Look) -> dict:
    seen = look.seen
    views = {p.id: look.view(p.id) for p in seen.shot.performers}
    cards, left = cards_of(views)
    readings = {performer: view.reading for performer, view in views.items()}
    limits = limits_of(seen.shot.limits, house.limits(look.session))
    return {
        "unjudged": unjudged_of_all(seen.shot, readings), "moves": not nothing_moves(seen.shot, readings),
        "grades": GRADES, "grade": grade_of([f for view in views.values() for f in view.findings]),
        "cards": cards, "left": left, "listed": listed(look, cards, 0),
        "changed_limits": changed_limits(seen.shot, house.limits(look.session)),
        "flown": flown(seen, 0),
        "judged": [can_judge(f, seen.reading.g, limits) for f in seen.reading.flights],
        "compared_flights": compared(seen.reading),
        "thrown": seen.reading.ask(read_thrown), "taken": seen.reading.ask(read_taken),
        "exchanges": [(e, exchange_picture(e)) for e in seen.ask(exchanges_of)],
        "footing": footing_of(seen.shot, seen.reading), "other_floor": seen.reading.ask(other_floor),
    }  # fmt: skip


@dataclass(frozen=True)
class Card:
    """One finding as it stands in the list: first of those of its cause, with the others as its evidence.

    offer : the usual correction it can be tried with, or None; limit, value : in words
    """

    finding: Finding
    who: str
    rest: tuple[Finding, ...] = ()
    offer: Try | None = None

    @property
    def value(self) -> str:
        return told(self.finding.value, self.finding.unit)

    @property
    def limit(self) -> str:
        return told(self.finding.limit, self.finding.unit)

    @property
    def ids(self) -> list[str]:
        """Of all of it, which is left or taken up as one."""
        return [f.id for f in (self.finding, *self.rest)]

    @property
    def frames(self) -> tuple[int, int]:
        """First and last frame of all of it."""
        spans = [self.finding, *self.rest]
        return min(f.start for f in spans), max(f.end for f in spans)


@dataclass(frozen=True)
class Proof:
    """What a card opens to: its curve, its numbers, its limits (strained, cracked in `unit`), and where these were
    changed, "shot", "house" or ""."""

    finding: Finding
    evidence: Evidence
    picture: dict
    strained: float
    cracked: float
    unit: str
    changed: str
    by_hand: bool


@dataclass(frozen=True)
class Listed:
    """Some cards of the list, with what they can be tried with. ends : place of the next one among those that are asked
    for; there : how many of those there are; following : what the next ones are asked for with"""

    cards: list[Card]
    ends: int
    there: int
    following: dict[str, str]


FILTERS = {
    "kind": lambda f: f.kind, "grade": lambda f: f.grade, "part": lambda f: f.part, "performer": lambda f: f.performer,
}  # fmt: skip


def listed(look: Look, cards: list[Card], begins: int, asked: Mapping[str, str] | None = None) -> Listed:
    """The next cards of those that are asked for, from one of them on: offers are worked out for these alone."""
    asked = {name: wanted for name, wanted in (asked or {}).items() if wanted and name in FILTERS}
    found = [c for c in cards if all(FILTERS[name](c.finding) == wanted for name, wanted in asked.items())]
    seen, before = look.seen, look.before
    out = []
    for card in found[begins : begins + AT_ONCE]:
        # a correction is tried on the performer that is read
        if before or card.finding.performer != seen.performer.id:
            out.append(card)
            continue
        tries = (truing.first_offer(seen, f.start, f.end, f.kind) for f in (card.finding, *card.rest))
        out.append(replace(card, offer=next((wanted for wanted in tries if wanted), None)))
    ends = begins + len(out)
    following = asked | {"begins": str(ends), "who": seen.performer.id, "as": "before" if before else "now"}
    return Listed(out, ends, len(found), following)


def more_cards(look: Look, begins: int, asked: Mapping[str, str]) -> Listed:
    """As `listed`, of all cards of a shot."""
    cards, _ = cards_of({p.id: look.view(p.id) for p in look.seen.shot.performers})
    return listed(look, cards, begins, asked)


def cards_of(views: Mapping[str, View]) -> tuple[list[Card], list[Card]]:
    """Cards of all performers, what a viewer notices most first; and those that are left as they are. views : by
    performer id"""
    cards = [_card(found, view) for view in views.values() for found in by_cause(view.findings)]
    cards.sort(key=lambda c: (-RANK[c.finding.grade], -c.finding.notice))
    return [c for c in cards if not c.finding.left], [c for c in cards if c.finding.left]


def _card(found: list[Finding], view: View) -> Card:
    lead, *rest = found
    return Card(lead, view.performer.name, tuple(rest))


def proof_of(finding: Finding, view: View, house_limits: Sequence[Limit], by_hand: bool) -> Proof:
    """What a finding's card opens to. house_limits : of the house; by_hand : whether no correction settles it"""
    limits = limits_of(view.shot.limits, house_limits)
    grade = limits[finding.kind]
    unit, times = PLAIN_UNITS.get(finding.unit, (finding.unit, 1.0))
    evidence = evidence_of(finding, view.reading, limits, others(view.shot, view.performer))
    in_shot, in_house = (finding.kind in {x.kind for x in where} for where in (view.shot.limits, house_limits))
    changed = "shot" if in_shot else "house" if in_house else ""
    return Proof(
        finding, evidence, evidence_picture(evidence), grade.strained * times, grade.cracked * times, unit, changed,
        by_hand,
    )  # fmt: skip


def changed_limits(shot: Shot, house_limits: Sequence[Limit]) -> list[tuple[str, str, str, str]]:
    """(kind, label, the limits in words, "shot" or "house") of every kind whose limits were changed."""
    out = []
    for where, limits in (("shot", shot.limits), ("house", house_limits)):
        for x in limits:
            if x.kind in GRADES:
                unit, times = PLAIN_UNITS.get(GRADES[x.kind].unit, (GRADES[x.kind].unit, 1.0))
                cracked = with_unit(unit, f"{x.cracked * times:.3g}")
                words = f"strained from {x.strained * times:.3g}, cracked from {cracked}"
                out.append((x.kind, GRADES[x.kind].label, words, where))
    return out


def plain_limit(kind: str, value: float) -> float:
    """A limit typed in the unit it is shown in, in its own unit."""
    _, times = PLAIN_UNITS.get(GRADES[kind].unit, ("", 1.0))
    return value / times


@dataclass(frozen=True)
class Flown:
    """Some flights of a performer. cards : of each what the bench tells of it, and wind-up, landing and who carries its
    spin; ends : place of the next one; there : how many there are"""

    cards: list[tuple[dict, dict]]
    ends: int
    there: int


def flown(view: View, begins: int) -> Flown:
    """The next flights from one of them on."""
    told = flights_of(view, begins, FLIGHTS_AT_ONCE)
    more = _parts_of(view.reading, view.reading.flights[begins : begins + FLIGHTS_AT_ONCE])
    return Flown(list(zip(told, more, strict=True)), begins + len(told), len(view.reading.flights))


def _parts_of(reading: Reading, flights: Sequence[Flight]) -> list[dict]:
    pushes = reading.ask(read_pushes)
    out = []
    for flight in flights:
        parts = {
            "take_off": next((p for p in pushes if p.flight is flight and p.at_take_off), None),
            "landing": next((p for p in pushes if p.flight is flight and not p.at_take_off), None),
            "carried": carried_in(reading, flight),
            "angle": angle_deg(flight.take_off_ms),
            "inertia": inertia_in(reading, flight),
            "spin_share": flight.spin.unsteadiness,
        }
        out.append(parts)
    return out


def footing_of(shot: Shot, reading: Reading) -> dict:
    """What can be said of the footing: what is in doubt, the parts and surfaces there are, and what was said."""
    parts = parts_of(reading.traced.track.skin, reading.poses.rig.names)
    return {
        "doubt": frame_spans(reading.footing.doubt, reading.poses.frames),
        "parts": list(parts),
        "surfaces": [(FLOOR, "the floor"), *((p.id, p.name) for p in shot.props)],
        "by_hand": [c for c in reading.contacts if c.by_hand],
        "said": reading.said is not None,
        "props": [(p.id, p.name) for p in shot.props],
    }
