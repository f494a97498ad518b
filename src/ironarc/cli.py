"""The command line: ironarc read | report | sheet | true | convert | serve | work | watch | demo | backup | restore.

Exit status: 0 nothing cracked, 1 something cracked, 2 a file can't be read.
"""

import argparse
import json
import math
import os
import re
import sys
from collections.abc import Callable, Iterator
from dataclasses import replace
from fractions import Fraction
from functools import partial
from pathlib import Path

from ironarc.core import truing
from ironarc.core.document import Shot
from ironarc.core.errors import EditError, FileError, IronArcError
from ironarc.core.exchange.bring_in import file_error, shot_from_file
from ironarc.core.exchange.delivery import AS_IT_CAME, WRITTEN_IN, Y_UP, Z_UP, Delivery
from ironarc.core.exchange.marked import places_file
from ironarc.core.exchange.root_motion import TRAVELS, WITHIN
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.exchange.unsaid import RATE, REST, UP
from ironarc.core.figure.naming import SHAPE
from ironarc.core.figure.segments import BUILDS
from ironarc.core.figure.units import UNITS
from ironarc.core.figure.weighing import Weighing, fitted, weighing_from_plain
from ironarc.core.formats import FORMATS, MARKER_FORMATS, ending_of, is_motion
from ironarc.core.judging import CRACKED, STRAINED, grade_of, judge
from ironarc.core.judging.judge import match
from ironarc.core.judging.judging_json import with_judging
from ironarc.core.judging.plain_units import told
from ironarc.core.judging.reading_csv import reading_to_csv
from ironarc.core.judging.reading_json import finding_to_plain, readings_to_plain
from ironarc.core.judging.reading_json_older import reading_to_plain_1, reading_to_plain_2
from ironarc.core.judging.unjudged import unjudged
from ironarc.core.reading import Reading, Seen, see
from ironarc.core.reading.contacts import frame_spans
from ironarc.core.reading.shot import estimated_floor, other_floor, read_all
from ironarc.core.scene.rate import parse_rate
from ironarc.core.settings import GRAVITY_MS2, LARGEST_KG, LEAST_KG, MAX_FLOOR_M, MAX_G_MS2, MIN_G_MS2
from ironarc.core.truing import plan
from ironarc.core.whole_numbers import whole_number

UNREADABLE = 2
# Options that go along with a file to another machine
QUEUED = ("mass", "build", "weighing", "judging", "g", "unit", "up", "rest", "rate", "floor")
REPORT_KEPT = 50  # rows, after which a long report is kept on the way
SAME_FLOOR_M = 0.01  # that a motion read by itself may find its floor off, of a figure of 1.75 m


