"""The solids of a person: trunk, head, arms with hands, legs with feet.

Half-axes are told in shares of a segment's mean girth, so that whoever is heavy looks it; sizes in metres are those of
a figure of 1.81 m, and scale with the stature. What faces where can be told from the outline alone: brow, nose and
chin before a cranium set back, breast before the blades, knee caps, heels, thumbs."""

import numpy as np

from ironarc.core.mannequin.fields import Beyond, Box, Cone, Disc, Ellipsoid, Sweep, unit
from ironarc.core.mannequin.making import TRUNK, Face, Half, Hinge, Making, Ring
from ironarc.core.mannequin.nets import Finer
from ironarc.core.mannequin.spread import FILL, SIDE, X, Y, Z

_SHANK_GIRTH, _FOREARM_GIRTH, _HEAD_GIRTH = 0.0497, 0.0397, 0.0795  # m, of a man of 1.81 m and 82 kg
_PALM = 0.0866  # m, his hand from the wrist to its middle
_FINER_OVER = 0.05


def add_person(making: Making, female: float) -> None:
    """female : 0 a man's build, 1 a woman's."""
    spread = making.spread
    _head(making, female)  # before the trunk: what the face cuts away must not take the chest with it
    _trunk(making, female)
    making.drawn |= {("trunk", ""), ("head", "")}
    for side in SIDE:
        if spread.has("thigh", side) and spread.has("shank", side):
            _leg(making, side)
            making.drawn |= {("thigh", side), ("shank", side), ("foot", side)}
        if spread.has("upper arm", side) and spread.has("forearm", side):
            _arm(making, side)
            making.drawn |= {("upper arm", side), ("forearm", side), ("hand", side)}


def _even(at: float, wide: float, front: float, back: float) -> tuple[float, ...]:
    """A row of a profile that is the same to both sides."""
    return (at, wide, wide, front, back)


def _trunk(making: Making, female: float) -> None:
    spread = making.spread
    bottom, top = spread.ends("trunk")
    long = float(np.linalg.norm(top - bottom))
    volume = sum(part.mass_kg for part in spread.parts["trunk", ""]) / 1000.0
    r = FILL * float(np.sqrt(volume / (np.pi * long)))
    fat = spread.stoutness

    def up(share: float) -> np.ndarray:
        return bottom + (top - bottom) * share

    hips = [spread.position[spread.joint_of("thigh", side)][0] for side in SIDE]
    wide = max(1.02 * r, max(abs(hips[0] - hips[1]) / 2, 0.3 * r) + 0.40 * r) * (1 + 0.13 * female)
    making.add(TRUNK, Sweep(up(-0.16), up(0.30), X, Z, [  # a keystone, wider at the hips, glutes behind
        _even(0.00, 0.50 * wide, 0.52 * r, 0.62 * r), _even(0.22, 0.86 * wide, 0.74 * r, 0.98 * r),
        _even(0.48, 1.00 * wide, 0.82 * r * (1 + 0.5 * fat), 0.98 * r),
        _even(0.78, 0.94 * wide, 0.76 * r * (1 + 0.9 * fat), 0.74 * r),
        _even(1.00, 0.80 * wide, 0.70 * r * (1 + fat), 0.62 * r),
    ], caps=(0.7, 0.3), power=2.3), 0.02)  # fmt: skip
    waist = (1.0 - 0.13 * female + 0.30 * fat) * r
    making.add(TRUNK, Sweep(up(0.20), up(0.58), X, Z, [
        _even(0.0, waist, 0.66 * r * (1 + 1.3 * fat), 0.58 * r),
        _even(0.5, 0.94 * waist, 0.66 * r * (1 + 1.6 * fat), 0.56 * r),
        _even(1.0, waist, 0.70 * r * (1 + 0.9 * fat), 0.62 * r),
    ], caps=(0.5, 0.5), power=2.2), 0.018)  # fmt: skip
    if fat > 0.04:
        belly = up(0.36) + Z * (0.34 + 0.35 * fat) * r
        making.add(TRUNK, Ellipsoid(belly, (0.92 * r, 0.80 * r, (0.46 + 0.65 * fat) * r)), 0.06)
    reach = 1.45 * r
    if spread.has("upper arm", "left"):
        reach = float(np.clip(abs(spread.ends("upper arm", "left")[0][0]), 1.15 * r, 1.75 * r))
    chest = min(1.16 * r * (1 - 0.06 * female), 0.92 * reach) * (1 + 0.10 * max(fat, 0.0))
    making.add(TRUNK, Sweep(up(0.44), up(0.98), X, Z, [  # an egg, its narrow end up
        _even(0.00, 0.80 * chest, 0.70 * r * (1 + 0.5 * fat), 0.58 * r),
        _even(0.25, 0.96 * chest, 0.84 * r * (1 + 0.3 * fat), 0.74 * r), _even(0.58, 1.06 * chest, 0.88 * r, 0.84 * r),
        _even(0.82, 0.94 * chest, 0.74 * r, 0.78 * r), _even(1.00, 0.56 * chest, 0.44 * r, 0.58 * r),
    ], caps=(0.45, 0.40), power=2.35), 0.014)  # fmt: skip
    breast = up(0.72) + Z * (0.46 + 0.07 * female) * r
    making.add(TRUNK, Ellipsoid(breast, (0.84 * chest, 0.66 * r, (0.42 + 0.05 * female) * r)), 0.06)
    making.add(TRUNK, Cone(up(0.80) + Z * 0.42 * r, up(1.03) - Z * 0.10 * r, 0.44 * r, 0.30 * r), 0.05)
    for side, s in SIDE.items():
        blade = up(0.80) + np.array([s * 0.55 * chest, 0.0, -0.52 * r])
        making.add(TRUNK, Ellipsoid(blade, (0.40 * chest, 0.40 * r, 0.28 * r)), 0.05)
        if spread.has("upper arm", side):
            _shoulder(making, side, up, r, chest)


