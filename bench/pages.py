"""Speed of the pages: python -m bench.pages. Server times through the client, picture and tries in Chromium."""

import logging
import statistics
import tempfile
import time
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

from selenium.webdriver.support.ui import WebDriverWait
from sqlalchemy.orm import Session

from bench import size
from bench.blocking import long_capture
from bench.timing import p95, times_ms
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.core.truing import propose, read_try
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.store.models import RevisionRow, ShotRow
from tests.browser.conftest import Served, open_browser
from tests.conftest import demo, temporary_database

FIRST_PICTURE = """
return performance.getEntriesByName('first picture')[0]?.startTime ?? null;
"""
PLAYED_A_WHILE = f"return performance.now() > {size(9000, 1)} && document.getElementById('meter').dataset.rate"


RUNS, TRIES, VISITS, MANY, FILMED = size(15, 2), size(60, 3), size(5, 2), size(500, 30), size(72, 3)


def server(served: Served, shot_id: int, revision: int) -> None:
    client = served.app.test_client()
    variants = served.app.extensions["variants"]

    def cold() -> None:
        variants._kept.clear()
        variants._shots.clear()
        client.get(f"/shots/{shot_id}")

    base = f"/shots/{shot_id}/r/{revision}"
    print(f"bench page at the server, cold {statistics.median(times_ms(cold, RUNS)):.0f} ms", end=", ")
    print(f"warm {statistics.median(times_ms(lambda: client.get(f'/shots/{shot_id}'), RUNS)):.0f} ms")
    percents = iter(range(100))

    def weigh() -> None:
        variant = f"weigh-layer1-{next(percents)}"
        client.get(f"{base}/reading.json?as={variant}")
        client.get(f"{base}/blocks.f32?want=motion|performer1|{variant}|")

    tried = times_ms(weigh, TRIES)
    print(f"trying a weight (reading and motion): median {statistics.median(tried):.0f} ms, p95 {p95(tried):.0f} ms")
    print(f"yard, 1 shot: {statistics.median(times_ms(lambda: client.get('/'), RUNS)):.0f} ms")


def yard(served: Served, shot_id: int) -> None:
    """The Yard with many shots, all as one that is there."""
    client = served.app.test_client()
    with served.app.extensions["sessions"]() as session:
        like = session.get(RevisionRow, session.get(ShotRow, shot_id).head_id)
        for n in range(MANY):
            row = ShotRow()
            session.add(row)
            session.flush()
            card = like.card | {"name": f"Shot {n:03d}", "grade": ("cracked", "strained", "sound")[n % 3]}
            made = RevisionRow(shot_id=row.id, author="", says="", document=like.document, card=card)
            session.add(made)
            session.flush()
            row.head_id = made.id
        session.commit()
    for query in ("", "?as=table", "?find=shot+9&by=verdict"):
        took = statistics.median(times_ms(lambda query=query: client.get(f"/{query}"), RUNS))
        print(f"yard, {MANY} shots more, /{query}: {took:.0f} ms")


def scene(served: Served, shot_id: int, revision: int) -> None:
    """A nudge of one of two performers: the edit, and all the bench then asks for."""
    served.app.config["WTF_CSRF_ENABLED"] = False
    client = served.app.test_client()
    steps = iter(range(1000))

    def nudge() -> None:
        nonlocal revision
        place = {"performer": "performer2", "offset_m": [next(steps) / 100, 0, 1], "turn_rad": 0, "scale": 1}
        edit = {"kind": "place_performer", **place}
        revision = client.post(f"/shots/{shot_id}/edits", json={"revision": revision, "edit": edit}).json["revision"]
        base = f"/shots/{shot_id}/r/{revision}"
        client.get(f"{base}/scene.json")
        client.get(f"{base}/reading.json?who=performer1")
        for who in ("performer1", "performer2"):
            client.get(f"{base}/blocks.f32?want=motion|{who}|now|")
        client.get(f"{base}/panels/set?who=performer2&pick=performer2")

    moved = times_ms(nudge, TRIES)
    print(
        f"two performers and a keyed crate, one moved, all shown anew: median {statistics.median(moved):.0f} ms",
        end=", ",
    )
    print(f"p95 {p95(moved):.0f} ms")
    asked = times_ms(lambda: client.get("/planner/answer?rise_cm=30.6&distance_cm=100&g=9.81&fps=24"), TRIES)
    print(f"an answer of the planner: median {statistics.median(asked):.0f} ms")


