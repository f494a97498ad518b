"""What is asked of a performer's own skin."""

from dataclasses import replace

from ironarc.core.document import Performer
from ironarc.core.edits.base import Edit
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.items import set_item_of
from ironarc.core.errors import EditError
from ironarc.core.figure.body import Body
from ironarc.core.reading.shot import Seen
from ironarc.core.skin import OwnSkin, SkinMesh, own_skin
from ironarc.core.skin.other_rig import fitted_to

MOST_NAMED = 4  # joints without a match that are told by name
OF_A_POINT = "point"


def _worn(performer: Performer) -> OwnSkin:
    if performer.skin is None:
        raise EditError(f"{performer.name} has no skin of its own. Bring one in on the scene sheet.")
    return performer.skin


def _with(performer: Performer, words: str, **changes) -> Edit:
    return set_item_of(performer, {"skin": replace(_worn(performer), **changes)}, words)


@command
def show_skin(seen: Seen, shown: bool, performer: str = "") -> Edit:
    """Its own skin in place of the mannequin, or the mannequin."""
    p = seen.performer
    return _with(p, f"Show {p.name} in its own skin" if shown else f"Show {p.name} as a mannequin", shown=shown)


@command
def skin_in_clay(seen: Seen, clay: bool, performer: str = "") -> Edit:
    """Its skin without colours and pictures, or with them."""
    p = seen.performer
    return _with(p, f"{p.name} in clay" if clay else f"{p.name} in its colours", clay=clay)


@command
def touch_by_skin(seen: Seen, felt: bool, performer: str = "") -> Edit:
    """Soles and palms where its skin has them, or where the skeleton tells."""
    p = seen.performer
    if felt and not (_worn(p).touches or _worn(p).depths):
        raise EditError(f"No soles or palms were found on the skin of {p.name}. Those of the skeleton are used.")
    return _with(p, f"Soles and palms of {p.name} from its {'skin' if felt else 'skeleton'}", felt=felt)


@command
def take_skin_off(seen: Seen, performer: str = "") -> Edit:
    """Without its own skin."""
    p = seen.performer
    _worn(p)
    return set_item_of(p, {"skin": None}, f"Take the skin off {p.name}")


@command
def weigh_by_skin(seen: Seen, performer: str = "") -> Edit:
    """Every part weighs by its share of the skin's volume; the whole stays."""
    p = seen.performer
    worn, body = _worn(p), p.body()
    held = held_by_volume(worn, body)
    own_kg = 1 / p.placement.scale**3
    weighing = p.weighing
    for joint, kg in held.items():
        weighing = weighing.holding(joint, kg * own_kg, typed=True)
    return set_item_of(p, {"weighing": weighing}, f"Weigh {p.name} by its skin's volume")


def held_by_volume(worn: OwnSkin, body: Body) -> dict[str, float]:
    """kg by joint, for joints that carry mass: what hangs on others goes to the next above that does. Joints that the
    skin has nothing on keep what they weigh. EditError for a skin without volume."""
    rig = body.anatomy.rig
    carrying: dict[int, float] = {}
    for part in body.parts:
        if part.segment != OF_A_POINT:
            carrying[part.joint] = carrying.get(part.joint, 0.0) + part.mass_kg
    volumes: dict[int, float] = {}
    for joint, share in worn.shares:
        at = rig.index(joint)
        while at >= 0 and at not in carrying:
            at = rig.joints[at].parent
        at = at if at >= 0 else min(carrying)
        volumes[at] = volumes.get(at, 0.0) + share
    total = sum(volumes.values())
    if total <= 0:
        raise EditError(
            "Its skin encloses no volume, so it can't be weighed by it. Is the surface open, or inside out?"
        )
    kg = sum(carrying[joint] for joint in volumes)
    return {rig.names[joint]: kg * volume / total for joint, volume in sorted(volumes.items())}


def wear(performer: Performer, mesh: SkinMesh, name: str) -> tuple[Edit, str]:
    """A skin from a file put on a performer whose joints match, and what did not match, in words."""
    fit = fitted_to(mesh, performer.rig)
    skin = own_skin(fit.mesh, name, performer.rig, dict(performer.weighing.assigned))
    some = ", ".join(fit.unmatched[:MOST_NAMED])
    more = len(fit.unmatched) - MOST_NAMED
    says = (
        f"{len(fit.unmatched)} of its joints have no match and go with the one above: {some}"
        f"{f' and {more} more' if more > 0 else ''}."
        if fit.unmatched
        else ""
    )
    return set_item_of(performer, {"skin": skin}, f"Put {name} on {performer.name}"), says
