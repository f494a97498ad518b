"""com and angular momentum against an independent rigid-body library, fed the same rig, masses and poses."""

import mujoco
import numpy as np
import pytest

from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import derivatives
from ironarc.core.reading.momentum import body_centres, momentum, whole_com
from tests.conftest import demo
from tests.figures import bake


def model_of(body: Body, poses: Poses) -> mujoco.MjModel:
    """The rig as MuJoCo bodies: a free root, a ball at every other joint, our masses and inertias."""
    spec = mujoco.MjSpec()
    spec.option.gravity = [0, 0, 0]
    spec.compiler.boundmass, spec.compiler.boundinertia = 0, 0
    carries = {int(j): i for i, j in enumerate(body.joints)}
    made = []
    for j, joint in enumerate(poses.rig.joints):
        above = spec.worldbody if joint.parent < 0 else made[joint.parent]
        node = above.add_body(name=joint.name, pos=[0, 0, 0] if joint.parent < 0 else poses.translation[0, j])
        node.explicitinertial = True
        if j in carries:
            i = carries[j]
            I = body.inertias[i]
            node.mass, node.ipos = body.masses[i], body.coms[i]
            node.fullinertia = [I[0, 0], I[1, 1], I[2, 2], I[0, 1], I[0, 2], I[1, 2]]
        else:  # a joint with no mass of its own, which MuJoCo would refuse
            node.mass, node.inertia = 1e-9, [1e-12] * 3
        node.add_joint(type=mujoco.mjtJoint.mjJNT_FREE if joint.parent < 0 else mujoco.mjtJoint.mjJNT_BALL)
        made.append(node)
    return spec.compile()


def stepped(model: mujoco.MjModel, poses: Poses) -> tuple[np.ndarray, np.ndarray]:
    """com and L of every frame but the ends, velocities from the frames on either side."""
    data = mujoco.MjData(model)
    qpos = np.concatenate([poses.translation[:, 0], poses.local.reshape(len(poses.frames), -1)], axis=1)
    com, L = [], []
    for f in range(1, len(qpos) - 1):
        mujoco.mj_differentiatePos(model, data.qvel, 2 * poses.dt, qpos[f - 1], qpos[f + 1])
        data.qpos[:] = qpos[f]
        mujoco.mj_fwdPosition(model, data)
        mujoco.mj_fwdVelocity(model, data)
        mujoco.mj_subtreeVel(model, data)
        com.append(data.subtree_com[1].copy())
        L.append(data.subtree_angmom[1].copy())
    return np.array(com), np.array(L)


@pytest.mark.parametrize("word", ["Gap hop", "Gangway slip", "somersault"])
def test_whole_clips_agree(word, monkeypatch):
    shot = demo(word)
    p, body = shot.performer, shot.performer.body()
    # the keys sampled ten times as fine, so that the ways of taking differences hardly differ
    frames = np.arange(shot.first_frame, shot.last_frame, 0.1)
    poses = bake(p.rig, p.layers, frames, shot.frame_time_s / 10, p.scale_to_m)
    com, L = stepped(model_of(body, poses), poses)
    centres = body_centres(poses, body)
    ours = whole_com(centres, body)
    np.testing.assert_allclose(ours[1:-1], com, atol=1e-6)
    # the difference scheme aside: ours with plain central differences, as MuJoCo was given
    monkeypatch.setattr(derivatives, "half_width", lambda dt: 1)
    ours_L = momentum(poses, body, centres, ours, []).angular_momentum[1:-1]
    assert np.abs(ours_L - L).max() < 0.01 * np.linalg.norm(L, axis=1).max()
