"""A shot camera: set where one looks from, looked through, moved by hand, keyed, undone; and small views beside it."""

from tests.browser.test_figure import stage


def moved(person, do):
    before = person.shown()[1]
    do()
    person.until(lambda: person.shown()[1] != before)


def field(person, css):
    return float(person.one(css).get_property("value"))


def test_a_camera_is_set_looked_through_moved_and_keyed(person, hop):
    person.open_shot(hop, "?step=set&frame=10")
    assert not person.one('[data-view="lens"]').is_displayed()
    person.click('[data-set="add-menu"]')
    moved(person, lambda: person.click('[data-set="add-camera"]'))
    person.sees("#picked", "Look through it")
    person.click('[data-set="look-through"]')
    person.until(lambda: person.one('[data-view="lens"]').get_attribute("aria-pressed") == "true")
    person.sees(".lens-says", "16:9")
    x = '[data-change="camera-place"][data-axis="0"]'
    was = field(person, x)
    moved(person, lambda: person.drag(".stage-canvas", (60, 0), (60, 0)))
    person.until(lambda: abs(field(person, x) - was) > 20)
    # a second key, and between them it goes from one to the other
    person.type_frame(40)
    moved(person, lambda: person.click('[data-set="key-camera"]'))
    person.sees("#picked", "Keys")
    moved(person, lambda: person.drag(".stage-canvas", (-80, 0), (-80, 0)))
    there = field(person, x)
    person.type_frame(10)
    person.until(lambda: abs(field(person, x) - there) > 20)
    here = field(person, x)
    person.type_frame(25)
    person.until(lambda: min(here, there) < field(person, x) < max(here, there))
    moved(person, lambda: person.click("#undo"))
    person.sees("#picked", "Keys")
    moved(person, lambda: person.click("#undo"))
    person.until(lambda: "stands still" in person.one("#picked").text)
    assert person.complaints() == []


def test_without_a_camera_the_key_says_what_to_do(person, hop):
    person.open_shot(hop, "?step=read")
    person.press("5")
    person.sees("#bench-message", "There is no camera in this shot yet")


def test_small_views_lie_beside_the_large_one_and_change_places_with_it(person, hop):
    person.open_shot(hop, "?step=read&frame=20")
    before = stage(person)
    person.click("#show-button")
    for view in ("side", "top"):
        person.click(f'[data-show="small-{view}"]')
    person.click("#show-button")
    person.until(lambda: len(person.all(".small-view")) == 2)
    person.frames_pass()
    wide = before.shape[1] // 4
    person.until(lambda: abs(stage(person)[:, -wide:] - before[:, -wide:]).mean() > 1)
    person.click('[data-small="side"]')
    person.until(lambda: person.one('[data-view="side"]').get_attribute("aria-pressed") == "true")
    # the large one is not among the small ones
    person.until(lambda: [v.get_attribute("data-small") for v in person.all(".small-view")] == ["top"])
