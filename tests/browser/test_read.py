"""The Read step in a real browser: piers dragged and settled, findings left, limits changed, numbers taken home."""

import csv
import json
from dataclasses import replace

import numpy as np
import pytest
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys

from ironarc.core.columns import Dense
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.store import house, shots
from tests.conftest import demo

PIER = '[data-pier^="0:left foot:floor:46"]'


@pytest.fixture
def hop(session):
    return shots.create(session, demo("Gap hop"))


@pytest.fixture
def hovering(session):
    """The hop, hovering by 6 cm while it stands at the end: in doubt, and a finding."""
    shot = shot_from_file(motion_file(demo("Gap hop")), "Hover", scale_to_m=0.01, floor_m=0.0)
    layer = shot.performer.layers[0]
    height = layer.columns["Hips", "ty"]
    lifted = height.values + 6.0 * np.clip((np.arange(len(height.values)) - 55) / 5, 0, 1)
    base = replace(layer, columns=dict(layer.columns) | {("Hips", "ty"): Dense(height.first, lifted)})
    return shots.create(session, shot.with_item(replace(shot.performer, layers=(base,))))


def by_hand(person) -> list[str]:
    return [pier.get_attribute("data-pier") for pier in person.all(".pier-of.by-hand")]


def drag(person, css: str, by_px: int) -> None:
    person.until(
        lambda: person.hand().click_and_hold(person.one(css)).move_by_offset(by_px, 0).release().perform() or True
    )


def test_a_pier_is_dragged_by_its_end_and_undone(person, hop):
    person.open_shot(hop, "?step=read")
    _, before = person.shown()
    drag(person, f"{PIER} [data-end=start]", 33)
    person.until(lambda: person.shown()[1] > before)
    person.until(lambda: any(name.startswith("0:left foot:floor:4") for name in by_hand(person)))
    assert not by_hand(person)[0].endswith(":46")
    person.click("#undo")
    person.until(lambda: not by_hand(person))
    assert person.complaints() == []


def test_a_pier_is_moved_and_lifted_by_keyboard(person, hop):
    person.open_shot(hop, "?step=read")
    person.driver.execute_script("document.querySelector(arguments[0]).focus()", f"{PIER} [data-end=start]")
    person.press(Keys.ARROW_RIGHT)
    person.until(lambda: by_hand(person) == ["0:left foot:floor:47"])
    person.driver.execute_script("document.querySelector('.by-hand [data-end=start]').focus()")
    person.press(Keys.DELETE)
    person.until(lambda: not any("left foot:floor:47" in p.get_attribute("data-pier") for p in person.all(".pier-of")))


def test_a_pier_that_is_clicked_stands_in_the_fields_and_is_set_there(person, hop):
    person.open_shot(hop, "?step=read")
    person.click(f"{PIER} .pier")
    person.until(lambda: person.one("#pier-form [name=start]").get_property("value") == "46")
    assert person.one("#pier-form [name=part]").get_property("value") == "left foot"
    start = person.one("#pier-form [name=start]")
    start.clear()
    start.send_keys("43")
    person.click('#pier-form button[value="set"]')
    person.until(lambda: "0:left foot:floor:43" in by_hand(person))
    person.sees(".arch-label", "13.5 f")  # the flight ends where the foot comes down
    person.click('[data-action="all-detected"]')
    person.until(lambda: not by_hand(person))
    person.sees(".arch-label", "17.0 f")


def test_a_doubt_is_settled_by_one_click(person, hovering):
    person.open_shot(hovering, "?step=read")
    person.sees("#punch-list", "hover")
    assert person.all(".pier-of.in-doubt")
    person.click('[data-action="settle"][data-how="borne"]')
    person.until(lambda: not person.all("[data-doubt]"))
    person.until(lambda: not person.all(".pier-of.in-doubt"))
    person.click("#undo")
    person.click('[data-action="settle"][data-how="air"]')
    person.until(lambda: len(person.all(".flight")) == 2)


def test_a_finding_is_left_with_its_reason_and_taken_up_again(person, hop):
    person.open_shot(hop, "?step=read")
    person.sees("#verdict", "1 finding")
    person.click("#punch-list .leave summary")
    person.one("#punch-list [name=reason]").send_keys("She floats on purpose.", Keys.ENTER)
    person.sees("[data-left]", "She floats on purpose.")
    person.driver.refresh()
    person.bench_ready()
    person.sees("#verdict", "left as")
    person.click('[data-action="take-up"]')
    person.until(lambda: not person.all("[data-left]"))


