"""What stands in a shot, as plain data for the bench: performers and their keys, props, references, guides."""

from collections.abc import Mapping
from dataclasses import asdict

import numpy as np

from ironarc.core.columns import Dense
from ironarc.core.document import Performer, Shot
from ironarc.core.figure.grips import limbs_of
from ironarc.core.motion.ik import unit
from ironarc.core.motion.layers import LET_GO
from ironarc.core.reading import Reading
from ironarc.core.reading.early import Early
from ironarc.core.reading.loops import falls_of, loop_seam
from ironarc.core.reading.points import guided
from ironarc.core.reading.travel import travel_direction
from ironarc.core.scene.camera import Camera
from ironarc.core.scene.guide import Guide
from ironarc.core.scene.markers import MarkerSet
from ironarc.core.scene.props import Prop
from ironarc.core.scene.rate import rate_text
from ironarc.core.scene.reference import Reference
from ironarc.core.scene.strip import IN_PLACE, LEAST_LOOP, Strip
from ironarc.web.physics_data import line_of_action
from ironarc.web.skins import look_of


def figure_data(performer: Performer, reading: Reading | Early) -> dict:
    """What never changes with the frame: joints, what it is drawn from by its digest, what it stands on, the bones
    that may stretch, and where the mass is."""
    return {
        "shape": look_of(performer, reading.body),
        "soles": [
            {"joint": point.joint, "at": np.round(point.position_m, 4).tolist(), "hand": point.point == "palm"}
            for point in reading.body.anatomy.contact_points
        ],
        "joints": len(performer.rig),
        "height": reading.body.anatomy.height_m,
        "line": line_of_action(reading),
        "travel": np.round(travel_direction(reading), 5).tolist(),
        "limb_bones": [
            {"joint": at, "to": to, "length": round(float(np.linalg.norm(bone)), 5), "along": unit(bone).tolist()}
            for limb in limbs_of(reading.body)
            for at, to in ((limb.upper, limb.lower), (limb.lower, limb.end))
            if to >= 0 and np.linalg.norm(bone := reading.body.anatomy.rig.offsets[to] * reading.body.scale_to_m) > 0
        ],
        "parts": [
            {"joint": p.joint, "mass": round(p.mass_kg, 3), "com": np.round(p.com_m, 5).tolist()}
            for p in reading.body.parts
        ],
    }


def key_marks(shot: Shot, performer: Performer) -> dict:
    """Frames with keys on the base layer: [[frame, share of the keyed joints that have one there], …];
    `dense` for a motion brought in, which has a value of every joint on every frame."""
    base = performer.layers[0]
    if all(isinstance(column, Dense) for column in base.columns.values()):
        return {"dense": True, "frames": []}
    keyed: dict[int, set[str]] = {}  # by own frame
    for (joint, _), column in base.columns.items():
        for frame in column.key_frames:
            keyed.setdefault(int(frame), set()).add(joint)
    first, last = performer.timing.kept(performer.clip)
    joints_at: dict[int, set[str]] = {}
    for frame, joints in keyed.items():
        if first <= frame <= last and not any(c.start <= frame <= c.end for c in performer.timing.cuts):
            joints_at.setdefault(performer.timing.seen_frame(frame), set()).update(joints)
    total = len(base.joints)
    inside = (f for f in sorted(joints_at) if shot.first_frame <= f <= shot.last_frame)
    return {"dense": False, "frames": [[f, round(len(joints_at[f]) / total, 3)] for f in inside]}


def scene_data(shot: Shot, readings: Mapping[str, Reading | Early]) -> dict:
    """What stands on the stage besides poses: figures, props, references and guides; readings by performer id, or
    what is known before them."""
    return {
        "fps": shot.fps,
        "rate": rate_text(shot.rate),
        "first": shot.first_frame,
        "last": shot.last_frame,
        "floor": readings[shot.performer.id].floor_m,
        "g": shot.g,
        "name": shot.name,
        "display": asdict(shot.display),
        "performers": [_performer_data(shot, p, readings[p.id]) for p in shot.performers],
        "props": [_prop_data(shot, p) for p in shot.props],
        "references": [_reference_data(shot, r) for r in shot.references],
        "guides": [_guide_data(shot, g) for g in shot.guides],
        "cameras": [_camera_data(shot, c) for c in shot.cameras],
        "marker_sets": [_markers_data(m) for m in shot.marker_sets],
        "remarks": [
            {"id": r.id, "frame": r.frame, "by": r.by, "text": r.text, "strokes": [asdict(s) for s in r.strokes]}
            for r in shot.remarks
            if not r.settled
        ],
    }


def _common(item) -> dict:
    return {"id": item.id, "name": item.name, "hidden": item.hidden, "locked": item.locked}


def _performer_data(shot: Shot, performer: Performer, reading: Reading | Early) -> dict:
    placement = performer.placement
    return _common(performer) | {
        "figure": figure_data(performer, reading),
        "joints": performer.rig.names,
        "keys": key_marks(shot, performer),
        "corrected": bool(performer.corrections),
        "plays": performer.plays,
        "seams": performer.timing.seams(),
        "strips": [asdict(strip) | {"round": _round(strip, reading)} for strip in performer.strips_seen()],
        "falls": _falls(performer),
        "placement": {"offset": placement.offset_m, "turn": placement.turn_rad, "scale": placement.scale},
    }


