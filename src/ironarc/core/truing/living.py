"""A body that lives, at a blow or a catch: what it does there, as the difference to what it would have done."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import grip_called
from ironarc.core.reading import Reading, Seen
from ironarc.core.truing.carry import Figure

if TYPE_CHECKING:
    from ironarc.core.passive.company import Around
    from ironarc.core.passive.letting import Blow, Fallen

LEGS = 0.35  # of the tone: what a body stands on sways at about one a second


def answered(
    seen: Seen, a: int, b: int, tone: Callable[[float, int], float], about: Around, blows: tuple[Blow, ...] = (),
    size: float = 1.0, back: int = 8,
) -> tuple[Figure, Fallen]:  # fmt: skip
    """The body on index frames [a, b) with its answer, `size` times as great, gone over the last `back` frames; and how
    the run went, with the props that moved along."""
    from ironarc.core.passive.company import Around  # the engine takes half a second to come in
    from ironarc.core.passive.letting import Letting
    from ironarc.core.passive.limp import fall

    reading, feet = seen.reading, planted_feet(seen.reading, a, b)

    def run(about: Around, blows: tuple[Blow, ...], quiet: Fallen | None) -> Fallen:
        letting = Letting(planted=feet, lives=True, blows=blows, quiet=quiet)
        return fall(
            reading.poses, reading.body, a, b - a, seen.shot.g, reading.floor, tone, about, letting, seen.performer.id
        )

    # what the run itself loses of the keys goes out with the difference
    quiet = run(Around(about.still), (), None)
    struck = run(about, blows, quiet)
    figure = Figure.of(reading, slice(a, b))
    share = _share(b - a, back) * size
    off = rotation.log(rotation.multiply(rotation.conjugate(quiet.local), struck.local)) * share[:, None, None]
    figure.local[:] = rotation.multiply(figure.local, rotation.exp(off))
    figure.translation[:] += (struck.translation - quiet.translation) * share[:, None, None]
    return figure, struck


def planted_feet(reading: Reading, a: int, b: int) -> dict[int, np.ndarray]:
    """{ankle's joint: (frames,) bool} of the feet that stand on frames [a, b), by index, with when they do."""
    first, meanings, out = int(reading.poses.frames[0]), reading.body.anatomy.meanings, {}
    frames = np.arange(a, b) + first
    for j, meaning in enumerate(meanings):
        if meaning.role != "foot":
            continue
        on = np.zeros(b - a, dtype=bool)
        for c in reading.contacts:
            if c.side == meaning.side and meanings[reading.poses.rig.index(c.joint)].role in ("foot", "toe"):
                on |= (frames >= c.start) & (frames <= c.end)
        if on.any():
            out[j] = on
    return out


def above(reading: Reading, joint: int) -> list[int]:
    """A joint and those above it, up to the root."""
    out = [joint]
    while reading.poses.rig.parents[out[-1]] >= 0:
        out.append(int(reading.poses.rig.parents[out[-1]]))
    return out


def tones(reading: Reading, joint: int, tone: float, outward: float) -> Callable[[float, int], float]:
    """The tone of every joint: less, the more bones lie between it and the blow."""
    rig = reading.poses.rig
    chain = above(reading, joint)
    apart = np.zeros(len(rig))
    for j in range(len(rig)):
        n, k = 0, j
        while k not in chain:
            n, k = n + 1, int(rig.parents[k])
        apart[j] = n + chain.index(k)
    farthest = max(float(apart.max()), 1.0)
    legs = {j for j, m in enumerate(reading.body.anatomy.meanings) if m.role in ("thigh", "shank", "foot", "toe")}

    def of(share: float, j: int) -> float:
        return tone * (LEGS if j in legs else 1.0 - outward * apart[j] / farthest)

    return of


def _share(n: int, back: int) -> np.ndarray:
    """(n,) how much of the difference counts: all of it, down to none over the last frames."""
    if not back:
        return np.ones(n)
    u = np.clip((n - 1 - np.arange(n)) / min(back, n - 2), 0.0, 1.0)
    return u * u * (3 - 2 * u)


def place_of(reading: Reading, part: str, k: int) -> tuple[int, np.ndarray]:
    """The joint that is struck and the place (3,) m of it in the world: the middle of what rides on it."""
    body, poses = reading.body, reading.poses
    joint = poses.rig.index(part) if part in poses.rig else grip_called(body, part).joint
    own = [p for p in body.parts if p.joint == joint]
    off = np.mean([(p.start_m + p.end_m) / 2 for p in own], axis=0) if own else np.zeros(3)
    return joint, poses.position[k, joint] + rotation.rotate(poses.rotation[k, joint], off)


def facing(reading: Reading, k: int) -> tuple[np.ndarray, np.ndarray]:
    """(3,) unit, level: ahead of the hips and to their left on an index."""
    root = reading.poses.rig.roots[0]
    ahead = rotation.rotate(reading.poses.rotation[k, root], reading.body.anatomy.forward)
    ahead = ahead * [1.0, 0.0, 1.0]
    ahead = ahead / max(float(np.linalg.norm(ahead)), 1e-9)
    return ahead, np.cross([0.0, 1.0, 0.0], ahead)
