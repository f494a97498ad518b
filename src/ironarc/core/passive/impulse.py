"""What bodies do to each other as they meet: impulses by Newton's law of restitution and Coulomb's friction.

Several touches at once (a box that lands flat) share theirs by projected Gauss-Seidel over the touches, as is usual for
such systems (Moreau 1988; Jean, Computer Methods in Applied Mechanics 177, 1999).
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation

PASSES, ENOUGH = 200, 1e-9


@dataclass(frozen=True, eq=False)
class Body:
    """mass : kg; inertia : (3, 3) kg·m², its own axes; turn : (4,); at : (3,) m its middle; v, w : (3,) m/s, rad/s"""

    mass: float
    inertia: np.ndarray
    turn: np.ndarray
    at: np.ndarray
    v: np.ndarray
    w: np.ndarray


@dataclass(frozen=True, eq=False)
class Meeting:
    """A touch.

    one, two : indices of bodies, two -1 for what does not give way; at : (3,) m; normal : (3,) unit, out of `two`
    wall : (3,) m/s of what does not give way, or only as `gives` (3, 3) m/s by N·s has it; limb : what that is, by name
    """

    one: int
    two: int
    at: np.ndarray
    normal: np.ndarray
    bounce: float
    friction: float
    wall: np.ndarray
    gives: np.ndarray | None = None
    limb: str = ""


def impulses(
    bodies: Sequence[Body], meetings: Sequence[Meeting], slow_ms: float
) -> tuple[list[tuple[np.ndarray, np.ndarray]], list[np.ndarray]]:
    """(v, w) of each body after all that meet have met, and the impulse (3,) N·s of each meeting on its first body.

    What comes together more slowly than `slow_ms` does not bounce.
    """
    given = [np.zeros(3) for _ in meetings]
    v, w = [b.v.copy() for b in bodies], [b.w.copy() for b in bodies]
    spread = [_spread(b) for b in bodies]

    def relative(k: int) -> np.ndarray:
        m = meetings[k]
        u = v[m.one] + np.cross(w[m.one], m.at - bodies[m.one].at)
        if m.two >= 0:
            return u - v[m.two] - np.cross(w[m.two], m.at - bodies[m.two].at)
        if m.gives is None:
            return u - m.wall
        # all that a limb takes moves it, whichever touch it comes by
        taken = sum(g for g, other in zip(given, meetings, strict=True) if other.limb == m.limb)
        return u - m.wall + m.gives @ taken

    def give(m: Meeting, impulse: np.ndarray) -> None:
        for k, sign in ((m.one, 1.0), (m.two, -1.0)):
            if k >= 0:
                v[k] += sign * impulse / bodies[k].mass
                w[k] += spread[k] @ np.cross(m.at - bodies[k].at, sign * impulse)

    wanted, answers = [], []
    for k, m in enumerate(meetings):
        into = -float(relative(k) @ m.normal)
        wanted.append(m.bounce * into if into > slow_ms else 0.0)
        answers.append(_answer(m, bodies, spread))
    for _ in range(PASSES):
        most = 0.0
        for i, m in enumerate(meetings):
            u = relative(i)
            # the impulse that parts them by what is wanted and stops them sliding, then within the cone of friction
            step = np.linalg.solve(answers[i], m.normal * wanted[i] - u)
            total = given[i] + step
            push = float(total @ m.normal)
            if push <= 0:
                total = np.zeros(3)
            else:
                along = total - push * m.normal
                size = float(np.linalg.norm(along))
                if size > m.friction * push:
                    # it slides: the push is what parts them with that much friction
                    way = along / size
                    reach = m.normal + m.friction * way
                    base = u - answers[i] @ given[i]
                    push = (wanted[i] - float(base @ m.normal)) / float(m.normal @ answers[i] @ reach)
                    total = max(push, 0.0) * reach
            change = total - given[i]
            give(m, change)
            given[i] = total
            most = max(most, float(np.abs(change).max()))
        if most < ENOUGH:
            break
    return list(zip(v, w, strict=True)), given


def _spread(body: Body) -> np.ndarray:
    """(3, 3): world angular velocity for angular momentum."""
    r = rotation.to_matrix(body.turn)
    return r @ np.linalg.inv(body.inertia) @ r.T


def _answer(m: Meeting, bodies: Sequence[Body], spread: Sequence[np.ndarray]) -> np.ndarray:
    """(3, 3): how much the speed at the touch changes with an impulse there."""
    out = np.zeros((3, 3))
    for k in (m.one, m.two):
        if k >= 0:
            x, y, z = m.at - bodies[k].at
            arm = np.array([[0.0, -z, y], [z, 0.0, -x], [-y, x, 0.0]])
            out += np.eye(3) / bodies[k].mass - arm @ spread[k] @ arm
    return out if m.gives is None else out + m.gives
