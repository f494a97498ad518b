"""Another pace for a performer, with all that goes by its poses."""

from ironarc.core.document import Performer, Shot
from ironarc.core.edits.base import Together
from ironarc.core.edits.items import set_item_of
from ironarc.core.scene.timing import Timing


def retimed(shot: Shot, performer: Performer, timing: Timing, words: str) -> Together:
    """The edit that gives a performer another timing.

    What is told in its own frames (layers, loads, cuts, contacts, what is left as it is) follows by itself. Stills
    that belong to a key pose go with the pose, where the performer is the shot's first; marks lie on a film's own
    frames and stay with the film. Locked references stay too.
    """
    edits = [set_item_of(performer, {"timing": timing}, words)]
    if performer is shot.performer:
        for still in shot.references:
            if still.pose_frame is None or still.locked:
                continue
            there = timing.seen_frame(performer.timing.own_frame(still.pose_frame))
            if there != still.pose_frame:
                edits.append(set_item_of(still, {"pose_frame": there}, words))
    return Together(tuple(edits), words)
