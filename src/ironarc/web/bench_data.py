"""What the bench's scripts draw of a reading, but for what is told frame by frame (`packed.py`)."""

from collections.abc import Callable, Sequence

import numpy as np

from ironarc.core.by_identity import ByIdentity
from ironarc.core.document import Shot
from ironarc.core.judging import flight_grades, grade_of
from ironarc.core.judging.findings import can_judge
from ironarc.core.judging.grades import GRADES, limits_of
from ironarc.core.judging.judge import blows_of
from ironarc.core.judging.reading_json import finding_to_plain, flight_to_plain
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import equal_runs
from ironarc.core.reading.early import Early
from ironarc.core.reading.flights import Flight, allowed_frames
from ironarc.core.reading.gravity_arc import gravity_arc, gravity_rise
from ironarc.core.reading.points import guide_distance, guided
from ironarc.core.reading.skin import LEGS, LIMBS, limb_of, parts_of
from ironarc.core.truing import settles
from ironarc.web.packed import TRACKS, packed_tracks
from ironarc.web.variants import View

_PIER_KINDS = {"heel": "foot", "ball": "foot", "toe": "foot", "tip": "foot", "palm": "hand"}
DROP_RISES_M = 0.02  # a flight that rises by less is a drop


def reading_data(seen: View, since: View | None = None) -> dict:
    """The reading for stage, trestle and plots. Heights are over the floor's own level, in metres.

    since : what whoever gets this has: of its piers' spans, flights and findings those that are the same are told by
    their places there, counted from 0
    """
    shot, performer, reading = seen.shot, seen.performer, seen.reading
    had = [] if since is None else [_flights_told(since), since.findings, _spans(piers(since.reading))]
    flights, findings, spans = (_Since(objects) for objects in had or [()] * 3)
    settled = settles()
    return {
        "floor": reading.floor_m,
        "floor_slope": reading.floor.slope,
        "g": reading.g,
        "range": [shot.first_frame, shot.last_frame],
        "grade": grade_of(seen.findings),
        "blocks": reading.ask(packed_tracks).names,
        "columns": TRACKS | ({"computed": 3} if reading.body.offset_m.any() else {}),
        "loads": [
            {
                "name": track.load.name,
                "kg": track.load.mass_kg,
                "start": performer.timing.seen_frame(track.load.start),
                "end": performer.timing.seen_frame(track.load.end),
                "size": track.load.size_m,
                "counts": np.round(track.counts, 4).tolist(),
                "centre": np.round(track.centre, 4).tolist(),
                "turn": np.round(track.rotation, 5).tolist(),
            }
            for track in reading.loads
        ],
        "blows": [{"frame": b.frame, "by": b.by} for b in seen.ask(blows_of) if not b.is_prop],
        "off_guide": [
            {
                "id": guide.id,
                "name": guide.name,
                "cm": _numbers(guide_distance(shot, guide, reading.poses, reading.body)),
            }
            for guide in shot.guides
            if guided(shot, guide) is performer
        ],
        "piers": [lane | {"spans": [spans.told(span) for span in lane["spans"]]} for lane in piers(reading)],
        "flights": [flights.told(told) for told in _flights_told(seen)],
        "findings": [findings.told(f, lambda f: finding_to_plain(f, settled)) for f in seen.findings],
    }


class _Since:
    """What somebody has already, by the objects themselves."""

    def __init__(self, objects: Sequence):
        self._places = {id(x): i for i, x in enumerate(objects)}

    def told(self, x, plain: Callable = lambda x: x):
        """The place of an object that is there already; else what it is."""
        at = self._places.get(id(x))
        return plain(x) if at is None else at


def early_data(shot: Shot, early: Early) -> dict:
    """As `reading_data` has it, of a performer that is not read yet: where its center of gravity is, and no more."""
    return {
        "early": True,
        "floor": early.floor_m,
        "floor_slope": shot.floor_slope,
        "g": shot.g,
        "range": [shot.first_frame, shot.last_frame],
        "grade": None,
        "blocks": early.ask(packed_tracks).names,
        "columns": TRACKS | ({"computed": 3} if early.body.offset_m.any() else {}),
        **{name: [] for name in ("loads", "blows", "off_guide", "piers", "flights", "findings")},
    }


def _height_words(flight: Flight) -> str:
    """What a flight is told by: its rise, or how far down it goes where it is a drop that rises by nothing to see."""
    if flight.rise_m < DROP_RISES_M and flight.drop_m > DROP_RISES_M:
        return f"{flight.drop_m * 100:.0f} cm down"
    return f"{flight.rise_m * 100:.0f} cm"


