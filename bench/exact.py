"""Bodies thrown and tumbling, stepped by an independent rigid-body library."""

import mujoco
import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.body import Body
from ironarc.core.motion.poses import Poses, poses_of
from ironarc.core.reading.momentum import body_centres, whole_com, whole_inertia
from ironarc.demo import gap_hop
from ironarc.demo.posing import key_shot

STEP_S = 1 / 4800
FROM_M = 8.0  # over the floor


def thrown(fps: float, seed: int, seconds: float = 0.9) -> tuple[Poses, Body]:
    """A body stiff in a pose of the hop, let go with a push and a turn about no axis of its own: it wobbles as a free
    body does, and keeps its momentum."""
    shot = key_shot(gap_hop.SCORE)
    body = shot.performer.body()
    still = shot.performer.poses(np.array([33 + 3 * seed]), shot.frame_time_s)
    centres = body_centres(still, body)
    com = whole_com(centres, body)
    inertia = whole_inertia(still, body, centres, com, slice(None))[0]
    spec = mujoco.MjSpec()
    spec.option.gravity, spec.option.timestep = [0.0, -9.81, 0.0], STEP_S
    spec.option.integrator = mujoco.mjtIntegrator.mjINT_RK4
    node = spec.worldbody.add_body(name="body")
    node.explicitinertial, node.mass, node.ipos = True, body.mass_kg, [0.0, 0.0, 0.0]
    (xx, xy, xz), (_, yy, yz), (_, _, zz) = inertia
    node.fullinertia = [xx, yy, zz, xy, xz, yz]
    node.add_joint(type=mujoco.mjtJoint.mjJNT_FREE)
    model = spec.compile()
    data = mujoco.MjData(model)
    data.qpos[:3] = com[0] + [0.0, FROM_M, 0.0]
    data.qvel[:] = [0.3, 3.5, 1.2, *np.random.default_rng(seed).normal(0, 3.0, 3)]
    rows, every = [], round(1 / fps / STEP_S)
    for step in range(round(seconds / STEP_S)):
        if step % every == 0:
            rows.append(data.qpos.copy())
        mujoco.mj_step(model, data)
    path, turn = np.split(np.array(rows), [3], axis=1)
    n = len(path)
    local, translation = np.repeat(still.local, n, axis=0), np.repeat(still.translation, n, axis=0)
    root = still.rig.roots[0]
    local[:, root] = rotation.multiply(turn, local[:, root])
    translation[:, root] = path + rotation.rotate(turn, np.broadcast_to(still.position[0, root] - com[0], path.shape))
    return poses_of(still.rig, np.arange(1, n + 1), 1 / fps, local, translation), body
