"""Plain data of the document: JSON types, with columns of keys put aside as arrays."""

from collections.abc import Callable
from dataclasses import asdict, fields

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.loads import Load
from ironarc.core.motion.channels import Column, Dense, Keys
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import EndSite, Joint, Rig
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop
from ironarc.core.scene.reference import Mark, Reference
from ironarc.core.scene.timing import Cut, Timing
from ironarc.core.segments import BUILDS
from ironarc.core.shot import Display, Item, Performer, Shot
from ironarc.core.weighing import Weighing, weighing_from_plain, weighing_to_plain

SCHEMA = 2

PutBlob = Callable[[np.ndarray], str]
GetBlob = Callable[[str], np.ndarray]


def layer_to_plain(layer: Layer, put: PutBlob) -> dict:
    """Plain data of a layer; its columns go to `put`, which returns the address each is kept under."""
    columns = []
    for (joint, channel), column in layer.columns.items():
        entry = {"joint": joint, "channel": channel}
        if isinstance(column, Dense):
            entry |= {"dense_from": column.first, "blob": put(column.values)}
        else:
            entry |= {"blob": put(column.to_array())}
        columns.append(entry)
    return {
        "id": layer.id, "name": layer.name, "kind": layer.kind, "span": list(layer.span) if layer.span else None,
        "weight": layer.weight, "muted": layer.muted, "made_by": layer.made_by, "columns": columns,
    }  # fmt: skip


def layer_from_plain(plain: dict, get: GetBlob) -> Layer:
    columns = {}
    for entry in plain["columns"]:
        table = get(entry["blob"])
        column: Column = Dense(entry["dense_from"], table) if "dense_from" in entry else Keys.from_array(table)
        columns[entry["joint"], entry["channel"]] = column
    span = tuple(plain["span"]) if plain["span"] else None
    return Layer(
        plain["id"],
        plain["name"],
        plain["kind"],
        columns,
        span,
        plain["weight"],
        plain["muted"],
        plain["made_by"],
    )


def _rig_to_plain(rig: Rig) -> dict:
    return {
        "joints": [
            vars(j) | {"offset": list(j.offset), "channels": list(j.channels)} for j in rig.joints
        ],
        "ends": [{"parent": e.parent, "offset": list(e.offset), "after": e.after} for e in rig.ends],
    }  # fmt: skip


def _rig_from_plain(plain: dict) -> Rig:
    joints = tuple(
        Joint(j["name"], j["parent"], tuple(j["offset"]), tuple(j["channels"]), j["position"]) for j in plain["joints"]
    )
    return Rig(joints, tuple(EndSite(e["parent"], tuple(e["offset"]), e["after"]) for e in plain["ends"]))


def _performer_to_plain(p: Performer, put: PutBlob) -> dict:
    return {
        "id": p.id, "name": p.name, "rig": _rig_to_plain(p.rig), "scale_to_m": p.scale_to_m,
        "unit_guessed": p.unit_guessed, "weighing": weighing_to_plain(p.weighing),
        "layers": [layer_to_plain(layer, put) for layer in p.layers],
        "placement": asdict(p.placement), "timing": asdict(p.timing), "hidden": p.hidden, "locked": p.locked,
        "loads": [asdict(load) for load in p.loads],
    }  # fmt: skip


def _performer_from_plain(p: dict, get: GetBlob) -> Performer:
    """A performer of schema 1 or 2; the first schema knew one performer in its own place and time."""
    placement, timing = p.get("placement", {}), p.get("timing", {})
    if placement:
        placement = Placement(tuple(placement["offset_m"]), placement["turn_rad"], placement["scale"])
    if timing:
        trim = tuple(timing["trim"]) if timing["trim"] else None
        timing = Timing(timing["slip"], trim, tuple(Cut(**cut) for cut in timing["cuts"]))
    return Performer(
        p["name"], _rig_from_plain(p["rig"]), tuple(layer_from_plain(layer, get) for layer in p["layers"]),
        p["scale_to_m"], p["unit_guessed"], _weighing_of(p), p.get("id", "performer1"),
        placement or Placement(), timing or Timing(), p.get("hidden", False), p.get("locked", False),
        tuple(load_from_plain(load) for load in p.get("loads", ())),
    )  # fmt: skip


def load_from_plain(plain: dict) -> Load:
    return Load(**{name: tupled(name, value) for name, value in plain.items()})


def _weighing_of(p: dict) -> Weighing:
    if "weighing" in p:
        return weighing_from_plain(p["weighing"])
    return Weighing(p["mass_kg"], BUILDS[p["build"]])  # saved before a weighing was more than a mass and a table


def item_to_plain(item: Item, put: PutBlob) -> dict:
    """Plain data of a performer, prop, reference or guide, with its type in "is"."""
    if isinstance(item, Performer):
        return {"is": "performer"} | _performer_to_plain(item, put)
    plain = {f.name: getattr(item, f.name) for f in fields(item)}
    if isinstance(item, Prop):
        plain["columns"] = [{"channel": c, "blob": put(keys.to_array())} for c, keys in item.columns.items()]
    if isinstance(item, Reference):
        plain["marks"] = [asdict(mark) for mark in item.marks]
    return {"is": type(item).__name__.lower()} | plain


def item_from_plain(plain: dict, get: GetBlob) -> Item:
    """The item of `item_to_plain`."""
    values = {name: value for name, value in plain.items() if name != "is"}
    if plain["is"] == "performer":
        return _performer_from_plain(values, get)
    values = {name: tupled(name, value) for name, value in values.items()}
    if plain["is"] == "prop":
        values["columns"] = {c["channel"]: Keys.from_array(get(c["blob"])) for c in values["columns"]}
    return {"prop": Prop, "reference": Reference, "guide": Guide}[plain["is"]](**values)


def tupled(name: str, value):
    """A field's value with JSON's lists as the tuples, and marks as the Marks, that a document holds."""
    if name == "marks":
        return tuple(mark if isinstance(mark, Mark) else Mark(**mark) for mark in value)
    if isinstance(value, list | tuple) and name != "columns":
        return tuple(tupled("", part) for part in value)
    return value


def shot_to_plain(shot: Shot, put: PutBlob) -> dict:
    """Plain data (JSON types) of a shot, its columns kept through `put`."""
    return {
        "schema": SCHEMA, "name": shot.name, "frame_time_s": shot.frame_time_s, "first_frame": shot.first_frame,
        "frames": shot.frames, "g": shot.g, "floor_m": shot.floor_m, "source": shot.source, "notes": shot.notes,
        "display": asdict(shot.display),
        "items": [item_to_plain(item, put) for item in shot.items()],
    }  # fmt: skip


def shot_from_plain(plain: dict, get: GetBlob) -> Shot:
    """The shot of `shot_to_plain`, or of schema 1. Raises EditError for a schema this version does not know."""
    if plain.get("schema") not in (1, SCHEMA):
        raise EditError(f"This shot was saved in form {plain.get('schema')}; this version reads forms 1 and {SCHEMA}.")
    performers = [{"is": "performer"} | p for p in plain.get("performers", ())]  # schema 1
    items = [item_from_plain(item, get) for item in plain.get("items", performers)]
    return Shot(
        plain["name"], tuple(i for i in items if isinstance(i, Performer)), plain["frame_time_s"],
        plain["first_frame"], plain["frames"], plain["g"], plain["floor_m"], plain["source"], plain.get("notes", ""),
        tuple(i for i in items if isinstance(i, Prop)), tuple(i for i in items if isinstance(i, Reference)),
        tuple(i for i in items if isinstance(i, Guide)), Display(**plain.get("display", {})),
    )  # fmt: skip
