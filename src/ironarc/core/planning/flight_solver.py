"""A whole flight from any sufficient set of what is known of it, by the closed forms of `ballistics`.

Whatever follows by one form from what is known is worked out until nothing is open; then every value given, and
every relation between them, must fit what was found.
"""

from collections.abc import Callable, Mapping
from fractions import Fraction

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.planning.ballistics import Plan, check_frames, implied_gravity
from ironarc.core.settings import GRAVITY_MS2

AGREE = 0.01  # two values this near, as a share, do not contradict each other
SMALLEST = 1e-6  # of what can not be nothing, in its own unit
AGREE_FRAMES = 0.5  # a hang time told in frames is rounded to whole ones

_NAMES = {
    "rise": "rise", "drop": "drop", "hang": "hang time", "distance": "distance", "speed": "take-off speed",
    "angle": "take-off angle", "up": "speed upwards", "along": "speed over the level", "g": "gravity",
}  # fmt: skip
# What follows from what: (result, its grounds, how). Each is one closed form of the module's heading.
_RULES: tuple[tuple[str, tuple[str, ...], Callable], ...] = (
    ("up", ("rise", "g"), lambda h, g: np.sqrt(2 * g * h)),
    ("rise", ("up", "g"), lambda u, g: u * u / (2 * g)),
    ("fall", ("drop", "g"), lambda h, g: np.sqrt(2 * h / g)),
    ("drop", ("fall", "g"), lambda t, g: g * t * t / 2),
    ("hang", ("up", "fall", "g"), lambda u, t, g: u / g + t),
    ("fall", ("hang", "up", "g"), lambda hang, u, g: hang - u / g),
    ("up", ("hang", "fall", "g"), lambda hang, t, g: g * (hang - t)),
    ("g", ("rise", "drop", "hang"), implied_gravity),
    ("g", ("up", "rise"), lambda u, h: u * u / (2 * h)),
    ("along", ("distance", "hang"), lambda d, t: d / t),
    ("distance", ("along", "hang"), lambda v, t: v * t),
    ("hang", ("distance", "along"), lambda d, v: d / v),
    ("up", ("speed", "angle"), lambda v, a: v * np.sin(a)),
    ("along", ("speed", "angle"), lambda v, a: v * np.cos(a)),
    ("along", ("up", "angle"), lambda u, a: u / np.tan(a)),
    ("up", ("along", "angle"), lambda v, a: v * np.tan(a)),
    ("along", ("speed", "up"), lambda v, u: np.sqrt(v * v - u * u)),
    ("up", ("speed", "along"), lambda v, x: np.sqrt(v * v - x * x)),
)
# With landing as high as take-off, drop and rise are one and a level flight has forms of its own
_LEVEL_RULES: tuple[tuple[str, tuple[str, ...], Callable], ...] = (
    ("drop", ("rise",), lambda h: h),
    ("rise", ("drop",), lambda h: h),
    ("rise", ("hang", "g"), lambda t, g: g * t * t / 8),
    ("g", ("hang", "up"), lambda t, u: 2 * u / t),
    ("up", ("distance", "angle", "g"), lambda d, a, g: np.sqrt(d * g * np.tan(a) / 2)),
)


def solve(
    rise_m: float | None = None, drop_m: float | None = None, hang_s: float | None = None,
    hang_frames: float | None = None, distance_m: float | None = None, speed_ms: float | None = None,
    angle_rad: float | None = None, g: float | None = GRAVITY_MS2, fps: float | Fraction = 24,
) -> Plan:  # fmt: skip
    """The whole flight from what is known of it; `g` None asks for gravity too.

    Where nothing tells how far down the landing lies, it is taken as level with take-off, and `assumed` says so.
    Raises EditError with a sentence where too little is known, where no flight does what is asked, or where
    two of the values contradict each other.
    """
    fps = float(fps)
    given = {
        "rise": rise_m, "drop": drop_m, "hang": hang_s, "distance": distance_m, "speed": speed_ms,
        "angle": angle_rad, "g": g,
    }  # fmt: skip
    _check_given(given, hang_s, hang_frames, fps)
    if hang_s is None and hang_frames is not None:
        given["hang"] = hang_frames / fps
    known = {name: float(value) for name, value in given.items() if value is not None}
    for level in (False, True):
        found = _follow(known, level)
        if not _complete(found):
            found = _meet(found, level)
        if _complete(found):
            break
    else:
        raise EditError(_missing(known))
    slack = AGREE_FRAMES / fps if hang_frames is not None else 0.0
    if found["hang"] <= 0:
        raise EditError("With no rise and no drop there is no flight. Give a rise of more than 0.")
    _check_agreement(known, found, level, slack, fps)
    check_frames("This flight", found["hang"] * fps)
    assumed = "No drop was given, so it lands as high as it left." if level and "drop" not in known else ""
    return Plan(
        found["rise"], found["drop"], found["hang"], found["up"], found["g"], fps,
        found.get("distance"), found.get("along"), assumed,
    )  # fmt: skip


