"""Bodies whose joints' names say nothing, understood by their shape."""

import re
from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.body import weigh
from ironarc.core.figure.by_shape import roles_by_shape
from ironarc.core.figure.crew import BRAM, HALLORAN, TANSY, rig_of
from ironarc.core.figure.naming import ASSIGNABLE, SHAPE, SURE, understand
from ironarc.core.figure.rig import EndSite, Joint, Rig
from tests.conftest import demo
from tests.figures import Ask

MEMBERS = {"Bram": BRAM, "Halloran": HALLORAN, "Tansy": TANSY}


def numbered(rig: Rig) -> Rig:
    """The same with its joints called by numbers, in an order that says nothing either."""
    return replace(rig, joints=tuple(replace(j, name=f"{7 * i % 97:02d}") for i, j in enumerate(rig.joints)))


@pytest.mark.parametrize("who", MEMBERS)
def test_numbered_joints_are_what_their_names_said(who):
    rig = rig_of(MEMBERS[who])
    named, shaped = understand(rig), understand(numbered(rig))
    for joint, by_name, by_shape in zip(rig.joints, named, shaped, strict=True):
        if by_name.role not in ("finger", "extra", "helper", ""):
            assert (by_shape.role, by_shape.side) == (by_name.role, by_name.side), joint.name
            assert by_shape.confidence == SHAPE
    one, other = weigh(rig, 0.01), weigh(numbered(rig), 0.01)
    assert one.mass_kg == pytest.approx(other.mass_kg)
    np.testing.assert_allclose(other.masses, one.masses, rtol=0.02)
    assert one.anatomy.height_m == pytest.approx(other.anatomy.height_m, rel=1e-6)


def test_a_rig_turned_about_and_its_children_in_another_order_are_the_same_body():
    rig = numbered(rig_of(BRAM))
    back = replace(
        rig, joints=tuple(replace(j, offset=(-j.offset[0], j.offset[1], -j.offset[2])) for j in rig.joints),
        ends=tuple(replace(e, offset=(-e.offset[0], e.offset[1], -e.offset[2])) for e in rig.ends),
    )  # fmt: skip
    # facing -Z what lay at +X lies at -X, and is left all the same: the feet point the other way
    assert roles_by_shape(back) == roles_by_shape(rig)


def test_names_that_are_there_stand_and_tell_the_sides():
    rig = rig_of(BRAM)
    some = {"LeftUpLeg": "pierna izq", "LeftLeg": "LeftLeg", "RightLeg": "RightLeg"}
    mixed = replace(
        rig, joints=tuple(replace(j, name=some.get(j.name, f"n{i}")) for i, j in enumerate(rig.joints))
    )  # fmt: skip
    meanings = {j.name: m for j, m in zip(rig.joints, understand(mixed), strict=True)}
    assert (meanings["LeftUpLeg"].role, meanings["LeftUpLeg"].side) == ("thigh", "left")
    assert (meanings["RightFoot"].role, meanings["RightFoot"].side) == ("foot", "right")
    assert meanings["LeftLeg"].confidence > SHAPE


def test_who_is_told_by_hand_is_not_told_otherwise():
    rig = numbered(rig_of(BRAM))
    arm = rig_of(BRAM).index("LeftArm")
    meanings = understand(rig, {rig.joints[arm].name: "none"})
    assert meanings[arm].role == "none"


def beast(*chains: tuple[int, tuple[float, float, float], int], turned: bool = False) -> Rig:
    """Four legs alike under a long back. chains : more of it, each on a joint, along an offset, so many bones long
    turned : the hips are at +Z, and the chest behind them
    """
    joints, ends = (
        [Joint("a", -1, (0.0, 60.0, 0.0)), Joint("b", 0, (0.0, 0.0, 40.0)), Joint("c", 1, (0.0, 0.0, 40.0))],
        [],
    )
    for parent in (0, 2):
        for x in (12.0, -12.0):
            first = len(joints)
            joints += [Joint(f"l{first}", parent, (x, 0, 0)), Joint(f"m{first}", first, (0, -30.0, 0))]
            ends.append(EndSite(first + 1, (0.0, -30.0, 0.0)))
    for parent, offset, bones in chains:
        for _ in range(bones):
            joints.append(Joint(f"c{len(joints)}", parent, offset))
            parent = len(joints) - 1
        ends.append(EndSite(parent, offset))
    way = -1.0 if turned else 1.0
    joints = [replace(j, offset=(way * j.offset[0], j.offset[1], way * j.offset[2])) for j in joints]
    ends = [replace(e, offset=(way * e.offset[0], e.offset[1], way * e.offset[2])) for e in ends]
    return Rig(tuple(joints), tuple(ends))


