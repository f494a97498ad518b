"""How well it judges: python -m bench.judge [FOLDER …]. Clean motions stay quiet, known faults are found.

Clean: the demo's sound shots and the leap of the hop under true gravity, at four rates; bodies in free flight from a
rigid-body library; and the .bvh files of folders that are named, those a manifest.json beside them calls clean. Each is
spoiled by one fault of known size on known frames. Figures are kept in docs/judging.md.
"""

import argparse
import json
import statistics
import sys
from collections import defaultdict
from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from itertools import islice
from pathlib import Path

import numpy as np

from bench import size
from bench.exact import thrown
from bench.spoiled import Spoiled, spoil
from ironarc.core.document import Shot
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.judging import CRACKED, STRAINED, find
from ironarc.core.reading import Reading, read_shot
from ironarc.core.reading.read import read
from ironarc.demo import gangway_slip, gap_hop, gull_hop, mail_sack
from ironarc.demo.posing import Leap, key_shot

RATES = (24, 30, 60, 120)[: size(4, 1)]
NEAR_S = 0.1  # beside the fault's frames, that still is where it is


@dataclass
class Tally:
    """Of one kind of fault: how many there were and were found, at all and past twice the cracked limit."""

    there: int = 0
    found: int = 0
    large: int = 0
    large_found: int = 0
    smallest: float = np.inf
    away: list[float] = field(default_factory=list)


def clean(folders: list[Path]) -> Iterator[tuple[str, int, Reading, list[tuple[int, int]] | None]]:
    """(name, frames a second, reading, its flights as they are known or None) of every clean motion."""
    hop = replace(
        gap_hop.SCORE, path=tuple(replace(s, gravity=1.0) if isinstance(s, Leap) else s for s in gap_hop.SCORE.path)
    )
    shots = {
        "hop, true": key_shot(hop),
        "slip": key_shot(gangway_slip.SCORE),
        "sack": mail_sack.make(),
        "gull": gull_hop.make(),
    }
    for name, shot in shots.items():
        for fps in RATES:
            yield name, fps, _sampled(shot, fps), None
    for seed in range(size(3, 1)):
        for fps in RATES:
            poses, body = thrown(fps, seed)
            yield f"thrown {seed}", fps, read(poses, body, 9.81), [(1, len(poses.frames))]
    for folder in folders:
        yield from _of_folder(folder)


def _sampled(shot: Shot, fps: int) -> Reading:
    """The first performer at another rate, its curves taken between their keys; what lies between was not measured."""
    p = shot.performer
    frames = np.arange(shot.first_frame, shot.last_frame + 1e-6, shot.fps / fps)
    dense = p.poses(frames, 1 / fps)
    poses = replace(dense, frames=np.arange(1, len(frames) + 1))
    return read(poses, p.body(), shot.g, shot.floor_m, shot.props, sample_time_s=shot.frame_time_s)


def _of_folder(folder: Path) -> Iterator[tuple[str, int, Reading, list[tuple[int, int]] | None]]:
    cases = _manifest(folder)
    for path in sorted(folder.glob("*.bvh")):
        case = cases.get(path.name)
        if case is None or case["kind"] == "clean":
            shot = _shot(path, case)
            flights = None if case is None else [tuple(span) for span in case["true_flights"]]
            yield path.stem, round(shot.fps), read_shot(shot), flights


def _manifest(folder: Path) -> dict:
    path = folder / "manifest.json"
    return {c["file"]: c for c in json.loads(path.read_text())["cases"]} if path.exists() else {}


def _shot(path: Path, case: dict | None) -> Shot:
    scale = None if case is None else 1 / case["unit_per_m"]
    return shot_from_file(path.read_bytes(), path.stem, path.name, scale_to_m=scale)


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("folders", nargs="*", type=Path)
    args = parser.parse_args()
    kinds: dict[str, Tally] = defaultdict(Tally)
    verdicts: dict[tuple, set[bool]] = defaultdict(set)  # of one fault of one motion, at all rates
    alarms: dict[int, list[float]] = defaultdict(lambda: [0.0, 0, 0])
    flights = [0, 0, 0]  # known, false, missed
    edges: list[float] = []
    for name, fps, reading, known in clean(args.folders):
        found = find(reading)
        row = alarms[fps]
        row[0] += len(reading.com) / fps
        row[1] += sum(f.grade == CRACKED for f in found)
        row[2] += sum(f.grade == STRAINED for f in found)
        for f in found:
            print(f"  on clean: {name} at {fps}: {f.grade} {f.kind} {f.start}–{f.end}: {f.says}")
        if known is not None:
            _count_flights(reading, known, flights, edges)
        for case in islice(spoil(reading), size(10**6, 1)):
            hit = _judge(name, case, reading, kinds[case.fault])
            if case.over >= 3:
                verdicts[name, case.fault, case.size].add(hit)
    _print(kinds, alarms, flights, edges)
    same = sum(len(found) == 1 for found in verdicts.values())
    print(f"Past three times the strained limit: the same verdict at every rate for {same} of {len(verdicts)} faults.")
    for folder in args.folders:
        _print_cases(folder)
    return 0


