"""What is asked of props that move by themselves: let fly with the motion they have, aimed, run again, held again."""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.keys import LINEAR, Keys, smooth_keys
from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import AddItem, set_item_of
from ironarc.core.errors import EditError
from ironarc.core.passive.aim import release, release_over
from ironarc.core.passive.aim_off import check_speed, mended, off_face, off_ground
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import (
    MATERIALS,
    PLACE_CHANNELS,
    TURN_CHANNELS,
    TURN_ORDER,
    Flight,
    Prop,
    Touch,
    middle_of,
)

Three = tuple[float, float, float]
Touches = tuple[Touch, ...]
MOST_FRAMES = 2000
MOST_SET_OUT = 30
GAP = 1.02  # between those that are set out, by their width
SHORTEST_LINE_M, LONGEST_LINE_M = 0.05, 100.0
SAME_MS = 1e-2  # within which the motion before a flight is the one it was worked out of


@command
def weigh_prop(seen: Seen, item: str, material: str) -> Edit:
    """A prop's mass by its size and what it is made of, with the bounce and the friction of that."""
    prop = _prop(seen.shot, item)
    found = MATERIALS.get(material)
    if found is None:
        raise EditError(f"A material is one of {', '.join(MATERIALS)}; {material[:40]!r} was given.")
    kg = found.density_kgm3 * prop.volume_m3
    changes = {"mass_kg": kg, "bounce": found.bounce, "friction": found.friction}
    return set_item_of(prop, changes, f"{prop.name} is of {material}, {kg:.3g} kg")


@command
def let_fly(
    seen: Seen, item: str, frame: Frame, velocity_ms: Three | None = None, spin_rads: Three | None = None
) -> Edit:  # fmt: skip
    """A prop moves by itself from a frame on: with the motion it has there, or with the one that is given.

    It flies, bounces and comes to rest, until the shot ends or somebody carries it again.
    """
    prop = _prop(seen.shot, item)
    flown = flown_prop(seen, prop, frame, velocity_ms, spin_rads)
    speed = float(np.linalg.norm(flown.flight.velocity_ms))
    return set_item_of(
        prop, {"columns": flown.columns, "holds": flown.holds, "flight": flown.flight},
        f"Let {prop.name} fly from {frame}, at {speed:.1f} m/s",
    )  # fmt: skip


@command
def let_all_fly(seen: Seen, frame: Frame) -> Edit:
    """All props with a mass that nobody carries move by themselves from a frame on, and meet each other."""
    props = [
        p for p in seen.shot.props
        if p.mass_kg is not None and not p.locked and not any(h.start <= frame < h.end for h in p.holds)
    ]  # fmt: skip
    if not props:
        raise EditError("No prop has a mass and nobody's hand on it. Say what they weigh in Set.")
    words = f"Let {len(props)} props fly from {frame}"
    # what somebody said of one that leaves on this frame stands
    given = {
        p.id: (p.flight.velocity_ms, p.flight.spin_rads)
        for p in props if p.flight and p.flight.given and p.flight.start == frame
    }  # fmt: skip
    edits = tuple(
        set_item_of(was, {"columns": p.columns, "holds": p.holds, "flight": p.flight}, words)
        for was, p in zip(props, flown_props(seen, props, frame, given), strict=True)
    )
    return edits[0] if len(edits) == 1 else Together(edits, words)


@command
def hang_prop(seen: Seen, item: str, line_m: float) -> Edit:
    """A prop hangs on a line of a length, straight up from its top; on none for 0."""
    prop = _prop(seen.shot, item)
    if line_m == 0:
        return set_item_of(prop, {"hung_from_m": None}, f"{prop.name} hangs on no line")
    if not SHORTEST_LINE_M <= line_m <= LONGEST_LINE_M:
        raise EditError(
            f"A line is {SHORTEST_LINE_M * 100:.0f} cm to {LONGEST_LINE_M:.0f} m long; {line_m:g} m was given."
        )
    top = _top(seen.shot, prop)
    hook = (float(top[0]), float(top[1]) + line_m, float(top[2]))
    return set_item_of(prop, {"hung_from_m": hook}, f"{prop.name} hangs on a line of {line_m:g} m")


def line_of(shot: Shot, prop: Prop) -> float:
    """m of the line that a prop hangs on, 0 for none."""
    if prop.hung_from_m is None:
        return 0.0
    return float(np.linalg.norm(np.array(prop.hung_from_m) - _top(shot, prop)))


def _top(shot: Shot, prop: Prop) -> np.ndarray:
    """(3,) m: where a line holds a prop, on the shot's first frame."""
    at, turn = shot.track_of(prop, np.array([shot.first_frame]))
    return at[0] + rotation.rotate(turn[0], np.array([0.0, prop.size_m[1], 0.0]))


