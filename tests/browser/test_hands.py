"""Quick hands: what is done while the last thing is being saved is kept, in order, and shown at once."""

import random
import threading

import numpy as np
import pytest
from flask import request
from selenium.webdriver.common.keys import Keys

from ironarc.store import shots
from ironarc.store.models import RevisionRow
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


def steps_made(session, shot_id: int) -> int:
    """How many steps undo can go back."""
    session.rollback()
    revision, steps = shots.standing(session, shot_id).revision, 0
    while (parent := session.get(RevisionRow, revision).parent_id) is not None:
        revision, steps = parent, steps + 1
    return steps


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


# --- one selection ----------------------------------------------------------------------------------------------


def test_two_keys_selected_are_two_keys_deleted_and_undo_leaves_none_selected_that_is_gone(person, block, session, hop):
    block.open(hop)
    block.tab("keys")
    before = stands(session, hop).performer.layers[0].columns
    person.click('[data-key="left arm|20"]')
    person.hand().key_down(Keys.SHIFT).click(person.one('[data-key="head|29"]')).key_up(Keys.SHIFT).perform()
    person.sees('[data-scope="span"]', "left arm, head, 2 keys")
    block.kept(lambda: person.press(Keys.DELETE))
    after = stands(session, hop).performer.layers[0].columns
    arm, head = ("LeftArm", "turn"), ("Head", "turn")
    gone = {key: sorted(set(before[key].key_frames) - set(after[key].key_frames)) for key in (arm, head)}
    assert gone == {arm: [20], head: [29]}
    person.sees('[data-scope="span"]', "the whole pose")  # what is gone is not selected


def test_a_click_on_nothing_and_escape_deselect(person, block, session, hop):
    block.open(hop)
    block.take("left hand")
    person.hand().move_to_element_with_offset(person.one(".stage-canvas"), -330, -120).click().perform()
    person.sees("#taken", "No part selected")
    block.take("left hand")
    person.click('[data-key="head|20"]')
    person.press(Keys.ESCAPE)
    person.sees("#taken", "No part selected")
    block.tab("keys")
    person.sees('[data-scope="span"]', "the whole pose")
    assert not person.all(".key-mark.is-taken")


def test_a_double_click_selects_the_limb_and_page_keys_step_through_its_poses(person, block, session, hop):
    block.open(hop, "&frame=1")
    grip = person.one('[data-grip="left hand"]')
    limb = ("left shoulder", "left elbow", "left hand")

    def taken() -> bool:
        return all(any(name in text for text in person.texts("#taken")) for name in limb)

    # on a slow machine the second press may come too late to be one with the first
    person.until(lambda: person.hand().double_click(grip).perform() or person.frames_pass() or taken())
    person.press(Keys.PAGE_DOWN)
    first = person.frame
    person.press(Keys.PAGE_DOWN)
    keyed = [int(f) for f in stands(session, hop).performer.layers[0].columns["LeftArm", "turn"].key_frames]
    assert 1 < first < person.frame
    assert {first, person.frame} <= set(keyed)
    person.press(Keys.PAGE_UP)
    assert person.frame == first


def test_the_right_button_has_what_can_be_done_with_what_is_under_it(person, block, session, hop):
    block.open(hop, "&frame=20")
    person.hand().context_click(person.one('[data-grip="left foot"]')).perform()
    person.sees(".menu", "Pin it here")
    block.kept(lambda: person.press(Keys.ARROW_DOWN, Keys.ENTER))
    (pin,) = stands(session, hop).performer.pins
    assert (pin.part, pin.start) == ("left foot", 20)
    person.hand().context_click(person.one('[data-key="head|29"]')).perform()
    person.sees(".menu", "Delete")
    person.press(Keys.ESCAPE)
    person.until(lambda: not person.one(".menu").is_displayed())


def test_all_that_is_selected_turns(person, block, session, hop):
    block.open(hop, "&frame=10")
    block.take("left elbow", "right elbow")
    block.choose("tool", "turn")
    block.fill("typed", x=30, y=0, z=0)
    before = stands(session, hop)
    block.submit("typed")
    after = stands(session, hop)
    for hand in ("left hand", "right hand"):
        assert np.linalg.norm(at_of(after, hand, 10) - at_of(before, hand, 10)) > 0.05


