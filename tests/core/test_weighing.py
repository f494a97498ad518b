"""Weighings and loads: what is held stays, the sum is exact, and what is carried counts as part of the body."""

import json
from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core import edits, rotation
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.figure.anatomy import find_anatomy
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import TANSY, rig_of
from ironarc.core.figure.naming import SHAPE, SURE, normal_name, understand
from ironarc.core.figure.rig import EndSite, Joint, Rig
from ironarc.core.figure.weighing import (
    PRESETS,
    PointMass,
    Weighing,
    fitted,
    mirrored,
    weighing_from_plain,
    weighing_to_plain,
)
from ironarc.core.motion.loads import Load, track_loads
from ironarc.core.reading import read, read_shot
from ironarc.core.reading.momentum import body_centres, whole_com
from tests.conftest import demo
from tests.figures import BRAM_RIG, CM, Ask, bake_shot, spine_rig, stiff_poses

BRAM = Weighing(82.0)


def kg(body, joint: str) -> float:
    return sum(p.mass_kg for p in body.parts if body.anatomy.rig.names[p.joint] == joint)


# --- holding, sharing, assigning ----------------------------------------------------------------------


@given(head=st.floats(0.5, 30), hand=st.floats(0.1, 20), female=st.floats(0, 1), preset=st.sampled_from(list(PRESETS)))
def test_what_is_held_stays_the_rest_shares_and_the_sum_is_exact(head, hand, female, preset):
    weighing = replace(BRAM, female=female, preset=preset).holding("Head", head).holding("LeftHand", hand)
    body, free = weigh(BRAM_RIG, CM, weighing), weigh(BRAM_RIG, CM, replace(weighing, held=()))
    assert kg(body, "Head") == pytest.approx(head, rel=1e-12)
    assert kg(body, "LeftHand") == pytest.approx(hand, rel=1e-12)
    assert sum(p.mass_kg for p in body.parts) == pytest.approx(82.0, abs=1e-9)
    # the others keep their proportions among themselves
    assert kg(body, "LeftUpLeg") / kg(body, "Hips") == pytest.approx(kg(free, "LeftUpLeg") / kg(free, "Hips"))
    for part in body.parts:
        assert (np.linalg.eigvalsh(part.inertia_kgm2) > 0).all()
    assert {p.source for p in body.parts if p.locked} == {"typed"}


def test_builds_begin_from_the_table_and_are_what_they_say():
    average = weigh(BRAM_RIG, CM, BRAM)
    for name, times in PRESETS.items():
        body = weigh(BRAM_RIG, CM, replace(BRAM, preset=name))
        for segment, factor in times.items():
            share = [sum(p.mass_kg for p in b.parts if p.segment == segment) for b in (average, body)]
            legs = [sum(p.mass_kg for p in b.parts if p.segment == "shank") for b in (average, body)]
            assert share[1] / share[0] == pytest.approx(factor / times.get("shank", 1.0) * legs[1] / legs[0])
    child = weigh(BRAM_RIG, CM, replace(BRAM, preset="child"))
    assert sum(p.mass_kg for p in child.parts if p.segment == "head") / 82 > 0.12


def test_half_way_between_the_tables_lies_between_them():
    thighs = [kg(weigh(BRAM_RIG, CM, replace(BRAM, female=f)), "LeftUpLeg") for f in (0.0, 0.5, 1.0)]
    assert thighs[0] < thighs[1] < thighs[2]


@pytest.mark.parametrize(
    ("weighing", "words"),
    [
        (lambda: BRAM.holding("Head", 0.0), "The mass of Head must be more than 0"),
        (lambda: BRAM.holding("Head", -2.0), "The mass of Head must be more than 0"),
        (lambda: BRAM.holding("Head", float("nan")), "The mass of Head must be more than 0"),
        (lambda: BRAM.holding("Head", 90.0), "What is held weighs 90.0 kg and the whole body 82.0 kg"),
        (lambda: BRAM.holding("Tail", 1.0), "no joint called Tail"),
        (lambda: replace(BRAM, points=(PointMass("Pack", "Spine", -1.0),)), "The mass of Pack must be more than 0"),
        (lambda: replace(BRAM, female=1.4), "between the male and the female table"),
        (lambda: replace(BRAM, preset="huge"), "A build to begin with is one of"),
        (lambda: replace(BRAM, density_kgm3=0), "A density lies between"),
        (lambda: BRAM.with_value("assigned", "Head", "wing"), "Head can be one of"),
        (lambda: replace(BRAM, offset_m=(0.0, 99.0, 0.0)), "offset by up to 10 m"),
    ],
)  # fmt: skip
def test_masses_that_can_not_be_are_refused_with_the_part_s_name(weighing, words):
    with pytest.raises(EditError, match=words):
        weigh(BRAM_RIG, CM, weighing())


