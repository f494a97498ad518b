"""Makes docs/screenshots/ from the demo shots: .venv/bin/python -m scripts.screenshots"""

import logging
import os
import subprocess
import sys
import tempfile
from pathlib import Path

from selenium.webdriver import ActionChains
from selenium.webdriver.common.keys import Keys
from sqlalchemy.orm import Session

from ironarc.demo.load import load
from ironarc.store import shots
from ironarc.store.database import URL_SETTING, connect
from tests.browser.conftest import Person, Served, open_browser
from tests.conftest import temporary_database

FOLDER = Path(__file__).resolve().parents[1] / "docs" / "screenshots"

SETTLED = """const done = arguments[0];
document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)));"""


def shoot(person: Person, name: str) -> None:
    """Saves the page once two frames in a row have been drawn, so that fonts and canvas are there."""
    person.driver.execute_async_script(SETTLED)
    person.driver.save_screenshot(str(FOLDER / f"{name}.png"))


def changed(person: Person, do) -> None:
    """Does something and waits until the edit it makes is shown."""
    before = person.shown()[1]
    do()
    person.until(lambda: person.shown()[1] != before and person.one("#saved").text == "Saved")


def side_by_side(person: Person) -> None:
    """Turns it on, or off."""
    for css in ("#show-button", '[data-show="beside"]', "#show-button"):
        person.click(css)


def picture_there(person: Person, what: str) -> None:
    """Waits until a reference's picture or film has been found."""
    person.until(lambda: person.driver.execute_script(f"return document.querySelector('.ref-picture {what}')"))


def reading_and_truing(person: Person, ids: dict[str, int]) -> None:
    hop, slip = ids["PF-010 Gap hop"], ids["PF-030 Gangway slip"]
    person.open_shot(hop, "?frame=37")
    picture_there(person, "img[src]")
    shoot(person, "bench-read")
    changed(person, lambda: hide(person, "reference1"))
    person.open_shot(hop, "?frame=36&step=true")
    person.click("[data-true='ways']")
    person.sees(".way", "Keep the height, change the time")
    shoot(person, "bench-true")
    person.click(".way-try[data-try*='hang=12,'][data-try*='hold=False']")
    person.until(lambda: person.all("#trying-list li") and person.shown()[0].startswith("true_arc"))
    side_by_side(person)
    person.sees(".beside-words", "As it stands")
    shoot(person, "true-the-arc-tried")
    side_by_side(person)
    changed(person, lambda: person.click("#take"))
    person.click("#span-form .btn-primary")
    person.until(lambda: person.all("#trying-list li") and person.shown()[0].startswith("work-"))
    person.click("#put-back")
    person.until(lambda: not person.one("#trying").is_displayed())
    person.driver.execute_script("document.querySelector('#span-form').previousElementSibling.scrollIntoView()")
    shoot(person, "true-span")
    person.open_shot(ids["PF-090 Shot in mid stride"], "?step=show&frame=11")
    person.sees("#clips", "loop")
    person.one("#order [name='text']").clear()
    person.one("#order [name='text']").send_keys("Start, Run x 3, Hit")
    person.click("#order [type='button']")
    person.sees("#joins", "Where clips meet")
    person.driver.execute_script("document.querySelector('#panel').scrollTo(0, 0)")
    shoot(person, "show-clips")
    person.open_shot(hop, "?step=show")
    person.click("#sheet")
    person.sees(".sheet-title", "Gap hop")
    shoot(person, "sheet")
    person.open_shot(slip, "?frame=22")
    physics_there(person)
    person.click("[data-plot=height]")
    person.click("[data-plot=balance]")
    shoot(person, "read-balance")
    striking(person, ids)


def striking(person: Person, ids: dict[str, int]) -> None:
    """A crate that throws a body over, a runner who falls by herself, and a blow that is answered early."""
    person.open_shot(ids["PF-045 Crate strikes"], "?step=strike&frame=26&pick=prop1")
    physics_there(person)
    person.click("[data-view=side]")
    person.click("[data-plot=height]")
    person.click("[data-plot=pushes]")
    shoot(person, "strike")
    person.open_shot(ids["PF-090 Shot in mid stride"], "?step=strike&frame=37")
    person.click("[data-view=side]")
    person.driver.execute_script("document.querySelector('#let-go').scrollIntoView({block: 'center'})")
    shoot(person, "let-go")


def physics_there(person: Person) -> None:
    """Waits until pushes and footing are on the stage."""
    person.until(
        lambda: (
            any("bw" in text for text in person.texts(".force-label:not([hidden])"))
            or "flight" in person.one("#readout").text
        )
    )


