"""Flights: what the path and the spin of the center of gravity say about the time in the air."""

from dataclasses import dataclass, replace
from functools import lru_cache
from itertools import pairwise

import numpy as np

from ironarc.core.reading.moments import edge_moments
from ironarc.core.settings import SETTINGS


@dataclass(frozen=True)
class Spin:
    """mean : (3,) kg·m²/s mean angular momentum; rms_dev : rms deviation from it; turns_per_s : what the
    mean is worth about its own axis, given how the body is folded."""

    mean: np.ndarray
    rms_dev: float
    turns_per_s: float

    @property
    def unsteadiness(self) -> float:
        """Share of its mean that it wavers by."""
        return self.rms_dev / max(float(np.linalg.norm(self.mean)), 1e-9)


@dataclass(frozen=True)
class Step:
    """A change, in the air, of what is held: from there on another whole has another center of gravity.

    frame : the first frame after it; at_s : when, in s from the flight's first frame
    shift_m, speed_ms : (3,) what it adds to the place and to the velocity of the center of gravity
    """

    frame: int
    at_s: float
    shift_m: np.ndarray
    speed_ms: np.ndarray


@dataclass(frozen=True)
class Flight:
    """A span with no contact. Frame numbers are the shot's.

    start, end : first and last frame with no contact
    take_off_seen, landing_seen : False where the flight runs over the edge of the range
    hang_frames : frames with no contact
    take_off_at, landing_at : when it leaves and lands, between frames; aloft_frames, hang_s : from one to the other
    rise_m, drop_m : take-off to apex and apex to landing, along the arc it follows
    apex_frame : the frame nearest the top
    take_off_ms, landing_ms : (3,) m/s at take-off and at landing, from the fitted arc
    implied_g, implied_g_se : m/s², the gravity the path itself follows, and its standard error, the weighing's too
    arc_rms_m, arc_max_m : distance from the nearest arc with the shot's gravity
    speed_factor : sqrt(implied_g / g), the share of true speed it plays at
    kink_take_off_ms, kink_landing_ms : (3,) m/s, velocity of the arc, carried one frame out, over that of
        the neighbouring contact (zeros where not seen, or where what is held changes right there)
    spin : see Spin; spin_gained, spin_lost : (3,) kg·m²/s, mean spin over that of the contact before, and after over it
    steps : where what is held changes in the air, see Step
    """

    start: int
    end: int
    take_off_seen: bool
    landing_seen: bool
    hang_frames: int
    take_off_at: float
    landing_at: float
    aloft_frames: float
    hang_s: float
    rise_m: float
    drop_m: float
    apex_frame: int
    take_off_ms: np.ndarray
    implied_g: float
    implied_g_se: float
    arc_rms_m: float
    arc_max_m: float
    speed_factor: float
    kink_take_off_ms: np.ndarray
    kink_landing_ms: np.ndarray
    spin: Spin
    landing_ms: np.ndarray
    spin_gained: np.ndarray
    spin_lost: np.ndarray
    steps: tuple[Step, ...] = ()


@dataclass(frozen=True)
class ArcFit:
    """Least-squares arc: position(t) = at0 + velocity t - (0, g/2, 0) t², t in s from the span's first frame."""

    at0: np.ndarray
    velocity: np.ndarray
    g: float
    g_se: float
    residual: np.ndarray

    def position(self, t: np.ndarray) -> np.ndarray:
        """(times, 3) m."""
        t = np.asarray(t)[:, None]
        return self.at0 + self.velocity * t - np.array([0.0, self.g / 2, 0.0]) * t * t

    def velocity_at(self, t: float) -> np.ndarray:
        """(3,) m/s."""
        return self.velocity - np.array([0.0, self.g * t, 0.0])