@command
def set_out(seen: Seen, item: str, count: int, way: Literal["row", "stack", "pile"]) -> Edit:
    """As many more of a prop, side by side, on top of each other, or in a pile that narrows upwards."""
    prop = _prop(seen.shot, item)
    if not 1 <= count <= MOST_SET_OUT:
        raise EditError(f"1 to {MOST_SET_OUT} more are set out at once; {count} was given.")
    wide, high = prop.size_m[0] * GAP, prop.size_m[1] * (1.0 if prop.kind != "ball" else GAP)
    turn = rotation.from_euler(TURN_ORDER, np.array([prop.turn_rad]))[0]
    first, edits = int(seen.shot.free_id("prop").removeprefix("prop")), []
    for n, (across, up) in enumerate(_places_out(count + 1, way)[1:]):
        at = np.array(prop.at_m) + rotation.rotate(turn, np.array([across * wide, 0.0, 0.0])) + [0.0, up * high, 0.0]
        more = replace(
            prop, id=f"prop{first + n}", name=f"{prop.name} {n + 2}", at_m=tuple(map(float, at)), columns={}, holds=(),
            flight=None, hung_from_m=None, locked=False,
        )  # fmt: skip
        edits.append(AddItem(more))
    return Together(tuple(edits), f"Set out {count} more of {prop.name}")


