"""Notes of a review: said of a frame by somebody, answered, and settled."""

from dataclasses import dataclass

from ironarc.core.errors import EditError, check_frame, check_number

LONGEST_TEXT, LONGEST_NAME, MOST_ANSWERS = 1000, 60, 40
STROKES = ("line", "arrow", "circle")
MOST_STROKES, MOST_POINTS, FARTHEST_M = 40, 400, 1000.0


@dataclass(frozen=True)
class Answer:
    """What somebody answered to a note, and who, or "" for nobody told."""

    by: str
    text: str


@dataclass(frozen=True)
class Stroke:
    """Something drawn over the view. kind : "line", "arrow" or "circle"; points_m : where it goes, (3,) m in the world

    An arrow points at its last one; a circle is drawn by points all round it.
    """

    kind: str
    points_m: tuple[tuple[float, float, float], ...]

    def checked(self) -> "Stroke":
        """Itself; EditError for a kind that there isn't, and for too few or too many points."""
        if self.kind not in STROKES:
            raise EditError(f"What is drawn is a {', '.join(STROKES)}; {self.kind[:20]!r} was given.")
        if not 2 <= len(self.points_m) <= MOST_POINTS:
            raise EditError(f"A stroke has 2 to {MOST_POINTS} points; {len(self.points_m)} were given.")
        for point in self.points_m:
            for value in point:
                check_number("A point of a stroke", value)
                if abs(value) > FARTHEST_M:
                    raise EditError(f"A stroke lies within {FARTHEST_M:.0f} m of the middle of the stage.")
        return self


@dataclass(frozen=True)
class Remark:
    """A note on a frame of the shot.

    by : who made it, or "" for nobody told; part : of the body it is about, or ""
    performer : the id of the one it is about; settled : whether it is done with
    strokes : drawn over the view, in the world, so that they stay where they are as the view turns
    """

    id: str
    by: str
    frame: int
    text: str
    part: str = ""
    performer: str = ""
    settled: bool = False
    answers: tuple[Answer, ...] = ()
    strokes: tuple[Stroke, ...] = ()

    def checked(self) -> "Remark":
        """Itself; EditError for no words, or too many."""
        check_frame("The frame of a note", self.frame)
        for said in (self, *self.answers):
            if not 0 < len(said.text.strip()) <= LONGEST_TEXT:
                raise EditError(f"A note or an answer has words, up to {LONGEST_TEXT} characters of them.")
            if len(said.by) > LONGEST_NAME:
                raise EditError(f"A name has up to {LONGEST_NAME} letters.")
        if len(self.strokes) > MOST_STROKES:
            raise EditError(f"A note has up to {MOST_STROKES} strokes. Clear them, or make another note.")
        for stroke in self.strokes:
            stroke.checked()
        if len(self.answers) > MOST_ANSWERS:
            raise EditError(f"A note has up to {MOST_ANSWERS} answers. Settle it, and make a new one.")
        return self
