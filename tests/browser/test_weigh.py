"""The Weigh step as a person goes through it."""

import json

import pytest
from selenium.webdriver.common.keys import Keys

from ironarc.store import shots
from tests.browser.test_set import FIND, made, put, settle, stored
from tests.conftest import demo

HEAD = ".weigh-row[data-joint=Head]"


def kg(shot, joint: str) -> float:
    body = shot.performer.body()
    return sum(p.mass_kg for p in body.parts if shot.performer.rig.names[p.joint] == joint)


def test_a_part_is_typed_and_held_while_the_rest_share_and_undone(person, hop, session):
    person.open_shot(hop, "?step=weigh")
    assert person.sees("#panel", "This figure is 181 units tall")
    before = kg(stored(session, hop), "LeftUpLeg")
    made(person, lambda: put(person, f"{HEAD} [data-weigh-change=part]", "9"))
    person.until(lambda: person.one(f"{HEAD} [data-weigh=lock]").get_attribute("aria-pressed") == "true")
    assert kg(stored(session, hop), "Head") == pytest.approx(9)
    assert kg(stored(session, hop), "LeftUpLeg") < before
    made(person, lambda: put(person, "#total-lb", "220.462"))
    assert person.one("#total-kg").get_property("value") == "100.0"
    assert kg(stored(session, hop), "Head") == pytest.approx(9)
    put(person, f"{HEAD} [data-weigh-change=part]", "-3")
    assert person.sees("#bench-message", "The mass of Head must be more than 0")
    person.until(lambda: person.one("#saved").text == "Saved")
    person.one(".stage-canvas").click()
    person.chord(Keys.CONTROL, "z")
    person.until(lambda: person.one("#total-kg").get_property("value") == "82.0")
    person.chord(Keys.CONTROL, "z")
    person.until(lambda: person.one(f"{HEAD} [data-weigh=lock]").get_attribute("aria-pressed") == "false")
    assert person.complaints() == []


def test_a_bar_is_dragged_to_another_mass(person, hop, session):
    person.open_shot(hop, "?step=weigh")
    before = kg(stored(session, hop), "Spine")
    bar = person.one(".weigh-row[data-joint=Spine] .weigh-bar")
    half = round(bar.size["width"] / 2)
    drag = person.hand().move_to_element(bar).click_and_hold().move_by_offset(-half // 2, 0)
    made(person, drag.release().perform)
    full = kg(demo("Gap hop"), "UpperChest")  # the heaviest part fills its bar
    after = kg(stored(session, hop), "Spine")
    assert after == pytest.approx(full / 4, rel=0.05)
    assert after < before


def test_a_build_to_begin_with_shows_its_numbers_and_a_slider_mixes_the_tables(person, hop, session):
    person.open_shot(hop, "?step=weigh")
    made(person, lambda: person.choose("#preset", "heavy trunk"))
    assert person.sees("#panel", "trunk × 1.22")
    made(person, lambda: person.one("#female").send_keys(Keys.ARROW_RIGHT))
    assert stored(session, hop).performer.weighing.female == 0.01


def test_a_row_lights_the_part_and_a_part_lights_its_row(person, hop):
    person.open_shot(hop, "?step=weigh&frame=1")
    person.hand().move_to_element(person.one(HEAD)).perform()
    person.until(lambda: "is-lit" in person.one(HEAD).get_attribute("class"))
    settle(person)
    # pointing about on the stage comes upon a foot
    script = FIND.replace('document.getElementById("readout").textContent === words', "document.querySelector(words)")
    found = person.driver.execute_script(script, ".weigh-row.is-lit[data-joint$=Foot]", 6)
    assert found
    assert person.complaints() == []


def test_a_load_is_taken_up_and_put_down_and_moves_the_center_of_gravity(person, hop, session):
    person.open_shot(hop, "?step=weigh&frame=10")
    person.choose("#grip", "both hands")
    made(person, lambda: person.click("[data-weigh=add-load]"))
    assert person.sees("#panel", "Moves the center of gravity by up to")
    assert person.all("#lanes .strap")
    made(person, lambda: put(person, "[data-load-change=kg]", "30"))
    made(person, lambda: put(person, "[data-load-change=end]", "28"))
    (load,) = stored(session, hop).performer.loads
    assert (load.joints, load.mass_kg, load.start, load.end) == (("RightHand", "LeftHand"), 30.0, 10, 28)
    assert person.sees("#lanes .strap-name", "Load 30 kg")
    put(person, "[data-load-change=end]", "5")
    assert person.sees("#bench-message", "from its first to its last frame, not 10 to 5")
    person.until(lambda: person.one("#saved").text == "Saved")
    made(person, lambda: person.click("[data-weigh=remove-load]"))
    assert person.sees("#panel", "Nothing is held")
    assert not person.all("#lanes .strap")
    assert person.complaints() == []


def test_a_weighing_is_kept_used_on_another_shot_and_taken_home(person, hop, session, tmp_path):
    slip = shots.create(session, demo("Gangway slip"))
    person.open_shot(hop, "?step=weigh")
    made(person, lambda: put(person, f"{HEAD} [data-weigh-change=part]", "7"))
    put(person, "#keep-name", "Big head")
    person.click("[data-weigh=keep]")
    assert person.sees("#kept", "Big head")
    person.open_shot(slip, "?step=weigh")
    made(person, lambda: person.click("#kept [data-weigh=use]"))
    assert kg(stored(session, slip), "Head") == pytest.approx(7)
    plain = json.loads(person.driver.execute_async_script(
        "fetch(document.querySelector('a[download][href*=weighing]').href).then(a => a.text()).then(arguments[0])"
    ))  # fmt: skip
    assert plain["held"]["Head"] == {"kg": 7.0, "typed": True}
    plain["held"] = {"Head": {"kg": 5.0, "typed": True}, "Fin": {"kg": 1.0, "typed": True}}
    path = tmp_path / "odd.json"
    path.write_text(json.dumps(plain))
    made(person, lambda: person.one("#weighing-file").send_keys(str(path)))
    assert person.sees("#bench-message", "Use odd; not in this rig: Fin. The rest was used.")
    assert kg(stored(session, slip), "Head") == pytest.approx(5)
    path.write_text("not json")
    person.one("#weighing-file").send_keys(str(path))
    assert person.sees("#bench-message", "odd.json is not JSON")


def test_what_is_shown_stays_with_the_shot_and_a_joint_is_settled(person, session):
    gull = shots.create(session, demo("Gull"))
    person.open_shot(gull, "?step=weigh")
    assert person.sees("#panel", "Not understood")
    made(person, lambda: person.click("[data-display=parts]"))
    made(person, lambda: person.choose("[data-display=path_of]", "Lamp"))
    display = stored(session, gull).display
    assert (display.parts, display.path_of) == (True, "Lamp")
    strut = ".weigh-row[data-joint=LeftStrut]"
    person.click(f"{strut} summary")
    made(person, lambda: put(person, f"{strut} [data-weigh-change=girth]", "20"))
    person.until(lambda: person.one(f"{strut} details").get_property("open"))  # what stood open stays so
    assert dict(stored(session, gull).performer.weighing.girths)["LeftStrut"] == 0.2
    row = ".weigh-row[data-joint=Rudder]"
    person.click(f"{row} summary")
    made(person, lambda: person.choose(f"{row} [data-weigh-change=assign]", "nothing: no mass"))
    person.until(lambda: not person.all(row))
    assert person.complaints() == []
