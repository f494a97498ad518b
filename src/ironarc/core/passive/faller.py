"""One body of a run: its tree, the keyed motion its tone leads it to, what holds it, and what it keeps in the air."""

from functools import cached_property

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.passive.letting import Blow, Fallen, Falling
from ironarc.core.passive.tree import Tree

# Of a body that lives: less than critical, as muscles are, for else it takes a blow like a post
LIVES_RATIO = 0.4
# Rates (Hz) of a joint: up to half tone in proportion to it, at full tone so stiff that it keeps to its keys
RATE_HZ, KEPT_HZ = 8.0, 50.0
DAMPING = 0.25  # N·m·s/rad of a limp joint: flesh and sinew
LED_ARMATURE = 1e4  # times the body's inertia, that a joint which is led is given: nothing slows it
FASTEST_RAD = 150.0  # rad/s of a joint, past which a run has blown up
GAINS, GAINS_J = 0.25, 20.0
BLOWN_UP_J = 3000.0  # in a frame, also where something strikes the body
PLANTED_SOLREF = (0.01, 1.0)
# What stays is heavy while it does: a weld alone loses to the spring of an ankle that the whole body leans on
PLANTED_KG, PLANTED_INERTIA = 2e4, 600.0


class Keyed:
    """The keyed motion in the engine's coordinates, on cubics between its frames."""

    def __init__(self, model, tree: Tree):
        self.model, self.dt, self.start = model, tree.poses.dt, tree.start
        self.q = [tree.qpos(f, model.nq) for f in range(len(tree.poses.frames))]
        self.speeds: dict[int, np.ndarray] = {}

    def _between(self, a: int, b: int) -> np.ndarray:
        out = np.zeros(self.model.nv)
        if a != b:
            mujoco.mj_differentiatePos(self.model, out, 1.0, self.q[a], self.q[b])
        return out

    def _speed(self, f: int) -> np.ndarray:
        """(nv,) a frame, by central differences, the outer ones one-sided."""
        if f not in self.speeds:
            a, b = max(f - 1, 0), min(f + 1, len(self.q) - 1)
            self.speeds[f] = self._between(a, b) / max(b - a, 1)
        return self.speeds[f]

    def at(self, k: int, u: float) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
        """Coordinates (nq,), speeds and accelerations (nv,) a share u after index k since the start."""
        last = len(self.q) - 1
        f = min(self.start + k, last)
        g = min(f + 1, last)
        if f == g:
            still = np.zeros(self.model.nv)
            return self.q[f].copy(), still, still
        v0, v1, step = self._speed(f), self._speed(g), self._between(f, g)
        moved = (u**3 - 2 * u * u + u) * v0 + (3 * u * u - 2 * u**3) * step + (u**3 - u * u) * v1
        speed = (3 * u * u - 4 * u + 1) * v0 + (6 * u - 6 * u * u) * step + (3 * u * u - 2 * u) * v1
        gains = (6 * u - 4) * v0 + (6 - 12 * u) * step + (6 * u - 2) * v1
        there = self.q[f].copy()
        mujoco.mj_integratePos(self.model, there, moved, 1.0)
        return there, speed / self.dt, gains / self.dt**2


