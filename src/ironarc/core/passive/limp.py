"""Bodies that are let go, or struck: stepped on their joints with tone, onto each other and what is there.

Tone is a spring towards the keyed motion, as stiff as the inertia about the joint asks for at one rate, damped
critically; both act implicitly, so that none is too stiff for the step. A body **let go** has nothing but that: what
it weighs pulls its joints apart. A body that **lives** gives itself what its keyed motion takes, so that nothing but a
blow leads it off its keys, and its tone leads it back.
"""

from collections.abc import Sequence

import mujoco
import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.passive.company import Around, Company
from ironarc.core.passive.faller import Faller
from ironarc.core.passive.letting import WHOLE, Fallen, Falling, Letting, Tone
from ironarc.core.passive.world import add_floor, new_spec
from ironarc.core.reading.floor import Floor

# A body that lives is stepped so finely that the damping of the joints it stands on is no more than their own inertia,
# or touches would bounce off it
LIVES_STEP_S = 0.001
STEP_S = 0.002  # at twice that a limp somersault that touches itself gains 6 % of its spin within a frame
STARTS_IN_M = 0.05  # that a body may begin inside the ground: soles do
STARTS_IN_PROP_M = 0.02
OWN_TOUCH_M = 0.002  # that parts of the body may begin inside each other before they are let pass
FRICTION = 0.7

ALONE = Around()


def fall(
    poses: Poses, body: Body, start: int, frames: int, g: float, floor: Floor, tone: Tone,
    around: Around = ALONE, letting: Letting = WHOLE, performer: str = "",
) -> Fallen:  # fmt: skip
    """A body let go on index `start` of its poses, followed over so many frames. performer : its id, for the touches

    Raises EditError for a start deep inside something, and for a run that blows up, with the frame.
    """
    falling = Falling(poses, body, start, tone, letting, performer)
    return fall_together([falling], frames, g, floor, around)[0]


def fall_together(
    falling: Sequence[Falling], frames: int, g: float, floor: Floor, around: Around = ALONE
) -> list[Fallen]:
    """Bodies let go on one frame, in one run, so that they meet each other; their poses have one frame time.

    Raises EditError as `fall` does.
    """
    passing: set[tuple[str, str]] = set()
    for _ in range(2):
        run = _Run(falling, frames, g, floor, around, passing)
        # what lies in itself, or in another performer, as it is let go passes through
        if not (found := run.overlaps()):
            break
        passing |= found
    run.check_start()
    return run.go()


