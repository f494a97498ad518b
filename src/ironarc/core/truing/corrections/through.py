"""Push out what passes through a prop or through the body, by the limb that it hangs on."""

from dataclasses import dataclass

import numpy as np

from ironarc.core import rotation
from ironarc.core.errors import EditError
from ironarc.core.keying.thinning import smoothed
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.contacts import stands, way_out
from ironarc.core.reading.faults import THROUGH, ContactFault, contact_faults, single_parts
from ironarc.core.reading.skin import parts_of
from ironarc.core.truing.carry import Figure, end_of, limbs_that_reach
from ironarc.core.truing.correction import CM, FRAME, Correction, Place, Proposal, one_way, option
from ironarc.core.truing.difference import check_root
from ironarc.core.truing.proposing import proposed

NAME = "push_out"
LED_S = 0.15
ROUNDS = 4
LEAST_M = 0.02


@dataclass(frozen=True)
class Options:
    """start, end : frames on which something passes through; clear : cm that are left between"""

    start: int = option("from", FRAME)
    end: int = option("to", FRAME)
    clear: float = option("room left between", CM, 0, 50, default=1.0)


def _found(reading: Reading) -> list[ContactFault]:
    return [
        f for f in reading.ask(contact_faults) if f.kind == THROUGH and f.value_m > LEAST_M * reading.size
    ]  # fmt: skip


def places(seen: Seen) -> list[Place]:
    """Every part that passes through something."""
    return [
        one_way(f.start, f.end, Options(f.start, f.end), "Out by the limb, led around") for f in _found(seen.reading)
    ]  # fmt: skip


def propose(seen: Seen, options: Options) -> Proposal:
    """Parts pushed out. EditError where nothing passes through anything."""
    reading = seen.reading
    faults = [f for f in _found(reading) if f.start <= options.end and options.start <= f.end]
    if not faults:
        raise EditError(f"Nothing passes through anything from {options.start} to {options.end}.")
    first = int(reading.poses.frames[0])
    led = max(3, int(np.rint(LED_S / reading.poses.dt)))
    low, high = reading.traced.plays
    a = min(f.start for f in faults) - first
    b = max(f.end for f in faults) - first + 1
    at = slice(max(a - 2 * led, low), min(b + 2 * led, high))
    figure = Figure.of(reading, at)
    said = [_out(reading, figure, fault, at, led, options.clear / 100, seen) for fault in faults]
    return proposed(seen, figure, CORRECTION, f"{options.start}–{options.end}", " ".join(said))


def _out(
    reading: Reading, figure: Figure, fault: ContactFault, at: slice, led: int, clear: float, seen: Seen
) -> str:  # fmt: skip
    """Moves what a fault is about out; what was done, in words."""
    skin = reading.traced.track.skin
    parts = parts_of(skin, reading.body.anatomy.rig.names)
    for part in single_parts(fault.what):
        points = parts.get(part, np.array([], dtype=int))
        if not len(points):
            continue
        limb = _limb_of(reading, int(skin.points[points[0]].joint))
        for _ in range(ROUNDS):
            push = _needed(reading, figure, points, fault, at, led, clear)
            if np.abs(push).max() < 1e-3:
                break
            if limb is None:
                check_root(seen.performer)
                figure.shift(push)
            else:
                turn, place = figure.world()
                figure.reach(limb, end_of(limb, turn, place) + push)
    return f"{fault.what.capitalize()} out by {fault.value_m * 100:.0f} cm."


def _limb_of(reading: Reading, joint: int):
    rig = reading.poses.rig
    for limb in limbs_that_reach(reading.body, reading.poses):
        above = joint
        while above >= 0:
            if above == limb.upper:
                return limb
            above = int(rig.parents[above])
    return None


def _needed(
    reading: Reading, figure: Figure, points: np.ndarray, fault: ContactFault, at: slice, led: int, clear: float
) -> np.ndarray:  # fmt: skip
    """(frames, 3) m that the deepest of some points must move by, led in and out."""
    skin = reading.traced.track.skin
    turn, place = figure.world()
    joints = skin.joints[points]
    where = place[:, joints] + rotation.rotate(turn[:, joints], skin.local[points])
    prop = next((p for p in reading.traced.props if p.id == fault.surface), None)
    if prop is not None:
        centre, turned = prop.track(figure.was.frames)
        own = rotation.rotate(turned[:, None], where - centre[:, None], back=True)
        on_floor = stands(prop, reading.floor)
        depth = clear - prop.distance(own, on_floor)
        way = rotation.rotate(turned[:, None], way_out(prop, own, on_floor))
        inside = prop.distance(own, on_floor) < clear
    else:
        depth, way = _inside_body(reading, turn, place, where, clear)
        inside = depth > 0
    depth = np.where(inside, depth, 0.0)
    # only around what was found: elsewhere a part may rest
    rows = figure.was.frames
    near = (rows >= fault.start - led) & (rows <= fault.end + led)
    depth = np.where(near[:, None], depth, 0.0)
    which = depth.argmax(axis=1)
    index = np.arange(len(depth))
    most = depth[index, which]
    wide = np.array([most[max(i - led // 2, 0) : i + led // 2 + 1].max() for i in range(len(most))])
    size = np.maximum(smoothed(wide, float(led)), 0.0)
    ways = way[index, which]
    mean = (ways * most[:, None]).sum(axis=0)
    mean = mean / max(float(np.linalg.norm(mean)), 1e-9)
    return size[:, None] * mean


def _inside_body(reading: Reading, turn, place, where: np.ndarray, clear: float) -> tuple[np.ndarray, np.ndarray]:
    """(frames, points) m that points lie inside the trunk or the head, and (frames, points, 3) the way out."""
    depth = np.zeros(where.shape[:2])
    way = np.zeros(where.shape)
    for part in reading.body.parts:
        if part.segment not in ("trunk", "head"):
            continue
        axis = part.end_m - part.start_m
        own = rotation.rotate(turn[:, None, part.joint], where - place[:, None, part.joint], back=True)
        share = ((own - part.start_m) @ axis) / max(float(axis @ axis), 1e-9)
        off = own - part.start_m - share[..., None] * axis
        thin = min(part.half_width_m, part.half_depth_m)
        across = off @ part.across.T / [part.half_width_m, part.half_depth_m]
        inside = np.where((share > 0.02) & (share < 0.98), 1 - np.linalg.norm(across, axis=-1), 0.0) * thin
        deeper = inside + clear * (inside > 0) > depth
        depth = np.where(deeper, inside + clear * (inside > 0), depth)
        out = rotation.rotate(turn[:, None, part.joint], off)
        size = np.linalg.norm(out, axis=-1, keepdims=True)
        ahead = rotation.rotate(turn[:, None, part.joint], np.broadcast_to(part.across[1], off.shape))
        way = np.where(deeper[..., None], np.where(size > 1e-3, out / np.maximum(size, 1e-9), ahead), way)
    return depth, way


CORRECTION = Correction(
    NAME,
    "Push it out",
    "through",
    "What passes through a prop or the body is led around it by the limb it hangs on.",
    Options,
    (THROUGH,),
    places,
    propose,
    order=15,
    needs="Needs a part that passes through a prop or through the body. Props are added in Set.",
)
