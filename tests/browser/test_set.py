"""The Set step and the Planner as a person goes through them."""

import io
import json

import numpy as np
import pytest
from PIL import Image
from selenium.webdriver import ActionChains
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys

from ironarc.core import edits
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.exchange.take_home import motion_file
from ironarc.demo.references import FLOOR_LINE_PX, FOLDER, LENGTH_PX, VIDEO
from ironarc.store import shots
from tests.browser.conftest import DRAWN
from tests.conftest import demo
from tests.figures import bake_shot
from tests.test_media import video
from tests.web.test_scene import TENT

# A point of the canvas where hovering says `words`, found as a hand would find it
FIND = """const [words, step] = arguments, canvas = document.querySelector(".stage-canvas");
const r = canvas.getBoundingClientRect();
for (let y = r.top + 60; y < r.bottom - 10; y += step) for (let x = r.left + 10; x < r.right - 10; x += step) {
  canvas.dispatchEvent(new PointerEvent("pointermove", { clientX: x, clientY: y, bubbles: true }));
  if (document.getElementById("readout").textContent === words) return [x, y];
}
return null;"""


def stored(session, shot_id: int):
    """The shot as it stands in the database now."""
    session.rollback()
    return shots.load(session, shot_id, shots.standing(session, shot_id).revision)


def made(person, do) -> None:
    """Does something and waits until the edit it makes is shown."""
    before = person.shown()[1]
    do()
    person.until(lambda: person.shown()[1] > before and person.one("#saved").text == "Saved")


def put(person, css: str, text: str) -> None:
    """Types into a field in place of what is there, and leaves it; again, if the panel was drawn anew meanwhile."""

    def typed() -> bool:
        field = person.one(css)
        field.click()
        field.send_keys(Keys.CONTROL, "a")
        field.send_keys(Keys.DELETE, text, Keys.TAB)
        return True

    person.until(typed)


def pick(person, item: str) -> None:
    person.click(f"[data-pick='{item}']")
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == item)


def settle(person) -> None:
    """Waits until two frames have been drawn, so that the stage has the size the page gives it."""
    person.driver.execute_async_script("requestAnimationFrame(() => requestAnimationFrame(arguments[0]))")


HANDLES = {
    "drag to turn it": ".handle.is-turn", "drag to move it over the floor": ".handle.is-move",
    "drag to lift it": ".handle.is-lift",
}  # fmt: skip


def middle(person, css: str) -> tuple[float, float]:
    r = person.one(css).rect
    return r["x"] + r["width"] / 2, r["y"] + r["height"] / 2


