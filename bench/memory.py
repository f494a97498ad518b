"""Memory of the server after fifty edits of a long shot: python -m bench.memory [frames] [joints]."""

import resource
import sys

from sqlalchemy.orm import Session

from bench import size
from bench.pages import times_ms
from bench.reading import clip
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.web.app import create_app
from tests.conftest import temporary_database

FRAMES, JOINTS, EDITS = size(20_000, 200), 60, size(50, 2)


def main() -> None:
    frames, joints = (int(a) for a in sys.argv[1:3]) if len(sys.argv) > 2 else (FRAMES, JOINTS)
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as session:
            shot_id = shots.create(session, clip(frames, joints))
            revision = shots.standing(session, shot_id).revision
        engine.dispose()
        app = create_app("bench", url)
        app.config["WTF_CSRF_ENABLED"] = False
        client, steps = app.test_client(), iter(range(EDITS))

        def edit() -> None:
            nonlocal revision
            place = {"performer": "performer1", "offset_m": [next(steps) / 100, 0, 1], "turn_rad": 0, "scale": 1}
            body = {"revision": revision, "edit": {"kind": "place_performer", **place}}
            revision = client.post(f"/shots/{shot_id}/edits", json=body).json["revision"]
            for name in ("scene.json", "reading.json", "motion.f32", "panels/set?pick=performer1"):
                client.get(f"/shots/{shot_id}/r/{revision}/{name}")

        took = times_ms(edit, EDITS)
        app.extensions["engine"].dispose()
        peak = resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024
        print(
            f"{EDITS} edits, {frames} frames x {joints} joints: {took[EDITS // 2]:.0f} ms each, at most {peak:.0f} MB"
        )


if __name__ == "__main__":
    main()
