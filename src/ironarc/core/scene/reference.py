"""References: stills, image sequences and video that step with the shot, lined up with its floor and size."""

from collections.abc import Callable
from dataclasses import dataclass, replace
from fractions import Fraction

import numpy as np

from ironarc.core.errors import EditError, check_frame, check_number
from ironarc.core.scene.rate import rate_of

STILL, SEQUENCE, VIDEO = "still", "sequence", "video"
PANEL, BACKDROP = "panel", "backdrop"
MARK_WORDS = ("wind-up", "push", "last contact", "apex", "first contact", "recovery")
MARK_LENGTH = 24
UNMEASURED_HEIGHT_M = 2.5  # a picture nothing was measured in stands this tall
SHORTEST_LINE_PX = 8.0

Line = tuple[tuple[float, float], tuple[float, float]]


@dataclass(frozen=True)
class Mark:
    """A word on one of a reference's own frames, counted from 1.

    pose_frame : the shot's frame with the pose it belongs to, which it goes with when that is retimed; None for one
        that stays with the film
    """

    frame: int
    word: str
    pose_frame: int | None = None


@dataclass(frozen=True)
class Reference:
    """Pictures kept with the shot.

    files : addresses of the pictures, or of the one video; media_type of each; width, height : pixels
    frames : how many; number_from : the number its first frame carries
    rate_fps : its own frames a second; first : the shot's frame on which `in_frame` shows
    in_frame, out_frame : first and last own frame shown, counted from 1
    shown : "panel" or "backdrop"; opacity : 0 to 1; mirrored : left to right
    floor_line, up_line, length_line : lines drawn on it, in pixels from the top left; length_m : of the last
    facing_rad : the way its right side points, about the up axis from +X; across_m, behind_m : where the
        middle of its floor line stands
    pose_frame : the key pose a still belongs to, or None
    """

    id: str
    name: str
    kind: str
    files: tuple[str, ...]
    media_type: str
    width: int
    height: int
    frames: int = 1
    number_from: int = 1
    rate_fps: float = 24.0
    first: int = 1
    in_frame: int = 1
    out_frame: int = 1
    shown: str = PANEL
    opacity: float = 1.0
    mirrored: bool = False
    floor_line: Line | None = None
    up_line: Line | None = None
    length_line: Line | None = None
    length_m: float | None = None
    facing_rad: float = 0.0
    across_m: float = 0.0
    behind_m: float = 0.6
    marks: tuple[Mark, ...] = ()
    pose_frame: int | None = None
    hidden: bool = False
    locked: bool = False

    def checked(self) -> "Reference":
        """Itself; EditError for settings that can't be."""
        if not 1 <= self.in_frame <= self.out_frame <= self.frames:
            raise EditError(
                f"{self.name} has frames {self.number_from} to {self.number(self.frames)}; "
                f"{self.number(self.in_frame)} to {self.number(self.out_frame)} is not a span within them."
            )
        if not (np.isfinite(self.rate_fps) and 0.1 <= self.rate_fps <= 1000):
            raise EditError(f"{self.name}: its rate lies between 0.1 and 1000 fps; {self.rate_fps:g} was given.")
        if not 0 <= self.opacity <= 1:
            raise EditError(f"Opacity lies between 0 and 100 %; {self.opacity * 100:.0f} % was given.")
        if self.shown not in (PANEL, BACKDROP):
            raise EditError(f"A reference is shown in a panel or as a backdrop; {self.shown!r} was given.")
        if self.length_m is not None and not (np.isfinite(self.length_m) and 0.01 <= self.length_m <= 1000):
            raise EditError(f"The measured length lies between 1 cm and 1000 m; {self.length_m:g} m was given.")
        for value in (self.facing_rad, self.across_m, self.behind_m):
            check_number(f"The place of {self.name}", value)
        check_frame(f"The first frame of {self.name}", self.first)
        check_frame(f"The key pose of {self.name}", self.pose_frame or 0)
        for line in (self.floor_line, self.up_line, self.length_line):
            if line is not None and np.hypot(*np.subtract(line[1], line[0])) < SHORTEST_LINE_PX:
                raise EditError("That line is too short to measure by. Drag from one end to the other.")
        for mark in self.marks:
            check_frame(f"The pose of the mark {mark.word[:MARK_LENGTH]}", mark.pose_frame or 0)
            if not 1 <= mark.frame <= self.frames:
                raise EditError(f"{self.name} has no frame {self.number(mark.frame)} to mark.")
            if not 0 < len(mark.word.strip()) <= MARK_LENGTH:
                raise EditError(f"A mark is a word or two, up to {MARK_LENGTH} characters.")
        return self

    def number(self, own: int) -> int:
        """The number that own frame `own`, counted from 1, carries."""
        return own + self.number_from - 1

    def own_frames(self, frames: np.ndarray, rate: Fraction) -> np.ndarray:
        """(frames,) int from 1: which of its frames shows on each of a shot's at `rate`; outside, its ends hold."""
        # a frame shows from its own moment on; in whole numbers, so that equal rates stay in step for ever
        step = self._step(rate)
        passed = (np.asarray(frames) - self.first) * step.numerator // step.denominator
        return np.clip(self.in_frame + passed, self.in_frame, self.out_frame)

    def shot_frame(self, own: int, rate: Fraction) -> int:
        """The first frame of a shot at `rate` on which own frame `own` shows."""
        step = self._step(rate)
        return self.first - (self.in_frame - own) * step.denominator // step.numerator

    def marked_frame(self, mark: Mark, rate: Fraction) -> int:
        """The frame of a shot at `rate` that a mark stands on."""
        return self.shot_frame(mark.frame, rate) if mark.pose_frame is None else mark.pose_frame

    def with_poses_at(self, moved: Callable[[int], int]) -> "Reference":
        """Itself with what belongs to poses where `moved` brings the shot's frames that they are on."""
        return replace(
            self,
            pose_frame=None if self.pose_frame is None else moved(self.pose_frame),
            marks=tuple(m if m.pose_frame is None else replace(m, pose_frame=moved(m.pose_frame)) for m in self.marks),
        )

    def _step(self, rate: Fraction) -> Fraction:
        """Own frames that pass in a frame of a shot at `rate`."""
        return rate_of(1 / self.rate_fps) / rate

    @property
    def backdrop(self) -> "Backdrop":
        return stand_up(self)


