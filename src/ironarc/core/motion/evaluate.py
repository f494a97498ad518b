"""The one road from layers, time and place to poses, by stages in a fixed order.

    own frames  slipped, cut, retimed, trimmed: which own frame plays on each of the shot's
    base        the motion as it came or was keyed
    layers      each in its order, adding to what is below or replacing it
    blended     over the seams of cuts
    placed      moved, turned and scaled as a whole
    pinned      parts that are held brought to where they are held
    pose        world rotations and places

Every stage is a function of arrays that gives new arrays. What each one touched is noted, joint by joint and
frame by frame, so that a writer can give back the rest as it came.
"""

from dataclasses import dataclass, replace
from enum import IntFlag
from weakref import ref

import numpy as np

from ironarc.core import effort, rotation
from ironarc.core.figure.rig import Rig, forward
from ironarc.core.motion.differ import may_differ
from ironarc.core.motion.layers import ADDS, REPLACES, Layer
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.pins import NO_ANCHORS, Anchors, Posed, solve
from ironarc.core.motion.poses import Poses, poses_of
from ironarc.core.motion.tracks import tracks_of
from ironarc.core.rows import MOST, differing, spans_of
from ironarc.core.scene.timing import Mix
from ironarc.core.shared import mostly


class Stage(IntFlag):
    """Stages that can touch a joint; a mask of them is kept for every frame and joint."""

    TIMED = 1  # between two own frames, or carried on over a cut
    LAYERED = 2
    PLACED = 4
    PINNED = 8


@dataclass
class Local:
    """A body while it goes through the stages.

    rotation : (frames, joints, 4) joint from parent; translation : (frames, joints, 3) joint origin in its
    parent's axes, in the file's length unit until it is placed, then metres
    turned, moved : (frames, joints) uint8, masks of Stage
    """

    rotation: np.ndarray
    translation: np.ndarray
    turned: np.ndarray
    moved: np.ndarray

    def copy(self) -> "Local":
        return Local(self.rotation.copy(), self.translation.copy(), self.turned.copy(), self.moved.copy())


@dataclass(frozen=True)
class Evaluated:
    """Poses with where they come from.

    own : (frames,) own frames, whole or not; of a blend, those before its seam
    turned, moved : (frames, joints) uint8, masks of Stage: what touched each joint's rotation and place; where poses
        are those they were made from, what touched those
    motion, anchors : what they follow from
    differs : (frames,) bool, where they are not those they were made from; None where they were made from none
    """

    poses: Poses
    own: np.ndarray
    turned: np.ndarray
    moved: np.ndarray
    motion: Motion
    anchors: Anchors
    differs: np.ndarray | None = None


def evaluate(
    motion: Motion, frames: np.ndarray, dt: float, anchors: Anchors = NO_ANCHORS, was: Evaluated | None = None
) -> Evaluated:
    """World poses on the shot's `frames` (frames,), `dt` seconds apart.

    anchors : where props and other performers are that pins hold to; pins to what is not in it do nothing
    was : of a motion that may be mostly the same: only where the two can differ are poses made anew
    """
    effort.check()
    mix = own_frames(motion, frames)
    if was is not None:
        made = _made_from(was, motion, frames, dt, mix.before, anchors)
        if made is not None:
            return made
    placed = _local(motion, mix, anchors)
    poses = poses_of(motion.rig, frames, dt, placed.rotation, placed.translation)
    return Evaluated(poses, mix.before, placed.turned, placed.moved, motion, anchors)


def _local(motion: Motion, mix: Mix, anchors: Anchors) -> Local:
    return pinned(place(blended(motion, mix), motion), motion, mix.before, anchors)


def _made_from(
    was: Evaluated, motion: Motion, frames: np.ndarray, dt: float, own: np.ndarray, anchors: Anchors
) -> Evaluated | None:
    """Poses made anew only on the frames where two motions can differ; None where that is no shorter way."""
    then = was.poses
    if then.dt != dt or not (np.array_equal(then.frames, frames) and np.array_equal(was.own, own)):
        return None
    rows = may_differ(was.motion, motion, own, was.anchors, anchors)
    if rows is None or rows.mean() >= MOST:
        return None
    if not rows.any():
        return replace(was, motion=motion, anchors=anchors, differs=rows)
    spans = spans_of(rows)
    local, translation, world, position, turned, moved = (
        mostly(x, spans) for x in (then.local, then.translation, then.rotation, then.position, was.turned, was.moved)
    )
    differs = np.zeros(len(frames), dtype=bool)
    for a, b in spans:
        here = {key: (at[a:b], turn[a:b]) for key, (at, turn) in anchors.items()}
        placed = _local(motion, own_frames(motion, frames[a:b]), here)
        local[a:b] = placed.rotation
        # each on the side of the one before it, as those of a whole are
        local[max(a - 1, 0) : b] = rotation.continuous(local[max(a - 1, 0) : b])
        if b < len(local) and (np.einsum("ji,ji->j", local[b - 1], local[b]) < 0).any():
            return None  # all after it would change sides
        translation[a:b], turned[a:b], moved[a:b] = placed.translation, placed.turned, placed.moved
        world[a:b], position[a:b] = forward(motion.rig, local[a:b], translation[a:b])
        differs[a:b] = differing(then.local[a:b], local[a:b]) | differing(then.translation[a:b], translation[a:b])
    poses = Poses(motion.rig, frames, dt, local, translation, world, position, (ref(then), differs))
    return Evaluated(poses, own, turned, moved, motion, anchors, differs)


