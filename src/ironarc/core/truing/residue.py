"""What a motion asks for that physics does not give, in numbers: to put one way before another, and to refuse harm."""

from dataclasses import dataclass, replace

import numpy as np
from scipy.ndimage import maximum_filter1d, median_filter

from ironarc.core import rotation
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.faults import SLIDE, contact_faults
from ironarc.core.reading.forces import TORQUE_LENGTH_M, pushes_of, summed
from ironarc.core.reading.skin import SOLE
from ironarc.core.reading.soles import read_soles
from ironarc.core.reading.support import read_pads
from ironarc.core.reading.wrench import nearest
from ironarc.core.settings import CAPTURED
from ironarc.core.solve.model import model_of, spins, stance

WINDOW_S, NEAR_M = 0.1, 0.04  # over which force is told, and how near a sole may push
FREE_BW, FREE_MOMENT_BW = 0.06, 0.1  # of force, and of moment over the height, from nothing that is let be
FREE_ARC_M, FREE_SPIN, FREE_SUNK_M, FREE_SLID_M = 0.008, 0.15, 0.01, 0.02
# What each costs, in m/s gained from nothing
MOMENT = 0.5  # of a moment as large
ARC, SPIN, SUNK, SLID = 40.0, 1.0, 20.0, 4.0  # a metre off the arc; a spin that wavers by its mean; a metre
MOVED = 6.0  # a metre that joints are moved by, on average
PUT_IN, TAKEN_OUT = 1.5, 0.1  # a second: what hangs is likelier slowed than lowered, what rushes likelier raised
LEAST_SPIN = 9.0  # kg·m²/s of a figure of 75 kg and 1.75 m, from which a spin's share is told
LASTS_S = 1.2  # a shift of the whole that is kept up for longer is there for good
# From where a correction does harm
GROWS, GROWS_MS = 1.1, 0.12  # of what is gained from nothing
SUNK_M, SLID_M = 0.012, 0.02
MOST_UP_M = 0.6  # of a figure of 1.75 m, that the body as a whole is moved up or down by unasked
SPIN_GROWS, SPIN_FREE = 1.2, 0.2
ARC_GROWS, ARC_M = 1.1, 0.015
JERK_GROWS, JERK_GROWS_RETIMED, CALM_JERK = 1.25, 2.0, 250.0  # m/s³, under which nothing is jerky


@dataclass(frozen=True, eq=False)
class Residue:
    """gained_ms : m/s gained from nothing, of force and moment; arc_m : farthest off an arc; spin : share it wavers by
    sunk_m, slid_m : the deepest sole, the farthest slide; jerk : m/s³, and speed : rad/s, the greatest
    of any joint; at : (frames, joints, 3) m; momentum : (frames - 1, 3) kg·m²/s between
    frames, of the body alone; own : (frames,) own frames
    flights : own frames of each; least : kg·m²/s, from which a spin's share is told; dt : s; size : height over 1.75 m
    """

    gained_ms: float
    arc_m: float
    spin: float
    sunk_m: float
    slid_m: float
    jerk: float
    speed: float
    at: np.ndarray
    momentum: np.ndarray
    own: np.ndarray
    flights: tuple[tuple[float, float], ...]
    least: float
    dt: float
    size: float

    @property
    def loss(self) -> float:
        """All that is amiss, in m/s gained from nothing by a figure of 1.75 m."""
        size = self.size
        return (
            self.gained_ms / np.sqrt(size)
            + ARC * max(self.arc_m / size - FREE_ARC_M, 0)
            + SPIN * max(self.spin - FREE_SPIN, 0)
            + SUNK * max(self.sunk_m / size - FREE_SUNK_M, 0)
            + SLID * max(self.slid_m / size - FREE_SLID_M, 0)
        )

    def wavers(self, flights: tuple[tuple[float, float], ...]) -> float:
        """Share of its mean that the spin wavers by at most within some own frames, without those beside their ends,
        which tell of the contact."""
        own = (self.own[:-1] + self.own[1:]) / 2
        return max((_wavers(self.momentum[(own > a + 1) & (own < b - 1)], self.least) for a, b in flights), default=0.0)


