"""The command line, as a shell uses it."""

import csv
import io
import json
import re
import subprocess
import sys
from contextlib import redirect_stderr, redirect_stdout
from dataclasses import dataclass
from pathlib import Path

import numpy as np
import pytest

import ironarc
from ironarc.cli import main
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.marked import upright
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.weighing import Weighing, weighing_to_plain
from ironarc.core.formats import FORMATS, MARKER_FORMATS, bvh
from ironarc.core.reading import see
from ironarc.core.reading.marked import COM
from tests.conftest import demo
from tests.core.test_unsaid import sized, written, z_up
from tests.figures import SMALL_BVH, bake_shot, changed_poses, dense_shot, pages_of_pdf, picked_poses

DOCS = Path(ironarc.__file__).parents[2] / "docs"


@pytest.fixture(scope="module")
def files(tmp_path_factory):
    folder = tmp_path_factory.mktemp("files")
    for word in ("Gap hop", "Gangway slip"):
        (folder / f"{word.split()[0].lower()}.bvh").write_bytes(motion_file(demo(word)))
    (folder / "bad.bvh").write_text(SMALL_BVH.replace("Frames: 3", "Frames: 5"))
    return folder


@dataclass(frozen=True)
class Done:
    """What a command printed, and how it ended."""

    returncode: int
    stdout: str
    stderr: str


def run(*args) -> Done:
    """A command in this process, which starting one for each would take most of the time of these tests."""
    with redirect_stdout(io.StringIO()) as out, redirect_stderr(io.StringIO()) as err:
        try:
            code = main([str(arg) for arg in args])
        except SystemExit as ended:  # as argparse ends what it can't read
            code = ended.code
    return Done(code, out.getvalue(), err.getvalue())


def shell(*args) -> subprocess.CompletedProcess:
    """A command in a process of its own, as a shell runs it."""
    return subprocess.run([sys.executable, "-m", "ironarc.cli", *map(str, args)], capture_output=True, text=True)


def test_a_shell_gets_output_messages_and_status(files):
    cracked, refused, wrong = shell("read", files / "gap.bvh"), shell("read", files / "bad.bvh"), shell("dance")
    assert (cracked.returncode, cracked.stdout) == (1, run("read", files / "gap.bvh").stdout)
    assert cracked.stderr == ""
    assert (refused.returncode, refused.stdout, refused.stderr) == (2, "", run("read", files / "bad.bvh").stderr)
    assert wrong.returncode == 2
    assert "Traceback" not in refused.stderr + wrong.stderr


def test_read_prints_a_summary_and_its_status_is_the_grade(files):
    cracked, sound = run("read", files / "gap.bvh"), run("read", files / "gangway.bvh")
    assert cracked.returncode == 1
    assert "It plays at 75 % of true speed." in cracked.stdout
    assert "Grade: cracked" in cracked.stdout
    assert sound.returncode == 0
    assert "Grade: sound" in sound.stdout


@pytest.mark.parametrize(
    "args", [("read", "bad.bvh"), ("read", "missing.bvh"), ("true", "bad.bvh", "-o", "x.bvh", "--fix", "arc")]
)
def test_what_can_not_be_read_is_one_line_and_status_2(files, args):
    done = run(*(files / a if a.endswith(".bvh") else a for a in args))
    assert done.returncode == 2
    assert done.stderr.count("\n") == 1
    assert "Frames: says 5, and 3 frames" in done.stderr or "No such file" in done.stderr


ONE = [
    "unit", "figure", "com_m", "com_velocity_ms", "angular_momentum_kgm2s", "contacts", "flights", "findings", "grade",
]  # fmt: skip


