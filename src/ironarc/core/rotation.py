"""Arrays of unit quaternions (w, x, y, z), and the conversions the document needs.

Every function works on stacks: the leading dimensions broadcast, the last is the quaternion,
vector or set of angles. Angles are radians.
"""

from collections.abc import Sequence

import numpy as np

AXES = "XYZ"
ORDERS = ("XYZ", "XZY", "YXZ", "YZX", "ZXY", "ZYX")
IDENTITY = np.array([1.0, 0.0, 0.0, 0.0])
_CONJUGATE = np.array([1.0, -1.0, -1.0, -1.0])
FEW = 2  # frames, for which a sum costs less than the calls that would save it
# Row r of the matrix of a is a's components at these places, with these signs
_PLACES = np.array([[0, 1, 2, 3], [1, 0, 3, 2], [2, 3, 0, 1], [3, 2, 1, 0]])
_SIGNS = np.array([[1.0, -1, -1, -1], [1, 1, -1, 1], [1, 1, 1, -1], [1, -1, 1, 1]])


def _few(a: np.ndarray, b: np.ndarray) -> bool:
    """Whether stacks are of a frame or two. More are worked out one way, however many: the last digit of a frame does
    not hang on those worked out along with it."""
    shape = a.shape if a.ndim >= b.ndim else b.shape
    return len(shape) < 2 or max(shape[0], len(b) if b.ndim == len(shape) else 0) <= FEW


