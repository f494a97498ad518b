"""Benchmarks, run by hand. tests/test_benches.py runs each of them at its tiny size, so that none stops working."""

import os

import ironarc  # noqa: F401  before NumPy, so that a benchmark runs with the same threads as the application

TINY_SETTING = "IRONARC_TINY_BENCH"


def size(whole: int, tiny: int) -> int:
    """How many of something, or how much of it; the tiny number where the setting asks for that."""
    return tiny if os.environ.get(TINY_SETTING) else whole
