"""A character's own skin, against boxes whose volume, soles and places are known."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.commands.skin import wear
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.body import weigh
from ironarc.core.figure.crew import BRAM, HALLORAN, rig_of
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.formats import FORMATS
from ironarc.core.mannequin import LIGHT, mannequin_of, posed
from ironarc.core.reading import see
from ironarc.core.reading.skin import skin_of
from ironarc.core.skin import SkinMesh, own_skin
from ironarc.core.skin.lighter import lighter
from ironarc.core.skin.mesh import joined, normals_of
from ironarc.core.skin.other_rig import fitted_to
from ironarc.core.skin.volume import volumes
from ironarc.demo.coat_on import FILE
from tests.conftest import demo

CUBE = np.array([[x, y, z] for x in (0, 1) for y in (0, 1) for z in (0, 1)], dtype=float)
SIDES = [(0, 2, 6, 4), (1, 5, 7, 3), (0, 4, 5, 1), (2, 3, 7, 6), (0, 1, 3, 2), (4, 6, 7, 5)]


def box(low, high, joints, rest, parents, held_by):
    """A closed box cut into slices along y at each joint's foot, each slice's points on its own joint."""
    points = CUBE * (np.array(high) - low) + low
    triangles = np.array([t for a, b, c, d in SIDES for t in ((a, c, b), (a, d, c))])
    centre = points.mean(axis=0)
    a, b, c = points[triangles].swapaxes(0, 1)
    inside_out = np.einsum("ni,ni->n", np.cross(b - a, c - a), a - centre) < 0
    triangles[inside_out] = triangles[inside_out][:, ::-1]
    bones = np.zeros((8, 4), dtype=int)
    bones[:, 0] = held_by
    shares = np.zeros((8, 4))
    shares[:, 0] = 1.0
    return SkinMesh(
        points, normals_of(points, triangles), triangles, joints, bones, shares, np.ones((8, 3)), np.zeros((8, 2)),
        np.array(rest, dtype=float), np.array(parents), np.array([[0, 12, -1]]),
    )  # fmt: skip


def column(levels, held):
    """A square column of stacked rings, 1 m by 1 m, ring k held by held[k]."""
    ring = np.array([[0, 0], [1, 0], [1, 1], [0, 1]], dtype=float)
    points = np.array([[x, y, z] for y in levels for x, z in ring])
    out = [(0, 1, 2), (0, 2, 3)]
    n = len(levels)
    for k in range(n - 1):
        for i in range(4):
            a, b = 4 * k + i, 4 * k + (i + 1) % 4
            out += [(a, a + 4, b + 4), (a, b + 4, b)]
    top = 4 * (n - 1)
    out += [(top, top + 2, top + 1), (top, top + 3, top + 2)]
    bones = np.zeros((len(points), 4), dtype=int)
    bones[:, 0] = np.repeat(held, 4)
    shares = np.zeros((len(points), 4))
    shares[:, 0] = 1
    triangles = np.array(out)
    return SkinMesh(
        points, normals_of(points, triangles), triangles, ("low", "high"), bones, shares, np.ones((len(points), 3)),
        np.zeros((len(points), 2)), np.array([[0.5, 0, 0.5], [0.5, 1, 0.5]]), np.array([-1, 0]),
        np.array([[0, len(triangles), -1]]),
    )  # fmt: skip


def undressed(member, level=LIGHT):
    """A crew member's mannequin as a foreign skin, in the rig's rest pose and unit; half-way bones on their joint."""
    rig = rig_of(member)
    made = mannequin_of(weigh(rig, 0.01, member.weighing), member.weighing.female, level)
    points = posed(made, np.tile([1.0, 0, 0, 0], (len(rig), 1)), rig.rest_positions * 0.01) / 0.01
    halves = np.array([*range(len(rig)), *made.halves])
    return SkinMesh(
        points, normals_of(points, made.triangles), made.triangles, rig.names, halves[made.bones], made.shares,
        np.ones((len(points), 3)), np.zeros((len(points), 2)), rig.rest_positions, rig.parents,
        np.array([[0, len(made.triangles), -1]]),
    )  # fmt: skip


@pytest.fixture(scope="module")
def coat():
    return demo("Coat on")


@pytest.fixture(scope="module")
def bare():
    return undressed(BRAM)


def test_the_volume_of_a_column_is_parted_where_its_joints_meet():
    mesh = column([0, 1, 2, 3], [0, 0, 1, 1])
    by_joint, open_edges = volumes(mesh)
    assert by_joint.sum() == pytest.approx(3.0)
    assert open_edges == 0
    # rings 0 and 1 hang on the lower joint; of those between, a triangle goes with two of its corners
    assert by_joint[0] == pytest.approx(1.5, abs=0.35)


def test_a_hole_is_counted_and_a_seam_of_two_pictures_is_none():
    mesh = column([0, 1, 2, 3], [0, 0, 1, 1])
    opened = replace(mesh, triangles=mesh.triangles[2:])
    assert volumes(opened)[1] == 4
    # each triangle with points of its own, as where pictures meet
    apart = mesh.triangles.ravel()
    seamed = mesh.used(apart, np.arange(len(apart)).reshape(-1, 3), mesh.groups)
    assert volumes(seamed)[1] == 0
    assert volumes(seamed)[0] == pytest.approx(volumes(mesh)[0])


def test_a_skin_comes_back_from_its_bytes(bare):
    back = SkinMesh.unpacked(bare.packed())
    assert back.joints == bare.joints
    assert back.points == pytest.approx(bare.points, abs=1e-4)
    assert (back.triangles == bare.triangles).all()
    assert (back.groups == bare.groups).all()


def test_soles_and_palms_lie_on_the_skin(bare):
    rig = rig_of(BRAM)
    skin = own_skin(bare, "bram.glb", rig)
    found = {
        (touch.joint, touch.point): np.array(touch.at) + rig.rest_positions[rig.index(touch.joint)]
        for touch in skin.touches
    }
    assert len(found) == 8
    lowest = bare.points[:, 1].min()
    for (_, point), place in found.items():
        nearest = np.linalg.norm(bare.points - place, axis=1).min()
        assert nearest < (5.0 if point == "palm" else 3.0), (point, nearest)  # cm
        if point != "palm":
            assert place[1] == pytest.approx(lowest, abs=0.6)
    heel, ball, toe = (found["LeftFoot", "heel"], found["LeftFoot", "ball"], found["LeftToe", "toe"])
    assert heel[2] < ball[2] < toe[2]


def test_back_and_head_lie_on_the_skin_and_a_pack_on_the_back_lies_under_them(bare):
    """Lying on its back, a body with 6 cm on its back lies 6 cm higher; its front, and all it weighs, stay."""
    performer, rig = demo("Gap hop").performer, rig_of(BRAM)
    chest = {p.joint: p for p in performer.body().parts if p.segment == "trunk"}
    back = np.isin(np.array(bare.joints)[bare.held_by], [rig.names[j] for j in chest]) & (
        bare.points[:, 2] < np.median(bare.points[:, 2]) - 3
    )
    packed = replace(bare, points=bare.points - np.outer(back, [0, 0, 6.0]))

    def lies(mesh):
        """Front and back (m) of every part of trunk and head, in the rest pose, by joint; and the body."""
        body = replace(performer, skin=own_skin(mesh, "x", performer.rig)).body()
        rest = rig.rest_positions * 0.01
        return {
            p.joint: [(rest[p.joint] + p.start_m + s * p.half_depth_m * p.across[1])[2] for s in (1, -1)]
            for p in body.parts if p.segment in ("trunk", "head")
        }, body  # fmt: skip

    (thin, body), (thick, laden) = lies(bare), lies(packed)
    for joint, (front, rear) in thin.items():
        own = bare.points[np.array(bare.joints)[bare.held_by] == rig.names[joint], 2] * 0.01
        assert sorted((front, rear)) == pytest.approx([own.min(), own.max()], abs=0.03)
        by = 0.06 if joint in chest else 0.0
        assert min(thick[joint]) == pytest.approx(min(front, rear) - by, abs=0.012)
        assert max(thick[joint]) == pytest.approx(max(front, rear), abs=0.012)
    assert [p.mass_kg for p in body.parts] == [p.mass_kg for p in laden.parts]
    np.testing.assert_array_equal(body.coms, laden.coms)
    # the skin the reading follows lies there
    seats = [skin_of(b).half[skin_of(b).named("back")] for b in (body, laden)]
    assert (seats[1][:, 1] - seats[0][:, 1]).max() == pytest.approx(0.03, abs=0.006)


def test_thicker_soles_lift_what_touches(bare):
    """A sole 3 cm thicker reads as standing 3 cm higher on the same motion."""
    shot = demo("Gap hop")
    held = np.char.endswith(np.array(bare.joints)[bare.held_by], "Foot") | np.char.endswith(
        np.array(bare.joints)[bare.held_by], "Toe"
    )
    low = held & (bare.points[:, 1] < bare.points[held, 1].min() + 3)
    thick = replace(bare, points=bare.points - np.outer(low, [0, 3.0, 0]))
    thin, boots = (own_skin(mesh, "x", shot.performer.rig) for mesh in (bare, thick))
    wearing = {name: replace(shot.performer, skin=skin) for name, skin in (("thin", thin), ("thick", boots))}
    heels = {
        name: next(p.position_m[1] for p in performer.body().anatomy.contact_points if p.point == "heel")
        for name, performer in wearing.items()
    }
    assert heels["thin"] - heels["thick"] == pytest.approx(0.03, abs=0.003)
    unfelt = replace(wearing["thick"], skin=replace(boots, felt=False))
    assert unfelt.body() is shot.performer.body()
    assert wearing["thick"].body() is wearing["thick"].body()  # what is worked out of a body is kept with it


def test_it_weighs_by_its_volume_and_the_whole_stays(coat):
    p = coat.performer
    weighed = COMMANDS["weigh_by_skin"](see(coat), performer=p.id).apply(coat).performer
    body = weighed.body()
    assert body.masses.sum() == pytest.approx(p.mass_kg)
    rig, shares = p.rig, dict(p.skin.shares)
    by_name = {rig.names[j]: kg for j, kg in zip(body.joints, body.masses, strict=True)}
    for joint in ("Head", "LeftLeg", "RightFoot"):
        assert by_name[joint] / p.mass_kg == pytest.approx(shares[joint], rel=0.02)
    # collars carry nothing of their own: theirs goes to the chest above
    assert by_name["UpperChest"] / p.mass_kg > shares["UpperChest"] + shares["LeftCollar"]


def test_it_is_shown_plain_or_not_at_all_and_taken_off(coat):
    seen = see(coat)
    for name, given, field in (
        ("show_skin", {"shown": False}, "shown"), ("skin_in_clay", {"clay": True}, "clay"),
        ("touch_by_skin", {"felt": False}, "felt"),
    ):  # fmt: skip
        changed = COMMANDS[name](seen, performer="performer1", **given).apply(coat).performer.skin
        assert getattr(changed, field) is next(iter(given.values()))
        assert changed.packed is coat.performer.skin.packed
    off = COMMANDS["take_skin_off"](seen, performer="performer1").apply(coat)
    assert off.performer.skin is None
    with pytest.raises(EditError, match="no skin of its own"):
        COMMANDS["weigh_by_skin"](see(off), performer="performer1")


def test_a_shot_keeps_its_skin(coat):
    kept = {}

    def put(array):
        kept[str(len(kept))] = array
        return str(len(kept) - 1)

    plain = shot_to_plain(coat, put)
    back = shot_from_plain(plain, kept.__getitem__).performer.skin
    assert back.digest == coat.performer.skin.digest
    assert back.touches == coat.performer.skin.touches
    assert back.mesh.images == coat.performer.skin.mesh.images


def test_a_lighter_one_keeps_shape_joints_and_pictures(coat):
    mesh, light = coat.performer.skin.mesh, coat.performer.skin.light
    assert 2500 < len(light.points) <= 5000
    assert len(light.triangles) == light.groups[:, 1].sum()
    assert sorted(light.groups[:, 2]) == sorted(mesh.groups[:, 2])
    assert np.ptp(light.points, axis=0) == pytest.approx(np.ptp(mesh.points, axis=0), rel=0.02)
    assert lighter(light) is light
    # every point is one of those there were, with all that hangs on it
    where = {tuple(p): i for i, p in enumerate(mesh.points)}
    at = [where[tuple(p)] for p in light.points[::50]]
    assert (mesh.bones[at] == light.bones[::50]).all()


def test_on_another_body_it_takes_that_ones_size_and_stance(bare):
    other = rig_of(HALLORAN)
    fit = fitted_to(bare, other)
    assert fit.unmatched == ()
    times = other.rest_positions[:, 1].max() / rig_of(BRAM).rest_positions[:, 1].max()
    assert np.ptp(fit.mesh.points[:, 1]) == pytest.approx(times * np.ptp(bare.points[:, 1]), rel=0.03)


def test_arms_spread_in_its_own_rest_pose_hang_where_the_other_rig_has_them_hang(bare):
    rig = rig_of(BRAM)
    arms = {"LeftForeArm": (18.6 * 1.81, 0.0, 0.0), "LeftHand": (14.6 * 1.81, 0.0, 0.0)}
    spread = Rig(tuple(replace(j, offset=arms.get(j.name, j.offset)) for j in rig.joints))
    t_pose = fitted_to(bare, spread).mesh
    hand = np.array(t_pose.joints)[t_pose.held_by] == "LeftHand"
    assert t_pose.points[hand, 0].mean() > spread.rest_positions[spread.index("LeftForeArm"), 0]
    back = fitted_to(t_pose, rig).mesh
    where = back.points[hand].mean(axis=0) - rig.rest_positions[rig.index("LeftHand")]
    was = bare.points[hand].mean(axis=0) - rig.rest_positions[rig.index("LeftHand")]
    assert where == pytest.approx(was, abs=1.5)  # cm


def test_joints_without_a_match_go_with_those_above_and_are_told_of(bare):
    renamed = replace(bare, joints=tuple("Ponytail" if n == "Head" else n for n in bare.joints))
    edit, says = wear(demo("Gap hop").performer, renamed, "x.glb")
    assert "1 of its joints" in says
    assert "Ponytail" in says
    worn = dict(edit.apply(demo("Gap hop")).performer.skin.shares)
    assert "Head" not in worn
    assert worn["Neck"] > 0.05


def test_other_names_for_the_same_parts_match(bare):
    words = {"UpLeg": "Thigh", "Leg": "Shin", "ForeArm": "LowerArm", "Arm": "UpperArm", "Chest": "Thorax"}

    def renamed(name):
        side = next((s for s in ("Left", "Right") if name.startswith(s)), "")
        word = words.get(name.removeprefix(side), name.removeprefix(side))
        return f"{word}_{side[0]}" if side else word

    other = replace(bare, joints=tuple(map(renamed, bare.joints)))
    fit = fitted_to(other, rig_of(BRAM))
    assert fit.unmatched == ()
    assert fit.mesh.points == pytest.approx(bare.points, abs=0.2)


def test_of_a_longer_spine_as_many_joints_match_as_there_are(bare):
    """A rig with one joint between hips and neck, where the skin has three."""
    rig = rig_of(BRAM)
    gone = {"Chest", "UpperChest"}
    kept = [j for j in rig.joints if j.name not in gone]
    rest = dict(zip(rig.names, rig.rest_positions, strict=True))
    joints = []
    for joint in kept:
        up = joint.parent
        while up >= 0 and rig.names[up] in gone:
            up = rig.joints[up].parent
        above = rig.names[up] if up >= 0 else None
        offset = rest[joint.name] - rest[above] if above else rest[joint.name]
        number = next((i for i, j in enumerate(kept) if j.name == above), -1)
        joints.append(replace(joint, parent=number, offset=tuple(map(float, offset))))
    fit = fitted_to(bare, Rig(tuple(joints)))
    assert set(fit.unmatched) == gone
    assert fit.mesh.points == pytest.approx(bare.points, abs=2.5)


def test_joints_without_names_match_by_the_bodys_shape(bare):
    strange = replace(bare, joints=tuple(f"part {i}" for i in range(len(bare.joints))))
    fit = fitted_to(strange, rig_of(BRAM))
    assert np.linalg.norm(fit.mesh.points - bare.points, axis=1).max() < 3  # cm


def test_a_skin_of_somebody_else_is_refused():
    crate = box([-1, 0, -1], [1, 2, 1], ("Crate",), [[0, 0, 0]], [-1], 0)
    with pytest.raises(EditError, match="joints don't match"):
        wear(demo("Gap hop").performer, crate, "x.glb")


def test_the_coat_comes_in_reads_and_goes_home(coat):
    skin = coat.performer.skin
    assert skin.name == FILE.name
    assert skin.open_edges == 0
    assert skin.pictures == 1
    home = motion_file(coat, format="glb")
    back = shot_from_file(home, "back", format="glb").performer
    assert back.skin.vertices == skin.vertices
    a, b = skin.mesh, back.skin.mesh
    order_a, order_b = (np.lexsort(np.round(m.points, 4).T) for m in (a, b))
    assert b.points[order_b] == pytest.approx(a.points[order_a], abs=1e-5)
    assert b.images == a.images
    assert FORMATS["glb"].skin(home, {}).joints == a.joints


def test_a_rig_of_one_joint_and_a_box_is_enough():
    rig = Rig((Joint("Crate", -1, (0.0, 0.0, 0.0), ("tx", "ty", "tz", "rz", "rx", "ry")),))
    mesh = box([-1, 0, -1], [1, 2, 1], ("Crate",), [[0, 0, 0]], [-1], 0)
    skin = own_skin(joined([mesh]), "crate.glb", rig)
    assert skin.volume == pytest.approx(8.0)
    assert skin.touches == ()
    assert dict(skin.shares) == {"Crate": 1.0}
