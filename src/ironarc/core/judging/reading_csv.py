"""One performer's reading as CSV: one row a frame, with the unit in every column's head."""

import csv
import io

import numpy as np

from ironarc.core.reading import Reading
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.skin import parts_of


def reading_to_csv(reading: Reading) -> str:
    """Frame, time, center of gravity, speed, acceleration, spin, pushes, margins, and what touches.

    A cell is empty where there is nothing to tell: a margin with nothing underfoot, a force at the clip's ends.
    """
    poses, forces, balance = reading.poses, reading.ask(read_forces), reading.ask(read_balance)
    told = np.where(forces.told, 1.0, np.nan)[:, None]
    columns: list[tuple[str, np.ndarray]] = [
        ("frame", poses.frames),
        ("time (s)", (poses.frames - poses.frames[0]) * poses.dt),
        *_axes("center of gravity", "m", reading.com),
        *_axes("speed", "m/s", reading.com_velocity),
        *_axes("acceleration", "m/s²", reading.com_acceleration),
        *_axes("spin", "kg·m²/s", reading.angular_momentum),
        *_axes("ground reaction force", "body weights", forces.grf * told),
        *_axes("phantom force", "body weights", forces.phantom * told),
        *_axes("centre of pressure", "m", forces.cop * told),
        ("standing margin (cm)", balance.margin_m * 100),
        ("moving margin (cm)", balance.xcom_margin_m * 100),
        ("in the air", reading.footing.air.astype(int)),
        ("in doubt", reading.footing.doubt.astype(int)),
    ]
    on = reading.footing.on
    for name, points in parts_of(reading.traced.track.skin, poses.rig.names).items():
        if on[:, points].any():
            columns.append((f"{name} touches", on[:, points].any(axis=1).astype(int)))
    out = io.StringIO()
    rows = csv.writer(out)
    rows.writerow([name for name, _ in columns])
    rows.writerows([_cell(v) for v in row] for row in zip(*(values.tolist() for _, values in columns), strict=True))
    return out.getvalue()


def _axes(name: str, unit: str, values: np.ndarray) -> list[tuple[str, np.ndarray]]:
    return [(f"{name} {axis} ({unit})", values[:, i]) for i, axis in enumerate("xyz")]


def _cell(value: float) -> str:
    if isinstance(value, int):
        return str(value)
    return "" if not np.isfinite(value) else f"{value:.6g}"
