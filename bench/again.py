"""A reading after random edits, made again and made whole, held against each other: python -m bench.again [frames]
[edits] [seed]. Says what differs by more than one part in 1e12, and what both cost."""

import statistics
import sys
import time
from collections import Counter

from bench import size
from bench.blocking import long_capture
from ironarc.core.reading import read_shot
from tests.again import apart, edited, everything, told


def main() -> None:
    usual = [size(2_000, 240), size(100, 4), 1]
    given = [int(text) for text in sys.argv[1:4]]
    frames, edits, seed = given + usual[len(given) :]
    kinds, made, whole_ms, off = Counter(), [], [], 0
    steps = edited(long_capture(frames), edits, seed)
    while True:
        begin = time.process_time()
        step = next(steps, None)
        if step is None:
            break
        now = everything(step.reading), told(step.reading)
        made.append((time.process_time() - begin) * 1000)
        begin = time.process_time()
        whole = read_shot(step.shot)
        all_of_it = everything(whole), told(whole)
        whole_ms.append((time.process_time() - begin) * 1000)
        kinds[f"{step.what}{', whole' if step.whole else ''}"] += 1
        differs = apart(now[0], all_of_it[0])
        if differs or now[1] != all_of_it[1]:
            off += 1
            print(f"{step.what}: {differs or 'findings'}")
    print(f"{frames:,} frames, {len(made)} edits, {off} that differ: {dict(kinds)}")
    both = statistics.median(made), statistics.median(whole_ms)
    print("CPU, the edit and its reading {:.0f} ms, a reading of the whole {:.0f} ms".format(*both))


if __name__ == "__main__":
    main()
