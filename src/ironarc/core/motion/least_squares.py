"""Damped least squares over any joints, for what closed forms of limbs leave: all frames of a span at once.

Buss and Kim's damped least squares (J. Graphics Tools 10, 2005) in their dual form, each joint with a stiffness of its
own.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import Limb
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.motion.ik import dot, unit

_TINY = 1e-9


@dataclass(frozen=True, eq=False)
class Goal:
    """Where a point of the body is to be, or which way a joint is to be turned.

    joint; at_m : (3,) m in its axes; place : (frames, 3) m, or None; turn : (frames, 4) or None
    sigma_m, sigma_rad : how far off it may be; level : only over the floor, its height is free
    """

    joint: int
    at_m: np.ndarray
    place: np.ndarray | None = None
    turn: np.ndarray | None = None
    sigma_m: float = 0.001
    sigma_rad: float = 0.005
    level: bool = False


@dataclass(frozen=True, eq=False)
class Balance:
    """Where the center of gravity is to be: place (frames, 3) m; axes : which of x, y, z count.

    joints, masses, coms : those of a Body
    """

    joints: np.ndarray
    masses: np.ndarray
    coms: np.ndarray
    place: np.ndarray
    axes: tuple[int, ...] = (0, 1, 2)
    sigma_m: float = 0.001


@dataclass(frozen=True, eq=False)
class Hinge:
    """A joint that bends one way: its far bone `across` (3,) must not pass beyond the near one's `pole` (3,), both in
    the joints' own axes."""

    limb: Limb


@dataclass(frozen=True, eq=False)
class Stiffness:
    """What may move and how readily: joints with a spread (rad) each, and the root's shift (m), 0 for not at all."""

    joints: tuple[int, ...]
    spread_rad: np.ndarray
    root_m: float = 0.0
    hinges: tuple[Hinge, ...] = field(default_factory=tuple)


MOST_STEP_RAD = 0.6
HINGE_WEIGHT = 30.0
DAMPING = 1e-3
MISSED_DAMPING = 4.0


def solve(
    rig: Rig, local: np.ndarray, translation: np.ndarray, goals: Sequence[Goal], may: Stiffness, passes: int = 6,
    balance: Balance | None = None, close_m: float = 1e-5,
) -> tuple[np.ndarray, np.ndarray]:  # fmt: skip
    """Rotations (frames, joints, 4) and origins (frames, joints, 3) m that come as near to the goals as stiffness lets.

    Each pass is x = W Jᵀ (J W Jᵀ + 1)⁻¹ e with W the squared spreads and rows weighed by 1 / sigma: what the goals do
    not ask for stays where it was. Each frame is solved as if it were alone: one that is there stays, whatever the
    others still have to go.
    """
    local, translation = local.copy(), translation.copy()
    solver = _Solver(rig, goals, may, balance)
    joints, least = list(may.joints), np.full(len(local), np.inf)
    best, held = (local.copy(), translation.copy()), np.zeros(len(local))
    goes = np.ones(len(local), dtype=bool)
    for step in range(passes + 1):
        world, position = forward(rig, local, translation)
        rows, errors = solver.rows(world, position)
        cost = (errors * errors).sum(axis=1)
        better = cost <= least
        best[0][better], best[1][better] = local[better], translation[better]
        least = np.minimum(cost, least)
        goes &= ~(better & (solver.worst_m < close_m))
        if step == passes or not goes.any():
            break
        # near its full length a chain answers a long step with a longer miss: such a frame goes back and on by less
        held = np.where(better, held / 4.0, np.maximum(4.0 * held, MISSED_DAMPING))
        back = goes & ~better
        if back.any():
            local[back], translation[back] = best[0][back], best[1][back]
            rows, errors = solver.rows(*forward(rig, local, translation))
        change = solver.step(rows, errors, held)
        turned = change[:, 3:].reshape(len(local), -1, 3)
        largest = np.linalg.norm(turned, axis=-1).max(axis=1, initial=0.0)
        share = np.minimum(1.0, MOST_STEP_RAD / np.maximum(largest, _TINY))[:, None]
        share[~goes] = 0.0
        translation[:, rig.roots[0]] += change[:, :3] * share
        local[:, joints] = rotation.multiply(local[:, joints], rotation.exp(turned * share[..., None]))
    return best


