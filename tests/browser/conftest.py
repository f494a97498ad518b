"""A real server and a real browser. Every wait is for a condition; nothing sleeps."""

import os
import socket
import subprocess
import sys
import tempfile
import threading
from contextlib import suppress
from pathlib import Path

import pytest
from selenium import webdriver
from selenium.common.exceptions import StaleElementReferenceException, TimeoutException
from selenium.webdriver.common.by import By
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.support.ui import WebDriverWait
from werkzeug.serving import ThreadedWSGIServer

from ironarc.store import shots
from ironarc.store.cluster import free_port
from ironarc.store.database import URL_SETTING
from ironarc.web import create_app
from tests.conftest import demo

WINDOW = (1280, 800)
DRAWN = 0.5  # of the pixels each way that a screen has: in software drawing takes most of the time of these tests
MOVE_MS = 30  # that a move of the mouse takes; a quarter of a second, unless told
LOOK_S = 10  # after which a wait looks whether a script has failed
THUMB_PX = 16  # of a slider
PATIENCE_S = int(os.environ.get("PATIENCE_S", "120"))
# without a GPU, putting the page together in the GPU process costs a third of all the time of a test
CHROMIUM = [
    "--headless=new", "--no-sandbox", "--disable-quic", "--no-first-run", "--disable-background-networking",
    "--disable-component-update", "--disable-sync", "--use-angle=swiftshader", "--enable-unsafe-swiftshader",
    "--hide-scrollbars", "--disable-gpu-compositing",
]  # fmt: skip


def open_browser(downloads: Path, drawn: float = 1.0) -> webdriver.Chrome:
    options = webdriver.ChromeOptions()
    for argument in (*CHROMIUM, f"--user-data-dir={tempfile.mkdtemp()}", f"--window-size={WINDOW[0]},{WINDOW[1]}"):
        options.add_argument(argument)
    options.add_experimental_option("prefs", {"download.default_directory": str(downloads)})
    options.set_capability("goog:loggingPrefs", {"browser": "ALL"})
    driver = webdriver.Chrome(service=webdriver.ChromeService("/usr/bin/chromedriver"), options=options)
    size = {"width": WINDOW[0], "height": WINDOW[1], "deviceScaleFactor": drawn, "mobile": False}
    driver.execute_cdp_cmd("Emulation.setDeviceMetricsOverride", size)
    if drawn < 1:  # drawn for a test, not to be looked at: drawing it smooth would take a third of all the time
        script = "try { localStorage.setItem('iron-arc-smooth', 'no'); } catch { }"
        driver.execute_cdp_cmd("Page.addScriptToEvaluateOnNewDocument", {"source": script})
    driver.set_script_timeout(PATIENCE_S)
    return driver


NOTHING_ASKED = "return Boolean(window.htmx) && !document.querySelector('.htmx-request')"


