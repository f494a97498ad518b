import numpy as np
import pytest

from ironarc.core.errors import FileError
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.figure.units import guess_scale
from ironarc.core.formats import FileMotion, bvh
from ironarc.core.rotation import ORDERS
from tests.figures import SMALL_BVH, bake_shot


def values_of(motion: FileMotion) -> np.ndarray:
    """(frames, channels) in file order, degrees."""
    out = []
    for joint in motion.rig.joints:
        for channel in joint.channels:
            values = motion.columns[joint.name, channel].values
            out.append(np.degrees(values) if channel.startswith("r") else values)
    return np.column_stack(out)


def there_and_back(text: str) -> tuple[FileMotion, FileMotion]:
    before = bvh.parse(text.encode())
    return before, bvh.parse(motion_file(shot_from_file(text.encode(), "Test", scale_to_m=0.01)))


def test_numbers_joints_and_channels_are_read():
    motion = bvh.parse(SMALL_BVH.encode())
    assert motion.rig.names == ("Hips", "Spine")
    assert motion.rig.joints[1].order == "YXZ"
    assert motion.frames == 3
    assert motion.frame_time_s == 0.0416667
    np.testing.assert_allclose(values_of(motion)[2], [0, 92, 1, 2, 2, 3, 4, 5, 6.25])
    np.testing.assert_allclose(motion.rig.rest_positions[1], [0, 50, 0])


def test_a_file_comes_back_unchanged():
    before, after = there_and_back(SMALL_BVH)
    assert after.rig == before.rig
    assert after.frame_time_s == pytest.approx(before.frame_time_s, rel=1e-9)
    np.testing.assert_allclose(values_of(after), values_of(before), atol=1e-6)


def random_file(seed: int) -> str:
    """Any hierarchy: random tree, orders, position channels on some joints, several end sites, big angles."""
    rng = np.random.default_rng(seed)
    lines, channels = ["HIERARCHY"], 0

    def node(name: str, depth: int) -> None:
        nonlocal channels
        lines.append(f"{'ROOT' if depth == 0 else 'JOINT'} {name}")
        lines.append("{")
        lines.append("OFFSET " + " ".join(f"{v:.4f}" for v in rng.uniform(-30, 30, 3)))
        order = [f"{axis}rotation" for axis in rng.choice(ORDERS)]
        names = order[: rng.choice([3, 3, 3, 2, 1])]
        if depth == 0 or rng.random() < 0.3:
            names = (
                ["Xposition", "Yposition", "Zposition", *names]
                if rng.random() < 0.7
                else [*names, "Zposition", "Xposition", "Yposition"]
            )
        lines.append(f"CHANNELS {len(names)} {' '.join(names)}")
        channels += len(names)
        for i in range(rng.integers(0, 3) if depth < 5 else 0):
            node(f"{name}_{i}", depth + 1)
            if rng.random() < 0.3:
                lines.extend(["End Site", "{", "OFFSET 1 2 3", "}"])
        if rng.random() < 0.5:
            lines.extend(["End Site", "{", "OFFSET 0 -4.5 0.25", "}"])
        lines.append("}")

    node("Root", 0)
    lines += ["MOTION", "Frames: 7", "Frame Time: 0.0333333"]
    lines += [" ".join(f"{v:.5f}" for v in rng.uniform(-400, 400, channels)) for _ in range(7)]
    return "\n".join(lines)


@pytest.mark.parametrize("seed", range(12))
def test_any_hierarchy_comes_back_unchanged(seed):
    text = random_file(seed)
    before, after = bvh.parse(text.encode()), None
    table = np.column_stack(
        [np.degrees(c.values) if k[1].startswith("r") else c.values for k, c in before.columns.items()]
    )
    after = bvh.parse(bvh.write(before.rig, table, before.frame_time_s))
    assert after.rig == before.rig
    np.testing.assert_allclose(values_of(after), values_of(before), atol=1e-5)


@pytest.mark.parametrize(
    "change",
    [
        lambda t: t.replace("\n", "\r\n"),
        lambda t: t.replace(" ", "\t"),
        lambda t: t.replace("\t", ""),
        lambda t: t.replace("\n", "\n\n"),
        lambda t: t.replace("ROOT Hips\n{", "ROOT Hips {"),
        lambda t: t.replace("Xrotation", "XROTATION"),
        lambda t: "\ufeff" + t + "\n\n  \n",
        lambda t: t.replace("End Site", "End Site Crown").replace("End Site Crown", "End Site"),
        lambda t: t.replace("Frames: 3", "Frames:\t3"),
    ],
    ids=["crlf", "tabs", "no indent", "blank lines", "brace on the line", "capitals", "mark and tail", "named", "tab"],
)
def test_ways_of_writing_the_same_file(change):
    np.testing.assert_array_equal(
        values_of(bvh.parse(change(SMALL_BVH).encode())), values_of(bvh.parse(SMALL_BVH.encode()))
    )