def _flights_told(seen: View) -> list[dict]:
    """Every flight, as `flight_data` has it: the same object where it says the same."""
    reading, limits = seen.reading, limits_of(seen.shot.limits)
    grades = flight_grades(reading.flights, seen.findings)
    return [flight_data(reading, f, grade, limits) for f, grade in zip(reading.flights, grades, strict=True)]


def flight_data(reading: Reading, flight: Flight, grade: str, limits=GRADES) -> dict:
    """A flight's numbers, its label, and the arc gravity asks for between its two ends."""
    # one that an edit did not reach is the very same
    told = _TOLD.get(flight)
    if told is None:
        told = _TOLD[flight] = {}
    verdict = grade, can_judge(flight, reading.g, limits)
    if verdict not in told:
        numbers = next(iter(told.values()), None) or _flight_told(reading, flight)
        told[verdict] = numbers | {"grade": verdict[0], "judged": verdict[1]}
    return told[verdict]


_TOLD: ByIdentity[dict[tuple[str, bool], dict]] = ByIdentity()  # by flight, what is told of it by how it is judged


def _flight_told(reading: Reading, flight: Flight) -> dict:
    arc = gravity_arc(reading, flight)
    return flight_to_plain(flight) | {
        "apex": flight.apex_frame,
        "take_off": flight.start - 1 if flight.take_off_seen else flight.start,
        "landing": flight.end + 1 if flight.landing_seen else flight.end,
        "label": f"{flight.aloft_frames:.1f} f · {flight.hang_s:.2f} s · {_height_words(flight)}",
        "gravity_arc": np.round(arc, 5).tolist(),
        "gravity_rise_m": gravity_rise(reading, flight, arc),
        "allowed": allowed_frames(flight, reading.g, reading.poses.fps),
        "let_go": [
            {
                "frame": step.frame,
                "cm": float(np.linalg.norm(step.shift_m)) * 100,
                "ms": float(np.linalg.norm(step.speed_ms)),
            }
            for step in flight.steps
        ],
    }


def _spans(lanes: list[dict]) -> list[dict]:
    return [span for lane in lanes for span in lane["spans"]]


def piers(reading: Reading) -> list[dict]:
    """One lane a limb that touches, the legs always: [{limb, spans}]. A span is one part on one surface; one that an
    edit did not reach is the very same.

    part : as an animator calls it; kind : "foot", "hand" or "other", drawn apart; hand : set by a person;
    doubt : nothing rests there, and it counts as borne for want of proof that it flies
    """
    return reading.ask(_piers)


def _piers(reading: Reading) -> list[dict]:
    skin, names, frames = reading.traced.track.skin, reading.poses.rig.names, reading.poses.frames
    lanes: dict[str, list[dict]] = {limb: [] for limb in LEGS}
    before = reading.before(_piers)
    had = {(x["part"], x["surface"], x["start"], x["end"]): x for x in _spans(before[1])} if before else {}
    for part, points in parts_of(skin, names).items():
        limb = limb_of(skin.points[points[0]])
        for surface, touch in reading.touch.items():
            state = touch[:, points].any(axis=1) * (1 + reading.footing.doubt.astype(int))
            for a, b in equal_runs(state):
                known = had.get((part, surface, int(frames[a]), int(frames[b - 1])))
                if known and not any(x < b + 1 and y > a - 1 for x, y in reading.again.spans):
                    lanes.setdefault(limb, []).append(known)
                    continue
                span = slice(a, b)
                said = reading.said is not None and bool((reading.said.touches[surface][span][:, points] > 0).any())
                at = [points[k] for k in np.flatnonzero(touch[span][:, points].any(axis=0))]
                lanes.setdefault(limb, []).append(
                    {
                        "part": part,
                        "kind": _PIER_KINDS.get(skin.points[points[0]].point, "other"),
                        "surface": surface,
                        "start": int(frames[a]),
                        "end": int(frames[b - 1]),
                        "hand": said,
                        "pulls": reading.said is not None and bool(reading.said.pulls[span][:, points].any()),
                        "doubt": bool(reading.footing.doubt[span].all()),
                        "points": [[names[skin.points[i].joint], skin.points[i].point] for i in at],
                    }
                )  # fmt: skip
    order = list(LIMBS)
    return [{"limb": limb, "spans": lanes[limb]} for limb in sorted(lanes, key=order.index)]


def _numbers(metres: np.ndarray) -> list[float | None]:
    """Centimetres, with None where there is no number."""
    return [None if np.isnan(v) else round(float(v) * 100, 2) for v in metres]