def test_schema_3_has_what_the_docs_list(files):
    out = json.loads(run("read", "--json", files / "gap.bvh").stdout)
    assert (out["schema"], out["floor_slope"]) == (3, [0.0, 0.0])
    (one,) = out["performers"]
    for name, shape in (
        ("grf_bw", (72, 3)), ("cop_m", (72, 3)), ("phantom_bw", (72, 3)), ("com_acceleration_ms2", (72, 3)),
        ("support_margin_m", (72,)), ("xcom_margin_m", (72,)),
    ):  # fmt: skip
        assert np.shape(one[name]) == shape, name
    in_air = slice(29, 45)
    assert set(one["support_margin_m"][in_air]) == {None}
    np.testing.assert_allclose(one["grf_bw"][in_air], 0.0, atol=1e-9)
    assert [p["at"] for p in one["pushes"]] == ["take-off", "landing"]
    assert {"by_hand", "grips"} < set(one["contacts"][0])
    assert {"part", "cause"} < set(one["findings"][0])
    documented = (DOCS / "reading-json.md").read_text()
    names = [*out, *one, *(key for rows in ("contacts", "flights", "pushes", "findings") for key in one[rows][0])]
    assert [name for name in names if not re.search(rf"`{name}(\[\])?`", documented)] == []


def test_the_older_schemas_are_as_they_were(files):
    out = json.loads(run("read", "--json", "--schema", "2", files / "gap.bvh").stdout)
    assert list(out) == [
        "schema", "file", "fps", "first_frame", "frames", "floor_m", "g", "props", "performers", "grade",
    ]  # fmt: skip
    (out,) = out["performers"]
    assert list(out) == ["id", "name", "plays", "placement", *ONE[:2], "loads", *ONE[2:]]
    first = json.loads(run("read", "--json", "--schema", "1", files / "gap.bvh").stdout)
    assert list(first) == ["schema", "file", "fps", "first_frame", "frames", "floor_m", "g", *ONE]
    assert first["com_m"] == out["com_m"]
    assert [list(e["contacts"][0]) for e in (first, out)] == [
        ["joint", "point", "start", "end"], ["joint", "point", "surface", "start", "end"],
    ]  # fmt: skip
    assert list(out["figure"]) == ["height_m", "mass_kg", "joints", "unexplained", "segments"]
    assert list(out["figure"]["segments"][0]) == [
        "joint", "segment", "mass_kg", "source", "locked", "confidence", "com_m", "inertia_kgm2",
    ]  # fmt: skip
    assert list(first["figure"]["segments"][0]) == ["joint", "segment", "mass_kg", "com_m", "inertia_kgm2"]
    assert list(out["flights"][0]) == [
        "start", "end", "hang_frames", "hang_s", "rise_m", "drop_m", "take_off_ms", "implied_g", "implied_g_se",
        "arc_rms_m", "arc_max_m", "speed_factor", "spin", "steps",
    ]  # fmt: skip
    finding = ["kind", "grade", "start", "end", "value", "unit", "limit", "says", "true_with"]
    assert list(first["findings"][0]) == finding
    assert list(out["findings"][0]) == [*finding, "id", "performer", "own", "left"]
    assert {f["kind"]: f["true_with"] for f in first["findings"]}["hang"] == "true_arc"
    assert "steps" not in first["flights"][0]
    assert np.shape(out["com_m"]) == np.shape(out["angular_momentum_kgm2s"]) == (72, 3)
    assert out["unit"] == {"scale_to_m": 0.01, "guessed": True}
    assert sum(s["mass_kg"] for s in out["figure"]["segments"]) == pytest.approx(75.0)


def test_many_files_and_folders_are_a_table_that_goes_on_past_a_bad_one(files):
    done = run("read", files)
    assert done.returncode == 2
    rows = done.stdout.splitlines()
    assert [row.split("  ")[0].rsplit("/", 1)[1] for row in rows] == ["gangway.bvh", "gap.bvh"]
    assert "sound" in rows[0]
    assert "2 cracked" in rows[1]
    assert done.stderr.count("\n") == 1
    assert "bad.bvh" in done.stderr
    lines = run("read", "--json", files / "gap.bvh", files / "gangway.bvh").stdout.splitlines()
    assert [json.loads(line)["file"] for line in lines] == ["gap.bvh", "gangway.bvh"]


def test_an_empty_folder_is_said(tmp_path):
    done = run("read", tmp_path)
    assert (done.returncode, "no .bvh or .csv or .glb or .gltf or .usda or .usdc file" in done.stderr) == (2, True)