def _places_out(count: int, way: str) -> list[tuple[float, float]]:
    """Across and up, in widths and heights, the first one's own place first."""
    if way == "row":
        return [(float(n), 0.0) for n in range(count)]
    if way == "stack":
        return [(0.0, float(n)) for n in range(count)]
    base = next(n for n in range(1, count + 1) if n * (n + 1) // 2 >= count)
    rows = [(k + up / 2, float(up)) for up in range(base) for k in range(base - up)]
    return rows[:count]


@command
def aim_prop(
    seen: Seen, item: str, frame: Frame, at_m: Three, arrives: Frame | None = None, rises_m: float | None = None,
    off: str = "", spin_rads: Three | None = None,
) -> Edit:  # fmt: skip
    """A prop is thrown from a frame so that its middle is at a place, if nothing is in its way: on a later frame, or
    coming down from a height.

    off : what it bounces off on the way there, "floor" or the id of a prop
    """
    prop = _prop(seen.shot, item)
    _check_mass(prop)
    at, turn = seen.shot.track_of(prop, np.array([frame]))
    start = middle_of(prop, at, turn)[0]
    target, slows, dt = np.array(at_m), slows_per_m(prop), seen.shot.frame_time_s
    if (arrives is None) == (rises_m is None):
        raise EditError("Say on which frame it is there, or how high it rises on the way.")
    if off:
        if arrives is None:
            raise EditError("By way of a bounce it is aimed at a frame. Say on which it is there.")
        velocity, on = _off(seen, prop, frame, start, target, arrives, off), f"{arrives}"
    elif rises_m is None:
        velocity, on = release(start, target, (arrives - frame) * dt, seen.shot.g, slows), f"{arrives}"
    else:
        velocity, takes_s = release_over(start, target, rises_m, seen.shot.g, slows)
        on = f"{frame + takes_s / dt:.1f}"
    flown = flown_prop(seen, prop, frame, tuple(map(float, velocity)), spin_rads)
    return set_item_of(
        prop, {"columns": flown.columns, "holds": flown.holds, "flight": flown.flight},
        f"Aim {prop.name}: {np.linalg.norm(velocity):.1f} m/s at {frame}, there at {on}",
    )  # fmt: skip


def _off(
    seen: Seen, prop: Prop, frame: int, start: np.ndarray, target: np.ndarray, arrives: int, off: str
) -> np.ndarray:  # fmt: skip
    """(3,) m/s that has a prop at a place (3,) m on a frame by way of a bounce off something that stands still."""
    shot, time_s = seen.shot, (arrives - frame) * seen.shot.frame_time_s
    if time_s <= 0:
        raise EditError("It must arrive on a later frame than it leaves.")

    def run(velocity: np.ndarray) -> tuple[np.ndarray, bool]:
        found = flown_prop(seen, prop, frame, tuple(map(float, velocity)), until=arrives)
        at = middle_of(found, *found.track(np.array([arrives])))[0]
        return at, any(t.surface == off for t in found.flight.touches)

    guesses = [v for v in _guesses(seen, prop, start, target, time_s, off) if v is not None]
    if not guesses:
        name = "the floor" if off == FLOOR else shot.item(off).name
        raise EditError(f"Off {name} it can't come there: it must leave, and arrive, on the same side of a face of it.")
    first = min(guesses, key=lambda v: (not (found := run(v))[1], float(np.linalg.norm(found[0] - target))))
    velocity = mended(run, first, target)
    check_speed(velocity)
    return velocity


def _guesses(
    seen: Seen, prop: Prop, start: np.ndarray, target: np.ndarray, time_s: float, off: str
) -> list[np.ndarray | None]:  # fmt: skip
    """By way of the ground, or of each upright face of a prop that stands still."""
    shot, half = seen.shot, min(prop.size_m) / 2
    if off == FLOOR:
        height = float(start[1]) - float(seen.reading.floor.clearance(start[None])[0])
        return [off_ground(start, target, time_s, shot.g, height + prop.size_m[1] / 2, prop.bounce)]
    wall = _prop(shot, off)
    if wall.id == prop.id or wall.kind == "ball":
        raise EditError("It bounces off the floor, or off a prop with upright faces that stands still.")
    at, turn = shot.track_of(wall, np.array([shot.first_frame]))
    out = []
    for axis, way in ((0, 1.0), (0, -1.0), (2, 1.0), (2, -1.0)):
        own = np.zeros(3)
        own[axis] = way
        normal = rotation.rotate(turn[0], own)
        away = float(at[0] @ normal) + wall.size_m[axis] / 2 + half
        out.append(off_face(start, target, time_s, shot.g, normal, away, prop.bounce))
    return out


@command
def fly_again(seen: Seen, item: str) -> Edit:
    """A flight worked out anew, of what is before it now."""
    prop = _prop(seen.shot, item)
    flight = _flight(prop)
    given = (flight.velocity_ms, flight.spin_rads) if flight.given else (None, None)
    flown = flown_prop(seen, prop, flight.start, *given)
    return set_item_of(
        prop, {"columns": flown.columns, "holds": flown.holds, "flight": flown.flight}, f"Run {prop.name} again"
    )


@command
def end_flight(seen: Seen, item: str) -> Edit:
    """A prop does not move by itself any more: it stays where it was let go."""
    prop = _prop(seen.shot, item)
    flight = _flight(prop)
    columns = {c: k for c, keys in prop.columns.items() if (k := _before(keys, flight.start, keep=True)) is not None}
    return set_item_of(prop, {"columns": columns, "flight": None}, f"{prop.name} flies no more")


def is_older(shot: Shot, prop: Prop) -> bool:
    """Whether a flight was worked out of another motion than the one that leads up to it now."""
    flight = prop.flight
    if flight is None or flight.given or flight.start - 2 < shot.first_frame:
        return False
    before = replace(prop, columns=dict(prop.columns), flight=None)
    velocity, _ = shot.motion_of(before, flight.start)
    return bool(np.linalg.norm(velocity - np.array(flight.velocity_ms)) > SAME_MS)


def flown_prop(
    seen: Seen, prop: Prop, frame: int, velocity_ms: Three | None = None, spin_rads: Three | None = None,
    until: int | None = None,
) -> Prop:  # fmt: skip
    """A prop with its flight from a frame of the shot on. EditError for one that can't fly."""
    given = velocity_ms is not None or spin_rads is not None
    (flown,) = flown_props(seen, [prop], frame, {prop.id: (velocity_ms, spin_rads)} if given else {}, until)
    return flown


def flown_props(
    seen: Seen, props: Sequence[Prop], frame: int, given: Mapping[str, tuple[Three | None, Three | None]],
    until: int | None = None,
) -> list[Prop]:  # fmt: skip
    """Props with their flights from a frame of the shot on, all in one run, so that they meet each other. given : what
    somebody said of velocity (m/s) and spin (rad/s). EditError for one that can't fly."""
    from ironarc.core.passive.flight import fly  # the engine takes half a second to come in
    from ironarc.core.passive.surroundings import flesh_of, still_and_led
    from ironarc.core.passive.world import Free

    shot = seen.shot
    later = [h.start - 1 for prop in props for h in prop.holds if h.start > frame]
    last = min([shot.last_frame, frame + MOST_FRAMES, *later, *([] if until is None else [until])])
    frames, free, held = np.arange(frame, last + 1), [], []
    for prop in props:
        _check_mass(prop)
        if last <= frame:
            raise EditError(f"{prop.name} has no frame to fly on after {frame}. Make the shot longer in Set.")
        # a hand that holds it beyond the frame lets go there
        holds = tuple(
            replace(h, end=min(h.end, frame), ease_out=0) if h.start <= frame <= h.end else h for h in prop.holds
        )  # fmt: skip
        held.append(replace(prop, holds=holds, flight=None))
        at, turn = shot.track_of(held[-1], np.array([frame]))
        motion = zip(given.get(prop.id, (None, None)), shot.motion_of(prop, frame), strict=True)
        velocity, spin = (has if said is None else np.array(said, dtype=float) for said, has in motion)
        free.append(Free(prop, float(prop.mass_kg), at[0], turn[0], velocity, spin))
    still, led = still_and_led(shot, frames, {prop.id for prop in props})
    flesh = [piece for p in shot.performers for piece in flesh_of(p, shot, seen.reading.floor, frames)]
    floor, dt, out = seen.reading.floor, shot.frame_time_s, []
    flown = fly(free, floor, shot.g, frame, len(frames), dt, still, led, flesh)
    for prop, body in zip(held, free, strict=True):
        found = flown[prop.id]
        flight = Flight(
            frame, last, found.rests, tuple(map(float, body.velocity)), tuple(map(float, body.spin)), prop.id in given,
            found.touches,
        )  # fmt: skip
        out.append(replace(prop, columns=_baked(prop, frames, found.at, found.turn), flight=flight).checked())
    return out


def slows_per_m(prop: Prop) -> float:
    """By how much the air slows a prop: times the square of its speed, m/s²."""
    from ironarc.core.passive.world import air_per_m

    return air_per_m(prop, float(prop.mass_kg)) if prop.drag > 0 else 0.0


def _prop(shot: Shot, item: str) -> Prop:
    found = shot.item(item)
    if not isinstance(found, Prop):
        raise EditError(f"{found.name} is not a prop. Choose one that can fly.")
    return found


def _flight(prop: Prop) -> Flight:
    if prop.flight is None:
        raise EditError(f"{prop.name} does not fly by itself. Let it fly first.")
    return prop.flight


def _check_mass(prop: Prop) -> None:
    if prop.mass_kg is None:
        raise EditError(f"{prop.name} has no mass yet. Type what it weighs, then let it fly.")


def moved_along(shot: Shot, prop: Prop, frames: np.ndarray, at: np.ndarray, turn: np.ndarray, met: Touches) -> Edit:
    """A prop that went somewhere by itself on these frames: at (frames, 3) m its foot, turn (frames, 4); met : what it
    met. A flight that it was on goes on."""
    start, end, was = int(frames[0]), int(frames[-1]), prop.flight
    if was is not None and was.start <= start:
        flight = replace(was, end=end, rests=None, touches=(*(t for t in was.touches if t.frame <= start), *met))
    else:
        velocity, spin = (tuple(map(float, v)) for v in shot.motion_of(prop, start))
        flight = Flight(start, end, None, velocity, spin, False, met)
    return set_item_of(
        prop, {"columns": _baked(prop, frames, at, turn), "flight": flight}, f"{prop.name} moves by itself from {start}"
    )


def _baked(prop: Prop, frames: np.ndarray, at: np.ndarray, turn: np.ndarray) -> dict[str, Keys]:
    """The prop's own keys, with one a frame from the flight's first on."""
    out = {}
    for channel, flying in led_keys(frames, at, turn).items():
        before = _before(prop.columns[channel], int(frames[0])) if channel in prop.columns else None
        out[channel] = flying if before is None else _joined(before, flying)
    return out


def led_keys(frames: np.ndarray, at: np.ndarray, turn: np.ndarray) -> dict[str, Keys]:
    """A prop's keys, one a frame: at (frames, 3) m its foot, turn (frames, 4)."""
    angles = rotation.each_after_the_other(rotation.to_euler(TURN_ORDER, turn))
    values = dict(zip((*PLACE_CHANNELS, *TURN_CHANNELS), (*at.T, *angles.T), strict=True))
    return {channel: smooth_keys(frames, made, LINEAR) for channel, made in values.items()}


def _before(keys: Keys, frame: int, keep: bool = False) -> Keys | None:
    """The keys before a frame, with the one on it for `keep`; None where there are none."""
    kept = keys.frames <= frame if keep else keys.frames < frame
    return _of([a[kept] for a in _columns(keys)]) if kept.any() else None


def _joined(before: Keys, after: Keys) -> Keys:
    return _of([np.concatenate(pair) for pair in zip(_columns(before), _columns(after), strict=True)])


def _columns(keys: Keys) -> tuple[np.ndarray, ...]:
    return keys.frames, keys.values, keys.slopes_in, keys.slopes_out, keys.kinds, keys.meant


def _of(columns: list[np.ndarray]) -> Keys:
    return Keys(*columns).healed()
