"""Another pace for a performer, with all that goes by its poses."""

from ironarc.core.document import Performer, Shot
from ironarc.core.edits.base import Together
from ironarc.core.edits.items import set_item_of
from ironarc.core.scene.timing import Timing


def retimed(shot: Shot, performer: Performer, timing: Timing, words: str) -> Together:
    """The edit that gives a performer another timing.

    What is told in its own frames (layers, loads, cuts, contacts, what is left as it is) follows by itself. Stills and
    marks that belong to a pose go with it, where the performer is the shot's first; other marks lie on a film's own
    frames and stay with the film. Locked references stay too.
    """
    edits = [set_item_of(performer, {"timing": timing}, words)]
    if performer is shot.performer:
        for found in shot.references:
            there = found.with_poses_at(lambda frame: timing.seen_frame(performer.timing.own_frame(frame)))
            if there != found and not found.locked:
                edits.append(set_item_of(found, {"pose_frame": there.pose_frame, "marks": there.marks}, words))
    return Together(tuple(edits), words)
