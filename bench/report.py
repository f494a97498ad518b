"""A report over many files, in pairs of jobs: python -m bench.report [clips].

Figures are kept in docs/performance.md.
"""

import subprocess
import sys
import tempfile
import time
from dataclasses import replace
from pathlib import Path

from ironarc.core.edits.commands import COMMANDS
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.demo.load import SHOTS

NAMES = ("PF-010 Gap hop", "PF-050 Deck somersault", "PF-030 Gangway slip")
CLIPS, FRAMES, JOBS = 100, 120, 2  # 5 s at 24 frames a second


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
            command = ["report", folder, "--jobs", str(jobs), "--html", f"{folder}/r.html"]
            begun = time.perf_counter()
            subprocess.run([sys.executable, "-m", "ironarc.cli", *command], check=False, stdout=subprocess.DEVNULL)
            took = time.perf_counter() - begun
            each = took / clips * 1000
            print(f"{clips} clips of {FRAMES / 24:.0f} s, {jobs} at a time: {took:.0f} s, {each:.0f} ms each")


if __name__ == "__main__":
    main()