class _Run:
    def __init__(self, falling, frames, g, floor, around, passing):
        dt = falling[0].poses.dt
        self.frames, self.around, self.gravity = frames, around, np.array([0.0, -g, 0.0])
        alone = len(falling) == 1 and not (around.led or around.flesh or around.free)
        self.fallers = [
            Faller(x, frames, f"{n}." if n else "", alone and x.letting.is_whole) for n, x in enumerate(falling)
        ]  # fmt: skip
        self.owner = {name: faller for faller in self.fallers for name in faller.names}
        self.company = Company(around, dt, frames)
        step_s = LIVES_STEP_S if any(x.letting.lives for x in falling) else STEP_S
        self.sub = max(1, int(np.ceil(dt / step_s - 1e-9)))
        self.h = dt / self.sub
        self._build(g, floor, passing)
        self._begin()

    def _build(self, g: float, floor: Floor, passing: set[tuple[str, str]]) -> None:
        spec = new_spec(g, STEP_S)
        add_floor(spec, floor, FRICTION)
        for faller in self.fallers:
            faller.add_to(spec)
        self.company.add_to(spec, self.fallers[0].tree)
        for one, other in passing:
            spec.add_exclude(bodyname1=one, bodyname2=other)
        self.model = spec.compile()
        self.model.opt.timestep = self.h
        self.data = mujoco.MjData(self.model)
        for faller in self.fallers:
            faller.bind(self.model, self.data, self.gravity, self.h)
        self.company.bind(self.model)
        self.names = [self.model.body(int(b)).name for b in self.model.geom_bodyid]

    def _begin(self) -> None:
        for faller in self.fallers:
            faller.pose()
        self.company.begin(self.data, self.gravity, self.h)
        mujoco.mj_forward(self.model, self.data)
        for faller in self.fallers:
            faller.set_off()

    def overlaps(self) -> set[tuple[str, str]]:
        """Pairs of the bodies' own parts, and of these and what is led, that begin in each other, as a sack does."""
        led = {x.id for x in self.around.flesh} | {x.prop.id for x in self.around.led}
        found = set()
        for c in self.data.contact:
            pair = tuple(sorted((self.names[c.geom1], self.names[c.geom2])))
            if c.dist < -OWN_TOUCH_M and all(n in self.owner or n in led for n in pair):
                found.add(pair)
        return found

    def check_start(self) -> None:
        free = {x.prop.id for x in self.around.free}
        called = {x.prop.id: x.prop.name for x in self.around.free}
        called |= {x.id: x.name for x in self.around.still} | {"world": "the floor"}
        for c in self.data.contact:
            pair = [self.names[c.geom1], self.names[c.geom2]]
            own = next((n for n in pair if n in self.owner), None)
            other = next((n for n in pair if n in called), None)
            if own is None or other is None:
                continue
            moves, faller = other in free, self.owner[own]
            if -c.dist > (STARTS_IN_PROP_M if moves else STARTS_IN_M):
                raise EditError(
                    f"{faller.rig.names[faller.names[own]]} is {-c.dist * 100:.0f} cm inside {called[other]} as the "
                    f"body is let go. {'Let it go a frame earlier, or part' if moves else 'Part'} them first."
                )

    def go(self) -> list[Fallen]:
        for faller in self.fallers:
            faller.begin()
        for k in range(1, self.frames):
            for faller in self.fallers:
                faller.start_frame(k)
            for s in range(self.sub):
                now = k - 1 + s / self.sub
                for faller in self.fallers:
                    faller.strike(now)
                self._step(k - 1, s)
                self.company.listen(self.data, now, self.h)
                touching = self._touching()
                for faller in self.fallers:
                    faller.after_step(k, faller in touching)
            mujoco.mj_kinematics(self.model, self.data)
            for faller in self.fallers:
                faller.record(k)
            self.company.record(self.data, k)
        return self._fallen()

    def _fallen(self) -> list[Fallen]:
        company, names = self.company, [x.prop.id for x in self.around.free]
        called = {"world": "floor"} | {
            name: f"{x.performer}:{x.rig.names[j]}" for x in self.fallers for name, j in x.names.items()
        }
        first = int(self.fallers[0].poses.frames[0]) + self.fallers[0].start
        at = {name: company.at[:, i] for i, name in enumerate(names)}
        turn = {name: company.turn[:, i] for i, name in enumerate(names)}
        met = {name: company.touches(name, first, called) for name in names}
        return [faller.fallen(at, turn, met) for faller in self.fallers]

    def _step(self, k: int, s: int) -> None:
        """One step from sub-step `s` of frame index k on."""
        m, d = self.model, self.data
        for faller in self.fallers:
            faller.lead(k, s / self.sub)
        self.company.lead(d, k, s / self.sub)
        mujoco.mj_step1(m, d)
        d.qfrc_applied[:] = 0.0
        for faller in self.fallers:
            faller.push(k, s, self.sub)
        mujoco.mj_step2(m, d)

    def _touching(self) -> set[Faller]:
        """Those that are on something that is not their own."""
        d, out = self.data, set()
        if not d.ncon:
            return out
        for dist, (a, b) in zip(d.contact.dist, d.contact.geom, strict=True):
            if dist < 0:
                one, other = self.owner.get(self.names[a]), self.owner.get(self.names[b])
                if one is not other:
                    out |= {one, other} - {None}
        return out


def gives_at(poses: Poses, body: Body, index: int, joint: int, at: np.ndarray, floor: Floor) -> np.ndarray:
    """(3, 3) m/s by N·s: how a body gives way at a place (3,) m of a joint, all its joints free, as it stands."""
    run = _Run([Falling(poses, body, index, lambda share, joint: 0.0)], 1, 9.81, floor, ALONE, set())
    m, d = run.model, run.data
    jac = np.zeros((3, m.nv))
    mujoco.mj_jac(m, d, jac, None, np.asarray(at, dtype=float), m.body(run.fallers[0].tree.name(joint)).id)
    back = np.zeros_like(jac)
    mujoco.mj_solveM(m, d, back, jac)
    return jac @ back.T
