"""When a performer's motion plays: slipped by frames, trimmed at both ends, with spans cut out and blended over.

A performer's keys have frame numbers of their own. The shot's frame minus the slip is the frame played;
the frame played, plus what the cuts before it took out, is the performer's own frame. Outside the trim the
first and the last pose hold.
"""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.errors import EditError

MAX_SLIP = 100_000


@dataclass(frozen=True)
class Cut:
    """A span taken out.

    start, end : first and last own frame taken out
    blend : frames over which the motion before passes into the motion after
    carry : whether what follows is moved over the floor so that the path goes on where it was
    """

    start: int
    end: int
    blend: int = 0
    carry: bool = True

    @property
    def frames(self) -> int:
        return self.end - self.start + 1


@dataclass(frozen=True)
class Mix:
    """The own frames behind some frames of the shot.

    before, after : (frames,) own frames on either side of a blend, the same outside of one
    share : (frames,) 0 to 1, how much of `after` counts
    cuts_before : (frames,) int, how many cuts lie wholly before the frame's `before` side
    """

    before: np.ndarray
    after: np.ndarray
    share: np.ndarray
    cuts_before: np.ndarray


@dataclass(frozen=True)
class Timing:
    """slip : frames later than its own numbers; trim : first and last own frame kept, None for all of the
    clip; cuts : in order, apart from each other."""

    slip: int = 0
    trim: tuple[int, int] | None = None
    cuts: tuple[Cut, ...] = ()

    @property
    def taken_out(self) -> int:
        return sum(cut.frames for cut in self.cuts)

    def seams(self) -> list[float]:
        """The place of each cut in frames of the shot: half-way between the frames on either side of it."""
        out, removed = [], 0
        for cut in self.cuts:
            out.append(cut.start - removed - 0.5 + self.slip)
            removed += cut.frames
        return out

    def kept(self, clip: tuple[int, int]) -> tuple[int, int]:
        """First and last own frame kept of a clip."""
        return self.trim or clip

    def span(self, clip: tuple[int, int]) -> tuple[int, int]:
        """First and last frame of the shot on which a clip plays."""
        first, last = self.kept(clip)
        return first + self.slip, last - self.taken_out + self.slip

    def mix(self, frames: np.ndarray, clip: tuple[int, int]) -> Mix:
        """Own frames and shares for the shot's `frames` (frames,)."""
        first, last = self.kept(clip)
        played = np.clip(np.asarray(frames) - self.slip, first, last - self.taken_out)
        own, share, after = played.copy(), np.zeros(len(played)), played.copy()
        passed = np.zeros(len(played), dtype=int)
        removed = 0
        for number, cut in enumerate(self.cuts):
            seam, half = cut.start - removed, cut.blend / 2
            own[played >= seam + half] += cut.frames
            passed[played >= seam + half] = number + 1
            within = (played >= seam - half) & (played < seam + half)
            after = np.where(within, own + cut.frames, after)
            # smoothstep about the seam, level at both ends so that no speed is added there
            t = (played - seam + 0.5) / max(cut.blend, 1) + 0.5
            share = np.where(within, t * t * (3 - 2 * t), share)
            removed += cut.frames
        after = np.where(share > 0, after, own)
        return Mix(np.clip(own, first, last), np.clip(after, first, last), share, passed)

    def own_frames(self, frames: np.ndarray, clip: tuple[int, int]) -> np.ndarray:
        """Own frames of neighbouring frames of the shot that no cut or held end lies within; else EditError."""
        mix = self.mix(frames, clip)
        if (mix.share > 0).any() or (np.diff(mix.before) != 1).any():
            raise EditError(
                f"Frames {frames[0]} to {frames[-1]} reach over a cut, its blend or a trimmed end. "
                "Mend the cut or move the trim first."
            )
        return mix.before

    def unheld(self, frames: np.ndarray) -> np.ndarray:
        """Own frames (frames,) behind frames of the shot as `own_frame` has them, running on beyond the clip's ends."""
        own = np.asarray(frames) - self.slip
        for cut in self.cuts:
            own = np.where(own >= cut.start, own + cut.frames, own)
        return own

    def own_frame(self, frame: int) -> int:
        """The own frame behind a frame of the shot, as if nothing were trimmed; in a blend, on the nearer side."""
        return int(self.unheld(np.array([frame]))[0])

    def seen_frame(self, own: int) -> int:
        """The way back of `own_frame`: the frame of the shot an own frame is seen on."""
        return own + self.slip - sum(cut.frames for cut in self.cuts if own > cut.end)

    def with_slip(self, slip: int) -> "Timing":
        """Slipped to `slip`; EditError beyond reason."""
        if abs(slip) > MAX_SLIP:
            raise EditError(f"A motion can be slipped by up to {MAX_SLIP} frames; {slip} was given.")
        return replace(self, slip=slip)

    def with_trim(self, first: int, last: int, clip: tuple[int, int]) -> "Timing":
        """Trimmed to own frames first … last; EditError if that is no span of the clip or meets a cut."""
        if not clip[0] <= first <= last <= clip[1]:
            raise EditError(
                f"The motion has frames {clip[0] + self.slip} to {clip[1] + self.slip}; "
                f"{first + self.slip} to {last + self.slip} is not a span within them."
            )
        trimmed = replace(self, trim=None if (first, last) == clip else (first, last))
        for cut in self.cuts:
            trimmed._check(cut, clip)
        return trimmed

    def with_cut(self, cut: Cut, clip: tuple[int, int]) -> "Timing":
        """With one more cut; EditError where there isn't room for it or its blend."""
        self._check(cut, clip)
        for other in self.cuts:
            room = (cut.blend + other.blend + 1) // 2
            if cut.start <= other.end + room and other.start <= cut.end + room:
                raise EditError(
                    f"{other.frames} frames are cut out already before frame {self.seen_frame(other.end + 1)}, with a "
                    f"blend of {other.blend}. Mend that cut first, or leave more frames between the two."
                )
        return replace(self, cuts=tuple(sorted((*self.cuts, cut), key=lambda c: c.start)))

    def without_cut(self, number: int) -> "Timing":
        """With the cut of this number, counted from 0, mended."""
        if not 0 <= number < len(self.cuts):
            raise EditError("That cut has been mended already.")
        return replace(self, cuts=self.cuts[:number] + self.cuts[number + 1 :])

    def _check(self, cut: Cut, clip: tuple[int, int]) -> None:
        first, last = self.kept(clip)
        length = last - first + 1
        if cut.end < cut.start:
            start, end = self.seen_frame(cut.start), self.seen_frame(cut.end)
            raise EditError(f"A cut runs from its first to its last frame; {start} to {end} was given.")
        if cut.frames >= length:
            raise EditError(f"A cut of {cut.frames} frames is longer than the clip, which has {length}.")
        half = max((cut.blend + 1) // 2, 1)  # a cut has something on both its sides; an end is trimmed
        if not 0 <= cut.blend <= cut.frames:
            raise EditError(f"A blend lies between 0 frames and the cut's own {cut.frames}; {cut.blend} was given.")
        if cut.start - half < first or cut.end + half > last:
            start, end, first, last = (self.seen_frame(f) for f in (cut.start, cut.end, first, last))
            room = "1 frame" if half == 1 else f"{half} frames"
            raise EditError(
                f"Cutting frames {start} to {end} with a blend of {cut.blend} needs {room} of the clip on each side; "
                f"it has frames {first} to {last}."
            )
