"""A rig with its motion as glTF 2.0: joints without a turn of their own in rest, in metres, y up; the skin that is
shown, on them; and every named clip as an animation."""

from collections.abc import Sequence

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.figure.rig import POSITION_CHANNELS, Rig
from ironarc.core.figure.rig import forward as world_of
from ironarc.core.formats.format import Extras
from ironarc.core.formats.gltf_container import UBYTE, UINT, USHORT, Builder
from ironarc.core.mannequin import Mannequin
from ironarc.core.mannequin.painting import FACE, PALE
from ironarc.core.mannequin.posed import half_way
from ironarc.core.skin.mesh import unit_rows, whole_parts

BY_NODES = "as the nodes stand"  # in the asset's extras: the pose at rest, which is not the one the skin was bound in
HALF = "half-way bone"  # in a node's extras: it carries skin between two bones, and is no joint of the rig
MANNEQUIN = (
    "the mannequin"  # in a mesh's extras: made from the body when it was written, and made again where it is read
)
_VERTICES, _INDICES = 34962, 34963
_INK, _BAND = (0.254, 0.309, 0.356), (0.838, 0.768, 0.624)  # linear, of body and of what is painted pale


def document_of(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras) -> tuple[dict, Builder]:
    """The tree, and the arrays it tells of. table : (frames, channels) in file order, file length unit, degrees."""
    local, translation = poses_of(rig, table)
    translation = translation * extras.scale_to_m
    built = Builder()
    nodes = [_node(rig, j, extras.scale_to_m) for j in range(len(rig))]
    tracks = [(j, "rotation", local[:, j]) for j in range(len(rig))]
    moving = [j for j, joint in enumerate(rig.joints) if _moves(joint, j, translation)]
    tracks += [(j, "translation", translation[:, j]) for j in moving]
    tree = {
        "asset": {"version": "2.0", "generator": "Iron Arc", "extras": {"rest": BY_NODES}},
        "scene": 0,
        "scenes": [{"nodes": list(rig.roots)}],
        "nodes": nodes,
    }
    if extras.skin is not None:
        _worn(tree, built, rig, extras)
    elif extras.mannequin is not None:
        tracks += _dressed(tree, built, rig, extras, local, translation)
    tracks += _seen(tree, extras)
    clips = extras.clips or ((extras.name, 0, len(table) - 1),)
    tree["animations"] = [_animation(built, name, tracks, a, b, frame_time_s) for name, a, b in clips]
    return tree, built


def _seen(tree: dict, extras: Extras) -> list:
    """Adds the cameras; returns their tracks."""
    tracks = []
    for camera in extras.cameras:
        sees = {"yfov": camera.tall_rad, "aspectRatio": camera.aspect, "znear": 0.05}
        tree.setdefault("cameras", []).append({"type": "perspective", "name": camera.name, "perspective": sees})
        number = len(tree["nodes"])
        tree["nodes"].append({"name": camera.name, "camera": len(tree["cameras"]) - 1})
        tree["scenes"][0]["nodes"].append(number)
        tracks += [(number, "rotation", camera.turn), (number, "translation", camera.place)]
    return tracks


