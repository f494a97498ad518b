"""Times of work done again and again."""

import time


def p95(took: list[float]) -> float:
    """Of times in order, the one that 95 % are below."""
    return took[min(int(0.95 * len(took)), len(took) - 1)]


def times_ms(work, runs: int) -> list[float]:
    out = []
    for _ in range(runs):
        start = time.perf_counter()
        work()
        out.append((time.perf_counter() - start) * 1000)
    return sorted(out)
