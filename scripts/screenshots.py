"""Makes docs/screenshots/ from the demo shots: .venv/bin/python -m scripts.screenshots"""

import logging
import tempfile
from pathlib import Path

from sqlalchemy.orm import Session

from ironarc.demo.load import load
from ironarc.store import shots
from ironarc.store.database import connect
from tests.browser.conftest import Person, Served, open_browser
from tests.conftest import temporary_database

FOLDER = Path(__file__).resolve().parents[1] / "docs" / "screenshots"

SETTLED = """const done = arguments[0];
document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)));"""


def shoot(person: Person, name: str) -> None:
    """Saves the page once two frames in a row have been drawn, so that fonts and canvas are there."""
    person.driver.execute_async_script(SETTLED)
    person.driver.save_screenshot(str(FOLDER / f"{name}.png"))


def take_all(person: Person, ids: dict[str, int]) -> None:
    person.go()
    shoot(person, "yard")
    hop = next(i for name, i in ids.items() if "Gap hop" in name)
    flip = next(i for name, i in ids.items() if "somersault" in name)
    slip = next(i for name, i in ids.items() if "slip" in name)
    person.open_shot(hop, "?frame=37")
    shoot(person, "bench-read")
    person.click("#panel [data-action='try-arc']")
    person.until(lambda: person.shown()[0] == "arc-37" and person.one("#trying").is_displayed())
    shoot(person, "true-the-arc-tried")
    person.click("#take")
    person.until(lambda: person.shown()[0] == "now" and not person.one("#undo").get_property("disabled"))
    person.click("[data-step-link=true]")
    person.sees("#panel", "Corrections")
    person.sees("#panel", "Weight")
    shoot(person, "bench-true")
    person.click("[data-step-link=show]")
    person.sees("#panel", "Take the motion home")
    person.click("[data-view=side]")
    shoot(person, "bench-show-side")
    person.open_shot(flip, "?frame=33")
    person.click("[data-plot=height]")
    person.click("[data-plot=spin]")
    shoot(person, "somersault-spin")
    person.open_shot(slip, "?frame=31")
    person.click("[data-plot=acceleration]")
    shoot(person, "gangway-slip-sound")


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
        try:
            take_all(Person(driver, served.address, downloads), ids)
        finally:
            driver.quit()
            served.stop()


if __name__ == "__main__":
    main()
