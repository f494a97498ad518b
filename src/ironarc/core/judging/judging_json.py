"""How a shot is judged, as a file to lie beside a motion: limits that were changed, and what is left as it is."""

from collections.abc import Mapping
from dataclasses import replace

from ironarc.core.document import Left, Limit, Performer, Shot
from ironarc.core.errors import EditError, FileError
from ironarc.core.judging.grades import GRADES
from ironarc.core.settings import MAX_NUMBER
from ironarc.core.whole_numbers import whole_number

FORM = 1


def judging_to_plain(shot: Shot, performer: Performer) -> dict:
    """Limits of the shot and what one performer leaves, in its own frames."""
    return {
        "judging": FORM,
        "limits": {x.kind: [x.strained, x.cracked] for x in shot.limits},
        "left": [
            {
                "kind": x.kind,
                "part": x.part,
                "start": x.start,
                "end": x.end,
                "reason": x.reason,
                "value": x.value,
            }
            for x in performer.left
        ],
    }


def _frame(given: object) -> int:
    """A frame as the file has it; ValueError for what is none."""
    frame = whole_number(str(given))
    if frame is None:
        raise ValueError(given)
    return frame


def with_judging(shot: Shot, plain: object) -> Shot:
    """The shot's first performer judged as `plain` says. FileError for what is no such file."""
    if not isinstance(plain, Mapping) or plain.get("judging") != FORM:
        raise FileError('It must be an object with "judging": 1. Export one from the bench, under Show.')
    try:
        limits = tuple(
            Limit(str(kind), float(strained), float(cracked))
            for kind, (strained, cracked) in dict(plain.get("limits", {})).items()
        )
        left = tuple(
            Left(
                str(x["kind"]),
                _frame(x["start"]),
                _frame(x["end"]),
                str(x["reason"]),
                str(x.get("part", "")),
                float(x.get("value", 0.0)),
            ).checked()
            for x in plain.get("left", ())
        )
    except EditError as error:
        raise FileError(str(error)) from error
    except (TypeError, ValueError, KeyError, AttributeError, OverflowError) as error:
        raise FileError(
            "“limits” holds [strained, cracked] by kind, and “left” rows with kind, start, end and reason."
        ) from error
    for limit in limits:
        if limit.kind not in GRADES or not 0 < limit.strained <= limit.cracked <= MAX_NUMBER:
            raise FileError(f"The limits of {limit.kind} can't be: more than 0, and strained before cracked.")
    return replace(shot, limits=limits).with_item(replace(shot.performer, left=left))
