"""What is asked of props that move by themselves: let fly with the motion they have, aimed, run again, held again."""

from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.keys import LINEAR, Keys, smooth_keys
from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.passive.aim import release
from ironarc.core.reading.floor import Floor
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import MATERIALS, PLACE_CHANNELS, TURN_CHANNELS, TURN_ORDER, Flight, Prop

Three = tuple[float, float, float]
MOST_FRAMES = 2000
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
def aim_prop(seen: Seen, item: str, frame: Frame, at_m: Three, arrives: Frame, spin_rads: Three | None = None) -> Edit:
    """A prop is thrown from a frame so that its middle is at a place on a later frame, if nothing is in its way."""
    prop = _prop(seen.shot, item)
    _check_mass(prop)
    start = _middle(seen.shot, prop, np.array([frame]))[0][0]
    velocity = release(
        start, np.array(at_m), (arrives - frame) * seen.shot.frame_time_s, seen.shot.g, slows_per_m(prop)
    )
    flown = flown_prop(seen, prop, frame, tuple(map(float, velocity)), spin_rads)
    return set_item_of(
        prop, {"columns": flown.columns, "holds": flown.holds, "flight": flown.flight},
        f"Aim {prop.name}: {np.linalg.norm(velocity):.1f} m/s at {frame}, there at {arrives}",
    )  # fmt: skip


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
    velocity, _ = _motion(shot, before, flight.start)
    return bool(np.linalg.norm(velocity - np.array(flight.velocity_ms)) > SAME_MS)


def flown_prop(
    seen: Seen, prop: Prop, frame: int, velocity_ms: Three | None = None, spin_rads: Three | None = None
) -> Prop:  # fmt: skip
    """A prop with its flight from a frame of the shot on. EditError for one that can't fly."""
    from ironarc.core.passive.flight import fly  # the engine takes half a second to come in
    from ironarc.core.passive.world import Free, Led

    shot = seen.shot
    _check_mass(prop)
    later = [h.start for h in prop.holds if h.start > frame]
    last = min([shot.last_frame, frame + MOST_FRAMES, *(f - 1 for f in later)])
    if last <= frame:
        raise EditError(f"{prop.name} has no frame to fly on after {frame}. Make the shot longer in Set.")
    # a hand that holds it beyond the frame lets go there
    holds = tuple(replace(h, end=min(h.end, frame), ease_out=0) if h.start <= frame <= h.end else h for h in prop.holds)
    held = replace(prop, holds=holds, flight=None)
    frames = np.arange(frame, last + 1)
    at, turn = shot.track_of(held, np.array([frame]))
    has_v, has_w = _motion(shot, prop, frame)
    velocity = has_v if velocity_ms is None else np.array(velocity_ms, dtype=float)
    spin = has_w if spin_rads is None else np.array(spin_rads, dtype=float)
    others = [p for p in shot.props if p.id != prop.id]
    still = [p for p in others if not p.is_keyed and not p.holds]
    led = [Led(p, *shot.track_of(p, frames)) for p in others if p.is_keyed or p.holds]
    body = Free(prop, float(prop.mass_kg), at[0], turn[0], velocity, spin)
    found = fly(
        [body], seen.reading.floor, shot.g, frame, len(frames), shot.frame_time_s, still, led,
        _flesh_of(shot, seen.reading.floor, frames),
    )[prop.id]  # fmt: skip
    flight = Flight(
        frame, last, found.rests, tuple(map(float, velocity)), tuple(map(float, spin)),
        velocity_ms is not None or spin_rads is not None, found.touches,
    )  # fmt: skip
    return replace(held, columns=_baked(prop, frames, found.at, found.turn), flight=flight).checked()


def _flesh_of(shot: Shot, floor: Floor, frames: np.ndarray) -> list:
    """All performers of a shot, piece by piece, along their motion."""
    from ironarc.core.passive.limp import gives_at
    from ironarc.core.passive.world import Flesh

    out = []
    for p in shot.performers:
        poses, body = shot.poses(p.id, frames), p.body()
        for joint in sorted({part.joint for part in body.parts}):

            def gives(k: int, at: np.ndarray, poses=poses, body=body, joint=joint) -> np.ndarray:
                return gives_at(poses, body, min(max(k, 0), len(poses.frames) - 1), joint, at, floor)

            name = f"{p.name}'s {p.rig.names[joint]}"
            at, turn = poses.position[:, joint], poses.rotation[:, joint]
            out.append(Flesh(f"{p.id}:{p.rig.names[joint]}", name, body, joint, at, turn, gives))
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
    if prop.hung_from_m is not None:
        raise EditError(f"{prop.name} hangs on a line. Take it off the line before it flies.")


def _middle(shot: Shot, prop: Prop, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    at, turn = shot.track_of(prop, frames)
    return at + rotation.rotate(turn, np.array([0.0, prop.size_m[1] / 2, 0.0])), turn


def _motion(shot: Shot, prop: Prop, frame: int) -> tuple[np.ndarray, np.ndarray]:
    """(3,) m/s and (3,) rad/s that a prop has as it is let go: of the frames up to there, for none after counts."""
    frames = np.array([frame - 2, frame - 1, frame])
    if frames[0] < shot.first_frame:
        return np.zeros(3), np.zeros(3)
    at, turn = _middle(shot, prop, frames)
    dt = shot.frame_time_s
    steps = rotation.log(rotation.multiply(turn[1:], rotation.conjugate(turn[:-1]))) / dt
    # one-sided, of a parabola through the three
    return (3 * at[2] - 4 * at[1] + at[0]) / (2 * dt), 1.5 * steps[1] - 0.5 * steps[0]


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
