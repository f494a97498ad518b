"""The planner's questions and answers as a page shows them."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.crew import STOCK
from ironarc.core.planning.ballistics import (
    WORLDS,
    Plan,
    bounces,
    check_frames,
    hang_time,
    implied_gravity,
    whole_frame_starts,
)
from ironarc.core.planning.commands import Known

# Bodies the same jump, in body heights, is shown for beside the crew: name, height in cm
OTHER_BODIES = (("A child", 110.0), ("A giant", 500.0), ("A doll", 30.0))
BOUNCE_FIELDS = {"bounce_cm": "The height it falls from", "factor": "The bounce factor", "g": "Gravity"}
FIELDS = {
    "rise_cm": ("Rise", "cm", "take-off to the top"),
    "drop_cm": ("Drop", "cm", "the top to the landing"),
    "hang_frames": ("Hang", "frames", "in the air"),
    "hang_s": ("Hang", "s", "in the air"),
    "distance_cm": ("Distance", "cm", "over the floor"),
    "speed_ms": ("Take-off speed", "m/s", "along the path"),
    "angle_deg": ("Take-off angle", "°", "over the level"),
}


def read_form(values) -> Known:
    """A request from a form's texts; an empty field is unknown. Raises EditError for what is no number."""
    known = {}
    for name in (*FIELDS, "g"):
        text = values.get(name, "").strip().replace(",", ".")
        if text:
            known[name] = read_number(FIELDS.get(name, ("Gravity",))[0], text)
        elif name == "g" and name in values:
            known[name] = None
    if values.get("fps", "").strip():
        known["fps"] = values["fps"]
    return Known(**known)


def read_number(word: str, text: str) -> float:
    """A number typed into a field called `word`. Raises EditError for what is none."""
    try:
        value = float(text.strip().replace(",", "."))
    except ValueError:
        value = np.nan
    if not np.isfinite(value) or abs(value) > 1e6:
        raise EditError(f"{word} must be a number; {text[:20]!r} was given.")
    return value


def answers(plan: Plan) -> list[tuple[str, str]]:
    """Everything about a flight, as words and numbers."""
    out = [
        ("Rise", f"{plan.rise_m * 100:.1f} cm"),
        ("Drop", f"{plan.drop_m * 100:.1f} cm"),
        ("Hang", f"{plan.frames:.2f} f · {plan.hang_s:.3f} s"),
        ("Up, down", f"{plan.rise_s * plan.fps:.1f} f, {(plan.hang_s - plan.rise_s) * plan.fps:.1f} f"),
        ("Leaves upwards at", f"{plan.up_ms:.2f} m/s"),
    ]
    if plan.along_ms is not None:
        out += [
            ("Distance", f"{plan.distance_m * 100:.1f} cm"),
            ("Over the floor at", f"{plan.along_ms:.2f} m/s"),
            ("Takes off at", f"{plan.speed_ms:.2f} m/s, {np.degrees(plan.angle_rad):.0f}°"),
        ]
    out.append(("Gravity", f"{plan.g:.2f} m/s²"))
    return out


def solved(plan: Plan) -> dict[str, str]:
    """Every field of the form as the plan has it, as texts; none for what lies over the level if that is open."""
    values = {
        "rise_cm": plan.rise_m * 100, "drop_cm": plan.drop_m * 100, "hang_frames": plan.frames, "hang_s": plan.hang_s,
        "g": plan.g,
    }  # fmt: skip
    if plan.along_ms is not None:
        values |= {
            "distance_cm": plan.distance_m * 100, "speed_ms": plan.speed_ms,
            "angle_deg": float(np.degrees(plan.angle_rad)),
        }  # fmt: skip
    return {name: f"{value:.4g}" for name, value in values.items()}


def whole_frame_says(plan: Plan) -> str:
    """Which whole frame is nearest, and the gravity that it implies."""
    n = plan.whole_frames
    frames = f"{n} frame{'s' if n != 1 else ''}"
    if abs(plan.frames - n) < 0.005:
        return f"Exactly {frames} at {plan.fps:.4g} fps."
    return (
        f"The nearest whole number is {frames}. In {n}, the same rise and drop fall as if gravity were "
        f"{plan.whole_frame_g:.2f} m/s², {plan.whole_frame_g / plan.g * 100:.0f} % of it."
    )