def poses_of(rig: Rig, table: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """Turns (frames, joints, 4) and places (frames, joints, 3) from the parent, in the file's unit, of channels."""
    local = np.empty((len(table), len(rig), 4))
    translation = np.tile(rig.offsets, (len(table), 1, 1))
    at = 0
    for j, joint in enumerate(rig.joints):
        own = dict(zip(joint.channels, table[:, at : at + len(joint.channels)].T, strict=True))
        at += len(joint.channels)
        zero = np.zeros(len(table))
        angles = np.radians(np.stack([own.get(c, zero) for c in joint.rotation_channels], axis=1))
        local[:, j] = rot.from_euler(joint.order, angles)
        for i, channel in enumerate(POSITION_CHANNELS):
            if channel in own:
                translation[:, j, i] = own[channel] + (joint.offset[i] if joint.position == "adds" else 0.0)
    return local, translation


def _node(rig: Rig, j: int, scale: float) -> dict:
    joint = rig.joints[j]
    node = {"name": joint.name, "translation": [float(v) * scale for v in joint.offset]}
    if rig.children[j]:
        node["children"] = list(rig.children[j])
    ends = [[float(v) * scale for v in end.offset] for end in rig.ends if end.parent == j]
    node["extras"] = {"channels": list(joint.channels)} | ({"ends": ends} if ends else {})
    return node


def _moves(joint, j: int, translation: np.ndarray) -> bool:
    return joint.parent < 0 or joint.has_position or bool(np.ptp(translation[:, j], axis=0).max() > 0)


def _animation(built: Builder, name: str, tracks: Sequence, first: int, last: int, dt: float) -> dict:
    times = built.add(np.arange(last - first + 1) * dt, "SCALAR", bounds=True)
    samplers, channels, begin = [], [], None
    for node, path, values in tracks:
        rows = values[first : last + 1]
        if path == "rotation":
            rows = rot.continuous(rows)[:, [1, 2, 3, 0]].astype(np.float32)
            rows /= np.linalg.norm(rows, axis=1, keepdims=True)
        still = path == "rotation" and np.ptp(rows, axis=0).max() == 0  # places stay: they tell how long it lasts
        if still and begin is None:
            begin = built.add(np.zeros(1), "SCALAR", bounds=True)
        output = built.add(rows[:1] if still else rows, f"VEC{rows.shape[1]}")
        samplers.append({"input": begin if still else times, "output": output})
        channels.append({"sampler": len(samplers) - 1, "target": {"node": node, "path": path}})
    return {"name": name, "samplers": samplers, "channels": channels}


def _dressed(tree: dict, built: Builder, rig: Rig, extras: Extras, local: np.ndarray, translation: np.ndarray) -> list:
    """Adds the skin and the half-way bones it hangs on; returns their tracks."""
    worn, nodes = extras.mannequin, tree["nodes"]
    joints = [rig.index(name) for name in extras.worn_by]
    world, _ = world_of(rig, local, translation)
    skin = rot.multiply(world[:, joints], rot.conjugate(worn.rotation))
    bones, tracks = list(joints), []
    for half in worn.halves:
        own = joints[half]
        parent = rig.joints[own].parent
        turn = half_way(skin[:, worn.parents[half]], skin[:, half])
        name, place = f"{rig.joints[own].name} half", nodes[own]["translation"]
        bones.append(len(nodes))
        nodes[parent].setdefault("children", []).append(len(nodes))
        nodes.append({"name": name, "translation": place, "extras": {"is": HALF}})
        tracks.append((bones[-1], "rotation", rot.multiply(rot.conjugate(world[:, parent]), turn)))
        if _moves(rig.joints[own], own, translation):
            tracks.append((bones[-1], "translation", translation[:, own]))
    tree["skins"] = [{"joints": bones, "inverseBindMatrices": built.add(_bind(worn), "MAT4")}]
    tree["meshes"] = [{"name": "figure", "primitives": [_primitive(built, worn)], "extras": {"is": MANNEQUIN}}]
    tree["materials"] = [{"name": "figure", "pbrMetallicRoughness": {"metallicFactor": 0.0, "roughnessFactor": 0.85}}]
    tree["scenes"][0]["nodes"].append(len(nodes))
    nodes.append({"name": "Figure", "mesh": 0, "skin": 0})
    return tracks


def _bind(worn: Mannequin) -> np.ndarray:
    """(bones, 16) inverse bind matrices, columns one after the other."""
    turns = np.concatenate([rot.to_matrix(worn.rotation), np.tile(np.eye(3), (len(worn.halves), 1, 1))])
    places = worn.position[[*range(len(worn.rotation)), *worn.halves]]
    out = np.tile(np.eye(4), (len(turns), 1, 1))
    out[:, :3, :3] = np.swapaxes(turns, 1, 2)
    out[:, :3, 3] = -np.einsum("bji,bj->bi", turns, places)
    return np.swapaxes(out, 1, 2).reshape(len(out), 16)


def _primitive(built: Builder, worn: Mannequin) -> dict:
    whole = whole_parts(worn.shares)
    bones = np.where(whole > 0, worn.bones, 0)
    normals = worn.normals / np.linalg.norm(worn.normals, axis=1, keepdims=True)
    pale = np.clip(np.maximum(worn.painted[:, PALE], worn.painted[:, FACE]) / 0.004 + 0.5, 0, 1)[:, None]
    colors = (np.array(_INK) * (1 - pale) + np.array(_BAND) * pale) * worn.shade[:, None]
    return {
        "attributes": {
            "POSITION": built.add(worn.points, "VEC3", bounds=True, target=_VERTICES),
            "NORMAL": built.add(normals, "VEC3", target=_VERTICES),
            "COLOR_0": built.add(colors, "VEC3", target=_VERTICES),
            "JOINTS_0": built.add(bones, "VEC4", USHORT, target=_VERTICES),
            "WEIGHTS_0": built.add(whole, "VEC4", UBYTE, target=_VERTICES, normalized=True),
        },
        "indices": built.add(worn.triangles.ravel(), "SCALAR", UINT, target=_INDICES),
        "material": 0,
    }


def _worn(tree: dict, built: Builder, rig: Rig, extras: Extras) -> None:
    """Adds the performer's own skin: its groups as primitives, with their pictures."""
    mesh, scale = extras.skin, extras.scale_to_m
    inverse = np.tile(np.eye(4), (len(mesh.joints), 1, 1))
    inverse[:, :3, 3] = -mesh.rest * scale
    tree["skins"] = [
        {
            "joints": [rig.index(name) for name in mesh.joints],
            "inverseBindMatrices": built.add(np.swapaxes(inverse, 1, 2).reshape(-1, 16), "MAT4"),
        }
    ]
    images = [{"mimeType": i.media_type, "bufferView": built.raw(i.data)} for i in mesh.images]
    tree["materials"] = [_material(None), *(_material(i) for i in range(len(images)))]
    if images:
        tree |= {"images": images, "textures": [{"source": i} for i in range(len(images))]}
    whole = whole_parts(mesh.shares)
    attributes = {
        "POSITION": built.add(mesh.points * scale, "VEC3", bounds=True, target=_VERTICES),
        "NORMAL": built.add(unit_rows(mesh.normals), "VEC3", target=_VERTICES),
        "COLOR_0": built.add(mesh.tints, "VEC3", target=_VERTICES),
        "JOINTS_0": built.add(np.where(whole > 0, mesh.bones, 0), "VEC4", USHORT, target=_VERTICES),
        "WEIGHTS_0": built.add(whole, "VEC4", UBYTE, target=_VERTICES, normalized=True),
    }
    if images:
        attributes["TEXCOORD_0"] = built.add(mesh.uv, "VEC2", target=_VERTICES)
    primitives = [
        {
            "attributes": attributes,
            "indices": built.add(mesh.triangles[first : first + count].ravel(), "SCALAR", UINT, target=_INDICES),
            "material": int(image) + 1,
        }
        for first, count, image in mesh.groups
        if count
    ]
    tree["meshes"] = [{"name": "skin", "primitives": primitives}]
    tree["scenes"][0]["nodes"].append(len(tree["nodes"]))
    tree["nodes"].append({"name": "Skin", "mesh": 0, "skin": 0})


def _material(image: int | None) -> dict:
    painted = {"metallicFactor": 0.0, "roughnessFactor": 0.85}
    if image is not None:
        painted["baseColorTexture"] = {"index": image}
    return {"name": "skin" if image is None else f"picture {image + 1}", "pbrMetallicRoughness": painted}
