"""Which bones a mannequin's skin hangs on: shares by the distance to what each bone carries, turned over within a band
at every hinge, and a half bone for what two neighbours share.

A half bone turns half as far as the bone below it does: skin keeps 0.95 of its section at a bent knee on one, where it
would keep 0.8 on the two bones alone."""

from collections.abc import Sequence

import numpy as np
from scipy.sparse import csr_matrix, diags, identity

from ironarc.core.mannequin.making import TRUNK, Half, Hinge, Making
from ironarc.core.mannequin.nets import neighbours

MOST_BONES = 4  # that one vertex hangs on
_SOFT_M = 0.010  # over which the nearest bone hands over to the next, at 1.81 m
_FAR_M, _NEAR_M = 0.25, 0.08
_TRUNK_ROLES = {"pelvis", "spine", "collar", "neck"}


def smoothing(count: int, triangles: np.ndarray) -> csr_matrix:
    """(n, n) what a vertex is when it takes 0.6 of the mean of those around it."""
    beside = neighbours(count, triangles)
    each = np.maximum(np.asarray(beside.sum(axis=1)).ravel(), 1.0)
    return (0.4 * identity(count) + 0.6 * diags(1 / each) @ beside).tocsr()


class Hanging:
    """Shares (n, bones), joints first, then half bones in the order of `making.halves`."""

    def __init__(self, making: Making, points: np.ndarray, smooth: csr_matrix):
        self.making, self.points, self.smooth = making, points, smooth
        rig = making.spread.rig
        self.joints, self.parents = len(rig), rig.parents
        self.half = {joint: self.joints + i for i, joint in enumerate(making.halves)}
        roles = [meaning.role for meaning in making.spread.anatomy.meanings]
        self.trunk = [i for i, role in enumerate(roles) if role in _TRUNK_ROLES or self.parents[i] < 0]
        self.shares = self._by_distance()

    def _by_distance(self) -> np.ndarray:
        making, points = self.making, self.points.astype(np.float32)
        owners = list(dict.fromkeys(owner for owner, _ in making.owned))
        distance = np.full((len(owners), len(points)), _FAR_M, dtype=np.float32)
        for owner, solid in making.owned:
            low, high = solid.box()
            near = ((points > low - _NEAR_M) & (points < high + _NEAR_M)).all(axis=1)
            row = distance[owners.index(owner)]
            row[near] = np.minimum(row[near], solid(points[near]))
        self.nearest = [owners[i] for i in np.argmin(distance, axis=0)]
        share = np.exp(-(distance - distance.min(axis=0)) / (_SOFT_M * making.spread.size))
        share /= share.sum(axis=0)
        out = np.zeros((len(points), self.joints + len(self.half)))
        for row, owner in zip(share, owners, strict=True):
            if owner == TRUNK:
                out[:, : self.joints] += row[:, None] * self._by_height()
            else:
                out[:, self.half[owner.joint] if isinstance(owner, Half) else owner] += row
        return out

    def _by_height(self) -> np.ndarray:
        """(n, joints) the trunk's skin among the joints of the spine."""
        spread = self.making.spread
        bottom, top = spread.ends("trunk")
        up = (top - bottom) / np.linalg.norm(top - bottom)
        along = (self.points - bottom) @ up
        bones = [bone.joint for bone in spread.chains["trunk", ""].bones]
        heights = [float((spread.position[joint] - bottom) @ up) for joint in bones]
        out, left = np.zeros((len(self.points), self.joints)), np.ones(len(self.points))
        for i in range(1, len(bones)):
            below = heights[i] - (heights[i - 1] if i > 1 else min(0.0, heights[0]))
            above = heights[i + 1] - heights[i] if i + 1 < len(bones) else below
            over = _eased((along - heights[i]) / max(0.55 * min(below, above), 1e-6))
            out[:, bones[i - 1]] += left * (1 - over)
            left = left * over
        out[:, bones[-1]] += left
        return out

    def hang(self) -> tuple[np.ndarray, np.ndarray]:
        """Bones (n, MOST_BONES) and their shares, which add up to one."""
        for _ in range(2):
            self.shares = self.smooth @ self.shares
        for hinge in self.making.hinges:
            if not hinge.ball:
                self._turn_over(hinge)
        about = np.zeros(len(self.points))
        for hinge in self.making.hinges:
            if hinge.ball:
                about = np.maximum(about, self._turn_over_ball(hinge))
        for _ in range(8):
            self.shares = self.shares * (1 - about)[:, None] + (self.smooth @ self.shares) * about[:, None]
        # a rounding error of −1e-8 would grow where shares are divided by it
        self.shares = np.where(self.shares > 1e-6, self.shares, 0.0)
        for joint in self.making.halves:
            self._halved(joint)
        shares = np.maximum(self.smooth @ self.shares, 0.0)
        top = np.argsort(-shares, axis=1)[:, :MOST_BONES]
        found = np.take_along_axis(shares, top, axis=1)
        return top, found / found.sum(axis=1, keepdims=True)

    def _turn_over(self, hinge: Hinge) -> None:
        """On ground that two bones share, the place along the hinge's band says whose it is."""
        joint, up, half, shares = hinge.joint, self.parents[hinge.joint], self.half.get(hinge.joint), self.shares
        drum = shares[:, half] if half is not None else 0.0
        both = shares[:, up] + shares[:, joint] + drum
        over = _eased((self.points - hinge.centre) @ hinge.axis / hinge.band_m)
        far = np.linalg.norm(self.points - hinge.centre, axis=1) > 3.2 * hinge.band_m
        over = np.where(far, (shares[:, joint] + 0.5 * drum) / np.maximum(both, 1e-9), over)
        shares[:, joint], shares[:, up] = both * over, both * (1 - over)
        if half is not None:
            shares[:, half] = 0.0

    def _turn_over_ball(self, hinge: Hinge) -> np.ndarray:
        """A hip or a shoulder: over a wider band, and nothing of a leg at the body's middle. Returns (n,) how far
        each vertex is of that joint."""
        joint, shares, away = hinge.joint, self.shares, self.points - hinge.centre
        leg = self.making.spread.anatomy.meanings[joint].role == "thigh"
        r = hinge.band_m / (0.82 if leg else 1.15)
        reach, ease, band = (3.0, 1.4, 1.25) if leg else (2.5, 1.2, 1.05)
        about = _step((reach - np.linalg.norm(away, axis=1) / r) / ease)
        over = _eased(away @ hinge.axis / (band * r))
        if leg:
            middle = self._middle()
            over = over * _step((self.points[:, 0] - middle) / (0.45 * (hinge.centre[0] - middle)))
        limb = self._limb(joint)
        mine = shares[:, limb].sum(axis=1)
        ours = mine + shares[:, self.trunk].sum(axis=1) > 0.5  # of this limb, or of what it hangs on
        want = np.where(ours, about * over + (1 - about) * mine, mine)
        others = np.setdiff1d(np.arange(shares.shape[1]), limb)
        for columns, now, to, spare in ((limb, mine, want, joint), (others, 1 - mine, 1 - want, self.parents[joint])):
            shares[:, columns] *= np.where(now > 1e-6, to / np.maximum(now, 1e-6), 0.0)[:, None]
            shares[:, spare] += np.where(now > 1e-6, 0.0, to)
        return about

    def _middle(self) -> float:
        return float(self.making.spread.ends("trunk")[0][0])

    def _limb(self, joint: int) -> np.ndarray:
        """A joint, all below it, and their half bones but its own."""
        below = {joint}
        for i in range(joint + 1, self.joints):
            if self.parents[i] in below:
                below.add(i)
        return np.array(sorted([*below, *(h for j, h in self.half.items() if j in below and j != joint)]))

    def _halved(self, joint: int) -> None:
        """What a bone and those above it share goes to the half bone between them."""
        ball = any(hinge.joint == joint and hinge.ball for hinge in self.making.hinges)
        ups = self.trunk if ball else [int(self.parents[joint])]
        above = self.shares[:, ups].sum(axis=1)
        shared = np.minimum(above, self.shares[:, joint])
        self.shares[:, self.half[joint]] += 2 * shared
        self.shares[:, ups] *= (1 - shared / np.maximum(above, 1e-9))[:, None]
        self.shares[:, joint] -= shared


def _eased(x: np.ndarray) -> np.ndarray:
    """0 below −1, 1 above 1."""
    x = np.clip(x, -1, 1)
    return 0.5 + 0.5 * x * (1.5 - 0.5 * x * x)


def _step(x: np.ndarray) -> np.ndarray:
    """0 below 0, 1 above 1."""
    x = np.clip(x, 0, 1)
    return x * x * (3 - 2 * x)


def on_trunk_or_head(hanging: Hanging, roles: Sequence[str]) -> np.ndarray:
    """(n,) of the trunk, the neck or the head."""
    ours = {TRUNK, *(i for i, role in enumerate(roles) if role in ("neck", "head"))}
    return np.array([owner in ours for owner in hanging.nearest])
