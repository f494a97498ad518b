"""Named clips of a performer: made, named, moved by their ends, doubled and taken away."""

from dataclasses import replace

from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.edits.shelf import kept_of, put_on
from ironarc.core.errors import EditError
from ironarc.core.reading.loops import best_end
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.strip import IN_PLACE, ONCE, Strip

LONGEST_LOOP_S = 6.0  # that is looked through for the end of a loop


@command
def add_clip(seen: Seen, performer: str, name: str, start: Frame, end: Frame, played: str = ONCE) -> Edit:
    """A named clip over frames of the shot."""
    p = seen.performer
    own = p.timing.own_frame
    number = max((int(s.id.removeprefix("strip")) for s in p.strips), default=0) + 1
    strip = Strip(f"strip{number}", _free_name(p, name.strip()), own(start), own(end), played).checked()
    return _with(p, (*p.strips, strip), f"Clip {strip.name}, {start} to {end}")


@command
def set_clip(
    seen: Seen, performer: str, clip: str, name: str | None = None, start: Frame | None = None,
    end: Frame | None = None, played: str | None = None,
) -> Edit:  # fmt: skip
    """A clip renamed, moved by its ends, or played otherwise."""
    p, was = seen.performer, strip_called(seen.performer, clip)
    own = p.timing.own_frame
    changed = replace(
        was, name=was.name if name is None else name.strip(), start=was.start if start is None else own(start),
        end=was.end if end is None else own(end), played=was.played if played is None else played,
    ).checked()  # fmt: skip
    if any(s.name == changed.name and s.id != clip for s in p.strips):
        raise EditError(f"There is a clip called {changed.name} already.")
    words = f"Rename clip {was.name}" if name is not None else f"Change clip {was.name}"
    return _with(p, tuple(changed if s.id == clip else s for s in p.strips), words)


@command
def find_loop(seen: Seen, performer: str, clip: str) -> Edit:
    """The end of a loop put where it closes best, of all that comes after its beginning."""
    p = seen.performer
    was = strip_called(p, clip)
    there = next((s for s in p.strips_seen() if s.id == clip), None)
    if there is None or not was.is_loop:
        raise EditError(f"{was.name} is not played as a loop. Choose loop first.")
    reading = seen.reading
    first, plays = int(reading.poses.frames[0]), reading.traced.plays
    last = min(plays[1] - 1, there.start - first + round(LONGEST_LOOP_S / reading.poses.dt))
    end = first + best_end(reading, there.start - first, last, was.played == IN_PLACE)
    changed = replace(was, end=p.timing.own_frame(end)).checked()
    return _with(
        p, tuple(changed if s.id == clip else s for s in p.strips), f"{was.name} loops from {there.start} to {end}"
    )


@command
def double_clip(seen: Seen, performer: str, clip: str) -> Edit:
    """One more clip of the same frames."""
    p, was = seen.performer, strip_called(seen.performer, clip)
    number = max(int(s.id.removeprefix("strip")) for s in p.strips) + 1
    return _with(
        p, (*p.strips, replace(was, id=f"strip{number}", name=_free_name(p, was.name))), f"Duplicate clip {was.name}"
    )


@command
def begin_clip(seen: Seen, performer: str, clip: str, other: str) -> Edit:
    """A clip begins with the pose that another one ends on, keyed on its first frame where its own has it stand."""
    p, first = seen.performer, int(seen.reading.poses.frames[0])
    there = {s.id: s for s in p.strips_seen()}
    was, led = (there.get(strip_called(p, x).id) for x in (clip, other))
    if was is None or led is None or not first <= led.end < first + len(seen.reading.poses.frames):
        raise EditError("Both clips must lie within the shot's frames.")
    if was.id == led.id:
        raise EditError("A clip begins with the end of another one. Choose which.")
    kept = kept_of(seen, led.name, (led.end,), ())
    edit, _ = put_on(seen, kept, was.start, (), 1.0, False)
    return edit


@command
def remove_clip(seen: Seen, performer: str, clip: str) -> Edit:
    """A clip's name is taken away; its motion stays."""
    p, was = seen.performer, strip_called(seen.performer, clip)
    return _with(p, tuple(s for s in p.strips if s.id != clip), f"Remove clip {was.name}")


def strip_called(performer: Performer, clip: str) -> Strip:
    """A performer's clip by its id. EditError when it has gone."""
    found = next((s for s in performer.strips if s.id == clip), None)
    if found is None:
        raise EditError(f"{performer.name} has no such clip any more. Look at the list as it is now.")
    return found


def _with(performer: Performer, strips: tuple[Strip, ...], words: str) -> Edit:
    return set_item_of(performer, {"strips": strips}, words)


def _free_name(performer: Performer, name: str) -> str:
    """A name that no clip has: with the next number, where one has it."""
    taken = {s.name for s in performer.strips}
    name = name or "Clip"
    return next(n for n in (name, *(f"{name} {k}" for k in range(2, len(taken) + 3))) if n not in taken)