def residue(reading: Reading) -> Residue:
    """What is left of a reading that physics does not give."""
    poses, size = reading.poses, reading.size
    flights = [f for f in reading.flights if f.hang_frames > 3]
    own, first = np.asarray(reading.own, float), int(poses.frames[0])
    spans = tuple((float(own[f.start - first]), float(own[f.end - first])) for f in flights)
    soles = reading.traced.track.skin.named(*SOLE)
    under = reading.ask(read_soles)[soles] - reading.surfaces[FLOOR].away[:, soles]
    sunk = float(np.maximum(under, 0).max(initial=0.0))
    slid = max((f.value_m for f in reading.ask(contact_faults) if f.kind == SLIDE), default=0.0)
    step = rotation.log(rotation.multiply(rotation.conjugate(poses.local[:-1]), poses.local[1:]))
    step[:, list(poses.rig.roots)] = 0.0
    jerk = np.linalg.norm(np.diff(poses.position, 3, axis=0), axis=-1) / poses.dt**3
    model = model_of(poses.rig, reading.body)
    momentum = spins(model, stance(model, poses.local, poses.translation), poses.dt).L
    least = LEAST_SPIN * float(reading.body.mass_kg) / 75 * size**2
    return Residue(
        gained_from_nothing(reading), max((f.arc_max_m for f in flights), default=0.0),
        max((f.spin.rms_dev / max(float(np.linalg.norm(f.spin.mean)), least) for f in flights), default=0.0),
        sunk, slid, float(jerk.max(initial=0.0)), float(np.linalg.norm(step, axis=-1).max(initial=0.0)) / poses.dt,
        poses.position, momentum, own, spans, least, poses.dt, size,
    )  # fmt: skip


def _wavers(momentum: np.ndarray, least: float) -> float:
    """Share of its mean, or of what is least, that an angular momentum (frames, 3) deviates by, rms."""
    if len(momentum) < 2:
        return 0.0
    mean = momentum.mean(axis=0)
    off = float(np.sqrt(((momentum - mean) ** 2).sum(axis=1).mean()))
    return off / max(float(np.linalg.norm(mean)), least)


def gained_from_nothing(reading: Reading, pace: float = 1.0) -> float:
    """m/s, of force and moment, over all of it, were it played that many times as fast."""
    noise = CAPTURED if reading.traced.captured else 1.0
    force, moment = from_nothing(reading, pace)
    force = np.maximum(force - FREE_BW * noise, 0)
    moment = np.maximum(moment - FREE_MOMENT_BW * noise, 0)
    return float((force + MOMENT * moment).sum() * reading.g * reading.poses.dt / pace)


def from_nothing(reading: Reading, pace: float = 1.0) -> tuple[np.ndarray, np.ndarray]:
    """(frames,) body weights of force, and of moment over the height, that no contact gives over a tenth of a second,
    were it played that many times as fast.

    A second difference over that time sees what stops or starts between two frames, which a smooth derivative spreads.
    """
    com, dt, g, size = reading.com, reading.poses.dt / pace, reading.g, reading.size
    n, h = len(com), max(1, round(WINDOW_S / 2 / dt))
    force, moment = np.zeros(n), np.zeros(n)
    low, high = reading.traced.plays[0] + h, reading.traced.plays[1] - h
    if high <= low:
        return force, moment
    at = np.arange(low, high)
    pull = (com[at + h] - 2 * com[at] + com[at - h]) / (h * dt) ** 2 / g + [0.0, 1.0, 0.0]
    L = reading.angular_momentum * pace
    turn = (L[at + h] - L[at - h]) / (2 * h * dt) / (reading.mass_kg[at, None] * g * TORQUE_LENGTH_M)
    wrench = np.zeros((n, 6))
    wrench[at] = np.concatenate([pull, turn], axis=1)
    pads = read_pads(reading)
    soles = reading.traced.track.skin.named(*SOLE)
    lying = soles & (reading.surfaces[FLOOR].away < NEAR_M * size)
    near = maximum_filter1d((pads.on | lying).astype(np.uint8), 2 * h + 1, axis=0).astype(bool)
    frame, _, _, grid = pushes_of(replace(pads, on=near), com)
    given = grid * nearest(grid, np.searchsorted(frame, np.arange(n + 1)), wrench)[:, None]
    wrench -= summed(frame, given, n)
    told = np.zeros(n, dtype=bool)
    told[at] = ~reading.easing[at]
    force = np.where(told, np.linalg.norm(wrench[:, :3], axis=1), 0.0)
    return force, np.where(told, np.linalg.norm(wrench[:, 3:], axis=1) / size, 0.0)


