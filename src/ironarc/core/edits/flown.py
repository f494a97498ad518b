"""Props that move by themselves: run from a frame of the shot on, as keys a frame, with what they meet."""

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns.keys import LINEAR, Keys, smooth_keys
from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import PLACE_CHANNELS, TURN_CHANNELS, Flight, Prop, Touch
from ironarc.core.scene.solid import TURN_ORDER

Three = tuple[float, float, float]
Touches = tuple[Touch, ...]
MOST_FRAMES = 2000
LOOSE_M = 0.02  # that a link may gape as it is let go
SAME_MS = 1e-2  # within which the motion before a flight is the one it was worked out of


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
        check_flies(prop)
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
    check_links(shot, props, frame)
    free = _stood_on(shot, held, free, frames)
    still, led = still_and_led(shot, frames, {prop.id for prop in props})
    flesh = [piece for p in shot.performers for piece in flesh_of(p, shot, seen.reading.floor, frames)]
    floor, dt, out = seen.reading.floor, shot.frame_time_s, []
    flown = fly(free, floor, shot.g, frame, len(frames), dt, still, led, flesh)
    for prop, body in zip(held, free, strict=True):
        found = flown[prop.id]
        flight = Flight(
            frame, last, found.rests, tuple(map(float, body.velocity)), tuple(map(float, body.spin)), prop.id in given,
            found.touches, body.pushed is not None,
        )  # fmt: skip
        out.append(replace(prop, columns=_baked(prop, frames, found.at, found.turn), flight=flight).checked())
    return out


def _stood_on(shot: Shot, props: Sequence[Prop], free: list, frames: np.ndarray) -> list:
    """The free props with what those who stand on them as they set out push them by, as long as they stood still."""
    from ironarc.core.passive.surroundings import pushed_by

    still = shot
    for prop in props:
        still = still.with_item(replace(prop, columns=kept_before(prop, int(frames[0]))))
    found = [pushed_by(still, still.item(f.prop.id), frames) for f in free]
    return [f if x is None else replace(f, pushed=x[0], by=x[1]) for f, x in zip(free, found, strict=True)]


def kept_before(prop: Prop, frame: int) -> dict[str, Keys]:
    """A prop's keys up to a frame, on which it then stays."""
    return {c: k for c, keys in prop.columns.items() if (k := keys_before(keys, frame, keep=True)) is not None}


def check_links(shot: Shot, props: Sequence[Prop], frame: int) -> None:
    """EditError for a prop that is not where its link holds it."""
    known, on = {p.id: p for p in shot.props}, np.array([frame])
    for prop in props:
        if prop.link is None or (prop.link.to and prop.link.to not in known):
            continue
        ends = [np.array(prop.link.at_m)]
        for one, at_m in ((known.get(prop.link.to), prop.link.at_m), (prop, prop.link.own_m)):
            if one is not None:
                at, turn = shot.track_of(one, on)
                ends.append(at[0] + rotation.rotate(turn[0], np.array(at_m)))
        gap = float(np.linalg.norm(ends[-1] - ends[-2]))
        if gap > LOOSE_M:
            to = known[prop.link.to].name if prop.link.to else "its hook"
            raise EditError(f"{prop.name} is {gap * 100:.0f} cm off {to}, which holds it. Hang it on its chain anew.")


def slows_per_m(prop: Prop) -> float:
    """By how much the air slows a prop: times the square of its speed, m/s²."""
    from ironarc.core.passive.world import air_per_m

    return air_per_m(prop, float(prop.mass_kg)) if prop.drag > 0 else 0.0


def check_flies(prop: Prop) -> None:
    """EditError for a prop with no mass."""
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
        before = keys_before(prop.columns[channel], int(frames[0])) if channel in prop.columns else None
        out[channel] = flying if before is None else _joined(before, flying)
    return out


def led_keys(frames: np.ndarray, at: np.ndarray, turn: np.ndarray) -> dict[str, Keys]:
    """A prop's keys, one a frame: at (frames, 3) m its foot, turn (frames, 4)."""
    angles = rotation.each_after_the_other(rotation.to_euler(TURN_ORDER, turn))
    values = dict(zip((*PLACE_CHANNELS, *TURN_CHANNELS), (*at.T, *angles.T), strict=True))
    return {channel: smooth_keys(frames, made, LINEAR) for channel, made in values.items()}


def keys_before(keys: Keys, frame: int, keep: bool = False) -> Keys | None:
    """The keys before a frame, with the one on it for `keep`; None where there are none."""
    kept = keys.frames <= frame if keep else keys.frames < frame
    return _of([a[kept] for a in _columns(keys)]) if kept.any() else None


def _joined(before: Keys, after: Keys) -> Keys:
    return _of([np.concatenate(pair) for pair in zip(_columns(before), _columns(after), strict=True)])


def _columns(keys: Keys) -> tuple[np.ndarray, ...]:
    return keys.frames, keys.values, keys.slopes_in, keys.slopes_out, keys.kinds, keys.meant


def _of(columns: list[np.ndarray]) -> Keys:
    return Keys(*columns).healed()
