"""Makes the demo's skinned character by code: Tansy in a long coat, hopping, as one .glb in the demo's folder."""

import io
from dataclasses import replace
from pathlib import Path

import numpy as np
from PIL import Image as Picture
from scipy.spatial import cKDTree

from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import TANSY, rig_of
from ironarc.core.figure.rig import Rig
from ironarc.core.mannequin import Mannequin, mannequin_of
from ironarc.core.mannequin.posed import posed
from ironarc.core.scene.placement import Placement
from ironarc.core.skin import Image, SkinMesh, own_skin
from ironarc.core.skin.mesh import joined, normals_of
from ironarc.demo import gap_hop
from ironarc.demo.posing import key_shot

OUT = Path(__file__).parents[1] / "src/ironarc/demo/reference/tansy_coat.glb"
CM = 0.01
ROUND, ROWS, SLEEVE_ROUND, SLEEVE_ROWS = 56, 30, 20, 14
LOOSE_M, THICK_M = 0.022, 0.006
# linear
SKIN, CAP, TROUSERS, BOOTS, COAT = (
    (0.45, 0.27, 0.18),
    (0.35, 0.06, 0.03),
    (0.16, 0.14, 0.11),
    (0.03, 0.025, 0.02),
    (1, 1, 1),
)
TRUNK = ("Hips", "Spine", "Chest", "UpperChest", "Neck", "LeftCollar", "RightCollar", "LeftUpLeg", "RightUpLeg")


def main() -> None:
    body = weigh(rig_of(TANSY), CM, TANSY.weighing)
    bare = undressed(body)
    mesh = replace(joined([bare, coat_over(bare)]), images=(Image("image/png", woven()),))
    # Bram's hop, by the same skeleton at her size
    shot = key_shot(replace(gap_hop.SCORE, name="PF-130 Coat on"))
    performer, times = shot.performer, TANSY.stature_cm / gap_hop.SCORE.member.stature_cm
    skin = own_skin(mesh.sized(1 / CM / times), OUT.name, performer.rig)
    dressed = replace(performer, placement=Placement(scale=times), skin=skin)
    OUT.write_bytes(motion_file(replace(shot, performers=(dressed,)), format="glb"))
    print(f"{OUT.name}: {len(mesh.points):,} vertices, {OUT.stat().st_size / 1024:,.0f} KB")


def undressed(body) -> SkinMesh:
    """Her mannequin in the rig's rest pose, its half-way bones shared out, painted by part; metres."""
    made = mannequin_of(body, TANSY.weighing.female)
    rig = body.anatomy.rig
    rest = rig.rest_positions * CM
    upright = np.tile([1.0, 0.0, 0.0, 0.0], (len(rig), 1))
    points = posed(made, upright, rest)
    shares = dense_shares(made, rig)
    mesh = on_joints(points, made.triangles, shares, rig)
    return replace(mesh, tints=clothes(mesh, rig, points), groups=np.array([[0, len(made.triangles), -1]]))


def dense_shares(made: Mannequin, rig: Rig) -> np.ndarray:
    """(n, joints): what hangs on a half-way bone hangs half on the joint and half on the one above."""
    out = np.zeros((len(made.points), len(rig)))
    rows = np.arange(len(out))
    for k in range(4):
        bone, share = made.bones[:, k], made.shares[:, k]
        own = bone < len(rig)
        np.add.at(out, (rows[own], bone[own]), share[own])
        halves = np.array(made.halves)[bone[~own] - len(rig)]
        np.add.at(out, (rows[~own], halves), share[~own] / 2)
        np.add.at(out, (rows[~own], rig.parents[halves]), share[~own] / 2)
    return out


def on_joints(points: np.ndarray, triangles: np.ndarray, shares: np.ndarray, rig: Rig) -> SkinMesh:
    bones = np.argsort(-shares, axis=1)[:, :4]
    top = np.take_along_axis(shares, bones, 1)
    return SkinMesh(
        points, normals_of(points, triangles), triangles, rig.names, bones, top / top.sum(axis=1, keepdims=True),
        np.ones((len(points), 3)), np.zeros((len(points), 2)), rig.rest_positions * CM, rig.parents,
        np.array([[0, len(triangles), -1]]),
    )  # fmt: skip


