"""Findings of a performer as it stands in a shot: held against the shot's limits, known again, left as they are."""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

import numpy as np

from ironarc.core.document import Left, Limit, Performer, Shot
from ironarc.core.judging.exchanges import Exchange, exchanges
from ironarc.core.judging.findings import Finding, Limits, find
from ironarc.core.judging.grades import limits_of
from ironarc.core.judging.on_blows import Blow, blows_on
from ironarc.core.judging.others import Beside, Loose, Others
from ironarc.core.motion.layers import LET_GO
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading
from ironarc.core.reading.faults import HOVER, SINK, SLIDE
from ironarc.core.reading.shot import Seen, own_span
from ironarc.core.scene.props import middle_of

PHANTOM = "phantom"
FORCES = (PHANTOM, "arc", "push", "spin", "kink", "balance", "jerk", "fast")  # that a blow explains
BESIDE = 3  # frames that such a finding lies beside its blow
AS_MUCH = 1.5  # times what the blow gives, that it may ask for
# What a body that falls by itself may do, up to how much
FALLS = {
    SLIDE: ("slides", np.inf), "balance": ("lies as it fell", np.inf), SINK: ("its flesh gives", 0.025),
    HOVER: ("lies on more than is read", 0.05),
}  # fmt: skip
COVERED = 0.5  # of its frames, from which a finding is the one that was left
WORSE = 1.25  # times what it was when it was left, from which it speaks again


def judge(
    shot: Shot, performer: Performer, reading: Reading, house: Sequence[Limit] = (),
    readings: Mapping[str, Reading] | None = None,
) -> list[Finding]:  # fmt: skip
    """All findings of one performer, worst first; those it leaves as they are carry the reason.

    house : limits of the house, which the shot's own go before; readings : of others, those that are at hand, saves
        evaluating them
    """
    about = others(shot, performer, readings)
    judged, asked = reading.ask(_judged), (performer, shot.limits, tuple(house))
    if judged and judged[0][0] is performer and judged[0][1:] == asked[1:] and judged[1].is_like(about):
        return list(judged[2])
    blows = blows_on(reading, about)
    before = judged or (reading.before(_judged) or (None, []))[1]
    by = _held_by(performer, reading, blows)
    # what was found before, as nearly all is after an edit, is what it was
    known = before[3] if before and before[4] == by else {}
    raw = find(reading, limits_of(shot.limits, house), about)
    # rules give the very findings that they gave before
    found = [
        known[id(one)][1] if id(one) in known else _held(one, performer, reading, blows) for one in raw
    ]  # fmt: skip
    held = {id(one): (one, as_held) for one, as_held in zip(raw, found, strict=True)}
    judged[:] = [asked, about, tuple(found), held, by]
    return found


def _held_by(performer: Performer, reading: Reading, blows: Sequence[Blow]) -> tuple:
    """All that makes a rule's finding a performer's."""
    let_go = tuple(layer for layer in performer.layers if layer.made_by == LET_GO)
    struck = tuple((blow.frame, blow.by, blow.touch.impulse_ns) for blow in blows)
    body = reading.body.mass_kg, reading.poses.dt, reading.g
    return performer.id, performer.clip, performer.timing, performer.left, let_go, struck, body


def _held(raw: Finding, performer: Performer, reading: Reading, blows: Sequence[Blow]) -> Finding:
    """A finding of a rule as a performer's: its own frames, and why it is left where it is."""
    own = own_span(reading.own, reading.poses.frames, raw.start, raw.end)
    finding = replace(raw, performer=performer.id, own=own)
    by_hand = _reason(finding, performer.left)
    left = by_hand or _falls(finding, performer) or _struck(finding, blows)
    return replace(finding, left=left, by_hand=bool(by_hand)) if left else finding


def _judged(reading: Reading) -> list:
    """As what it was judged last, what was about it, what was found, that with what rules found (by identity),
    and what it was held by: [] for never. The card of an edit and what is then shown are judged alike."""
    return []


def others(shot: Shot, performer: Performer, readings: Mapping[str, Reading] | None = None) -> Others:
    """What is about a performer in a shot, on all of its frames. readings : by performer id, those that are at hand"""
    frames, near = shot.frame_numbers(), [p for p in shot.performers if p.id != performer.id]

    def poses_of(who: str) -> Callable[[], Poses]:
        # what is at hand is kept as poses: a reading that kept the other's would keep it for ever
        found = (readings or {}).get(who)
        here = found.poses if found else None
        return lambda: here or shot.poses(who, frames)

    # whom a pin or a prop ties to the performer moves with it
    tied = any(pin.to for p in near for pin in p.pins) or any(prop.holds for prop in shot.props)
    strips = performer.strips_seen()
    return Others(
        performer.id,
        tuple(Beside(p.id, p.name, p.body(), poses_of(p.id)) for p in near),
        lambda: loose_props(shot, frames),
        strips,
        (
            performer.id, *performer.strips, performer.timing, *(shot.performers if tied else near), *shot.props,
            shot.first_frame, shot.frames, shot.frame_time_s, shot.g, shot.floor_m,
        ),
    )  # fmt: skip


