"""The Show panel: each flight before and after its corrections."""

from ironarc.web.panels.look import Look, flights_of
from ironarc.web.seeing import see


def context(look: Look) -> dict:
    return {"compared": _compared(look)}


def _compared(look: Look) -> list[tuple]:
    """Each flight as it came and as it is now, (before, now) as flight_data has them; none where nothing differs."""
    now = look.seen
    if not now.performer.corrections:
        return []
    before = flights_of(see(look.session, look.shot_id, look.revision, "before", now.performer.id))
    after = flights_of(now)

    def same(flight: dict) -> dict | None:
        """The flight over the same frames, at least in part: another one tells nothing of this."""
        return next((f for f in after if f["start"] <= flight["end"] and flight["start"] <= f["end"]), None)

    return [(flight, same(flight)) for flight in before]