def price(before: Residue, after: Residue, frames: float) -> float:
    """What a way costs, in m/s: what it leaves that physics does not give, and the metres and seconds it changes."""
    seconds = frames * after.dt / np.sqrt(after.size)
    late = PUT_IN * max(seconds, 0.0) + TAKEN_OUT * max(-seconds, 0.0)
    return after.loss + MOVED * moved(before, after) / after.size + late


def harm(before: Residue, after: Residue, frames: int, of_joints: bool = False, pace: float = 1.0) -> str:
    """What a way makes worse by more than may be, in words, or "".

    of_joints : whether it puts right what a joint alone does; the whole's force, spin and arc may be as they always
    were then, and looked better with the fault. pace : times as fast as all of it plays
    """
    size = before.size
    if np.abs(np.median(_away(before, after)[..., 1], axis=1)).max(initial=0.0) > MOST_UP_M * size:
        return "thrown up or down by more than a third of its height"
    if not of_joints and after.gained_ms > GROWS * before.gained_ms + GROWS_MS * np.sqrt(size):
        return "more force from nowhere"
    if after.sunk_m > before.sunk_m + SUNK_M * size:
        return "soles under the ground"
    if after.slid_m > before.slid_m + SLID_M * size:
        return "feet slide"
    # over the same frames: a flight that is longer after it takes in what its edges always had
    if not of_joints and after.wavers(before.flights) > max(SPIN_GROWS * before.wavers(before.flights), SPIN_FREE):
        return "the spin wavers more"
    if not of_joints and after.arc_m > max(ARC_GROWS * before.arc_m, ARC_M * size):
        return "farther off the arc"
    # what is played faster turns faster, and jerks by the third power of it
    grows = JERK_GROWS_RETIMED if frames else JERK_GROWS
    if after.jerk > max(grows * before.jerk * pace**3, CALM_JERK * np.sqrt(size)):
        return "jerkier"
    return "faster" if after.speed > grows * before.speed * pace else ""


def moved(before: Residue, after: Residue) -> float:
    """m, the mean way of joints from where they were on the same own frame. A shift of the whole that lasts counts by
    its changes, not by its size."""
    away = _away(before, after)
    lasting = np.median(away, axis=1)
    window = min(2 * round(LASTS_S / 2 / after.dt) + 1, 2 * (len(away) // 2) + 1)
    lasting[:, 1] = median_filter(lasting[:, 1], window, mode="nearest")
    drift = np.linalg.norm(np.diff(lasting, axis=0), axis=1).sum() / max(len(lasting), 1)
    return float(np.linalg.norm(away - lasting[:, None], axis=-1).mean() + drift)


def _away(before: Residue, after: Residue) -> np.ndarray:
    """(frames, joints, 3) m of joints from where they were on the same own frame."""
    k = np.clip(np.interp(after.own, before.own, np.arange(len(before.own))), 0, len(before.own) - 1)
    low = np.minimum(k.astype(int), max(len(before.at) - 2, 0))
    high = np.minimum(low + 1, len(before.at) - 1)
    u = (k - low)[:, None, None]
    return after.at - (before.at[low] * (1 - u) + before.at[high] * u)
