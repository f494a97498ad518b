"""A long shot: python -m bench.long [frames]. What the bench's dearest requests take, and a whole span worked out over
all of it: windows, time, memory, what is left.
"""

import resource
import sys
import time
from collections.abc import Callable

from sqlalchemy.orm import Session

from bench import size
from ironarc.core.reading import see
from ironarc.core.solve import windows
from ironarc.core.truing.corrections import whole
from ironarc.store import shots
from ironarc.store.database import connect
from ironarc.web import create_app
from tests.conftest import temporary_database
from tests.figures import long_shot

FRAMES = size(20_000, 300)
REQUESTS = (
    "reading.json", "physics.json", "panels/set", "panels/weigh", "panels/block", "panels/read", "panels/true",
    "panels/show",
)  # fmt: skip


def taken(work: Callable) -> tuple[float, object]:
    """Seconds of processor time, and what came of it."""
    begin = time.process_time()
    out = work()
    return time.process_time() - begin, out


def megabytes() -> float:
    return resource.getrusage(resource.RUSAGE_SELF).ru_maxrss / 1024


def requests(frames: int) -> None:
    """Each request once the shot has been read, as after opening it."""
    with temporary_database() as url:
        engine = connect(url)
        with Session(engine) as session:
            shot_id = shots.create(session, long_shot(frames))
            at = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
        engine.dispose()
        app = create_app("bench", url)
        client = app.test_client()
        first, _ = taken(lambda: client.get(f"{at}/blocks.f32?want=motion"))
        print(f"{frames} frames: read for the first time {first:.2f} s of processor time")
        for name in REQUESTS:
            seconds, answer = taken(lambda name=name: client.get(f"{at}/{name}"))
            assert answer.status_code == 200, name
            print(f"  {name:<16} {1000 * seconds:>7.0f} ms  {len(answer.data) / 1e6:>6.2f} MB")
        app.extensions["engine"].dispose()


def span(frames: int) -> None:
    """The nearest motion that holds together, over all of it."""
    reading_s, seen = taken(lambda: see(long_shot(frames)))
    asking_s, (at, task) = taken(lambda: whole.span_task(seen, whole.Options(1, frames)))
    spans = whole.windows_of(seen.reading, at, task)
    told = sum(b - a for a, b in spans)
    longest = max(b - a for a, b in spans)
    print(
        f"read {reading_s:.1f} s, asked {asking_s:.1f} s; {len(spans)} windows of up to {longest} frames, {told} in "
        f"all; told beforehand: {windows.seconds_of(told, task.unknowns()):.0f} s, "
        f"{windows.bytes_of(longest, task.unknowns()) / 1e6:.0f} MB a window"
    )
    before = megabytes()
    solving_s, solved = taken(lambda: windows.solve_windows(task, spans))
    print(
        f"solved in {solving_s:.1f} s, {1000 * solving_s / told:.1f} ms a frame, {solved.passes} passes; at most "
        f"{solved.left.max():.2f} body weights from nowhere left; {megabytes():.0f} MB in all, {before:.0f} before"
    )


def main() -> None:
    frames = int(sys.argv[1]) if len(sys.argv) > 1 else FRAMES
    requests(frames)
    span(frames)


if __name__ == "__main__":
    main()
