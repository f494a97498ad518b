"""Props that move by themselves, by mouse and keyboard: weighed, let fly, aimed, held again, undone."""

from dataclasses import replace

import numpy as np
import pytest
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.support.ui import Select

from ironarc.core.scene.props import middle_of
from ironarc.demo.by_hand import Hand
from ironarc.store import shots
from tests.conftest import demo


def stands(session, shot_id: int):
    session.rollback()
    return shots.load(session, shot_id, shots.standing(session, shot_id).revision)


def changed(person, do) -> None:
    before = person.shown()[1]
    do()
    person.until(lambda: person.shown()[1] != before and person.one("#saved").text == "Saved")
    person.until(lambda: person.driver.execute_script("return !document.querySelector('.htmx-request')"))


def typed(person, css: str, value: str) -> None:
    field = person.one(css)
    field.send_keys(Keys.CONTROL, "a")
    field.send_keys(value, Keys.ENTER)


def test_a_ball_is_weighed_let_fly_aimed_and_held_again(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=5")
    person.click('[data-set="add-menu"]')
    changed(person, lambda: person.click('[data-set="add-prop"][data-prop="ball"]'))
    person.sees("#panel", "Say what it weighs, and it can fly")
    changed(person, lambda: person.driver.execute_script(
        "const s = arguments[0]; s.value = 'rubber'; s.dispatchEvent(new Event('change', {bubbles: true}))",
        person.one('[data-change="material"]'),
    ))  # fmt: skip
    person.until(lambda: person.all('[data-set="let-fly"]'))
    person.click("[data-step-link=set]")
    person.until(lambda: person.all('[data-list="at_m"]'))
    changed(person, lambda: typed(person, '[data-list="at_m"]:not([data-unit=""])', "150"))
    prop = stands(session, hop).props[-1]
    assert prop.bounce == 0.75
    lift = person.all('[data-list="at_m"]')[1]
    lift.send_keys(Keys.CONTROL, "a")
    changed(person, lambda: lift.send_keys("120", Keys.ENTER))
    person.click('[data-set="to-strike"]')
    person.until(lambda: person.all('[data-set="let-fly"]'))
    changed(person, lambda: person.click('[data-set="let-fly"]'))
    person.sees("#panel", "Free from 5, at rest")
    person.sees("#touches", "the floor")
    # what it meets stands on the trestle, and a click leads there
    flag = person.one('[data-lane="flags"] .flag[aria-label^="hit"]')
    hit = float(flag.get_attribute("data-frame"))
    prop = stands(session, hop).props[-1]
    assert prop.flight.touches[0].frame == round(hit, 2) or abs(prop.flight.touches[0].frame - hit) < 0.01
    assert abs((hit - 5) / 24 - np.sqrt(2 * 1.2 / 9.81)) < 0.01
    # aimed: it is there on its frame
    for i, value in enumerate(("30", "100", "250")):
        person.one(f'[data-aim="{i}"]').send_keys(value)
    person.one("#aim-arrives").send_keys("25")
    changed(person, lambda: person.click('[data-set="aim"]'))
    shot = stands(session, hop)
    prop = shot.props[-1]
    there = middle_of(prop, *shot.track_of(prop, np.array([25])))[0]
    np.testing.assert_allclose(there, (0.3, 1.0, 2.5), atol=0.01)
    # or it comes down there from a height
    for css, value in (("[data-aim='0']", "30"), ("[data-aim='1']", "100"), ("[data-aim='2']", "250")):
        person.one(css).clear()
        person.one(css).send_keys(value)
    Select(person.one("#aim-by")).select_by_value("height")
    person.one("#aim-arrives").clear()
    person.one("#aim-arrives").send_keys("240")
    changed(person, lambda: person.click('[data-set="aim"]'))
    shot = stands(session, hop)
    prop = shot.props[-1]
    path = middle_of(prop, *shot.track_of(prop, np.arange(5, 50)))
    assert path[:, 1].max() == pytest.approx(2.4, abs=0.01)
    assert np.linalg.norm(path - [0.3, 1.0, 2.5], axis=1).min() < 0.15
    # or by way of the floor
    for css, value in (("[data-aim='0']", "30"), ("[data-aim='1']", "60"), ("[data-aim='2']", "250")):
        person.one(css).clear()
        person.one(css).send_keys(value)
    Select(person.one("#aim-by")).select_by_value("frame")
    Select(person.one("#aim-off")).select_by_value("floor")
    person.one("#aim-arrives").clear()
    person.one("#aim-arrives").send_keys("35")
    changed(person, lambda: person.click('[data-set="aim"]'))
    shot = stands(session, hop)
    prop = shot.props[-1]
    assert prop.flight.touches[0].surface == "floor"
    there = middle_of(prop, *shot.track_of(prop, np.array([35])))[0]
    np.testing.assert_allclose(there, (0.3, 0.6, 2.5), atol=0.01)
    # held again, and all of it undone
    changed(person, lambda: person.click('[data-set="end-flight"]'))
    assert stands(session, hop).props[-1].flight is None
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, hop).props[-1].flight.given
    assert person.complaints() == []


