"""The reference of PF-010: the hop as it is meant, drawn from our own figure by scripts/render_reference.py."""

from dataclasses import replace
from pathlib import Path

import numpy as np
from sqlalchemy.orm import Session

from ironarc.core.document import Shot
from ironarc.core.scene.reference import BACKDROP, Mark, Reference
from ironarc.media import look
from ironarc.store import files

FOLDER = Path(__file__).parent / "reference"
VIDEO = FOLDER / "gap_hop.webm"
PICTURES_FPS = 12.0
# The last contact, the apex and the first contact belong to the hop's poses; the others stay with the pictures
MARKS = (
    Mark(10, "wind-up"), Mark(15, "last contact", 29), Mark(19, "apex", 37), Mark(24, "first contact", 47),
    Mark(28, "recovery"),
)  # fmt: skip

# How the pictures were taken: square on from the side, the camera rolled a little, a post of 1 m beside the figure
WIDTH, HEIGHT, PX_PER_M = 480, 320, 104.0
ROLL_RAD = float(np.radians(2.5))
MIDDLE_Z_M, FLOOR_PX = 0.72, 272.0
POST_Z_M, POST_M = -0.85, 1.0


def pixel(z_m: float, y_m: float) -> tuple[float, float]:
    """Where a point (z, y) m beside the path is seen in the pictures, in pixels from the top left."""
    c, s = np.cos(ROLL_RAD), np.sin(ROLL_RAD)
    across, up = z_m - MIDDLE_Z_M, y_m
    x, y = WIDTH / 2 + PX_PER_M * (c * across - s * up), FLOOR_PX - PX_PER_M * (s * across + c * up)
    return round(float(x), 1), round(float(y), 1)


FLOOR_LINE_PX = (pixel(-0.6, 0.0), pixel(2.2, 0.0))
LENGTH_PX = (pixel(POST_Z_M, 0.0), pixel(POST_Z_M, POST_M))


def with_references(shot: Shot, session: Session) -> Shot:
    """The Gap hop with its pictures in a panel and, hidden, its video as a backdrop, both lined up."""
    pictures = sorted(FOLDER.glob("gap_hop_*.png"))
    panel = replace(_reference(session, "reference1", "Hop, as meant", pictures), rate_fps=PICTURES_FPS, marks=MARKS)
    film = _reference(session, "reference2", "Hop, on film", [VIDEO])
    return replace(shot, references=(panel, replace(film, shown=BACKDROP, opacity=0.6, hidden=True)))


def _reference(session: Session, item_id: str, name: str, paths: list[Path]) -> Reference:
    media = look([(path.name, path.read_bytes()) for path in paths])
    addresses = tuple(files.keep(session, data, media_type) for data, media_type in media.files)
    return Reference(
        item_id, name, media.kind, addresses, media.files[0][1], media.width, media.height, media.frames,
        media.number_from, media.rate_fps or PICTURES_FPS, 1, 1, media.frames,
        floor_line=FLOOR_LINE_PX, length_line=LENGTH_PX,
        length_m=POST_M, facing_rad=float(-np.pi / 2), across_m=(2.2 - 0.6) / 2, behind_m=0.7,
    ).checked()  # fmt: skip