class Person:
    """What a person does with the page: looks, clicks, types."""

    def __init__(self, driver: webdriver.Chrome, server: str, downloads: Path):
        self.driver, self.server, self.downloads = driver, server, downloads
        self.logged: list[dict] = []

    def until(self, condition):
        """Waits for `condition`; an element that a refresh took away meanwhile counts as not yet.

        Fails at once where a script of the page has failed: what is waited for won't come then.
        """
        for _ in range(0, PATIENCE_S, LOOK_S):
            wait = WebDriverWait(self.driver, LOOK_S, 0.05, ignored_exceptions=[StaleElementReferenceException])
            with suppress(TimeoutException):
                return wait.until(lambda _: condition())
            broken = [line["message"] for line in self.console() if "Uncaught" in line["message"]]
            assert not broken, broken
        raise TimeoutException(f"this never came: {condition}")

    def console(self) -> list[dict]:
        """What the browser's console has said since the test began."""
        self.logged += self.driver.get_log("browser")
        return self.logged

    def one(self, css: str):
        return self.until(lambda: next(iter(self.driver.find_elements(By.CSS_SELECTOR, css)), None))

    def all(self, css: str) -> list:
        return self.driver.find_elements(By.CSS_SELECTOR, css)

    def sees(self, css: str, words: str) -> bool:
        return self.until(lambda: any(words in text for text in self.texts(css)))

    def texts(self, css: str) -> list[str]:
        """Visible texts, read in one go so that a panel being replaced can't come between."""
        script = "return [...document.querySelectorAll(arguments[0])].map(e => e.innerText || e.textContent)"
        return [text.replace("\u00a0", " ") for text in self.driver.execute_script(script, css)]

    def click(self, css: str) -> None:
        self.until(lambda: self.one(css).click() or True)

    def hand(self) -> webdriver.ActionChains:
        """The mouse and keyboard of a quick hand."""
        return webdriver.ActionChains(self.driver, duration=MOVE_MS)

    def frames_pass(self) -> None:
        """Waits for two frames of the browser: what has changed has been drawn."""
        self.driver.execute_async_script("requestAnimationFrame(() => requestAnimationFrame(arguments[0]));")

    def still(self, css: str):
        """The element, once it stands where it stood two frames ago."""

        def stood() -> bool:
            was = self.one(css).rect
            self.frames_pass()
            return self.one(css).rect == was

        self.until(stood)
        return self.one(css)

    def drag(self, css: str, *steps: tuple[int, int]) -> None:
        chain = self.hand().click_and_hold(self.still(css))
        for step in steps:
            chain.move_by_offset(*step)
        chain.release().perform()

    def slide(self, css: str, value: float) -> None:
        """Drags a slider by its thumb to a value; the last step or two, less than a pixel, go by the arrow keys."""
        slider = self.still(css)
        low, high, now = (float(slider.get_property(name)) for name in ("min", "max", "value"))
        run = slider.rect["width"] - THUMB_PX
        from_middle = ((now - low) / (high - low) - 0.5) * run
        self.hand().move_to_element_with_offset(slider, round(from_middle), 0).click_and_hold().move_by_offset(
            round((value - now) / (high - low) * run), 0
        ).release().perform()

        def there() -> bool:
            now = float(self.one(css).get_property("value"))
            if now != value:
                self.one(css).send_keys(Keys.ARROW_RIGHT if now < value else Keys.ARROW_LEFT)
            return now == value

        self.until(there)

    def choose(self, css: str, words: str) -> None:
        """Opens a list by the mouse and takes the entry of these words."""

        def taken() -> bool:
            listed = self.one(css)
            entry = next(o for o in listed.find_elements(By.TAG_NAME, "option") if o.text.strip() == words)
            if not entry.is_enabled():
                return False
            at, to = listed.get_property("selectedIndex"), entry.get_property("index")
            self.hand().click(listed).perform()
            step = Keys.ARROW_DOWN if to > at else Keys.ARROW_UP
            self.hand().send_keys(step * abs(to - at), Keys.ENTER).perform()
            return True

        self.until(taken)

    def drop(self, css: str, file: Path) -> None:
        """Drops a file from outside the browser on an element."""
        box = self.still(css).rect
        at = {"x": box["x"] + box["width"] / 2, "y": box["y"] + box["height"] / 2}
        data = {"items": [], "files": [str(file)], "dragOperationsMask": 1}
        for kind in ("dragEnter", "dragOver", "drop"):
            self.driver.execute_cdp_cmd("Input.dispatchDragEvent", {"type": kind, **at, "data": data})

    def press(self, *keys: str) -> None:
        self.hand().send_keys(*keys).perform()

    def chord(self, *held_then_key: str) -> None:
        chain = self.hand()
        for key in held_then_key[:-1]:
            chain.key_down(key)
        chain.send_keys(held_then_key[-1])
        for key in held_then_key[:-1]:
            chain.key_up(key)
        chain.perform()

    def go(self, path: str = "/") -> None:
        self.driver.get(self.server + path)

    def open_shot(self, shot_id: int, query: str = "") -> None:
        self.go(f"/shots/{shot_id}{query}")
        self.bench_ready()

    def bench_ready(self) -> None:
        self.until(lambda: self.one("#bench").get_attribute("data-variant") not in (None, "early"))
        self.until(lambda: self.one(".stage-canvas").get_attribute("data-drawn"))
        # panels that are asked for when a shot opens are put in, so that nothing is replaced under the mouse
        self.until(lambda: self.driver.execute_script(NOTHING_ASKED))

    def shown(self) -> tuple[str, int]:
        """Variant and revision on the stage."""
        bench = self.one("#bench")
        return bench.get_attribute("data-variant"), int(bench.get_attribute("data-revision"))

    @property
    def frame(self) -> int:
        return int(self.one("#frame").get_property("value"))

    def type_frame(self, frame: int) -> None:
        field = self.one("#frame")
        field.click()
        field.send_keys(Keys.CONTROL, "a")
        field.send_keys(str(frame), Keys.ENTER)

    def played(self, for_ms: float) -> tuple[float, int]:
        """Milliseconds of the page's own clock that went by while it played, at least `for_ms`, and the frames."""
        script = "return [performance.now(), Number(document.getElementById('frame').value)]"
        t0, f0 = self.driver.execute_script(script)
        self.until(lambda: self.driver.execute_script(script)[0] - t0 > for_ms)
        t1, f1 = self.driver.execute_script(script)
        return t1 - t0, f1 - f0

    def complaints(self) -> list[str]:
        """What the browser's console complains about, but for answers that were meant to be refusals and for questions
        that a newer one made needless."""
        meant = (" 422 ", "htmx:sendAbort", "htmx:afterRequest")
        severe = [e["message"] for e in self.console() if e["level"] == "SEVERE"]
        return [message for message in severe if not any(word in message for word in meant)]


