"""Time maps that take frames out of a span or put some in, with the pace led over on either side."""

import numpy as np

from ironarc.core.columns import Keys
from ironarc.core.columns.keys import smooth_keys
from ironarc.core.errors import EditError

STEP = 0.5  # frames between the keys of a map where its pace changes


def ramp(length: float, begins: float, ends: float) -> tuple[np.ndarray, np.ndarray]:
    """Seen frames and moments of a span whose pace goes evenly from one to the other over `length` seen frames; both
    from 0, without it."""
    count = max(int(np.ceil(length / STEP)), 1)
    seen = np.linspace(0.0, length, count + 1)[1:]
    return seen, begins * seen + (ends - begins) * seen**2 / (2 * max(length, 1e-9))


def whole_ramp(pace: float, lead: int) -> tuple[float, int]:
    """Seen frames over which the pace passes between 1 and `pace`, about `lead`, such that whole frames are gained by
    it; and how many: less than 0 for fewer."""
    gained = int(np.rint(lead * (1.0 - pace) / 2))
    if gained == 0 or lead < 2:
        return 0.0, 0
    length = 2 * gained / (1.0 - pace)
    while length * (1.0 + pace) / 2 > lead * 1.3 and abs(gained) > 0:  # no more of the motion than there is
        gained -= int(np.sign(gained))
        length = 2 * gained / (1.0 - pace) if gained else 0.0
    return length, gained


def paced(
    span: tuple[float, float], want: int, paces: tuple[float, float], leads: tuple[int, int]
) -> tuple[Keys, int]:  # fmt: skip
    """A map that plays the moments of a span in `want` frames, and how many frames there are more in all.

    paces : at its beginning and end, led over from and to true pace over about `leads` frames of the motion beside it
    """
    first, last = span
    length_in, _gained_in = whole_ramp(paces[0], leads[0])
    length_out, _gained_out = whole_ramp(paces[1], leads[1])
    seen, moments = [], []

    def put(at: np.ndarray, of: np.ndarray) -> None:
        seen.extend(np.atleast_1d(at).tolist())
        moments.extend(np.atleast_1d(of).tolist())

    begins = first - length_in * (1.0 + paces[0]) / 2
    put(begins - 1.0, begins - 1.0)
    put(begins, begins)
    at = begins
    if length_in:
        s, m = ramp(length_in, 1.0, paces[0])
        put(at + s, begins + m)
        at += length_in
    pace = (last - first) / want
    inside = np.arange(1, want + 1)
    put(at + inside, first + inside * pace)
    at += want
    if length_out:
        s, m = ramp(length_out, paces[1], 1.0)
        put(at + s, last + m)
        at += length_out
        last = last + length_out * (1.0 + paces[1]) / 2
    put(at + 1.0, last + 1.0)
    added = int(np.rint(at - last))
    return smooth_keys(np.array(seen), np.array(moments)), added


def catching_up(keys: Keys, added: int, over: int, there: int) -> Keys:
    """The map with what it gained or lost made up for over the `over` frames after it, of the `there` there are."""
    over = min(over, there)
    if over < 2 * abs(added) + 2:
        raise EditError(
            f"Only {max(there, 0)} frames follow the landing, too few to make up for {abs(added)} there. "
            "Let what follows move along."
        )
    seen, moments = keys.frames[:-1], keys.values[:-1]
    begins_seen, begins = seen[-1], moments[-1]
    length = over - added
    inside = np.arange(1, length + 1)
    seen = np.concatenate([seen, begins_seen + inside, [begins_seen + length + 1]])
    moments = np.concatenate([moments, begins + inside * over / length, [begins + over + 1]])
    return smooth_keys(seen, moments)
