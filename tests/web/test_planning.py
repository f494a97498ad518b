"""What the planner's page shows, held against the plan it shows."""

import numpy as np
import pytest

from ironarc.core.planning.flight_solver import solve
from ironarc.web import planning


@pytest.mark.parametrize("fps", [12, 24, 60])
@pytest.mark.parametrize(
    ("rise", "drop", "distance"), [(0.3, 0.3, None), (1.2, 0.1, 2.0), (0.0, 1.5, 0.4), (0.5, 3.0, 1.0)]
)
def test_the_drawn_arch_is_the_plan_s_own(rise, drop, distance, fps):
    plan = solve(rise_m=rise, drop_m=drop, distance_m=distance, fps=fps)
    arch = planning.arch_drawing(plan)
    points = np.array([[float(v) for v in point.split(",")] for point in arch["curve"].split()])
    assert (points >= 0).all()
    assert (points <= [arch["width"], arch["height"]]).all()
    # up in the picture is as much higher as it is in the air, whatever the scale
    heights = arch["ground"] - points[:, 1]
    asked = plan.height(np.linspace(0, plan.hang_s, len(points)))
    span = np.ptp(asked)
    np.testing.assert_allclose(heights / np.ptp(heights), asked / span, atol=0.01)
    assert len(arch["beads"]) == int(np.ceil(plan.frames - 1e-9))
    # no tick of the drawn chart is lost
    assert len(arch["up"]) + len(arch["down"]) >= len(arch["beads"])


def test_open_fields_are_filled_with_what_solves_again_to_the_same_plan():
    plan = solve(rise_m=0.42, drop_m=0.8, distance_m=1.3)
    texts = planning.solved(plan)
    again = planning.read_form({k: texts[k] for k in ("hang_s", "drop_cm", "distance_cm", "g")} | {"fps": "24"}).solve()
    assert again.rise_m == pytest.approx(0.42, rel=0.01)
    assert set(texts) == {*planning.FIELDS, "g"}


def test_the_same_jump_in_body_heights_grows_with_the_root_of_size():
    rows = {row["name"]: row for row in planning.by_body(solve(rise_m=0.35, drop_m=0.35))}
    giant, child = rows["A giant"], rows["A child"]
    assert giant["rise_cm"] / child["rise_cm"] == pytest.approx(500 / 110)
    assert giant["frames"] / child["frames"] == pytest.approx(np.sqrt(500 / 110))
    assert list(rows) == sorted(rows, key=lambda name: -rows[name]["height_cm"])


def test_the_chart_of_heights_follows_each_gravity():
    plan = solve(rise_m=0.3, drop_m=0.3, g=5.0)
    chart = planning.heights_drawing(plan)
    names = [line.name for line in chart["lines"]]
    assert names[-1] == "This plan"
    assert [line.name for line in chart["lines"] if line.chosen] == ["This plan"]
    (x0, x1), (y0, y1) = ([t[1] for t in chart[axis][:2]] for axis in ("x_ticks", "y_ticks"))
    per_frame = (x1 - x0) / (chart["x_ticks"][1][0] - chart["x_ticks"][0][0])
    per_cm = (y1 - y0) / (chart["y_ticks"][1][0] - chart["y_ticks"][0][0])
    frames, cm = (chart["mark"][0] - x0) / per_frame, (chart["mark"][1] - y0) / per_cm
    assert frames == pytest.approx(plan.frames, rel=0.02)
    assert cm == pytest.approx(30, rel=0.02)
    # names keep clear of one another
    spots = [(line.x, line.y) for line in chart["lines"]]
    for i, (x, y) in enumerate(spots):
        assert all(abs(y - b) >= 14 or abs(x - a) >= 60 for a, b in spots[i + 1 :])


def test_where_the_eases_fall_is_told_from_the_heights_themselves():
    plan = solve(rise_m=0.5, drop_m=0.5, fps=24)
    at = np.linspace(0, plan.rise_s, 20_001)
    half = at[np.searchsorted(plan.height(at), 0.25)] * 24
    top = (plan.rise_s - at[np.searchsorted(plan.height(at), 0.375)]) * 24
    says = planning.ease_says(plan)
    assert f"the first {half:.1f} of" in says
    assert f"within {top:.1f} frames" in says


def test_bounces_rest_where_the_sum_of_their_times_ends():
    table = planning.bounce_table(120, 0.55, 9.81, 30)
    total = table["fall_frames"] + sum(row["frames"] for row in table["rows"])
    assert table["rest_frame"] == pytest.approx(total)
    drawing = planning.bounce_drawing(120, table, 30)
    heights = [drawing["ground"] - float(y) for _, y in drawing["beads"]]
    assert min(heights) >= -0.05
    assert heights[0] == max(heights)
