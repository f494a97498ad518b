"""What the Block step's scripts draw: grips, rows of keys, curves, pins, layers; and how the body answers, as plain
data."""

import numpy as np

from ironarc.core import rotation
from ironarc.core.columns import Dense, Turns
from ironarc.core.columns.keyed import Keyed
from ironarc.core.columns.keys import KINDS, MEANT
from ironarc.core.document import Performer, Shot
from ironarc.core.edits.commands.curves import unit_of
from ironarc.core.edits.commands.layers import affected
from ironarc.core.edits.keep import is_dense, layer_for_keys
from ironarc.core.figure.grips import SETS, bone_m, grips_of, parts_by_joint, parts_of_body
from ironarc.core.figure.rig import POSITION_CHANNELS, ROTATION_CHANNELS
from ironarc.core.keying import keying
from ironarc.core.keying.keying import EASES
from ironarc.core.motion.layers import TURN, Layer
from ironarc.core.posing.answer import Answer
from ironarc.core.reading import Reading
from ironarc.core.reading.skin import SOLE
from ironarc.core.scene.rate import whole_frame

MOST_CURVE_POINTS = 4000


def block_data(shot: Shot, performer: Performer, reading: Reading, layer_id: str) -> dict:
    """All that Block knows of one performer beside its poses and its reading, for the layer keys go to."""
    body = reading.body
    chosen = layer_for_keys(performer, layer_id if _can_key(performer, layer_id) else "")
    seen = performer.timing.seen_frame
    by_joint = parts_by_joint(body)
    names = performer.rig.names
    return {
        "grips": [
            {
                "name": g.name, "joint": g.joint, "at": np.round(g.at_m, 5).tolist(), "kind": g.kind, "part": g.part,
                "small": g.kind in SOLE,
            }
            for g in grips_of(body)
        ],
        "parts": list(parts_of_body(body)),
        "sets": {name: list(parts) for name, parts in SETS.items() if set(parts) & set(by_joint)},
        "part_of": list(by_joint),
        "layer": chosen.id,
        "layer_is_new": all(there.id != chosen.id for there in performer.layers),
        "rows": rows_of(shot, performer, chosen),
        "beats": [{"frame": seen(b.frame), "kind": b.kind} for b in performer.beats],
        "dense": is_dense(performer.layers[0]),
        "layers": [_layer(shot, performer, layer) for layer in reversed(performer.layers)],
        "pins": [_pin(shot, performer, pin) for pin in performer.pins],
        "carried": [
            {"item": prop.id, "name": prop.name, "hold": h.id, "joint": h.joint, "start": h.start, "end": h.end}
            for prop in shot.props
            for h in prop.holds
            if h.performer == performer.id
        ],
        "props": [{"id": prop.id, "name": prop.name} for prop in shot.props],
        "holders": _holders(shot, performer),
        "joints": [
            {
                "name": n, "part": by_joint[i], "parent": int(performer.rig.parents[i]),
                "bone": np.round(bone_m(body, i), 5).tolist(),
            }
            for i, n in enumerate(names)
        ],
        "eases": {name: list(slopes) for name, slopes in EASES.items()},
    }  # fmt: skip


def _can_key(performer: Performer, layer_id: str) -> bool:
    return any(layer.id == layer_id and not is_dense(layer) for layer in performer.layers)


def rows_of(shot: Shot, performer: Performer, layer: Layer) -> list[dict]:
    """Rows of the trestle: parts with their joints, and where each has keys on this layer, on the shot's frames."""
    seen = performer.timing.seen_frame
    known: dict[float, int] = {}

    def frame(own: float) -> int:
        if own not in known:
            known[own] = seen(whole_frame(own))
        return known[own]

    by_joint = parts_by_joint(performer.body())
    out: dict[str, dict] = {}
    columns: dict[str, list[Keyed]] = {}
    for i, name in enumerate(performer.rig.names):
        columns.setdefault(by_joint[i], []).extend(
            c for (joint, _), c in layer.columns.items() if joint == name and isinstance(c, Keyed)
        )
        channels = {
            channel: sorted({frame(float(f)) for f in column.key_frames})
            for channel in (TURN, *ROTATION_CHANNELS, *POSITION_CHANNELS)
            if isinstance(column := layer.columns.get((name, channel)), Keyed)
        }
        row = out.setdefault(by_joint[i], {"part": by_joint[i], "joints": [], "keys": []})
        if channels:
            row["joints"].append({"joint": name, "channels": channels})
    first, last = shot.first_frame, shot.last_frame
    for row in out.values():
        counts: dict[int, int] = {}
        for joint in row["joints"]:
            for f in {f for frames in joint["channels"].values() for f in frames}:
                counts[f] = counts.get(f, 0) + 1
        row["keys"] = [[f, counts[f]] for f in sorted(counts) if first <= f <= last]
        row["of"] = max(len(row["joints"]), 1)
        eases = keying.eases_of(columns[row["part"]]).items()
        row["eases"] = [
            [frame(a), frame(b), round(leaves, 3), round(arrives, 3)] for (a, b), (leaves, arrives) in eases
        ]
    return list(out.values())


