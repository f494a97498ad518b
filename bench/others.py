"""Motions of another constructor, read, trued and judged by other hands: python -m bench.others [FOLDER …]

A folder holds exact motions, copies of them spoiled in known ways, and a manifest.json that says of each `file` its
`fault` ("clean" for none), the `kinds` of finding that would be right, its `frames`, `mass_kg`, `unit_m` and `clean`
file. A fault is found where a finding of a right kind lies within a quarter of a second of its frames. With --true each
spoiled motion is trued by the plan "all" and exported; where the folder has an independent.py with a `compare`, it says
whether the export is right, and how far both are from the clean motion. The floor is told to be at 0; with
--floor-found it is worked out, as on bringing in. Without a folder: the demo's slip, sound and gliding.
"""

import argparse
import json
import sys
import tempfile
import time
from collections import Counter, defaultdict
from importlib.util import module_from_spec, spec_from_file_location
from pathlib import Path

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.weighing import Weighing
from ironarc.core.judging.findings import find
from ironarc.core.reading import read_shot, see
from ironarc.core.truing import plan
from ironarc.demo import gangway_slip
from ironarc.demo.posing import key_shot

BESIDE_S = 0.25
NEARER, FARTHER = 0.9, 1.1  # of the distance from the clean motion
CLEAN = "clean"


def brought_in(folder: Path, case: dict, floor_m: float | None) -> Shot:
    path = folder / case["file"]
    return shot_from_file(
        path.read_bytes(), path.stem, path.name, scale_to_m=case["unit_m"], weighing=Weighing(case["mass_kg"]),
        floor_m=floor_m,
    )  # fmt: skip


def read_all(folder: Path, cases: list[dict], floor_m: float | None) -> None:
    """Prints what is found, and what is told of clean motion."""
    there, found, told, seconds = Counter(), Counter(), Counter(), 0.0
    for case in cases:
        reading = read_shot(brought_in(folder, case, floor_m))
        findings = find(reading)
        if case["fault"] == CLEAN:
            seconds += len(reading.com) * reading.poses.dt
            told.update(f.grade for f in findings)
            continue
        a, b = case["frames"]
        beside = BESIDE_S * reading.poses.fps
        hit = any(f.kind in case["kinds"] and f.start <= b + beside and f.end >= a - beside for f in findings)
        there[case["fault"]] += 1
        found[case["fault"]] += hit
        if not hit:
            print(f"  missed: {case['file']}: {[(f.kind, f.grade, f.start, f.end) for f in findings]}")
    print(
        f"{folder.name}: {found.total()} of {there.total()} faults found; {seconds:.0f} s of clean motion, {dict(told)}"
    )


def true_all(folder: Path, cases: list[dict], floor_m: float | None) -> None:
    """Prints, by fault, how many exports are right by the folder's own judge."""
    judge, rows = _judge_of(folder), defaultdict(list)
    for case in cases:
        if case["fault"] == CLEAN:
            continue
        with tempfile.TemporaryDirectory() as out:
            begun = time.process_time()
            made = plan.carry_out(see(brought_in(folder, case, floor_m)), plan.ALL)
            export = Path(out) / case["file"]
            export.write_bytes(motion_file(made.seen.shot))
            took = time.process_time() - begun
            rows[case["fault"].rstrip("0123456789.x ")].append((took, judge and judge(case, export)))
    print("fault                                         cases right nearer farther  s")
    for fault, of in [*sorted(rows.items()), ("all", [row for each in rows.values() for row in each])]:
        judged = [found for _, found in of if found]
        right = sum(found["right"] for found in judged)
        pairs = [(f["from_clean"]["spoiled"][0], f["from_clean"]["fixed"][0]) for f in judged]
        nearer = sum(now < NEARER * was for was, now in pairs)
        farther = sum(now > FARTHER * was + 0.05 for was, now in pairs)
        seconds = float(np.median([took for took, _ in of]))
        print(f"{fault[:45]:45} {len(of):5} {right:5} {nearer:6} {farther:7} {seconds:5.2f}")


def _judge_of(folder: Path):
    """What the folder's own judge says of an exported case; None where it has none."""
    path = folder / "independent.py"
    if not path.exists():
        return None
    spec = spec_from_file_location("independent", path)
    module = module_from_spec(spec)
    spec.loader.exec_module(module)
    rigs = json.loads((folder / "rigs.json").read_text())
    return lambda case, export: module.compare(
        str(folder / case["clean"]), str(folder / case["file"]), str(export), rigs[case["motion"]], case["unit_m"]
    )


def _own(folder: Path) -> Path:
    """A folder with the demo's slip, sound and gliding at a metre a second."""
    clean = motion_file(key_shot(gangway_slip.SCORE)).decode()
    head, motion = clean.split("Frame Time:")
    first, *rows = motion.rstrip("\n").split("\n")
    glides = [" ".join([f"{float(row.split()[0]) + 100 * k / 24:.6f}", *row.split()[1:]]) for k, row in enumerate(rows)]
    (folder / "slip.bvh").write_text(clean)
    (folder / "glides.bvh").write_text("\n".join([f"{head}Frame Time:{first}", *glides]) + "\n")
    like = {"mass_kg": 75.0, "unit_m": 0.01, "clean": "slip.bvh", "frames": [1, len(rows)]}
    cases = [
        {"file": "slip.bvh", "fault": CLEAN, "kinds": [], **like},
        {"file": "glides.bvh", "fault": "glides", "kinds": ["slide"], **like},
    ]
    (folder / "manifest.json").write_text(json.dumps({"cases": cases}))
    return folder


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("folders", nargs="*", type=Path)
    parser.add_argument("--true", action="store_true")
    parser.add_argument("--floor-found", action="store_true")
    args = parser.parse_args()
    floor_m = None if args.floor_found else 0.0
    with tempfile.TemporaryDirectory() as own:
        for folder in args.folders or [_own(Path(own))]:
            cases = json.loads((folder / "manifest.json").read_text())["cases"]
            read_all(folder, cases, floor_m)
            if args.true or not args.folders:
                true_all(folder, cases, floor_m)
    return 0


if __name__ == "__main__":
    sys.exit(main())
