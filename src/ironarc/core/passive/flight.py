"""Props that fly, bounce, slide and come to rest, frame by frame, with every touch on the way.

Between touches the engine steps. A bounce is an event at its instant, which lies within a step: the body is brought
there on its parabola, takes its impulse by Newton's law of restitution with Coulomb's friction, and goes on.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.passive.impulse import Body, Meeting, impulses
from ironarc.core.passive.lines import Lines
from ironarc.core.passive.world import SKIN_FRICTION, STEP_S, Flesh, Free, Led, air_per_m, build
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Prop, Touch, foot_of, middle_of

FLOOR = "floor"
BOUNCES_MS = 0.03  # approaching more slowly nothing bounces: it lies
RESTS_MS, RESTS_RAD, RESTS_S = 0.01, 0.05, 0.25
STARTS_IN_M = 0.01  # that a prop may begin inside another, which the engine parts softly
GAINS, GAINS_J = 0.05, 0.5  # of its energy, and J, that a frame may gain by the engine's own errors
SETTLES_S = 0.1
OUT_M = 500.0  # as far from the middle of the stage a prop has left the world


@dataclass(frozen=True, eq=False)
class Flown:
    """Where a prop goes. at, turn : (frames, 3) m its foot, (frames, 4); rests : the frame it lies from, or None"""

    at: np.ndarray
    turn: np.ndarray
    touches: tuple[Touch, ...]
    rests: int | None


@dataclass(eq=False)
class _Flying:
    """A free prop while it is stepped."""

    free: Free
    body: int
    q: int
    v: int
    inertia: np.ndarray
    was: tuple = ()  # place, turn, velocity as it is kept and spin, as the last step began
    touching: frozenset[str] = frozenset()
    touches: list[Touch] = field(default_factory=list)
    still_s: float = 0.0
    rests: int | None = None

    def true(self, gravity: np.ndarray, h: float) -> tuple[np.ndarray, np.ndarray]:
        """Velocity and spin as the last step began."""
        return self.was[2] + gravity * h / 2, self.was[3]

    def at_after(self, gravity: np.ndarray, h: float, t: float) -> Body:
        """How it stood a time t after the last step began, with nothing in its way."""
        v, w = self.true(gravity, h)
        place = self.was[0] + v * t + gravity * t * t / 2
        turn = rotation.multiply(rotation.exp(w * t), self.was[1])
        return Body(self.free.mass_kg, self.inertia, turn, place, v + gravity * t, w)


@dataclass(frozen=True, eq=False)
class _Contact:
    """Two that lie in each other by -dist m; normal : (3,) from the first to the second."""

    names: tuple[str, str]
    dist: float
    at: np.ndarray
    normal: np.ndarray

    def other_than(self, name: str) -> str:
        return self.names[1] if self.names[0] == name else self.names[0]

    def out_for(self, name: str) -> np.ndarray:
        """(3,) unit, out of what the one called `name` meets."""
        return -self.normal if self.names[0] == name else self.normal


def _tracks(flesh: Sequence[Flesh]) -> tuple[np.ndarray, np.ndarray]:
    """(frames, pieces, 3) m and (frames, pieces, 4): where flesh is."""
    return np.stack([piece.at for piece in flesh], axis=1), np.stack([piece.turn for piece in flesh], axis=1)


def _parting(bodies: list[Body], after: list[tuple[np.ndarray, np.ndarray]], m: Meeting) -> float:
    """m/s at which two part along the normal of their touch."""

    def speed(k: int) -> np.ndarray:
        return after[k][0] + np.cross(after[k][1], m.at - bodies[k].at)

    return float((speed(m.one) - (speed(m.two) if m.two >= 0 else m.wall)) @ m.normal)


def fly(
    free: Sequence[Free], floor: Floor, g: float, first: int, frames: int, dt: float, still: Sequence[Prop] = (),
    led: Sequence[Led] = (), flesh: Sequence[Flesh] = (),
) -> dict[str, Flown]:  # fmt: skip
    """Free props from frame `first` over so many frames of `dt` seconds, by id.

    led, flesh : on those very frames; flesh that touches a prop as it sets out lets it pass
    Raises EditError for what can't be stepped: no mass, a start inside something, a run that gains energy or leaves the
    world.
    """
    passing = {(f.prop.id, piece) for f in free for piece in f.by}
    for _ in range(2):
        model = build(g, floor, still, led, free, flesh, passing)
        run = _Run(model, np.array([0.0, -g, 0.0]), free, led, still, flesh, first, frames, dt)
        if not (held := run.held()):
            break
        # the hand that lets go of it, and all that it lies against
        passing |= held
    run.begin()
    return run.go()


class _Run:
    def __init__(self, model, gravity, free, led, still, flesh, first, frames, dt):
        self.model, self.data, self.gravity = model, mujoco.MjData(model), gravity
        self.first, self.frames, self.dt = first, frames, dt
        self.sub = max(1, int(np.ceil(dt / STEP_S - 1e-9)))
        self.h = dt / self.sub
        model.opt.timestep = self.h
        self.led, self.led_at = led, [self._addresses(item.prop.id) for item in led]
        self.flying = [
            _Flying(f, *self._addresses(f.prop.id), f.prop.inertia(f.mass_kg)) for f in free
        ]  # fmt: skip
        self.flesh = {piece.id: piece for piece in flesh}
        self.mocap = {piece.id: int(model.body(piece.id).mocapid[0]) for piece in flesh}
        # what has several shapes is one thing to meet
        self.names = [
            model.body(int(model.geom_bodyid[i])).name if model.geom_bodyid[i] else model.geom(i).name
            for i in range(model.ngeom)
        ]  # fmt: skip
        self.lines = Lines(list(self.flesh), *_tracks(flesh), dt) if flesh else None
        self.by_id = {b.free.prop.id: b for b in self.flying}
        props = (*still, *(x.prop for x in led), *(f.prop for f in free))
        self.rough = {p.id: p.friction for p in props} | {piece.id: SKIN_FRICTION for piece in flesh}
        self.words = {p.id: p.name for p in props} | {piece.id: piece.name for piece in flesh}

    def _addresses(self, name: str) -> tuple[int, int, int]:
        joint = self.model.joint(name)
        return self.model.body(name).id, int(joint.qposadr[0]), int(joint.dofadr[0])

    def held(self) -> set[tuple[str, str]]:
        """Free props and pieces of flesh, by id, that lie in each other at the start."""
        self._lead(0, 0)
        mujoco.mj_forward(self.model, self.data)
        return {
            (name, t.other_than(name))
            for t in self._touches() for name in t.names
            if name in self.by_id and t.other_than(name) in self.flesh
        }  # fmt: skip

    def begin(self) -> None:
        for b in self.flying:
            # half a step back: stepped so, a free fall lies on its parabola and not 5 mm a second under it
            self._put(b, None, None, b.free.velocity - self.gravity * self.h / 2, b.free.spin)
        self._lead(0, 0)
        mujoco.mj_forward(self.model, self.data)
        found = self._touches()
        for t in found:
            mine = [name for name in t.names if name in self.by_id]
            if mine and t.dist < -STARTS_IN_M:
                other = self._called(t.other_than(mine[0]))
                raise EditError(
                    f"{self._called(mine[0])} starts {-t.dist * 100:.0f} cm inside {other} at frame {self.first}. "
                    "Part them first."
                )
        for name, b in self.by_id.items():
            b.touching = frozenset(t.other_than(name) for t in found if name in t.names)
        if any(b.touching for b in self.flying):
            self._settle()
        for b in self.flying:
            b.was = (*self._place(b), *self._speed(b))

    def _settle(self) -> None:
        """What lies at the start sinks in as deep as the engine lets it lie, so that friction is there at once."""
        start = [(self._place(b), self._speed(b)) for b in self.flying]
        for _ in range(round(SETTLES_S / self.h)):
            for b, ((place, turn), _) in zip(self.flying, start, strict=True):
                down = self.data.qvel[b.v + 1] if b.touching else 0.0
                height = self.data.qpos[b.q + 1] if b.touching else place[1]
                self._put(b, np.array([place[0], height, place[2]]), turn, np.array([0.0, down, 0.0]), np.zeros(3))
            self._lead(0, 0)
            mujoco.mj_step(self.model, self.data)
        for b, ((place, turn), (v, w)) in zip(self.flying, start, strict=True):
            height = self.data.qpos[b.q + 1] if b.touching else place[1]
            self._put(b, np.array([place[0], height, place[2]]), turn, v, w)

    def _called(self, name: str) -> str:
        if name == FLOOR:
            return "the floor"
        return self.words.get(name, "a prop")

    def go(self) -> dict[str, Flown]:
        shape = (self.frames, len(self.flying))
        at, turn = np.zeros((*shape, 3)), np.zeros((*shape, 4))
        self._record(0, at, turn)
        before = self._energy()
        for k in range(1, self.frames):
            led_touched = False
            for s in range(self.sub):
                led_touched |= self._step(k - 1, s)
            self._record(k, at, turn)
            before = self._guard(k, before, led_touched)
        return {
            b.free.prop.id: Flown(at[:, i], turn[:, i], tuple(b.touches), b.rests) for i, b in enumerate(self.flying)
        }

    # --- one step -----------------------------------------------------------------------------------------

    def _step(self, k: int, s: int) -> bool:
        """From sub-step `s` of frame index `k` on; whether a led prop was touched, or a free one pushed."""
        self._lead(k, s)
        mujoco.mj_step1(self.model, self.data)
        led_touched = False
        if self.data.ncon or any(b.touching for b in self.flying):
            led_touched = self._look(k + s / self.sub)
        for b in self.flying:
            b.was = (*self._place(b), *self._speed(b))
        pushed = self._push(k, s / self.sub)
        self._air()
        mujoco.mj_step2(self.model, self.data)
        return led_touched or pushed

    def _look(self, now: float) -> bool:
        """Answers what was met since the last step; whether a led prop touches. now : frames since the first"""
        touches = self._touches()
        met: set[str] = set()
        for b in self.flying:
            name = b.free.prop.id
            there = frozenset(t.other_than(name) for t in touches if name in t.names)
            fresh = there - b.touching
            b.touching = there
            if fresh and name not in met:
                met |= self._meet(b, [t for t in touches if name in t.names], fresh, now)
        if met:
            mujoco.mj_step1(self.model, self.data)
        led = {item.prop.id for item in self.led} | set(self.flesh)
        return any(led & set(t.names) and set(t.names) & set(self.by_id) for t in touches)

    def _touches(self) -> list["_Contact"]:
        contact = self.data.contact
        deep = np.flatnonzero(contact.dist < 0)
        return [
            _Contact(
                (self.names[a], self.names[b]),
                float(contact.dist[i]),
                contact.pos[i].copy(),
                contact.frame[i, :3].copy(),
            )
            for i, (a, b) in zip(deep, contact.geom[deep], strict=True)
        ]

    def _meet(self, b: _Flying, found: list["_Contact"], fresh: frozenset[str], now: float) -> set[str]:
        """A body that came upon something within the last step: brought to the instant, struck, and led on to now."""
        name, g = b.free.prop.id, self.gravity
        new = [t for t in found if t.other_than(name) in fresh]
        deepest = min(new, key=lambda t: t.dist)
        v, w = b.true(g, self.h)
        speeds = {}
        for c in new:
            own = v + np.cross(w, c.at - b.was[0])
            speeds[id(c)] = -float((own - self._speed_of(c.other_than(name), c.at)) @ c.out_for(name))
        if max(speeds.values()) < BOUNCES_MS:
            return set()
        into = max(speeds[id(deepest)], BOUNCES_MS)
        t = float(np.clip(1.0 + deepest.dist / (into * self.h), 0.0, 1.0)) * self.h
        others = [self.by_id[o] for o in dict.fromkeys(c.other_than(name) for c in found) if o in self.by_id]
        struck = [b, *others]
        bodies = [x.at_after(g, self.h, t) for x in struck]
        back = bodies[0].at - self._place(b)[0]  # from where the contact was seen to where it was
        meetings = []
        for c in found:
            other = c.other_than(name)
            two = struck.index(self.by_id[other]) if other in self.by_id else -1
            wall = np.zeros(3) if two >= 0 else self._speed_of(other, c.at)
            bounce = self._bounce(b, other) if other in fresh else 0.0
            gives = self.flesh[other].gives(round(now), c.at) if other in self.flesh else None
            meetings.append(
                Meeting(0, two, c.at + back, c.out_for(name), bounce, self._friction(b, other), wall, gives, other)
            )
        after, given = impulses(bodies, meetings, BOUNCES_MS)
        rest = self.h - t
        for x, body, (v, w) in zip(struck, bodies, after, strict=True):
            turned = rotation.multiply(rotation.exp(w * rest), body.turn)
            self._put(x, body.at + v * rest + g * rest * rest / 2, turned, v + g * (rest - self.h / 2), w)
        frame = self.first + now - rest / self.dt
        for c, m in zip(found, meetings, strict=True):
            other, into = c.other_than(name), speeds.get(id(c), 0.0)
            if into < BOUNCES_MS or any(x.surface == other and abs(x.frame - frame) < 1e-6 for x in b.touches):
                continue
            impulse = sum(g for g, x in zip(given, meetings, strict=True) if x.limb == other)
            apart = _parting(bodies, after, m)
            if m.gives is not None:
                apart += float((m.gives @ impulse) @ m.normal)
            told = (into, max(apart, 0.0), tuple(map(float, c.at)), float(np.linalg.norm(impulse)))
            b.touches.append(Touch(frame, other, *told))
            if m.two >= 0:
                struck[m.two].touches.append(Touch(frame, name, *told))
        for x in others:
            x.touching = x.touching | {name}
        return {x.free.prop.id for x in struck}

    def _bounce(self, b: _Flying, other: str) -> float:
        """What is hard gives the prop its own bounce back; two that fly share theirs."""
        own = b.free.prop.bounce
        return (own + self.by_id[other].free.prop.bounce) / 2 if other in self.by_id else own

    def _friction(self, b: _Flying, other: str) -> float:
        """Of two that touch the rougher counts."""
        rough = b.free.prop.friction
        return rough if other == FLOOR else max(rough, self.rough[other])

    def _speed_of(self, other: str, at: np.ndarray) -> np.ndarray:
        """(3,) m/s of what is met, at a place, as the last step began."""
        if other in self.by_id:
            v, w = self.by_id[other].true(self.gravity, self.h)
            return v + np.cross(w, at - self.by_id[other].was[0])
        for item, (body, _, dof) in zip(self.led, self.led_at, strict=True):
            if item.prop.id == other:
                w = rotation.rotate(self.data.xquat[body], self.data.qvel[dof + 3 : dof + 6])
                return self.data.qvel[dof : dof + 3] + np.cross(w, at - self.data.xpos[body])
        if other in self.flesh:
            return self.lines.speed(other, at)
        return np.zeros(3)

    # --- state --------------------------------------------------------------------------------------------

    def _place(self, b: _Flying) -> tuple[np.ndarray, np.ndarray]:
        return self.data.qpos[b.q : b.q + 3].copy(), self.data.qpos[b.q + 3 : b.q + 7].copy()

    def _speed(self, b: _Flying) -> tuple[np.ndarray, np.ndarray]:
        """Velocity as it is kept, half a step back, and spin, world axes: the engine has the spin in the body's own."""
        turn = self.data.qpos[b.q + 3 : b.q + 7]
        return self.data.qvel[b.v : b.v + 3].copy(), rotation.rotate(turn, self.data.qvel[b.v + 3 : b.v + 6])

    def _put(self, b: _Flying, place, turn, velocity: np.ndarray, spin: np.ndarray) -> None:
        if place is not None:
            self.data.qpos[b.q : b.q + 3] = place
            self.data.qpos[b.q + 3 : b.q + 7] = turn
        turn = self.data.qpos[b.q + 3 : b.q + 7]
        self.data.qvel[b.v : b.v + 3] = velocity
        self.data.qvel[b.v + 3 : b.v + 6] = rotation.rotate(turn, spin, back=True)

    def _lead(self, k: int, s: int) -> None:
        """What is led laid on its keys, with the speed it has between them."""
        u = s / self.sub
        if self.lines is not None:
            places, turns = self.lines.at(k, u)
            for i, name in enumerate(self.flesh):
                self.data.mocap_pos[self.mocap[name]] = places[i]
                self.data.mocap_quat[self.mocap[name]] = turns[i]
        for item, (_, q, v) in zip(self.led, self.led_at, strict=True):
            a, b = k, min(k + 1, len(item.at) - 1)
            m = [middle_of(item.prop, item.at[i], item.turn[i]) for i in (a, b)]
            turn = rotation.slerp(item.turn[a], item.turn[b], np.array(u))
            self.data.qpos[q : q + 3] = m[0] + (m[1] - m[0]) * u
            self.data.qpos[q + 3 : q + 7] = turn
            self.data.qvel[v : v + 3] = (m[1] - m[0]) / self.dt
            w = rotation.log(rotation.multiply(item.turn[b], rotation.conjugate(item.turn[a]))) / self.dt
            self.data.qvel[v + 3 : v + 6] = rotation.rotate(turn, w, back=True)

    def _push(self, k: int, u: float) -> bool:
        """What whoever stands on them gives them, a share u after frame index k; whether anybody does."""
        pushes = False
        for b in self.flying:
            rows = b.free.pushed
            if rows is not None:
                now = rows[k] + (rows[min(k + 1, len(rows) - 1)] - rows[k]) * u
                at = self._place(b)[0]
                self.data.xfrc_applied[b.body] = [*now[:3], *(now[3:] - np.cross(at, now[:3]))]
                pushes |= bool(now.any())
        return pushes

    def _air(self) -> None:
        for b in self.flying:
            if b.free.prop.drag > 0:
                v, _ = self._speed(b)
                v = v + self.gravity * self.h / 2
                slows = air_per_m(b.free.prop, b.free.mass_kg) * float(np.linalg.norm(v))
                # as much as it really loses over the step: a shuttlecock loses half its speed in a few
                push = -b.free.mass_kg * slows / (1 + slows * self.h) * v
                stood_on = 0.0 if b.free.pushed is None else self.data.xfrc_applied[b.body, :3]
                self.data.xfrc_applied[b.body, :3] = push + stood_on

    def _record(self, k: int, at: np.ndarray, turn: np.ndarray) -> None:
        for i, b in enumerate(self.flying):
            place, turned = self._place(b)
            at[k, i], turn[k, i] = foot_of(b.free.prop, place, turned), turned
            v, w = self._speed(b)
            slow = np.linalg.norm(v) < RESTS_MS + 9.81 * self.h and np.linalg.norm(w) < RESTS_RAD
            b.still_s = b.still_s + self.dt if slow and k else 0.0
            if b.still_s >= RESTS_S and b.rests is None:
                b.rests = self.first + k - round(RESTS_S / self.dt)
            elif b.still_s == 0.0:
                b.rests = None

    def _energy(self) -> float:
        total = 0.0
        for b in self.flying:
            (place, turn), (v, w) = self._place(b), self._speed(b)
            v, own = v + self.gravity * self.h / 2, rotation.rotate(turn, w, back=True)
            total += b.free.mass_kg * (v @ v / 2 - self.gravity @ place) + float(own @ b.inertia @ own) / 2
        return total

    def _guard(self, k: int, before: float, led_touched: bool) -> float:
        frame = self.first + k
        for b in self.flying:
            place, _ = self._place(b)
            if not np.isfinite(place).all():
                raise EditError(f"{b.free.prop.name} can't be followed past frame {frame - 1}: its numbers blow up.")
            if np.abs(place).max() > OUT_M:
                raise EditError(
                    f"{b.free.prop.name} has left the world by frame {frame}. Let it fly for less long, or put "
                    "something in its way."
                )
        now = self._energy()
        kinetic = sum(b.free.mass_kg * float(np.sum(self._speed(b)[0] ** 2)) / 2 for b in self.flying)
        if not led_touched and now - before > GAINS * kinetic + GAINS_J * sum(b.free.mass_kg for b in self.flying):
            raise EditError(
                f"At frame {frame} what flies gains {now - before:.0f} J from nothing, so the run was stopped there. "
                "Look for props that stand in each other."
            )
        return now
