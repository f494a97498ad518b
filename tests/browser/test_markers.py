"""Markers of a capture, by hand: brought in, seen on the stage, lined up again after they were moved."""

import pytest
from selenium.webdriver.common.by import By

from ironarc.core.exchange.marked import places_file
from ironarc.core.reading import read_all
from tests.browser.test_camera import field, moved
from tests.browser.test_figure import stage
from tests.conftest import demo


@pytest.fixture(scope="module")
def capture(tmp_path_factory):
    shot = demo("Gap hop")
    path = tmp_path_factory.mktemp("capture") / "hop take.c3d"
    path.write_bytes(places_file(shot, read_all(shot), "c3d"))
    return path


def test_markers_are_brought_in_seen_moved_and_lined_up(person, hop, capture):
    person.open_shot(hop, "?step=set&frame=34")
    bare = stage(person)
    differs = lambda: (abs(stage(person) - bare).max(axis=2) > 30).sum()  # noqa: E731
    person.click('[data-set="add-menu"]')
    assert "C3D or CSV" in person.one('[data-set="add-markers"]').text
    moved(person, lambda: person.driver.find_element(By.ID, "add-markers").send_keys(str(capture)))
    person.sees("#picked", "24 markers")
    person.sees("#picked", "0.0 cm")
    x = '[data-one="x_m"]'
    box = person.one(x)
    box.clear()
    moved(person, lambda: box.send_keys("30\n"))
    person.until(lambda: field(person, x) == 30)
    assert person.all("#marked tr")
    moved(person, lambda: person.click('[data-set="line-up-markers"]'))
    person.until(lambda: abs(field(person, x)) < 0.05)
    # hidden in the Show menu, they leave the stage: 24 dots of some twenty pixels
    person.until(lambda: differs() > 200)
    seen = differs()
    person.click("#show-button")
    person.click('[data-show="markers"]')
    person.click("#show-button")
    person.until(lambda: differs() < seen - 200)
    moved(person, lambda: person.click("#undo"))
    person.until(lambda: field(person, x) == 30)
    assert person.complaints() == []
