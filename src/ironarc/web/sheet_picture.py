"""Drawings of an inspection sheet, as plain numbers for the template's SVG."""

import numpy as np

from ironarc.core.judging.card import side_view
from ironarc.core.reading import Reading
from ironarc.core.reading.gravity_arc import gravity_arc
from ironarc.web.bench_data import piers
from ironarc.web.variants import View

WIDE, STRIP_HIGH, LEAST_HIGH = 1040, 272, 60
POSES, APART, BELOW = 11, 0.55, 20  # figures, statures between them, px under the floor for their frames
LEFT, RULER, ROW, DEPTH = 74, 14, 11, 96  # of the trestle: gutter, ruler, a pier's row, the height curve


def strip_picture(reading: Reading) -> dict:
    """Key poses side by side along the way, with the path of the center of gravity and each one's frame."""
    moments = _moments(reading)
    figures, path = side_view(reading, moments, APART)
    points = np.array([(p[i], p[i + 1]) for figure in figures for p in figure for i in (0, 2)] + path)
    left, right = points[:, 0].min() - 0.15, points[:, 0].max() + 0.15
    scale = min((WIDE - 20) / max(right - left, 0.5), (STRIP_HIGH - BELOW - 10) / max(points[:, 1].max() + 0.1, 1.0))
    # no higher than what is on it: one who crawls leaves the room to what is said
    high = max(points[:, 1].max() * scale, LEAST_HIGH) + BELOW + 14
    shift, floor = WIDE / 2 - (left + right) / 2 * scale, high - BELOW
    drawn = []
    for moment, figure in zip(moments, figures, strict=True):
        rows = np.array(figure)
        x, y = rows[:, [0, 2]] * scale + shift, floor - rows[:, [1, 3]] * scale
        width = np.maximum(rows[:, 4] * scale * 0.8, 1.4)
        lines = np.column_stack([x[:, 0], y[:, 0], x[:, 1], y[:, 1], width]).round(1).tolist()
        middle = float(x.mean())
        drawn.append({"lines": lines, "x": round(middle, 1), "frame": int(reading.poses.frames[0]) + moment})
    at = np.array(path)
    beads = " ".join(f"{x * scale + shift:.1f},{floor - y * scale:.1f}" for x, y in at)
    return {"width": WIDE, "height": round(high, 1), "floor": round(floor, 1), "figures": drawn, "path": beads}


def _moments(reading: Reading) -> list[int]:
    """Frame indices: both ends, take-offs, tops and landings, and others between, none too near another."""
    last, first = len(reading.com) - 1, int(reading.poses.frames[0])
    keys = [0, last]
    for f in sorted(reading.flights, key=lambda flight: -flight.hang_frames):
        keys += [max(f.start - first - 1, 0), f.apex_frame - first, min(f.end - first + 1, last)]
    out: list[int] = []
    for k in (*keys, *np.linspace(0, last, POSES).round().astype(int).tolist()):
        if len(out) < POSES and all(abs(k - other) >= max(last / (2 * POSES), 1) for other in out):
            out.append(int(k))
    return sorted(out)


def trestle_picture(view: View) -> dict:
    """The center of gravity's height with flights and the arcs gravity asks for, footing in rows, and findings."""
    reading = view.reading
    frames = reading.poses.frames
    first, last = int(frames[0]), int(frames[-1])
    rows = piers(reading)
    top = RULER + 6

    def x(frame: float) -> float:
        return round(LEFT + (frame - first + 0.5) / (last - first + 1) * (WIDE - LEFT - 6), 1)

    height = reading.com[:, 1] - reading.floor_m
    arcs = [gravity_arc(reading, f) for f in reading.flights]
    tops = [height.max(), *(arc[:, 1].max() - reading.floor_m for arc in arcs)]
    low, high = float(height.min()), max(float(max(tops)), float(height.min()) + 0.2)

    def y(metres: float) -> float:
        return round(top + DEPTH - (metres - low) / (high - low) * (DEPTH - 4), 1)

    step = next(n for n in (1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000) if n * 26 >= last - first)
    begins = -(-first // step) * step
    return {
        "width": WIDE, "height": top + DEPTH + 8 + ROW * len(rows) + 14, "left": LEFT, "ruler": RULER, "top": top,
        "deck": top + DEPTH, "ticks": [(f, x(f)) for f in range(begins, last + 1, step)],
        "curve": " ".join(f"{x(f)},{y(h)}" for f, h in zip(frames, height, strict=True)),
        "flights": [
            {"x0": x(f.start - 0.5), "x1": x(f.end + 0.5), "arc": " ".join(
                f"{x(f.start + i)},{y(p[1] - reading.floor_m)}" for i, p in enumerate(arc))}
            for f, arc in zip(reading.flights, arcs, strict=True)
        ],
        "low": f"{low * 100:.0f}", "high": f"{high * 100:.0f}",
        "rows": [
            {"name": row["limb"].capitalize(), "y": top + DEPTH + 8 + i * ROW, "spans": [
                (x(s["start"] - 0.5), x(s["end"] + 0.5), s["doubt"]) for s in row["spans"]]}
            for i, row in enumerate(rows)
        ],
        "findings": [
            (x(f.start - 0.5), x(f.end + 0.5), f.grade) for f in view.findings if not f.left
        ],
        "marks": top + DEPTH + 10 + ROW * len(rows),
    }  # fmt: skip
