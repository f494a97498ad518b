"""How well corrections put right what is found: python -m bench.true [FOLDER …] [--only WORD] [--table FILE].

Every case is a motion with one fault of known size: the .bvh files of folders that are named, and spoiled copies of the
demo's sound shots and of the folders' clean files. The way that is offered first for the fault's finding is taken; it
counts as put right where that finding is gone, none is worse and none is new. Figures are kept in docs/truing.md.
"""

import argparse
import statistics
import time
from collections import defaultdict
from collections.abc import Iterator
from dataclasses import dataclass, replace
from itertools import islice
from pathlib import Path

from bench import size
from bench.judge import _manifest, _shot
from bench.spoiled import spoil
from ironarc.core.document import Shot
from ironarc.core.judging.grades import GRADES
from ironarc.core.reading.shot import Seen, see
from ironarc.core.truing.trial import Outcome, best, judged
from ironarc.demo import gangway_slip, gap_hop, gull_hop, mail_sack
from ironarc.demo.posing import Leap, key_shot
from tests.figures import dense_shot


@dataclass(frozen=True)
class Case:
    """name : of the motion; fault and size : in words; kinds : of the findings that tell of it, () for any"""

    name: str
    fault: str
    size: float
    kinds: tuple[str, ...]
    shot: Shot


@dataclass(frozen=True)
class Row:
    """One finding of a case, and what became of it."""

    case: Case
    finding: str
    before: float
    correction: str
    after: str
    right: bool
    moved_cm: float
    turned_deg: float
    ms: float


def cases(folders: list[Path]) -> Iterator[Case]:
    """Files with a fault, then spoiled copies of what is sound."""
    sound: dict[str, Shot] = {}
    for folder in folders:
        known = _manifest(folder)
        for path in sorted(folder.glob("*.bvh")):
            case = known.get(path.name)
            shot = _shot(path, case)
            if case is None or case["kind"] == "clean":
                sound[path.stem] = shot
            else:
                yield Case(path.stem, case["kind"], case["size"], (), shot)
    hop = replace(
        gap_hop.SCORE, path=tuple(replace(s, gravity=1.0) if isinstance(s, Leap) else s for s in gap_hop.SCORE.path)
    )
    demo = {
        "hop, true": key_shot(hop),
        "slip": key_shot(gangway_slip.SCORE),
        "sack": mail_sack.make(),
        "gull": gull_hop.make(),
    }
    for name, shot in (demo | sound).items():
        seen = see(shot)
        if judged(seen):
            continue  # what is not sound to begin with says nothing of one fault
        for spoiled in spoil(seen.reading):
            if spoiled.over >= 1.2:
                made = replace(dense_shot(spoiled.poses, shot), floor_m=shot.floor_m)
                yield Case(name, spoiled.fault, spoiled.size, spoiled.found_as, made)


def put_right(case: Case) -> list[Row]:
    """The worst finding of the fault, and what the first offer makes of it."""
    seen = see(case.shot)
    found = [f for f in judged(seen) if not case.kinds or f.kind in case.kinds]
    if not found:
        return []
    finding = found[0]
    start = time.perf_counter()
    outcome = best(seen, judged(seen), finding)
    took = 1000 * (time.perf_counter() - start)
    unit = GRADES[finding.kind].unit
    if outcome is None:
        return [Row(case, finding.kind, finding.value, "none settles it", "as it was", False, 0, 0, took)]
    cost = outcome.proposal.cost
    return [
        Row(
            case, f"{finding.kind}, {unit}", finding.value, _named(outcome, seen), _became(outcome),
            not outcome.harms, 100 * cost.moved_m, cost.turned_deg, took,
        )
    ]  # fmt: skip


def _named(outcome: Outcome, seen: Seen) -> str:
    found = outcome.wanted.correction
    for place in found.places(seen):
        for way in place.ways:
            if way.options == outcome.wanted.options:
                return f"{found.flag}:{way.name}" if way.name else found.flag
    return found.flag


def _became(outcome: Outcome) -> str:
    out = ["gone"]
    out += [f"worse: {f.kind}" for f in outcome.worse]
    out += [f"new: {f.kind} {f.value:.2f}" for f in outcome.new]
    return ", ".join(out)


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("folders", nargs="*", type=Path)
    parser.add_argument("--only", default="", help="cases whose name or fault has this word")
    parser.add_argument("--table", type=Path, help="write the table as Markdown")
    args = parser.parse_args()
    rows: list[Row] = []
    unseen = 0
    for case in islice(cases(args.folders), size(10**6, 2)):
        if args.only and args.only not in f"{case.name} {case.fault}":
            continue
        made = put_right(case)
        unseen += not made
        rows += made
        for row in made:
            if not row.right:
                print(
                    f"  not: {row.case.name}, {row.case.fault} {row.case.size:g}: {row.finding} {row.before:.3g} by "
                    f"{row.correction}: {row.after}", flush=True,
                )  # fmt: skip
    by_fault: dict[str, list[Row]] = defaultdict(list)
    for row in rows:
        by_fault[row.case.fault].append(row)
    print(f"{'fault':<26} {'cases':>5} {'right':>5}  {'moved cm':>8} {'turned':>6} {'ms':>6}")
    for fault, of in by_fault.items():
        print(
            f"{fault:<26} {len(of):>5} {sum(r.right for r in of):>5}  "
            f"{statistics.median(r.moved_cm for r in of):>8.1f} {statistics.median(r.turned_deg for r in of):>6.0f} "
            f"{statistics.median(r.ms for r in of):>6.0f}"
        )
    right = sum(r.right for r in rows)
    print(
        f"Put right: {right} of {len(rows)} ({100 * right / max(len(rows), 1):.1f} %); {unseen} too small to be found."
    )
    if args.table:
        args.table.write_text(table(rows))
    return 0


def table(rows: list[Row]) -> str:
    """The rows as Markdown."""
    out = [
        "| motion | fault | size | finding | before | way | after | moved cm | turned ° | ms |",
        "| --- | --- | --: | --- | --: | --- | --- | --: | --: | --: |",
    ]
    out += [
        f"| {r.case.name} | {r.case.fault} | {r.case.size:.3g} | {r.finding} | {r.before:.3g} | {r.correction} | "
        f"{r.after} | {r.moved_cm:.1f} | {r.turned_deg:.0f} | {r.ms:.0f} |"
        for r in rows
    ]
    return "\n".join(out) + "\n"


if __name__ == "__main__":
    raise SystemExit(main())
