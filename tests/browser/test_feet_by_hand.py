"""Feet, ankles and chests posed with the mouse, as a body moves."""

import numpy as np
import pytest

from ironarc.core import rotation
from tests.browser.test_block import Blocker, at_of, stands


@pytest.fixture
def block(person):
    return Blocker(person)


def pulled(person, block, grip: str, *way: tuple[int, int]) -> None:
    """Drags a grip, and waits until that is saved."""
    block.kept(lambda: person.drag(f'[data-grip="{grip}"]', *way))


@pytest.mark.parametrize("view", ["front", "side", "free"])
def test_a_heel_is_lifted_with_the_toes_on_the_ground_in_every_view(person, block, session, hop, view):
    before = stands(session, hop)
    block.open(hop, "&frame=8")
    person.click(f'[data-view="{view}"]')
    pulled(person, block, "left heel", (0, -8), (0, -8))
    after = stands(session, hop)
    moved = {w: at_of(after, f"left {w}", 8) - at_of(before, f"left {w}", 8) for w in ("heel", "ball", "toe")}
    assert moved["heel"][1] > 0.03
    np.testing.assert_allclose(moved["ball"], 0, atol=2e-3)
    assert abs(moved["toe"][1]) < 2e-3
    np.testing.assert_allclose(at_of(after, "hips", 8), at_of(before, "hips", 8), atol=1e-6)


@pytest.mark.parametrize("view", ["front", "side"])
def test_an_ankle_is_pitched_by_a_drag_up_in_every_view(person, block, session, hop, view):
    before = stands(session, hop)
    block.open(hop, "&frame=37")
    person.click(f'[data-view="{view}"]')
    block.choose("tool", "turn")
    pulled(person, block, "left foot", (0, -10), (0, -10))
    after = stands(session, hop)
    foot = before.performer.rig.index("LeftFoot")
    was, now = (shot.poses("", np.array([37])).rotation[0, foot] for shot in (before, after))
    turn = rotation.log(rotation.multiply(now, rotation.conjugate(was)))
    across = rotation.rotate(was, np.array([1.0, 0.0, 0.0]))
    # about the line across the foot, and hardly about any other: its toes come up
    assert abs(turn @ across) > 0.9 * np.linalg.norm(turn) > 0.1
    assert at_of(after, "left toe", 37)[1] > at_of(before, "left toe", 37)[1] + 0.02


def test_hips_are_pulled_onto_tiptoe_and_a_chest_bends_over_still_hips(person, block, session, hop):
    before = stands(session, hop)
    block.open(hop, "&frame=1")
    person.click('[data-view="side"]')
    block.choose("how", "body")
    pulled(person, block, "hips", (0, -4), (0, -4))
    tiptoe = stands(session, hop)
    for side in ("left", "right"):
        assert at_of(tiptoe, f"{side} heel", 1)[1] - at_of(before, f"{side} heel", 1)[1] > 0.02
        assert abs(at_of(tiptoe, f"{side} ball", 1)[1] - at_of(before, f"{side} ball", 1)[1]) < 0.01
    block.choose("how", "limb")
    pulled(person, block, "chest", (10, 3), (10, 3))
    bent = stands(session, hop)
    assert np.linalg.norm(at_of(bent, "chest", 1) - at_of(tiptoe, "chest", 1)) > 0.05
    np.testing.assert_allclose(at_of(bent, "hips", 1), at_of(tiptoe, "hips", 1), atol=1e-6)
    assert person.complaints() == []