def test_a_key_is_dragged_on_before_its_last_move_is_saved(person, block, session, hop, gate):
    block.open(hop)
    person.drag('[data-key="left arm|53"]', (13, 0), (11, 0))
    moved = next(n.get_attribute("data-key") for n in person.all(".key-mark.is-taken"))
    assert moved != "left arm|53"  # it stands where it was left
    person.drag(f'[data-key="{moved}"]', (13, 0), (11, 0))
    again = next(n.get_attribute("data-key") for n in person.all(".key-mark.is-taken"))
    gate.set()
    block.settled(lambda: len(gate.held) == 2)
    frames = stands(session, hop).performer.layers[0].columns["LeftArm", "turn"].key_frames
    assert int(again.split("|")[1]) in frames
    assert not {53, int(moved.split("|")[1])} & set(frames)


def test_a_key_dropped_on_another_says_so(person, block, session, hop):
    block.open(hop)
    frames = sorted(int(f) for f in stands(session, hop).performer.layers[0].columns["Head", "turn"].key_frames)
    at = frames.index(20)
    gap = frames[at + 1] - 20
    person.click('[data-key="head|20"]')
    for _ in range(gap):
        person.chord(Keys.ALT, Keys.ARROW_RIGHT)
    person.sees("#bench-message", "1 key was replaced there")


# --- forms remember ---------------------------------------------------------------------------------------------


def test_what_was_refused_stays_typed_and_its_field_is_marked(person, block, session, hop):
    block.open(hop)
    block.tab("keys")
    person.click('[data-key="head|20"]')
    block.fill("stretch", factor=0)
    person.click('[data-form="stretch"] button')
    person.sees("#bench-message", "between 1 and 10,000 %")
    factor = '[data-form="stretch"] [name="factor"]'
    person.until(lambda: person.one(factor).get_attribute("aria-invalid") == "true")
    assert person.one(factor).get_property("value") == "0"
    person.click(".message-close")
    person.until(lambda: not person.one("#bench-message").is_displayed())
    # after a success the choice stays too
    block.fill("stretch", factor=120)
    block.submit("stretch")
    assert person.one(factor).get_property("value") == "120"
    assert not person.one(factor).get_attribute("aria-invalid")


def test_a_range_that_is_refused_stays_typed(person, session, hop):
    person.open_shot(hop, "?step=set")
    field = person.one("#range-last")
    field.send_keys(Keys.CONTROL, "a")
    field.send_keys("0", Keys.ENTER)
    person.until(lambda: person.one("#bench-message").text)
    person.until(lambda: person.one("#range-last").get_attribute("aria-invalid") == "true")
    assert person.one("#range-last").get_property("value") == "0"


def test_a_rate_is_asked_about_when_it_is_typed_out(person, session, hop, served):
    asked = []

    @served.app.before_request
    def note():
        if request.path.endswith("/rate"):
            asked.append(request.args["rate"])

    person.open_shot(hop, "?step=set")
    field = person.one("#rate")
    field.send_keys(Keys.CONTROL, "a")
    field.send_keys("30")
    person.sees("#rate-effect", "f ·")
    assert asked == ["30"]


# --- the stage comes first --------------------------------------------------------------------------------------


def test_the_stage_keeps_its_share_however_many_rows_are_open_and_grips_make_room(person, block, session, hop):
    block.open(hop)
    stage, bench = person.one(".stage-canvas"), person.one("#bench")
    share = lambda: stage.size["height"] / bench.size["height"]  # noqa: E731
    person.frames_pass()
    before = share()
    for part in ("left leg", "right leg", "left arm"):
        person.click(f'[data-row-name="{part}"]')
    person.until(lambda: len(person.all("[data-row-name]")) > 15)
    person.frames_pass()
    if bench.size["height"] > 600:
        assert before > 0.5
    assert share() == pytest.approx(before, abs=0.005)
    # rows are scrolled under the frames' numbers, which stay
    ruler, body = person.one("#ruler"), person.one("#trestle-body")
    person.driver.execute_script("arguments[0].scrollTop = 200", body)
    person.frames_pass()
    assert person.driver.execute_script("return arguments[0].scrollTop", body) > 50
    assert ruler.rect["y"] == pytest.approx(body.rect["y"], abs=1)
    person.press("h")
    person.until(lambda: not person.one('[data-grip="head"]').is_displayed())
    person.press("h")
    person.until(lambda: person.one('[data-grip="head"]').is_displayed())


