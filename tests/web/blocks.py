"""Blocks of frames as the bench takes them apart."""

import numpy as np

from ironarc.core.reading.spin import read_spin_parts
from ironarc.web.packed import DIGEST, PHYSICS, TRACKS, packed_physics


def taken_apart(data: bytes) -> list[tuple[str, np.ndarray]]:
    """Names and float32 values of the blocks in an answer, in order."""
    out, at = [], 0
    while at < len(data):
        begins = at + 4 + DIGEST
        ends = begins + int.from_bytes(data[at : at + 4], "little")
        out.append((data[at + 4 : begins].decode(), np.frombuffer(data[begins:ends], "<f4")))
        at = ends
    return out


def wanted(kind: str, who: str = "", variant: str = "now", numbers: str = "") -> str:
    """What the address asks for."""
    return f"blocks.f32?want={kind}|{who}|{variant}|{numbers}"


def floats(answer) -> np.ndarray:
    """All values of an answer, one block after the other."""
    return np.concatenate([values for _, values in taken_apart(answer.data)])


def columns(table: np.ndarray, named: dict[str, int]) -> dict[str, np.ndarray]:
    """The columns of a table (frames, values), by name."""
    out, at = {}, 0
    for name, wide in named.items():
        out[name] = table[:, at : at + wide] if wide > 1 else table[:, at]
        at += wide
    return out


def tracks(answer) -> dict[str, np.ndarray]:
    """What an answer tells of tracks, by name; computed too where there is one."""
    values = floats(answer)
    width = sum(TRACKS.values())
    named = TRACKS if len(values) % width == 0 and len(values) % (width + 3) else TRACKS | {"computed": 3}
    return columns(values.reshape(-1, sum(named.values())), named)


def physics_table(reading) -> dict[str, np.ndarray]:
    """What is packed of pushes and balance, a row a frame, of a motion within one block."""
    n, width = len(reading.com), sum(PHYSICS.values()) + len(reading.ask(read_spin_parts).names)
    values = np.frombuffer(reading.ask(packed_physics).blocks[0], "<f4")
    return columns(values[: n * width].reshape(n, width), PHYSICS)
