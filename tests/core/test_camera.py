"""Shot cameras: where they look, by geometry known beforehand, and what edits do to their keys."""

from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest

from ironarc.core import rotation as rot
from ironarc.core.document.codec import shot_from_plain, shot_to_plain
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.of_shot import Renumber
from ironarc.core.edits.rate import KEEP_SECONDS, at_rate
from ironarc.core.errors import EditError
from ironarc.core.exchange.bring_in import joining, shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.core.scene.camera import CHANNELS, camera_at, looked, turned
from ironarc.core.scene.placement import Placement
from tests.conftest import demo


def track(*rows):
    return np.array(rows, dtype=float)


@pytest.fixture(scope="module")
def hop():
    return demo("Gap hop")


@pytest.fixture
def filmed(hop):
    """The hop with a camera that stands 5 m aside."""
    return COMMANDS["add_camera"](see(hop), frame=10, place_m=(-5.0, 1.5, 0.8), aim_m=(0.0, 1.0, 0.8)).apply(hop)


def ask(shot, name, **given):
    return COMMANDS[name](see(shot), item="camera1", **given).apply(shot)


def test_it_looks_along_its_own_minus_z_with_y_up():
    (level,) = turned(track([0, 1, 5, 0, 1, 0, 0, 50]))
    assert level == pytest.approx([1, 0, 0, 0])
    (aside,) = turned(track([5, 1, 0, 0, 1, 0, 0, 50]))
    assert rot.rotate(aside, np.array([0.0, 0, -1])) == pytest.approx([-1, 0, 0], abs=1e-12)
    assert rot.rotate(aside, np.array([0.0, 1, 0])) == pytest.approx([0, 1, 0], abs=1e-12)


def test_rolled_clockwise_the_world_leans_left():
    (rolled,) = turned(track([0, 1, 5, 0, 1, 0, np.radians(30), 50]))
    up_seen = rot.rotate(rot.conjugate(rolled), np.array([0.0, 1, 0]))
    assert up_seen == pytest.approx([-0.5, np.sqrt(0.75), 0])


def test_straight_down_is_no_trouble():
    (down,) = turned(track([0, 5, 0, 0, 0, 0, 0, 50]))
    assert np.linalg.norm(down) == pytest.approx(1)
    assert rot.rotate(down, np.array([0.0, 0, -1])) == pytest.approx([0, -1, 0], abs=1e-9)


def test_turn_and_place_tell_aim_and_roll_again():
    chance = np.random.default_rng(6)
    rows = np.column_stack([chance.uniform(-4, 4, (50, 6)), chance.uniform(-1.2, 1.2, 50), np.full(50, 50.0)])
    far = np.linalg.norm(rows[:, 3:6] - rows[:, :3], axis=1)
    for row, away in zip(rows, far, strict=True):
        aim, roll = looked(turned(row[None]), row[None, :3], away)
        assert aim[0] == pytest.approx(row[3:6])
        assert roll[0] == pytest.approx(row[6])


def test_one_key_is_moved_and_two_are_keyed(filmed):
    (camera,) = filmed.cameras
    assert camera.key_frames == (10,)
    moved = ask(filmed, "move_camera", frame=40, place_m=(-6.0, 2.0, 0.8)).cameras[0]
    assert moved.key_frames == (10,)
    assert moved.track(np.array([1, 40]))[:, 0] == pytest.approx([-6, -6])
    keyed = ask(filmed, "move_camera", frame=40, key=True)
    assert keyed.cameras[0].key_frames == (10, 40)
    later = ask(keyed, "move_camera", frame=40, focal_mm=85.0).cameras[0]
    assert later.track(np.array([10, 40]))[:, 7] == pytest.approx([50, 85])
    assert 50 < later.track(np.array([25]))[0, 7] < 85
    back = ask(keyed, "unkey_camera", frame=10).cameras[0]
    assert back.key_frames == (40,)


@pytest.mark.parametrize(
    ("name", "given", "says"),
    [
        ("move_camera", {"frame": 10, "aim_m": (-5.0, 1.5, 0.8)}, "can't look at where it stands"),
        ("move_camera", {"frame": 10, "focal_mm": 1.0}, "focal length lies between"),
        ("move_camera", {"frame": 10, "place_m": (1e5, 0, 0)}, "within 10 km"),
        ("move_camera", {"frame": 900}, "outside this shot"),
        ("unkey_camera", {"frame": 10}, "is the only one"),
        ("unkey_camera", {"frame": 11}, "no key on frame 11"),
        ("set_item", {"changes": {"sensor_mm": 0.0}}, "1 to 200 mm"),
        ("set_item", {"changes": {"aspect": 40.0}}, "0.2 to 5 times"),
        ("set_item", {"changes": {"columns": []}}, "can't be set this way"),
    ],
)
def test_what_no_camera_can_be_is_said(filmed, name, given, says):
    with pytest.raises(EditError, match=says):
        ask(filmed, name, **given)


def test_a_performer_is_no_camera(filmed):
    with pytest.raises(EditError, match="is not a camera"):
        COMMANDS["move_camera"](see(filmed), item="performer1", frame=10)


