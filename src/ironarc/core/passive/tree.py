"""A performer's body for the engine: its masses on its joints, a tree on a free root.

Knees and elbows are hinges: what a pose has off the hinge stays in the bone below. Every other joint is a ball about
the middle of its range, and what is led keeps to its keys as a ball of any range.
"""

from collections.abc import Iterable
from dataclasses import dataclass, field

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.figure.grips import limbs_of
from ironarc.core.motion.poses import Poses
from ironarc.core.passive.shapes import add_shapes

LEAST_INERTIA = 1e-4  # kg·m² that a joint is given at least, for the engine's sake
LEAST_KG = 1e-6  # below which nothing hangs on a joint
# Flesh gives more than a crate, and does not roll on as a log would. What is led is of kind 2: it touches what is free,
# of kind 1, and nothing else
SURFACE = {
    "condim": 6, "friction": [0.7, 0.02, 0.04], "solref": [0.008, 1.0], "solimp": [0.9, 0.98, 0.002, 0.5, 2.0],
    "contype": 1, "conaffinity": 3,
}  # fmt: skip
# Middle of the range, degrees of bending forward and of spreading outwards, and how far it goes from there
RANGES = {
    "spine": (6, 0, 28), "neck": (0, 0, 35), "head": (0, 0, 30), "collar": (0, 0, 18), "upper arm": (-45, 30, 85),
    "hand": (0, 0, 65), "thigh": (-50, 12, 72), "foot": (10, 0, 38), "toe": (-10, 0, 35),
}  # fmt: skip
ANY_RANGE = (0, 0, 60)
# Short of straight: what stops a hinge gives by some degrees
HINGES = {"shank": (5.0, 150.0), "forearm": (5.0, 148.0)}
SLACK_RAD = 0.03  # past the pose it is let go in, that a range reaches


@dataclass(eq=False)
class Joint:
    """How a joint of the rig moves: "free", "ball", "hinge" or "weld"; base : (4,) what comes before its turn.

    q, v : where its coordinates and its speeds begin in the engine's
    """

    kind: str
    base: np.ndarray
    axis: np.ndarray = field(default_factory=lambda: np.zeros(3))
    q: int = -1
    v: int = -1

    @property
    def dofs(self) -> int:
        return {"ball": 3, "hinge": 1, "free": 6}.get(self.kind, 0)

    @property
    def qs(self) -> np.ndarray:
        """Where its coordinates are in the engine's."""
        return np.arange(self.q, self.q + {"ball": 4, "hinge": 1, "free": 7}.get(self.kind, 0))

    @property
    def vs(self) -> np.ndarray:
        """Where its speeds are in the engine's."""
        return np.arange(self.v, self.v + self.dofs)


