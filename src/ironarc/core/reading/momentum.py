"""Center of gravity, momentum and angular momentum of a body in motion."""

from dataclasses import dataclass, fields
from functools import lru_cache

import numpy as np
from scipy.sparse import csr_array

from ironarc.core import rotation
from ironarc.core.figure.body import Body, Part, world_inertia
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.derivatives import QUADRATIC, apply, derivative, operator_rows
from ironarc.core.rows import blocks


def body_centres(poses: Poses, body: Body) -> np.ndarray:
    """(frames, bodies, 3) m, world: centre of mass of the mass on each joint in `body.joints`.

    An offset of the center of gravity moves every one of them by it, as if what has no bone were spread evenly.
    """
    joints = body.joints
    at = np.empty((len(poses.frames), len(joints), 3))
    for a, b in blocks(len(at)):
        span = slice(a, b)
        at[span] = poses.position[span, joints] + rotation.rotate(poses.rotation[span, joints], body.coms)
    return at + set_off(poses, body)[:, None] if body.offset_m.any() else at


def set_off(poses: Poses, body: Body) -> np.ndarray:
    """(frames, 3) m, world: from the computed center of gravity to the one that is used."""
    return rotation.rotate(poses.rotation[:, poses.rig.roots[0]], body.offset_m)


def whole_com(centres: np.ndarray, body: Body) -> np.ndarray:
    """(frames, 3) m: com = Σ mᵢ rᵢ / Σ mᵢ."""
    return np.einsum("b,fbi->fi", body.masses, centres) / body.masses.sum()


def angle_increments(world_rotation: np.ndarray) -> np.ndarray:
    """(frames, joints, 3) rad, each joint's own axes: running sum of the rotation vectors from frame to frame.

    Its time derivative is the angular velocity ω, so ω can be smoothed by the very filter that smooths
    the velocities; the two terms of the angular momentum then belong together.
    """
    out = np.zeros((*world_rotation.shape[:-1], 3))
    np.cumsum(rotation.steps(world_rotation), axis=0, out=out[1:])
    return out


@dataclass(frozen=True)
class Momentum:
    """com_velocity : (frames, 3) m/s; com_acceleration : (frames, 3) m/s²; angular_momentum : (frames, 3)
    kg·m²/s about the com; spins : (frames, groups, 3) of each of `groups_of` the body, whose sum is that of the body
    alone; all in world axes."""

    com_velocity: np.ndarray
    com_acceleration: np.ndarray
    angular_momentum: np.ndarray
    spins: np.ndarray


GROUPS = ("trunk and head", "left arm", "right arm", "left leg", "right leg", "other")
_GROUP_OF = {"upper arm": "arm", "forearm": "arm", "hand": "arm", "thigh": "leg", "shank": "leg", "foot": "leg"}


@lru_cache(maxsize=64)
def groups_of(body: Body) -> dict[str, np.ndarray]:
    """Groups of parts whose spin is told, in the order of GROUPS: (bodies,) 1.0 for each of `body.joints` in one."""
    groups = np.array([_group_of(next(p for p in body.parts if p.joint == joint)) for joint in body.joints])
    return {name: (groups == name).astype(float) for name in GROUPS if name in groups}


def _group_of(part: Part) -> str:
    if part.segment in _GROUP_OF:
        return f"{part.side} {_GROUP_OF[part.segment]}"
    return GROUPS[0] if part.segment in ("trunk", "head") else GROUPS[-1]


