"""Motion in another unit, with another axis up, at another rate; and channels as CSV."""

import contextlib
from dataclasses import replace
from fractions import Fraction

import numpy as np
import pytest

from ironarc.core import rotation as rot
from ironarc.core.columns.turns import smooth_turns
from ironarc.core.errors import EditError, FileError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.delivery import AS_BROUGHT_IN, NO_CORRECTIONS, Delivery, lowered, resampled
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.rig import Joint, Rig
from ironarc.core.formats import FORMATS, is_motion
from ironarc.core.motion.layers import KEYED, TURN, Layer
from ironarc.core.motion.pin import Pin
from ironarc.core.reading import see
from ironarc.core.reading.shot import settled
from ironarc.core.truing import propose, read_try
from tests.conftest import demo


@pytest.fixture(scope="module")
def hop():
    return demo("Gap hop")


def places(shot, frames=None):
    frames = shot.frame_numbers() if frames is None else frames
    return shot.poses("", frames).position


def back(data, ending="bvh", scale=None, **more):
    return shot_from_file(data, "back", scale_to_m=scale, format=ending, **more)


@pytest.mark.parametrize(("unit", "scale"), [("m", 1.0), ("cm", 0.01), ("mm", 0.001), ("in", 0.0254)])
@pytest.mark.parametrize("ending", ["bvh", "csv"])
def test_lengths_are_written_in_the_unit_asked_for(hop, unit, scale, ending):
    file = motion_file(hop, format=ending, delivery=Delivery(unit=unit))
    assert places(back(file, ending, scale)) == pytest.approx(places(hop), abs=2e-5)


def test_z_up_is_the_same_motion_lying_another_way(hop):
    file = motion_file(hop, delivery=Delivery(up="z"))
    there = FORMATS["bvh"].parse(file)
    x, y, z = np.array(hop.performer.rig.joints[1].offset)
    assert there.rig.joints[1].offset == pytest.approx((x, -z, y))
    # turned up again on the way in, it is the very motion
    assert places(back(file, scale=0.01)) == pytest.approx(places(hop), abs=1e-5)


def test_gltf_keeps_its_own_unit_and_axis(hop):
    plain, asked = (motion_file(hop, 1, 3, format="glb", delivery=h) for h in (Delivery(), Delivery("mm", "z")))
    assert asked == plain


# a glTF's keys that lie farther apart than frames do are keys between frames
@pytest.mark.parametrize(
    ("ending", "rate"),
    [("bvh", 12), *((ending, rate) for ending in ("bvh", "glb") for rate in (30, 48, 60, Fraction(24000, 1001)))],
)
def test_at_another_rate_it_is_the_same_motion(hop, ending, rate):
    file = motion_file(hop, format=ending, delivery=Delivery(rate=Fraction(rate)))
    there = back(file, ending, 0.01 if ending == "bvh" else 1.0)
    assert there.fps == pytest.approx(float(rate), rel=1e-4)
    assert there.frames == int(71 * Fraction(rate) / 24) + 1
    # where both have a frame they are the same
    shared = [i for i in range(there.frames) if (i * 24) % Fraction(rate) == 0]
    assert len(shared) > 5 or rate == Fraction(24000, 1001)
    now = places(there, there.first_frame + np.array(shared))
    was = places(hop, hop.first_frame + np.array([round(float(i * 24 / Fraction(rate))) for i in shared]))
    assert now == pytest.approx(was, abs=2e-5)
    flights = see(there).reading.flights
    assert [round(f.hang_s, 1) for f in flights] == [round(f.hang_s, 1) for f in see(hop).reading.flights]


def test_between_frames_a_turn_goes_evenly_and_what_stands_stays():
    rig = Rig(
        (
            Joint("a", -1, (0.0, 0, 0), ("tx", "ty", "tz", "rz", "rx", "ry")),
            Joint("b", 0, (0, 1.0, 0), ("rz", "rx", "ry")),
        )
    )
    rows = np.zeros((5, 9))
    rows[:, 6] = [0, 40, 80, 120, 160]  # degrees about z, evenly
    rows[:, 1] = [0, 0, 0, 1, 2]  # stands, then rises
    there = resampled(rig, rows, Fraction(24), Fraction(48))
    assert there.shape == (9, 9)
    assert there[:, 6] == pytest.approx(np.arange(0, 161, 20), abs=0.7)
    assert (there[:5, 1] == 0).all()
    assert (np.diff(there[:, 1]) >= 0).all()
    half_turn = np.zeros((2, 9))
    half_turn[1, 7] = 170.0
    middle = resampled(rig, half_turn, Fraction(24), Fraction(48))[1]
    order = rig.joints[1].order
    assert np.degrees(np.linalg.norm(rot.log(rot.from_euler(order, np.radians(middle[6:]))))) == pytest.approx(
        85, abs=0.1
    )


