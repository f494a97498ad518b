"""The small picture on a Yard card, drawn from the motion itself."""

WIDTH, HEIGHT = 320, 172
MARGIN = 14
GROUND = 18  # below the floor line


def card_picture(card: dict) -> dict:
    """Plain numbers for the template's SVG, in picture units.

    lines : [[x0, y0, x1, y1, width, opacity], …] of the figures, faint first; path : points of the
    center of gravity; floor : y of the ground.
    """
    points = [(p[i], p[i + 1]) for figure in card["figures"] for p in figure for i in (0, 2)] + [
        tuple(p) for p in card["path"]
    ]
    left, right = min(x for x, _ in points) - 0.15, max(x for x, _ in points) + 0.15
    top = max(max(y for _, y in points) + 0.1, 1.0)
    scale = min((WIDTH - 2 * MARGIN) / max(right - left, 0.5), (HEIGHT - MARGIN - GROUND) / top)
    shift = WIDTH / 2 - (left + right) / 2 * scale

    def place(x: float, y: float) -> tuple[float, float]:
        return round(x * scale + shift, 1), round(HEIGHT - GROUND - y * scale, 1)

    middle = len(card["figures"]) // 2
    figures = []
    for i, figure in enumerate(card["figures"]):
        lines = [
            [*place(x0, y0), *place(x1, y1), round(max(width * scale * 0.8, 1.6), 1)]
            for x0, y0, x1, y1, width in figure
        ]
        figures.append({"lines": lines, "strong": i == middle})
    figures.sort(key=lambda f: f["strong"])
    path = " ".join("{},{}".format(*place(x, y)) for x, y in card["path"])
    return {"width": WIDTH, "height": HEIGHT, "figures": figures, "path": path, "floor": HEIGHT - GROUND}
