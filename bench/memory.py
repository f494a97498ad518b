"""Memory of the server: python -m bench.memory [frames] [joints]. After ten shots of two performers each were opened
and edited, one after the other; then after fifty edits of a longer shot."""

import resource
import sys
from dataclasses import replace

from sqlalchemy.orm import Session

from bench import size
from bench.reading import clip
from bench.timing import times_ms
from ironarc.core.document import Shot
from ironarc.core.scene.placement import Placement
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.web.app import create_app
from tests.conftest import temporary_database

FRAMES, JOINTS, EDITS = size(20_000, 200), 60, size(50, 2)
SHOTS, OF_SHOTS, JOINTS_OF_SHOTS = size(10, 2), size(10_000, 100), 24


def peak_mb() -> float:
    """Of the process so far."""
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024


def now_mb() -> float:
    """What it holds now."""
    with open("/proc/self/statm") as file:
        return int(file.read().split()[1]) * resource.getpagesize() / 2**20


class Bench:
    """A shot as the bench has it open."""

    def __init__(self, client, session, shot: Shot):
        self.client, self.id = client, shots.create(session, shot)
        self.revision, self.steps = shots.standing(session, self.id).revision, 0

    def edit(self) -> None:
        """The first performer moved, and what is then shown."""
        self.steps += 1
        place = {"performer": "performer1", "offset_m": [self.steps / 100, 0, 1], "turn_rad": 0, "scale": 1}
        body = {"revision": self.revision, "edit": {"kind": "place_performer", **place}}
        self.revision = self.client.post(f"/shots/{self.id}/edits", json=body).json["revision"]
        self.look()

    def look(self) -> None:
        for name in ("scene.json", "reading.json", "blocks.f32?want=motion", "panels/set?pick=performer1"):
            assert self.client.get(f"/shots/{self.id}/r/{self.revision}/{name}").status_code == 200


def main() -> None:
    frames, joints = (int(a) for a in sys.argv[1:3]) if len(sys.argv) > 2 else (FRAMES, JOINTS)
    with temporary_database() as url:
        engine = connect(url)
        app = create_app("bench", url)
        app.config["WTF_CSRF_ENABLED"] = False
        with Session(engine) as session:
            for n in range(SHOTS):
                one = clip(OF_SHOTS, JOINTS_OF_SHOTS)
                beside = replace(one.performer, id="performer2", name="Beside", placement=Placement((2.0, 0.0, 0.0)))
                bench = Bench(
                    app.test_client(), session, replace(one, name=f"Shot {n}", performers=(one.performer, beside))
                )
                bench.look()
                bench.edit()
            print(f"{SHOTS} shots of {OF_SHOTS} frames, two performers: {now_mb():.0f} MB, at most {peak_mb():.0f} MB")
            bench = Bench(app.test_client(), session, clip(frames, joints))
            took = times_ms(bench.edit, EDITS)
        engine.dispose()
        app.extensions["engine"].dispose()
    print(
        f"{EDITS} edits, {frames} frames x {joints} joints: {took[EDITS // 2]:.0f} ms each, at most {peak_mb():.0f} MB"
    )


if __name__ == "__main__":
    main()
