"""The readings of a shot as plain data: the public interface described in docs/reading-json.md."""

from collections.abc import Mapping, Sequence

import numpy as np

from ironarc.core.document import Limit, Performer, Shot
from ironarc.core.judging.findings import Finding, grade_of
from ironarc.core.judging.judge import judge, judge_all
from ironarc.core.judging.unjudged import unjudged_of_all
from ironarc.core.reading import Reading
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.contacts import frame_spans
from ironarc.core.reading.flights import Flight
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.impact import Push, read_pushes

SCHEMA = 3
Settles = Mapping[str, str]  # kind of finding -> name of the correction that settles it


def readings_to_plain(
    shot: Shot, readings: Mapping[str, Reading], settles: Settles, house: Sequence[Limit] = ()
) -> dict:
    """The whole reading of a shot, schema 3: `readings` by performer id; lengths in metres, world axes.

    house : limits of the house
    """
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
            **one_to_plain(shot, performer, readings[performer.id], settles, house),
        }
        for performer in shot.performers
    ]
    floor = readings[shot.performer.id].floor
    return {
        "schema": SCHEMA,
        **shot_to_plain(shot),
        "floor_m": floor.height_m,
        "floor_slope": list(floor.slope),
        "g": shot.g,
        "props": [
            {"id": p.id, "name": p.name, "kind": p.kind, "size_m": list(p.size_m), "at_m": list(p.at_m)}
            for p in shot.props
        ],
        "performers": performers,
        "grade": grade_of(judge_all(shot, readings, house)),
        "unjudged": unjudged_of_all(shot, readings),
    }


def shot_to_plain(shot: Shot) -> dict:
    """What a shot is called and how it plays."""
    return {"file": shot.source, "fps": shot.fps, "first_frame": shot.first_frame, "frames": shot.frames}


def one_to_plain(
    shot: Shot, performer: Performer, reading: Reading, settles: Settles, house: Sequence[Limit] = ()
) -> dict:
    """One performer's reading."""
    findings = judge(shot, performer, reading, house)
    body = reading.body
    forces, balance = reading.ask(read_forces), reading.ask(read_balance)
    frames = reading.poses.frames
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
                "easing_frames": frames[track.easing].tolist(),
                "moves_com_m": float(np.linalg.norm(reading.com - reading.body_com, axis=1).max()),
            }
            for track in reading.loads
        ],
        "com_m": reading.com.tolist(),
        "com_velocity_ms": reading.com_velocity.tolist(),
        "com_acceleration_ms2": reading.com_acceleration.tolist(),
        "angular_momentum_kgm2s": reading.angular_momentum.tolist(),
        "grf_bw": forces.grf.tolist(),
        "cop_m": _rows(forces.cop),
        "phantom_bw": forces.phantom.tolist(),
        "support_margin_m": _rows(balance.margin_m),
        "xcom_margin_m": _rows(balance.xcom_margin_m),
        "contacts": [
            {
                "joint": c.joint, "point": c.point, "surface": c.surface, "start": c.start, "end": c.end,
                "by_hand": c.by_hand, "grips": c.pulls,
            }
            for c in reading.contacts
        ],
        "in_doubt": [list(span) for span in frame_spans(reading.footing.doubt, frames)],
        "flights": [flight_to_plain(f) for f in reading.flights],
        "pushes": [push_to_plain(p) for p in reading.ask(read_pushes)],
        "findings": [finding_to_plain(f, settles) for f in findings],
        "grade": grade_of(findings),
    }  # fmt: skip


def _rows(values: np.ndarray) -> list:
    """Lists, with null where there is no number: JSON has no NaN."""
    return np.where(np.isfinite(values), values.astype(object), None).tolist()


def flight_to_plain(flight: Flight) -> dict:
    """A flight's numbers; lengths in metres."""
    return {
        "start": flight.start,
        "end": flight.end,
        "hang_frames": flight.hang_frames,
        "take_off_at": flight.take_off_at,
        "landing_at": flight.landing_at,
        "aloft_frames": flight.aloft_frames,
        "hang_s": flight.hang_s,
        "rise_m": flight.rise_m,
        "drop_m": flight.drop_m,
        "take_off_ms": flight.take_off_ms.tolist(),
        "landing_ms": flight.landing_ms.tolist(),
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
        "spin_gained": flight.spin_gained.tolist(),
        "spin_lost": flight.spin_lost.tolist(),
        "steps": [
            {"frame": step.frame, "shift_m": step.shift_m.tolist(), "speed_ms": step.speed_ms.tolist()}
            for step in flight.steps
        ],
    }


def push_to_plain(push: Push) -> dict:
    """A wind-up or a landing; lengths in metres, forces in body weights."""
    return {
        "flight": push.flight.start,
        "at": "take-off" if push.at_take_off else "landing",
        "start": push.start,
        "end": push.end,
        "speed_ms": push.speed_ms,
        "depth_m": push.depth_m,
        "mean_bw": push.mean_bw,
        "peak_bw": push.peak_bw,
        "wind_up_m": push.wind_up_m,
        "wind_up_frames": push.wind_up_frames,
        "recoil_m": push.recoil_m,
        "seen": push.seen,
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
        "part": finding.part,
        "cause": finding.cause,
    }
