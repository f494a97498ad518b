import itertools

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from ironarc.core.errors import EditError
from ironarc.core.figure.body import weigh
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.figure.segments import _TABLE, BUILDS, full_body, segment_shape
from ironarc.core.figure.weighing import Weighing
from ironarc.core.reading.momentum import body_centres, whole_com, whole_inertia
from tests.figures import BRAM_RIG, CM, identity, spine_rig, stiff_poses


def whole(rig: Rig, mass: float = 75.0, build: str = "m"):
    """com (3,) m and inertia (3, 3) of a rig in its rest pose."""
    body = weigh(rig, CM, Weighing(mass, BUILDS[build]))
    poses = stiff_poses(rig, identity(1), np.zeros((1, 3)), 1 / 24)
    centres = body_centres(poses, body)
    com = whole_com(centres, body)
    return com[0], whole_inertia(poses, body, centres, com, slice(None))[0]


@pytest.mark.parametrize("build", ["f", "m"])
def test_the_table_adds_up_to_a_body(build):
    assert full_body(BUILDS[build]) == pytest.approx(1.0, abs=5e-4)


@pytest.mark.parametrize("build", ["f", "m"])
@pytest.mark.parametrize("segment", list(_TABLE))
def test_a_segment_s_density_has_its_moments_and_is_nowhere_negative(segment, build):
    shape = segment_shape(segment, BUILDS[build])
    mass, com, axial = shape.spread(0.0, 1.0)
    assert mass == pytest.approx(1.0)
    assert com == pytest.approx(shape.com)
    assert axial == pytest.approx(shape.axial)
    cuts = np.linspace(0, 1, 41)
    assert all(shape.spread(a, b)[0] > 0 for a, b in itertools.pairwise(cuts))
    assert min(shape.cross) > 0


@given(mass=st.floats(1.0, 400.0), build=st.sampled_from(["f", "m"]))
def test_total_mass_is_what_was_asked_for(mass, build):
    body = weigh(BRAM_RIG, CM, Weighing(mass, BUILDS[build]))
    assert body.masses.sum() == pytest.approx(mass, abs=1e-9)


def test_standing_adult_against_published_whole_body_values():
    com, inertia = whole(BRAM_RIG)
    hips = 181.0 * 0.53  # the rig stands with its hips at this height
    # standing center of gravity of adult men, arms down: 0.54 to 0.58 of stature (Winter 2009)
    assert 0.54 < (hips + com[1] * 100) / 181.0 < 0.58
    # standing moments of inertia of adult men: 10 to 15 kg·m² about both level axes, 0.8 to 2 about the upright one
    assert 9.5 < inertia[0, 0] < 15
    assert 9.5 < inertia[2, 2] < 15
    assert 0.8 < inertia[1, 1] < 2.0


@pytest.mark.parametrize("cuts", [3, 5, 10])
def test_a_spine_weighs_and_turns_the_same_however_it_is_cut(cuts):
    com_two, inertia_two = whole(spine_rig(2))
    com, inertia = whole(spine_rig(cuts))
    np.testing.assert_allclose(com, com_two, atol=1e-12)
    np.testing.assert_allclose(inertia, inertia_two, atol=1e-10)


def test_every_part_s_inertia_is_a_solid_s():
    for part in weigh(BRAM_RIG, CM).parts:
        moments = np.linalg.eigvalsh(part.inertia_kgm2)
        assert moments[0] > 0
        assert moments[0] + moments[1] >= moments[2] - 1e-12  # true of any distribution of mass


def test_left_and_right_weigh_the_same():
    com, inertia = whole(BRAM_RIG)
    assert com[0] == pytest.approx(0.0, abs=1e-12)
    assert inertia[0, 1] == pytest.approx(0.0, abs=1e-12)


def test_a_rig_without_collars_hands_or_toes_has_all_its_segments():
    keep = [j for j in BRAM_RIG.names if not j.endswith(("Collar", "Hand", "Toe"))]
    joints, index = [], {name: i for i, name in enumerate(keep)}
    for name in keep:
        above, offset = (
            BRAM_RIG.joints[BRAM_RIG.index(name)].parent,
            np.array(BRAM_RIG.joints[BRAM_RIG.index(name)].offset),
        )
        while above >= 0 and BRAM_RIG.names[above] not in index:
            offset = offset + BRAM_RIG.joints[above].offset
            above = BRAM_RIG.joints[above].parent
        joints.append(Joint(name, index[BRAM_RIG.names[above]] if above >= 0 else -1, tuple(offset)))
    body = weigh(Rig(tuple(joints)), CM, Weighing(82.0))
    segments = [p.segment for p in body.parts]
    assert segments.count("hand") == segments.count("foot") == 2
    assert {joints[p.joint].name for p in body.parts if p.segment == "hand"} == {"LeftForeArm", "RightForeArm"}
    assert body.masses.sum() == pytest.approx(82.0)
    com, _ = whole(Rig(tuple(joints)))
    np.testing.assert_allclose(com, whole(BRAM_RIG)[0], atol=0.012)


@pytest.mark.parametrize("mass", [0.0, -3.0, float("nan"), float("inf")])
def test_a_mass_that_is_none_is_refused(mass):
    with pytest.raises(EditError, match="The body's mass must be more than 0"):
        weigh(BRAM_RIG, CM, Weighing(mass))


def test_an_unnamed_rig_is_weighed_by_length_and_girth():
    rig = Rig((Joint("qux", -1, (0, 0, 0)), Joint("quux", 0, (0, 40.0, 0)), Joint("corge", 1, (0, 20.0, 0))))
    body = weigh(rig, CM, Weighing(10.0))
    assert body.anatomy.unexplained == ["qux", "quux", "corge"]
    # girth goes with length, so mass goes with its cube
    assert body.masses[0] / body.masses[1] == pytest.approx(8.0)
