"""The nearest motion that holds together: arc, spin, pushes and footing of a span at once, by least squares.

What is kept small is the change, Σ w (|d|² + τ⁴ |d̈|²); what has to vanish is the wrench that no contact gives,
[(c̈ - g⃗) / g; L̇ / (m g ℓ)] - G λ with λ ≥ 0 along the edges of friction cones, the distance of held points from
their places, what lies under the floor, and knees and elbows past straight. A flight is a frame with no edges: its
arc and its spin are the same residual.

An interior-point method (Nocedal and Wright, Numerical Optimization, ch. 19): a log barrier keeps λ positive; λ is
eliminated frame by frame, which softens each frame's wrench by σ² I + G diag(λ / z) Gᵀ, so that the system in the
poses keeps its five bands.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import effort, rotation
from ironarc.core.errors import EditError
from ironarc.core.settings import SETTINGS
from ironarc.core.solve.banded import Pentadiagonal, Stencil
from ironarc.core.solve.model import (
    Model,
    Spins,
    Stance,
    com_change,
    point_change,
    skew,
    spins,
    stance,
)  # fmt: skip
from ironarc.core.solve.task import EDGE, Bend, OnPass, Points, Solved, Task

FRICTION = SETTINGS["friction"].value
ARM_M = 0.5  # a torque of so many metres of body weight weighs as a force of one
SMOOTH_S = 0.15  # changes quicker than this cost more than slow ones
FORCE_BW, PIN_M, FLOOR_M, HINGE = 0.01, 0.002, 0.003, 0.02  # what each residual is held to
ROOT_M, ROOT_RAD = 0.25, 0.8  # what the root may move and turn by; a stiff one would unfold a somersault
NEAR_RAD, FAR_RAD = 0.12, 0.4  # what joints near the trunk and at the ends may turn by
PRESS = 1e-4  # of each edge's share, squared: of many ways to push the evenest
BARRIER = (1.0, 1e-3, 0.15)  # from, to, and by what it shrinks a pass
DAMP = 1e-6
ROOT_KEPT = 5.0  # times dearer, at most, to move and turn the root
KEPT_FREE = 0.3  # of a step that reaches the barrier, above which the barrier may shrink
MOST_PASSES = 60
HALVINGS, MOST_DAMP = 8, 1e6  # of a step before the next is damped, and how much that may be before it is given up
DUAL_APART = 1e3  # times that a dual may lie off its place on the central path


def spread_of(model: Model) -> np.ndarray:
    """(joints,) rad that each joint may turn by: little near the trunk, which carries all, and more at the ends."""
    carried = model.weighed.sum(axis=1) / model.mass
    out = NEAR_RAD + (FAR_RAD - NEAR_RAD) * (1.0 - carried)
    out[carried <= 1e-9] = 0.0  # what has no mass changes nothing
    out[list(model.rig.roots)] = ROOT_RAD
    return out


def solve_span(task: Task, report: OnPass | None = None, passes: int = MOST_PASSES, close: float = 1e-3) -> Solved:
    """Solves a span. close : share of the cost below which a pass is the last."""
    return _Solver(task, close).run(report, passes)


@dataclass(eq=False)
class _Now:
    """The span as it is: residuals, and what the cost is."""

    s: Stance
    spin: Spins
    push: np.ndarray  # (inner, 6, edges) wrenches of the edges
    off: np.ndarray  # (inner, 6) what they do not give
    change: np.ndarray  # (frames, unknowns) d
    drawn: np.ndarray  # K d
    pins: np.ndarray  # (frames, planted, 3)
    low: np.ndarray  # (frames, clear)
    bent: np.ndarray  # (frames, bends)
    cost: float
    barrier_cost: float


@dataclass(eq=False)
class _At:
    """How far a solution is: poses, shares and duals of the edges, the barrier, the damping, and what they come to."""

    local: np.ndarray
    translation: np.ndarray
    share: np.ndarray
    dual: np.ndarray
    barrier: float
    damp: float
    now: _Now


class _Solver:
    def __init__(self, task: Task, close: float):
        self.t, self.close = task, close
        model, dt = task.model, task.dt
        n = len(task.local)
        self.frames = n
        self.rate = dt * 24  # a second weighs the same at any rate
        free = task.free.copy()
        free[:EDGE] = free[n - EDGE :] = False
        self.free = free
        columns = np.zeros(model.unknowns, dtype=bool)
        columns[:3] = task.root_m > 0
        columns[3:] = np.repeat(task.spread > 0, 3)
        self.columns = np.flatnonzero(columns)
        spread = np.concatenate([np.full(3, task.root_m), np.repeat(task.spread, 3)])
        self.weight = np.where(spread > 0, 1.0 / np.maximum(spread, 1e-9) ** 2, 0.0)
        self.stencil, self.dearer = Stencil(n, self.rate, (SMOOTH_S / dt) ** 4), self._dearer()
        self.system = Pentadiagonal(n, len(self.columns))
        self.edges_of = self._edges()

    def _dearer(self) -> np.ndarray:
        """(frames, unknowns) how much more than usual a change costs. A pose that is wanted is one of the joints: where
        the whole must be follows from the arc."""
        root = self.t.model.rig.roots[0]
        out = np.repeat(self.rate * (self.t.kept - 1.0)[:, None], self.t.model.unknowns, axis=1)
        out[:, :3] = np.minimum(out[:, :3], self.rate * ROOT_KEPT)
        out[:, 3 + 3 * root : 6 + 3 * root] = out[:, :3]
        return out

    def _edges(self) -> tuple[np.ndarray, np.ndarray]:
        """Edges of the cones that push, as (inner, edges, 3) unit forces and (inner, edges) bool."""
        p = self.t.presses
        self.pressing = p.used()
        normal, on = p.normal[1:-1, self.pressing], p.on[1:-1, self.pressing]
        level = np.stack([normal[..., 1], -normal[..., 0], np.zeros(normal.shape[:-1])], axis=-1)
        size = np.linalg.norm(level, axis=-1, keepdims=True)
        along = np.where(size > 1e-6, level / np.maximum(size, 1e-6), [0.0, 0.0, 1.0])
        across = rotation.cross(normal, along)
        ways = np.stack([along, across, -along, -across], axis=2)
        force = (normal[:, :, None] + FRICTION * ways) / np.sqrt(1 + FRICTION**2)
        on = np.repeat(on[..., None], 4, axis=2)
        pulls = p.pulls[1:-1, self.pressing]
        if pulls.any():
            force = np.concatenate([force, -force], axis=2)
            on = np.concatenate([on, on & pulls[..., None]], axis=2)
        self.each = force.shape[2]
        inner = len(force)
        return force.reshape(inner, -1, 3), on.reshape(inner, -1)

    def run(self, report: OnPass | None, passes: int) -> Solved:
        at, made, done = self._begun(), 0, True
        while made < passes:
            effort.check()
            step = self.newton(at.now, at.share, at.dual, at.barrier, at.damp)
            made += 1
            if step is None:
                at.damp = max(10 * at.damp, 1e-3)
                continue
            taken = self._step(at, step)
            if taken is None:
                at.damp = max(20 * at.damp, 1e-2)
                if at.damp > MOST_DAMP:
                    break
                continue
            size, room, gained = taken
            still = gained < self.close * max(abs(at.now.cost), 1.0) and size == 1.0
            worst = float(np.linalg.norm(at.now.off, axis=1).max(initial=0.0))
            if report is not None and not report(made, worst):
                done = False
                break
            if at.barrier <= BARRIER[1] and still:
                break
            if size * min(room, 1.0) > KEPT_FREE:
                at.barrier = max(at.barrier * BARRIER[2], BARRIER[1])
            at.now = self.measure(at.local, at.translation, at.share, at.barrier, True)
        if not np.isfinite(at.now.cost):
            raise EditError(
                "This motion can't be solved: some of its numbers are far too large or too small. Check masses, "
                "gravity and contacts."
            )
        left = np.zeros(self.frames)
        left[1:-1] = np.linalg.norm(at.now.off, axis=1)
        missed = float(np.linalg.norm(at.now.pins, axis=-1).max(initial=0.0))
        return Solved(at.local, at.translation, left, missed, made, done)

    def _begun(self) -> "_At":
        _force, on = self.edges_of
        count = np.maximum(on.sum(axis=1, keepdims=True), 1)
        share = np.where(on, 1.0 / count, 1.0)
        dual = np.where(on, BARRIER[0] / share, 1.0)
        local, translation = self.t.local.copy(), self.t.translation.copy()
        now = self.measure(local, translation, share, BARRIER[0], True)
        return _At(local, translation, share, dual, BARRIER[0], DAMP, now)

    def _step(self, at: "_At", step: tuple[np.ndarray, np.ndarray, np.ndarray]) -> tuple[float, float, float] | None:
        """Goes along a step as far as the cost falls: (share of it taken, room to the barrier, what was gained); None
        where it falls nowhere."""
        _force, on = self.edges_of
        x, d_share, d_dual = step
        room, dual_room = _room(at.share, d_share, on), _room(at.dual, d_dual, on)
        size = 1.0
        for _ in range(HALVINGS):
            tried = self.moved(at.local, at.translation, size * x)
            given = np.where(on, at.share + min(size, room) * d_share, at.share)
            then = self.measure(*tried, given, at.barrier, False)
            if then.barrier_cost < at.now.barrier_cost + 1e-9 * abs(at.now.barrier_cost):
                break
            size *= 0.5
        else:
            return None
        if size == 1.0:
            at.damp = max(at.damp / 5, DAMP)
        gained = abs(at.now.barrier_cost - then.barrier_cost)
        (at.local, at.translation), at.share, at.now = tried, given, then
        dual = np.where(on, at.dual + dual_room * d_dual, at.dual)
        middle = at.barrier / at.share
        at.dual = np.where(on, np.clip(dual, middle / DUAL_APART, middle * DUAL_APART), dual)
        return size, room, gained

    def moved(self, local: np.ndarray, translation: np.ndarray, x: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        turned = rotation.multiply(local, rotation.exp(x[:, 3:].reshape(self.frames, -1, 3)))
        out = translation.copy()
        out[:, list(self.t.model.rig.roots)] += x[:, None, :3]
        return turned, out

    def place(self, s: Stance, points: Points, which: np.ndarray) -> np.ndarray:
        """(frames, points, 3) m, world."""
        joints = points.joints[which]
        return s.at[:, joints] + (s.matrix[:, joints] @ points.own[:, which, :, None])[..., 0]

    def measure(self, local, translation, share, barrier: float, change: bool) -> _Now:
        t, dt, model = self.t, self.t.dt, self.t.model
        force, on = self.edges_of
        s = stance(model, local, translation)
        spin = spins(model, s, dt, change)
        pull = (s.com[2:] - 2 * s.com[1:-1] + s.com[:-2]) / dt**2
        pull[:, 1] += t.g
        wrench = np.concatenate([pull / t.g, np.diff(spin.L, axis=0) / dt / (model.mass * t.g * ARM_M)], axis=1)
        arms = self.place(s, t.presses, self.pressing)[1:-1] - s.com[1:-1, None]
        arms = np.repeat(arms, self.each, axis=1)
        push = np.concatenate([force, rotation.cross(arms, force) / ARM_M], axis=2) * on[..., None]
        push = push.swapaxes(1, 2)
        off = wrench - (push @ share[..., None])[..., 0]
        inside = self.free[:, None]
        pins = self.place(s, t.planted, np.arange(len(t.planted.joints))) - t.planted.place
        pins = np.where((t.planted.on & inside)[..., None], pins, 0.0)
        low = self.place(s, t.clear, np.arange(len(t.clear.joints))) @ t.clear.normal - t.clear.height_m
        low = np.where(t.clear.on & inside, np.minimum(low, 0.0), 0.0)
        bent = np.stack([self.bend(s, b) for b in t.bends], axis=1) if t.bends else np.zeros((self.frames, 0))
        bent = np.where(inside, np.minimum(bent, 0.0), 0.0)
        d = self.difference(local, translation)
        drawn = (self.stencil.times(d) + self.dearer * d) * self.weight
        rate = self.rate
        cost = (d * drawn).sum() / 2 + rate * (off**2).sum() / FORCE_BW**2 / 2
        cost += rate * ((pins**2).sum() / PIN_M**2 + (low**2).sum() / FLOOR_M**2 + (bent**2).sum() / HINGE**2) / 2
        inner = share[on]
        barred = cost + PRESS * (inner**2).sum() / 2 - barrier * np.log(inner).sum()
        return _Now(s, spin, push, off, d, drawn, pins, low, bent, float(cost), float(barred))

    def difference(self, local: np.ndarray, translation: np.ndarray) -> np.ndarray:
        """(frames, unknowns) d: what was changed so far."""
        root = self.t.model.rig.roots[0]
        turned = rotation.log(rotation.multiply(rotation.conjugate(self.t.local), local))
        moved = translation[:, root] - self.t.translation[:, root]
        return np.concatenate([moved, turned.reshape(self.frames, -1)], axis=1)

    def bend(self, s: Stance, b: Bend) -> np.ndarray:
        """(frames,) sine of how far a hinge is bent its own way."""
        return -np.einsum("fi,fi->f", s.matrix[:, b.lower] @ b.far, s.matrix[:, b.upper] @ b.pole)

    def newton(self, now: _Now, share, dual, barrier: float, damp: float):
        """The step of the poses (frames, unknowns), of the shares and of the duals; None where there is none."""
        _, on = self.edges_of
        wrench = self._wrench_rows(now, share)
        give = np.where(on, PRESS + dual / share, 1.0)
        want = np.where(on, -PRESS * share + barrier / share, 0.0)
        eased = now.push / give[:, None, :]
        soft = np.eye(6) * (FORCE_BW**2 / self.rate) + eased @ now.push.swapaxes(1, 2)
        off = now.off - (eased @ want[..., None])[..., 0]
        x = self._solve(now, wrench, soft, off, damp)
        if x is None:
            return None
        before, here, after = wrench
        seen = (before @ x[:-2, :, None] + here @ x[1:-1, :, None] + after @ x[2:, :, None])[..., 0]
        y = np.linalg.solve(soft, (seen + off)[..., None])[..., 0]
        d_share = ((now.push.swapaxes(1, 2) @ y[..., None])[..., 0] + want) / give
        d_share = np.where(on, d_share, 0.0)
        d_dual = np.where(on, barrier / share - dual - dual / share * d_share, 0.0)
        whole = np.zeros((self.frames, self.t.model.unknowns))
        whole[:, self.columns] = x
        return whole, d_share, d_dual

    def _wrench_rows(self, now: _Now, share) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
        """What the wrench of each inner frame changes by with the frame before it, itself and the one after it,
        (inner, 6, columns) each."""
        t, dt, model = self.t, self.t.dt, self.t.model
        com = com_change(model, now.s)
        a, b = 1 / dt**2 / t.g, 1 / dt / (model.mass * t.g * ARM_M)
        before, here, after = (np.empty((self.frames - 2, 6, model.unknowns)) for _ in range(3))
        before[:, :3], before[:, 3:] = a * com[:-2], -b * now.spin.first[:-1]
        here[:, :3], here[:, 3:] = -2 * a * com[1:-1], b * (now.spin.first[1:] - now.spin.second[:-1])
        after[:, :3], after[:, 3:] = a * com[2:], b * now.spin.second[1:]
        # the com moves the arms of the pushes
        pushed = (now.push[:, :3] @ share[..., None])[..., 0]
        here[:, 3:] -= skew(pushed) @ com[1:-1] / ARM_M
        return tuple(block[:, :, self.columns] for block in (before, here, after))

    def _solve(self, now: _Now, wrench, soft: np.ndarray, off: np.ndarray, damp: float) -> np.ndarray | None:
        """The step of the poses, (frames, columns): normal equations of the wrench softened by what its edges give, of
        what concerns single frames, and of the change."""
        n = len(self.columns)
        before, here, after = wrench
        try:
            # soft⁻¹ = halfᵀ half
            half = np.linalg.inv(np.linalg.cholesky(soft))
        except np.linalg.LinAlgError:  # numbers too far apart for the digits there are
            return None
        rows = np.zeros((self.frames, 18, n))
        errors = np.zeros((self.frames, 18))
        error = (half @ off[..., None])[..., 0]
        rows[1:-1, :6], rows[:-2, 6:12], rows[2:, 12:] = half @ here, half @ before, half @ after
        errors[1:-1, :6], errors[:-2, 6:12], errors[2:, 12:] = error, error, error
        more, more_errors = self.one_frame(now)
        free = self.free.astype(float)[:, None, None]
        rows = np.concatenate([rows, *more], axis=1) * free
        errors = np.concatenate([errors, *more_errors], axis=1)
        middle = rows.swapaxes(1, 2) @ rows
        right = -(rows.swapaxes(1, 2) @ errors[..., None])[..., 0]
        beside = rows[:-1, :12].swapaxes(1, 2) @ np.concatenate([rows[1:, 12:18], rows[1:, :6]], axis=1)
        beyond = rows[:-2, 6:12].swapaxes(1, 2) @ rows[2:, 12:18]
        i, weight, stencil = np.arange(n), self.weight[self.columns], self.stencil
        both, farther = free[:-1] * free[1:], free[:-2] * free[2:]
        middle[:, i, i] += (stencil.middle[:, None] + self.dearer[:, self.columns] + damp) * weight
        beside[:, i, i] += stencil.beside[:, None] * weight * both[:, :, 0]
        beyond[:, i, i] += stencil.beyond[:, None] * weight * farther[:, :, 0]
        right -= self.along(now)[:, self.columns] * free[:, :, 0]
        x = self.system.solve(middle, beside, beyond, right)
        return None if x is None else x * free[:, :, 0]

    def one_frame(self, now: _Now) -> tuple[list[np.ndarray], list[np.ndarray]]:
        """Rows of what concerns a single frame: planted points, the floor, hinges."""
        t, s, model, columns = self.t, now.s, self.t.model, self.columns
        rate = np.sqrt(self.rate)
        rows, errors = [], []
        planted = self.place(s, t.planted, np.arange(len(t.planted.joints)))
        for k in t.planted.used():
            counts = (t.planted.on[:, k] * rate / PIN_M)[:, None, None]
            rows.append(point_change(model, s, int(t.planted.joints[k]), planted[:, k])[:, :, columns] * counts)
            errors.append(now.pins[:, k] * rate / PIN_M)
        clear = self.place(s, t.clear, np.arange(len(t.clear.joints)))
        for k in np.flatnonzero((now.low < 0).any(axis=0)):
            counts = ((now.low[:, k] < 0) * rate / FLOOR_M)[:, None, None]
            change = point_change(model, s, int(t.clear.joints[k]), clear[:, k])
            rows.append((t.clear.normal @ change)[:, None][:, :, columns] * counts)
            errors.append(now.low[:, k, None] * rate / FLOOR_M)
        for k, b in enumerate(t.bends):
            if not (now.bent[:, k] < 0).any():
                continue
            far, pole = s.matrix[:, b.lower] @ b.far, s.matrix[:, b.upper] @ b.pole
            row = np.zeros((self.frames, 1, model.unknowns))
            at = 3 + 3 * b.lower
            row[:, 0, at : at + 3] = -np.einsum("fi,fij->fj", rotation.cross(far, pole), s.matrix[:, b.lower])
            rows.append(row[:, :, columns] * ((now.bent[:, k] < 0) * rate / HINGE)[:, None, None])
            errors.append(now.bent[:, k, None] * rate / HINGE)
        return rows, errors

    def along(self, now: _Now) -> np.ndarray:
        """(frames, unknowns) of the change's own slope: Jᵀ K d, where a small turn φ after d adds J φ to it."""
        out = now.drawn.copy()
        d = now.change[:, 3:].reshape(self.frames, -1, 3)
        v = out[:, 3:].reshape(self.frames, -1, 3)
        angle = np.maximum(np.linalg.norm(d, axis=-1, keepdims=True), 1e-6)
        c = 1 / angle**2 - (1 + np.cos(angle)) / (2 * angle * np.sin(angle))
        c = np.where(angle < 1e-3, 1 / 12, c)
        once = rotation.cross(d, v)
        out[:, 3:] = (v - 0.5 * once + c * rotation.cross(d, once)).reshape(self.frames, -1)
        return out


def _room(value: np.ndarray, change: np.ndarray, on: np.ndarray) -> float:
    """The part of a step, up to the whole, that leaves every value more than nothing."""
    shrinks = (-change / value)[on].max(initial=0.0)
    return float(min(1.0, 0.98 / max(shrinks, 1e-12)))