@pytest.fixture(scope="session")
def browser(tmp_path_factory):
    downloads = tmp_path_factory.mktemp("downloads")
    driver = open_browser(downloads, DRAWN)
    yield driver, downloads
    driver.quit()


class Server(ThreadedWSGIServer):
    """A server that is over when it is closed: its connections are ended and its threads waited for, so that none
    answers for the one that follows on its port."""

    daemon_threads = False

    def __init__(self, *args, **more):
        self.connections: list[socket.socket] = []
        super().__init__(*args, **more)

    def get_request(self):
        connection, address = super().get_request()
        self.connections.append(connection)
        return connection, address

    def server_close(self) -> None:
        for connection in self.connections:
            with suppress(OSError):
                connection.shutdown(socket.SHUT_RDWR)
        super().server_close()


class Served:
    """The application on a port, which can be stopped and started again on the same data."""

    def __init__(self, database_url: str, port: int = 0):
        self.database_url, self.port = database_url, port or free_port()
        self.start()

    @property
    def address(self) -> str:
        return f"http://127.0.0.1:{self.port}"

    def start(self) -> None:
        self.app = create_app("test key", self.database_url)
        self.server = Server("127.0.0.1", self.port, self.app)
        self.thread = threading.Thread(target=self.server.serve_forever, daemon=True)
        self.thread.start()

    def stop(self) -> None:
        self.server.shutdown()
        self.thread.join()
        self.server.server_close()
        self.app.extensions["engine"].dispose()


@pytest.fixture(scope="session")
def port():
    """One for all tests, so that the browser keeps the scripts it has compiled."""
    return free_port()


@pytest.fixture
def served(session, database_url, port):
    running = Served(database_url, port)
    yield running
    running.stop()


@pytest.fixture
def person(browser, served):
    driver, downloads = browser
    for old in downloads.iterdir():
        old.unlink()
    driver.get_log("browser")  # what an earlier test left there
    yield Person(driver, served.address, downloads)
    driver.get("about:blank")
    forget = {"origin": served.address, "storageTypes": "cookies,local_storage"}
    driver.execute_cdp_cmd("Storage.clearDataForOrigin", forget)


@pytest.fixture
def hop(session):
    """Id of a stored Gap hop."""
    return shots.create(session, demo("Gap hop"))


@pytest.fixture
def worker(database_url):
    """A worker as a process of its own."""
    process = subprocess.Popen(
        [sys.executable, "-m", "ironarc.cli", "work"], env=os.environ | {URL_SETTING: database_url},
        stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL,
    )  # fmt: skip
    yield process
    process.kill()
    process.wait()
