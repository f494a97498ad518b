"""A day at the bench: windows of several sizes, keys after the mouse, names, drops, lining up, what is tried."""

import pytest
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys
from sqlalchemy.orm import Session

from ironarc.core.edits.items import AddItem
from ironarc.core.exchange.bring_in import performer_from_file
from ironarc.demo.load import load
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.web.panels import STEPS
from tests.browser.conftest import DRAWN, WINDOW
from tests.conftest import demo

SIZES = ((1280, 800), (1024, 768), (1600, 1000))
BOX = """const r = document.querySelector(arguments[0]).getBoundingClientRect();
return [r.left, r.top, r.right, r.bottom];"""
# What stands out of its own box or of the window, of the bar, the trestle's bar and the buttons on the stage
CLIPPED = """const out = [];
for (const e of document.querySelectorAll('header *, #trestle .border-b *, #stage button, #stage select')) {
  const r = e.getBoundingClientRect();
  if (!r.width || e.closest('.ref-panel')) continue;
  const outside = r.right > innerWidth + 0.5 || r.left < -0.5 || r.bottom > innerHeight + 0.5;
  if (outside) out.push(e.id || e.textContent.trim());
  if (e.matches('button') && e.scrollWidth > e.clientWidth + 1) out.push('narrow: ' + (e.id || e.textContent.trim()));
}
return out;"""


def resize(person, width: int, height: int) -> None:
    metrics = {"width": width, "height": height, "deviceScaleFactor": DRAWN, "mobile": False}
    person.driver.execute_cdp_cmd("Emulation.setDeviceMetricsOverride", metrics)


def box(person, css: str) -> list[float]:
    return person.driver.execute_script(BOX, css)


def apart(a: list[float], b: list[float]) -> bool:
    return a[2] <= b[0] or b[2] <= a[0] or a[3] <= b[1] or b[3] <= a[1]


def edited(person, do) -> None:
    """Does something and waits until the edit it makes is shown."""
    before = person.shown()[1]
    do()
    person.until(lambda: person.shown()[1] != before and person.one("#saved").text == "Saved")


def playing(person) -> bool:
    return person.one('#play [data-icon="stop"]').is_displayed()


@pytest.fixture
def with_reference(session, database_url):
    """Id of the demo's Gap hop, with its references."""
    load(url=database_url)
    return next(e.shot_id for e in shots.yard(session) if "Gap hop" in e.card["name"])


@pytest.fixture
def two(session, hop, database_url):
    """Id of a Gap hop with a second performer from the same file."""
    from ironarc.core.exchange.take_home import motion_file

    shot = demo("Gap hop")
    joined = performer_from_file(motion_file(shot), "Second", shot)
    shots.apply(session, hop, shots.standing(session, hop).revision, AddItem(joined))
    return hop


HIDDEN_BELOW = "const b = document.getElementById('trestle-body'); return b.scrollHeight - b.clientHeight"
STAGE_SHARE = "return document.getElementById('stage').offsetHeight / document.getElementById('bench').clientHeight"


@pytest.mark.parametrize("size", SIZES, ids=lambda size: f"{size[0]}x{size[1]}")
def test_no_step_scrolls_the_page_clips_a_button_or_covers_what_is_read(person, with_reference, size):
    resize(person, *size)
    try:
        person.open_shot(with_reference, "?frame=37")
        person.until(lambda: person.one(".ref-panel").is_displayed())
        for step in STEPS:
            person.click(f"[data-step-link='{step}']")
            person.until(lambda step=step: person.one(f"[data-step-link='{step}']").get_attribute("aria-current"))
            scrolls = "return [document.scrollingElement.scrollHeight, document.scrollingElement.scrollWidth]"
            assert person.driver.execute_script(scrolls) == [size[1], size[0]], step
            assert person.driver.execute_script(CLIPPED) == [], step
            # the stage and the trestle settle as the step's rows come in; two boxes are read one after the other
            person.until(lambda: box(person, "#chips")[3] <= box(person, "#trestle-body")[1] + 0.5)
            person.until(lambda: apart(box(person, "#readout"), box(person, ".ref-panel")))
            # no needless scrollbar, once the rows of the step are there: only where the stage keeps its share
            person.until(
                lambda: (
                    person.driver.execute_script(HIDDEN_BELOW) <= 1 or person.driver.execute_script(STAGE_SHARE) < 0.57
                )
            )
            # a wheel over the stage leaves the page where it is
            person.hand().scroll_to_element(person.one("#trestle")).perform()
            assert person.driver.execute_script("return scrollY") == 0
    finally:
        resize(person, *WINDOW)