def _shoulder(making: Making, side: str, up, r: float, chest: float) -> None:
    """From the neck's root, and from the breast, out to the point of the shoulder: slopes, no shelf."""
    spread, s = making.spread, SIDE[side]
    joint = spread.ends("upper arm", side)[0]
    collars = [i for i, m in enumerate(spread.anatomy.meanings) if m.role == "collar" and m.side == side]
    root = up(1.0) + np.array([s * 0.28 * r, -0.01 * r, -0.22 * r])
    root[1] = max(root[1], joint[1] + 0.32 * r)
    outer = joint + np.array([-s * 0.10 * r, 0.04 * r, -0.06 * r])
    making.add(collars[0] if collars else TRUNK, Cone(root, outer, 0.30 * r, 0.24 * r), 0.06)
    inner = up(0.79) + np.array([s * 0.28 * chest, 0, 0.44 * r])
    making.add(TRUNK, Cone(inner, joint + np.array([-s * 0.30 * r, -0.04 * r, 0.06 * r]), 0.42 * r, 0.24 * r), 0.05)


def _head(making: Making, female: float) -> None:
    spread = making.spread
    if not spread.has("head"):
        return
    size, tall, fat = spread.size, spread.anatomy.height_m, max(spread.stoutness, 0.0)
    base, crown = spread.ends("head")
    neck, head = spread.joint_of("head"), spread.chains["head", ""].bones[-1].joint
    girth = spread.girth("head") / (_HEAD_GIRTH * size)
    half = min(0.0675 * tall * np.clip(0.75 + 0.25 * girth, 0.9, 1.15), 0.42 * float(np.linalg.norm(crown - base)))
    up = unit(crown - base)
    front = unit(Z - up * (up @ Z))
    axes, centre = np.array([X, up, front]), crown - up * half

    def at(x: float, y: float, z: float) -> np.ndarray:
        return centre + half * (x * X + y * up + z * front)

    thick = 0.0282 * tall * np.clip(0.55 + 0.45 * girth, 0.85, 1.25) * (1 + 0.25 * fat) * (1 - 0.08 * female)
    root = base - up * 0.03 * tall - front * 0.030 * size
    making.add(neck, Cone(root, at(0, -0.35, -0.22), 1.15 * thick, 0.96 * thick), 0.03)
    making.add(head, Ellipsoid(at(0, 0.27, -0.17), (0.65 * half, 0.73 * half, 0.80 * half), axes), 0.012)
    jaw = 1 + 0.35 * fat
    making.add(head, Sweep(at(0, 0.28, 0.14), at(0, -0.80, 0.34), X, front, [
        _even(0.0, 0.57 * half, 0.54 * half, 0.50 * half),
        _even(0.45, 0.52 * half * jaw, 0.54 * half, 0.46 * half),
        _even(0.8, 0.41 * half * jaw, 0.46 * half, 0.38 * half),
        _even(1.0, 0.29 * half * jaw, 0.36 * half, 0.27 * half),
    ], caps=(0.5, 0.45), power=2.4), 0.02)  # fmt: skip
    for s in SIDE.values():  # two planes that meet on a keel
        low, high = centre - 1.3 * half, centre + 1.3 * half
        making.cut(Beyond(at(0, -0.1, 0.72), np.array([s * 0.44, 0.0, 1.0]) @ axes, low, high), 0.006)
    for s in SIDE.values():
        making.cut(Ellipsoid(at(s * 0.24, 0.05, 0.72), (0.19 * half, 0.11 * half, 0.12 * half), axes), 0.012)
        brow = Cone(at(0, 0.24, 0.76), at(s * 0.42, 0.25, 0.48), 0.105 * half, 0.09 * half)
        making.add(head, brow, 0.008)
    making.add(head, Cone(at(0, 0.18, 0.69), at(0, -0.20, 0.86), 0.06 * half, 0.105 * half), 0.012)
    making.add(head, Box(at(0, -0.80, 0.53), (0.20 * half, 0.15 * half, 0.23 * half), axes, 0.12 * half), 0.03)
    for s in SIDE.values():  # ears
        making.add(head, Disc(at(s * 0.63, 0.0, -0.14), X, 0.20 * half, 0.09 * half, 0.05 * half), 0.004)
    making.face = Face(centre, axes, half)
    making.finer.append(Finer(1, 1, float(at(0, -0.75, 0)[1]), _FINER_OVER * size, 2.0, centre))


