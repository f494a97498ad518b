"""What lies on the shelf: a pose, or a short run of them, by name; as plain data, the same in the database and in a
file."""

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

from ironarc.core.edits.base import Edit, Together, clean_name
from ironarc.core.edits.keep import CHANGED, EASE, pose_edit
from ironarc.core.errors import EditError, FileError
from ironarc.core.posing.copied import Copied, copied, part_names
from ironarc.core.posing.moves import Paste, moved
from ironarc.core.posing.stand import Stand, ahead, stand_at
from ironarc.core.reading.shot import Seen

SCHEMA = 1
LONGEST_RUN = 120
MOST_JOINTS = 400


@dataclass(frozen=True)
class Kept:
    """A pose, or a run of them.

    poses : each with its frame, counted from the first; lines : (lines, 5) its picture, m: both ends of every part as
    seen from the front left (across, up), and how wide it is
    """

    name: str
    poses: tuple[tuple[int, Copied], ...]
    lines: tuple[tuple[float, ...], ...] = ()

    def checked(self) -> "Kept":
        """Itself; EditError for what can't be kept."""
        clean_name(self.name)
        if not 1 <= len(self.poses) <= LONGEST_RUN:
            raise EditError(f"A run on the shelf has 1 to {LONGEST_RUN} poses; this one has {len(self.poses)}.")
        frames = [frame for frame, _ in self.poses]
        if frames != sorted(set(frames)) or frames[0] != 0 or frames[-1] > 10_000:
            raise EditError("The poses of a run stand in the order of their frames, the first on 0.")
        for _, pose in self.poses:
            if len(pose.turns) > MOST_JOINTS:
                raise EditError(f"A pose has up to {MOST_JOINTS} joints.")
            pose.checked()
        return self


def kept_of(seen: Seen, name: str, frames: tuple[int, ...], parts: tuple[str, ...], lines=()) -> Kept:
    """The pose on a frame, or the run on several."""
    if not frames:
        raise EditError("Choose at least one frame to keep on the shelf.")
    at = sorted(set(frames))
    poses = tuple((f - at[0], copied(stand_at(seen, f), parts)) for f in at[: LONGEST_RUN + 1])
    return Kept(clean_name(name), poses, lines).checked()


def kept_clip(seen: Seen, name: str, start: int, end: int, lines=()) -> Kept:
    """A whole clip: all its frames, or as many of them as a run has, evenly apart, with its last."""
    step = -(-(end - start) // (LONGEST_RUN - 1)) or 1
    return kept_of(seen, name, (*range(start, end, step), end), (), lines)


def kept_to_plain(kept: Kept) -> dict[str, Any]:
    """JSON types; `kept_from_plain` reads them back."""
    return {
        "shelf": SCHEMA,
        "name": kept.name,
        "picture": [[round(v, 4) for v in line] for line in kept.lines],
        "poses": [
            {
                "frame": frame,
                "root": pose.root,
                "height": pose.height,
                "heading_rad": pose.heading_rad,
                "at_m": list(pose.at_m),
                "turns": {name: list(turn) for name, turn in pose.turns.items()},
            }
            for frame, pose in kept.poses
        ],
    }


def kept_from_plain(plain: Any) -> Kept:
    """The kept one of `kept_to_plain`. Raises FileError, with the pose and the joint, for what is none."""
    if not isinstance(plain, Mapping) or plain.get("shelf") != SCHEMA:
        raise FileError('This is nothing from a shelf: it must be an object with "shelf": 1.')
    try:
        poses = tuple((int(p["frame"]), _pose(p, i)) for i, p in enumerate(plain["poses"]))
        lines = tuple(tuple(float(v) for v in line) for line in plain.get("picture", ()))
        if any(len(line) != 5 for line in lines):
            raise FileError("Its picture can't be read: each line of it has five numbers.")
        return Kept(str(plain["name"]), poses, lines).checked()
    except EditError as error:
        raise FileError(str(error)) from None
    except (KeyError, TypeError, ValueError, AttributeError) as error:
        what = f"{error.args[0]} is missing" if isinstance(error, KeyError) else "a value is of the wrong kind"
        raise FileError(f"This pose can't be read: {what}.") from None


def _pose(plain: Mapping, number: int) -> Copied:
    turns = {}
    for name, turn in plain["turns"].items():
        if not (isinstance(turn, list) and len(turn) == 4 and all(isinstance(v, int | float) for v in turn)):
            raise FileError(
                f"The rotation of {str(name)[:40]} in pose {number + 1} is not valid: it must be four numbers."
            )
        turns[str(name)] = tuple(float(v) for v in turn)
    x, y, z = plain.get("at_m", (0.0, 0.0, 0.0))
    return Copied(
        turns, str(plain.get("root", "")), float(plain.get("height", 0.0)), float(plain.get("heading_rad", 0.0)),
        (float(x), float(y), float(z)),
    )  # fmt: skip


def put_on(
    seen: Seen, kept: Kept, frame: int, parts: tuple[str, ...], share: float, mirrored: bool, layer: str = ""
) -> tuple[Edit, list[str]]:
    """The edit that keys what is kept from a frame on, and what is to be said of what did not match."""
    shot = seen.shot
    last = frame + kept.poses[-1][0]
    if not shot.first_frame <= frame or last > shot.last_frame:
        raise EditError(
            f"{kept.name} would run from frame {frame} to {last}, outside the shot's {shot.first_frame} to "
            f"{shot.last_frame}. Begin earlier, or make the range longer in Set."
        )
    words = f"{kept.name} at {frame}" + (f", {share * 100:.0f} %" if share != 1 else "")
    edits, says, now = [], [], seen
    for offset, pose in kept.poses:
        before = stand_at(now, frame + offset)
        made = moved(before, [Paste("paste", pose, parts, share, mirrored)])
        says = says or list(made.says)
        edit = pose_edit(before, made.stand, words, layer, CHANGED, EASE)
        edits.append(edit)
        now = ahead(now, edit)
    return (edits[0] if len(edits) == 1 else Together(tuple(edits), words)), says


def matches(stand: Stand, kept: Kept) -> list[str]:
    """The parts of a body that what is kept has something for."""
    return part_names(stand, kept.poses[0][1])
