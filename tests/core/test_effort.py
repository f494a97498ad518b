"""What may be worked out while somebody waits, and whole numbers from anywhere."""

import pytest
from hypothesis import given
from hypothesis import strategies as some

from ironarc.core import effort
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.commands.keys import poses_that_count, taken
from ironarc.core.errors import EditError
from ironarc.core.keying import keying
from ironarc.core.reading import see
from ironarc.core.whole_numbers import whole_number
from tests.conftest import demo
from tests.figures import Ask


def spend_all() -> None:
    while True:
        effort.check()


def test_time_of_the_processor_is_limited_and_only_within():
    effort.check()
    with effort.limited(0.02), pytest.raises(effort.TooMuch, match="longer than the 0 s a page waits"):
        spend_all()
    effort.check()
    effort.expect(1e9)


def test_who_has_gone_is_asked_now_and_then_also_in_an_inner_limit():
    asked = []
    outer = effort.limited(60.0, lambda: asked.append(1) or len(asked) > 1)
    with outer, effort.limited(60.0), pytest.raises(effort.NobodyWaits):
        spend_all()
    assert len(asked) == 2


def test_what_is_expected_to_take_longer_than_is_left_is_not_begun():
    with effort.limited(5.0):
        effort.expect(4.0)
        with pytest.raises(effort.TooMuch, match="about 60 s"):
            effort.expect(60.0)


def test_reading_and_commands_ask_whether_to_go_on():
    shot = demo("Net-perch")
    with effort.limited(0.0):
        with pytest.raises(effort.TooMuch):
            see(shot)
        with pytest.raises(effort.TooMuch):
            Ask("on_steps", "performer1", 1, 40, 2).edit(shot)


@pytest.mark.parametrize(
    ("name", "given"),
    [
        ("on_steps", {"start": 1, "end": 2000, "step": 2}), ("on_steps", {"start": -3, "end": 20, "step": 2}),
        ("copy_pose", {"frame": 1, "to": (2000,)}), ("copy_pose", {"frame": 0, "to": (3,)}),
        ("delete_keys", {"keys": {"": (1, 99_999)}}),
        ("ease_span", {"start": 1, "end": 500, "leaves": 1.0, "arrives": 1.0}),
        ("roll_foot", {"sides": ("left",), "start": 1, "to_ball": 5, "to_toe": 9, "end": 900}),
        ("set_contact", {"part": "left foot", "surface": "floor", "start": 1, "end": 500}),
        ("move_keys", {"keys": {"": tuple(range(1, 500))}, "by": 1}),
    ],
)  # fmt: skip
def test_every_span_lies_within_the_shot(name, given):
    seen = see(demo("Net-perch"))
    with pytest.raises(EditError, match=r"lies outside this shot, which has frames|frames were given; the shot has"):
        COMMANDS[name](seen, performer="performer1", **given)


def test_keys_on_steps_are_those_that_one_after_the_other_would_give():
    shot = demo("Net-perch")
    after = Ask("on_steps", "performer1", 5, 33, 2).apply(shot)
    was, now = (taken(see(s), "", ()).columns for s in (shot, after))
    p = shot.performer
    shown, stay = keying.poses_on_steps(5, 33, 2, poses_that_count(p, p.layers[0]))
    for key, column in was.items():
        one = column
        sample = column.sample_angles if hasattr(column, "angles") else column.sample
        for frame in sorted({*range(5, 34, 2), *stay}):
            one = one.with_key(float(frame), sample([float(shown.get(frame, frame))])[0], 0)
        inside = [f for f in one.frames if 5 <= f <= 33 and (f - 5) % 2 and f not in stay]
        for frame in inside:
            one = one.without_key(frame)
        assert list(now[key].frames) == list(one.frames)
        made, wanted = (c.angles if hasattr(c, "angles") else c.values for c in (now[key], one))
        assert abs(made - wanted).max() < 1e-9


@given(some.integers(min_value=-999_999_999, max_value=999_999_999))
def test_a_whole_number_is_read_as_it_is_written(number):
    assert whole_number(str(number)) == whole_number(f" {number}\n") == number


@pytest.mark.parametrize("text", ["", "-", "--5", "²", "٣", "1_0", "1.0", "0x10", "1e3", "9" * 10, "9" * 5000, "1 2"])
def test_what_is_none_is_none(text):
    assert whole_number(text) is None
