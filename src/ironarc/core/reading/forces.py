"""Pushes: what the contacts would have to push with, and the phantom force that no contact can have given.

The motion asks for a wrench about the center of gravity, w = [m (a - g⃗), dL/dt]. Contacts push and do not pull,
within a cone of friction; the nearest wrench that they can give is a non-negative least squares over the edges of
their cones, and what is left of the force is the phantom force.
"""

from dataclasses import dataclass, replace
from functools import cached_property

import numpy as np
from scipy.ndimage import maximum_filter1d, minimum_filter1d

from ironarc.core import rotation
from ironarc.core.reading.again import by_frames
from ironarc.core.reading.derivatives import derivative
from ironarc.core.reading.read import Reading
from ironarc.core.reading.skin import parts_of
from ironarc.core.reading.support import Pads, pads_on
from ironarc.core.reading.wrench import nearest
from ironarc.core.rows import MANY, blocks
from ironarc.core.settings import CAPTURED, SETTINGS

EDGES = 4  # of a cone of friction
TORQUE_LENGTH_M = 1.0  # a torque of 1 m body weight weighs as a force of one: half of it lets a capture's noise through


@dataclass(frozen=True)
class Forces:
    """All in body weights (of the body with what it holds).

    needed : (frames, 3) the force that the motion needs; given : (frames, points, 3) what each contact gives
    grf : (frames, 3) of all contacts together
    phantom : (frames, 3) what no contact gave; torque : (frames, 3) m, the same of the torque
    cop : (frames, 3) m, centre of pressure; NaN where nothing pushes
    told : (frames,) bool, False at the clip's ends, where no derivative can be trusted
    groups : names of all parts; bears : (frames, groups) bool, which of them touch; shares : (frames, groups) of the
        whole push that each bears, by the lever rule; how two feet share it sideways can't be told from a motion
    """

    needed: np.ndarray
    given: np.ndarray
    grf: np.ndarray
    phantom: np.ndarray
    torque: np.ndarray
    cop: np.ndarray
    told: np.ndarray
    groups: tuple[str, ...]
    bears: np.ndarray
    shares: np.ndarray

    @cached_property
    def parts(self) -> tuple[str, ...]:
        """Names of the parts that touch at some time."""
        return tuple(name for name, on in zip(self.groups, self.bears.any(axis=0), strict=True) if on)

    @cached_property
    def share(self) -> np.ndarray:
        """(frames, parts) of the whole push that each of `parts` bears."""
        return self.shares[:, self.bears.any(axis=0)]

    @cached_property
    def size(self) -> np.ndarray:
        """(frames,) body weights of phantom force; 0 where it can't be told."""
        return np.where(self.told, rotation.length(self.phantom), 0.0)


@by_frames
def read_forces(reading: Reading) -> Forces:
    """The least phantom force of every frame. In flight it is all that the path asks for."""
    com, g, dt, mass = reading.com, reading.g, reading.poses.dt, reading.mass_kg
    degree = reading.traced.degree
    turn = derivative(reading.angular_momentum, dt, 1, reading.breaks, degree)
    needed = (reading.com_acceleration + np.array([0.0, g, 0.0])) / g
    wrench = np.concatenate([needed, turn / (mass[:, None] * g * TORQUE_LENGTH_M)], axis=1)
    pads = replace(pads_on(reading), on=_near_enough(reading))
    n, points = pads.on.shape
    told = np.zeros(n, dtype=bool)
    a, b = reading.traced.plays
    told[a + 3 : max(b - 3, a + 3)] = True
    told &= ~reading.easing
    # of so short a flight no acceleration is known
    for x, y in reading.footing.flights:
        if y - x < SETTINGS["flight_short"].value:
            told[max(x, 0) : y] = False  # of a part of a motion it may begin before
    frame, point, corner, grid = pushes_of(pads, com)
    ends = np.searchsorted(frame, np.arange(n + 1))
    shares = nearest(grid, ends, wrench, reading.traced.begins)
    used = np.flatnonzero(shares)  # few of them push
    frame, point, pushed = frame[used], point[used], grid[used] * shares[used, None]
    left = wrench - summed(frame, pushed, n)
    given = summed(frame * points + point, pushed[:, :3], n * points).reshape(n, points, 3)
    weight = rotation.dot(pushed[:, :3], pads.normal[frame, point]).clip(min=0.0)
    total = summed(frame, weight[:, None], n)
    cop = summed(frame, weight[:, None] * pads.corners[frame, point, corner[used]], n)
    cop = np.where(total > 1e-6, cop / np.maximum(total, 1e-6), np.nan)
    shares = _shares(reading, pads.at, pads.on, cop)
    return Forces(needed, given, given.sum(axis=1), left[:, :3], left[:, 3:], cop, told, *shares)


def summed(into: np.ndarray, values: np.ndarray, count: int) -> np.ndarray:
    """(count, columns): rows of `values` (rows, columns) added up by the place `into` (rows,) that each goes to."""
    return np.stack([np.bincount(into, column, count) for column in values.T], axis=1)


def _near_enough(reading: Reading) -> np.ndarray:
    """(frames, points) bool: what touches and lies near enough to push, whatever bears a body in doubt.

    A point that a person says rests on something pushes however far off that seems.
    """
    away = np.full(reading.footing.on.shape, np.inf)
    for name, touch in reading.touch.items():
        away = np.where(touch, reading.surfaces[name].away, away)
    # markers on a shoe tell of the sole, as with the limits of slide, sink and hover
    reach = SETTINGS["push_reach"].value * reading.size * (CAPTURED if reading.traced.captured else 1.0)
    # noise blurs the height: as near as it was within a twentieth of a second
    half = max(1, round(SETTINGS["push_blur"].value / reading.poses.dt))
    near = minimum_filter1d(np.where(np.isfinite(away), away, 9.0), 2 * half + 1, axis=0, mode="nearest") < reach
    return reading.footing.on & (near | (reading.said is not None and reading.said.rests))