def test_its_keys_keep_their_moments(filmed):
    keyed = ask(filmed, "move_camera", frame=40, key=True, place_m=(-2.0, 1.0, 0.0))
    at = keyed.cameras[0].track(np.arange(10, 41))
    faster = at_rate(keyed, Fraction(48), KEEP_SECONDS).cameras[0]
    assert faster.track(1 + (np.arange(10, 41) - 1) * 2.0) == pytest.approx(at, abs=1e-9)
    later = Renumber(101).apply(keyed).cameras[0]
    assert later.key_frames == (110, 140)
    assert later.track(np.arange(110, 141)) == pytest.approx(at)
    room = (
        COMMANDS["make_room"](see(keyed), performer="performer1", after=20, by=4, everyone=True).apply(keyed).cameras[0]
    )
    assert room.key_frames == (10, 44)


def test_it_is_kept_duplicated_and_removed(filmed):
    kept = {}

    def put(array):
        kept[str(len(kept))] = array
        return str(len(kept) - 1)

    back = shot_from_plain(shot_to_plain(filmed, put), kept.__getitem__).cameras[0]
    assert back.track(np.array([10]))[0] == pytest.approx(filmed.cameras[0].track(np.array([10]))[0])
    twice = ask(filmed, "duplicate_item")
    assert [c.name for c in twice.cameras] == ["Camera", "Camera 2"]
    assert ask(twice, "remove_item").cameras == twice.cameras[1:]


def test_a_new_one_has_all_channels():
    made = camera_at("camera1", "C", 5, (0, 1, 5), (0, 1, 0), 35.0)
    assert set(made.columns) == set(CHANNELS)
    assert made.checked() is made


@pytest.mark.parametrize("moves", [False, True])
def test_it_goes_out_with_a_gltf_and_comes_in_again(filmed, moves):
    if moves:
        filmed = ask(filmed, "move_camera", frame=40, key=True, place_m=(-3.0, 2.5, 2.0), roll_rad=0.2)
    back = shot_from_file(motion_file(filmed, format="glb"), "back", format="glb")
    (was,), (now,) = filmed.cameras, back.cameras
    frames = filmed.frame_numbers()
    a, b = was.track(frames), now.track(frames)
    assert now.name == was.name
    assert len(now.key_frames) == (len(frames) if moves else 1)
    assert b[:, :3] == pytest.approx(a[:, :3], abs=1e-5)
    assert rot.log(rot.multiply(rot.conjugate(turned(a)), turned(b))) == pytest.approx(0, abs=1e-5)
    assert b[:, 7] == pytest.approx(50.0, rel=1e-5)
    assert now.aspect == pytest.approx(was.aspect)


def with_camera(shot, place_m):
    """With a camera from the first frame on, that looks at where the hips are then."""
    return COMMANDS["add_camera"](see(shot), frame=1, place_m=place_m, aim_m=(0.0, 1.0, 0.8)).apply(shot)


def test_cameras_of_a_file_that_joins_a_shot_come_along_at_its_rate_and_on_its_frames():
    shot = Renumber(101).apply(demo("Gap hop"))
    host = replace(shot, performers=(replace(shot.performer, placement=Placement((4.0, 0.0, 0.0))),))
    given = with_camera(demo("Gap hop"), (-4.0, 1.6, 0.8))
    given = ask(given, "move_camera", frame=25, place_m=(-6.0, 2.0, 0.8), key=True)
    data = motion_file(at_rate(given, Fraction(48), KEEP_SECONDS), format="glb")
    joined, (camera,) = joining(data, "Guest", host, "glb")
    assert (joined.id, camera.id) == ("performer2", "camera1")
    places = camera.track(np.array([101, 125]))[:, :3]
    np.testing.assert_allclose(places, [[-4.0, 1.6, 0.8], [-6.0, 2.0, 0.8]], atol=1e-4)
    # one who would stand in somebody goes aside, and the camera too
    beside, (moved,) = joining(data, "Guest", shot, "glb")
    assert beside.placement.offset_m[0] == pytest.approx(0.9)
    np.testing.assert_allclose(moved.track(np.array([101]))[0, :6] - camera.track(np.array([101]))[0, :6],
                               [0.9, 0, 0, 0.9, 0, 0], atol=1e-9)  # fmt: skip


def test_a_camera_of_a_file_looks_as_far_ahead_as_the_figure_is_on_its_way():
    given = with_camera(demo("Gap hop"), (-4.0, 1.0, 0.8))
    away = replace(given, performers=(replace(given.performer, placement=Placement((6.0, 0.0, 0.0))),))
    back = shot_from_file(motion_file(away, format="glb"), "back", format="glb")
    poses = away.poses("", away.frame_numbers())
    far = np.median(np.linalg.norm(poses.position[:, 0] - [-4.0, 1.0, 0.8], axis=1))
    assert back.cameras[0].track(np.array([1]))[0, 3] == pytest.approx(-4.0 + far, abs=0.01)
