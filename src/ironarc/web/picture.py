"""Small pictures drawn from the motion itself: a Yard card's, all bodies side by side, a finding's curve."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.exchange.unsaid import performer_of
from ironarc.core.formats import FileMotion
from ironarc.core.judging.evidence import Evidence
from ironarc.core.judging.exchanges import Exchange
from ironarc.core.mannequin import Mannequin, Polygon, outlines
from ironarc.core.reading import Reading

WIDTH, HEIGHT = 320, 172
MARGIN = 14
GROUND = 18  # below the floor line


def card_picture(card: dict) -> dict:
    """Plain numbers for the template's SVG, in picture units.

    drawn : path data of each figure, the strong one last; path : points of the center of gravity; floor : y of the
    ground.
    """
    # a card made before figures had outlines has lines of five numbers: it is made anew in the background
    figures_m = [[p for p in figure if len(p) % 2 == 0] for figure in card["figures"]]
    points = [tuple(p) for p in card["path"]]
    points += [(x, y) for figure in figures_m for p in figure for x, y in zip(p[::2], p[1::2], strict=True)]
    left, right = min(x for x, _ in points) - 0.15, max(x for x, _ in points) + 0.15
    top = max(max(y for _, y in points) + 0.1, 1.0)
    scale = min((WIDTH - 2 * MARGIN) / max(right - left, 0.5), (HEIGHT - MARGIN - GROUND) / top)
    shift = WIDTH / 2 - (left + right) / 2 * scale

    def place(x: float, y: float) -> tuple[float, float]:
        return round(x * scale + shift, 1), round(HEIGHT - GROUND - y * scale, 1)

    middle = len(figures_m) // 2
    figures = []
    for i, figure in enumerate(figures_m):
        figures.append({"drawn": path_data(figure, place), "strong": i == middle})
    figures.sort(key=lambda f: f["strong"])
    path = " ".join("{},{}".format(*place(x, y)) for x, y in card["path"])
    return {"width": WIDTH, "height": HEIGHT, "figures": figures, "path": path, "floor": HEIGHT - GROUND}


def path_data(polygons: Iterable[Polygon], place: Callable[[float, float], tuple[float, float]]) -> str:
    """SVG path data of polygons, each corner put in its place."""
    out = []
    for polygon in polygons:
        corners = [place(x, y) for x, y in zip(polygon[::2], polygon[1::2], strict=True)]
        out.append("M" + "L".join(f"{x:g} {y:g}" for x, y in corners) + "Z")
    return "".join(out)


BARS, BAR_ZERO = 210, 6  # px across all bars, and left of what is 0


def exchange_picture(exchange: Exchange) -> list[dict]:
    """Bars of both sides' momentum along the push, before and after a touch: where each begins, how long it is, px."""
    sides = (exchange.other, exchange.body)
    values = [v for s in sides for v in (s.before, s.after)]
    low, high = min(0.0, *values), max(0.0, *values)
    scale = BARS / max(high - low, 1e-9)

    def bar(value: float) -> dict:
        left = BAR_ZERO + (min(value, 0.0) - low) * scale
        return {"x": round(left, 1), "wide": round(max(abs(value) * scale, 1.0), 1), "ns": value}

    zero = round(BAR_ZERO - low * scale, 1)
    return [{"side": s, "before": bar(s.before), "after": bar(s.after), "zero": zero} for s in sides]


SIDE_WIDTH, SIDE_HEIGHT, SIDE_FLOOR = 287, 150, 112
NAME_LETTERS = 12


def sizes_picture(bodies: Iterable[tuple[str, Reading, Mannequin | None]]) -> dict:
    """All bodies (name, reading, figure) side by side to one scale, as each stands on its first frame, seen ahead."""
    bodies = list(bodies)
    fronts = [_front(reading, figure) for _, reading, figure in bodies]
    each = SIDE_WIDTH / len(bodies)
    corners = [np.array([v for polygon in front for v in polygon] or [0.0, 0.0]).reshape(-1, 2) for front in fronts]
    tallest = max([float(c[:, 1].max()) for c in corners] + [0.1])
    widest = max(float(np.ptp(c[:, 0])) + 0.15 for c in corners)
    scale = min((SIDE_FLOOR - 8) / tallest, each / widest)
    out = []
    for i, ((name, reading, _), front) in enumerate(zip(bodies, fronts, strict=True)):
        x = each * (i + 0.5)

        def place(across: float, up: float, x: float = x) -> tuple[float, float]:
            return round(x + across * scale, 1), round(SIDE_FLOOR - up * scale, 1)

        short = name if len(name) <= NAME_LETTERS or len(bodies) < 4 else name[: NAME_LETTERS - 1] + "…"
        out.append({"name": short, "x": x, "height_m": reading.body.anatomy.height_m, "drawn": path_data(front, place)})
    return {"width": SIDE_WIDTH, "height": SIDE_HEIGHT, "floor": SIDE_FLOOR, "bodies": out}