def test_csv_is_one_row_a_frame_with_units(files):
    done = run("read", "--csv", files / "gap.bvh")
    rows = list(csv.DictReader(done.stdout.splitlines()))
    assert len(rows) == 72
    assert rows[0]["frame"] == "1"
    assert float(rows[36]["center of gravity y (m)"]) == pytest.approx(1.38, abs=0.05)
    assert (rows[36]["in the air"], rows[36]["standing margin (cm)"]) == ("1", "")
    assert float(rows[60]["ground reaction force y (body weights)"]) == pytest.approx(1.1, abs=0.3)
    assert run("read", "--csv", files / "gap.bvh", files / "gangway.bvh").returncode == 2


def test_what_is_left_beside_a_file_counts_in_no_grade(files, tmp_path):
    (tmp_path / "gap.bvh").write_bytes((files / "gap.bvh").read_bytes())
    kinds = ("hang", "arc", "phantom")
    left = [{"kind": kind, "start": 27, "end": 45, "reason": "She floats."} for kind in kinds]
    (tmp_path / "gap.judging.json").write_text(json.dumps({"judging": 1, "left": left}))
    done = run("read", tmp_path / "gap.bvh")
    assert (done.returncode, "left as it is (She floats.)" in done.stdout) == (0, True)
    other = tmp_path / "strict.json"
    other.write_text(json.dumps({"judging": 1, "limits": {"kink": [0.01, 0.02]}}))
    assert "Grade: cracked" in run("read", tmp_path / "gap.bvh", "--judging", other).stdout
    other.write_text('{"judging": 7}')
    refused = run("read", tmp_path / "gap.bvh", "--judging", other)
    assert (refused.returncode, "strict.json" in refused.stderr) == (2, True)


def test_options_set_what_they_say(files):
    args = ("--mass", 124, "--build", "f", "--g", 1.62, "--unit", "in", "--floor", 0.5, "--json")
    out = json.loads(run("read", files / "gap.bvh", *args).stdout)
    assert (out["g"], out["floor_m"]) == (1.62, 0.5)
    (out,) = out["performers"]
    assert out["figure"]["mass_kg"] == 124
    assert out["unit"] == {"scale_to_m": 0.0254, "guessed": False}
    assert run("read", files / "gap.bvh", "--mass", "-3").returncode == 2


def test_a_weighing_is_used_and_what_does_not_fit_is_told(files, tmp_path):
    heavy = Weighing(110.0).holding("L_hand", 3.0).holding("Rudder", 2.0)
    path = tmp_path / "heavy.json"
    path.write_text(json.dumps(weighing_to_plain(heavy)))
    done = run("read", "--json", files / "gap.bvh", "--weighing", path)
    assert "not in this rig, so left out: Rudder" in done.stderr
    figure = json.loads(done.stdout)["performers"][0]["figure"]
    assert figure["mass_kg"] == 110.0
    hand = next(s for s in figure["segments"] if s["joint"] == "LeftHand")
    assert (hand["mass_kg"], hand["locked"], hand["source"]) == (pytest.approx(3.0), True, "typed")
    path.write_text("{}")
    refused = run("read", files / "gap.bvh", "--weighing", path)
    assert refused.returncode == 2
    assert 'must be an object with "weighing": 1' in refused.stderr


def test_true_writes_a_file_that_reads_better(files, tmp_path):
    done = run("true", files / "gap.bvh", "-o", tmp_path / "out.bvh", "--fix", "footing,arc:height")
    assert done.returncode == 0
    assert "the rise goes from 31 to 51 cm" in done.stdout
    assert re.search(r"hang +30–45 +4\d % \(cracked\) +gone", done.stdout)
    out = json.loads(run("read", "--json", tmp_path / "out.bvh").stdout)
    assert out["performers"][0]["flights"][0]["arc_max_m"] < 1e-3
    # nothing is left to put right, so there is no table
    again = run("true", tmp_path / "out.bvh", "-o", tmp_path / "same.bvh", "--fix", "footing,arc:height")
    assert "finding  frames" not in again.stdout
    assert "Findings: 0 before, 0 after. Grade: sound." in again.stdout


