"""The command line: ironarc read | true | convert | serve | demo.

Exit status: 0 nothing cracked, 1 something cracked, 2 the file can't be read.
"""

import argparse
import json
import sys
from dataclasses import replace
from pathlib import Path

from ironarc.core.errors import FileError, IronArcError
from ironarc.core.findings import CRACKED, find, grade_of
from ironarc.core.reading import Reading
from ironarc.core.reading_json import reading_to_plain_1, readings_to_plain
from ironarc.core.segments import BUILDS
from ironarc.core.settings import GRAVITY_MS2
from ironarc.core.shot import UNITS, Shot, from_bvh, load_bvh_error, read_shot, to_bvh
from ironarc.core.truing import arc
from ironarc.core.weighing import Weighing, fitted, weighing_from_plain

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
    true.add_argument("--arc", action="store_true", required=True, help="true the arc of every flight")
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
        shot = from_bvh(data, args.file.stem, args.file.name, scale_to_m=UNITS[unit] if unit else None, **figure)
    except FileError as error:
        raise FileError(load_bvh_error(error, args.file.name)) from error
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


def _status(reading: Reading) -> int:
    return 1 if grade_of(find(reading)) == CRACKED else 0


def _read(args) -> int:
    shot = _load(args)
    reading = read_shot(shot)
    if args.json:
        plain = (
            reading_to_plain_1(shot, reading, shot.performer)
            if args.schema == 1
            else readings_to_plain(shot, {shot.performer.id: reading})
        )
        json.dump(plain, sys.stdout)
        print()
    else:
        print(summary(shot, reading))
    return _status(reading)


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
    findings = find(reading)
    for finding in findings:
        lines.append(f"{finding.grade.upper()} frames {finding.start}–{finding.end}: {finding.says}")
    lines.append(f"Grade: {grade_of(findings)}")
    return "\n".join(lines)


def _true(args) -> int:
    shot = _load(args)
    body = shot.performer.body()
    for flight in read_shot(shot, body).flights:
        edit, cost = arc.propose(shot, read_shot(shot, body), (flight.start + flight.end) // 2)
        shot = edit.apply(shot)
        print(f"Trued the arc of frames {flight.start}–{flight.end}. {cost.says}")
    _write(args.output, to_bvh(shot))
    reading = read_shot(shot, body)
    print(f"Grade: {grade_of(find(reading))}. Wrote {args.output}.")
    return _status(reading)


def _convert(args) -> int:
    _write(args.output, to_bvh(_load(args)))
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

    names = load(fresh=args.fresh)
    print(f"Demo shots: {', '.join(names) if names else 'already there'}.")
    return 0


if __name__ == "__main__":
    sys.exit(main())
