"""What the bench is told of a revision: when it asks for it, or along with the answer to an edit."""

from base64 import b64encode
from collections.abc import Mapping

from ironarc.core.judging.judge import blows_of
from ironarc.core.reading import Reading
from ironarc.web.bench_data import reading_data
from ironarc.web.keeping import mark
from ironarc.web.packed import KINDS, packed_motion
from ironarc.web.physics_data import physics_data
from ironarc.web.scene_data import scene_data
from ironarc.web.seeing import see, variants
from ironarc.web.variants import View

ALONG_BYTES = 1_000_000  # of blocks that come along with an answer, as text


def views_of(session, shot_id: int, revision: int) -> dict[str, View]:
    """All performers of a revision as they are seen, by id."""
    shot = variants().shot(session, shot_id, revision)
    return {p.id: see(session, shot_id, revision, who=p.id) for p in shot.performers}


def readings_of(session, shot_id: int, revision: int) -> dict[str, Reading]:
    """Readings of all performers by id, as the shot stands at a revision."""
    return {who: view.reading for who, view in views_of(session, shot_id, revision).items()}


def scene_of(session, shot_id: int, revision: int, early: bool = False) -> dict:
    """What stands in the shot. early : before anybody is read"""
    shot = variants().shot(session, shot_id, revision)
    if early:
        return scene_data(shot, {p.id: variants().early(session, shot_id, revision, p.id) for p in shot.performers})
    return scene_data(shot, readings_of(session, shot_id, revision))


def reading_of(session, shot_id: int, revision: int, variant: str, who: str, since: View | None = None) -> dict:
    """The reading of a performer in a variant, with the names of the blocks of everybody's motion. since : see
    `reading_data`"""
    shot = see(session, shot_id, revision).shot
    # whom an edit took away nobody reads any more
    who = who if who in {p.id for p in shot.performers} else shot.performer.id
    seen = see(session, shot_id, revision, variant, who)
    now = see(session, shot_id, revision, who=who)
    data = reading_data(seen, since)
    data |= {"who": who, "mark": mark(session)}
    data["motions"] = _motions(session, shot_id, revision, seen, variant)
    data["corrections"] = len(now.performer.corrections)
    data["cost"] = seen.proposal.cost.says if seen.proposal else None
    return data


def _motions(session, shot_id: int, revision: int, seen: View, variant: str) -> dict:
    """Of each performer the variant it is shown in and the names of its motion's blocks: a correction that is tried
    concerns one; the others stand as they are."""
    aside = "before" if variant == "before" else "now"
    out = {}
    for performer in see(session, shot_id, revision).shot.performers:
        mine = performer.id == seen.performer.id
        shown = seen if mine else see(session, shot_id, revision, aside, performer.id)
        names = shown.reading.ask(packed_motion).names
        out[performer.id] = {"as": variant if mine else aside, "blocks": names}
    return out


def shown_then(
    session, shot_id: int, revision: int, who: str, before: Mapping[str, View], has: str
) -> dict:  # fmt: skip
    """Scene, reading of performer `who`, footing and pushes after an edit, and the blocks of frames that it changed.

    before : what was seen before the edit; has : the mark of the reading of then, where the bench has it
    """
    told = {"scene": scene_of(session, shot_id, revision)}
    # by other limits of the house other things were found
    since = before.get(who) if has == mark(session) else None
    told["reading"] = reading = reading_of(session, shot_id, revision, "now", who, since)
    now = views_of(session, shot_id, revision)
    read = now[reading["who"]]
    told["physics"] = physics_data(read.reading, read.ask(blows_of))
    sent = []
    for kind, who in [("tracks", reading["who"]), ("physics", reading["who"]), *(("motion", who) for who in now)]:
        had = before[who].reading.known(KINDS[kind]) if who in before else None
        if had is not None:  # what was never shown is asked for as a whole
            packed = now[who].reading.ask(KINDS[kind])
            sent.append(packed.sent([i for i, name in enumerate(packed.names) if name not in had.names]))
    if sum(map(len, sent)) > ALONG_BYTES:
        return told  # so much comes faster as it is, asked for by itself
    return told | {"blocks": b64encode(b"".join(sent)).decode()}