def test_true_fixes_all_within_a_span_and_tells_it_as_json(files, tmp_path):
    out = tmp_path / "out.bvh"
    done = run("true", files / "gap.bvh", "-o", out, "--fix", "all", "--json")
    assert done.returncode == 0
    told = json.loads(done.stdout)
    assert (told["grade"], told["after"]) == ("sound", [])
    assert told["steps"][0]["name"] == "true_arc"
    beside = json.loads(run("true", files / "gap.bvh", "-o", out, "--fix", "all", "--json", "--span", "1-9").stdout)
    assert beside["steps"] == []
    assert len(beside["after"]) == len(told["before"])
    assert run("true", files / "gap.bvh", "-o", out, "--fix", "arc", "--span", "9-1").returncode == 2
    refused = run("true", files / "gap.bvh", "-o", out, "--fix", "arc:sideways")
    assert refused.returncode == 2
    assert "can't be made the way 'sideways'; ways here: time, height, edges, held, between" in refused.stderr


def test_convert_writes_another_format_unit_axis_and_rate(files, tmp_path):
    out = tmp_path / "out.csv"
    assert run("convert", files / "gap.bvh", out, "--to-unit", "m", "--to-up", "z", "--to-rate", "48").returncode == 0
    first, *rows = out.read_text().splitlines()
    assert first == "joint,parent,x,y,z,channels"
    seconds = [row.split(",")[1] for row in rows if row[:2] in ("1,", "2,")]
    assert float(seconds[1]) - float(seconds[0]) == pytest.approx(1 / 48, rel=1e-4)
    refused = run("convert", files / "gap.bvh", out, "--to-rate", "fast")
    assert refused.returncode == 2
    assert "A frame rate is a number" in refused.stderr


@pytest.mark.parametrize(("ending", "more"), [("c3d", ()), ("csv", ("--places",))])
def test_convert_writes_places_and_pushes(files, tmp_path, ending, more):
    out = tmp_path / f"out.{ending}"
    assert run("convert", files / "gap.bvh", out, *more).returncode == 0
    marked = MARKER_FORMATS[ending].parse(out.read_bytes())
    places, _ = upright(marked)
    read = see(shot_from_file((files / "gap.bvh").read_bytes(), "gap.bvh")).reading
    assert places[:, marked.names.index(COM)] == pytest.approx(read.com, abs=1e-4)
    turned = run("convert", files / "gap.bvh", out, *more, "--to-up", "z")
    assert (turned.returncode, "y up" in turned.stderr) == (2, True)


def test_convert_says_what_places_can_be_written_as(files, tmp_path):
    refused = run("convert", files / "gap.bvh", tmp_path / "out.glb", "--places")
    assert (refused.returncode, "Places are written as .c3d or .csv" in refused.stderr) == (2, True)


def test_convert_gives_every_value_back(files, tmp_path):
    assert run("convert", files / "gap.bvh", tmp_path / "out.bvh").returncode == 0
    before, after = (bvh.parse(p.read_bytes()) for p in (files / "gap.bvh", tmp_path / "out.bvh"))
    assert after.rig == before.rig
    for key, column in before.columns.items():
        np.testing.assert_allclose(after.columns[key].values, column.values, atol=1e-6)


def test_a_format_that_is_not_known_is_refused_and_nothing_is_written(files, tmp_path):
    for command in (("convert", files / "gap.bvh", tmp_path / "out.tsv"),
                    ("true", files / "gap.bvh", "-o", tmp_path / "out.tsv", "--fix", "arc")):  # fmt: skip
        done = run(*command)
        assert done.returncode == 2
        known = ".bvh, .csv, .glb, .gltf, .usda, .usdc"
        assert f"out.tsv has no ending of a motion that can be read and written here: {known}." in done.stderr
    (tmp_path / "in.tsv").write_text("1 2 3")
    assert "in.tsv has no ending of a motion" in run("read", tmp_path / "in.tsv").stderr
    assert [path.name for path in tmp_path.iterdir()] == ["in.tsv"]


@pytest.mark.parametrize(
    "option",
    [("--mass", "0"), ("--mass", "²"), ("--g", "1e-300"), ("--g", "nan"), ("--floor", "inf"), ("--span", "²-9")],
)
def test_numbers_that_can_not_be_are_refused_at_once(files, tmp_path, option):
    command = ("true", files / "gap.bvh", "-o", tmp_path / "o.bvh", "--fix", "arc")
    done = run(*command, *option)
    assert (done.returncode, option[0] in done.stderr) == (2, True)


