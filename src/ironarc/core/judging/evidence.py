"""What a finding rests on: the measured curve around it, the wanted one where there is one, and the limits."""

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np

from ironarc.core.judging.finding import Bench, Finding, Limits
from ironarc.core.reading import Reading
from ironarc.core.reading.asked import gravity_arc
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.flights import allowed_frames
from ironarc.core.reading.forces import kept_up, read_forces
from ironarc.core.reading.impact import read_pushes
from ironarc.core.reading.joints import read_joints
from ironarc.core.reading.skin import parts_of

AROUND_S = 0.3  # shown before and after


@dataclass(frozen=True)
class Evidence:
    """A finding's curve over the frames around it.

    name, unit : what is measured; frames (n,); measured (n,); wanted (n,), NaN where nothing is wanted, or None
    limits : (value, grade) of the lines that were crossed; numbers : (what, value in words)
    """

    name: str
    unit: str
    frames: np.ndarray
    measured: np.ndarray
    wanted: np.ndarray | None = None
    limits: tuple[tuple[float, str], ...] = ()
    numbers: tuple[tuple[str, str], ...] = field(default=())


def evidence_of(finding: Finding, reading: Reading, limits: Limits) -> Evidence:
    """The curve and the numbers a finding was made from."""
    bench = Bench(reading, limits)
    return _SERIES[finding.kind](finding, bench)


def _window(finding: Finding, bench: Bench) -> slice:
    around = max(4, round(AROUND_S / bench.reading.poses.dt))
    a, b = finding.start - bench.first - around, finding.end - bench.first + around + 1
    return slice(max(a, 0), min(b, len(bench.reading.com)))


def _lines(bench: Bench, kind: str, times: float = 1.0, both: bool = False) -> tuple[tuple[float, str], ...]:
    strained = bench.graded(kind, 0.0)[1]
    cracked = bench.graded(kind, np.inf)[1]
    lines = [(strained * times, "strained"), (cracked * times, "cracked")]
    return tuple(lines + [(-value, grade) for value, grade in lines] if both else lines)


def _curve(
    finding: Finding, bench: Bench, name: str, unit: str, values: np.ndarray, wanted: np.ndarray | None = None,
    limits: Sequence[tuple[float, str]] = (), numbers: Sequence[tuple[str, str]] = (),
) -> Evidence:  # fmt: skip
    at = _window(finding, bench)
    frames = bench.reading.poses.frames[at]
    return Evidence(
        name, unit, frames, values[at], None if wanted is None else wanted[at], tuple(limits), tuple(numbers)
    )


def _flight_at(finding: Finding, bench: Bench):
    return next((f for f in bench.reading.flights if f.start <= finding.end + 1 and f.end >= finding.start - 1), None)


def _height(finding: Finding, bench: Bench) -> Evidence:
    """The center of gravity's height, and the arc that gravity asks for."""
    reading = bench.reading
    height = (reading.com[:, 1] - reading.floor_m) * 100
    wanted = np.full(len(height), np.nan)
    flight = _flight_at(finding, bench)
    numbers = []
    if flight is not None:
        span = slice(flight.start - bench.first, flight.end - bench.first + 1)
        wanted[span] = (gravity_arc(reading, flight)[:, 1] - reading.floor_m) * 100
        error = f" ± {flight.implied_g_se:.2f}" if flight.hang_frames > 3 else ""
        numbers = [
            ("Frames in the air", f"{flight.hang_frames}"),
            ("Frames that rise and drop allow", f"{allowed_frames(flight, reading.g, reading.poses.fps):.1f}"),
            ("Gravity as the path has it", f"{flight.implied_g:.2f}{error} m/s²"),
            ("Off the arc at most", f"{flight.arc_max_m * 100:.1f} cm"),
        ]
    return _curve(finding, bench, "Center of gravity over the floor", "cm", height, wanted, (), numbers)


def _phantom(finding: Finding, bench: Bench) -> Evidence:
    forces = bench.reading.ask(read_forces)
    window = max(2, int(np.ceil(0.1 / bench.reading.poses.dt - 1e-9)))
    at = _window(finding, bench)
    i = at.start + int(np.argmax(forces.size[at]))
    x, y, z = forces.phantom[i]
    numbers = [
        ("Kept up for 0.1 s", f"{kept_up(forces.size, window)[at].max():.2f} body weights"),
        ("Upwards", f"{y:+.2f} body weights"),
        ("Over the floor", f"{np.hypot(x, z):.2f} body weights"),
    ]
    lines = _lines(bench, "phantom")
    return _curve(finding, bench, "Phantom force", "body weights", forces.size, None, lines, numbers)


def _balance(finding: Finding, bench: Bench) -> Evidence:
    balance = bench.reading.ask(read_balance)
    at = _window(finding, bench)
    tips = balance.tips_in_s[at].min()
    numbers = [
        ("Standing margin at worst", f"{np.nanmin(balance.margin_m[at]) * 100:.1f} cm"),
        ("Moving margin at worst", f"{np.nanmin(balance.xcom_margin_m[at]) * 100:.1f} cm"),
        ("Past saving, let go, in", f"{tips:.1f} s" if np.isfinite(tips) else "never"),
    ]
    lines = _lines(bench, "balance", -100)
    return _curve(finding, bench, "Plumb inside the footing", "cm", balance.margin_m * 100, None, lines, numbers)


