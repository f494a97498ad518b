"""True the balance: the plumb of a held pose brought over its footing."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import ARM, HEAD, SPINE, joints_of, limbs_of
from ironarc.core.judging.judge import findings_of
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.balance import read_balance, signed_distances
from ironarc.core.truing.carry import Figure, Planted, bears, carry, end_of, planted
from ironarc.core.truing.correction import CM, FRAME, SHARE, Correction, Place, Proposal, Way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import indices, proposed
from ironarc.core.truing.upright import turned_back

NAME = "true_balance"
LED_S = 0.35  # beside the pose, over which it is led to and from
INSIDE_CM = 1.5
STEP_MORE, STEP_LIFT_M = 1.6, 0.09  # of what is lacking, that a foot is put out by; and how high it is lifted
STEP_AT = 0.3  # of what is lacking at most, where the step is made
MOST_LEAN = np.radians(40.0)


@dataclass(frozen=True)
class Options:
    """start, end : frames of the pose; inside : cm inside the edge of its footing that the plumb falls
    spine, arms : shares of the way that the trunk bends for and the arms reach for; the hips go the rest
    hands : whether free hands stay where they are; step : whether a foot is put out under the plumb instead
    upright : whether the whole is turned about its feet, to where it stands before and after"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    inside: float = option("inside its footing", CM, 0, 30, default=INSIDE_CM)
    spine: float = option("by the spine", SHARE, 0, 1, default=0.0)
    arms: float = option("by the arms", SHARE, 0, 1, default=0.0)
    hands: bool = option("hands stay where they are", default=False)
    step: bool = option("by a step of a foot", default=False)
    upright: bool = option("the whole turned about its feet", default=False)


def places(seen: Seen) -> list[Place]:
    """Every pose that is held out of balance."""
    found = [f for f in seen.ask(findings_of) if f.kind == "balance"]
    return [
        Place(
            f.start, f.end,
            (
                Way("upright", "Turned upright about its feet", Options(f.start, f.end, upright=True)),
                Way("hips", "Over its footing, by the hips", Options(f.start, f.end)),
                Way("spine", "Over its footing, half by the spine", Options(f.start, f.end, spine=0.5)),
                Way("step", "A foot put out under it", Options(f.start, f.end, step=True)),
            ),
        )
        for f in found
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """The pose brought over its footing. EditError where nothing bears it, or where it stands well already."""
    reading = seen.reading
    check_root(seen.performer)
    a, b = indices(reading, options.start, options.end)
    if options.upright:
        figure, most = turned_back(reading, a, b)
        says = f"Turned back by {np.degrees(most):.0f}° about its feet."
        return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)
    led = max(4, int(np.rint(LED_S / reading.poses.dt)))
    low, high = reading.traced.plays
    at = slice(max(a - 2 * led, low), min(b + 2 * led, high))
    need = needed(reading, at, a, b, options.inside / 100 * reading.size, led)
    if np.abs(need).max() < 1e-4:
        raise EditError(
            f"The plumb falls inside the footing from {options.start} to {options.end} already: nothing was changed."
        )
    figure = Figure.of(reading, at)
    if options.arms:
        _lean(figure, _arms(reading), need * options.arms)
    if options.spine:
        _lean(figure, _trunk(reading), need * options.spine)
    feet = planted(reading, at)
    if options.hands:
        feet += _hands(reading, at, feet)
    if options.step:
        _step(figure, feet, need, led)
    else:
        carry(figure, need, feet)
    far = float(np.linalg.norm(need, axis=1).max())
    says = f"The center of gravity moves by {far * 100:.0f} cm, to {options.inside:.1f} cm inside the footing."
    if options.step:
        says = f"A foot is put out by {STEP_MORE * far * 100:.0f} cm, under the center of gravity."
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", says)


def needed(reading: Reading, at: slice, a: int, b: int, inside: float, led: int) -> np.ndarray:
    """(frames, 3) m, level: how the center of gravity must move on the frames `at`, led in and out softly."""
    balance = reading.ask(read_balance)
    plumb = reading.com[:, None, [0, 2]]
    margin, out = signed_distances(balance.hull, plumb)
    margin, out = margin[:, 0], out[:, 0]
    told = np.isfinite(margin) & ~reading.footing.air & ~reading.footing.doubt
    short = np.where(told, np.maximum(inside - margin, 0.0), 0.0)
    near = np.zeros(len(short), dtype=bool)
    near[max(a - led, 0) : b + led] = True
    short = np.where(near, short, 0.0)[at]
    way = -np.where(np.isfinite(out), out, 0.0)[at]
    need = short[:, None] * way
    # where it is never less than needed, and comes and goes over a third of a second
    middle = need[a - at.start : b - at.start].mean(axis=0)
    size = float(np.linalg.norm(middle))
    if size < 1e-6:
        return np.zeros((len(short), 3))
    along = np.maximum(need @ (middle / size), 0.0)
    wide = np.array([along[max(i - 2, 0) : i + 3].max() for i in range(len(along))])
    soft = np.maximum(smoothed(wide, led / 1.5), 0.0)
    soft = soft * max(
        1.0, float((along[a - at.start : b - at.start] / np.maximum(soft[a - at.start : b - at.start], 1e-6)).max())
    )
    level = np.zeros((len(short), 3))
    level[:, [0, 2]] = soft[:, None] * (middle / size)
    return level * _edges(len(short), led, at, reading)[:, None]


