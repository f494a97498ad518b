"""How a body that is pushed over catches itself by steps: its weight on a pendulum that stands on its feet, along one
way over the ground.

The weight at x above the push of the ground at p is pulled away from it, x" = w² (x - p), w² = g / height. Where
x + x' / w, the capture point, lies within the feet, a push there stops it; where it lies beyond them, only a foot set
down there does (Hof, 2008, "The 'extrapolated center of mass' concept").
"""

from dataclasses import dataclass

import numpy as np

STEP_S = 1 / 240
REACTS_S, SWINGS_S, CLOSES_S = 0.10, 0.23, 0.40  # before the first step, of a step that catches, and of the last
SETTLES_S, MOST_S = 0.25, 5.0
BEYOND_M = 0.04  # of the capture point, that a foot comes down
WITHIN_M = 0.01  # of its edge, that a foot still bears
MOST_STEPS = 5
APART_M = 0.12  # that feet which don't cross stay from each other
LONGEST = 1.25  # of the reach, that a step lands beyond the foot that stands
GAIN = 0.8  # of the push, that leads the capture point to where it should be
SLOW_MS, NEAR_M = 0.04, 0.004


@dataclass(frozen=True)
class Foot:
    """A foot along the way. at : m, its ankle; low, high : m from there to its ends"""

    at: float
    low: float
    high: float


@dataclass(frozen=True)
class Step:
    """A foot, by its number, that goes from one place to another, m, between two times, s."""

    foot: int
    begins: float
    ends: float
    start: float
    end: float


@dataclass(frozen=True)
class Caught:
    """times (n,) s, weight (n,) m, push (n,) m of the ground's push; steps in order; moved : m by which it all stands
    farther along in the end; stands : whether it does"""

    times: np.ndarray
    weight: np.ndarray
    push: np.ndarray
    steps: tuple[Step, ...]
    moved: float
    stands: bool

    def foot_at(self, number: int, at: float, times: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """Where a foot that stood at `at` is (n,) m, and its share of a step's lift (n,), 0 on the ground."""
        place, lift = np.full(len(times), at), np.zeros(len(times))
        for step in self.steps:
            if step.foot != number:
                continue
            u = np.clip((times - step.begins) / (step.ends - step.begins), 0.0, 1.0)
            s = u * u * (3 - 2 * u)
            on = times >= step.begins
            place[on] = step.start + (step.end - step.start) * s[on]
            lift = np.where((u > 0) & (u < 1), np.sin(np.pi * u) ** 1.5, lift)
        return place, lift


class _Pendulum:
    def __init__(self, x: float, v: float, feet: list[Foot], omega: float):
        self.x, self.v, self.omega, self.t = x, v, omega, 0.0
        self.at = [f.at for f in feet]
        self.feet, self.log = feet, []

    @property
    def capture(self) -> float:
        return self.x + self.v / self.omega

    def span(self, bearing: tuple[int, ...]) -> tuple[float, float]:
        low = min(self.at[i] + self.feet[i].low for i in bearing)
        return low + WITHIN_M, max(self.at[i] + self.feet[i].high for i in bearing) - WITHIN_M

    def go(self, seconds: float, bearing: tuple[int, ...], wanted: float, until=None) -> None:
        """Stepped on for a time, or until it is said so, pushed within the feet that bear towards a place."""
        low, high = self.span(bearing)
        for _ in range(max(1, round(seconds / STEP_S))):
            push = float(np.clip(self.capture + GAIN * (self.capture - wanted), low, high))
            # exact for a push that stays over the step
            c, s = np.cosh(self.omega * STEP_S), np.sinh(self.omega * STEP_S)
            off = self.x - push
            self.x, self.v = push + off * c + self.v / self.omega * s, off * self.omega * s + self.v * c
            self.t += STEP_S
            self.log.append((self.t, self.x, push))
            if until is not None and until():
                return


def catch_oneself(
    x: float, v: float, feet: list[Foot], omega: float, first: int, reach: float, crosses: bool = True
) -> Caught | None:  # fmt: skip
    """A weight at x that goes v m/s the positive way, over two feet, caught by steps of `first` and the other in turn.

    reach : m that a foot comes down from the weight at most; crosses : whether the other one may go past the first, as
    it can't to a side. None where it stays over its feet without a step.
    """
    body, both = _Pendulum(x, v, feet, omega), (0, 1)
    middle = (feet[0].at + feet[1].at) / 2
    body.go(REACTS_S, both, middle)
    if body.capture <= body.span(both)[1]:
        return None
    steps: list[Step] = []
    foot = first
    while len(steps) < MOST_STEPS and body.capture > body.span(both)[1]:
        stands = (1 - foot,)
        edge = body.span(stands)[1]
        grows = np.exp(omega * SWINGS_S)
        capture = edge + (body.capture - edge) * grows
        begun, start = body.t, body.at[foot]
        # as far as it will be needed, and as a leg goes from where the hips will be
        ahead = edge + (body.x - edge) * np.cosh(omega * SWINGS_S) + body.v / omega * np.sinh(omega * SWINGS_S)
        end = min(capture + BEYOND_M, ahead + reach, body.at[1 - foot] + LONGEST * reach)
        if not crosses and foot != first:
            end = min(end, body.at[first] - APART_M)
        end = max(end, start)
        body.go(SWINGS_S, stands, body.at[1 - foot])
        body.at[foot] = end
        steps.append(Step(foot, begun, body.t, start, end))
        foot = 1 - foot
    stands_up = body.capture <= body.span(both)[1]
    body.go(SETTLES_S, both, sum(body.at) / 2)
    moved = body.at[1 - foot] - feet[1 - foot].at
    target = feet[foot].at + moved
    if stands_up and abs(target - body.at[foot]) > NEAR_M:
        # onto the foot that stays, then the other one beside it
        over = body.at[1 - foot]
        low, high = body.span((1 - foot,))
        body.go(MOST_S / 4, both, over, lambda: low < body.capture < high)
        begun, start = body.t, body.at[foot]
        body.go(CLOSES_S, (1 - foot,), over)
        body.at[foot] = target
        steps.append(Step(foot, begun, body.t, start, target))
    rests = x + moved
    body.go(MOST_S / 3, both, rests, lambda: abs(body.x - rests) < NEAR_M and abs(body.v) < SLOW_MS)
    log = np.array(body.log)
    return Caught(log[:, 0], log[:, 1], log[:, 2], tuple(steps), moved, stands_up)
