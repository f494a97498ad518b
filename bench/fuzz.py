"""Broken and strange requests, edits and files, over and over: python -m bench.fuzz [seconds] [seed].

Nothing may answer with a 500, no JSON may hold a NaN or an Infinity, and after any edit that was accepted the shot's
pages still open. tests/test_fuzz.py runs it for a few seconds.
"""

import inspect
import io
import json
import random
import re
import sys
import time
from dataclasses import MISSING, fields, replace
from typing import Any, get_args, get_origin, get_type_hints

from PIL import Image
from sqlalchemy.orm import Session
from werkzeug.test import encode_multipart

from ironarc.carrying_out import BROKE, carry_out
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.commands.registry import Frame
from ironarc.core.errors import IronArcError
from ironarc.core.exchange.marked import places_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.weighing import fitted, weighing_from_plain, weighing_to_plain
from ironarc.core.formats import FORMATS, MARKER_FORMATS
from ironarc.core.judging.judging_json import with_judging
from ironarc.core.reading import see
from ironarc.core.reading.shot import read_all
from ironarc.core.scene.props import MATERIALS
from ironarc.core.truing import CORRECTIONS
from ironarc.core.truing.trial import judged
from ironarc.store import shots, work
from ironarc.store.database import connect
from ironarc.web import create_app
from ironarc.web.commands import planning, truing  # noqa: F401  the commands these make known
from tests.conftest import demo, temporary_database

PARTS = ["", "head", "left arm", "hips", "tail"]
NUMBERS = [
    0, 1, -1, 2, 24, 37, 72, 0.5, -0.25, 1e-9, 1e-300, 1e5, 99_999, 100_001, -1e6, 1e7, 1.1e7, 1e30, -1e155, 1e300,
    2**31,
    2**31 - 1, 2**63, 10**400, 5e-324, 0.01, 0.25, 4, 12, 71, 73, 240, 300, 5000, 20_000, 20_001, 1 + 1e-9, 1e-12,
]  # fmt: skip
TEXTS = [
    "", " ", "com", "root", "Hips", "performer1", "prop1", "guide1", "layer1", "load1", "base", "seconds", "frames",
    "24",
    "23.976", "1e999999999", "9/0", "standing", "bram", "box", "gravity", "drawn", "floor", "now", "before",
    "weigh-base-40",
    "true_arc(frame=37)", "true_arc(frame=1e99)", "\x00", "a\x00b", "\ud800", "é" * 80, "x" * 20_000, "<b>",
    "../../etc/passwd",
    "%00", "NaN", "Infinity", "-1", "1e30", "🦴", "²", "--5", "٣", "9" * 5000, "1_0", "+7", " 12 ", "all",
    "arc:time, spin", "footing,arc:height,span", "arc:²", "left arm", "left arm:0.5; head:0", "left arm:nan", "12; 40",
    "12; --5",
]  # fmt: skip
BYTES = [
    b"", b"\x00" * 400, b"v=0\r\no=- 0 0 IN IP4 127.0.0.1\r\nm=video 5004 RTP/AVP 96\r\n",
    b"#EXTM3U\nhttp://127.0.0.1/x.ts\n",
    b'<svg xmlns="http://www.w3.org/2000/svg"/>', b"ffconcat version 1.0\nfile /etc/passwd\n",
    b"RIFF\x00\x00\x00\x00AVI ",
    b"\x00\x00\x00\x18ftypmp42" + b"\x00" * 90, b"\x1a\x45\xdf\xa3" + b"\x00" * 90, b"GIF89a" + b"\x00" * 20,
    b"\n" * 300_000,
    b"HIERARCHY\nROOT " + b"a" * 30_000,
    b"HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 1 Yrotation\nEnd Site\n{\nOFFSET 0 1e30 0\n}\n}\n"
    b"MOTION\nFrames: 1\nFrame Time: 0.04\n1\n",
    b"HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 3 Xrotation Yrotation Zrotation\nJOINT b\n{\nOFFSET 0 1e-300 0\n"
    b"CHANNELS 3 Xrotation Yrotation Zrotation\nEnd Site\n{\nOFFSET 0 0 0\n}\n}\n}\n"
    b"MOTION\nFrames: 2\nFrame Time: 0.04\n0 0 0 0 0 0\n0 0 0 0 0 0\n",
]  # fmt: skip
BROUGHT_TO = ("performers", "take", "references", "props", "skin")
APART = ("usda", "usdc")  # read in a process of its own, which takes a second to begin
BOX = b"v 0 0 0\nv 1 0 0\nv 0 1 0\nv 0 0 1\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n"


