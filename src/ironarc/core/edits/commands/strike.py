"""What is asked of props that move by themselves: let fly with the motion they have, aimed, run again, held again."""

from collections.abc import Sequence

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.commands.rigging import linked_to, prop_called
from ironarc.core.edits.flown import Three, check_flies, flown_prop, flown_props, kept_before, slows_per_m
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.motion.layers import LET_GO
from ironarc.core.passive.aim import release, release_over
from ironarc.core.passive.aim_off import check_speed, mended, off_face, off_ground
from ironarc.core.reading.contacts import FLOOR
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import Flight, Prop, middle_of


@command
def let_fly(
    seen: Seen, item: str, frame: Frame, velocity_ms: Three | None = None, spin_rads: Three | None = None
) -> Edit:  # fmt: skip
    """A prop moves by itself from a frame on, with all that is linked to it: with the motion it has there, or with the
    one that is given.

    It flies, bounces and comes to rest, until the shot ends or somebody carries it again.
    """
    prop = prop_called(seen.shot, item)
    props = [prop, *linked_to(seen.shot, prop)]
    given = velocity_ms is not None or spin_rads is not None
    flown = flown_props(seen, props, frame, {prop.id: (velocity_ms, spin_rads)} if given else {})
    speed = float(np.linalg.norm(flown[0].flight.velocity_ms))
    return _as_flown(props, flown, f"Let {prop.name} fly from {frame}, at {speed:.1f} m/s")


@command
def let_all_fly(seen: Seen, frame: Frame) -> Edit:
    """All props with a mass that nobody carries move by themselves from a frame on, and meet each other."""
    props = [
        p for p in seen.shot.props
        if p.mass_kg is not None and not p.locked and not any(h.start <= frame < h.end for h in p.holds)
    ]  # fmt: skip
    if not props:
        raise EditError("No prop has a mass and nobody's hand on it. Say what they weigh in Strike.")
    # what somebody said of one that leaves on this frame stands
    given = {
        p.id: (p.flight.velocity_ms, p.flight.spin_rads)
        for p in props if p.flight and p.flight.given and p.flight.start == frame
    }  # fmt: skip
    return _as_flown(props, flown_props(seen, props, frame, given), f"Let {len(props)} props fly from {frame}")


def _as_flown(props: Sequence[Prop], flown: Sequence[Prop], words: str) -> Edit:
    edits = tuple(
        set_item_of(was, {"columns": p.columns, "holds": p.holds, "flight": p.flight}, words)
        for was, p in zip(props, flown, strict=True)
    )
    return edits[0] if len(edits) == 1 else Together(edits, words)


@command
def aim_prop(
    seen: Seen, item: str, frame: Frame, at_m: Three, arrives: Frame | None = None, rises_m: float | None = None,
    off: str = "", spin_rads: Three | None = None,
) -> Edit:  # fmt: skip
    """A prop is thrown from a frame so that its middle is at a place, if nothing is in its way: on a later frame, or
    coming down from a height.

    off : what it bounces off on the way there, "floor" or the id of a prop
    """
    prop = prop_called(seen.shot, item)
    check_flies(prop)
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
    wall = prop_called(shot, off)
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
    prop = prop_called(seen.shot, item)
    flight = _flight(prop)
    if (who := _falls_with(seen.shot, flight)) is not None:
        raise EditError(
            f"{prop.name} moved with {who} as that was let go. Make Let go of {who} anew in True, and it moves along."
        )
    props = [prop, *linked_to(seen.shot, prop)]
    given = {prop.id: (flight.velocity_ms, flight.spin_rads)} if flight.given else {}
    return _as_flown(props, flown_props(seen, props, flight.start, given), f"Run {prop.name} again")


def _falls_with(shot: Shot, flight: Flight) -> str | None:
    """The name of a performer that was let go on the frames of a flight and met it there; None for nobody."""
    for performer in shot.performers:
        if not any(t.surface.startswith(f"{performer.id}:") for t in flight.touches):
            continue
        for layer in performer.corrections:
            if layer.made_by != LET_GO or not layer.acts or layer.span is None:
                continue
            if tuple(map(performer.timing.seen_frame, layer.span)) == (flight.start, flight.end):
                return performer.name
    return None


@command
def end_flight(seen: Seen, item: str) -> Edit:
    """A prop does not move by itself any more: it stays where it was let go."""
    prop = prop_called(seen.shot, item)
    flight = _flight(prop)
    return set_item_of(prop, {"columns": kept_before(prop, flight.start), "flight": None}, f"{prop.name} flies no more")


def _flight(prop: Prop) -> Flight:
    if prop.flight is None:
        raise EditError(f"{prop.name} does not fly by itself. Let it fly first.")
    return prop.flight
