"""Which parts carry the spin, and how a body is folded while it turns."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.derivatives import apply, operator_rows
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.momentum import angle_increments, whole_inertia
from ironarc.core.reading.read import Reading
from ironarc.core.rows import blocks

GROUPS = ("trunk and head", "left arm", "right arm", "left leg", "right leg", "other")
MOST_SHARE = 1.5  # beyond which parts turn against each other, and no share of the whole says anything
LEAST_SHARE = 0.02  # of the whole spin, below which a part is not told
LEAST_SPIN = 2.0  # kg·m²/s; less is no spin to speak of
_GROUP_OF = {"upper arm": "arm", "forearm": "arm", "hand": "arm", "thigh": "leg", "shank": "leg", "foot": "leg"}


@dataclass(frozen=True)
class SpinParts:
    """names : groups of parts that the body has; carried : (frames, groups, 3) kg·m²/s about the com, whose sum is
    the body's angular momentum; inertia : (frames,) kg·m² about the axis it turns on"""

    names: tuple[str, ...]
    carried: np.ndarray
    inertia: np.ndarray


@by_frames
def read_spin_parts(reading: Reading) -> SpinParts:
    """Angular momentum of every group, with the same derivatives as the whole's: the body alone, without loads."""
    poses, traced, n = reading.poses, reading.traced, len(reading.com)
    groups = _groups(reading)
    names = tuple(name for name in GROUPS if name in groups)
    which = [np.flatnonzero([g == name for g in groups]) for name in names]
    L = reading.angular_momentum
    size = rotation.length(L)[:, None]
    axis = np.where(size > 1e-6, L / np.maximum(size, 1e-6), [1.0, 0.0, 0.0])
    carried, inertia = np.empty((n, len(names), 3)), np.empty(n)
    for a, b in blocks(n):
        each = _spins(reading, a, b)
        for k, parts in enumerate(which):
            carried[a:b, k] = each[:, parts].sum(axis=1)
        whole = whole_inertia(poses, reading.body, traced.centres, traced.body_com, slice(a, b))
        inertia[a:b] = rotation.dot(rotation.turned(whole, axis[a:b]), axis[a:b])
    return SpinParts(names, carried, inertia)


def _spins(reading: Reading, a: int, b: int) -> np.ndarray:
    """(b - a, bodies, 3) kg·m²/s of every body about the com, on the frames [a, b)."""
    poses, body, traced = reading.poses, reading.body, reading.traced
    rows, (low, high) = operator_rows((a, b), len(reading.com), poses.dt, 1, reading.breaks, traced.degree)
    around, inside = slice(low, high), slice(a - low, b - low)
    root = poses.rig.roots[0]
    turn = poses.rotation[around, None, root]
    apart = traced.centres[around] - traced.body_com[around, None]
    shape = rotation.rotate(turn, apart, back=True)
    turning = poses.rotation[around, [root, *body.joints]]
    rates = apply(rows, np.concatenate([shape, angle_increments(turning)], axis=1))
    moves, root_rate, omega = np.split(rates, [len(body.masses), len(body.masses) + 1], axis=1)
    speed = rotation.rotate(turn[inside], moves + rotation.cross(root_rate, shape[inside]))
    orbit = body.masses[:, None] * rotation.cross(apart[inside], speed)
    own = np.swapaxes(np.swapaxes(omega, 0, 1) @ body.inertias, 0, 1)  # symmetric: rows will do
    return orbit + rotation.rotate(turning[inside, 1:], own)


def carried_in(reading: Reading, flight: Flight) -> list[tuple[str, float]]:
    """(group, share of the spin it carries on average) over a flight, less than 0 against it; nothing for a whole that
    hardly turns beside what its parts do."""
    mean = flight.spin.mean
    size = float(np.linalg.norm(mean))
    if size < LEAST_SPIN:
        return []
    parts = reading.ask(read_spin_parts)
    share = parts.carried[_span(reading, flight)].mean(axis=0) @ mean / size**2
    if np.abs(share).max(initial=0.0) > MOST_SHARE:
        return []
    return [(name, float(s)) for name, s in zip(parts.names, share, strict=True) if abs(s) > LEAST_SHARE]


def inertia_in(reading: Reading, flight: Flight) -> tuple[float, float]:
    """(least, most) kg·m² about the axis it turns on over a flight: how tucked and how open it is."""
    inertia = reading.ask(read_spin_parts).inertia[_span(reading, flight)]
    return float(inertia.min()), float(inertia.max())


def _span(reading: Reading, flight: Flight) -> slice:
    first = int(reading.poses.frames[0])
    return slice(flight.start - first, flight.end - first + 1)


def _groups(reading: Reading) -> list[str]:
    """The group of every joint that carries mass."""
    out = []
    for joint in reading.body.joints:
        part = next(p for p in reading.body.parts if p.joint == joint)
        if part.segment in _GROUP_OF:
            out.append(f"{part.side} {_GROUP_OF[part.segment]}")
        else:
            out.append(GROUPS[0] if part.segment in ("trunk", "head") else GROUPS[-1])
    return out
