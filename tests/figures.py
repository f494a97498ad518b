"""Figures and motions whose physics is known, built for tests."""

import inspect
import re
import zlib
from contextlib import suppress
from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Performer, Shot
from ironarc.core.edits import Edit
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.crew import BRAM, rig_of
from ironarc.core.figure.rig import POSITION_CHANNELS, EndSite, Joint, Rig, forward
from ironarc.core.formats import bvh
from ironarc.core.motion.evaluate import evaluate
from ironarc.core.motion.layers import BROUGHT_IN, Layer
from ironarc.core.motion.motion import Motion
from ironarc.core.motion.poses import Poses, poses_of
from ironarc.core.reading import see
from ironarc.core.reading.shot import settled
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.timing import Timing
from ironarc.demo.load import SHOTS

CM = 0.01
BRAM_RIG = rig_of(BRAM)


def stiff_poses(rig: Rig, root_rotation: np.ndarray, root_position: np.ndarray, dt: float) -> Poses:
    """A figure frozen in its rest pose, carried along: rotation (frames, 4), position (frames, 3) m; cm rig."""
    n = len(root_position)
    local = np.zeros((n, len(rig), 4))
    local[..., 0] = 1.0
    local[:, 0] = root_rotation
    translation = np.repeat(rig.offsets[None], n, axis=0) * CM
    translation[:, 0] = root_position
    world, position = forward(rig, local, translation)
    return Poses(rig, np.arange(1, n + 1), dt, local, translation, world, position)


SOLE_BELOW_HIPS = 1.81 * 0.530  # m, of Bram, from the rig's proportions


def carried(heights: np.ndarray, dt: float = 1 / 60, along=0.0, turn: np.ndarray | None = None) -> Poses:
    """Bram stiff, his soles at these heights (frames,) m, carried along z."""
    path = np.zeros((len(heights), 3))
    path[:, 1] = SOLE_BELOW_HIPS + heights
    path[:, 2] = along
    return stiff_poses(BRAM_RIG, identity(len(heights)) if turn is None else turn, path, dt)


def posed(poses: Poses, turns: dict[str, np.ndarray]) -> Poses:
    """The same with joints turned from rest: {name: rotation vectors (frames, 3) or (3,)}."""
    local = poses.local.copy()
    for name, vector in turns.items():
        local[:, poses.rig.index(name)] = rotation.exp(np.broadcast_to(vector, (len(local), 3)))
    return poses_of(poses.rig, poses.frames, poses.dt, local, poses.translation)