def clothes(mesh: SkinMesh, rig: Rig, points: np.ndarray) -> np.ndarray:
    held = np.array(rig.names)[mesh.held_by]
    rest = dict(zip(rig.names, rig.rest_positions * CM, strict=True))
    out = np.tile(TROUSERS, (len(points), 1))
    out[np.isin(held, ["Head", "Neck", "LeftHand", "RightHand"])] = SKIN
    brow = rest["Head"][1] + 0.105
    slanted = points[:, 1] - 0.25 * (points[:, 2] - rest["Head"][2])
    out[(held == "Head") & (slanted > brow - 0.015)] = CAP
    shaft = rest["LeftFoot"][1] + 0.6 * (rest["LeftLeg"][1] - rest["LeftFoot"][1])
    below = np.char.endswith(held, "Leg") | np.char.endswith(held, "Foot") | np.char.endswith(held, "Toe")
    out[below & (points[:, 1] < shaft)] = BOOTS
    return out


def coat_over(body: SkinMesh) -> SkinMesh:
    at = dict(zip(body.joints, body.rest, strict=True))
    held = np.array(body.joints)[body.held_by]
    trunk = np.isin(held, TRUNK)
    hem, collar = at["LeftLeg"][1] - 0.02, at["Neck"][1] + 0.02
    pieces = [shell(body, trunk, hem, collar, at)]
    for side in ("Left", "Right"):
        arm = np.isin(held, [f"{side}Arm", f"{side}ForeArm"])
        pieces.append(sleeve(body, arm, at[f"{side}Arm"], at[f"{side}Hand"]))
    return joined(pieces)


def shell(body: SkinMesh, trunk: np.ndarray, hem: float, collar: float, at) -> SkinMesh:
    """The coat's body: rings around the trunk, wide at the hem."""
    heights = np.linspace(hem, collar, ROWS)
    angle = np.linspace(0, 2 * np.pi, ROUND, endpoint=False)
    crotch = at["LeftUpLeg"][1] - 0.06
    wide, ahead, behind = (np.array(v) for v in zip(*(reach(body.points[trunk], y) for y in heights), strict=True))
    waist = np.searchsorted(heights, crotch + 0.1)
    for radii, flare in ((wide, 0.05), (ahead, 0.045), (behind, 0.06)):
        radii[:waist] = np.maximum(radii[waist], radii[:waist]) + flare * np.linspace(1, 0, waist) ** 1.3
        radii[:] = np.convolve(np.pad(radii, 2, mode="edge"), np.ones(5) / 5, mode="valid")
    depth = np.where(np.cos(angle)[None] > 0, ahead[:, None], behind[:, None])
    folds = 1 + 0.035 * np.cos(9 * angle)[None] * np.linspace(1, 0, ROWS)[:, None] ** 2
    x = wide[:, None] * np.sin(angle)[None] * folds
    z = depth * np.cos(angle)[None] * folds
    rings = np.stack([x, np.broadcast_to(heights[:, None], x.shape), z], axis=2)
    return tube(body, rings, body.points[trunk], np.flatnonzero(trunk), skirt=(hem, crotch + 0.06))


def reach(points: np.ndarray, y: float) -> tuple[float, float, float]:
    near = points[np.abs(points[:, 1] - y) < 0.03]
    return np.abs(near[:, 0]).max() + LOOSE_M, near[:, 2].max() + LOOSE_M, -near[:, 2].min() + LOOSE_M


def sleeve(body: SkinMesh, arm: np.ndarray, shoulder: np.ndarray, wrist: np.ndarray) -> SkinMesh:
    share = np.linspace(1.0, -0.09, SLEEVE_ROWS)
    angle = np.linspace(0, 2 * np.pi, SLEEVE_ROUND, endpoint=False)
    radius = np.interp(share, [-0.09, 0.0, 0.5, 1.0], [0.035, 0.062, 0.054, 0.05])
    centre = shoulder + share[:, None] * (wrist - shoulder) + [0, 0.01, 0]
    ring = np.stack([np.sin(angle), 0 * angle, np.cos(angle)], axis=1)
    rings = centre[:, None] + radius[:, None, None] * ring[None]
    return tube(body, rings, body.points[arm], np.flatnonzero(arm))


