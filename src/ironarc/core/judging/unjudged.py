"""What no grade is told of: motion there is none of, and bodies that are weighed by guess."""

from collections.abc import Mapping

from ironarc.core.document import Performer, Shot
from ironarc.core.judging.on_stance import ONE_POSE
from ironarc.core.reading import Reading

BY_GUESS = 0.12  # share of the joints, from which a body whose joints aren't understood is weighed by guess


def is_one_pose(reading: Reading) -> bool:
    """Whether the motion is a single pose that is held: its balance is judged, and nothing else can be."""
    first, end = reading.traced.plays
    return end - first < ONE_POSE


def unjudged(performer: Performer, reading: Reading) -> list[str]:
    """Sentences on what a grade of this performer says nothing of."""
    out = []
    if is_one_pose(reading):
        out.append(f"{performer.name} has one pose: only its balance is judged.")
    unknown, joints = len(reading.body.anatomy.unexplained), len(performer.rig)
    if unknown >= BY_GUESS * joints:
        out.append(
            f"{performer.name} is weighed by guess: {unknown} of {joints} joints not understood. Say what they are in "
            "Weigh."
        )
    return out


def unjudged_of_all(shot: Shot, readings: Mapping[str, Reading]) -> list[str]:
    """The same of every performer; readings by performer id."""
    return [words for p in shot.performers for words in unjudged(p, readings[p.id])]


def nothing_moves(shot: Shot, readings: Mapping[str, Reading]) -> bool:
    """Whether every performer is a single pose: "sound" would be said of no motion."""
    return all(is_one_pose(readings[p.id]) for p in shot.performers)