def test_a_joint_can_be_said_to_be_another_segment_or_nothing():
    renamed = tuple(replace(j, name="Qux") if j.name == "LeftUpLeg" else j for j in BRAM_RIG.joints)
    rig = Rig(renamed, BRAM_RIG.ends)
    before = weigh(rig, CM, BRAM)
    odd = before.anatomy.meanings[rig.index("Qux")]
    assert (odd.role, odd.side, odd.confidence) == ("thigh", "left", SHAPE)
    after = weigh(rig, CM, BRAM.with_value("assigned", "Qux", "thigh"))
    assert after.anatomy.meanings[rig.index("Qux")].confidence == SURE
    assert kg(after, "Qux") == pytest.approx(kg(weigh(BRAM_RIG, CM, BRAM), "LeftUpLeg"))
    nothing = weigh(rig, CM, BRAM.with_value("assigned", "Qux", "none"))
    assert kg(nothing, "Qux") == 0
    assert nothing.anatomy.unexplained == []


EXTRAS = ["LeftArmTwist", "LeftForeArmRoll1", "Jaw", "LeftEye", "Ponytail_01", "Skirt_L", "Sword", "Tail3", "RightWing",
          "IK_Foot_L", "LeftHandThumb1", "Ear.R"]  # fmt: skip


def test_helpers_faces_clothes_and_weapons_steal_no_mass_and_are_listed():
    at = {"Left": BRAM_RIG.index("LeftArm")}
    more = tuple(Joint(name, at["Left"], (0.0, -20.0, 0.0), ("rz", "rx", "ry")) for name in EXTRAS)
    rig = Rig((*BRAM_RIG.joints, *more), BRAM_RIG.ends)
    body, plain = weigh(rig, CM, BRAM), weigh(BRAM_RIG, CM, BRAM)
    assert set(EXTRAS) <= set(body.anatomy.riding)
    assert body.anatomy.unexplained == []
    for name in BRAM_RIG.names:
        assert kg(body, name) == pytest.approx(kg(plain, name), rel=1e-9), name
    # a small one can be set by hand
    armed = weigh(rig, CM, BRAM.holding("Sword", 1.4))
    assert kg(armed, "Sword") == pytest.approx(1.4)
    assert sum(p.mass_kg for p in armed.parts) == pytest.approx(82.0, abs=1e-9)


def test_zero_length_joints_carry_nothing():
    rig = Rig((*BRAM_RIG.joints, Joint("Blob", 0, (0.0, 0.0, 0.0))), BRAM_RIG.ends)
    assert kg(weigh(rig, CM, BRAM), "Blob") == 0


def test_what_no_table_covers_weighs_by_length_girth_and_share():
    rig = Rig(
        (Joint("qux", -1, (0, 0, 0)), Joint("quux", 0, (0, 40.0, 0)), Joint("corge", 1, (0, 40.0, 0))),
        (EndSite(2, (0, 40.0, 0)),),
    )
    even = weigh(rig, CM, Weighing(30.0))
    assert [kg(even, n) for n in rig.names] == pytest.approx([10.0] * 3)
    thick = weigh(rig, CM, Weighing(30.0).with_value("girths", "quux", 0.3))
    assert [kg(thick, n) for n in rig.names] == pytest.approx([5.0, 20.0, 5.0])
    shared = weigh(rig, CM, Weighing(30.0).with_value("shares", "quux", 0.8))
    assert [kg(shared, n) for n in rig.names] == pytest.approx([6.0, 12.0, 12.0])


def test_sides_and_order_are_checked_and_confidence_is_told():
    joints = list(BRAM_RIG.joints)
    shank = BRAM_RIG.index("RightLeg")
    joints[shank + 1] = replace(joints[shank + 1], offset=(0.0, -20.0, 0.0))
    doubts = find_anatomy(Rig(tuple(joints), BRAM_RIG.ends), CM).doubts
    assert any("Left and right shank differ: 43 and 20 cm" in doubt for doubt in doubts)
    sure = {j.name: m.confidence for j, m in zip(BRAM_RIG.joints, understand(BRAM_RIG), strict=True)}
    assert sure["LeftForeArm"] == 1.0
    assert sure["LeftArm"] == 0.8  # an arm may be a forearm: the hierarchy decided
    loose = Rig((Joint("Hips", -1, (0, 0, 0)), Joint("LeftThigh", 0, (9, 0, 0)), Joint("LeftShin", 0, (9, -40, 0))))
    assert any("no thigh lies above it" in doubt for doubt in find_anatomy(loose, CM).doubts)


