"""Motions with one known fault each: copies of a clean one, spoiled by a known size on known frames."""

from collections.abc import Iterator
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.motion.poses import Poses, poses_of
from ironarc.core.reading import Reading
from ironarc.core.reading.spans import runs


@dataclass(frozen=True)
class Spoiled:
    """poses : with a fault of a `kind` and a `size`, on frame indices `frames` (first, last); found_as : the kinds of
    finding that tell of it; over : its size over the strained limit"""

    fault: str
    size: float
    found_as: tuple[str, ...]
    frames: tuple[int, int]
    poses: Poses
    over: float


def spoil(reading: Reading) -> Iterator[Spoiled]:
    """Every fault that this motion can be given, over a range of sizes from the strained limit up."""
    for make in (_paced, _flown, _slid, _lifted, _leaned, _kneed, _popped, _stiff, _unwound):
        yield from make(reading)


def _with(poses: Poses, local: np.ndarray | None = None, translation: np.ndarray | None = None) -> Poses:
    local = poses.local if local is None else local
    return poses_of(poses.rig, poses.frames, poses.dt, local, poses.translation if translation is None else translation)


def _picked(poses: Poses, at: np.ndarray) -> Poses:
    """Frames of it, one after the other."""
    return poses_of(poses.rig, np.arange(1, len(at) + 1), poses.dt, poses.local[at], poses.translation[at])


def _shifted(poses: Poses, by: np.ndarray) -> Poses:
    """Moved as a whole by (frames, 3) m."""
    translation = poses.translation.copy()
    translation[:, poses.rig.roots[0]] += by
    return _with(poses, translation=translation)


def _hat(n: int, a: int, b: int, ramp: int) -> np.ndarray:
    """(n,) 0 to 1: eased in from index a and out to b."""
    at = np.arange(n)
    u = np.clip(np.minimum((at - a) / ramp, (b - at) / ramp), 0, 1)
    return u * u * (3 - 2 * u)


def _flights(reading: Reading) -> list[tuple[int, int]]:
    """Those long enough to be judged, with contact on both sides."""
    n = len(reading.com)
    return [(a, b) for a, b in reading.footing.flights if a > 0 and b < n and (b - a) * reading.poses.dt > 0.2]


def _stands(reading: Reading, least_s: float = 0.9) -> list[tuple[int, int]]:
    """Spans on which both feet rest throughout."""
    skin, on = reading.traced.track.skin, reading.footing.on
    feet = [
        on[:, [p.side == side and p.point in ("heel", "ball", "toe") for p in skin.points]]
        for side in ("left", "right")
    ]
    if any(foot.shape[1] == 0 for foot in feet):
        return []
    both = feet[0].any(axis=1) & feet[1].any(axis=1) & ~reading.footing.doubt
    return [(a, b) for a, b in runs(both) if (b - a) * reading.poses.dt > least_s]


def _paced(reading: Reading) -> Iterator[Spoiled]:
    for a, b in _flights(reading)[:1]:
        for factor in (0.9, 0.8, 0.7, 0.6, 1.1, 1.25, 1.4):
            poses = replace(reading.poses, dt=reading.poses.dt / factor)
            off = abs(factor**2 - 1)
            yield Spoiled("played slow or fast", off, ("hang",), (a, b - 1), poses, off / 0.12)