def main(argv: list[str] | None = None) -> int:
    args = _parser().parse_args(argv)
    try:
        return args.run(args)
    except IronArcError as error:
        print(f"ironarc: {error}", file=sys.stderr)
        return UNREADABLE
    except BrokenPipeError:  # the reader of the pipe has had enough
        sys.stderr.close()
        return 0


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(
        prog="ironarc", description="Measures a motion against body physics, and trues it."
    )
    commands = parser.add_subparsers(dest="command", required=True)
    read = commands.add_parser("read", help="print what the physics says of files of motion")
    read.add_argument("files", type=Path, nargs="+", metavar="file", help="files, or folders to look through")
    form = read.add_mutually_exclusive_group()
    form.add_argument("--json", action="store_true", help="the whole reading as JSON, one line a file")
    form.add_argument("--csv", action="store_true", help="one row a frame, of one file")
    read.add_argument("--schema", type=int, choices=(1, 2, 3), default=3, help="form of the JSON (default 3)")
    read.add_argument(
        "--judging", type=Path,
        help="limits and what is left as it is, as JSON (default: NAME.judging.json beside NAME.bvh, if it is there)",
    )  # fmt: skip
    _add_figure_options(read)
    read.set_defaults(run=_read)
    many = commands.add_parser("report", help="read many files at once, and write what is found")
    many.add_argument("files", type=Path, nargs="+", metavar="file", help="files, or folders to look through")
    many.add_argument(
        "--jobs", type=_jobs, default=os.cpu_count() or 1, help="files read at a time (default: one a core)"
    )
    many.add_argument(
        "--queue", action="store_true", help="have them read by every worker that runs, on other machines too"
    )
    many.add_argument("--html", type=Path, help="one page with pictures, worst first")
    many.add_argument("--csv", type=Path, help="a row a file")
    many.add_argument("--json", type=Path, help="all of it; a report that is there is gone on from")
    many.add_argument("--judging", type=Path, help=argparse.SUPPRESS)
    _add_figure_options(many)
    many.set_defaults(run=_report)
    sheet = commands.add_parser("sheet", help="write the inspection sheets of files as one PDF")
    sheet.add_argument("files", type=Path, nargs="+", metavar="file", help="files, or folders to look through")
    sheet.add_argument("-o", "--output", type=Path, required=True, help="the PDF")
    sheet.add_argument("--paper", choices=("a4", "letter"), default="a4")
    sheet.add_argument("--judging", type=Path, help=argparse.SUPPRESS)
    _add_figure_options(sheet)
    sheet.set_defaults(run=_sheet)
    true = commands.add_parser("true", help="write a corrected file")
    true.add_argument("file", type=Path, help="a file, or a folder of them")
    true.add_argument("-o", "--output", type=Path, required=True, help="the corrected file, or a folder for them")
    true.add_argument("--jobs", type=_jobs, default=os.cpu_count() or 1, help="files of a folder trued at a time")
    flags = ", ".join(found.flag for found in truing.CORRECTIONS.values())
    true.add_argument(
        "--fix", required=True, metavar="PLAN",
        help=f"corrections in this order, each made wherever it can be, a way after a colon: footing,arc:time,spin. "
        f"There are {flags}. all: the usual way for each finding",
    )  # fmt: skip
    true.add_argument("--span", type=_span, metavar="A-B", help="only what touches these frames")
    true.add_argument("--json", action="store_true", help="what was done and what is left, as JSON")
    _add_figure_options(true)
    true.set_defaults(run=_true)
    convert = commands.add_parser("convert", help="read a file and write it, also in another format")
    convert.add_argument("file", type=Path)
    convert.add_argument("output", type=Path)
    convert.add_argument("--travel", choices=TRAVELS, default=WITHIN, help="where the way over the ground is written")
    convert.add_argument(
        "--to-unit", choices=WRITTEN_IN, default=AS_IT_CAME, help="of lengths, where a format has none"
    )
    convert.add_argument("--to-up", choices=(Y_UP, Z_UP), default=Y_UP, help="the axis that points up, likewise")
    convert.add_argument("--to-rate", type=_rate, default=None, help="frames a second to write, sampled anew")
    convert.add_argument("--floor-at-0", action="store_true", help="move it so that the floor is at height 0")
    convert.add_argument(
        "--bare-names", action="store_true", help="drop prefixes from joint names (BVH and CSV)"
    )  # fmt: skip
    convert.add_argument(
        "--places", action="store_true",
        help="write where joints, center of gravity and plumb are, and the pushes, as markers; a .c3d always has those",
    )  # fmt: skip
    convert.set_defaults(run=_convert)
    serve = commands.add_parser("serve", help="run the server (./start does all the set-up)")
    serve.add_argument("--port", type=int, default=8765)
    serve.set_defaults(run=_serve)
    work = commands.add_parser("work", help="do the work of the background, beside the worker that ./start runs")
    work.set_defaults(run=_work)
    watch = commands.add_parser("watch", help="bring a motion in again, as a new take, whenever its file is saved")
    watch.add_argument("folder", type=Path)
    watch.set_defaults(run=_watch)
    demo = commands.add_parser("demo", help="load the demo shots into the database")
    demo.add_argument("--fresh", action="store_true", help="take every other shot away first")
    demo.set_defaults(run=_demo)
    backup = commands.add_parser("backup", help="write everything to one file; also while Iron Arc runs")
    backup.add_argument("file", type=Path)
    backup.set_defaults(run=_backup)
    restore = commands.add_parser("restore", help="put a backup in place of everything that is there")
    restore.add_argument("file", type=Path)
    restore.set_defaults(run=_restore)
    return parser


