"""What is asked of keys in time: moved, copied, stretched, taken away; room made; held; eased; put on twos."""

from collections import Counter
from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace
from typing import Literal

import numpy as np

from ironarc.core import effort
from ironarc.core.columns import Column, Turns
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import FLAT, KINDS, WORKED_OUT
from ironarc.core.document import Performer, Shot
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.keep import layer_for_keys
from ironarc.core.edits.motion import SetColumns
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.keying import keying
from ironarc.core.keying.keying import BEATS, Beat
from ironarc.core.motion.layers import Layer
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.rate import whole_frame

STEEPEST = keying.STEEPEST
# Keys by the part they are of, "" for the whole pose
KeysByPart = dict[str, tuple[Frame, ...]]


@dataclass(frozen=True)
class Taken:
    """The columns of some parts of a layer, and the frames of the shot that their keys are seen on, by own frame."""

    layer: Layer
    columns: dict[tuple[str, str], Keyed]
    own: dict[float, int]

    def frames_in(self, frames: Iterable[int]) -> list[float]:
        """Own frames of keys that are seen on some frames of the shot."""
        wanted = set(frames)
        return [own for own, seen in self.own.items() if seen in wanted]


@dataclass(frozen=True)
class Chosen:
    """Keys of a layer, one by one. of : own frames of those chosen, by column"""

    keys: Taken
    of: dict[tuple[str, str], list[float]]

    @property
    def frames(self) -> list[float]:
        """Own frames with a key that is chosen."""
        return sorted({f for own in self.of.values() for f in own})


def taken(seen: Seen, layer_id: str, parts: tuple[str, ...]) -> Taken:
    """The keyed columns of parts (all for none) of a layer. EditError where there is no key."""
    performer = seen.performer
    layer = layer_for_keys(performer, layer_id)
    names = {performer.rig.names[j] for j in joints_of(performer.body(), parts)}
    columns = {k: c for k, c in layer.columns.items() if k[0] in names and isinstance(c, Keyed)}
    if not columns:
        what = ", ".join(parts[:3]) or performer.name
        raise EditError(f"{layer.name} has no key of {what} yet. Set one first.")
    frames = sorted({float(f) for c in columns.values() for f in c.key_frames})
    return Taken(layer, columns, {f: performer.timing.seen_frame(whole_frame(f)) for f in frames})


def changed(seen: Seen, keys: Taken, change: Callable[[tuple[str, str], Keyed], Keyed | None], words: str) -> Edit:
    """The edit of all columns that `change` makes other; EditError where it makes none other."""
    out: dict[tuple[str, str], Column | None] = {}
    for key, column in keys.columns.items():
        effort.check()
        made = change(key, column)
        if made is not column:
            out[key] = made
    if not out:
        raise EditError("There is no such key to change here. Select keys on the trestle, or another layer.")
    return SetColumns(keys.layer.id, out, words, seen.performer.id)


def chosen(seen: Seen, layer: str, keys: KeysByPart) -> Chosen:
    """Keys told by their parts. EditError where there is none."""
    if not any(keys.values()):
        raise EditError("No key is selected. Click one on the trestle, or drag a frame round some.")
    parts = () if "" in keys else tuple(keys)
    all_keys, performer = taken(seen, layer, parts), seen.performer
    wanted: dict[str, set[int]] = {}
    for part, frames in keys.items():
        for joint in joints_of(performer.body(), (part,) if part else ()):
            wanted.setdefault(performer.rig.names[joint], set()).update(frames)
    of = {
        key: [f for f, at in all_keys.own.items() if at in wanted.get(key[0], ()) and f in set(column.key_frames)]
        for key, column in all_keys.columns.items()
    }
    return Chosen(all_keys, of)


def _words(keys: KeysByPart) -> str:
    at = sorted({f for frames in keys.values() for f in frames})
    when = f"{at[0]}" if len(at) == 1 else f"{at[0]}–{at[-1]}" if at else ""
    parts = "the pose" if "" in keys else ", ".join(list(keys)[:3])
    return f"keys of {parts} at {when}"


@command
def move_keys(
    seen: Seen, performer: str, keys: KeysByPart, by: int, layer: str = "", stays: bool = False,
) -> Edit:  # fmt: skip
    """Keys moved by so many frames, or copied there; one that stands there already is replaced."""
    some, timing = chosen(seen, layer, keys), seen.performer.timing
    goes = {f: float(timing.own_frame(some.keys.own[f] + by)) + (f - whole_frame(f)) for f in some.frames}
    _check_within(seen, goes.values())
    edit = changed(
        seen, some.keys,
        lambda key, column: keying.moved_keys(column, some.of[key], goes.__getitem__, f"{key[0]}", stays),
        f"{'Copy' if stays else 'Move'} {_words(keys)} by {by:+d}",
    )  # fmt: skip
    beats = [] if stays else _moved_beats(seen.performer, {whole_frame(f): whole_frame(t) for f, t in goes.items()})
    return Together((edit, *beats), edit.words) if beats else edit


