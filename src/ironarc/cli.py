"""The command line: ironarc read | true | convert | serve | demo | backup | restore.

Exit status: 0 nothing cracked, 1 something cracked, 2 the file can't be read.
"""

import argparse
import json
import sys
from dataclasses import replace
from pathlib import Path

from ironarc.core import truing
from ironarc.core.document import Shot
from ironarc.core.document.take_home import motion_file
from ironarc.core.edits.bring_in import file_error, shot_from_file
from ironarc.core.errors import FileError, IronArcError
from ironarc.core.figure.segments import BUILDS
from ironarc.core.figure.units import UNITS
from ironarc.core.figure.weighing import Weighing, fitted, weighing_from_plain
from ironarc.core.judging import CRACKED, grade_of, judge
from ironarc.core.judging.reading_json import reading_to_plain_1, readings_to_plain
from ironarc.core.reading import Reading, Seen, see
from ironarc.core.settings import GRAVITY_MS2

UNREADABLE = 2


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
    read = commands.add_parser("read", help="print what the physics says of a BVH file")
    read.add_argument("file", type=Path)
    read.add_argument("--json", action="store_true", help="the whole reading as JSON")
    read.add_argument("--schema", type=int, choices=(1, 2), default=2, help="form of the JSON (default 2)")
    _add_figure_options(read)
    read.set_defaults(run=_read)
    true = commands.add_parser("true", help="write a corrected BVH file")
    true.add_argument("file", type=Path)
    true.add_argument("-o", "--output", type=Path, required=True)
    wanted = true.add_argument_group("corrections", "at least one; each is made wherever it can be, in this order")
    for found in truing.CORRECTIONS.values():
        wanted.add_argument(
            f"--{found.flag}",
            dest="corrections",
            action="append_const",
            const=found,
            help=f"{found.label}. {found.says}",
        )  # fmt: skip
    _add_figure_options(true)
    true.set_defaults(run=_true)
    convert = commands.add_parser("convert", help="read a BVH file and write it back")
    convert.add_argument("file", type=Path)
    convert.add_argument("output", type=Path)
    convert.set_defaults(run=_convert)
    serve = commands.add_parser("serve", help="run the server (./start does all the set-up)")
    serve.add_argument("--port", type=int, default=8765)
    serve.set_defaults(run=_serve)
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


def _positive(text: str) -> float:
    value = float(text)
    if not 0 < value < 1e6:
        raise argparse.ArgumentTypeError(f"{text} is not more than 0")
    return value


def _add_figure_options(parser: argparse.ArgumentParser) -> None:
    parser.add_argument("--mass", type=_positive, default=75.0, help="body mass in kg (default 75)")
    parser.add_argument("--build", choices=BUILDS, default="m", help="published table: f or m (default m)")
    parser.add_argument("--weighing", type=Path, help="a weighing as JSON, instead of --mass and --build")
    parser.add_argument("--g", type=_positive, default=GRAVITY_MS2, help="gravity in m/s² (default 9.81)")
    parser.add_argument("--unit", choices=sorted(UNITS), help="the file's length unit (default: guessed from height)")
    parser.add_argument("--floor", type=float, help="height of the floor in m (default: estimated)")


def _load(args) -> Shot:
    try:
        data = args.file.read_bytes()
    except OSError as error:
        raise FileError(f"{args.file} could not be opened: {error.strerror}.") from error
    unit = getattr(args, "unit", None)
    figure = {}
    if hasattr(args, "mass"):
        figure = {"weighing": Weighing(args.mass, BUILDS[args.build]), "g": args.g, "floor_m": args.floor}
    try:
        shot = shot_from_file(data, args.file.stem, args.file.name, scale_to_m=UNITS[unit] if unit else None, **figure)
    except FileError as error:
        raise file_error(error, args.file.name) from error
    return _weighed(shot, args.weighing) if getattr(args, "weighing", None) else shot