def _check_given(given: Mapping, hang_s, hang_frames, fps: float) -> None:
    if not (np.isfinite(fps) and fps > 0):
        raise EditError(f"A frame rate must be more than 0; {fps:g} was given.")
    for name, value in {**given, "hang time in frames": hang_frames}.items():
        if value is None:
            continue
        may_be_zero = name in ("rise", "drop", "distance", "angle")
        if not np.isfinite(value) or value < 0 or (value == 0 and not may_be_zero):
            least = "0 or more" if may_be_zero else "more than 0"
            raise EditError(f"The {_NAMES.get(name, name)} must be {least}; {value:g} was given.")
        if not may_be_zero and value < SMALLEST:
            raise EditError(f"The {_NAMES.get(name, name)} is too small to plan with; {value:g} was given.")
    if given["angle"] is not None and given["angle"] >= np.pi / 2:
        raise EditError(
            "The take-off angle must be less than 90°. For a jump straight up, leave angle and distance empty."
        )
    if hang_s is not None and hang_frames is not None and abs(hang_s * fps - hang_frames) > AGREE_FRAMES:
        raise EditError(
            f"{hang_s:g} s are {hang_s * fps:.1f} frames at {fps:g} fps, not {hang_frames:g}. Give one of the two."
        )


def _complete(found: Mapping) -> bool:
    """Whether the flight is known up and down, and over the level if anything was said of that."""
    across = bool({"distance", "speed", "angle", "along"} & set(found))
    return {"rise", "drop", "hang", "up", "g"} <= set(found) and (not across or "along" in found)


def _follow(known: Mapping[str, float], level: bool) -> dict[str, float]:
    """Everything that follows from `known` by one rule after the other."""
    found = dict(known)
    rules = _RULES + (_LEVEL_RULES if level else ())
    changed = True
    while changed:
        changed = False
        for result, grounds, how in rules:
            if result in found or not all(name in found for name in grounds):
                continue
            try:
                with np.errstate(all="ignore"):
                    value = float(how(*(found[name] for name in grounds)))
            except ZeroDivisionError:
                value = np.inf
            if not np.isfinite(value) or value < -1e-9:
                if _is_limit(result, grounds, found):
                    continue
                raise EditError(_impossible(result, grounds, found))
            found[result] = max(value, 0.0)
            changed = True
    return found


def _is_limit(result: str, grounds: tuple[str, ...], found: Mapping) -> bool:
    """A form that says nothing here, such as a level speed from an angle of 0° and no speed upwards."""
    return (result, *grounds) in (("along", "up", "angle"), ("g", "up", "rise")) and found["up"] == 0


def _meet(found: dict[str, float], level: bool) -> dict[str, float]:
    """The cases where two unknowns must be found together: distance with a speed or an angle.

    With t₂ the time from apex to landing (up / g for a level flight), (up / g + t₂) along = distance;
    along = up / tan(angle), or along² = speed² - up²: a polynomial in up.
    """
    if "g" not in found or "distance" not in found or not (level or "fall" in found):
        return found
    g, d = found["g"], found["distance"]
    hang = np.poly1d([2 / g, 0]) if level else np.poly1d([1 / g, found["fall"]])
    if "angle" in found:
        # up / tan(angle) × hang = distance
        equation = np.poly1d([1, 0]) * hang - d * np.tan(found["angle"])
    elif "speed" in found:
        # (speed² - up²) hang² = distance²
        equation = np.poly1d([-1, 0, found["speed"] ** 2]) * hang * hang - d * d
    else:
        return found
    top = found.get("speed", np.inf)
    roots = sorted(float(r.real) for r in equation.roots if abs(r.imag) < 1e-6 * max(1, abs(r)) and 0 <= r.real <= top)
    if not roots:
        raise EditError(
            f"{found['speed']:.2f} m/s are too slow to cover {d:.2f} m; leave faster, or land nearer or lower."
            if "speed" in found
            else f"No arc with this angle covers {d:.2f} m; give a steeper one."
        )
    # of two arcs that do it, the lower one is what a jump looks like
    return _follow(found | {"up": roots[0]}, level)