def _check_within(seen: Seen, frames: Iterable[float]) -> None:
    timing, shot = seen.performer.timing, seen.shot
    for own in frames:
        at = timing.seen_frame(whole_frame(own))
        if not shot.first_frame <= at <= shot.last_frame:
            raise EditError(
                f"A key would come to frame {at}, outside the shot's {shot.first_frame} to {shot.last_frame}. "
                "Make the range longer first, in Set."
            )


def _moved_beats(performer: Performer, goes: dict[int, int]) -> list[Edit]:
    there = {b.frame: b for b in performer.beats}
    moving = {f: there[f] for f in goes if f in there}
    if not moving:
        return []
    rest = [b for f, b in there.items() if f not in moving and f not in goes.values()]
    beats = (*rest, *(replace(b, frame=goes[f]) for f, b in moving.items()))
    return [set_item_of(performer, {"beats": tuple(sorted(beats, key=lambda b: b.frame))}, "Move keys")]


@command
def stretch_keys(
    seen: Seen, performer: str, keys: KeysByPart, about: Frame, factor: float, layer: str = "",
) -> Edit:  # fmt: skip
    """Keys spread out, or drawn together, about a frame; less than 0 runs them the other way round."""
    if not (np.isfinite(factor) and 0.01 <= abs(factor) <= 100):
        raise EditError(f"Keys are stretched to between 1 and 10,000 %; {factor * 100:g} % was given.")
    some, middle = chosen(seen, layer, keys), float(seen.performer.timing.own_frame(about))
    goes = {f: float(np.rint(middle + (f - middle) * factor)) for f in some.frames}
    _check_within(seen, goes.values())
    words = f"Stretch {_words(keys)} to {factor * 100:.0f} %"
    return changed(
        seen, some.keys,
        lambda key, column: keying.moved_keys(column, some.of[key], goes.__getitem__, f"{key[0]}"), words,
    )  # fmt: skip


@command
def delete_keys(seen: Seen, performer: str, keys: KeysByPart, layer: str = "") -> Edit:
    """Takes keys away; on a layer over the motion a column with no key left goes, on the base its last key stays."""
    some = chosen(seen, layer, keys)
    base = some.keys.layer is seen.performer.layers[0]

    def without(key: tuple[str, str], column: Keyed) -> Keyed | None:
        keep = ~np.isin(column.frames, some.of[key])
        if keep.all():
            return column
        if not keep.any():
            return column.kept(np.arange(len(keep)) == 0) if base else None
        out = column.kept(keep)
        return None if not base and _is_nothing(out) else out

    return changed(seen, some.keys, without, f"Delete {_words(keys)}")


def _is_nothing(column: Keyed) -> bool:
    """Whether a column of a layer on top does nothing: all its keys are of no turn and no move."""
    values = column.angles if isinstance(column, Turns) else column.values
    return bool(np.abs(values).max() < 1e-12)


# --- holds, steps, eases -------------------------------------------------------------------------------------


@command
def hold_pose(
    seen: Seen,
    performer: str,
    frame: Frame,
    to: Frame,
    parts: tuple[str, ...] = (),
    layer: str = "",
    drift: float = 0.0,
) -> Edit:
    """Holds the pose of a frame up to another one, flat between; with a drift, so much of the way on to the next key
    is gone meanwhile."""
    if to <= frame:
        raise EditError(f"A hold runs on to a later frame; {frame} to {to} was given.")
    if not (np.isfinite(drift) and -1 <= drift <= 1):
        raise EditError(f"A moving hold drifts by -100 to 100 % of the way on; {drift * 100:g} % was given.")
    keys = taken(seen, layer, parts)
    a, b = (float(seen.performer.timing.own_frame(f)) for f in (frame, to))

    def held(key: tuple[str, str], column: Keyed) -> Keyed:
        values = _sampled(column, np.array([a]))[0]
        later = column.frames[column.shown_on > b]
        goal = _sampled(column, later[:1])[0] if len(later) else values
        out = column.with_key(a, values, meant=FLAT)
        out = out.kept((out.shown_on <= a) | (out.shown_on > b))
        # a drift goes on into what follows; a hold stands still until then
        return out.with_key(b, keying.moving_hold(values, goal, drift), meant=WORKED_OUT if drift else FLAT)

    how = f"drifting by {drift * 100:.0f} %" if drift else "flat"
    return changed(seen, keys, held, f"Hold {', '.join(parts[:3]) or 'the pose'} of {frame} to {to}, {how}")


def _sampled(column: Keyed, at: np.ndarray) -> np.ndarray:
    return column.sample_angles(at) if isinstance(column, Turns) else column.sample(at)