@pytest.mark.parametrize(
    ("old", "new", "line", "words"),
    [
        ("HIERARCHY", "HEIRARCHY", 1, 'begins with the word HIERARCHY; this one begins with "HEIRARCHY"'),
        ("OFFSET 0.0 50.0 0.0", "OFFSET 0.0 fifty 0.0", 8, 'OFFSET of joint "Spine" needs three numbers'),
        ("OFFSET 0.0 40.0 0.0", "OFFSET 0.0 nan 0.0", 12, "needs three numbers"),
        ("CHANNELS 3", "CHANNELS 4", 9, "says 4 and lists 3"),
        ("Yrotation Xrotation Zrotation", "Yrotation Yrotation Zrotation", 9, "lists the channel Yrotation twice"),
        ("Yrotation Xrotation Zrotation", "Yrotation Wrotation Zrotation", 9, '"Wrotation", which is not known'),
        ("JOINT Spine", "JOINT Hips", 6, 'two joints are called "Hips"'),
        ("JOINT Spine", "JOINT", 6, "has no name"),
        ("JOINT Spine", "JIONT Spine", 6, 'found "JIONT Spine"'),
        ("Frames: 3", "Frames: 4", 18, "Frames: says 4, and 3 frames of motion follow"),
        ("Frames: 3", "Frames: three", 17, 'needs a number, found "three"'),
        ("Frames: 3", "Frames: 30000", 17, "from 1 to 20,000 frames"),
        ("Frame Time: 0.0416667", "Frame Time: 0", 18, "not between"),
        ("Frame Time: 0.0416667", "Frame Rate: 24", 18, 'found "Frame Rate: 24"'),
        ("0 91 0.5", "0 91 zero", 20, 'frame 2 of the motion holds "zero"'),
        ("0 91 0.5", "0 91 nan", 20, 'frame 2 of the motion holds "nan"; every value must be finite'),
        ("0 92 1 ", "0 inf 1 ", 21, 'holds "inf"'),
        ("0 92 1 2 2", "0 92 1 2", 21, "frame 3 of the motion has 8 values; the HIERARCHY lists 9 channels"),
    ],
)
def test_a_bad_file_is_refused_with_its_line(old, new, line, words):
    assert old in SMALL_BVH
    with pytest.raises(FileError) as caught:
        bvh.parse(SMALL_BVH.replace(old, new, 1).encode())
    assert words in str(caught.value)
    assert caught.value.line == line


@pytest.mark.parametrize(
    "data", [b"", b"   \n\n", b"\x00\xff\x10 not text at all \x80", b"HIERARCHY\nROOT Hips\n{\nOFFSET 0 0 0\n"]
)
def test_what_is_no_bvh_file_is_refused(data):
    with pytest.raises(FileError):
        bvh.parse(data)


def test_a_deep_chain_needs_no_recursion_and_too_many_joints_are_refused():
    def chain(n: int) -> str:
        body = "".join(f"{'JOINT' if i else 'ROOT'} j{i}\n{{\nOFFSET 0 1 0\nCHANNELS 1 Xrotation\n" for i in range(n))
        return f"HIERARCHY\n{body}{'}' * n}\nMOTION\nFrames: 1\nFrame Time: 0.04\n{' '.join('0' * n)}\n"

    assert len(bvh.parse(chain(200).encode()).rig) == 200
    with pytest.raises(FileError, match="more than 200 joints"):
        bvh.parse(chain(201).encode())


@pytest.mark.parametrize("first", ["0 90 0 1", "0 0 0 1"], ids=["as places", "as moves from the offset"])
def test_a_root_s_channels_replace_its_offset_whatever_the_motion_looks_like(first):
    text = SMALL_BVH.replace("OFFSET 0.0 0.0 0.0", "OFFSET 0.0 90.0 0.0", 1).replace("0 90 0 1", first)
    shot = shot_from_file(text.encode(), "x", scale_to_m=0.01)
    assert shot.performer.rig.joints[0].position == "replaces"
    assert bake_shot(shot).position[0, 0, 1] == pytest.approx(float(first.split()[1]) / 100)
    before, after = there_and_back(text)
    np.testing.assert_allclose(values_of(after), values_of(before), atol=1e-6)


def test_an_inner_joint_keeps_its_bone_s_length():
    """Channels near the offset are places, those near zero are moves from it."""
    spine = "\t\tCHANNELS 6 Xposition Yposition Zposition Yrotation Xrotation Zrotation"
    text = SMALL_BVH.replace("\t\tCHANNELS 3 Yrotation Xrotation Zrotation", spine)
    for given, meaning in (("0 50 0", "replaces"), ("0 0.2 0", "adds")):
        lines = text.strip().splitlines()
        fixed = lines[:-3] + [f"0 {90 + i} 0 1 2 3 {given} 4 5 6" for i in range(3)]
        assert bvh.parse("\n".join(fixed).encode()).rig.joints[1].position == meaning


@pytest.mark.parametrize(("scale", "unit"), [(1.0, 0.01), (0.01, 1.0), (1 / 2.54, 0.0254), (10.0, 0.001)])
def test_the_unit_is_guessed_from_the_figure_s_height(scale, unit):
    from dataclasses import replace

    from tests.figures import BRAM_RIG

    joints = tuple(replace(j, offset=tuple(scale * v for v in j.offset)) for j in BRAM_RIG.joints)
    ends = tuple(replace(e, offset=tuple(scale * v for v in e.offset)) for e in BRAM_RIG.ends)
    found, believed = guess_scale(replace(BRAM_RIG, joints=joints, ends=ends))
    assert believed
    assert found == unit
