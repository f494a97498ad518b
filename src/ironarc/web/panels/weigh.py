"""The Weigh panel: each joint with what it was taken for, its mass, and how sure that is."""

from dataclasses import dataclass

from ironarc.core.document import Performer
from ironarc.core.figure.body import LENGTH
from ironarc.core.figure.naming import ASSIGNABLE, SHAPE, suggest
from ironarc.core.figure.weighing import PRESETS
from ironarc.core.reading import Reading
from ironarc.store import weighings
from ironarc.web.panels.look import Look

LB_PER_KG = 1 / 0.45359237
SURE_WORDS = (
    (0.9, "sure"),
    (0.75, "settled by what stands above and below"),
    (0.65, "likely"),
    (0.5, "by the shape of the body"),
    (0.01, "in doubt"),
)


@dataclass(frozen=True)
class Row:
    """One joint. share : of the whole body; source : "table", "length", "typed"; role : as it was understood;
    suggestion : what one that was not understood may be, or ""; pip : how sure, as a filled, half or open disc."""

    joint: str
    index: int
    segment: str
    side: str
    kg: float
    share: float
    bar: float
    source: str
    locked: bool
    sure: str
    role: str
    by_hand: bool
    suggestion: str
    pip: str


def context(look: Look) -> dict:
    performer = look.seen.performer
    kept = weighings.names(look.session)
    return panel(performer, look.seen.reading) | {"kept": kept, "carriers": _carriers(performer)}


def _carriers(performer: Performer) -> list[tuple[str, str]]:
    """What can hold a load, as (joint names, words): hands first, then any joint."""
    names = performer.rig.names
    palms = (p for p in performer.body().anatomy.contact_points if p.point == "palm")
    hands = {palm.side: names[palm.joint] for palm in palms}
    out = [(hands[side], f"the {side} hand") for side in ("right", "left") if side in hands]
    if len(out) == 2:
        out.insert(0, (",".join(value for value, _ in out), "both hands"))
    return out + [(name, name) for name in names if name not in hands.values()]


def panel(performer: Performer, reading: Reading) -> dict:
    """Rows and the rest of the panel's facts; masses as they are in the shot."""
    body, anatomy = reading.body, reading.body.anatomy
    by_hand = dict(performer.weighing.assigned)
    parts = [part for part in body.parts if part.segment != "point"]
    heaviest = max((_of(parts, j) for j in {p.joint for p in parts}), default=1.0)
    rows = []
    for index, name in enumerate(performer.rig.names):
        mine = [part for part in parts if part.joint == index]
        meaning = anatomy.meanings[index]
        if not mine:
            continue
        kg = sum(part.mass_kg for part in mine)
        segments = list(dict.fromkeys(part.segment or "by length and girth" for part in mine))
        rows.append(
            Row(
                name, index, ", ".join(segments), meaning.side, kg, kg / body.mass_kg, kg / heaviest, mine[0].source,
                mine[0].locked, _sure(meaning.confidence), meaning.role, name in by_hand,
                "" if meaning.role else suggest(performer.rig, anatomy.meanings, index), _pip(meaning.confidence),
            )
        )  # fmt: skip
    empty = [
        (name, anatomy.meanings[i].role)
        for i, name in enumerate(performer.rig.names)
        if not any(part.joint == i for part in parts)
    ]
    k = performer.placement.scale
    return {
        "unsettled": [row for row in rows if not row.role],
        "rows": [row for row in rows if row.role],
        "empty": empty,
        "doubts": anatomy.doubts,
        "by_shape": sum(m.confidence == SHAPE for m in anatomy.meanings),
        "total_kg": body.mass_kg,
        "total_lb": body.mass_kg * LB_PER_KG,
        "units_tall": anatomy.height_m / performer.scale_to_m / k,
        "presets": PRESETS,
        "roles": ASSIGNABLE,
        "spots": _spots(performer),
        "by_length": any(part.source == LENGTH for part in parts),
        "k": k,
        "ranges": [(r.part, r.most_deg, r.part in dict(performer.weighing.ranges)) for r in body.ranges],
        "loads": [_load(performer, reading, track) for track in reading.loads if track.load in performer.loads],
    }


def _spots(performer: Performer) -> list[tuple[str, str, tuple[float, float, float]]]:
    """Where a point mass can be: every joint, and every end site as its joint's tip: (words, joint, (3,) m)."""
    size = performer.scale_to_m * performer.placement.scale
    names = performer.rig.names
    joints = [(name, name, (0.0, 0.0, 0.0)) for name in names]
    return joints + [
        (f"{names[e.parent]}, its tip", names[e.parent], tuple(v * size for v in e.offset)) for e in performer.rig.ends
    ]


def _of(parts, joint: int) -> float:
    return sum(part.mass_kg for part in parts if part.joint == joint)


def _sure(confidence: float) -> str:
    return next((word for least, word in SURE_WORDS if confidence >= least), "not understood")


def _pip(confidence: float) -> str:
    return "●" if confidence >= 0.9 else "◐" if confidence >= 0.5 else "○"


def _load(performer: Performer, reading: Reading, track) -> dict:
    load = track.load
    counts = track.counts > 0
    apart = reading.com - reading.body_com
    farthest = float((apart[counts] ** 2).sum(axis=1).max() ** 0.5) if counts.any() else 0.0
    return {
        "load": load,
        "start": performer.timing.seen_frame(load.start),
        "end": performer.timing.seen_frame(load.end),
        "moves_cm": farthest * 100,
    }
