"""What stands and moves about something that is let go, as the shot has it."""

from collections.abc import Collection

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.passive.company import Around, Caught
from ironarc.core.passive.limp import gives_at
from ironarc.core.passive.world import Flesh, Free, Led
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.props import Hold, Prop

NEAR_M = 2.5  # that another performer's hips come to a body's, so that they may touch


def still_and_led(shot: Shot, frames: np.ndarray, but: Collection[str]) -> tuple[list[Prop], list[Led]]:
    """The props that stand where they are, and those that follow their keys or a hand; `but` those ids."""
    others = [p for p in shot.props if p.id not in but]
    still = [p for p in others if not p.is_keyed and not p.holds]
    return still, [Led(p, *shot.track_of(p, frames)) for p in others if p.is_keyed or p.holds]


def flesh_of(performer: Performer, shot: Shot, floor: Floor, frames: np.ndarray) -> list[Flesh]:
    """A performer piece by piece along its motion."""
    poses, body, out = shot.poses(performer.id, frames), performer.body(), []
    for joint in sorted({part.joint for part in body.parts}):

        def gives(k: int, at: np.ndarray, joint=joint) -> np.ndarray:
            return gives_at(poses, body, min(max(k, 0), len(poses.frames) - 1), joint, at, floor)

        name = performer.rig.names[joint]
        at, turn = poses.position[:, joint], poses.rotation[:, joint]
        out.append(Flesh(f"{performer.id}:{name}", f"{performer.name}'s {name}", body, joint, at, turn, gives))
    return out


def catch(shot: Shot, performer: Performer, hold: Hold, prop: Prop, frames: np.ndarray) -> Around:
    """A prop that comes and is caught on these frames by a performer, with nothing else about."""
    joint = performer.rig.index(hold.joint)
    caught = Caught(prop.id, joint, hold.start - int(frames[0]), np.array(hold.at_m), np.array(hold.turn))
    still, _ = still_and_led(shot, frames, {prop.id})
    return Around(still, free=[_free(shot, prop, int(frames[0]))], performer=performer.id, caught=[caught])


def around(shot: Shot, performer: Performer, floor: Floor, frames: np.ndarray, together: bool) -> Around:
    """What a performer can meet on these frames. together : whether props that can move do so with it"""
    free = [_free(shot, p, int(frames[0])) for p in shot.props if _moves(p, frames)] if together else []
    still, led = still_and_led(shot, frames, {x.prop.id for x in free})
    own = _hips(shot, performer, frames)
    flesh = [
        piece
        for other in shot.performers
        if other.id != performer.id and np.linalg.norm(_hips(shot, other, frames) - own, axis=-1).min() < NEAR_M
        for piece in flesh_of(other, shot, floor, frames)
    ]
    return Around(still, led, flesh, free, performer.id)


def _hips(shot: Shot, performer: Performer, frames: np.ndarray) -> np.ndarray:
    return shot.poses(performer.id, frames).position[:, performer.rig.roots[0]]


def _moves(prop: Prop, frames: np.ndarray) -> bool:
    """Whether a prop with a mass flies, hangs or lies loose as the body is let go, in nobody's hand."""
    if prop.mass_kg is None or prop.locked or any(h.start <= frames[-1] and h.end >= frames[0] for h in prop.holds):
        return False
    if prop.flight is not None:
        return prop.flight.start <= frames[0]
    return prop.hung_from_m is not None or not prop.is_keyed


def _free(shot: Shot, prop: Prop, frame: int) -> Free:
    at, turn = shot.track_of(prop, np.array([frame]))
    return Free(prop, float(prop.mass_kg), at[0], turn[0], *shot.motion_of(prop, frame))
