"""Travel in a joint of its own: the same motion in the world, and a loop that stands where it is without it."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.root_motion import APART, LEFT_OUT
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.judging.judge import judge
from ironarc.core.reading import see
from ironarc.core.reading.loops import loop_seam, share_of_round
from tests.conftest import demo
from tests.core.test_clips import AROUND, PACE_M, swings, with_clip


def brought_back(shot, first, last, travel):
    data = motion_file(shot, first, last, travel=travel)
    return shot_from_file(data, "Back", scale_to_m=shot.performer.scale_to_m, floor_m=0.0)


@pytest.mark.parametrize("turn_rad", [0.0, 0.03])
def test_with_its_travel_apart_a_loop_goes_as_before_and_stands_without_it(turn_rad):
    shot = with_clip(swings(pace_m=PACE_M, turn_rad=turn_rad), 1, AROUND)
    was = shot.poses("", np.arange(1, AROUND + 1))
    apart = brought_back(shot, 1, AROUND, APART)
    now = apart.poses("", np.arange(1, AROUND + 1))
    assert now.rig.names == ("Travel", *was.rig.names)
    assert np.abs(now.position[:, 1:] - was.position).max() < 1e-5
    # even: as far and as much about the upright on each frame
    way, turned = np.diff(now.position[:, 0], axis=0), now.local[:, 0]
    assert np.linalg.norm(way, axis=1) == pytest.approx(PACE_M, rel=2e-3)
    assert 2 * np.arcsin(turned[:, 2]) == pytest.approx(turn_rad * np.arange(AROUND), abs=2e-3)
    stands = brought_back(shot, 1, AROUND, LEFT_OUT)
    found = loop_seam(stands.poses("", np.arange(1, AROUND + 1)), stands.performer.body(), 0, AROUND - 1, in_place=True)
    assert found.gap_m.max() < 1e-3
    assert np.abs(stands.poses("", np.arange(1, AROUND + 1)).position[:, 0, [0, 2]]).max() < 0.02


def test_a_motion_that_is_no_loop_travels_as_its_hips_do():
    hop = demo("Gap hop")
    was = hop.poses("", hop.frame_numbers())
    now = brought_back(hop, None, None, APART).poses("", hop.frame_numbers())
    assert now.position[:, 0, [0, 2]] == pytest.approx(was.position[:, 0, [0, 2]], abs=1e-5)
    assert now.position[:, 1, [0, 2]] == pytest.approx(now.position[:, 0, [0, 2]], abs=1e-5)
    assert np.abs(now.position[:, 1:] - was.position).max() < 1e-5


def test_what_was_written_so_reads_the_same_when_it_comes_back():
    hop = demo("Gap hop")
    data = motion_file(hop, travel=APART)
    back = shot_from_file(data, "Back", scale_to_m=0.01, floor_m=0.0)
    back = replace(back, performers=(replace(back.performer, weighing=hop.performer.weighing),))
    plain = shot_from_file(motion_file(hop), "Plain", scale_to_m=0.01, floor_m=0.0)
    plain = replace(plain, performers=(replace(plain.performer, weighing=hop.performer.weighing),))
    a, b = see(back), see(plain)
    assert a.reading.com == pytest.approx(b.reading.com, abs=1e-4)
    told = [[(f.kind, f.start, f.end, f.grade) for f in judge(x.shot, x.shot.performer, x.reading)] for x in (a, b)]
    assert told[0] == told[1]


def test_a_root_that_only_carries_has_no_mass_however_far_below_the_hips_it_lies():
    hop = demo("Gap hop")
    plain = shot_from_file(motion_file(hop), "Plain", scale_to_m=0.01, floor_m=0.0)
    text = motion_file(hop, travel=APART).decode()
    head, hips, rest = text.partition("JOINT Hips")
    low = head + hips + rest.replace("OFFSET 0.000000 0.000000 0.000000", "OFFSET 0.000000 92.000000 0.000000", 1)
    assert low != text
    back = shot_from_file(low.encode(), "Low", scale_to_m=0.01, floor_m=0.0)
    body = back.performer.body()
    assert body.anatomy.unexplained == []
    assert "Travel" in body.anatomy.riding
    assert {part.joint for part in body.parts}.isdisjoint(back.performer.rig.roots)
    assert see(back).reading.com == pytest.approx(see(plain).reading.com, abs=1e-4)


def test_what_can_not_be_parted_is_said():
    with pytest.raises(EditError, match="Travel is in the body, in a joint of its own, left out"):
        motion_file(demo("Gap hop"), travel="up")
    text = motion_file(demo("Gap hop")).decode().split("MOTION")[0]
    rows = "MOTION\nFrames: 1\nFrame Time: 0.04\n"
    head = text.replace("CHANNELS 6 Xposition Yposition Zposition", "CHANNELS 3", 1)
    assert head != text
    channels = sum(int(line.split()[1]) for line in head.splitlines() if "CHANNELS" in line)
    still = shot_from_file((head + rows + " ".join(["0"] * channels) + "\n").encode(), "Still", scale_to_m=0.01)
    with pytest.raises(EditError, match="lacks position or rotation channels"):
        motion_file(still, travel=APART)


def test_shares_of_a_round_add_up():
    place, yaw = np.array([0.7, -0.1, 1.9]), 0.8

    def carried(p, share):
        (at,), (turn,) = share_of_round(place, yaw, np.array([share]))
        c, s = np.cos(turn), np.sin(turn)
        return np.array([c * p[0] + s * p[2], p[1], c * p[2] - s * p[0]]) + at

    p = np.array([0.3, 1.0, -0.4])
    assert carried(carried(p, 0.5), 0.5) == pytest.approx(carried(p, 1.0))
    assert carried(carried(p, 1.0), 1.0) == pytest.approx(carried(p, 2.0))
    assert carried(p, 1.0) == pytest.approx(carried(p, 0.25 + 0.75))
    assert carried(p, 0.0) == pytest.approx(p)