def take_hold(person, words: str, by: tuple[int, int]) -> ActionChains:
    """A drag of what says `words`, not let go yet."""
    settle(person)
    handle = HANDLES.get(words)
    spot = person.until(lambda: middle(person, handle) if handle else person.driver.execute_script(FIND, words, 5))
    chain = person.hand()
    chain.w3c_actions.pointer_action.move_to_location(round(spot[0]), round(spot[1]))
    chain.click_and_hold()
    chain.w3c_actions.pointer_action.move_by(by[0] // 2, by[1] // 2)
    chain.w3c_actions.pointer_action.move_by(by[0] - by[0] // 2, by[1] - by[1] // 2)
    return chain


def drag_on_stage(person, words: str, by: tuple[int, int]) -> None:
    take_hold(person, words, by).release().perform()


@pytest.fixture
def pair(session):
    """Id of the hop with Tansy standing by."""
    hop = demo("Gap hop")
    return shots.create(session, edits.AddItem(stock_performer("tansy", "standing", hop)).apply(hop))


def test_a_second_performer_joins_and_is_lined_up_and_undone(person, hop, session):
    person.open_shot(hop, "?step=set&frame=60")
    person.click("[data-set='add-menu']")
    made(person, lambda: person.click("[data-set='add-stock'][data-member='tansy'][data-pose='standing']"))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "performer2")
    assert person.sees("#picked", "1.66 m · 58 kg · 0.92 of Bram Okoro")
    person.choose("#line-point", "RightHand")
    person.choose("#line-other-point", "UpperChest")
    person.choose("#line-how", "moving freely")
    made(person, lambda: person.click("[data-set='line-up']"))
    shot = stored(session, hop)
    hand, chest = (
        bake_shot(shot, who).position[59, shot.performer_called(who).rig.index(joint)]
        for who, joint in (("performer2", "RightHand"), ("performer1", "UpperChest"))
    )
    np.testing.assert_allclose(hand, chest, atol=1e-6)
    np.testing.assert_array_equal(
        bake_shot(shot, "performer2").local[:, 1:][0], bake_shot(shot, "performer2").local[59, 1:]
    )
    assert "Line up Tansy Vale with Bram Okoro at 60" in person.one("#undo").get_attribute("title")
    person.chord(Keys.CONTROL, "z")
    person.until(lambda: not person.one("#redo").get_property("disabled"))
    person.chord(Keys.CONTROL, "z")
    person.until(lambda: len(person.all("#sheet [data-item]")) == 1)
    assert person.complaints() == []


def test_a_performer_comes_from_a_file_and_another_is_chosen_to_be_read(person, hop, tmp_path):
    path = tmp_path / "guest.bvh"
    path.write_bytes(motion_file(demo("somersault")))
    person.open_shot(hop, "?step=set")
    person.click("[data-set='add-menu']")
    made(person, lambda: person.one("#add-file").send_keys(str(path)))
    person.until(lambda: person.one("#bench").get_attribute("data-who") == "performer2")
    assert person.sees("#who option", "guest")
    person.click("[data-step-link=read]")
    assert person.sees("#panel", "Spin")
    person.choose("#who", "Bram Okoro")
    assert person.sees("#panel", "Hangs 17.0 frames (0.71 s)")
    bad = tmp_path / "bad.bvh"
    bad.write_text("HIERARCHY\nnonsense")
    person.click("[data-step-link=set]")
    person.until(lambda: person.all("#add-file"))
    person.one("#add-file").send_keys(str(bad))
    assert person.sees("#bench-message", "bad.bvh could not be read. Line 2")
    assert len(person.all("#who option")) == 2


def test_handles_on_the_stage_move_and_turn_without_a_change_of_pose(person, pair, session):
    person.open_shot(pair, "?step=set&frame=10&pick=performer2")
    before = stored(session, pair)
    made(person, lambda: drag_on_stage(person, "drag to turn it", (-60, 14)))
    turned = stored(session, pair).item("performer2").placement
    assert abs(turned.turn_rad) > 0.2
    made(person, lambda: drag_on_stage(person, "drag to move it over the floor", (90, 0)))
    moved = stored(session, pair).item("performer2").placement
    assert np.hypot(*np.subtract(moved.offset_m, turned.offset_m)[[0, 2]]) > 0.1
    assert moved.offset_m[1] == pytest.approx(0, abs=1e-3)
    made(person, lambda: drag_on_stage(person, "drag to lift it", (0, -60)))
    assert stored(session, pair).item("performer2").placement.offset_m[1] > 0.1
    after = stored(session, pair)
    np.testing.assert_array_equal(
        bake_shot(after, "performer2").local[:, 1:], bake_shot(before, "performer2").local[:, 1:]
    )
    assert person.complaints() == []


def test_fields_slip_trim_cut_and_scale_and_say_what_that_does(person, hop, session):
    person.open_shot(hop, "?step=set&frame=50&pick=performer1")
    made(person, lambda: put(person, "#scale", "200"))
    assert person.sees("#picked", "At 200 % the same jump, in body heights, hangs 1.41 times as long")
    made(person, lambda: person.click("[data-set='slip'][data-by='1']"))
    put(person, "#cut-start", "51")
    put(person, "#cut-end", "60")
    made(person, lambda: person.click("[data-set='cut']"))
    assert person.sees("#picked", "10 f out before frame 51, blend 4 f")
    assert person.all("#lanes .seam")
    performer = stored(session, hop).performer
    assert (performer.placement.scale, performer.timing.slip) == (2.0, 1)
    put(person, "#scale", "0")
    assert person.sees("#bench-message", "A scale must be more than 0")
    put(person, "#cut-start", "1")
    put(person, "#cut-end", "500")
    person.click("[data-set='cut']")
    assert person.sees("#bench-message", "is longer than the clip")
    put(person, "#scale", "large")
    assert person.sees("#bench-message", "Scale must be a number; “large” was given")
    now = stored(session, hop).performer
    assert (now.placement, now.timing) == (performer.placement, performer.timing)
    person.click("[data-item=performer1] [data-set=lock]")
    assert person.sees("#picked", "Locked: nothing here can be changed")


def test_rate_change_shows_its_effect_first_both_ways(person, hop, session):
    person.open_shot(hop, "?step=set")
    put(person, "#rate", "12")
    assert person.sees("#rate-effect", "8.")
    person.click("[data-set='keep'][data-keep='frames']")
    assert person.sees("#rate-effect", "17.0 f · 1.42 s")
    made(person, lambda: person.click("[data-set='change-rate']"))
    assert person.sees("#shot-facts", "12 fps · 1–72")
    person.chord(Keys.CONTROL, "z")
    person.sees("#shot-facts", "24 fps")
    put(person, "#rate", "48")
    assert person.sees("#rate-effect", "at 48 fps")
    made(person, lambda: person.click("[data-set='change-rate']"))
    assert person.sees("#shot-facts", "48 fps · 1–143")
    assert stored(session, hop).frames == 143
    put(person, "#rate", "banana")
    assert person.sees("#rate-effect", "A frame rate is a number such as 24")


def test_range_numbering_gravity_floor_and_notes(person, hop, session):
    person.open_shot(hop, "?step=set&frame=20")
    made(person, lambda: put(person, "#number-from", "1001"))
    assert person.sees("#shot-facts", "1001–1072")
    made(person, lambda: put(person, "#range-last", "1060"))
    assert person.sees("#shot-facts", "1001–1060")
    made(person, lambda: person.choose("#world", "Moon"))
    made(person, lambda: put(person, "#floor", "2"))
    made(person, lambda: put(person, "#notes", "Lower, please."))
    shot = stored(session, hop)
    assert (shot.g, shot.floor_m, shot.notes, shot.last_frame) == (1.62, 0.02, "Lower, please.", 1060)
    assert person.frame in range(1001, 1061)


def test_a_picture_sequence_is_brought_in_lined_up_and_stepped(person, hop, session):
    person.open_shot(hop, "?step=set&frame=1")
    person.click("[data-set='add-menu']")
    pictures = sorted(FOLDER.glob("gap_hop_*.png"))
    made(person, lambda: person.one("#add-reference").send_keys("\n".join(map(str, pictures))))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "reference1")
    made(person, lambda: put(person, "[data-one='rate_fps']", "12"))
    # its frame follows the playhead: 12 fps against 24
    for frame, own in ((1, 1), (2, 1), (37, 19), (72, 36)):
        person.type_frame(frame)
        person.until(lambda own=own: person.one(".ref-panel").get_attribute("data-own") == str(own))
    person.until(lambda: person.one(".ref-picture img").get_property("naturalWidth") == 480)
    draw_line(person, "length_line", LENGTH_PX)
    assert person.sees("#picked", "drawn")
    made(person, lambda: put(person, "#length", "100"))
    draw_line(person, "floor_line", FLOOR_LINE_PX)
    reference = stored(session, hop).references[0]
    assert np.degrees(abs(reference.backdrop.roll_rad)) == pytest.approx(2.5, abs=0.5)
    # 320 pixels at 104 a metre
    assert reference.backdrop.height_m == pytest.approx(320 / 104, rel=0.03)
    person.type_frame(37)
    put(person, "#mark-word", "apex")
    made(person, lambda: person.click("[data-set='mark']"))
    person.type_frame(47)
    put(person, "#mark-word", "first contact")
    made(person, lambda: person.click("[data-set='mark']"))
    assert person.sees("#lanes .flag", "apex")
    person.one(".stage-canvas").click()
    person.press(",")
    person.until(lambda: person.frame == 37)
    person.press(".")
    person.until(lambda: person.frame == 47)
    made(person, lambda: person.click("#mirrored"))
    made(person, lambda: person.click("[data-set='shown'][data-shown='backdrop']"))
    person.until(lambda: "hidden" in person.one(".ref-panel").get_attribute("class"))
    assert person.complaints() == []