def _front(reading: Reading, figure: Mannequin | None) -> list[Polygon]:
    """Its outline from the front (across, up) m; centred, standing on 0."""
    if figure is None:
        return []
    root = reading.poses.rig.roots[0]
    ahead = rotation.rotate(reading.poses.rotation[0, root], reading.body.anatomy.forward)
    across = np.cross([0.0, 1.0, 0.0], ahead)
    across /= max(np.linalg.norm(across), 1e-9)
    axes = np.stack([across, [0.0, 1.0, 0.0]])
    (polygons,) = outlines(figure, reading.poses.rotation[:1], reading.poses.position[:1], axes)
    corners = np.array([v for polygon in polygons for v in polygon]).reshape(-1, 2)
    if not len(corners):
        return []
    middle, low = (corners[:, 0].max() + corners[:, 0].min()) / 2, corners[:, 1].min()
    return [(np.array(p).reshape(-1, 2) - [middle, low]).ravel().tolist() for p in polygons]


CURVE_WIDTH, CURVE_HEIGHT, CURVE_LEFT = 250, 76, 36


def evidence_picture(proof: Evidence) -> dict:
    """Plain numbers for the template's SVG: the measured curve, the wanted one, and the limits' lines."""
    wanted = proof.wanted if proof.wanted is not None else np.full(len(proof.frames), np.nan)
    levels = [value for value, _ in proof.limits]
    known = np.concatenate(
        [proof.measured[np.isfinite(proof.measured)], wanted[np.isfinite(wanted)], [0.0] if levels else []]
    )
    low, high = (float(known.min()), float(known.max())) if len(known) else (0.0, 1.0)
    # a limit near what is there belongs in the picture; one far off would flatten the curve
    near = [v for v in levels if low - (high - low) <= v <= high + (high - low)]
    low, high = min([low, *near]), max([high, *near])
    # both ends to the same decimals, two digits of what lies between them
    decimals = int(np.clip(1 - np.floor(np.log10(max(high - low, 1e-6))), 0, 3))
    ends = {"low": f"{low:.{decimals}f}", "high": f"{high:.{decimals}f}"}
    pad = max((high - low) * 0.1, 1e-6)
    low, high = low - pad, high + pad
    first, last = float(proof.frames[0]), float(max(proof.frames[-1], proof.frames[0] + 1))

    def at(frame: float, value: float) -> str:
        x = CURVE_LEFT + (frame - first) / (last - first) * (CURVE_WIDTH - CURVE_LEFT - 4)
        return f"{x:.1f} {CURVE_HEIGHT - 14 - (value - low) / (high - low) * (CURVE_HEIGHT - 20):.1f}"

    def line(values: np.ndarray) -> str:
        out, pen = [], "M"
        for frame, value in zip(proof.frames, values, strict=True):
            if np.isfinite(value):
                out.append(f"{pen}{at(frame, value)}")
                pen = "L"
            else:
                pen = "M"
        return "".join(out)

    y = lambda value: float(at(first, value).split()[1])  # noqa: E731
    return {
        "width": CURVE_WIDTH, "height": CURVE_HEIGHT, "left": CURVE_LEFT, "measured": line(proof.measured),
        "wanted": line(wanted),
        "limits": [(y(value), grade) for value, grade in proof.limits if low <= value <= high],
        "first": int(first), "last": int(proof.frames[-1]), "zero": y(0.0) if low < 0 < high else None,
    } | ends  # fmt: skip


ASK_WIDE, ASK_HIGH, ASK_FOOT = 150, 130, 118  # of a picture of how a file may be taken, and where its floor lies
ASK_ROOM = 0.9  # of the way from floor to top, that the tallest takes up


@dataclass(frozen=True)
class Picture:
    """A figure as lines (x0, y0, x1, y1), and how high an adult beside it is; 0 for none."""

    lines: tuple[tuple[float, float, float, float], ...]
    person: float


def taken_picture(motion: FileMotion, high: float, person: float) -> Picture:
    """The figure of a motion half-way through it, from the front. high, person : of the picture's room, what it and an
    adult beside it take up"""
    frame = np.array([max(motion.frames // 2, 1)])
    at = performer_of(motion, 1.0).poses(frame, motion.frame_time_s).position[0]
    scale = ASK_ROOM * ASK_FOOT * high / max(float(np.ptp(at, axis=0).max()), 1e-9)
    x = ASK_WIDE * 0.4 + (at[:, 0] - np.median(at[:, 0])) * scale
    y = ASK_FOOT - (at[:, 1] - at[:, 1].min()) * scale
    lines = [
        (round(float(x[j.parent]), 1), round(float(y[j.parent]), 1), round(float(x[i]), 1), round(float(y[i]), 1))
        for i, j in enumerate(motion.rig.joints) if j.parent >= 0
    ]  # fmt: skip
    return Picture(tuple(lines), round(person * ASK_ROOM * ASK_FOOT, 1))
