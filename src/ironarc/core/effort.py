"""How much may be worked out while somebody waits for it.

Who answers a request says so with `limited`; what takes long asks `check` at its joints, and `expect` before it begins.
Where nothing is limited, as in a worker or at a shell, both are nothing.
"""

import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from dataclasses import dataclass, field

from ironarc.core.errors import IronArcError

LOOK_S = 0.25  # how often it is asked whether anybody still waits


class TooMuch(IronArcError):
    """More than can be waited for."""


class NobodyWaits(IronArcError):
    """Whoever asked for it has gone."""


@dataclass
class _Limit:
    """seconds : of this thread's processor; gone : whether nobody waits any more"""

    seconds: float
    gone: Callable[[], bool]
    began: float = field(default_factory=time.thread_time)
    looked: float = 0.0

    def left(self) -> float:
        return self.seconds - (time.thread_time() - self.began)


_limit: ContextVar[_Limit | None] = ContextVar("limit", default=None)


@contextmanager
def limited(seconds: float, gone: Callable[[], bool] | None = None) -> Iterator[None]:
    """Limits what is worked out within to so many seconds of processor time, and to as long as somebody waits.

    gone : whether nobody waits any more; as in the limit around this one if not told
    """
    outer = _limit.get()
    if gone is None:
        gone = outer.gone if outer else lambda: False
    before = _limit.set(_Limit(seconds, gone))
    try:
        yield
    finally:
        _limit.reset(before)


def check() -> None:
    """TooMuch where the time is used up, NobodyWaits where whoever asked has gone."""
    limit = _limit.get()
    if limit is None:
        return
    left = limit.left()
    if left < 0:
        raise TooMuch(
            f"This takes longer than the {limit.seconds:.0f} s a page waits, so nothing was changed. Choose fewer "
            "frames, or, under True, have it worked out in the background."
        )
    if limit.looked - left > LOOK_S or not limit.looked:
        limit.looked = left
        if limit.gone():
            raise NobodyWaits("Whoever asked for this has gone.")


def expect(seconds: float) -> None:
    """TooMuch for what would take so long, where that is more than there is left."""
    limit = _limit.get()
    if limit is not None and seconds > max(limit.left(), 0.0):
        raise TooMuch(
            f"This takes about {max(seconds, 1):.0f} s, too long to wait for here. Under True, have it worked out in "
            "the background, or choose fewer frames."
        )
