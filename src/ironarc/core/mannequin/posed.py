"""A mannequin in a pose, as the stage draws it: its skin turned by the bones that it hangs on."""

import numpy as np

from ironarc.core import rotation as rot
from ironarc.core.mannequin.build import Mannequin


def half_way(a: np.ndarray, b: np.ndarray) -> np.ndarray:
    """(..., 4) the turn half-way between two, by the shorter way."""
    total = a + np.where((a * b).sum(axis=-1, keepdims=True) >= 0, b, -b)
    return total / np.maximum(np.linalg.norm(total, axis=-1, keepdims=True), 1e-12)


def skin_turns(mannequin: Mannequin, rotation: np.ndarray, position: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
    """(bones, 3, 3) turns and (bones, 3) m shifts of the skin on each bone. rotation : (joints, 4) w x y z;
    position : (joints, 3) m, both in the world."""
    skin = rot.multiply(rotation, rot.conjugate(mannequin.rotation))
    halves = list(mannequin.halves)
    turns = rot.to_matrix(np.concatenate([skin, half_way(skin[mannequin.parents[halves]], skin[halves])]))
    carried = [*range(len(skin)), *halves]
    shifts = position[carried] - np.einsum("bij,bj->bi", turns, mannequin.position[carried])
    return turns, shifts


def posed(mannequin: Mannequin, rotation: np.ndarray, position: np.ndarray) -> np.ndarray:
    """(n, 3) m, its points in a pose."""
    turns, shifts = skin_turns(mannequin, rotation, position)
    turn = np.einsum("nk,nkij->nij", mannequin.shares, turns[mannequin.bones])
    shift = np.einsum("nk,nki->ni", mannequin.shares, shifts[mannequin.bones])
    return np.einsum("nij,nj->ni", turn, mannequin.points) + shift
