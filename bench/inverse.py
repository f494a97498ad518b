"""Trued motion read by a library of another hand: python -m bench.inverse [FILE.bvh …].

Each motion (the demo's hop trued by time, by height and as a whole span, the somersault trued by spin, a captured or
other file that is named, trued by "all") is written as BVH and brought in again. An independent rigid-body library,
given our masses and inertias, then says where the center of gravity is, how it turns, and by inverse dynamics what
would have to push the root; of that, what no contact can give.
"""

import argparse
import sys
from pathlib import Path

import mujoco
import numpy as np

from bench import size
from bench.judge import _manifest, _shot
from ironarc.core.document import Shot
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import Reading, read_shot, see
from ironarc.core.reading.forces import pushes_of
from ironarc.core.reading.spans import runs
from ironarc.core.reading.support import read_pads
from ironarc.core.reading.wrench import nearest
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.plan import carry_out
from tests.conftest import demo
from tests.core.test_against_mujoco import model_of

G = 9.81
HOP = {
    "hop by time": "true_arc(frame=37,hang=12)", "hop by time, worked out": "true_arc(frame=37,hang=12,hold=True)",
    "hop by height": "true_arc(frame=37)", "hop as a span": "true_span(start=16,end=58)",
}  # fmt: skip


def motions(files: list[Path]) -> list[tuple[str, Shot]]:
    """(name, trued shot) of each."""
    out = [(name, _taken(demo("Gap hop"), text)) for name, text in list(HOP.items())[: size(4, 1)]]
    out.append(("somersault by spin", _taken(demo("somersault"), "true_spin(frame=35)")))
    for path in files:
        shot = _shot(path, _manifest(path.parent).get(path.name))
        out.append((path.stem, carry_out(see(shot), "all").seen.shot))
    return out


def _taken(shot: Shot, text: str) -> Shot:
    return propose(see(shot), read_try(text)).edit.apply(shot)


def again(shot: Shot) -> Reading:
    """The shot as its exported file reads."""
    p = shot.performer
    made = shot_from_file(
        motion_file(shot), shot.name, weighing=p.weighing, scale_to_m=p.scale_to_m, floor_m=shot.floor_m
    )
    return read_shot(made)


def by_another(reading: Reading) -> tuple[np.ndarray, np.ndarray, np.ndarray]:
    """com (frames - 4, 3) m, L (frames - 4, 3) kg·m²/s and the wrench (frames - 4, 6) that the root asks for, in body
    weights and metres of it, about the com; of every frame but two at either end."""
    poses, body, dt = reading.poses, reading.body, reading.poses.dt
    model = model_of(body, poses)
    model.opt.gravity[:] = [0.0, -G, 0.0]
    data = mujoco.MjData(model)
    qpos = np.concatenate([poses.translation[:, 0], poses.local.reshape(len(poses.frames), -1)], axis=1)
    n = len(qpos)
    # velocities between frames, and what changes them at each frame
    speed = np.zeros((n - 1, model.nv))
    for f in range(n - 1):
        mujoco.mj_differentiatePos(model, speed[f], dt, qpos[f], qpos[f + 1])
    com, L, wrench = [], [], []
    mass = body.mass_kg
    for f in range(2, n - 2):
        data.qpos[:] = qpos[f]
        data.qvel[:] = (speed[f - 1] + speed[f]) / 2
        data.qacc[:] = (speed[f] - speed[f - 1]) / dt
        mujoco.mj_inverse(model, data)
        mujoco.mj_subtreeVel(model, data)
        centre = data.subtree_com[1].copy()
        com.append(centre)
        L.append(data.subtree_angmom[1].copy())
        force = data.qfrc_inverse[:3].copy()
        turn = np.zeros(9)
        mujoco.mju_quat2Mat(turn, data.qpos[3:7])
        torque = turn.reshape(3, 3) @ data.qfrc_inverse[3:6]
        torque = torque + np.cross(data.qpos[:3] - centre, force)
        wrench.append(np.concatenate([force, torque]) / (mass * G))
    return np.array(com), np.array(L), np.array(wrench)


def unborne(reading: Reading, com: np.ndarray, wrench: np.ndarray) -> np.ndarray:
    """(frames - 4,) body weights of force that no contact can give."""
    pads = reading.ask(read_pads)
    whole = np.vstack([com[:1], com[:1], com, com[-1:], com[-1:]])
    frame, _, _, grid = pushes_of(pads, whole)
    ends = np.searchsorted(frame, np.arange(len(whole) + 1))
    asked = np.vstack([np.zeros((2, 6)), wrench, np.zeros((2, 6))])
    left = asked.copy()
    np.subtract.at(left, frame, grid * nearest(grid, ends, asked)[:, None])
    return np.linalg.norm(left[2:-2, :3], axis=1)


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("files", nargs="*", type=Path)
    args = parser.parse_args()
    print(f"{'motion':<28} {'off parabola mm':>15} {'L wavers %':>10} {'unborne bw: p95':>15} {'most':>6}")
    for name, shot in motions(args.files):
        reading = again(shot)
        com, L, wrench = by_another(reading)
        off, wavers = 0.0, 0.0
        for a, b in reading.footing.flights:
            x, y = max(a, 2) - 2, min(b, len(reading.com) - 2) - 2
            if y - x < 4:
                continue
            t = np.arange(y - x) * reading.poses.dt
            fall = com[x:y] + np.outer(G * t * t / 2, [0, 1, 0])
            line = np.column_stack([np.ones(y - x), t])
            rest = fall - line @ np.linalg.lstsq(line, fall, rcond=None)[0]
            off = max(off, 1000 * float(np.linalg.norm(rest, axis=1).max()))
            inner = L[x + 1 : y - 1]
            mean = inner.mean(axis=0)
            floor = 9.0 * reading.body.mass_kg / 75 * reading.size**2  # of spin that is graded at all
            apart = np.linalg.norm(inner - mean, axis=1)
            wavers = max(wavers, 100 * float(np.sqrt((apart**2).mean())) / max(float(np.linalg.norm(mean)), floor))
        borne = np.zeros(len(com), dtype=bool)
        for a, b in runs(reading.footing.on.any(axis=1)[2:-2]):
            borne[a + 1 : b - 1] = True  # the frame beside a take-off or a landing holds an impact
        left = unborne(reading, com, wrench)[borne]
        told = f"{np.percentile(left, 95):>15.3f} {left.max():>6.2f}" if len(left) else f"{'in the air':>15}"
        print(f"{name:<28} {off:>15.2f} {wavers:>10.1f} {told}", flush=True)
    return 0


if __name__ == "__main__":
    sys.exit(main())
