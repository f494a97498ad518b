"""How far a spine is from a line of action that somebody drew over a pose."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core.reading.read import Reading

SPINE = ("pelvis", "spine", "neck", "head")
_FLAT = 0.05  # as a share of its length: a stroke that bends by less is one straight line, and lies in no plane


@dataclass(frozen=True)
class OffLine:
    """cm : how far the farthest joint of the spine is from the line, as it was drawn; joint : which that is"""

    cm: float
    joint: str


def off_line(reading: Reading, frame: int, points_m: Sequence[Sequence[float]]) -> OffLine | None:
    """The spine (hips to head) on a frame against a line (n, 3) m; None on a frame or a body that has none.

    What is drawn lies flat in the view it was drawn in: distances are seen in that view. A straight line lies in many,
    and is measured in the world.
    """
    at = frame - int(reading.poses.frames[0])
    joints = [i for i, m in enumerate(reading.body.anatomy.meanings) if m.role in SPINE]
    if not 0 <= at < len(reading.com) or not joints:
        return None
    places, line = reading.poses.position[at, joints], np.asarray(points_m, dtype=float)
    _, sizes, ways = np.linalg.svd(line - line.mean(axis=0), full_matrices=False)
    if len(sizes) > 2 and sizes[1] > _FLAT * sizes[0]:
        places, line = places @ ways[:2].T, line @ ways[:2].T
    far = np.array([_to_line(place, line) for place in places])
    worst = int(np.argmax(far))
    return OffLine(float(far[worst]) * 100, reading.poses.rig.names[joints[worst]])


def _to_line(place: np.ndarray, line: np.ndarray) -> float:
    """The least distance of a place (d,) to a polyline (n, d)."""
    start, way = line[:-1], np.diff(line, axis=0)
    long = np.maximum(np.einsum("ni,ni->n", way, way), 1e-18)
    share = np.clip(np.einsum("ni,ni->n", place - start, way) / long, 0.0, 1.0)
    return float(np.linalg.norm(place - start - share[:, None] * way, axis=1).min())