def _between(low: float, high: float) -> Callable[[str], float]:
    """Reads a number that lies between two others."""

    def read(text: str) -> float:
        try:
            value = float(text)
        except ValueError:
            value = math.nan
        if not low <= value <= high:
            raise argparse.ArgumentTypeError(f"{text[:40]} is not a number from {low:g} to {high:g}")
        return value

    return read


def _span(text: str) -> tuple[int, int]:
    found = re.fullmatch(r"(-?[0-9]+)-(-?[0-9]+)", text)
    first, last = (whole_number(word) for word in found.groups()) if found else (None, None)
    if first is None or last is None or first > last:
        raise argparse.ArgumentTypeError(f"{text[:40]} is not a first and a last frame, as in 20-60")
    return first, last


def _add_figure_options(parser: argparse.ArgumentParser) -> None:
    mass, gravity = _between(LEAST_KG, LARGEST_KG), _between(MIN_G_MS2, MAX_G_MS2)
    floor = _between(-MAX_FLOOR_M, MAX_FLOOR_M)
    parser.add_argument("--mass", type=mass, default=75.0, help="body mass in kg (default 75)")
    parser.add_argument("--build", choices=BUILDS, default="m", help="published table: f or m (default m)")
    parser.add_argument("--weighing", type=Path, help="a weighing as JSON, instead of --mass and --build")
    parser.add_argument("--g", type=gravity, default=GRAVITY_MS2, help="gravity in m/s² (default 9.81)")
    parser.add_argument("--unit", choices=sorted(UNITS), help="the file's length unit (default: by height and falls)")
    parser.add_argument("--up", choices=("y", "z"), help="the file's axis that points up (default: by what it shows)")
    parser.add_argument("--rest", choices=("trim", "keep"), help="a rest pose in frame 1 (default: trim)")
    parser.add_argument("--rate", type=_between(1, 1000), help="frames a second (default: the file's)")
    parser.add_argument("--floor", type=floor, help="height of the floor in m (default: estimated)")


def _load(args, path: Path) -> Shot:
    try:
        data = path.read_bytes()
    except OSError as error:
        raise FileError(f"{path} could not be opened: {error.strerror}.") from error
    unit = getattr(args, "unit", None)
    figure = {}
    if hasattr(args, "mass"):
        given = {
            name: f"{value:g}" if name == "rate" else value
            for name in (UP, REST, RATE)
            if (value := getattr(args, name))
        }
        figure = {
            "weighing": Weighing(args.mass, BUILDS[args.build]), "g": args.g, "floor_m": args.floor, "answers": given,
        }  # fmt: skip
    try:
        shot = shot_from_file(
            data, path.stem, path.name, scale_to_m=UNITS[unit] if unit else None, format=ending_of(path.name), **figure
        )
    except FileError as error:
        raise file_error(error, path.name) from error
    return _weighed(shot, args.weighing) if getattr(args, "weighing", None) else shot


def _weighed(shot: Shot, path: Path) -> Shot:
    """The shot with a weighing kept as JSON; joints it names that are not there are told."""
    plain = _json(path, "Export a weighing from the bench, or see docs/weighing-json.md.")
    weighing, lost = fitted(weighing_from_plain(plain), shot.performer.rig)
    if lost:
        print(f"ironarc: not in this rig, so left out: {', '.join(lost)}", file=sys.stderr)
    return shot.with_item(replace(shot.performer, weighing=weighing))


def _status(seen: Seen) -> int:
    return 1 if grade_of(judge(seen.shot, seen.performer, seen.reading)) == CRACKED else 0


def _json(path: Path, hint: str) -> object:
    try:
        return json.loads(path.read_text(encoding="utf-8"))
    except OSError as error:
        raise FileError(f"{path} could not be opened: {error.strerror}.") from error
    except (ValueError, RecursionError):
        raise FileError(f"{path} is not JSON. {hint}") from None


