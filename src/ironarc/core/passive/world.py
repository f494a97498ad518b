"""A shot as a rigid-body engine has it: floor, still props, props led along their keys, and those that are free.

Metres, seconds, y up, quaternions w x y z: the engine is told in our own axes. Every option that differs from the
engine's own, or that a result hangs on, stands in OPTIONS with its reason.
"""

from collections.abc import Callable, Collection, Sequence
from dataclasses import dataclass

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body as FigureBody
from ironarc.core.passive.shapes import add_shapes
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Prop, middle_of
from ironarc.core.scene.solid import MESH, Solid

AIR_KGM3 = 1.2
STEP_S = 0.001  # what lies and slides is stepped so finely; a bounce is found within a step, see `flight`
LED_KG = 1e5  # of a prop that is led along its keys: nothing it strikes slows it

# name: (value, why)
OPTIONS: dict[str, tuple[object, str]] = {
    "integrator": (mujoco.mjtIntegrator.mjINT_IMPLICITFAST, "stable where damping is strong, at the cost of Euler"),
    "cone": (
        mujoco.mjtCone.mjCONE_ELLIPTIC,
        "friction alike in all directions: a pyramid slides 8 % off at 45 degrees",
    ),
    "iterations": (50, "enough for a stack of boxes to come to rest"),
    "impratio": (5.0, "friction holds: with 1 what rests creeps by some millimetres a second"),
}
FRICTION_PER_S = 30.0  # at which what slides slowly is stopped
# Contacts as a time constant (s) and a damping ratio: softer than the step would allow, for a stiff contact that slides
# is pushed off the ground (3 m/s of slide, 1 m/s upwards at 2 ms). They have no bounce: that is an event of its own
SOLREF = (0.02, 1.0)
# Slower along the ground: the engine's friction pushes apart what slides, the more the faster it would stop it
SOLREF_FRICTION = (0.0, -FRICTION_PER_S)
SOLIMP = (0.95, 0.99, 0.0005, 0.5, 2.0)
# What may touch what is told pair by pair
ONLY_PAIRS = {"contype": 0, "conaffinity": 0}
SKIN_FRICTION = 0.6
# A line gives as little as the step allows
LINE_SOLREF, LINE_SOLIMP = (0.004, 1.0), (0.99, 0.9999, 0.001, 0.5, 2.0)
ROLLING, TWISTING = 0.0005, 0.002  # m: of friction against rolling and against turning on the spot


@dataclass(frozen=True, eq=False)
class Free:
    """A prop that nothing leads.

    at : (3,) m its foot; turn : (4,); velocity : (3,) m/s of its middle; spin : (3,) rad/s; world axes
    pushed : (frames, 6) N and N·m about the world's origin that whoever stands on it gives it, or None
    by : ids of the flesh that does so, which it doesn't meet besides
    """

    prop: Prop
    mass_kg: float
    at: np.ndarray
    turn: np.ndarray
    velocity: np.ndarray
    spin: np.ndarray
    pushed: np.ndarray | None = None
    by: frozenset[str] = frozenset()


@dataclass(frozen=True, eq=False)
class Led:
    """A prop that is led. at, turn : (frames, 3) m its foot and (frames, 4), on every frame of a run"""

    prop: Prop
    at: np.ndarray
    turn: np.ndarray


@dataclass(frozen=True, eq=False)
class Flesh:
    """What rides on a joint of a performer, led along its motion.

    id : the performer's id, a colon and the joint's name; name : in words; at, turn : of the joint, (frames, 3) m and
    (frames, 4), on every frame of a run; gives : of an index and a place (3,) m, how it gives way (3, 3) m/s by N·s
    """

    id: str
    name: str
    body: FigureBody
    joint: int
    at: np.ndarray
    turn: np.ndarray
    gives: Callable[[int, np.ndarray], np.ndarray]


def air_per_m(prop: Prop, mass_kg: float) -> float:
    """How much the air slows a prop: m/s² by the square of its speed."""
    w, h, d = prop.size_m
    area = np.pi * h * h / 4 if prop.kind == "ball" else (w * h * h * d * w * d) ** (1 / 3)
    return float(AIR_KGM3 * prop.drag * area / 2 / mass_kg)


def new_spec(g: float, step_s: float):
    """An empty world with its options."""
    spec = mujoco.MjSpec()
    spec.option.gravity = [0.0, -g, 0.0]
    spec.option.timestep = step_s
    for name, (value, _) in OPTIONS.items():
        setattr(spec.option, name, value)
    # left on, a run that explodes starts anew without a word
    spec.option.disableflags |= int(mujoco.mjtDisableBit.mjDSBL_AUTORESET)
    spec.compiler.degree = False
    spec.compiler.inertiafromgeom = mujoco.mjtInertiaFromGeom.mjINERTIAFROMGEOM_FALSE
    return spec