# --- work in the background -------------------------------------------------------------------------------------


def test_work_goes_on_being_told_when_the_page_is_left_and_opened_again(person, hop):
    person.open_shot(hop, "?step=true")
    person.click("#plan-form button:not([type=button])")
    person.sees("#work-says", "Waits for a worker")
    person.go("/")
    person.open_shot(hop, "?step=true")
    person.sees("#work-name", "Plan: ")
    person.sees("#work-says", "Waits for a worker")
    person.click("#work-stop")
    person.sees("#work-says", "Stopped")
    person.open_shot(hop, "?step=true")
    person.sees("#work-says", "Stopped")
    person.click("#work-stop")
    person.open_shot(hop, "?step=true")
    person.until(lambda: person.all("#work"))
    assert not person.one("#work").is_displayed()


# --- anything at any moment -------------------------------------------------------------------------------------

STEPS = 24


class Model:
    """What should stand: the shot after each edit, and where undo has come to."""

    def __init__(self, shot):
        self.past, self.at = [shot], 0

    @property
    def now(self):
        return self.past[self.at]

    def made(self, shot) -> None:
        self.past = [*self.past[: self.at + 1], shot]
        self.at += 1


@pytest.mark.parametrize("seed", [3])
def test_whatever_is_done_at_any_moment_what_stands_is_what_was_done(person, block, session, hop, seed):
    chance = random.Random(seed)
    block.open(hop, "&frame=10")
    model = Model(stands(session, hop))

    def settled() -> None:
        block.settled(lambda: True)

    def drag(grip: str) -> bool:
        person.drag(f'[data-grip="{grip}"]', (chance.choice((-9, 9)), -9), (6, -8))
        return True

    def nudge() -> bool:
        block.take("right hand")
        person.chord(Keys.ALT, Keys.ARROW_UP)
        return True

    def key() -> bool:
        person.press("k")
        return True

    def escaped() -> bool:
        person.hand().click_and_hold(person.one('[data-grip="left hand"]')).move_by_offset(12, -12).perform()
        person.press(Keys.ESCAPE)
        person.hand().release().perform()
        return False

    def reloaded() -> bool:
        block.open(hop, f"&frame={chance.randint(6, 26)}")
        return False

    def undone(way: int) -> bool:
        person.chord(Keys.CONTROL, "z" if way < 0 else "y")
        model.at = min(max(model.at + way, 0), len(model.past) - 1)
        return False

    for _ in range(STEPS):
        name, what = chance.choice([
            ("a drag", lambda: drag("left hand")), ("a drag", lambda: drag("head")), ("a nudge", nudge), ("a key", key),
            ("Esc", escaped), ("a reload", reloaded), ("undo", lambda: undone(-1)), ("redo", lambda: undone(1)),
            ("undo", lambda: undone(-1)),
        ])  # fmt: skip
        before = steps_made(session, hop)
        edits = what()
        settled()
        after = stands(session, hop)
        if edits and steps_made(session, hop) > before:
            model.made(after)
        for one, other in zip(model.now.performers, after.performers, strict=True):
            assert [layer.id for layer in one.layers] == [layer.id for layer in other.layers], name
            for mine, there in zip(one.layers, other.layers, strict=True):
                assert mine.columns.keys() == there.columns.keys(), name
                for column, keys in mine.columns.items():
                    for own, found in zip(keys._columns, there.columns[column]._columns, strict=True):
                        assert np.array_equal(own, found), (name, column)
        person.press(chance.choice((Keys.ARROW_LEFT, Keys.ARROW_RIGHT)))
    while model.at:
        undone(-1)
        settled()
    assert steps_made(session, hop) == 0
    assert person.complaints() == []