def _judged(shot: Shot, args, path: Path) -> Shot:
    """The shot with the limits and what is left that lie beside its file, or that were asked for."""
    beside = args.judging or path.with_suffix(".judging.json")
    if not args.judging and not beside.exists():
        return shot
    try:
        return with_judging(shot, _json(beside, "Export one from the bench, under Show."))
    except FileError as error:
        raise FileError(f"{beside}: {error}" if str(beside) not in str(error) else str(error)) from error


def _read(args) -> int:
    paths = list(_found(args.files))
    if args.csv and len(paths) != 1:
        raise FileError(f"--csv writes one file at a time; {len(paths)} were given.")
    many = len(paths) > 1
    worst, widest = 0, max((len(str(path)) for path in paths), default=0)
    for path in paths:
        try:
            seen = see(_judged(_load(args, path), args, path))
            print(_reading(seen, args) if not many or args.json else _row(seen, path, widest))
            worst = max(worst, _status(seen))
        except IronArcError as error:
            # the others are still worth reading
            print(f"ironarc: {error}", file=sys.stderr)
            worst = UNREADABLE
    return worst


def _rate(text: str) -> Fraction:
    try:
        return parse_rate(text)
    except EditError as error:
        raise argparse.ArgumentTypeError(str(error)) from None


def _jobs(text: str) -> int:
    found = whole_number(text)
    if found is None or not 1 <= found <= 256:
        raise argparse.ArgumentTypeError(f"{text[:40]} is not a number of jobs from 1 to 256")
    return found


def seen_file(args, path: Path) -> Seen:
    return see(_judged(_load(args, path), args, path))


def _sheet(args) -> int:
    from ironarc.web.sheet import pages_of
    from ironarc.web.sheet_pdf import pdf_of

    pages, status = [], 0
    for path in dict.fromkeys(_found(args.files)):
        try:
            seen = seen_file(args, path)
            pages += pages_of(seen.shot)
            status = max(status, _status(seen))
        except IronArcError as error:
            # the others still have their pages
            print(f"ironarc: {error}", file=sys.stderr)
            status = UNREADABLE
    if not pages:
        raise FileError("None of these files can be read, so there is nothing to put on a sheet.")
    try:
        args.output.write_bytes(pdf_of(pages, args.paper))
    except OSError as error:
        raise FileError(f"{args.output} could not be written: {error.strerror}.") from error
    print(f"{args.output}: {len(pages)} page{'' if len(pages) == 1 else 's'}")
    return status


def _report(args) -> int:
    from ironarc import report
    from ironarc.web.picture import card_picture

    paths = list(dict.fromkeys(_found(args.files)))
    asked = {
        k: str(v) for k, v in vars(args).items() if k not in ("run", "files", "jobs", "queue", "html", "csv", "json")
    }
    kept, rows = report.kept_rows(args.json), []
    known = set(kept)
    # a function of other processes takes no open things along
    given = argparse.Namespace(**{k: v for k, v in vars(args).items() if k != "run"})
    marked, widest = json.dumps(asked, sort_keys=True), max(len(str(path)) for path in paths)
    if args.queue:
        done = _rows_by_queue(paths, marked, args, kept)
    else:
        done = report.rows_of(paths, marked, partial(seen_file, given), args.jobs, kept)
    try:
        for row in done:
            rows.append(row)
            says = row.error or row.first
            print(f"{row.file:<{widest}}  {row.verdict:<10}  {says}".rstrip(), flush=True)
            if args.json and len(rows) % REPORT_KEPT == 0:
                _keep(args.json, report.as_json(rows))
    finally:
        # stopped in the middle, it goes on from here
        if args.json and rows:
            _keep(args.json, report.as_json(rows))
    if args.csv:
        _keep(args.csv, report.as_csv(report.worst_first(rows)))
    if args.html:
        _keep(args.html, report.as_html(rows, card_picture))
    counts = {word: sum(row.verdict == word for row in rows) for word in report.WORST}
    told = ", ".join(f"{n} {word}" for word, n in counts.items() if n)
    again = sum(row.file in known and kept[row.file].mark == row.mark for row in rows)
    print(f"{len(rows)} files: {told}" + (f"; {again} known from before" if again else ""))
    return UNREADABLE if counts[report.UNREADABLE] else int(bool(counts[CRACKED]))


