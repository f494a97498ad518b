"""Markers: files of them, where they sit on a performer, and how far it is from them."""

import csv
import random
import struct
from contextlib import suppress
from dataclasses import replace
from fractions import Fraction

import ezc3d
import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.items import AddItem
from ironarc.core.edits.of_shot import Renumber
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.marked import markers_from_file, places_file, upright
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.formats import MARKER_FORMATS, FileMarkers, Forces, markers_of
from ironarc.core.formats import c3d as c3d_format
from ironarc.core.reading import read_all, see
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.marked import COM, PLUMB, fitted, gaps
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.placement import Placement
from tests.conftest import demo

C3D, CSV = MARKER_FORMATS["c3d"], MARKER_FORMATS["csv"]


def some(rows: int = 40, names=("hips", "left hand", "head"), seconds: float = 1 / 24) -> FileMarkers:
    """Places of nothing in particular, one of them out of sight for a while."""
    places = np.random.default_rng(3).uniform(-2, 2, (rows, len(names), 3))
    places[5:9, 1] = np.nan
    return FileMarkers(tuple(names), places, seconds)


# --- C3D, against an independent library ----------------------------------------------------------------


def test_another_library_reads_what_is_written(tmp_path):
    told, push = some(), np.random.default_rng(1).uniform(0, 900, 40)
    path = tmp_path / "out.c3d"
    path.write_bytes(C3D.write(told, Forces({"push x": push, "push y": push[::-1]})))
    read = ezc3d.c3d(str(path))
    points = read["data"]["points"]
    assert read["parameters"]["POINT"]["LABELS"]["value"] == list(told.names)
    assert read["header"]["points"]["frame_rate"] == pytest.approx(24.0)
    back = np.moveaxis(np.stack([points[0], points[2], -points[1]]), (0, 1, 2), (2, 1, 0)) / 1000
    np.testing.assert_allclose(back, told.places, atol=1e-6)
    np.testing.assert_allclose(read["data"]["analogs"][0, 0], push, rtol=1e-6)
    assert read["parameters"]["ANALOG"]["UNITS"]["value"] == ["N", "N"]


def test_what_another_library_writes_is_read(tmp_path):
    made, told = ezc3d.c3d(), some()
    points = np.ones((4, 3, 40))
    points[:3] = np.moveaxis(told.places, (0, 1, 2), (2, 1, 0))
    made["parameters"]["POINT"]["RATE"]["value"] = [120.0]
    made["parameters"]["POINT"]["LABELS"]["value"] = ["a", "b", ""]
    made["parameters"]["POINT"]["UNITS"]["value"] = ["m"]
    made["parameters"]["ANALOG"]["RATE"]["value"] = [240.0]
    made["parameters"]["ANALOG"]["LABELS"]["value"] = ["Fx"]
    made["data"]["points"] = points
    made["data"]["analogs"] = np.ones((1, 1, 80))
    made.write(str(tmp_path / "in.c3d"))
    read = C3D.parse((tmp_path / "in.c3d").read_bytes())
    assert read.names == ("a", "b", "marker 3")
    assert (read.to_m, read.up, read.seconds) == (1.0, None, pytest.approx(1 / 120))
    np.testing.assert_allclose(read.places, told.places, atol=1e-6)


def test_whole_numbers_and_numbers_the_other_way_round_are_read():
    """The file as older machines wrote it: places in steps of a scale, big ends first."""
    data = bytearray(C3D.write(some(rows=2), Forces()))
    begins = (struct.unpack_from("<H", data, 16)[0] - 1) * 512
    steps = np.arange(24).reshape(2, 3, 4)
    steps[..., 3] = 0
    struct.pack_into("<f", data, 12, 0.5)
    whole = bytes(data[:begins]) + steps.astype("<i2").tobytes() + bytes(512)
    np.testing.assert_allclose(C3D.parse(whole).places, steps[..., :3] * 0.5)
    big = c3d_format._Numbers(c3d_format.MIPS)
    np.testing.assert_array_equal(big.whole(np.array([1, -2], ">i2").tobytes()), [1, -2])
    # 1.0 as the DEC had it: exponent 129 over 128, halves swapped
    np.testing.assert_allclose(c3d_format._Numbers(c3d_format.DEC).real(bytes([0x80, 0x40, 0, 0])), [1.0])


