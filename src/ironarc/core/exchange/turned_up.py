"""A motion whose file has Z up, turned so that Y is: every place p goes to (x, z, -y), and nothing else changes."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.figure.rig import POSITION_CHANNELS, EndSite, Joint, Rig
from ironarc.core.formats import FileCamera, FileMotion

TURN = rotation.about_axis("X", np.array(-np.pi / 2))  # Z goes up
_POSITIONS = {"tx": ("tx", 1.0), "tz": ("ty", 1.0), "ty": ("tz", -1.0)}
_ROTATIONS = {"rx": ("rx", 1.0), "rz": ("ry", 1.0), "ry": ("rz", -1.0)}


def turned_up(motion: FileMotion) -> FileMotion:
    """The motion with its Z up. Where the rest pose stands along Z, too, every axis is called anew; where it stands
    along Y already, only the roots turn."""
    rest = motion.rig.rest_positions
    along = np.ptp(np.vstack([rest, *(rest[e.parent] + np.array(e.offset) for e in motion.rig.ends)]), axis=0)
    return _axes_anew(motion) if along[2] > along[1] else _roots_turned(motion)


def _turned(offset: tuple[float, float, float]) -> tuple[float, float, float]:
    x, y, z = offset
    return (x, z, -y)


def _axes_anew(motion: FileMotion) -> FileMotion:
    """R L R⁻¹ of every joint is the same angles about other axes."""
    names = _POSITIONS | _ROTATIONS
    joints = tuple(
        replace(j, offset=_turned(j.offset), channels=tuple(names[c][0] for c in j.channels)) for j in motion.rig.joints
    )  # fmt: skip
    ends = tuple(EndSite(e.parent, _turned(e.offset), e.after) for e in motion.rig.ends)
    columns = {
        (joint, names[channel][0]): Dense(column.first, column.values * names[channel][1])
        for (joint, channel), column in motion.columns.items()
    }
    skin = motion.skin and motion.skin.turned(rotation.to_matrix(TURN))
    return replace(motion, rig=Rig(joints, ends), columns=columns, skin=skin, cameras=_turned_cameras(motion))


def _roots_turned(motion: FileMotion) -> FileMotion:
    joints, columns = list(motion.rig.joints), dict(motion.columns)
    for root in motion.rig.roots:
        joint = joints[root]
        joints[root] = _with_all_channels(joint)
        zero = np.zeros(motion.frames)
        angles = np.column_stack([_values(columns, joint, c, zero) for c in joint.rotation_channels])
        turned = rotation.multiply(TURN, rotation.from_euler(joint.order, angles))
        made = rotation.each_after_the_other(rotation.to_euler(joint.order, turned))
        columns |= {(joint.name, c): Dense(1, made[:, i].copy()) for i, c in enumerate(joint.rotation_channels)}
        if joint.has_position:
            x, y, z = (
                _values(columns, joint, c, np.full(motion.frames, joint.offset[i] if joint.position != "adds" else 0.0))
                for i, c in enumerate(POSITION_CHANNELS)
            )  # fmt: skip
            columns |= {
                (joint.name, "tx"): Dense(1, x), (joint.name, "ty"): Dense(1, z), (joint.name, "tz"): Dense(1, -y),
            }  # fmt: skip
        joints[root] = replace(joints[root], offset=_turned(joint.offset))
    rig = Rig(tuple(joints), motion.rig.ends)
    skin = motion.skin and motion.skin.moved(rig.rest_positions[0] - motion.rig.rest_positions[0])
    return replace(motion, rig=rig, columns=columns, skin=skin, cameras=_turned_cameras(motion))


def _turned_cameras(motion: FileMotion) -> tuple[FileCamera, ...]:
    return tuple(
        replace(c, place=rotation.rotate(TURN, c.place), turn=rotation.multiply(TURN, c.turn)) for c in motion.cameras
    )


def _values(columns: dict, joint: Joint, channel: str, otherwise: np.ndarray) -> np.ndarray:
    column = columns.get((joint.name, channel))
    return otherwise.copy() if column is None else column.values


def _with_all_channels(joint: Joint) -> Joint:
    """The joint with every channel that its turning needs."""
    wanted = (POSITION_CHANNELS if joint.has_position else ()) + joint.rotation_channels
    return replace(joint, channels=(*joint.channels, *(c for c in wanted if c not in joint.channels)))
