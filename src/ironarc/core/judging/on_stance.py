"""What a pose that is held out of balance says, also of the force that would hold it."""

from bisect import bisect_right
from operator import itemgetter

import numpy as np

from ironarc.core.judging.finding import SOUND, Case
from ironarc.core.reading import Reading
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.forces import kept_up, read_forces
from ironarc.core.reading.spans import runs
from ironarc.core.settings import SETTINGS

HELD_S = 0.25
ONE_POSE = 3  # frames, under which a motion is a pose
HELD_MS = 0.2  # of the center of gravity over the floor; what passes faster is on its way


def _off_footing(reading: Reading) -> np.ndarray:
    """(frames,) m that a held pose is out of balance by, kept up for a quarter of a second.

    Both the plumb and the point about which the motion asks for no torque must be outside: a body that really falls
    gathers speed, and keeps the latter inside.
    """
    balance, forces = reading.ask(read_balance), reading.ask(read_forces)
    out = -np.maximum(balance.margin_m, balance.zmp_margin_m)
    held = np.linalg.norm(reading.com_velocity[:, [0, 2]], axis=1) < HELD_MS * np.sqrt(reading.size)
    # a single pose is held throughout: no derivative is needed to say that it would fall
    first, end = reading.traced.plays
    told = (
        (forces.told | (end - first < ONE_POSE)) & held & ~reading.footing.air & ~reading.footing.doubt & ~balance.pulls
    )
    out = np.where(told & np.isfinite(out), np.maximum(out, 0.0), 0.0)
    # what another weighing would put inside is not out
    out = np.where(out > SETTINGS["errors"].value * reading.ask(_plumb_doubt), out, 0.0)
    return kept_up(out, max(2, int(np.ceil(HELD_S / reading.poses.dt - 1e-9))))


@by_frames
def _plumb_doubt(reading: Reading) -> np.ndarray:
    """(frames,) m that the place of the plumb is unsure by, for how the body is weighed."""
    return reading.traced.weighing_doubt.plumb()


def spans_of(case: Case) -> list[tuple[int, int, float]]:
    """Index spans [a, b) that are out of balance, in order, and by how much at most."""
    off = case.reading.ask(_off_footing)
    limit = case.graded("balance", 0.0)[1]
    known = case.reading.ask(_spans_known)
    if limit not in known:
        known[limit] = [(a, b, float(off[a:b].max())) for a, b in runs(off > limit)]
    return known[limit]


def _spans_known(reading: Reading) -> dict[float, list[tuple[int, int, float]]]:
    """Spans out of balance by the limit they were looked for with."""
    return {}


def stance_cause(start: int, end: int) -> str:
    """What findings of one held pose are known by together."""
    return f"stance-{start}-{end}"


def stances_of(case: Case) -> list[tuple[int, int]]:
    """First and last frame of every pose out of balance, in order."""
    return [
        (x + case.first, y - 1 + case.first) for x, y, most in spans_of(case)
        if case.graded("balance", most)[0] != SOUND
    ]  # fmt: skip


def tilted_in(stances: list[tuple[int, int]], start: int, end: int) -> tuple[int, int] | None:
    """The first of the poses out of balance that frames [start, end] belong to, or None."""
    at = bisect_right(stances, start - 4, key=itemgetter(1))
    return stances[at] if at < len(stances) and stances[at][0] <= end + 3 else None
