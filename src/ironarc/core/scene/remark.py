"""Notes of a review: said of a frame by somebody, answered, and settled."""

from dataclasses import dataclass

from ironarc.core.errors import EditError, check_frame

LONGEST_TEXT, LONGEST_NAME, MOST_ANSWERS = 1000, 60, 40


@dataclass(frozen=True)
class Answer:
    """What somebody answered to a note, and who, or "" for nobody told."""

    by: str
    text: str


@dataclass(frozen=True)
class Remark:
    """A note on a frame of the shot.

    by : who made it, or "" for nobody told; part : of the body it is about, or ""
    performer : the id of the one it is about; settled : whether it is done with
    """

    id: str
    by: str
    frame: int
    text: str
    part: str = ""
    performer: str = ""
    settled: bool = False
    answers: tuple[Answer, ...] = ()

    def checked(self) -> "Remark":
        """Itself; EditError for no words, or too many."""
        check_frame("The frame of a note", self.frame)
        for said in (self, *self.answers):
            if not 0 < len(said.text.strip()) <= LONGEST_TEXT:
                raise EditError(f"A note or an answer has words, up to {LONGEST_TEXT} characters of them.")
            if len(said.by) > LONGEST_NAME:
                raise EditError(f"A name has up to {LONGEST_NAME} letters.")
        if len(self.answers) > MOST_ANSWERS:
            raise EditError(f"A note has up to {MOST_ANSWERS} answers. Settle it, and make a new one.")
        return self
