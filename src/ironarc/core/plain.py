"""Plain data of the document: JSON types, with columns of keys put aside as arrays."""

from collections.abc import Callable

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.motion.channels import Column, Dense, Keys
from ironarc.core.motion.layers import Layer
from ironarc.core.rig import EndSite, Joint, Rig
from ironarc.core.shot import Performer, Shot

SCHEMA = 1

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


def shot_to_plain(shot: Shot, put: PutBlob) -> dict:
    """Plain data (JSON types) of a shot, its columns kept through `put`."""
    return {
        "schema": SCHEMA, "name": shot.name, "frame_time_s": shot.frame_time_s, "first_frame": shot.first_frame,
        "frames": shot.frames, "g": shot.g, "floor_m": shot.floor_m, "source": shot.source,
        "performers": [
            {
                "name": p.name, "rig": _rig_to_plain(p.rig), "scale_to_m": p.scale_to_m, "unit_guessed": p.unit_guessed,
                "mass_kg": p.mass_kg, "build": p.build, "layers": [layer_to_plain(layer, put) for layer in p.layers],
            }
            for p in shot.performers
        ],
    }  # fmt: skip


def shot_from_plain(plain: dict, get: GetBlob) -> Shot:
    """The shot of `shot_to_plain`. Raises EditError for a schema this version does not know."""
    if plain.get("schema") != SCHEMA:
        raise EditError(f"This shot was saved in form {plain.get('schema')}; this version reads form {SCHEMA}.")
    performers = tuple(
        Performer(
            p["name"], _rig_from_plain(p["rig"]), tuple(layer_from_plain(layer, get) for layer in p["layers"]),
            p["scale_to_m"], p["unit_guessed"], p["mass_kg"], p["build"],
        )
        for p in plain["performers"]
    )  # fmt: skip
    return Shot(
        plain["name"], performers, plain["frame_time_s"], plain["first_frame"], plain["frames"], plain["g"],
        plain["floor_m"], plain["source"],
    )  # fmt: skip