class _Solver:
    """Rows of the Jacobian for the goals, over the root's shift and the turns of the joints that may move."""

    def __init__(self, rig: Rig, goals: Sequence[Goal], may: Stiffness, balance: Balance | None):
        self.rig, self.goals, self.may, self.balance = rig, goals, may, balance
        self.joints = np.array(may.joints, dtype=int)
        self.spread = np.concatenate([np.full(3, may.root_m**2), np.repeat(np.asarray(may.spread_rad) ** 2, 3)])
        self.worst_m = np.full(0, np.inf)  # (frames,) of what must be met to the millimetre
        self._above = {j: self._moved_by(j) for j in {g.joint for g in goals}}
        if balance is not None:
            self._below = np.array([[self._is_above(a, int(j)) for j in balance.joints] for a in self.joints])

    def _is_above(self, joint: int, below: int) -> bool:
        while below >= 0:
            if below == joint:
                return True
            below = int(self.rig.parents[below])
        return False

    def _moved_by(self, joint: int) -> np.ndarray:
        """(moving,) bool: which of the moving joints carry this one."""
        return np.array([self._is_above(int(a), joint) for a in self.joints], dtype=bool)

    def rows(self, world: np.ndarray, position: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        axes = rotation.to_matrix(world[:, self.joints])
        rows, errors, worst = [], [], np.zeros(len(world))
        for goal in self.goals:
            if goal.place is not None:
                at = position[:, goal.joint] + rotation.rotate(world[:, goal.joint], goal.at_m)
                off = goal.place - at
                keep = [0, 2] if goal.level else [0, 1, 2]
                lever = (at[:, None] - position[:, self.joints]) * self._above[goal.joint][:, None]
                rows.append(self._of_point(axes, lever)[:, keep] / goal.sigma_m)
                errors.append(off[:, keep] / goal.sigma_m)
                if goal.sigma_m < 0.005:
                    worst = np.maximum(worst, np.linalg.norm(off[:, keep], axis=-1))
            if goal.turn is not None:
                off = rotation.log(rotation.multiply(goal.turn, rotation.conjugate(world[:, goal.joint])))
                turn = axes * self._above[goal.joint][:, None, None]
                block = np.zeros((len(world), 3, 3 + 3 * len(self.joints)))
                block[:, :, 3:] = turn.transpose(0, 2, 1, 3).reshape(len(world), 3, -1)
                rows.append(block / goal.sigma_rad)
                errors.append(off / goal.sigma_rad)
        if self.balance is not None:
            block, off = self._of_com(axes, world, position)
            rows.append(block / self.balance.sigma_m)
            errors.append(off / self.balance.sigma_m)
            worst = np.maximum(worst, np.linalg.norm(off, axis=-1))
        for hinge in self.may.hinges:
            self._hinge(hinge, world, rows, errors)
        self.worst_m = worst
        return np.concatenate(rows, axis=1), np.concatenate(errors, axis=1)

    def _of_point(self, axes: np.ndarray, lever: np.ndarray) -> np.ndarray:
        """(frames, 3, unknowns): what each unknown moves a point by; lever (frames, moving, 3) from each joint."""
        n = len(axes)
        out = np.zeros((n, 3, 3 + 3 * len(self.joints)))
        out[:, :, :3] = np.eye(3)
        # a turn about a joint's own axis c moves the point by c × lever
        turned = rotation.cross(axes.transpose(0, 1, 3, 2), lever[:, :, None])
        out[:, :, 3:] = turned.transpose(0, 3, 1, 2).reshape(n, 3, -1)
        return out

    def _of_com(self, axes: np.ndarray, world: np.ndarray, position: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        b = self.balance
        share = b.masses / b.masses.sum()
        centres = position[:, b.joints] + rotation.rotate(world[:, b.joints], b.coms)
        off = b.place - (centres * share[:, None]).sum(axis=1)
        weight = self._below * share
        lever = np.einsum("ab,fbi->fai", weight, centres) - weight.sum(axis=1)[:, None] * position[:, self.joints]
        keep = list(b.axes)
        return self._of_point(axes, lever)[:, keep], off[:, keep]

    def _hinge(self, hinge: Hinge, world: np.ndarray, rows: list, errors: list) -> None:
        """One-sided: where a knee or an elbow has passed straight, a row that brings it back."""
        limb = hinge.limb
        found = np.flatnonzero(self.joints == limb.lower)
        if not len(found):
            return
        offset = self.rig.offsets[limb.lower]
        near = rotation.rotate(world[:, limb.upper], unit(offset))
        pole = rotation.rotate(world[:, limb.upper], limb.pole)
        normal = rotation.cross(near, pole)
        far = rotation.rotate(world[:, limb.lower], unit(limb.wrist_m))
        # bent the right way, the far bone lies away from the pole: sin of the bend is -far · pole
        bend = -dot(far, pole)[:, 0]
        wrong = bend < 0
        if not wrong.any():
            return
        axes = rotation.to_matrix(world[:, limb.lower])
        block = np.zeros((len(world), 1, 3 + 3 * len(self.joints)))
        at = 3 + 3 * int(found[0])
        block[:, 0, at : at + 3] = np.einsum("fi,fij->fj", -normal, axes) * (wrong * HINGE_WEIGHT)[:, None]
        rows.append(block)
        errors.append((np.where(wrong, -bend, 0.0) * HINGE_WEIGHT)[:, None])

    def step(self, rows: np.ndarray, errors: np.ndarray, held: np.ndarray) -> np.ndarray:
        """(frames, unknowns): the change of one pass; held (frames,) : damping beyond the usual one."""
        weighed = rows * self.spread
        square = weighed @ rows.transpose(0, 2, 1)
        i = np.arange(square.shape[1])
        square[:, i, i] += (1.0 + DAMPING + held)[:, None]
        return (weighed.transpose(0, 2, 1) @ np.linalg.solve(square, errors[..., None]))[..., 0]
