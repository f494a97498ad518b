"""A report over many files: by one and two at a time here, by one and two workers on the queue, and the sheets of some:
python -m bench.report [clips].

Figures are kept in docs/performance.md.
"""

import os
import subprocess
import sys
import tempfile
import time
from dataclasses import replace
from pathlib import Path

from bench import size
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.demo.load import SHOTS
from ironarc.store.database import URL_SETTING
from tests.conftest import temporary_database

NAMES = ("PF-010 Gap hop", "PF-050 Deck somersault", "PF-030 Gangway slip")
CLIPS, FRAMES, JOBS, SHEETS = size(100, 3), size(120, 72), 2, size(12, 1)  # 5 s at 24 frames a second
IRONARC = (sys.executable, "-m", "ironarc.cli")


def main() -> None:
    clips = int(sys.argv[1]) if len(sys.argv) > 1 else CLIPS
    with tempfile.TemporaryDirectory() as folder:
        for k, name in enumerate(NAMES):
            shot = replace(SHOTS[name](), frames=FRAMES)
            for n in range(k, clips, 3):
                # none is another one's bytes
                place = {"performer": shot.performer.id, "offset_m": (n / 100, 0.0, 0.0), "turn_rad": 0.0, "scale": 1.0}
                moved = COMMANDS["place_performer"](see(shot), **place).apply(shot) if n % 7 == 0 else shot
                (Path(folder) / f"clip{n:04d}.bvh").write_bytes(motion_file(moved) + b"\n" * (n % 5))
        for jobs in (1, JOBS):
            took = timed("report", folder, "--jobs", str(jobs), "--html", f"{folder}/r.html")
            told(clips, f"{jobs} at a time", took)
        for workers in (1, 2):
            with temporary_database() as url:
                os.environ[URL_SETTING] = url
                at_work = [subprocess.Popen([*IRONARC, "work"], stderr=subprocess.DEVNULL) for _ in range(workers)]
                try:
                    told(clips, f"by the queue, workers: {workers}", timed("report", folder, "--queue"))
                finally:
                    for worker in at_work:
                        worker.terminate()
                        worker.wait()
        some = [str(path) for path in sorted(Path(folder).glob("*.bvh"))[:SHEETS]]
        told(len(some), "sheets as a PDF", timed("sheet", *some, "-o", f"{folder}/sheets.pdf"))


def timed(*command: str) -> float:
    """Seconds that a command takes at the shell."""
    begun = time.perf_counter()
    subprocess.run([*IRONARC, *command], check=False, stdout=subprocess.DEVNULL)
    return time.perf_counter() - begun


def told(clips: int, how: str, took: float) -> None:
    print(f"{clips} clips of {FRAMES / 24:.0f} s, {how}: {took:.0f} s, {took / clips * 1000:.0f} ms each")


if __name__ == "__main__":
    main()
