"""A member of the stock crew, standing in a shot."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import smooth_keys
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.document.performer import Performer
from ironarc.core.document.shot import Shot
from ironarc.core.errors import EditError
from ironarc.core.figure.crew import GULL, STOCK, rig_of
from ironarc.core.figure.rig import POSITION_CHANNELS
from ironarc.core.motion.layers import KEYED, REPLACES, TURN, Layer
from ironarc.core.scene.timing import Timing

REST, STANDING = "rest", "standing"
POSES = {REST: "rest pose", STANDING: "relaxed standing pose"}
CM = 0.01

# Degrees by joint and channel; sides are mirrored. The legs' angles add up to nothing, so that the soles lie flat
_HUMAN_STANDING = {
    "Hips": {"rx": 2.0}, "Spine": {"rx": 1.0}, "Chest": {"rx": 2.0}, "Neck": {"rx": 2.0}, "Head": {"rx": -5.0},
    "Arm": {"rx": -5.0, "rz": 9.0}, "ForeArm": {"rx": -14.0}, "Hand": {"rx": -6.0},
    "UpLeg": {"rx": -8.0, "rz": 3.0}, "Leg": {"rx": 13.0}, "Foot": {"rx": -7.0, "rz": -3.0},
}  # fmt: skip
_DOG_STANDING = {
    "Strut": {"rx": 16.0}, "Piston": {"rx": -30.0}, "Shoe": {"rx": 14.0}, "Boom": {"rx": -14.0}, "Lamp": {"rx": 22.0},
    "AftStrut": {"rx": -18.0}, "AftPiston": {"rx": 34.0}, "AftShoe": {"rx": -16.0}, "Rudder": {"rx": -12.0},
}  # fmt: skip


def stock_performer(key: str, pose: str, shot: Shot) -> Performer:
    """A member of the stock crew standing on the shot's floor, keyed on its first frame in one of POSES.

    Raises EditError for a member or pose there isn't.
    """
    if key not in STOCK or pose not in POSES:
        raise EditError(f"The crew has {', '.join(STOCK)}, each with a {' and a '.join(POSES.values())}.")
    member = STOCK[key]
    rig = rig_of(member)
    standing = {} if pose == REST else _DOG_STANDING if member is GULL else _HUMAN_STANDING
    columns = {}
    for joint in rig.joints:
        side = next((s for s in ("Left", "Right") if joint.name.startswith(s)), "")
        turns = standing.get(joint.name.removeprefix(side))
        if turns:
            signs = {c: -1.0 if side == "Right" and c == "rz" else 1.0 for c in turns}
            angles = [np.radians(turns[c] * signs[c]) if c in turns else 0.0 for c in joint.rotation_channels]
            columns[joint.name, TURN] = smooth_turns([1], [angles], joint.order)
    root = rig.joints[0].name
    for channel in POSITION_CHANNELS:
        columns[root, channel] = smooth_keys([1], [0.0])
    base = Layer("base", "Keys", KEYED, REPLACES, columns)
    performer = Performer(
        member.name, rig, (base,), CM, False, member.weighing, shot.free_id("performer"),
        timing=Timing(slip=shot.first_frame - 1),
    )  # fmt: skip
    poses = replace(performer, timing=Timing()).poses(np.array([1]), shot.frame_time_s)
    anatomy = performer.body().anatomy
    joints = np.array([p.joint for p in anatomy.contact_points], dtype=int)
    local = np.array([p.position_m for p in anatomy.contact_points])
    at = poses.position[0, joints] + rotation.rotate(poses.rotation[0, joints], local)
    lowest = at[:, 1].min()
    columns[root, "ty"] = smooth_keys([1], [float(-lowest / CM)])
    return replace(performer, layers=(replace(base, columns=columns),))
