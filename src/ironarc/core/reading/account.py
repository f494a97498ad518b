"""The cheapest account of frames on which nothing rests: arcs, what is near, or something unseen to stand on."""

from collections.abc import Callable

import numpy as np
from scipy.ndimage import maximum_filter1d, minimum_filter1d

from ironarc.core.reading.arcs import Arcs, Windows
from ironarc.core.reading.spans import Span, runs
from ironarc.core.settings import SETTINGS

BLOCK = 128  # starts whose arcs are fitted at once
MOSTLY_HELD, MOSTLY_CLEAR, MOSTLY_LEVEL = 0.6, 0.5, 0.7  # shares of a window, from which it is so as a whole
LEVEL_WEIGHT, LEVEL_MORE = 0.25, 1.5  # of the two level axes against the height: markers blur them more
PROOF_NOISE, PROOF_TIGHT = 0.75, 0.9  # of the least noise of a path: of a proof's error, and what it is scored by
PULLS = 1.15  # times gravity, beyond which a path is pulled and gravity is no measure of it
LEAVES_MS, LEAVES_M, LOW_M = 0.8, 0.006, 0.01  # slower, rising by less and lower than all of these it stays
SUNK_M = 0.02  # a window with a point deeper is no flight that doubt proves
COMMON_SHARE = 0.6  # of the spans of doubt that fall at all, which have to fall alike
FAR_M = 9.0  # that stands for an infinite height, so that sums stay numbers
BORNE, ARC, STANCE = "borne", "arc", "stance"


def value(name: str) -> float:
    return SETTINGS[name].value


