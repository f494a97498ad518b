"""What touches what: the skin against the floor and the props, with a person's word over the detector's."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from itertools import pairwise
from types import MappingProxyType

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.performer import AIR, HandContact
from ironarc.core.reading.floor import Floor
from ironarc.core.reading.skin import Skin, SkinTrack
from ironarc.core.reading.spans import Span, runs
from ironarc.core.scene.props import Prop
from ironarc.core.settings import SETTINGS

FLOOR = "floor"
ON_FLOOR_M = 0.05  # a prop whose foot is no higher stands on the floor
_NONE: Mapping = MappingProxyType({})


@dataclass(frozen=True)
class Contact:
    """A point of the body on something from frame `start` to frame `end`, both included.

    surface : "floor", or the id of a prop; by_hand : set by a person; pulls : may pull as well as push
    """

    joint: str
    point: str
    side: str
    start: int
    end: int
    surface: str = FLOOR
    by_hand: bool = False
    pulls: bool = False


@dataclass(frozen=True)
class Surface:
    """How a body's skin lies to one surface.

    away : (frames, points) m, less than 0 inside; speed : (frames, points) m/s against it
    normal : (frames or 1, points or 1, 3) unit, out of it, world
    """

    away: np.ndarray
    speed: np.ndarray
    normal: np.ndarray


def surfaces_of(
    track: SkinTrack,
    floor: Floor,
    props: Sequence[Prop],
    frames: np.ndarray,
    dt: float,
    size: float,
    named: Sequence[str] = (),
    known: Mapping[str, Surface] = _NONE,
) -> dict[str, Surface]:
    """The floor and every prop that something comes near, by id; those that are `named` however far off they are.

    known : surfaces of this very motion, floor and props; what is there is taken as it is
    """
    out = {FLOOR: known.get(FLOOR) or Surface(floor.clearance(track.at), track.speed, floor.normal[None, None])}
    for prop in props:
        found = known.get(prop.id)
        if found is None:
            found = _prop_surface(track, prop, frames, dt, size, prop.id in named, stands(prop, floor))
        elif prop.id not in named and not _comes_near(found.away, size):
            found = None
        if found is not None:
            out[prop.id] = found
    return out


def _comes_near(away: np.ndarray, size: float) -> bool:
    """Whether anything comes near a surface that it is so far from; far inside, which is infinitely far, it has."""
    return bool(away.min() <= SETTINGS["contact_clear"].value * size or np.isinf(away).any())


def _prop_surface(
    track: SkinTrack, prop: Prop, frames: np.ndarray, dt: float, size: float, named: bool, on_floor: bool
) -> Surface | None:
    """A point far inside passes through the prop and does not rest on it: `away` is infinite there."""
    at, turn = prop.track(frames if prop.is_keyed else frames[:1])
    own = rotation.rotate(turn[:, None], track.middle - at[:, None], back=True)
    girth = np.sqrt(track.skin.half.prod(axis=1))
    away = prop.distance(own, on_floor) - girth
    if away.size == 0 or not (named or _comes_near(away, size)):
        return None
    normal = way_out(prop, own, on_floor)
    # the material on the side that faces the prop, as it moves against the prop
    skin = own - girth[:, None] * normal
    speed = track.speed if not prop.is_keyed else _slower_speed(skin, dt, track.step)
    speed = np.minimum(speed, _slower_speed(own, dt, track.step)) if not prop.is_keyed else speed
    inside = away < -SETTINGS["contact_deep"].value * size
    return Surface(np.where(inside, np.inf, away), speed, rotation.rotate(turn[:, None], normal))


def stands(prop: Prop, floor: Floor) -> bool:
    """Whether a prop rests upright with its foot on the floor or under it: nothing gets out of it that way."""
    return (
        not prop.is_keyed
        and prop.turn_rad[1:] == (0.0, 0.0)
        and float(floor.clearance(np.array(prop.at_m))) < ON_FLOOR_M
    )


def way_out(prop: Prop, own: np.ndarray, on_floor: bool, step: float = 1e-4) -> np.ndarray:
    """(..., 3) unit: the way out of a prop at points (..., 3) m, both in its axes."""
    both = [(own + step * axis, own - step * axis) for axis in np.eye(3)]
    rise = np.stack([prop.distance(a, on_floor) - prop.distance(b, on_floor) for a, b in both], axis=-1)
    length = rotation.length(rise)[..., None]
    return np.where(length > 1e-9, rise / np.maximum(length, 1e-9), [0.0, 1.0, 0.0])


def _slower_speed(at: np.ndarray, dt: float, step: int) -> np.ndarray:
    """(frames, points) m/s: the slower of backward and forward speed of `at` (frames, points, 3) m over `step`."""
    step = min(step, len(at) - 1)
    if step < 1:
        return np.zeros(at.shape[:2])
    moved = rotation.length(at[step:] - at[:-step]) / (step * dt)
    begins, ends = np.repeat(moved[:1], step, axis=0), np.repeat(moved[-1:], step, axis=0)
    return np.minimum(np.concatenate([begins, moved]), np.concatenate([moved, ends]))


def depth_inside(track: SkinTrack, prop: Prop, floor: Floor, frames: np.ndarray) -> np.ndarray:
    """(frames, points) m that the middle of each point lies inside a prop, less its flesh; 0 outside."""
    at, turn = prop.track(frames if prop.is_keyed else frames[:1])
    own = rotation.rotate(turn[:, None], track.middle - at[:, None], back=True)
    return np.maximum(-prop.distance(own, stands(prop, floor)), 0.0)


@dataclass(frozen=True)
class Said:
    """What a person says, on the shot's frames.

    touches : by surface, (frames, points) int8: 1 rests on it, -1 does not, 0 nothing said
    pulls : (frames, points) bool; borne, aloft : (frames,) bool, of the body as a whole
    """

    touches: Mapping[str, np.ndarray]
    pulls: np.ndarray
    borne: np.ndarray
    aloft: np.ndarray

    @property
    def lifted(self) -> np.ndarray:
        """(frames, points) bool: said to touch nothing, or to rest elsewhere only."""
        return np.logical_or.reduce([said < 0 for said in self.touches.values()])

    @property
    def rests(self) -> np.ndarray:
        """(frames, points) bool: said to rest on something."""
        return np.logical_or.reduce([said > 0 for said in self.touches.values()])


def what_is_said(
    by_hand: Sequence[HandContact],
    surfaces: Mapping[str, Surface],
    skin: Skin,
    names: Sequence[str],
    frames: np.ndarray,
) -> Said | None:
    """A person's contacts laid over frames and points; None where there are none.

    A point that is said to rest on one surface rests on no other. A contact of no joint is of the body as a whole: in
    the air for no surface, else borne by whatever point is nearest. Surfaces and points that are gone are passed over.
    """
    if not by_hand:
        return None
    shape = len(frames), len(skin.points)
    touches = {name: np.zeros(shape, dtype=np.int8) for name in surfaces}
    pulls = np.zeros(shape, dtype=bool)
    borne, aloft = np.zeros(len(frames), dtype=bool), np.zeros(len(frames), dtype=bool)
    for contact in by_hand:
        rows = (frames >= contact.start) & (frames <= contact.end)
        if not contact.joint:
            aloft[rows], borne[rows] = contact.surface == AIR, contact.surface != AIR
            continue
        points = [
            i for i, p in enumerate(skin.points) if names[p.joint] == contact.joint and p.point == contact.point
        ]  # fmt: skip
        if contact.surface != AIR and contact.surface not in touches:
            continue
        at = np.ix_(rows, points)
        for name, said in touches.items():
            said[at] = 1 if name == contact.surface else -1
        pulls[at] = contact.pulls
        if points:
            borne[rows] |= contact.surface != AIR
    return Said(touches, pulls, borne & ~aloft, aloft)


def contact_spans(
    on: np.ndarray, skin: Skin, names: Sequence[str], frames: np.ndarray, surface: str = FLOOR,
    said: np.ndarray | None = None, pulls: np.ndarray | None = None,
    known: Mapping[int, Sequence[Contact]] = _NONE,
) -> list[Contact]:  # fmt: skip
    """One Contact with `surface` for each run of True in each column of `on` (frames, points).

    said, pulls : (frames, points) bool, where a person set it, and where it may pull; a span is cut where it changes
    known : those of some columns, by index
    """
    none = np.zeros(on.shape, dtype=bool)
    said, pulls = none if said is None else said, none if pulls is None else pulls
    out = []
    for i, point in enumerate(skin.points):
        if i in known:
            out += known[i]
            continue
        state = on[:, i] * (1 + 2 * said[:, i].astype(np.int8) + 4 * pulls[:, i].astype(np.int8))
        for a, b in equal_runs(state):
            out.append(
                Contact(
                    names[point.joint], point.point, point.side, int(frames[a]), int(frames[b - 1]), surface,
                    bool(said[a, i]), bool(pulls[a, i]),
                )
            )  # fmt: skip
    return out


def equal_runs(state: np.ndarray) -> list[Span]:
    """Index spans [a, b) of equal values that are not 0."""
    edges = [0, *(np.flatnonzero(np.diff(state)) + 1).tolist(), len(state)]
    return [(a, b) for a, b in pairwise(edges) if a < b and state[a]]


def frame_spans(flags: np.ndarray, frames: np.ndarray) -> list[tuple[int, int]]:
    """Runs of True as first and last frame of the shot."""
    return [(int(frames[a]), int(frames[b - 1])) for a, b in runs(flags)]
