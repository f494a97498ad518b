"""Schemas 1 and 2 of the reading, for those who ask for them: what schema 3 says without what it added."""

from collections.abc import Mapping

from ironarc.core.document import Performer, Shot
from ironarc.core.judging.reading_json import Settles, one_to_plain, readings_to_plain, shot_to_plain
from ironarc.core.reading import Reading

# What came with schema 3 and with schema 2, by what it is a part of
_NEW_IN_3 = {
    "": ("floor_slope", "unjudged"),
    "performer": (
        "com_acceleration_ms2", "grf_bw", "cop_m", "phantom_bw", "support_margin_m", "xcom_margin_m",
        "in_doubt", "pushes",
    ),
    "contacts": ("by_hand", "grips"),
    "flights": ("take_off_at", "landing_at", "aloft_frames", "landing_ms", "spin_gained", "spin_lost"),
    "findings": ("part", "cause"),
}  # fmt: skip
_NEW_IN_2 = {
    "performer": ("loads",),
    "contacts": ("surface",),
    "flights": ("steps",),
    "findings": ("id", "performer", "own", "left"),
    "segments": ("source", "locked", "confidence"),
}


def reading_to_plain_2(shot: Shot, readings: Mapping[str, Reading], settles: Settles) -> dict:
    """The whole reading of a shot in schema 2: `readings` by performer id."""
    out = readings_to_plain(shot, readings, settles)
    for one in out["performers"]:
        _without(one, _NEW_IN_3)
    return _drop(out, _NEW_IN_3[""]) | {"schema": 2}


def reading_to_plain_1(shot: Shot, reading: Reading, performer: Performer, settles: Settles) -> dict:
    """One performer's reading in schema 1, which knew no other surface than the floor."""
    one = one_to_plain(shot, performer, reading, settles)
    for new in (_NEW_IN_3, _NEW_IN_2):
        _without(one, new)
    return {"schema": 1, **shot_to_plain(shot), "floor_m": reading.floor_m, "g": reading.g, **one}


def _without(one: dict, new: Mapping[str, tuple[str, ...]]) -> None:
    _drop(one, new["performer"])
    for rows in ("contacts", "flights", "findings"):
        for row in one[rows]:
            _drop(row, new[rows])
    for segment in one["figure"]["segments"]:
        _drop(segment, new.get("segments", ()))


def _drop(row: dict, names: tuple[str, ...]) -> dict:
    for name in names:
        del row[name]
    return row
