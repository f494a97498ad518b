"""When a performer's motion plays: slipped by frames, cut, retimed, and trimmed at both ends.

A performer's keys have frame numbers of their own, and everything that belongs to them counts in these: layers,
loads, contacts, cuts. From a frame of the shot the way leads down: minus the slip; plus what the cuts before it
took out; through each retiming; and within the trim, outside which the first and the last pose hold.
"""

from dataclasses import dataclass, replace

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.scene.cuts import Cut
from ironarc.core.scene.retiming import Retiming
from ironarc.core.settings import MAX_FRAME_NUMBER

MOST_RETIMINGS = 40


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
    clip; cuts : in order, apart from each other; retimings : the first lies next to the own frames."""

    slip: int = 0
    trim: tuple[int, int] | None = None
    cuts: tuple[Cut, ...] = ()
    retimings: tuple[Retiming, ...] = ()

    @property
    def taken_out(self) -> int:
        return sum(b - a + 1 for a, b in self._spans())

    @property
    def is_retimed(self) -> bool:
        return any(retiming.acts for retiming in self.retimings)

    def _down(self, frames: np.ndarray) -> np.ndarray:
        """Own frames behind frames that nothing but retiming stands before."""
        for retiming in reversed(self.retimings):
            frames = retiming.down(frames) if retiming.acts else frames
        return frames

    def _up(self, own: np.ndarray) -> np.ndarray:
        for retiming in self.retimings:
            own = retiming.up(own) if retiming.acts else own
        return own

    def _up_whole(self, own: int) -> int:
        return int(np.floor(self._up(np.array([own]))[0] + 0.5)) if self.is_retimed else own

    def _spans(self) -> list[tuple[int, int]]:
        """First and last frame each cut takes out, in frames as they are after retiming."""
        if not self.is_retimed:
            return [(cut.start, cut.end) for cut in self.cuts]
        return [(self._up_whole(cut.start), self._up_whole(cut.end + 1) - 1) for cut in self.cuts]

    def seams(self) -> list[float]:
        """The place of each cut in frames of the shot: half-way between the frames on either side of it."""
        out, removed = [], 0
        for start, end in self._spans():
            out.append(start - removed - 0.5 + self.slip)
            removed += end - start + 1
        return out

    def kept(self, clip: tuple[int, int]) -> tuple[int, int]:
        """First and last own frame kept of a clip."""
        return self.trim or clip

    def span(self, clip: tuple[int, int]) -> tuple[int, int]:
        """First and last frame of the shot on which a clip plays."""
        first, last = (self._up_whole(f) for f in self.kept(clip))
        return first + self.slip, last - self.taken_out + self.slip

    def mix(self, frames: np.ndarray, clip: tuple[int, int]) -> Mix:
        """Own frames and shares for the shot's `frames` (frames,)."""
        first, last = self.kept(clip)
        low, high = (self._up(np.array([float(f)]))[0] for f in (first, last)) if self.is_retimed else (first, last)
        played = np.clip(np.asarray(frames) - self.slip, low, high - self.taken_out)
        own, share, after = played.copy(), np.zeros(len(played)), played.copy()
        passed = np.zeros(len(played), dtype=int)
        removed = 0
        for number, (cut, (start, end)) in enumerate(zip(self.cuts, self._spans(), strict=True)):
            seam, half, out = start - removed, cut.blend / 2, end - start + 1
            own[played >= seam + half] += out
            passed[played >= seam + half] = number + 1
            within = (played >= seam - half) & (played < seam + half)
            after = np.where(within, own + out, after)
            # smoothstep about the seam, level at both ends so that no speed is added there
            t = (played - seam + 0.5) / max(cut.blend, 1) + 0.5
            share = np.where(within, t * t * (3 - 2 * t), share)
            removed += out
        after = np.where(share > 0, after, own)
        return Mix(np.clip(self._down(own), first, last), np.clip(self._down(after), first, last), share, passed)

    def own_frames(self, frames: np.ndarray, clip: tuple[int, int]) -> np.ndarray:
        """Own frames of neighbouring frames of the shot that no cut or held end lies within; else EditError."""
        mix = self.mix(frames, clip)
        first, last = self.span(clip)
        if self.trim is None and (frames[0] < first or frames[-1] > last):
            moves = f"moves from {first} to {last}" if first < last else f"has a pose at {first}"
            raise EditError(
                f"Frames {frames[0]} to {frames[-1]} reach beyond this motion: it {moves} and is held beside that. "
                "Choose frames within it, or key a pose where it is to end."
            )
        if (mix.share > 0).any() or (np.diff(mix.before) <= 0).any() or (np.diff(mix.cuts_before) > 0).any():
            raise EditError(
                f"Frames {frames[0]} to {frames[-1]} reach over a cut, its blend or a trimmed end. "
                "Mend the cut or move the trim first."
            )
        return mix.before

    def first_of(self, frames: np.ndarray, clip: tuple[int, int]) -> int:
        """The own frame behind the first of neighbouring frames of the shot that are played frame by frame, as a value
        a frame can be kept for them; else EditError."""
        own = self.own_frames(frames, clip)
        whole = np.rint(own)
        if np.abs(own - whole).max() > 1e-6 or (np.diff(whole) != 1).any():
            raise EditError(
                f"Frames {frames[0]} to {frames[-1]} are played at another pace. Delete the retiming, or choose a "
                "span beside it."
            )
        return int(whole[0])

    def unheld(self, frames: np.ndarray) -> np.ndarray:
        """Own frames (frames,) behind frames of the shot as `own_frame` has them, running on beyond the clip's ends."""
        return self._down(self.moments(frames))

    def moments(self, frames: np.ndarray) -> np.ndarray:
        """Frames of the shot (frames,) with slip and cuts undone: what a retiming over those there are goes from."""
        own = np.asarray(frames) - self.slip
        for start, end in self._spans():
            own = np.where(own >= start, own + end - start + 1, own)
        return own

    def own_frame(self, frame: int) -> int:
        """The own frame behind a frame of the shot, as if nothing were trimmed; in a blend, on the nearer side."""
        return int(np.floor(self.unheld(np.array([frame]))[0] + 0.5))

    def delayed(self, own: np.ndarray, by: int) -> np.ndarray:
        """Own frames (frames,) of what is seen so many frames later, as the eye counts them where time is retimed."""
        return self._down(self._up(np.asarray(own, dtype=float)) + by) if self.is_retimed else own + by

    def seen_frame(self, own: int) -> int:
        """The way back of `own_frame`: the frame of the shot an own frame is seen on."""
        up = self._up_whole(own)
        return up + self.slip - sum(end - start + 1 for start, end in self._spans() if up > end)

    @property
    def free_retiming_id(self) -> str:
        used = {r.id for r in self.retimings}
        return next(f"retiming{n}" for n in range(1, len(used) + 2) if f"retiming{n}" not in used)

    def with_retiming(self, retiming: Retiming) -> "Timing":
        """With one more retiming over those there are, or in place of the one with its id."""
        others = [r for r in self.retimings if r.id != retiming.id]
        if len(others) >= MOST_RETIMINGS:
            raise EditError(f"A performer can be retimed {MOST_RETIMINGS} times over; delete one first.")
        at = next((i for i, r in enumerate(self.retimings) if r.id == retiming.id), len(others))
        return replace(self, retimings=(*others[:at], retiming.checked(), *others[at:]))

    def checked(self, clip: tuple[int, int]) -> "Timing":
        """Itself; EditError for a slip, trim, cut or retiming that can't be on this clip."""
        self.with_slip(self.slip)
        if self.trim is not None:
            replace(self, trim=None).with_trim(*self.trim, clip)
        for cut in self.cuts:
            self._check(cut, clip)
        for retiming in self.retimings:
            retiming.checked()
        return self

    def with_slip(self, slip: int) -> "Timing":
        """Slipped to `slip`; EditError beyond reason."""
        if abs(slip) > MAX_FRAME_NUMBER:
            raise EditError(f"A motion can be slipped by up to {MAX_FRAME_NUMBER} frames; {slip} was given.")
        return replace(self, slip=slip)

    def with_trim(self, first: int, last: int, clip: tuple[int, int]) -> "Timing":
        """Trimmed to own frames first … last; EditError if that is no span of the clip or meets a cut."""
        if not clip[0] <= first <= last <= clip[1]:
            raise EditError(
                f"The motion has frames {self.seen_frame(clip[0])} to {self.seen_frame(clip[1])}; "
                f"{self.seen_frame(first)} to {self.seen_frame(last)} is not a span within them."
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