def own_frames(motion: Motion, frames: np.ndarray) -> Mix:
    """The own frames that play on frames of the shot, and how two of them are mixed over a cut."""
    return motion.timing.mix(frames, motion.clip)


def layered(motion: Motion, own: np.ndarray) -> Local:
    """The base and all layers on own frames (frames,)."""
    local = base_of(motion, own)
    for i, layer in enumerate(motion.layers[1:], 1):
        if not layer.acts:
            continue
        counts = layer.counts(own)
        begins = _begins(motion, i) if layer.way == REPLACES and ((counts > 0) & (counts < 1)).any() else None
        local = lay(local, layer, motion.rig, own, counts, begins)
    return local


def _begins(motion: Motion, number: int) -> np.ndarray:
    """(joints, 4): what lies below a layer on the frame where it begins."""
    reach = motion.layers[number].reach() or motion.clip
    below = replace(motion, layers=motion.layers[:number])
    return layered(below, np.array([float(reach[0])])).rotation[0]


def base_of(motion: Motion, own: np.ndarray) -> Local:
    """The base alone; joints and axes it has no columns of are at rest."""
    rig, n = motion.rig, len(own)
    rest = np.zeros((n, len(rig), 4))
    rest[..., 0] = 1.0
    between = own != np.rint(own)
    touched = np.repeat((between * np.uint8(Stage.TIMED))[:, None], len(rig), axis=1).astype(np.uint8)
    local = Local(rest, np.repeat(rig.offsets[None], n, axis=0), touched, touched.copy())
    if not motion.layers:
        return local
    tracks = tracks_of(motion.layers[0], rig)
    local.rotation[:, tracks.turning] = tracks.rotations(own)
    local.translation[:, tracks.moving] = _origins(tracks, rig, own, local.translation[:, tracks.moving])
    return local


def _origins(tracks, rig: Rig, own: np.ndarray, below: np.ndarray) -> np.ndarray:
    """(frames, moving, 3) joint origins that position columns give; axes with none stay as `below`."""
    offsets = rig.offsets[tracks.moving]
    adds = np.array([rig.joints[j].position == "adds" for j in tracks.moving])
    given = tracks.places(own) + np.where(adds[:, None], offsets, 0.0)
    return np.where(tracks.moves, given, below)


def lay(
    local: Local, layer: Layer, rig: Rig, own: np.ndarray, counts: np.ndarray, begins: np.ndarray | None = None
) -> Local:
    """What is below with one layer over it, as far as it counts (frames,).

    A rotation that adds is composed after the one below and weighed along the sphere; one that replaces is
    passed into from the one below, the shorter way round on the frame where the layer begins. Translations add,
    or pass over, in the parent's axes.
    begins : (joints, 4) what is below on that frame; needed where a layer that replaces counts in part
    """
    on = counts > 0
    if not on.any():
        return local
    out, tracks = local.copy(), tracks_of(layer, rig)
    whole_span = bool(on.all())
    at, weight = (own, counts) if whole_span else (own[on], counts[on])
    turning, moving = (
        (slice(None), joints) if whole_span else np.ix_(on, joints) for joints in (tracks.turning, tracks.moving)
    )
    if len(tracks.turning):
        below = local.rotation[turning]
        whole = bool((weight == 1.0).all())
        if layer.way == ADDS:
            turned = tracks.rotations(at) if whole else tracks.shares(at, weight)
            out.rotation[turning] = rotation.multiply(below, turned)
        elif whole:
            out.rotation[turning] = tracks.rotations(at)
        else:
            first = np.array([float(layer.reach()[0])])
            far = (tracks.rotations(first)[0] * begins[tracks.turning]).sum(axis=-1) < 0
            above = np.where(far[:, None], -1.0, 1.0) * tracks.rotations(at)
            out.rotation[turning] = passed_over(below, above, weight)
        out.turned[turning] |= np.uint8(Stage.LAYERED)
    if len(tracks.moving):
        below, share = local.translation[moving], weight[:, None, None]
        if layer.way == ADDS:
            out.translation[moving] = below + share * tracks.places(at)
        else:
            out.translation[moving] = below + share * (_origins(tracks, rig, at, below) - below)
        out.moved[moving] |= np.uint8(Stage.LAYERED)
    return out


