"""What a push and a landing say: what they take, over the depth they have."""

from collections.abc import Iterator

from ironarc.core.judging.evidence import Evidence, curve
from ironarc.core.judging.finding import SOUND, Case, Finding, cm
from ironarc.core.judging.on_flights import can_judge
from ironarc.core.reading.impact import Push, enough_depth, needed_bw, read_pushes

AT_ONCE = 1.3  # times what the whole depth asks for, from which much of the speed came or went in one frame


def raised_of(case: Case, kind: str, at_take_off: bool) -> Iterator[Finding]:
    """The mean push of every take-off, or of every landing, over the depth it has."""
    for push in case.reading.ask(read_pushes):
        if push.at_take_off != at_take_off or not can_judge(push.flight, case.reading.g, case.limits):
            continue
        if case.graded(kind, push.mean_bw)[0] == SOUND:
            continue  # most are, and the words take longest
        yield from case.raised(kind, push.mean_bw, push.start, push.end, _says(case, push, kind))


def _says(case: Case, push: Push, kind: str) -> str:
    _, limit = case.graded(kind, push.mean_bw)
    enough = cm(enough_depth(push.speed_ms, case.limits[kind].strained, case.reading.g))
    # more than its whole depth asks for: much of the speed comes or goes within one frame
    sudden = push.mean_bw > AT_ONCE * needed_bw(push.speed_ms, push.depth_m, case.reading.g)
    force = f"{push.mean_bw:.0f} body weights" if push.mean_bw < 30 else "more than 30 body weights"
    over = f"{cm(push.depth_m)}{', most of it at once' if sudden else ''}"
    if push.at_take_off:
        return (
            f"Takes off at {push.speed_ms:.1f} m/s from a push of {over}: that takes {force}, {limit:.3g} is the "
            f"limit. {enough} of depth, taken evenly, would do."
        )
    return (
        f"Lands at {push.speed_ms:.1f} m/s and takes it in {over}: {force}, {limit:.3g} is the limit. "
        f"{enough} of give, taken evenly, would do."
    )


def height_of(finding: Finding, case: Case) -> Evidence:
    """The height that a push gives or a landing takes."""
    reading = case.reading
    push = min(reading.ask(read_pushes), key=lambda p: abs(p.start - finding.start) + abs(p.end - finding.end))
    numbers = [
        ("Speed at take-off" if push.at_take_off else "Speed at touch-down", f"{push.speed_ms:.2f} m/s"),
        ("Depth of the push" if push.at_take_off else "Taken over", f"{push.depth_m * 100:.1f} cm"),
        ("Needed on average", f"{push.mean_bw:.1f} body weights"),
    ]
    height = (reading.com[:, 1] - reading.floor_m) * 100
    return curve(finding, case, "Center of gravity over the floor", "cm", height, None, (), numbers)
