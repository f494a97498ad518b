"""Quick hands: what is done while the last thing is being saved is kept, in order, and shown at once."""

import threading

import numpy as np
import pytest
from flask import request
from selenium.webdriver.common.keys import Keys

from ironarc.store import shots
from tests.browser.test_block import Blocker, at_of, stands


@pytest.fixture
def block(person):
    return Blocker(person)


@pytest.fixture
def gate(served):
    """Edits wait at it until it is opened."""
    opened, held = threading.Event(), []

    @served.app.before_request
    def wait():
        if request.path.endswith(("/edits", "/undo")):
            held.append(request.path)
            opened.wait(30)

    opened.held = held
    yield opened
    opened.set()


def steps_of(session, shot_id: int) -> list[str]:
    """What undo would take back, newest first."""
    session.rollback()
    says = []
    while (now := shots.standing(session, shot_id)).undo_says:
        says.append(now.undo_says)
        shots.undo(session, shot_id)
    return says


def grip_at(person, grip: str) -> tuple[float, float]:
    person.frames_pass()
    rect = person.one(f'[data-grip="{grip}"]').rect
    return rect["x"], rect["y"]


def test_drags_and_steps_begun_before_the_last_is_saved_are_all_kept(person, block, session, hop, gate):
    block.open(hop, "&frame=10")
    before = stands(session, hop)
    for _ in range(3):  # a drag, a frame on, the next drag: nothing of it is saved meanwhile
        x = grip_at(person, "right hand")[0]
        person.drag('[data-grip="right hand"]', (12, -14), (8, -8))
        person.until(lambda x=x: grip_at(person, "right hand")[0] > x + 8)
        person.press(Keys.ARROW_RIGHT)
    assert person.frame == 13
    person.press(Keys.ARROW_LEFT)  # what waits is drawn on its own frame
    assert person.one("#saved").text == "Saving…"
    assert len(gate.held) == 1
    gate.set()
    block.settled(lambda: True)
    after = stands(session, hop)
    for frame in (10, 11, 12):
        moved = at_of(after, "right hand", frame) - at_of(before, "right hand", frame)
        assert np.linalg.norm(moved) > 0.05, frame
    assert len(steps_of(session, hop)) == 3


def test_drags_of_one_grip_on_one_frame_add_up(person, block, session, hop, gate):
    block.open(hop, "&frame=10")
    block.choose("along", "up")
    heights = [at_of(stands(session, hop), "right hand", 10)[1]]
    first = grip_at(person, "right hand")[1]
    for n in range(1, 4):
        person.drag('[data-grip="right hand"]', (0, -8), (0, -8))
        person.until(lambda n=n: first - grip_at(person, "right hand")[1] > 16 * n - 6)
    gate.set()
    block.settled(lambda: True)
    # what stands is what was seen: the grip stays where it was left
    assert first - grip_at(person, "right hand")[1] == pytest.approx(48, abs=5)
    for _ in range(3):
        shots.undo(session, hop)
        session.rollback()
        heights.append(at_of(stands(session, hop), "right hand", 10)[1])
    up = [heights[1] - heights[2], heights[2] - heights[3]]
    assert heights[3] == pytest.approx(heights[0], abs=1e-6)
    assert min(up) > 0.03


def test_undo_while_a_move_is_being_saved_takes_back_that_move(person, block, session, hop, gate):
    block.open(hop, "&frame=10")
    before = stands(session, hop)
    person.drag('[data-grip="right hand"]', (12, -14), (8, -8))
    person.drag('[data-grip="left hand"]', (12, -14), (8, -8))
    person.chord(Keys.CONTROL, "z")
    gate.set()
    block.settled(lambda: "/undo" in gate.held[-1])
    after = stands(session, hop)
    assert np.linalg.norm(at_of(after, "right hand", 10) - at_of(before, "right hand", 10)) > 0.05
    assert at_of(after, "left hand", 10) == pytest.approx(at_of(before, "left hand", 10), abs=2e-3)


def test_a_body_is_moved_twice_before_the_first_is_saved(person, session, hop, gate):
    person.open_shot(hop, "?step=set")
    person.click("[data-item] [data-pick]")
    handle = ".handle.is-move"
    person.until(lambda: person.one(handle).is_displayed())
    was = stands(session, hop).performer.placement.offset_m
    person.drag(handle, (14, 0), (10, 0))
    person.drag(handle, (14, 0), (10, 0))
    gate.set()
    person.until(lambda: person.one("#saved").text == "Saved" and len(gate.held) == 2)
    both = np.array(stands(session, hop).performer.placement.offset_m) - was
    shots.undo(session, hop)
    once = np.array(stands(session, hop).performer.placement.offset_m) - was
    assert np.linalg.norm(once) > 0.05
    assert np.linalg.norm(both) == pytest.approx(2 * np.linalg.norm(once), rel=0.15)
