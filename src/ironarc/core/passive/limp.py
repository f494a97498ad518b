"""A body that is let go, or struck: stepped on its joints with tone, onto what is there.

Tone is a spring towards the keyed motion, as stiff as the inertia about the joint asks for at one rate, damped
critically; both act implicitly, so that none is too stiff for the step. A body **let go** has nothing but that: what
it weighs pulls its joints apart. A body that **lives** gives itself what its keyed motion takes, so that nothing but a
blow leads it off its keys, and its tone leads it back.
"""

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from functools import cached_property

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.passive.company import Around, Company
from ironarc.core.passive.tree import Tree
from ironarc.core.passive.world import add_floor, new_spec
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Touch

# Of a body that lives: less than critical, as muscles are, for else it takes a blow like a post; and steps so fine that
# the damping of the joints it stands on is no more than their own inertia, or touches would bounce off it
LIVES_RATIO, LIVES_STEP_S = 0.4, 0.001
STEP_S = 0.002  # at twice that a limp somersault that touches itself gains 6 % of its spin within a frame
# Rates (Hz) of a joint: up to half tone in proportion to it, at full tone so stiff that it keeps to its keys
RATE_HZ, KEPT_HZ = 8.0, 50.0
DAMPING = 0.25  # N·m·s/rad of a limp joint: flesh and sinew
LED_ARMATURE = 1e4  # times the body's inertia, that a joint which is led is given: nothing slows it
STARTS_IN_M = 0.05  # that a body may begin inside the ground: soles do
STARTS_IN_PROP_M = 0.02
OWN_TOUCH_M = 0.002  # that parts of the body may begin inside each other before they are let pass
FASTEST_RAD = 150.0  # rad/s of a joint, past which a run has blown up
GAINS, GAINS_J = 0.25, 20.0
BLOWN_UP_J = 3000.0  # in a frame, also where something strikes the body
FRICTION = 0.7
PLANTED_SOLREF = (0.01, 1.0)
# What stays is heavy while it does: a weld alone loses to the spring of an ankle that the whole body leans on
PLANTED_KG, PLANTED_INERTIA = 2e4, 600.0

Tone = Callable[[float, int], float]
"""Of a share of the way, 0 to 1, and a joint gives 0 (limp) to 1 (held to its keys)."""


@dataclass(frozen=True, eq=False)
class Blow:
    """What strikes a body. index : frames after it is let go, between them too; joint; at, impulse : (3,) m and N·s"""

    index: float
    joint: int
    at: np.ndarray
    impulse: np.ndarray


@dataclass(frozen=True, eq=False)
class Letting:
    """What of a body is let go, and how.

    joints : those that are; None for all, the root too
    planted : of a joint that stays where its keys have it, on which frames (frames,)
    lives : whether it keeps itself up; blows : what strikes it
    quiet : how the same run went with nothing striking it: in the air a blow is kept beside that to the letter
    """

    joints: frozenset[int] | None = None
    planted: Mapping[int, np.ndarray] = field(default_factory=dict)
    lives: bool = False
    blows: Sequence[Blow] = ()
    quiet: "Fallen | None" = None

    @property
    def is_whole(self) -> bool:
        """Whether nothing holds it anywhere."""
        return self.joints is None and not self.planted and not self.lives


ALONE, WHOLE = Around(), Letting()


@dataclass(frozen=True, eq=False)
class Fallen:
    """local : (frames, joints, 4); translation : (frames, joints, 3) m, in place; touches : frames on something

    at, turn : {prop: (frames, 3) m its foot, (frames, 4)} of what moved with it; met : what those met
    steps : (steps, 9) of a body that lives: center of gravity, its velocity and the angular momentum, step by step
    """

    local: np.ndarray
    translation: np.ndarray
    touches: np.ndarray
    at: dict[str, np.ndarray]
    turn: dict[str, np.ndarray]
    met: dict[str, tuple[Touch, ...]]
    steps: np.ndarray