def draw_line(person, name: str, ends) -> None:
    """Drags a line on the reference's picture between two of its pixels."""
    person.click(f"[data-set='draw-line'][data-line='{name}']")
    lines = person.one(".ref-lines.is-drawing")
    box = lines.rect
    (x0, y0), (x1, y1) = ((round(x / 480 * box["width"]), round(y / 320 * box["height"])) for x, y in ends)
    start = (x0 - round(box["width"] / 2), y0 - round(box["height"] / 2))
    drag = person.hand().move_to_element_with_offset(lines, *start).click_and_hold()
    made(person, drag.move_by_offset(x1 - x0, y1 - y0).release().perform)


def test_an_mp4_of_another_rate_steps_by_its_own_frames(person, hop, tmp_path):
    take = tmp_path / "take.mp4"
    take.write_bytes(video("libx264", "mp4", 40, 30))
    person.open_shot(hop, "?step=set&frame=13")
    made(person, lambda: person.one("#add-reference").send_keys(str(take)))
    assert person.sees("#picked", "video · 64 × 48 · 40 f")
    # half a second on: its frame 16, in the middle of its own time
    person.until(lambda: person.one(".ref-panel").get_attribute("data-own") == "16")
    person.until(lambda: abs(person.one(".ref-picture video").get_property("currentTime") - 15.5 / 30) < 1e-3)
    assert person.complaints() == []


