"""The crew's rigs: one human rig, sized to each of them. Centimetres, facing +Z, left is +X, arms hanging."""

from dataclasses import dataclass

from ironarc.core.rig import POSITION_CHANNELS, EndSite, Joint, Rig

# Offsets as shares of stature, after Drillis and Contini's proportions (in Winter 2009, fig. 4.1)
_TRUNK = [
    ("Hips", "", (0.0, 0.0, 0.0)),
    ("Spine", "Hips", (0.0, 0.045, -0.004)),
    ("Chest", "Spine", (0.0, 0.095, 0.0)),
    ("UpperChest", "Chest", (0.0, 0.085, 0.0)),
    ("Neck", "UpperChest", (0.0, 0.085, -0.004)),
    ("Head", "Neck", (0.0, 0.055, 0.008)),
]
_ARM = [
    ("Collar", "UpperChest", (0.018, 0.058, 0.0)),
    ("Arm", "Collar", (0.088, 0.0, -0.004)),
    ("ForeArm", "Arm", (0.0, -0.186, 0.0)),
    ("Hand", "ForeArm", (0.0, -0.146, 0.0)),
]
_LEG = [
    ("UpLeg", "Hips", (0.05, -0.008, 0.0)),
    ("Leg", "UpLeg", (0.0, -0.245, 0.0)),
    ("Foot", "Leg", (0.0, -0.238, 0.0)),
    ("Toe", "Foot", (0.0, -0.030, 0.072)),
]
_ENDS = {"Head": (0.0, 0.105, 0.006), "Hand": (0.0, -0.09, 0.0), "Toe": (0.0, -0.009, 0.035)}
# Arms spread before they swing; everything else bends about its side-to-side axis between tilt and twist
_ARM_ORDER = ("ry", "rx", "rz")
_ORDER = ("rz", "rx", "ry")


@dataclass(frozen=True)
class CrewMember:
    """name, stature in cm, mass in kg, build of the published table."""

    name: str
    stature_cm: float
    mass_kg: float
    build: str


BRAM = CrewMember("Bram Okoro", 181.0, 82.0, "m")
TANSY = CrewMember("Tansy Vale", 166.0, 58.0, "f")
HALLORAN = CrewMember("Old Halloran", 188.0, 124.0, "m")


def rig_of(member: CrewMember) -> Rig:
    """The member's rig, in centimetres."""
    rows = list(_TRUNK)
    for side, sign in (("Left", 1.0), ("Right", -1.0)):
        for name, above, (x, y, z) in _ARM + _LEG:
            rows.append((side + name, above if above in ("UpperChest", "Hips") else side + above, (sign * x, y, z)))
    rows = _depth_first(rows)
    index = {name: i for i, (name, _, _) in enumerate(rows)}
    joints = []
    for name, above, share in rows:
        order = _ARM_ORDER if name.endswith("Arm") and not name.endswith("ForeArm") else _ORDER
        channels = (*POSITION_CHANNELS, *order) if not above else order
        offset = tuple(member.stature_cm * v for v in share)
        joints.append(Joint(name, index[above] if above else -1, offset, channels))
    ends = [
        EndSite(i, tuple(member.stature_cm * v for v in share))
        for i, (name, _, _) in enumerate(rows)
        for ending, share in _ENDS.items()
        if name.endswith(ending)
    ]
    return Rig(tuple(joints), tuple(ends))


def _depth_first(rows: list) -> list:
    out = []

    def visit(row) -> None:
        out.append(row)
        for below in rows:
            if below[1] == row[0]:
                visit(below)

    visit(rows[0])
    return out
