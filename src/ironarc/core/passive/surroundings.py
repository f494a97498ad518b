"""What stands and moves about something that is let go, as the shot has it."""

from collections.abc import Collection, Sequence

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Performer, Shot
from ironarc.core.passive.company import Around, Caught
from ironarc.core.passive.limp import gives_at
from ironarc.core.passive.world import Flesh, Free, Led
from ironarc.core.reading.floor import Floor
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.shot import read_shot
from ironarc.core.scene.props import Hold, Prop

NEAR_M = 2.5  # that another performer's hips come to a body's, so that they may touch
STANDS_M = 0.3  # of a joint over a prop that bears it
# What it bears at least, and how much of that goes down, on so many frames one after the other
STANDS_N, STANDS_DOWN, STANDS_FRAMES = 50.0, 0.7, 3


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
    return Around(still, free=[_free(shot, prop, int(frames[0]))], caught=[caught])


def around(shot: Shot, performers: Sequence[Performer], floor: Floor, frames: np.ndarray, together: bool) -> Around:
    """What these performers can meet on these frames beside each other. together : whether props that can move do so
    with them"""
    free = [_free(shot, p, int(frames[0])) for p in shot.props if _moves(p, frames)] if together else []
    still, led = still_and_led(shot, frames, {x.prop.id for x in free})
    own, hips = {p.id for p in performers}, [_hips(shot, p, frames) for p in performers]
    flesh = [
        piece
        for other in shot.performers
        if other.id not in own
        and min(float(np.linalg.norm(_hips(shot, other, frames) - h, axis=-1).min()) for h in hips) < NEAR_M
        for piece in flesh_of(other, shot, floor, frames)
    ]
    return Around(still, led, flesh, free)


def pushed_by(shot: Shot, prop: Prop, frames: np.ndarray) -> tuple[np.ndarray, frozenset[str]] | None:
    """(frames, 6) N and N·m about the world's origin that the performers who stand on a prop give it, as the shot has
    them, and the ids of the flesh they do it by; None where nobody stands on it on the first of the frames."""
    out, first, by = np.zeros((len(frames), 6)), int(frames[0]) - shot.first_frame, set()
    for performer in shot.performers:
        if not _is_near(shot, performer, prop, int(frames[0])):
            continue
        reading = read_shot(shot, performer_id=performer.id)
        touch = reading.touch.get(prop.id)
        if touch is None or not touch[first].any():
            continue
        forces, rows = reading.ask(read_forces), slice(first, first + len(frames))
        told = np.flatnonzero(forces.told)
        if not len(told):
            continue
        # at the ends of a clip no acceleration can be told: the nearest one that can is taken
        near = told[np.abs(told[None] - np.arange(rows.start, rows.stop)[:, None]).argmin(axis=1)]
        points = np.array(reading.traced.track.skin.points, dtype=object)[touch.any(axis=0)]
        by |= {f"{performer.id}:{performer.rig.names[point.joint]}" for point in points}
        on = touch[rows, :, None] * forces.given[near]
        push = -on * (reading.mass_kg[near] * reading.g)[:, None, None]
        out[:, :3] += push.sum(axis=1)
        out[:, 3:] += np.cross(reading.traced.track.at[rows], push).sum(axis=1)
    # a foot that comes against it pushes too, but not down, frame after frame
    down, size = -out[:STANDS_FRAMES, 1], np.linalg.norm(out[:STANDS_FRAMES, :3], axis=1)
    return (out, frozenset(by)) if (down > STANDS_N).all() and (down > STANDS_DOWN * size).all() else None


def _is_near(shot: Shot, performer: Performer, prop: Prop, frame: int) -> bool:
    """Whether any joint of a performer is so near to a prop that the performer may stand on it."""
    at, turn = shot.track_of(prop, np.array([frame]))
    joints = shot.poses(performer.id, np.array([frame])).position[0]
    return bool(prop.distance(rotation.rotate(turn[0], joints - at[0], back=True)).min() < STANDS_M)


def _hips(shot: Shot, performer: Performer, frames: np.ndarray) -> np.ndarray:
    return shot.poses(performer.id, frames).position[:, performer.rig.roots[0]]


def _moves(prop: Prop, frames: np.ndarray) -> bool:
    """Whether a prop with a mass flies, hangs or lies loose as the body is let go, in nobody's hand."""
    if prop.mass_kg is None or prop.locked or any(h.start <= frames[-1] and h.end >= frames[0] for h in prop.holds):
        return False
    if prop.flight is not None:
        return prop.flight.start <= frames[0]
    return prop.hung_from_m is not None or prop.link is not None or not prop.is_keyed


def _free(shot: Shot, prop: Prop, frame: int) -> Free:
    at, turn = shot.track_of(prop, np.array([frame]))
    return Free(prop, float(prop.mass_kg), at[0], turn[0], *shot.motion_of(prop, frame))
