"""An edit through the running server until all is shown: python -m bench.serving. Requests as a browser sends them."""

import html
import json
import os
import re
import statistics
import subprocess
import sys
import time
from concurrent.futures import ThreadPoolExecutor
from http.cookiejar import CookieJar
from urllib.error import URLError
from urllib.request import HTTPCookieProcessor, Request, build_opener

from sqlalchemy.orm import Session

from bench import size
from bench.timing import p95
from ironarc.store import shots
from ironarc.store.cluster import free_port
from ironarc.store.database import URL_SETTING, connect
from tests.conftest import demo, temporary_database

EDITS, SERVERS = size(60, 3), size(3, 1)


class Browser:
    """Sends what the bench sends: the edit, then everything it shows, six requests at a time."""

    def __init__(self, address: str, shot_id: int):
        self.address, self.shot = address, shot_id
        self.opener = build_opener(HTTPCookieProcessor(CookieJar()))
        page = self.get(f"/shots/{shot_id}").decode()
        self.token = re.search(r'name="csrf-token" content="([^"]+)"', page)[1]
        setup = json.loads(html.unescape(re.search(r"data-setup='([^']*)'", page)[1]))
        self.revision, self.mark = setup["standing"]["revision"], setup["mark"]

    def get(self, path: str) -> bytes:
        return self.opener.open(self.address + path).read()

    def nudge(self, pool: ThreadPoolExecutor, step: int) -> float:
        """Seconds from an edit to all that it shows."""
        begin = time.perf_counter()
        place = {"performer": "performer2", "offset_m": [step / 100, 0, 1], "turn_rad": 0, "scale": 1}
        body = json.dumps({"revision": self.revision, "edit": {"kind": "place_performer", **place}}).encode()
        headers = {"Content-Type": "application/json", "X-CSRFToken": self.token}
        answer = self.opener.open(Request(f"{self.address}/shots/{self.shot}/edits", body, headers)).read()
        self.revision = json.loads(answer)["revision"]
        at = f"/shots/{self.shot}/r/{self.revision}"
        self.get(f"{at}/scene.json?v={self.mark}")
        asked = [f"{at}/reading.json?as=now&who=performer1", f"{at}/panels/set?who=performer2&pick=performer2"]
        asked += [f"{at}/blocks.f32?want=motion%7C{who}%7Cnow%7C" for who in ("performer1", "performer2")]
        list(pool.map(self.get, asked))
        return time.perf_counter() - begin


def measure(url: str, shot_id: int) -> None:
    port = free_port()
    code = f"from ironarc.web.serve import serve; serve({port})"
    server = subprocess.Popen([sys.executable, "-c", code], env=os.environ | {URL_SETTING: url})
    address = f"http://127.0.0.1:{port}"
    try:
        for _ in range(200):
            try:
                build_opener().open(address).read()
                break
            except URLError:
                time.sleep(0.1)
        browser = Browser(address, shot_id)
        with ThreadPoolExecutor(6) as pool:
            took = sorted(browser.nudge(pool, step) * 1000 for step in range(EDITS))
    finally:
        server.terminate()
        server.wait()
    print(f"an edit until all is shown, median {statistics.median(took):.0f} ms, p95 {p95(took):.0f} ms")


def main() -> None:
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as session:
            shot_id = shots.create(session, demo("Swinging crate"))
        engine.dispose()
        for _ in range(SERVERS):
            measure(url, shot_id)


if __name__ == "__main__":
    main()