def fit_arc(com: np.ndarray, dt: float, g: float | None = None) -> ArcFit:
    """Fits lines to x and z and a parabola to y of `com` (frames, 3) m; with `g` given, its curvature is fixed.

    The standard error of a free g comes from the residual, but never from less than the least noise in
    the settings: keyed curves are smooth enough to look exact over three frames and say nothing.
    """
    n = len(com)
    t = np.arange(n) * dt
    free = g is None
    line, curve, known = arc_solutions(n, dt)
    solved = curve @ com[:, 1] if free else line @ (com[:, 1] + 0.5 * g * t * t)
    level = line @ com[:, [0, 2]]
    at0 = np.array([level[0, 0], solved[0], level[0, 1]])
    velocity = np.array([level[1, 0], solved[1], level[1, 1]])
    fit_g, se = (float(solved[2]), np.inf) if free else (g, 0.0)
    fit = ArcFit(at0, velocity, fit_g, se, np.zeros(0))
    residual = com - fit.position(t)
    if free and n > 3:
        noise = max(np.sqrt((residual[:, 1] ** 2).sum() / (n - 3)), SETTINGS["position_noise"].value)
        se = noise * known
    return ArcFit(at0, velocity, fit_g, se, residual)


@lru_cache(maxsize=256)
def arc_solutions(n: int, dt: float) -> tuple[np.ndarray, np.ndarray, float]:
    """What times n values gives their best line (2, n) and their best arc (3, n): where it begins, its speed and its
    gravity; and the standard error of that gravity for a scatter of 1. The same for all flights as long."""
    t = np.arange(n) * dt
    line = np.linalg.pinv(np.column_stack([np.ones(n), t]))
    curve = np.linalg.pinv(np.column_stack([np.ones(n), t, -0.5 * t * t]))
    return line, curve, float(np.linalg.norm(curve[2]))


def fit_arcs(com: np.ndarray, dt: float, spans, g: float | None = None) -> list[ArcFit]:
    """One arc a span of `com` (frames, 3) m, all with one curvature, each in time from the first frame of `com`.

    spans : index spans [a, b) over which one and the same whole flies. Where there are several, each has a place
    and a velocity of its own: `fit_arc`'s least squares with more unknowns.
    """
    if list(spans) == [(0, len(com))]:
        return [fit_arc(com, dt, g)]
    t = np.arange(len(com)) * dt
    inside = [np.arange(a, b) for a, b in spans]
    rows = np.concatenate(inside)
    which = np.repeat(np.arange(len(spans)), [len(i) for i in inside])
    lines = np.zeros((len(rows), 2 * len(spans)))
    lines[np.arange(len(rows)), 2 * which] = 1.0
    lines[np.arange(len(rows)), 2 * which + 1] = t[rows]
    fall = -0.5 * t[rows] ** 2
    design = np.column_stack([lines, fall]) if g is None else lines
    target = com[rows, 1] if g is None else com[rows, 1] - g * fall
    solved, *_ = np.linalg.lstsq(design, target, rcond=None)
    level, *_ = np.linalg.lstsq(lines, com[rows][:, [0, 2]], rcond=None)
    free = len(rows) - design.shape[1]
    fitted_g, se = (float(solved[-1]), np.inf) if g is None else (g, 0.0)
    fits = []
    for k in range(len(spans)):
        at0 = np.array([level[2 * k, 0], solved[2 * k], level[2 * k, 1]])
        velocity = np.array([level[2 * k + 1, 0], solved[2 * k + 1], level[2 * k + 1, 1]])
        fit = ArcFit(at0, velocity, fitted_g, se, np.zeros(0))
        fits.append(replace(fit, residual=com[inside[k]] - fit.position(t[inside[k]])))
    if g is None and free > 0:
        squares = sum((fit.residual[:, 1] ** 2).sum() for fit in fits)
        noise = max(np.sqrt(squares / free), SETTINGS["position_noise"].value)
        se = float(noise * np.sqrt(np.linalg.pinv(design.T @ design)[-1, -1]))
    return [replace(fit, g_se=se) for fit in fits]