def _weighed(shot: Shot, path: Path) -> Shot:
    """The shot with a weighing kept as JSON; joints it names that are not there are told."""
    try:
        plain = json.loads(path.read_text(encoding="utf-8"))
    except OSError as error:
        raise FileError(f"{path} could not be opened: {error.strerror}.") from error
    except ValueError:
        raise FileError(
            f"{path} is not JSON. Take a weighing home from the bench, or see docs/weighing-json.md."
        ) from None
    weighing, lost = fitted(weighing_from_plain(plain), shot.performer.rig)
    if lost:
        print(f"ironarc: not in this rig, so left out: {', '.join(lost)}", file=sys.stderr)
    return shot.with_item(replace(shot.performer, weighing=weighing))


def _status(seen: Seen) -> int:
    return 1 if grade_of(judge(seen.shot, seen.performer, seen.reading)) == CRACKED else 0


def _read(args) -> int:
    seen = see(_load(args))
    shot, performer = seen.shot, seen.performer
    if args.json:
        plain = (
            reading_to_plain_1(shot, seen.reading, performer, truing.settles())
            if args.schema == 1
            else readings_to_plain(shot, {performer.id: seen.reading}, truing.settles())
        )
        json.dump(plain, sys.stdout)
        print()
    else:
        print(summary(shot, seen.reading))
    return _status(seen)


def summary(shot: Shot, reading: Reading) -> str:
    """The reading in lines for a person at a shell."""
    body, performer = reading.body, shot.performer
    unit = next((name for name, scale in UNITS.items() if scale == performer.scale_to_m), f"{performer.scale_to_m} m")
    lines = [
        f"{shot.source}: {shot.frames} frames at {shot.fps:.4g} fps, {shot.frames * shot.frame_time_s:.2f} s",
        f"Figure: {body.anatomy.height_m:.2f} m tall, {body.mass_kg:g} kg, {len(performer.rig)} joints; "
        f"lengths read as {unit}{' (guessed)' if performer.unit_guessed else ''}; floor at {reading.floor_m:.3f} m",
    ]
    if body.anatomy.unexplained:
        lines.append(f"Not understood: {', '.join(body.anatomy.unexplained)}")
    for f in reading.flights:
        error = f" ± {f.implied_g_se:.2f}" if f.hang_frames > 3 else ""
        lines.append(
            f"Flight {f.start}–{f.end}: {f.hang_frames} f · {f.hang_s:.2f} s · rise {f.rise_m * 100:.0f} cm, drop "
            f"{f.drop_m * 100:.0f} cm · gravity {f.implied_g:.2f}{error} m/s² · "
            f"off the arc {f.arc_rms_m * 1000:.1f} mm rms · {abs(f.spin.turns_per_s):.2f} turns/s"
        )
    if not reading.flights:
        lines.append("No flight: something touches the floor throughout.")
    findings = judge(shot, performer, reading)
    for finding in findings:
        lines.append(f"{finding.grade.upper()} frames {finding.start}–{finding.end}: {finding.says}")
    lines.append(f"Grade: {grade_of(findings)}")
    return "\n".join(lines)


def _true(args) -> int:
    if not args.corrections:
        flags = ", ".join(f"--{found.flag}" for found in truing.CORRECTIONS.values())
        raise FileError(f"Say which correction to make: {flags}.")
    seen = see(_load(args))
    for correction in args.corrections:
        # what one changes moves the others' frames at most: each is proposed on what the last one made
        for place in correction.places(seen):
            proposal = correction.propose(seen, place.options)
            seen = see(proposal.edit.apply(seen.shot))
            print(f"{correction.label}, frames {place.start}–{place.end}. {proposal.cost.says}")
    _write(args.output, motion_file(seen.shot))
    print(f"Grade: {grade_of(judge(seen.shot, seen.performer, seen.reading))}. Wrote {args.output}.")
    return _status(seen)


def _convert(args) -> int:
    _write(args.output, motion_file(_load(args)))
    return 0


def _write(path: Path, data: bytes) -> None:
    try:
        path.write_bytes(data)
    except OSError as error:
        raise FileError(f"{path} could not be written: {error.strerror}.") from error


def _serve(args) -> int:
    from ironarc.web.serve import serve

    return serve(args.port)


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