class Fault(AssertionError):
    """Something that must not happen."""


def wholes() -> dict[str, bytes]:
    """A file of every open format that can be read, by its ending."""
    gull = demo("Gull")
    made = {ending: motion_file(gull, format=ending) for ending in FORMATS if ending not in APART}
    made |= {ending: places_file(gull, read_all(gull), ending) for ending in MARKER_FORMATS if ending not in made}
    return made | {"obj": BOX}


class Fuzz:
    """Requests on an application whose database holds a few shots."""

    def __init__(self, app, shot_ids: list[int], seed: int):
        self.engine = app.extensions["engine"]
        self.client, self.shots, self.dice = app.test_client(), shot_ids, random.Random(seed)
        self.tame = False  # whether what is sent is of the right kind and size, so that more is done than refused
        self.rules = [rule for rule in app.url_map.iter_rules() if rule.endpoint != "static"]
        self.token = re.search(r'csrf-token" content="([^"]+)"', self.client.get("/").text)[1]
        self.files = wholes()
        self.counts = {"requests": 0, "edits accepted": 0, "files accepted": 0, "work": 0}
        picture = io.BytesIO()
        Image.new("RGB", (16, 12)).save(picture, "PNG")
        self.picture = picture.getvalue()

    def ask(self, method: str, path: str, **how) -> Any:
        self.counts["requests"] += 1
        headers = {"X-CSRFToken": self.token, **how.pop("headers", {})}
        answer = self.client.open(path, method=method, headers=headers, **how)
        if answer.status_code >= 500:
            raise Fault(f"{method} {path} {str(how)[:600]}: {answer.status_code} {answer.text[:300]}")
        if answer.mimetype == "application/json":
            json.loads(answer.text, parse_constant=lambda word: self._fail(f"{method} {path} holds {word}"))
        return answer

    def _fail(self, words: str):
        raise Fault(words)

    # --- what may stand where -----------------------------------------------------------------------

    def number(self) -> float:
        if self.tame:
            return self.dice.choice([0, 1, 2, 0.5, 0.25, self.dice.uniform(0, 1)])
        return self.dice.choice(NUMBERS) if self.dice.random() < 0.6 else self.dice.uniform(-3, 90)

    def value(self, hint: Any, depth: int = 0) -> Any:
        """Plain data that may be of a type, and often is not quite."""
        if not self.tame and self.dice.random() < 0.04:
            return self.dice.choice([None, True, [], {}, "text", 3, [None], {"a": [1e300]}])
        origin, args = get_origin(hint), get_args(hint)
        if hint is int:
            return self.dice.choice([1, 2, 24, 37] if self.tame else [1, 2, 24, 37, 60, self.number()])
        if hint is float:
            return self.number()
        if hint is bool:
            return self.dice.random() < 0.5
        if origin is tuple and len(args) == 2 and args[1] is Ellipsis:
            return [self.value(args[0], depth + 1) for _ in range(self.dice.choice([0, 1, 2, 3, 5]))]
        if origin is tuple:
            return [self.value(arg, depth + 1) for arg in args]
        if origin is dict and args and args[0] is str and get_origin(args[1]) is tuple:
            return {part: self.value(args[1], depth + 1) for part in self.dice.sample(PARTS, self.dice.choice([1, 2]))}
        if origin is dict:
            return self.changes()
        if args and all(isinstance(arg, str) for arg in args):
            return self.dice.choice(args)
        if args:
            return self.value(self.dice.choice(args), depth + 1) if args[0] is not type(None) else None
        if hasattr(hint, "__dataclass_fields__") and depth < 3:
            hints = get_type_hints(hint)
            names = [name for name in hints if name in hint.__dataclass_fields__ and self.dice.random() < 0.6]
            return {name: self.value(hints[name], depth + 1) for name in names}
        return self.dice.choice(TEXTS)

    def changes(self) -> dict:
        """Fields of things in a shot, set to whatever."""
        place = [self.number() for _ in range(3)]
        of = {
            "at_m": place, "turn_rad": place, "size_m": place, "points_m": [place, place, [0, 1, 2]],
            "first": self.number(),
            "frames": self.number(), "of": self.dice.choice(TEXTS), "performer": self.dice.choice(TEXTS), "kind": "box",
            "opacity": self.number(), "in_frame": self.number(), "out_frame": self.number(), "rate_fps": self.number(),
            "facing_rad": self.number(), "marks": [{"frame": self.number(), "word": self.dice.choice(TEXTS)}],
            "floor_line": [[0, self.number()], [9, self.number()]], "length_m": self.number(),
            "pose_frame": self.number(),
        }  # fmt: skip
        return {name: of[name] for name in self.dice.sample(sorted(of), self.dice.choice([1, 1, 2, 3]))}

    # --- what is done -------------------------------------------------------------------------------

    def edit(self) -> None:
        """One command with strange arguments; what it makes must open, and is then taken back or kept."""
        shot_id = self.dice.choice(self.shots)
        page = self.ask("GET", f"/shots/{shot_id}")
        revision = int(re.search(r'"revision": (\d+)', page.get_data(as_text=True).replace("&#34;", '"'))[1])
        name = self.dice.choice(sorted(COMMANDS))
        self.tame = self.dice.random() < 0.5
        hints = get_type_hints(COMMANDS[name])
        given = [p for p in inspect.signature(COMMANDS[name]).parameters.values() if p.name != "seen"]
        chosen = [p for p in given if p.default is p.empty or self.dice.random() < 0.4]
        command = {"kind": name} | {p.name: self._plausible(p.name, hints[p.name]) for p in chosen}
        self.tame = False
        body = {"revision": revision if self.dice.random() < 0.97 else self.number(), "edit": command}
        text = json.dumps(body)
        answer = self.ask("POST", f"/shots/{shot_id}/edits", data=text, content_type="application/json")
        if answer.status_code != 200:
            return
        self.counts["edits accepted"] += 1
        made = answer.get_json()["revision"]
        try:
            self.look(shot_id, made)
        except Fault as fault:
            raise Fault(f"after the edit {text[:600]}: {fault}") from None
        if self.dice.random() < 0.7:
            self.ask("POST", f"/shots/{shot_id}/undo", json={"revision": made})

    def _plausible(self, name: str, hint: Any) -> Any:
        """What is there already, where an argument names a thing, so that more than refusals is tried."""
        there = {
            "performer": ["performer1", ""], "item": ["performer1", "prop1", "guide1", "reference1"],
            "layer_id": ["base"], "layer": ["base"], "part": ["head", "left foot"],
            "joint": ["Hips", "LeftLeg"], "member": ["bram", "ovid"], "pose": ["standing", "rest"], "load": ["load1"],
            "parts": [["head"], ["left arm", "hips"], []], "sides": [["left"], ["left", "right"]],
            "how": ["on_floor", "freely", "by_size"], "rate": ["12", "60", "240"], "keep": ["seconds", "frames"],
            "material": list(MATERIALS),
        }  # fmt: skip
        frames = ("frame", "start", "end", "to", "arrives", "first", "last", "top", "lands")
        there |= {word: range(1, 49) for word in frames if hint in (int, Frame)}
        if name in there and (self.tame or self.dice.random() < 0.8):
            return self.dice.choice(there[name])
        return self.value(hint)

    def look(self, shot_id: int, revision: int) -> None:
        """Everything the bench asks for of a shot must be there."""
        at = f"/shots/{shot_id}/r/{revision}"
        steps = ("set", "weigh", "read", "true", "show")
        for path in (f"/shots/{shot_id}", f"{at}/scene.json", f"{at}/reading.json", f"{at}/cards",
                     f"{at}/blocks.f32?want=motion&want=tracks&want=physics",
                     *(f"{at}/panels/{step}" for step in self.dice.sample(steps, 2))):  # fmt: skip
            answer = self.ask("GET", path)
            if answer.status_code != 200:
                raise Fault(f"{path}: {answer.status_code} {answer.text[:300]}")
        # what there may be nothing of says so in words
        more = ("sheet", "by-hand", "by-hand.csv", "difference.bvh", "order")
        path = f"{at}/{self.dice.choice(more)}"
        answer = self.ask("GET", path, query_string={"text": self.dice.choice(["Clip", "Clip x 3, Clip 2", "", "x"])})
        if answer.status_code not in (200, 422):
            raise Fault(f"{path}: {answer.status_code} {answer.text[:300]}")

    def wander(self) -> None:
        """Any address with any arguments and any query."""
        rule = self.dice.choice(self.rules)
        path = re.sub(r"<(?:\w+(?:\([^)]*\))?:)?(\w+)>", lambda m: self._part(m[1]), rule.rule)
        method = self.dice.choice(sorted(rule.methods - {"OPTIONS", "HEAD"}))
        names = (
            "finding", "shelf", "parts", "frames", "frame", "who", "pick", "step", "as", "v", "rate", "keep", "from",
            "to", "schema", "rise_cm", "drop_cm", "hang_s", "hang_frames", "distance_cm", "speed_ms", "angle_deg", "g",
            "fps", "bounce_cm", "factor",
        )  # fmt: skip
        query = {name: self._word() for name in self.dice.sample(names, self.dice.choice([0, 1, 3, 6]))}
        if method == "GET":
            self.ask("GET", path, query_string=query)
        elif not path.endswith(("/remove", "/shots", "/new")):
            body = self.dice.choice(
                [b"", b"{", b"[]", b"null", b'{"revision": null}', b"[" * 5000, json.dumps(query).encode()]
            )
            self.ask(method, path, data=body, content_type="application/json")

    def _part(self, name: str) -> str:
        if name == "shot_id" and self.dice.random() < 0.7:
            return str(self.dice.choice(self.shots))
        if name in ("revision", "weighing_id", "shot_id"):
            return str(self.dice.choice([0, 1, 2, 3, 5, 2**31 - 1, 2**31, 2**63]))
        return self.dice.choice(["read", "set", "weigh", "x", "%00", "a" * 70, "0" * 64])

    def _word(self) -> str:
        word = self.dice.choice(TEXTS) if self.dice.random() < 0.5 else str(self.number())[:40]
        return word.encode("utf-8", "replace").decode()

    def plan(self) -> None:
        """What is known of a flight, put together from anything."""
        names = ("rise_cm", "drop_cm", "hang_s", "hang_frames", "distance_cm", "speed_ms", "angle_deg", "g")
        query = {name: self._word() for name in self.dice.sample(names, self.dice.choice([1, 2, 2, 3]))}
        answer = self.ask("GET", "/planner/answer", query_string=query | {"fps": self.dice.choice(["24", "240", "x"])})
        if answer.status_code != 200:
            raise Fault(f"/planner/answer {query}: {answer.status_code}")

    def true(self) -> None:
        """Every road of True: the ways of a finding, a correction with options from anywhere tried as a view, opened
        again or worked out in the background, a plan; and what comes of work looked at, stopped and taken."""
        shot_id = self.dice.choice(self.shots)
        with Session(self.engine) as session:
            revision = shots.standing(session, shot_id).revision
            seen = see(shots.load(session, shot_id, revision))
        at = f"/shots/{shot_id}/r/{revision}"
        found = self.dice.choice([f.id for f in judged(seen)] or ["x"])
        correction = CORRECTIONS[self.dice.choice(sorted(CORRECTIONS))]
        text = self.correction(seen, correction)
        road = self.dice.choice(["ways", "try", "trial", "plan", "work", "work"])
        if road == "ways":
            self.ask("GET", f"{at}/ways", query_string={"finding": found, "who": ""})
        elif road in ("try", "trial"):
            who = self.dice.choice(["", "performer1", "x"])
            blocks = "|".join(
                [
                    self.dice.choice(["motion", "tracks", "physics", "x"]),
                    who,
                    text,
                    self.dice.choice(["", "0", "9", "x"]),
                ]
            )
            what = "trial.json" if road == "trial" else self.dice.choice(["reading.json", "blocks.f32", "physics.json"])
            self.ask("GET", f"{at}/{what}", query_string={"as": text, "who": who, "want": blocks})
        else:
            plan = road == "plan" or self.dice.random() < 0.3
            asked = {
                "revision": revision, "performer": "", "what": "plan" if plan else "correction",
                "asked": self._word() if plan else text, "start": self.dice.choice([None, 1, 30, self.number()]),
                "end": self.dice.choice([None, 60, self.number()]),
            }  # fmt: skip
            answer = self.ask("POST", f"/shots/{shot_id}/work", data=json.dumps(asked), content_type="application/json")
            if answer.status_code == 200:
                self.work(shot_id, revision, answer.get_json()["work"])

    def work(self, shot_id: int, revision: int, work_id: int) -> None:
        """Work is stopped or done; either way it ends in words."""
        at = f"/shots/{shot_id}/work/{work_id}"
        if self.dice.random() < 0.2:
            self.ask("POST", f"{at}/stop", json={})
        with Session(self.engine) as session:
            tries = work.begin(session, work_id)
            if tries is not None:
                carry_out(session, work_id, tries)
            row = work.look(session, work_id)
            if row.state not in work.ENDED or row.says == BROKE:
                raise Fault(f"work {row.asked[:400]} on {shot_id}: {row.state}, {row.says}")
        self.counts["work"] += 1
        self.ask("GET", f"{at}.json")
        answer = self.ask("POST", f"{at}/take", json={"revision": revision})
        if answer.status_code == 200:
            made = answer.get_json()["revision"]
            self.look(shot_id, made)
            self.ask("POST", f"/shots/{shot_id}/undo", json={"revision": made})

    def correction(self, seen, correction) -> str:
        """One as an address names it: at a place where it can be tried or anywhere, its options as they begin or at the
        edges of what they may be."""
        places = correction.places(seen)
        if places and self.dice.random() < 0.8:
            options = self.dice.choice(self.dice.choice(places).ways).options
            given = {f.name: getattr(options, f.name) for f in fields(options)}
        else:
            given = {f.name: self.number() for f in fields(correction.options) if f.default is MISSING}
        for f in fields(correction.options):
            if self.dice.random() < 0.2:
                edges = [f.metadata.get("low"), f.metadata.get("high"), *(f.metadata.get("choices") or ())]
                given[f.name] = self.dice.choice([*edges, self.number(), self._word()[:60]])
        return f"{correction.name}({','.join(f'{k}={v}' for k, v in given.items() if v is not None)})"

    def beside(self) -> None:
        """Judging and weighing files, broken somewhere; refused in words or taken."""
        shot = demo(self.dice.choice(["Gap hop", "Gull"]))
        judging = {
            "judging": 1, "limits": {"slide": [0.02, 0.06]},
            "left": [{"kind": "slide", "part": "left foot", "start": 3, "end": 9, "reason": "meant"}],
        }  # fmt: skip
        plain = self.dice.choice([judging, weighing_to_plain(shot.performer.weighing)])
        try:
            broken = json.loads(json.dumps(self.broken(plain)))
            if plain is judging:
                see(with_judging(shot, broken))
            else:
                weighing, _ = fitted(weighing_from_plain(broken), shot.performer.rig)
                shot.with_item(replace(shot.performer, weighing=weighing)).performer.body()
        except IronArcError:
            return
        except ValueError as error:
            if "Exceeds the limit" not in str(error):  # of Python's own reading of numbers
                raise

    def broken(self, plain: Any) -> Any:
        """Plain data with something in it other than it was."""
        if self.dice.random() < 0.12:
            return self.dice.choice([None, [], {}, True, self.number(), self._word(), [plain], {"a": plain}])
        if isinstance(plain, dict):
            return {k if self.dice.random() > 0.03 else self._word(): self.broken(v) for k, v in plain.items()}
        return [self.broken(v) for v in plain] if isinstance(plain, list | tuple) else plain

    def bring_in(self) -> None:
        """A file that is broken somewhere, as a shot, a performer, a prop, markers or a reference."""
        ending, whole = self.dice.choice(
            [*[("bvh", self.files["bvh"])] * 8, *self.files.items(), *[("png", x) for x in (self.picture, *BYTES)]]
        )
        data = bytearray(whole)
        for _ in range(self.dice.choice([0, 1, 1, 3, 9]) if data else 0):
            at = self.dice.randrange(len(data) + 1)
            cut = at + self.dice.choice([0, 1, 8, 400])
            data[at:cut] = self.dice.choice(
                [
                    b"",
                    b"\x00",
                    b"1e300",
                    b"1e8",
                    b"-",
                    b"\xff",
                    b"}\n",
                    b"nan",
                    b" 1" * 20,
                    b"\xc2\xb2",
                    b"9" * 5000,
                    b"0",
                ]
            )
        shot_id = self.dice.choice(self.shots)
        odd = ["a.bvh", "a_1.png", "", "..", "a\x00.bvh", "\ud800.png".encode("utf-8", "replace").decode()]
        name = self.dice.choice([*[f"a.{ending}"] * 6, *odd])
        at = f"/shots/{shot_id}"
        path = self.dice.choice([*["/shots"] * 3, *(f"{at}/{what}" for what in BROUGHT_TO)])
        form = {
            "file": (io.BytesIO(bytes(data)), name),
            "revision": str(self.number())[:30],
            "frame": str(self.number())[:30],
        }
        edge, body = encode_multipart(form)  # in memory: the client leaves a larger one on the disk, open
        kind = f"multipart/form-data; boundary={edge}"
        answer = self.ask("POST", path, data=body, content_type=kind, headers={"HX-Request": "true"})
        if answer.status_code == 204:
            self.counts["files accepted"] += 1
            made = int(answer.headers["HX-Redirect"].split("/")[2])
            self.look(made, int(re.search(r"revision&#34;: (\d+)", self.ask("GET", f"/shots/{made}").text)[1]))
            self.ask("POST", f"/shots/{made}/remove")

    def run(self, seconds: float, requests: int) -> dict:
        """Goes on for so long, and for so many requests at least; raises Fault. Returns how much of what was done."""
        end = time.monotonic() + seconds
        while time.monotonic() < end or self.counts["requests"] < requests:
            self.dice.choice([*[self.edit, self.wander, self.true] * 2, self.plan, self.bring_in, self.beside])()
        return self.counts


def fuzz(url: str, seconds: float, seed: int, requests: int = 0) -> dict:
    """Runs on a database that is there."""
    engine = connect(url)
    with Session(engine) as session:
        ids = [shots.create(session, demo(word)) for word in ("Gap hop", "Gull", "crate", "somersault", "Net-perch")]
    engine.dispose()
    app = create_app("test key", url)
    try:
        return Fuzz(app, ids, seed).run(seconds, requests)
    finally:
        app.extensions["engine"].dispose()


def main() -> None:
    seconds = float(sys.argv[1]) if len(sys.argv) > 1 else 120.0
    seed = int(sys.argv[2]) if len(sys.argv) > 2 else random.randrange(10**6)
    print(f"seed {seed}", flush=True)
    with temporary_database() as url:
        print(fuzz(url, seconds, seed))


if __name__ == "__main__":
    main()
