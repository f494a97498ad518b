"""The skin of a glTF 2.0 file: all its meshes that hang on the skeleton, as one surface in the rig's rest pose."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.formats.gltf_container import Document
from ironarc.core.formats.gltf_writing import MANNEQUIN
from ironarc.core.skin.mesh import MOST_TRIANGLES, MOST_VERTICES, Image, SkinMesh, joined, normals_of, unit_rows

_TRIANGLES = 4
_MOST_IMAGE = 12 * 2**20
_SUM = 0.02  # by which shares of a vertex may miss the whole before it is said
_KINDS = {b"\x89PNG": "image/png", b"\xff\xd8\xff": "image/jpeg"}


@dataclass(frozen=True)
class Skeleton:
    """What a mesh hangs on. nodes : joints of the rig by node; names, rest : (joints,) and (joints, 3); parents : of
    nodes, of joints; stands : (nodes, 4, 4) in the world, in rest"""

    nodes: Mapping[int, int]
    names: tuple[str, ...]
    rest: np.ndarray
    node_parents: Sequence[int]
    parents: np.ndarray
    stands: np.ndarray

    def joint_of(self, node: int) -> int:
        """The joint at a node or next above it; -1 for none."""
        while node >= 0 and node not in self.nodes:
            node = self.node_parents[node]
        return self.nodes.get(node, -1)


@dataclass
class _Told:
    """What is found out on the way. off : vertices whose shares don't add up; loose : vertices that hang on nothing"""

    off: int = 0
    loose: int = 0
    lines: int = 0
    vertices: int = 0
    triangles: int = 0
    images: list[Image] = field(default_factory=list)
    numbers: dict[int, int] = field(default_factory=dict)
    says: list[str] = field(default_factory=list)


def skin_of(document: Document, skeleton: Skeleton) -> tuple[SkinMesh | None, tuple[str, ...]]:
    """The surface, None where there is none or it can't be used, and sentences on what was assumed or left out."""
    told = _Told()
    try:
        meshes = [
            mesh
            for i, node in enumerate(document.list("nodes"))
            if "mesh" in node
            for mesh in _meshes(document, skeleton, i, node, told)
        ]
    except FileError as error:
        return None, (f"Its skin was left out: {error}",)
    if told.off:
        told.says.append(
            f"Weights of {told.off:,} vertices of its skin did not add up to one; they were brought to it."
        )
    if told.loose:
        told.says.append(f"Vertices of its skin that hang on no joint, and now go with the root: {told.loose:,}.")
    if told.lines:
        told.says.append("Lines and points of its meshes were left out: only triangles are shown.")
    if not meshes:
        return None, tuple(told.says)
    whole = joined(meshes)
    return _with_images(whole, tuple(told.images)), tuple(told.says)


def _with_images(mesh: SkinMesh, images: tuple[Image, ...]) -> SkinMesh:
    return SkinMesh(**{**vars(mesh), "images": images})


def _meshes(document: Document, skeleton: Skeleton, number: int, node: dict, told: _Told) -> list[SkinMesh]:
    mesh = document.item("meshes", node["mesh"], f"node {number}")
    extras = mesh.get("extras")
    if isinstance(extras, dict) and extras.get("is") == MANNEQUIN:
        return []
    skin = None if node.get("skin") is None else document.item("skins", node["skin"], f"node {number}")
    carrier = skeleton.joint_of(number)
    word = str(mesh.get("name") or f"mesh {node['mesh']}")[:60]
    if skin is None and carrier < 0:
        told.says.append(f"{word} hangs on no joint and was left out.")
        return []
    out = []
    for primitive in mesh.get("primitives", []):
        if primitive.get("mode", _TRIANGLES) != _TRIANGLES:
            told.lines += 1
            continue
        out.append(_surface(document, skeleton, skin, (number, carrier), primitive, word, told))
    return [surface for surface in out if len(surface.triangles)]


