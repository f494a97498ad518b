"""Inverse kinematics of limbs of two bones, in closed form: arrays in, arrays out, all frames of a span at once.

The law of cosines (Tolani, Goswami and Badler, Graphical Models 62, 2000), with the plane of the limb carried over.
"""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import Limb
from ironarc.core.figure.rig import Rig, forward

NEARLY = 1.0 - 1e-9  # of its length: a limb is never quite straight, so that its middle keeps its side
FOLDED = 1.0 + 1e-6
BENT = 0.02  # of its length: a middle this far off the straight line keeps its own side; nearer, the pole has a say
WRONG_WAY = (0.06, 0.15)  # of its length: bent against its pole by more it is meant so; by less, it is led back
AGAINST = (-0.9, -0.5)  # cosine to the pole: what counts as bent against it
SOFT = 0.01  # the last share of a limb's length that is used up slowly, so that the middle does not pop
_TINY = 1e-9


def unit(v: np.ndarray) -> np.ndarray:
    return v / np.maximum(np.linalg.norm(v, axis=-1, keepdims=True), _TINY)


def dot(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    return np.einsum("...i,...i->...", a, b)[..., None]


def softened(distance: np.ndarray, full: np.ndarray, soft: float = SOFT) -> np.ndarray:
    """How far (...) m a limb of length `full` reaches for something `distance` away: the last `soft` share of it is
    used up exponentially, and all of it never quite."""
    begins = full * (1.0 - soft)
    beyond = np.maximum(distance - begins, 0.0)
    return np.where(distance > begins, begins + soft * full * -np.expm1(-beyond / (soft * full)), distance)


@dataclass(frozen=True)
class Bent:
    """A limb as it was solved: world rotations of both bones (frames, 4), and where its far end comes to lie
    (frames, 3) m."""

    upper: np.ndarray
    lower: np.ndarray
    end: np.ndarray


def two_bone(
    upper: np.ndarray, lower: np.ndarray, root: np.ndarray, to_lower: np.ndarray, to_end: np.ndarray,
    target: np.ndarray, pole: np.ndarray, steer: np.ndarray | None = None,
) -> Bent:  # fmt: skip
    """A limb whose far end comes to `target`, or as near as its bones reach.

    upper, lower : (frames, 4) world rotations as they are; root : (frames, 3) m, where it hangs
    to_lower, to_end : (frames, 3) m, the bones in the axes of the joint each rides on
    target : (frames, 3) m; pole : (frames, 3) unit, world: the side its middle takes where it is straight
    steer : (frames, 3) m its middle is to point at instead of keeping its side, or None
    The plane of the limb turns by the shortest way, so that the middle keeps the side it is on; nothing twists.
    """
    k0, l0 = rotation.rotate(upper, to_lower), rotation.rotate(lower, to_end)
    a, b = np.linalg.norm(k0, axis=-1, keepdims=True), np.linalg.norm(l0, axis=-1, keepdims=True)
    reach, away = k0 + l0, target - root
    u0 = np.where(np.linalg.norm(reach, axis=-1, keepdims=True) > 1e-6 * (a + b), unit(reach), unit(k0))
    far = np.linalg.norm(away, axis=-1, keepdims=True)
    u1 = np.where(far > 1e-6 * (a + b), away / np.maximum(far, _TINY), u0)
    distance = np.clip(far, np.abs(a - b) * FOLDED + 1e-9, (a + b) * NEARLY)
    side0 = _side(k0, u0, pole, a + b)
    side1 = rotation.rotate(rotation.between(u0, u1), side0)
    if steer is not None:
        wanted = steer - root
        wanted = wanted - u1 * dot(wanted, u1)
        side1 = np.where(np.linalg.norm(wanted, axis=-1, keepdims=True) > 1e-6, unit(wanted), side1)
    # law of cosines: the middle lies k along the line to the end and h beside it
    k = (a * a - b * b + distance * distance) / (2 * distance)
    h = np.sqrt(np.maximum(a * a - k * k, 0.0))
    k1 = u1 * k + side1 * h
    l1 = u1 * distance - k1
    return Bent(
        rotation.multiply(_plane_turn(k0, side0, k1, side1), upper),
        rotation.multiply(_plane_turn(l0, side0, l1, side1), lower), root + u1 * distance,
    )  # fmt: skip


def _side(k0: np.ndarray, u0: np.ndarray, pole: np.ndarray, full: np.ndarray) -> np.ndarray:
    """(frames, 3) unit, square to u0: the side a limb's middle is on, led over to its pole's where it is straight."""
    own = (k0 - u0 * dot(k0, u0)) / full
    ahead = pole - u0 * dot(pole, u0)
    size = np.linalg.norm(ahead, axis=-1, keepdims=True)
    # a pole along the limb says nothing: any way square to it will do
    least = np.eye(3)[np.abs(u0).argmin(axis=-1)]
    ahead = np.where(size > 1e-6, ahead / np.maximum(size, _TINY), unit(least - u0 * dot(least, u0)))
    off = np.linalg.norm(own, axis=-1, keepdims=True)
    against = 1.0 - _smooth(dot(own, ahead) / np.maximum(off, _TINY), *AGAINST)
    led_back = against * (1.0 - _smooth(off, *WRONG_WAY)) * (off + BENT)
    return unit(own + ahead * (np.maximum(BENT - off, 0.0) + led_back))


def _smooth(x: np.ndarray, low: float, high: float) -> np.ndarray:
    """0 below `low`, 1 above `high`, t² (3 - 2t) between."""
    t = np.clip((x - low) / (high - low), 0.0, 1.0)
    return t * t * (3 - 2 * t)


def _plane_turn(v0: np.ndarray, side0: np.ndarray, v1: np.ndarray, side1: np.ndarray) -> np.ndarray:
    """(frames, 4): the turn that brings a bone v0 to v1, and the plane it lies in with `side0` to that with `side1`."""
    x0, x1 = unit(v0), unit(v1)
    swing = rotation.between(x0, x1)
    y0 = rotation.rotate(swing, unit(side0 - x0 * dot(side0, x0)))
    y1 = unit(side1 - x1 * dot(side1, x1))
    angle = np.arctan2(dot(rotation.cross(y0, y1), x1), dot(y0, y1))
    return rotation.multiply(rotation.exp(x1 * angle), swing)


def limb_to(
    rig: Rig, local: np.ndarray, translation: np.ndarray, limb: Limb, target: np.ndarray,
    keep_end: np.ndarray | None = None, steer: np.ndarray | None = None,
) -> np.ndarray:  # fmt: skip
    """Local rotations (frames, joints, 4) with a limb's far end at `target` (frames, 3) m.

    keep_end : (frames, 4) world rotation its end joint is to have, or None for the one it has
    """
    world, position = forward(rig, local, translation)
    return limb_in(rig, local, translation, world, position, limb, target, keep_end, steer)


def limb_in(
    rig: Rig, local: np.ndarray, translation: np.ndarray, world: np.ndarray, position: np.ndarray, limb: Limb,
    target: np.ndarray, keep_end: np.ndarray | None = None, steer: np.ndarray | None = None,
) -> np.ndarray:  # fmt: skip
    """As `limb_to`, where world rotations and places are known already."""
    out = local.copy()
    bent = two_bone(
        world[:, limb.upper], world[:, limb.lower], position[:, limb.upper], translation[:, limb.lower],
        wrist_of(limb, translation), target, rotation.rotate(world[:, limb.upper], limb.pole), steer,
    )  # fmt: skip
    above = int(rig.parents[limb.upper])
    base = world[:, above] if above >= 0 else np.broadcast_to(rotation.IDENTITY, bent.upper.shape)
    out[:, limb.upper] = rotation.multiply(rotation.conjugate(base), bent.upper)
    out[:, limb.lower] = rotation.multiply(rotation.conjugate(bent.upper), bent.lower)
    if limb.end >= 0:
        end = world[:, limb.end] if keep_end is None else keep_end
        out[:, limb.end] = rotation.multiply(rotation.conjugate(bent.lower), end)
    return out


def wrist_of(limb: Limb, translation: np.ndarray) -> np.ndarray:
    """(frames, 3) m from the lower joint to the limb's far end, in its axes."""
    if limb.end >= 0:
        return translation[:, limb.end]
    return np.broadcast_to(limb.wrist_m, (len(translation), 3))


def softly_reached(
    root: np.ndarray, target: np.ndarray, before: np.ndarray, full: np.ndarray, longest: float, soft: float
) -> np.ndarray:  # fmt: skip
    """Places (frames, 3) m towards `target` that a limb from `root` (frames, 3) comes to without locking its middle.

    before : (frames,) m how far it reached, one that was straighter stays so; full : (frames,) m its length
    longest, soft : shares of the length, what it is straightened to at most and the last of it, used up exponentially
    """
    far = np.linalg.norm(target - root, axis=1)
    begins = np.maximum(before, full * (longest - soft))
    room = np.maximum(np.maximum(full * longest, before) - begins, 1e-6)
    reach = np.where(far > begins, begins - room * np.expm1(-np.maximum(far - begins, 0.0) / room), far)
    return root + (target - root) * (reach / np.maximum(far, 1e-9))[:, None]


def limb_length(limb: Limb, translation: np.ndarray) -> np.ndarray:
    """(frames,) m of a limb held straight."""
    return np.linalg.norm(translation[:, limb.lower], axis=-1) + np.linalg.norm(wrist_of(limb, translation), axis=-1)
