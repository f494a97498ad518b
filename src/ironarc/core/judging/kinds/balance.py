"""Balance: a pose that is held where it would fall."""

from collections.abc import Iterator

import numpy as np

from ironarc.core import rotation
from ironarc.core.judging.evidence import Evidence, curve, lines, window
from ironarc.core.judging.finding import Case, Finding
from ironarc.core.judging.grade import LENGTH, Grade
from ironarc.core.judging.kind import Kind
from ironarc.core.judging.on_stance import spans_of, stance_cause
from ironarc.core.reading.balance import read_balance

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
        soon = f" Let go, it would tip {way} and be past saving in {tips:.1f} s." if np.isfinite(tips) else ""
        says = f"Held out of balance: the plumb falls {most * 100:.0f} cm {way} of its footing.{soon}"
        yield from case.raised("balance", most, start, end, says, cause=stance_cause(start, end))


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
