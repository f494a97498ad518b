"""The reading as plain data: the public interface described in docs/reading-json.md."""

from ironarc.core.findings import find, grade_of
from ironarc.core.reading import Reading
from ironarc.core.shot import Shot

SCHEMA = 1


def reading_to_plain(shot: Shot, reading: Reading) -> dict:
    """The whole reading of a shot; lengths in metres, world axes with the file's own orientation."""
    findings = find(reading)
    body = reading.body
    performer = shot.performer
    return {
        "schema": SCHEMA,
        "file": shot.source,
        "fps": shot.fps,
        "first_frame": shot.first_frame,
        "frames": shot.frames,
        "unit": {"scale_to_m": performer.scale_to_m, "guessed": performer.unit_guessed},
        "floor_m": reading.floor_m,
        "g": reading.g,
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
                    "com_m": p.com_m.tolist(),
                    "inertia_kgm2": p.inertia_kgm2.tolist(),
                }
                for p in body.parts
            ],
        },
        "com_m": reading.com.tolist(),
        "com_velocity_ms": reading.com_velocity.tolist(),
        "angular_momentum_kgm2s": reading.angular_momentum.tolist(),
        "contacts": [{"joint": c.joint, "point": c.point, "start": c.start, "end": c.end} for c in reading.contacts],
        "flights": [flight_to_plain(f) for f in reading.flights],
        "findings": [finding_to_plain(f) for f in findings],
        "grade": grade_of(findings),
    }


def flight_to_plain(flight) -> dict:
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
    }


def finding_to_plain(finding) -> dict:
    return dict(vars(finding))