@pytest.mark.parametrize(
    "broken",
    [
        '{"judging": 1, "limits": {"kink": [1, Infinity]}}', '{"judging": 1, "left": [3]}', "[" * 100_000,
        '{"judging": 1, "left": [{"kind": "arc", "start": 1e400, "end": 2, "reason": ""}]}',
        '{"judging": 1, "left": [{"kind": "arc", "start": "²", "end": 2, "reason": ""}]}',
    ],
)  # fmt: skip
def test_a_judging_file_that_is_broken_anywhere_is_said(files, tmp_path, broken):
    (tmp_path / "j.json").write_text(broken)
    done = run("read", files / "gap.bvh", "--judging", tmp_path / "j.json")
    assert (done.returncode, "j.json" in done.stderr) == (2, True)


def test_an_output_that_can_not_be_written_is_said(files):
    done = run("convert", files / "gap.bvh", "/nowhere/out.bvh")
    assert done.returncode == 2
    assert "could not be written" in done.stderr


def test_what_was_assumed_is_said_with_the_option_that_changes_it(tmp_path):
    small = tmp_path / "small.bvh"
    stands = dense_shot(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 30)), demo("Gap hop"))
    small.write_bytes(written(sized(FORMATS["bvh"].parse(motion_file(stands)), 1.0 / 1.81)))
    said = run("read", small).stdout
    assert re.search(r"Assumed: Lengths are in \w+: it stands \d\.\d\d m tall\. That is not sure\. Else: ", said)
    assert "--unit, --up, --rest or --rate" in said
    assert "2.5" in run("read", small, "--unit", "in").stdout
    turned = tmp_path / "turned.bvh"
    turned.write_bytes(written(z_up(FORMATS["bvh"].parse(motion_file(demo("Gap hop"))))))
    assert "Z is up in the file" in run("read", turned).stdout
    assert "Y is up, as the file has it" in run("read", turned, "--up", "y").stdout
    assert "48" in run("read", turned, "--rate", "48").stdout
    assert run("read", turned, "--up", "x").returncode == 2


def test_both_floors_are_told_and_what_is_trued_meets_the_floor_it_was_read_with(tmp_path):
    up = np.outer(np.where(np.arange(120) < 62, 0.0, 0.24), [0.0, 1.0, 0.0])
    poses = changed_poses(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 120)), shift=up)
    two, out = tmp_path / "two.bvh", tmp_path / "out.bvh"
    two.write_bytes(motion_file(dense_shot(poses, demo("Gap hop"))))
    said = run("read", two).stdout
    assert "Nearly as many frames rest at 0.24" in said
    told = run("true", two, "-o", out, "--fix", "footing", "--floor", "0.24").stdout
    floor = re.search(r"Read it with --floor ([\d.]+)", told)
    again = run("read", out, *(("--floor", floor[1]) if floor else ())).stdout
    assert "floor at 0.240 m" in again if floor else "floor at 0.24" in again


# --- sheets ----------------------------------------------------------------------------------------------


def test_sheets_of_a_folder_are_one_pdf_and_a_bad_file_stops_nothing(files, tmp_path):
    out = tmp_path / "sheets.pdf"
    done = run("sheet", files, "-o", out, "--paper", "letter")
    assert (done.returncode, "2 pages" in done.stdout, "bad.bvh" in done.stderr) == (2, True, True)
    assert pages_of_pdf(out.read_bytes()) == [(792.0, 612.0)] * 3
    assert run("sheet", files / "gangway.bvh", "-o", out).returncode == 0
    assert run("sheet", files / "gap.bvh", "-o", out).returncode == 1


def test_sheets_that_can_not_be_written_are_said(files, tmp_path):
    nothing = run("sheet", files / "bad.bvh", "-o", tmp_path / "x.pdf")
    assert (nothing.returncode, "nothing to put on a sheet" in nothing.stderr) == (2, True)
    nowhere = run("sheet", files / "gangway.bvh", "-o", tmp_path / "no" / "x.pdf")
    assert (nowhere.returncode, "could not be written" in nowhere.stderr) == (2, True)
