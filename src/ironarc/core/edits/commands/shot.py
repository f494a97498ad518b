"""What is asked of the shot itself."""

from ironarc.core.document import Display
from ironarc.core.edits.base import Edit, clean_name
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.of_shot import Renumber, SetRate, SetShot
from ironarc.core.reading.shot import Seen, estimated_floor


@command
def rename_shot(seen: Seen, name: str) -> Edit:
    """Another name."""
    return SetShot({"name": name}, f"Rename the shot to {clean_name(name)}")


@command
def set_notes(seen: Seen, notes: str) -> Edit:
    """The shot's notes."""
    return SetShot({"notes": notes.strip()}, "Notes")


@command
def set_sequence(seen: Seen, sequence: str) -> Edit:
    """The sequence that the shot stands in, by name; in none for ""."""
    name = clean_name(sequence) if sequence.strip() else ""
    return SetShot({"sequence": name}, f"Sequence {name}" if name else "In no sequence")


@command
def set_rate(seen: Seen, rate: str, keep: str) -> Edit:
    """Another rate, as it is typed; keep : "seconds" or "frames"."""
    return SetRate(rate, keep)


@command
def set_range(seen: Seen, first: int, last: int) -> Edit:
    """Frames `first` to `last`."""
    return SetShot({"first_frame": first, "frames": last - first + 1}, f"Range {first} to {last}")


@command
def renumber(seen: Seen, first: int) -> Edit:
    """The number of the first frame."""
    return Renumber(first)


@command
def set_floor(seen: Seen, floor_m: float | None, slope_x: float = 0.0, slope_z: float = 0.0) -> Edit:
    """The floor at a height (m) over the origin, rising by so much a metre along x and z; or None to estimate it from
    the first performer's body, level."""
    words = "Estimate the floor" if floor_m is None else f"Floor at {floor_m * 100:.1f} cm"
    slope = (0.0, 0.0) if floor_m is None else (slope_x, slope_z)
    return SetShot({"floor_m": floor_m, "floor_by_hand": floor_m is not None, "floor_slope": slope}, words)


@command
def estimate_slope(seen: Seen) -> Edit:
    """The floor's height and slope as the first performer's body has them."""
    found = estimated_floor(seen.shot, tilted=True)
    changes = {"floor_m": found.height_m, "floor_by_hand": False, "floor_slope": found.slope}
    return SetShot(changes, "Estimate the floor and its slope")


@command
def set_gravity(seen: Seen, g: float) -> Edit:
    """The gravity the shot is held against, m/s²."""
    return SetShot({"g": g}, f"Gravity {g:g} m/s²")


@command
def set_display(seen: Seen, marker: bool, foot: bool, parts: bool, path_of: str, size: float) -> Edit:
    """What is shown of the weight; see Display."""
    return SetShot({"display": Display(marker, foot, parts, path_of, size)}, "What is shown of the weight")
