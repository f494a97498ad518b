"""The Block step in a real browser, with mouse and keyboard: a hop from nothing, a captured pose mended, poses kept and
used again, time made, curves broken and scaled."""

import numpy as np
import pytest
from selenium.webdriver.common.keys import Keys

from ironarc.core import rotation
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.grips import grip_called
from ironarc.core.reading import see
from ironarc.store import shots
from tests.conftest import demo


@pytest.fixture
def captured(session):
    """The hop as motion that was brought in."""
    return shots.create(session, shot_from_file(motion_file(demo("Gap hop")), "Captured", scale_to_m=0.01, floor_m=0.0))


def stands(session, shot_id: int):
    """The shot as it stands now."""
    session.rollback()
    return shots.load(session, shot_id, shots.standing(session, shot_id).revision)


def at_of(shot, part: str, frame: int) -> np.ndarray:
    """(3,) m: where a grip is on a frame."""
    poses, grip = shot.poses("", np.array([frame])), grip_called(shot.performer.body(), part)
    return poses.position[0, grip.joint] + rotation.rotate(poses.rotation[0, grip.joint], grip.at_m)


class Blocker:
    """What a person does in Block."""

    def __init__(self, person):
        self.person = person

    def open(self, shot_id: int, query: str = "") -> None:
        self.person.open_shot(shot_id, f"?step=block{query}")
        self.person.until(lambda: self.person.all(".grip"))

    def kept(self, do) -> None:
        """Does something, and waits until what it changes is shown and saved."""
        before = self.person.shown()[1]
        do()
        self.settled(lambda: self.person.shown()[1] != before)

    def settled(self, condition) -> None:
        """Waits for a change that is shown, and for the rows that follow from it."""
        person = self.person
        person.until(lambda: condition() and person.one("#saved").text == "Saved")
        person.until(
            lambda: person.driver.execute_script("return window.htmx && !document.querySelector('.htmx-request')")
        )
        person.until(lambda: person.all("#key-layer option"))
        bench = person.one("#bench")
        person.until(lambda: bench.get_attribute("data-block") == bench.get_attribute("data-revision"))
        person.frames_pass()

    def take(self, *grips: str) -> None:
        """Takes grips, the first alone."""
        for i, grip in enumerate(grips):
            # grips stand where the last picture has them
            self.person.frames_pass()
            node = self.person.one(f'[data-grip="{grip}"]')
            chain = self.person.hand()
            if i:
                chain.key_down(Keys.SHIFT)
            chain.click(node)
            if i:
                chain.key_up(Keys.SHIFT)
            chain.perform()
            self.person.sees("#taken", grip)

    def tab(self, name: str) -> None:
        self.person.click(f'[data-tab="{name}"]')

    def choose(self, group: str, value: str) -> None:
        css = f'[data-choice="{group}"] [data-value="{value}"]'
        self.person.click(css)
        self.person.until(lambda: self.person.one(css).get_attribute("aria-pressed") == "true")

    def fill(self, form: str, **values) -> None:
        for name, value in values.items():
            field = self.person.one(f'[data-form="{form}"] [name="{name}"]')
            field.clear()
            field.send_keys(str(value))

    def submit(self, form: str, button: str = "button:not([type=button])") -> None:
        self.kept(lambda: self.person.click(f'[data-form="{form}"] {button}'))

    def move(self, up: float, ahead: float = 0.0) -> None:
        """Moves what is taken by what is typed, cm."""
        self.fill("typed", x=0, y=up, z=ahead)
        self.submit("typed")


@pytest.fixture
def block(person):
    return Blocker(person)