def test_loads_stand_where_they_are_found(person, hop):
    person.open_shot(hop, "?step=weigh")
    assert box(person, "[data-weigh='add-load']")[3] < WINDOW[1]


def test_plots_are_whole_and_the_divider_shares_the_room(person, hop):
    person.open_shot(hop)
    for plot in ("speed", "acceleration"):
        person.click(f"[data-plot='{plot}']")
    person.until(lambda: len(person.all(".plot-row")) == 3)
    body = box(person, "#trestle-body")
    edges = [r.rect["y"] + r.rect["height"] for r in person.all(".plot-row")]
    lines = len(edges) / DRAWN  # a row's line is no thinner than a pixel that is drawn
    person.until(lambda: any(abs(edge - box(person, "#trestle-body")[3]) < lines for edge in edges))
    stage = box(person, "#stage")[3]
    person.hand().click_and_hold(person.one("#divider")).move_by_offset(0, -60).release().perform()
    person.until(lambda: abs(stage - box(person, "#stage")[3] - 60) < 3)
    person.open_shot(hop)  # and is kept
    person.until(lambda: abs(stage - box(person, "#stage")[3]) > 50)
    person.hand().double_click(person.one("#divider")).perform()
    person.until(lambda: box(person, "#stage")[3] >= body[1] - 60)
    person.driver.execute_script("localStorage.clear()")


def test_space_plays_after_any_use_of_the_mouse(person, hop):
    person.open_shot(hop)
    for css in (
        "#panel [data-action='go']",
        "[data-view='side']",
        "[data-plot='speed']",
        "[data-moment='apex']",
        "#loop",
    ):
        person.press(Keys.HOME)  # once the loop is off, it plays to the end only
        person.hand().move_to_element(person.one(css)).click().perform()
        pressed = person.one(css).get_attribute("aria-pressed")
        person.press(" ")
        person.until(lambda: playing(person))
        assert person.one(css).get_attribute("aria-pressed") == pressed, css
        person.press(" ")
        person.until(lambda: not playing(person))


def test_keys_work_after_a_list_was_used_and_a_button_reached_by_tab_keeps_its_own(person, hop):
    person.open_shot(hop)
    person.choose("#speed", "half speed")
    assert person.one("#speed").get_property("value") == "0.5"
    person.press(" ")
    person.until(lambda: playing(person))
    person.press(" ")
    person.until(lambda: not playing(person))
    person.driver.execute_script("document.querySelector('[data-view=top]').focus()")
    person.press(" ")
    assert person.one("[data-view='top']").get_attribute("aria-pressed") == "true"
    assert not playing(person)