def test_a_hundred_moves_as_fast_as_they_come_are_a_hundred_moves(person, block, session, hop):
    block.open(hop, "&frame=10")
    block.take("left hand")
    before = stands(session, hop)
    chain = person.hand().key_down(Keys.ALT).key_down(Keys.SHIFT)
    for _ in range(100):
        chain.send_keys(Keys.ARROW_UP)
    chain.key_up(Keys.SHIFT).key_up(Keys.ALT).perform()
    block.settled(lambda: steps_made(session, hop) == 100)
    moved = at_of(stands(session, hop), "left hand", 10) - at_of(before, "left hand", 10)
    np.testing.assert_allclose(moved, [0, 0.1, 0], atol=1e-3)


def test_a_plan_is_built_by_choosing_steps(person, hop):
    person.open_shot(hop, "?step=true")
    person.click('[data-plan="steps"]')
    person.click("#plan-form button:not([type=button])")
    person.sees("#bench-message", "The plan has no step yet")
    for step in ("arc:time", "spin"):
        person.choose("#plan-add", person.one(f'#plan-add option[value="{step}"]').text.strip())
        person.until(lambda step=step: step in person.one("#plan-text").get_property("value"))
    person.choose("#plan-add", person.one('#plan-add option[value="landing"]').text.strip())
    person.click('[data-plan-drop="1"]')
    person.until(lambda: person.one("#plan-text").get_property("value") == "arc:time, landing")
    person.click("#plan-form button:not([type=button])")
    person.sees("#work-name", "Plan: arc:time, landing")
    person.driver.refresh()
    person.bench_ready()
    assert person.one("#plan-text").get_property("value") == "arc:time, landing"
    person.click('[data-plan="all"]')
    assert person.one("#plan-text").get_property("value") == "all"


def test_what_can_be_worked_out_is_a_box_and_no_magic_number(person, hop):
    person.open_shot(hop, "?step=true")
    person.click("[data-true='ways']")
    person.until(lambda: person.all(".way-try"))
    person.click(".way-try")
    field = "#trying-options [name='past']"
    person.until(lambda: person.all(field))
    box = "#trying-options label:has([name='past']) .option-found input"
    assert not person.one(box).is_selected()
    person.click(box)
    person.until(lambda: "past=-1" in person.shown()[0])
    assert not person.one(field).is_enabled()
    person.click(box)
    person.until(lambda: "past=0" in person.shown()[0])


BESIDE_A_KEY = """const path = document.querySelector('.curve-hit[data-hit="Hips|ty"]');
const at = document.querySelector(arguments[0]).cx.baseVal.value + 7, box = document.getElementById('curves');
let low = 0, high = path.getTotalLength();
for (let i = 0; i < 30; i++) {
  const middle = (low + high) / 2;
  if (path.getPointAtLength(middle).x < at) low = middle; else high = middle;
}
const point = path.getPointAtLength(low), { width, height } = box.getBoundingClientRect();
return [Math.round(point.x - width / 2), Math.round(point.y - height / 2)];"""


def test_a_click_on_a_curve_takes_its_nearest_key(person, block, session, hop):
    block.open(hop, "&frame=37")
    block.take("hips")
    block.tab("curves")
    person.until(lambda: person.all('.curve-hit[data-hit="Hips|ty"]'))
    assert len(person.all(".curve-name")) >= 4  # each curve says which it is, angles and places alike
    person.frames_pass()
    name = [n.get_attribute("data-curve-key") for n in person.all('[data-curve-key^="Hips|ty"]')][3]
    key = f'[data-curve-key="{name}"]'
    # beside the key, on the curve itself
    across, down = person.driver.execute_script(BESIDE_A_KEY, key)
    person.hand().move_to_element_with_offset(person.one("#curves"), across, down).click().perform()
    person.until(lambda: person.all(f".curve-key.is-taken{key}"))


def test_a_part_trails_as_a_spring_from_its_form(person, block, session, hop):
    block.open(hop)
    block.take("left hand")
    block.tab("keys")
    block.submit("trail")
    assert stands(session, hop).performer.layers[-1].name == "left arm trails"
