"""What the bench draws of footing, balance, pushes and spin: asked for once the first picture stands."""

from collections.abc import Sequence

import numpy as np

from ironarc.core.judging.on_blows import Blow
from ironarc.core.reading import Reading
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.faults import SLIDE, contact_faults
from ironarc.core.reading.forces import kept_frames, kept_up, read_forces
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.spin import read_spin_parts
from ironarc.core.reading.thrown import read_thrown

LEAST_BW, LEAST_PHANTOM_BW = 0.02, 0.25  # pushes smaller than this are not drawn
_KINDS = {"heel": 0, "ball": 0, "toe": 0, "tip": 0, "palm": 1}  # how a contact is marked; 2 for any other part


def physics_data(reading: Reading, blows: Sequence[Blow] = ()) -> dict:
    """By frame: what touches and bears, with what force; margins in cm; spin by part in kg·m²/s.

    blows : that strike it, given as frame indices `at`, whose push is told by what gives it
    """
    forces, balance, spin = reading.ask(read_forces), reading.ask(read_balance), reading.ask(read_spin_parts)
    size = np.maximum(np.linalg.norm(reading.angular_momentum, axis=1), 1e-9)
    along = np.einsum("fki,fi->kf", spin.carried, reading.angular_momentum / size[:, None])
    told = forces.told
    # a frame of it is noise; what lasts is drawn
    # a hand that holds on may pull: where the plumb falls says nothing then
    free = ~balance.pulls
    lasts = told & (kept_up(forces.size, kept_frames(reading.poses.dt)) > LEAST_PHANTOM_BW)
    return {
        "hulls": [_hull(hull) if on else None for hull, on in zip(balance.hull, free, strict=True)],
        "marks": _marks(reading),
        "pushes": _pushes(reading, forces),
        "phantom": [_row(v) if on else None for v, on in zip(forces.phantom, lasts, strict=True)],
        "blows": [{"at": b.frame - float(reading.poses.frames[0]), "by": b.by} for b in blows],
        "xcom": np.round(balance.xcom, 4).tolist(),
        "tips_s": _numbers(np.where(free, balance.tips_in_s, np.inf), 2),
        "fall": [_row(v) if on and np.isfinite(v).all() else None for v, on in zip(balance.fall, free, strict=True)],
        "holds_on": balance.pulls.astype(int).tolist(),
        "spin": np.round(reading.angular_momentum, 2).tolist(),
        "inertia": _numbers(spin.inertia, 2),
        "doubt": reading.footing.doubt.astype(int).tolist(),
        "slides": [
            {"start": f.start, "end": f.end, "cm": round(f.value_m * 100, 1), "path": np.round(f.path, 4).tolist()}
            for f in reading.ask(contact_faults)
            if f.kind == SLIDE and f.value_m > 0.01 * reading.size
        ],
        "thrown": [{"frame": t.frame, "path": np.round(t.path, 4).tolist()} for t in reading.ask(read_thrown)],
        "plots": {
            "margin": _numbers(np.where(free, balance.margin_m, np.nan) * 100, 2),
            "xcom_margin": _numbers(np.where(free, balance.xcom_margin_m, np.nan) * 100, 2),
            "grf": _numbers(np.where(told, np.linalg.norm(forces.grf, axis=1), np.nan), 3),
            "phantom": _numbers(np.where(told, np.linalg.norm(forces.phantom, axis=1), np.nan), 3),
            "pace": _numbers(np.linalg.norm(reading.com_velocity, axis=1), 3),
        },
        "parts": [{"name": name, "spin": _numbers(along[k], 2)} for k, name in enumerate(spin.names)],
    }


def line_of_action(reading: Reading) -> dict:
    """Joints of the line through hips, spine and head, and of each leg it may go out along, from the hips down."""
    meanings = reading.body.anatomy.meanings
    roles = ("pelvis", "spine", "neck", "head")
    trunk = [i for i, m in enumerate(meanings) if m.role in roles]
    legs = {
        f"{side} foot": [
            i for role in ("thigh", "shank", "foot") for i, m in enumerate(meanings) if (m.role, m.side) == (role, side)
        ]
        for side in ("left", "right")
    }
    return {
        "trunk": trunk or list(reading.poses.rig.roots),
        "legs": {name: line for name, line in legs.items() if line},
    }


def _hull(hull: np.ndarray) -> list | None:
    if not np.isfinite(hull).all():
        return None
    corners = [hull[0]]
    for corner in hull[1:]:
        if np.abs(corner - corners[-1]).max() > 1e-9:
            corners.append(corner)
    return [_row(c) for c in corners]


def _marks(reading: Reading) -> list[list[float]]:
    """By frame: x, y, z and kind of every point that touches, one after the other."""
    track = reading.traced.track
    kinds = np.array([_KINDS.get(p.point, 2) for p in track.skin.points], dtype=float)
    out = []
    for at, on in zip(track.at, reading.footing.on, strict=True):
        rows = np.column_stack([at[on], kinds[on]]) if on.any() else np.zeros((0, 4))
        out.append(np.round(rows, 3).ravel().tolist())
    return out


def _pushes(reading: Reading, forces) -> list[list]:
    """By frame: [part, x, y, z, force x, y, z in body weights] of every part that pushes, from where it presses."""
    groups = parts_of(reading.traced.track.skin, reading.poses.rig.names)
    at, on, grf = reading.traced.track.at, reading.footing.on, forces.grf
    out: list[list] = [[] for _ in at]
    for k, name in enumerate(forces.parts):
        points = groups[name]
        weight = np.linalg.norm(forces.given[:, points], axis=-1) + 1e-6 * on[:, points]
        total = weight.sum(axis=1)
        middle = (weight[..., None] * at[:, points]).sum(axis=1) / np.maximum(total, 1e-12)[:, None]
        push = forces.share[:, k, None] * grf
        for i in np.flatnonzero(forces.told & (total > 0) & (np.linalg.norm(push, axis=1) > LEAST_BW)):
            out[i].append([name, *_row(middle[i]), *_row(push[i])])
    return out


def _row(values: np.ndarray) -> list[float]:
    return np.round(values, 4).tolist()


def _numbers(values: np.ndarray, digits: int) -> list[float | None]:
    return [round(float(v), digits) if np.isfinite(v) else None for v in values]
