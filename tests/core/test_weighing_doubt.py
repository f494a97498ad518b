"""What a reading owes to the weighing: a trunk heavier than its table says is no fault of a motion."""

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.figure.body import weigh
from ironarc.core.figure.weighing import FixedMass, Weighing
from ironarc.core.judging.findings import find
from ironarc.core.motion.poses import poses_of
from ironarc.core.reading import read
from ironarc.core.reading.momentum import body_centres, whole_com
from tests.core.test_contacts import BODY
from tests.figures import carried, posed

G, FPS, N = 9.81, 24, 28
HEAVY = weigh(BODY.anatomy.rig, BODY.scale_to_m, Weighing(preset="heavy trunk"))


def somersault(body, off: np.ndarray | None = None):
    """Bram bent over his legs, arms ahead, turning once in the air with the center of gravity of one body on its arc,
    moved by `off` (frames, 3) m from it."""
    turn = rotation.about_axis("X", np.linspace(0, 2 * np.pi, N))
    poses = posed(carried(np.full(N, 1.0), 1 / FPS, turn=turn), {"Spine": (0.9, 0, 0), "LeftUpLeg": (-1.2, 0, 0)})
    t = np.arange(N) / FPS
    arc = np.column_stack([0 * t, 1.5 + G / 2 * t * (t[-1] - t), 1.2 * t])
    translation = poses.translation.copy()
    translation[:, 0] += arc - whole_com(body_centres(poses, body), body) + (0 if off is None else off)
    return poses_of(poses.rig, poses.frames, poses.dt, poses.local, translation)


def test_a_path_that_another_weighing_puts_on_its_arc_is_no_fault():
    reading = read(somersault(HEAVY), BODY, G, 0.0)
    (flight,) = reading.flights
    assert flight.arc_max_m > 0.025
    assert reading.traced.weighing_doubt.off_arc(slice(0, N), G) < 0.006
    assert not [f for f in find(reading) if f.kind in ("arc", "hang", "phantom")]
    # and by its own weighing it lies on its arc to a millimetre
    assert read(somersault(HEAVY), HEAVY, G, 0.0).flights[0].arc_max_m < 0.001


def test_a_bump_is_a_fault_whatever_the_body_weighs():
    bump = np.outer(np.exp(-(((np.arange(N) - 14) / 3.0) ** 2)), [0.0, 0.12, 0.0])
    reading = read(somersault(HEAVY, bump), BODY, G, 0.0)
    assert reading.traced.weighing_doubt.off_arc(slice(0, N), G) > 0.06
    assert [f for f in find(reading) if f.kind == "arc"]


def test_the_stated_error_of_gravity_holds_the_other_tables_gravity():
    reading = read(somersault(HEAVY), BODY, G, 0.0)
    (flight,) = reading.flights
    # the build is as far from the table as any: its spread is taken for two standard errors
    assert 0.3 < abs(flight.implied_g - G) < 3 * flight.implied_g_se
    alone = read(carried(np.maximum(0.5 + 2 * np.arange(12) / FPS - G / 2 * (np.arange(12) / FPS) ** 2, 0.3)), BODY, G)
    assert alone.traced.weighing_doubt.gravity(slice(0, 12)) < 0.01  # a stiff body falls alike, whatever it weighs


def test_what_was_typed_is_sure():
    names = [BODY.anatomy.rig.names[joint] for joint in BODY.joints]
    held = tuple((name, FixedMass(float(kg))) for name, kg in zip(names, BODY.masses, strict=True))
    sure = weigh(BODY.anatomy.rig, BODY.scale_to_m, Weighing(held=held))
    reading = read(somersault(HEAVY), sure, G, 0.0)
    assert reading.traced.weighing_doubt.gravity(slice(0, N)) == 0.0
    assert reading.traced.weighing_doubt.plumb().max() == 0.0
    assert [f for f in find(reading) if f.kind == "arc"]


def test_the_plumb_is_the_less_sure_the_more_hangs_on_one_side():
    stands = carried(np.zeros(20), 1 / FPS)
    bent = posed(stands, {"Spine": (1.4, 0, 0)})
    upright, over = (read(p, BODY, G, 0.0).traced.weighing_doubt.plumb().max() for p in (stands, bent))
    assert over > 3 * upright
    assert over == pytest.approx(0.01, abs=0.008)


def test_a_stiff_turn_owes_nothing_to_the_weighing_and_a_swung_leg_its_share():
    turn = rotation.about_axis("X", np.linspace(0, 2.0, N))
    stiff = read(carried(np.full(N, 1.0), 1 / FPS, turn=turn), BODY, G, 0.0)
    assert stiff.traced.weighing_doubt.spin(slice(1, N - 1)) < 0.02 * np.linalg.norm(stiff.angular_momentum[N // 2])
    swing = np.outer(0.8 * np.sin(2 * np.pi * np.arange(N) / 12), [1.0, 0.0, 0.0])
    kicks = read(posed(carried(np.full(N, 1.0), 1 / FPS), {"LeftUpLeg": swing}), BODY, G, 0.0)
    doubt = kicks.traced.weighing_doubt
    at = slice(2, N - 2)
    # by hand: every segment's own part of L, its mean taken off, by half of what its share is unsure by
    each = doubt._spins[:, at] - doubt._spins[:, at].mean(axis=1, keepdims=True)
    rms = np.sqrt((each**2).sum(axis=2).mean(axis=1))
    assert doubt.spin(at) == pytest.approx(float(np.sqrt(((doubt.spread / 2 * rms) ** 2).sum())))
    legs = [i for i, s in enumerate(dict.fromkeys(p.segment for p in BODY.parts)) if s in ("thigh", "shank", "foot")]
    assert rms[legs].sum() > 0.5 * rms.sum()
    assert doubt.spin(slice(0, 2)) == 0.0


def test_a_share_is_unsure_by_what_another_table_says_and_by_a_tenth_at_least():
    doubt = read(carried(np.zeros(10), 1 / FPS), BODY, G, 0.0).traced.weighing_doubt
    spread = dict(zip(dict.fromkeys(p.segment for p in BODY.parts), doubt.spread, strict=True))
    assert spread["forearm"] == 0.1
    assert spread["thigh"] == pytest.approx(1 - 0.100 / 0.1416, abs=0.01)
    assert spread["trunk"] == pytest.approx(0.497 / 0.4346 - 1, abs=0.01)
    assert doubt.mass.sum() == pytest.approx(BODY.mass_kg)
