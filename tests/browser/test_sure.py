"""What a file leaves open is asked in the Yard, and what its shape told is settled on the bench, by mouse alone."""

import re

import numpy as np

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import FORMATS
from ironarc.store import shots
from tests.conftest import demo
from tests.core.test_unsaid import sized, written
from tests.figures import bake_shot, dense_shot, picked_poses


def test_a_figure_of_two_sizes_is_asked_about_and_brought_in_as_it_was_said(person, tmp_path):
    stands = dense_shot(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 30)), demo("Gap hop"))
    small = tmp_path / "small.bvh"
    small.write_bytes(written(sized(FORMATS["bvh"].parse(motion_file(stands)), 1.0 / 1.81)))
    person.go()
    person.one("#file").send_keys(str(small))
    assert person.sees(".asks legend", "How tall is it?")
    person.click("#leave-it")
    assert person.until(lambda: not person.all(".asks"))
    person.one("#file").send_keys(str(small))
    person.click(".asks input[value='cm']")
    person.click("#as-said")
    person.bench_ready()
    assert person.sees("#panel", "it stands 1.00 m tall")
    assert person.complaints() == []


def test_joints_told_by_the_body_s_shape_are_settled_at_a_click(person, session):
    text = motion_file(demo("Gap hop")).decode()
    for i, name in enumerate(demo("Gap hop").performer.rig.names):
        text = re.sub(rf"(ROOT|JOINT) {name}$", rf"\1 {i:03d}", text, flags=re.M)
    shot_id = shots.create(session, shot_from_file(text.encode(), "Numbers", "numbers.bvh"))
    person.open_shot(shot_id, "?step=weigh")
    assert person.sees("#panel", "22 joints are told by the shape of the body")
    person.click("[data-weigh='settle-shape']")
    assert person.until(lambda: not person.all("[data-weigh='settle-shape']"))
    assert person.complaints() == []