def test_a_hop_is_blocked_from_nothing_and_read(person, block, session):
    person.go("/")
    person.click("form[action$='/shots/new'] button")
    person.bench_ready()
    shot_id = int(person.driver.current_url.split("/shots/")[1].split("?")[0])
    person.click("[data-step-link=block]")
    person.until(lambda: person.all(".grip"))
    block.choose("auto", "whole")
    block.tab("keys")
    block.kept(lambda: person.click('[data-block="set-pose"]'))
    block.tab("pose")
    block.choose("how", "body")
    block.take("hips")
    # crouch, push, apex, contact, recovery, rest
    for frame, up, stays in (
        (9, -26, True),
        (13, 26, True),
        (18, 26, False),
        (23, -26, False),
        (27, -24, True),
        (36, 24, True),
    ):
        person.type_frame(frame)
        box = person.one('[data-option="touching"]')
        if box.is_selected() != stays:
            box.click()
        block.move(up)
    block.tab("keys")
    for frame, kind in ((9, "extreme"), (18, "breakdown")):
        person.type_frame(frame)
        block.kept(lambda kind=kind: person.click(f'[data-choice="beat"] [data-value="{kind}"]'))
    # timed: the crouch comes a frame later, the fall leaves the apex slowly
    block.kept(lambda: (person.click('[data-key="|9"]'), person.chord(Keys.ALT, Keys.ARROW_RIGHT)))
    person.type_frame(19)
    person.sees("#ease-span", "18 to 23")
    block.kept(lambda: person.click('[data-ease="slow out"]'))
    block.tab("pins")
    for frame in (5, 32):
        person.type_frame(frame)
        block.kept(lambda: person.click('[data-block="pin-touching"]'))
    shot = stands(session, shot_id)
    assert {round(f) for f in shot.performer.layers[0].columns["Hips", "ty"].frames} == {1, 10, 13, 18, 23, 27, 36}
    assert {pin.part for pin in shot.performer.pins} == {"left foot", "right foot"}
    person.click("[data-step-link=read]")
    person.sees("#panel", "Flights")
    (flight,) = see(shot).reading.flights
    assert flight.start >= 13
    assert flight.end <= 23
    assert flight.rise_m == pytest.approx(0.2, abs=0.1)
    assert person.complaints() == []


def test_a_captured_pose_is_mended_on_a_layer_over_it(person, block, session, captured):
    before = stands(session, captured)
    block.open(captured, "&frame=8")
    block.choose("how", "limb")
    block.take("right hand")
    block.move(10)
    mended = stands(session, captured)
    lift = at_of(mended, "right hand", 8) - at_of(before, "right hand", 8)
    np.testing.assert_allclose(lift, [0, 0.1, 0], atol=1e-3)
    np.testing.assert_allclose(at_of(mended, "right hand", 40), at_of(before, "right hand", 40), atol=1e-9)
    assert mended.performer.layers[1].name == "Hand 1"
    block.tab("pins")
    block.take("left foot")
    block.fill("pin", start=3, end=14)
    block.submit("pin")
    person.sees("#pin-list", "left foot")
    held = stands(session, captured)
    assert [(pin.part, pin.start, pin.end) for pin in held.performer.pins] == [("left foot", 3, 14)]
    np.testing.assert_allclose(at_of(held, "left foot", 6), at_of(held, "left foot", 11), atol=1e-4)
    # its end is dragged on the trestle, and taken back
    block.kept(lambda: person.drag("[data-pin-end$='|end']", (24, 0), (8, 0)))
    assert stands(session, captured).performer.pins[0].end > 14
    for _ in range(3):
        block.kept(lambda: person.chord(Keys.CONTROL, "z"))
    assert len(stands(session, captured).performer.layers) == 1
    block.kept(lambda: person.chord(Keys.CONTROL, "y"))
    block.open(captured, "&frame=8")
    again = stands(session, captured)
    np.testing.assert_allclose(at_of(again, "right hand", 8), at_of(mended, "right hand", 8), atol=1e-12)
    block.tab("layers")
    person.sees("#layer-list", "keyed by hand")
    assert person.complaints() == []


def test_a_pose_is_mirrored_shelved_and_used_again(person, block, session, hop):
    block.open(hop, "&frame=37")
    block.tab("shelf")
    person.one('[data-form="shelve"] [name=name]').send_keys("Apex, arms high", Keys.ENTER)
    person.sees("#shelf-list", "Apex, arms high")
    was = stands(session, hop)
    # a mirrored hop: the pose of the hips stays, sides are changed over
    block.tab("pose")
    block.kept(lambda: person.click('[data-mirror="flip"]'))
    mirrored = stands(session, hop)
    left, right = (at_of(s, f"{side} hand", 37)[1] for s, side in ((was, "left"), (mirrored, "right")))
    assert left == pytest.approx(right, abs=1e-6)
    person.type_frame(8)
    block.tab("shelf")
    words = person.one("#shelf-words")
    words.send_keys("apex high")
    person.sees("#shelf-list", "Apex")
    block.kept(lambda: person.click("[data-shelf-do=use]"))
    used = stands(session, hop)
    arm = used.performer.rig.index("LeftArm")
    a, b = used.poses("", np.array([8])).local[0, arm], was.poses("", np.array([37])).local[0, arm]
    assert abs(a @ b) == pytest.approx(1.0, abs=1e-9)
    words = person.one("#shelf-words")
    words.send_keys(" nothing")
    person.sees("#shelf-list", "Nothing on the shelf")
    # a file goes out and comes in again
    words.send_keys(Keys.CONTROL, "a")
    words.send_keys(Keys.DELETE)
    person.until(lambda: person.all("#shelf-list a"))
    person.click("#shelf-list a")
    person.until(lambda: list(person.downloads.glob("*pose*.json")))
    person.one("#shelf-file").send_keys(str(next(iter(person.downloads.glob("*pose*.json")))))
    person.sees("#bench-message", "is on the shelf")
    assert person.complaints() == []


