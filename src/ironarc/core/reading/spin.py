"""Which parts carry the spin, and how a body is folded while it turns."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.momentum import groups_of
from ironarc.core.reading.read import Reading
from ironarc.core.rows import blocks

MOST_SHARE = 1.5  # beyond which parts turn against each other, and no share of the whole says anything
LEAST_SHARE = 0.02  # of the whole spin, below which a part is not told
LEAST_SPIN = 2.0  # kg·m²/s; less is no spin to speak of


@dataclass(frozen=True)
class SpinParts:
    """names : groups of parts that the body has; carried : (frames, groups, 3) kg·m²/s about the com, whose sum is
    the body's angular momentum; inertia : (frames,) kg·m² about the axis it turns on"""

    names: tuple[str, ...]
    carried: np.ndarray
    inertia: np.ndarray


def read_spin_parts(reading: Reading) -> SpinParts:
    """Who carries the spin of the body alone, without loads."""
    return SpinParts(tuple(groups_of(reading.body)), reading.spins, reading.ask(_inertia))


@by_frames
def _inertia(reading: Reading) -> np.ndarray:
    """(frames,) kg·m² about the axis through the center of gravity that the body turns on."""
    traced, body, L = reading.traced, reading.body, reading.angular_momentum
    size = rotation.length(L)[:, None]
    axis = np.where(size > 1e-6, L / np.maximum(size, 1e-6), [1.0, 0.0, 0.0])
    out = np.empty(len(L))
    for a, b in blocks(len(out)):
        about = axis[a:b, None]
        # Σ uᵀ R I Rᵀ u + m |d × u|²
        own = rotation.rotate(reading.poses.rotation[a:b, body.joints], about, back=True)
        turned = np.swapaxes(np.swapaxes(own, 0, 1) @ body.inertias, 0, 1)
        apart = rotation.cross(traced.centres[a:b] - traced.body_com[a:b, None], about)
        out[a:b] = (rotation.dot(own, turned) + body.masses * rotation.dot(apart, apart)).sum(axis=1)
    return out


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
