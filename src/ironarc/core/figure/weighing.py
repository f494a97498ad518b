"""Where the weight sits, as a person sets it: total, build, parts held at a mass, parts no table covers."""

from collections.abc import Mapping
from dataclasses import asdict, dataclass, replace

import numpy as np

from ironarc.core.errors import EditError, FileError, check_mass
from ironarc.core.figure.naming import ASSIGNABLE, match_names, normal_name
from ironarc.core.figure.ranges import LEAST_DEG, MOST_DEG
from ironarc.core.figure.rig import Rig

DEFAULT_MASS_KG = 75.0
DENSITY_KGM3 = 1040.0  # mean density of the adult body, Dempster 1955
GIRTH = 0.15  # radius of a part no name explains, as a share of its length
SCHEMA = 1

# Builds to begin with: what the table's share of each segment is multiplied by, before all shares are
# brought back to the whole. Ours, made for the purpose; the numbers are shown beside the choice.
PRESETS: dict[str, dict[str, float]] = {
    "average": {},
    "slight": {"head": 1.2, "trunk": 0.96, "upper arm": 0.9, "forearm": 0.95, "thigh": 0.97, "foot": 1.05},
    "heavy trunk": {"head": 0.8, "trunk": 1.22, "upper arm": 0.95, "forearm": 0.85, "hand": 0.8, "thigh": 0.88,
                    "shank": 0.78, "foot": 0.8},
    "heavy legs": {"head": 0.92, "trunk": 0.9, "thigh": 1.2, "shank": 1.15},
    "child": {"head": 2.1, "trunk": 0.98, "thigh": 0.8, "shank": 0.9, "upper arm": 0.95, "hand": 1.1},
}  # fmt: skip


@dataclass(frozen=True)
class FixedMass:
    """A joint's mass that stays as it is while the rest share what remains. typed : by a person, not by the table."""

    kg: float
    typed: bool = True


@dataclass(frozen=True)
class PointMass:
    """A mass on a joint that no bone has: a tail's tip, a pack. at_m : (3,) m from the joint, in its axes."""

    name: str
    joint: str
    kg: float
    at_m: tuple[float, float, float] = (0.0, 0.0, 0.0)


Pairs = tuple[tuple[str, float], ...]


@dataclass(frozen=True)
class Weighing:
    """All that a person says of a body's mass. Joints are told by name.

    mass_kg : the whole, point masses included; female : 0 the male table, 1 the female, between them mixed
    preset : a key of PRESETS; held : masses that stay; assigned : roles by hand ("none" for no mass)
    density_kgm3, girths : for parts no name explains: radius as a share of length, GIRTH unless told
    shares : share of the whole for a joint and all below it that no name explains
    ranges : degrees that parts turn by, where they are others than the table's
    points : see PointMass; offset_m : (3,) m in the root's axes, from the computed to the used center of gravity
    """

    mass_kg: float = DEFAULT_MASS_KG
    female: float = 0.0
    preset: str = "average"
    held: tuple[tuple[str, FixedMass], ...] = ()
    assigned: tuple[tuple[str, str], ...] = ()
    density_kgm3: float = DENSITY_KGM3
    girths: Pairs = ()
    shares: Pairs = ()
    points: tuple[PointMass, ...] = ()
    offset_m: tuple[float, float, float] = (0.0, 0.0, 0.0)
    ranges: Pairs = ()

    def checked(self) -> "Weighing":
        """Itself; EditError for what can't be, with the part's name."""
        check_mass("The body's mass", self.mass_kg)
        if not 0 <= self.female <= 1:
            raise EditError(f"The build lies between the male and the female table; {self.female * 100:g} % was given.")
        if self.preset not in PRESETS:
            raise EditError(f"A build to begin with is one of {', '.join(PRESETS)}; {self.preset!r} was given.")
        for joint, held in self.held:
            check_mass(f"The mass of {joint}", held.kg)
        for point in self.points:
            check_mass(f"The mass of {point.name}", point.kg)
            if not np.isfinite(point.at_m).all() or np.abs(point.at_m).max() > 100:
                raise EditError(f"{point.name} must lie within 100 m of its joint.")
        for joint, role in self.assigned:
            if role not in ASSIGNABLE:
                raise EditError(f"{joint} can be one of {', '.join(ASSIGNABLE)}; {role!r} was given.")
        if not (np.isfinite(self.density_kgm3) and 1 <= self.density_kgm3 <= 25_000):
            raise EditError(f"A density lies between 1 and 25000 kg/m³; {self.density_kgm3:g} was given.")
        for joint, girth in self.girths:
            if not (np.isfinite(girth) and 0.005 <= girth <= 5):
                raise EditError(
                    f"The girth of {joint} lies between 0.5 and 500 % of its length; {girth * 100:g} % was given."
                )
        for joint, share in self.shares:
            if not (np.isfinite(share) and 0 < share < 1):
                raise EditError(
                    f"The share of {joint} lies between 0 and 100 % of the whole; {share * 100:g} % was given."
                )
        for part, degrees in self.ranges:
            if not (np.isfinite(degrees) and LEAST_DEG <= degrees <= MOST_DEG):
                raise EditError(
                    f"The range of the {part} lies between {LEAST_DEG:.0f} and {MOST_DEG:.0f}°; {degrees:g} was given."
                )
        if not np.isfinite(self.offset_m).all() or np.abs(self.offset_m).max() > 10:
            raise EditError("The center of gravity can be offset by up to 10 m.")
        return self

    def scaled(self, k: float) -> "Weighing":
        """Of a body k times the size: masses by k³, lengths by k."""
        if k == 1:
            return self
        return replace(
            self,
            mass_kg=self.mass_kg * k**3,
            held=tuple((joint, replace(held, kg=held.kg * k**3)) for joint, held in self.held),
            points=tuple(replace(p, kg=p.kg * k**3, at_m=tuple(v * k for v in p.at_m)) for p in self.points),
            offset_m=tuple(v * k for v in self.offset_m),
        )

    def holding(self, joint: str, kg: float | None, typed: bool = True) -> "Weighing":
        """With a joint held at a mass, or let go for None."""
        held = [(name, h) for name, h in self.held if name != joint]
        if kg is not None:
            held.append((joint, FixedMass(float(kg), typed)))
        return replace(self, held=tuple(held)).checked()

    def with_value(self, field: str, joint: str, value) -> "Weighing":
        """With one joint's entry in `assigned`, `girths` or `shares`, or a part's in `ranges`; without it for None."""
        pairs = [(name, v) for name, v in getattr(self, field) if name != joint]
        if value is not None:
            pairs.append((joint, value))
        return replace(self, **{field: tuple(pairs)}).checked()