def test_a_video_steps_with_the_playhead(person, hop):
    person.open_shot(hop, "?step=set&frame=1")
    person.click("[data-set='add-menu']")
    made(person, lambda: person.one("#add-reference").send_keys(str(VIDEO)))
    assert person.sees("#picked", "video · 480 × 320 · 72 f")
    person.type_frame(37)
    # the middle of frame 37's own time
    person.until(lambda: abs(person.one(".ref-picture video").get_property("currentTime") - 36.5 / 24) < 1e-3)
    assert person.complaints() == []


def test_references_that_can_not_be_shown_say_why_and_leave_nothing(person, hop, tmp_path):
    person.open_shot(hop, "?step=set")
    for number in (1, 2, 4):
        Image.new("RGB", (32, 24)).save(tmp_path / f"take_{number:03d}.png")
    pictures = "\n".join(str(tmp_path / f"take_{n:03d}.png") for n in (1, 2, 4))
    person.one("#add-reference").send_keys(pictures)
    assert person.sees(
        "#bench-message", "The sequence has a hole: frame 3 is missing between take_002.png and take_004.png"
    )
    person.until(lambda: person.one("#saved").text == "Saved")
    odd = tmp_path / "clip.mp4"
    odd.write_bytes(b"no film at all")
    person.one("#add-reference").send_keys(str(odd))
    assert person.sees("#bench-message", "clip.mp4 is neither a picture nor a video that an ordinary browser plays")
    assert not person.all(".ref-panel")


def test_a_still_belongs_to_a_key_pose(person, hop, tmp_path):
    Image.new("RGB", (64, 48), "#d8d1c2").save(tmp_path / "extreme.png")
    person.open_shot(hop, "?step=set&frame=37")
    made(person, lambda: person.one("#add-reference").send_keys(str(tmp_path / "extreme.png")))
    made(person, lambda: person.click("[data-set='pose-here']"))
    assert person.sees("#lanes .flag.is-pose", "extreme")
    person.type_frame(20)
    assert person.sees(".ref-says", "For the pose at frame 37")


