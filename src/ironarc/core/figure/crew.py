"""The stock crew: one human rig, sized to each of three, and a three-legged mechanical dog.

Centimetres, facing +Z, left is +X, arms hanging.
"""

from dataclasses import dataclass

from ironarc.core.figure.rig import POSITION_CHANNELS, EndSite, Joint, Rig
from ironarc.core.figure.segments import BUILDS
from ironarc.core.figure.weighing import DENSITY_KGM3, Weighing

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
    """name, stature in cm (Gull's: from lamp to rudder), mass in kg, build of the published table."""

    name: str
    stature_cm: float
    mass_kg: float
    build: str
    density_kgm3: float = DENSITY_KGM3
    girths: tuple[tuple[str, float], ...] = ()

    @property
    def weighing(self) -> Weighing:
        return Weighing(self.mass_kg, BUILDS[self.build], density_kgm3=self.density_kgm3, girths=self.girths)


BRAM = CrewMember("Bram Okoro", 181.0, 82.0, "m")
TANSY = CrewMember("Tansy Vale", 166.0, 58.0, "f")
HALLORAN = CrewMember("Old Halloran", 188.0, 124.0, "m")
# Sheet iron round a hollow, so denser than flesh; its legs are thin for their length
_DOG_GIRTHS = {"Chassis": 0.2, "Keel": 0.2, "Boom": 0.13, "Lamp": 0.3, "Rudder": 0.08, "LeftShoe": 0.3,
               "RightShoe": 0.3,
               "AftShoe": 0.3, "LeftStrut": 0.12, "RightStrut": 0.12, "AftStrut": 0.12, "LeftPiston": 0.07,
               "RightPiston": 0.07, "AftPiston": 0.07}  # fmt: skip
GULL = CrewMember("Gull", 95.0, 34.0, "m", 2400.0, tuple(_DOG_GIRTHS.items()))
STOCK = {"bram": BRAM, "tansy": TANSY, "halloran": HALLORAN, "gull": GULL}

# Gull, in cm: no word of these is a human segment's, so the dog is weighed by length and girth
_DOG = [
    ("Chassis", "", (0.0, 0.0, 0.0)),
    ("Keel", "Chassis", (0.0, 1.0, 26.0)),
    ("Boom", "Keel", (0.0, 9.0, 8.0)),
    ("Lamp", "Boom", (0.0, 12.0, 10.0)),
    ("LeftStrut", "Keel", (9.0, -3.0, 2.0)),
    ("LeftPiston", "LeftStrut", (0.0, -23.0, 0.0)),
    ("LeftShoe", "LeftPiston", (0.0, -21.0, 0.0)),
    ("RightStrut", "Keel", (-9.0, -3.0, 2.0)),
    ("RightPiston", "RightStrut", (0.0, -23.0, 0.0)),
    ("RightShoe", "RightPiston", (0.0, -21.0, 0.0)),
    ("AftStrut", "Chassis", (0.0, -4.0, -14.0)),
    ("AftPiston", "AftStrut", (0.0, -22.0, 0.0)),
    ("AftShoe", "AftPiston", (0.0, -20.0, 0.0)),
    ("Rudder", "Chassis", (0.0, 4.0, -16.0)),
]
_DOG_ENDS = {"Lamp": (0.0, 1.0, 15.0), "Shoe": (0.0, -4.0, 4.0), "Rudder": (0.0, 10.0, -20.0)}


def rig_of(member: CrewMember) -> Rig:
    """The member's rig, in centimetres."""
    if member is GULL:
        return _rig(_depth_first(_DOG), _DOG_ENDS, 1.0)
    rows = list(_TRUNK)
    for side, sign in (("Left", 1.0), ("Right", -1.0)):
        for name, above, (x, y, z) in _ARM + _LEG:
            rows.append((side + name, above if above in ("UpperChest", "Hips") else side + above, (sign * x, y, z)))
    return _rig(_depth_first(rows), _ENDS, member.stature_cm)


def _rig(rows: list, tips: dict, size_cm: float) -> Rig:
    """A rig of rows (joint, parent, offset), offsets and tips as shares of `size_cm`."""
    index = {name: i for i, (name, _, _) in enumerate(rows)}
    joints = []
    for name, above, share in rows:
        order = _ARM_ORDER if name.endswith("Arm") and not name.endswith("ForeArm") else _ORDER
        channels = (*POSITION_CHANNELS, *order) if not above else order
        offset = tuple(size_cm * v for v in share)
        joints.append(Joint(name, index[above] if above else -1, offset, channels))
    ends = [
        EndSite(i, tuple(size_cm * v for v in share))
        for i, (name, _, _) in enumerate(rows)
        for ending, share in tips.items()
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