class Faller:
    """A body of a run over so many frames. mark : tells its names in the engine from another body's

    is_alone : whether nothing but the ground can give it speed
    """

    def __init__(self, falling: Falling, frames: int, mark: str, is_alone: bool):
        self.poses, self.body, self.start = falling.poses, falling.body, falling.start
        self.tone, self.letting, self.performer = falling.tone, falling.letting, falling.performer
        self.rig, self.frames, self.is_alone = falling.poses.rig, frames, is_alone
        led = frozenset()
        if self.letting.joints is not None:
            led = frozenset(range(len(self.rig))) - self.letting.joints
        self.tree = Tree(self.poses, self.body, self.start, frames, led, self.letting.lives or bool(led), mark)
        self.names = {self.tree.name(j): j for j in range(len(self.rig))}
        rows = self.tree.rows if self.tree.keeps else np.repeat(self.start, frames)
        self.local, self.moved = self.poses.local[rows].copy(), self.poses.translation[rows].copy()
        self.touches = np.zeros(frames, dtype=bool)
        self.steps: list[np.ndarray] = []
        self.blows = sorted(self.letting.blows, key=lambda b: b.index)
        self.flight: tuple | None = None
        self.off = np.zeros(9)
        self.struck = False  # on this frame

    def add_to(self, spec) -> None:
        self.tree.add_to(spec)
        for j in self.letting.planted:
            at, turn, own = self.poses.position[self.start, j], self.poses.rotation[self.start, j], self.tree.name(j)
            # heavy as the model is made, or the weld is made for a light foot; and no load on the leg by that
            foot = spec.body(own)
            foot.gravcomp, foot.mass = 1.0, foot.mass + PLANTED_KG
            foot.fullinertia = np.array(foot.fullinertia) + np.array([PLANTED_INERTIA] * 3 + [0.0] * 3)
            spec.worldbody.add_body(name=f"plant {own}", mocap=True, pos=list(at), quat=list(turn))
            weld = spec.add_equality(type=mujoco.mjtEq.mjEQ_WELD, objtype=mujoco.mjtObj.mjOBJ_BODY)
            weld.name, weld.name1, weld.name2 = f"plant {own}", f"plant {own}", own
            weld.solref = list(PLANTED_SOLREF)
            # relative to where they are as the model is made: as they lie in each other
            weld.data = np.array([0, 0, 0, 0, 0, 0, 1, 0, 0, 0, 1, 0], dtype=float)
            for k in self._below(j):
                spec.add_exclude(bodyname1="world", bodyname2=self.tree.name(k))

    def bind(self, model, data, gravity: np.ndarray, h: float) -> None:
        """Finds itself in the model that was made of it, stepped by h s."""
        self.model, self.data, self.gravity, self.h = model, data, gravity, h
        self.tree.bind(model)
        self.ids, self.root, self.springs = self.tree.ids, self.tree.root, self.tree.springs
        names = {j: self.tree.name(j) for j in self.letting.planted}
        self.plants = {
            j: (int(model.body(f"plant {name}").mocapid[0]), model.equality(f"plant {name}").id)
            for j, name in names.items()
        }
        ids = {j: model.body(name).id for j, name in names.items()}
        self.own = {
            j: (i, model.body_mass[i] - PLANTED_KG, model.body_inertia[i] - PLANTED_INERTIA) for j, i in ids.items()
        }
        self.keyed = Keyed(model, self.tree)
        self.damping = np.zeros(model.nv)

    def _below(self, joint: int) -> list[int]:
        """A joint and all that hangs on it."""
        out = [joint]
        for j in range(joint + 1, len(self.rig)):
            if int(self.rig.parents[j]) in out:
                out.append(j)
        return out

    @cached_property
    def dofs(self) -> slice:
        return slice(self.root.v, self.root.v + sum(x.dofs for x in self.tree.joints.values()))

    # --- the hand-over ----------------------------------------------------------------------------------

    def pose(self) -> None:
        """The pose it is let go in, with the motion its keys have."""
        q, speed, _ = self.keyed.at(0, 0.0)
        self.data.qpos[self.tree.own_q] = q[self.tree.own_q]
        self.data.qvel[self.dofs] = speed[self.dofs]
        self.plant(0, 0.0)

    def set_off(self) -> None:
        """Its center of gravity and its spin to the letter, as the frames beside have them; mj_forward is done."""
        f, n = self.start, len(self.keyed.q)
        a, b = max(f - 1, 0), min(f + 1, n - 1)
        if not self.letting.is_whole:
            return
        if b > a:
            self._meet(*self._told(a, b))
        # half a step back, so that what falls lies on its parabola
        self.data.qvel[self.root.v : self.root.v + 3] -= self.gravity * self.h / 2

    def _told(self, a: int, b: int) -> tuple[np.ndarray, np.ndarray]:
        """(3,) m/s of the center of gravity and (3,) kg·m²/s about it, as the frames beside have them."""
        body, p, dt = self.body, self.poses, self.poses.dt
        rows = slice(a, b + 1)
        at = p.position[rows][:, body.joints] + rotation.rotate(p.rotation[rows][:, body.joints], body.coms)
        share = body.masses / body.masses.sum()
        com = np.einsum("b,fbi->fi", share, at)
        v = (at[-1] - at[0]) / ((b - a) * dt)
        v_com = (com[-1] - com[0]) / ((b - a) * dt)
        turn = p.rotation[rows][:, body.joints]
        w = rotation.log(rotation.multiply(turn[-1], rotation.conjugate(turn[0]))) / ((b - a) * dt)
        here = self.start - a
        r = rotation.to_matrix(turn[here])
        inertia = np.einsum("bij,bjk,blk->bil", r, body.inertias, r)
        L = np.einsum("bij,bj->i", inertia, w)
        L += np.einsum("b,bi->i", body.masses, np.cross(at[here] - com[here], v - v_com))
        return v_com, L

    def momentum(self) -> tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]:
        """Center of gravity (3,) m, its velocity, the angular momentum about it, and the locked inertia (3, 3)."""
        m, d = self.model, self.data
        mujoco.mj_subtreeVel(m, d)
        root = self.ids[0]
        com = d.subtree_com[root].copy()
        off = d.xipos[self.ids] - com
        r = d.ximat[self.ids].reshape(-1, 3, 3)
        mass = m.body_mass[self.ids]
        inertia = np.einsum("bij,bj,bkj->ik", r, m.body_inertia[self.ids], r)
        inertia += np.einsum("b,bi,bi->", mass, off, off) * np.eye(3) - np.einsum("b,bi,bj->ij", mass, off, off)
        return com, d.subtree_linvel[root].copy(), d.subtree_angmom[root].copy(), inertia

    def _meet(self, velocity: np.ndarray, L: np.ndarray) -> None:
        """The root's speed such that the whole has this velocity and this angular momentum."""
        com, v, spin, inertia = self.momentum()
        dw = np.linalg.solve(inertia, L - spin)
        d, root = self.data, self.ids[0]
        d.qvel[self.root.v + 3 : self.root.v + 6] += d.xmat[root].reshape(3, 3).T @ dw
        d.qvel[self.root.v : self.root.v + 3] += velocity - v + np.cross(dw, d.xpos[root] - com)
        mujoco.mj_forward(self.model, d)

    # --- a frame, and a step of it ------------------------------------------------------------------------

    def begin(self) -> None:
        self.flight = self._flight() if self.letting.is_whole else None
        self.energy = self._energy()

    def start_frame(self, k: int) -> None:
        """Before the steps that lead to frame index k."""
        self.stiffest = self._set_tone((k - 1) / max(self.frames - 1, 1))
        self.struck = False

    def strike(self, now: float) -> None:
        """Gives the blows that are due. now : frames since the first"""
        while self.blows and self.blows[0].index <= now + 1e-9:
            self.off = self.off + self._strike(self.blows.pop(0))
            self.struck = True

    def lead(self, k: int, u: float) -> None:
        """What is led laid on its keys, a share u after frame index k."""
        held, d = self.tree.held, self.data
        if len(held):
            at, speed, _ = self.keyed.at(k, u)
            d.qpos[self.tree.held_q], d.qvel[held] = at[self.tree.held_q], speed[held]
        self.plant(k, u)

    def push(self, k: int, s: int, sub: int) -> None:
        """What its keys, its tone and what leads it give it on sub-step s of frame index k, after mj_step1."""
        m, d, held = self.model, self.data, self.tree.held
        if len(held) or self.letting.lives:
            _, speed, _ = self.keyed.at(k, s / sub)
            _, _, gains = self.keyed.at(k, (s + 0.5) / sub)
        if self.letting.lives:
            own, bias, v = np.zeros(m.nv), np.zeros(m.nv), d.qvel.copy()
            mujoco.mj_mulM(m, d, own, gains)
            # what turning costs at the keyed speed: what the blow adds to that is left to act
            d.qvel[:] = speed
            mujoco.mj_comVel(m, d)
            mujoco.mj_rne(m, d, 0, bias)
            d.qvel[:] = v
            mujoco.mj_comVel(m, d)
            mine = self.dofs
            d.qfrc_applied[mine] = own[mine] + bias[mine] - d.qfrc_gravcomp[mine]
        if len(held):
            d.qfrc_applied[held] += m.dof_armature[held] * gains[held]
        self._lean(k, s, sub)

    def after_step(self, k: int, touches: bool) -> None:
        """What a step left of it put right. k : the frame index the steps lead to; touches : whether it is on
        something"""
        whole = self.letting.is_whole
        if touches:
            self.touches[k], self.flight = True, None
        elif whole and self.flight is None:
            self.flight = self._flight()
        elif whole:
            self.flight = self._held(self.flight)
        if self.letting.lives:
            self.steps.append(self._counted())
        if self.letting.quiet is not None:
            there = self.letting.quiet.steps[len(self.steps) - 1]
            borne = self.touches[k] or self._stands(k - 1)
            self.off = self.steps[-1] - there if borne else self._beside(there, self.off)

    def record(self, k: int) -> None:
        self.tree.read(self.data.qpos, k, self.local, self.moved)
        self.energy = self._guard(k)

    def fallen(self, at, turn, met) -> Fallen:
        steps = np.array(self.steps).reshape(-1, 9)
        return Fallen(self.local, self.moved, self.touches, at, turn, met, steps)

    def plant(self, k: int, u: float) -> None:
        """Feet that stay, where their keys have them now."""
        p = self.poses
        for j, (mocap, weld) in self.plants.items():
            f = min(self.start + k, len(p.frames) - 1)
            g = min(f + 1, len(p.frames) - 1)
            d = self.data
            d.mocap_pos[mocap] = p.position[f, j] + (p.position[g, j] - p.position[f, j]) * u
            a, b = p.rotation[f, j], p.rotation[g, j]
            turn = a * (1 - u) + (b if a @ b >= 0 else -b) * u
            d.mocap_quat[mocap] = turn / np.sqrt(turn @ turn)
            on = self.letting.planted[j]
            stays = bool(on[min(k, len(on) - 1)])
            d.eq_active[weld] = int(stays)
            own, mass, inertia = self.own[j]
            self.model.body_mass[own] = mass + PLANTED_KG * stays
            self.model.body_inertia[own] = inertia + PLANTED_INERTIA * stays

    def _strike(self, blow: Blow) -> np.ndarray:
        """Gives the blow; what it changes of what `_counted` counts (9,)."""
        m, d = self.model, self.data
        com, push = self._counted()[:3], np.asarray(blow.impulse, dtype=float)
        mujoco.mj_forward(m, d)
        jac, gives = np.zeros((3, m.nv)), np.zeros((1, m.nv))
        body = m.body(self.tree.name(blow.joint)).id
        mujoco.mj_jac(m, d, jac, None, np.asarray(blow.at, dtype=float), body)
        mujoco.mj_solveM(m, d, gives, push[None] @ jac)
        d.qvel += gives[0]
        return np.concatenate([np.zeros(3), push / m.body_mass[self.ids].sum(), np.cross(blow.at - com, push)])

    def _set_tone(self, share: float) -> float:
        """Sets every joint's spring; gives the greatest tone."""
        m, d = self.model, self.data
        full = np.zeros((m.nv, m.nv))
        mujoco.mj_fullM(m, d, full)
        diagonal = np.diag(full) - m.dof_armature
        borne = self._borne(share)
        if len(self.tree.held):
            m.dof_armature[self.tree.held] = LED_ARMATURE * max(float(diagonal[self.dofs].max()), 1.0)
        most = 0.0
        for j, joint in self.springs:
            at, own = slice(joint.v, joint.v + joint.dofs), self.tone(share, j)
            w = 2 * np.pi * (RATE_HZ * own + (KEPT_HZ - RATE_HZ) * own**5)
            inertia, most = borne.get(j, float(diagonal[at].max())), max(most, own)
            stiff = w * w * inertia
            m.jnt_stiffness[m.joint(self.tree.joint_name(j)).id] = stiff
            # the spring as implicit as the damper
            self.damping[at] = 2 * w * inertia * (LIVES_RATIO if self.letting.lives else 1.0)
            m.dof_damping[at] = DAMPING + self.damping[at] + self.h * stiff
        return most

    def _borne(self, share: float) -> dict[int, float]:
        """kg·m² that a joint over a planted foot moves: all of the body past it, shared by the feet."""
        k = round(share * (len(self.tree.rows) - 1))
        feet = [j for j, on in self.letting.planted.items() if on[min(k, len(on) - 1)]]
        mass, at, out = self.model.body_mass[self.ids].copy(), self.data.xipos[self.ids], {}
        order = list(self.tree.joints)
        for j, (_, own_kg, _) in self.own.items():
            mass[order.index(j)] = own_kg
        for j, _ in self.springs if feet else ():
            own = self._below(j)
            if any(f in own for f in feet):
                others = [i for i, n in enumerate(order) if n not in own]
                off = at[others] - self.data.xanchor[self.model.joint(self.tree.joint_name(j)).id]
                out[j] = float(mass[others] @ np.sum(off * off, axis=-1)) / len(feet)
        return out

    def _lean(self, k: int, s: int, sub: int) -> None:
        """The keyed motion at the end of the step, which the springs draw towards, with its speed."""
        m, d = self.model, self.data
        there, speed, _ = self.keyed.at(k, (s + 1) / sub)
        q, v = self.tree.spring_q, self.tree.spring_v
        m.qpos_spring[q] = there[q]
        damps = m.dof_damping[v] if self.letting.lives else self.damping[v]
        d.qfrc_applied[v] += damps * speed[v]

    # --- what it keeps in the air -------------------------------------------------------------------------

    def _flight(self) -> tuple[np.ndarray, np.ndarray, np.ndarray, float]:
        """What stays in the air: where the center of gravity set out, its velocity, its spin; and since when."""
        d = self.data
        mujoco.mj_kinematics(self.model, d)
        mujoco.mj_comPos(self.model, d)
        mujoco.mj_comVel(self.model, d)
        com, v, L, _ = self.momentum()
        return com, v + self.gravity * self.h / 2, L, 0.0

    def _held(self, flight):
        """The root put back so that the center of gravity is on its parabola and the angular momentum what it was: the
        step's own errors go."""
        com0, v0, L0, t = flight
        t += self.h
        d, root = self.data, self.ids[0]
        mujoco.mj_kinematics(self.model, d)
        mujoco.mj_comPos(self.model, d)
        mujoco.mj_comVel(self.model, d)
        com, v, L, inertia = self.momentum()
        dw = np.linalg.solve(inertia, L0 - L)
        dv = v0 + self.gravity * (t - self.h / 2) - v
        d.qvel[self.root.v + 3 : self.root.v + 6] += d.xmat[root].reshape(3, 3).T @ dw
        d.qvel[self.root.v : self.root.v + 3] += dv + np.cross(dw, d.xpos[root] - com)
        d.qpos[self.root.q : self.root.q + 3] += com0 + v0 * t + self.gravity * t * t / 2 - com
        return com0, v0, L0, t

    def _counted(self) -> np.ndarray:
        """(9,): the center of gravity, its velocity and the angular momentum about it."""
        mujoco.mj_kinematics(self.model, self.data)
        mujoco.mj_comPos(self.model, self.data)
        mujoco.mj_comVel(self.model, self.data)
        com, v, L, _ = self.momentum()
        return np.concatenate([com, v, L])

    def _stands(self, k: int) -> bool:
        """Whether a planted foot stands on frame index k."""
        return any(on[min(k, len(on) - 1)] for on in self.letting.planted.values())

    def _beside(self, quiet: np.ndarray, off: np.ndarray) -> np.ndarray:
        """The root put to where what is off the quiet run goes on as it was: nothing gives it more in the air."""
        d, root, h = self.data, self.ids[0], self.h
        off = np.concatenate([off[:3] + off[3:6] * h, off[3:]])
        com, v, L, inertia = self.momentum()
        wanted = quiet + off
        dw = np.linalg.solve(inertia, wanted[6:] - L)
        d.qvel[self.root.v + 3 : self.root.v + 6] += d.xmat[root].reshape(3, 3).T @ dw
        d.qvel[self.root.v : self.root.v + 3] += wanted[3:6] - v + np.cross(dw, d.xpos[root] - com)
        d.qpos[self.root.q : self.root.q + 3] += wanted[:3] - com
        return off

    # --- guards -------------------------------------------------------------------------------------------

    def _energy(self) -> float:
        """J of the body's motion."""
        m, d = self.model, self.data
        mujoco.mj_kinematics(m, d)
        mujoco.mj_comPos(m, d)
        mujoco.mj_comVel(m, d)
        total, v = 0.0, np.zeros(6)
        for i in self.ids:
            mujoco.mj_objectVelocity(m, d, mujoco.mjtObj.mjOBJ_BODY, int(i), v, 1)
            total += float(m.body_mass[i] * (v[3:] @ v[3:]) + v[:3] @ (m.body_inertia[i] * v[:3])) / 2
        return total

    def _guard(self, k: int) -> float:
        """J of its motion now. EditError for a run that blows up."""
        d, frame, before = self.data, int(self.poses.frames[0]) + self.start + k, self.energy
        fast = max((float(np.abs(d.qvel[x.v : x.v + x.dofs]).max()) for _, x in self.springs), default=0.0)
        if not np.isfinite(d.qpos).all() or fast > FASTEST_RAD or any(int(w.number) for w in d.warning):
            raise EditError(f"The run blew up at frame {frame} and was stopped there. Let it go with less tone.")
        now = self._energy()
        if self.struck:
            return now
        weight = float(self.model.body_mass[self.ids].sum()) * 9.81
        # what it can gain in a frame: falling, and what the tone pulls
        falls = weight * float(abs(d.qvel[self.root.v + 1])) * self.poses.dt + self.stiffest * weight
        if now > before * (1 + GAINS) + (GAINS_J if self.is_alone else BLOWN_UP_J) + 2 * falls:
            raise EditError(
                f"The body gains {now - before:.0f} J at frame {frame}, more than falling gives, and was stopped "
                "there. Let it go with less tone."
            )
        return now