def test_a_guide_curve_is_drawn_bent_and_measured_against(person, hop, session):
    person.open_shot(hop, "?step=set&frame=37")
    person.click("[data-view=side]")
    person.click("[data-set='add-menu']")
    person.click("[data-set='draw-guide']")
    assert person.sees("#drawing-says", "Click on the stage")
    canvas = person.one(".stage-canvas")
    for x, y in ((-120, 60), (-10, -40), (110, 60)):
        person.hand().move_to_element_with_offset(canvas, x, y).click().perform()
    assert person.sees("#drawing-says", "3 points set")
    made(person, lambda: person.press(Keys.ENTER))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "guide1")
    guide = stored(session, hop).guides[0]
    assert (guide.first, guide.frames, guide.of) == (29, 17.0, "com")
    assert guide.points_m[1][1] > guide.points_m[0][1] + 0.2
    # seen square on from the side, its points stand in the plane the body travels in
    assert np.abs(np.array(guide.points_m)[:, 0]).max() < 0.05
    assert person.sees(".chip[data-plot=guide]", "Off the guide")
    person.click(".chip[data-plot=guide]")
    person.until(lambda: person.texts(".plot-value")[-1].endswith("cm"))
    made(person, lambda: drag_on_stage(person, "drag to bend the guide curve", (0, -30)))
    bent = stored(session, hop).guides[0]
    assert np.abs(np.subtract(bent.points_m, guide.points_m)).max() > 0.05
    person.click("[data-set='add-menu']")
    made(person, lambda: person.click("[data-set='gravity-guide']"))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "guide2")
    made(person, lambda: put(person, "#guide-apex", "140"))
    shot = stored(session, hop)
    assert shot.guides[1].apex_m(shot.frame_time_s, shot.g) == pytest.approx(1.4, abs=1e-3)
    assert person.complaints() == []


def test_props_are_added_set_and_hidden_by_keyboard_too(person, hop, session):
    person.open_shot(hop, "?step=set&frame=1")
    person.click("[data-set='add-menu']")
    made(person, lambda: person.click("[data-set='add-prop'][data-prop='box']"))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "prop1")
    made(person, lambda: put(person, "[data-list=size_m]", "120"))
    # the keyboard goes on to the next field, and stays there when the panel is drawn anew
    height = "return document.activeElement === document.querySelectorAll('[data-list=size_m]')[1]"
    person.until(lambda: person.driver.execute_script(height))
    assert person.sees(".stage-labels span", "Box 120 × 50 × 60 cm")
    row = person.one("[data-pick=prop1]")
    row.send_keys(Keys.ARROW_UP)
    assert person.driver.switch_to.active_element.get_attribute("data-pick") == "performer1"
    person.driver.switch_to.active_element.send_keys(Keys.ARROW_DOWN, Keys.TAB, Keys.ENTER)
    person.until(lambda: person.one("[data-item=prop1] [data-set=hide]").get_attribute("aria-pressed") == "true")
    assert stored(session, hop).item("prop1").hidden
    person.until(lambda: person.one("#saved").text == "Saved")
    person.one("[data-pick=prop1]").click()
    made(person, lambda: person.press(Keys.DELETE))
    assert not stored(session, hop).props


def test_playing_slowly_and_holding_on_twos_leave_the_motion_alone(person, hop):
    person.open_shot(hop)
    person.choose("#speed", "quarter speed")
    person.one(".stage-canvas").click()
    person.press(" ")
    person.until(lambda: "quarter speed" in person.texts("#meter")[0] and "drawn" in person.texts("#meter")[0])
    time_ms, frames = person.played(2000)
    assert frames % 72 == pytest.approx(time_ms / 1000 * 6, abs=4)
    person.press(" ")
    person.sees("#meter", "stopped")
    person.choose("#hold", "on twos")
    pictures, rows = [], slice(int(60 * DRAWN), int(330 * DRAWN))  # between the words at the top and the ruler
    for frame in (37, 38, 39):
        person.type_frame(frame)
        settle(person)
        pictures.append(np.asarray(Image.open(io.BytesIO(person.one("#stage").screenshot_as_png)))[rows])
    # frame 38 is frame 37 held; 39 is new
    assert (pictures[0] == pictures[1]).mean() > 0.999
    assert (pictures[0] != pictures[2]).any()
    assert person.one("#undo").get_property("disabled")


# --- the planner --------------------------------------------------------------------------------------


