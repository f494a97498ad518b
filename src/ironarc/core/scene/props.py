"""Props as places: boxes, walls, bars, ramps and balls that the body stands on, hangs from, or passes.

A prop's place is the middle of its foot, so that one set on the floor stands there; its own axes and sizes are those of
its first solid.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property
from types import MappingProxyType

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Keys
from ironarc.core.errors import EditError, check_mass
from ironarc.core.scene.shape import Shape
from ironarc.core.scene.solid import MESH, TURN_ORDER, Solid

PLACE_CHANNELS, TURN_CHANNELS = ("tx", "ty", "tz"), ("ry", "rx", "rz")
MOST_SOLIDS, LARGEST_OFF_M = 12, 100.0
# What each kind is first: width, height, depth
FIRST_SIZE = {
    "box": (0.6, 0.5, 0.6), "wall": (2.0, 2.4, 0.12), "bar": (1.6, 0.04, 0.04), "ramp": (1.0, 0.5, 1.6),
    "ball": (0.4, 0.4, 0.4),
}  # fmt: skip


@dataclass(frozen=True)
class Material:
    """What a prop is made of, as a whole: hollow ones count their air."""

    density_kgm3: float
    bounce: float
    friction: float


# Rounded from handbooks of materials; bounce off something hard, friction on wood
MATERIALS = {
    "cork": Material(200.0, 0.5, 0.6), "wood": Material(600.0, 0.4, 0.5), "coal": Material(900.0, 0.1, 0.6),
    "iron": Material(7800.0, 0.5, 0.4), "stone": Material(2500.0, 0.3, 0.6), "rubber": Material(1100.0, 0.75, 0.9),
    "filled sack": Material(700.0, 0.05, 0.7), "air-filled ball": Material(75.0, 0.7, 0.7),
    "cardboard": Material(60.0, 0.15, 0.4),
}  # fmt: skip


@dataclass(frozen=True)
class Hold:
    """That a performer's joint carries a prop over a span. Frames are the shot's.

    at_m, turn : the prop's place (m) and rotation in the joint's axes
    ease_in, ease_out : frames over which it comes into the hand, and out of it to where its own keys have it
    """

    id: str
    performer: str
    joint: str
    start: int
    end: int
    at_m: tuple[float, float, float]
    turn: tuple[float, float, float, float] = (1.0, 0.0, 0.0, 0.0)
    ease_in: int = 0
    ease_out: int = 0


@dataclass(frozen=True)
class Link:
    """That a prop is held at one point to another, and turns freely about it.

    to : that prop's id, or "" for the world; at_m : (3,) m there, in its axes; own_m : (3,) m in the prop's own axes
    """

    to: str
    at_m: tuple[float, float, float]
    own_m: tuple[float, float, float]


@dataclass(frozen=True)
class Touch:
    """A prop that flies meets something.

    frame : of the shot, between frames; surface : "floor" or the id of a prop; at : (3,) m
    speed_ms, leaves_ms : at which they come together and part again, 0 where it stays; impulse_ns : N·s of the blow
    surface may also be a piece of a performer: its id, a colon and a joint's name
    """

    frame: float
    surface: str
    speed_ms: float
    leaves_ms: float
    at: tuple[float, float, float]
    impulse_ns: float = 0.0


@dataclass(frozen=True)
class Flight:
    """That a prop moves by itself from a frame on. Where it goes stands in the prop's columns, a key a frame.

    start, end : the shot's frames it was followed over; rests : the one it lies still from, or None
    velocity_ms : (3,) m/s of its middle as it leaves; spin_rads : (3,) rad/s, world axes
    given : whether a person or an aim gave these, not the motion before; touches : what it meets on the way
    bears : whether somebody stands on it as it sets out, and pushes it
    """

    start: int
    end: int
    rests: int | None
    velocity_ms: tuple[float, float, float]
    spin_rads: tuple[float, float, float]
    given: bool = False
    touches: tuple[Touch, ...] = ()
    bears: bool = False


@dataclass(frozen=True)
class Prop:
    """A thing in the shot.

    size_m, at_m : (3,) m; turn_rad : (3,) about y, x and z, in that order
    columns : {channel: Keys} in the shot's frames, over the place (m) and turn (rad) where it moves
    hung_from_m : the point a line from its top goes to, or None; holds : who carries it when
    mass_kg : None where nobody said; bounce : share of its speed that it comes back with off something hard
    friction : of sliding; drag : coefficient in air; flight : that it moves by itself, or None
    joined : further solids that it is made of; off_m : (3,) m, its own axes, that its weight lies off their middle
    link : what it is held to, or None; shape : the mesh that one of kind "shape" is seen as, whose hull is touched
    """

    id: str
    name: str
    kind: str
    size_m: tuple[float, float, float]
    at_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    turn_rad: tuple[float, float, float] = (0.0, 0.0, 0.0)
    columns: Mapping[str, Keys] = field(default_factory=dict)
    hung_from_m: tuple[float, float, float] | None = None
    hidden: bool = False
    locked: bool = False
    holds: tuple[Hold, ...] = ()
    mass_kg: float | None = None
    bounce: float = 0.3
    friction: float = 0.6
    drag: float = 0.0
    flight: Flight | None = None
    joined: tuple[Solid, ...] = ()
    off_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    link: Link | None = None
    shape: Shape | None = None

    def __post_init__(self):
        object.__setattr__(self, "columns", MappingProxyType(dict(self.columns)))

    @property
    def volume_m3(self) -> float:
        """Of all of it, as dense as its first solid."""
        return float(sum(s.weight for s in self.solids))

    @property
    def is_keyed(self) -> bool:
        return bool(self.columns)

    def checked(self) -> "Prop":
        """Itself; EditError for a kind, size or place that can't be."""
        Solid(self.kind, self.size_m, self.at_m, self.turn_rad, shape=self.shape).checked(self.name)
        if len(self.solids) > MOST_SOLIDS:
            raise EditError(f"{self.name} is joined of {MOST_SOLIDS} solids at most; {len(self.solids)} were given.")
        for solid in self.joined:
            solid.checked(self.name)
        if not np.isfinite(self.off_m).all() or np.abs(self.off_m).max() > LARGEST_OFF_M:
            raise EditError(f"{self.name}: its weight lies within {LARGEST_OFF_M:.0f} m of its middle.")
        if self.link is not None and not np.isfinite([*self.link.at_m, *self.link.own_m]).all():
            raise EditError(f"{self.name} is linked at a place that is no number.")
        if self.mass_kg is not None:
            check_mass(f"The mass of {self.name}", self.mass_kg)
        for word, value, most in (
            ("bounce", self.bounce, 0.95),
            ("friction", self.friction, 2.0),
            ("drag", self.drag, 5.0),
        ):
            if not (np.isfinite(value) and 0 <= value <= most):
                raise EditError(f"The {word} of {self.name} lies between 0 and {most:g}; {value:g} was given.")
        for i, hold in enumerate(self.holds):
            if hold.end < hold.start:
                raise EditError(f"{self.name} is carried from a first to a last frame, not {hold.start} to {hold.end}.")
            if any(hold.start <= other.end and other.start <= hold.end for other in self.holds[:i]):
                raise EditError(f"{self.name} is carried already on some of frames {hold.start} to {hold.end}.")
        return self

    def track(self, frames: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """World places (frames, 3) m of its foot and its rotations (frames, 4), over the shot's `frames`, where nobody
        carries it: `Shot.track_of` has it carried."""
        at = np.repeat(np.array([self.at_m]), len(frames), axis=0)
        turn = np.repeat(np.array([self.turn_rad]), len(frames), axis=0)
        for values, channels in ((at, PLACE_CHANNELS), (turn, TURN_CHANNELS)):
            for i, channel in enumerate(channels):
                if channel in self.columns:
                    values[:, i] = self.columns[channel].sample(frames)
        return at, rotation.from_euler(TURN_ORDER, turn)

    @cached_property
    def solids(self) -> tuple[Solid, ...]:
        """What it is made of: its own shape, and what was joined to it."""
        # one that was made a plain solid again keeps its mesh, and is not seen as it
        return (Solid(self.kind, self.size_m, shape=self.shape if self.kind == MESH else None), *self.joined)

    @cached_property
    def center_m(self) -> np.ndarray:
        """(3,) m, its own axes: its center of mass."""
        weights = np.array([s.weight for s in self.solids])
        middles = np.array([s.middle_m for s in self.solids])
        return weights @ middles / weights.sum() + np.array(self.off_m)

    def inertia(self, mass_kg: float) -> np.ndarray:
        """(3, 3) kg·m² about its center of mass, its own axes; one that was moved off the middle leaves it as it is."""
        weights = np.array([s.weight for s in self.solids])
        center, out = self.center_m - np.array(self.off_m), np.zeros((3, 3))
        for solid, weight in zip(self.solids, weights / weights.sum(), strict=True):
            off = solid.middle_m - center
            out += weight * (solid.spread() + np.eye(3) * (off @ off) - np.outer(off, off))
        return mass_kg * out

    def distance(self, points: np.ndarray, stands: bool = False) -> np.ndarray:
        """Distance (...,) m of points (..., 3) in the prop's own axes to its surface, less than 0 inside.

        stands : on the floor, so that there is no way out of it through its foot
        """
        found = self.solids[0].distance(points, stands)
        for solid in self.joined:
            found = np.minimum(found, solid.distance(points, stands))
        return found


def middle_of(prop: Prop, at: np.ndarray, turn: np.ndarray) -> np.ndarray:
    """(..., 3) m: a prop's center of mass, of where its foot is (..., 3) m and how it is turned (..., 4)."""
    return at + rotation.rotate(turn, prop.center_m)


def foot_of(prop: Prop, middle: np.ndarray, turn: np.ndarray) -> np.ndarray:
    """(..., 3) m: where a prop's foot is, of its center of mass (..., 3) m and how it is turned (..., 4)."""
    return middle - rotation.rotate(turn, prop.center_m)
