"""Spans taken out of a motion."""

from dataclasses import dataclass


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