def ease_says(plan: Plan) -> str:
    """Where the eases of the drawn chart fall, on the way up and down."""
    if plan.rise_m <= 0:
        return "It only falls: each frame's spacing is wider than the last."
    up = plan.rise_s * plan.fps
    # height 1/2 is reached at 1 - sqrt(1/2) of the way up, whatever the height or gravity
    half = up * (1 - np.sqrt(0.5))
    return (
        f"Half the height is gained in the first {half:.1f} of {up:.1f} frames up; the other half takes "
        f"{up - half:.1f}. A quarter of the height lies within {up / 2:.1f} frames on either side of the top."
    )


# --- drawings -----------------------------------------------------------------------------------------

ARCH_W, ARCH_H, ARCH_PAD = 560, 250, 26


def arch_drawing(plan: Plan) -> dict:
    """The arch in picture units: `curve` as SVG points, a bead for each frame, the ticks of the timing chart."""
    times = np.linspace(0, plan.hang_s, 80)
    heights = plan.height(times)
    low, high = min(heights.min(), 0.0), heights.max()
    wide = plan.distance_m if plan.distance_m else max(plan.rise_m, plan.drop_m) * 1.6
    chart = 92  # room for the timing chart at the right
    scale = min((ARCH_W - chart - 2 * ARCH_PAD) / wide, (ARCH_H - 2 * ARCH_PAD) / max(high - low, 1e-6))
    left = (ARCH_W - chart - wide * scale) / 2

    def at(t, h):
        return round(left + t / plan.hang_s * wide * scale, 1), round(ARCH_H - ARCH_PAD - (h - low) * scale, 1)

    rows = plan.frame_table()
    beads = []
    for row in rows:
        x, y = at(row["seconds"], row["height_m"])
        # a frame's number stands outside the arch, and over it at the top
        away = (row["seconds"] - plan.rise_s) * plan.fps
        beads.append({"x": x, "y": y, "frame": row["frame"], "aside": 0 if abs(away) < 0.8 else 9 if away > 0 else -9})
    whole = beads[:-1]
    return {
        "width": ARCH_W, "height": ARCH_H, "curve": " ".join(f"{x},{y}" for x, y in map(at, times, heights)),
        "beads": whole, "landing": beads[-1], "chart_x": ARCH_W - 62,
        "up": [b for b, r in zip(whole, rows, strict=False) if r["seconds"] <= plan.rise_s + 1e-9],
        "down": [b for b, r in zip(whole, rows, strict=False) if r["seconds"] > plan.rise_s - 1e-9],
        "top": at(plan.rise_s, plan.rise_m), "ground": at(0, 0)[1],
    }  # fmt: skip


CHART_W, CHART_H = 560, 220


@dataclass(frozen=True)
class Line:
    """One line of the chart of heights: a name, SVG points, and where its name stands."""

    name: str
    points: str
    x: float
    y: float
    chosen: bool


def heights_drawing(plan: Plan) -> dict:
    """Rise against frames in the air for a level jump, under several gravities; the plan's own marked."""
    most = max(plan.frames * 1.7, 8.0)
    mean = (plan.rise_m + plan.drop_m) / 2
    top = max(mean, 0.05) * 2.4
    left, bottom = 46, 26

    def place(frames, rise):
        return (
            left + frames / most * (CHART_W - left - 96),
            CHART_H - bottom - rise / top * (CHART_H - bottom - 14),
        )

    gravities = dict(WORLDS)
    if not any(abs(g - plan.g) < 0.01 for g in gravities.values()):
        gravities["This plan"] = plan.g
    lines = []
    for name, g in gravities.items():
        frames = np.linspace(0, most, 90)
        rise = g * (frames / plan.fps) ** 2 / 8
        inside = rise <= top
        xy = [place(f, h) for f, h in zip(frames[inside], rise[inside], strict=True)]
        end = (min(most, float(np.sqrt(8 * top / g) * plan.fps)), min(top, g * (most / plan.fps) ** 2 / 8))
        x, y = place(*end)
        points = " ".join(f"{a:.1f},{b:.1f}" for a, b in [*xy, (x, y)])
        lines.append(Line(name, points, round(x, 1), round(y, 1), abs(g - plan.g) < 0.01))
    _spread_names(lines)
    step_f, step_h = _step(most / 6), _step(top * 100 / 4)
    return {
        "width": CHART_W, "height": CHART_H, "left": left, "bottom": CHART_H - bottom, "lines": lines,
        "x_ticks": [(f, round(place(f, 0)[0], 1)) for f in np.arange(0, most, step_f)],
        "y_ticks": [(h, round(place(0, h / 100)[1], 1)) for h in np.arange(0, top * 100, step_h)],
        "mark": [round(v, 1) for v in place(plan.frames, mean)],
    }  # fmt: skip


