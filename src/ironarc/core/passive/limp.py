"""A body that is let go: its masses on its joints, as loose or as held as its tone has it, falling onto what is there.

The body is a tree on a free root. Knees and elbows are hinges: what a pose has off the hinge stays in the bone below;
every other joint is a ball about the middle of its range. Tone is a spring towards the keyed motion, as stiff as
the inertia about the joint asks for at one rate, damped critically; both act implicitly, so that none is too stiff
for the step.
"""

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import limbs_of
from ironarc.core.motion.poses import Poses
from ironarc.core.passive.shapes import add_shapes
from ironarc.core.passive.world import add_floor, add_still, new_spec
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Prop

STEP_S = 0.002  # at twice that a limp somersault that touches itself gains 6 % of its spin within a frame
# Rates (Hz) of a joint: up to half tone in proportion to it, at full tone so stiff that it keeps to its keys
RATE_HZ, KEPT_HZ = 8.0, 50.0
DAMPING = 0.25  # N·m·s/rad of a limp joint: flesh and sinew
LEAST_INERTIA = 1e-4  # kg·m² that a joint is given at least, for the engine's sake
STARTS_IN_M = 0.05  # that a body may begin inside the ground: soles do
OWN_TOUCH_M = 0.002  # that parts of the body may begin inside each other before they are let pass
FASTEST_RAD = 150.0  # rad/s of a joint, past which a run has blown up
GAINS, GAINS_J = 0.25, 20.0
FRICTION = 0.7
# Flesh gives more than a crate
SURFACE = {
    "friction": [FRICTION, 0.01, 0.002], "solref": [0.008, 1.0], "solimp": [0.9, 0.98, 0.002, 0.5, 2.0]
}  # fmt: skip
# Middle of the range, degrees of bending forward and of spreading outwards, and how far it goes from there
RANGES = {
    "spine": (6, 0, 28), "neck": (0, 0, 35), "head": (0, 0, 30), "collar": (0, 0, 18), "upper arm": (-45, 30, 85),
    "hand": (0, 0, 65), "thigh": (-50, 12, 72), "foot": (10, 0, 38), "toe": (-10, 0, 35),
}  # fmt: skip
ANY_RANGE = (0, 0, 60)
HINGES = {"shank": (0.0, 150.0), "forearm": (0.0, 148.0)}


@dataclass(frozen=True, eq=False)
class Fallen:
    """local : (frames, joints, 4); translation : (frames, joints, 3) m, in place; touches : frames on something"""

    local: np.ndarray
    translation: np.ndarray
    touches: np.ndarray


@dataclass(eq=False)
class _Joint:
    kind: str  # "free", "ball", "hinge" or "weld"
    base: np.ndarray
    axis: np.ndarray = field(default_factory=lambda: np.zeros(3))
    q: int = -1
    v: int = -1

    @property
    def dofs(self) -> int:
        return {"ball": 3, "hinge": 1}.get(self.kind, 0)


def fall(
    poses: Poses, body: Body, start: int, frames: int, g: float, floor: Floor, tone: Callable[[float], float],
    still: Sequence[Prop] = (),
) -> Fallen:  # fmt: skip
    """A body let go on index `start` of its poses, followed over so many frames.

    tone : of a share of the way, 0 to 1, gives 0 (limp) to 1 (held to its keys)
    Raises EditError for a start deep inside something, and for a run that blows up, with the frame.
    """
    passing: set[tuple[int, int]] = set()
    run = _Run(poses, body, start, g, floor, still, passing)
    # what lies in itself as it is let go passes through itself
    for pair in run.overlaps():
        passing.add(pair)
    if passing:
        run = _Run(poses, body, start, g, floor, still, passing)
    run.check_start()
    return run.go(frames, tone)