def test_one_side_is_given_to_the_other():
    weighing = replace(BRAM.holding("LeftHand", 2.0).holding("RightHand", 0.4).holding("Head", 6.0))
    weighing = replace(weighing, points=(PointMass("Bag", "LeftHand", 1.0, (0.1, 0.0, 0.0)),))
    both = mirrored(weighing, BRAM_RIG, "left")
    assert {name: h.kg for name, h in both.held} == {"LeftHand": 2.0, "RightHand": 2.0, "Head": 6.0}
    assert [(p.joint, p.at_m[0]) for p in both.points] == [("LeftHand", 0.1), ("RightHand", -0.1)]


def test_a_weighing_fits_a_rig_of_the_same_names_in_another_style_and_says_what_did_not():
    style = {"LeftHand": "crew:L_hand_01", "Head": "crew:head", "Hips": "crew:pelvis"}
    assert normal_name("crew:LeftUpLeg_02") == normal_name("l_upleg2")
    rig = Rig(tuple(replace(j, name=style.get(j.name, j.name)) for j in BRAM_RIG.joints), BRAM_RIG.ends)
    there, lost = fitted(BRAM.holding("LeftHand", 2.0).holding("Head", 6.0).holding("Hips", 9.0), rig)
    assert dict(there.held).keys() == {"crew:L_hand_01", "crew:head"}
    assert lost == ["Hips"]
    assert kg(weigh(rig, CM, there), "crew:head") == pytest.approx(6.0)


def test_joints_told_apart_by_a_number_alone_keep_their_own_masses():
    """Three bones of a spine, and the same rig in another style."""
    rig = spine_rig(3)
    there = Rig(tuple(replace(j, name=j.name.replace("Spine", "crew:spine_0")) for j in rig.joints), rig.ends)
    weighing = BRAM.holding("Spine1", 5.0).holding("Spine2", 6.0)
    moved, lost = fitted(weighing, there)
    assert {j: h.kg for j, h in moved.held} == {"crew:spine_01": 5.0, "crew:spine_02": 6.0}
    assert not lost
    _, lost = fitted(weighing, spine_rig(1))  # it has no spine joint: neither lands on another one
    assert lost == ["Spine1", "Spine2"]
    one_more = fitted(BRAM.holding("Spine1", 5.0).holding("Spine2", 6.0).holding("Spine", 6.2), rig)
    assert one_more[1] == ["Spine"]


def test_every_finger_has_its_partner():
    chain = [("Hips", -1), ("LeftHand", 0), ("RightHand", 0)]
    for side, hand in (("Left", 1), ("Right", 2)):
        chain += [(f"{side}HandIndex{n}", hand) for n in (1, 2, 3)]
    rig = Rig(tuple(Joint(name, parent, (0.0, 10.0, 0.0)) for name, parent in chain))
    one_side = BRAM
    for n in (1, 2, 3):
        one_side = one_side.holding(f"LeftHandIndex{n}", 0.1 * n)
    both = dict(mirrored(one_side, rig, "left").held)
    assert [both[f"RightHandIndex{n}"].kg for n in (1, 2, 3)] == pytest.approx([0.1, 0.2, 0.3])


def test_a_weighing_survives_json_and_a_broken_one_is_refused():
    weighing = replace(
        BRAM.holding("Head", 6.0, typed=False).with_value("assigned", "Spine", "none"),
        points=(PointMass("Pack", "Chest", 8.0, (0.0, 0.1, -0.2)),), offset_m=(0.0, 0.0, 0.05), female=0.3,
    )  # fmt: skip
    assert weighing_from_plain(json.loads(json.dumps(weighing_to_plain(weighing)))) == weighing
    plain = weighing_to_plain(weighing)
    for broken in ({}, [], {"weighing": 1}, plain | {"mass_kg": "much"}, plain | {"points": [{"kg": 1}]}):
        with pytest.raises(FileError, match="weighing"):
            weighing_from_plain(broken)
    with pytest.raises(EditError, match="body's mass"):
        weighing_from_plain(plain | {"mass_kg": -1})