@dataclass(frozen=True)
class Moving:
    """How the whole moves, over all frames of a shot.

    com (frames, 3) m; com_velocity (frames, 3) m/s; angular_momentum (frames, 3) kg·m²/s
    frames : their numbers; dt : s
    frames_a_sample : frames to each value that was measured; those that were worked out between two of them say nothing
    new, so the standard error is that of the measured ones
    """

    com: np.ndarray
    com_velocity: np.ndarray
    angular_momentum: np.ndarray
    frames: np.ndarray
    dt: float
    frames_a_sample: float = 1.0


def measure_flight(
    moving: Moving,
    at: tuple[int, int],
    inertia: np.ndarray,
    g: float,
    spans: tuple[tuple[int, int], ...] = (),
    weighing_g: float = 0.0,
) -> Flight:
    """Measures the flight over frame indices [a, b) = `at`; inertia : (b - a, 3, 3) kg·m².

    spans : index spans within it over which what is held stays the same, the whole flight if not told. Rise and
    drop are those of the path with the shifts at its steps taken out.
    weighing_g : m/s² that the gravity it implies is unsure by for its weighing
    """
    (a, b), com, dt, frames = at, moving.com, moving.dt, moving.frames
    v_com, L = moving.com_velocity, moving.angular_momentum
    n = b - a
    spin = measure_spin(L[a:b], inertia, [(x - a, y - a) for x, y in spans or ((a, b),)], (a == 0, b == len(com)))
    parts = [(start - a, end - a) for start, end in spans or ((a, b),)]
    own, ideal = fit_arcs(com[a:b], dt, parts), fit_arcs(com[a:b], dt, parts, g)
    if n < SETTINGS["flight_short"].value and len(parts) == 1 and a > 0 and b < len(com):
        # the frames on which so short a flight begins and ends lie on its arc, and tell of its gravity
        own = [_begun(fit_arc(com[a - 1 : b + 1], dt), dt)]
    off = np.linalg.norm(np.concatenate([fit.residual for fit in ideal]), axis=1)
    steps = _steps(own, parts, dt, int(frames[a]))
    y = com[:, 1].copy()
    for step in steps:
        y[step.frame - int(frames[0]) :] -= step.shift_m[1]
    leaves, lands = edge_moments(y, a, b, dt)
    take_off_y, apex_y, landing_y = _heights(y, own, (a, b), (leaves, lands), dt)
    top = int(np.argmax(y[a:b]))
    # the arc's own speeds, at the frames of contact beside it
    before, after = own[0].velocity_at(-dt), own[-1].velocity_at(n * dt)
    return Flight(
        start=int(frames[a]),
        end=int(frames[b - 1]),
        take_off_seen=a > 0,
        landing_seen=b < len(y),
        hang_frames=n,
        take_off_at=float(frames[0] + leaves),
        landing_at=float(frames[0] + lands),
        aloft_frames=lands - leaves,
        hang_s=(lands - leaves) * dt,
        rise_m=float(apex_y - take_off_y),
        drop_m=float(apex_y - landing_y),
        apex_frame=int(frames[a + top]),
        take_off_ms=own[0].velocity_at((leaves - a) * dt),
        implied_g=own[0].g,
        implied_g_se=float(np.hypot(own[0].g_se * np.sqrt(moving.frames_a_sample), weighing_g)),
        arc_rms_m=float(np.sqrt((off**2).mean())),
        arc_max_m=float(off.max()),
        speed_factor=float(np.sqrt(max(own[0].g, 0.0) / g)),
        # where what is held changes at the very edge, the arc is not that of the whole which left or lands
        kink_take_off_ms=before - v_com[a - 1] if a > 0 and parts[0][0] == 0 else np.zeros(3),
        kink_landing_ms=after - v_com[b] if b < len(y) and parts[-1][1] == n else np.zeros(3),
        spin=spin,
        spin_gained=spin.mean - L[a - 1] if a > 0 and parts[0][0] == 0 else np.zeros(3),
        spin_lost=L[b] - spin.mean if b < len(y) and parts[-1][1] == n else np.zeros(3),
        landing_ms=own[-1].velocity_at((lands - a) * dt),
        steps=steps,
    )