def test_a_body_is_let_go_with_less_tone_taken_and_undone(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=20")
    assert person.one('#let-go [name="start"]').get_property("value") == "20"
    person.click("#let-go [data-let-go]")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.sees("#trying-name", "Let go at 20")
    person.sees("#trying-cost", "It lies from")
    first = person.one("#trying-cost").text
    person.one("#trying-options [name='tone']").send_keys(Keys.HOME)  # a slider: limp
    person.until(lambda: person.one("#take").is_enabled() and person.one("#trying-cost").text != first)
    changed(person, lambda: person.click("#take"))
    (layer,) = stands(session, hop).performer.corrections
    assert layer.made_by == "let_go"
    assert "tone=0.0" in layer.asked or '"tone": 0' in layer.asked
    person.sees("#panel", "Let go")
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, hop).performer.corrections == ()
    # what can't be is said, and nothing is lost
    end = person.one('#let-go [name="end"]')
    end.send_keys(Keys.CONTROL, "a")
    end.send_keys("40")
    person.click("#let-go [data-let-go]")
    person.sees("#bench-message", "The motion goes on to frame 72")
    assert person.complaints() == []


def test_a_collapse_is_started_from_and_its_tone_is_keyed_in_a_picture(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=50")
    person.click("#let-go [data-lets]:nth-of-type(2)")
    assert Select(person.one("#let-go [name='first']")).first_selected_option.text == "legs"
    person.click("#let-go [data-let-go]")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    assert not person.one(".tone-curve").is_displayed()
    person.click("#trying-options .option:has([type='checkbox']:not([name])) [type='checkbox']")
    person.until(lambda: person.one(".tone-curve").is_displayed())
    person.until(lambda: person.one("#take").is_enabled() and "keyed=0:0.45;0.5:0.05;1:0.05" in tried(person))
    # a key is put between two and drawn up, then one goes by the keyboard
    picture = person.one(".tone-curve")
    wide = picture.size["width"]
    person.hand().move_to_element_with_offset(picture, round(wide * 0.25), 10).click_and_hold().move_by_offset(
        0, -30
    ).release().perform()  # fmt: skip
    person.until(lambda: person.one("#take").is_enabled() and tried(person).count(":") == 4)
    text = tried(person).split("keyed=")[1].rstrip(")")
    keys = dict(tuple(map(float, key.split(":"))) for key in text.split(";"))
    (put,) = [x for x in keys if 0.6 < x < 0.9]
    assert keys[put] > 0.6
    person.one(".tone-curve [data-key='3']").send_keys(Keys.DELETE)
    person.until(lambda: person.one("#take").is_enabled() and tried(person).count(":") == 3)
    changed(person, lambda: person.click("#take"))
    (layer,) = stands(session, hop).performer.corrections
    assert '"first": "legs"' in layer.asked
    assert f"{put:g}:{keys[put]:g}" in layer.asked
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, hop).performer.corrections == ()
    assert person.complaints() == []


def tried(person) -> str:
    """What is tried, as it is asked for."""
    return person.shown()[0]