def multiply(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """Hamilton product a·b: first b, then a. (..., 4) x (..., 4) -> (..., 4)."""
    if _few(a, b):
        # the product as a matrix of a, times b
        return ((a[..., _PLACES] * _SIGNS) @ b[..., None])[..., 0]
    aw, ax, ay, az = a[..., 0], a[..., 1], a[..., 2], a[..., 3]
    bw, bx, by, bz = b[..., 0], b[..., 1], b[..., 2], b[..., 3]
    out = np.empty((*np.broadcast_shapes(a.shape, b.shape)[:-1], 4))
    rows = (
        (aw * bw, -ax, bx, -ay, by, -az, bz),
        (aw * bx, ax, bw, ay, bz, -az, by),
        (aw * by, -ax, bz, ay, bw, az, bx),
        (aw * bz, ax, by, -ay, bx, az, bw),
    )
    for i, (o, p, q, r, s, t, u) in enumerate(rows):
        o += p * q
        o += r * s
        o += t * u
        out[..., i] = o
    return out


def conjugate(q: np.ndarray) -> np.ndarray:
    """The inverse rotation of unit quaternions (..., 4)."""
    return q * _CONJUGATE


def rotate(q: np.ndarray, v: np.ndarray, back: bool = False) -> np.ndarray:
    """Vectors v (..., 3) turned by q (..., 4), or by its inverse with `back`."""
    # v' = v + 2 w t + 2 u × t with t = u × v and u the vector part of q; by components, since this is
    # where most of a reading's time goes
    if _few(q, v):
        upright = np.zeros((*v.shape[:-1], 4))
        upright[..., 1:] = v
        inverse = conjugate(q)
        one, other = (inverse, q) if back else (q, inverse)
        return multiply(multiply(one, upright), other)[..., 1:]
    w, x, y, z = q[..., 0], q[..., 1], q[..., 2], q[..., 3]
    w = -2.0 * w if back else 2.0 * w  # (w, -u) and (-w, u) turn alike
    a, b, c = v[..., 0], v[..., 1], v[..., 2]
    tx, ty, tz = y * c - z * b, z * a - x * c, x * b - y * a
    x, y, z = 2.0 * x, 2.0 * y, 2.0 * z
    out = np.empty((*tx.shape, 3))
    for i, (s, wt, up, vp, um, vm) in enumerate(((a, tx, y, tz, z, ty), (b, ty, z, tx, x, tz), (c, tz, x, ty, y, tx))):
        o = w * wt
        o += s
        o += up * vp
        o -= um * vm
        out[..., i] = o
    return out


def cross(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """a × b (..., 3) by components: a third of the time NumPy's general one takes."""
    out = np.empty(np.broadcast_shapes(a.shape, b.shape))
    for i, (j, k) in enumerate(((1, 2), (2, 0), (0, 1))):
        out[..., i] = a[..., j] * b[..., k] - a[..., k] * b[..., j]
    return out


def dot(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """a · b (...) of vectors or quaternions (..., few) by components: a sum over so few takes NumPy several times as
    long."""
    out = a[..., 0] * b[..., 0]
    for i in range(1, a.shape[-1]):
        out += a[..., i] * b[..., i]
    return out


def length(v: np.ndarray) -> np.ndarray:
    """Lengths (...) of vectors or quaternions (..., few): the digits of NumPy's general norm in a fifth of its time."""
    return np.sqrt(dot(v, v))


def to_matrix(q: np.ndarray) -> np.ndarray:
    """Rotation matrices (..., 3, 3) of unit quaternions (..., 4)."""
    # by components, which lie next to one another in memory
    w, x, y, z = np.ascontiguousarray(np.moveaxis(q, -1, 0))
    xx, yy, zz, xy, xz, yz, wx, wy, wz = x * x, y * y, z * z, x * y, x * z, y * z, w * x, w * y, w * z
    rows = (
        (1 - 2 * (yy + zz), 2 * (xy - wz), 2 * (xz + wy)),
        (2 * (xy + wz), 1 - 2 * (xx + zz), 2 * (yz - wx)),
        (2 * (xz - wy), 2 * (yz + wx), 1 - 2 * (xx + yy)),
    )
    return np.moveaxis(np.array(rows), (0, 1), (-2, -1))


def turned(matrix: np.ndarray, v: np.ndarray) -> np.ndarray:
    """Vectors v (..., 3) turned by rotation matrices (..., 3, 3), by components."""
    return np.stack([dot(matrix[..., i, :], v) for i in range(3)], axis=-1)


def about_axis(axis: str, angle: np.ndarray) -> np.ndarray:
    """Quaternions (..., 4) that turn by `angle` (...) about one of the axes "X", "Y", "Z"."""
    out = np.zeros((*np.shape(angle), 4))
    half = np.asarray(angle) / 2
    out[..., 0] = np.cos(half)
    out[..., 1 + AXES.index(axis)] = np.sin(half)
    return out


def from_euler(order: str, angles: np.ndarray) -> np.ndarray:
    """Quaternions (..., 4) of R = R_order[0](angles[0]) @ R_order[1](angles[1]) @ R_order[2](angles[2])."""
    w, *turned = _euler_products(angles, _parity(order))
    out = np.empty((*angles.shape[:-1], 4))
    out[..., 0] = w
    for axis, value in zip(order, turned, strict=True):
        out[..., 1 + AXES.index(axis)] = value
    return out


class EulerOrders:
    """Angles of joints that each have an order of their own, turned into quaternions together."""

    def __init__(self, orders: Sequence[str]):
        self._e = np.array([_parity(order) for order in orders])
        self._places = 1 + np.array([[AXES.index(axis) for axis in order] for order in orders], dtype=int).reshape(
            -1, 3
        )
        self._joints = np.arange(len(orders))

    def quaternions(self, angles: np.ndarray) -> np.ndarray:
        """(frames, joints, 4) of angles (frames, joints, 3) rad, each joint's in its own order."""
        w, *turned = _euler_products(angles, self._e)
        out = np.empty((*angles.shape[:-1], 4))
        out[..., 0] = w
        for i, value in enumerate(turned):
            out[:, self._joints, self._places[:, i]] = value
        return out


def _parity(order: str) -> float:
    """e of ij = e k for the axes i, j, k in order: +1 for XYZ, YZX, ZXY, else -1."""
    i, j = AXES.index(order[0]), AXES.index(order[1])
    return 1.0 if (j - i) % 3 == 1 else -1.0


def _euler_products(angles: np.ndarray, e) -> tuple[np.ndarray, ...]:
    """w and the parts along the first, second and third axis of (c0 + s0 i)(c1 + s1 j)(c2 + s2 k), with ij = e k."""
    half = angles * 0.5
    c, s = np.cos(half), np.sin(half)
    c0, c1, c2 = c[..., 0], c[..., 1], c[..., 2]
    s0, s1, s2 = s[..., 0], s[..., 1], s[..., 2] * e
    cc, ss, sc, cs = c0 * c1, s0 * s1, s0 * c1, c0 * s1
    return cc * c2 - ss * s2, sc * c2 + cs * s2, cs * c2 - sc * s2, cc * s[..., 2] + ss * (c2 * e)


def to_euler(order: str, q: np.ndarray) -> np.ndarray:
    """Angles (..., 3) with `from_euler(order, angles) == ±q`; the middle one within ±90°.

    With i, j, k the axes in order and e = +1 for XYZ, YZX, ZXY (else -1), R = Ri Rj Rk has
    R[i, k] = e sin(b), R[j, k] = -e sin(a) cos(b), R[k, k] = cos(a) cos(b),
    R[i, j] = -e cos(b) sin(c), R[i, i] = cos(b) cos(c).
    At the pole (|b| = 90°) only a ± c is defined; the last angle is set to zero there.
    """
    i, j, k = (AXES.index(axis) for axis in order)
    e = 1.0 if (j - i) % 3 == 1 else -1.0
    m = to_matrix(q)
    sin_b = np.clip(e * m[..., i, k], -1.0, 1.0)
    a = np.arctan2(-e * m[..., j, k], m[..., k, k])
    b = np.arcsin(sin_b)
    c = np.arctan2(-e * m[..., i, j], m[..., i, i])
    pole = np.abs(sin_b) > 1.0 - 1e-12
    a = np.where(pole, np.arctan2(e * m[..., k, j], m[..., j, j]), a)
    return np.stack([a, b, np.where(pole, 0.0, c)], axis=-1)


def follow_euler(angles: np.ndarray, near: np.ndarray) -> np.ndarray:
    """The same rotations written with the angles nearest to `near`; both (frames, 3).

    Each rotation has two sets of Tait-Bryan angles, (a, b, c) and (a+π, π-b, c+π), and whole turns on
    each; a curve must not jump between them.
    """
    turn = 2 * np.pi
    other = angles * [1, -1, 1] + np.pi
    sets = [s + turn * np.round((near - s) / turn) for s in (angles, other)]
    first, second = (np.abs(s - near).sum(axis=-1, keepdims=True) for s in sets)
    return np.where(first <= second, *sets)


def each_after_the_other(angles: np.ndarray, near: np.ndarray | None = None) -> np.ndarray:
    """Angles (frames, 3) of the same rotations, each set the one nearest to the frame before; the first nearest to
    `near` (3,), or as it is."""
    out = angles.copy()
    if near is not None:
        out[:1] = follow_euler(out[:1], near[None])
    for i in range(1, len(out)):
        out[i] = follow_euler(out[i : i + 1], out[i - 1 : i])[0]
    return out


def log(q: np.ndarray) -> np.ndarray:
    """Rotation vectors (..., 3) of unit quaternions (..., 4), the short way round (angle <= π)."""
    q = np.where(q[..., :1] < 0, -q, q)
    s = np.sqrt(np.einsum("...i,...i->...", q[..., 1:], q[..., 1:]))
    # angle / sin(angle/2); below 1e-8 the first term of its series, 2, is exact to rounding
    small = s < 1e-8
    factor = np.where(small, 2.0, 2.0 * np.arctan2(s, q[..., 0]) / np.where(small, 1.0, s))
    return q[..., 1:] * factor[..., None]


def steps(q: np.ndarray) -> np.ndarray:
    """Rotation vectors (frames - 1, ..., 3) from each of q (frames, ..., 4) to the next, in the earlier one's axes.

    The log of q̄₀ q₁, written out by components that lie next to one another in memory.
    """
    w, x, y, z = np.ascontiguousarray(np.moveaxis(q, -1, 0))
    aw, ax, ay, az, bw, bx, by, bz = w[:-1], x[:-1], y[:-1], z[:-1], w[1:], x[1:], y[1:], z[1:]
    real = aw * bw + ax * bx + ay * by + az * bz
    out = np.stack(
        [
            aw * bx - bw * ax - (ay * bz - az * by),
            aw * by - bw * ay - (az * bx - ax * bz),
            aw * bz - bw * az - (ax * by - ay * bx),
        ],
        axis=-1,
    )
    sine = np.sqrt(np.einsum("...i,...i->...", out, out))
    small = sine < 1e-8
    factor = np.where(small, 2.0, 2.0 * np.arctan2(sine, np.abs(real)) / np.where(small, 1.0, sine))
    out *= np.where(real < 0, -factor, factor)[..., None]
    return out


def log_signed(q: np.ndarray) -> np.ndarray:
    """Rotation vectors (..., 3) of unit quaternions (..., 4) with their sign kept (angle < 2π).

    q and -q are one rotation reached by two ways round; where quaternions are continuous along time, so are
    these vectors, also past half a turn.
    """
    s = np.sqrt(np.einsum("...i,...i->...", q[..., 1:], q[..., 1:]))
    small = s < 1e-8
    factor = np.where(small, 2.0, 2.0 * np.arctan2(s, q[..., 0]) / np.where(small, 1.0, s))
    return q[..., 1:] * factor[..., None]


def exp(v: np.ndarray) -> np.ndarray:
    """Unit quaternions (..., 4) of rotation vectors (..., 3)."""
    angle = np.sqrt(np.einsum("...i,...i->...", v, v))
    # sin(angle/2) / angle; np.sinc(x) = sin(πx) / (πx) has no trouble at zero
    scale = 0.5 * np.sinc(angle / (2 * np.pi))
    return np.concatenate([np.cos(angle / 2)[..., None], v * scale[..., None]], axis=-1)


def share(q: np.ndarray, weight: np.ndarray) -> np.ndarray:
    """The part `weight` (0 to 1, broadcast against q's leading dimensions) of each rotation (..., 4), along the
    sphere from no rotation, the short way round."""
    w, u = q[..., 0], q[..., 1:]
    s = np.sqrt(np.einsum("...i,...i->...", u, u))
    half = weight * np.arctan2(s, np.abs(w))
    # sin(weight × angle/2) / sin(angle/2); below 1e-8 its series begins with the weight itself
    small = s < 1e-8
    factor = np.where(small, weight, np.sin(half) / np.where(small, 1.0, s)) * np.where(w < 0, -1.0, 1.0)
    out = np.empty(q.shape)
    out[..., 0] = np.cos(half)
    np.multiply(u, factor[..., None], out=out[..., 1:])
    return out


def continuous(q: np.ndarray) -> np.ndarray:
    """The same rotations with signs chosen so that neighbours along axis 0 are on one side."""
    flips = np.einsum("f...i,f...i->f...", q[1:], q[:-1]) < 0
    odd = np.cumsum(flips, axis=0) % 2 == 1
    out = q.copy()
    out[1:][odd] *= -1
    return out


def from_matrix(m: np.ndarray) -> np.ndarray:
    """Unit quaternions (..., 4) of rotation matrices (..., 3, 3); Shepperd's method, the largest term first."""
    m = np.asarray(m, dtype=float)
    trace = np.trace(m, axis1=-2, axis2=-1)
    terms = np.stack([trace, m[..., 0, 0], m[..., 1, 1], m[..., 2, 2]], axis=-1)
    best = np.argmax(terms, axis=-1)
    # four times what each product of two parts is: whichever part is largest, its row has them all
    q = np.empty((*m.shape[:-2], 4, 4))
    q[..., 0, 0] = 1 + trace
    for i in range(3):
        j, k = (i + 1) % 3, (i + 2) % 3
        q[..., 0, 1 + i] = q[..., 1 + i, 0] = m[..., k, j] - m[..., j, k]
        q[..., 1 + i, 1 + i] = 1 + m[..., i, i] - m[..., j, j] - m[..., k, k]
        q[..., 1 + i, 1 + j] = q[..., 1 + j, 1 + i] = m[..., j, i] + m[..., i, j]
    found = np.take_along_axis(q, best[..., None, None], axis=-2)[..., 0, :]
    return found / np.linalg.norm(found, axis=-1, keepdims=True)


def between(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """Quaternions (..., 4) of the shortest turns from unit vectors a (..., 3) to b (..., 3)."""
    a, b = np.broadcast_arrays(a, b)
    out = np.empty((*a.shape[:-1], 4))
    # (1 + a·b, a × b), normalised
    out[..., 0] = 1.0 + np.einsum("...i,...i->...", a, b)
    out[..., 1:] = cross(a, b)
    opposite = out[..., 0] < 1e-9
    if opposite.any():
        # half a turn about any axis square to a
        least = np.eye(3)[np.abs(a[opposite]).argmin(axis=-1)]
        axis = cross(a[opposite], least)
        out[opposite, 0] = 0.0
        out[opposite, 1:] = axis
    return out / np.linalg.norm(out, axis=-1, keepdims=True)


def twist_about(q: np.ndarray, axis: np.ndarray) -> np.ndarray:
    """Angles (...) in radians, within half a turn, by which q (..., 4) turns about unit axes (..., 3): the twist of
    its swing and twist."""
    along = np.einsum("...i,...i->...", q[..., 1:], axis)
    return 2.0 * np.arctan2(along * np.where(q[..., 0] < 0, -1.0, 1.0), np.abs(q[..., 0]))


def slerp(a: np.ndarray, b: np.ndarray, s: np.ndarray) -> np.ndarray:
    """The part s (...) of the shorter way from a to b (..., 4); less than 0 and more than 1 go on beyond them."""
    return multiply(a, exp(log(multiply(conjugate(a), b)) * np.asarray(s)[..., None]))