def add_floor(spec, floor: Floor, friction: float | None = None) -> None:
    """friction : of bodies that touch it as they come; None where what touches it is told pair by pair"""
    up = rotation.between(np.array([0.0, 0.0, 1.0]), np.asarray(floor.normal, dtype=float))
    how = ONLY_PAIRS if friction is None else {"friction": [friction, 0.01, 0.002]}
    spec.worldbody.add_geom(
        name="floor", type=mujoco.mjtGeom.mjGEOM_PLANE, size=[100.0, 100.0, 1.0], pos=[0.0, floor.height_m, 0.0],
        quat=list(up), **how,
    )  # fmt: skip


def add_still(spec, prop: Prop, pairs: bool = True) -> None:
    """A prop that stays where it is. pairs : whether what touches it is told pair by pair"""
    at, turn = prop.track(np.zeros(1))
    body = spec.worldbody.add_body(name=prop.id, pos=list(middle_of(prop, at, turn)[0]), quat=list(turn[0]))
    _add_shapes(spec, body, prop, ONLY_PAIRS if pairs else {"friction": [prop.friction, 0.01, 0.002]})


def build(
    g: float, floor: Floor, still: Sequence[Prop], led: Sequence[Led], free: Sequence[Free],
    flesh: Sequence[Flesh] = (), passing: Collection[tuple[str, str]] = (),
) -> mujoco.MjModel:  # fmt: skip
    """The model. Bodies are called by the ids of their props and flesh, the floor "floor".

    passing : a free prop and a piece of flesh, by id, that do not touch. EditError for a prop that can't be free.
    """
    spec = new_spec(g, STEP_S)
    add_floor(spec, floor)
    for prop in still:
        add_still(spec, prop)
    for item in led:
        add_moving(spec, item.prop, LED_KG, item.at[0], item.turn[0], led=True)
    for item in free:
        if not (np.isfinite(item.mass_kg) and item.mass_kg > 0):
            raise EditError(f"{item.prop.name} weighs nothing yet, so it can't fly. Give it a mass in Set.")
        add_moving(spec, item.prop, item.mass_kg, item.at, item.turn)
        hang(spec, item.prop, item.at, item.turn)
    for piece in flesh:
        node = spec.worldbody.add_body(name=piece.id, mocap=True, pos=list(piece.at[0]), quat=list(piece.turn[0]))
        for geom in add_shapes(node, piece.body, piece.joint, piece.id, ONLY_PAIRS):
            for item in free:
                if (item.prop.id, piece.id) not in passing:
                    _add_pair(spec, item.prop, geom, max(item.prop.friction, SKIN_FRICTION))
    moving = [item.prop for item in (*free, *led)]
    for i, one in enumerate(moving[: len(free)]):
        _add_pair(spec, one, "floor", one.friction)
        for other in (*still, *moving[i + 1 :]):
            if not are_linked(one, other):
                for name in shape_names(other):
                    _add_pair(spec, one, name, max(one.friction, other.friction))
    add_links(spec, [item.prop for item in free], (*still, *moving))
    return spec.compile()


def _add_pair(spec, one: Prop, other: str, friction: float) -> None:
    """What two do to each other; of their frictions the rougher counts."""
    for name in shape_names(one):
        spec.add_pair(
            geomname1=name, geomname2=other, condim=6, friction=[friction, friction, TWISTING, ROLLING, ROLLING],
            solref=list(SOLREF), solreffriction=list(SOLREF_FRICTION), solimp=list(SOLIMP),
        )  # fmt: skip


def add_moving(
    spec, prop: Prop, mass_kg: float, at: np.ndarray, turn: np.ndarray, led: bool = False, how: dict = ONLY_PAIRS
) -> None:  # fmt: skip
    """A prop on a free joint, both by its id. led : laid on its keys; how : what it touches, and how"""
    body = spec.worldbody.add_body(name=prop.id, pos=list(middle_of(prop, at, turn)), quat=list(turn))
    body.add_freejoint(name=prop.id)
    body.explicitinertial = True
    body.mass = mass_kg
    # left unset the center of mass comes to lie elsewhere
    body.ipos = [0.0, 0.0, 0.0]
    i = np.eye(3) * LED_KG if led else prop.inertia(mass_kg)
    body.fullinertia = [i[0, 0], i[1, 1], i[2, 2], i[0, 1], i[0, 2], i[1, 2]]
    body.gravcomp = 1.0 if led else 0.0
    _add_shapes(spec, body, prop, how)


