"""What every correction is: a name, typed options with words and units, what it settles, and how it is proposed."""

import re
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field, fields
from typing import Any, get_type_hints

import numpy as np

from ironarc.core import rotation
from ironarc.core.document.plain import from_plain
from ironarc.core.edits.base import Edit
from ironarc.core.errors import EditError
from ironarc.core.figure.rig import forward
from ironarc.core.motion.layers import Layer
from ironarc.core.motion.poses import Poses
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.retiming import Retiming
from ironarc.core.whole_numbers import whole_number

_TRY = re.compile(r"([a-z_]{1,30})\(([^()]{0,300})\)")
NO_ARRAYS: dict = {}
FRAME, FRAMES, SHARE, CM, TURNS, GRAVITY, CURVE = "frame", "frames", "share", "cm", "turns", "g", "curve"
PERFORMERS = "performers"


def option(
    words: str, unit: str = "", low: float | None = None, high: float | None = None, choices: tuple[str, ...] = (),
    found: str = "", **more: Any,
) -> Any:  # fmt: skip
    """A field of a correction's options: what it is called on a form, the unit it is told in ("frame" for a frame of
    the shot, "frames" for a number of them, "share", "cm", "turns", "curve" for keys of a share, "performers" for their
    ids), between what it lies, and what can be chosen.

    found : where -1 has it worked out, what a form calls that
    """
    told = {"words": words, "unit": unit, "low": low, "high": high, "choices": choices, "found": found}
    return field(metadata=told, **more)


@dataclass(frozen=True)
class Cost:
    """What a correction costs.

    words : what is particular to it, as a sentence, or ""
    moved_m, turned_deg : the farthest any joint or tip is moved, and turned in the world
    frames : added, or taken for less than 0
    """

    words: str
    moved_m: float = 0.0
    turned_deg: float = 0.0
    frames: int = 0

    @property
    def says(self) -> str:
        out = [self.words] if self.words else []
        if self.frames:
            n = abs(self.frames)
            out.append(f"{n} frame{'' if n == 1 else 's'} {'added' if self.frames > 0 else 'taken out'}.")
        if self.moved_m >= 0.0005 or self.turned_deg >= 0.5:
            turns = f" and turn by up to {self.turned_deg:.0f}°" if self.turned_deg >= 0.5 else ""
            out.append(f"Parts move by up to {_cm(self.moved_m)}{turns}.")
        elif not self.frames:
            out.append("No part moves.")
        return " ".join(out)

    @property
    def size(self) -> float:
        """How much is changed, as one number to order ways by: 10 cm, 30 degrees and 3 frames weigh alike."""
        return self.moved_m / 0.1 + self.turned_deg / 30.0 + abs(self.frames) / 3.0


def _cm(metres: float) -> str:
    return f"{metres * 100:.0f} cm" if metres >= 0.0995 else f"{metres * 100:.1f} cm"


def _scale(poses: Poses) -> float:
    """Metres in one unit of the rig's."""
    own = np.linalg.norm(poses.rig.offsets, axis=-1)
    own[list(poses.rig.roots)] = 0.0
    longest = int(own.argmax())
    if own[longest] < 1e-9 or not len(poses.translation):
        return 1.0
    return float(np.linalg.norm(poses.translation[0, longest]) / own[longest])


def cost_of(was: Poses, local: np.ndarray, translation: np.ndarray, words: str, frames: int = 0) -> Cost:
    """The cost of local rotations (frames, joints, 4) and origins (frames, joints, 3) m in place of those of `was`."""
    world, at = forward(was.rig, local, translation)
    moved = float(np.linalg.norm(at - was.position, axis=-1).max(initial=0.0))
    for end in was.rig.ends:
        # a fingertip goes farther than its wrist
        tip = np.array(end.offset) * _scale(was)
        off = at[:, end.parent] - was.position[:, end.parent]
        off = off + rotation.rotate(world[:, end.parent], tip) - rotation.rotate(was.rotation[:, end.parent], tip)
        moved = max(moved, float(np.linalg.norm(off, axis=-1).max(initial=0.0)))
    between = rotation.log(rotation.multiply(world, rotation.conjugate(was.rotation)))
    turned = float(np.degrees(np.linalg.norm(between, axis=-1).max(initial=0.0)))
    return Cost(words, moved, turned, frames)


@dataclass(frozen=True)
class Proposal:
    """A correction that can be taken.

    layer : it adds, or None; retiming : it puts over those there are, or None; more : edits beside them
    frames : that the shot grows by for it
    pace, flights : times as fast as all of it plays, where it is all of it, and how many flights tell so
    likely : whether what is seen speaks for it by itself
    words : what undo shows; edit : all of it as one step, put in by `propose`
    others : layers that it adds to other performers, by their ids
    """

    cost: Cost
    words: str
    layer: Layer | None = None
    retiming: Retiming | None = None
    more: tuple[Edit, ...] = ()
    frames: int = 0
    pace: float = 1.0
    flights: int = 1
    likely: bool = False
    edit: Edit | None = None
    others: Mapping[str, Layer] = field(default_factory=dict)


