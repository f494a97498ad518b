"""What a body that is let go meets: still props, what is led along its keys, and props that move by themselves with it.

What is led is a carrier: too heavy to be slowed, laid on its line every step with the speed it has there.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field
from itertools import combinations

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.passive.lines import Lines
from ironarc.core.passive.shapes import add_shapes
from ironarc.core.passive.tree import Tree
from ironarc.core.passive.world import LED_KG, Flesh, Free, Led, add_links, add_moving, add_still, are_linked, hang
from ironarc.core.scene.props import Prop, Touch, foot_of, middle_of

# Kinds that touch: what is free is of kind 1 and touches all, what is led of kind 2 touches only what is free
FREE, LED = {"contype": 1, "conaffinity": 3}, {"contype": 2, "conaffinity": 0}
SOFT = {"solref": [0.008, 1.0], "solimp": [0.9, 0.98, 0.002, 0.5, 2.0]}
GRIP = (0.03, 1.0)  # time constant (s) and damping of hands that close on something
BLOW_S = 0.08  # as long as a touch counts as one blow
APART_S = 0.05  # after which what touches again is struck again
TOLD_MS = 0.3  # approaching more slowly nothing is told


@dataclass(frozen=True, eq=False)
class Caught:
    """That a free prop is taken by a joint of the body from a frame index on.

    at, turn : (3,) m of its foot and (4,), in the joint's axes
    """

    prop: str
    joint: int
    index: int
    at: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True, eq=False)
class Around:
    """What stands and moves about a body, on the very frames it is let go on.

    flesh : of other performers; caught : free props that are
    """

    still: Sequence[Prop] = ()
    led: Sequence[Led] = ()
    flesh: Sequence[Flesh] = ()
    free: Sequence[Free] = ()
    caught: Sequence[Caught] = ()


@dataclass(eq=False)
class _Blow:
    prop: str
    surface: str
    began: float
    at: np.ndarray
    speed: float
    last: float
    leaves: float = 0.0
    impulse: np.ndarray = field(default_factory=lambda: np.zeros(3))


class Company:
    """All of it in a model, stepped with the body. dt : s of a frame; frames : of the run"""

    def __init__(self, around: Around, dt: float, frames: int):
        self.around, self.dt = around, dt
        self.at = np.zeros((frames, len(around.free), 3))
        self.turn = np.zeros((frames, len(around.free), 4))
        self.blows: list[_Blow] = []
        self.lines = self._lines()

    def _lines(self) -> Lines | None:
        led, flesh = self.around.led, self.around.flesh
        if not led and not flesh:
            return None
        at = [middle_of(x.prop, x.at, x.turn) for x in led] + [x.at for x in flesh]
        turn = [x.turn for x in led] + [x.turn for x in flesh]
        ids = [x.prop.id for x in led] + [x.id for x in flesh]
        return Lines(ids, np.stack(at, axis=1), np.stack(turn, axis=1), self.dt)

    def add_to(self, spec, catcher: Tree) -> None:
        """catcher : the body whose joints take what is caught"""
        around = self.around
        for prop in around.still:
            add_still(spec, prop, pairs=False)
        for x in around.led:
            add_moving(spec, x.prop, LED_KG, x.at[0], x.turn[0], True, LED | _rough(x.prop))
        for x in around.flesh:
            node = spec.worldbody.add_body(name=x.id, pos=list(x.at[0]), quat=list(x.turn[0]))
            node.add_freejoint(name=x.id)
            node.explicitinertial = True
            node.mass, node.ipos, node.iquat = LED_KG, [0.0, 0.0, 0.0], [1.0, 0.0, 0.0, 0.0]
            node.inertia, node.gravcomp = [LED_KG] * 3, 1.0
            add_shapes(node, x.body, x.joint, x.id, LED | SOFT)
        for x in around.free:
            add_moving(spec, x.prop, x.mass_kg, x.at, x.turn, False, FREE | SOFT | _rough(x.prop))
            hang(spec, x.prop, x.at, x.turn)
        moving = [x.prop for x in around.free]
        add_links(spec, moving, (*around.still, *(x.prop for x in around.led), *moving))
        for one, other in combinations((*around.still, *(x.prop for x in around.led), *moving), 2):
            if are_linked(one, other):
                spec.add_exclude(bodyname1=one.id, bodyname2=other.id)
        for x in around.caught:
            self._take(spec, x, catcher)

    def _take(self, spec, x: Caught, catcher: Tree) -> None:
        """The grip of a catch, loose until its frame."""
        prop = next(free.prop for free in self.around.free if free.prop.id == x.prop)
        grip = spec.add_equality(type=mujoco.mjtEq.mjEQ_WELD, objtype=mujoco.mjtObj.mjOBJ_BODY)
        grip.name, grip.name1, grip.name2, grip.active = f"{x.prop} grip", catcher.name(x.joint), x.prop, 0
        grip.solref = list(GRIP)
        # where the prop is to lie in the joint's axes
        grip.data = np.array([0, 0, 0, *middle_of(prop, x.at, x.turn), *x.turn, 1, 0], dtype=float)
        for joint in catcher.joints:
            spec.add_exclude(bodyname1=catcher.name(joint), bodyname2=x.prop)

    def bind(self, model) -> None:
        self.model = model
        ids = self.lines.index if self.lines else {}
        self.led_at = [self._addresses(name) for name in ids]
        self.free_at = [self._addresses(x.prop.id) for x in self.around.free]
        self.body_names = [model.body(i).name for i in range(model.nbody)]
        self.free_ids = {model.body(x.prop.id).id: x.prop.id for x in self.around.free}

    def _addresses(self, name: str) -> tuple[int, int]:
        joint = self.model.joint(name)
        return int(joint.qposadr[0]), int(joint.dofadr[0])

    def begin(self, data, gravity: np.ndarray, h: float) -> None:
        self.lead(data, 0, 0.0)
        for x, (q, v) in zip(self.around.free, self.free_at, strict=True):
            data.qpos[q : q + 3], data.qpos[q + 3 : q + 7] = middle_of(x.prop, x.at, x.turn), x.turn
            # half a step back, so that what falls lies on its parabola
            data.qvel[v : v + 3] = x.velocity - gravity * h / 2
            data.qvel[v + 3 : v + 6] = rotation.rotate(x.turn, x.spin, back=True)
        self.record(data, 0)

    def lead(self, data, k: int, u: float) -> None:
        """What is led laid on its line, a share u after frame index k; what is caught is held from its frame on."""
        for x in self.around.caught:
            if k >= x.index:
                data.eq_active[self.model.equality(f"{x.prop} grip").id] = 1
                body = self.model.body(x.prop).id
                # its weight is borne by the pose that the keys have; its motion is what the catch is about
                data.xfrc_applied[body, :3] = -self.model.opt.gravity * self.model.body_mass[body]
        if self.lines is None:
            return
        places, turns = self.lines.at(k, u)
        _, speeds, spins = self.lines.now
        for i, (q, v) in enumerate(self.led_at):
            data.qpos[q : q + 3], data.qpos[q + 3 : q + 7] = places[i], turns[i]
            data.qvel[v : v + 3] = speeds[i]
            data.qvel[v + 3 : v + 6] = rotation.rotate(turns[i], spins[i], back=True)

    def listen(self, data, now: float, h: float) -> None:
        """Adds up what free props give and take in this step. now : frames since the first"""
        if not self.free_ids or not data.ncon:
            return
        bodies = self.model.geom_bodyid[data.contact.geom]
        felt = np.isin(bodies, list(self.free_ids)).any(axis=1) & (data.contact.efc_address >= 0)
        for i in np.flatnonzero(felt):
            c, (one, two) = data.contact[i], map(int, bodies[i])
            for own, other, way in ((one, two, -1.0), (two, one, 1.0)):
                if own in self.free_ids:
                    self._listen(data, i, c, own, other, way, now, h)

    def _listen(self, data, i: int, c, own: int, other: int, way: float, now: float, h: float) -> None:
        prop, name = self.free_ids[own], self.body_names[other]
        force = np.zeros(6)
        mujoco.mj_contactForce(self.model, data, i, force)
        frame = c.frame.reshape(3, 3)
        speed = self._speed(data, own, c.pos) - self._speed(data, other, c.pos)
        out = frame[0] * way
        apart = float(speed @ out)
        b = next((b for b in reversed(self.blows) if b.prop == prop and b.surface == name), None)
        if b is None or (now - b.last) * self.dt > APART_S:
            b = _Blow(prop, name, now, c.pos.copy(), max(-apart, 0.0), now)
            self.blows.append(b)
        b.last, b.leaves = now, max(apart, 0.0)
        if (now - b.began) * self.dt <= BLOW_S:
            b.impulse += frame.T @ force[:3] * h * way

    def _speed(self, data, body: int, at: np.ndarray) -> np.ndarray:
        """(3,) m/s of a body at a place."""
        if body == 0:
            return np.zeros(3)
        out = np.zeros(6)
        mujoco.mj_objectVelocity(self.model, data, mujoco.mjtObj.mjOBJ_XBODY, body, out, 0)
        return out[3:] + np.cross(out[:3], at - data.xpos[body])

    def record(self, data, k: int) -> None:
        for i, (x, (q, _)) in enumerate(zip(self.around.free, self.free_at, strict=True)):
            turn = data.qpos[q + 3 : q + 7].copy()
            self.at[k, i], self.turn[k, i] = foot_of(x.prop, data.qpos[q : q + 3], turn), turn

    def touches(self, prop: str, first: int, called: dict[str, str]) -> tuple[Touch, ...]:
        """What a free prop met. first : the frame of the run's first; called : ids of surfaces by the engine's names"""
        return tuple(
            Touch(
                first + b.began, called.get(b.surface, b.surface), b.speed, b.leaves, tuple(map(float, b.at)),
                float(np.linalg.norm(b.impulse)),
            )
            for b in self.blows
            if b.prop == prop and b.speed >= TOLD_MS
        )  # fmt: skip


def _rough(prop: Prop) -> dict:
    return {"friction": [prop.friction, 0.01, 0.002]}