def test_room_is_made_and_a_breakdown_favours_one_side(person, block, session, hop):
    before = stands(session, hop)
    block.open(hop, "&frame=40")
    block.tab("keys")
    block.fill("room", by=4)
    block.submit("room")
    wider = stands(session, hop)
    assert wider.frames == before.frames + 4
    np.testing.assert_allclose(at_of(wider, "head", 76), at_of(before, "head", 72), atol=1e-9)
    person.type_frame(66)
    block.tab("pose")
    block.take("head")
    person.slide("[data-form=between] [name=slide]", 75)
    person.until(lambda: person.one('[data-form="between"] [name=share]').get_property("value") == "75")
    a, b = (int(person.one(f'[data-form="between"] [name={n}]').get_property("value")) for n in ("a", "b"))
    assert a < 66 < b
    block.submit("between")
    shot = stands(session, hop)
    hand = shot.performer.rig.index("Head")
    q = {f: shot.poses("", np.array([f])).local[0, hand] for f in (a, 66, b)}
    whole, gone = (rotation.log(rotation.multiply(rotation.conjugate(q[a]), q[f])) for f in (b, 66))
    np.testing.assert_allclose(gone, 0.75 * whole, atol=1e-6)
    assert "Breakdown" in person.one("#undo").get_attribute("title")


def test_a_slope_is_broken_and_a_curve_scaled_about_the_floor(person, block, session, hop):
    before = stands(session, hop)
    block.open(hop, "&frame=37")
    block.take("hips")
    block.tab("curves")
    for curve in ("Hips|rz", "Hips|rx", "Hips|ry", "Hips|tx", "Hips|tz", "hips|height"):
        person.click(f'[data-curve="{curve}"]')
    person.until(
        lambda: [b.get_attribute("data-curve") for b in person.all("[data-curve]") if b.is_selected()] == ["Hips|ty"]
    )
    person.until(lambda: person.one('[data-curve-key="Hips|ty|37"]').is_displayed())
    person.click('[data-curve-key="Hips|ty|37"]')
    end = person.one('[data-slope="Hips|ty|37|out"]')
    chain = person.hand().key_down(Keys.ALT).click_and_hold(end).move_by_offset(0, 12)
    block.kept(lambda: chain.move_by_offset(0, 6).release().key_up(Keys.ALT).perform())
    keys = stands(session, hop).performer.layers[0].columns["Hips", "ty"]
    i = keys.frames.tolist().index(37)
    assert keys.slopes_out[i] < keys.slopes_in[i] - 0.1
    # by keyboard: a frame on, and a centimetre up
    block.kept(lambda: person.chord(Keys.ALT, Keys.ARROW_UP))
    raised = stands(session, hop).performer.layers[0].columns["Hips", "ty"]
    assert raised.values[i] == pytest.approx(keys.values[i] + 1.0)
    block.kept(lambda: person.click("#undo"))
    person.click("#curves .curve-ground")  # nothing is selected, and nothing is scaled
    person.click('[data-block="about-floor"]')
    block.fill("scale-curve", factor=90)
    person.click('[data-form="scale-curve"] button:not([type=button])')
    person.sees("#bench-message", "No curve key selected")
    person.click('[data-block="all-curves"]')
    block.submit("scale-curve")
    scaled = stands(session, hop)
    assert at_of(scaled, "hips", 20)[1] == pytest.approx(0.9 * at_of(before, "hips", 20)[1], abs=1e-6)
    assert person.complaints() == []