def momentum(
    poses: Poses, body: Body, centres: np.ndarray, com: np.ndarray, breaks: list[int], degree: int = QUADRATIC,
    was: tuple[Momentum, np.ndarray] | None = None,
) -> Momentum:  # fmt: skip
    """L = Σ mᵢ (rᵢ - c) × (vᵢ - v_c) + Rᵢ Iᵢ Rᵢᵀ ωᵢ, with derivatives cut at `breaks` (frame indices), by groups of
    parts and of all.

    A quadratic fitted to points on a circle falls short of their speed, at the ends of a span by several
    per cent for a somersault. So the places are taken apart into the turning of the root, whose rate comes
    from rotations, and the slow change of shape seen from it: with ρ = R₀ᵀ (r - c) and Ω the root's rate
    in its axes, v - v_c = R₀ (ρ̇ + Ω × ρ).

    was : the momentum of a motion that differs on some frames, and (frames,) bool, where this one comes out otherwise
    """
    if was:
        v_com, a_com, L, spins = (np.array(getattr(was[0], f.name)) for f in fields(Momentum))
    else:
        v_com, a_com, L = np.zeros((3, len(com), 3))
        spins = np.zeros((len(com), len(groups_of(body)), 3))
    for a, b in blocks(len(com)):
        if was and not was[1][a:b].any():
            continue
        rates, (low, high) = operator_rows((a, b), len(com), poses.dt, 1, breaks, degree)
        bends, _ = operator_rows((a, b), len(com), poses.dt, 2, breaks, degree)
        around, inside = slice(low, high), slice(a - low, b - low)
        v_com[a:b], spins[a:b] = _momentum_of(
            poses.rotation[around], poses.rig.roots[0], body, centres[around], com[around], rates, inside
        )
        a_com[a:b], L[a:b] = apply(bends, com[around]), spins[a:b].sum(axis=1)
    return Momentum(v_com, a_com, L, spins)


def _momentum_of(
    turn: np.ndarray, root: int, body: Body, centres: np.ndarray, com: np.ndarray, rows: csr_array, inside: slice
) -> tuple[np.ndarray, np.ndarray]:
    """Velocity of the com and angular momentum of each group on the frames `inside` of a stretch; `rows` differentiate
    there."""
    masses, groups = body.masses, np.array(list(groups_of(body).values()))
    R0 = rotation.to_matrix(turn[:, root])
    shape = (centres - com[:, None]) @ R0  # rows times R₀ are R₀ᵀ (r - c)
    turning = turn[:, [root, *body.joints]]
    moving = np.concatenate([com[:, None], shape, angle_increments(turning)], axis=1)
    rates = (rows @ moving.reshape(len(moving), -1)).reshape(-1, *moving.shape[1:])
    v_com, shape_rate, root_rate, omega = np.split(rates, [1, 1 + len(masses), 2 + len(masses)], axis=1)
    shape = shape[inside]
    orbital = rotation.cross(shape, shape_rate + rotation.cross(root_rate, shape))
    own = np.swapaxes(np.swapaxes(omega, 0, 1) @ body.inertias, 0, 1)  # symmetric: rows will do
    orbital = (groups * masses) @ orbital @ np.swapaxes(R0[inside], 1, 2)
    return v_com[:, 0], orbital + groups @ rotation.rotate(turning[inside, 1:], own)


def whole_inertia(poses: Poses, body: Body, centres: np.ndarray, com: np.ndarray, at: slice) -> np.ndarray:
    """(frames, 3, 3) kg·m² inertia of the whole body about its com on the frames `at`, world axes."""
    d = centres[at] - com[at, None]
    outer = np.swapaxes(d * body.masses[:, None], 1, 2) @ d
    square = np.trace(outer, axis1=1, axis2=2)
    return world_inertia(body, poses.rotation[at]) + square[:, None, None] * np.eye(3) - outer


def laden_path(body_kg: float, body_com: np.ndarray, loads) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """Mass (frames,) kg, com and path (frames, 3) m of a body with what it holds.

    The com shifts when more or less is held, though nothing moves; the path is the com without these shifts: each
    step from a frame to the next is made with what is held half-way between them.
    """
    mass = body_kg + sum(load.mass for load in loads)
    moment = body_kg * body_com + sum(load.mass[:, None] * load.centre for load in loads)
    com = moment / mass[:, None]
    middle = [(load.mass[1:] + load.mass[:-1]) / 2 for load in loads]
    step = body_kg * np.diff(body_com, axis=0)
    step = step + sum(m[:, None] * np.diff(load.centre, axis=0) for m, load in zip(middle, loads, strict=True))
    step /= (body_kg + sum(middle))[:, None]
    return mass, com, com[:1] + np.concatenate([np.zeros((1, 3)), np.cumsum(step, axis=0)])