@pytest.mark.parametrize("wish", [Delivery(unit="ell"), Delivery(up="x")])
def test_what_there_is_not_is_said(hop, wish):
    with pytest.raises(EditError, match="was given"):
        motion_file(hop, delivery=wish)


# --- CSV of channels ----------------------------------------------------------------------------------


@pytest.mark.parametrize("name", ["Gap hop", "Gull's hop", "Net-perch drop"])
def test_channels_as_csv_come_back_as_they_went(name):
    shot = demo(name)
    there = FORMATS["csv"].parse(motion_file(shot, format="csv"))
    same = FORMATS["bvh"].parse(motion_file(shot))
    told = [[(j.name, j.parent, j.channels, j.position) for j in motion.rig.joints] for motion in (there, same)]
    assert told[0] == told[1]
    assert len(there.rig.ends) == len(same.rig.ends)
    assert there.frame_time_s == pytest.approx(shot.frame_time_s, rel=1e-5)
    for key, column in same.columns.items():
        assert there.columns[key].values == pytest.approx(column.values, abs=2e-6), key


SMALL = "joint,parent,x,y,z,channels\nHips,,0,90,0,tx ty tz rz rx ry\nSpine,Hips,0,20,0,rz rx ry\n\n"
HEAD = "frame,seconds," + ",".join(
    [f"Hips {c}" for c in ("tx", "ty", "tz", "rz", "rx", "ry")] + [f"Spine {c}" for c in ("rz", "rx", "ry")]
)
ROWS = "\n".join(f"{i + 1},{i / 24:.6f},0,90,0,0,0,0,{i},0,0" for i in range(4))


def test_one_written_by_hand_is_read():
    motion = FORMATS["csv"].parse(f"\ufeff{SMALL}{HEAD}\n{ROWS}\n".encode())
    assert motion.frames == 4
    assert motion.columns["Spine", "rz"].values == pytest.approx(np.radians([0, 1, 2, 3]))
    assert 1 / motion.frame_time_s == pytest.approx(24, rel=1e-4)


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("", "first row is not joint,parent"),
        ("a,b\n1,2", "first row is not joint,parent"),
        (SMALL.replace("Spine,Hips", "Spine,Chest"), "Line 3: Spine hangs on Chest"),
        (SMALL.replace("rz rx ry\nSpine", "rz rz ry\nSpine"), "Line 2: Hips has channels"),
        (SMALL.replace("0,20,0", "0,tall,0"), "Line 3: the offset of Spine is 'tall'"),
        (SMALL.replace("Spine", "Hips"), "Line 3: a joint needs a name of its own"),
        (SMALL + HEAD.replace("Spine rx", "Spine sx") + "\n" + ROWS, "Spine rx is missing"),
        (f"{SMALL}{HEAD}\n{ROWS}\n5,0.2,1", "Line 10: a frame has 11 cells; 3 are there"),
        (f"{SMALL}{HEAD}\n{ROWS.replace(',3,0,0', ',three,0,0')}", "Line 9: a value is 'three'"),
        (f"{SMALL}{HEAD}\n{ROWS.replace('0.041667', '0.4')}", "even pace"),
        (f"{SMALL}{HEAD}\n", "0 frames"),
        ("joint,parent,x,y,z,channels\nHips,,0,0,0,\n\nframe,seconds\n1,0\n2,1", "none of its joints has a channel"),
        ("\x00\x01", "no text"),
    ],
)
def test_what_cannot_be_read_is_said_with_its_line(text, says):
    with pytest.raises(FileError) as refused:
        FORMATS["csv"].parse(text.encode())
    assert says in str(refused.value)


def test_a_spoiled_file_is_refused_or_read_and_never_worse():
    chance, whole = np.random.default_rng(4), f"{SMALL}{HEAD}\n{ROWS}\n"
    for _ in range(300):
        at = int(chance.integers(len(whole)))
        spoiled = whole[:at] + chance.choice(list('0123456789-.,"\n\rne')) + whole[at + 1 :]
        with contextlib.suppress(FileError):
            FORMATS["csv"].parse(spoiled.encode())


