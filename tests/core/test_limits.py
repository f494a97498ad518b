"""What is beyond reason is refused when it comes in, told with where it stands; what is within is not."""

import re
from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest

from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.bring_in import performer_from_file, shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import bvh
from ironarc.core.planning.ballistics import bounces
from ironarc.core.planning.flight_solver import solve
from ironarc.core.scene.guide import DRAWN, Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.rate import parse_rate
from ironarc.core.scene.reference import Reference
from ironarc.core.settings import MAX_FRAMES, MAX_FRAMES_X_JOINTS
from tests.conftest import demo
from tests.figures import Ask

FILE = """HIERARCHY
ROOT Hips
{
	OFFSET 0 0 0
	CHANNELS 4 Xposition Yposition Zposition Yrotation
	JOINT Leg
	{
		OFFSET 0 -90 0
		CHANNELS 1 Xrotation
		End Site
		{
			OFFSET 0 -80 0
		}
	}
}
MOTION
Frames: 3
Frame Time: 0.041667
0 170 0 0 0
0 170 1 0 0
0 170 2 0 0
"""


@pytest.mark.parametrize(
    ("old", "new", "words"),
    [
        ("OFFSET 0 -80 0", "OFFSET 0 1e30 0", r'Line 12: OFFSET of the End Site of joint "Leg" is beyond 10,000,000'),
        ("OFFSET 0 -90 0", "OFFSET 0 1e155 0", r'Line 8: OFFSET of joint "Leg" is beyond'),
        ("0 170 1 0 0", "0 170 1e300 0 0", r'Line 20: frame 2 holds 1e\+300 for Zposition of joint "Hips"'),
        ("0 170 2 0 0", "0 170 2 0 -2e7", r'Line 21: frame 3 holds -2e\+07 for Xrotation of joint "Leg"'),
        ("ROOT Hips", "ROOT Hi\x00ps", r"Line 2: the name of joint 'Hi\\x00ps' holds a letter that can't be shown"),
        ("ROOT Hips", "ROOT " + "Hips " * 4000, r"Line 2: the line is 20,00\d characters long; up to 10,000"),
        ("Frames: 3", "Frames: 20001", "from 1 to 20,000 frames can be read"),
        ("ROOT Hips", "\n" * 300_000 + "ROOT Hips", "the file has 300,0.. lines; up to 200,000 can be read"),
        ("ROOT Hips", "\r" * 300_000 + "ROOT Hips", "the file has 300,0.. lines; up to 200,000 can be read"),
    ],
    ids=["end site", "offset", "value", "turn", "nul", "long line", "frames", "blank lines", "blank lines by returns"],
)  # fmt: skip
def test_a_file_beyond_reason_is_refused_with_the_place(old, new, words):
    assert old in FILE
    with pytest.raises(FileError, match=words):
        bvh.parse(FILE.replace(old, new, 1).encode())


def test_frames_of_many_joints_are_limited_together():
    joints = "".join(f"JOINT J{i}\n{{\nOFFSET 0 1 0\nCHANNELS 1 Xrotation\n}}\n" for i in range(150))
    wide = FILE.replace("\tJOINT Leg", joints + "\tJOINT Leg").replace("Frames: 3", "Frames: 19000")
    with pytest.raises(FileError, match=r"Frames: says 19,000; with 152 joints up to 16,447 frames can be read"):
        bvh.parse(wide.encode())


def test_what_lies_within_is_read():
    edge = FILE.replace("OFFSET 0 -80 0", "OFFSET 0 -9999999 0").replace("ROOT Hips", "ROOT Hüfte links 🦴")
    assert bvh.parse(edge.encode()).frames == 3


def long(frames: int):
    """The Gap hop, its range made longer."""
    hop = demo("Gap hop")
    return Ask("set_range", hop.first_frame, hop.first_frame + frames - 1).edit(hop).apply(hop)


def test_one_limit_of_frames_holds_everywhere():
    whole = long(MAX_FRAMES)
    assert whole.frames == MAX_FRAMES
    with pytest.raises(EditError, match=r"up to 20,000 frames; 20,001 are too many"):
        long(MAX_FRAMES + 1)
    with pytest.raises(EditError, match=r"up to 20,000 frames; 49,9"):
        Ask("set_rate", "60", "seconds").edit(whole).apply(whole)
    slow = FILE.replace("0.041667", "2").replace("Frames: 3", "Frames: 400")
    slow = slow.replace("0 170 2 0 0\n", "0 170 2 0 0\n" * 398)
    with pytest.raises(FileError, match=r"more than 20,000 frames at this shot's rate"):
        performer_from_file(slow.encode(), "Long", replace(demo("Gap hop"), frame_time_s=1 / 240))
    with pytest.raises(EditError, match=r"runs over 1 to 20,000 frames"):
        replace(DRAWN_PATH, frames=MAX_FRAMES + 1).checked()


def test_performers_of_a_long_shot_count_together():
    shot = long(MAX_FRAMES)
    fit = MAX_FRAMES_X_JOINTS // (MAX_FRAMES * len(shot.performer.rig))
    for _ in range(fit - 1):
        shot = Ask("duplicate_item", "performer1").edit(shot).apply(shot)
    one_more = Ask("duplicate_item", "performer1").edit(shot)
    with pytest.raises(EditError, match=r"20,000 frames of \d+ joints are more than can be worked on at once"):
        one_more.apply(shot)


