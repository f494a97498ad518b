"""What the bench draws a performer with, its mannequin or its own skin, packed: a head in JSON, then arrays one after
the other, little-endian."""

import json

import numpy as np

from ironarc.core.document import Performer
from ironarc.core.figure.body import Body
from ironarc.core.mannequin import FINE, Mannequin, known_by, mannequin_of
from ironarc.core.mannequin.painting import FAR_M
from ironarc.core.skin import OwnSkin
from ironarc.core.skin.mesh import whole_parts

PAINT_MOST_M = 2 * FAR_M  # what 127 stands for: of the tallest too


def look_of(performer: Performer, body: Body) -> str:
    """A digest of all that a performer is drawn from: those with the same one look the same."""
    own = performer.skin
    if own is None or not own.shown:
        return known_by(body, performer.weighing.female)
    return f"{own.digest}-{body.scale_to_m:.9g}{'-clay' if own.clay else ''}"


def skin_for(performer: Performer, body: Body, level: str) -> bytes:
    """A performer's figure, packed. level : FINE or LIGHT"""
    own = performer.skin
    if own is None or not own.shown:
        return packed_skin(mannequin_of(body, performer.weighing.female, level))
    return packed_own(own, body, level)


def packed_skin(mannequin: Mannequin | None) -> bytes:
    """Length of the head (uint32), the head (JSON, filled up with spaces to four bytes), then for each vertex: place
    (3 float32), normal and shade (4 int8, of 127), paint (4 int8, of PAINT_MOST_M), bones (4 uint16), shares
    (4 uint8, adding up to 255); then triangles (3 uint32 each)."""
    if mannequin is None:
        return _with_head({"vertices": 0, "triangles": 0, "halves": [], "rotation": [], "position": [], "parents": []})
    head = {
        "vertices": len(mannequin.points),
        "triangles": len(mannequin.triangles),
        "halves": mannequin.halves,
        "rotation": np.round(mannequin.rotation, 7).ravel().tolist(),
        "position": np.round(mannequin.position, 6).ravel().tolist(),
        "parents": mannequin.parents.tolist(),
        "paint_most": PAINT_MOST_M,
    }
    shaded = np.column_stack([mannequin.normals, mannequin.shade]) * 127
    painted = mannequin.painted / PAINT_MOST_M * 127
    return _with_head(
        head, mannequin.points.astype("<f4"), _bytes(shaded), _bytes(painted), mannequin.bones.astype("<u2"),
        whole_parts(mannequin.shares).astype(np.uint8), mannequin.triangles.astype("<u4"),
    )  # fmt: skip


def packed_own(own: OwnSkin, body: Body, level: str) -> bytes:
    """As `packed_skin` does, with no paint. In colours the head has groups (first triangle, how many, picture or -1)
    and pictures (media type, bytes), and after the triangles come for each vertex a tint (3 float32, linear) and a
    place in the picture (2 float32), then the pictures."""
    mesh, rig = own.mesh if level == FINE else own.light, body.anatomy.rig
    number = np.array([rig.index(name) for name in mesh.joints])
    head = {
        "vertices": len(mesh.points),
        "triangles": len(mesh.triangles),
        "halves": [],
        "rotation": [1, 0, 0, 0] * len(rig),
        "position": np.round(rig.rest_positions * body.scale_to_m, 6).ravel().tolist(),
        "parents": rig.parents.tolist(),
        "paint_most": PAINT_MOST_M,
    }
    shaded = np.column_stack([mesh.normals, np.ones(len(mesh.points))]) * 127
    arrays = [
        (mesh.points * body.scale_to_m).astype("<f4"), _bytes(shaded), np.full((len(mesh.points), 4), -127, np.int8),
        number[mesh.bones].astype("<u2"), whole_parts(mesh.shares).astype(np.uint8), mesh.triangles.astype("<u4"),
    ]  # fmt: skip
    if not own.clay:
        pictures = mesh.images
        head["groups"] = mesh.groups.tolist()
        head["pictures"] = [[image.media_type, len(image.data)] for image in pictures]
        arrays += [mesh.tints.astype("<f4"), mesh.uv.astype("<f4")]
        arrays += [np.frombuffer(image.data, np.uint8) for image in pictures]
    return _with_head(head, *arrays)


def _bytes(values: np.ndarray) -> np.ndarray:
    return np.clip(np.round(values), -127, 127).astype(np.int8)


def _with_head(head: dict, *arrays: np.ndarray) -> bytes:
    text = json.dumps(head, separators=(",", ":")).encode()
    text += b" " * (-len(text) % 4)
    return len(text).to_bytes(4, "little") + text + b"".join(array.tobytes() for array in arrays)
