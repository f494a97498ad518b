"""From evaluated motion back to a file's own channels."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS, Joint, Rig
from ironarc.core.motion.evaluate import Evaluated, Stage, evaluate
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.pins import NO_ANCHORS, Anchors
from ironarc.core.motion.tracks import Tracks, tracks_of

LEAST_TURN_RAD = 1e-6  # an angle this small needs no channel of its own


def channel_rows(
    motion: Motion, frames: np.ndarray, dt: float, anchors: Anchors = NO_ANCHORS
) -> tuple[Rig, np.ndarray]:
    """The rig at its size in the shot, and its channels (frames, channels) on the shot's `frames`.

    In file order: positions in the file's length unit, angles in degrees. Where nothing touched a joint its
    channels are written from the base itself, so that they come back as they came; elsewhere the angles follow
    the base's own, so that curves stay as continuous as they were. Raises EditError where a joint lacks the
    channels to write what was done to it.
    """
    done = evaluate(motion, frames, dt, anchors)
    rig = _sized(motion.rig, motion.placement.scale)
    base = tracks_of(motion.layers[0], motion.rig)
    angles, places = _own_channels(base, motion.rig, done.own)
    columns = []
    for j, joint in enumerate(rig.joints):
        values = {}
        if joint.has_position or done.moved[:, j].any():
            values |= _positions(joint, j, done, places[:, j], motion)
        values |= _rotations(joint, j, done, angles[:, j])
        columns += [values[c] for c in joint.channels]
    return rig, np.column_stack(columns)


def _sized(rig: Rig, scale: float) -> Rig:
    if scale == 1.0:
        return rig
    return replace(
        rig,
        joints=tuple(replace(j, offset=tuple(v * scale for v in j.offset)) for j in rig.joints),
        ends=tuple(replace(e, offset=tuple(v * scale for v in e.offset)) for e in rig.ends),
    )


def _own_channels(base: Tracks, rig: Rig, own: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """The base's own angles (frames, joints, 3) rad, in each joint's order, and positions (frames, joints, 3)."""
    angles, places = np.zeros((len(own), len(rig), 3)), np.zeros((len(own), len(rig), 3))
    angles[:, base.turning] = base.angles(own)
    given = base.places(own)
    rest = np.array([[0.0] * 3 if rig.joints[j].position == "adds" else rig.joints[j].offset for j in base.moving])
    places[:, base.moving] = np.where(base.moves, given, rest.reshape(-1, 3))
    return angles, places


def _positions(joint: Joint, j: int, done: Evaluated, came: np.ndarray, motion: Motion) -> dict[str, np.ndarray]:
    moved = done.moved[:, j] > 0
    if not moved.any():
        return dict(zip(POSITION_CHANNELS, came.T, strict=True))
    if not all(c in joint.channels for c in POSITION_CHANNELS):
        by_layer = (done.moved[:, j] & Stage.LAYERED).any()
        offset_moved = joint.parent < 0 and any(motion.placement.offset_m)
        if by_layer or offset_moved or joint.has_position:
            what = "its move" if by_layer else "its place"
            raise EditError(f"{joint.name} has no position channels in its file, so {what} can't be written.")
        return {}
    at = done.poses.translation[:, j] / motion.scale_to_m - (0.0 if joint.position == "replaces" else joint.offset)
    return dict(zip(POSITION_CHANNELS, np.where(moved[:, None], at, came).T, strict=True))


def _rotations(joint: Joint, j: int, done: Evaluated, came: np.ndarray) -> dict[str, np.ndarray]:
    """Angles in degrees by channel; where something turned the joint, nearest to the base's own."""
    turned = done.turned[:, j] > 0
    angles = came
    if turned.any():
        worked_out = rotation.to_euler(joint.order, done.poses.local[:, j])
        placed = (done.turned[:, j] & Stage.PLACED).any()
        near = rotation.each_after_the_other(worked_out) if placed else rotation.follow_euler(worked_out, came)
        angles = np.where(turned[:, None], near, came)
        missing = [i for i, c in enumerate(joint.rotation_channels) if c not in joint.channels]
        if missing and np.abs(angles[:, missing]).max() > LEAST_TURN_RAD:
            raise EditError(f"{joint.name} has too few rotation channels in its file to write how it is turned now.")
    return {c: np.degrees(angles[:, i]) for i, c in enumerate(joint.rotation_channels) if c in joint.channels}
