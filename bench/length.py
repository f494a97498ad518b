"""What an edit costs by length: python -m bench.length [frames …]. Two performers of a capture; a pose put down, a
contact, a limit and an undo, each with all that the bench then asks for, one request after the other."""

import logging
import statistics
import sys
import time
from base64 import b64decode
from collections.abc import Callable, Iterator
from dataclasses import replace

from sqlalchemy.orm import Session

from bench import size
from bench.blocking import long_capture
from bench.timing import p95
from ironarc.core.scene.placement import Placement
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.web.serve import look_seldom_for_cycles
from tests.browser.conftest import Served
from tests.conftest import temporary_database
from tests.web.blocks import taken_apart

LENGTHS = size([240, 600, 2_000, 10_000], [80])
EDITS = size(12, 1)
WHO = ("performer1", "performer2")


def asked(base: str, step: str, told: dict) -> Iterator[tuple[str, str]]:
    """What the bench asks for, each by its name, but for what was told along with an edit."""
    if "scene" not in told:
        yield "scene", f"{base}/scene.json"
    if "reading" not in told:
        yield "reading", f"{base}/reading.json?who={WHO[0]}"
    if "physics" not in told:
        yield "physics", f"{base}/physics.json?who={WHO[0]}"
    if step == "block":
        yield "block", f"{base}/block.json?who={WHO[0]}"
    yield "panel", f"{base}/panels/{step}?who={WHO[0]}"


