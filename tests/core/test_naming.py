import pytest

from ironarc.core.figure.anatomy import find_anatomy
from ironarc.core.figure.naming import suggest, understand, words_of
from ironarc.core.figure.rig import Joint, Rig

ROLES = ["pelvis", "spine", "neck", "head", "collar", "upper arm", "forearm", "hand", "thigh", "shank", "foot", "toe"]
PARENT = {"spine": "pelvis", "neck": "spine", "head": "neck", "collar": "spine", "upper arm": "collar",
          "forearm": "upper arm", "hand": "forearm", "thigh": "pelvis", "shank": "thigh", "foot": "shank",
          "toe": "foot"}  # fmt: skip
CENTRE = ["pelvis", "spine", "neck", "head"]
STYLES = {
    "hips, upleg, arm": ["Hips", "Spine", "Neck", "Head", "{S}Shoulder", "{S}Arm", "{S}ForeArm", "{S}Hand", "{S}UpLeg",
                         "{S}Leg", "{S}Foot", "{S}ToeBase"],
    "collar, shoulder, elbow": ["hip", "abdomen", "neck", "head", "{s}Collar", "{s}Shoulder", "{s}Elbow", "{s}Wrist",
                                "{s}Hip", "{s}Knee", "{s}Ankle", "{s}Toe"],
    "pelvis, thigh, calf": ["pelvis", "spine_01", "neck_01", "head", "clavicle_{l}", "upperarm_{l}", "lowerarm_{l}",
                            "hand_{l}", "thigh_{l}", "calf_{l}", "foot_{l}", "ball_{l}"],
    "dotted": ["root", "torso", "neck", "head", "clavicle.{L}", "upper_arm.{L}", "forearm.{L}", "hand.{L}",
               "thigh.{L}", "shin.{L}", "foot.{L}", "toe.{L}"],
    "in front, with numbers": ["C_hips_01", "C_chest_01", "C_neck_01", "C_head_01", "{L}_clav_01", "{L}_uparm_01",
                               "{L}_lowarm_01", "{L}_hand_01", "{L}_upleg_01", "{L}_lowleg_01", "{L}_foot_01",
                               "{L}_toes_01"],
    "words apart": ["Pelvis", "Lower Back", "Neck", "Head", "{S} Collar Bone", "{S} Upper Arm", "{S} Lower Arm",
                    "{S} Hand", "{S} Upper Leg", "{S} Lower Leg", "{S} Foot", "{S} Toe"],
    "middle mark, joints": ["jnt_root_M", "jnt_spine_M", "jnt_neck_M", "jnt_head_M", "jnt_scapula_{L}",
                            "jnt_shoulder_{L}", "jnt_elbow_{L}", "jnt_wrist_{L}", "jnt_hip_{L}", "jnt_knee_{L}",
                            "jnt_ankle_{L}", "jnt_ball_{L}"],
}  # fmt: skip


def rig_in(style: list[str], namespace: str = "") -> tuple[Rig, list[tuple[str, str]]]:
    rows = [(role, "", name) for role, name in zip(ROLES, style, strict=True) if role in CENTRE]
    for side in ("left", "right"):
        marks = {"S": side.title(), "s": side[0], "L": side[0].upper(), "l": side[0]}
        rows += [(r, side, n.format(**marks)) for r, n in zip(ROLES, style, strict=True) if r not in CENTRE]
    index = {(role, side): i for i, (role, side, _) in enumerate(rows)}
    joints = []
    for role, side, name in rows:
        above = PARENT.get(role)
        parent = -1 if above is None else index[(above, side if (above, side) in index else "")]
        joints.append(Joint(namespace + name, parent, (0.0, 10.0, 0.0)))
    return Rig(tuple(joints)), [(role, side) for role, side, _ in rows]


@pytest.mark.parametrize("namespace", ["", "crew:bram:"])
@pytest.mark.parametrize("style", STYLES.values(), ids=STYLES.keys())
def test_every_style_is_understood(style, namespace):
    rig, wanted = rig_in(style, namespace)
    assert [(m.role, m.side) for m in understand(rig)] == wanted


def test_fingers_are_not_hands_and_unknown_names_are_listed():
    rig, _ = rig_in(STYLES["hips, upleg, arm"])
    hand = rig.index("LeftHand")
    more = (*rig.joints, Joint("LeftHandThumb1", hand, (1.0, -3.0, 0)), Joint("Satchel", 0, (0, 0, -9.0)))
    meanings = understand(Rig(more))
    assert meanings[-2].role == "finger"
    assert meanings[-1].role == ""
    assert find_anatomy(Rig(more), 0.01).unexplained == ["Satchel"]


def test_a_joint_not_understood_gets_a_suggestion_from_what_stands_about_it():
    style = STYLES["hips, upleg, arm"]
    for role, odd in (("shank", "{S}Qux"), ("thigh", "{S}Qux"), ("forearm", "{S}Qux"), ("foot", "{S}Qux")):
        names = [odd if r == role else n for r, n in zip(ROLES, style, strict=True)]
        rig, _ = rig_in(names)
        meanings = understand(rig)
        i = next(i for i, m in enumerate(meanings) if not m.role)
        assert suggest(rig, meanings, i) == role, role
    rig, _ = rig_in(style)
    hand = rig.index("LeftHand")
    odd = Rig((*rig.joints, Joint("Qux", hand, (0.0, -3.0, 0.0))))
    assert suggest(odd, understand(odd), len(odd) - 1) == "none"
    alone = Rig((Joint("qux", -1, (0, 0, 0)), Joint("quux", 0, (0, 4, 0))))
    assert suggest(alone, understand(alone), 1) == ""


def test_words_are_cut_at_capitals_marks_and_namespaces():
    assert words_of("ns:LeftUpLeg_02") == ["left", "up", "leg"]
    assert words_of("IKFoot.L") == ["ik", "foot", "l"]