def _shares(
    reading: Reading, at: np.ndarray, on: np.ndarray, cop: np.ndarray
) -> tuple[tuple[str, ...], np.ndarray, np.ndarray]:  # fmt: skip
    """All parts, (frames, parts) which of them touch, and what share of the push each bears.

    The shares are those nearest to even that put the centre of pressure where it is: exact for one part, the lever
    rule for two.
    """
    groups = parts_of(reading.traced.track.skin, reading.body.anatomy.rig.names)
    n = len(on)
    middles, there = np.zeros((n, len(groups), 3)), np.zeros((n, len(groups)), dtype=bool)
    for k, points in enumerate(groups.values()):
        mine = on[:, points]
        if not mine.any():
            continue
        count = mine.sum(axis=1)
        there[:, k] = count > 0
        middles[:, k] = (at[:, points] * mine[..., None]).sum(axis=1) / np.maximum(count, 1)[:, None]
    count = there.sum(axis=1, keepdims=True)
    even = there / np.maximum(count, 1)
    pressed = np.isfinite(cop[:, 0])
    # least change d from even with Σ d = 0 and Σ d p = cop - Σ even p, along the line the parts lie spread on
    mean = np.einsum("fk,fki->fi", even, middles)
    off = np.where(there[..., None], middles - mean[:, None], 0.0)
    spread = np.einsum("fki,fkj->fij", off, off) + 1e-3 * np.eye(3)
    gap = np.where(pressed[:, None], cop - mean, 0.0)
    share = even + np.einsum("fki,fi->fk", off, np.linalg.solve(spread, gap[..., None])[..., 0])
    share = np.where(there, share.clip(min=0.0), 0.0)
    total = share.sum(axis=1, keepdims=True)
    return tuple(groups), there, np.where(pressed[:, None] & (total > 0), share / np.maximum(total, 1e-9), 0.0)


def pushes_of(pads: Pads, com: np.ndarray) -> tuple[np.ndarray, np.ndarray, np.ndarray, np.ndarray]:
    """Frame (rows,), point (rows,), corner (rows,) and wrench (rows, 6) of every edge of every cone, by frame.

    A ball between a heel and a toe that bear adds nothing to what these can give.
    """
    frame, point = np.nonzero(pads.on & ~pads.between)
    corners = pads.corners[frame, point]
    each = EDGES * corners.shape[1]
    columns = np.empty((len(frame), each, 6))
    for a, b in blocks(len(frame), MANY):
        columns[a:b] = _columns(corners[a:b] - com[frame[a:b], None], pads.normal[frame[a:b], point[a:b]])
    corner = np.tile(np.repeat(np.arange(corners.shape[1]), each // corners.shape[1]), len(corners))
    frame, point, grid = np.repeat(frame, each), np.repeat(point, each), columns.reshape(-1, 6)
    pulls = pads.pulls[frame, point]
    if pulls.any():
        # what pulls can be pulled any way, and the opposite of an edge's force is one
        frame, point = np.concatenate([frame, frame[pulls]]), np.concatenate([point, point[pulls]])
        corner = np.concatenate([corner, corner[pulls]])
        grid = np.concatenate([grid, -grid[pulls]])
        order = np.argsort(frame, kind="stable")
        frame, point, corner, grid = frame[order], point[order], corner[order], grid[order]
    return frame, point, corner, grid


def _columns(arms: np.ndarray, normal: np.ndarray) -> np.ndarray:
    """(contacts, corners · EDGES, 6): the wrench of every edge of every corner's cone of friction, force and torque.

    arms (contacts, corners, 3) m from the com; normal (contacts, 3) unit
    """
    friction = SETTINGS["friction"].value
    level = np.stack([normal[:, 1], -normal[:, 0], np.zeros(len(normal))], axis=-1)
    length = rotation.length(level)[..., None]
    along = np.where(length > 1e-6, level / np.maximum(length, 1e-6), [0.0, 0.0, 1.0])
    across = rotation.cross(normal, along)
    ways = np.stack([along, across, -along, -across], axis=1)
    edges = (normal[:, None] + friction * ways) / np.sqrt(1 + friction**2)
    force = np.repeat(edges[:, None], arms.shape[1], axis=1)
    torque = rotation.cross(arms[:, :, None], force) / TORQUE_LENGTH_M
    return np.concatenate([force, torque], axis=-1).reshape(len(arms), EDGES * arms.shape[1], 6)


def kept_frames(dt: float) -> int:
    """Frames that a force from nowhere must last to be told."""
    return max(2, int(np.ceil(SETTINGS["phantom_kept"].value / dt - 1e-9)))


def kept_up(size: np.ndarray, frames: int) -> np.ndarray:
    """(frames,) the most that is kept up over some window of `frames` frames around each frame."""
    if len(size) < frames:
        return np.zeros(len(size))
    # the least of each window that starts at a frame, then the most of the windows that hold it
    least = minimum_filter1d(size, frames, origin=-(frames // 2), mode="constant", cval=0.0)
    return maximum_filter1d(least, frames, origin=(frames - 1) // 2, mode="constant", cval=0.0)