def long_shot(frames: int) -> Shot:
    """The demo's hop, which floats, over and over, each from where the one before it landed, on so many frames."""
    one = bvh.parse(motion_file(next(make for name, make in SHOTS.items() if "Gap hop" in name)()))
    root = one.rig.names[0]
    times = -(-frames // one.frames)
    columns = {}
    for key, column in one.columns.items():
        values = np.tile(column.values, times)
        if key in ((root, "tx"), (root, "tz")):
            values += np.repeat(np.arange(times), one.frames) * (column.values[-1] - column.values[0])
        columns[key] = Dense(1, values[:frames])
    base = Layer("base", "As brought in", BROUGHT_IN, columns=columns)
    performer = Performer("Long", one.rig, (base,), 0.01, clip=(1, frames))
    return settled(Shot(f"PF-900 Long {frames}", (performer,), one.frame_time_s, 1, frames))


def bake_shot(shot: Shot, performer_id: str = "") -> Poses:
    """Poses of one performer (the first for "") on every frame of the shot."""
    return shot.performer_called(performer_id).poses(shot.frame_numbers(), shot.frame_time_s)


def bake(rig: Rig, layers: tuple[Layer, ...], frames: np.ndarray, dt: float, scale_to_m: float) -> Poses:
    """Poses of layers alone, in their own time and place."""
    reaches = [r for layer in layers if (r := layer.reach())]
    clip = (min(r[0] for r in reaches), max(r[1] for r in reaches)) if reaches else (1, 1)
    return evaluate(Motion(rig, clip, layers, Timing(), Placement(), scale_to_m), frames, dt).poses


class Ask:
    """A command with its arguments, made into an edit of the shot it is applied to."""

    def __init__(self, name: str, *args, **named):
        self.make = COMMANDS[name]
        self.named = inspect.signature(self.make).bind(None, *args, **named).arguments
        del self.named["seen"]

    def edit(self, shot: Shot) -> Edit:
        return self.make(see(shot, self.named.get("performer", "")), **self.named)

    def apply(self, shot: Shot) -> Shot:
        return self.edit(shot).apply(shot)

    def says(self, shot: Shot) -> str:
        return self.edit(shot).says(shot)


def pages_of_pdf(pdf: bytes) -> list[tuple[float, float]]:
    """The size of each page of a PDF in points, as the file itself says, also where that lies packed."""
    said = pdf
    for packed in re.findall(rb"stream\r?\n(.*?)\r?\nendstream", pdf, flags=re.DOTALL):
        with suppress(zlib.error):
            said += zlib.decompress(packed)
    found = re.findall(rb"/MediaBox ?\[\s*0 0 ([\d.]+) ([\d.]+)\s*\]", said)
    return [(float(w), float(h)) for w, h in found]


def identity(n: int) -> np.ndarray:
    out = np.zeros((n, 4))
    out[:, 0] = 1.0
    return out


def spine_rig(cuts: int) -> Rig:
    """A legless figure, cm: a straight 50 cm trunk cut into `cuts` bones, and a head."""
    joints = [Joint("Hips", -1, (0.0, 0.0, 0.0))]
    for i in range(1, cuts):
        joints.append(Joint(f"Spine{i}", i - 1, (0.0, 50.0 / cuts, 0.0)))
    joints.append(Joint("Neck", cuts - 1, (0.0, 50.0 / cuts, 0.0)))
    return Rig(tuple(joints), (EndSite(cuts, (0.0, 25.0, 0.0)),))


def as_read(text: str) -> str:
    """A page's text as a browser reads it: every run of white space one space."""
    return " ".join(text.split())


SMALL_BVH = """HIERARCHY
ROOT Hips
{
\tOFFSET 0.0 0.0 0.0
\tCHANNELS 6 Xposition Yposition Zposition Zrotation Xrotation Yrotation
\tJOINT Spine
\t{
\t\tOFFSET 0.0 50.0 0.0
\t\tCHANNELS 3 Yrotation Xrotation Zrotation
\t\tEnd Site
\t\t{
\t\t\tOFFSET 0.0 40.0 0.0
\t\t}
\t}
}
MOTION
Frames: 3
Frame Time: 0.0416667
0 90 0 1 2 3 4 5 6
0 91 0.5 1.5 2 3 4 5 6
0 92 1 2 2 3 4 5 6.25
"""


def dense_shot(poses: Poses, like: Shot) -> Shot:
    """A shot with a value on every frame, those of `poses`, for the first performer of another one; nothing is held."""
    p, rig, columns = like.performer, poses.rig, {}
    scale = p.scale_to_m * p.placement.scale
    for j, joint in enumerate(rig.joints):
        if joint.rotation_channels:
            angles = rotation.each_after_the_other(rotation.to_euler(joint.order, poses.local[:, j]))
            for i, channel in enumerate(joint.rotation_channels):
                columns[joint.name, channel] = Dense(1, np.ascontiguousarray(angles[:, i]))
        if all(c in joint.channels for c in POSITION_CHANNELS):
            place = poses.translation[:, j] / scale - (rig.offsets[j] if joint.position == "adds" else 0.0)
            for axis, channel in enumerate(POSITION_CHANNELS):
                columns[joint.name, channel] = Dense(1, np.ascontiguousarray(place[:, axis]))
    n = len(poses.frames)
    made = replace(
        p, layers=(Layer("layer1", "Motion", BROUGHT_IN, columns=columns),), clip=(1, n), placement=Placement(),
        loads=(), pins=(), contacts=(), left=(), timing=Timing(),
    )  # fmt: skip
    return replace(
        like, performers=(made,), first_frame=1, frames=n, frame_time_s=poses.dt, references=(), guides=(), floor_m=0.0
    )


def changed_poses(
    poses: Poses, shift: np.ndarray | None = None, turns: dict[str, np.ndarray] | None = None
) -> Poses:  # fmt: skip
    """Poses with the whole moved by (frames, 3) m, and joints turned further by rotation vectors (frames, 3)."""
    local, translation = poses.local.copy(), poses.translation.copy()
    if shift is not None:
        translation[:, poses.rig.roots[0]] += shift
    for name, vectors in (turns or {}).items():
        j = poses.rig.index(name)
        local[:, j] = rotation.multiply(local[:, j], rotation.exp(vectors))
    return poses_of(poses.rig, poses.frames, poses.dt, local, translation)


def picked_poses(poses: Poses, at: np.ndarray) -> Poses:
    """Frames of it (indices), one after the other."""
    return poses_of(poses.rig, np.arange(1, len(at) + 1), poses.dt, poses.local[at], poses.translation[at])
