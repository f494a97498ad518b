"""The search for flights: clear spans joined and widened, doubt that the path of the center of gravity proves."""

import numpy as np
from scipy.ndimage import maximum_filter1d, minimum_filter1d

from ironarc.core.reading.arcs import Arcs
from ironarc.core.reading.spans import Span, resting, runs
from ironarc.core.settings import SETTINGS


class Search:
    """Holds what the steps of the search share; frames are indices."""

    def __init__(self, clearance, speed, path, dt, g, size, borne, aloft):
        self.dt, self.g, self.size = dt, g, size
        self.every = 30 * dt  # so that a second weighs the same at any rate
        rows = np.arange(len(clearance))
        self.nearest = clearance.argmin(axis=1)
        self.least = clearance[rows, self.nearest]
        self.lifted = np.isinf(clearance).any(axis=1)
        self.slowness = speed[rows, self.nearest]
        self.arcs = Arcs(path, dt)
        rest = resting(clearance, speed, size)
        touch, still = SETTINGS["free_touch"].value * size, SETTINGS["free_still"].value * size
        rest &= ~(self._free()[:, None] & ~((clearance < touch) & (speed < still)))
        self.aloft = aloft
        self.rest = rest & ~aloft[:, None]
        self.borne = (self.rest.any(axis=1) & ~aloft) | borne
        self.clear = ((self.least > SETTINGS["contact_clear"].value * size) & ~self.borne) | aloft

    def _free(self) -> np.ndarray:
        """(frames,) bool: inside a window of 0.1 s that a true free arc fits, where nothing is at rest by chance."""
        n = len(self.least)
        out = np.zeros(n, dtype=bool)
        length = max(5, int(np.ceil(SETTINGS["free_window"].value / self.dt)) + 1)
        if n < length:
            return out
        a = np.arange(n - length + 1)
        fit = self.arcs.fit(a, a + length)
        good = np.abs(fit.implied_g / self.g - 1) < SETTINGS["free_gravity"].value
        good &= np.sqrt(fit.rss_y / length) < SETTINGS["free_y"].value * self.size
        good &= np.sqrt(fit.rss_xz / length) < SETTINGS["free_xz"].value * self.size
        marks = np.zeros(n + 1, dtype=int)
        np.add.at(marks, a[good], 1)
        np.add.at(marks, a[good] + length, -1)
        return np.cumsum(marks[:-1]) > 0

    def flights(self) -> tuple[list[Span], list[Span]]:
        flights, hovers = [], []
        for p, q in runs(~self.borne):
            cores = []
            for a, b in runs(self.clear[p:q]):
                (hovers if self._hovers(p + a, p + b) else cores).append((p + a, p + b))
            done = self._widened(self._joined(cores), p, q)
            left = np.zeros(len(self.least), dtype=bool)
            left[p:q] = True
            for a, b in done:
                left[max(p, a - 1) : b + 1] = False
            for a, b in hovers:
                left[a:b] = False
            flights += done
            for a, b in runs(left):
                flights += self._proven(a, b)
        # a single frame has a place and no path
        return sorted((a, b) for a, b in flights if b - a > 1), sorted(hovers)

    def _hovers(self, a: int, b: int) -> bool:
        """Clear by little, slow, and on a path that does not fall: a body that should rest and floats."""
        if self.aloft[a:b].any():
            return False
        if (b - a) * self.dt <= SETTINGS["hover_time"].value or b - a <= 3:
            return False
        if self.least[a:b].max() >= SETTINGS["hover_reach"].value * self.size:
            return False
        if (self.slowness[a:b] < SETTINGS["hover_still"].value * self.size).mean() <= 0.7:
            return False
        return self._one(a, b).implied_g[0] < 0.3 * self.g

    def _one(self, a: int, b: int):
        return self.arcs.fit(np.array([a]), np.array([b]))

    def _rms(self, a: int, b: int) -> float:
        return float(np.sqrt(self._one(a, b).rss_y[0] / (b - a)))

    def _joined(self, cores: list[Span]) -> list[Span]:
        """Clear spans with only doubt between them are one flight where one arc holds both, or hardly a frame parts
        them."""
        out = list(cores)
        i = 0
        while i + 1 < len(out):
            (a, x), (y, b) = out[i], out[i + 1]
            own = max(self._rms(*span) if span[1] - span[0] > 3 else 0.0 for span in out[i : i + 2])
            close = (y - x) * self.dt <= SETTINGS["flight_gap"].value
            # a frame of doubt beside those that a person lifted
            close |= y - x == 1 and bool(self.lifted[[x - 1, y]].any())
            if close or self._rms(a, b) < max(SETTINGS["flight_rms"].value * self.size, 1.3 * own):
                out[i : i + 2] = [(a, b)]
            else:
                i += 1
        return out

    def _widened(self, cores: list[Span], p: int, q: int) -> list[Span]:
        """Both edges of every core moved outward to where the arc ends, within [p, q)."""
        reach = max(2, round(SETTINGS["flight_reach"].value / self.dt))
        deep = SETTINGS["flight_deep"].value * self.size
        done: list[Span] = []
        for j, (a0, b0) in enumerate(cores):
            low = max(p, a0 - reach) if not done else max(a0 - reach, done[-1][1] + 1)
            high = min(q, b0 + reach)
            if j + 1 < len(cores):
                high = min(high, cores[j + 1][0] - 1)
            under = np.flatnonzero(self.least[low:a0] < deep)
            low = low + 1 + int(under[-1]) if len(under) else low
            under = np.flatnonzero(self.least[b0:high] < deep)
            high = b0 + int(under[0]) if len(under) else high
            done.append(self._best_edges(a0, b0, min(low, a0), max(high, b0)))
        return done

    def _best_edges(self, a0: int, b0: int, low: int, high: int) -> Span:
        noise, core = SETTINGS["position_noise"].value * self.size, b0 - a0
        own_y = self._rms(a0, b0) if core > 4 else 0.0
        own_xz = float(np.sqrt(self._one(a0, b0).rss_xz[0] / core)) if core > 3 else 0.0
        gain = SETTINGS["flight_gain"].value
        clear = np.clip(self.least[low:high] / (SETTINGS["contact_clear"].value * self.size), 0, 1)
        worth = gain * (0.8 + clear) - np.where(
            self.slowness[low:high] > SETTINGS["floor_slow"].value * self.size, 0, 2
        )
        before = np.concatenate([np.cumsum(worth[: a0 - low][::-1])[::-1], [0.0]])
        after = np.concatenate([[0.0], np.cumsum(worth[b0 - low :])])
        a, b = np.meshgrid(np.arange(low, a0 + 1), np.arange(b0, high + 1), indexing="ij")
        fit = self.arcs.fit(a, b)
        known = b - a > 2
        # a short arc says little of its own gravity: it is held near the shot's
        prior = np.where(known, ((fit.implied_g - self.g) / (0.5 * self.g)) ** 2, 0.0)
        cost = fit.rss_y / max(noise, own_y) ** 2 + 0.25 * fit.rss_xz / (2 * max(noise, own_xz)) ** 2
        cost = self.every * (cost - before[a - low] - after[b - b0]) + prior
        i, j = np.unravel_index(np.argmin(cost), cost.shape)
        return int(a[i, j]), int(b[i, j])

    def _proven(self, first: int, last: int) -> list[Span]:
        """Flights within doubt [first, last): windows of free fall that the path itself shows, best fit first."""
        shortest = max(4, int(np.ceil(SETTINGS["proof_shortest"].value / self.dt)))
        longest = min(last - first, int(SETTINGS["proof_longest"].value / self.dt))
        found: list[tuple[float, int, int]] = []
        size, g = self.size, self.g
        rms, most_se = SETTINGS["flight_rms"].value * size, SETTINGS["proof_se"].value * g
        for length in range(longest, shortest - 1, -1):
            a = np.arange(first, last - length + 1)
            fit = self.arcs.fit(a, a + length)
            scatter = np.maximum(0.75 * SETTINGS["position_noise"].value * size, np.sqrt(fit.rss_y / (length - 3)))
            error = scatter * fit.se_per_m
            good = (np.sqrt(fit.rss_y / length) <= rms) & (np.sqrt(fit.rss_xz / length) <= 1.5 * rms)
            good &= (error <= most_se) & (fit.implied_g > 0.8 * g) & (fit.implied_g < 1.3 * g)
            at = np.flatnonzero(good)
            at = at[self._leaves(a[at], length)] if len(at) else at
            off = ((fit.implied_g[at] / g - 1) / (0.12 + error[at] / g)) ** 2
            score = 2.5 * length - fit.rss_y[at] / (0.0018 * size) ** 2 - 0.25 * fit.rss_xz[at] / (0.003 * size) ** 2
            score = self.every * score - off
            found += [(float(s), int(k), int(k) + length) for s, k in zip(score, a[at], strict=True) if s > 0]
        out: list[Span] = []
        for _, a, b in sorted(found, reverse=True):
            if not any(a < y + 1 and b + 1 > x for x, y in out):
                out.append((a, b))
        return out

    def _leaves(self, a: np.ndarray, length: int) -> np.ndarray:
        """(windows,) bool: whether the lowest point is off the ground over windows from `a`, or passes by it fast."""
        low, high = int(a.min()), int(a.max()) + length
        span, k = self.least[low:high], a - low
        # a filter centred on index i covers [i - length // 2, i - length // 2 + length)
        least, most = minimum_filter1d(span, length)[k + length // 2], maximum_filter1d(span, length)[k + length // 2]
        sums = np.concatenate([[[0.0, 0.0]], np.cumsum(np.column_stack([span, self.slowness[low:high]]), axis=0)])
        mean, slow = ((sums[k + length] - sums[k]) / length).T
        rise = most - np.maximum(np.maximum(span[k], span[k + length - 1]), 0.0)
        stays = (slow < 0.8 * self.size) & (rise < 0.006 * self.size) & (mean < 0.01 * self.size)
        return (least >= -0.02 * self.size) & ~stays