@dataclass(frozen=True)
class Way:
    """One way to make a correction at a place: its name at the shell, its label, and the options it begins with.

    long : whether it takes more than the blink of an eye
    choice : whether it lies between two others, for a person to choose and never to be taken by default
    offered : whether a card's own button leads to it, where it isn't the usual one
    """

    name: str
    label: str
    options: Any
    long: bool = False
    choice: bool = False
    offered: bool = False


@dataclass(frozen=True)
class Place:
    """A span of the shot's frames where a correction can be tried, with its ways, the usual one first."""

    start: int
    end: int
    ways: tuple[Way, ...]

    @property
    def options(self) -> Any:
        return self.ways[0].options

    def way(self, name: str) -> Way | None:
        return next((w for w in self.ways if w.name == name), None) if name else self.ways[0]


def one_way(start: int, end: int, options: Any, label: str = "") -> Place:
    """A place with a single way."""
    return Place(start, end, (Way("", label, options),))


@dataclass(frozen=True)
class Correction:
    """One way to put something right.

    name : in addresses, requests and stored layers; label : on buttons; flag : at the shell; says : what it does
    options : a frozen dataclass whose fields are made by `option`
    settles : kinds of finding it settles
    places : where it can be tried on what is seen
    propose : what it would be, of what is seen and its options; raises EditError where it can't be made
    order : in a plan, the lowest first; long : whether it is work for the background
    ways : names of all the ways it can have, where it has several
    marks : whether it changes nothing and only writes down that something is meant
    seconds : how long it takes at most, about, of what is seen and its options; None for the blink of an eye
    needs : what has to be there for it to have a place, as a sentence
    """

    name: str
    label: str
    flag: str
    says: str
    options: type
    settles: tuple[str, ...]
    places: Callable[[Seen], list[Place]]
    propose: Callable[[Seen, Any], Proposal]
    order: int = 50
    long: bool = False
    ways: tuple[str, ...] = ()
    marks: bool = False
    seconds: Callable[[Seen, Any], float] | None = None
    needs: str = field(kw_only=True)


@dataclass(frozen=True)
class Try:
    """A correction with options, to be looked at before it is taken."""

    correction: Correction
    options: Any

    @property
    def plain(self) -> dict[str, Any]:
        """The options as plain data."""
        return {f.name: getattr(self.options, f.name) for f in fields(self.options)}

    @property
    def frames(self) -> tuple[int, ...]:
        """Those of its options that are frames of the shot."""
        return tuple(getattr(self.options, f.name) for f in fields(self.options) if f.metadata.get("unit") == FRAME)

    @property
    def text(self) -> str:
        """As an address names it: "true_arc(frame=37)"."""
        return f"{self.correction.name}({','.join(f'{name}={value}' for name, value in self.plain.items())})"

    @classmethod
    def of(cls, name: str, options: Mapping[str, Any], known: Mapping[str, Correction]) -> "Try":
        """The correction called `name` with plain options. Raises EditError for one that isn't, or can't be."""
        found = known.get(name)
        if found is None:
            raise EditError(f"There is no correction called {name[:40]!r}.")
        foreign = set(options) - {f.name for f in fields(found.options)}
        if foreign:
            raise EditError(f"{found.label} has no option called {sorted(foreign)[0][:40]!r}.")
        made = cls(found, from_plain(options, found.options, NO_ARRAYS.__getitem__, found.label))
        made._check()
        return made

    def _check(self) -> None:
        """EditError for an option out of its bounds."""
        for f in fields(self.options):
            value, low, high = getattr(self.options, f.name), f.metadata.get("low"), f.metadata.get("high")
            if isinstance(value, bool | str) or (low is None and high is None):
                continue
            if not (low is None or value >= low) or not (high is None or value <= high):
                raise EditError(
                    f"{self.correction.label}: {f.metadata['words']} lies between {low:g} and {high:g}; "
                    f"{value:g} was given."
                )

    @classmethod
    def read(cls, text: str, known: Mapping[str, Correction]) -> "Try | None":
        """The one that `text` wrote; None for what is no correction. Raises EditError for options that can't be."""
        found = _TRY.fullmatch(text)
        if found is None or found[1] not in known:
            return None
        hints = get_type_hints(known[found[1]].options)
        given = dict(part.partition("=")[::2] for part in found[2].split(",") if part)
        return cls.of(found[1], {name: _typed(value, hints.get(name)) for name, value in given.items()}, known)


def _typed(text: str, hint: Any) -> Any:
    """An option's value from an address, where everything is text."""
    if hint is bool:
        return {"True": True, "False": False}.get(text, text)
    try:
        whole = whole_number(text) if hint is int else None
        return whole if whole is not None else float(text) if hint in (int, float) else text
    except ValueError:
        return text
