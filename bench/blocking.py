"""Speed of Block: python -m bench.blocking. A drag's round trip over HTTP, a commit until everything is read anew, pins
on every frame, and a long capture posed as quickly as a short one."""

import http.client
import json
import logging
import statistics
from dataclasses import replace

import numpy as np
from sqlalchemy.orm import Session

from bench import size
from bench.timing import p95, times_ms
from ironarc.core import rotation
from ironarc.core.columns import Dense
from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.reading import see
from ironarc.core.scene.placement import Placement
from ironarc.store import shots
from ironarc.store.database import connect
from tests.browser.conftest import Served
from tests.conftest import demo, temporary_database

DRAGS, COMMITS, EVALUATIONS = size(200, 2), size(40, 2), size(30, 2)
LONG = size(10_000, 300)
HEADERS = {"Content-Type": "application/json"}


def pair() -> Shot:
    """The gap hop over 240 frames, its feet and hands pinned; a second performer stands beside."""
    shot = replace(demo("Gap hop"), frames=240)
    parts = ("left foot", "right foot", "left hand", "right hand")
    shot = COMMANDS["add_pin"](see(shot), "performer1", parts, 1, 240, 8).apply(shot)
    other = replace(
        shot.performer, id="performer2", name="Tansy Vale", placement=Placement((0.9, 0.0, 0.0)), pins=()
    )  # fmt: skip
    return replace(shot, performers=(*shot.performers, other))


def long_capture(frames: int) -> Shot:
    """The hop's columns as a value on every frame, over and over."""
    shot = demo("Gap hop")
    poses = shot.poses("", shot.frame_numbers())
    columns = {}
    for j, joint in enumerate(shot.performer.rig.joints):
        angles = rotation.to_euler(joint.order, poses.local[:, j])
        for i, channel in enumerate(joint.rotation_channels):
            columns[joint.name, channel] = Dense(1, np.resize(np.unwrap(angles[:, i]), frames))
    for axis, channel in enumerate(("tx", "ty", "tz")):
        columns["Hips", channel] = Dense(1, np.resize(poses.translation[:, 0, axis] * 100, frames))
    base = replace(shot.performer.layers[0], columns=columns, role="brought in")
    return replace(shot, frames=frames, performers=(replace(shot.performer, layers=(base,), clip=(1, frames)),))


class Drag:
    """A hand led about on one connection, as the bench sends it."""

    def __init__(self, served: Served, shot_id: int, revision: int, how: str, grip: str, frame: int):
        self.connection = http.client.HTTPConnection("127.0.0.1", served.port)
        self.path, self.n = f"/shots/{shot_id}/try", 0
        self.body = {"revision": revision, "performer": "performer1", "frame": frame, "part": grip}
        self.move = {"do": "reach", "grips": [grip], "how": how, "stay": "touching"}

    def __call__(self) -> None:
        self.n += 1
        by = [0.1 * np.sin(self.n / 7), 0.08 * np.cos(self.n / 9), 0.12 * np.sin(self.n / 11)]
        body = self.body | {"moves": [self.move | {"by_m": by}]}
        self.connection.request("POST", self.path, json.dumps(body), HEADERS)
        answer = self.connection.getresponse()
        assert answer.status == 200, answer.read()
        answer.read()


def told(what: str, took: list[float]) -> None:
    print(f"{what}: median {statistics.median(took):.0f} ms, p95 {p95(took):.0f} ms")


def main() -> None:
    logging.getLogger("werkzeug").setLevel(logging.ERROR)
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as session:
            ids = {"two performers, four pins": (shots.create(session, pair()), 20)}
            ids[f"a capture of {LONG:,} frames"] = (shots.create(session, long_capture(LONG)), LONG // 2)
            revisions = {i: shots.standing(session, i).revision for i, _ in ids.values()}
        engine.dispose()
        served = Served(url)
        served.app.config["WTF_CSRF_ENABLED"] = False
        for name, (shot_id, frame) in ids.items():
            for how, grip in (("limb", "right elbow"), ("spine", "right hand"), ("body", "hips"), ("body", "head")):
                drag = Drag(served, shot_id, revisions[shot_id], how, grip, frame)
                drag()  # the shot comes into memory
                told(f"drag, {name}, {grip} with the {how}", times_ms(drag, DRAGS))
        commit(served, *ids["two performers, four pins"], revisions)
        served.stop()
    pinned = pair()
    frames = pinned.frame_numbers()
    told(
        "240 frames evaluated, four pins on all of them",
        times_ms(lambda: pinned.poses("performer1", frames), EVALUATIONS),
    )


def commit(served: Served, shot_id: int, frame: int, revisions: dict[int, int]) -> None:
    """A pose that is kept, and all the bench then asks for."""
    client, revision, n = served.app.test_client(), revisions[shot_id], iter(range(1000))

    def keep() -> None:
        nonlocal revision
        move = {"do": "reach", "grips": ["head"], "by_m": [0.0, -0.001 * (1 + next(n)), 0.0], "how": "body"}
        edit = {"kind": "pose", "performer": "performer1", "frame": frame, "moves": [move]}
        revision = client.post(f"/shots/{shot_id}/edits", json={"revision": revision, "edit": edit}).json["revision"]
        at = f"/shots/{shot_id}/r/{revision}"
        asked = [
            "scene.json",
            "reading.json?who=performer1",
            "block.json?who=performer1",
            "panels/block?who=performer1",
        ]
        for name in (*asked, *(f"blocks.f32?want=motion|{who}|now|" for who in ("performer1", "performer2"))):
            assert client.get(f"{at}/{name}").status_code == 200

    told("a pose kept, and everything shown anew", times_ms(keep, COMMITS))


if __name__ == "__main__":
    main()