def test_the_planner_solves_both_ways_and_says_what_contradicts(person):
    person.go("/planner")
    assert person.sees("#answers", "11.99 f")
    person.click("#plan-clear")
    assert person.sees("#plan", "Give a rise, or a hang time")
    put(person, "[name=hang_frames]", "12")
    assert person.sees("#answers", "30.7 cm")
    assert person.sees("#whole-frame", "Exactly 12 frames at 24 fps")
    person.until(lambda: person.one("[name=rise_cm]").get_attribute("placeholder") == "30.66")
    put(person, "[name=rise_cm]", "130")
    assert person.sees("#plan [role=alert]", "longer than the hang time of 0.50 s")
    put(person, "[name=hang_frames]", "")
    put(person, "[name=fps]", "12")
    assert person.sees("#whole-frame", "The nearest whole number is 12 frames")
    put(person, "[name=factor]", "1")
    assert person.sees("#bounces", "At 1 it never rests")
    assert person.complaints() == []


def test_the_planner_s_drawer_puts_a_path_into_the_shot(person, hop, session):
    person.open_shot(hop, "?step=set&frame=29")
    person.one(".stage-canvas").click()
    person.press("n")
    assert person.sees("#planner-drawer #answers", "30.6 cm")
    put(person, "#planner-drawer [name=distance_cm]", "108")
    assert person.sees("#planner-drawer #answers", "108.0 cm")
    made(person, lambda: person.click("#plan-put"))
    assert not person.one("#planner-drawer").is_displayed()
    (guide,) = stored(session, hop).guides
    assert guide.first == 29
    assert guide.frames == pytest.approx(11.99, abs=0.01)
    assert np.hypot(*np.subtract(guide.points_m[1], guide.points_m[0])[[0, 2]]) == pytest.approx(1.08, abs=1e-6)


def test_the_demo_s_crate_swings_between_two_performers(person, session):
    shot_id = shots.create(session, demo("Swinging crate"))
    person.open_shot(shot_id, "?step=set&frame=24")
    assert [json.dumps(t) for t in person.texts("#sheet .sheet-pick") if "Coal crate" in t]
    assert person.sees("#sheet", "box, keyed")
    assert person.sees("#picked", "Old Halloran is 1.04 of Bram Okoro")
    person.click("[data-step-link=read]")
    assert person.sees("#panel", "Nothing to put right")
    assert person.complaints() == []


def test_esc_puts_back_what_is_being_dragged(person, pair):
    person.open_shot(pair, "?step=set&pick=performer2")
    person.one("#turn")
    take_hold(person, "drag to move it over the floor", (90, 0)).perform()
    assert person.sees("#readout", "moved")
    person.press(Keys.ESCAPE)
    person.until(lambda: "moved" not in person.one("#readout").text)
    person.hand().release().perform()
    settle(person)
    assert person.one("#undo").get_attribute("disabled")
    assert person.one("#saved").text == "Saved"
    # and it can be taken hold of again
    made(person, lambda: drag_on_stage(person, "drag to move it over the floor", (90, 0)))
    person.until(lambda: "Move Tansy Vale" in person.one("#undo").get_attribute("title"))


def test_a_mesh_is_brought_in_as_a_prop_and_stands_on_the_stage(person, hop, tmp_path):
    file = tmp_path / "Tent.obj"
    file.write_bytes(TENT)
    person.open_shot(hop, "?step=set&frame=60")
    bare = len(person.all("#sheet [data-item]"))
    person.click('[data-set="add-menu"]')
    assert "glTF or OBJ" in person.one('[data-set="add-shape"]').text
    person.driver.find_element(By.ID, "add-shape").send_keys(str(file))
    person.until(lambda: len(person.all("#sheet [data-item]")) == bare + 1)
    person.sees("#picked", "A mesh of 6 triangles")
    person.sees("#bench-message", "metres were assumed")
    asked = "return performance.getEntriesByType('resource').filter((e) => e.name.includes('/shapes/')).length"
    person.until(lambda: person.driver.execute_script(asked) == 1)
    # undone and done again it is not brought again
    person.chord(Keys.CONTROL, "z")
    person.until(lambda: len(person.all("#sheet [data-item]")) == bare)
    person.chord(Keys.CONTROL, "y")
    person.until(lambda: len(person.all("#sheet [data-item]")) == bare + 1)
    assert person.driver.execute_script(asked) == 1
    assert person.complaints() == []