def test_a_damaged_c3d_is_refused_in_words_or_read_and_nothing_else():
    whole = C3D.write(some(), Forces({"push": np.ones(40)}))
    for seed in range(400):
        chance, data = random.Random(seed), bytearray(whole)
        for _ in range(chance.choice([1, 5, 40])):
            data[chance.randrange(2048)] = chance.randrange(256)
        with suppress(FileError):
            read = C3D.parse(bytes(data[: chance.choice([len(data), len(data) // 2, 700])]))
            assert read.places.shape[1:] == (len(read.names), 3)


@pytest.mark.parametrize(
    ("spoil", "words"),
    [
        (lambda d: b"no" + d[2:], "does not begin"),
        (lambda d: d[:515] + bytes([7]) + d[516:], "processor 7"),
        (lambda d: d[:-1024], "frames; "),
        (lambda d: d[:2] + b"\x00\x00" + d[4:], "0 markers"),
        (lambda d: d[:300], "does not begin"),
    ],
)  # fmt: skip
def test_what_is_wrong_with_a_c3d_is_said(spoil, words):
    with pytest.raises(FileError, match=words):
        C3D.parse(spoil(C3D.write(some(), Forces())))


# --- places as CSV --------------------------------------------------------------------------------------


def test_places_go_through_csv():
    told = some()
    text = CSV.write(told, Forces({"push y": np.arange(40.0)}))
    assert text.decode().splitlines()[0].startswith("frame,seconds,hips x,hips y,hips z,left hand x")
    read = CSV.parse(text)
    assert (read.names, read.seconds) == (told.names, pytest.approx(1 / 24, abs=1e-6))
    np.testing.assert_allclose(read.places, told.places, atol=1e-5)
    assert markers_of("take.csv", text) is CSV
    assert markers_of("take.csv", b"joint,parent,x,y,z,channels\n") is None
    assert markers_of("take.bvh", text) is None


@pytest.mark.parametrize(
    ("text", "words"),
    [
        ("frame,seconds\n", "Line 1: its first row"),
        ("frame,seconds,a x,a y,b z\n1,0,0,0,0\n", "Line 1: its first row"),
        ("frame,seconds,a x,a y,a z\n1,0,0,0,0\n2,0.1,0,zero,0\n", "Line 3: a value is 'zero'"),
        ("frame,seconds,a x,a y,a z\n1,0,0,0,0\n2,0.1,0,0\n", "Line 3: a frame has 5 cells; 4"),
        ("frame,seconds,a x,a y,a z\n1,0,0,0,0\n", "1 frames"),
        ("frame,seconds,a x,a y,a z\n1,0,0,0,0\n2,1,0,0,0\n3,1.2,0,0,0\n", "even pace"),
        ("frame,seconds,a x,a y,a z\n1,0,,,\n2,1,,,\n", "none of its markers"),
        ("frame,seconds,a x,a y,a z\n1,0,1e9,0,0\n2,1,0,0,0\n", "Line 2: a value is beyond"),
    ],
)  # fmt: skip
def test_what_is_wrong_with_places_is_said_with_the_line(text, words):
    with pytest.raises(FileError, match=words):
        CSV.parse(text.encode())


# --- on a performer -------------------------------------------------------------------------------------


def dotted(shot, placement=None, noise_m=0.0) -> MarkerSet:
    """A capture of a shot's performer: two markers near each joint, seen from somewhere else."""
    poses, chance = shot.poses("", shot.frame_numbers()), np.random.default_rng(0)
    joints = np.repeat(np.arange(len(poses.rig)), 2)
    at = chance.normal(0, 0.06, (len(joints), 3))
    world = poses.position[:, joints] + rotation.rotate(poses.rotation[:, joints], at)
    own = (placement or Placement()).to_own(world) + chance.normal(0, noise_m, world.shape)
    called = tuple(f"M{i}" for i in range(len(joints)))
    return MarkerSet("markers1", "dots", called, own.reshape(len(own), -1), float(shot.first_frame), shot.frame_time_s)


@pytest.mark.parametrize("name", ["Gap hop", "Net-perch", "Mail-sack throw"])
def test_markers_find_where_they_sit_on_a_body_from_its_motion_alone(name):
    shot, away = demo(name), Placement((1.2, 0.0, -0.7), 2.1)
    poses = shot.poses("", shot.frame_numbers())
    found = fitted(dotted(shot, away, noise_m=0.001), "performer1", poses)
    np.testing.assert_allclose(found.placement.offset_m, away.offset_m, atol=0.01)
    assert found.placement.turn_rad == pytest.approx(away.turn_rad, abs=0.01)
    assert len(found.worn) == len(found.names)
    # what is left is the noise: √3 mm
    assert np.sqrt(np.nanmean(gaps(found, poses) ** 2)) == pytest.approx(0.00173, abs=0.0004)


def test_how_far_a_performer_departs_is_told_on_the_frames_it_does():
    shot = demo("Gap hop")
    poses = shot.poses("", shot.frame_numbers())
    found = fitted(dotted(shot), "performer1", poses)
    off = found.places.reshape(len(found.places), -1, 3).copy()
    off[30:40, 7, 1] += 0.08
    told = gaps(replace(found, places=off.reshape(len(off), -1)), poses)
    # to what a fit of 44 markers over 60 of its frames leaves
    np.testing.assert_allclose(told[30:40, 7], 0.08, atol=2e-4)
    assert np.nanmax(np.delete(told, 7, axis=1)) < 2e-4
    assert np.nanmax(np.delete(told[:, 7], np.s_[30:40])) < 2e-4


def test_markers_between_frames_lie_between_rows_and_end_with_them():
    places = np.array([[0.0, 0, 0], [1.0, 0, 0], [np.nan] * 3, [3.0, 0, 0]])
    markers = MarkerSet("markers1", "m", ("a",), places, first=10.0, row_s=1 / 48)
    # two rows a frame: rows 0 and 2, of which the second is out of sight
    x = markers.at(np.array([9, 10, 11, 12]), 1 / 24)[:, 0, 0]
    np.testing.assert_array_equal(x, [np.nan, 0.0, np.nan, np.nan])
    np.testing.assert_allclose(markers.at(np.array([10, 11]), 1 / 96)[:, 0, 0], [0.0, 0.5])
    np.testing.assert_allclose(markers.at(np.array([13]), 1 / 48)[:, 0, 0], [3.0])


def test_with_no_frame_in_common_they_sit_on_nothing_and_lining_up_says_so():
    shot = demo("Gap hop")
    late = replace(dotted(shot), first=5000.0)
    assert fitted(late, "performer1", shot.poses("", shot.frame_numbers())).worn == ()
    with pytest.raises(EditError, match="No marker of dots keeps to a joint"):
        COMMANDS["line_up_markers"](see(AddItem(late).apply(shot)), "markers1")


# --- in a shot ------------------------------------------------------------------------------------------


@pytest.mark.parametrize("ending", ["c3d", "csv"])
def test_a_shot_s_places_come_in_beside_it_exactly(ending):
    shot = demo("Gap hop")
    readings = read_all(shot)
    data = places_file(shot, readings, ending)
    found, says = markers_from_file(data, "hop", MARKER_FORMATS[ending], shot, shot.performer)
    reading = readings["performer1"]
    assert says == ()
    assert {w.marker: w.joint for w in found.worn} == {name: name for name in reading.poses.rig.names}
    assert np.nanmax(gaps(found, reading.poses)) < 2e-5
    at = found.at(shot.frame_numbers(), shot.frame_time_s)
    np.testing.assert_allclose(at[:, found.names.index(COM)], reading.com, atol=2e-5)
    np.testing.assert_allclose(at[:, found.names.index(PLUMB), 1], reading.floor_m, atol=2e-5)


def test_pushes_leave_in_newtons_and_those_of_two_by_their_names():
    shot = demo("Gap hop")
    shot = COMMANDS["duplicate_item"](see(shot), "performer1").apply(shot)
    readings = read_all(shot)
    head, *rows = csv.reader(places_file(shot, readings, "csv").decode().splitlines())
    names = [p.name for p in shot.performers]
    assert {f"{names[0]}: push y newtons", f"{names[1]}: push y newtons", f"{names[1]}: {COM} x"} <= set(head)
    cells = [row[head.index(f"{names[0]}: push y newtons")] for row in rows]
    reading = readings["performer1"]
    told = reading.ask(read_forces).told
    assert [cell != "" for cell in cells] == told.tolist()
    column = np.array([float(cell or 0) for cell in cells])
    wanted = reading.ask(read_forces).grf[:, 1] * reading.mass_kg * 9.81
    np.testing.assert_allclose(column[told], wanted[told], atol=0.06)
    assert column.max() > 500


def test_what_stands_still_pushes_with_what_it_weighs_where_it_stands():
    """On the moon too: the body's mass by its gravity, and not the earth's."""
    hop = demo("Gap hop")
    stands = stock_performer("bram", "standing", hop)
    still = replace(hop, performers=(replace(stands, id="performer1", clip=(1, 72)),), g=1.62)
    head, *rows = csv.reader(places_file(still, read_all(still), "csv").decode().splitlines())
    mass = still.performer.body().mass_kg
    assert float(rows[len(rows) // 2][head.index("push y newtons")]) == pytest.approx(mass * 1.62, rel=0.01)


def test_which_way_is_up_and_the_unit_are_guessed_from_the_floor_and_the_height():
    shot = demo("Gap hop")
    poses = shot.poses("", shot.frame_numbers())
    x, y, z = np.moveaxis(poses.position, 2, 0)
    told = FileMarkers(tuple(poses.rig.names), np.stack([x, -z, y], axis=2) * 1000, 1 / 24, to_m=None, up=None)
    places, says = upright(told)
    np.testing.assert_allclose(places, poses.position, atol=1e-9)
    assert says[0] == "The file does not say which way is up; Z was assumed."
    assert says[1] == "The file does not say its unit; millimetres were assumed."
    assert "Y was assumed" in upright(replace(told, places=poses.position))[1][0]


def test_commands_place_markers_and_put_them_on_anew():
    shot, away = demo("Gap hop"), Placement((1.2, 0.0, -0.7), 2.1)
    shot = AddItem(dotted(shot, away)).apply(shot)
    lined = COMMANDS["line_up_markers"](see(shot), "markers1").apply(shot)
    markers = lined.item("markers1")
    assert markers.performer == "performer1"
    assert markers.placement.turn_rad == pytest.approx(2.1, abs=0.01)
    moved = COMMANDS["place_markers"](see(lined), "markers1", x_m=5.0, first=3).apply(lined).item("markers1")
    assert (moved.placement.offset_m[0], moved.first) == (5.0, 3.0)
    assert moved.placement.offset_m[2] == markers.placement.offset_m[2]
    with pytest.raises(EditError, match="Bram Okoro holds no markers"):
        COMMANDS["place_markers"](see(lined), "performer1", x_m=1.0)
    with pytest.raises(EditError, match="scale must be more than 0"):
        COMMANDS["place_markers"](see(lined), "markers1", scale=0.0)


def test_markers_keep_to_the_motion_when_frames_are_numbered_or_paced_anew():
    shot = demo("Gap hop")
    shot = AddItem(fitted(dotted(shot), "performer1", shot.poses("", shot.frame_numbers()))).apply(shot)
    for there in (Renumber(101).apply(shot), at_rate(shot, Fraction(48), KEEP_SECONDS)):
        markers = there.item("markers1")
        # between the old frames rows are straight and the motion is curved
        assert np.nanmax(gaps(markers, there.poses("", there.frame_numbers()))[::2]) < 0.02
    assert Renumber(101).apply(shot).item("markers1").first == 101.0


@pytest.mark.parametrize(
    ("names", "places", "words"),
    [
        (("a", "a"), np.zeros((2, 6)), "a name of its own"),
        ((), np.zeros((2, 0)), "1 to 300"),
        (("a",), np.zeros((0, 3)), "too long: 0 frames"),
    ],
)
def test_what_no_markers_can_be_is_refused(names, places, words):
    with pytest.raises(EditError, match=words):
        MarkerSet("markers1", "m", names, places, 1.0, 0.04).checked()