class Bench:
    """A shot of two performers at one length, edited through the application."""

    def __init__(self, client, shot_id: int, revision: int, frames: int):
        self.client, self.shot, self.revision, self.frames, self.n = client, shot_id, revision, frames, 0
        self.here: set[str] = set()
        self.mark = ""  # of the reading that is here
        self.parts: dict[str, list[float]] = {}

    def timed(self, name: str, send: Callable):
        begin = time.perf_counter()
        answer = send()
        self.parts.setdefault(name, []).append((time.perf_counter() - begin) * 1000)
        assert answer.status_code == 200, (name, answer.text[:300])
        return answer

    def shown(self, step: str, told: dict | None = None) -> None:
        base, told = f"/shots/{self.shot}/r/{self.revision}", told or {}
        for name, address in asked(base, step, told):
            answer = self.timed(name, lambda address=address: self.client.get(address))
            if name in ("reading", "physics"):
                told = told | {name: answer.json}
        self.mark = told["reading"]["mark"]
        motions = told["reading"]["motions"].items()
        wants = [("tracks", WHO[0], told["reading"]["blocks"]), ("physics", WHO[0], told["physics"]["blocks"])]
        wants += [("motion", who, found["blocks"]) for who, found in motions]
        self._bring(base, wants)

    def _bring(self, base: str, wants: list[tuple[str, str, list[str]]]) -> None:
        """The blocks that are not here yet."""
        query = [
            f"want={kind}|{who}|now|{','.join(str(i) for i, name in enumerate(names) if name not in self.here)}"
            for kind, who, names in wants if not self.here.issuperset(names)
        ]  # fmt: skip
        if query:
            sent = self.timed("blocks", lambda: self.client.get(f"{base}/blocks.f32?{'&'.join(query)}"))
            self.parts.setdefault("kB sent", []).append(len(sent.data) / 1000)
        self.here.update(name for *_, names in wants for name in names)

    def does(self, what: str, step: str) -> None:
        """One edit, and what follows it."""
        self.n += 1
        if what == "undo":
            path, body = "undo", {}
        else:
            path, body = "edits", {"edit": getattr(self, f"_{what}")(), "shows": WHO[0], "has": self.mark}
        send = {"revision": self.revision, **body}
        told = self.timed("the edit", lambda: self.client.post(f"/shots/{self.shot}/{path}", json=send)).json
        self.revision = told["revision"]
        if "blocks" in told:
            came = b64decode(told["blocks"])
            self.here.update(name for name, _ in taken_apart(came))
            self.parts.setdefault("kB sent", []).append(len(came) / 1000)
        self.shown(step, told)

    def _pose(self) -> dict:
        move = {"do": "reach", "grips": ["right hand"], "by_m": [0.0, -0.01 * self.n, 0.02], "how": "limb"}
        return {"kind": "pose", "performer": WHO[0], "frame": self.frames // 2, "moves": [move]}

    def _contact(self) -> dict:
        at = self.frames // 3 + self.n
        return {"kind": "lift_contact", "performer": WHO[0], "part": "left foot", "start": at, "end": at + 2}

    def _limit(self) -> dict:
        return {"kind": "set_limit", "finding": "slide", "strained": 0.01 + 0.001 * self.n, "cracked": 0.5}


def pictured(bench: Bench) -> None:
    """What a first picture takes: the page, and where everybody is, before anybody is read."""
    begin, base = time.perf_counter(), f"/shots/{bench.shot}/r/{bench.revision}"
    page = bench.client.get(f"/shots/{bench.shot}?step=block")
    early = "Reading " in page.text
    told = bench.client.get(f"{base}/reading.json?as={'early' if early else 'now'}&who={WHO[0]}")
    wants = [f"want={kind}|{who}|{'early' if early else 'now'}|" for kind, who in
             (("tracks", WHO[0]), *(("motion", who) for who in WHO))]  # fmt: skip
    sent = bench.client.get(f"{base}/blocks.f32?{'&'.join(wants)}")
    assert (page.status_code, told.status_code, sent.status_code) == (200, 200, 200)
    how = "from poses" if early else "with its reading"
    print(
        f"{bench.frames:>7,} frames, first picture {how}: {(time.perf_counter() - begin) * 1000:.0f} ms at the server"
    )


def measure(bench: Bench, what: str, step: str, undone: bool) -> None:
    took, worked, parts = [], [], {}
    for _ in range(EDITS):
        if undone:
            bench.does("pose", step)
        bench.parts = {}
        begin, work = time.perf_counter(), time.process_time()
        bench.does("undo" if undone else what, step)
        took.append((time.perf_counter() - begin) * 1000)
        worked.append((time.process_time() - work) * 1000)
        for name, each in bench.parts.items():
            parts.setdefault(name, []).extend(each)
    took.sort()
    last = ", ".join(f"{name} {statistics.median(ms):.0f}" for name, ms in parts.items())
    whole = f"median {statistics.median(took):.0f} ms, p95 {p95(took):.0f} ms, CPU {statistics.median(worked):.0f} ms"
    print(f"{bench.frames:>7,} frames, {'undo' if undone else what}: {whole} ({last})")


def main() -> None:
    logging.getLogger("werkzeug").setLevel(logging.ERROR)
    look_seldom_for_cycles()
    lengths = [int(text) for text in sys.argv[1:]] or LENGTHS
    with temporary_database() as url:
        engine = connect(url)
        served = Served(url)
        served.app.config["WTF_CSRF_ENABLED"] = False
        for frames in lengths:
            with Session(engine) as session:
                one = long_capture(frames)
                beside = replace(one.performer, id=WHO[1], name="Tansy Vale", placement=Placement((1.5, 0.0, 0.0)))
                shot_id = shots.create(session, replace(one, performers=(one.performer, beside)))
                revision = shots.standing(session, shot_id).revision
            client = served.app.test_client()
            bench = Bench(client, shot_id, revision, frames)
            pictured(bench)
            begin = time.perf_counter()
            bench.shown("block")
            opened = ", ".join(f"{name} {ms[0]:.0f}" for name, ms in bench.parts.items())
            print(f"{frames:>7,} frames, opened: {(time.perf_counter() - begin) * 1000:.0f} ms ({opened})")
            for what, step, undone in (
                ("pose", "block", False), ("pose", "block", True), ("contact", "read", False), ("limit", "read", False),
            ):  # fmt: skip
                measure(bench, what, step, undone)
        engine.dispose()
        served.stop()


if __name__ == "__main__":
    main()
