"""Values of findings in the units an animator feels: centimetres, per cent, degrees, body weights."""

PLAIN_UNITS = {
    "m": ("cm", 100.0), "share of g": ("%", 100.0), "share of mean spin": ("%", 100.0),
    "share of its length": ("%", 100.0), "degrees a frame": ("°", 1.0), "degrees": ("°", 1.0),
    "body weights": ("bw", 1.0),
}  # fmt: skip


def told(value: float, unit: str) -> str:
    """A finding's value, given in its own unit, as it is told: "13.0 cm"."""
    unit, times = PLAIN_UNITS.get(unit, (unit, 1.0))
    value *= times
    return with_unit(unit, f"{value:.{0 if abs(value) >= 20 else 1}f}")


def with_unit(unit: str, number: str) -> str:
    """A number with its plain unit behind it."""
    return f"{number}{unit}" if unit == "°" else f"{number} {unit}"