@dataclass(frozen=True)
class Backdrop:
    """How the picture stands on its plane, whose x runs along the floor and y up from it, 0 at the floor line's middle.

    width_m, height_m; centre_m : (2,) of the picture; roll_rad : turned anticlockwise; skew_rad : by how much
    floor line and up line are off square; measured : whether a length was told
    """

    width_m: float
    height_m: float
    centre_m: tuple[float, float]
    roll_rad: float
    skew_rad: float
    measured: bool


def stand_up(reference: Reference) -> Backdrop:
    """The backdrop that brings the floor line level, the up line upright and the measured length to size.

    Pixels count downwards, the plane upwards: a line's angle is that of (dx, -dy).
    """
    w, h = reference.width, reference.height
    per_px, measured = UNMEASURED_HEIGHT_M / h, False
    if reference.length_line is not None and reference.length_m is not None:
        per_px = reference.length_m / float(np.hypot(*np.subtract(*reference.length_line)))
        measured = True
    tilts, foot = [], np.array([w / 2, h])
    if reference.floor_line is not None:
        a, b = (np.array(p) for p in sorted(reference.floor_line))
        foot = (a + b) / 2
        tilts.append(float(np.arctan2(-(b - a)[1], (b - a)[0])))
    if reference.up_line is not None:
        low, high = (np.array(p) for p in sorted(reference.up_line, key=lambda p: -p[1]))
        tilts.append(float(np.arctan2(-(high - low)[1], (high - low)[0]) - np.pi / 2))
    tilt = float(np.mean(tilts)) if tilts else 0.0
    skew = tilts[1] - tilts[0] if len(tilts) == 2 else 0.0
    x, y = (w / 2 - foot[0]) * per_px, (foot[1] - h / 2) * per_px
    c, s = np.cos(-tilt), np.sin(-tilt)
    centre = (float(c * x - s * y), float(s * x + c * y))
    if reference.mirrored:
        centre, tilt = (-centre[0], centre[1]), -tilt
    return Backdrop(w * per_px, h * per_px, centre, -tilt, skew, measured)