def _flown(reading: Reading) -> Iterator[Spoiled]:
    poses, n = reading.poses, len(reading.com)
    for a, b in _flights(reading)[:1]:
        span = (b - a + 1) * poses.dt
        u = np.clip((np.arange(n) - (a - 1)) / (b - a + 1), 0, 1)
        arch = 4 * u * (1 - u)
        for h in (0.05, 0.1, 0.2):
            off = 8 * h / span**2 / reading.g
            yield Spoiled(
                "raised in flight",
                h,
                ("hang", "arc"),
                (a, b - 1),
                _shifted(poses, np.outer(arch, [0, h, 0])),
                off / 0.12,
            )
        for h in (0.06, 0.12, 0.25):
            by = _shifted(poses, np.outer(arch, [h, 0, 0]))
            yield Spoiled("pushed sideways", h, ("arc", "phantom"), (a, b - 1), by, h / 2 / 0.03)
        for held in (2, 4, 6):
            k = (a + b) // 2
            extra = max(1, round(held / 24 / poses.dt))
            at = np.concatenate([np.arange(k), np.full(extra, k), np.arange(k, n)])
            yield Spoiled(
                "held frames", held, ("hang", "arc", "phantom", "stop"), (k, k + extra), _picked(poses, at), held / 2
            )
        for turn in (0.5, 1.0):
            wave = turn * np.sin(2 * np.pi * u) * (u > 0) * (u < 1)
            local, root = poses.local.copy(), poses.rig.roots[0]
            local[:, root] = rotation.multiply(rotation.about_axis("Y", wave), local[:, root])
            yield Spoiled("uneven spin", turn, ("spin",), (a, b - 1), _with(poses, local), turn / 0.3)


def _slid(reading: Reading) -> Iterator[Spoiled]:
    n, size = len(reading.com), reading.size
    for a, b in _stands(reading)[:1]:
        at = np.clip((np.arange(n) - (a + 2)) / max(b - a - 6, 1), 0, 1)
        ease = at * at * (3 - 2 * at)
        for way in (0.02, 0.04, 0.08, 0.12):
            by = np.outer(ease, [way * size, 0, 0])
            yield Spoiled("feet slid", way, ("slide",), (a + 2, b - 4), _shifted(reading.poses, by), way / 0.02)


def _lifted(reading: Reading) -> Iterator[Spoiled]:
    n, size = len(reading.com), reading.size
    ramp = max(2, round(0.25 / reading.poses.dt))
    for a, b in _stands(reading)[:1]:
        hat = _hat(n, a + 1, b - 2, ramp)
        for fault, sign, low, sizes in (
            ("feet sunk", -1, 0.015, (0.02, 0.04, 0.08)),
            ("feet hovering", 1, 0.02, (0.03, 0.05, 0.1)),
        ):
            for by in sizes:
                poses = _shifted(reading.poses, np.outer(hat, [0, sign * by * size, 0]))
                kind = "sink" if sign < 0 else "hover"
                yield Spoiled(fault, by, (kind,), (a + 1 + ramp, b - 2 - ramp), poses, by / low)


def _leaned(reading: Reading) -> Iterator[Spoiled]:
    """Turned about the ankles as a whole, the feet kept flat: the plumb goes past the toes."""
    poses, body, rig = reading.poses, reading.body, reading.poses.rig
    feet = [i for i, m in enumerate(body.anatomy.meanings) if m.role == "foot"]
    if not feet:
        return
    n, ramp = len(reading.com), max(2, round(0.5 / poses.dt))
    root = rig.roots[0]
    for a, b in _stands(reading, 2.0)[:1]:
        middle = (a + b) // 2
        ahead = rotation.rotate(poses.rotation[middle, root], body.anatomy.forward) * [1, 0, 1]
        ahead /= np.linalg.norm(ahead)
        ankle = poses.position[middle, feet].mean(axis=0)
        points = reading.traced.track.at[middle][reading.traced.track.skin.named("toe")]
        reach = float((points @ ahead).max() - reading.com[middle] @ ahead)
        arm = reading.com[middle, 1] - ankle[1]
        for past in (0.04, 0.08, 0.15):
            angle = np.arcsin(min((reach + past * reading.size) / arm, 0.9)) * _hat(n, a + 1, b - 2, ramp)
            turn = rotation.exp(np.outer(angle, np.cross([0.0, 1.0, 0.0], ahead)))
            translation, local = poses.translation.copy(), poses.local.copy()
            translation[:, root] = ankle + rotation.rotate(turn, translation[:, root] - ankle)
            local[:, root] = rotation.multiply(turn, local[:, root])
            leaned = _with(poses, local, translation)
            for foot in feet:
                above = leaned.rotation[:, rig.joints[foot].parent]
                local[:, foot] = rotation.multiply(rotation.conjugate(above), poses.rotation[:, foot])
            frames = (a + 1 + ramp, b - 2 - ramp)
            yield Spoiled(
                "leaned off its footing", past, ("balance",), frames, _with(poses, local, translation), past / 0.02
            )