def _spin(finding: Finding, bench: Bench) -> Evidence:
    spin = np.linalg.norm(bench.reading.angular_momentum, axis=1)
    flight = _flight_at(finding, bench)
    wanted = np.full(len(spin), np.nan)
    numbers = []
    if flight is not None:
        mean = float(np.linalg.norm(flight.spin.mean))
        wanted[flight.start - bench.first : flight.end - bench.first + 1] = mean
        numbers = [
            ("Mean spin", f"{mean:.1f} kg·m²/s"),
            ("Wavers by, rms", f"{flight.spin.rms_dev:.1f} kg·m²/s"),
            ("Turns a second", f"{abs(flight.spin.turns_per_s):.2f}"),
        ]
    return _curve(finding, bench, "Spin", "kg·m²/s", spin, wanted, (), numbers)


def _push(finding: Finding, bench: Bench) -> Evidence:
    reading = bench.reading
    push = min(reading.ask(read_pushes), key=lambda p: abs(p.start - finding.start) + abs(p.end - finding.end))
    numbers = [
        ("Speed at take-off" if push.at_take_off else "Speed at touch-down", f"{push.speed_ms:.2f} m/s"),
        ("Depth of the push" if push.at_take_off else "Taken over", f"{push.depth_m * 100:.1f} cm"),
        ("Needed on average", f"{push.mean_bw:.1f} body weights"),
    ]
    height = (reading.com[:, 1] - reading.floor_m) * 100
    return _curve(finding, bench, "Center of gravity over the floor", "cm", height, None, (), numbers)


def _speed(finding: Finding, bench: Bench) -> Evidence:
    return _curve(finding, bench, "Vertical speed", "m/s", bench.reading.com_velocity[:, 1])


def _points(finding: Finding, bench: Bench) -> list[int]:
    """Indices of the skin that a contact's finding is about; all of them for the whole body."""
    skin = bench.reading.traced.track.skin
    parts = parts_of(skin, bench.reading.poses.rig.names)
    word = finding.part.removeprefix("both ")
    plain = {"feet": "foot", "hands": "hand"}.get(
        word, word.removesuffix("s") if finding.part.startswith("both") else word
    )
    found = [i for name, points in parts.items() if name.endswith(plain) for i in points]
    return found or list(range(len(skin.points)))


def _gap(finding: Finding, bench: Bench) -> Evidence:
    """How far the part is over what it should lie on, less than 0 inside."""
    away = np.stack([s.away for s in bench.reading.surfaces.values()]).min(axis=0)[:, _points(finding, bench)]
    lowest = np.where(np.isfinite(away), away, np.nan)
    gap = np.nanmin(np.where(np.isfinite(away).any(axis=1, keepdims=True), lowest, 0.0), axis=1) * 100
    times = 100 if finding.kind == "hover" else -100
    return _curve(finding, bench, "Over the surface", "cm", gap, None, _lines(bench, finding.kind, times))


def _slid(finding: Finding, bench: Bench) -> Evidence:
    moved = bench.reading.traced.track.moved[:, _points(finding, bench)][..., [0, 2]]
    step = np.linalg.norm(moved, axis=-1).min(axis=1)
    inside = (bench.reading.poses.frames >= finding.start) & (bench.reading.poses.frames < finding.end)
    far = np.concatenate([[0.0], np.cumsum(np.where(inside, step, 0.0))[:-1]]) * 100
    return _curve(finding, bench, "Way gone while it should stay", "cm", far, None, _lines(bench, "slide", 100))


def _joint(finding: Finding, bench: Bench, values: np.ndarray) -> np.ndarray:
    """(frames,) of the joint that shows most on the finding's frames, of values (frames, joints)."""
    at = slice(finding.start - bench.first, finding.end - bench.first + 1)
    return values[:, int(values[at].max(axis=0).argmax())]


def _bend(finding: Finding, bench: Bench) -> Evidence:
    hinges = bench.reading.ask(read_joints).hinges
    hinge = next(h for h in hinges if f"{h.side} {h.name}" == finding.part)
    return _curve(finding, bench, "Past straight", "°", np.degrees(hinge.wrong_rad), None, _lines(bench, "bend"))


def _turned(finding: Finding, bench: Bench) -> Evidence:
    joints = bench.reading.ask(read_joints)
    turned = _joint(finding, bench, np.degrees(joints.turned_rad))
    lines = _lines(bench, "fast") if finding.kind == "fast" else ()
    return _curve(finding, bench, "Turn from frame to frame", "°", turned, None, lines)


def _stretch(finding: Finding, bench: Bench) -> Evidence:
    values = _joint(finding, bench, bench.reading.ask(read_joints).stretch) * 100
    return _curve(finding, bench, "Off its own length", "%", values, None, _lines(bench, "stretch", 100))


def _stop(finding: Finding, bench: Bench) -> Evidence:
    poses = bench.reading.poses
    moved = np.linalg.norm(np.diff(poses.position, axis=0), axis=-1).max(axis=1) / poses.dt
    speed = np.concatenate([moved[:1], moved]) if len(moved) else np.zeros(len(poses.frames))
    return _curve(finding, bench, "Speed of the fastest part", "m/s", speed)


_SERIES = {
    "hang": _height, "arc": _height, "phantom": _phantom, "balance": _balance, "spin": _spin, "push": _push,
    "landing": _push, "kink": _speed, "jerk": _speed, "hover": _gap, "sink": _gap, "through": _gap, "slide": _slid,
    "bend": _bend, "pop": _turned, "fast": _turned, "stretch": _stretch, "stop": _stop,
}  # fmt: skip