def fall(
    poses: Poses, body: Body, start: int, frames: int, g: float, floor: Floor, tone: Tone,
    around: Around = ALONE, letting: Letting = WHOLE,
) -> Fallen:  # fmt: skip
    """A body let go on index `start` of its poses, followed over so many frames.

    Raises EditError for a start deep inside something, and for a run that blows up, with the frame.
    """
    passing: set[tuple[str, str]] = set()
    for _ in range(2):
        run = _Run(poses, body, start, frames, g, floor, around, letting, passing)
        # what lies in itself, or in another performer, as it is let go passes through
        if not (found := run.overlaps()):
            break
        passing |= found
    run.check_start()
    return run.go(frames, tone)


class _Keyed:
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


class _Run:
    def __init__(self, poses, body, start, frames, g, floor, around, letting, passing):
        self.poses, self.body, self.start, self.letting = poses, body, start, letting
        self.rig, self.around = poses.rig, around
        self.gravity = np.array([0.0, -g, 0.0])
        every = frozenset(range(len(self.rig)))
        led = frozenset() if letting.joints is None else every - letting.joints
        self.tree = Tree(poses, body, start, frames, led, letting.lives or bool(led))
        self.company = Company(around, poses.dt, frames)
        self.sub = max(1, int(np.ceil(poses.dt / (LIVES_STEP_S if letting.lives else STEP_S) - 1e-9)))
        self.h = poses.dt / self.sub
        self._build(g, floor, passing)
        self._begin()

    def _build(self, g: float, floor: Floor, passing: set[tuple[str, str]]) -> None:
        spec = new_spec(g, STEP_S)
        add_floor(spec, floor, FRICTION)
        own = {tuple(int(n[1:]) for n in pair) for pair in passing if all(_is_own(n) for n in pair)}
        self.tree.add_to(spec, own)
        self.company.add_to(spec)
        for one, other in passing:
            if not (_is_own(one) and _is_own(other)):
                spec.add_exclude(bodyname1=one, bodyname2=other)
        for j in self.letting.planted:
            at, turn = self.poses.position[self.start, j], self.poses.rotation[self.start, j]
            # heavy as the model is made, or the weld is made for a light foot; and no load on the leg by that
            foot = spec.body(f"b{j}")
            foot.gravcomp, foot.mass = 1.0, foot.mass + PLANTED_KG
            foot.fullinertia = np.array(foot.fullinertia) + np.array([PLANTED_INERTIA] * 3 + [0.0] * 3)
            spec.worldbody.add_body(name=f"plant{j}", mocap=True, pos=list(at), quat=list(turn))
            weld = spec.add_equality(type=mujoco.mjtEq.mjEQ_WELD, objtype=mujoco.mjtObj.mjOBJ_BODY)
            weld.name, weld.name1, weld.name2 = f"plant{j}", f"plant{j}", f"b{j}"
            weld.solref = list(PLANTED_SOLREF)
            # relative to where they are as the model is made: as they lie in each other
            weld.data = np.array([0, 0, 0, 0, 0, 0, 1, 0, 0, 0, 1, 0], dtype=float)
            for k in self._below(j):
                spec.add_exclude(bodyname1="world", bodyname2=f"b{k}")
        self.model = spec.compile()
        self.model.opt.timestep = self.h
        self.data = mujoco.MjData(self.model)
        self.tree.bind(self.model)
        self.company.bind(self.model)
        self.ids, self.root, self.springs = self.tree.ids, self.tree.root, self.tree.springs
        self.names = [self.model.body(int(b)).name for b in self.model.geom_bodyid]
        self.plants = {
            j: (int(self.model.body(f"plant{j}").mocapid[0]), self.model.equality(f"plant{j}").id)
            for j in self.letting.planted
        }
        ids = {j: self.model.body(f"b{j}").id for j in self.letting.planted}
        self.own = {
            j: (i, self.model.body_mass[i] - PLANTED_KG, self.model.body_inertia[i] - PLANTED_INERTIA)
            for j, i in ids.items()
        }
        self.keyed = _Keyed(self.model, self.tree)
        self.damping = np.zeros(self.model.nv)

    def _below(self, joint: int) -> list[int]:
        """A joint and all that hangs on it."""
        out = [joint]
        for j in range(joint + 1, len(self.rig)):
            if int(self.rig.parents[j]) in out:
                out.append(j)
        return out

    # --- the hand-over ----------------------------------------------------------------------------------

    def _begin(self) -> None:
        """The pose it is let go in, with the motion it has: its center of gravity and its spin to the letter."""
        d, f, n = self.data, self.start, len(self.keyed.q)
        a, b = max(f - 1, 0), min(f + 1, n - 1)
        q, speed, _ = self.keyed.at(0, 0.0)
        d.qpos[:] = q
        d.qvel[:] = speed
        self.company.begin(d, self.gravity, self.h)
        self._plant(0, 0.0)
        mujoco.mj_forward(self.model, d)
        if self.letting.is_whole and b > a:
            self._meet(*self._told(a, b))
        if self.letting.is_whole:
            # half a step back, so that what falls lies on its parabola
            d.qvel[self.root.v : self.root.v + 3] -= self.gravity * self.h / 2

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

    def _momentum(self) -> tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]:
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
        com, v, spin, inertia = self._momentum()
        dw = np.linalg.solve(inertia, L - spin)
        d, root = self.data, self.ids[0]
        d.qvel[self.root.v + 3 : self.root.v + 6] += d.xmat[root].reshape(3, 3).T @ dw
        d.qvel[self.root.v : self.root.v + 3] += velocity - v + np.cross(dw, d.xpos[root] - com)
        mujoco.mj_forward(self.model, d)

    def overlaps(self) -> set[tuple[str, str]]:
        """Pairs of the body's own parts, and of its parts and what is led, that begin in each other, as a sack does."""
        led = {x.id for x in self.around.flesh} | {x.prop.id for x in self.around.led}
        found = set()
        for c in self.data.contact:
            pair = tuple(sorted((self.names[c.geom1], self.names[c.geom2])))
            if c.dist < -OWN_TOUCH_M and all(_is_own(n) or n in led for n in pair):
                found.add(pair)
        return found

    def check_start(self) -> None:
        free = {x.prop.id for x in self.around.free}
        called = {x.prop.id: x.prop.name for x in self.around.free}
        called |= {x.id: x.name for x in self.around.still} | {"world": "the floor"}
        for c in self.data.contact:
            pair = [self.names[c.geom1], self.names[c.geom2]]
            own = next((n for n in pair if _is_own(n)), None)
            other = next((n for n in pair if n in called), None)
            if own is None or other is None:
                continue
            moves = other in free
            if -c.dist > (STARTS_IN_PROP_M if moves else STARTS_IN_M):
                raise EditError(
                    f"{self.rig.names[int(own[1:])]} is {-c.dist * 100:.0f} cm inside {called[other]} as the body is "
                    f"let go. {'Let it go a frame earlier, or part' if moves else 'Part'} them first."
                )

    # --- the run ----------------------------------------------------------------------------------------

    def go(self, frames: int, tone: Tone) -> Fallen:
        rows = self.tree.rows if self.tree.keeps else np.repeat(self.start, frames)
        local, moved = self.poses.local[rows].copy(), self.poses.translation[rows].copy()
        touches = np.zeros(frames, dtype=bool)
        flight = self._flight() if self.letting.is_whole else None
        energy = self._energy()
        blows = sorted(self.letting.blows, key=lambda b: b.index)
        steps: list[np.ndarray] = []
        quiet, off = self.letting.quiet, np.zeros(9)
        for k in range(1, frames):
            share = (k - 1) / max(frames - 1, 1)
            stiffest = self._set_tone(share, tone)
            struck = False  # on this frame
            for s in range(self.sub):
                u = s / self.sub
                while blows and blows[0].index <= k - 1 + u + 1e-9:
                    off = off + self._strike(blows.pop(0))
                    struck = True
                self._step(k - 1, s)
                self.company.listen(self.data, k - 1 + u, self.h)
                if self._touched():
                    touches[k], flight = True, None
                elif self.letting.is_whole and flight is None:
                    flight = self._flight()
                elif self.letting.is_whole:
                    flight = self._held(flight)
                if self.letting.lives:
                    steps.append(self._counted())
                if quiet is not None:
                    there = quiet.steps[len(steps) - 1]
                    borne = touches[k] or self._stands(k - 1)
                    off = steps[-1] - there if borne else self._beside(there, off)
            mujoco.mj_kinematics(self.model, self.data)
            self.tree.read(self.data.qpos, k, local, moved)
            self.company.record(self.data, k)
            energy = self._guard(k, energy, stiffest, struck)
        company, names = self.company, [x.prop.id for x in self.around.free]
        called = {"world": "floor"} | {f"b{j}": f"{self.around.performer}:{n}" for j, n in enumerate(self.rig.names)}
        first = int(self.poses.frames[0]) + self.start
        return Fallen(
            local, moved, touches,
            {name: company.at[:, i] for i, name in enumerate(names)},
            {name: company.turn[:, i] for i, name in enumerate(names)},
            {name: company.touches(name, first, called) for name in names}, np.array(steps).reshape(-1, 9),
        )  # fmt: skip

    def _step(self, k: int, s: int) -> None:
        """One step from sub-step `s` of frame index k on."""
        m, d = self.model, self.data
        held = self.tree.held
        if len(held) or self.letting.lives:
            at, speed, _ = self.keyed.at(k, s / self.sub)
            _, _, gains = self.keyed.at(k, (s + 0.5) / self.sub)
        if len(held):
            d.qpos[self.tree.held_q], d.qvel[held] = at[self.tree.held_q], speed[held]
        self.company.lead(d, k, s / self.sub)
        self._plant(k, s / self.sub)
        mujoco.mj_step1(m, d)
        d.qfrc_applied[:] = 0.0
        if self.letting.lives:
            own, bias, v = np.zeros(m.nv), np.zeros(m.nv), d.qvel.copy()
            mujoco.mj_mulM(m, d, own, gains)
            # what turning costs at the keyed speed: what the blow adds to that is left to act
            d.qvel[:] = speed
            mujoco.mj_comVel(m, d)
            mujoco.mj_rne(m, d, 0, bias)
            d.qvel[:] = v
            mujoco.mj_comVel(m, d)
            mine = self.tree_dofs
            d.qfrc_applied[mine] = own[mine] + bias[mine] - d.qfrc_gravcomp[mine]
        if len(held):
            d.qfrc_applied[held] += m.dof_armature[held] * gains[held]
        self._lean(k, s)
        mujoco.mj_step2(m, d)

    @cached_property
    def tree_dofs(self) -> slice:
        return slice(self.root.v, self.root.v + sum(x.dofs for x in self.tree.joints.values()))

    def _plant(self, k: int, u: float) -> None:
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
        body = m.body(f"b{blow.joint}").id
        mujoco.mj_jac(m, d, jac, None, np.asarray(blow.at, dtype=float), body)
        mujoco.mj_solveM(m, d, gives, push[None] @ jac)
        d.qvel += gives[0]
        return np.concatenate([np.zeros(3), push / m.body_mass[self.ids].sum(), np.cross(blow.at - com, push)])

    def _set_tone(self, share: float, tone: Tone) -> float:
        """Sets every joint's spring; gives the greatest tone."""
        m, d = self.model, self.data
        full = np.zeros((m.nv, m.nv))
        mujoco.mj_fullM(m, d, full)
        diagonal = np.diag(full) - m.dof_armature
        borne = self._borne(share)
        if len(self.tree.held):
            m.dof_armature[self.tree.held] = LED_ARMATURE * max(float(diagonal[self.tree_dofs].max()), 1.0)
        most = 0.0
        for j, joint in self.springs:
            at, own = slice(joint.v, joint.v + joint.dofs), tone(share, j)
            w = 2 * np.pi * (RATE_HZ * own + (KEPT_HZ - RATE_HZ) * own**5)
            inertia, most = borne.get(j, float(diagonal[at].max())), max(most, own)
            stiff = w * w * inertia
            m.jnt_stiffness[m.joint(f"j{j}").id] = stiff
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
                off = at[others] - self.data.xanchor[self.model.joint(f"j{j}").id]
                out[j] = float(mass[others] @ np.sum(off * off, axis=-1)) / len(feet)
        return out

    def _lean(self, k: int, s: int) -> None:
        """The keyed motion at the end of the step, which the springs draw towards, with its speed."""
        m, d = self.model, self.data
        there, speed, _ = self.keyed.at(k, (s + 1) / self.sub)
        q, v = self.tree.spring_q, self.tree.spring_v
        m.qpos_spring[q] = there[q]
        damps = m.dof_damping[v] if self.letting.lives else self.damping[v]
        d.qfrc_applied[v] += damps * speed[v]

    def _touched(self) -> bool:
        d = self.data
        if not d.ncon:
            return False
        own = [(_is_own(self.names[a]), _is_own(self.names[b])) for a, b in d.contact.geom]
        return any(c < 0 and any(mine) and not all(mine) for c, mine in zip(d.contact.dist, own, strict=True))

    def _flight(self) -> tuple[np.ndarray, np.ndarray, np.ndarray, float]:
        """What stays in the air: where the center of gravity set out, its velocity, its spin; and since when."""
        d = self.data
        mujoco.mj_kinematics(self.model, d)
        mujoco.mj_comPos(self.model, d)
        mujoco.mj_comVel(self.model, d)
        com, v, L, _ = self._momentum()
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
        com, v, L, inertia = self._momentum()
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
        com, v, L, _ = self._momentum()
        return np.concatenate([com, v, L])

    def _stands(self, k: int) -> bool:
        """Whether a planted foot stands on frame index k."""
        return any(on[min(k, len(on) - 1)] for on in self.letting.planted.values())

    def _beside(self, quiet: np.ndarray, off: np.ndarray) -> np.ndarray:
        """The root put to where what is off the quiet run goes on as it was: nothing gives it more in the air."""
        d, root, h = self.data, self.ids[0], self.h
        off = np.concatenate([off[:3] + off[3:6] * h, off[3:]])
        com, v, L, inertia = self._momentum()
        wanted = quiet + off
        dw = np.linalg.solve(inertia, wanted[6:] - L)
        d.qvel[self.root.v + 3 : self.root.v + 6] += d.xmat[root].reshape(3, 3).T @ dw
        d.qvel[self.root.v : self.root.v + 3] += wanted[3:6] - v + np.cross(dw, d.xpos[root] - com)
        d.qpos[self.root.q : self.root.q + 3] += wanted[:3] - com
        return off

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

    def _guard(self, k: int, before: float, tone: float, struck: bool) -> float:
        d, frame = self.data, int(self.poses.frames[0]) + self.start + k
        fast = max((float(np.abs(d.qvel[x.v : x.v + x.dofs]).max()) for _, x in self.springs), default=0.0)
        if not np.isfinite(d.qpos).all() or fast > FASTEST_RAD or any(int(w.number) for w in d.warning):
            raise EditError(f"The run blew up at frame {frame} and was stopped there. Let it go with less tone.")
        now = self._energy()
        if struck:
            return now
        weight = float(self.model.body_mass[self.ids].sum()) * 9.81
        # what it can gain in a frame: falling, and what the tone pulls
        falls = weight * float(abs(d.qvel[self.root.v + 1])) * self.poses.dt + tone * weight
        alone = self.letting.is_whole and not (self.around.led or self.around.flesh or self.around.free)
        if now > before * (1 + GAINS) + (GAINS_J if alone else BLOWN_UP_J) + 2 * falls:
            raise EditError(
                f"The body gains {now - before:.0f} J at frame {frame}, more than falling gives, and was stopped "
                "there. Let it go with less tone."
            )
        return now


def _is_own(name: str) -> bool:
    """Whether the engine's body of that name is of the body that is let go: "b" and the joint's number."""
    return name[:1] == "b" and name[1:].isdigit()


def gives_at(poses: Poses, body: Body, index: int, joint: int, at: np.ndarray, floor: Floor) -> np.ndarray:
    """(3, 3) m/s by N·s: how a body gives way at a place (3,) m of a joint, all its joints free, as it stands."""
    run = _Run(poses, body, index, 1, 9.81, floor, ALONE, WHOLE, set())
    m, d = run.model, run.data
    jac = np.zeros((3, m.nv))
    mujoco.mj_jac(m, d, jac, None, np.asarray(at, dtype=float), m.body(f"b{joint}").id)
    back = np.zeros_like(jac)
    mujoco.mj_solveM(m, d, back, jac)
    return jac @ back.T
