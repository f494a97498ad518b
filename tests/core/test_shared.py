"""Arrays that have pages of memory in common."""

import os

import numpy as np

from ironarc.core import shared
from ironarc.core.shared import mostly, own_bytes, patched

LONG = (4000, 20, 3)


def array(seed=1):
    return np.random.default_rng(seed).normal(size=LONG)


def test_a_copy_is_what_it_is_of_and_its_rows_are_its_own():
    x = array()
    before = x.copy()
    y = mostly(x, [(100, 120)])
    np.testing.assert_array_equal(y, x)
    y[100:120] = 7.0
    np.testing.assert_array_equal(x, before)
    np.testing.assert_array_equal(y[120:], x[120:])
    assert (y[100:120] == 7.0).all()


def test_copies_of_copies_carry_on_what_was_written_and_no_two_share_it():
    made, told = [array()], [array()]
    dice = np.random.default_rng(3)
    for k in range(40):
        a = int(dice.integers(0, 3900))
        of = int(dice.integers(0, len(made)))
        made.append(patched(made[of], [(a, a + 30)], lambda a, b, k=k: np.full((b - a, 20, 3), float(k))))
        told.append(told[of].copy())
        told[-1][a : a + 30] = float(k)
    for x, y in zip(made, told, strict=True):
        np.testing.assert_array_equal(x, y)


def test_a_copy_takes_the_memory_of_what_was_written():
    x = array()
    many = [mostly(x, [(0, 10)])]
    for _ in range(9):
        many.append(mostly(many[0], [(0, 10)]))
    assert sum(map(own_bytes, many)) < 1.1 * x.nbytes
    assert own_bytes(x) == x.nbytes


def test_files_in_memory_are_closed_and_never_run_out(monkeypatch):
    def files() -> int:
        return len(os.listdir("/proc/self/fd"))

    before = files()
    kept = [mostly(array(k), [(0, 5)]) for k in range(5)]
    assert files() == before + 5
    monkeypatch.setattr(shared, "MOST_FILES", 5)
    beyond = mostly(array(9), [(0, 5)])
    assert files() == before + 5
    np.testing.assert_array_equal(beyond, array(9))
    del kept
    assert files() == before
    # a copy may be all that is left of it
    last = mostly(mostly(array(4), [(0, 5)]), [(7, 9)])
    np.testing.assert_array_equal(last, array(4))