def tube(body: SkinMesh, rings: np.ndarray, near: np.ndarray, numbers: np.ndarray, skirt=None) -> SkinMesh:
    """A closed shell as thick as cloth through rings from below (rows, round, 3), hung as the body under it is."""
    rows, around = rings.shape[:2]
    middle = rings.mean(axis=1, keepdims=True)
    outward = rings - middle
    inner = middle + outward * (1 - THICK_M / np.linalg.norm(outward, axis=2, keepdims=True))
    points = np.concatenate([rings.reshape(-1, 3), inner.reshape(-1, 3)])
    n = rows * around
    a = (np.arange(rows - 1)[:, None] * around + np.arange(around)).ravel()
    b = (np.arange(rows - 1)[:, None] * around + (np.arange(around) + 1) % around).ravel()
    outside = np.concatenate([np.column_stack([a, b, b + around]), np.column_stack([a, b + around, a + around])])
    inside = outside[:, ::-1] + n
    edge = np.arange(around)
    nxt = (edge + 1) % around
    low = np.concatenate([np.column_stack([edge + n, nxt + n, nxt]), np.column_stack([edge + n, nxt, edge])])
    top = (rows - 1) * around
    high = np.concatenate(
        [
            np.column_stack([edge + top, nxt + top, nxt + top + n]),
            np.column_stack([edge + top, nxt + top + n, edge + top + n]),
        ]
    )
    triangles = np.concatenate([outside, inside, low, high])
    shares = hung(body, points, near, numbers)
    if skirt:
        shares = swinging(body, points, shares, skirt)
    bones = np.argsort(-shares, axis=1)[:, :4]
    top4 = np.take_along_axis(shares, bones, 1)
    uv = np.stack(np.meshgrid(np.arange(around) / around * 8, np.arange(rows) * 0.5), axis=2).reshape(-1, 2)
    return replace(
        body, points=points, normals=normals_of(points, triangles), triangles=triangles, bones=bones,
        shares=top4 / top4.sum(axis=1, keepdims=True), tints=np.tile(COAT, (len(points), 1)).astype(float),
        uv=np.concatenate([uv, uv]), groups=np.array([[0, len(triangles), 0]]),
    )  # fmt: skip


def hung(body: SkinMesh, points: np.ndarray, near: np.ndarray, numbers: np.ndarray) -> np.ndarray:
    """(n, joints) as the twelve nearest points of the body hang."""
    dense = np.zeros((len(body.points), len(body.joints)))
    np.add.at(dense, (np.arange(len(dense))[:, None], body.bones), body.shares)
    away, which = cKDTree(near).query(points, k=12)
    weight = 1 / (away + 0.01)
    return np.einsum("nk,nkj->nj", weight / weight.sum(axis=1, keepdims=True), dense[numbers[which]])


def swinging(body: SkinMesh, points: np.ndarray, shares: np.ndarray, skirt: tuple[float, float]) -> np.ndarray:
    """Below the hips the cloth goes with the hips, and the lower it is the more with the thigh of its side."""
    low, high = skirt
    down = np.clip((high - points[:, 1]) / (high - low), 0, 1)
    side = np.clip(points[:, 0] / 0.2 + 0.5, 0, 1)
    side = side * side * (3 - 2 * side)
    swung = np.zeros_like(shares)
    thigh = down**0.4
    swung[:, body.joints.index("Hips")] = 1 - thigh
    swung[:, body.joints.index("LeftUpLeg")] = thigh * side
    swung[:, body.joints.index("RightUpLeg")] = thigh * (1 - side)
    into = np.clip(down / 0.15, 0, 1)[:, None]
    return shares * (1 - into) + swung * into


def woven() -> bytes:
    """A check of ochre and pale lines on sea green, as a PNG."""
    size = 64
    x, y = np.meshgrid(np.arange(size), np.arange(size))
    cloth = np.tile(np.array([44, 74, 78], dtype=float), (size, size, 1))
    cloth += 6 * (((x + y) % 4 < 2).astype(float)[..., None] - 0.5)
    for start, colour, share in ((6, (176, 124, 52), 0.75), (38, (214, 204, 178), 0.5)):
        for line in (x, y):
            on = ((line - start) % size < 4)[..., None]
            cloth = np.where(on, cloth * (1 - share) + np.array(colour) * share, cloth)
    out = io.BytesIO()
    Picture.fromarray(cloth.clip(0, 255).astype(np.uint8)).save(out, "PNG", optimize=True)
    return out.getvalue()


if __name__ == "__main__":
    main()
