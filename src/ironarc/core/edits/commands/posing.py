"""What is asked of a pose: moves made and keyed, keys set as they stand, poses copied to other frames."""

from typing import Literal

from ironarc.core.edits.base import Edit, Together
from ironarc.core.edits.commands.registry import Frame, command
from ironarc.core.edits.keep import CHANGED, EASE, WHOLE, pose_edit
from ironarc.core.errors import EditError
from ironarc.core.figure.grips import joints_of
from ironarc.core.posing import Between, Mirror, Move, Paste, Reach, Reset, Turn, ahead, moved, stand_at
from ironarc.core.posing.copied import Copied, copied
from ironarc.core.reading.shot import Seen

LONGEST_EASE = 500


@command
def pose(
    seen: Seen, performer: str, frame: Frame, moves: tuple[Move, ...], layer: str = "",
    which: Literal["changed", "whole"] = CHANGED, ease: int = EASE,
) -> Edit:  # fmt: skip
    """Makes moves of the pose on a frame and keys what they changed, or the whole pose."""
    if not moves:
        raise EditError("Nothing was moved, so there is nothing to key.")
    before = stand_at(seen, frame)
    made = moved(before, moves)
    return pose_edit(before, made.stand, f"{says_of(moves)} at {frame}", layer, which, _ease(ease))


def says_of(moves: tuple[Move, ...]) -> str:
    """What moves do, in a few words."""
    if len(moves) > 1 and len({says_of((move,)) for move in moves}) > 1:
        return f"Pose in {len(moves)} moves"
    move = moves[0]
    if isinstance(move, Reach):
        return f"Move {' and '.join(move.grips[:2])}{' and more' if len(move.grips) > 2 else ''}"
    if isinstance(move, Turn):
        return f"Turn {move.grip}"
    if isinstance(move, Reset):
        what = {"rest": "rest", "came": "how it came", "previous": "the key before"}[move.to]
        return f"Reset {', '.join(move.parts[:3]) or 'the pose'} to {what}"
    if isinstance(move, Mirror):
        return "Mirror the pose" if move.how == "flip" else f"Pose {move.how}"
    if isinstance(move, Between):
        return f"Breakdown, {move.share * 100:.0f} % of the way"
    assert isinstance(move, Paste)
    return "Paste a pose" + (f", {move.share * 100:.0f} %" if move.share != 1 else "")


def _ease(ease: int) -> int:
    if not 1 <= ease <= LONGEST_EASE:
        raise EditError(f"A key on brought-in motion is eased over 1 to {LONGEST_EASE} frames; {ease} was given.")
    return ease


@command
def set_keys(
    seen: Seen, performer: str, frame: Frame, parts: tuple[str, ...] = (), layer: str = "", ease: int = EASE
) -> Edit:
    """Keys parts (all for none) as they stand on a frame."""
    stand = stand_at(seen, frame)
    joints = list(joints_of(stand.body, parts))
    words = f"Key {', '.join(parts[:3]) or 'the pose'} at {frame}"
    return pose_edit(stand, stand, words, layer, WHOLE, _ease(ease), joints)


@command
def copy_pose(
    seen: Seen, performer: str, frame: Frame, to: tuple[Frame, ...], parts: tuple[str, ...] = (), layer: str = "",
    share: float = 1.0, mirrored: bool = False, ease: int = EASE,
) -> Edit:  # fmt: skip
    """The pose on a frame, or of some parts, put on other frames; or a share of it, or mirrored."""
    if not to or len(to) > 100:
        raise EditError("A pose is copied to 1 up to 100 frames.")
    source = copied(stand_at(seen, frame), parts)
    words = f"Copy the pose of {frame} to {', '.join(map(str, to[:4]))}"
    edits, now = [], seen
    for other in to:
        before = stand_at(now, other)
        made = moved(before, [Paste("paste", source, parts, share, mirrored)])
        # a pose is held where nothing differs, too: every joint of it is keyed
        edit = pose_edit(before, made.stand, words, layer, WHOLE, _ease(ease), list(joints_of(before.body, parts)))
        edits.append(edit)
        now = ahead(now, edit)
    return edits[0] if len(edits) == 1 else Together(tuple(edits), words)


def pose_of(seen: Seen, frame: int, parts: tuple[str, ...]) -> Copied:
    """The pose on a frame, to be copied or kept."""
    return copied(stand_at(seen, frame), parts)
