"""An idle that breathes: chest and shoulders rise, the weight goes from foot to foot, feet held; it loops exactly."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.reading import Reading, Seen
from ironarc.core.truing.carry import Figure, end_of, planted
from ironarc.core.truing.correction import FRAME, Correction, Place, Proposal, Way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import facing
from ironarc.core.truing.proposing import indices, proposed

NAME = "breathe"
LEAST_FRAMES = 12
BREATH_S = 3.6  # of somebody who stands at rest
# At size 1, degrees: the spine leans back and the neck makes up for it, collars lift, arms go out a little later
SPINE_DEG, NECK_SHARE, COLLAR_DEG, ARM_DEG, LATER_RAD = 2.2, 0.8, 1.6, 1.4, 0.6
RISES_M, DIPS_M, SWAYS_M = 0.005, 0.008, 0.012  # of a figure of 1.75 m: the hips with a breath, how
# far they stand lower, so that legs have the length, and from foot to foot


@dataclass(frozen=True)
class Options:
    """start, end : frames of the loop; breaths, sways : whole ones within it, so that it closes
    breathing, swaying : sizes, 1 as somebody at rest does
    """

    start: int = option("first frame", FRAME)
    end: int = option("last frame", FRAME)
    breaths: int = option("breaths in it", "", 1, 60, default=1)
    sways: int = option("goes from foot to foot", "times", 0, 60, default=1)
    breathing: float = option("size of the breath", "times", 0, 5, default=1.0)
    swaying: float = option("size of the sway", "times", 0, 5, default=1.0)


def places(seen: Seen) -> list[Place]:
    """Every clip that loops and is long enough for a breath."""
    out, dt = [], seen.reading.poses.dt
    for strip in seen.performer.strips_seen():
        frames = strip.end - strip.start + 1
        if strip.is_loop and frames >= LEAST_FRAMES:
            breaths = max(1, round(frames * dt / BREATH_S))
            options = Options(strip.start, strip.end, breaths, max(1, breaths // 2))
            out.append(Place(strip.start, strip.end, (Way("", "Let it breathe", options),)))
    return out


def propose(seen: Seen, options: Options) -> Proposal:
    """The pose with the breath on it. EditError for too few frames."""
    reading = seen.reading
    check_root(seen.performer)
    n = options.end - options.start + 1
    if n < LEAST_FRAMES:
        raise EditError(f"An idle takes {LEAST_FRAMES} frames or more; {options.start} to {options.end} has {n}.")
    if options.breaths * 4 > n:
        raise EditError(f"{options.breaths} breaths in {n} frames is too fast to show. Use fewer.")
    a, b = indices(reading, options.start, options.end)
    figure = Figure.of(reading, slice(a, b))
    feet = planted(reading, slice(a, b))
    ends = [end_of(f.limb, figure.was.rotation, figure.was.position) for f in feet]
    phase = 2 * np.pi * np.arange(n) / n
    breath = (1 - np.cos(phase * options.breaths)) / 2 * options.breathing
    late = (1 - np.cos(phase * options.breaths - LATER_RAD)) / 2 * options.breathing
    ahead, left = facing(reading, a)
    _turn(figure, reading, breath, late, ahead, left)
    root = reading.poses.rig.roots[0]
    # lower by as much as legs must be longer
    up = breath * RISES_M - DIPS_M * max(options.breathing, options.swaying)
    aside = np.sin(phase * options.sways) * options.swaying * SWAYS_M
    moved = np.outer(up, [0.0, 1.0, 0.0]) + np.outer(aside, left)
    figure.translation[:, root] += reading.size * moved
    for foot, end in zip(feet, ends, strict=True):
        now = end_of(foot.limb, *figure.world())
        figure.reach(foot.limb, now + foot.share[:, None] * (end - now))
    seconds = n * reading.poses.dt / options.breaths
    says = f"A breath every {seconds:.1f} s; the last frame leads into the first."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def _turn(
    figure: Figure, reading: Reading, breath: np.ndarray, late: np.ndarray, ahead: np.ndarray, left: np.ndarray
) -> None:
    """Turns in the world laid onto the joints, each beside what it hangs on."""
    meanings = reading.body.anatomy.meanings
    spine = [j for j, m in enumerate(meanings) if m.role == "spine"]
    neck = [j for j, m in enumerate(meanings) if m.role == "neck"] or [
        j for j, m in enumerate(meanings) if m.role == "head"
    ]
    rad = np.pi / 180
    for j in spine:
        _add(figure, j, -np.outer(breath * rad * SPINE_DEG / max(len(spine), 1), left))
    for j in neck:
        _add(figure, j, np.outer(breath * rad * SPINE_DEG * NECK_SHARE / max(len(neck), 1), left))
    for j, meaning in enumerate(meanings):
        if meaning.side in ("left", "right") and meaning.role in ("collar", "upper arm"):
            # up and out is the other way round on either side
            out = 1.0 if meaning.side == "left" else -1.0
            deg, when = (COLLAR_DEG, breath) if meaning.role == "collar" else (ARM_DEG, late)
            _add(figure, j, np.outer(when * rad * deg * out, ahead))


def _add(figure: Figure, joint: int, turn: np.ndarray) -> None:
    """A joint turned by (frames, 3) rad in the world."""
    rig, was = figure.was.rig, figure.was
    parent = rig.parents[joint]
    own = turn if parent < 0 else rotation.rotate(was.rotation[:, parent], turn, back=True)
    figure.local[:, joint] = rotation.multiply(rotation.exp(own), figure.local[:, joint])


CORRECTION = Correction(
    NAME,
    "Let it breathe",
    "breathe",
    "A pose that stands breathes and shifts its weight, with its feet held, and loops exactly.",
    Options,
    (),
    places,
    propose,
    order=98,
    needs="Needs a clip that loops. Name one under Show.",
)