def mirrored(weighing: Weighing, rig: Rig, from_side: str) -> Weighing:
    """One side's masses, roles, girths and shares given to the other side's joints of the same name."""
    other = "right" if from_side == "left" else "left"
    by_name = {normal_name(name): name for name in rig.names}
    partner = {
        name: by_name[f"{other} {key.removeprefix(f'{from_side} ')}"]
        for key, name in by_name.items()
        if key.startswith(f"{from_side} ") and f"{other} {key.removeprefix(f'{from_side} ')}" in by_name
    }

    def mirror(pairs):
        kept = [(name, value) for name, value in pairs if name not in partner.values()]
        return tuple(kept + [(partner[name], value) for name, value in pairs if name in partner])

    points = [p for p in weighing.points if p.joint not in partner.values()]
    points += [
        replace(p, joint=partner[p.joint], at_m=(-p.at_m[0], *p.at_m[1:]))
        for p in weighing.points
        if p.joint in partner
    ]
    return replace(
        weighing, held=mirror(weighing.held), assigned=mirror(weighing.assigned), girths=mirror(weighing.girths),
        shares=mirror(weighing.shares), points=tuple(points),
        ranges=_ranges_mirrored(weighing.ranges, from_side, other),
    )  # fmt: skip


def _ranges_mirrored(ranges: Pairs, from_side: str, other: str) -> Pairs:
    kept = [(part, v) for part, v in ranges if not part.startswith(f"{other} ")]
    return tuple(
        kept
        + [(f"{other} {part.removeprefix(f'{from_side} ')}", v) for part, v in ranges if part.startswith(from_side)]
    )


# --- plain data, and another rig ----------------------------------------------------------------------


def weighing_to_plain(weighing: Weighing) -> dict:
    """Plain data (JSON types): the open form described in docs/weighing-json.md."""
    plain = asdict(weighing)
    plain["held"] = {joint: asdict(held) for joint, held in weighing.held}
    for field in ("assigned", "girths", "shares", "ranges"):
        plain[field] = dict(getattr(weighing, field))
    return {"weighing": SCHEMA, **plain}


def weighing_from_plain(plain: Mapping) -> Weighing:
    """The weighing of `weighing_to_plain`. Raises FileError for what is none, EditError for values that can't be."""
    if not isinstance(plain, Mapping) or plain.get("weighing") != SCHEMA:
        raise FileError('This is not a weighing: it must be an object with "weighing": 1.')
    try:
        return Weighing(
            float(plain["mass_kg"]), float(plain["female"]), str(plain["preset"]),
            tuple((str(j), FixedMass(float(h["kg"]), bool(h["typed"]))) for j, h in plain["held"].items()),
            tuple((str(j), str(role)) for j, role in plain["assigned"].items()),
            float(plain["density_kgm3"]),
            tuple((str(j), float(v)) for j, v in plain["girths"].items()),
            tuple((str(j), float(v)) for j, v in plain["shares"].items()),
            tuple(
                PointMass(str(p["name"]), str(p["joint"]), float(p["kg"]), _three(p["at_m"])) for p in plain["points"]
            ),
            _three(plain["offset_m"]),
            tuple((str(part), float(v)) for part, v in plain.get("ranges", {}).items()),
        ).checked()  # fmt: skip
    except (KeyError, TypeError, ValueError, AttributeError, OverflowError) as error:
        raise FileError(f"This weighing can't be read: {_what(error)}.") from None


def _three(values) -> tuple[float, float, float]:
    x, y, z = values
    return float(x), float(y), float(z)


def _what(error: Exception) -> str:
    if isinstance(error, KeyError):
        return f"{error.args[0]} is missing"
    return "one of its values is of the wrong kind"


def fitted(weighing: Weighing, rig: Rig) -> tuple[Weighing, list[str]]:
    """A weighing for another rig, its joints matched by normalised names; and the names that did not match."""
    told = [name for field in ("held", "assigned", "girths", "shares") for name, _ in getattr(weighing, field)]
    same = match_names(list(dict.fromkeys([*told, *(p.joint for p in weighing.points)])), rig.names)
    lost: list[str] = []

    def match(pairs):
        out = []
        for name, value in pairs:
            found = same.get(name)
            if found is None:
                lost.append(name)
            else:
                out.append((found, value))
        return tuple(out)

    points = match([(p.joint, p) for p in weighing.points])
    return (
        replace(
            weighing, held=match(weighing.held), assigned=match(weighing.assigned), girths=match(weighing.girths),
            shares=match(weighing.shares), points=tuple(replace(p, joint=joint) for joint, p in points),
        ),
        list(dict.fromkeys(lost)),
    )  # fmt: skip
