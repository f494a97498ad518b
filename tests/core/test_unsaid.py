"""What a file of motion does not say: units, up, rest poses and rates, told by what it shows."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.exchange.bring_in import shot_from_file, shot_of
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.exchange.turned_up import turned_up
from ironarc.core.exchange.unsaid import RATE, REST, UNIT, UP, understood
from ironarc.core.formats import FORMATS, FileMotion
from ironarc.core.reading import read_shot
from tests.conftest import demo
from tests.figures import bake_shot, dense_shot, picked_poses

HOP = FORMATS["bvh"].parse(motion_file(demo("Gap hop")))
FALL = FORMATS["bvh"].parse(motion_file(demo("Gangway slip")))
TURN = FORMATS["bvh"].parse(motion_file(demo("Deck somersault")))
SHOTS = {"hop": HOP, "slip": FALL, "somersault": TURN}


def sized(motion: FileMotion, by: float) -> FileMotion:
    """The same with every length times a number."""
    rig = motion.rig
    joints = tuple(replace(j, offset=tuple(by * v for v in j.offset)) for j in rig.joints)
    ends = tuple(replace(e, offset=tuple(by * v for v in e.offset)) for e in rig.ends)
    columns = {
        key: Dense(c.first, c.values * by) if key[1].startswith("t") else c for key, c in motion.columns.items()
    }  # fmt: skip
    return replace(motion, rig=type(rig)(joints, ends), columns=columns)


def z_up(motion: FileMotion) -> FileMotion:
    """The same in a file whose Z is up, rest pose and all: three times turned over is turned back."""
    return turned_up(turned_up(turned_up(motion)))


def z_up_by_its_root(motion: FileMotion) -> FileMotion:
    """The same with its rest pose along Y and its root turned so that it stands along Z."""
    root = motion.rig.joints[0]
    angles = np.column_stack([motion.columns[root.name, c].values for c in root.rotation_channels])
    back = rotation.multiply(rotation.about_axis("X", np.array(np.pi / 2)), rotation.from_euler(root.order, angles))
    made = rotation.each_after_the_other(rotation.to_euler(root.order, back))
    columns = dict(motion.columns)
    columns |= {(root.name, c): Dense(1, made[:, i].copy()) for i, c in enumerate(root.rotation_channels)}
    x, y, z = (motion.columns[root.name, c].values for c in ("tx", "ty", "tz"))
    columns |= {(root.name, "tx"): Dense(1, x), (root.name, "ty"): Dense(1, -z), (root.name, "tz"): Dense(1, y)}
    return replace(motion, columns=columns)


def written(motion) -> bytes:
    """A motion as a file."""
    values = np.column_stack([
        np.degrees(motion.columns[j.name, c].values) if c.startswith("r") else motion.columns[j.name, c].values
        for j in motion.rig.joints for c in j.channels
    ])  # fmt: skip
    return FORMATS["bvh"].write(motion.rig, values, motion.frame_time_s)


def choice(motion: FileMotion, what: str, answers=None):
    return next((c for c in understood(motion, answers).choices if c.what == what), None)


@pytest.mark.parametrize("make", [z_up, z_up_by_its_root])
@pytest.mark.parametrize("name", SHOTS)
def test_a_motion_with_z_up_is_turned_and_moves_as_it_did(name, make):
    told = understood(make(SHOTS[name]))
    up = next(c for c in told.choices if c.what == UP)
    assert up.options[0].value == "z"
    assert up.sure
    now, was = read_shot(shot_of(told, "x", floor_m=0.0)), read_shot(shot_of(understood(SHOTS[name]), "x", floor_m=0.0))
    np.testing.assert_allclose(now.com, was.com, atol=1e-6)
    assert [(f.start, f.end) for f in now.flights] == [(f.start, f.end) for f in was.flights]


@pytest.mark.parametrize("name", SHOTS)
def test_a_motion_with_y_up_is_left_and_nobody_is_asked(name):
    assert choice(SHOTS[name], UP) is None
    assert choice(SHOTS[name], REST) is None
    assert choice(SHOTS[name], RATE) is None
    assert choice(SHOTS[name], UNIT).sure


def test_z_is_up_where_a_person_says_so():
    told = understood(HOP, {"up": "z"})
    assert told.choices[1].options[0].value == "z"
    assert told.motion.rig.joints[0].offset != HOP.rig.joints[0].offset or told.motion.columns is not HOP.columns


UNITS_OF = {
    "an adult in cm": (1.0, "cm"), "an adult in m": (0.01, "m"), "an adult in inches": (1 / 2.54, "in"),
    "a figure of 3 m in m": (0.0175, "m"), "a figure of 1 m in m": (0.0055, "m"), "a giant of 5.3 m in m": (0.029, "m"),
}  # fmt: skip


@pytest.mark.parametrize("who", UNITS_OF)
def test_the_unit_is_told_by_height_and_by_how_it_falls(who):
    by, unit = UNITS_OF[who]
    # a larger body takes its time: the same jump by a giant is slower by the root of its size
    slower = np.sqrt(by * {"cm": 1.0, "m": 100.0, "in": 2.54}[unit])
    told = choice(replace(sized(TURN, by), frame_time_s=TURN.frame_time_s * slower), UNIT)
    assert told.options[0].value == unit
    assert told.sure


def test_a_child_that_may_be_a_giant_is_asked_about_and_one_that_falls_is_not():
    stands = dense_shot(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 30)), demo("Gap hop"))
    still = sized(FORMATS["bvh"].parse(motion_file(stands)), 1.0 / 1.81)
    told = choice(still, UNIT)
    assert {o.value for o in told.options[:2]} == {"cm", "in"}
    assert not told.sure
    assert [round(o.height_m, 1) for o in told.options[:2]] in ([1.0, 2.5], [2.5, 1.0])
    falls = replace(sized(FALL, 1.0 / 1.66), frame_time_s=FALL.frame_time_s / np.sqrt(1.66))
    assert choice(falls, UNIT).sure
    assert choice(falls, UNIT).options[0].value == "cm"
    given = understood(still, {"unit": "in"})
    assert given.scale_to_m == 0.0254
    assert given.choices[0].sure


def test_a_rest_pose_in_front_is_left_out_and_what_begins_at_rest_is_not():
    columns = {
        key: Dense(1, np.concatenate([[0.0 if key[1].startswith("r") else c.values[0]], c.values]))
        for key, c in HOP.columns.items()
    }
    posed = replace(HOP, columns=columns, frames=HOP.frames + 1)
    told = understood(posed)
    assert told.first == 2
    shot = shot_of(told, "x")
    assert (shot.first_frame, shot.frames) == (2, HOP.frames)
    assert "rest pose" in " ".join(shot.assumed)
    assert read_shot(shot).com[0] == pytest.approx(read_shot(shot_of(understood(HOP), "x")).com[0], abs=1e-9)
    assert understood(posed, {"rest": "keep"}).first == 1
    stands = dense_shot(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 30)), demo("Gap hop"))
    assert understood(FORMATS["bvh"].parse(motion_file(stands))).first == 1


def test_a_rate_that_can_hardly_be_is_asked_about():
    odd = replace(HOP, frame_time_s=0.001)
    told = choice(odd, RATE)
    assert not told.sure
    assert [o.value for o in told.options] == ["1000", "24", "30", "60", "120"]
    assert understood(odd, {"rate": "24"}).motion.frame_time_s == pytest.approx(1 / 24)


def test_what_was_assumed_is_kept_with_the_shot_and_what_was_given_is_not():
    data = motion_file(demo("Gap hop"))
    assert shot_from_file(data, "x").assumed == (choice(HOP, UNIT).says,)
    assert "1.8" in choice(HOP, UNIT).says
    assert shot_from_file(data, "x", scale_to_m=0.01).assumed == ()
