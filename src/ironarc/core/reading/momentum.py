"""Center of gravity, momentum and angular momentum of a body in motion."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.body import Body, world_inertia
from ironarc.core.motion.bake import Poses
from ironarc.core.reading.derivatives import apply, derivative, difference_operator


def body_centres(poses: Poses, body: Body) -> np.ndarray:
    """(frames, bodies, 3) m, world: centre of mass of the mass on each joint in `body.joints`."""
    joints = body.joints
    return poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], body.coms)


def whole_com(centres: np.ndarray, body: Body) -> np.ndarray:
    """(frames, 3) m: com = Σ mᵢ rᵢ / Σ mᵢ."""
    return np.einsum("b,fbi->fi", body.masses, centres) / body.masses.sum()


def angle_increments(world_rotation: np.ndarray) -> np.ndarray:
    """(frames, joints, 3) rad, each joint's own axes: running sum of the rotation vectors from frame to frame.

    Its time derivative is the angular velocity ω, so ω can be smoothed by the very filter that smooths
    the velocities; the two terms of the angular momentum then belong together.
    """
    step = rotation.log(rotation.multiply(rotation.conjugate(world_rotation[:-1]), world_rotation[1:]))
    out = np.zeros((*world_rotation.shape[:-1], 3))
    np.cumsum(step, axis=0, out=out[1:])
    return out


@dataclass(frozen=True)
class Momentum:
    """com_velocity : (frames, 3) m/s; com_acceleration : (frames, 3) m/s²; angular_momentum : (frames, 3)
    kg·m²/s about the com; all in world axes."""

    com_velocity: np.ndarray
    com_acceleration: np.ndarray
    angular_momentum: np.ndarray


def momentum(poses: Poses, body: Body, centres: np.ndarray, com: np.ndarray, breaks: list[int]) -> Momentum:
    """L = Σ mᵢ (rᵢ - c) × (vᵢ - v_c) + Rᵢ Iᵢ Rᵢᵀ ωᵢ, with derivatives cut at `breaks` (frame indices).

    A quadratic fitted to points on a circle falls short of their speed, at the ends of a span by several
    per cent for a somersault. So the places are taken apart into the turning of the root, whose rate comes
    from rotations, and the slow change of shape seen from it: with ρ = R₀ᵀ (r - c) and Ω the root's rate
    in its axes, v - v_c = R₀ (ρ̇ + Ω × ρ), so that the orbital part of L is R₀ (Σ m ρ × ρ̇ + J Ω), where J
    is the inertia of the centres about the com.
    """
    n, masses = len(com), body.masses
    root = poses.rig.roots[0]
    R0 = rotation.to_matrix(poses.rotation[:, root])
    shape = (centres - com[:, None]) @ R0  # rows times R₀ are R₀ᵀ (r - c)
    turning = poses.rotation[:, [root, *body.joints]]
    moving = np.concatenate([com[:, None], shape, angle_increments(turning)], axis=1)
    rates = apply(difference_operator(n, poses.dt, 1, tuple(breaks)), moving)
    v_com, shape_rate, root_rate, omega = np.split(rates, [1, 1 + len(masses), 2 + len(masses)], axis=1)
    weighed = np.swapaxes(shape * masses[:, None], 1, 2)
    twist, spread = weighed @ shape_rate, weighed @ shape
    # Σ m ρ × ρ̇ from the antisymmetric part of Σ m ρ ρ̇ᵀ, and J Ω = tr(S) Ω - S Ω with S = Σ m ρ ρᵀ
    orbital = np.stack([twist[:, i, j] - twist[:, j, i] for i, j in ((1, 2), (2, 0), (0, 1))], axis=-1)
    orbital += root_rate[:, 0] * np.trace(spread, axis1=1, axis2=2)[:, None]
    orbital -= (root_rate @ spread)[:, 0]
    own = np.swapaxes(np.swapaxes(omega, 0, 1) @ body.inertias, 0, 1)  # symmetric: rows will do
    L = (R0 @ orbital[..., None])[..., 0] + rotation.rotate(turning[:, 1:], own).sum(axis=1)
    return Momentum(v_com[:, 0], derivative(com, poses.dt, 2, tuple(breaks)), L)


def whole_inertia(poses: Poses, body: Body, centres: np.ndarray, com: np.ndarray, at: slice) -> np.ndarray:
    """(frames, 3, 3) kg·m² inertia of the whole body about its com on the frames `at`, world axes."""
    d = centres[at] - com[at, None]
    square = np.einsum("fbi,fbi,b->f", d, d, body.masses)
    outer = np.einsum("fbi,fbj,b->fij", d, d, body.masses)
    own = world_inertia(body, poses.rotation[at]).sum(axis=1)
    return own + square[:, None, None] * np.eye(3) - outer