NECK, TAIL = (2, (0.0, 12.0, 10.0), 3), (0, (0.0, -2.0, -12.0), 4)


@pytest.mark.parametrize("turned", [False, True])
def test_four_legs_are_told_by_the_neck_that_reaches_over_them(turned):
    rig = beast(NECK, TAIL, turned=turned)
    roles = roles_by_shape(rig)
    assert [roles[i][0] for i in range(3)] == ["pelvis", "spine", "spine"]
    legs = [[roles[i] for i in pair] for pair in ((3, 4), (5, 6), (7, 8), (9, 10))]
    assert [[role for role, _ in leg] for leg in legs] == [["thigh", "shank"]] * 2 + [["upper arm", "forearm"]] * 2
    # the way it faces, its left is where +X was before it was turned
    assert [{side for _, side in leg} for leg in legs] == [{"left"}, {"right"}] * 2
    assert [roles[i][0] for i in range(11, 14)] == ["neck", "neck", "head"]
    assert {roles[i][0] for i in range(14, 18)} == {"extra"}
    assert {m.confidence for m in understand(rig)} == {SHAPE}


def test_the_head_may_hang_on_either_end():
    roles = roles_by_shape(beast((0, (0.0, 12.0, -10.0), 3), (2, (0.0, -2.0, 12.0), 4)))
    assert [roles[i][0] for i in (3, 7)] == ["upper arm", "thigh"]
    assert roles[2][0] == "pelvis"


def test_a_tail_and_wings_ride_along():
    rig = numbered(rig_of(BRAM))
    plain = roles_by_shape(rig)
    joints, ends = list(rig.joints), list(rig.ends)
    hips = rig.roots[0]
    chest = rig.joints[next(i for i, (role, _) in plain.items() if role in ("collar", "upper arm"))].parent
    for parent, offset in ((hips, (0, -4.0, -20.0)), (chest, (25.0, 30.0, -20.0)), (chest, (-25.0, 30.0, -20.0))):
        for _ in range(3):
            joints.append(Joint(f"x{len(joints)}", parent, offset))
            parent = len(joints) - 1
        ends.append(EndSite(parent, offset))
    winged = roles_by_shape(Rig(tuple(joints), tuple(ends)))
    assert {i: winged[i] for i in plain} == plain
    assert {winged[i][0] for i in range(len(rig), len(joints))} == {"extra"}


def test_a_body_without_a_head_is_left_unexplained():
    assert roles_by_shape(beast()) == {}
    assert (
        roles_by_shape(Rig((Joint("a", -1, (0, 0, 0)), Joint("b", 0, (0, 10.0, 0))), (EndSite(1, (0, 5.0, 0)),))) == {}
    )
    assert {m.role for m in understand(beast())} == {""}


def test_abbreviated_shoulders_are_understood_by_name():
    rig = rig_of(BRAM)
    short = {"LeftArm": "lShldr", "RightArm": "rShldr", "LeftForeArm": "lForeArm", "RightForeArm": "rForeArm"}
    renamed = replace(rig, joints=tuple(replace(j, name=short.get(j.name, j.name)) for j in rig.joints))
    meanings = {j.name: m for j, m in zip(renamed.joints, understand(renamed), strict=True)}
    assert (meanings["lShldr"].role, meanings["lShldr"].side) == ("upper arm", "left")


def test_what_the_shape_told_is_settled_at_a_click():
    text = motion_file(demo("Gap hop")).decode()
    for i, name in enumerate(demo("Gap hop").performer.rig.names):
        text = re.sub(rf"(ROOT|JOINT) {name}$", rf"\1 {i:03d}", text, flags=re.M)
    shot = shot_from_file(text.encode(), "Numbers", "numbers.bvh")
    meanings = shot.performer.body().anatomy.meanings
    assert {m.confidence for m in meanings} == {SHAPE}
    settled = Ask("settle_shape").apply(shot)
    now = settled.performer.body().anatomy.meanings
    assert {m.confidence for m in now} == {SURE}
    told = [(m.role, m.side) for m in meanings if m.role in ASSIGNABLE]
    assert [(m.role, m.side) for m in now if m.role in ASSIGNABLE[:-1]] == told
    np.testing.assert_allclose(settled.performer.body().masses, shot.performer.body().masses)
    with pytest.raises(EditError, match="nothing to settle"):
        Ask("settle_shape").apply(settled)
