"""The figure on the stage: brought once, seen as a silhouette, drawn smooth once it stands."""

import io
from dataclasses import replace

import numpy as np
from PIL import Image
from selenium.webdriver.common.keys import Keys

from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.core.truing import propose, read_try
from ironarc.store import shots
from tests.conftest import demo

ASKED = "return performance.getEntriesByType('resource').filter((e) => e.name.includes('/skins/')).map((e) => e.name)"


def stage(person):
    """The stage as it is drawn, (height, width, 3)."""
    return np.asarray(Image.open(io.BytesIO(person.one(".stage-canvas").screenshot_as_png)).convert("RGB")).astype(int)


def test_a_silhouette_is_filled_with_ink(person, hop):
    person.open_shot(hop, "?step=set&frame=20")

    def ink():
        return int((stage(person).max(axis=2) < 45).sum())

    person.until(lambda: ink() > 100)  # its outline
    shaded = ink()
    person.click("#show-button")
    person.click("#show-menu [data-show='silhouette']")
    person.click("#show-button")
    person.until(lambda: ink() > 2 * shaded)
    assert person.complaints() == []


def test_figures_are_brought_once_whatever_is_edited(person, hop):
    person.open_shot(hop, "?frame=20")
    person.until(lambda: any("/fine?" in name for name in person.driver.execute_script(ASKED)))
    person.click("[data-action='try']")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.click("#take")
    person.until(lambda: person.shown()[1] > 1)
    asked = person.driver.execute_script(ASKED)
    figures = sorted(name.split("/skins/")[1].split("?")[0] for name in set(asked))
    assert figures == ["performer1/fine", "performer1/light"]


def test_edges_are_smooth_once_the_stage_stands(person, hop):
    """Between paper and ink lie shades, where a drawing with one sample a pixel has next to none."""
    person.open_shot(hop, "?step=set&frame=20")
    person.click("#show-button")
    for key in ("smooth", "silhouette", "grid", "ghosts", "path", "gravity", "com", "references"):
        person.click(f"#show-menu [data-show='{key}']")
    person.click("#show-button")

    def shades():
        grey = stage(person).mean(axis=2)
        return ((grey > 60) & (grey < 190)).sum() / max((grey < 60).sum(), 1)

    person.until(lambda: shades() > 0.03)


def test_a_character_of_ones_own_is_seen_swapped_for_a_mannequin_and_weighed(person, session):
    """Tansy's coat has ochre lines and her cap is red: colours that no mannequin has."""
    shot_id = shots.create(session, demo("Coat on"))
    person.open_shot(shot_id, "?step=set&frame=10&pick=performer1")

    def red():
        red, green, _ = stage(person).transpose(2, 0, 1)
        return int(((red > 110) & (green < 90) & (red > 1.8 * green)).sum())

    person.click("#show-button")
    for key in ("com", "path", "gravity"):  # what is red beside her
        person.click(f"#show-menu [data-show='{key}']")
    person.click("#show-button")
    person.click("[data-pick=performer1]")
    person.sees("#picked", "its colours")
    person.until(lambda: red() > 40)
    dressed = red()
    person.click("#picked [data-set=show-skin][data-on='0']")
    person.until(lambda: red() < dressed / 3)
    person.click("#picked [data-set=show-skin][data-on='1']")
    person.until(lambda: red() > dressed / 2)
    person.click("#picked [data-set=weigh-by-skin]")
    person.until(lambda: "by its skin" in person.one("#undo").get_attribute("title"))
    held = shots.load(session, shot_id, shots.standing(session, shot_id).revision).performer.weighing.held
    assert len(held) > 15
    assert person.complaints() == []


def test_before_and_after_stand_side_by_side_on_the_same_frame(person, session):
    shot = demo("Gap hop")
    shot = propose(see(shot), read_try("true_arc(frame=37)")).edit.apply(shot)
    person.open_shot(shots.create(session, shot), "?step=read&frame=37&view=side")
    person.click("#show-button")
    person.click('[data-show="beside"]')
    person.click("#show-button")
    person.until(lambda: person.texts(".beside-words span") == ["Before", "After"])

    def halves():
        seen = stage(person)
        half = seen.shape[1] // 2
        return seen[:, :half], seen[:, -half:]

    def height(part):
        """Row of the middle of all that is drawn dark, below the words."""
        return np.nonzero(part[len(part) // 5 :].max(axis=2) < 110)[0].mean()

    # the arc that was trued carries the figure higher
    lower = lambda: height(halves()[0]) - height(halves()[1])  # noqa: E731
    person.until(lambda: lower() > 4)
    apart = lower()
    # one frame for both: before the jump only their paths differ
    person.type_frame(2)
    person.until(lambda: lower() < apart / 2)
    # a click there takes nothing: what is seen is no longer where the hand would take it
    person.click('[data-step-link="block"]')
    person.sees("#panel", "Pose")
    person.hand().move_to_element(person.one(".stage-canvas")).click().perform()
    assert person.all(".stage-signs:not(:empty) .is-selected") == []
    person.press(Keys.SPACE)
    person.until(lambda: person.frame > 6)
    person.press(Keys.SPACE)
    person.click("#show-button")
    person.click('[data-show="beside"]')
    person.click("#show-button")
    person.until(lambda: not person.one(".beside-words").is_displayed())
    assert person.complaints() == []


def test_two_takes_are_compared_laid_over_each_other_and_side_by_side(person, session):
    shot = demo("Gap hop")
    trued = propose(see(shot), read_try("true_arc(frame=37)")).edit.apply(shot).performer
    aside = replace(trued, id="performer2", name="Take 2", placement=Placement((1.4, 0.0, 0.5)))
    shot = replace(shot, performers=(shot.performer, aside))
    person.open_shot(shots.create(session, shot), "?step=read&frame=37&view=side")
    person.click("#show-button")
    person.choose("#against", "Take 2")
    person.click('[data-show="beside"]')
    person.click("#show-button")
    person.until(lambda: person.texts(".beside-words span") == ["Take 2", "Bram Okoro"])
    # as it changed over time: from the same place the other take rises by 27 cm more
    person.click("[data-plot='changed']")
    person.until(lambda: "26.8 cm" in person.one("#plots").text)
    person.type_frame(1)
    person.until(lambda: "0.0 cm" in person.one("#plots").text)
    # whom nobody can be laid over is not offered
    person.choose("#who", "Take 2")
    person.until(lambda: person.texts(".beside-words span") == ["Before", "After"])
    assert person.complaints() == []


def test_without_a_correction_side_by_side_says_that_both_are_the_same(person, hop):
    person.open_shot(hop, "?step=read&frame=37")
    person.click("#show-button")
    person.click('[data-show="beside"]')
    person.sees("#bench-message", "No correction has been taken yet")
