"""A body over a span of frames, and what a small change of its pose does to its center of gravity and its spin.

Unknowns of a frame: a shift of the root (3, m, world), then a rotation vector φ (3, rad) for every joint, put after
what is there: R_local ← R_local exp(φ). In the world that turns all that hangs on a joint by R φ about the joint.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.figure.rig import Rig, forward

MOST_TURN = 2.5  # rad between two frames, up to where a chord is told from its arc


@dataclass(frozen=True, eq=False)
class Model:
    """What of a rig and a body the solvers need.

    below : (joints, joints) 1 where the second hangs on the first, or is it; weighed : (joints, bodies) the same for
    what carries mass, times its mass
    """

    rig: Rig
    body: Body
    below: np.ndarray
    weighed: np.ndarray

    @property
    def unknowns(self) -> int:
        return 3 + 3 * len(self.rig)

    @property
    def mass(self) -> float:
        return float(self.body.masses.sum())


def model_of(rig: Rig, body: Body) -> Model:
    n = len(rig)
    below = np.eye(n)
    for j in range(n):
        above = int(rig.parents[j])
        while above >= 0:
            below[above, j] = 1.0
            above = int(rig.parents[above])
    return Model(rig, body, below, below[:, body.joints] * body.masses)


@dataclass(frozen=True, eq=False)
class Stance:
    """A body on some frames.

    local, translation : as poses have them; turn : (frames, joints, 4) and matrix : (frames, joints, 3, 3) world;
    at : (frames, joints, 3) m; centres : (frames, bodies, 3) m; com : (frames, 3) m
    """

    local: np.ndarray
    translation: np.ndarray
    turn: np.ndarray
    matrix: np.ndarray
    at: np.ndarray
    centres: np.ndarray
    com: np.ndarray


def stance(model: Model, local: np.ndarray, translation: np.ndarray) -> Stance:
    """The body with local rotations (frames, joints, 4) and origins (frames, joints, 3) m."""
    body = model.body
    turn, at = forward(model.rig, local, translation)
    matrix = rotation.to_matrix(turn)
    centres = at[:, body.joints] + (matrix[:, body.joints] @ body.coms[None, ..., None])[..., 0]
    if body.offset_m.any():
        centres = centres + (matrix[:, model.rig.roots[0]] @ body.offset_m)[:, None]
    return Stance(
        local, translation, turn, matrix, at, centres, np.einsum("b,fbi->fi", body.masses, centres) / model.mass
    )


def skew(v: np.ndarray) -> np.ndarray:
    """(..., 3, 3) with skew(v) w = v × w."""
    out = np.zeros((*v.shape, 3))
    for i, j, k in ((0, 1, 2), (1, 2, 0), (2, 0, 1)):
        out[..., j, k], out[..., k, j] = -v[..., i], v[..., i]
    return out


def _by_joint(blocks: np.ndarray, root: np.ndarray | float) -> np.ndarray:
    """(frames, 3, unknowns) of blocks (frames, joints, 3, 3) a joint, and one (3, 3) of the root's shift."""
    frames, joints = blocks.shape[:2]
    out = np.empty((frames, 3, 3 + 3 * joints))
    out[:, :, :3] = root
    out[:, :, 3:] = blocks.transpose(0, 2, 1, 3).reshape(frames, 3, -1)
    return out


def com_change(model: Model, s: Stance) -> np.ndarray:
    """(frames, 3, unknowns): what each unknown moves the center of gravity by."""
    moment = np.einsum("jb,fbi->fji", model.weighed, s.centres)
    lever = (moment - model.weighed.sum(axis=1)[:, None] * s.at) / model.mass
    return _by_joint(-skew(lever) @ s.matrix, np.eye(3))


def point_change(model: Model, s: Stance, joint: int, at: np.ndarray) -> np.ndarray:
    """(frames, 3, unknowns): what each unknown moves a point at (frames, 3) m by, that rides on a joint."""
    out = np.zeros((len(at), 3, model.unknowns))
    out[:, :, :3] = np.eye(3)
    j = joint
    while j >= 0:
        out[:, :, 3 + 3 * j : 6 + 3 * j] = -skew(at - s.at[:, j]) @ s.matrix[:, j]
        j = int(model.rig.parents[j])
    return out


@dataclass(frozen=True, eq=False)
class Spins:
    """Angular momentum between neighbouring frames.

    L : (frames - 1, 3) kg·m²/s about the center of gravity, world
    first, second : (frames - 1, 3, unknowns) its change with the earlier and the later frame, or None
    """

    L: np.ndarray
    first: np.ndarray | None = None
    second: np.ndarray | None = None


def spins(model: Model, s: Stance, dt: float, change: bool = False) -> Spins:
    """L = κ Σ m ρ₀ × ρ₁ / dt + Σ R I Rᵀ ω, with ρ from the center of gravity.

    ρ₀ × ρ₁ is ρ × Δρ at the middle of the two. A body that turns by θ from frame to frame covers a chord of sin θ
    for an arc of θ; κ = θ / sin θ, of the root, makes up for it, and is taken as it stands in the derivatives.
    """
    body = model.body
    own = s.turn[:, body.joints]
    step = rotation.log(rotation.multiply(rotation.conjugate(own[:-1]), own[1:]))
    middle = rotation.to_matrix(rotation.multiply(own[:-1], rotation.exp(step / 2)))
    spin = (middle @ (body.inertias @ (step / dt)[..., None]))[..., 0]
    root = s.turn[:, model.rig.roots[0]]
    whole = rotation.log(rotation.multiply(rotation.conjugate(root[:-1]), root[1:]))
    angle = np.minimum(np.linalg.norm(whole, axis=-1), MOST_TURN)
    chord = (1.0 / np.maximum(np.sinc(angle / np.pi), 0.1))[:, None]
    rho = s.centres - s.com[:, None]
    before, after = rho[:-1], rho[1:]
    orbit = chord * (body.masses[:, None] * rotation.cross(before, after)).sum(axis=1) / dt
    L = orbit + spin.sum(axis=1)
    if not change:
        return Spins(L)
    inertia = middle @ body.inertias @ middle.swapaxes(-1, -2)
    gaps, joints = len(L), len(model.rig)
    under = model.below[:, body.joints]
    mine = np.einsum("jb,fbi->fji", under, spin)
    heavy = (under @ inertia.reshape(gaps, -1, 9)).reshape(gaps, joints, 3, 3) / dt
    half = -0.5 * skew(mine)

    def orbital(moved: np.ndarray, other: np.ndarray, pivot: np.ndarray) -> np.ndarray:
        """Σ m ((w × x) × y) = (T - tr T) w with T = Σ m x yᵀ over what hangs on a joint; x from the joint itself."""
        table = (model.weighed @ np.einsum("fbi,fbj->fbij", moved, other).reshape(gaps, -1, 9)).reshape(
            gaps, joints, 3, 3
        )
        first = np.einsum("jb,fbi->fji", model.weighed, other)
        table = table - pivot[..., :, None] * first[..., None, :]
        trace = np.trace(table, axis1=-2, axis2=-1)
        return table - trace[..., None, None] * np.eye(3)

    pivots = s.at - s.com[:, None]
    scale = chord[..., None, None] / dt
    first = (scale * orbital(before, after, pivots[:-1]) + half - heavy) @ s.matrix[:-1]
    second = (-scale * orbital(after, before, pivots[1:]) + half + heavy) @ s.matrix[1:]
    return Spins(L, _by_joint(first, 0.0), _by_joint(second, 0.0))
