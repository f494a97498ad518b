"""OpenUSD: out and in again, as another hand reads it, and what is said where it can't be read."""

import numpy as np
import pytest
from pxr import Gf, Usd, UsdGeom, UsdSkel, UsdValidation, Vt

from ironarc.core.edits.commands import COMMANDS
from ironarc.core.errors import FileError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import FORMATS, usd
from ironarc.core.reading import see
from tests.conftest import demo


@pytest.fixture(scope="module")
def hop(tmp_path_factory):
    """The hop, and the file it left as."""
    shot = demo("Gap hop")
    path = tmp_path_factory.mktemp("usd") / "hop.usda"
    path.write_bytes(motion_file(shot, format="usda"))
    return shot, path


def test_a_shot_comes_back_as_it_left(hop):
    shot, path = hop
    back = shot_from_file(path.read_bytes(), "back", format="usda")
    was, now = (s.poses("", s.frame_numbers()) for s in (shot, back))
    assert now.rig.names == was.rig.names
    assert [j.channels for j in now.rig.joints] == [j.channels for j in was.rig.joints]
    assert (back.frames, back.fps) == (72, pytest.approx(24.0, abs=1e-6))
    np.testing.assert_allclose(now.position, was.position, atol=1e-5)
    turned = 2 * np.degrees(np.arccos(np.clip(np.abs((was.rotation * now.rotation).sum(axis=2)), 0, 1)))
    assert turned.max() < 1e-4
    # our own figure is made anew, not read back
    assert back.performer.skin is None


def test_a_character_s_own_skin_goes_along_in_the_binary_form():
    shot = demo("Coat on")
    back = shot_from_file(motion_file(shot, format="usdc"), "back", format="usdc")
    was, now = shot.performer.skin.mesh, back.performer.skin.mesh
    assert now.joints == was.joints
    np.testing.assert_allclose(np.sort(now.points, axis=0), np.sort(was.points * shot.performer.scale_to_m, axis=0),
                               atol=1e-5)  # fmt: skip
    assert len(now.triangles) == len(was.triangles)


def test_the_file_holds_together_and_the_library_s_own_check_finds_nothing(hop):
    _, path = hop
    stage = Usd.Stage.Open(str(path))
    every = UsdValidation.ValidationContext(UsdValidation.ValidationRegistry().GetOrLoadAllValidators())
    assert [error.GetMessage() for error in every.Validate(stage)] == []
    # what those do not look at
    skeleton = UsdSkel.Skeleton(stage.GetPrimAtPath("/Figure/Skeleton"))
    joints = list(skeleton.GetJointsAttr().Get())
    assert UsdSkel.Topology(joints).Validate()[0]
    assert len(skeleton.GetBindTransformsAttr().Get()) == len(skeleton.GetRestTransformsAttr().Get()) == len(joints)
    clip = UsdSkel.Animation(UsdSkel.BindingAPI(skeleton.GetPrim()).GetInheritedAnimationSource())
    assert clip.GetRotationsAttr().GetNumTimeSamples() == 72
    binding = UsdSkel.BindingAPI(stage.GetPrimAtPath("/Figure/Skin"))
    bones, weights = (
        np.array(p.Get()).reshape(-1, 4) for p in (binding.GetJointIndicesPrimvar(), binding.GetJointWeightsPrimvar())
    )
    assert 0 <= bones.min() <= bones.max() < len(joints)
    np.testing.assert_allclose(weights.sum(axis=1), 1.0, atol=1e-5)


def test_another_hand_poses_the_skin_where_the_figure_stands(hop):
    """The library's own skinning, on a frame in the air: the lowest of the figure is where its sole is."""
    shot, path = hop
    stage = Usd.Stage.Open(str(path))
    root = UsdSkel.Root(stage.GetPrimAtPath("/Figure"))
    cache = UsdSkel.Cache()
    cache.Populate(root, Usd.PrimDefaultPredicate)
    query = cache.GetSkelQuery(UsdSkel.Skeleton(stage.GetPrimAtPath("/Figure/Skeleton")))
    skinning = cache.GetSkinningQuery(stage.GetPrimAtPath("/Figure/Skin"))
    for frame in (20, 37):
        points = Vt.Vec3fArray(UsdGeom.Mesh(stage.GetPrimAtPath("/Figure/Skin")).GetPointsAttr().Get())
        assert skinning.ComputeSkinnedPoints(query.ComputeSkinningTransforms(frame), points, frame)
        poses = shot.poses("", np.array([frame]))
        foot = poses.position[0, [poses.rig.index(n) for n in ("LeftFoot", "RightFoot")], 1].min()
        lowest = np.array(points)[:, 1].min()
        assert foot - 0.3 < lowest < foot