def test_a_finding_opens_to_its_curve_its_numbers_and_its_rule(person, hop):
    person.open_shot(hop, "?step=read")
    person.click("#punch-list details:not(.leave) summary")
    person.sees("#punch-list", "Gravity as the path has it")
    curve = person.one("#punch-list .evidence")
    assert curve.find_element(By.CSS_SELECTOR, ".measured").get_attribute("d").count("L") > 15
    assert curve.find_element(By.CSS_SELECTOR, ".wanted").get_attribute("d")
    person.sees("#punch-list", "reads as floaty or leaden")


def test_a_limit_is_changed_for_the_shot_and_for_the_house(person, hop, session):
    person.open_shot(hop, "?step=read")
    limit = lambda way: f'.limit-form[data-kind="hang"] button[value="{way}"]'  # noqa: E731

    def set_limits(strained: str, cracked: str, way: str) -> None:
        for name, value in (("strained", strained), ("cracked", cracked)):
            field = person.one(f'.limit-form[data-kind="hang"] [name={name}]')
            field.clear()
            field.send_keys(value)
        person.click(limit(way))

    person.click("#punch-list details:not(.leave) summary")
    set_limits("60", "70", "shot")
    person.until(lambda: not person.all('[data-finding$=":hang:37"]'))
    person.sees("#panel", "strained from 60, cracked from 70 %, for the shot")
    person.click('[data-action="reset-limit"]')
    person.until(lambda: person.all('[data-finding$=":hang:37"]'))
    person.click('[data-finding$=":hang:37"] details:not(.leave):not([open]) summary')
    set_limits("60", "70", "house")
    person.until(lambda: not person.all('[data-finding$=":hang:37"]'))
    person.bench_ready()
    person.sees("#panel", "for the house")
    person.click('[data-action="reset-limit"][data-where="house"]')
    person.until(lambda: person.all('[data-finding$=":hang:37"]'))
    assert house.limits(session) == ()


def test_the_punch_list_is_filtered(person, session):
    shot_id = shots.create(session, demo("somersault"))
    person.open_shot(shot_id, "?step=read")
    every = len(person.all("#punch-list > li"))
    shown = lambda: [li for li in person.all("#punch-list > li") if li.is_displayed()]  # noqa: E731
    assert every > 1
    person.one('[data-filter="kind"]').send_keys("Spin")
    person.until(lambda: len(shown()) == 1)
    assert shown()[0].get_attribute("data-kind") == "spin"


def test_a_flight_s_card_tells_wind_up_arc_spin_and_landing(person, session):
    shot_id = shots.create(session, demo("somersault"))
    person.open_shot(shot_id, "?step=read")
    for words in (
        "Wind-up",
        "Rise and drop allow",
        "Plays at",
        "Body inertia, tucked to open",
        "right leg",
        "Comes back up",
    ):
        person.sees("[data-flight-card]", words)


def test_pushes_balance_and_spin_are_drawn_and_plotted(person, hop):
    person.open_shot(hop, "?step=read&frame=20")
    person.until(lambda: any("bw" in text for text in person.texts(".force-label:not([hidden])")))
    person.sees("#readout", "standing")
    for chip in ("balance", "pushes", "parts"):
        person.click(f'[data-plot="{chip}"]')
    person.until(lambda: len(person.all(".plot-row canvas")) == 4)
    person.sees(".plot-name", "trunk and head")
    person.click("#show-button")
    person.click('[data-show="pushes"]')
    person.until(lambda: not any("bw" in t for t in person.texts(".force-label.is-push:not([hidden])")))
    assert person.complaints() == []


def test_the_floor_is_set_and_estimated(person, hop):
    person.open_shot(hop, "?step=read")
    height = person.one("#floor-form [name=height]")
    height.clear()
    height.send_keys("-6", Keys.ENTER)
    person.sees("#punch-list", "hover")
    person.click('[data-action="floor-estimate"]')
    person.until(lambda: person.one("#floor-form [name=height]").get_property("value") in ("0.0", "-0.0"))


def test_the_reading_goes_home_as_csv_and_what_is_left_as_json(person, hop):
    person.open_shot(hop, "?step=show")
    person.click('a[href*="export.csv"]')
    path = person.downloads / "PF-010 Gap hop Bram Okoro.csv"
    person.until(lambda: path.exists() and path.stat().st_size > 1000)
    rows = list(csv.DictReader(path.read_text(encoding="utf-8-sig").splitlines()))
    assert len(rows) == 72
    assert float(rows[0]["standing margin (cm)"]) > 5
    person.click('a[href*="judging.json"]')
    path = person.downloads / "PF-010 Gap hop.judging.json"
    person.until(path.exists)
    person.until(lambda: json.loads(path.read_text())["judging"] == 1)