@command
def on_steps(
    seen: Seen, performer: str, start: Frame, end: Frame, step: int, parts: tuple[str, ...] = (), layer: str = ""
) -> Edit:
    """Keys put on ones, twos, threes … over a span; on twos and more each is held. Extremes and breakdowns come to the
    nearest of those frames, or stay where another has it; what lies between is keyed anew."""
    if not 1 <= step <= 24 or end <= start:
        raise EditError(f"Keys are put on ones to twenty-fours over a span; {start} to {end} on {step} was given.")
    keys, p = taken(seen, layer, parts), seen.performer
    a, b = (p.timing.own_frame(f) for f in (start, end))
    shown, stay = keying.poses_on_steps(a, b, step, poses_that_count(p, keys.layer))
    word = {1: "ones", 2: "twos", 3: "threes", 4: "fours"}.get(step, f"{step}s")
    edit = changed(
        seen, keys, lambda key, column: keying.on_steps(column, a, b, step, shown, stay), f"{start}–{end} on {word}"
    )  # fmt: skip
    beats = [] if parts else _moved_beats(p, {frame: place for place, frame in shown.items() if place != frame})
    return Together((edit, *beats), edit.words) if beats else edit


POSE = 0.5  # share of the joints with keys that makes a frame an extreme where nobody said what it is


def poses_that_count(performer: Performer, layer: Layer) -> dict[int, str]:
    """Own frames of extremes and breakdowns: as a person marked them, or where half of the joints are keyed."""
    by_joint: dict[str, set[int]] = {}
    for (joint, _), column in layer.columns.items():
        if isinstance(column, Keyed):
            by_joint.setdefault(joint, set()).update(whole_frame(f) for f in column.key_frames)
    count = Counter(f for frames in by_joint.values() for f in frames)
    out = {f: keying.EXTREME for f, joints in count.items() if joints >= POSE * len(by_joint)}
    out |= {beat.frame: beat.kind for beat in performer.beats}
    return {f: kind for f, kind in sorted(out.items()) if kind != keying.BETWEEN}


@command
def ease_span(
    seen: Seen, performer: str, start: Frame, end: Frame, leaves: float, arrives: float, parts: tuple[str, ...] = (),
    layer: str = "",
) -> Edit:  # fmt: skip
    """Between a key and the next one: how fast the first is left and the second is come to, as times the even pace."""
    if not (0 <= leaves <= STEEPEST and 0 <= arrives <= STEEPEST):
        raise EditError(f"A key is left and come to at 0 to {STEEPEST:g} times the even pace; more would turn back.")
    keys = taken(seen, layer, parts)
    a, b = (float(seen.performer.timing.own_frame(f)) for f in (start, end))

    def eased(key: tuple[str, str], column: Keyed) -> Keyed:
        return keying.eased_span(column, a, b, leaves, arrives)

    try:
        return changed(seen, keys, eased, f"Ease {start} to {end}")
    except EditError:
        raise EditError(
            f"No part has a key at {start} and its next one at {end}. Select two neighboring keys on the trestle."
        ) from None


@command
def favour_span(
    seen: Seen, performer: str, start: Frame, end: Frame, share: float, parts: tuple[str, ...] = (), layer: str = ""
) -> Edit:
    """Between a key and the next one: the middle frame lies at `share` of the way."""
    if not 0.15 <= share <= 0.85:
        raise EditError(f"The middle of a span lies between 15 and 85 % of the way; {share * 100:g} % was given.")
    return ease_span(seen, performer, start, end, *keying.favoured(share), parts, layer)


@command
def set_span_kind(
    seen: Seen, performer: str, start: Frame, end: Frame, how: Literal["stepped", "linear", "eased", "free"],
    parts: tuple[str, ...] = (), layer: str = "",
) -> Edit:  # fmt: skip
    """All spans that begin from a frame up to another one stepped, straight, eased or with their own slopes."""
    keys = taken(seen, layer, parts)
    a, b = (float(seen.performer.timing.own_frame(f)) for f in (start, end))
    word = {"stepped": "stepped", "linear": "straight", "eased": "eased", "free": "by their slopes"}[how]

    def other(key: tuple[str, str], column: Keyed) -> Keyed:
        made = keying.span_kind(column, a, b, KINDS.index(how))
        return column if (made.kinds == column.kinds).all() else made

    return changed(seen, keys, other, f"{start} to {end} {word}")


def with_span_kinds(shot: Shot, performer_id: str, how: str) -> Shot:
    """The shot with every span between keys of a performer's motion stepped, straight or eased, to be looked at."""
    performer = shot.performer_called(performer_id)

    def other(layer: Layer) -> Layer:
        keyed = {k: c for k, c in layer.columns.items() if isinstance(c, Keyed)}
        made = {k: replace(c, kinds=np.full(len(c.frames), KINDS.index(how))) for k, c in keyed.items()}
        return layer.with_columns(made) if made else layer

    return shot.with_item(replace(performer, layers=tuple(map(other, performer.layers))))


@command
def mark_beat(
    seen: Seen, performer: str, frame: Frame, beat: Literal["", "extreme", "breakdown", "in-between"]
) -> Edit:
    """What kind of pose stands on a frame; "" takes the mark away."""
    p = seen.performer
    own = p.timing.own_frame(frame)
    beats = [b for b in p.beats if b.frame != own] + ([Beat(own, beat)] if beat else [])
    words = f"{beat.capitalize()} at {frame}" if beat in BEATS else f"No mark at {frame}"
    return set_item_of(p, {"beats": tuple(sorted(beats, key=lambda b: b.frame))}, words)