def _drum(making: Making, joint: int, centre: np.ndarray, out: np.ndarray, front: np.ndarray, r: float, half: float):
    """A hinge: a drum across the bones that turns half-way."""
    making.add(Half(joint), Disc(centre, out, r, half, 0.34 * r), 0.012)
    making.seams.append(Ring(centre, unit(np.cross(out, front)), 0.92 * r, 2.4 * r))


def _leg(making: Making, side: str) -> None:
    spread = making.spread
    out, front, down = spread.axes("thigh", side)
    r, q = spread.girth("thigh", side), spread.girth("shank", side)
    (hip, knee), (_, ankle) = spread.ends("thigh", side), spread.ends("shank", side)
    thigh, shank = spread.joint_of("thigh", side), spread.joint_of("shank", side)
    making.add(thigh, Sweep(hip, knee, out, front, [
        (0.00, 0.92 * r, 0.80 * r, 0.86 * r, 0.94 * r), (0.12, 1.02 * r, 0.92 * r, 1.00 * r, 1.04 * r),
        (0.35, 1.03 * r, 0.95 * r, 1.08 * r, 0.94 * r), (0.62, 0.88 * r, 0.84 * r, 0.94 * r, 0.80 * r),
        (0.86, 0.64 * r, 0.64 * r, 0.66 * r, 0.60 * r), (0.97, 0.57 * r, 0.57 * r, 0.55 * r, 0.54 * r),
    ], caps=(0.9, 0.4)), 0.03)  # fmt: skip
    making.add(shank, Sweep(knee, ankle, out, front, [
        (0.03, 0.96 * q, 0.96 * q, 0.88 * q, 0.90 * q), (0.12, 0.98 * q, 0.98 * q, 0.86 * q, 1.06 * q),
        (0.30, 1.14 * q, 1.10 * q, 0.88 * q, 1.42 * q), (0.52, 0.98 * q, 0.94 * q, 0.80 * q, 1.12 * q),
        (0.76, 0.70 * q, 0.68 * q, 0.66 * q, 0.72 * q), (0.94, 0.60 * q, 0.60 * q, 0.58 * q, 0.66 * q),
    ], caps=(0.4, 0.5)), 0.012)  # fmt: skip
    k = 0.5 * (0.57 * r + q)
    _drum(making, shank, knee, out, front, 1.02 * k, 0.98 * k)
    cap = knee + front * 0.84 * k - down * 0.10 * k
    making.add(shank, Ellipsoid(cap, (0.52 * k, 0.30 * k, 0.64 * k), np.array([out, front, down])), 0.012)
    making.hinge(shank, down, 1.05 * k)
    making.hinge(thigh, 0.5 * down + np.array([SIDE[side] * 0.55, -0.6, 0]), 0.82 * r, ball=True)
    _foot(making, side, ankle, q)
    if side == "left":
        making.cuff(shank, knee, ankle, 0.80, 0.11, 0.80 * q)