def _kneed(reading: Reading) -> Iterator[Spoiled]:
    poses, body = reading.poses, reading.body
    shank = next((i for i, m in enumerate(body.anatomy.meanings) if (m.role, m.side) == ("shank", "left")), None)
    thigh = next((i for i, m in enumerate(body.anatomy.meanings) if (m.role, m.side) == ("thigh", "left")), None)
    if shank is None or thigh is None:
        return
    n = len(poses.frames)
    a, b = n // 3, min(n - 4, n // 3 + max(6, round(0.4 / poses.dt)))
    chain = {(c.segment, c.side): c for c in body.anatomy.chains}
    along = chain["thigh", "left"].bones[0].direction
    axis = np.cross(along, body.anatomy.forward)
    # straight, and then so far forward of the thigh's line
    straight = rotation.conjugate(_bend_of(poses, shank, chain["shank", "left"].bones[0].direction, along))
    for angle in (10, 20, 40):
        hat = _hat(n, a, b, max(2, round(0.08 / poses.dt)))
        wrong = rotation.exp(np.outer(hat * np.radians(angle), axis))
        flat = rotation.share(straight, hat)
        local = poses.local.copy()
        local[:, shank] = rotation.multiply(rotation.multiply(wrong, flat), local[:, shank])
        yield Spoiled("knee flipped", angle, ("bend",), (a, b), _with(poses, local), angle / 5)


def _bend_of(poses: Poses, joint: int, own: np.ndarray, along: np.ndarray) -> np.ndarray:
    """(frames, 4) the least turn, in the parent's axes, from the line `along` to where the joint's bone lies."""
    lies = rotation.rotate(poses.local[:, joint], own)
    axis = np.cross(along, lies)
    sine = np.linalg.norm(axis, axis=1, keepdims=True)
    angle = np.arctan2(sine, (lies @ along)[:, None])
    return rotation.exp(axis / np.maximum(sine, 1e-9) * angle)


def _popped(reading: Reading) -> Iterator[Spoiled]:
    poses = reading.poses
    joint = next(
        (i for i, m in enumerate(reading.body.anatomy.meanings) if (m.role, m.side) == ("forearm", "right")), None
    )
    if joint is None:
        return
    k = len(poses.frames) // 2
    for rate in (8.5, 16, 30):
        local = poses.local.copy()
        turn = np.array([rate * poses.dt, 0.0, 0.0])
        local[k, joint] = rotation.multiply(local[k, joint], rotation.exp(turn))
        yield Spoiled("one-frame pop", rate, ("pop",), (k, k), _with(poses, local), rate / 8)


def _stiff(reading: Reading) -> Iterator[Spoiled]:
    n = len(reading.com)
    for _, b in _flights(reading)[:1]:
        at = np.minimum(np.arange(n), b)
        speed = abs(reading.flights[0].landing_ms[1])
        if speed > 1.2:
            yield Spoiled(
                "landing stiffened", speed, ("landing", "stop"), (b - 1, b + 1), _picked(reading.poses, at), speed / 1.2
            )


def _unwound(reading: Reading) -> Iterator[Spoiled]:
    y, n = reading.com[:, 1], len(reading.com)
    for a, _ in _flights(reading)[:1]:
        speed = reading.flights[0].take_off_ms[1]
        low = int(np.argmin(y[:a]))
        if speed > 1.2 and a - low > 4 and low > 3:
            # from where it stood before it went down, straight into the last frame of the push
            stood = int(np.argmax(y[:low]))
            at = np.concatenate([np.arange(stood + 1), np.arange(a - 1, n)])
            yield Spoiled(
                "wind-up removed", speed, ("push", "kink"), (stood, stood + 3), _picked(reading.poses, at), speed / 1.2
            )