def _count_flights(reading: Reading, known: list, flights: list[int], edges: list[float]) -> None:
    ours = [(f.start, f.end) for f in reading.flights]
    flights[0] += len(known)
    flights[1] += sum(not any(a <= y and x <= b for x, y in known) for a, b in ours)
    for x, y in known:
        same = next(((a, b) for a, b in ours if a <= y and x <= b), None)
        flights[2] += same is None
        if same:
            edges += [abs(same[0] - x) * reading.poses.dt, abs(same[1] - y) * reading.poses.dt]


def _judge(name: str, case: Spoiled, was: Reading, tally: Tally) -> bool:
    """Whether it is found, and counted so."""
    floor = None if was.floor.how == "measured" else was.floor
    found = find(
        read(case.poses, was.body, was.g, floor, was.traced.props, sample_time_s=was.traced.apart * was.poses.dt)
    )
    near = NEAR_S / case.poses.dt + 1
    first = int(case.poses.frames[0])
    a, b = case.frames[0] + first, case.frames[1] + first
    hits = [f for f in found if f.kind in case.found_as and f.start <= b + near and f.end >= a - near]
    tally.there += 1
    tally.found += bool(hits)
    large = case.over >= 6  # twice the cracked limit, about
    tally.large += large
    tally.large_found += large and bool(hits)
    if case.over >= 3 and not hits:
        told = [f.kind for f in found]
        print(f"  missed: {name} at {1 / case.poses.dt:.0f}: {case.fault} {case.size:.3g}; found {told}")
    if hits:
        tally.smallest = min(tally.smallest, case.size)
        tally.away.append(min(max(a - f.end, f.start - b, 0) for f in hits))
    return bool(hits)


def _print(kinds: dict[str, Tally], alarms: dict, flights: list[int], edges: list[float]) -> None:
    print("\n| fault | found of spoiled | of those over twice cracked | smallest found | frames off, at the median |")
    print("| --- | --- | --- | --- | --- |")
    for fault, t in kinds.items():
        away = f"{statistics.median(t.away):.0f}" if t.away else "–"
        print(f"| {fault} | {t.found} of {t.there} | {t.large_found} of {t.large} | {t.smallest:.3g} | {away} |")
    print("\n| frames a second | seconds of clean motion | cracked | strained | strained in 10 s |")
    print("| --- | --- | --- | --- | --- |")
    for fps, (seconds, cracked, strained) in sorted(alarms.items()):
        print(f"| {fps} | {seconds:.0f} | {cracked} | {strained} | {strained / seconds * 10:.1f} |")
    off = f"edges {1000 * statistics.mean(edges):.0f} ms off on average" if edges else "no edges to compare"
    print(f"\nFlights: {flights[0]} known, {flights[1]} false, {flights[2]} missed; {off}.")


def _print_cases(folder: Path) -> None:
    """The folder's own spoiled cases, as its manifest expects them."""
    done = there = 0
    for name, case in _manifest(folder).items():
        if case["kind"] == "clean":
            continue
        found = find(read_shot(_shot(folder / name, case)))
        a, b = case["frames"]
        for kind, grade in case["expect_by_contract"]:
            there += 1
            hit = any(
                f.kind in kind.split(" or ")
                and (f.grade == grade or "worse" in grade)
                and f.start <= b + 2
                and f.end >= a - 2
                for f in found
            )
            done += hit
            if not hit:
                print(f"  {name}: {kind} {grade} expected, {[(f.kind, f.grade) for f in found]}")
    if there:
        print(f"\n{folder.name}: {done} of {there} expected findings, kind, grade and frames.")


if __name__ == "__main__":
    sys.exit(main())
