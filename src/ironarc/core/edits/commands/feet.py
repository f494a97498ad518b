"""What is asked of feet and the floor: lifted out of it, or set onto it, over a span."""

from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.motion import AddLayer
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import Limb, limbs_of
from ironarc.core.keying.thinning import smoothed
from ironarc.core.motion import ik
from ironarc.core.motion.layers import ADDS, KEYED, Layer
from ironarc.core.reading.contacts import stands
from ironarc.core.reading.shot import Seen
from ironarc.core.reading.skin import SOLE

LEAST_M = 0.002  # what lies in the floor by less is left there
CLOSED_M = 0.06  # a gap to the floor is closed up to here
LED_IN_S = 0.16  # over which a foot that stands too high is led down before it stands, and up after
LONGEST = 0.998  # of a leg's length: a foot brought down straightens its knee to here and no farther
SOFT = 0.02  # the last share of its length that a leg uses up slowly, so that its knee does not pop


@command
def feet_to_floor(
    seen: Seen, performer: str, start: Frame, end: Frame, how: Literal["out", "onto", "both"] = "out", ease: int = 3
) -> Edit:
    """Feet lifted out of the floor and of props, gaps of a few centimetres to them closed, or both, over a span: a
    layer over the legs, no more than is needed and without a jerk."""
    if end - start < 1:
        raise EditError("Feet are brought to the floor over a span of two frames or more.")
    p, shot = seen.performer, seen.shot
    frames = np.arange(start, end + 1)
    poses = shot.poses(p.id, frames)
    limbs = [limb for limb in limbs_of(p.body()) if limb.is_leg and limb.end >= 0]
    if not limbs:
        raise EditError(f"{p.name} has no legs that a name explains.")
    local = poses.local.copy()
    for limb in limbs:
        low, borne = _over(seen, limb, poses, frames)
        up = np.maximum(-low, 0.0) if how in ("out", "both") else np.zeros(len(frames))
        rests = borne & (low < CLOSED_M) & (how in ("onto", "both"))
        if max(up.max(), low[rests].max(initial=0.0)) < LEAST_M:
            continue
        led = max(int(np.rint(LED_IN_S / shot.frame_time_s)), 2)
        lift = _lifted(up, led) - _lowered(np.maximum(low, 0.0), rests, led)
        target = poses.position[:, limb.end] + lift[:, None] * np.array([0.0, 1.0, 0.0])
        target = _within_reach(poses, limb, target)
        local = ik.limb_to(p.rig, local, poses.translation, limb, target)
    changed = [limb for limb in limbs if np.abs(local[:, limb.upper] - poses.local[:, limb.upper]).max() > 1e-9]
    if not changed:
        raise EditError(f"The feet are where they should be from {start} to {end}: nothing was changed.")
    layer = _of_legs(seen, frames, poses.local, local, changed, ease)
    words = {"out": "Feet out of the floor", "onto": "Feet onto the floor", "both": "Feet to the floor"}[how]
    return AddLayer(replace(layer, name=words), p.id, f"{words}, {start} to {end}")


def _over(seen: Seen, limb: Limb, poses, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """(frames,) m of a foot's lowest point over what is under it, less than 0 in it; (frames,) whether it rests."""
    anatomy, floor = seen.reading.body.anatomy, seen.reading.floor
    side = limb.name.split(" ")[0]
    soles = [point for point in anatomy.contact_points if point.side == side and point.point in SOLE]
    low = np.full(len(frames), np.inf)
    for point in soles:
        at = poses.position[:, point.joint] + rotation.rotate(poses.rotation[:, point.joint], point.position_m)
        clear = floor.clearance(at)
        for prop in seen.shot.props:
            place, turn = seen.shot.track_of(prop, frames)
            own = rotation.rotate(turn, at - place, back=True)
            inside = (np.abs(own[:, 0]) <= prop.size_m[0] / 2) & (np.abs(own[:, 2]) <= prop.size_m[2] / 2)
            over = own[:, 1] - prop.size_m[1]
            deepest = prop.size_m[1] / (1 if stands(prop, floor) else 2)
            clear = np.where(inside & (over > -deepest - LEAST_M), np.minimum(clear, over), clear)
        low = np.minimum(low, clear)
    touching = seen.reading.footing.on[frames - seen.shot.first_frame]
    skin = seen.reading.traced.track.skin
    own_points = np.array([q.side == side and q.point in SOLE for q in skin.points], dtype=bool)
    return low, touching[:, own_points].any(axis=1)


def _lifted(up: np.ndarray, led: int) -> np.ndarray:
    """What must come up (frames,), led in and out so that no foot jerks; never less than is needed."""
    half = led // 2
    wide = np.array([up[max(i - half, 0) : i + half + 1].max() for i in range(len(up))])
    return np.maximum(up, smoothed(wide, float(led)))


def _lowered(gap: np.ndarray, rests: np.ndarray, led: int) -> np.ndarray:
    """What must go down (frames,) for a foot to close the gap where it stands: the least of it near by, for a foot that
    is still coming down closes the rest itself; led in before and out after, and never into the floor."""
    out = np.zeros(len(gap))
    if not rests.any():
        return out
    need, n = np.where(rests, gap, np.inf), len(gap)
    settled = np.array([need[max(i - led // 2, 0) : i + led // 2 + 1].min() for i in range(n)])
    settled = np.where(rests, settled, 0.0)
    for i in range(n):
        near = np.arange(max(i - led, 0), min(i + led + 1, n))
        share = 1.0 - np.abs(near - i) / (led + 1)
        out[i] = (settled[near] * share * share * (3.0 - 2.0 * share)).max()
    return np.minimum(smoothed(out, led / 2.0), gap)


def _within_reach(poses, limb: Limb, target: np.ndarray) -> np.ndarray:
    """Places (frames, 3) m for a foot that its leg comes to without locking its knee."""
    root = poses.position[:, limb.upper]
    before = np.linalg.norm(poses.position[:, limb.end] - root, axis=1)
    return ik.softly_reached(root, target, before, ik.limb_length(limb, poses.translation), LONGEST, SOFT)


def _of_legs(seen: Seen, frames: np.ndarray, was: np.ndarray, now: np.ndarray, limbs: list[Limb], ease: int) -> Layer:
    """A layer that adds what differs between two sets of local rotations."""
    p = seen.performer
    first = p.timing.first_of(frames, p.clip)
    columns = {}
    for limb in limbs:
        for j in (limb.upper, limb.lower, limb.end):
            turn = rotation.multiply(rotation.conjugate(was[:, j]), now[:, j])
            joint = p.rig.joints[j]
            angles = rotation.to_euler(joint.order, turn)
            for i, channel in enumerate(joint.rotation_channels):
                columns[joint.name, channel] = Dense(first, np.ascontiguousarray(angles[:, i]))
    ease = min(ease, len(frames) // 2)
    begins, ends = p.timing.span(p.clip)  # there is nothing to lead over to beyond the motion's own ends
    return Layer(
        p.free_layer_id(), "Feet", KEYED, ADDS, columns, span=(first, first + len(frames) - 1),
        ease_in=ease if frames[0] > begins else 0, ease_out=ease if frames[-1] < ends else 0,
    )  # fmt: skip