def test_an_arm_is_let_go_and_its_keys_take_it_back(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=4")
    Select(person.one("#let-go [name='what']")).select_by_value("left arm")
    for name, value in (("end", "16"), ("back", "5")):
        field = person.one(f'#let-go [name="{name}"]')
        field.send_keys(Keys.CONTROL, "a")
        field.send_keys(value)
    person.click("#let-go [data-let-go]")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    changed(person, lambda: person.click("#take"))
    shot = stands(session, hop)
    assert [x.made_by for x in shot.performer.corrections] == ["let_go"]
    was = demo("Gap hop").poses("", np.arange(1, 73)).position
    now = shot.poses("", np.arange(1, 73)).position
    names = shot.performer.rig.names
    moved = np.abs(now - was).max(axis=(0, 2))
    assert moved[names.index("LeftHand")] > 0.02
    assert moved[names.index("RightHand")] < 0.005
    assert np.abs(now[17:] - was[17:]).max() < 1e-6
    assert person.complaints() == []


def test_a_body_staggers_at_a_blow_and_stands(person, session):
    hand = Hand("Stands", "tansy", 110)
    hand.do("copy_pose", frame=1, to=(110,))
    shot_id = shots.create(session, hand.shot)
    session.commit()
    person.open_shot(shot_id, "?step=strike&frame=10")
    typed_into = person.one('#blow [name="impulse"]')
    typed_into.send_keys(Keys.CONTROL, "a")
    typed_into.send_keys("60")
    Select(person.one("#blow [name='from']")).select_by_visible_text("behind")
    person.click("#blow [value='stagger']")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.sees("#trying-cost", "Steps land on: right leg")
    changed(person, lambda: person.click("#take"))
    assert [x.made_by for x in stands(session, shot_id).performer.corrections] == ["stagger"]
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, shot_id).performer.corrections == ()
    typed_into = person.one('#blow [name="impulse"]')
    typed_into.send_keys(Keys.CONTROL, "a")
    typed_into.send_keys("4")
    person.click("#blow [value='stagger']")
    person.sees("#bench-message", "a Reaction is enough")
    assert person.complaints() == []


def test_a_blow_is_given_made_smaller_taken_and_undone(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=6")
    assert person.one('#blow [name="frame"]').get_property("value") == "6"
    field = person.one('#blow [name="impulse"]')
    field.send_keys(Keys.CONTROL, "a")
    field.send_keys("60")
    Select(person.one("#blow [name='from']")).select_by_visible_text("the front")
    person.click("#blow .btn")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.sees("#trying-cost", "more than a stance takes")
    first = person.one("#trying-cost").text
    size = person.one("#trying-options [name='size']")
    size.send_keys(Keys.CONTROL, "a")
    size.send_keys("0.5", Keys.TAB)
    person.until(lambda: person.one("#take").is_enabled() and person.one("#trying-cost").text != first)
    assert "more than a stance takes" not in person.one("#trying-cost").text
    changed(person, lambda: person.click("#take"))
    assert stands(session, hop).performer.corrections[0].made_by == "react"
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, hop).performer.corrections == ()
    assert person.complaints() == []


def test_a_crate_that_swings_into_a_back_is_answered_from_its_card(person, session):
    grazed = demo("grazes")
    layers = tuple(x for x in grazed.performer.layers if not x.made_by)
    number = shots.create(session, grazed.with_item(replace(grazed.performer, layers=layers)))
    person.open_shot(number, "?step=read&frame=40")
    person.sees("#panel", "Takes a blow unmoved")
    before = stands(session, number)
    (button,) = [b for b in person.all("#panel button") if b.text == "Reaction…"]
    button.click()
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.sees("#trying-cost", "Coal crate gives")
    changed(person, lambda: person.click("#take"))
    after = stands(session, number)
    frames = np.array([40])
    assert np.abs(after.track_of(after.props[0], frames)[0] - before.track_of(before.props[0], frames)[0]).max() > 0.02
    person.until(lambda: "Takes a blow unmoved" not in person.one("#panel").text)
    # one step back takes the body's answer and the crate's way together
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    undone = stands(session, number)
    assert undone.performer.corrections == ()
    assert (
        np.abs(undone.track_of(undone.props[0], frames)[0] - before.track_of(before.props[0], frames)[0]).max() < 1e-9
    )
    assert person.complaints() == []


def test_barrels_are_set_out_hung_and_let_fly_together(person, session, hop):
    person.open_shot(hop, "?step=set&frame=5")
    person.click('[data-set="add-menu"]')
    changed(person, lambda: person.click('[data-set="add-prop"][data-prop="box"]'))
    person.click('[data-set="to-strike"]')
    person.until(lambda: person.all('[data-one="mass_kg"]'))
    changed(person, lambda: typed(person, '[data-one="mass_kg"]', "12"))
    person.click("[data-step-link=set]")
    person.until(lambda: person.all("#set-out-count"))
    typed_count = person.one("#set-out-count")
    typed_count.send_keys(Keys.CONTROL, "a")
    typed_count.send_keys("3")
    changed(person, lambda: person.click('[data-set="set-out"]'))
    assert len([p for p in stands(session, hop).props if p.mass_kg == 12.0]) == 4
    person.click('[data-set="to-strike"]')
    person.until(lambda: person.all('[data-change="line"]'))
    changed(person, lambda: typed(person, '[data-change="line"]', "150"))
    picked = next(p for p in stands(session, hop).props if p.hung_from_m)
    assert abs(picked.hung_from_m[1] - (picked.at_m[1] + picked.size_m[1] + 1.5)) < 0.01
    changed(person, lambda: person.click('[data-set="let-all-fly"]'))
    assert all(p.flight for p in stands(session, hop).props if p.mass_kg)
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert not any(p.flight for p in stands(session, hop).props)
    assert person.complaints() == []


