"""Documents of forms 1 to 4, brought to form 5.

Form 1 knew one performer, in its own place and time, weighed by a mass and a table. Form 2 had `items`, layers that
were a base or added to it, and rotations keyed channel by channel. Form 3 called a part that may pull one that grips.
Form 4 told what lies below a correction by six of its frames.
"""

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from ironarc.core.columns import Column, Dense, Keys
from ironarc.core.columns.keys import BROKEN, BY_HAND, WORKED_OUT, worked_out_slopes
from ironarc.core.document.performer import Performer
from ironarc.core.document.plain import GetBlob, from_plain
from ironarc.core.document.shot import Display, Shot
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.segments import BUILDS
from ironarc.core.figure.weighing import Weighing, weighing_from_plain
from ironarc.core.motion.layers import ADDS, BROUGHT_IN, CORRECTION, KEYED, REPLACES, Layer
from ironarc.core.motion.loads import Load
from ironarc.core.motion.one_turn import as_turns
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.timing import Timing

SAME_SLOPE = 1e-12


def shot_from_older(plain: Mapping, get: GetBlob) -> Shot:
    """The shot a document of form 1 or 2 holds."""
    items = plain.get("items") or [{"is": "performer"} | dict(p) for p in plain["performers"]]
    kinds: dict[str, list] = {"performer": [], "prop": [], "reference": [], "guide": []}
    for item in items:
        make = {"performer": _performer, "prop": _prop}.get(item["is"])
        cls = Reference if item["is"] == "reference" else Guide
        kinds[item["is"]].append(make(item, get) if make else from_plain(item, cls, get))
    floor = plain["floor_m"]
    return Shot(
        plain["name"], tuple(kinds["performer"]), plain["frame_time_s"], plain["first_frame"], plain["frames"],
        plain["g"], floor, plain["source"], plain.get("notes", ""), tuple(kinds["prop"]), tuple(kinds["reference"]),
        tuple(kinds["guide"]), Display(**plain.get("display", {})),
        floor_by_hand=floor is not None,  # who wrote it down was not kept: it is not taken for an estimate
    )  # fmt: skip


def from_form_3(shot: Mapping) -> dict:
    """Plain data of a shot of form 3 as form 4 has them."""

    def renamed(one: Mapping) -> dict:
        return {"pulls" if name == "grips" else name: value for name, value in one.items()}

    performers = [
        p | {name: [renamed(one) for one in p.get(name, ())] for name in ("contacts", "pins")}
        for p in shot["performers"]
    ]
    return {**shot, "performers": performers}


def from_form_4(shot: Mapping) -> dict:
    """Plain data of a shot of form 4 as form 5 has them: what lay below a correction then is not known by content."""
    performers = [p | {"layers": [dict(layer) | {"below": ""} for layer in p["layers"]]} for p in shot["performers"]]
    return {**shot, "performers": performers}


def _performer(p: Mapping, get: GetBlob) -> Performer:
    rig = from_plain(p["rig"], Rig, get)
    brought_in = all("dense_from" in entry for entry in p["layers"][0]["columns"])
    return Performer(
        p["name"], rig, tuple(_layer(layer, rig, brought_in, get) for layer in p["layers"]), p["scale_to_m"],
        p["unit_guessed"], _weighing(p), p.get("id", "performer1"),
        from_plain(p.get("placement", {}), Placement, get), from_plain(p.get("timing", {}), Timing, get),
        p.get("hidden", False), p.get("locked", False),
        tuple(from_plain(load, Load, get) for load in p.get("loads", ())),
    )  # fmt: skip


def _weighing(p: Mapping) -> Weighing:
    return weighing_from_plain(p["weighing"]) if "weighing" in p else Weighing(p["mass_kg"], BUILDS[p["build"]])


def _layer(plain: Mapping, rig: Rig, brought_in: bool, get: GetBlob) -> Layer:
    is_base = plain["kind"] == "base"
    columns = {
        (entry["joint"], entry["channel"]): _column(entry, get, f"{entry['joint']} {entry['channel']}")
        for entry in plain["columns"]
    }
    return Layer(
        plain["id"], plain["name"], (BROUGHT_IN if brought_in else KEYED) if is_base else CORRECTION,
        REPLACES if is_base else ADDS, as_turns(columns, rig), span=tuple(plain["span"]) if plain["span"] else None,
        weight=plain["weight"], muted=plain["muted"], made_by=plain["made_by"],
    )  # fmt: skip


def _column(entry: Mapping, get: GetBlob, where: str) -> Column:
    table = get(entry["blob"])
    return Dense(entry["dense_from"], table, where=where) if "dense_from" in entry else _keys(table, where)


def _keys(table: np.ndarray, where: str) -> Keys:
    """Keys of a table (keys, 5): frame, value, slope in, slope out, kind. How a slope was meant was not kept."""
    frames, values, into, out, kinds = table.T
    meant = np.where(into == out, BY_HAND, BROKEN)
    smooth = worked_out_slopes(frames, values)
    meant[(np.abs(into - smooth) < SAME_SLOPE) & (np.abs(out - smooth) < SAME_SLOPE)] = WORKED_OUT
    return Keys(frames, values, into, out, kinds, meant, where=where)


def _prop(plain: Mapping, get: GetBlob) -> Prop:
    keys = {c["channel"]: _keys(get(c["blob"]), f"{plain['name']} {c['channel']}") for c in plain["columns"]}
    return replace(from_plain(dict(plain) | {"columns": []}, Prop, get), columns=keys)
