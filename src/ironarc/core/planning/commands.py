"""What is asked of the planner for a shot."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands import command
from ironarc.core.edits.commands.scene import new_guide
from ironarc.core.edits.items import AddItem, set_item_of
from ironarc.core.errors import EditError
from ironarc.core.planning.ballistics import Plan, hang_over
from ironarc.core.planning.flight_solver import solve
from ironarc.core.reading.points import point_at
from ironarc.core.reading.shot import Seen
from ironarc.core.reading.travel import travel_direction
from ironarc.core.scene.guide import COM, GRAVITY, Guide
from ironarc.core.scene.rate import parse_rate
from ironarc.core.settings import GRAVITY_MS2

SAME_GRAVITY = 0.005


@dataclass(frozen=True)
class Known:
    """What is known of a flight, in the units it is asked in; None for what is not."""

    rise_cm: float | None = None
    drop_cm: float | None = None
    hang_frames: float | None = None
    hang_s: float | None = None
    distance_cm: float | None = None
    speed_ms: float | None = None
    angle_deg: float | None = None
    g: float | None = GRAVITY_MS2
    fps: str = "24"

    def solve(self) -> Plan:
        """The whole flight. Raises EditError with a sentence."""

        def metres(cm: float | None) -> float | None:
            return None if cm is None else cm / 100

        return solve(
            metres(self.rise_cm), metres(self.drop_cm), self.hang_s, self.hang_frames, metres(self.distance_cm),
            self.speed_ms, None if self.angle_deg is None else float(np.radians(self.angle_deg)), self.g,
            parse_rate(self.fps),
        )  # fmt: skip


@command
def plan_guide(seen: Seen, plan: Known, frame: int, performer: str = "") -> Edit:
    """The planned flight as a guide, from where the center of gravity is at a frame, the way the performer travels."""
    shot, flight = seen.shot, plan.solve()
    if abs(flight.g - shot.g) > SAME_GRAVITY * shot.g:
        raise EditError(
            f"The plan's gravity is {flight.g:.2f} m/s² and this shot's {shot.g:.2f}. "
            "Set the shot's gravity first, or plan with the shot's."
        )
    start = point_at(shot, seen.performer.id, COM, frame)
    end = start + travel_direction(seen.reading) * (flight.distance_m or 0.0)
    end[1] += flight.rise_m - flight.drop_m
    guide = new_guide(seen, GRAVITY, (start, end), frame, flight.hang_s / shot.frame_time_s)
    over = guide.last - shot.last_frame
    past = f", which runs {over} frame{'s' if over > 1 else ''} past the shot's end" if over > 0 else ""
    return AddItem(guide, f"Add {guide.name}{past}")


@command
def guide_apex(seen: Seen, guide: str, apex_m: float) -> Edit:
    """Sets the frames of a guide by gravity from how high its apex stands over the floor."""
    shot, found = seen.shot, seen.shot.item(guide)
    if not isinstance(found, Guide) or found.kind != GRAVITY:
        raise EditError(f"Only a path drawn by gravity has an apex to set; {found.name} has none.")
    start, end = found.points_m[0][1], found.points_m[-1][1]
    hang = hang_over(start, end, apex_m + seen.reading.floor_m, shot.g)
    return set_item_of(found, {"frames": hang / shot.frame_time_s}, f"Apex of {found.name}")
