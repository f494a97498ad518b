"""How props are made up, and what holds them: what they are of, joined to one, on a line or a chain, set out."""

from dataclasses import replace
from typing import Literal

import numpy as np

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.items import AddItem, RemoveItem, set_item_of
from ironarc.core.errors import EditError
from ironarc.core.reading.shot import Seen
from ironarc.core.scene.props import MATERIALS, MOST_SOLIDS, Link, Prop
from ironarc.core.scene.solid import TURN_ORDER, Solid

MOST_SET_OUT = 30
GAP = 1.02  # between those that are set out, by their width
SHORTEST_LINE_M, LONGEST_LINE_M = 0.05, 100.0
MOST_LINKS, LINK_THICK_M, LINK_SHORT_M = 30, 0.03, 0.04
CHAIN = "iron"


def prop_called(shot: Shot, item: str) -> Prop:
    """EditError for what is no prop."""
    found = shot.item(item)
    if not isinstance(found, Prop):
        raise EditError(f"{found.name} is not a prop. Choose one that can fly.")
    return found


def linked_to(shot: Shot, prop: Prop) -> list[Prop]:
    """The other props with a mass that hang together with one by links, nobody's hand on them."""
    near: dict[str, set[str]] = {p.id: set() for p in shot.props}
    for p in shot.props:
        if p.link is not None and p.link.to in near:
            near[p.id].add(p.link.to)
            near[p.link.to].add(p.id)
    found, edge = {prop.id}, [prop.id]
    while edge:
        edge = [n for p in edge for n in near[p] if n not in found]
        found |= set(edge)
    found.remove(prop.id)
    return [p for p in shot.props if p.id in found and p.mass_kg is not None and not p.holds and not p.locked]


@command
def weigh_prop(seen: Seen, item: str, material: str) -> Edit:
    """A prop's mass by its size and what it is made of, with the bounce and the friction of that."""
    prop = prop_called(seen.shot, item)
    found = MATERIALS.get(material)
    if found is None:
        raise EditError(f"A material is one of {', '.join(MATERIALS)}; {material[:40]!r} was given.")
    kg = found.density_kgm3 * prop.volume_m3
    changes = {"mass_kg": kg, "bounce": found.bounce, "friction": found.friction}
    return set_item_of(prop, changes, f"{prop.name} is of {material}, {kg:.3g} kg")


@command
def hang_prop(seen: Seen, item: str, line_m: float) -> Edit:
    """A prop hangs on a line of a length, straight up from its top; on none for 0."""
    prop = prop_called(seen.shot, item)
    if line_m == 0:
        return set_item_of(prop, {"hung_from_m": None}, f"{prop.name} hangs on no line")
    if not SHORTEST_LINE_M <= line_m <= LONGEST_LINE_M:
        raise EditError(
            f"A line is {SHORTEST_LINE_M * 100:.0f} cm to {LONGEST_LINE_M:.0f} m long; {line_m:g} m was given."
        )
    top = _top(seen.shot, prop)
    hook = (float(top[0]), float(top[1]) + line_m, float(top[2]))
    return set_item_of(prop, {"hung_from_m": hook}, f"{prop.name} hangs on a line of {line_m:g} m")


def line_of(shot: Shot, prop: Prop) -> float:
    """m of the line that a prop hangs on, 0 for none."""
    if prop.hung_from_m is None:
        return 0.0
    return float(np.linalg.norm(np.array(prop.hung_from_m) - _top(shot, prop)))


def _top(shot: Shot, prop: Prop) -> np.ndarray:
    """(3,) m: where a line holds a prop, on the shot's first frame."""
    at, turn = shot.track_of(prop, np.array([shot.first_frame]))
    return at[0] + rotation.rotate(turn[0], np.array([0.0, prop.size_m[1], 0.0]))