def test_ctrl_y_redoes_and_names_are_changed_where_they_stand(person, hop):
    person.open_shot(hop)
    person.hand().double_click(person.one("#shot-name")).perform()
    field = person.one("header input[aria-label='Name']")
    edited(person, lambda: field.send_keys("Hop over the gap", Keys.ENTER))
    assert person.one("#shot-name").text == "Hop over the gap"
    edited(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert person.one("#shot-name").text == "PF-010 Gap hop"
    edited(person, lambda: person.chord(Keys.CONTROL, "y"))
    assert person.one("#shot-name").text == "Hop over the gap"
    # Esc puts it back
    person.click("#shot-name")
    person.one("header input[aria-label='Name']").send_keys("never", Keys.ESCAPE)
    assert person.one("#shot-name").text == "Hop over the gap"


def test_a_double_click_on_the_scene_sheet_renames(person, hop):
    person.open_shot(hop, "?step=set")
    person.hand().double_click(person.one("[data-pick='performer1']")).perform()
    edited(person, lambda: person.one("#sheet input[aria-label='Name']").send_keys("Bram the elder", Keys.ENTER))
    assert person.sees("#sheet", "Bram the elder")


def test_enter_sets_a_mark_on_the_picture_that_is_seen(person, with_reference):
    person.open_shot(with_reference, "?step=set&pick=reference1&frame=41")
    person.one("#mark-word").send_keys("hands low")
    edited(person, lambda: person.one("#mark-word").send_keys(Keys.ENTER))
    seen = person.one(".ref-panel").get_attribute("data-own")
    assert person.until(lambda: person.one(f"[data-own='{seen}'][data-word='hands low']"))
    # held on threes, the picture behind the playhead is the one that is marked
    person.choose("#hold", "on threes")
    person.type_frame(45)
    held = person.until(lambda: person.one(".ref-panel").get_attribute("data-own"))
    person.one("#mark-word").send_keys("held")
    edited(person, lambda: person.one("#mark-word").send_keys(Keys.ENTER))
    assert person.until(lambda: person.one(f"[data-own='{held}'][data-word='held']"))


def test_typing_into_what_is_locked_says_so(person, hop):
    person.open_shot(hop, "?step=set&pick=performer1")
    edited(person, lambda: person.click(".is-picked [data-set='lock']"))
    field = person.until(lambda: person.one("#turn"))
    field.click()
    field.send_keys("9")
    assert person.sees("#bench-message", "Bram Okoro is locked. Unlock it on the scene sheet first.")
    assert person.one("#turn").get_property("value") == "0.0"
    edited(person, lambda: person.click(".is-picked [data-set='lock']"))


def test_a_file_dropped_on_the_bench_is_taken_or_refused_and_the_page_stays(person, hop, hop_text, tmp_path):
    person.open_shot(hop)
    where = person.driver.current_url
    for name, words in (("notes.txt", "words"), ("broken.bvh", "words"), ("second.bvh", hop_text)):
        (tmp_path / name).write_text(words)
    person.drop("#stage", tmp_path / "notes.txt")
    assert person.sees("#bench-message", "notes.txt can't be brought in here")
    person.drop("#stage", tmp_path / "broken.bvh")
    assert person.sees("#bench-message", "broken.bvh could not be read")
    edited(person, lambda: person.drop("#stage", tmp_path / "second.bvh"))
    assert person.driver.current_url.split("?")[0] == where.split("?")[0]
    assert person.sees("#sheet", "second")


@pytest.fixture(scope="module")
def hop_text():
    from ironarc.core.exchange.take_home import motion_file

    return motion_file(demo("Gap hop")).decode()


def test_a_second_performer_stands_beside_the_first_and_two_points_are_lined_up(person, two, database_url):
    engine = connect(database_url)
    with Session(engine) as session:
        shot = shots.load(session, two, shots.standing(session, two).revision)
    engine.dispose()
    first, second = (p.poses(shot.frame_numbers(), shot.frame_time_s).position[:, 0] for p in shot.performers)
    assert ((first - second)[0, [0, 2]] ** 2).sum() ** 0.5 > 0.6
    person.open_shot(two, "?step=set&pick=performer2&frame=40")
    assert box(person, "[data-set='line-up']")[3] < WINDOW[1]
    person.choose("#line-point", "Head, its tip")
    person.choose("#line-other-point", "LeftHand, its tip")
    person.choose("#line-how", "moving freely")
    person.until(lambda: "cm apart" in person.one("#line-gap").text)
    assert person.sees(".stage-labels", "cm")
    edited(person, lambda: person.click("[data-set='line-up']"))
    person.until(lambda: person.one("#line-gap").text == "they meet")
    chosen = [person.one(f"#{i}").get_property("value") for i in ("line-point", "line-other-point", "line-how")]
    assert chosen == ["Head, its tip", "LeftHand, its tip", "freely"]


def test_a_prop_is_put_under_the_feet(person, hop):
    person.open_shot(hop, "?step=set&frame=37")
    person.click("[data-set='add-menu']")
    edited(person, lambda: person.click("[data-set='add-prop'][data-prop='box']"))
    edited(person, lambda: person.click("[data-set='under-feet']"))
    assert person.one("#undo").get_attribute("title").startswith("Undo: Put Box under the feet of Bram Okoro at 37")


def test_handles_look_each_its_own_and_stay_within_reach(person, hop):
    person.open_shot(hop, "?step=set&pick=performer1&frame=1")
    handles = person.until(lambda: [h for h in person.all(".handle") if h.is_displayed()])
    assert {h.get_attribute("data-how") for h in handles} == {"move", "turn", "lift", "scale"}
    plates = {h.find_element(By.CSS_SELECTOR, ".plate").get_attribute("d") for h in handles}
    assert len(plates) == 4
    # zoomed in until the feet are out of sight, every handle is still on the stage
    canvas = person.one(".stage-canvas")
    for _ in range(6):
        person.hand().move_to_element_with_offset(canvas, 0, -80).scroll_by_amount(0, -240).perform()
    left, top, right, bottom = box(person, "#stage")
    for how in ("move", "turn", "lift", "scale"):
        x0, y0, x1, y1 = box(person, f".handle.is-{how}")
        assert left <= x0 <= x1 <= right
        assert top <= y0 <= y1 <= bottom
    handle = person.one(".handle.is-move")
    edited(person, lambda: person.hand().drag_and_drop_by_offset(handle, -60, 0).perform())
    assert person.one("#undo").get_attribute("title").startswith("Undo: Move Bram Okoro")


def test_what_is_tried_stands_beside_what_is_and_covers_no_reference(person, with_reference):
    person.open_shot(with_reference)
    assert person.one("#verdict").text.startswith("Cracked")
    person.click("#panel [data-action='try']")
    person.until(lambda: person.one("#trying").is_displayed())
    rows = {row.text.split("\n")[0]: row.text for row in person.all("#trying-numbers tr")}
    assert any(text.startswith("Hang") and "17.0 f" in text and "11.9 f" in text for text in rows.values())
    assert apart(box(person, "#trying"), box(person, ".ref-panel"))
    edited(person, lambda: person.click("#take"))
    person.click("[data-step-link='true']")
    person.until(lambda: person.all("#panel [data-layer]"))
    person.click("#stage [data-side='before']")
    assert person.sees("#panel", "before any correction")
    assert person.sees("#panel", "56 %")
    person.click("[data-step-link='show']")
    assert person.sees("#panel table", "11.9 f")
    assert person.all("#panel [data-side]") == []


def test_a_planned_path_that_runs_past_the_end_says_so(person, hop):
    person.open_shot(hop, "?frame=70")
    person.press("n")
    person.until(lambda: person.one("#plan-put").is_displayed())
    edited(person, lambda: person.click("#plan-put"))
    assert person.sees("#bench-message", "frames past the shot's end")


def test_a_shot_taken_away_is_put_back_from_the_yard(person, hop):
    person.go("/")
    person.hand().move_to_element(person.one("li h2")).perform()
    person.click("[aria-label='Delete PF-010 Gap hop']")
    assert person.sees("#removed", "PF-010 Gap hop was deleted")
    person.until(lambda: not person.all("li h2"))
    person.click("#removed button")
    assert person.sees("li h2", "PF-010 Gap hop")


def test_a_reference_is_resized_from_its_corners_and_keeps_its_shape(person, with_reference):
    person.open_shot(with_reference)
    person.until(lambda: person.one(".ref-panel").is_displayed())
    left, top, right, bottom = box(person, ".ref-body")
    corner = person.one(".ref-corner[data-corner='nw']")
    person.hand().drag_and_drop_by_offset(corner, -80, 0).perform()
    wider = box(person, ".ref-body")
    assert wider[0] < left - 60
    assert abs(wider[2] - right) < 3
    shape = (right - left) / (bottom - top)
    assert abs((wider[2] - wider[0]) / (wider[3] - wider[1]) - shape) < 0.02 * shape
