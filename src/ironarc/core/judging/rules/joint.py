"""Joints: wrong-way bends, pops, turns too fast to see, bones that stretch, poses that stop dead."""

from collections.abc import Iterator

import numpy as np

from ironarc.core.judging.finding import Bench, Finding, frames
from ironarc.core.reading.footing import runs
from ironarc.core.reading.joints import read_joints

STOP_S = 0.12  # that everything must stand still for
TOGETHER_FRAMES = 2  # findings of one joint this near each other are one


def _part(bench: Bench, joint: int) -> str:
    """A joint as an animator calls it."""
    meaning = bench.reading.body.anatomy.meanings[joint]
    return f"{meaning.side} {meaning.role}".strip() if meaning.role else bench.reading.poses.rig.names[joint]


def _spans(flags: np.ndarray, gap: int = TOGETHER_FRAMES) -> list[tuple[int, int]]:
    """Runs of True, those `gap` frames or less apart joined."""
    out: list[tuple[int, int]] = []
    for a, b in runs(flags):
        if out and a - out[-1][1] <= gap:
            out[-1] = (out[-1][0], b)
        else:
            out.append((a, b))
    return out


def bends(bench: Bench) -> Iterator[Finding]:
    """Knees and elbows past straight."""
    limit = np.radians(bench.limits["bend"].strained)
    for hinge in bench.reading.ask(read_joints).hinges:
        for a, b in _spans(hinge.wrong_rad > limit):
            most = float(np.degrees(hinge.wrong_rad[a:b].max()))
            part = f"{hinge.side} {hinge.name}"
            at = a + int(hinge.wrong_rad[a:b].argmax()) + bench.first
            says = f"{part.capitalize()} bends {most:.0f}° the wrong way, most at frame {at}."
            yield from bench.raised("bend", most, a + bench.first, b - 1 + bench.first, says, part)


def pops(bench: Bench) -> Iterator[Finding]:
    """Single frames on which a joint is somewhere else."""
    rate = bench.reading.ask(read_joints).jump_rate
    dt = bench.reading.poses.dt
    limit = bench.limits["pop"].strained
    for joint in np.flatnonzero(rate.max(axis=0, initial=0.0) > limit):
        if bench.reading.body.anatomy.meanings[joint].role in _LIGHT:
            continue
        for a, b in _spans(rate[:, joint] > limit):
            k = a + int(rate[a:b, joint].argmax())
            part = _part(bench, joint)
            turn = np.degrees(rate[k, joint] * dt)
            says = (
                f"{part.capitalize()} pops at frame {k + bench.first}: {turn:.0f}° in a frame, and not before or after."
            )
            yield from bench.raised("pop", float(rate[k, joint]), k + bench.first, k + bench.first, says, part)


_LIGHT = frozenset({"toe", "finger", "hand"})  # too light to keep an impact's jolt from turning them


def fast(bench: Bench) -> Iterator[Finding]:
    """Parts that turn too far from one frame to the next."""
    turned = np.degrees(bench.reading.ask(read_joints).turned_rad)
    limit = bench.limits["fast"].strained
    anatomy = bench.reading.body.anatomy
    found: list[tuple[int, int, int]] = []
    for joint in np.flatnonzero(turned.max(axis=0, initial=0.0) > limit):
        if anatomy.meanings[joint].role in _LIGHT or joint not in bench.reading.body.joints:
            continue
        for a, b in _spans(turned[:, joint] > limit):
            # what hangs on a part that whirls whirls along: the one nearest the hips is the one to look at
            above = next((k for k, (j, x, y) in enumerate(found) if x < b and a < y and _below(bench, joint, j)), None)
            if above is None:
                found.append((int(joint), a, b))
            else:
                j, x, y = found[above]
                found[above] = (j, min(a, x), max(b, y))
    for joint, a, b, part in _twins(bench, found):
        most = float(turned[a:b, joint].max())
        verb = "turn" if part.startswith("both ") else "turns"
        says = f"{part.capitalize()} {verb} {most:.0f}° in a frame; the eye loses it."
        yield from bench.raised("fast", most, a + bench.first - 1, b - 1 + bench.first, says, part)


def _twins(bench: Bench, found: list[tuple[int, int, int]]) -> Iterator[tuple[int, int, int, str]]:
    """Joint, span and part; left and right of one part over the same frames are both of them."""
    meanings = bench.reading.body.anatomy.meanings
    used: set[int] = set()
    for i, (joint, a, b) in enumerate(found):
        if i in used:
            continue
        one = meanings[joint]
        for k, (other, x, y) in enumerate(found[i + 1 :], start=i + 1):
            two = meanings[other]
            if one.role and one.side and two.role == one.role and two.side != one.side and x < b and a < y:
                used.add(k)
                a, b = min(a, x), max(b, y)
                yield joint, a, b, f"both {one.role.replace('foot', 'feet')}{'' if one.role == 'foot' else 's'}"
                break
        else:
            yield joint, a, b, _part(bench, joint)


def _below(bench: Bench, joint: int, top: int) -> bool:
    rig = bench.reading.poses.rig
    while joint >= 0 and joint != top:
        joint = rig.joints[joint].parent
    return joint == top


def stretches(bench: Bench) -> Iterator[Finding]:
    """Bones that are longer or shorter than they are otherwise."""
    stretch = bench.reading.ask(read_joints).stretch
    limit = bench.limits["stretch"].strained
    for joint in np.flatnonzero(stretch.max(axis=0, initial=0.0) > limit):
        for a, b in _spans(stretch[:, joint] > limit):
            most = float(stretch[a:b, joint].max())
            part = _part(bench, joint)
            says = f"The bone to the {part} is {most * 100:.0f} % off its length over {frames(b - a)}."
            yield from bench.raised("stretch", most, a + bench.first, b - 1 + bench.first, says, part)


def stops(bench: Bench) -> Iterator[Finding]:
    """Poses into which everything stops within one frame, and stands."""
    reading = bench.reading
    for a, b, speed in reading.ask(read_joints).freezes:
        if (b - a) * reading.poses.dt < STOP_S:
            continue
        says = (
            f"Stops dead: the fastest part goes from {speed:.1f} m/s to nothing in a frame, and all of it stands still."
        )
        yield from bench.raised("stop", speed, a + bench.first, b + bench.first, says)