def passed_over(below: np.ndarray, above: np.ndarray, weight: np.ndarray) -> np.ndarray:
    """(frames, joints, 4) the part weight (frames,) of the way from `below` to `above`.

    The signs of the two are kept, not brought to the shorter side: where both are continuous along time, so is
    what lies between them, also beyond half a turn.
    """
    between = rotation.multiply(rotation.conjugate(below), above)
    return rotation.multiply(below, rotation.exp(rotation.log_signed(between) * weight[:, None, None]))


def blended(motion: Motion, mix: Mix) -> Local:
    """The layered body on the shot's frames, the two sides of each cut passed over into one another."""
    local = layered(motion, mix.before)
    if not motion.timing.cuts:
        return local
    roots, carried = list(motion.rig.roots), _carried(motion)
    local.translation[:, roots] += carried[mix.cuts_before]
    shifted = carried[mix.cuts_before].any(axis=(1, 2))
    local.moved[np.ix_(shifted, roots)] |= np.uint8(Stage.TIMED)
    on = mix.share > 0
    if not on.any():
        return local
    other = layered(motion, mix.after[on])
    other.translation[:, roots] += carried[mix.cuts_before[on] + 1]
    share = mix.share[on][:, None, None]
    turn = rotation.log(rotation.multiply(rotation.conjugate(local.rotation[on]), other.rotation))
    local.rotation[on] = rotation.multiply(local.rotation[on], rotation.exp(turn * share))
    local.translation[on] += (other.translation - local.translation[on]) * share
    local.turned[on] |= np.uint8(Stage.TIMED)
    local.moved[on] |= np.uint8(Stage.TIMED)
    return local


def _carried(motion: Motion) -> np.ndarray:
    """(cuts + 1, roots, 3) file units: how far the roots are moved level after each cut, none before the first.

    The two sides of a carried cut meet half-way between the last frame before it and the first after.
    """
    roots, cuts = list(motion.rig.roots), motion.timing.cuts
    sides = np.array([at for cut in cuts for at in (cut.start - 0.5, cut.end + 0.5)])
    at = layered(motion, sides).translation[:, roots].reshape(len(cuts), 2, len(roots), 3)
    gap = (at[:, 0] - at[:, 1]) * [1.0, 0.0, 1.0]
    gap *= np.array([cut.carry for cut in cuts])[:, None, None]
    return np.concatenate([np.zeros((1, len(roots), 3)), np.cumsum(gap, axis=0)])


def place(local: Local, motion: Motion) -> Local:
    """The body in its place in the world, in metres."""
    placement, roots = motion.placement, list(motion.rig.roots)
    out = Local(local.rotation, local.translation * (motion.scale_to_m * placement.scale), local.turned, local.moved)
    if placement.is_identity:
        return out
    out = out.copy()
    out.rotation[:, roots] = rotation.multiply(placement.rotation, out.rotation[:, roots])
    out.translation[:, roots] = rotation.rotate(placement.rotation, out.translation[:, roots]) + placement.offset_m
    if placement.turn_rad:
        out.turned[:, roots] |= np.uint8(Stage.PLACED)
    out.moved[:, roots if placement.scale == 1.0 else slice(None)] |= np.uint8(Stage.PLACED)
    return out


def pinned(local: Local, motion: Motion, own: np.ndarray, anchors: Anchors = NO_ANCHORS) -> Local:
    """The body with its held parts where they are held."""
    if not motion.pins:
        return local
    posed = Posed(motion.rig, local.rotation.copy(), local.translation.copy())
    on = solve(posed, motion.pins, motion.placement, anchors, own)
    if not on.any():
        return local
    out = Local(posed.local, posed.translation, local.turned.copy(), local.moved.copy())
    changed = np.abs((posed.local * local.rotation).sum(axis=-1)) < 1.0 - 1e-14
    out.turned[changed] |= np.uint8(Stage.PINNED)
    out.moved[(posed.translation != local.translation).any(axis=-1)] |= np.uint8(Stage.PINNED)
    return out
