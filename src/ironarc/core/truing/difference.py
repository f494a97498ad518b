"""From poses as they are and as they are to be to the layer that leads from one to the other."""

import numpy as np
from scipy.interpolate import CubicSpline

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Performer
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS
from ironarc.core.motion.layers import CORRECTION as CORRECTING
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.poses import Poses

TURNED_RAD, MOVED_M = 1e-6, 1e-6  # what differs by less is the same


def check_root(performer: Performer) -> None:
    """EditError for a rig whose root can't be moved."""
    for root in performer.rig.roots:
        if not all(c in performer.rig.joints[root].channels for c in POSITION_CHANNELS):
            raise EditError(
                f"{performer.rig.names[root]} has no position channels in its file, so the body can't be moved as a "
                "whole. Choose a correction that turns joints only, or give the root a place before bringing it in."
            )


def turned_by(was: Poses, local: np.ndarray) -> np.ndarray:
    """(frames, joints, 3) rad, each joint's own axes: what turns it from what it was to `local` (frames, joints, 4)."""
    return rotation.log(rotation.multiply(rotation.conjugate(was.local), local))


def layer_between(
    performer: Performer, was: Poses, local: np.ndarray, translation: np.ndarray, name: str, made_by: str
) -> Layer | None:
    """A layer that adds what is to be to what is, over the frames of `was`; None where nothing differs.

    local, translation : (frames, joints, 4) and (frames, joints, 3) m, as poses have them. Raises EditError where the
        frames reach over a cut or beyond the motion, or where what must move or turn has no channels to do it by.
    """
    rig = performer.rig
    own = performer.timing.own_frames(was.frames, performer.clip)
    turned = turned_by(was, local)
    moved = translation - was.translation
    columns = {}
    for j in np.flatnonzero(np.abs(turned).max(axis=(0, 2)) > TURNED_RAD):
        joint = rig.joints[j]
        start, vectors = on_whole_frames(own, _unwound(turned[:, j]))
        angles = rotation.each_after_the_other(rotation.to_euler(joint.order, rotation.exp(vectors)))
        if len(joint.rotation_channels) < 3:
            raise EditError(f"{joint.name} turns about fewer than three axes in its file, so it can't be corrected.")
        for i, channel in enumerate(joint.rotation_channels):
            columns[joint.name, channel] = Dense(start, np.ascontiguousarray(angles[:, i]))
    roots = set(rig.roots)
    for j in np.flatnonzero(np.abs(moved).max(axis=(0, 2)) > MOVED_M):
        if j in roots:
            check_root(performer)
        shift = performer.placement.shift_to_own(moved[:, j]) if j in roots else moved[:, j] / performer.placement.scale
        start, values = on_whole_frames(own, shift / performer.scale_to_m)
        for axis, channel in enumerate(POSITION_CHANNELS):
            columns[rig.names[j], channel] = Dense(start, np.ascontiguousarray(values[:, axis]))
    if not columns:
        return None
    first, last = int(np.rint(own[0])), int(np.rint(own[-1]))
    return Layer(
        performer.free_layer_id(), name, CORRECTING, columns=columns, span=(first, last), made_by=made_by,
    )  # fmt: skip


def _unwound(vectors: np.ndarray) -> np.ndarray:
    """Rotation vectors (frames, 3) each on the same side as the one before, so that a curve leads through them."""
    q = rotation.continuous(rotation.exp(vectors))
    return rotation.log_signed(q)


def on_whole_frames(own: np.ndarray, values: np.ndarray) -> tuple[int, np.ndarray]:
    """First whole own frame, and values (frames, ...) on every whole own frame from there to the last.

    own : (frames,) rising, whole or not; where they are not, as in a span that is retimed, a cubic leads over.
    """
    first, last = int(np.rint(own[0])), int(np.rint(own[-1]))
    whole = np.arange(first, last + 1)
    if len(whole) == len(own) and np.abs(own - whole).max() < 1e-6:
        return first, values
    if len(own) < 4:
        return first, np.column_stack([np.interp(whole, own, v) for v in values.T])
    return first, CubicSpline(own, values, axis=0)(np.clip(whole, own[0], own[-1]))


__all__ = ["check_root", "layer_between", "on_whole_frames", "turned_by"]
