"""Reaction: what a body that lives does at a blow, each joint led back to its keys by its own tone."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.edits.flown import moved_along
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import forward
from ironarc.core.judging.judge import blows_of, loose_props
from ironarc.core.judging.on_blows import Blow as Struck
from ironarc.core.judging.on_blows import sent_by
from ironarc.core.reading import Reading, Seen
from ironarc.core.truing.carry import Figure
from ironarc.core.truing.correction import FRAME, FRAMES, SHARE, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.living import above, answered, facing, place_of, tones
from ironarc.core.truing.proposing import indices, proposed

NAME = "react"
MOST_NS = 1000.0
LASTS_S = 1.4  # that it is followed over
STANCE_MS = 0.55  # of the body in one piece, past which no stance takes a blow without a step
PER_FRAME_S = 0.03  # of processor time, with room to spare
LEAST_FRAMES = 4
SWINGS_S, LEAST_THROW_NS = 0.2, 2.0  # before it leaves, that a throw's speed is gained in; and the least that is felt


@dataclass(frozen=True)
class Options:
    """frame : of the blow; part : a grip or joint that is struck; impulse : N·s; heading, up : the way it pushes, in
    degrees: 0 ahead of the body, 90 to its left

    together : whether the prop that strikes is stepped with the body, which decides what the blow is
    tone : of the body; outward : how much looser the parts farthest from the blow are; size : 1 for what physics says
    frames : followed over, -1 for until it has died away; back : frames at the end that lead back to the keys
    """

    frame: int = option("frame of the blow", FRAME)
    part: str = option("part that is struck", default="chest")
    impulse: float = option("blow", "N·s", 0.5, MOST_NS, default=30.0)
    heading: float = option("pushed towards", "°", -180, 180, default=180.0)
    up: float = option("and upwards", "°", -90, 90, default=0.0)
    together: bool = option("the blow of the prop itself", default=False)
    tone: float = option("tone", SHARE, 0.05, 0.9, default=0.3)
    outward: float = option("looser away from the blow", SHARE, 0, 0.9, default=0.4)
    size: float = option("size, 1 as physics has it", "times", 0, 4, default=1.0)
    frames: int = option("followed over", FRAMES, -1, 300, default=-1, found="until it has died away")
    back: int = option("frames that lead back to the keys", FRAMES, 0, 60, default=8)


def places(seen: Seen) -> list[Place]:
    """Every blow of a prop that flies or swings into the body, and every throw."""
    reading = seen.reading
    out = []
    for blow in seen.ask(blows_of):
        frame = int(blow.frame)
        heading, up = _angles(reading, frame - int(reading.poses.frames[0]), blow.way)
        options = Options(frame, reading.poses.rig.names[blow.joint], _rounded(blow), heading, up, blow.is_prop)
        out.append(one_way(frame, frame + round(LASTS_S / 2 / reading.poses.dt), options))
    return out + _recoils(seen)


def _recoils(seen: Seen) -> list[Place]:
    """Every throw: what the prop is given in the last frames before it leaves the hand, the thrower is given back."""
    reading, out, meanings = seen.reading, [], seen.reading.body.anatomy.meanings
    dt, first = reading.poses.dt, int(reading.poses.frames[0])
    for x in loose_props(seen.shot, seen.shot.frame_numbers()):
        sent = sent_by(reading, x) if x.prop.flight else None
        if sent is None:
            continue
        leaves, n = x.prop.flight.start, max(2, round(SWINGS_S / dt))
        k = leaves - first
        if not n < k < len(x.at) - 2:
            continue
        push = -x.prop.mass_kg * (x.at[k] - x.at[k - 1] - x.at[k - n] + x.at[k - n - 1]) / dt
        size = float(np.linalg.norm(push))
        if size < LEAST_THROW_NS:
            continue
        frame = leaves - n // 2
        heading, up = _angles(reading, frame - first, push / size)
        # the arm goes as it is keyed: what it pushes off from is the trunk
        trunk = next((j for j in above(reading, sent[0]) if meanings[j].role == "spine"), reading.poses.rig.roots[0])
        impulse = float(np.clip(round(size, 1), 0.5, MOST_NS))
        options = Options(frame, reading.poses.rig.names[trunk], impulse, heading, up)
        out.append(one_way(frame, leaves + n, options, "Recoil of the throw"))
    return out


def _rounded(blow: Struck) -> float:
    return float(np.clip(round(blow.touch.impulse_ns, 1), 0.5, MOST_NS))


def _angles(reading: Reading, k: int, way: np.ndarray) -> tuple[float, float]:
    """Degrees from ahead to the left, and upwards, of a way (3,) unit on an index."""
    ahead, left = facing(reading, k)
    return (
        round(float(np.degrees(np.arctan2(way @ left, way @ ahead)))),
        round(float(np.degrees(np.arcsin(np.clip(way[1], -1, 1))))),
    )


def propose(seen: Seen, options: Options) -> Proposal:
    """The body's answer to a blow. EditError for a part that isn't there, and for a run that blows up."""
    from ironarc.core.passive.company import Around  # the engine takes half a second to come in
    from ironarc.core.passive.letting import Blow
    from ironarc.core.passive.surroundings import around

    reading, shot = seen.reading, seen.shot
    check_root(seen.performer)
    last = int(reading.poses.frames[0]) + reading.traced.plays[1] - 1
    lasts = round(LASTS_S / reading.poses.dt) if options.frames < 0 else options.frames
    end = min(options.frame + max(lasts, LEAST_FRAMES), last)
    start = options.frame - 1 if options.frame > reading.poses.frames[0] else options.frame
    if end - start < LEAST_FRAMES:
        raise EditError(f"A reaction needs {LEAST_FRAMES} frames; the motion ends on {last}.")
    a, b = indices(reading, start, end)
    joint, at = place_of(reading, options.part, a + 1)
    push = push_of(reading, options, a + 1)
    tone, frames = tones(reading, joint, options.tone, options.outward), np.arange(start, end + 1)
    about = around(shot, [seen.performer], reading.floor, frames, True)
    # nothing but the blow acts where that is typed
    about = about if options.together else Around(about.still)
    blow = () if options.together else (Blow(float(options.frame - start), joint, at, push),)
    figure, struck = answered(seen, a, b, tone, about, blow, options.size, options.back)
    more, met = [], []
    for x in about.free:
        own = [t for t in struck.met[x.prop.id] if t.surface.startswith(f"{seen.performer.id}:")]
        if own:
            name = x.prop.id
            more.append(moved_along(shot, x.prop, frames, struck.at[name], struck.turn[name], struck.met[name]))
            met.append((x.prop, max(own, key=lambda t: t.impulse_ns)))
    if options.together and not met:
        raise EditError(f"Nothing strikes {seen.performer.name} on {options.frame} or after it.")
    says = _says(reading, figure, options, push, met)
    return proposed(seen, figure, CORRECTION, f"{options.frame}–{end}", says, tuple(more))


def push_of(reading: Reading, options: Options, k: int) -> np.ndarray:
    ahead, left = facing(reading, k)
    turn, up = np.radians(options.heading), np.radians(options.up)
    level = ahead * np.cos(turn) + left * np.sin(turn)
    return options.impulse * (level * np.cos(up) + np.array([0.0, 1.0, 0.0]) * np.sin(up))


def _says(reading: Reading, figure: Figure, options: Options, push: np.ndarray, met: list) -> str:
    _, at = forward(reading.poses.rig, figure.local, figure.translation)
    meanings = reading.body.anatomy.meanings
    head = next((j for j, m in enumerate(meanings) if m.role == "head"), reading.poses.rig.roots[0])
    off = np.linalg.norm(at[:, head] - figure.was.position[:, head], axis=-1)
    k = int(off.argmax())
    told = [f"{p.name} gives {t.impulse_ns:.0f} N·s from {t.frame:.1f} on." for p, t in met]
    says = " ".join([*told, f"The head moves by {off[k] * 100:.0f} cm, most on {int(figure.was.frames[k])}."])
    given = max((t.impulse_ns for _, t in met), default=float(np.linalg.norm(push[[0, 2]])))
    speed = given * options.size / reading.body.mass_kg
    if speed > STANCE_MS:
        says += (
            f" The blow pushes the whole body at {speed:.1f} m/s, more than a stance takes: add a step, or let it go "
            f"on {options.frame}."
        )
    return says


CORRECTION = Correction(
    NAME,
    "Reaction",
    "react",
    "What the body does at a blow: thrown off where it is struck, then led back by its tone.",
    Options,
    ("unmoved",),
    places,
    propose,
    order=85,
    seconds=lambda seen, options: PER_FRAME_S * LASTS_S / seen.reading.poses.dt,
    needs="Needs a prop that flies or swings into the body, or is thrown by it.",
)
