"""A skin that a performer wears, as the document keeps it, and what is measured on it."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property, lru_cache
from hashlib import blake2b

import numpy as np

from ironarc.core.errors import EditError
from ironarc.core.figure.anatomy import Anatomy, ContactPoint, find_anatomy
from ironarc.core.figure.body import Body, Part, weigh
from ironarc.core.figure.rig import Rig
from ironarc.core.figure.weighing import Weighing
from ironarc.core.skin.lighter import lighter
from ironarc.core.skin.mesh import SkinMesh
from ironarc.core.skin.volume import volumes

_LOW = 0.12  # of a foot's height: what lies as low as that is sole
_ENDS = 0.16  # of a foot's length: what lies as far back is heel, as far ahead toe
_LEAST_POINTS = 6
_DEEP = ("trunk", "head")
_SKIN = (0.02, 0.98)  # of the points, front to back, beyond which what sticks out is no skin to lie on
_PALM = 0.6  # of the way from the wrist to the fingers' ends


@dataclass(frozen=True)
class Touch:
    """Where a contact point lies on a skin. joint, point, side : as the anatomy has them; at : (3,) from the joint, in
    its axes and the rig's unit"""

    joint: str
    point: str
    side: str
    at: tuple[float, float, float]


@dataclass(frozen=True)
class Depth:
    """How deep a skin is about the axis of a part of the trunk, or the head, from front to back.

    joint, segment : of the part; middle : of the skin, off the part's axis along the second of its `across`; half : of
        its depth; rig units
    """

    joint: str
    segment: str
    middle: float
    half: float


@dataclass(frozen=True, eq=False)
class OwnSkin:
    """A skin that is worn.

    name : of the file it came in; packed : (bytes,) uint8, see `SkinMesh.packed`
    shares : of its whole volume, by joint; volume : in the rig's unit, cubed; open_edges : that only one triangle has
    touches : contact points measured on it; depths : of trunk and head; felt : whether those are used
    shown : in place of the mannequin; clay : without its colours and pictures
    """

    name: str
    packed: np.ndarray
    vertices: int
    triangles: int
    pictures: int
    volume: float
    open_edges: int
    shares: tuple[tuple[str, float], ...]
    touches: tuple[Touch, ...] = ()
    depths: tuple[Depth, ...] = ()
    felt: bool = True
    shown: bool = True
    clay: bool = False

    @cached_property
    def digest(self) -> str:
        """Skins with the same one are the same surface."""
        return blake2b(self.packed.tobytes(), digest_size=12).hexdigest()

    @cached_property
    def light(self) -> SkinMesh:
        """A lighter surface of the same shape."""
        return lighter(self.mesh)

    @cached_property
    def mesh(self) -> SkinMesh:
        """The surface itself."""
        return SkinMesh.unpacked(self.packed)

    def body_with(self, body: Body) -> Body:
        """A body that touches where the skin does; itself where the skin has nothing to say."""
        return _touching(body, self.touches, self.depths) if self.felt else body


# by identity, as bodies are known: what is worked out of a body is kept with it
@lru_cache(maxsize=64)
def _touching(body: Body, touches: tuple[Touch, ...], depths: tuple[Depth, ...]) -> Body:
    own = {(touch.joint, touch.point): touch for touch in touches}
    deep = {(depth.joint, depth.segment): depth for depth in depths}
    if not own and not deep:
        return body
    names = body.anatomy.rig.names

    def moved(point: ContactPoint) -> ContactPoint:
        touch = own.get((names[point.joint], point.point))
        return point if touch is None else replace(point, position_m=np.array(touch.at) * body.scale_to_m)

    def deepened(part: Part) -> Part:
        depth = deep.get((names[part.joint], part.segment))
        if depth is None:
            return part
        shift = depth.middle * body.scale_to_m * part.across[1]
        return replace(
            part, start_m=part.start_m + shift, end_m=part.end_m + shift, half_depth_m=depth.half * body.scale_to_m
        )

    points = tuple(moved(point) for point in body.anatomy.contact_points)
    parts = tuple(map(deepened, body.parts))
    return replace(body, anatomy=replace(body.anatomy, contact_points=points), parts=parts)


