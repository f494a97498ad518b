"""What was asked of a correction, kept with its layer, so that it can be asked again when something below has changed.

Frames are kept as shares of the layer's span and numbers of frames with the time of one, so that they carry over slips,
rate changes and retiming, which move and stretch that span.
"""

import json
from collections.abc import Mapping
from dataclasses import fields, replace
from typing import Any

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.document.content import content_below
from ironarc.core.motion.layers import Layer
from ironarc.core.truing.correction import FRAME, FRAMES, Correction, Try


def with_asked(shot: Shot, performer: Performer, layer: Layer, wanted: Try) -> Layer:
    """The layer with what was asked of it, and what lay below it."""
    first, last = layer.span
    low, high = (performer.timing.seen_frame(f) for f in (first, last))
    options = wanted.plain
    for f in fields(wanted.options):
        if f.metadata.get("unit") == FRAME:
            options[f.name] = (options[f.name] - low) / max(high - low, 1)
    asked = json.dumps({"correction": wanted.correction.name, "options": options, "dt": shot.frame_time_s})
    return replace(layer, asked=asked, below=content_below(shot, performer, len(performer.layers)))


def asked_of(shot: Shot, performer: Performer, layer: Layer, known: Mapping[str, Correction]) -> Try | None:
    """What a correction's layer was asked for, in the shot's frames as they are now; None for one that was not kept."""
    if not layer.asked or layer.span is None:
        return None
    plain: dict[str, Any] = json.loads(layer.asked)
    found = known.get(plain["correction"])
    if found is None:
        return None
    low, high = (performer.timing.seen_frame(f) for f in layer.span)
    options, pace = plain["options"], plain["dt"] / shot.frame_time_s
    known_fields = {f.name: f for f in fields(found.options)}
    out = {}
    for name, value in options.items():
        if name not in known_fields:
            continue
        unit = known_fields[name].metadata.get("unit")
        if unit == FRAME:
            value = int(np.rint(low + value * max(high - low, 1)))
        elif unit == FRAMES and value > 0:
            value = int(np.rint(value * pace))
        out[name] = value
    return Try.of(found.name, out, known)
