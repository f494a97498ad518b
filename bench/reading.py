"""Speed of the core: python -m bench.reading. Medians of warm runs; figures are kept in docs/performance.md."""

import statistics
import time
from dataclasses import replace

import mujoco
import numpy as np

from bench import size
from ironarc.core.columns import Dense
from ironarc.core.document import HandContact, Shot
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.body import Body, weigh
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.judging.findings import find
from ironarc.core.motion.loads import Load, track_loads
from ironarc.core.motion.poses import Poses
from ironarc.core.reading import Reading, read, read_shot
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.faults import contact_faults
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.impact import read_pushes
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.momentum import body_centres, momentum, whole_com
from ironarc.core.reading.read import read_traced
from ironarc.core.reading.shot import floor_of, trace_shot
from ironarc.core.reading.spin import read_spin_parts
from ironarc.core.scene.props import Prop
from ironarc.core.scene.solid import KINDS
from ironarc.core.shared import mostly
from ironarc.demo import gap_hop
from ironarc.demo.posing import key_shot
from tests.core.test_against_mujoco import model_of, stepped
from tests.figures import bake_shot

RUNS = size(25, 1)


def median_ms(work, runs: int = RUNS) -> float:
    work()
    times = []
    for _ in range(runs):
        start = time.perf_counter()
        work()
        times.append(time.perf_counter() - start)
    return statistics.median(times) * 1000


def clip(frames: int, joints: int = 24) -> Shot:
    """The Gap hop as it would come from a file, over and over, with more joints on its hands."""
    shot = shot_from_file(motion_file(key_shot(gap_hop.SCORE)), "hop", scale_to_m=0.01)
    p = shot.performer
    hands = [p.rig.index("LeftHand"), p.rig.index("RightHand")]
    more = tuple(
        Joint(f"Finger{i}", hands[i % 2], (0.0, -8.0, 0.0), ("rz", "rx", "ry")) for i in range(joints - len(p.rig))
    )
    rig = Rig((*p.rig.joints, *more), p.rig.ends)
    base = p.layers[0]
    repeat = -(-frames // shot.frames)
    columns = {k: replace(c, values=np.tile(c.values, repeat)[:frames]) for k, c in base.columns.items()}
    beat = 0.1 * np.sin(np.arange(frames) * 0.05)
    for i, joint in enumerate(more[2:]):  # the first two stay at rest, as they always did here
        columns |= {(joint.name, channel): Dense(1, beat * (1 + i)) for channel in joint.channels}
    longer = replace(p, rig=rig, layers=(replace(base, columns=columns),))
    return replace(shot, performers=(longer,), frames=frames)


def everything(reading: Reading) -> None:
    """All that a panel, a stage and a punch list ask of a reading."""
    find(reading)
    for measure in (read_balance, read_spin_parts):
        reading.ask(measure)


def asked_ms(reading: Reading, runs: int) -> dict[str, float]:
    """Each of what is asked of a reading, in an order in which what one rests on was asked before."""
    took: dict[str, list[float]] = {}
    for _ in range(runs):
        fresh = replace(reading)
        for measure in (read_forces, read_balance, read_pushes, read_joints, contact_faults, read_spin_parts):
            start = time.perf_counter()
            fresh.ask(measure)
            took.setdefault(measure.__name__, []).append(time.perf_counter() - start)
    return {name: statistics.median(times) * 1000 for name, times in took.items()}


def com_and_L(poses: Poses, body: Body) -> None:
    centres = body_centres(poses, body)
    momentum(poses, body, centres, whole_com(centres, body), [])


def main() -> None:
    print(f"numpy {np.__version__}, mujoco {mujoco.__version__}")
    for frames, runs in ((240, RUNS), (size(10_000, 300), size(5, 1))):
        shot = clip(frames)
        body = shot.performer.body()
        poses = bake_shot(shot)
        whole = median_ms(lambda s=shot, b=body: everything(read_shot(s, b)), runs)
        print(f"{frames} frames x {len(poses.rig)} joints: bake, read all of it and find {whole:.1f} ms", end="; ")
        print(f"bake {median_ms(lambda s=shot: bake_shot(s), runs):.1f} ms", end="; ")
        print(f"read {median_ms(lambda p=poses, b=body: read(p, b, 9.81), runs):.1f} ms", end="; ")
        ours = median_ms(lambda p=poses, b=body: com_and_L(p, b), runs)
        model = model_of(body, poses)
        theirs = median_ms(lambda m=model, p=poses: stepped(m, p), 3)
        print(f"com and L {ours:.2f} ms, MuJoCo stepped from Python {theirs:.1f} ms, ratio {theirs / ours:.1f}")
        traced = trace_shot(shot, body)
        contact = (HandContact("LeftToe", "toe", 40, 44, "floor"),)
        floor = floor_of(shot)
        touched = median_ms(lambda t=traced, f=floor, c=contact: everything(read_traced(t, 9.81, f, c)), runs)
        known = read_shot(shot, body)
        judged = median_ms(lambda r=known: find(r), runs)
        print(f"  a contact changed {touched:.1f} ms; a limit changed {judged:.1f} ms", end="; ")
        for name, took in asked_ms(known, runs).items():
            print(f"{name} {took:.1f}", end=" ")
        print("ms")
    shot = clip(240)
    poses, body = bake_shot(shot), shot.performer.body()
    props = tuple(Prop(f"prop{i}", "P", kind, (1.0, 0.5, 1.0), (i, 0.0, 0.0)) for i, kind in enumerate(KINDS * 2))
    bare, with_props = (median_ms(lambda p=p: read(poses, body, 9.81, 0.0, p), RUNS) for p in ((), props))
    sack = Load("load1", "Sack", ("RightHand",), 20, 200, 9.0)
    held = track_loads((sack,), poses, body.anatomy, poses.frames, 1.0)
    with_load = median_ms(lambda: read(poses, body, 9.81, 0.0, (), held), RUNS)
    print(f"reading 240 frames: {bare:.1f} ms, with {len(props)} props {with_props:.1f} ms", end=", ")
    print(f"with a load {with_load:.1f} ms")
    performer = clip(24).performer
    weigh_anew = weigh.__wrapped__
    print(f"weighing a rig {median_ms(lambda: weigh_anew(performer.rig, performer.scale_to_m)):.1f} ms", end=", ")
    print(f"again {median_ms(performer.body):.2f} ms")
    at = np.zeros((size(10_000, 1_000), 23, 3))
    last = mostly(at, [(0, 60)])
    print(f"a copy of {at.nbytes / 1e6:.1f} MB {median_ms(at.copy, 20):.2f} ms", end=", ")
    print(f"with its pages shared {median_ms(lambda: mostly(last, [(300, 360)]), 20):.2f} ms")
    data = motion_file(clip(size(10_000, 300)))
    print(f"reading a BVH of {len(data) / 1e6:.0f} MB {median_ms(lambda: shot_from_file(data, 'x'), 3):.0f} ms")


if __name__ == "__main__":
    main()
