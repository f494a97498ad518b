"""Center of gravity, momentum and angular momentum of a body in motion."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.body import Body, world_inertia
from ironarc.core.motion.bake import Poses
from ironarc.core.reading.derivatives import derivative


def body_centres(poses: Poses, body: Body) -> np.ndarray:
    """(frames, bodies, 3) m, world: centre of mass of the mass on each joint in `body.joints`."""
    joints = body.joints
    return poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], body.coms)


def whole_com(centres: np.ndarray, body: Body) -> np.ndarray:
    """(frames, 3) m: com = Σ mᵢ rᵢ / Σ mᵢ."""
    return np.einsum("b,fbi->fi", body.masses, centres) / body.masses.sum()


def angle_increments(world_rotation: np.ndarray) -> np.ndarray:
    """(frames, joints, 3) rad, world: running sum of the rotation vectors from each frame to the next.

    Its time derivative is the angular velocity ω, so ω can be smoothed by the very filter that smooths
    the velocities; the two terms of the angular momentum then belong together.
    """
    step = rotation.log(rotation.multiply(world_rotation[1:], rotation.conjugate(world_rotation[:-1])))
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
    from rotations, and the slow change of shape seen from it: with ρ = R₀ᵀ (r - c) and Ω the root's rate,
    v - v_c = R₀ ρ̇ + Ω × (r - c).
    """
    v_com = derivative(com, poses.dt, 1, breaks)
    a_com = derivative(com, poses.dt, 2, breaks)
    root = poses.rotation[:, poses.rig.roots[0], None]
    away = centres - com[:, None]
    shape_rate = derivative(rotation.rotate(rotation.conjugate(root), away), poses.dt, 1, breaks)
    root_rate = derivative(angle_increments(root), poses.dt, 1, breaks)
    velocity = rotation.rotate(root, shape_rate) + rotation.cross(root_rate, away)
    omega = derivative(angle_increments(poses.rotation[:, body.joints]), poses.dt, 1, breaks)
    orbital = body.masses[:, None] * rotation.cross(away, velocity)
    # R I Rᵀ ω without building R I Rᵀ: turn ω into the part's axes, weigh it, turn it back
    turn = poses.rotation[:, body.joints]
    own = rotation.rotate(rotation.conjugate(turn), omega)
    own = rotation.rotate(turn, np.einsum("bij,fbj->fbi", body.inertias, own))
    return Momentum(v_com, a_com, (orbital + own).sum(axis=1))


def whole_inertia(poses: Poses, body: Body, centres: np.ndarray, com: np.ndarray, at: slice) -> np.ndarray:
    """(frames, 3, 3) kg·m² inertia of the whole body about its com on the frames `at`, world axes."""
    d = centres[at] - com[at, None]
    square = np.einsum("fbi,fbi,b->f", d, d, body.masses)
    outer = np.einsum("fbi,fbj,b->fij", d, d, body.masses)
    own = world_inertia(body, poses.rotation[at]).sum(axis=1)
    return own + square[:, None, None] * np.eye(3) - outer