def browser(served: Served, shot_id: int, two_id: int, fast_id: int) -> None:
    """fast_id : two performers at more frames a second than can be drawn, so that it is the drawing that is counted"""
    driver = open_browser(Path(tempfile.mkdtemp()))
    try:
        seen = []
        for _ in range(VISITS):
            driver.get(f"{served.address}/shots/{shot_id}")
            seen.append(WebDriverWait(driver, 30, 0.01).until(lambda d: d.execute_script(FIRST_PICTURE)))
        again = statistics.median(seen[1:])
        print(f"first picture in the browser: first visit {seen[0]:.0f} ms, then median {again:.0f} ms")
        played(driver, "one performer, pushes and footing")
        driver.get(f"{served.address}/shots/{two_id}?step=read")
        played(driver, "two performers, pushes and footing")
        driver.get(f"{served.address}/shots/{two_id}?step=set")
        played(driver, "two performers, plain")
        for step, what in (("set", "plain"), ("read", "pushes and footing")):
            driver.get(f"{served.address}/shots/{fast_id}?step={step}")
            played(driver, f"two performers, {what}", 60)
        filmed(driver, f"{served.address}/shots/{shot_id}?step=show")
    finally:
        driver.quit()


def played(driver, who: str, of: int = 24) -> None:
    WebDriverWait(driver, 30, 0.05).until(lambda d: d.execute_script(FIRST_PICTURE))
    driver.execute_script("document.getElementById('play').click()")
    rate = WebDriverWait(driver, 60).until(lambda d: d.execute_script(PLAYED_A_WHILE))
    print(f"playing {who}: {float(rate):.0f} of {of} frames a second drawn, in software rendering at 1280 x 800")


def filmed(driver, address: str) -> None:
    """A film of the whole shot, 640 x 360, before and after side by side."""
    driver.get(address)
    form = WebDriverWait(driver, 30).until(lambda d: d.find_element("id", "film"))
    WebDriverWait(driver, 30, 0.05).until(lambda d: d.execute_script(FIRST_PICTURE))
    driver.execute_script(
        "const f = arguments[0]; f.elements.size.value = '640x360'; f.elements.beside.checked = true;"
        f"f.elements.to.value = Number(f.elements.from.value) + {FILMED - 1};",
        form,
    )
    begin = time.perf_counter()
    driver.execute_script("arguments[0].querySelector('[value=film]').click()", form)
    bar = driver.find_element("id", "filming")
    WebDriverWait(driver, 60, 0.05).until(lambda _: bar.is_displayed())
    WebDriverWait(driver, 240, 0.1).until(lambda _: not bar.is_displayed())
    print(f"a film of {FILMED} frames, 640 x 360, before and after: {time.perf_counter() - begin:.0f} s")


def main() -> None:
    logging.getLogger("werkzeug").setLevel(logging.WARNING)
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as session:
            shot = demo("Gap hop")
            shot_id = shots.create(session, shot)
            edit = propose(see(shot), read_try("true_arc(frame=37)")).edit
            one = long_capture(size(240, 48))
            beside = replace(one.performer, id="performer2", name="Tansy Vale", placement=Placement((1.5, 0.0, 0.0)))
            two = replace(one, performers=(one.performer, beside))
            two_id = shots.create(session, two)
            fast_id = shots.create(session, at_rate(two, Fraction(60), KEEP_SECONDS))
            crate_id = shots.create(session, demo("Swinging crate"))
            crate_revision = shots.standing(session, crate_id).revision
            revision = shots.apply(session, shot_id, shots.standing(session, shot_id).revision, edit).standing.revision
        engine.dispose()
        served = Served(url)
        server(served, shot_id, revision)
        scene(served, crate_id, crate_revision)
        browser(served, shot_id, two_id, fast_id)
        yard(served, shot_id)
        served.stop()


if __name__ == "__main__":
    main()
