"""True the footing: what is planted stays where it stands, on the surface and not in it; hips follow as asked."""

from dataclasses import dataclass

from ironarc.core.errors import EditError
from ironarc.core.judging.judge import limits_seen
from ironarc.core.reading import Seen
from ironarc.core.reading.faults import HOVER, SINK, SLIDE, ContactFault, contact_faults
from ironarc.core.settings import CAPTURED
from ironarc.core.truing.correction import FRAME, SHARE, Correction, Place, Proposal, Way, option
from ironarc.core.truing.footed import footed
from ironarc.core.truing.proposing import proposed

NAME = "true_footing"
FOLLOW, LEGS = "hips", "legs"


@dataclass(frozen=True)
class Options:
    """start, end : frames; hips : share of what the feet are moved by that the hips follow
    slide, sink, hover : which of them are put right"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    hips: float = option("hips follow", SHARE, 0, 1, default=1.0)
    slide: bool = option("hold what slides", default=True)
    sink: bool = option("lift what sinks", default=True)
    hover: bool = option("bring down what hovers", default=True)


def _faults(seen: Seen, options: Options | None = None) -> list[ContactFault]:
    wanted = {SLIDE, SINK, HOVER}
    if options is not None:
        wanted = {k for k, on in ((SLIDE, options.slide), (SINK, options.sink), (HOVER, options.hover)) if on}
    reading, limits = seen.reading, limits_seen(seen)
    noise = CAPTURED if reading.traced.captured else 1.0
    return [
        f for f in reading.ask(contact_faults)
        if f.kind in wanted and f.value_m > limits[f.kind].strained * reading.size * noise
        and (options is None or (f.start <= options.end and options.start <= f.end))
    ]  # fmt: skip


def places(seen: Seen) -> list[Place]:
    """Spans of faults, those that overlap taken together."""
    spans: list[list[int]] = []
    for f in sorted(_faults(seen), key=lambda f: f.start):
        if spans and f.start <= spans[-1][1] + 2:
            spans[-1][1] = max(spans[-1][1], f.end)
        else:
            spans.append([f.start, f.end])
    return [
        Place(
            a, b,
            (
                Way(FOLLOW, "Hold the feet, the hips follow", Options(a, b)),
                Way(LEGS, "Hold the feet, the legs give", Options(a, b, 0.0)),
            ),
        )
        for a, b in spans
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """Planted parts held over a span. EditError where nothing is to be put right."""
    reading = seen.reading
    faults = _faults(seen, options)
    if not faults:
        raise EditError(
            f"Nothing slides, sinks or hovers from {options.start} to {options.end}. Choose frames where it does."
        )
    # what is moved must come to rest somewhere: beside a contact at fault flights and other contacts give way
    figure = footed(reading, slice(*reading.traced.plays), faults, options.hips)
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", _says(faults))


def _says(faults: list[ContactFault]) -> str:
    worst: dict[str, ContactFault] = {}
    for f in faults:
        if f.kind not in worst or f.value_m > worst[f.kind].value_m:
            worst[f.kind] = f
    verbs = {SLIDE: "held that slid by", SINK: "up out of the ground by", HOVER: "down by"}
    return " ".join(f"{f.what.capitalize()} {verbs[k]} {f.value_m * 100:.1f} cm." for k, f in worst.items())


CORRECTION = Correction(
    NAME,
    "True the footing",
    "footing",
    "Planted feet and hands stay where they stand; what sinks comes out of the ground, what hovers comes down to it; "
    "the hips follow as far as asked.",
    Options,
    (SLIDE, SINK, HOVER),
    places,
    propose,
    order=10,
    needs="Needs a planted part that slides, sinks or hovers.",
)

__all__ = ["CORRECTION", "Options", "places", "propose"]