def hide(person: Person, item: str) -> None:
    person.click("[data-step-link=set]")
    person.click(f"[data-item={item}] [data-set=hide]")


def setting(person: Person, ids: dict[str, int]) -> None:
    hop, crate = ids["PF-010 Gap hop"], ids["PF-040 Swinging crate"]
    person.open_shot(crate, "?step=set&frame=34&pick=performer1")
    shoot(person, "set-performer")
    person.open_shot(ids["PF-130 Coat on"], "?step=set&frame=39")
    person.click("[data-set=add-menu]")
    changed(person, lambda: person.click("[data-set=add-camera]"))
    person.click("[data-set=look-through]")
    person.click("#show-button")
    for view in ("side", "top", "front"):
        person.click(f"[data-show='small-{view}']")
    person.click("#show-button")
    person.until(lambda: len(person.all(".small-view")) == 3)
    in_view(person)
    shoot(person, "set-camera")
    # the hop as it was loaded, before the pictures above
    person.open_shot(hop, "?step=set&frame=37&pick=reference1")
    while not person.one("#undo").get_property("disabled"):
        changed(person, lambda: person.click("#undo"))
    person.until(lambda: person.one("#picked").get_attribute("data-picked") == "reference1")
    picture_there(person, "img[src]")
    shoot(person, "set-reference")
    person.go("/planner?rise_cm=30.6&drop_cm=40&distance_cm=110&g=9.81&fps=24")
    person.sees("#answers", "cm")
    shoot(person, "planner")


def blocking(person: Person, ids: dict[str, int]) -> None:
    """Block: a pose while it is dragged, keys and their ease, a curve, pins of hands that grip."""
    hop, drop = ids["PF-010 Gap hop"], ids["PF-060 Net-perch drop"]
    person.open_shot(hop, "?step=block&frame=8")
    person.until(lambda: person.all(".grip"))
    person.click("[data-choice=how] [data-value=body]")
    in_view(person)
    hips = person.one('[data-grip="hips"]')
    drag = ActionChains(person.driver).click_and_hold(hips).move_by_offset(-12, 30).move_by_offset(-6, 24)
    drag.perform()
    person.sees("#block-answer", "CoG")
    person.until(lambda: person.one("#block-answer").is_displayed())
    shoot(person, "block-pose")
    person.press(Keys.ESCAPE)
    ActionChains(person.driver).release().perform()
    person.open_shot(drop, "?step=block&frame=33")
    person.until(lambda: person.all(".grip"))
    in_view(person)
    person.click('[data-grip="hips"]')
    person.click("[data-tab=keys]")
    person.sees("#ease-span", "29 to 39")
    shoot(person, "block-keys")
    person.type_frame(27)
    person.click("[data-tab=pins]")
    person.sees("#pin-list", "may pull")
    shoot(person, "block-pins")
    person.open_shot(hop, "?step=block&frame=37")
    person.until(lambda: person.all(".grip"))
    in_view(person)
    person.click('[data-grip="hips"]')
    person.click("[data-tab=curves]")
    for curve in ("Hips|rz", "Hips|rx", "Hips|ry", "Hips|tx", "Hips|tz", "hips|height"):
        person.click(f'[data-curve="{curve}"]')
    person.click('[data-curve-key="Hips|ty|37"]')
    shoot(person, "block-curves")


def in_view(person: Person) -> None:
    """Waits until grips stand where the last picture has them."""
    person.driver.execute_async_script(SETTLED)


def weighing(person: Person, ids: dict[str, int]) -> None:
    person.open_shot(ids["PF-020 Mail-sack throw"], "?step=weigh&frame=26")
    shoot(person, "weigh-load")


def take_all(person: Person, ids: dict[str, int]) -> None:
    person.go()
    shoot(person, "yard")
    reading_and_truing(person, ids)
    setting(person, ids)
    blocking(person, ids)
    weighing(person, ids)


def main() -> None:
    logging.getLogger("werkzeug").setLevel(logging.WARNING)
    FOLDER.mkdir(parents=True, exist_ok=True)
    with temporary_database() as url:
        load(url=url)
        engine = connect(url)
        with Session(engine) as session:
            ids = {entry.card["name"]: entry.shot_id for entry in shots.yard(session)}
        engine.dispose()
        downloads = Path(tempfile.mkdtemp())
        served, driver = Served(url), open_browser(downloads)
        worker = subprocess.Popen(
            [sys.executable, "-m", "ironarc.cli", "work"], env=os.environ | {URL_SETTING: url}
        )  # fmt: skip
        try:
            take_all(Person(driver, served.address, downloads), ids)
        finally:
            worker.terminate()
            worker.wait()
            driver.quit()
            served.stop()


if __name__ == "__main__":
    main()
