"""The Set panel: the scene sheet, sizes of all bodies, and the item that is picked on it."""

from collections.abc import Mapping

import numpy as np

from ironarc.core.exchange.stock import POSES
from ironarc.core.figure.crew import STOCK
from ironarc.core.judging.card import figure_of
from ironarc.core.planning.ballistics import WORLDS
from ironarc.core.reading import Reading
from ironarc.core.reading.marked import gaps
from ironarc.core.reading.points import points_of
from ironarc.core.scene.camera import ASPECTS, SENSORS, Camera
from ironarc.core.scene.lineup import WAYS
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.props import Prop
from ironarc.core.scene.rate import rate_text
from ironarc.core.scene.reference import MARK_WORDS
from ironarc.core.scene.solid import KINDS
from ironarc.web.panels.look import Look
from ironarc.web.picture import sizes_picture

RATES = ("12", "15", "23.976", "24", "25", "29.97", "30", "48", "50", "59.94", "60", "100", "120", "240")


def context(look: Look) -> dict:
    shot, readings = look.shot, look.readings()
    picked = shot.item(look.pick) if look.pick else None
    heights = {who: reading.body.anatomy.height_m for who, reading in readings.items()}
    return {
        "sizes": sizes_picture(
            (p.name, readings[p.id], figure_of(p, readings[p.id])) for p in shot.performers
        ),
        "picked": picked, "heights": heights, "worlds": WORLDS, "rates": RATES,
        "rate": rate_text(shot.rate), "stock": STOCK, "poses": POSES, "kinds": KINDS, "ways": WAYS,
        "points_of": points_of, "mark_words": MARK_WORDS,
        "skin_litres": {p.id: p.skin.volume * p.body().scale_to_m ** 3 * 1000 for p in shot.performers if p.skin},
        **(_lens(picked) if isinstance(picked, Camera) else {}),
        **(_marked(picked, readings) if isinstance(picked, MarkerSet) else {}),
        "joinable": [p for p in shot.props if isinstance(picked, Prop) and p.id != picked.id and not p.locked],
    }  # fmt: skip


def _marked(markers: MarkerSet, readings: Mapping[str, Reading]) -> dict:
    """Of each marker on a joint how far the performer is from it, cm: (marker, joint, usually, at most, and the frame
    of that), the worst first; of all of them together; and those that sit on no joint."""
    reading = readings.get(markers.performer)
    worn = {w.marker: w.joint for w in markers.worn}
    loose = [name for name in markers.names if name not in worn]
    if reading is None or not worn:
        return {"marked": [], "marked_rms": None, "loose_markers": loose}
    off, frames, rows = gaps(markers, reading.poses) * 100, reading.poses.frames, []
    for k, name in enumerate(markers.names):
        there = np.isfinite(off[:, k])
        if name in worn and there.any():
            worst = int(np.nanargmax(off[:, k]))
            rows.append((name, worn[name], _rms(off[there, k]), float(off[worst, k]), int(frames[worst])))
    rows.sort(key=lambda row: -row[3])
    seen = off[np.isfinite(off)]
    return {"marked": rows, "marked_rms": _rms(seen) if len(seen) else None, "loose_markers": loose}


def _rms(values: np.ndarray) -> float:
    return float(np.sqrt((values**2).mean()))


def _lens(camera: Camera) -> dict:
    """Shapes of pictures and widths of sensors to choose from, its own among them."""
    shapes, sensors = list(ASPECTS.items()), [(f"{word}, {mm:g} mm", mm) for word, mm in SENSORS.items()]
    if not any(abs(value - camera.aspect) < 0.005 for _, value in shapes):
        shapes.append((f"{camera.aspect:.2f}", camera.aspect))
    if not any(abs(mm - camera.sensor_mm) < 0.05 for _, mm in sensors):
        sensors.append((f"{camera.sensor_mm:g} mm", camera.sensor_mm))
    return {"shapes": shapes, "sensors": sensors}