def _heights(
    y: np.ndarray, fits: list[ArcFit], at: tuple[int, int], moments: tuple[float, float], dt: float
) -> tuple[float, float, float]:  # fmt: skip
    """m, at take-off, at the top and at landing: of the arc where one whole flies all along and falls, else of y."""
    (a, b), (off, on) = at, moments
    if len(fits) > 1 or fits[0].g <= 0:
        take_off, landing = np.interp([off, on], np.arange(len(y)), y)
        return take_off, max(float(y[a:b].max()), take_off, landing), landing
    fit = fits[0]
    take_off, landing = fit.position((np.array([off, on]) - a) * dt)[:, 1]
    top = fit.velocity[1] / fit.g
    inside = (off - a) * dt < top < (on - a) * dt
    apex = float(fit.position(np.array([top]))[0, 1]) if inside else -np.inf
    return float(take_off), max(apex, float(take_off), float(landing)), float(landing)


def _begun(fit: ArcFit, t: float) -> ArcFit:
    """The same arc with its time counted from t s on."""
    return replace(fit, at0=fit.position(np.array([t]))[0], velocity=fit.velocity_at(t))


def _steps(fits: list[ArcFit], parts: list[tuple[int, int]], dt: float, first: int) -> tuple[Step, ...]:
    """What lies between neighbouring arcs, taken half-way between the last frame of one and the first of the next."""
    out = []
    for (one, other), ((_, end), (start, _)) in zip(pairwise(fits), pairwise(parts), strict=True):
        at = (end - 1 + start) / 2 * dt
        shift = (other.position(np.array([at])) - one.position(np.array([at])))[0]
        out.append(Step(first + start, at, shift, other.velocity_at(at) - one.velocity_at(at)))
    return tuple(out)


def measure_spin(
    L: np.ndarray,
    inertia: np.ndarray,
    parts: list[tuple[int, int]] | None = None,
    cut: tuple[bool, bool] = (False, False),
) -> Spin:
    """Mean, steadiness and turns per second of L (frames, 3), with inertia (frames, 3, 3) about the com.

    parts : spans [a, b) over which one whole turns; each is held against its own mean
    cut : whether the range begins and ends in flight; the frame there has neighbours on one side only, and is left out
    """
    if len(L) > 6:
        a, b = int(cut[0]), len(L) - int(cut[1])
        L, inertia = L[a:b], inertia[a:b]
        parts = [(max(x - a, 0), min(y, b) - a) for x, y in parts or [(0, b)] if min(y, b) - max(x, a) > 1]
    mean = L.mean(axis=0)
    parts = parts or [(0, len(L))]
    off = np.concatenate([L[a:b] - L[a:b].mean(axis=0) for a, b in parts])
    rms = float(np.sqrt((off**2).sum(axis=1).mean()))
    size = np.linalg.norm(mean)
    if size < 1e-9:
        return Spin(mean, rms, 0.0)
    axis = mean / size
    about = np.einsum("i,fij,j->f", axis, inertia, axis)
    return Spin(mean, rms, float((L @ axis / about).mean() / (2 * np.pi)))


def allowed_frames(flight: Flight, g: float, fps: float) -> float:
    """Frames that gravity gives for this rise and drop: t = sqrt(2 rise / g) + sqrt(2 drop / g); of what leaves
    downwards, with the speed it leaves at: t = (sqrt(v² + 2 g drop) - v) / g."""
    down = -float(flight.take_off_ms[1])
    if flight.take_off_seen and down > 0:
        return float((np.sqrt(down**2 + 2 * g * flight.drop_m) - down) / g * fps)
    return float((np.sqrt(2 * flight.rise_m / g) + np.sqrt(2 * flight.drop_m / g)) * fps)