@command
def set_out(seen: Seen, item: str, count: int, way: Literal["row", "stack", "pile"]) -> Edit:
    """As many more of a prop, side by side, on top of each other, or in a pile that narrows upwards."""
    prop = prop_called(seen.shot, item)
    if not 1 <= count <= MOST_SET_OUT:
        raise EditError(f"1 to {MOST_SET_OUT} more are set out at once; {count} was given.")
    wide, high = prop.size_m[0] * GAP, prop.size_m[1] * (1.0 if prop.kind != "ball" else GAP)
    turn = rotation.from_euler(TURN_ORDER, np.array([prop.turn_rad]))[0]
    first, edits = int(seen.shot.free_id("prop").removeprefix("prop")), []
    for n, (across, up) in enumerate(_places_out(count + 1, way)[1:]):
        at = np.array(prop.at_m) + rotation.rotate(turn, np.array([across * wide, 0.0, 0.0])) + [0.0, up * high, 0.0]
        more = replace(
            prop, id=f"prop{first + n}", name=f"{prop.name} {n + 2}", at_m=tuple(map(float, at)), columns={}, holds=(),
            flight=None, hung_from_m=None, locked=False,
        )  # fmt: skip
        edits.append(AddItem(more))
    return Together(tuple(edits), f"Set out {count} more of {prop.name}")