class _Run:
    def __init__(self, poses, body, start, g, floor, still, passing):
        self.poses, self.body, self.start = poses, body, start
        self.rig = poses.rig
        self.gravity = np.array([0.0, -g, 0.0])
        self.joints: dict[int, _Joint] = {}
        spec = new_spec(g, STEP_S)
        add_floor(spec, floor, FRICTION)
        for prop in still:
            add_still(spec, prop, pairs=False)
        self._add_body(spec, passing)
        self.sub = max(1, int(np.ceil(poses.dt / STEP_S - 1e-9)))
        self.h = poses.dt / self.sub
        self.model = spec.compile()
        self.model.opt.timestep = self.h
        self.data = mujoco.MjData(self.model)
        for j, joint in self.joints.items():
            if joint.kind != "weld":
                found = self.model.joint(f"j{j}")
                joint.q, joint.v = int(found.qposadr[0]), int(found.dofadr[0])
        self.ids = np.array([self.model.body(f"b{j}").id for j in self.joints])
        self.root = self.joints[self.rig.roots[0]]
        self.springs = [(j, x) for j, x in self.joints.items() if x.dofs]
        self.names = [self.model.geom(i).name for i in range(self.model.ngeom)]
        self.keyed = np.array([self._qpos(f) for f in range(len(poses.frames))])
        self.damping: dict[int, float] = {}
        self._begin()

    # --- the model --------------------------------------------------------------------------------------

    def _add_body(self, spec, passing) -> None:
        rig, body, start = self.rig, self.body, self.start
        own = {int(j): (m, c, i) for j, m, c, i in zip(body.joints, body.masses, body.coms, body.inertias, strict=True)}
        below = np.array([own.get(j, (0.0,))[0] for j in range(len(rig))])
        for j in range(len(rig) - 1, 0, -1):
            if rig.parents[j] >= 0:
                below[rig.parents[j]] += below[j]
        # a limb folds away from the side that its middle points to
        axes = {limb.lower: np.cross(limb.pole, _along(limb, rig)) for limb in limbs_of(body)}
        ahead = body.anatomy.forward
        across = np.cross(np.array([0.0, 1.0, 0.0]), ahead)
        nodes: dict[int, object] = {}
        for j in range(len(rig)):
            parent, q = int(rig.parents[j]), self.poses.local[start, j]
            meaning = body.anatomy.meanings[j]
            if parent < 0:
                if nodes:
                    raise EditError("A body with several roots can't be let go.")
                at = self.poses.position[start, j]
                node = spec.worldbody.add_body(name=f"b{j}", pos=list(at), quat=list(self.poses.rotation[start, j]))
                node.add_freejoint(name=f"j{j}")
                self.joints[j] = _Joint("free", rotation.IDENTITY)
            else:
                off = self.poses.translation[start, j]
                made = self._joint_of(q, meaning, axes.get(j), below[j], across, ahead)
                node = nodes[parent].add_body(name=f"b{j}", pos=list(off), quat=list(made.base))
                self._add_joint(node, j, made, q, meaning)
                self.joints[j] = made
            nodes[j] = node
            mass, com, inertia = own.get(j, (1e-4, np.zeros(3), np.eye(3) * 1e-7))
            inertia = inertia + np.eye(3) * LEAST_INERTIA
            node.explicitinertial = True
            node.mass, node.ipos = float(mass), list(com)
            i = inertia
            node.fullinertia = [i[0, 0], i[1, 1], i[2, 2], i[0, 1], i[0, 2], i[1, 2]]
            add_shapes(node, body, j, f"g{j}", SURFACE)
        for a in range(len(rig)):
            for b in range(a):
                if _apart(rig, a, b) <= 2 or (b, a) in passing:
                    spec.add_exclude(bodyname1=f"b{b}", bodyname2=f"b{a}")

    def _joint_of(self, q, meaning, axis, below_kg: float, across, ahead) -> _Joint:
        if below_kg < 1e-6:
            return _Joint("weld", q)
        if axis is not None and np.linalg.norm(axis) > 1e-6:
            axis = axis / np.linalg.norm(axis)
            turn = rotation.exp(axis * float(rotation.twist_about(q, axis)))
            return _Joint("hinge", rotation.multiply(q, rotation.conjugate(turn)), axis)
        bend, spread, _ = RANGES.get(meaning.role, ANY_RANGE)
        out = 1.0 if meaning.side == "left" else -1.0
        middle = rotation.multiply(
            rotation.exp(across * np.radians(bend)), rotation.exp(ahead * np.radians(spread) * out)
        )
        return _Joint("ball", middle)

    def _add_joint(self, node, j: int, made: _Joint, q, meaning) -> None:
        """With its range, which always holds the pose it is let go in."""
        if made.kind == "hinge":
            low, high = np.radians(HINGES[meaning.role if meaning.role in HINGES else "shank"])
            now = float(rotation.twist_about(q, made.axis))
            node.add_joint(
                name=f"j{j}", type=mujoco.mjtJoint.mjJNT_HINGE, axis=list(made.axis), limited=1,
                range=[min(low, now - 0.03), max(high, now + 0.03)],
            )  # fmt: skip
        elif made.kind == "ball":
            now = float(np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(made.base), q))))
            half = np.radians(RANGES.get(meaning.role, ANY_RANGE)[2])
            node.add_joint(name=f"j{j}", type=mujoco.mjtJoint.mjJNT_BALL, limited=1, range=[0.0, max(half, now + 0.03)])

    def _qpos(self, f: int) -> np.ndarray:
        """The engine's coordinates of a pose."""
        out = np.zeros(self.model.nq)
        for j, joint in self.joints.items():
            local = self.poses.local[f, j]
            if joint.kind == "free":
                out[joint.q : joint.q + 3] = self.poses.position[f, j]
                out[joint.q + 3 : joint.q + 7] = self.poses.rotation[f, j]
            elif joint.kind == "ball":
                out[joint.q : joint.q + 4] = rotation.multiply(rotation.conjugate(joint.base), local)
            elif joint.kind == "hinge":
                own = rotation.multiply(rotation.conjugate(joint.base), local)
                out[joint.q] = rotation.twist_about(own, joint.axis)
        return out

    # --- the hand-over ----------------------------------------------------------------------------------

    def _begin(self) -> None:
        """The pose it is let go in, with the motion it has: its center of gravity and its spin to the letter."""
        d, f, n = self.data, self.start, len(self.keyed)
        a, b = max(f - 1, 0), min(f + 1, n - 1)
        d.qpos[:] = self.keyed[f]
        if b > a:
            mujoco.mj_differentiatePos(self.model, d.qvel, (b - a) * self.poses.dt, self.keyed[a], self.keyed[b])
        mujoco.mj_forward(self.model, d)
        if b > a:
            com, L = self._told(a, b)
            self._meet(com, L)
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

    def overlaps(self) -> list[tuple[int, int]]:
        """Pairs of joints whose parts lie in each other as it is let go."""
        found = []
        for c in self.data.contact:
            names = self.names[c.geom1], self.names[c.geom2]
            if c.dist < -OWN_TOUCH_M and all(n.startswith("g") for n in names):
                found.append(tuple(sorted(int(n[1:].split("_")[0]) for n in names)))
        return found

    def check_start(self) -> None:
        for c in self.data.contact:
            names = [self.names[c.geom1], self.names[c.geom2]]
            flesh = next((n for n in names if n.startswith("g")), None)
            if flesh is None or c.dist >= -STARTS_IN_M or all(n.startswith("g") for n in names):
                continue
            joint = self.rig.names[int(flesh[1:].split("_")[0])]
            other = "the floor" if "floor" in names else "a prop"
            raise EditError(f"{joint} is {-c.dist * 100:.0f} cm inside {other} as the body is let go. Part them first.")

    # --- the run ----------------------------------------------------------------------------------------

    def go(self, frames: int, tone: Callable[[float], float]) -> Fallen:
        local = np.repeat(self.poses.local[self.start : self.start + 1], frames, axis=0)
        moved = np.repeat(self.poses.translation[self.start : self.start + 1], frames, axis=0)
        touches = np.zeros(frames, dtype=bool)
        flight = self._flight()
        energy = self._energy()
        for k in range(1, frames):
            before = tone((k - 1) / max(frames - 1, 1))
            self._set_tone(before)
            for s in range(self.sub):
                self._lead(k - 1, (s + 1) / self.sub)
                mujoco.mj_step(self.model, self.data)
                if self._touched():
                    touches[k], flight = True, None
                elif flight is None:
                    flight = self._flight()
                else:
                    flight = self._held(flight)
            mujoco.mj_kinematics(self.model, self.data)
            self._read(k, local, moved)
            energy = self._guard(k, energy, before)
        return Fallen(local, moved, touches)

    def _set_tone(self, tone: float) -> None:
        m, d = self.model, self.data
        full = np.zeros((m.nv, m.nv))
        mujoco.mj_fullM(m, d, full)
        w = 2 * np.pi * (RATE_HZ * tone + (KEPT_HZ - RATE_HZ) * tone**5)
        self.damping = {}
        for j, joint in self.springs:
            at = slice(joint.v, joint.v + joint.dofs)
            inertia = float(np.diag(full)[at].max())
            stiff = w * w * inertia
            m.jnt_stiffness[m.joint(f"j{j}").id] = stiff
            # the spring as implicit as the damper
            self.damping[j] = 2 * w * inertia
            m.dof_damping[at] = DAMPING + self.damping[j] + self.h * stiff

    def _lead(self, k: int, u: float) -> None:
        """The keyed motion, which the springs draw towards, with its speed."""
        m, d = self.model, self.data
        f = min(self.start + k, len(self.keyed) - 1)
        g = min(f + 1, len(self.keyed) - 1)
        speed = np.zeros(m.nv)
        mujoco.mj_differentiatePos(m, speed, self.poses.dt, self.keyed[f], self.keyed[g])
        there = self.keyed[f].copy()
        mujoco.mj_integratePos(m, there, speed, u * self.poses.dt)
        d.qfrc_applied[:] = 0.0
        for j, joint in self.springs:
            q = slice(joint.q, joint.q + (4 if joint.kind == "ball" else 1))
            m.qpos_spring[q] = there[q]
            at = slice(joint.v, joint.v + joint.dofs)
            d.qfrc_applied[at] = self.damping[j] * speed[at]

    def _touched(self) -> bool:
        d = self.data
        if not d.ncon:
            return False
        own = [self.names[a].startswith("g") and self.names[b].startswith("g") for a, b in d.contact.geom]
        return any(c < 0 and not mine for c, mine in zip(d.contact.dist, own, strict=True))

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

    def _read(self, k: int, local: np.ndarray, moved: np.ndarray) -> None:
        q = self.data.qpos
        for j, joint in self.joints.items():
            if joint.kind == "free":
                moved[k, j] = q[joint.q : joint.q + 3]
                local[k, j] = q[joint.q + 3 : joint.q + 7]
            elif joint.kind == "ball":
                local[k, j] = rotation.multiply(joint.base, q[joint.q : joint.q + 4])
            elif joint.kind == "hinge":
                local[k, j] = rotation.multiply(joint.base, rotation.exp(joint.axis * q[joint.q]))

    def _energy(self) -> float:
        m, d = self.model, self.data
        mujoco.mj_energyPos(m, d)
        mujoco.mj_energyVel(m, d)
        return float(d.energy[1])

    def _guard(self, k: int, before: float, tone: float) -> float:
        d, frame = self.data, int(self.poses.frames[0]) + self.start + k
        fast = max((float(np.abs(d.qvel[x.v : x.v + x.dofs]).max()) for _, x in self.springs), default=0.0)
        if not np.isfinite(d.qpos).all() or fast > FASTEST_RAD or any(int(w.number) for w in d.warning):
            raise EditError(f"The run blew up at frame {frame} and was stopped there. Let it go with less tone.")
        now = self._energy()
        weight = float(self.model.body_mass[self.ids].sum()) * 9.81
        # what it can gain in a frame: falling, and what the tone pulls
        falls = weight * float(abs(d.qvel[self.root.v + 1])) * self.poses.dt + tone * weight
        if now > before * (1 + GAINS) + GAINS_J + 2 * falls:
            raise EditError(
                f"The body gains {now - before:.0f} J at frame {frame}, more than falling gives, and was stopped "
                "there. Let it go with less tone."
            )
        return now


def _along(limb, rig) -> np.ndarray:
    """(3,) along the upper bone of a limb, in its joint's axes."""
    off = rig.offsets[limb.lower]
    return off / max(float(np.linalg.norm(off)), 1e-9)


def _apart(rig, a: int, b: int) -> int:
    """Bones between two joints."""

    def up(j: int) -> list[int]:
        out = [j]
        while rig.parents[out[-1]] >= 0:
            out.append(int(rig.parents[out[-1]]))
        return out

    one, two = up(a), up(b)
    return next((n + one.index(j) for n, j in enumerate(two) if j in one), 99)


def gives_at(poses: Poses, body: Body, index: int, joint: int, at: np.ndarray, floor: Floor) -> np.ndarray:
    """(3, 3) m/s by N·s: how a body gives way at a place (3,) m of a joint, all its joints free, as it stands."""
    run = _Run(poses, body, index, 9.81, floor, (), set())
    m, d = run.model, run.data
    jac = np.zeros((3, m.nv))
    mujoco.mj_jac(m, d, jac, None, np.asarray(at, dtype=float), m.body(f"b{joint}").id)
    back = np.zeros_like(jac)
    mujoco.mj_solveM(m, d, back, jac)
    return jac @ back.T
