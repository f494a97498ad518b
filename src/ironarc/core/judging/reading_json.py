"""The readings of a shot as plain data: the public interface described in docs/reading-json.md."""

from collections.abc import Mapping

import numpy as np

from ironarc.core.document import Performer, Shot
from ironarc.core.judging.findings import Finding, grade_of
from ironarc.core.judging.judge import judge, judge_all
from ironarc.core.reading import Reading
from ironarc.core.reading.flights import Flight

SCHEMA = 2
Settles = Mapping[str, str]  # kind of finding -> name of the correction that settles it


def readings_to_plain(shot: Shot, readings: Mapping[str, Reading], settles: Settles) -> dict:
    """The whole reading of a shot, schema 2: `readings` by performer id; lengths in metres, world axes."""
    performers = [
        {
            "id": performer.id,
            "name": performer.name,
            "plays": list(performer.plays),
            "placement": {
                "offset_m": list(performer.placement.offset_m),
                "turn_rad": performer.placement.turn_rad,
                "scale": performer.placement.scale,
            },
            **_one(shot, performer, readings[performer.id], settles),
        }
        for performer in shot.performers
    ]
    return {
        "schema": SCHEMA,
        **_shot(shot),
        "floor_m": readings[shot.performer.id].floor_m,
        "g": shot.g,
        "props": [
            {"id": p.id, "name": p.name, "kind": p.kind, "size_m": list(p.size_m), "at_m": list(p.at_m)}
            for p in shot.props
        ],
        "performers": performers,
        "grade": grade_of(judge_all(shot, readings)),
    }


def reading_to_plain_1(shot: Shot, reading: Reading, performer: Performer, settles: Settles) -> dict:
    """One performer's reading in schema 1, which knew no other surface than the floor."""
    one = _one(shot, performer, reading, settles)
    for contact in one["contacts"]:
        del contact["surface"]
    del one["loads"]
    for flight in one["flights"]:
        del flight["steps"]
    for finding in one["findings"]:
        for name in ("id", "performer", "own", "left"):
            del finding[name]
    for segment in one["figure"]["segments"]:
        for name in ("source", "locked", "confidence"):
            del segment[name]
    return {"schema": 1, **_shot(shot), "floor_m": reading.floor_m, "g": reading.g, **one}


def _shot(shot: Shot) -> dict:
    return {"file": shot.source, "fps": shot.fps, "first_frame": shot.first_frame, "frames": shot.frames}


def _one(shot: Shot, performer: Performer, reading: Reading, settles: Settles) -> dict:
    findings = judge(shot, performer, reading)
    body = reading.body
    return {
        "unit": {"scale_to_m": performer.scale_to_m, "guessed": performer.unit_guessed},
        "figure": {
            "height_m": body.anatomy.height_m,
            "mass_kg": body.mass_kg,
            "joints": len(performer.rig),
            "unexplained": body.anatomy.unexplained,
            "segments": [
                {
                    "joint": performer.rig.names[p.joint],
                    "segment": p.segment,
                    "mass_kg": p.mass_kg,
                    "source": p.source,
                    "locked": p.locked,
                    "confidence": p.confidence,
                    "com_m": p.com_m.tolist(),
                    "inertia_kgm2": p.inertia_kgm2.tolist(),
                }
                for p in body.parts
            ],
        },
        "loads": [
            {
                "name": track.load.name,
                "joints": list(track.load.joints),
                "mass_kg": track.load.mass_kg,
                "start": performer.timing.seen_frame(track.load.start),
                "end": performer.timing.seen_frame(track.load.end),
                "easing_frames": reading.poses.frames[track.easing].tolist(),
                "moves_com_m": float(np.linalg.norm(reading.com - reading.body_com, axis=1).max()),
            }
            for track in reading.loads
        ],
        "com_m": reading.com.tolist(),
        "com_velocity_ms": reading.com_velocity.tolist(),
        "angular_momentum_kgm2s": reading.angular_momentum.tolist(),
        "contacts": [
            {"joint": c.joint, "point": c.point, "surface": c.surface, "start": c.start, "end": c.end}
            for c in reading.contacts
        ],
        "flights": [flight_to_plain(f) for f in reading.flights],
        "findings": [finding_to_plain(f, settles) for f in findings],
        "grade": grade_of(findings),
    }


def flight_to_plain(flight: Flight) -> dict:
    """A flight's numbers; lengths in metres."""
    return {
        "start": flight.start,
        "end": flight.end,
        "hang_frames": flight.hang_frames,
        "hang_s": flight.hang_s,
        "rise_m": flight.rise_m,
        "drop_m": flight.drop_m,
        "take_off_ms": flight.take_off_ms.tolist(),
        "implied_g": flight.implied_g,
        # a flight of three frames has no error of its own: JSON has no infinity
        "implied_g_se": flight.implied_g_se if flight.hang_frames > 3 else None,
        "arc_rms_m": flight.arc_rms_m,
        "arc_max_m": flight.arc_max_m,
        "speed_factor": flight.speed_factor,
        "spin": {
            "mean": flight.spin.mean.tolist(),
            "rms_dev": flight.spin.rms_dev,
            "turns_per_s": flight.spin.turns_per_s,
        },
        "steps": [
            {"frame": step.frame, "shift_m": step.shift_m.tolist(), "speed_ms": step.speed_ms.tolist()}
            for step in flight.steps
        ],
    }


def finding_to_plain(finding: Finding, settles: Settles) -> dict:
    """A finding's facts, the correction that settles it, and why it is left as it is where it is."""
    return {
        "kind": finding.kind,
        "grade": finding.grade,
        "start": finding.start,
        "end": finding.end,
        "value": finding.value,
        "unit": finding.unit,
        "limit": finding.limit,
        "says": finding.says,
        "true_with": settles.get(finding.kind),
        "id": finding.id,
        "performer": finding.performer,
        "own": list(finding.own),
        "left": finding.left,
    }
