"""What is asked of time as a whole: room made after a frame, or pulled in, for one performer or for everybody."""

from dataclasses import replace

import numpy as np

from ironarc.core.columns import Keys
from ironarc.core.document import Performer, Shot
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.motion import SetColumns, SetLayer
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.errors import EditError
from ironarc.core.keying import keying
from ironarc.core.keying.keying import Beat
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.cuts import Cut

MOST_ROOM = 5000


@command
def make_room(seen: Seen, performer: str, after: Frame, by: int, everyone: bool = False, extend: bool = True) -> Edit:
    """Everything later than a frame moves by so many frames, of one performer or of all; negative closes the gap.

    extend : whether the shot grows or shrinks by as much
    """
    if not 0 < abs(by) <= MOST_ROOM:
        raise EditError(f"Room is made for 1 to {MOST_ROOM} frames.")
    shot = seen.shot
    if not shot.first_frame <= after < shot.last_frame + (by > 0):
        raise EditError(f"Frame {after} is not within the shot, so nothing lies after it.")
    edits: list[Edit] = []
    if extend:
        edits.append(SetShot({"frames": max(shot.frames + by, 1)}, "Range"))
    for p in shot.performers if everyone else (seen.performer,):
        edits += _room_of(p, p.timing.own_frame(after), by)
    if everyone:
        edits += _room_of_scene(shot, after, by)
    remarks = tuple(
        replace(r, frame=_later(r.frame, r.frame, after, by)[0]) if everyone or r.performer == seen.performer.id else r
        for r in shot.remarks
    )
    if remarks != shot.remarks:
        edits.append(SetShot({"remarks": remarks}, "Room"))
    words = f"{'Make room for' if by > 0 else 'Pull in'} {abs(by)} f after {after}"
    return Together(tuple(edits), words)


def _room_of(p: Performer, after: int, by: int) -> list[Edit]:
    """What moves of one performer, in its own frames."""
    edits: list[Edit] = []
    for layer in p.layers:
        columns = {}
        for key, column in layer.columns.items():
            made = keying.room_made(column, after, by, key[0])
            if made is not column:
                columns[key] = made
        if columns:
            edits.append(SetColumns(layer.id, columns, "Room", p.id))
        changes = {}
        if layer.span is not None and (span := _later(*layer.span, after, by)) != layer.span:
            changes["span"] = span
        if layer.weight_keys is not None:
            changes["weight_keys"] = keying.room_made(layer.weight_keys, after, by, layer.name)
        if changes and layer is not p.layers[0]:
            edits.append(SetLayer(layer.id, changes, "Room", p.id))

    def of_span(thing):
        start, end = _later(thing.start, thing.end, after, by)
        return replace(thing, start=start, end=end)

    beats = {b.frame + by * (b.frame > after): b.kind for b in p.beats}
    timing = replace(
        p.timing, cuts=tuple(Cut(*_later(c.start, c.end, after, by), c.blend, c.carry) for c in p.timing.cuts),
        trim=None if p.timing.trim is None else _later(*p.timing.trim, after, by),
        retimings=tuple(
            replace(r, keys=_room_in_map(r.keys, after, by)) for r in p.timing.retimings
        ),
    )  # fmt: skip
    changes = {
        "clip": _later(*p.clip, after, by), "loads": tuple(map(of_span, p.loads)), "pins": tuple(map(of_span, p.pins)),
        "contacts": tuple(map(of_span, p.contacts)), "left": tuple(map(of_span, p.left)),
        "strips": tuple(map(of_span, p.strips)),
        "beats": tuple(Beat(f, kind) for f, kind in sorted(beats.items())), "timing": timing,
    }  # fmt: skip
    return [
        *edits,
        set_item_of(p, {k: v for k, v in changes.items() if v != getattr(p, k)} or {"clip": p.clip}, "Room"),
    ]


def _later(start: int, end: int, after: int, by: int) -> tuple[int, int]:
    """A span with those of its ends that lie later moved; pulled in, it keeps one frame."""
    first = max(start + by, after + 1) if start > after else start
    last = max(end + by, after) if end > after else end
    return first, max(first, last)


def _room_in_map(keys: Keys, after: int, by: int) -> Keys:
    """A time map whose later moments, and the frames they are seen on, move."""
    return replace(keys, frames=_shifted(keys.frames, after, by), values=_shifted(keys.values, after, by))


def _shifted(frames: np.ndarray, after: int, by: int) -> np.ndarray:
    return np.where(frames > after, frames + by, frames)


def _room_of_scene(shot: Shot, after: int, by: int) -> list[Edit]:
    """Props and cameras that move, guides and references move along when everybody does."""
    edits: list[Edit] = []
    for prop in shot.props:
        if prop.holds:
            holds = []
            for h in prop.holds:
                start, end = _later(h.start, h.end, after, by)
                holds.append(replace(h, start=start, end=end))
            edits.append(set_item_of(prop, {"holds": tuple(holds)}, "Room"))
        if prop.is_keyed:
            columns = {c: keying.room_made(k, after, by, f"{prop.name} {c}") for c, k in prop.columns.items()}
            edits.append(set_item_of(prop, {"columns": columns}, "Room"))
    for guide in shot.guides:
        if guide.first > after:
            edits.append(set_item_of(guide, {"first": guide.first + by}, "Room"))
    for camera in shot.cameras:
        if len(camera.key_frames) > 1 and not camera.locked:
            columns = {c: keying.room_made(k, after, by, f"{camera.name} {c}") for c, k in camera.columns.items()}
            edits.append(set_item_of(camera, {"columns": columns}, "Room"))
    for reference in shot.references:
        if reference.first > after and not reference.locked:
            edits.append(set_item_of(reference, {"first": reference.first + by}, "Room"))
    return edits
