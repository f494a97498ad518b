"""The mannequin's surface: closed, as large as the body weighs, and hung on the bones that carry it."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation as rot
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import BRAM, HALLORAN, STOCK, TANSY, rig_of
from ironarc.core.figure.rig import EndSite, Joint, Rig, forward
from ironarc.core.figure.weighing import Weighing
from ironarc.core.mannequin import FINE, LIGHT, known_by, mannequin_of, outlines, posed, shown_figure
from ironarc.core.mannequin.fields import Box, Cone, Disc, Ellipsoid, Sweep
from ironarc.core.mannequin.nets import Finer, Solid, Warp, surface
from ironarc.core.mannequin.painting import FACE, MIDDLE, PALE
from tests.conftest import demo

X, Y, Z = np.eye(3)
EVEN = [(0, *(0.1,) * 4), (1, *(0.1,) * 4)]
AWAY = np.array([1.0, 2.0, 3.0])


def body_of(member):
    return weigh(rig_of(member), 0.01, member.weighing)


@pytest.fixture(scope="module")
def crew():
    return {name: mannequin_of(body_of(m), m.weighing.female, LIGHT) for name, m in STOCK.items()}


@pytest.fixture(scope="module")
def bram():
    return mannequin_of(body_of(BRAM), 0.0, FINE)


def open_edges(triangles):
    """Edges that do not have a triangle on either side as often as on the other."""
    ways = np.concatenate([triangles[:, [0, 1]], triangles[:, [1, 2]], triangles[:, [2, 0]]])
    _, at = np.unique(np.sort(ways, axis=1), axis=0, return_inverse=True)
    return int((np.bincount(at.ravel(), np.where(ways[:, 0] < ways[:, 1], 1, -1)) != 0).sum())


def volume(points, triangles):
    a, b, c = (points[triangles[:, i]] for i in range(3))
    return float(np.einsum("ij,ij->i", a, np.cross(b, c)).sum() / 6)


def built(mannequin):
    return mannequin.rotation, mannequin.position


@pytest.mark.parametrize(
    ("solid", "inside", "on", "outside", "away"),
    [
        (Ellipsoid(np.zeros(3), (0.2, 0.2, 0.2)), 0 * X, 0.2 * X, 0.5 * X, 0.3),
        (Cone(0 * X, X, 0.1, 0.1), 0.5 * X, 0.5 * X + 0.1 * Y, 0.5 * X + 0.3 * Y, 0.2),
        (Box(np.zeros(3), (0.3, 0.2, 0.1), np.eye(3), 0.02), 0 * X, 0.3 * X, 0.6 * X, 0.3),
        (Disc(np.zeros(3), Y, 0.2, 0.1, 0.02), 0 * X, 0.1 * Y, 0.35 * Y, 0.25),
        (Sweep(0 * X, X, Y, Z, EVEN), 0.5 * X, 0.5 * X + 0.1 * Y, 0.5 * X + 0.15 * Y, 0.05),
    ],
)  # fmt: skip
def test_distances_are_right_on_and_near_a_solid(solid, inside, on, outside, away):
    found = solid(np.array([inside, on, outside], dtype=np.float32))
    assert found[0] < -0.05
    assert found[1] == pytest.approx(0, abs=2e-3)
    assert found[2] == pytest.approx(away, abs=2e-3)
    low, high = solid.box()
    assert (low <= on + 1e-6).all()
    assert (on <= high + 1e-6).all()


def test_nets_over_a_ball_close_and_hold_it():
    points, triangles = surface([Solid(Ellipsoid(np.zeros(3), (0.3, 0.3, 0.3)), 0.01)], 0.02, Warp())
    assert open_edges(triangles) == 0
    assert volume(points, triangles) == pytest.approx(4 / 3 * np.pi * 0.3**3, rel=0.02)
    assert np.linalg.norm(points, axis=1) == pytest.approx(0.3, abs=0.004)


def test_what_is_cut_away_is_gone():
    ball = Solid(Ellipsoid(np.zeros(3), (0.3, 0.3, 0.3)), 0.01)
    hollow = Solid(Ellipsoid(0.3 * X, (0.15, 0.15, 0.15)), 0.005, cut=True)
    points, triangles = surface([ball, hollow], 0.02, Warp())
    assert open_edges(triangles) == 0
    assert np.linalg.norm(points - 0.3 * X, axis=1).min() > 0.14
    assert volume(points, triangles) < 4 / 3 * np.pi * 0.3**3 - 0.4 * 4 / 3 * np.pi * 0.15**3


def test_a_grid_that_is_finer_somewhere_leads_back_to_the_same_place():
    warp = Warp([
        Finer(1, 1, 1.5, 0.05, 2.0, np.array([0, 1.6, 0.02])), Finer(1, -1, 0.1, 0.05, 1.5, np.array([0, 0, 0.05])),
        Finer(0, 1, 0.4, 0.05, 2.0, np.array([0.5, 1.1, 0.0])),
    ])  # fmt: skip
    places = np.random.default_rng(3).uniform([-0.8, 0, -0.3], [0.8, 1.9, 0.3], (500, 3))
    assert warp.from_grid(warp.to_grid(places)) == pytest.approx(places, abs=1e-9)
    a, b = np.array([0.1, 1.7, 0.0]), np.array([0.1, 1.71, 0.0])
    assert np.linalg.norm(warp.to_grid(b) - warp.to_grid(a)) == pytest.approx(0.02, rel=1e-6)


def test_a_grid_never_grows_past_what_can_be_afforded():
    points, _ = surface([Solid(Ellipsoid(np.zeros(3), (90.0, 90.0, 90.0)), 1.0)], 0.01, Warp())
    assert len(points) < 100_000


def test_everybody_is_one_closed_surface(crew, bram):
    for name, mannequin in {**crew, "fine": bram}.items():
        assert open_edges(mannequin.triangles) == 0, name
        assert mannequin.shares.min() >= 0
        assert mannequin.shares.sum(axis=1) == pytest.approx(1)
        assert (mannequin.bones < len(mannequin.parents) + len(mannequin.halves)).all()
        assert np.linalg.norm(mannequin.normals, axis=1) == pytest.approx(1, abs=1e-6)


@pytest.mark.parametrize("member", [BRAM, TANSY, HALLORAN], ids=lambda m: m.name)
def test_a_surface_holds_about_what_the_body_weighs(member):
    mannequin = mannequin_of(body_of(member), member.weighing.female, FINE)
    litres = volume(mannequin.points, mannequin.triangles) * 1000
    assert 0.88 < litres / member.mass_kg < 1.02  # flesh is 1.0 to 1.1 kg a litre


def test_the_heavy_look_heavy(crew):
    def waist(name, member):
        points, tall = crew[name].points, body_of(member).anatomy.height_m
        hips = crew[name].position[0][1]
        ring = points[(np.abs(points[:, 1] - hips - 0.06 * tall) < 0.02 * tall) & (np.abs(points[:, 0]) < 0.2 * tall)]
        return np.ptp(ring[:, 2]) / tall

    assert waist("halloran", HALLORAN) > 1.2 * waist("bram", BRAM)
    assert waist("tansy", TANSY) < waist("halloran", HALLORAN) / 1.2


def test_a_face_looks_forward_and_left_is_told_from_right(bram):
    points = bram.points
    face = points[bram.painted[:, FACE] > 0.005]
    head = points[points[:, 1] > face[:, 1].min()]
    assert face[:, 2].min() > head[:, 2].mean()
    # the nose stands out before the brow and the mouth beside it
    nose = face[np.argmax(face[:, 2])]
    assert abs(nose[0]) < 0.01
    assert face[:, 1].min() + 0.03 < nose[1] < face[:, 1].max() - 0.03
    pale = points[bram.painted[:, PALE] > 0.002]
    assert len(pale) > 50
    assert (pale[:, 0] > 0.02).all()
    middle = points[np.abs(bram.painted[:, MIDDLE]) < 0.003]
    assert np.abs(middle[:, 0]).max() < 0.01
    assert np.ptp(middle[:, 1]) > 0.7


def test_feet_have_heels_behind_and_toes_before_the_ankle(bram):
    rig = rig_of(BRAM)
    ankle = bram.position[rig.index("LeftFoot")]
    foot = bram.points[(bram.points[:, 1] < ankle[1]) & (bram.points[:, 0] > 0)]
    assert foot[:, 2].min() < ankle[2] - 0.04
    assert foot[:, 2].max() > ankle[2] + 0.14
    sole = foot[foot[:, 1] < foot[:, 1].min() + 0.004]
    assert np.ptp(sole[:, 2]) > 0.2  # flat from heel to toe


def test_both_sides_are_alike(bram):
    left, right = (bram.points[bram.points[:, 0] * s > 0] * [s, 1, 1] for s in (1, -1))
    for a, b in zip(left.max(axis=0), right.max(axis=0), strict=True):
        assert a == pytest.approx(b, abs=0.006)
    assert len(left) == pytest.approx(len(right), rel=0.06)


def test_in_the_pose_it_is_built_in_it_stands_as_it_is_built(bram):
    assert posed(bram, *built(bram)) == pytest.approx(bram.points, abs=1e-9)


def test_moved_and_turned_as_a_whole_it_keeps_its_shape(bram):
    turn = rot.exp(np.array([0.7, -1.9, 0.4]))
    rotation, position = built(bram)
    moved = posed(bram, rot.multiply(turn, rotation), rot.rotate(turn, position) + AWAY)
    assert moved == pytest.approx(rot.rotate(turn, bram.points) + AWAY, abs=1e-9)


def bent(mannequin, rig, joint, axis, rad):
    """The pose it is built in, with all that hangs on a joint turned about it."""
    rotation, position = (values.copy() for values in built(mannequin))
    pivot, turn = position[joint].copy(), rot.exp(np.asarray(axis) * rad)
    below = [j for j in range(len(rig)) if joint in ancestry(rig, j)]
    rotation[below] = rot.multiply(turn, rotation[below])
    position[below] = pivot + rot.rotate(turn, position[below] - pivot)
    return posed(mannequin, rotation, position)


def ancestry(rig: Rig, joint):
    while joint >= 0:
        yield joint
        joint = rig.parents[joint]


def test_a_bent_knee_keeps_its_section(bram):
    rig = rig_of(BRAM)
    knee = rig.index("LeftLeg")
    ring = np.linalg.norm(bram.points - bram.position[knee], axis=1) < 0.09
    straight = np.linalg.norm(bram.points[ring] - bram.position[knee], axis=1)
    after = np.linalg.norm(bent(bram, rig, knee, X, np.radians(110))[ring] - bram.position[knee], axis=1)
    # nothing caves in to the joint
    assert np.percentile(after, 5) > 0.75 * np.percentile(straight, 5)


def test_a_bent_limb_leaves_the_other_side_alone(bram):
    rig = rig_of(BRAM)
    for name, axis in (("LeftUpLeg", -X), ("LeftArm", Z), ("LeftForeArm", Y), ("LeftFoot", X)):
        moved = np.linalg.norm(bent(bram, rig, rig.index(name), axis, 1.2) - bram.points, axis=1)
        assert moved.max() > 0.1, name
        assert moved[bram.points[:, 0] < -0.12].max() < 0.002, name


def test_a_raised_arm_does_not_gape(bram):
    """No triangle at the shoulder is torn to many times its length."""
    rig = rig_of(BRAM)
    moved = bent(bram, rig, rig.index("LeftArm"), Z, np.radians(100))
    edges = bram.triangles[:, [0, 1]]

    def lengths(points):
        return np.linalg.norm(points[edges[:, 0]] - points[edges[:, 1]], axis=1)

    assert (lengths(moved) / np.maximum(lengths(bram.points), 1e-4)).max() < 4


def test_a_body_that_no_name_explains_is_built_of_turned_pieces():
    names = ("qux", "quux", "corge", "grault")
    rig = Rig(
        tuple(Joint(name, i - 1, (0, 40.0 * bool(i), 0)) for i, name in enumerate(names)), (EndSite(3, (0, 30.0, 0)),)
    )
    body = weigh(rig, 0.01, Weighing(20.0))
    mannequin = mannequin_of(body, 0.0, LIGHT)
    assert open_edges(mannequin.triangles) == 0
    local = np.zeros((1, len(rig), 4))
    local[..., 0] = 1
    rotation, position = forward(rig, local, rig.offsets[None] * body.scale_to_m)
    assert np.isfinite(posed(mannequin, rotation[0], position[0])).all()


def without(rig, *names):
    """A rig without some joints and all that hangs on them."""
    gone = set()
    for i, joint in enumerate(rig.joints):
        if joint.name in names or joint.parent in gone:
            gone.add(i)
    kept = {old: new for new, old in enumerate(i for i in range(len(rig)) if i not in gone)}
    joints = (replace(rig.joints[i], parent=kept.get(rig.joints[i].parent, -1)) for i in kept)
    return Rig(tuple(joints), tuple(replace(end, parent=kept[end.parent]) for end in rig.ends if end.parent in kept))


@pytest.mark.parametrize("gone", ["LeftCollar", "LeftForeArm", "LeftUpLeg", "RightLeg", "Neck", "LeftToe", "Spine"])
def test_a_body_that_lacks_a_part_is_shown_all_the_same(gone):
    mannequin = mannequin_of(weigh(without(rig_of(BRAM), gone), 0.01, BRAM.weighing), 0.0, LIGHT)
    assert open_edges(mannequin.triangles) == 0
    assert len(mannequin.points) > 300
    assert np.isfinite(mannequin.points).all()


def test_what_looks_the_same_is_known_by_the_same_name():
    bodies = [
        weigh(Rig(rig_of(m).joints, rig_of(m).ends), 0.01, m.weighing)
        for m in (BRAM, BRAM, replace(BRAM, mass_kg=90.0))
    ]
    names = [known_by(body) for body in bodies]
    assert names[0] == names[1] != names[2]
    assert known_by(bodies[0], 1.0) != names[0]
    assert mannequin_of(bodies[0], 0.0, LIGHT) is mannequin_of(bodies[1], 0.0, LIGHT)


def test_seen_flat_a_figure_covers_what_its_surface_covers():
    """Every point of the surface lies within the outline of a part, but for a little at bent joints, and the outlines
    reach no farther than the surface."""
    shot = demo("Gap hop")
    performer, frames = shot.performer, np.array([1, 20, 37])
    poses, figure = performer.poses(frames, shot.frame_time_s), shown_figure(performer.body())
    axes = np.array([[0.0, 0.0, 1.0], [0.0, 1.0, 0.0]])
    for moment, polygons in enumerate(outlines(figure, poses.rotation, poses.position, axes)):
        corners = [np.array(p).reshape(-1, 2) for p in polygons]
        points = posed(figure, poses.rotation[moment], poses.position[moment]) @ axes.T
        covered = np.zeros(len(points), dtype=bool)
        for corner in corners:
            side = np.roll(corner, -1, axis=0) - corner
            to = points[:, None] - corner[None]
            cross = side[None, :, 0] * to[..., 1] - side[None, :, 1] * to[..., 0]
            # all the same way round, so that they fill as one
            after = np.roll(side, -1, axis=0)
            assert (side[:, 0] * after[:, 1] - side[:, 1] * after[:, 0] >= -1e-5).all()  # corners are whole mm
            covered |= (cross >= -0.012 * np.linalg.norm(side, axis=1)).all(axis=1)
        assert covered.mean() > 0.99
        every = np.concatenate(corners)
        assert np.abs(every.max(axis=0) - points.max(axis=0)).max() < 0.02
        assert np.abs(every.min(axis=0) - points.min(axis=0)).max() < 0.02


def test_one_who_wears_a_skin_is_seen_in_it():
    performer = demo("Coat on").performer
    dressed, bare = (shown_figure(performer.body(), 1.0, skin) for skin in (performer.skin, None))
    assert dressed is shown_figure(performer.body(), 1.0, performer.skin)
    assert len(dressed.points) == len(performer.skin.light.points)
    hidden = replace(performer.skin, shown=False)
    assert shown_figure(performer.body(), 1.0, hidden) is bare
