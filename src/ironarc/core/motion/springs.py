"""Loose parts that trail: hair, tails, straps, ears as chains of springy pendulums.

Each joint's bone is a pendulum hung where the joint is: a spring leads it back to where it is posed, gravity pulls it
down, and it is damped against the motion it is posed in. It knows nothing of frames to come, and starts at rest.
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import Rig
from ironarc.core.motion.poses import Poses

STEPS = 16  # a frame is cut into
SETTLING_S = 6.0  # at most, before the first frame


@dataclass(frozen=True)
class Springiness:
    """How a chain swings.

    length : times its bones' own length, which sets how slow it swings under gravity
    stiffness_hz : how fast it swings about its pose with no gravity; damping : share of what would stop it at once
    gravity : share of the shot's
    """

    length: float = 1.0
    stiffness_hz: float = 2.0
    damping: float = 0.2
    gravity: float = 0.3

    def checked(self) -> "Springiness":
        """Itself; EditError for what can't be."""
        for word, value, low, high in (
            ("length", self.length, 0.1, 10.0), ("stiffness", self.stiffness_hz, 0.0, 20.0),
            ("damping", self.damping, 0.0, 2.0), ("gravity", self.gravity, 0.0, 5.0),
        ):  # fmt: skip
            if not (np.isfinite(value) and low <= value <= high):
                raise EditError(
                    f"The {word} of a springy chain lies between {low:g} and {high:g}; {value:g} was given."
                )
        if self.stiffness_hz == 0 and self.gravity == 0:
            raise EditError("A chain with neither stiffness nor gravity has no driving force. Give it one of the two.")
        return self


def swing(anchor: np.ndarray, posed: np.ndarray, length_m: float, dt: float, how: Springiness, g: float) -> np.ndarray:
    """Directions (frames, 3) a bone swings through.

    anchor : (frames, 3) m, where it hangs; posed : (frames, 3) unit, the way it is posed
    A damped pendulum: θ'' = -(ω² + share g / l) θ - 2 ζ ω_n θ' at small angles about the pose of a still anchor that
    hangs down; steps are semi-implicit, sixteen a frame.
    """
    length = length_m * how.length
    omega = 2 * np.pi * how.stiffness_hz
    rate = np.sqrt(omega**2 + how.gravity * g / length)
    down = np.array([0.0, -how.gravity * g, 0.0])
    h = dt / STEPS
    frames = len(anchor)
    out = np.empty((frames, 3))
    d, v = posed[0].copy(), np.zeros(3)
    d = _settled(d, posed[0], down, length, omega)
    out[0] = d
    # accelerations of the anchor, and how the pose itself turns, are those between the frames before and now
    speed = np.zeros(3)
    for f in range(1, frames):
        step = (anchor[f] - anchor[f - 1]) / dt
        shake = (step - speed) / dt
        speed = step
        turning = (posed[f] - posed[f - 1]) / dt
        for s in range(STEPS):
            goal = posed[f - 1] + (posed[f] - posed[f - 1]) * ((s + 1) / STEPS)
            goal = goal / np.linalg.norm(goal)
            force = omega**2 * (goal - d) + (down - shake) / length - 2 * how.damping * rate * (v - turning)
            force -= d * (force @ d)
            v = v + force * h
            v -= d * (v @ d)
            d = d + v * h
            d /= np.linalg.norm(d)
        out[f] = d
    return out


def _settled(d: np.ndarray, posed: np.ndarray, down: np.ndarray, length: float, omega: float) -> np.ndarray:
    """Where it rests with its anchor still: the way the spring and gravity together point."""
    force = omega**2 * posed + down / length
    size = np.linalg.norm(force)
    return force / size if size > 1e-9 else d


def trail(poses: Poses, rig: Rig, chain: Sequence[int], tip_m: np.ndarray, how: Springiness, g: float) -> np.ndarray:
    """Local rotations (frames, chain, 4) of a chain that trails, joint by joint from its root.

    chain : joints, each the parent of the next; tip_m : (3,) m, the end of the last in its axes
    """
    how.checked()
    if not len(chain):
        raise EditError("A chain needs at least one joint.")
    above = int(rig.parents[chain[0]])
    n = len(poses.frames)
    carrier = poses.rotation[:, above] if above >= 0 else np.tile(rotation.IDENTITY, (n, 1))
    origin = poses.position[:, chain[0]].copy()
    out = np.empty((n, len(chain), 4))
    for k, joint in enumerate(chain):
        posed = rotation.multiply(carrier, poses.local[:, joint])
        bone = poses.translation[:, chain[k + 1]] if k + 1 < len(chain) else np.broadcast_to(tip_m, (n, 3))
        length = float(np.linalg.norm(bone[0]))
        if length < 1e-6:
            out[:, k] = poses.local[:, joint]
            carrier = posed
            continue
        way = rotation.rotate(posed, bone)
        way /= np.linalg.norm(way, axis=-1, keepdims=True)
        swung = swing(origin, way, length, poses.dt, how, g)
        world = rotation.multiply(rotation.between(way, swung), posed)
        out[:, k] = rotation.multiply(rotation.conjugate(carrier), world)
        origin = origin + rotation.rotate(world, bone)
        carrier = world
    return out