def own_skin(mesh: SkinMesh, name: str, rig: Rig, assigned: Mapping[str, str] | None = None) -> OwnSkin:
    """A skin as worn on a rig that has all its joints, measured. assigned : roles given by hand, by joint name"""
    by_joint, open_edges = volumes(mesh)
    whole = float(by_joint.sum())
    shares = [
        (joint, round(float(v) / whole, 6))
        for joint, v in zip(mesh.joints, by_joint, strict=True)
        if whole > 0 and v > 0
    ]
    images, assigned = len(mesh.images), dict(assigned or {})
    return OwnSkin(
        name, mesh.packed(), len(mesh.points), len(mesh.triangles), images, whole, open_edges, tuple(shares),
        touches_of(mesh, find_anatomy(rig, 1.0, assigned)), depths_of(mesh, rig, assigned),
    )  # fmt: skip


def depths_of(mesh: SkinMesh, rig: Rig, assigned: Mapping[str, str]) -> tuple[Depth, ...]:
    """How deep trunk and head are, by what hangs on each of their parts in the rest pose. What has too few points stays
    as deep as its mass has it."""
    try:
        body = weigh(rig, 1.0, Weighing(assigned=tuple(assigned.items())))
    except EditError:
        return ()  # no bone has a length
    out, held = [], mesh.held_by
    at = {name: i for i, name in enumerate(mesh.joints)}
    for part in body.parts:
        if part.segment not in _DEEP or rig.names[part.joint] not in at:
            continue
        own = mesh.points[held == at[rig.names[part.joint]]]
        if len(own) < _LEAST_POINTS:
            continue
        off = (own - rig.rest_positions[part.joint] - part.start_m) @ part.across[1]
        near, far = np.quantile(off, _SKIN)
        middle, half = round(float(near + far) / 2, 7), round(float(far - near) / 2, 7)
        if half > 0:
            out.append(Depth(rig.names[part.joint], part.segment, middle, half))
    return tuple(out)


def touches_of(mesh: SkinMesh, anatomy: Anatomy) -> tuple[Touch, ...]:
    """Soles and palms on the skin's own points. anatomy : of the rig in its own unit

    A foot's are the lowest of what hangs on it, at its rear, under the ball, and in front, in the rest pose. What has
    too few points keeps the place that the rig tells.
    """
    out: list[Touch] = []
    held = mesh.held_by
    at = {name: i for i, name in enumerate(mesh.joints)}
    rest = anatomy.rig.rest_positions
    for side in ("left", "right"):
        points = {p.point: p for p in anatomy.contact_points if p.side == side}
        joints = {p.joint for name, p in points.items() if name != "palm"}
        out += _sole(mesh, points, _on(mesh, held, at, anatomy, joints), anatomy, rest)
        if (palm := points.get("palm")) is not None:
            hand = _on(mesh, held, at, anatomy, {palm.joint})
            if len(hand) >= _LEAST_POINTS:
                middle = np.median(mesh.points[hand], axis=0) - rest[palm.joint]
                out.append(_touch(anatomy, palm, _PALM * palm.position_m + (1 - _PALM) * middle))
    return tuple(out)


def _on(mesh: SkinMesh, held: np.ndarray, at: Mapping[str, int], anatomy: Anatomy, joints: Sequence[int]) -> np.ndarray:
    """Numbers of points that hang on joints, or on what rides on them."""
    rig, wanted = anatomy.rig, set(joints)
    for i, joint in enumerate(rig.joints):
        if joint.parent in wanted:
            wanted.add(i)
    return np.flatnonzero(np.isin(held, [at[rig.names[j]] for j in wanted if rig.names[j] in at]))


def _sole(mesh, points, foot: np.ndarray, anatomy: Anatomy, rest: np.ndarray) -> list[Touch]:
    if len(foot) < _LEAST_POINTS or not {"heel", "ball", "toe"} <= points.keys():
        return []
    places = mesh.points[foot]
    along = places @ anatomy.forward
    rear, front = along.min(), along.max()
    low = places[:, 1] <= places[:, 1].min() + _LOW * np.ptp(places[:, 1])
    ball = float((rest[points["ball"].joint] + points["ball"].position_m) @ anatomy.forward)
    ends = {"heel": rear + _ENDS / 3 * (front - rear), "ball": np.clip(ball, rear, front), "toe": front}
    out = []
    for name, where in ends.items():
        near = low & (np.abs(along - where) <= _ENDS * (front - rear))
        if near.sum() < 3:
            return []
        place = places[near].mean(axis=0)
        place = place + (where - place @ anatomy.forward) * anatomy.forward
        place[1] = places[near, 1].min()
        out.append(_touch(anatomy, points[name], place - rest[points[name].joint]))
    return out


def _touch(anatomy: Anatomy, point: ContactPoint, at: np.ndarray) -> Touch:
    return Touch(anatomy.rig.names[point.joint], point.point, point.side, tuple(round(float(v), 7) for v in at))