def test_an_offset_moves_the_center_of_gravity_in_the_hips_own_axes():
    hop = demo("Gap hop")
    off = hop.with_item(replace(hop.performer, weighing=replace(hop.performer.weighing, offset_m=(0.0, 0.0, 0.06))))
    before, after = read_shot(hop), read_shot(off)
    np.testing.assert_allclose(np.linalg.norm(after.com - before.com, axis=1), 0.06, atol=1e-12)


# --- loads --------------------------------------------------------------------------------------------


def standing(*loads: Load):
    """Tansy standing still for 72 frames, holding things."""
    tansy = stock_performer("tansy", "standing", demo("Gap hop"))
    return replace(demo("Gap hop"), performers=(replace(tansy, id="performer1", loads=loads),))


def test_a_sack_in_the_hand_moves_the_center_of_gravity_by_what_the_sum_says():
    hop = demo("Gap hop")
    bram = stock_performer("bram", "standing", hop)
    sack = Load("load1", "Sack", ("RightHand",), 1, 100, 20.0, offset_m=(0.0, -0.3, 0.0), ease_in=0, ease_out=0)
    shot = replace(hop, performers=(replace(bram, id="performer1", loads=(sack,)),))
    reading = read_shot(shot)
    poses = bake_shot(shot)
    body = shot.performer.body()
    palm = next(p for p in body.anatomy.contact_points if (p.point, p.side) == ("palm", "right"))
    held_by = poses.position[0, palm.joint] + rotation.rotate(poses.rotation[0, palm.joint], palm.position_m)
    com = whole_com(body_centres(poses, body), body)[0]
    at = reading.loads[0].centre[0]
    assert np.linalg.norm(at - held_by) == pytest.approx(0.3)
    np.testing.assert_allclose(reading.com[0], (82 * com + 20 * at) / 102, atol=1e-12)
    assert reading.mass_kg[0] == 102


def test_taking_a_load_up_shifts_the_center_of_gravity_and_invents_no_speed():
    reading = read_shot(standing(Load("load1", "Buoy", ("LeftHand",), 20, 50, 30.0, ease_in=8, ease_out=4)))
    moved = np.linalg.norm(reading.com - reading.com[0], axis=1)
    assert moved[30] > 0.1
    assert moved[-1] < 1e-12
    np.testing.assert_allclose(reading.com_velocity, 0, atol=1e-9)
    np.testing.assert_allclose(reading.com_acceleration, 0, atol=1e-8)
    easing = np.flatnonzero(reading.easing) + 1
    assert easing.tolist() == [*range(20, 28), *range(47, 51)]


@pytest.mark.parametrize("word", ["Gap hop", "somersault"])
def test_a_load_held_throughout_is_as_a_part_of_the_body(word):
    shot = demo(word)
    p = shot.performer
    edge = 0.03 * np.sqrt(2.4)  # a box that turns as a ball of 3 cm does
    ball = Load("load1", "Shot", ("RightHand",), -9, 200, 4.0, (edge, edge, edge), (0.0, -0.1, 0.02), 0, 0)
    loaded = read_shot(shot.with_item(replace(p, loads=(ball,))))
    weighing = p.weighing
    for name in p.rig.names:
        own = kg(p.body(), name)
        if own:
            weighing = weighing.holding(name, own)
    palm = next(q for q in p.body().anatomy.contact_points if (q.point, q.side) == ("palm", "right"))
    at = tuple(float(v) for v in palm.position_m + np.array([0.0, -0.1, 0.02]))
    part = replace(weighing, mass_kg=weighing.mass_kg + 4.0, points=(PointMass("Shot", "RightHand", 4.0, at),))
    as_part = read_shot(shot.with_item(replace(p, weighing=part)))
    np.testing.assert_allclose(loaded.com, as_part.com, atol=1e-9)
    np.testing.assert_allclose(loaded.com_velocity, as_part.com_velocity, atol=1e-8)
    # the part goes round with its hand by the hand's turning, the load by its places: a thousandth between the two
    most = np.linalg.norm(as_part.angular_momentum, axis=1).max()
    np.testing.assert_allclose(loaded.angular_momentum, as_part.angular_momentum, atol=2e-3 * most)


def test_a_spinning_load_alone_turns_as_a_box_does():
    shot = demo("Gap hop")
    box = Load("load1", "Crate", ("Hips",), -9, 200, 30.0, (0.4, 0.6, 0.8), ease_in=0, ease_out=0)
    reading = read_shot(shot.with_item(replace(shot.performer, loads=(box,))))
    np.testing.assert_allclose(reading.loads[0].inertia, 30 / 12 * np.diag([1.0, 0.8, 0.52]))


