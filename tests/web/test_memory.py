"""Memory that is let go goes back to the system."""

import gc
import sys

import numpy as np
import pytest

from ironarc.web.memory import give_back


def held_mb() -> float:
    with open("/proc/self/statm") as file:
        return int(file.read().split()[1]) * 4096 / 2**20


@pytest.mark.skipif(sys.platform != "linux", reason="the C library of Linux")
def test_small_arrays_that_are_gone_are_not_held():
    give_back()  # what those before it left would do for these
    before = held_mb()
    many = [np.ones(12_000) for _ in range(1500)]  # some 140 MB, each too small for a map of its own
    left = many[::50]  # between them
    del many
    gc.collect()
    assert held_mb() > before + 100
    give_back()
    assert held_mb() < before + 40
    assert len(left) == 30