def _foot(making: Making, side: str, ankle: np.ndarray, q: float) -> None:
    spread = making.spread
    points = {p.point: p for p in spread.anatomy.contact_points if p.side == side}
    if not {"heel", "ball", "toe"} <= set(points):
        return
    heel, ball, toe = (spread.at(points[n].joint, points[n].position_m) for n in ("heel", "ball", "toe"))
    foot, toes, shank = points["heel"].joint, points["toe"].joint, spread.joint_of("shank", side)
    making.hinge(foot, ankle - spread.ends("thigh", side)[1], 0.5 * q)
    ground = float(min(heel[1], ball[1]))
    ahead = unit((ball - heel) * [1, 0, 1])
    out = unit(np.cross(Y, ahead))
    out = out if out[0] * SIDE[side] >= 0 else -out
    long = float((toe - heel) @ ahead)
    wide = 0.196 * long * float(np.clip(0.7 + 0.3 * q / (_SHANK_GIRTH * spread.size), 0.9, 1.2))
    high = max(float(ankle[1] - ground), 0.16 * long)
    axes = np.array([out, Y, ahead])

    def at(forward: float, aside: float, up: float) -> np.ndarray:
        return np.array([heel[0], ground, heel[2]]) + ahead * forward * long + out * aside * wide + Y * up * high

    making.add(foot, Ellipsoid(at(0.15, 0, 0.40), (0.66 * wide, 0.52 * high, 0.155 * long), axes), 0.012)
    making.add(foot, Cone(ankle + Y * 0.05 * high, at(0.17, 0, 0.36), 0.62 * q, 0.60 * wide), 0.02)
    instep = unit(at(0.68, -0.1, 0.2) - ankle)
    making.add(foot, Sweep(ankle + Y * 0.06 * high, at(0.68, -0.10, 0.20), out, unit(Y - instep * (instep @ Y)), [
        _even(0.0, 0.60 * q, 0.42 * q, 0.70 * q), _even(0.4, 0.78 * wide, 0.40 * high, 0.56 * high),
        _even(1.0, 0.92 * wide, 0.24 * high, 0.26 * high),
    ], caps=(0.6, 0.6)), 0.025)  # fmt: skip
    for s in (1, -1):  # the ankle's two knobs, the outer one lower
        knob = ankle + out * s * 0.34 * q - Y * (0.12 if s > 0 else 0.0) * q
        making.add(shank, Ellipsoid(knob, (0.30 * q, 0.30 * q, 0.34 * q)), 0.014)
    making.add(foot, Ellipsoid(at(0.70, -0.05, 0.22), (wide, 0.30 * high, 0.15 * long), axes), 0.016)
    making.add(toes, Box(at(0.87, -0.08, 0.155), (0.86 * wide, 0.165 * high, 0.125 * long), axes, 0.15 * high), 0.010)
    low, beyond = at(-0.2, 0, 0) - 1.4 * long, at(0.5, 0, 0) + 1.4 * long
    beyond[1] = ground + 0.3 * high
    making.cut(Beyond(at(0.5, 0, 0), -Y, low, beyond), 0.004)
    making.cut(Ellipsoid(at(0.43, -1.0, -0.02), (0.62 * wide, 0.20 * high, 0.16 * long), axes), 0.01)  # the arch
    if toes != foot:
        making.hinges.append(Hinge(toes, at(0.74, 0, 0.1), ahead, 0.06 * long))
    if side == "left":
        making.finer.append(Finer(1, -1, ground + high, _FINER_OVER * spread.size, 1.5, np.array([0, 0, ankle[2]])))