class Tree:
    """A body from index `start` of its poses on, over so many frames.

    mark : tells its names in the engine from another body's
    led : joints that keep to their keys; keeps : whether all joints lean on their keys, so that ranges hold these too
    """

    def __init__(self, poses: Poses, body: Body, start: int, frames: int, led: frozenset[int], keeps: bool, mark: str):
        self.mark, self.poses, self.body, self.start = mark, poses, body, start
        self.rows = np.minimum(np.arange(start, start + max(frames, 1)), len(poses.frames) - 1)
        self.rig, self.led, self.keeps = poses.rig, led, keeps
        self.joints: dict[int, Joint] = {}

    def name(self, joint: int) -> str:
        """What a joint's bone is called in the engine."""
        return f"b{self.mark}{joint}"

    def joint_name(self, joint: int) -> str:
        return f"j{self.mark}{joint}"

    def add_to(self, spec) -> None:
        rig, body, start = self.rig, self.body, self.start
        own = {int(j): (m, c, i) for j, m, c, i in zip(body.joints, body.masses, body.coms, body.inertias, strict=True)}
        below = np.array([own.get(j, (0.0,))[0] for j in range(len(rig))])
        for j in range(len(rig) - 1, 0, -1):
            if rig.parents[j] >= 0:
                below[rig.parents[j]] += below[j]
        # a limb folds away from the side that its middle points to
        axes = {limb.lower: np.cross(limb.pole, _along(limb, rig)) for limb in limbs_of(body)}
        nodes: dict[int, object] = {}
        for j in range(len(rig)):
            parent, q = int(rig.parents[j]), self.poses.local[start, j]
            if parent < 0:
                if nodes:
                    raise EditError("A body with several roots can't be let go.")
                at = self.poses.position[start, j]
                node = spec.worldbody.add_body(
                    name=self.name(j), pos=list(at), quat=list(self.poses.rotation[start, j])
                )
                node.add_freejoint(name=self.joint_name(j))
                self.joints[j] = Joint("free", rotation.IDENTITY)
            else:
                made = self._joint_of(j, q, axes.get(j), below[j])
                off = self.poses.translation[start, j]
                node = nodes[parent].add_body(name=self.name(j), pos=list(off), quat=list(made.base))
                self._add_joint(node, j, made)
                self.joints[j] = made
            nodes[j] = node
            mass, com, i = own.get(j, (1e-4, np.zeros(3), np.eye(3) * 1e-7))
            i = i + np.eye(3) * LEAST_INERTIA
            node.explicitinertial = True
            node.mass, node.ipos = float(mass), list(com)
            node.fullinertia = [i[0, 0], i[1, 1], i[2, 2], i[0, 1], i[0, 2], i[1, 2]]
            add_shapes(node, body, j, f"g{self.mark}{j}", SURFACE)
        for a in range(len(rig)):
            for b in range(a):
                if _apart(rig, a, b) <= 2:
                    spec.add_exclude(bodyname1=self.name(b), bodyname2=self.name(a))

    def _joint_of(self, j: int, q: np.ndarray, axis, below_kg: float) -> Joint:
        if below_kg < LEAST_KG:
            return Joint("weld", q)
        if j in self.led:
            return Joint("ball", rotation.IDENTITY)
        if axis is not None and np.linalg.norm(axis) > 1e-6:
            axis = axis / np.linalg.norm(axis)
            turn = rotation.exp(axis * float(rotation.twist_about(q, axis)))
            return Joint("hinge", rotation.multiply(q, rotation.conjugate(turn)), axis)
        meaning, ahead = self.body.anatomy.meanings[j], self.body.anatomy.forward
        across = np.cross(np.array([0.0, 1.0, 0.0]), ahead)
        bend, spread, _ = RANGES.get(meaning.role, ANY_RANGE)
        out = 1.0 if meaning.side == "left" else -1.0
        middle = rotation.multiply(
            rotation.exp(across * np.radians(bend)), rotation.exp(ahead * np.radians(spread) * out)
        )
        return Joint("ball", middle)

    def _add_joint(self, node, j: int, made: Joint) -> None:
        """With its range, which always holds the pose it is let go in."""
        role = self.body.anatomy.meanings[j].role
        turns = self.poses.local[self.rows if self.keeps else self.rows[:1], j]
        if made.kind == "hinge":
            low, high = np.radians(HINGES[role if role in HINGES else "shank"])
            now = rotation.twist_about(turns, made.axis)
            node.add_joint(
                name=self.joint_name(j), type=mujoco.mjtJoint.mjJNT_HINGE, axis=list(made.axis), limited=1,
                range=[min(low, float(now.min()) - SLACK_RAD), max(high, float(now.max()) + SLACK_RAD)],
            )  # fmt: skip
        elif made.kind == "ball" and j in self.led:
            node.add_joint(name=self.joint_name(j), type=mujoco.mjtJoint.mjJNT_BALL)
        elif made.kind == "ball":
            off = rotation.log(rotation.multiply(rotation.conjugate(made.base), turns))
            now = float(np.linalg.norm(off, axis=-1).max())
            half = np.radians(RANGES.get(role, ANY_RANGE)[2])
            most = max(half, now + SLACK_RAD)
            node.add_joint(name=self.joint_name(j), type=mujoco.mjtJoint.mjJNT_BALL, limited=1, range=[0.0, most])

    def bind(self, model) -> None:
        """Finds itself in the model that was made of it."""
        for j, joint in self.joints.items():
            if joint.kind != "weld":
                found = model.joint(self.joint_name(j))
                joint.q, joint.v = int(found.qposadr[0]), int(found.dofadr[0])
        self.ids = np.array([model.body(self.name(j)).id for j in self.joints])
        self.own_q = _all(x.qs for x in self.joints.values() if x.kind != "weld")
        self.root = self.joints[self.rig.roots[0]]
        self.springs = [(j, x) for j, x in self.joints.items() if x.kind in ("ball", "hinge") and j not in self.led]
        held = [x for j, x in self.joints.items() if j in self.led and x.dofs]
        self.held, self.held_q = _all(x.vs for x in held), _all(x.qs for x in held)
        self.spring_v, self.spring_q = _all(x.vs for _, x in self.springs), _all(x.qs for _, x in self.springs)

    def qpos(self, f: int, nq: int) -> np.ndarray:
        """(nq,) the engine's coordinates of a pose, 0 for what isn't the body's."""
        out = np.zeros(nq)
        for j, joint in self.joints.items():
            local = self.poses.local[f, j]
            if joint.kind == "free":
                out[joint.q : joint.q + 3] = self.poses.position[f, j]
                out[joint.q + 3 : joint.q + 7] = self.poses.rotation[f, j]
            elif joint.kind == "ball":
                out[joint.q : joint.q + 4] = rotation.multiply(rotation.conjugate(joint.base), local)
            elif joint.kind == "hinge":
                out[joint.q] = rotation.twist_about(self._unbased(joint, local), joint.axis)
        return out

    def read(self, q: np.ndarray, k: int, local: np.ndarray, moved: np.ndarray) -> None:
        """Puts the engine's coordinates into row k of local rotations and origins."""
        f = self.rows[k]
        for j, joint in self.joints.items():
            if joint.kind == "free":
                moved[k, j] = q[joint.q : joint.q + 3]
                local[k, j] = q[joint.q + 3 : joint.q + 7]
            elif joint.kind == "ball":
                local[k, j] = rotation.multiply(joint.base, q[joint.q : joint.q + 4])
            elif joint.kind == "hinge" and self.keeps:
                # what the keys have off the hinge stays
                key = self.poses.local[f, j]
                more = q[joint.q] - rotation.twist_about(self._unbased(joint, key), joint.axis)
                local[k, j] = rotation.multiply(key, rotation.exp(joint.axis * more))
            elif joint.kind == "hinge":
                local[k, j] = rotation.multiply(joint.base, rotation.exp(joint.axis * q[joint.q]))
            elif self.keeps:
                local[k, j] = self.poses.local[f, j]

    @staticmethod
    def _unbased(joint: Joint, local: np.ndarray) -> np.ndarray:
        return rotation.multiply(rotation.conjugate(joint.base), local)


def _all(parts: Iterable[np.ndarray]) -> np.ndarray:
    return np.concatenate([np.zeros(0, dtype=int), *parts])


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