def _spread_names(lines: list[Line]) -> None:
    """Moves names that would stand on one another down the right-hand side."""
    taken: list[tuple[float, float]] = []
    for i, line in enumerate(lines):
        y = line.y
        while any(abs(y - other_y) < 14 and abs(line.x - other_x) < 60 for other_x, other_y in taken):
            y += 14
        taken.append((line.x, y))
        lines[i] = Line(line.name, line.points, line.x, y, line.chosen)


def _step(least: float) -> float:
    """The smallest of 1, 2, 5, 10 … that is not less than `least`."""
    ten = 10.0 ** np.floor(np.log10(max(least, 1e-6)))
    return float(next(n * ten for n in (1, 2, 5, 10) if n * ten >= least * 0.999))


def by_body(plan: Plan, stature_cm: float = 175.0) -> list[dict]:
    """The same jump in body heights, for bodies of several sizes: rise, and frames in the air."""
    shares = (plan.rise_m * 100 / stature_cm, plan.drop_m * 100 / stature_cm)
    bodies = [(m.name, m.stature_cm) for m in STOCK.values()] + list(OTHER_BODIES)
    return [
        {
            "name": name, "height_cm": cm, "rise_cm": shares[0] * cm,
            "frames": hang_time(shares[0] * cm / 100, shares[1] * cm / 100, plan.g) * plan.fps,
        }
        for name, cm in sorted(bodies, key=lambda b: -b[1])
    ]  # fmt: skip


def bounce_table(drop_cm: float, factor: float, g: float, fps: float) -> dict:
    """A series of bounces: rows with height, start and frames, exact and on whole frames; when it rests."""
    hops, rest_s = bounces(drop_cm / 100, factor, g)
    check_frames("Coming to rest", rest_s * fps)
    rows = []
    for hop, (first, frames) in zip(hops, whole_frame_starts(hops, rest_s, fps), strict=True):
        implied = implied_gravity(hop.rise_m, hop.rise_m, max(frames, 1) / fps)
        rows.append(
            {
                "rise_cm": hop.rise_m * 100,
                "start": hop.start_s * fps, "frames": hop.hang_s * fps, "hang_s": hop.hang_s,
                "whole_start": first, "whole_frames": frames, "implied_g": implied,
            }
        )  # fmt: skip
    return {
        "rows": rows,
        "rest_s": rest_s,
        "rest_frame": rest_s * fps,
        "fall_frames": np.sqrt(2 * drop_cm / 100 / g) * fps,
    }


def bounce_drawing(drop_cm: float, table: dict, fps: float) -> dict:
    """The bounces over time in picture units."""
    width, height, pad = 560, 150, 16
    total = max(table["rest_frame"], 1.0)

    def at(frame: float, cm: float) -> str:
        x = pad + frame / total * (width - 2 * pad)
        return f"{x:.1f},{height - pad - cm / drop_cm * (height - 2 * pad):.1f}"

    t = np.linspace(0, 1, 16)
    points = [at(u * table["fall_frames"], drop_cm * (1 - u * u)) for u in t]
    for row in table["rows"]:
        points += [at(row["start"] + u * row["frames"], row["rise_cm"] * 4 * u * (1 - u)) for u in t]
    beads = []
    for frame in range(int(total) + 1):
        beads.append(at(frame, _height_at(frame, drop_cm, table)).split(","))
    return {"width": width, "height": height, "curve": " ".join(points), "beads": beads, "ground": height - pad}


def _height_at(frame: float, drop_cm: float, table: dict) -> float:
    if frame <= table["fall_frames"]:
        return drop_cm * (1 - (frame / table["fall_frames"]) ** 2)
    for row in table["rows"]:
        u = (frame - row["start"]) / row["frames"]
        if 0 <= u <= 1:
            return row["rise_cm"] * 4 * u * (1 - u)
    return 0.0
