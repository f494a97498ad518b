"""The Strike panel: props that move by themselves, blows, and bodies let go or struck."""

from ironarc.core.document import Shot
from ironarc.core.edits.commands.rigging import chain_of, line_of
from ironarc.core.edits.flown import is_older
from ironarc.core.figure.grips import grips_of
from ironarc.core.judging.judge import exchanges_of
from ironarc.core.judging.on_blows import words_of
from ironarc.core.motion.layers import LET_GO
from ironarc.core.scene.props import MATERIALS, Prop
from ironarc.core.scene.solid import KINDS
from ironarc.core.truing.corrections import catch, react, stagger, swing
from ironarc.core.truing.corrections.let_go import AT_ONCE, FIRSTS, PARTS
from ironarc.web.panels.look import Look
from ironarc.web.panels.true import corrections
from ironarc.web.picture import exchange_picture
from ironarc.web.variants import View

# Name, what it is, and the fields of a form that it sets: percent for tones
STARTS = (
    ("Limp", "Nothing holds it any more", {"tone": 0, "tone_end": 0, "first": AT_ONCE, "brace": False}),
    ("Collapse", "The knees give first", {"tone": 45, "tone_end": 5, "first": "legs", "brace": False}),
    ("Brace", "Held, with the arms out for the ground", {"tone": 60, "tone_end": 20, "first": AT_ONCE, "brace": True}),
)
OF_STRIKES = {LET_GO, react.NAME, stagger.NAME, swing.NAME, catch.NAME}


def context(look: Look) -> dict:
    shot, seen = look.shot, look.seen
    picked = shot.item(look.pick) if look.pick else None
    picked = picked if isinstance(picked, Prop) else None
    return {
        "kinds": KINDS, "materials": MATERIALS, "picked": picked, "rows": [(p, _does(p)) for p in _listed(shot)],
        "weighed": sum(p.mass_kg is not None for p in shot.props),
        "line_m": line_of(shot, picked) if picked else 0.0, "links": len(chain_of(shot, picked)) if picked else 0,
        "older": picked is not None and is_older(shot, picked), "surfaces": _surfaces(shot),
        "exchanges": [(e, exchange_picture(e)) for e in seen.ask(exchanges_of)],
        "seen_last": int(seen.reading.poses.frames[0]) + seen.reading.traced.plays[1] - 1,
        "let_go": PARTS, "let_go_firsts": FIRSTS, "let_go_starts": STARTS, "struck": _struck(seen),
        "others": [p for p in shot.performers if p.id != seen.performer.id],
        "corrections": [
            c for c in corrections(shot, shot.performer_called(seen.performer.id)) if c.layer.made_by in OF_STRIKES
        ],
    }  # fmt: skip


def _listed(shot: Shot) -> list[Prop]:
    """The props but for the links of chains, which go with what they hold."""
    holds = {p.link.to for p in shot.props if p.link is not None}
    return [p for p in shot.props if p.id not in holds]


def _does(prop: Prop) -> str:
    """What a prop weighs and does, in a few words."""
    weighs = f"{prop.mass_kg:.3g} kg" if prop.mass_kg else "no mass"
    if prop.flight:
        return f"{weighs}, flies from {prop.flight.start}"
    if prop.holds:
        return f"{weighs}, carried"
    if prop.is_keyed:
        return f"{weighs}, keyed"
    return f"{weighs}, hangs" if prop.link or prop.hung_from_m else weighs


def _surfaces(shot: Shot) -> dict[str, str]:
    """What a prop can meet, in words by its id."""
    out = {"floor": "the floor"} | {p.id: p.name for p in shot.props}
    for p in shot.performers:
        body = p.body()
        out |= {f"{p.id}:{name}": f"{p.name}’s {words_of(body, j)}" for j, name in enumerate(p.rig.names)}
    return out


def _struck(seen: View) -> list[str]:
    """Grips that a blow can be given to, the chest first."""
    names = [grip.name for grip in grips_of(seen.reading.body) if grip.kind not in ("heel", "ball", "toe", "tip")]
    return sorted(names, key=lambda name: name != "chest")