@pytest.mark.parametrize("axis", [0, 1, 2])
def test_a_box_that_is_spun_has_its_own_spin(axis):
    """A crate of 30 kg turned about one of its axes at 4 rad/s, held by a body that weighs next to nothing."""
    rate, dt, n = 4.0, 1 / 60, 60
    turn = np.zeros((n, 3))
    turn[:, axis] = rate * dt * np.arange(n)
    root = np.array([0.0, 1.0, 0.0]) + np.zeros((n, 3))
    poses = stiff_poses(BRAM_RIG, rotation.exp(turn), root, dt)
    body = weigh(BRAM_RIG, CM, Weighing(1e-6))
    size = (0.4, 0.6, 0.8)
    box = Load("load1", "Crate", ("Hips",), -9, 200, 30.0, size, ease_in=0, ease_out=0)
    held = track_loads((box,), poses, body.anatomy, poses.frames, 1.0)
    w, h, d = size
    about = 30 / 12 * np.array([h * h + d * d, w * w + d * d, w * w + h * h])[axis]
    wanted = np.zeros(3)
    wanted[axis] = about * rate
    L = read(poses, body, 9.81, 0.0, (), held).angular_momentum
    np.testing.assert_allclose(L, np.tile(wanted, (n, 1)), atol=1e-4 * about * rate)


@pytest.mark.parametrize(
    ("changes", "words"),
    [
        ({"mass_kg": 0.0}, "The mass of Sack must be more than 0"),
        ({"joints": ()}, "must be held by a joint"),
        ({"joints": ("Fin",)}, "no joint called Fin to hold Sack"),
        ({"start": 30, "end": 20}, "from its first to its last frame, not 30 to 20"),
        ({"ease_in": 20, "ease_out": 20}, "leaves none between"),
        ({"size_m": (0.0, 1.0, 1.0)}, "size of Sack"),
    ],
)
def test_a_load_that_can_not_be_says_why(changes, words):
    sack = Load("load1", "Sack", ("LeftHand",), 10, 30, 9.0)
    with pytest.raises(EditError, match=words):
        edits.SetItem("performer1", "performer", {"loads": (replace(sack, **changes),)}, "x").apply(demo("Gap hop"))


def test_loads_go_along_when_the_motion_is_slipped():
    shot = standing(Load("load1", "Sack", ("LeftHand",), 10, 30, 9.0, ease_in=0, ease_out=0))
    slipped = Ask("slip_performer", "performer1", 5).apply(shot)
    assert (np.flatnonzero(read_shot(slipped).loads[0].counts) + 1).tolist() == list(range(15, 36))


def test_a_figure_read_at_another_height_scales_all_that_is_derived():
    hop = demo("Gap hop")
    before = read_shot(hop)
    tall = Ask("figure_height", 2 * before.body.anatomy.height_m).apply(hop)
    after = read_shot(tall)
    assert after.body.anatomy.height_m == pytest.approx(2 * before.body.anatomy.height_m)
    assert after.flights[0].rise_m == pytest.approx(2 * before.flights[0].rise_m, rel=1e-6)
    assert after.body.mass_kg == before.body.mass_kg


def test_tansy_is_weighed_by_the_female_table():
    body = weigh(rig_of(TANSY), CM, TANSY.weighing)
    legs = sum(p.mass_kg for p in body.parts if p.segment == "thigh")
    assert legs / 58 == pytest.approx(2 * 0.1478, rel=1e-3)


def test_a_rig_with_no_hand_joints_holds_by_the_hands_on_its_forearms():
    hop = demo("Gap hop")
    keep = [j for j in BRAM_RIG.names if not j.endswith("Hand")]
    index = {name: i for i, name in enumerate(keep)}
    joints = [BRAM_RIG.joints[BRAM_RIG.index(name)] for name in keep]
    joints = [replace(j, parent=index[BRAM_RIG.names[j.parent]] if j.parent >= 0 else -1) for j in joints]
    shot = hop.with_item(replace(hop.performer, rig=Rig(tuple(joints))))
    sack = Load("load1", "Sack", ("RightForeArm",), -9, 200, 9.0, ease_in=0, ease_out=0)
    reading = read_shot(shot.with_item(replace(shot.performer, loads=(sack,))))
    elbow = reading.poses.position[:, index["RightForeArm"]]
    reach = np.linalg.norm(reading.loads[0].centre - elbow, axis=1)
    assert 0.28 < reach.min() < 0.45  # a forearm and a hand, not an elbow
