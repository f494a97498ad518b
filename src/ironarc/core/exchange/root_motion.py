"""Travel in a joint of its own: what a body does as a whole over the ground taken out of it, into a root above it."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.shot import Shot
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS, Joint, Rig
from ironarc.core.reading.loops import loop_seam, share_of_round
from ironarc.core.scene.strip import IN_PLACE, LEAST_LOOP

WITHIN, APART, LEFT_OUT = "in the body", "in a joint of its own", "left out"
TRAVELS = (WITHIN, APART, LEFT_OUT)
NAME = "Travel"
_LEVEL = np.array([1.0, 0.0, 1.0])


def parted(
    shot: Shot, performer_id: str, rig: Rig, rows: np.ndarray, frames: np.ndarray, how: str
) -> tuple[Rig, np.ndarray]:
    """A rig and its rows (frames, channels), in file order and degrees, with the travel taken out of its roots.

    how : "in a joint of its own", a root called Travel above them, or "left out". The frames of a clip that loops
    travel as evenly as its rounds do, turning too; others as the root goes over the ground. EditError for roots that
    lack the channels to be placed and turned.
    """
    place, turn = _travel(shot, performer_id, frames)
    place = place / shot.performer_called(performer_id).scale_to_m
    columns = _columns(rig, rows)
    back = rotation.about_axis("Y", -turn)
    for root in rig.roots:
        joint = rig.joints[root]
        if not set(POSITION_CHANNELS) <= set(joint.channels) or not set(ROTATION_CHANNELS) <= set(joint.channels):
            raise EditError(
                f"{joint.name} lacks position or rotation channels in its file, so its travel can't be taken out of it."
            )
        rest = np.zeros(3) if joint.position == "replaces" else np.array(joint.offset)
        at = np.stack([columns[root, c] for c in POSITION_CHANNELS], axis=1) + rest
        at = rotation.rotate(back, at - place) - rest
        columns |= {(root, c): at[:, i] for i, c in enumerate(POSITION_CHANNELS)}
        if turn.any():
            angles = np.radians(np.stack([columns[root, c] for c in joint.rotation_channels], axis=1))
            turned = rotation.to_euler(joint.order, rotation.multiply(back, rotation.from_euler(joint.order, angles)))
            followed = rotation.each_after_the_other(turned, angles[0])
            columns |= {(root, c): np.degrees(followed[:, i]) for i, c in enumerate(joint.rotation_channels)}
    if how == LEFT_OUT:
        return rig, np.column_stack([columns[key] for key in rig.file_columns])
    own = {**dict(zip(POSITION_CHANNELS, place.T, strict=True)), "ry": np.degrees(turn)}
    above = Joint(_free_name(rig), -1, (0.0, 0.0, 0.0), (*POSITION_CHANNELS, "ry", "rx", "rz"))
    zero = np.zeros(len(frames))
    table = [own.get(c, zero) for c in above.channels]
    table += [columns[key] for key in rig.file_columns]
    below = (replace(joint, parent=joint.parent + 1) for joint in rig.joints)
    return Rig((above, *below), tuple(replace(e, parent=e.parent + 1) for e in rig.ends)), np.column_stack(table)


def _travel(shot: Shot, performer_id: str, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """(frames, 3) m, level but for a floor that is not at 0, and (frames,) rad about the upright."""
    performer = shot.performer_called(performer_id)
    poses = shot.poses(performer_id, frames)
    at = poses.position[:, poses.rig.roots[0]] * _LEVEL
    strip = next((s for s in performer.strips_seen() if (s.start, s.end) == (frames[0], frames[-1])), None)
    if strip is None or not strip.is_loop or len(frames) < LEAST_LOOP:
        return at, np.zeros(len(frames))
    if strip.played == IN_PLACE:
        return np.repeat(at[:1], len(frames), axis=0), np.zeros(len(frames))
    found = loop_seam(poses, performer.body(), 0, len(frames) - 1, in_place=False)
    place, turn = share_of_round(found.place, found.yaw, np.arange(len(frames)) / len(frames))
    return rotation.rotate(rotation.about_axis("Y", turn), at[:1]) + place, turn


def _columns(rig: Rig, rows: np.ndarray) -> dict[tuple[int, str], np.ndarray]:
    return {key: rows[:, i] for i, key in enumerate(rig.file_columns)}


def _free_name(rig: Rig) -> str:
    return next(name for name in (NAME, *(f"{NAME}{n}" for n in range(2, len(rig) + 3))) if name not in rig)
