"""A skin as it came: places, triangles, the joints it hangs on, colours and pictures."""

import io
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

MOST_VERTICES, MOST_TRIANGLES = 150_000, 300_000  # of what turns once a frame on a stage drawn in software
_ARRAYS = ("points", "normals", "triangles", "bones", "shares", "tints", "uv", "rest", "parents", "groups")


@dataclass(frozen=True)
class Image:
    """A picture that is laid on a skin, as it stood in the file: PNG or JPEG."""

    media_type: str
    data: bytes


@dataclass(frozen=True, eq=False)
class SkinMesh:
    """points, normals : (n, 3) where the rig's joints stand without a turn; in the rig's unit
    triangles : (m, 3), those of one group after another
    joints : names of what it hangs on; rest : (joints, 3) where they stand; parents : (joints,), -1 for none
    bones : (n, 4) into joints; shares : (n, 4), adding up to one
    tints : (n, 3) 0 … 1, linear; uv : (n, 2), from a picture's upper left corner
    groups : (groups, 3) first triangle, how many, and the picture on them or -1
    """

    points: np.ndarray
    normals: np.ndarray
    triangles: np.ndarray
    joints: tuple[str, ...]
    bones: np.ndarray
    shares: np.ndarray
    tints: np.ndarray
    uv: np.ndarray
    rest: np.ndarray
    parents: np.ndarray
    groups: np.ndarray
    images: tuple[Image, ...] = ()

    @property
    def held_by(self) -> np.ndarray:
        """(n,) the joint that holds most of each point."""
        return self.bones[np.arange(len(self.bones)), np.argmax(self.shares, axis=1)]

    def sized(self, times: float) -> "SkinMesh":
        """So many times as large."""
        return self if times == 1 else replace(self, points=self.points * times, rest=self.rest * times)

    def turned(self, matrix: np.ndarray) -> "SkinMesh":
        """Turned about the origin. matrix : (3, 3)"""
        turned = {name: getattr(self, name) @ matrix.T for name in ("points", "normals", "rest")}
        return replace(self, **turned)

    def moved(self, by: np.ndarray) -> "SkinMesh":
        """Somewhere else as a whole. by : (3,)"""
        return replace(self, points=self.points + by, rest=self.rest + by)

    def used(self, wanted: np.ndarray, triangles: np.ndarray, groups: np.ndarray) -> "SkinMesh":
        """With some of its points only. wanted : (k,) their numbers; triangles : by the new numbers"""
        rows = {name: getattr(self, name)[wanted] for name in ("points", "normals", "bones", "shares", "tints", "uv")}
        return replace(self, **rows, triangles=triangles, groups=groups)

    def packed(self) -> np.ndarray:
        """(bytes,) uint8: NumPy arrays in one compressed file."""
        out = io.BytesIO()
        small = {name: _small(getattr(self, name)) for name in _ARRAYS}
        for i, image in enumerate(self.images):
            small[f"image{i}"] = np.frombuffer(image.data, np.uint8)
        words = {"joints": np.array(self.joints), "media_types": np.array([i.media_type for i in self.images], str)}
        np.savez_compressed(out, **small, **words)
        return np.frombuffer(out.getvalue(), np.uint8)

    @staticmethod
    def unpacked(data: np.ndarray) -> "SkinMesh":
        """Of what `packed` gave."""
        with np.load(io.BytesIO(data.tobytes()), allow_pickle=False) as kept:
            arrays = {name: kept[name] for name in _ARRAYS}
            images = tuple(Image(str(t), kept[f"image{i}"].tobytes()) for i, t in enumerate(kept["media_types"]))
            return SkinMesh(joints=tuple(map(str, kept["joints"])), images=images, **arrays)


def _small(values: np.ndarray) -> np.ndarray:
    return values.astype(np.float32) if values.dtype.kind == "f" else values.astype(np.int32)


def normals_of(points: np.ndarray, triangles: np.ndarray) -> np.ndarray:
    """(n, 3) of a surface that tells none: of the triangles around each point, by their size."""
    a, b, c = points[triangles].swapaxes(0, 1)
    each, out = np.cross(b - a, c - a), np.zeros_like(points)
    for corner in range(3):
        np.add.at(out, triangles[:, corner], each)
    return unit_rows(out)


def unit_rows(rows: np.ndarray) -> np.ndarray:
    """(n, 3) each of length one; what has no length points up."""
    long = np.linalg.norm(rows, axis=1, keepdims=True)
    return np.where(long > 1e-12, rows / np.maximum(long, 1e-12), [0.0, 1.0, 0.0])


def whole_parts(shares: np.ndarray) -> np.ndarray:
    """(n, 4) shares as whole parts of 255: what rounding leaves goes to the largest."""
    whole = np.round(shares * 255).astype(int)
    whole[np.arange(len(whole)), np.argmax(whole, axis=1)] += 255 - whole.sum(axis=1)
    return whole


def joined(meshes: Sequence[SkinMesh]) -> SkinMesh:
    """One of several that hang on the same joints."""
    if len(meshes) == 1:
        return meshes[0]
    before = np.cumsum([0, *(len(mesh.points) for mesh in meshes)])
    earlier = np.cumsum([0, *(len(mesh.triangles) for mesh in meshes)])
    rows = {
        name: np.concatenate([getattr(mesh, name) for mesh in meshes])
        for name in ("points", "normals", "bones", "shares", "tints", "uv")
    }
    triangles = np.concatenate([mesh.triangles + at for mesh, at in zip(meshes, before, strict=False)])
    groups = np.concatenate([mesh.groups + np.array([at, 0, 0]) for mesh, at in zip(meshes, earlier, strict=False)])
    return replace(meshes[0], **rows, triangles=triangles, groups=groups)