def _layer(shot: Shot, performer: Performer, layer: Layer) -> dict:
    seen = performer.timing.seen_frame
    reach = layer.reach()
    keys = layer.weight_keys
    return {
        "id": layer.id, "name": layer.name, "role": layer.role, "way": layer.way, "weight": layer.weight,
        "muted": layer.muted, "base": layer is performer.layers[0], "dense": is_dense(layer),
        "span": None if reach is None else [seen(reach[0]), seen(reach[1])], "parts": list(layer.parts),
        "columns": len(layer.columns), "affects": affected(performer, layer),
        "weight_keys": [
            [seen(whole_frame(f)), float(v)]
            for f, v in (() if keys is None else zip(keys.frames, keys.values, strict=True))
        ],
    }  # fmt: skip


def _pin(shot: Shot, performer: Performer, pin) -> dict:
    seen = performer.timing.seen_frame
    to = next((item.name for item in shot.items() if item.id == pin.to), "the world") if pin.to else "the world"
    if pin.joint:
        to = f"{to}, {pin.joint}" if pin.to != performer.id else f"own {pin.joint}"
    return {
        "id": pin.id, "part": pin.part, "start": seen(pin.start), "end": seen(pin.end), "to": to,
        "ease_in": pin.ease_in, "ease_out": pin.ease_out, "weight": pin.weight, "place": pin.place,
        "direction": pin.direction,
        "pulls": pin.pulls, "muted": pin.muted,
        "at": [] if pin.to else np.round(performer.placement.to_world(np.array(pin.at_m)) * 100, 2).tolist(),
    }  # fmt: skip


def _holders(shot: Shot, performer: Performer) -> list[dict]:
    """What a part can be held to beside the world: props; parts of others and of its own."""
    out = [{"id": prop.id, "name": prop.name, "joints": []} for prop in shot.props]
    for p in shot.performers:
        names = list(dict.fromkeys(p.rig.names[g.joint] for g in grips_of(p.body())))
        name = f"{p.name}, another part" if p is performer else p.name
        out.append({"id": p.id, "name": name, "joints": names})
    return out


def curves_data(shot: Shot, performer: Performer, layer_id: str, joints: list[str]) -> list[dict]:
    """Curves of some joints on a layer: values on every frame of the shot, and the keys with their slopes.

    Angles in degrees; places in centimetres, those of the base's root in the world. Values (frames,) are the column's.
    """
    layer = (
        performer.layer(layer_id)
        if layer_id and any(x.id == layer_id for x in performer.layers)
        else performer.layers[0]
    )
    frames = shot.frame_numbers()
    if len(frames) > MOST_CURVE_POINTS:
        frames = frames[:MOST_CURVE_POINTS]
    own = performer.timing.mix(frames, performer.clip).before
    seen = performer.timing.seen_frame
    out = []
    for joint in joints:
        if joint not in performer.rig:
            continue
        rig_joint = performer.rig.joints[performer.rig.index(joint)]
        whole = layer.columns.get((joint, TURN))
        if isinstance(whole, Turns):
            angles = whole.sample_angles(own)
            for i, channel in enumerate(rig_joint.rotation_channels):
                keys = (whole.angles[:, i], whole.slopes_in[:, i], whole.slopes_out[:, i])
                out.append(_curve(performer, joint, channel, angles[:, i], whole, keys, seen, 0.0))
        for channel in (*rig_joint.rotation_channels, *POSITION_CHANNELS):
            column = layer.columns.get((joint, channel))
            if column is None:
                continue
            add = _world_offset(performer, layer, rig_joint, channel)
            keys = () if isinstance(column, Dense) else (column.values, column.slopes_in, column.slopes_out)
            out.append(_curve(performer, joint, channel, column.sample(own), column, keys, seen, add))
    return out


