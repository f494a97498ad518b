"""PF-075 Gull's trot: keyed in place as a loop, and carried through the world by its own feet."""

import numpy as np

from ironarc.core.document import Shot
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.demo.gull import Dog

NAME, FPS, FRAMES = "PF-075 Gull's trot", 24.0, 49
CYCLE = 12  # frames
STRIDE_CM, LIFT_CM = 30.0, 9.0
DOWN = 0.54  # of a cycle that a front foot stands
# When each foot comes down, in cycles; the aft one comes down twice in each
COMES = {"Left": 0.0, "Right": 0.5, "Aft": 0.27}
CARRIED = "travel(start=1,end=49,how=by its feet)"


class _Trotting(Dog):
    """A tread that goes back under the body at one speed: what stands on it stands in the world."""

    def foot(self, leg: str, frame: int, hip: np.ndarray) -> np.ndarray:
        often = 2 if leg == "Aft" else 1
        at = ((frame - 1) / CYCLE - COMES[leg]) * often % 1.0
        down = DOWN if often == 1 else 0.62
        # as long as it stands it goes back as the ground does
        covers = STRIDE_CM * down / DOWN / often
        if at < down:
            return self.ground[leg] + np.array([0.0, covers * (0.5 - at / down)])
        u = (at - down) / (1 - down)
        # leaves and comes down with the ground's own speed, so that it neither drags nor stamps
        ease = u * u * (3 - 2 * u)
        speed = -covers * (1 - down) / down
        ahead = covers * (ease - 0.5) + speed * (u * (1 - u) ** 2 - u * u * (1 - u))
        return self.ground[leg] + np.array([LIFT_CM / often * np.sin(np.pi * u) ** 2, ahead])


def _path() -> np.ndarray:
    """Up and down twice a cycle, highest as a front foot is under it."""
    turns = 2 * np.pi * (np.arange(FRAMES) / CYCLE - 0.27) * 2
    return np.column_stack([36.6 + 0.9 * np.cos(turns), np.full(FRAMES, 11.0)])


def make() -> Shot:
    """The trot, carried; its clip is one round of it."""
    beats = range(1, FRAMES + 1, CYCLE // 4)
    nods = {f: ((4, 2), (-2, 5))[n % 2] for n, f in enumerate(beats)}
    wags = {f: (6, -4)[n % 2] for n, f in enumerate(beats)}
    shot = _Trotting(FRAMES, FPS, nods, wags).shot(NAME, _path())
    clip = {"name": "Trot", "start": 13, "end": 24, "played": "loop"}
    shot = COMMANDS["add_clip"](see(shot), performer=shot.performer.id, **clip).apply(shot)
    return propose(see(shot), read_try(CARRIED)).edit.apply(shot)