def _rows_by_queue(paths: list[Path], asked: str, args, kept: dict) -> Iterator:
    from ironarc.queued import rows_by_queue

    if args.weighing or args.judging:
        raise FileError("With --queue files are read elsewhere, where no --weighing or --judging lies. Leave it out.")
    options = {k: v for k, v in vars(args).items() if k in QUEUED}
    return rows_by_queue(paths, asked, options, kept, say=partial(print, file=sys.stderr))


def _keep(path: Path, text: str) -> None:
    """A file written whole, or left as it was. FileError for a place where none can be written."""
    beside = path.with_name(f"{path.name}.part")
    try:
        beside.write_text(text, encoding="utf-8")
        beside.replace(path)
    except OSError as error:
        beside.unlink(missing_ok=True)
        raise FileError(f"{path} could not be written: {error.strerror}.") from error


def _found(files: list[Path]) -> Iterator[Path]:
    """The files that are asked for; of a folder every motion in it and below, in order."""
    for path in files:
        if not path.is_dir():
            yield path
            continue
        inside = sorted(p for p in path.rglob("*") if is_motion(p))
        if not inside:
            known = " or ".join(f".{ending}" for ending in FORMATS)
            raise FileError(f"There is no {known} file in {path}.")
        yield from inside


def _reading(seen: Seen, args) -> str:
    shot, performer, settles = seen.shot, seen.performer, truing.settles()
    if args.csv:
        return reading_to_csv(seen.reading).rstrip()
    if not args.json:
        return summary(shot, seen.reading)
    if args.schema == 1:
        return json.dumps(reading_to_plain_1(shot, seen.reading, performer, settles))
    make = reading_to_plain_2 if args.schema == 2 else readings_to_plain
    return json.dumps(make(shot, {performer.id: seen.reading}, settles))


def _row(seen: Seen, path: Path, width: int) -> str:
    """One line of the table: file, length, flights, findings by grade, and what is worst."""
    shot, findings = seen.shot, judge(seen.shot, seen.performer, seen.reading)
    counts = {grade: sum(f.grade == grade and not f.left for f in findings) for grade in (CRACKED, STRAINED)}
    first = next((f for f in findings if not f.left), None)
    says = f"{first.start}–{first.end}: {first.says}" if first else ""
    return (
        f"{path!s:<{width}}  {grade_of(findings):<8}  {counts[CRACKED]:>2} cracked  {counts[STRAINED]:>2} strained  "
        f"{len(seen.reading.flights)} flights  {shot.frames:>5} f at {shot.fps:.4g}  {says}"
    ).rstrip()


def summary(shot: Shot, reading: Reading) -> str:
    """The reading in lines for a person at a shell."""
    body, performer = reading.body, shot.performer
    unit = next((name for name, scale in UNITS.items() if scale == performer.scale_to_m), f"{performer.scale_to_m} m")
    lines = [
        f"{shot.source}: {shot.frames} frames at {shot.fps:.4g} fps, {shot.frames * shot.frame_time_s:.2f} s",
        f"Figure: {body.anatomy.height_m:.2f} m tall, {body.mass_kg:g} kg, {len(performer.rig)} joints; "
        f"lengths read as {unit}{' (guessed)' if performer.unit_guessed else ''}; floor at {reading.floor_m:.3f} m",
    ]
    shaped = sum(m.confidence == SHAPE for m in body.anatomy.meanings)
    if shaped:
        lines.append(f"Names say nothing: {shaped} joints are told by the shape of the body")
    lines += [f"Assumed: {says}" for says in shot.assumed]
    if shot.assumed:
        lines.append("Change what was assumed with --unit, --up, --rest or --rate.")
    other = reading.ask(other_floor)
    if other is not None:
        lines.append(
            f"Nearly as many frames rest at {other:.3f} m as on the floor: --floor {other:.3f} takes that as the floor."
        )
    if body.anatomy.unexplained:
        lines.append(f"Not understood: {', '.join(body.anatomy.unexplained)}")
    for f in reading.flights:
        error = f" ± {f.implied_g_se:.2f}" if f.hang_frames > 3 else ""
        lines.append(
            f"Flight {f.start}–{f.end}: {f.aloft_frames:.1f} f · {f.hang_s:.2f} s · rise {f.rise_m * 100:.0f} cm, drop "
            f"{f.drop_m * 100:.0f} cm · gravity {f.implied_g:.2f}{error} m/s² · "
            f"off the arc {f.arc_rms_m * 1000:.1f} mm rms · {abs(f.spin.turns_per_s):.2f} turns/s"
        )
    if not reading.flights:
        lines.append("No flight: something bears the body throughout.")
    doubt = frame_spans(reading.footing.doubt, reading.poses.frames)
    if doubt:
        lines.append("In doubt, taken as borne: " + ", ".join(f"{a}–{b}" for a, b in doubt))
    findings = judge(shot, performer, reading)
    for finding in findings:
        word = f"left as it is ({finding.left})" if finding.left else finding.grade.upper()
        lines.append(f"{word} frames {finding.start}–{finding.end}: {finding.says}")
    lines += [f"Not judged: {words}" for words in unjudged(performer, reading)]
    lines.append(f"Grade: {grade_of(findings)}")
    return "\n".join(lines)


