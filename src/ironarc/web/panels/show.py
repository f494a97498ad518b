"""The Show panel: named clips and their order of play, each flight before and after its corrections."""

from dataclasses import dataclass

from ironarc.core.exchange.delivery import LAYERS, PREFIX, WRITTEN_IN
from ironarc.core.exchange.order import BLENDS, names_of
from ironarc.core.exchange.root_motion import TRAVELS
from ironarc.core.figure.grips import parts_of_body
from ironarc.core.judging import SOUND
from ironarc.core.judging.finding import RANK, Finding
from ironarc.core.reading.drawn_line import OffLine, off_line
from ironarc.core.reading.loops import falls_of, loop_seam
from ironarc.core.scene.rate import rate_text
from ironarc.core.scene.remark import STROKES
from ironarc.core.scene.strip import IN_PLACE, PLAYED, Strip
from ironarc.core.truing import CORRECTIONS, Try
from ironarc.core.truing.new_take import words_of_take
from ironarc.store import shots
from ironarc.web.panels.look import Look, flights_of
from ironarc.web.seeing import see
from ironarc.web.variants import View


def context(look: Look) -> dict:
    clips = _clips(look)
    order = names_of([c.strip for c in clips])
    return {
        "compared": _compared(look), "clips": clips, "played": PLAYED, "travels": TRAVELS, "units": WRITTEN_IN,
        "layers": LAYERS, "prefixed": any(PREFIX in name for name in look.seen.performer.rig.names),
        "rate": rate_text(look.shot.rate), "strips": look.seen.performer.strips_seen(),
        "order": order, "blends": BLENDS,
        "takes": shots.takes(look.session, look.shot_id, words_of_take(look.seen.performer)),
        "strokes": STROKES,
        "remarks": sorted(look.shot.remarks, key=lambda r: (r.settled, r.frame)), "off_lines": _off_lines(look),
        "parts": parts_of_body(look.seen.reading.body),
    }  # fmt: skip


def _off_lines(look: Look) -> dict[str, OffLine]:
    """By note, how far the spine on its frame is from the last line that was drawn for it."""
    out = {}
    for remark in look.shot.remarks:
        lines = [stroke for stroke in remark.strokes if stroke.kind == "line"]
        if lines and remark.performer in ("", look.seen.performer.id):
            found = off_line(look.seen.reading, remark.frame, lines[-1].points_m)
            out |= {remark.id: found} if found else {}
    return out


@dataclass(frozen=True)
class Clip:
    """A clip as it stands in the list.

    grade : the worst of what is found on its frames, its loop included
    halts : whether its last frame is its first one over again
    ways : what can be tried on it: labels with their tries
    """

    strip: Strip
    grade: str
    finding: Finding | None
    ways: tuple[tuple[str, Try], ...] = ()
    halts: bool = False


def _clips(look: Look) -> list[Clip]:
    view, out = look.seen, []
    for strip in view.performer.strips_seen():
        found = next((f for f in view.findings if f.cause == f"loop-{strip.id}"), None)
        ways = []
        for name in ("close_loop", "mirror_half", "travel", "breathe") if strip.is_loop else ():
            correction = CORRECTIONS[name]
            for place in view.ask(correction.places):
                if (place.options.start, place.options.end) == (strip.start, strip.end):
                    # how it goes over the ground is chosen on the form that opens
                    ways.append((correction.label, Try(correction, place.options)))
        within = [f.grade for f in view.findings if not f.left and f.start <= strip.end and f.end >= strip.start]
        grade = max([*within, found.grade if found else SOUND], key=RANK.__getitem__)
        out.append(Clip(strip, grade, found, tuple(ways), bool(found) and _halts(view, strip)))
    return out


def _halts(view: View, strip: Strip) -> bool:
    """Whether a loop ends on the pose it begins with."""
    first, poses = int(view.reading.poses.frames[0]), view.reading.poses
    a, b = max(strip.start - first, 0), min(strip.end - first, len(poses.frames) - 1)
    falls = falls_of(view.reading, a, b)
    return loop_seam(poses, view.reading.body, a, b, strip.played == IN_PLACE, falls).repeats


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