def test_a_grip_is_dragged_and_esc_puts_it_back(person, block, session, hop):
    block.open(hop, "&frame=8")
    person.click("[data-view=front]")  # both hands are seen
    block.take("right hand")
    grip = person.one('[data-grip="right hand"]')
    before = person.shown()[1]
    person.hand().click_and_hold(grip).move_by_offset(30, -40).move_by_offset(20, -30).perform()
    person.sees("#block-answer", "CoG")
    person.press(Keys.ESCAPE)
    person.until(lambda: not person.one("#block-answer").is_displayed())
    person.hand().release().perform()
    assert person.shown()[1] == before
    was = stands(session, hop)
    block.kept(lambda: person.drag('[data-grip="right hand"]', (20, -20), (10, -10)))
    assert at_of(stands(session, hop), "right hand", 8)[1] > at_of(was, "right hand", 8)[1] + 0.02
    assert person.one("#undo").get_attribute("title").startswith("Undo: Move right hand at 8")
    # by keyboard: the next grip along the body, a centimetre up
    grips = [g.get_attribute("data-grip") for g in person.all(".grip")]
    person.one(".stage-canvas").send_keys(Keys.TAB)
    person.sees("#taken", grips[grips.index("right hand") + 1])
    block.take("left hand")
    here = stands(session, hop)
    block.kept(lambda: person.chord(Keys.ALT, Keys.ARROW_UP))
    lift = at_of(stands(session, hop), "left hand", 8) - at_of(here, "left hand", 8)
    np.testing.assert_allclose(lift, [0, 0.01, 0], atol=1e-5)
    assert person.complaints() == []


BEAD = """const { x, y, width, height } = document.querySelector('.stage-canvas').getBoundingClientRect();
const at = document.querySelector('[data-grip="right hand"]').getBoundingClientRect();
return [at.x + at.width / 2 - x - width / 2, at.y + at.height / 2 - y - height / 2];"""


def test_a_bead_of_a_part_s_path_is_dragged(person, block, session, hop):
    """The bead of another frame lies where the grip stands on that frame: there the path is taken hold of."""
    block.open(hop, "&frame=37")
    block.take("right hand")
    person.frames_pass()
    there = [round(v) for v in person.driver.execute_script(BEAD)]
    person.type_frame(24)
    person.frames_pass()
    was = at_of(stands(session, hop), "right hand", 37)
    canvas = person.one(".stage-canvas")
    chain = person.hand().move_to_element_with_offset(canvas, *there).click_and_hold()
    block.kept(lambda: chain.move_by_offset(0, -8).move_by_offset(0, -8).release().perform())
    assert person.frame == 37
    assert at_of(stands(session, hop), "right hand", 37)[1] > was[1] + 0.02


def test_where_keys_are_set_by_hand_a_pose_waits_until_it_is_keyed(person, block, session, hop):
    block.open(hop, "&frame=24")
    block.choose("auto", "off")
    before = person.shown()[1]
    block.take("head")
    person.drag('[data-grip="head"]', (12, 6), (8, 4))
    person.sees("#pending", "Key it")
    assert person.shown()[1] == before
    block.kept(lambda: person.press("k"))
    assert "Head" in {joint for joint, _ in stands(session, hop).performer.layers[0].columns}
    person.until(lambda: not person.one("#pending").is_displayed())


def test_a_pose_made_while_the_server_is_gone_stays_and_is_sent_again(person, block, session, hop, served):
    block.open(hop, "&frame=20")
    block.take("right hand")
    was = stands(session, hop)
    served.stop()
    person.chord(Keys.ALT, Keys.ARROW_UP)
    person.sees("#not-saved", "Not saved")
    served.start()
    person.until(lambda: not person.one("#not-saved").is_displayed() and person.one("#saved").text == "Saved")
    assert at_of(stands(session, hop), "right hand", 20)[1] > at_of(was, "right hand", 20)[1]


def test_keys_are_taken_by_a_marquee_and_dragged(person, block, session, hop):
    block.open(hop, "&frame=1")
    block.kept(lambda: person.drag('[data-key="left arm|53"]', (13, 0), (11, 0)))
    arm = stands(session, hop).performer.layers[0].columns["LeftArm", "turn"]
    assert 53 not in arm.frames
    assert any(54 <= f <= 56 for f in arm.frames)
    assert "Move keys of left arm" in person.one("#undo").get_attribute("title")
    # its row is opened, and every key on a frame is taken by a double click
    person.click('[data-row-name="head"]')
    person.until(lambda: person.all('[data-row-name="Neck"]'))
    person.hand().double_click(person.one('[data-key="|62"]')).perform()
    person.until(lambda: len(person.all(".key-mark.is-taken")) > 6)
    block.kept(lambda: person.press(Keys.DELETE))
    assert 62 not in stands(session, hop).performer.layers[0].columns["Head", "turn"].frames
