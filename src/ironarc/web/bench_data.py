"""What the bench's scripts draw: poses as float32, and the reading as plain data."""

import numpy as np

from ironarc.core.card import travel_direction
from ironarc.core.findings import can_judge, find, flight_grade, grade_of
from ironarc.core.motion.channels import Dense
from ironarc.core.reading import Reading
from ironarc.core.reading.contacts import FOOT_POINTS, runs
from ironarc.core.reading.flights import Flight
from ironarc.core.reading_json import flight_to_plain
from ironarc.core.shot import Shot
from ironarc.core.truing.arc import asked_rise, gravity_arc

# Which contact points share a pier on the trestle
PIER_NAMES = {"palm": "hand"}


def motion_bytes(reading: Reading) -> bytes:
    """float32, little-endian: for each frame, for each joint: x, y, z (m), then w, x, y, z."""
    poses = reading.poses
    return np.concatenate([poses.position, poses.rotation], axis=-1).astype("<f4").tobytes()


def reading_data(reading: Reading) -> dict:
    """The reading for stage, trestle and plots. Heights are over the floor's own level, in metres."""
    findings = find(reading)
    spin = np.linalg.norm(reading.angular_momentum, axis=1)
    return {
        "floor": reading.floor_m,
        "g": reading.g,
        "grade": grade_of(findings),
        "com": np.round(reading.com, 5).tolist(),
        "plots": {
            "height": np.round((reading.com[:, 1] - reading.floor_m) * 100, 3).tolist(),
            "speed": np.round(reading.com_velocity[:, 1], 4).tolist(),
            "acceleration": np.round(reading.com_acceleration[:, 1] / reading.g, 4).tolist(),
            "spin": np.round(spin, 4).tolist(),
        },
        "piers": piers(reading),
        "flights": [flight_data(reading, f, flight_grade(f, findings)) for f in reading.flights],
        "findings": [vars(f) for f in findings],
    }


def flight_data(reading: Reading, flight: Flight, grade: str) -> dict:
    """A flight's numbers, its label, and the arc gravity asks for between its two ends."""
    asked = gravity_arc(reading, flight)
    return flight_to_plain(flight) | {
        "grade": grade,
        "judged": can_judge(flight, reading.g),
        "apex": flight.apex_frame,
        "take_off": flight.start - 1 if flight.take_off_seen else flight.start,
        "landing": flight.end + 1 if flight.landing_seen else flight.end,
        "label": f"{flight.hang_frames} f · {flight.hang_s:.2f} s · {flight.rise_m * 100:.0f} cm",
        "asked": np.round(asked, 5).tolist(),
        "asked_rise_m": asked_rise(reading, flight, asked),
    }


def piers(reading: Reading) -> list[dict]:
    """Spans by limb: [{limb, side, spans: [[first, last], …]}], feet always, others where they touch."""
    points = reading.body.anatomy.contact_points
    frames = reading.poses.frames
    limbs: dict[tuple[str, str], list[int]] = {}
    for i, point in enumerate(points):
        name = "foot" if point.point in FOOT_POINTS else PIER_NAMES.get(point.point, point.point)
        limbs.setdefault((name, point.side), []).append(i)
    out = []
    for (limb, side), columns in limbs.items():
        spans = [[int(frames[a]), int(frames[b - 1])] for a, b in runs(reading.on_ground[:, columns].any(axis=1))]
        if spans or limb == "foot":
            out.append({"limb": limb, "side": side, "spans": spans})
    order = {"foot": 0, "hand": 1}
    return sorted(out, key=lambda p: (order.get(p["limb"], 2), p["limb"], p["side"]))


def figure_data(shot: Shot, reading: Reading) -> dict:
    """What never changes with the frame: joints, and the solids of the mannequin."""
    return {
        "joints": len(shot.performer.rig),
        "height": reading.body.anatomy.height_m,
        "travel": np.round(travel_direction(reading), 5).tolist(),
        "parts": [
            {
                "joint": p.joint,
                "segment": p.segment or "other",
                "side": p.side,
                "mass": round(p.mass_kg, 3),
                "start": np.round(p.start_m, 5).tolist(),
                "end": np.round(p.end_m, 5).tolist(),
                "width": round(p.half_width_m, 5),
                "depth": round(p.half_depth_m, 5),
                "across": np.round(p.across, 5).tolist(),
            }
            for p in reading.body.parts
        ],
    }


def key_marks(shot: Shot) -> dict:
    """Frames with keys on the base layer: [[frame, share of the keyed joints that have one there], …];
    `dense` for a motion brought in, which has a value of every joint on every frame."""
    base = shot.performer.layers[0]
    if all(isinstance(column, Dense) for column in base.columns.values()):
        return {"dense": True, "frames": []}
    joints_at: dict[int, set[str]] = {}
    for (joint, _), column in base.columns.items():
        for frame in column.key_frames:
            joints_at.setdefault(int(frame), set()).add(joint)
    total = len(base.joints)
    inside = (f for f in sorted(joints_at) if shot.first_frame <= f <= shot.last_frame)
    return {"dense": False, "frames": [[f, round(len(joints_at[f]) / total, 3)] for f in inside]}
