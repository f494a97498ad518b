"""A loop read as it goes round: arcs, contacts and spin across its seam, as three rounds of it have them."""

from dataclasses import dataclass, replace

from ironarc.core.errors import EditError
from ironarc.core.exchange.order import played
from ironarc.core.judging.finding import RANK, SOUND, Finding
from ironarc.core.judging.judge import findings_of, judge
from ironarc.core.reading import Seen, see
from ironarc.core.reading.loops import falls_of

ROUNDS, DEEP_M = 3, -500.0


@dataclass(frozen=True)
class Round:
    """findings : of one round, on the clip's own frames; new : those of them that the motion alone does not have

    flights, spins : flights that begin in a round, in the clip's frames, or last all of it; and how fast each turns
    (turns/s)
    """

    findings: tuple[Finding, ...]
    new: tuple[Finding, ...]
    flights: tuple[tuple[int, int], ...]
    spins: tuple[float, ...]

    @property
    def grade(self) -> str:
        """The worst of its findings'."""
        return max((f.grade for f in self.findings), key=RANK.__getitem__, default=SOUND)


def read_round(seen: Seen, clip: str) -> Round:
    """One round of a performer's clip that loops, by id, between two others. EditError for a clip that is none."""
    strip = next((s for s in seen.performer.strips_seen() if s.id == clip and s.is_loop), None)
    if strip is None:
        raise EditError("That clip is gone, or does not loop. Choose how it is played in Show.")
    rounds, _ = played(seen.shot, seen.performer, [strip] * ROUNDS, strip.name, 0)
    n, first = strip.end - strip.start + 1, int(seen.reading.poses.frames[0])
    if falls_of(seen.reading, strip.start - first, strip.end - first).any():
        # round after round it falls on: nothing is there to come down on
        rounds = replace(rounds, floor_m=DEEP_M, floor_by_hand=True, props=())
    reading = see(rounds).reading

    def own(frame: int) -> int:
        return strip.start + (frame - 1) % n

    middle = [f for f in judge(rounds, rounds.performer, reading, seen.house) if f.start <= 2 * n and f.end > n]
    found: dict[tuple, Finding] = {}
    for f in sorted(middle, key=lambda f: -RANK[f.grade]):
        found.setdefault((f.kind, f.part, own(f.start)), replace(f, start=own(f.start), end=own(f.end)))
    there = {(f.kind, f.part) for f in seen.ask(findings_of) if f.start <= strip.end and f.end >= strip.start}
    new = tuple(f for f in found.values() if (f.kind, f.part) not in there)
    # of what flies throughout there is one flight, which begins in no round
    flights = [f for f in reading.flights if n < f.start <= 2 * n or (f.start <= n and f.end > 2 * n)]
    return Round(
        tuple(found.values()), new, tuple((own(f.start), own(f.end)) for f in flights),
        tuple(f.spin.turns_per_s for f in flights),
    )  # fmt: skip
