"""Rows of arrays, a frame each."""

import pytest

from ironarc.core.rows import BLOCK, LEAST, blocks


@pytest.mark.parametrize("n", [0, 1, LEAST, BLOCK - 1, BLOCK, BLOCK + 1, BLOCK + LEAST, 3 * BLOCK + 2])
def test_blocks_hold_every_frame_once_and_none_is_a_rest_of_a_frame_or_two(n):
    found = list(blocks(n))
    assert [k for a, b in found for k in range(a, b)] == list(range(n))
    assert all(min(LEAST, n) <= b - a < BLOCK + LEAST for a, b in found)