def _true(args) -> int:
    if args.file.is_dir():
        return _true_folder(args)
    ending = ending_of(args.output.name)  # before anything is worked out
    made = plan.carry_out(see(_load(args, args.file)), args.fix, args.span)
    _write(args.output, motion_file(made.seen.shot, format=ending))
    print(json.dumps(_plan_to_plain(made)) if args.json else _plan_table(made, args.output))
    return _status(made.seen)


def _true_folder(args) -> int:
    """Every motion in a folder and below, into the same places of another one; a bad file stops nothing."""
    if args.json or args.output.is_file():
        raise FileError("A folder is trued into a folder, without --json. Name one that is none yet, or a folder.")
    if args.output.resolve().is_relative_to(args.file.resolve()):
        raise FileError(f"{args.output} lies within {args.file}. Choose a folder beside it.")
    pairs = [(path, args.output / path.relative_to(args.file)) for path in _found([args.file])]
    from ironarc.report import parallel

    given, worst = argparse.Namespace(**{k: v for k, v in vars(args).items() if k != "run"}), 0
    widest = max(len(str(path)) for path, _ in pairs)
    with parallel(args.jobs) as run:
        for path, status, says in run(partial(_true_one, given), pairs):
            print(f"{path!s:<{widest}}  {says}", file=sys.stderr if status == UNREADABLE else sys.stdout, flush=True)
            worst = max(worst, status)
    return worst


def _true_one(args, pair: tuple[Path, Path]) -> tuple[Path, int, str]:
    """One file of a folder trued and written: its status, and what was found before and after."""
    path, output = pair
    try:
        made = plan.carry_out(see(_load(args, path)), args.fix, args.span)
        output.parent.mkdir(parents=True, exist_ok=True)
        _write(output, motion_file(made.seen.shot, format=ending_of(output.name)))
    except IronArcError as error:
        return path, UNREADABLE, str(error)
    except OSError as error:
        return path, UNREADABLE, f"{output} could not be written: {error.strerror}."
    was, now = plan.over(made.before, made.after)
    return path, _status(made.seen), f"{was} found, {now} left"


def _plan_table(made: plan.Made, output: Path) -> str:
    """What a plan did, and the findings before and after it, in lines for a person at a shell."""
    lines = [f"{step.start}–{step.end}  {step.label}. {step.says}" for step in made.steps]
    lines += [f"Not done: {words}" for words in made.skipped]
    pairs = match(made.before, made.after)
    rows = [("finding", "frames", "before", "after")]
    for f in made.before:
        then = pairs[f.id]
        now = "gone" if then is None else f"{told(then.value, then.unit)} ({then.grade})"
        rows.append((f"{f.kind} {f.part}".strip(), f"{f.start}–{f.end}", f"{told(f.value, f.unit)} ({f.grade})", now))
    there = {f.id for f in pairs.values() if f is not None}
    rows += [
        (f"{f.kind} {f.part}".strip(), f"{f.start}–{f.end}", "", f"{told(f.value, f.unit)} ({f.grade})")
        for f in made.after if f.id not in there
    ]  # fmt: skip
    widths = [max(len(row[i]) for row in rows) for i in range(4)]
    if len(rows) > 1:
        lines += ["  ".join(word.ljust(w) for word, w in zip(row, widths, strict=True)).rstrip() for row in rows]
    was, now = plan.over(made.before, made.after)
    floor, alone = made.seen.reading.floor_m, estimated_floor(made.seen.shot).height_m
    if abs(alone - floor) > SAME_FLOOR_M * made.seen.reading.size:
        lines.append(f"Read it with --floor {floor:.3f}: by itself it would be taken to stand at {alone:.3f} m.")
    lines.append(f"Findings: {was} before, {now} after. Grade: {grade_of(made.after)}. Wrote {output}.")
    return "\n".join(lines)