def blows_of(seen: Seen) -> list[Blow]:
    """What strikes the performer that is seen."""
    return blows_on(seen.reading, others(seen.shot, seen.performer))


def exchanges_of(seen: Seen) -> list[Exchange]:
    """What the performer that is seen and those it meets give each other."""
    return exchanges(seen.reading, others(seen.shot, seen.performer))


def loose_props(shot: Shot, frames: np.ndarray) -> tuple[Loose, ...]:
    """The props with a mass that fly or are carried, on these frames."""
    out = []
    for prop in shot.props:
        if prop.mass_kg is not None and (prop.flight or prop.holds):
            at, turn = shot.track_of(prop, frames)
            out.append(Loose(prop, middle_of(prop, at, turn), turn))
    return tuple(out)


def limits_seen(seen: Seen) -> Limits:
    """The limits that count in a shot: the table's, those of the house before them, its own before all."""
    return limits_of(seen.shot.limits, seen.house)


def findings_of(seen: Seen) -> list[Finding]:
    """What is found in a shot by the limits that count there, left as it is or not."""
    return find(seen.reading, limits_seen(seen), others(seen.shot, seen.performer))


def judge_all(shot: Shot, readings: Mapping[str, Reading], house: Sequence[Limit] = ()) -> list[Finding]:
    """Findings of every performer; readings by performer id."""
    return [f for p in shot.performers for f in judge(shot, p, readings[p.id], house, readings)]


def _reason(finding: Finding, left: Sequence[Left]) -> str:
    """Why a finding is left as it is: of those of its kind that cover most of it, and were no smaller then, the one
    that covers it most; "" for none."""
    covers = {
        x: _overlap(finding, x.kind, x.part, (x.start, x.end)) for x in left
        if not x.value or finding.value <= WORSE * x.value
    }  # fmt: skip
    best = max(covers, key=covers.get, default=None)
    frames = finding.own[1] - finding.own[0] + 1
    return best.reason if best and covers[best] >= COVERED * frames else ""


def _falls(finding: Finding, performer: Performer) -> str:
    """That a part slides, is pressed in a little or lies on more than points: the body falls by itself there; "" where
    it doesn't."""
    does, most = FALLS.get(finding.kind, ("", 0.0))
    if finding.value > most:
        return ""
    frames = finding.own[1] - finding.own[0] + 1
    for layer in performer.layers:
        if layer.made_by == LET_GO and layer.acts and layer.span is not None:
            inside = min(finding.own[1], layer.span[1]) - max(finding.own[0], layer.span[0]) + 1
            if inside >= COVERED * frames:
                return f"The body is let go there, and {does}."
    return ""


def _struck(finding: Finding, blows: Sequence[Blow]) -> str:
    """That a force from nowhere comes from a prop that strikes there with as much; "" where none does."""
    if finding.kind not in FORCES:
        return ""
    for blow in blows:
        if finding.start - BESIDE <= blow.frame <= finding.end + BESIDE:
            frames = finding.end - finding.start + 1
            asked = finding.value * blow.reading.body.mass_kg * blow.reading.g * frames * blow.reading.poses.dt
            if finding.kind != PHANTOM or asked <= AS_MUCH * blow.touch.impulse_ns:
                return f"{blow.by} strikes there with {blow.touch.impulse_ns:.0f} N·s."
    return ""


def match(before: Sequence[Finding], after: Sequence[Finding]) -> dict[str, Finding | None]:
    """For each finding before an edit, by identity, the same one after it, or None where it is settled.

    The same kind and part of the same performer on overlapping own frames is the same finding; those that overlap most
    find each other first, and none is found twice.
    """
    alike: dict[tuple, list[int]] = {}
    for j, b in enumerate(after):
        alike.setdefault((b.performer, b.kind, b.part), []).append(j)
    pairs = [
        (_overlap(a, a.kind, a.part, after[j].own), i, j)
        for i, a in enumerate(before)
        for j in alike.get((a.performer, a.kind, a.part), ())
    ]
    out: dict[str, Finding | None] = {a.id: None for a in before}
    taken: set[int] = set()
    done: set[int] = set()
    for overlap, i, j in sorted(pairs, key=lambda p: (-p[0], p[1], p[2])):
        if overlap > 0 and i not in done and j not in taken:
            out[before[i].id] = after[j]
            done.add(i)
            taken.add(j)
    return out


def _overlap(finding: Finding, kind: str, part: str, own: tuple[int, int]) -> int:
    """Own frames that a finding shares with a span of the same kind and part."""
    if (finding.kind, finding.part) != (kind, part):
        return 0
    return max(min(finding.own[1], own[1]) - max(finding.own[0], own[0]) + 1, 0)
