"""A long shot, by hand: its list comes as one scrolls, and an hour's edits leave the page as large as it was."""

from threading import Event

import pytest
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.support.ui import Select

from bench.blocking import long_capture
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.reading import see
from ironarc.store import shots
from ironarc.web import variants
from tests.browser.test_strike import changed

ROUNDS = 12


@pytest.fixture
def long_shot(session):
    return shots.create(session, long_capture(1500))


def counted(person) -> dict[str, float]:
    """Nodes and listeners of the page, once what is let go has gone."""
    person.driver.execute_cdp_cmd("Performance.enable", {})
    person.driver.execute_cdp_cmd("HeapProfiler.collectGarbage", {})
    told = {m["name"]: m["value"] for m in person.driver.execute_cdp_cmd("Performance.getMetrics", {})["metrics"]}
    return {name: told[name] for name in ("Nodes", "JSEventListeners")}


def test_a_long_shot_is_seen_and_stepped_while_it_is_being_read(person, long_shot, monkeypatch):
    goes_on, read = Event(), variants.read_shot

    def waits(*given, **named):
        assert goes_on.wait(120)
        return read(*given, **named)

    monkeypatch.setattr(variants, "read_shot", waits)
    try:
        person.go(f"/shots/{long_shot}?step=read&frame=30")
        person.until(lambda: person.one("#bench").get_attribute("data-variant") == "early")
        person.until(lambda: person.one(".stage-canvas").get_attribute("data-drawn"))
        assert "Reading 1,500 frames" in person.one("#panel").text
        assert "Not read yet" in person.one("#lanes").text
        assert person.one("#readout").text.endswith("cm up")
        person.press(Keys.ARROW_RIGHT)
        person.until(lambda: person.frame == 31)
    finally:
        goes_on.set()
    person.bench_ready()
    person.until(lambda: person.all("#punch-list > .finding"))
    assert person.frame == 31
    assert person.complaints() == []


def test_the_list_grows_as_one_scrolls_and_is_asked_anew_by_a_filter(person, long_shot):
    person.open_shot(long_shot, "?step=read")
    assert len(person.all("#punch-list > .finding")) == 20
    last = person.one("#more-cards")
    person.driver.execute_script("arguments[0].scrollIntoView()", last)
    person.until(lambda: len(person.all("#punch-list > .finding")) > 20)
    chosen = Select(person.one('[data-filter="kind"]'))
    kind = chosen.options[-1].get_attribute("value")
    chosen.select_by_value(kind)
    kinds = lambda: {card.get_attribute("data-kind") for card in person.all("#punch-list > .finding")}  # noqa: E731
    person.until(lambda: kinds() == {kind})
    assert person.complaints() == []


def test_flights_come_as_one_scrolls_to_them(person, long_shot):
    person.open_shot(long_shot, "?step=read")
    assert len(person.all("[data-flight-card]")) == 6
    person.driver.execute_script("arguments[0].scrollIntoView()", person.one("#more-flights"))
    person.until(lambda: len(person.all("[data-flight-card]")) > 6)
    assert person.complaints() == []


def test_edits_and_undos_leave_no_nodes_and_no_listeners_behind(person, session, long_shot):
    standing = shots.standing(session, long_shot)
    shot = shots.load(session, long_shot, standing.revision)
    lifted = COMMANDS["lift_contact"](see(shot), "performer1", "left foot", 700, 706)
    shots.apply(session, long_shot, standing.revision, lifted)
    session.commit()
    person.open_shot(long_shot, "?step=read&frame=700")

    def there_and_back() -> None:
        for key in "zy":
            changed(person, lambda key=key: person.chord(Keys.CONTROL, key))

    there_and_back()
    before = counted(person)
    for _ in range(ROUNDS):
        there_and_back()
    after = counted(person)
    # a list that is drawn anew may hold a few nodes more or less
    assert after["Nodes"] < before["Nodes"] + 500
    assert after["JSEventListeners"] < before["JSEventListeners"] + 50
    assert person.complaints() == []


def asked(person) -> list[str]:
    """What the page has asked for of revisions, since it was last forgotten."""
    names = person.driver.execute_script("return performance.getEntriesByType('resource').map((e) => e.name)")
    return [name.split("/r/")[1].split("/", 1)[1].split("?")[0] for name in names if "/r/" in name]


def test_an_edit_is_shown_with_what_its_answer_brought(person, long_shot):
    person.open_shot(long_shot, "?step=block&frame=700")
    # pushes and footing come after the first picture
    person.until(lambda: "blocks.f32" in " ".join(asked(person)).partition("physics.json")[2])
    person.driver.execute_script("performance.clearResourceTimings()")
    changed(person, lambda: person.press("k"))
    person.until(lambda: "block.json" in asked(person))
    assert {"scene.json", "reading.json", "physics.json", "blocks.f32"}.isdisjoint(asked(person))
    assert person.complaints() == []