def _places_out(count: int, way: str) -> list[tuple[float, float]]:
    """Across and up, in widths and heights, the first one's own place first."""
    if way == "row":
        return [(float(n), 0.0) for n in range(count)]
    if way == "stack":
        return [(0.0, float(n)) for n in range(count)]
    base = next(n for n in range(1, count + 1) if n * (n + 1) // 2 >= count)
    rows = [(k + up / 2, float(up)) for up in range(base) for k in range(base - up)]
    return rows[:count]


@command
def hang_on_chain(seen: Seen, item: str, line_m: float, links: int) -> Edit:
    """A prop hangs on a chain of a length and so many links, straight up from its top to a fixed point."""
    prop, shot = prop_called(seen.shot, item), seen.shot
    if not SHORTEST_LINE_M <= line_m <= LONGEST_LINE_M or not 1 <= links <= MOST_LINKS:
        raise EditError(
            f"A chain has 1 to {MOST_LINKS} links and is {SHORTEST_LINE_M * 100:.0f} cm to {LONGEST_LINE_M:.0f} m "
            f"long; {links} links on {line_m:g} m were given."
        )
    long = line_m / links
    if long < LINK_SHORT_M:
        raise EditError(f"Its links would be {long * 100:.1f} cm long. Take fewer of them, or a longer chain.")
    thick = min(LINK_THICK_M, long / 2)
    iron = MATERIALS[CHAIN]
    made = Prop(
        "", "", "bar", (long, thick, thick), turn_rad=(0.0, 0.0, float(np.pi / 2)), bounce=iron.bounce,
        friction=iron.friction,
    )  # fmt: skip
    # a hollow link weighs about a third of a full bar
    made = replace(made, mass_kg=iron.density_kgm3 * made.volume_m3 / 3)
    top, first = _top(shot, prop), int(shot.free_id("prop").removeprefix("prop"))
    ends = {1: (long / 2, thick / 2, 0.0), -1: (-long / 2, thick / 2, 0.0)}  # its upper and its lower one
    hook = tuple(map(float, top + np.array([0.0, line_m, 0.0])))
    edits: list[Edit] = [RemoveItem(p.id) for p in chain_of(shot, prop)]
    for n in range(links):
        at = tuple(map(float, top + np.array([thick / 2, line_m - (n + 0.5) * long, 0.0])))
        link = Link(f"prop{first + n - 1}", ends[-1], ends[1]) if n else Link("", hook, ends[1])
        edits.append(
            AddItem(replace(made, id=f"prop{first + n}", name=f"Link {n + 1} of {prop.name}", at_m=at, link=link))
        )
    words = f"{prop.name} hangs on a chain of {links} links"
    own = Link(f"prop{first + links - 1}", ends[-1], (0.0, prop.size_m[1], 0.0))
    edits.append(set_item_of(prop, {"link": own, "hung_from_m": None}, words))
    return Together(tuple(edits), words)


@command
def take_off_chain(seen: Seen, item: str) -> Edit:
    """A prop hangs on its chain no more, and the chain goes."""
    prop = prop_called(seen.shot, item)
    if prop.link is None:
        raise EditError(f"{prop.name} hangs on no chain.")
    words = f"{prop.name} hangs on no chain"
    gone = (RemoveItem(p.id) for p in chain_of(seen.shot, prop))
    return Together((set_item_of(prop, {"link": None}, words), *gone), words)


def chain_of(shot: Shot, prop: Prop) -> list[Prop]:
    """The links that a prop hangs on, the lowest first."""
    known, out, at = {p.id: p for p in shot.props}, [], prop
    while at.link is not None and at.link.to in known and known[at.link.to] not in out:
        at = known[at.link.to]
        out.append(at)
    return out


@command
def join_prop(seen: Seen, item: str, other: str) -> Edit:
    """Another prop becomes a part of this one, where it stands now; their weights add up."""
    prop, shot = prop_called(seen.shot, item), seen.shot
    part = prop_called(shot, other)
    if part.id == prop.id:
        raise EditError(f"{prop.name} can't be joined to itself. Choose another prop.")
    for one in (prop, part):
        if one.is_keyed or one.holds or one.flight or one.link or one.hung_from_m:
            raise EditError(f"{one.name} moves, is carried or hangs. Props are joined while they stand by themselves.")
    if len(prop.solids) + len(part.solids) > MOST_SOLIDS:
        raise EditError(f"A prop is joined of {MOST_SOLIDS} solids at most. {prop.name} would have more.")
    turns = [Solid("box", (1.0, 1.0, 1.0), p.at_m, p.turn_rad).turn for p in (prop, part)]
    turn = rotation.multiply(rotation.conjugate(turns[0]), turns[1])
    shift = rotation.rotate(turns[0], np.subtract(part.at_m, prop.at_m), back=True)
    weighed = prop.mass_kg is not None and part.mass_kg is not None
    density = (part.mass_kg / part.volume_m3) / (prop.mass_kg / prop.volume_m3) if weighed else 1.0
    more = [_moved(solid, shift, turn, density) for solid in part.solids]
    made = replace(prop, joined=(*prop.joined, *more), off_m=(0.0, 0.0, 0.0))
    changes = {"joined": made.joined}
    if weighed:
        whole = prop.mass_kg + part.mass_kg
        center = (prop.mass_kg * prop.center_m + part.mass_kg * (shift + rotation.rotate(turn, part.center_m))) / whole
        changes |= {"mass_kg": whole, "off_m": tuple(float(v) for v in np.round(center - made.center_m, 9))}
    words = f"Join {part.name} to {prop.name}"
    return Together((set_item_of(prop, changes, words), RemoveItem(part.id)), words)


def _moved(solid: Solid, shift: np.ndarray, turn: np.ndarray, density: float) -> Solid:
    angles = rotation.to_euler(TURN_ORDER, rotation.multiply(turn, solid.turn)[None])[0]
    at = shift + rotation.rotate(turn, np.array(solid.at_m))
    return replace(
        solid, at_m=tuple(map(float, at)), turn_rad=tuple(map(float, angles)), density=solid.density * density
    )  # fmt: skip


@command
def part_prop(seen: Seen, item: str, number: int) -> Edit:
    """A solid that was joined to a prop, counted from 1, stands by itself again, with its share of the weight."""
    prop, shot = prop_called(seen.shot, item), seen.shot
    if not 1 <= number <= len(prop.joined):
        raise EditError(f"{prop.name} has {len(prop.joined)} solids joined to it; number {number} is none of them.")
    if prop.is_keyed or prop.holds or prop.flight:
        raise EditError(f"{prop.name} moves or is carried. Part it while it stands by itself.")
    solid, words = prop.joined[number - 1], f"Part a {prop.joined[number - 1].kind} from {prop.name}"
    own = Solid("box", (1.0, 1.0, 1.0), prop.at_m, prop.turn_rad).turn
    placed = _moved(solid, np.zeros(3), own, 1.0)
    at = tuple(float(v) for v in np.add(prop.at_m, placed.at_m))
    share = solid.weight / prop.volume_m3
    kg = None if prop.mass_kg is None else prop.mass_kg * share
    made = replace(
        prop, id=shot.free_id("prop"), name=f"{prop.name}, {solid.kind}", kind=solid.kind, size_m=solid.size_m, at_m=at,
        turn_rad=placed.turn_rad, mass_kg=kg, joined=(), off_m=(0.0, 0.0, 0.0), link=None, hung_from_m=None,
        locked=False,
    )  # fmt: skip
    rest = tuple(s for n, s in enumerate(prop.joined, start=1) if n != number)
    changes = {"joined": rest, "mass_kg": None if kg is None else prop.mass_kg - kg}
    return Together((set_item_of(prop, changes, words), AddItem(made, words)), words)