def _surface(document, skeleton, skin, where: tuple[int, int], primitive: dict, word: str, told: _Told) -> SkinMesh:
    number, carrier = where
    attributes = primitive.get("attributes", {})
    points = document.array(attributes.get("POSITION"), word, 3)
    told.vertices += len(points)
    if primitive.get("indices") is None:
        corners = np.arange(len(points) // 3 * 3)
    else:
        corners = document.array(primitive["indices"], word, 1)[:, 0].astype(int)
    triangles = corners[: len(corners) // 3 * 3].reshape(-1, 3)
    told.triangles += len(triangles)
    if told.vertices > MOST_VERTICES or told.triangles > MOST_TRIANGLES:
        raise FileError(
            f"it has {told.vertices:,} vertices and {told.triangles:,} triangles or more; up to {MOST_VERTICES:,} and "
            f"{MOST_TRIANGLES:,} are shown. Bring a lighter one."
        )
    if len(triangles) and triangles.max() >= len(points):
        raise FileError(f"a triangle of {word} names vertex {triangles.max():,}, and it has {len(points):,}.")
    if skin is None:
        bones = np.full((len(points), 1), carrier)
        shares, turns = np.ones((len(points), 1)), skeleton.stands[number][None]
        slots = np.zeros((len(points), 1), dtype=int)
    else:
        slots, bones, shares = _hung(document, skeleton, skin, attributes, len(points), word, told)
        turns = _bound(document, skeleton, skin)
    matrices = np.einsum("nk,nkij->nij", shares, turns[slots])
    normals = (
        normals_of(points, triangles)
        if "NORMAL" not in attributes
        else _as_many(document.array(attributes["NORMAL"], word, 3), points, word)
    )
    if len(points) and np.median(np.linalg.det(matrices[:, :3, :3])) < 0:
        triangles = triangles[:, ::-1]  # mirrored: what was outside would be seen from inside
    placed = np.einsum("nij,nj->ni", matrices[:, :3, :3], points) + matrices[:, :3, 3]
    turned = unit_rows(np.einsum("nij,nj->ni", matrices[:, :3, :3], normals))
    bones, shares = _four(bones, shares)
    tints, uv, image = _painted(document, primitive, attributes, points, word, told)
    group = np.array([[0, len(triangles), image]])
    whole = SkinMesh(
        placed, turned, triangles, skeleton.names, bones, shares, tints, uv, skeleton.rest, skeleton.parents, group
    )
    # several primitives may share their vertices, each naming some of them
    used, numbered = np.unique(triangles, return_inverse=True)
    return whole.used(used, numbered.reshape(-1, 3), group)


def _as_many(rows: np.ndarray, points: np.ndarray, word: str) -> np.ndarray:
    if len(rows) != len(points):
        raise FileError(f"{word} has {len(points):,} places and {len(rows):,} of what goes with them.")
    return rows


def _hung(document, skeleton, skin, attributes, count: int, word: str, told: _Told):
    """Slots in the skin, joints of the rig, and shares, (n, slots) each."""
    slots, shares = [], []
    for i in range(4):
        if f"JOINTS_{i}" not in attributes:
            break
        slots.append(document.array(attributes[f"JOINTS_{i}"], word, 4).astype(int))
        shares.append(document.array(attributes.get(f"WEIGHTS_{i}"), word, 4))
    if not slots or any(len(rows) != count for rows in (*slots, *shares)):
        raise FileError(f"{word} does not tell for each of its {count:,} vertices which joints it hangs on.")
    slot, share = np.concatenate(slots, axis=1), np.maximum(np.concatenate(shares, axis=1), 0.0)
    joints = skin.get("joints", [])
    slot = np.where(share > 0, slot, 0)
    if len(slot) and slot.max() >= len(joints):
        vertex = int(np.flatnonzero(slot.max(axis=1) >= len(joints))[0])
        raise FileError(f"vertex {vertex:,} of {word} hangs on joint {slot.max()} of a skin that has {len(joints)}.")
    total = share.sum(axis=1)
    told.off += int((np.abs(total - 1) > _SUM).sum())
    to = np.array([skeleton.joint_of(node) for node in joints])
    loose = (total <= 0) | (to[slot][np.arange(count), np.argmax(share, axis=1)] < 0)
    told.loose += int(loose.sum())
    share[loose] = 0.0
    share[loose, 0] = 1.0
    slot[loose] = int(np.flatnonzero(to >= 0)[0]) if (to >= 0).any() else 0
    return slot, np.maximum(to[slot], 0), share / share.sum(axis=1, keepdims=True)


def _bound(document, skeleton, skin) -> np.ndarray:
    """(slots, 4, 4) from the mesh's own room to where each joint's skin is in rest."""
    joints = skin.get("joints", [])
    stands = skeleton.stands[joints]
    if skin.get("inverseBindMatrices") is None:
        return stands
    inverse = document.array(skin["inverseBindMatrices"], "its skin", 16).reshape(-1, 4, 4).swapaxes(1, 2)
    return stands @ inverse[: len(joints)]


def _four(bones: np.ndarray, shares: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """The four joints that hold most; those named twice are one."""
    if bones.shape[1] < 4:
        more = 4 - bones.shape[1]
        bones = np.pad(bones, ((0, 0), (0, more)))
        shares = np.pad(shares, ((0, 0), (0, more)))
    for i in range(1, bones.shape[1]):
        for k in range(i):
            same = (bones[:, i] == bones[:, k]) & (shares[:, i] > 0)
            shares[same, k] += shares[same, i]
            shares[same, i] = 0.0
    order = np.argsort(-shares, axis=1, kind="stable")[:, :4]
    bones, shares = np.take_along_axis(bones, order, 1), np.take_along_axis(shares, order, 1)
    return bones, shares / np.maximum(shares.sum(axis=1, keepdims=True), 1e-12)


def _painted(document, primitive, attributes, points, word: str, told: _Told):
    """Colours (n, 3), places in the picture (n, 2), and its number or -1."""
    tints = np.ones((len(points), 3))
    material = {}
    if primitive.get("material") is not None:
        material = document.item("materials", primitive["material"], word)
    painted = material.get("pbrMetallicRoughness") or {}
    factor = painted.get("baseColorFactor", [1, 1, 1, 1])
    if isinstance(factor, list) and len(factor) == 4:
        tints = tints * np.clip(np.array(factor[:3], dtype=float), 0, 1)
    if "COLOR_0" in attributes:
        tints = tints * np.clip(_as_many(document.array(attributes["COLOR_0"], word), points, word)[:, :3], 0, 1)
    picture = painted.get("baseColorTexture") or {}
    room = f"TEXCOORD_{picture.get('texCoord', 0)}"
    uv = np.zeros((len(points), 2))
    if picture.get("index") is None or room not in attributes:
        return tints, uv, -1
    uv = _as_many(document.array(attributes[room], word, 2), points, word)
    texture = document.item("textures", picture["index"], word)
    return tints, uv, _image(document, texture.get("source"), word, told)


def _image(document: Document, number, word: str, told: _Told) -> int:
    if number in told.numbers:
        return told.numbers[number]
    data = document.image(number, word)
    kind = next((kind for head, kind in _KINDS.items() if data.startswith(head)), None)
    if kind is None or len(data) > _MOST_IMAGE:
        told.says.append(f"A picture on {word} was left out: PNG and JPEG up to {_MOST_IMAGE // 2**20} MB are shown.")
        told.numbers[number] = -1
        return -1
    told.images.append(Image(kind, data))
    told.numbers[number] = len(told.images) - 1
    return told.numbers[number]
