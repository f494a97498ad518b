"""A new take of a motion in place of the one that came before: what was set by hand stays where it still fits, and the
corrections are made anew on it."""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit, Together, unlocked
from ironarc.core.edits.commands.scene import ASIDE_M
from ironarc.core.edits.items import AddItem, set_item_of
from ironarc.core.edits.motion import SetColumns, SetLayer
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import Rig
from ironarc.core.judging import judge
from ironarc.core.judging.finding import Finding
from ironarc.core.judging.judge import match
from ironarc.core.reading.shot import Seen
from ironarc.core.truing.again import made_again

SAME_LENGTH = 0.02  # that a bone may differ by, as a share of the longest
NAMED = 4  # joints that a refusal names


@dataclass(frozen=True)
class Taken:
    """A new take as one edit. anew : names of the corrections made anew; muted : (name, why) of those that can't be

    lost : what no longer fits, in sentences; settled, new, still : findings against the take before it
    """

    edit: Edit
    anew: tuple[str, ...]
    muted: tuple[tuple[str, str], ...]
    lost: tuple[str, ...]
    settled: int
    new: int
    still: int

    @property
    def says(self) -> str:
        """What came of it, for a person."""
        out = [f"Against the take before: {self.settled} settled, {self.new} new, {self.still} still there."]
        if self.anew:
            out.append(f"Made anew: {', '.join(self.anew)}.")
        out += [f"{name} could not be made anew and is muted: {why}" for name, why in self.muted]
        return " ".join([*out, *self.lost])


def words_of_take(performer: Performer) -> str:
    """What the edit that brings in a performer's new take says, up to the name of its file."""
    return f"New take of {performer.name}: "


def set_beside(seen: Seen, then: Performer) -> Edit:
    """An earlier take stands beside the one that is seen, as a performer of its own: with its corrections, to be moved,
    read and taken away as any other."""
    taken = {p.name for p in seen.shot.performers}
    name = next(n for k in range(1, 100) if (n := f"{then.name[:48]}, earlier {k}") not in taken)
    made = replace(
        then, id=seen.shot.free_id("performer"), name=name, placement=then.placement.moved([ASIDE_M, 0.0, 0.0]),
        strips=(), left=(), pins=tuple(p for p in then.pins if not p.to), locked=False, hidden=False,
    )  # fmt: skip
    return AddItem(made, f"Set {name} beside {seen.performer.name}")


def new_take(seen: Seen, incoming: Performer, source: str) -> Taken:
    """The edit that puts the motion of `incoming` under all that was done to the performer that is seen.

    source : name of its file. Raises EditError for another skeleton, with what differs.
    """
    was, shot = seen.performer, seen.shot
    unlocked(was)
    check_skeleton(was.rig, incoming.rig)
    base, columns = was.layers[0], dict(incoming.layers[0].columns)
    words = f"{words_of_take(was)}{source}"
    first, last = incoming.clip
    gone = {key: None for key in base.columns if key not in columns}
    strips, lost = _strips(was, first, last)
    timing = was.timing
    if timing.trim is not None and not (first <= timing.trim[0] and timing.trim[1] <= last):
        timing = replace(timing, trim=None)
        lost.append("Its trim lies beyond the new take and is taken off.")
    edits: list[Edit] = [
        SetColumns(base.id, columns | gone, words, was.id),
        set_item_of(was, {"clip": (first, last), "strips": strips, "timing": timing}, words),
    ]
    plays = was.plays
    if plays == (shot.first_frame, shot.last_frame) and len(shot.performers) == 1:
        # the shot is as long as its motion, and stays so
        frames = shot.frames + (last - first) - (was.clip[1] - was.clip[0])
        edits.append(SetShot({"frames": max(frames, 1)}, words))
    anew, muted = [], []
    there = seen.on(Together(tuple(edits), words).apply(shot))
    for layer in was.corrections:
        try:
            edit, _ = made_again(there, layer.id)
        except EditError as error:
            muted.append((layer.name, str(error)))
            edit = SetLayer(layer.id, {"muted": True}, words, was.id)
        else:
            anew.append(layer.name)
        edits.append(edit)
        there = seen.on(edit.apply(there.shot))
    before, after = (_open(s) for s in (seen, there))
    pairs = match(before, after)
    still = {f.id for f in pairs.values() if f is not None}
    return Taken(
        Together(tuple(edits), words), tuple(anew), tuple(muted), tuple(lost), sum(f is None for f in pairs.values()),
        sum(f.id not in still for f in after), len(still),
    )  # fmt: skip


def _open(seen: Seen) -> list[Finding]:
    return [f for f in judge(seen.shot, seen.performer, seen.reading, seen.house) if not f.left]


def _strips(was: Performer, first: int, last: int) -> tuple[tuple, list[str]]:
    """The clips that the new take reaches, cut to it, and what became of the others."""
    kept, lost = [], []
    for strip in was.strips:
        there = replace(strip, start=max(strip.start, first), end=min(strip.end, last))
        try:
            kept.append(there.checked())
        except EditError:
            lost.append(f"The clip {strip.name} lies beyond the new take and is taken away.")
            continue
        if there != strip:
            lost.append(f"The clip {strip.name} is cut to {there.end - there.start + 1} frames.")
    return tuple(kept), lost


def check_skeleton(was: Rig, new: Rig) -> None:
    """EditError where a take has another skeleton, with what differs."""
    missing, more = ([n for n in a.names if n not in b.names] for a, b in ((was, new), (new, was)))
    if missing or more:
        words = [f"{w} {_some(names)}" for w, names in (("it lacks", missing), ("it has", more)) if names]
        raise EditError(f"This take has another skeleton: {' and '.join(words)}. Bring it in as a shot of its own.")
    longest = max(float(np.linalg.norm(j.offset)) for j in was.joints)
    for joint in was.joints:
        other = new.joints[new.index(joint.name)]
        above = "" if joint.parent < 0 else was.names[joint.parent]
        if above != ("" if other.parent < 0 else new.names[other.parent]):
            raise EditError(f"This take has another skeleton: {joint.name} hangs on another joint in it.")
        if joint.order != other.order or set(joint.channels) != set(other.channels):
            raise EditError(f"This take writes {joint.name} in other channels. Export it as the first one was.")
        off = float(np.linalg.norm(np.subtract(joint.offset, other.offset)))
        if joint.parent >= 0 and off > SAME_LENGTH * max(longest, 1e-9):
            raise EditError(
                f"This take's skeleton has other lengths: {joint.name} lies {100 * off / longest:.0f} % of the longest "
                "bone elsewhere. Bring it in as a shot of its own."
            )


def _some(names: list[str]) -> str:
    more = len(names) - NAMED
    return ", ".join(names[:NAMED]) + (f" and {more} more" if more > 0 else "")