def height_curve(reading: Reading, part: str) -> list[dict]:
    """The height of a grip over the shot, cm, as a curve with no keys of its own."""
    path = path_data(reading, part)
    if not path:
        return []
    values = [round((y - reading.floor_m) * 100, 3) for _, y, _ in path]
    return [{"joint": part, "channel": "height", "unit": "cm", "values": values, "keys": []}]


def _world_offset(performer: Performer, layer: Layer, joint, channel: str) -> float:
    """What a base's place lacks to be one in the world, cm."""
    if channel not in POSITION_CHANNELS or layer is not performer.layers[0] or joint.parent >= 0:
        return 0.0
    axis = POSITION_CHANNELS.index(channel)
    adds = joint.offset[axis] if joint.position == "adds" else 0.0
    return performer.placement.offset_m[axis] * 100 + adds / unit_of(performer, channel)


def _curve(performer: Performer, joint: str, channel: str, values, column, keys, seen, add: float) -> dict:
    unit = unit_of(performer, channel)
    return {
        "joint": joint, "channel": channel, "unit": "°" if channel in ROTATION_CHANNELS else "cm",
        "values": np.round(values / unit + add, 4).tolist(),
        "keys": [
            {
                "frame": seen(round(float(f))), "value": round(float(v / unit + add), 4),
                "in": round(float(a / unit), 5), "out": round(float(b / unit), 5), "kind": KINDS[kind],
                "meant": MEANT[meant],
            }
            for f, v, a, b, kind, meant in zip(column.frames, *keys, column.kinds, column.meant, strict=True)
        ] if keys else [],
    }  # fmt: skip


def answer_data(answer: Answer) -> dict:
    """How the body answers to a pose that is tried."""
    frames, paths = answer.beads
    return {
        "pose": np.concatenate([answer.position, answer.world], axis=1).round(6).ravel().tolist(),
        "com": np.round(answer.com, 5).tolist(),
        "hull": None if answer.hull is None else np.round(answer.hull, 4).tolist(),
        "holds_on": answer.holds_on,
        "margin_cm": None if answer.margin_m is None else round(answer.margin_m * 100, 2),
        "off_arc_cm": None if answer.off_arc_m is None else round(answer.off_arc_m * 100, 2),
        "missed": [
            {
                "part": name,
                "at": np.round(at, 4).tolist(),
                "to": np.round(to, 4).tolist(),
                "cm": round(float(np.linalg.norm(to - at)) * 100, 1),
            }
            for name, (at, to) in answer.missed.items()
        ],
        "beads": {"frames": frames.tolist(), **{name: np.round(path, 4).tolist() for name, path in paths.items()}},
        "says": list(answer.says),
    }


def path_data(reading: Reading, part: str) -> list:
    """(frames, 3) m: the path of a grip over the whole shot."""
    grip = next((g for g in grips_of(reading.body) if g.name == part), None)
    if grip is None:
        return []
    poses = reading.poses
    at = poses.position[:, grip.joint] + rotation.rotate(poses.rotation[:, grip.joint], grip.at_m)
    return np.round(at, 4).tolist()


def pose_lines(position: np.ndarray, world: np.ndarray, body) -> list[list[float]]:
    """(parts, 5) m: a pose's picture, seen from the front left, standing on 0."""
    joints = np.array([p.joint for p in body.parts])
    ahead = rotation.rotate(world[0], body.anatomy.forward)
    across = np.array([ahead[2], 0.0, -ahead[0]])
    size = np.linalg.norm(across)
    across = across / size if size > 1e-6 else np.array([1.0, 0.0, 0.0])
    ahead = np.array([across[2], 0.0, -across[0]]) * -1.0
    view = across * 0.8 - ahead * 0.6
    starts, ends = (
        position[joints] + rotation.rotate(world[joints], np.array([getattr(p, end) for p in body.parts]))
        for end in ("start_m", "end_m")
    )
    width = [2 * np.sqrt(p.half_width_m * p.half_depth_m) for p in body.parts]
    lines = np.column_stack([starts @ view, starts[:, 1], ends @ view, ends[:, 1], width])
    lines[:, [0, 2]] -= (lines[:, [0, 2]].max() + lines[:, [0, 2]].min()) / 2
    lines[:, [1, 3]] -= lines[:, [1, 3]].min()
    return lines.round(4).tolist()