def _round(strip: Strip, reading: Reading | Early) -> dict | None:
    """What carries a loop from one round to the next: (3,) m it goes by and rad it turns by; None for no loop."""
    frames = reading.poses.frames
    a, b = (int(np.clip(frame - frames[0], 0, len(frames) - 1)) for frame in (strip.start, strip.end))
    if not strip.is_loop or b - a + 1 < LEAST_LOOP:
        return None
    falls = falls_of(reading, a, b)
    found = loop_seam(reading.poses, reading.body, a, b, strip.played == IN_PLACE, falls)
    down = float(2 * falls[b] - falls[b - 1])  # what falls is a frame further down as it begins again
    return {"place": [float(found.place[0]), down, float(found.place[2])], "yaw": found.yaw}


def _falls(performer: Performer) -> list[dict]:
    """The spans that it was let go on, as they are played."""
    out = []
    for layer in performer.corrections:
        if layer.made_by == LET_GO and layer.span is not None:
            start, end = map(performer.timing.seen_frame, layer.span)
            out.append({"layer": layer.id, "name": layer.name, "start": start, "end": end, "muted": layer.muted})
    return out


def _prop_data(shot: Shot, prop: Prop) -> dict:
    """Place and turn (x y z, w x y z) of its foot: one row, or one a frame for a prop that moves."""
    frames = shot.frame_numbers() if prop.is_keyed or prop.holds else np.array([shot.first_frame])
    at, turn = shot.track_of(prop, frames)
    return _common(prop) | {
        "kind": prop.kind,
        "size": prop.size_m,
        "solids": [
            {
                "kind": s.kind,
                "size": s.size_m,
                "at": s.at_m,
                "turn": np.round(s.turn, 6).tolist(),
                "shape": s.shape.digest if s.shape else "",
            }
            for s in prop.solids
        ],
        "center": np.round(prop.center_m, 5).tolist(),
        "at": prop.at_m,
        "turn": prop.turn_rad,
        "track": np.round(np.hstack([at, turn]), 5).tolist(),
        "hung_from": prop.hung_from_m,
        "holds_another": any(p.link is not None and p.link.to == prop.id for p in shot.props),
        "flight": _flight_data(prop),
    }


def _flight_data(prop: Prop) -> dict | None:
    """That a prop moves by itself: its frames, and what it meets when; None where it doesn't."""
    if prop.flight is None:
        return None
    touches = [
        {"frame": round(t.frame, 2), "surface": t.surface, "speed": round(t.speed_ms, 2)} for t in prop.flight.touches
    ]
    return {"start": prop.flight.start, "end": prop.flight.rests or prop.flight.end, "touches": touches}


def _reference_data(shot: Shot, reference: Reference) -> dict:
    backdrop = reference.backdrop
    return _common(reference) | {
        "kind": reference.kind,
        "files": reference.files,
        "width": reference.width,
        "height": reference.height,
        "rate": reference.rate_fps,
        "shown": reference.shown,
        "opacity": reference.opacity,
        "mirrored": reference.mirrored,
        "number_from": reference.number_from,
        "plays": [reference.first, reference.shot_frame(reference.out_frame + 1, shot.rate) - 1],
        "own": reference.own_frames(shot.frame_numbers(), shot.rate).tolist(),
        "lines": {"floor": reference.floor_line, "up": reference.up_line, "length": reference.length_line},
        "length_m": reference.length_m,
        "pose_frame": reference.pose_frame,
        "backdrop": {
            "width": backdrop.width_m, "height": backdrop.height_m, "centre": backdrop.centre_m,
            "roll": backdrop.roll_rad, "facing": reference.facing_rad, "across": reference.across_m,
            "behind": reference.behind_m,
        },
        "marks": [
            {
                "own": m.frame, "word": m.word, "frame": reference.marked_frame(m, shot.rate),
                "pose_frame": m.pose_frame,
            }
            for m in reference.marks
        ],
    }  # fmt: skip


def _camera_data(shot: Shot, camera: Camera) -> dict:
    """Its lens, its keys, and its track (CHANNELS) on every frame, or once where it stands still."""
    still = len(camera.key_frames) == 1
    frames = shot.frame_numbers()[:1] if still else shot.frame_numbers()
    return _common(camera) | {
        "sensor": camera.sensor_mm,
        "aspect": camera.aspect,
        "keys": camera.key_frames,
        "track": np.round(camera.track(frames), 5).tolist(),
    }


def _markers_data(markers: MarkerSet) -> dict:
    """Where they are comes as `packed_markers` has it."""
    x, up, z = markers.placement.offset_m
    return _common(markers) | {
        "names": markers.names,
        "performer": markers.performer,
        "placement": {"offset": [x, up, z], "turn": markers.placement.turn_rad, "scale": markers.placement.scale},
    }


def _guide_data(shot: Shot, guide: Guide) -> dict:
    frames = guide.frame_numbers()
    path = guide.path(frames, shot.frame_time_s, shot.g)
    return _common(guide) | {
        "curve": guide.kind,
        "of": guide.of,
        "performer": (guided(shot, guide) or shot.performer).id,
        "points": guide.points_m,
        "first": guide.first,
        "frames": guide.frames,
        "path": np.round(path, 5).tolist(),
    }
