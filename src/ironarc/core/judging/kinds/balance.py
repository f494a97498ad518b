"""Balance: a pose that is held where it would fall."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve, lines, window
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_stance import spans_of, stance_cause
from ironarc.core.reading import Reading
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.skin import parts_of

LYING = 0.25  # of the figure's height that the center of gravity of one that lies is over the floor, at most
NEVER_S = 0.05  # within which nothing that is held can be past saving
DOUBTED = 1.01  # of the limit, that a footing which can't be all of it counts as: strained, never cracked
UPRIGHT = 0.3  # share of the pelvis's forward that lies level, below which a body faces no way

GRADE = Grade(
    "Out of balance", 0.02, 0.06, "m",
    "A pose held for 0.25 s with its plumb outside the support area falls; captured stances stay inside.",
    "Bring the hips back over the feet, put a foot or a hand down farther out, or let it fall.", LENGTH,
)  # fmt: skip


def rule(case: Case) -> Iterator[Finding]:
    """Held poses that would fall, with the way they tip and how soon."""
    reading = case.reading
    measured = reading.ask(read_balance)
    for a, b, most in spans_of(case):
        start, end = a + case.first, b - 1 + case.first
        at = a + int(np.argmin(measured.margin_m[a:b]))
        tips = measured.tips_in_s[at]
        way = _way(case, at)
        if tips < NEVER_S and _lies(reading, at):
            # nothing that lies is held by a point it is past saving on: a contact wasn't read
            bears = _bearing(reading, at)
            says = (
                f"Only the {bears} is read as touching, and the plumb falls {most * 100:.0f} cm {way} of it: something "
                "else must bear the body. Set what touches in Read, or close its gap to the floor."
            )
            doubt = case.graded("balance", 0.0)[1] * DOUBTED
            yield from case.raised("balance", most, start, end, says, cause=stance_cause(start, end), sure=doubt)
            continue
        soon = f" Let go, it would tip {way} and be past saving in {tips:.1f} s." if np.isfinite(tips) else ""
        says = f"Held out of balance: the plumb falls {most * 100:.0f} cm {way} of its footing.{soon}"
        yield from case.raised("balance", most, start, end, says, cause=stance_cause(start, end))


def _lies(reading: Reading, at: int) -> bool:
    return float(reading.com[at, 1] - reading.floor_m) < LYING * reading.body.anatomy.height_m


def _bearing(reading: Reading, at: int) -> str:
    """What touches on a frame, in words."""
    skin, names = reading.traced.track.skin, reading.poses.rig.names
    on = reading.footing.on[at]
    found = [what for what, points in parts_of(skin, names).items() if on[points].any()]
    return " and the ".join(found[:2]) if len(found) <= 2 else f"{found[0]} with {len(found) - 1} more"


def _way(case: Case, at: int) -> str:
    """The way it falls, as the figure faces: "ahead", "behind", "left", "right"."""
    reading = case.reading
    fall = reading.ask(read_balance).fall[at]
    root = reading.poses.rig.roots[0]
    ahead = rotation.rotate(reading.poses.rotation[at, root], reading.body.anatomy.forward)[[0, 2]]
    if not np.isfinite(fall).all() or np.linalg.norm(ahead) < UPRIGHT:
        return "outside"
    ahead = ahead / np.linalg.norm(ahead)
    # seen from above with z ahead, x is on the left-hand side
    left = np.array([ahead[1], -ahead[0]])
    along, across = float(fall @ ahead), float(fall @ left)
    if abs(along) >= abs(across):
        return "ahead" if along > 0 else "behind"
    return "to the left" if across > 0 else "to the right"


def evidence(finding: Finding, case: Case) -> Evidence:
    """How far the plumb lies inside the footing."""
    balance = case.reading.ask(read_balance)
    at = window(finding, case)
    tips = balance.tips_in_s[at].min()
    numbers = [
        ("Standing margin at worst", f"{np.nanmin(balance.margin_m[at]) * 100:.1f} cm"),
        ("Moving margin at worst", f"{np.nanmin(balance.xcom_margin_m[at]) * 100:.1f} cm"),
        ("Past saving, let go, in", f"{tips:.1f} s" if np.isfinite(tips) else "never"),
    ]
    return curve(
        finding,
        case,
        "Plumb inside the footing",
        "cm",
        balance.margin_m * 100,
        None,
        lines(case, "balance", -100),
        numbers,
    )


KIND = Kind("balance", GRADE, rule, evidence, order=40)
