"""Steady spin: the turning of the root in the air worked out anew, so that the angular momentum of the whole stays.

The shape of the body, as seen from its root, is kept. With its locked inertia I and the spin h of the limbs against
the root, both in the root's axes, L = R (I ω + h) gives the root's rate ω for a constant L; the L that leads from the
first pose to the last is found by Newton's method.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import Rig
from ironarc.core.solve.model import model_of, stance

SETTLED = 4  # rounds of finding a rate at the middle of two frames
MOST_STEPS = 30
CLOSE_RAD = 1e-8


@dataclass(frozen=True, eq=False)
class Steady:
    """local : (frames, joints, 4) with the root's turning anew; translation : with the center of gravity where it was
    L : (3,) kg·m²/s; turns : that the root makes about the spin's axis; missed_rad : of the last pose"""

    local: np.ndarray
    translation: np.ndarray
    L: np.ndarray
    turns: float
    missed_rad: float


def _shape(rig: Rig, body: Body, local: np.ndarray, translation: np.ndarray, dt: float):
    """Locked inertia (gaps, 3, 3) and the limbs' own spin (gaps, 3) between frames, in the root's axes."""
    model, root = model_of(rig, body), rig.roots[0]
    still, there = local.copy(), translation.copy()
    still[:, root], there[:, root] = rotation.IDENTITY, 0.0
    s = stance(model, still, there)
    rho = s.centres - s.com[:, None]
    before, after = rho[:-1], rho[1:]
    middle = (before + after) / 2
    own = s.turn[:, body.joints]
    step = rotation.log(rotation.multiply(rotation.conjugate(own[:-1]), own[1:]))
    axes = rotation.to_matrix(rotation.multiply(own[:-1], rotation.exp(step / 2)))
    spread = np.einsum("b,fbi,fbj->fij", body.masses, middle, middle)
    locked = np.trace(spread, axis1=1, axis2=2)[:, None, None] * np.eye(3) - spread
    locked = locked + (axes @ body.inertias @ axes.swapaxes(-1, -2)).sum(axis=1)
    limbs = (body.masses[:, None] * rotation.cross(before, after)).sum(axis=1) / dt
    limbs = limbs + (axes @ (body.inertias @ (step / dt)[..., None]))[..., 0].sum(axis=1)
    return locked, limbs, s


def _turned(first: np.ndarray, locked: np.ndarray, limbs: np.ndarray, L: np.ndarray, dt: float) -> np.ndarray:
    """(frames, 4) the root's rotation from its first one on, for a spin L."""
    inverse = np.linalg.inv(locked)
    out, rate = [first], np.zeros(3)
    for k in range(len(locked)):
        for _ in range(SETTLED):
            middle = rotation.to_matrix(rotation.multiply(out[-1], rotation.exp(rate * dt / 2)))
            rate = inverse[k] @ (middle.T @ L - limbs[k])
        out.append(rotation.multiply(out[-1], rotation.exp(rate * dt)))
    return np.array(out)


def own_spin(rig: Rig, body: Body, local: np.ndarray, translation: np.ndarray, dt: float) -> np.ndarray:
    """(gaps, 3) kg·m²/s between frames, world, as the motion has it."""
    locked, limbs, _ = _shape(rig, body, local, translation, dt)
    root = local[:, rig.roots[0]]
    step = rotation.log(rotation.multiply(rotation.conjugate(root[:-1]), root[1:]))
    middle = rotation.multiply(root[:-1], rotation.exp(step / 2))
    return rotation.rotate(middle, (locked @ (step / dt)[..., None])[..., 0] + limbs)


def steady(
    rig: Rig, body: Body, local: np.ndarray, translation: np.ndarray, dt: float, more_turns: float = 0.0,
    meet: bool = True, spin: np.ndarray | None = None,
) -> Steady:  # fmt: skip
    """The root's turning for a steady spin.

    more_turns : beyond those it makes about the spin's axis, whole ones where the last pose is to be met
    meet : whether the last pose is to be that of `local`; else the mean spin (or `spin`) is kept and it ends as it may
    Raises EditError where no spin leads from the first pose to the last.
    """
    root = rig.roots[0]
    locked, limbs, _ = _shape(rig, body, local, translation, dt)
    L = own_spin(rig, body, local, translation, dt).mean(axis=0) if spin is None else spin
    first, last = local[0, root], local[-1, root]
    made = _turns_of(local[:, root], L)
    if more_turns:
        L = (
            L * (made + more_turns) / made
            if abs(made) > 0.05
            else L + more_turns * 2 * np.pi / ((len(local) - 1) * dt) * locked.mean(axis=0) @ _axis(L)
        )
    turned = _turned(first, locked, limbs, L, dt)
    if meet:
        L, turned = _met(first, last, locked, limbs, L, dt)
        off = _turns_of(turned, L) - made - more_turns
        if abs(off) > 0.6:
            raise EditError(
                f"No steady spin makes {abs(made + more_turns):.1f} turns between these two poses. "
                "Ask for fewer turns, or let the last pose go."
            )
    missed = float(np.linalg.norm(rotation.log(rotation.multiply(last, rotation.conjugate(turned[-1])))))
    out, there = local.copy(), translation.copy()
    out[:, root] = turned
    model = model_of(rig, body)
    there[:, list(rig.roots)] += (stance(model, local, translation).com - stance(model, out, translation).com)[:, None]
    return Steady(out, there, L, _turns_of(turned, L), missed)


def _axis(L: np.ndarray) -> np.ndarray:
    size = np.linalg.norm(L)
    return L / size if size > 1e-6 else np.array([1.0, 0.0, 0.0])


def _turns_of(turn: np.ndarray, L: np.ndarray) -> float:
    """Turns that rotations (frames, 4) make about the axis of L."""
    step = rotation.log(rotation.multiply(turn[1:], rotation.conjugate(turn[:-1])))
    return float((step @ _axis(L)).sum() / (2 * np.pi))


def _met(first, last, locked, limbs, L, dt: float) -> tuple[np.ndarray, np.ndarray]:
    """The spin that leads to the last pose, and the root's rotations."""
    turned = _turned(first, locked, limbs, L, dt)
    for _ in range(MOST_STEPS):
        off = rotation.log(rotation.multiply(last, rotation.conjugate(turned[-1])))
        if np.linalg.norm(off) < CLOSE_RAD:
            break
        size = max(float(np.linalg.norm(L)), 1.0)
        slope = np.empty((3, 3))
        for axis in range(3):
            nudge = 1e-4 * size * np.eye(3)[axis]
            there = _turned(first, locked, limbs, L + nudge, dt)[-1]
            slope[:, axis] = rotation.log(rotation.multiply(there, rotation.conjugate(turned[-1]))) / (1e-4 * size)
        step = np.linalg.lstsq(slope, off, rcond=None)[0]
        L = L + step * min(1.0, 0.5 * max(size, 5.0) / max(float(np.linalg.norm(step)), 1e-12))
        turned = _turned(first, locked, limbs, L, dt)
    return L, turned


__all__ = ["Steady", "own_spin", "steady"]