def _arm(making: Making, side: str) -> None:
    spread = making.spread
    out, front, down = spread.axes("upper arm", side)
    r, q = spread.girth("upper arm", side), spread.girth("forearm", side)
    (shoulder, elbow), (_, wrist) = spread.ends("upper arm", side), spread.ends("forearm", side)
    arm, forearm = spread.joint_of("upper arm", side), spread.joint_of("forearm", side)
    making.add(arm, Sweep(shoulder, elbow, out, front, [  # its cap lies mostly outside
        (-0.02, 0.98 * r, 0.92 * r, 1.06 * r, 1.06 * r), (0.16, 1.18 * r, 1.00 * r, 1.12 * r, 1.12 * r),
        (0.36, 1.06 * r, 1.00 * r, 1.10 * r, 1.06 * r), (0.60, 0.90 * r, 0.92 * r, 1.08 * r, 1.02 * r),
        (0.86, 0.74 * r, 0.74 * r, 0.80 * r, 0.80 * r), (0.97, 0.68 * r, 0.68 * r, 0.70 * r, 0.70 * r),
    ], caps=(0.78, 0.4)), 0.035)  # fmt: skip
    making.add(forearm, Sweep(elbow, wrist, out, front, [
        (0.03, 0.88 * q, 0.86 * q, 0.88 * q, 0.84 * q), (0.20, 1.14 * q, 1.08 * q, 1.06 * q, 1.02 * q),
        (0.48, 0.94 * q, 0.92 * q, 0.96 * q, 0.94 * q), (0.82, 0.58 * q, 0.58 * q, 0.74 * q, 0.72 * q),
        (0.98, 0.48 * q, 0.48 * q, 0.70 * q, 0.68 * q),
    ], caps=(0.4, 0.4)), 0.010)  # fmt: skip
    k = 0.5 * (0.70 * r + 0.9 * q)
    _drum(making, forearm, elbow, out, front, 1.04 * k, k)
    point = Ellipsoid(elbow - front * 0.82 * k, (0.42 * k, 0.36 * k, 0.44 * k), np.array([out, front, down]))
    making.add(Half(forearm), point, 0.012)
    making.hinge(forearm, down, k)
    making.hinge(arm, 0.45 * down + SIDE[side] * X, 1.15 * r, ball=True)
    if spread.has("hand", side):
        _hand(making, side, wrist, out, front, down, q)
    if side == "left":
        making.cuff(forearm, elbow, wrist, 0.80, 0.19, 0.83 * q)


def _hand(making: Making, side: str, wrist: np.ndarray, out: np.ndarray, front: np.ndarray, down: np.ndarray, q: float):
    """A palm that faces the thigh when the arm hangs, a mitten bent in two pieces, the thumb to the front."""
    spread = making.spread
    chain = spread.chains["hand", side]
    hand, palm = chain.bones[0].joint, -out
    s = chain.length_m / _PALM * float(np.clip(0.75 + 0.25 * q / (_FOREARM_GIRTH * spread.size), 0.92, 1.15))
    if hand != spread.joint_of("forearm", side):
        making.hinge(hand, down, 0.030 * s)

    def at(along: float, to_thumb: float, to_palm: float) -> np.ndarray:
        return wrist + s * (down * along + front * to_thumb + palm * to_palm)

    def row(share: float, *half: float) -> tuple[float, ...]:
        return (share, *(s * h for h in half))

    making.add(hand, Sweep(at(0.0, 0, 0), at(0.098, 0.002, 0.002), palm, front, [
        row(0.0, 0.017, 0.017, 0.027, 0.027), row(0.4, 0.0185, 0.0155, 0.040, 0.038),
        row(1.0, 0.015, 0.0145, 0.043, 0.042),
    ], caps=(0.5, 0.5), power=2.8), 0.010)  # fmt: skip
    making.add(hand, Sweep(at(0.093, 0.001, 0.003), at(0.140, 0.001, 0.010), palm, front, [
        row(0.0, 0.0135, 0.0135, 0.041, 0.041), row(1.0, 0.012, 0.012, 0.038, 0.037),
    ], caps=(0.4, 0.5), power=3.0), 0.006)  # fmt: skip
    making.add(hand, Sweep(at(0.136, 0.001, 0.010), at(0.176, 0.0, 0.026), palm, front, [
        row(0.0, 0.0118, 0.0118, 0.0375, 0.0365), row(0.7, 0.010, 0.010, 0.032, 0.030),
        row(1.0, 0.0085, 0.0085, 0.024, 0.022),
    ], caps=(0.4, 0.8), power=2.6), 0.005)  # fmt: skip
    making.add(hand, Cone(at(0.022, 0.022, 0.010), at(0.062, 0.056, 0.020), 0.0185 * s, 0.0145 * s), 0.012)
    making.add(hand, Cone(at(0.062, 0.056, 0.020), at(0.100, 0.067, 0.024), 0.0140 * s, 0.0110 * s), 0.005)
    if side == "left":
        beyond = max(abs(float(wrist[0])) - 0.01, 0.0)
        making.finer.append(Finer(0, 1, beyond, _FINER_OVER * spread.size, 2.0, wrist + down * 0.09 * s))