def _step(figure: Figure, feet: list[Planted], need: np.ndarray, led: int) -> None:
    """The foot that stands farthest out the way it falls put farther out, lifted on its way; the body follows it as
    far as its leg must."""
    feet = [foot for foot in feet if foot.limb.is_leg] or feet
    if not feet:
        raise EditError("No foot stands there that could take a step. Move the hips instead.")
    size = np.linalg.norm(need, axis=1)
    k = int(size.argmax())
    way = -need[k] / size[k]
    turn, at = figure.world()
    ends = [end_of(foot.limb, turn, at) for foot in feet]
    foot, end = max(zip(feet, ends, strict=True), key=lambda pair: float(pair[1][k] @ way))
    share = size / size[k]
    out, lifted = _stepped(share, max(3, led))
    target = end + np.outer(out * STEP_MORE * size[k], way)
    target[:, 1] += STEP_LIFT_M * lifted
    # the hips go along by half of it, so that the leg need not stretch
    others = [Planted(f.limb, f.share) for f in feet if f is not foot]
    begun = np.outer(share * size[k] * 0.3, -way)
    carry(figure, begun, others)
    figure.reach(foot.limb, target)


def _stepped(share: np.ndarray, frames: int) -> tuple[np.ndarray, np.ndarray]:
    """(frames,) each: how far a foot is out, and how high, 0 to 1, for one step out where a need (0 to 1) begins and
    one back where it ends, each over so many frames; it stands between."""
    needed = np.flatnonzero(share > STEP_AT)
    rows = np.arange(len(share))
    go = np.clip((rows - (needed[0] - frames / 2)) / frames, 0, 1)
    back = np.clip((rows - (needed[-1] - frames / 2)) / frames, 0, 1) if needed[-1] < len(share) - 2 else 0 * go
    out = go * go * (3 - 2 * go) - back * back * (3 - 2 * back)
    return out, np.sin(np.pi * go) + np.sin(np.pi * back)


def _edges(n: int, led: int, at: slice, reading: Reading) -> np.ndarray:
    """(frames,) that lead to nothing at either end of a span, but for the motion's own ends."""
    low, high = reading.traced.plays
    rows = np.arange(n)
    t = np.ones(n)
    if at.start > low:
        t = np.minimum(t, rows / led)
    if at.stop < high:
        t = np.minimum(t, (n - 1 - rows) / led)
    t = np.clip(t, 0.0, 1.0)
    return t * t * (3 - 2 * t)


def _trunk(reading: Reading) -> list[int]:
    try:
        return list(joints_of(reading.body, (SPINE,)))[:2]
    except EditError:
        raise EditError("This figure has no spine that is understood as one. Let the hips do it.") from None


def _arms(reading: Reading) -> list[int]:
    arms = [limb.upper for limb in limbs_of(reading.body) if limb.kind == ARM]
    if not arms:
        raise EditError("This figure has no arms that are understood as such. Let the hips do it.")
    return arms


def _lean(figure: Figure, joints: list[int], shift: np.ndarray) -> None:
    """Turns what hangs on some joints, about level axes, so that the center of gravity moves by (frames, 3) m."""
    body, rig = figure.body, figure.was.rig
    turn, at = figure.world()
    for joint in joints:
        carried = np.zeros(len(body.joints), dtype=bool)
        for k, j in enumerate(body.joints):
            above = int(j)
            while above >= 0 and above != joint:
                above = int(rig.parents[above])
            carried[k] = above == joint
        mass = body.masses[carried].sum() / body.masses.sum()
        if mass < 1e-4:
            continue
        centres = at[:, body.joints] + rotation.rotate(turn[:, body.joints], body.coms)
        weights = body.masses * carried
        middle = np.einsum("b,fbi->fi", weights, centres) / weights.sum()
        lever = middle - at[:, joint]
        axis = rotation.cross(lever, shift / len(joints))
        size = np.linalg.norm(axis, axis=1, keepdims=True)
        far = np.linalg.norm(lever, axis=1) * mass
        angle = np.clip(np.linalg.norm(shift, axis=1) / len(joints) / np.maximum(far, 1e-3), 0.0, MOST_LEAN)
        vector = axis / np.maximum(size, 1e-9) * angle[:, None]
        above = int(rig.parents[joint])
        world = rotation.multiply(rotation.exp(vector), turn[:, joint])
        base = turn[:, above] if above >= 0 else np.broadcast_to(rotation.IDENTITY, world.shape)
        figure.local[:, joint] = rotation.multiply(rotation.conjugate(base), world)
        turn, at = figure.world()
    _level_head(figure, joints)


def _level_head(figure: Figure, joints: list[int]) -> None:
    """The head keeps its direction in the world while the trunk below it bends."""
    try:
        head = min(joints_of(figure.body, (HEAD,)))
    except EditError:
        return
    rig, above = figure.was.rig, int(figure.was.rig.parents[head])
    at = above
    while at >= 0 and at not in joints:
        at = int(rig.parents[at])
    if at < 0:
        return
    turn, _ = figure.world()
    figure.local[:, head] = rotation.multiply(rotation.conjugate(turn[:, above]), figure.was.rotation[:, head])


def _hands(reading: Reading, at: slice, feet: list) -> list:
    """Arms that nothing bears, held where they are all along."""
    taken = {id(foot.limb) for foot in feet}
    n = len(range(*at.indices(len(reading.com))))
    return [
        Planted(limb, np.ones(n)) for limb in limbs_of(reading.body)
        if limb.kind == ARM and id(limb) not in taken and not bears(reading, limb)[at].any()
    ]  # fmt: skip


CORRECTION = Correction(
    NAME,
    "True the balance",
    "balance",
    "The center of gravity of a held pose comes over its footing, by the hips, the spine and the arms in shares; what "
    "is planted stays.",
    Options,
    ("balance", "phantom"),
    places,
    propose,
    order=40,
    needs="Needs a pose that is held out of balance.",
)
