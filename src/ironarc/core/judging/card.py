"""What the Yard shows of a shot: its length, grade, and the figure at a few moments along its arc."""

from collections import Counter
from collections.abc import Mapping, Sequence

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Limit, Performer, Shot
from ironarc.core.judging.finding import Finding
from ironarc.core.judging.findings import grade_of
from ironarc.core.judging.judge import judge_all
from ironarc.core.judging.unjudged import nothing_moves, unjudged_of_all
from ironarc.core.judging.version import rules_version
from ironarc.core.mannequin import Mannequin, Polygon, outlines, shown_figure
from ironarc.core.reading import Reading
from ironarc.core.reading.travel import travel_direction

FIGURES = 7
FIGURE_SPACING = 0.32  # of stature, between neighbouring figures of the picture
BEADS = 60


def card_of(shot: Shot, readings: Mapping[str, Reading], house: Sequence[Limit] = ()) -> dict:
    """Plain data: facts of all performers (findings of one cause count as one), and a side view of the first, in
    metres (x along the way it travels, y up from the floor).

    readings : by performer id; house : limits of the house
    Figures that would stand on one another are set apart in the order of time.
    figures : list of polygons [x0, y0, x1, y1, …] a moment; path : [[x, y], …] of the center of gravity
    """
    findings = judge_all(shot, readings, house)
    reading = readings[shot.performer.id]
    figures, path = side_view(reading, key_moments(reading), figure_of(shot.performer, reading))
    return {
        "rules": rules_version(), "name": shot.name, "source": shot.source,
        "sequence": shot.sequence,
        "frames": shot.frames, "fps": shot.fps, "seconds": shot.frames * shot.frame_time_s,
        "grade": grade_of(findings), "unjudged": unjudged_of_all(shot, readings),
        "moves": not nothing_moves(shot, readings),
        "findings": len({(f.performer, f.cause or f.id) for f in findings if not f.left}),
        "kinds": _kinds(findings), **_longest(readings),
        "flights": sum(len(each.flights) for each in readings.values()),
        "corrections": sum(len(p.corrections) for p in shot.performers), "performers": len(shot.performers),
        "figures": figures, "path": path,
    }  # fmt: skip


def _kinds(findings: Sequence[Finding]) -> dict[str, int]:
    """How many causes there are of each kind of finding, those left aside."""
    causes = {(f.kind, f.performer, f.cause or f.id) for f in findings if not f.left}
    return dict(sorted(Counter(kind for kind, *_ in causes).items()))


def _longest(readings: Mapping[str, Reading]) -> dict:
    """Hang (frames) and gravity (share of the shot's) of the longest flight of anybody; nothing where none flies."""
    flights = [(f, reading.g) for reading in readings.values() for f in reading.flights]
    if not flights:
        return {}
    flight, g = max(flights, key=lambda found: found[0].hang_frames)
    return {"hang_frames": round(float(flight.aloft_frames), 1), "gravity": round(float(flight.implied_g / g), 3)}


def figure_of(performer: Performer, reading: Reading) -> Mannequin | None:
    """What a performer is shown as in pictures of its reading."""
    return shown_figure(reading.body, performer.weighing.female, performer.skin)


def side_view(
    reading: Reading, moments: list[int], figure: Mannequin | None, spacing: float = FIGURE_SPACING
) -> tuple[list[list[Polygon]], list]:
    """Figures of a side view in metres (x along the way it travels, y up from the floor) and the path of the center of
    gravity, as plain lists.

    moments : frame indices, in order; figure : what is seen; spacing : statures between neighbours that would stand on
    one another
    figures : list of polygons [x0, y0, x1, y1, …] a moment; path : [[x, y], …]
    """
    across = travel_direction(reading)
    apart = _spread(reading, across, moments, spacing)
    poses = reading.poses
    position = poses.position[moments] + across * (apart * np.array(moments))[:, None, None]
    position[..., 1] -= reading.floor_m
    axes = np.stack([across, [0.0, 1.0, 0.0]])
    figures = [[] for _ in moments] if figure is None else outlines(figure, poses.rotation[moments], position, axes)
    pick = np.unique(np.linspace(moments[0], moments[-1], BEADS).round().astype(int))
    path = np.column_stack([reading.com[pick] @ across + apart * pick, reading.com[pick, 1] - reading.floor_m])
    return figures, np.round(path, 3).tolist()


def _spread(reading: Reading, across: np.ndarray, moments: list[int], spacing: float) -> float:
    """Metres a frame that set the drawn figures apart in time, for a motion that stays where it is."""
    wanted = spacing * reading.body.anatomy.height_m * (len(moments) - 1)
    along = reading.com[[moments[0], moments[-1]]] @ across
    return max(wanted - (along[1] - along[0]), 0.0) / max(moments[-1] - moments[0], 1)


def key_moments(reading: Reading) -> list[int]:
    """Frame indices worth drawing: start, take-off, apex and landing of the longest flight, end, and between."""
    last = len(reading.com) - 1
    if not reading.flights:
        return sorted({round(i) for i in np.linspace(0, last, FIGURES - 2)})
    first = int(reading.poses.frames[0])
    f = max(reading.flights, key=lambda flight: flight.hang_frames)
    take_off, apex, landing = max(f.start - first - 1, 0), f.apex_frame - first, min(f.end - first + 1, last)
    wind_up = max(0, take_off - round(0.25 * reading.poses.fps))
    settle = min(last, landing + round(0.2 * reading.poses.fps))
    return sorted({wind_up, take_off, (take_off + apex) // 2, apex, (apex + landing) // 2, landing, settle})


def part_ends(reading: Reading, at: list[int]) -> tuple[np.ndarray, np.ndarray]:
    """World start and end (moments, parts, 3) m of every part's axis."""
    joints = np.array([part.joint for part in reading.body.parts])
    turn, origin = reading.poses.rotation[at][:, joints], reading.poses.position[at][:, joints]
    starts, ends = (
        origin + rotation.rotate(turn, np.array([getattr(part, end) for part in reading.body.parts]))
        for end in ("start_m", "end_m")
    )
    return starts, ends
