"""What the Read panel shows: findings of everybody as cards, flights with wind-up and landing, the footing."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass

from ironarc.core.document import Limit, Shot
from ironarc.core.judging.evidence import Evidence, evidence_of
from ironarc.core.judging.finding import RANK, Finding, Limits
from ironarc.core.judging.grades import GRADES, limits_of
from ironarc.core.judging.plain_units import PLAIN_UNITS, told, with_unit
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import FLOOR, frame_spans
from ironarc.core.reading.impact import read_pushes
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.spin import carried_in, inertia_in
from ironarc.core.reading.thrown import angle_deg
from ironarc.core.truing import Try
from ironarc.web.picture import evidence_picture
from ironarc.web.variants import View


@dataclass(frozen=True)
class Card:
    """One finding as it is shown: first of those of its cause, with the others as its evidence."""

    finding: Finding
    who: str
    offers: list[Try]
    picture: dict
    evidence: Evidence
    value: str
    limit: str
    strained: float
    cracked: float
    unit: str
    changed: str
    rest: tuple[Finding, ...] = ()

    @property
    def ids(self) -> list[str]:
        """Of all of it, which is left or taken up as one."""
        return [f.id for f in (self.finding, *self.rest)]

    @property
    def frames(self) -> tuple[int, int]:
        """First and last frame of all of it."""
        spans = [self.finding, *self.rest]
        return min(f.start for f in spans), max(f.end for f in spans)


def cards_of(
    views: Mapping[str, View], offers: Callable[[View, Finding], list[Try]], house: Sequence[Limit]
) -> tuple[list[Card], list[Card]]:
    """Cards of all performers, what a viewer notices most first; and those that are left as they are.

    views : by performer id; offers : the corrections a finding can be tried with; house : limits of the house
    """
    cards: list[Card] = []
    for view in views.values():
        limits = limits_of(view.shot.limits, house)
        together: dict[tuple, list[Finding]] = {}
        for i, finding in enumerate(view.findings):
            cause = finding.cause or f"alone-{i}"
            together.setdefault((cause, bool(finding.left)), []).append(finding)
        for found in together.values():
            cards.append(_card(found, view, offers, limits, house))
    cards.sort(key=lambda c: (-RANK[c.finding.grade], -c.finding.notice))
    return [c for c in cards if not c.finding.left], [c for c in cards if c.finding.left]


def _card(found: list[Finding], view: View, offers, limits: Limits, house: Sequence[Limit]) -> Card:
    # the first kind of the table among the worst says it best: a jump that hangs, before the arc it leaves by that
    kinds = list(GRADES)
    found = sorted(found, key=lambda f: (-RANK[f.grade], kinds.index(f.kind), -f.notice))
    lead, rest = found[0], tuple(found[1:])
    grade = limits[lead.kind]
    unit, times = PLAIN_UNITS.get(lead.unit, (lead.unit, 1.0))
    proof = evidence_of(lead, view.reading, limits)
    tried = {offer.text: offer for f in found for offer in offers(view, f)}
    shot_kinds, house_kinds = {x.kind for x in view.shot.limits}, {x.kind for x in house}
    changed = "shot" if lead.kind in shot_kinds else "house" if lead.kind in house_kinds else ""
    return Card(
        lead, view.performer.name, list(tried.values()), evidence_picture(proof), proof,
        told(lead.value, lead.unit), told(lead.limit, lead.unit),
        grade.strained * times, grade.cracked * times, unit, changed, rest,
    )  # fmt: skip


def changed_limits(shot: Shot, house: Sequence[Limit]) -> list[tuple[str, str, str, str]]:
    """(kind, label, the limits in words, "shot" or "house") of every kind whose limits were changed."""
    out = []
    for where, limits in (("shot", shot.limits), ("house", house)):
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


def flight_cards(reading: Reading) -> dict[int, dict]:
    """By a flight's first frame: wind-up and landing, and who carries its spin."""
    pushes = reading.ask(read_pushes)
    out = {}
    for flight in reading.flights:
        out[flight.start] = {
            "take_off": next((p for p in pushes if p.flight is flight and p.at_take_off), None),
            "landing": next((p for p in pushes if p.flight is flight and not p.at_take_off), None),
            "carried": carried_in(reading, flight),
            "angle": angle_deg(flight.take_off_ms),
            "inertia": inertia_in(reading, flight),
            "spin_share": flight.spin.unsteadiness,
        }
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
