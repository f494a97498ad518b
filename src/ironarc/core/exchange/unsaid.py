"""What a file of motion does not say, told by evidence: its unit of length, which way is up, whether it begins with a
rest pose, and whether its rate can be. Where the evidence is close, a person is asked."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer, Shot
from ironarc.core.exchange.turned_up import turned_up
from ironarc.core.figure.anatomy import Anatomy, find_anatomy
from ironarc.core.figure.units import ADULT_M, UNITS
from ironarc.core.formats import FileMotion
from ironarc.core.motion.layers import BROUGHT_IN, REPLACES, Layer
from ironarc.core.reading.shot import read_shot
from ironarc.core.settings import GRAVITY_MS2

UNIT, UP, REST, RATE = "unit", "up", "rest", "rate"
KNOWN = {UNIT: tuple(UNITS), UP: ("y", "z"), REST: ("trim", "keep"), RATE: ()}  # answers; a rate is any whole number
WORDS = {"cm": "cm", "m": "metres", "in": "inches", "mm": "mm", "ft": "feet", "dm": "dm"}
# How much rarer than cm and m a unit is, as the log of the odds
RARER = {"cm": 0.0, "m": 0.0, "in": 0.3, "mm": 1.5, "ft": 2.0, "dm": 2.5}
HEIGHT_SPREAD, CREATURE_SPREAD = 0.3, 1.0  # of the log of a height about an adult's, with two arms and legs or without
GRAVITY_SPREAD = 0.3  # of the log of a flight's gravity about 1 g: jumps are floaty as often as not
TAIL = 2.0  # of the odds of what lies far out: giants and imps are animated, too
SURE = 1.5  # of the log of the odds, from which nobody is asked
CLEAR_FRAMES, CLEAR_ERROR, CLEAR_OFF = 6, 0.08, 0.03  # of a flight whose gravity counts: share of it, share of height
LOOKED_AT, SIZES = 1200, 3  # frames, of which flights are evidence, and sizes they are looked at in
SAMPLES = 200  # frames, at which it is looked which way is up
SURE_UP, Z_RARER = 0.2, 0.1  # between the two ways
MOST_STRAY, FALLS, OVER = 0.5, 1.5, 0.5  # what each sign counts
ABOVE, FEET = ("head", "neck", "upper arm"), ("foot", "shank")
RESTS_RAD, LEAVES_RAD, LEAVE_JOINTS = np.radians(1.0), np.radians(10.0), 2  # a rest pose, and how much is left of it
RATES, SLOWEST, FASTEST = (24, 30, 60, 120), 4.0, 480.0  # frames a second


@dataclass(frozen=True)
class Option:
    """One answer. value : as it is given; words : what it means; height_m : of the figure then"""

    value: str
    words: str
    height_m: float


@dataclass(frozen=True)
class Choice:
    """One thing a file does not say. options : the likeliest, or the one that was given, first
    sure : whether nobody need be asked; told : whether it is worth telling"""

    what: str
    question: str
    options: tuple[Option, ...]
    sure: bool
    told: bool = True

    @property
    def says(self) -> str:
        """What was assumed, in words; where it is close, also what else it may be."""
        taken, *others = self.options
        if self.sure or not others:
            return taken.words
        return f"{taken.words} That is not sure. Else: {others[0].words}"


@dataclass(frozen=True)
class Understood:
    """A motion as it is taken. scale_to_m : metres a unit; first : the first frame that is played; choices : that were
    made on the way"""

    motion: FileMotion
    scale_to_m: float
    first: int
    choices: tuple[Choice, ...]


def understood(motion: FileMotion, answers: Mapping[str, str] | None = None) -> Understood:
    """A motion by what it shows, or by what a person answers: {"unit": "in", "up": "z", …}."""
    answers = dict(answers or {})
    motion, up = _stood_up(motion, answers.get(UP, ""))
    first, rest = _without_rest_pose(motion, answers.get(REST, ""))
    anatomy = find_anatomy(motion.rig, 1.0)
    gravity = _gravity(motion, anatomy, first)
    motion, rate = _at_a_rate(motion, answers.get(RATE, ""), anatomy)
    unit = _unit(anatomy, gravity, answers.get(UNIT, ""))
    choices = tuple(c for c in (unit, up, rest, rate) if c is not None)
    return Understood(motion, UNITS[unit.options[0].value], first, choices)


def _far_out(off: float) -> float:
    """What it costs to be so many spreads off, as the log of the odds."""
    return TAIL * float(np.log1p(off * off / 3))


def _unit(anatomy: Anatomy, gravity: float | None, given: str) -> Choice:
    """Units by the height they make of the figure, and by the gravity its flights have then."""
    tall, costs = anatomy.height_m, {}
    for unit, scale in UNITS.items():
        costs[unit] = _by_height(anatomy, unit)
        if gravity is not None:
            costs[unit] += _far_out(np.log(gravity * scale / GRAVITY_MS2) / GRAVITY_SPREAD)
    order = sorted(costs, key=costs.get)
    sure = costs[order[1]] - costs[order[0]] > SURE
    if given:
        order, sure = [given, *(unit for unit in order if unit != given)], True
    options = []
    for unit in order:
        height = tall * UNITS[unit]
        falls = f", and falls at {gravity * UNITS[unit]:.1f} m/s²" if gravity is not None else ""
        options.append(Option(unit, f"Lengths are in {WORDS[unit]}: it stands {_tall(height)} tall{falls}.", height))
    likely = [o for o, unit in zip(options, order, strict=True) if costs[unit] - min(costs.values()) < 2 * SURE]
    return Choice(UNIT, "How tall is it?", tuple(likely if len(likely) > 1 else options[:2]), sure)


def _by_height(anatomy: Anatomy, unit: str) -> float:
    """What a unit costs for how tall it makes the figure."""
    human = {"thigh", "upper arm"} <= {m.role for m in anatomy.meanings}
    spread = HEIGHT_SPREAD if human else CREATURE_SPREAD
    return RARER[unit] + _far_out(float(np.log(max(anatomy.height_m * UNITS[unit], 1e-9) / ADULT_M)) / spread)


def _tall(metres: float) -> str:
    return f"{metres:.2f} m" if metres >= 0.995 else f"{metres * 100:.0f} cm"


def performer_of(motion: FileMotion, scale_to_m: float) -> Performer:
    """A performer of a motion as it stands, to look at."""
    base = Layer("base", "As brought in", BROUGHT_IN, REPLACES, motion.columns)
    return Performer("Performer", motion.rig, (base,), scale_to_m, clip=(1, motion.frames))


def _gravity(motion: FileMotion, anatomy: Anatomy, first: int) -> float | None:
    """File units/s² that its clearest flights fall with, seen at the likeliest sizes; None where none is clear."""
    if motion.frames < CLEAR_FRAMES or anatomy.height_m < 1e-6:
        return None
    frames = min(motion.frames, first + LOOKED_AT)
    best: tuple[float, float | None] = (0.0, None)
    for unit in sorted(UNITS, key=lambda unit: _by_height(anatomy, unit))[:SIZES]:
        scale = UNITS[unit]
        shot = Shot("", (performer_of(motion, scale),), motion.frame_time_s, first, frames - first + 1)
        found = [
            (f.implied_g / scale, f.hang_frames) for f in read_shot(shot).flights
            if f.hang_frames >= CLEAR_FRAMES and f.implied_g > 0 and f.implied_g_se < CLEAR_ERROR * f.implied_g
            and f.arc_rms_m < CLEAR_OFF * anatomy.height_m * scale
        ]  # fmt: skip
        if found:
            g, weight = np.array(found).T
            best = max(best, (float(weight.sum()), float(np.exp(np.average(np.log(g), weights=weight)))))
    return best[1]


def _stood_up(motion: FileMotion, given: str) -> tuple[FileMotion, Choice | None]:
    """The motion with Y up, as it is or turned."""
    roles = {m.role for m in find_anatomy(motion.rig, 1.0).meanings}
    if not given and not (roles & set(ABOVE) and roles & set(FEET)):
        return motion, None  # it has no above and below to tell it by
    turned = turned_up(motion)
    costs = {"y": _lies(motion), "z": _lies(turned) + Z_RARER}
    best = given or min(costs, key=costs.get)
    sure = bool(given) or abs(costs["y"] - costs["z"]) > SURE_UP
    if best == "y" and sure and not given:
        return motion, None
    words = {"y": "Y is up, as the file has it.", "z": "Z is up in the file: it is turned, so that Y is."}
    order = [best, "z" if best == "y" else "y"]
    choice = Choice(
        UP, "Which way is up?", tuple(Option(o, words[o], 0.0) for o in order), sure, best == "z" or bool(given)
    )
    return (turned if best == "z" else motion), choice


def _lies(motion: FileMotion) -> float:
    """How little a motion looks like one with Y up: its lowest point leaves one level, which is not 0, what is above
    is not over its feet, and it does not fall that way where it falls all along."""
    frames = np.unique(np.linspace(1, motion.frames, min(motion.frames, SAMPLES)).astype(int))
    at = performer_of(motion, 1.0).poses(frames, motion.frame_time_s).position
    size = max(motion.rig.span, 1e-9)
    lowest = at[..., 1].min(axis=1)
    strays = sum(
        min(float(x) / size, MOST_STRAY)
        for x in (np.subtract(*np.percentile(lowest, [75, 25])), abs(np.median(lowest)))
    )  # fmt: skip
    pull = np.diff(at.mean(axis=1), 2, axis=0) if len(at) > 3 else np.zeros((1, 3))
    falls = -float(pull[:, 1].mean()) / max(float(np.sqrt((pull**2).sum(axis=1).mean())), 1e-9)
    roles = find_anatomy(motion.rig, 1.0).meanings
    above, feet = ([i for i, m in enumerate(roles) if m.role in names] for names in (ABOVE, FEET))
    if not above or not feet:
        return strays - FALLS * falls
    way = at[:, above].mean(axis=1) - at[:, feet].mean(axis=1)
    over = float((way[:, 1] / np.maximum(np.linalg.norm(way, axis=1), 1e-9)).mean())
    return strays - FALLS * falls - OVER * over


def _without_rest_pose(motion: FileMotion, given: str) -> tuple[int, Choice | None]:
    """The first frame that is played: 2 where frame 1 is a rest pose that the motion leaves at once."""
    if motion.frames < 4:
        return 1, None
    local = performer_of(motion, 1.0).poses(np.arange(1, 5), motion.frame_time_s).local
    below = [i for i, joint in enumerate(motion.rig.joints) if joint.parent >= 0]
    rests = np.linalg.norm(rotation.log(local[0, below]), axis=-1).max(initial=0.0) < RESTS_RAD
    step = np.linalg.norm(rotation.log(rotation.multiply(rotation.conjugate(local[:-1]), local[1:])), axis=-1)[:, below]
    left = np.sort(step[0])[-LEAVE_JOINTS:].min(initial=np.inf) if len(below) >= LEAVE_JOINTS else 0.0
    goes = float(step[1:].max(initial=0.0))
    if not (rests and left > max(LEAVES_RAD, 2 * goes)):
        return 1, None
    words = {
        "trim": "Frame 1 is a rest pose and is left out: it plays from frame 2.",
        "keep": "Frame 1 is played.",
    }
    best = given or "trim"
    options = tuple(Option(o, words[o], 0.0) for o in (best, "keep" if best == "trim" else "trim"))
    return (2 if best == "trim" else 1), Choice(REST, "Is frame 1 part of the motion?", options, True)


def _at_a_rate(motion: FileMotion, given: str, anatomy: Anatomy) -> tuple[FileMotion, Choice | None]:
    """The motion at a rate that can be: the file's own, unless a person says otherwise."""
    own = 1.0 / motion.frame_time_s
    if given:
        rate = float(given)
        words = f"Played at {rate:g} frames a second; the file says {own:.4g}."
        return replace(motion, frame_time_s=1.0 / rate), Choice(RATE, "", (Option(given, words, 0.0),), True)
    if SLOWEST <= own <= FASTEST:
        return motion, None
    words = f"It plays at {own:.4g} frames a second, as the file says."
    others = tuple(Option(f"{rate}", f"It plays at {rate} frames a second.", 0.0) for rate in RATES)
    return motion, Choice(RATE, "How many frames a second?", (Option(f"{own:.6g}", words, 0.0), *others), False)