def test_two_props_are_joined_parted_and_hung_on_a_chain_that_swings(person, session, hop):
    person.open_shot(hop, "?step=set&frame=5")
    for kind in ("ball", "bar"):
        person.click('[data-set="add-menu"]')
        changed(person, lambda kind=kind: person.click(f'[data-set="add-prop"][data-prop="{kind}"]'))
    changed(person, lambda: person.click('[data-set="join"]'))
    (made,) = (p for p in stands(session, hop).props if p.joined)
    assert made.kind == "bar"
    assert len(made.joined) == 1
    changed(person, lambda: person.click('[data-set="part"]'))
    assert not any(p.joined for p in stands(session, hop).props)
    person.click('[data-set="to-strike"]')
    person.until(lambda: person.all('[data-one="mass_kg"]'))
    changed(person, lambda: typed(person, '[data-one="mass_kg"]', "20"))
    person.one("#chain-links").send_keys("5")
    changed(person, lambda: person.click('[data-set="chain"]'))
    person.sees("#picked", "A chain of 5 links")
    changed(person, lambda: person.click('[data-set="let-fly"]'))
    flying = [p for p in stands(session, hop).props if p.flight]
    assert len(flying) == 6
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    changed(person, lambda: person.click('[data-set="off-chain"]'))
    assert not any(p.link for p in stands(session, hop).props)
    assert person.complaints() == []


def test_two_performers_are_let_go_together_and_undone_as_one(person, session):
    crate = demo("Swinging crate")
    number = shots.create(session, crate)
    session.commit()
    person.open_shot(number, "?step=strike&frame=24")
    person.click("#let-go [name='others']")
    person.click("#let-go [data-let-go]")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    assert "others=performer2" in tried(person)
    assert person.one("#trying-options").text.count("Let go with it: Old Halloran") == 1
    changed(person, lambda: person.click("#take"))
    names = [[x.name for x in p.corrections] for p in stands(session, number).performers]
    assert names == [["Let go"], ["Let go, with Bram Okoro"]]
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert not any(p.corrections for p in stands(session, number).performers)
    assert person.complaints() == []


def test_a_span_on_the_trestle_switches_a_fall_off_and_on(person, session):
    struck = shots.create(session, demo("Crate strikes"))
    session.commit()
    person.open_shot(struck, "?step=strike&frame=40")
    fall = '[data-lane="falls"] .fall'
    assert person.one(fall).get_attribute("aria-label") == "Let go, 23 to 84"
    changed(person, lambda: person.click(f"{fall} .fall-bar"))
    assert stands(session, struck).performer.corrections[0].muted
    person.until(lambda: person.one(fall).get_attribute("aria-pressed") == "false")
    changed(person, lambda: person.one(fall).send_keys(Keys.ENTER))
    assert not stands(session, struck).performer.corrections[0].muted
    assert person.complaints() == []


def test_how_a_prop_leaves_is_typed(person, session, hop):
    person.open_shot(hop, "?step=strike&frame=5")
    person.click('[data-set="add-menu"]')
    changed(person, lambda: person.click('[data-set="add-prop"][data-prop="ball"]'))
    person.until(lambda: person.all('[data-one="mass_kg"]'))
    changed(person, lambda: typed(person, '[data-one="mass_kg"]', "2"))
    for i, value in ((0, "1.5"), (1, "4"), (3, "0.5")):
        person.one(f'[data-leaves="{i}"]').send_keys(value)
    changed(person, lambda: person.click('[data-set="leave"]'))
    flight = stands(session, hop).props[-1].flight
    assert flight.velocity_ms == (1.5, 4.0, 0.0)
    assert flight.spin_rads[1] == pytest.approx(np.pi)
    assert flight.given
    person.sees("#panel", "Leaves at 4.3 m/s on 5, 0.5 turns/s")
    person.one('[data-leaves="0"]').send_keys("x")
    person.click('[data-set="leave"]')
    person.sees("#bench-message", "How it leaves must be a number")
    assert person.complaints() == []
