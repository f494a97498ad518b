"""Named clips: ranges of a performer's motion that leave the shot on their own, and how each is played."""

from dataclasses import dataclass

from ironarc.core.errors import EditError

ONCE, LOOP, IN_PLACE = "once", "loop", "loop in place"
PLAYED = (ONCE, LOOP, IN_PLACE)
LONGEST_NAME = 60
LEAST_LOOP = 4  # frames of a loop: with fewer it has no speed at its ends


@dataclass(frozen=True)
class Strip:
    """A named clip. start, end : first and last own frame of the performer; played : "once", "loop", "loop in place"

    A loop goes from its last frame on to its first one: what has the same pose at both ends rests there for a frame.
    """

    id: str
    name: str
    start: int
    end: int
    played: str = ONCE

    @property
    def is_loop(self) -> bool:
        return self.played != ONCE

    def checked(self) -> "Strip":
        """Itself; EditError for no name, a span that can't be, or a loop that is too short."""
        if not 0 < len(self.name.strip()) <= LONGEST_NAME:
            raise EditError(f"A clip has a name of up to {LONGEST_NAME} letters.")
        if self.played not in PLAYED:
            raise EditError(f"A clip is played {', '.join(PLAYED)}; {self.played[:40]!r} was given.")
        least = LEAST_LOOP if self.is_loop else 1
        if self.end - self.start + 1 < least:
            raise EditError(
                f"{self.name} runs from its first to its last frame, {least} or more of them; {self.start} to "
                f"{self.end} was given."
            )
        return self