STILL = Reference("r", "Hop", "still", ("a",), "image/png", 8, 8)
DRAWN_PATH = Guide("g", "G", DRAWN, ((0, 0, 0), (1, 1, 1), (2, 0, 0)), 1, 9)


@pytest.mark.parametrize(
    ("make", "words"),
    [
        (lambda: Placement(turn_rad=1e30), "The turn lies within"),
        (lambda: replace(demo("crate").props[0], turn_rad=(1e30, 0.0, 0.0)), "The turn of .* lies within"),
        (lambda: replace(STILL, first=2**63), "first frame of Hop lies within"),
        (lambda: replace(STILL, pose_frame=2**63), "key pose of Hop lies"),
        (lambda: replace(DRAWN_PATH, first=2**63), "first frame of G lies within"),
    ],
    ids=["placement", "prop", "reference", "pose", "guide"],
)  # fmt: skip
def test_what_would_break_the_shot_is_refused_when_it_is_made(make, words):
    with pytest.raises(EditError, match=words):
        make().checked()


def test_a_guide_of_nobody_is_refused():
    hop = demo("Gap hop")
    guide = Ask("add_guide", "gravity", ((0, 1, 0), (0, 1, 1)), 30, 15.0)
    shot = guide.edit(hop).apply(hop)
    for changes in ({"performer": "nobody"}, {"performer": "guide1"}, {"of": "Tail"}):
        with pytest.raises(EditError):
            Ask("set_item", "guide1", changes).edit(shot).apply(shot)


def test_a_number_kept_from_before_that_breaks_the_shot_is_told_and_not_a_crash():
    arrays = []
    plain = shot_to_plain(demo("crate"), lambda a: arrays.append(a) or str(len(arrays) - 1))
    plain["shot"]["props"][0]["turn_rad"] = [1e30, 0, 0]
    with pytest.raises(EditError, match="turn_rad can't be read: '1e\\+30' was found"):
        shot_from_plain(plain, lambda address: arrays[int(address)])


@pytest.mark.parametrize("typed", ["1e9", "1e999999999", "24" * 40, "1/0", "24/1e5", "-24", "nan", "0x18", "²4"])
def test_a_rate_that_would_take_for_ever_to_read_is_refused(typed):
    with pytest.raises(EditError, match="A frame rate"):
        parse_rate(typed)


@pytest.mark.parametrize("typed", ["24", "23.976", "24000/1001", " 30 ", "29,97", "60."])
def test_rates_as_they_are_typed_are_read(typed):
    assert 12 <= parse_rate(typed) <= 240


@pytest.mark.parametrize(
    ("plan", "words"),
    [
        (lambda: solve(hang_s=1e6, fps=240), "takes 240,000,000 frames; up to 2,000 can be shown"),
        (lambda: solve(hang_frames=100_000), "takes 100,000 frames"),
        (lambda: solve(rise_m=1e4, g=1e-6), "frames; up to 2,000"),
        (lambda: solve(drop_m=0.0, speed_ms=32.0), "there is no flight"),
        (lambda: solve(angle_rad=0.0, distance_m=0.45), "No flight has this"),
        (lambda: solve(hang_s=1e-300), "hang time is too small to plan with"),
        (lambda: solve(speed_ms=28.0, distance_m=0.09, g=1e-300), "gravity is too small to plan with"),
        (lambda: bounces(1.0, 0.9999), "hop more than 2,000 times"),
        (lambda: bounces(1.0, 0.5, 0.0), "Gravity must be more than 0"),
        (lambda: bounces(1.0, 0.5, float("nan")), "Gravity must be more than 0"),
    ],
    ids=["hang", "frames", "no weight", "nothing", "level", "no time", "no pull", "factor", "no gravity", "no number"],
)
def test_the_planner_draws_so_many_frames_and_says_so(plan, words):
    with pytest.raises(EditError, match=words):
        plan()


# --- references in step ------------------------------------------------------------------------------


def film(fps: float) -> Reference:
    """20,000 frames, from the shot's first on."""
    return replace(STILL, kind="video", frames=20_000, rate_fps=fps, out_frame=20_000)


@pytest.mark.parametrize("frame_time", [1 / 60, 0.016666, 0.016667, 0.0166667])
def test_a_film_at_60_fps_stays_in_step_with_a_file_whose_frame_time_is_rounded(frame_time):
    shot = replace(demo("Gap hop"), frame_time_s=frame_time)
    frames = np.arange(1, 20_001)
    np.testing.assert_array_equal(film(60.0).own_frames(frames, shot.rate), frames)
    assert all(film(60.0).shot_frame(int(f), shot.rate) == f for f in frames[::997])


@pytest.mark.parametrize(
    ("fps", "rate"), [(30.0, Fraction(60)), (24.0, Fraction(24000, 1001)), (23.976, Fraction(24)), (60.0, Fraction(24))]
)
def test_a_mark_stands_on_the_first_frame_that_shows_it(fps, rate):
    reference = film(fps)
    for own in (1, 2, 7, 240, 241, 9001):
        at = reference.shot_frame(own, rate)
        shown = reference.own_frames(np.array([at - 1, at]), rate)
        assert shown[0] < own <= shown[1] or own == 1


def test_an_imported_file_and_its_reference_agree_frame_by_frame():
    text = re.sub(rb"Frame Time: .*", b"Frame Time: 0.016666", motion_file(demo("Gap hop")))
    shot = shot_from_file(text, "Hop")
    np.testing.assert_array_equal(film(60.0).own_frames(shot.frame_numbers(), shot.rate), shot.frame_numbers())
