"""A reading made again after random edits, held against one of the whole, number by number."""

import random
from collections.abc import Iterator
from dataclasses import dataclass, fields, is_dataclass

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.errors import IronArcError
from ironarc.core.figure.grips import grips_of
from ironarc.core.judging.findings import find
from ironarc.core.reading import Reading, Seen, read_shot
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.faults import contact_faults
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.impact import read_pushes
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.spin import read_spin_parts
from ironarc.core.truing import places_at, propose
from ironarc.web.commands import EDIT_REQUEST, to_edit

ASKED = (read_forces, read_balance, read_spin_parts, contact_faults, read_joints, read_pushes)
SAME = 1e-12  # of the largest value of its kind, or of 1
# a direction from what nearly touches: the last digit of a place, over a gap of a tenth of a millimetre
SAME_DIRECTION = 1e-10
NOT_NUMBERS = {"rig", "body", "skin", "again", "accounted", "search", "evaluated", "since"}


def numbers(name: str, value) -> Iterator[tuple[str, np.ndarray]]:
    """All numbers in a value, by name."""
    if isinstance(value, np.ndarray):
        yield name, value
    elif isinstance(value, (bool, int, float, np.number)):
        yield name, np.array(float(value))
    elif is_dataclass(value):
        for f in fields(value):
            if f.name not in NOT_NUMBERS:
                yield from numbers(f"{name}.{f.name}", getattr(value, f.name))
    elif isinstance(value, dict):
        for key, each in value.items():
            yield from numbers(f"{name}.{key}", each)
    elif isinstance(value, tuple):
        for i, each in enumerate(value):
            yield from numbers(f"{name}.{i}", each)


def everything(reading: Reading) -> dict[str, np.ndarray]:
    """All that is told of a motion, as numbers by name."""
    out = dict(numbers("reading", reading))
    for measure in ASKED:
        out |= dict(numbers(measure.__name__, reading.ask(measure)))
    return out


def told(reading: Reading) -> list[tuple]:
    """The findings, as they are read."""
    return [(f.kind, f.start, f.end, f.part, f.says, f.grade) for f in find(reading)]


def apart(a: dict[str, np.ndarray], b: dict[str, np.ndarray]) -> dict[str, float]:
    """By how much numbers of the same names differ, of the largest of them or of 1; those within SAME are left out."""
    if a.keys() != b.keys():
        return {"names": float(len(a.keys() ^ b.keys()))}
    return {
        name: d for name in a
        if (d := _apart(a[name], b[name])) > (SAME_DIRECTION if name.endswith(".normal") else SAME)
    }  # fmt: skip


def _apart(x: np.ndarray, y: np.ndarray) -> float:
    if x.ndim == 3 and x.shape[:1] == y.shape[:1] and x.shape[1] != y.shape[1]:
        wide = max(x.shape[1], y.shape[1])  # the last corner of a support area is repeated
        x, y = (np.concatenate([h, np.repeat(h[:, -1:], wide - h.shape[1], axis=1)], axis=1) for h in (x, y))
    if x.shape != y.shape or (np.isfinite(x) != np.isfinite(y)).any():
        return np.inf
    known = np.isfinite(x)
    if x.dtype == bool:
        return float((x != y).any())
    if not known.any():
        return 0.0
    return float(np.abs(x[known] - y[known]).max() / max(float(np.abs(x[known]).max()), 1.0))


@dataclass
class Step:
    """One edit: what was done, and the reading after it. whole : whether nothing was taken from the one before"""

    what: str
    shot: Shot
    reading: Reading
    whole: bool


def edited(shot: Shot, count: int, seed: int) -> Iterator[Step]:
    """A shot after each of so many random edits, read again from the one before."""
    dice, done = random.Random(seed), []
    reading = read_shot(shot)
    everything(reading)
    find(reading)
    for _ in range(count):
        seen = Seen(shot, shot.performer, reading)
        what = dice.choice(EDITS)
        if what == "undo":
            if not done:
                continue
            after = done.pop()
        else:
            try:
                after = _after(what, seen, dice)
            except IronArcError:
                continue  # what can't be done here is refused
            done.append(shot)
        now = read_shot(after, performer_id=shot.performer.id, was=reading)
        shot, reading = after, now
        yield Step(what, shot, reading, reading.again is None)


EDITS = [*["pose"] * 3, *["undo"] * 2, "set", "lift", "air", "borne", "delete", "pin", "weight", "place", "true"]


def _after(what: str, seen: Seen, dice: random.Random) -> Shot:
    if what == "true":
        frame = dice.randint(1, seen.shot.frames)
        ways = [wanted for place in places_at(seen, frame, frame + 24) for wanted, _ in place]
        return propose(seen, dice.choice(ways)).edit.apply(seen.shot) if ways else seen.shot
    asked = EDIT_REQUEST.validate_python({"revision": 1, "edit": _edit(what, seen, dice)})
    return to_edit(asked.edit, seen).apply(seen.shot)


def _edit(what: str, seen: Seen, dice: random.Random) -> dict:
    """The edit as the bench sends it."""
    p, n = seen.performer, seen.shot.frames
    frame = dice.randint(1, n)
    end, part = min(frame + dice.randint(0, 30), n), dice.choice(["left foot", "right foot", "left hand"])
    mine = {"performer": p.id}
    hand = [layer for layer in p.layers[1:] if layer.columns]
    if what in ("delete", "weight") and not hand:
        what = "pose"
    match what:
        case "pose":
            grips = [grip.name for grip in grips_of(p.body())]
            by = [dice.uniform(-0.1, 0.1) for _ in range(3)]
            how = dice.choice(["limb", "body", "spine"])
            move = {"do": "reach", "grips": [dice.choice(grips)], "by_m": by, "how": how}
            return {"kind": "pose", "frame": frame, "moves": [move], **mine}
        case "set":
            return {"kind": "set_contact", "part": part, "surface": "floor", "start": frame, "end": end, **mine}
        case "lift":
            return {"kind": "lift_contact", "part": part, "start": frame, "end": end, **mine}
        case "air" | "borne":
            return {"kind": "settle_doubt", "start": frame, "end": end, "how": what, **mine}
        case "pin":
            return {"kind": "add_pin", "parts": [part], "start": frame, "end": end, "frame": frame, **mine}
        case "delete":
            (joint, _), column = dice.choice(sorted(hand[-1].columns.items()))
            keys = {joint: [int(dice.choice(column.key_frames))]}
            return {"kind": "delete_keys", "layer": hand[-1].id, "keys": keys, **mine}
        case "weight":
            return {"kind": "set_layer_weight", "layer_id": hand[-1].id, "weight": dice.choice([0.5, 1.0]), **mine}
        case _:
            offset = [dice.uniform(-1, 1), 0, 0]
            return {"kind": "place_performer", "offset_m": offset, "turn_rad": 0, "scale": 1, **mine}
