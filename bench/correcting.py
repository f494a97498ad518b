"""Speed of True: python -m bench.correcting [LEAP.bvh]. What one flight's correction takes to be proposed and read,
what a whole span takes to be solved, what ten corrections cost the evaluator, and what a lifted leap comes back to.
"""

import statistics
import sys
from dataclasses import replace
from pathlib import Path

import numpy as np

from bench import size
from bench.timing import p95, times_ms
from ironarc.core.document import Shot
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.motion.evaluate import evaluate
from ironarc.core.reading.shot import read_shot, see
from ironarc.core.solve.span import solve_span
from ironarc.core.truing import propose, read_try
from ironarc.core.truing.corrections import whole
from tests.conftest import demo
from tests.figures import bake_shot, changed_poses, dense_shot

RUNS = size(25, 1)
FLIGHT = {
    "arc by height": ("Gap hop", "true_arc(frame=37)"), "arc by time": ("Gap hop", "true_arc(frame=37,hang=12)"),
    "arc by time, worked out": ("Gap hop", "true_arc(frame=37,hang=12,hold=True)"),
    "spin": ("somersault", "true_spin(frame=35)"),
}  # fmt: skip


def told(name: str, times: list[float]) -> None:
    print(f"{name:<58} median {statistics.median(times):>7.1f} ms   p95 {p95(times):>7.1f} ms", flush=True)


def previews() -> None:
    for name, (word, text) in FLIGHT.items():
        shot = demo(word)
        seen, wanted = see(shot), read_try(text)

        def preview(shot=shot, seen=seen, wanted=wanted):
            after = propose(seen, wanted).edit.apply(shot)
            read_shot(after, seen.reading.body)

        told(f"{name}, proposed and read, {shot.frames} frames", times_ms(preview, RUNS))


def spans() -> None:
    fine = at_rate(demo("somersault"), 24 * 240 / 64, KEEP_SECONDS)
    for shot, options in ((demo("somersault"), whole.Options(3, 62)), (fine, whole.Options(3, size(242, 62)))):
        seen = see(shot)
        _, task = whole.span_task(seen, options)
        solved = solve_span(task)
        n = options.end - options.start + 1
        joints, left = len(seen.performer.rig), solved.left.max()
        words = f"span of {n} frames x {joints} joints, {solved.passes} passes, {left:.3f} bw left"
        told(words, times_ms(lambda task=task: solve_span(task), size(3, 1)))
    seen = see(demo("somersault"))
    _, task = whole.span_task(seen, whole.Options(3, 62))
    told("a quick look at 60 frames", times_ms(lambda: solve_span(task, None, whole.QUICK_PASSES, 3e-3), size(9, 1)))


def ten_corrections() -> None:
    shot = replace(demo("Gap hop"), frames=240)
    layer = propose(see(demo("Gap hop")), read_try("true_span(start=16,end=58)")).layer
    p = shot.performer
    copies = tuple(replace(layer, id=f"layer{k + 2}", weight=0.1) for k in range(10))
    motion = replace(p, layers=(*p.layers, *copies)).motion
    frames = np.arange(1, 241)
    evaluate(motion, frames, shot.frame_time_s)
    told(
        "240 frames with ten corrections, evaluated",
        times_ms(lambda: evaluate(motion, frames, shot.frame_time_s), RUNS),
    )


def lifted(path: Path) -> None:
    shot: Shot = shot_from_file(path.read_bytes(), path.stem)
    reading = read_shot(shot)
    flight, poses = reading.flights[0], bake_shot(shot)
    first = shot.first_frame
    a, b = flight.start - first - 1, flight.end - first + 1
    u = np.clip((np.arange(shot.frames) - a) / (b - a), 0, 1)
    up = dense_shot(changed_poses(poses, shift=np.outer(np.sin(np.pi * u) ** 2, [0.0, 0.2, 0.0])), shot)
    up = replace(up, floor_m=reading.floor_m)
    for text in ("true_arc(frame={})", "true_span(start={},end={})"):
        seen = see(up)
        beside = round(0.5 / poses.dt)
        at = [(flight.start + flight.end) // 2] if "arc" in text else [max(a - beside, 1), min(b + beside, shot.frames)]
        after = bake_shot(propose(seen, read_try(text.format(*at))).edit.apply(up))
        off = np.linalg.norm(after.position - poses.position, axis=-1)
        by, most = text.split("(")[0], 100 * off.max()
        print(f"a leap lifted by 20 cm, by {by:<10} comes back to within {most:.1f} cm of itself")


def main() -> int:
    previews()
    spans()
    ten_corrections()
    if len(sys.argv) > 1:
        lifted(Path(sys.argv[1]))
    return 0


if __name__ == "__main__":
    sys.exit(main())
