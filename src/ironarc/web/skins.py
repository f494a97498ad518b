"""A mannequin as the bench draws it, packed: a head in JSON, then arrays one after the other, little-endian."""

import json

import numpy as np

from ironarc.core.mannequin import Mannequin
from ironarc.core.mannequin.painting import FAR_M

PAINT_MOST_M = 2 * FAR_M  # what 127 stands for: of the tallest too


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
        mannequin.whole_shares.astype(np.uint8), mannequin.triangles.astype("<u4"),
    )  # fmt: skip


def _bytes(values: np.ndarray) -> np.ndarray:
    return np.clip(np.round(values), -127, 127).astype(np.int8)


def _with_head(head: dict, *arrays: np.ndarray) -> bytes:
    text = json.dumps(head, separators=(",", ":")).encode()
    text += b" " * (-len(text) % 4)
    return len(text).to_bytes(4, "little") + text + b"".join(array.tobytes() for array in arrays)