def made_by_others(path, up: str = "Z", metres: float = 0.01, joints=("hip", "hip/knee")) -> None:
    """A leg of centimetres with z up, that turns at the knee and goes ahead by 10 cm a frame."""
    stage = Usd.Stage.CreateNew(str(path))
    UsdGeom.SetStageUpAxis(stage, up)
    UsdGeom.SetStageMetersPerUnit(stage, metres)
    stage.SetTimeCodesPerSecond(30)
    root = UsdSkel.Root.Define(stage, "/Leg")
    skeleton = UsdSkel.Skeleton.Define(stage, "/Leg/Bones")
    skeleton.CreateJointsAttr(list(joints))
    rest = [Gf.Matrix4d(1).SetTranslate(Gf.Vec3d(0, 0, 90)), Gf.Matrix4d(1).SetTranslate(Gf.Vec3d(0, 0, -45))]
    skeleton.CreateRestTransformsAttr(Vt.Matrix4dArray(rest))
    clip = UsdSkel.Animation.Define(stage, "/Leg/Walk")
    clip.CreateJointsAttr(list(joints))
    for i in range(10):
        bent = Gf.Rotation(Gf.Vec3d(1, 0, 0), 5.0 * i).GetQuat()
        clip.CreateRotationsAttr().Set(Vt.QuatfArray([Gf.Quatf(1), Gf.Quatf(bent)]), i)
        clip.CreateTranslationsAttr().Set(Vt.Vec3fArray([Gf.Vec3f(0, -10 * i, 90), Gf.Vec3f(0, 0, -45)]), i)
    UsdSkel.BindingAPI.Apply(skeleton.GetPrim()).CreateAnimationSourceRel().SetTargets([clip.GetPath()])
    assert root
    stage.GetRootLayer().Save()


def test_unit_and_upward_axis_of_other_files_are_theirs(tmp_path):
    made_by_others(tmp_path / "leg.usda")
    read = FORMATS["usda"].parse((tmp_path / "leg.usda").read_bytes())
    assert (read.frames, 1 / read.frame_time_s) == (10, pytest.approx(30.0, abs=1e-5))
    assert [joint.name for joint in read.rig.joints] == ["hip", "knee"]
    hip = np.stack([read.columns["hip", channel].values for channel in ("tx", "ty", "tz")])
    # z up and −y ahead are y up and z ahead
    np.testing.assert_allclose(hip, [np.zeros(10), np.full(10, 0.9), 0.1 * np.arange(10)], atol=1e-6)
    np.testing.assert_allclose(read.rig.offsets[1], [0, -0.45, 0], atol=1e-6)
    np.testing.assert_allclose(np.degrees(read.columns["knee", "rx"].values), 5.0 * np.arange(10), atol=1e-3)


@pytest.mark.parametrize(
    ("spoil", "words"),
    [
        (lambda d: b"no usd at all", "the file is damaged, or no USD file"),
        (lambda d: d[: len(d) // 3], "the file is damaged, or no USD file"),
        (lambda d: d.replace(b"def SkelAnimation", b"def Scope"), "nothing in it moves"),
        (lambda d: d.replace(b"def Skeleton", b"def Scope"), "it has no skeleton with joints"),
        (lambda d: d.replace(b'["hip", "hip/knee"]', b'["hip/knee", "hip"]', 1), "each after the one it hangs on"),
    ],
)  # fmt: skip
def test_what_can_t_be_read_is_said(tmp_path, spoil, words):
    made_by_others(tmp_path / "leg.usda")
    with pytest.raises(FileError, match=words):
        FORMATS["usda"].parse(spoil((tmp_path / "leg.usda").read_bytes()))


def test_without_the_library_it_is_said_what_to_install(tmp_path, monkeypatch):
    (tmp_path / "pxr.py").write_text("raise ImportError")
    monkeypatch.syspath_prepend(str(tmp_path))
    shot = demo("Gap hop")
    with pytest.raises(FileError, match="Install it with: pip install usd-core"):
        motion_file(shot, format="usda")
    with pytest.raises(FileError, match="which is not installed here"):
        FORMATS["usdc"].parse(b"PXR-USDC")


def test_a_library_that_comes_down_takes_nothing_with_it(tmp_path, monkeypatch):
    (tmp_path / "pxr.py").write_text("import os; os.abort()")
    monkeypatch.syspath_prepend(str(tmp_path))
    with pytest.raises(FileError, match="the file is damaged"):
        FORMATS["usda"].parse(b"#usda 1.0")
    (tmp_path / "pxr.py").write_text("import time; time.sleep(60)")
    monkeypatch.setattr(usd, "PATIENCE_S", 0.5)
    with pytest.raises(FileError, match="it takes longer than"):
        FORMATS["usda"].parse(b"#usda 1.0")


def test_every_clip_is_a_motion_of_its_own():
    shot = demo("Gap hop")
    for name, start, end in (("crouch", 1, 20), ("fly", 29, 46)):
        shot = COMMANDS["add_clip"](see(shot), "performer1", name, start, end).apply(shot)
    text = motion_file(shot, format="usda").decode()
    assert [name for name in ("crouch", "fly") if f'def SkelAnimation "{name}"' in text] == ["crouch", "fly"]