def hang(spec, prop: Prop, at: np.ndarray, turn: np.ndarray) -> None:
    """The line that a prop hangs on, as long as it is there: it holds, and goes slack."""
    if prop.hung_from_m is None:
        return
    top = at + rotation.rotate(turn, np.array([0.0, prop.size_m[1], 0.0]))
    long = float(np.linalg.norm(np.array(prop.hung_from_m) - top))
    # sites: anchors lie where the model was made, not where it is let go
    spec.worldbody.add_site(name=f"{prop.id} hook", pos=list(prop.hung_from_m))
    spec.body(prop.id).add_site(name=f"{prop.id} top", pos=list(np.array([0.0, prop.size_m[1], 0.0]) - prop.center_m))
    line = spec.add_tendon(name=f"{prop.id} line", limited=1, range=[0.0, long])
    line.solref_limit, line.solimp_limit = list(LINE_SOLREF), list(LINE_SOLIMP)
    line.wrap_site(f"{prop.id} hook")
    line.wrap_site(f"{prop.id} top")


def are_linked(one: Prop, other: Prop) -> bool:
    """Whether one of two props is held to the other."""
    return any(a.link is not None and a.link.to == b.id for a, b in ((one, other), (other, one)))


def add_links(spec, held: Sequence[Prop], there: Sequence[Prop]) -> None:
    """The links of those that are held, to the world or to what is there."""
    known = {prop.id: prop for prop in there}
    for prop in held:
        link = prop.link
        if link is None or (link.to and link.to not in known):
            continue
        if link.to:
            node, at = spec.body(link.to), np.array(link.at_m) - known[link.to].center_m
        else:
            node, at = spec.worldbody, np.array(link.at_m)
        node.add_site(name=f"{prop.id} eye", pos=list(at))
        spec.body(prop.id).add_site(name=f"{prop.id} shackle", pos=list(np.array(link.own_m) - prop.center_m))
        # by sites: anchors lie where the model was made
        joint = spec.add_equality(type=mujoco.mjtEq.mjEQ_CONNECT, objtype=mujoco.mjtObj.mjOBJ_SITE)
        joint.name, joint.name1, joint.name2 = f"{prop.id} link", f"{prop.id} eye", f"{prop.id} shackle"
        joint.solref, joint.solimp = list(LINE_SOLREF), list(LINE_SOLIMP)


def _add_shapes(spec, body, prop: Prop, how: dict = ONLY_PAIRS) -> None:
    """A prop's solids about its center of mass."""
    for name, solid in shape_names(prop).items():
        if solid.kind == MESH:
            _add_hull(spec, body, name, solid, prop.center_m, how)
        else:
            _add_solid(body, name, solid, prop.center_m, how)


def _add_hull(spec, body, name: str, solid: Solid, center: np.ndarray, how: dict) -> None:
    corners = solid.shape.hull.corners * np.array(solid.size_m)
    spec.add_mesh(name=f"{name} hull", uservert=corners.ravel().tolist())
    body.add_geom(
        name=name, type=mujoco.mjtGeom.mjGEOM_MESH, meshname=f"{name} hull", pos=list(np.array(solid.at_m) - center),
        quat=list(solid.turn), mass=0.0, **how,
    )  # fmt: skip


def shape_names(prop: Prop) -> dict[str, Solid]:
    """What the solids of a prop are called in the engine: the first by the prop's id."""
    return {f"{prop.id} {n}" if n else prop.id: solid for n, solid in enumerate(prop.solids)}


def _add_solid(body, name: str, solid: Solid, center: np.ndarray, how: dict) -> None:
    w, h, d = solid.size_m
    middle = np.array([0.0, h / 2, 0.0])
    turn, size, kind = rotation.IDENTITY, [w / 2, h / 2, d / 2], mujoco.mjtGeom.mjGEOM_BOX
    if solid.kind == "ball":
        kind, size = mujoco.mjtGeom.mjGEOM_SPHERE, [h / 2, 0.0, 0.0]
    elif solid.kind == "bar":
        # a capsule runs along z
        kind, size = mujoco.mjtGeom.mjGEOM_CAPSULE, [h / 2, w / 2, 0.0]
        turn = rotation.about_axis("Y", np.array([np.pi / 2]))[0]
    elif solid.kind == "ramp":
        # a box laid along the slope: its upper face is the ramp's
        long = float(np.hypot(h, d))
        thick = h * d / long
        turn = rotation.about_axis("X", np.array([-np.arctan2(h, d)]))[0]
        size, middle = [w / 2, thick / 2, long / 2], middle + rotation.rotate(turn, np.array([0.0, -thick / 2, 0.0]))
    at = np.array(solid.at_m) + rotation.rotate(solid.turn, middle) - center
    body.add_geom(
        name=name, type=kind, size=size, pos=list(at), quat=list(rotation.multiply(solid.turn, turn)), mass=0.0, **how
    )  # fmt: skip