def _plan_to_plain(made: plan.Made) -> dict:
    """The same as plain data."""
    settled = truing.settles()
    return {
        "steps": [vars(step) for step in made.steps], "skipped": list(made.skipped),
        "before": [finding_to_plain(f, settled) for f in made.before],
        "after": [finding_to_plain(f, settled) for f in made.after], "grade": grade_of(made.after),
    }  # fmt: skip


def _convert(args) -> int:
    delivery = Delivery(
        args.to_unit, args.to_up, args.to_rate, floor_at_0=args.floor_at_0, bare_names=args.bare_names
    )  # fmt: skip
    places = _places_ending(args.output.name, args.places)
    ending = places or ending_of(args.output.name)
    if places and (delivery != Delivery() or args.travel != WITHIN):
        raise FileError("Places are always in metres, y up and at the shot's rate. Leave the other options out.")
    shot = _load(args, args.file)
    if places:
        _write(args.output, places_file(shot, read_all(shot), places))
        return 0
    _write(args.output, motion_file(shot, format=ending, travel=args.travel, delivery=delivery))
    return 0


def _places_ending(name: str, asked: bool) -> str:
    """The ending of a file that places are written to; "" for one that the motion is."""
    ending = name.rsplit(".", 1)[-1].lower()
    if ending in MARKER_FORMATS and (asked or ending not in FORMATS):
        return ending
    if asked:
        raise FileError(f"Places are written as {' or '.join(f'.{known}' for known in MARKER_FORMATS)}.")
    return ""


def _write(path: Path, data: bytes) -> None:
    try:
        path.write_bytes(data)
    except OSError as error:
        raise FileError(f"{path} could not be written: {error.strerror}.") from error


def _serve(args) -> int:
    from ironarc.web.serve import serve

    return serve(args.port)


def _work(args) -> int:
    from ironarc.worker import run

    return run()


def _watch(args) -> int:
    from sqlalchemy.orm import sessionmaker

    from ironarc import watch
    from ironarc.store.database import connect
    from ironarc.store.place import database_at_hand

    with database_at_hand() as url:
        engine = connect(url)
        watch.look(args.folder)
        print(f"Watching {args.folder}. Ctrl C ends it.", flush=True)
        try:
            watch.run(args.folder, sessionmaker(engine), lambda says: print(says, flush=True), lambda: False)
        except KeyboardInterrupt:
            print("No longer watching.")
        finally:
            engine.dispose()
    return 0


def _demo(args) -> int:
    from ironarc.demo.load import load
    from ironarc.store.place import database_at_hand

    with database_at_hand() as url:
        names = load(fresh=args.fresh, url=url)
    print(f"Demo shots: {', '.join(names) if names else 'already there'}.")
    return 0


def _backup(args) -> int:
    from ironarc.store.backup import backup
    from ironarc.store.place import database_at_hand

    with database_at_hand() as url:
        size = backup(url, args.file)
    print(f"Everything is in {args.file}, {size / 1e6:.1f} MB.")
    return 0


def _restore(args) -> int:
    from ironarc.store.backup import restore
    from ironarc.store.place import database_at_hand

    # the server keeps shots in memory that would be others afterwards
    with database_at_hand(alone=True) as url:
        restore(url, args.file)
    print(f"What {args.file} holds is in place; ./start shows it.")
    return 0


if __name__ == "__main__":
    sys.exit(main())