def with_loads(
    poses: Poses, body_kg: float, com: np.ndarray, moved: Momentum, loads, breaks: list[int], degree: int = QUADRATIC
) -> Momentum:
    """The momentum of a body, com (frames, 3) m and momentum `moved`, together with its loads.

    A load that is taken up counts little by little: m(t). Speeds are p / M with p = Σ m(t) v, not the rate of the
    common com, which shifts because more counts and not because anything moves; so no force is invented.
    L = Σ Lᵢ + mᵢ (cᵢ - c) × (vᵢ - v) over the body and each load, where speeds against the body are taken apart
    into the root's turning and the rest, as `momentum` does.
    """
    edges = tuple(breaks)
    mass = body_kg + sum(load.mass for load in loads)
    share = 1.0 / mass[:, None]
    weights = [load.mass[:, None] for load in loads]

    def mean(of_body: np.ndarray, of_loads: list[np.ndarray]) -> np.ndarray:
        return share * (body_kg * of_body + sum(w * v for w, v in zip(weights, of_loads, strict=True)))

    def rate(x: np.ndarray, order: int) -> np.ndarray:
        return derivative(x, poses.dt, order, edges, degree)

    common = mean(com, [load.centre for load in loads])
    speed = mean(moved.com_velocity, [rate(load.centre, 1) for load in loads])
    push = mean(moved.com_acceleration, [rate(load.centre, 2) for load in loads])
    against_body = [_speed_against(poses, load.centre - com, edges, degree) for load in loads]
    drift = mean(np.zeros_like(com), against_body)
    L = moved.angular_momentum - body_kg * np.cross(com - common, drift)
    for w, load, apart in zip(weights, loads, against_body, strict=True):
        omega = rate(angle_increments(load.rotation[:, None])[:, 0], 1)
        own = rotation.rotate(load.rotation, omega @ load.inertia)
        L = L + w * np.cross(load.centre - common, apart - drift) + load.counts[:, None] * own
    return Momentum(speed, push, L, moved.spins)


def _speed_against(poses: Poses, apart: np.ndarray, edges: tuple[int, ...], degree: int) -> np.ndarray:
    """(frames, 3) m/s: rate of a distance (frames, 3) from the body's com, as R₀ (ρ̇ + Ω × ρ)."""
    turn = poses.rotation[:, poses.rig.roots[0]]
    shape = rotation.rotate(turn, apart, back=True)
    turning = derivative(angle_increments(turn[:, None])[:, 0], poses.dt, 1, edges, degree)
    return rotation.rotate(turn, derivative(shape, poses.dt, 1, edges, degree) + np.cross(turning, shape))


def laden_inertia(
    inertia: np.ndarray, body_kg: float, com: np.ndarray, common: np.ndarray, loads, at: slice
) -> np.ndarray:
    """(frames, 3, 3) kg·m² about the common com: the body's about its own com, moved there, and the loads'."""
    out = inertia + _moved_inertia(np.full(len(com[at]), body_kg), com[at] - common[at])
    for load in loads:
        turn = rotation.to_matrix(load.rotation[at])
        own = turn @ load.inertia @ np.swapaxes(turn, -1, -2)
        out = out + load.counts[at, None, None] * own + _moved_inertia(load.mass[at], load.centre[at] - common[at])
    return out


def _moved_inertia(mass: np.ndarray, d: np.ndarray) -> np.ndarray:
    """(frames, 3, 3): parallel-axis term m (|d|² 1 - d dᵀ)."""
    square = np.einsum("fi,fi->f", d, d)[:, None, None] * np.eye(3)
    return mass[:, None, None] * (square - d[:, :, None] * d[:, None, :])