class Account:
    """Every run of frames is cut into parts of three kinds, and the cheapest cut of all is taken.

    A frame is *borne* by what is near, which costs where nothing is near. An *arc* costs what the path strays from one
    parabola, of whatever gravity, and earns by its frames, more the clearer they are; with nothing clear it has to be
    proven a free fall. A *stance* on something unseen is there where what is lowest stays level and low, and where the
    path does not fall. Costs are in squares of misfit at 30 frames a second, so that a second weighs alike at any rate.

    least (frames,) m, of the lowest point over its surface; slowness (frames,) m/s of it; clear, aloft (frames,) bool;
    fastest (frames,) m/s of any point; arcs : of the path of the center of gravity; noise : share of a capture's
    """

    def __init__(
        self, least: np.ndarray, slowness: np.ndarray, fastest: np.ndarray, clear: np.ndarray, aloft: np.ndarray,
        arcs: Arcs, g: float, size: float, noise: float,
    ):  # fmt: skip
        self.dt, self.g, self.size, self.noise, self.arcs = arcs.dt, g, size, noise, arcs
        self.falls_at = [g]  # the gravities that doubt may prove a free fall by
        self.in_company = False  # whether spans of doubt prove one another
        self.every = 30 * self.dt
        self.least = np.where(np.isfinite(least), least, FAR_M * size)
        self.slowness, self.clear, self.frames = slowness, clear, len(least)
        level = self._level() & ~aloft
        slow = slowness < value("floor_slow") * size
        clearness = np.clip(self.least / (value("contact_clear") * size), 0, 1)
        # beside what rests just before and after, a frame that is slow may rest too
        worth = value("flight_gain") * (value("flight_edge") + clearness) - value("slow_doubt") * (slow & ~clear)
        worth = np.where(self.least < value("flight_deep") * size, -value("deep_cost"), worth)
        self.unborne = self.every * np.where(clear, value("unborne"), 0.0)
        self._sums = {
            "worth": _running(worth),
            "clear": _running(clear),
            "stands": _running(np.where(level, -value("stand_gain"), 2 * value("unborne"))),
            "level": _running(level & clear),
            "low": _running(level & (self.least < value("contact_rest") * size)),
            "hitch": _running(self._hitch(fastest < value("held") * size)),
        }
        self.may_stand = level

    def _level(self) -> np.ndarray:
        """(frames,) bool: what is lowest stays at one height around this frame, low enough for a step."""
        length = max(3, round(value("step_window") / self.dt) + 1)
        if self.frames < length:
            return np.zeros(self.frames, dtype=bool)
        # of each window that starts at a frame, and then of those that hold it
        low, high = (f(self.least, length, origin=-(length // 2)) for f in (minimum_filter1d, maximum_filter1d))
        flat = high - low < value("step_level") * self.size
        flat[self.frames - length + 1 :] = False
        out = maximum_filter1d(flat, length, origin=(length - 1) // 2, mode="constant", cval=False)
        return out & (self.least < value("step_reach") * self.size)

    def _hitch(self, held: np.ndarray) -> np.ndarray:
        """(frames,) bool, of those on which a pose is held: for a moment only, a hitch of the motion and no stance."""
        out = held.copy()
        for a, b in runs(held):
            if b - a >= max(4, int(np.ceil(value("stand_held") / self.dt))):
                out[a:b] = False
        return out

    def of(self, p: int, q: int) -> list[tuple[int, int, str]]:
        """Parts (start, end, kind) of the frames [p, q), in order."""
        n = q - p
        best, back = np.full(n + 1, np.inf), [(0, BORNE)] * (n + 1)
        best[0] = 0.0
        longest = min(n, int(np.ceil(value("arc_longest") / self.dt)))
        for block in range(0, n, BLOCK):
            starts = np.arange(p + block, min(p + block + BLOCK, q))
            costs = {ARC: self._arcs(starts, q, longest), STANCE: self._stances(starts, q, longest)}
            for i, start in enumerate(starts):
                a = int(start) - p
                if best[a] + self.unborne[start] < best[a + 1]:
                    best[a + 1], back[a + 1] = best[a] + self.unborne[start], (a, BORNE)
                most = min(longest, n - a)
                for kind, cost in costs.items():
                    whole = best[a] + cost[i, :most]
                    better = np.flatnonzero(whole < best[a + 1 : a + 1 + most])
                    best[a + 1 + better] = whole[better]
                    for k in better:
                        back[a + 1 + k] = (a, kind)
        parts, at = [], n
        while at > 0:
            a, kind = back[at]
            parts.append((p + a, p + at, kind))
            at = a
        return parts[::-1]

    def take_common_gravity(self, spans: list[Span]) -> None:
        """Lets the strides of a run played too fast or too slow prove one another.

        One path that falls at 0.7 g may be borne; where the paths over several spans of doubt all fall alike, and
        each is a tight parabola, they fall freely at another pace.
        spans : all frames on which nothing rests
        """
        found = [g for p, q in spans if not self.clear[p:q].any() for g in self._longest_fall(p, q)]
        if not found:
            return
        common = float(np.median(found))
        alike = np.abs(np.array(found) / common - 1) < value("common_within")
        if alike.sum() >= value("common_least") and alike.mean() >= COMMON_SHARE:
            self.in_company = True
            # as true gravity proves it, or one that is another
            if abs(common / self.g - 1) > 1 - value("proof_least"):
                self.falls_at = [self.g, common]

    def _longest_fall(self, p: int, q: int) -> list[float]:
        """m/s², implied over the longest window of [p, q) that is a tight parabola off the ground; none, or one."""
        longest = int(value("proof_longest") / self.dt)
        shortest = max(4, int(np.ceil(value("common_shortest") / self.dt)))
        for length in range(min(q - p, longest), shortest - 1, -1):
            a = np.arange(p, q - length + 1)
            fit = self.arcs.fit(a, a + length)
            fine = self._tight(fit, length) & (self._error(fit, length) <= value("proof_se") * self.g)
            fine &= (fit.implied_g > value("common_slowest") * self.g) & (fit.implied_g < value("proof_pull") * self.g)
            fine &= self._leaves(a, a + length)
            if fine.any():
                best = np.where(fine, fit.rss_y, np.inf).argmin()
                return [float(fit.implied_g[best])]
        return []

    def _tight(self, fit: Windows, length: np.ndarray | int) -> np.ndarray:
        """bool: whether one parabola goes through all of a window's frames."""
        n = np.maximum(length, 4)
        most = value("flight_rms") * self.size * self.noise
        return (np.sqrt(fit.rss_y / n) <= most) & (np.sqrt(fit.rss_xz / n) <= LEVEL_MORE * most)

    def _error(self, fit: Windows, length: np.ndarray | int) -> np.ndarray:
        """m/s², standard error of the implied gravity, never for less than a path's least noise."""
        scatter = np.sqrt(fit.rss_y / np.maximum(np.asarray(length) - 3, 1))
        least = PROOF_NOISE * value("position_noise") * self.size * self.noise
        return np.maximum(least, scatter) * fit.se_per_m

    def _windows(self, starts: np.ndarray, q: int, longest: int) -> tuple[np.ndarray, np.ndarray, Callable]:
        """Starts, ends (starts, lengths) of all windows from `starts`, and what gives their sums of a track."""
        ends = np.minimum(starts[:, None] + np.arange(1, longest + 1), q)
        begins = np.broadcast_to(starts[:, None], ends.shape)
        return begins, ends, lambda name: self._sums[name][ends] - self._sums[name][begins]

    def _stances(self, starts: np.ndarray, q: int, longest: int) -> np.ndarray:
        """(starts, lengths) what stances on something unseen cost; infinite for what is none."""
        begins, ends, sums = self._windows(starts, q, longest)
        length = ends - begins
        shortest = max(3, int(np.ceil(value("hover_time") / self.dt)) + 1)
        fine = (sums("hitch") < MOSTLY_HELD * length) & (sums("level") > MOSTLY_CLEAR * length)
        fine &= (length >= shortest) & self.may_stand[starts][:, None]
        return np.where(fine, self.every * sums("stands") + value("stand_cost"), np.inf)

    def _arcs(self, starts: np.ndarray, q: int, longest: int) -> np.ndarray:
        """(starts, lengths) what arcs cost: less than 0 where they explain the path better than being borne."""
        begins, ends, sums = self._windows(starts, q, longest)
        length = ends - begins
        fit = self.arcs.fit(begins, ends)
        noise = value("position_noise") * self.size * self.noise
        known = length > 2
        off = np.where(known, (fit.implied_g - self.g) / (value("short_gravity") * self.g), 0.0)
        misfit = fit.rss_y / noise**2 + LEVEL_WEIGHT * fit.rss_xz / (2 * noise) ** 2
        # does it fall? what keeps its height is held by something, where something may lie
        stays = known & (fit.implied_g < value("hover_gravity") * self.g)
        stays &= (sums("level") > MOSTLY_LEVEL * length) & (sums("hitch") < MOSTLY_HELD * length)
        cost = self.every * (misfit - sums("worth") + value("arc_cost")) + off**2
        seen = np.where(stays, np.inf, cost)
        return np.where(sums("clear") > 0, seen, self._proven(begins, ends, sums("low")))

    def _proven(self, begins: np.ndarray, ends: np.ndarray, low: np.ndarray) -> np.ndarray:
        """What arcs cost that doubt alone has to prove a free fall; infinite for those it does not.

        Where a short flight begins and ends the body is on its arc already, or still: a frame beside it tells too.
        """
        few = (ends - begins < value("flight_short")).astype(int)
        a, b = np.maximum(begins - few, 0), np.minimum(ends + few, self.frames)
        length = b - a
        fit = self.arcs.fit(a, b)
        error = self._error(fit, length)
        lasts = length * self.dt
        long = lasts >= value("proof_shortest")
        if self.in_company:
            long |= (ends - begins) * self.dt >= value("common_shortest")
        fine = (length >= 4) & long & (lasts <= value("proof_longest"))
        fine &= self._tight(fit, length) & (error <= value("proof_se") * self.g)
        # nothing on the ground can pull: what falls faster than gravity has it is in the air too
        fine &= fit.implied_g < value("proof_pull") * self.g
        fine[fine] = self._leaves(a[fine], b[fine])
        away = np.full(length.shape, np.inf)
        for g in self.falls_at:
            over = fit.implied_g / g
            off = ((np.minimum(over, PULLS) - 1) / (value("free_gravity") + error / g)) ** 2
            off += np.maximum(over - PULLS, 0.0) ** 2
            away = np.minimum(away, np.where(over > value("proof_least"), off, np.inf))
        tight = PROOF_TIGHT * value("position_noise") * self.size * self.noise
        score = value("flight_gain") * (ends - begins) - fit.rss_y / tight**2
        score -= LEVEL_WEIGHT * fit.rss_xz / (5 / 3 * tight) ** 2
        # what is low and stays level rests or glides, as likely as not
        score -= value("level_doubt") * low
        return np.where(fine, away - self.every * score, np.inf)

    def _leaves(self, a: np.ndarray, b: np.ndarray) -> np.ndarray:
        """(windows,) bool: whether the lowest point is off the ground over windows [a, b), or passes by it fast."""
        if not len(a):
            return np.zeros(0, dtype=bool)
        low, width = int(a.min()), int((b - a).max())
        # of every start the least, the most and the sums of 1, 2, 3 … frames
        frames = low + np.arange(int(a.max()) - low + 1)[:, None] + np.arange(width)
        frames = np.minimum(frames, self.frames - 1)
        span, at = self.least[frames], (a - low, b - a - 1)
        least, most = np.minimum.accumulate(span, axis=1)[at], np.maximum.accumulate(span, axis=1)[at]
        mean, slow = (np.cumsum(x, axis=1)[at] / (b - a) for x in (span, self.slowness[frames]))
        rise = most - np.maximum(np.maximum(self.least[a], self.least[b - 1]), 0.0)
        stays = (slow < LEAVES_MS * self.size) & (rise < LEAVES_M * self.size) & (mean < LOW_M * self.size)
        return (least >= -SUNK_M * self.size) & ~stays


def _running(values: np.ndarray) -> np.ndarray:
    """(frames + 1,): sums of the frames before each."""
    return np.concatenate([[0.0], np.cumsum(values)])


def merged(
    parts: list[tuple[int, int, str]], clear: np.ndarray, lifted: np.ndarray, dt: float
) -> tuple[list[Span], list[Span]]:
    """Flights and stances of the parts of a run: neighbouring arcs are one flight gone wrong, stances one stance.

    A frame that is clear and borne by nothing flies, too.
    """
    flights: list[Span] = []
    stances: list[Span] = []
    for a, b, kind in parts:
        if kind == STANCE:
            if stances and stances[-1][1] == a:
                stances[-1] = (stances[-1][0], b)
            else:
                stances.append((a, b))
        elif kind == ARC or clear[a]:
            end = flights[-1][1] if flights else -1
            near = bool(flights) and (a - end) * dt <= SETTINGS["flight_gap"].value
            # a frame of doubt beside those that a person lifted
            near |= bool(flights) and a - end == 1 and bool(lifted[[end - 1, a]].any())
            if near and not (stances and stances[-1][0] >= end):
                flights[-1] = (flights[-1][0], b)
            else:
                flights.append((a, b))
    return flights, stances