def _impossible(result: str, grounds: tuple[str, ...], found: Mapping) -> str:
    if result == "fall" or (result == "up" and "hang" in grounds):
        part, seconds = ("rise", found["up"] / found["g"]) if result == "fall" else ("drop", found["fall"])
        return (
            f"The {part} alone takes {seconds:.2f} s, longer than the hang time of {found['hang']:.2f} s. "
            f"Give a longer hang time or a smaller {part}."
        )
    if "speed" in grounds:
        other = "up" if "up" in grounds else "along"
        return (
            f"The {_NAMES[other]} comes to {found[other]:.2f} m/s, more than the whole take-off speed of "
            f"{found['speed']:.2f} m/s."
        )
    both = " and ".join(_NAMES.get(name, name) for name in grounds)
    return f"No flight has this {both}."


def _missing(known: Mapping) -> str:
    has = [_NAMES[name] for name in known if name != "g"]
    if not has:
        return "Give a rise, or a hang time, and the rest follows."
    also = {
        "distance": "a rise, a hang time, a take-off speed or an angle", "speed": "an angle, a rise or a hang time",
        "angle": "a rise, a hang time, a distance or a speed", "drop": "a rise or a hang time",
    }  # fmt: skip
    wanted = next((also[name] for name in also if name in known), "one more value, or gravity")
    if "g" not in known and not {"distance", "speed", "angle"} & set(known):
        wanted = "a rise and a hang time, for gravity to follow"
    return f"The {' and '.join(has)} alone {'leaves' if len(has) == 1 else 'leave'} the flight open: give {wanted} too."


def _check_agreement(known: Mapping, found: Mapping, level: bool, slack_s: float, fps: float) -> None:
    """Every value given, and every relation between them, must fit the flight found; else a sentence says which."""
    g = found["g"]
    hang = found["up"] / g + (found["up"] / g if level else np.sqrt(2 * found["drop"] / g))
    rise = found["up"] ** 2 / (2 * g)
    if _differ(rise, found["rise"]):
        raise EditError(
            f"A rise of {found['rise'] * 100:.0f} cm and the speed upwards of {found['up']:.2f} m/s contradict each "
            f"other: that speed rises {rise * 100:.0f} cm."
        )
    if abs(hang - found["hang"]) > max(slack_s, AGREE * hang):
        raise EditError(
            f"A rise of {found['rise'] * 100:.0f} cm and a drop of {found['drop'] * 100:.0f} cm take {hang * fps:.1f} "
            f"frames ({hang:.2f} s) at {g:.2f} m/s², and the hang time is given as {found['hang'] * fps:.1f} frames "
            f"({found['hang']:.2f} s). Leave one of the three empty."
        )
    if "along" not in found:
        return
    reach, speed = found["along"] * found["hang"], np.hypot(found["along"], found["up"])
    if "distance" in known and _differ(reach, known["distance"], slack_s / found["hang"]):
        raise EditError(
            f"This flight covers {reach * 100:.0f} cm, and the distance is given as {known['distance'] * 100:.0f} cm. "
            "Leave the distance, the speed or the angle empty."
        )
    if "speed" in known and _differ(speed, known["speed"], slack_s / found["hang"]):
        raise EditError(
            f"This flight leaves at {speed:.2f} m/s, and the take-off speed is given as {known['speed']:.2f} m/s. "
            "Leave one of the values empty."
        )
    angle = np.arctan2(found["up"], found["along"])
    if "angle" in known and abs(angle - known["angle"]) > np.radians(0.6) + slack_s / found["hang"]:
        raise EditError(
            f"This flight leaves at {np.degrees(angle):.0f}°, and the angle is given as "
            f"{np.degrees(known['angle']):.0f}°. Leave one of the values empty."
        )


def _differ(a: float, b: float, slack: float = 0.0) -> bool:
    return abs(a - b) > max(AGREE, slack) * max(abs(a), abs(b), 1e-3)
