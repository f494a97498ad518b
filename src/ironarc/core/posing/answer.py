"""How the body answers while it is posed: center of gravity, balance, how far off the arc, and the path's beads."""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.figure.grips import grip_called
from ironarc.core.motion.poses import Poses
from ironarc.core.posing.moves import Made, key_frames
from ironarc.core.posing.reach import missed_pins
from ironarc.core.posing.stand import Change, Stand
from ironarc.core.reading.balance import standing_margin, support_hull
from ironarc.core.reading.momentum import body_centres, whole_com
from ironarc.core.reading.read import read
from ironarc.core.reading.support import read_pads
from ironarc.core.scene.rate import whole_frame

FARTHEST_BEADS = 24  # frames on either side that beads are worked out for


@dataclass(frozen=True)
class Answer:
    """What a pose that is tried does.

    world, position : (joints, 4), (joints, 3) m; com : (3,) m
    hull : (corners, 2) m over the ground, None where nothing touches or a hand holds on, which may pull
    margin_m : how far inside it the plumb falls; holds_on : whether a hand does
    off_arc_m : in a flight, how far the center of gravity is from where gravity wants it; None on the ground
    missed : {part: (where it is (3,), where it was to go (3,))} m
    beads : frames of the shot with the paths (frames, 3) m of the center of gravity ("com") and of the part taken
    """

    world: np.ndarray
    position: np.ndarray
    com: np.ndarray
    hull: np.ndarray | None
    margin_m: float | None
    holds_on: bool
    off_arc_m: float | None
    missed: Mapping[str, tuple[np.ndarray, np.ndarray]]
    beads: tuple[np.ndarray, Mapping[str, np.ndarray]]
    says: tuple[str, ...]


def answer(made: Made, edit: Change | None, part: str = "") -> Answer:
    """How the body answers to moves; edit : what would keep them, for the beads; part : whose path is wanted too."""
    stand = made.stand
    posed = stand.posed
    poses = Poses(
        stand.rig, np.array([stand.frame]), stand.shot.frame_time_s, stand.local, stand.translation, posed.world,
        posed.position,
    )  # fmt: skip
    still = read(poses, stand.body, stand.shot.g, stand.reading.floor, stand.shot.standing_props())
    hull, margin = support_hull(read_pads(still))[0], float(standing_margin(still)[0])
    arc = stand.arc_place()
    said, on = stand.reading.said, stand.reading.footing.on[stand.index]
    holds_on = said is not None and bool((said.pulls[stand.index] & on).any())
    # in a flight nothing bears the body, however near to something it is posed
    touches = arc is None and not holds_on and bool(np.isfinite(hull).all())
    off = None if arc is None else float(np.linalg.norm(_laden(stand) - arc))
    goals = {**missed_pins(stand), **made.missed}
    missed = {name: (stand.at(grip_called(stand.body, name)), goal) for name, goal in goals.items()}
    return Answer(
        posed.world[0], posed.position[0], _laden(stand), hull if touches else None, margin if touches else None,
        holds_on, off, missed, _beads(stand, edit, part), made.says,
    )  # fmt: skip


def _laden(stand: Stand) -> np.ndarray:
    """(3,) m: the center of gravity with what is held, which is where the hands are."""
    reading, i = stand.reading, stand.index
    # a load rides along with the body while a pose is tried
    return stand.com + (reading.com[i] - reading.body_com[i])


def _beads(stand: Stand, edit: Change | None, part: str) -> tuple[np.ndarray, Mapping[str, np.ndarray]]:
    """Paths between the neighbouring keys, as they would be."""
    if edit is None:
        return np.zeros(0, dtype=int), {}
    shot = edit.apply(stand.shot)
    performer = shot.performer_called(stand.performer.id)
    seen = performer.timing.seen_frame
    keys = sorted({seen(whole_frame(f)) for f in key_frames(performer)})
    before = max([f for f in keys if f < stand.frame], default=stand.shot.first_frame)
    after = min([f for f in keys if f > stand.frame], default=stand.shot.last_frame)
    low = max(before, stand.frame - FARTHEST_BEADS, shot.first_frame)
    high = min(after, stand.frame + FARTHEST_BEADS, shot.last_frame)
    frames = np.arange(low, high + 1)
    poses = shot.poses(performer.id, frames)
    paths = {"com": whole_com(body_centres(poses, stand.body), stand.body)}
    if part:
        grip = grip_called(stand.body, part)
        paths["part"] = poses.position[:, grip.joint] + rotation.rotate(poses.rotation[:, grip.joint], grip.at_m)
    return frames, paths