def test_of_a_folder_only_a_csv_of_channels_is_a_motion(tmp_path):
    files = {"a.csv": SMALL, "b.csv": "frame,seconds,height\n", "c.csv": "\ufeff" + SMALL, "d.txt": SMALL}
    for name, text in files.items():
        (tmp_path / name).write_text(text)
    assert [path.name for path in sorted(tmp_path.iterdir()) if is_motion(path)] == ["a.csv", "c.csv"]


def lifted(shot, by=0.25):
    """The same shot on a floor that is not at 0."""
    p = shot.performer
    x, y, z = p.placement.offset_m
    up = replace(p, placement=replace(p.placement, offset_m=(x, y + by, z)))
    return replace(shot, performers=(up,), floor_m=(shot.floor_m or 0.0) + by)


@pytest.mark.parametrize("ending", ["bvh", "csv", "glb"])
@pytest.mark.parametrize("travel", ["in the body", "in a joint of its own"])
def test_the_floor_is_brought_to_0(hop, ending, travel):
    settled_hop = settled(hop)
    high = lifted(settled_hop, 0.25 - settled_hop.floor_m)
    file = motion_file(high, format=ending, travel=travel, delivery=Delivery(floor_at_0=True))
    scale = None if ending == "glb" else hop.performer.scale_to_m
    low = places(high) - [0.0, 0.25, 0.0]
    assert places(back(file, ending, scale))[:, -len(low[0]) :] == pytest.approx(low, abs=2e-4)


def test_a_root_that_cannot_be_moved_is_said():
    rig = Rig((Joint("Post", -1, (0.0, 0.0, 0.0), ("rz", "rx", "ry")),))
    with pytest.raises(EditError, match="Post has no channel for its height"):
        lowered(rig, np.zeros((3, 3)), 0.1)


def test_of_its_layers_go_those_that_are_asked_for(hop):
    p = hop.performer
    order = p.rig.joints[p.rig.index("LeftArm")].order
    nod = smooth_turns(np.array([10.0, 20.0, 30.0]), np.radians([[0, 0, 0], [0, 40, 0], [0, 0, 0]]), order)
    hand = Layer("hand", "Nod", KEYED, columns={("LeftArm", TURN): nod})
    posed = replace(hop, performers=(p.with_layers((*p.layers, hand)),))
    trued = propose(see(posed), read_try("true_arc(frame=37)")).edit.apply(posed)
    scale = hop.performer.scale_to_m
    for layers, like in ((NO_CORRECTIONS, posed), (AS_BROUGHT_IN, hop)):
        file = motion_file(trued, delivery=Delivery(layers=layers))
        assert places(back(file, scale=scale)) == pytest.approx(places(like), abs=2e-5)
    held = replace(trued.performer, pins=(Pin("pin1", "left hand", 10, 60, (0.4, 1.4, 0.0)),))
    file = motion_file(replace(trued, performers=(held,)), delivery=Delivery(layers=AS_BROUGHT_IN))
    assert places(back(file, scale=scale)) == pytest.approx(places(hop), abs=2e-5)
    assert np.abs(places(trued) - places(posed)).max() > 0.05
    assert np.abs(places(posed) - places(hop)).max() > 0.02
    with pytest.raises(EditError, match="without corrections"):
        motion_file(hop, delivery=Delivery(layers="some"))


def test_what_corrections_added_to_its_time_is_left_out_with_them(hop):
    longer = propose(see(hop), read_try("true_arc(frame=37,hang=22)")).edit.apply(hop)
    file = motion_file(longer, longer.first_frame, longer.last_frame, delivery=Delivery(layers=NO_CORRECTIONS))
    assert back(file, scale=hop.performer.scale_to_m).frames == hop.frames


def test_names_lose_what_stands_before_a_colon_unless_two_would_be_called_alike(hop):
    p = hop.performer

    def called(name_of):
        rig = replace(p.rig, joints=tuple(replace(j, name=name_of(j.name)) for j in p.rig.joints))
        layers = tuple(replace(x, columns={(name_of(j), c): v for (j, c), v in x.columns.items()}) for x in p.layers)
        return replace(hop, performers=(replace(p, rig=rig, layers=layers),))

    file = motion_file(called(lambda name: f"bram:{name}"), delivery=Delivery(bare_names=True))
    assert back(file, scale=p.scale_to_m).performer.rig.names == p.rig.names
    alike = called(lambda name: f"{name}:joint")
    file = motion_file(alike, delivery=Delivery(bare_names=True))
    assert back(file, scale=p.scale_to_m).performer.rig.names == alike.performer.rig.names
