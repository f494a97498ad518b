"""The published segment table, and a segment's mass spread along its length.

Source: P. de Leva, "Adjustments to Zatsiorsky-Seluyanov's segment inertia parameters",
Journal of Biomechanics 29(9), 1996, table 4. Ends used here differ where a rig has no such joint:

* trunk: mid-hip (mean of the hip joints) to the base of the neck, the table turned end for end
* head: base of the neck to the crown (the end site of the head, or as long as the table makes it)
* hand: wrist to third knuckle; foot: heel to toe tip, both set up from the rig's size where it has no joint
"""

from dataclasses import dataclass
from functools import cache


@dataclass(frozen=True)
class SegmentShape:
    """One row of the table.

    mass : share of body mass
    com : centre of mass along the segment from its proximal end, share of length
    sagittal, transverse, longitudinal : radii of gyration, share of length
    """

    mass: float
    com: float
    sagittal: float
    transverse: float
    longitudinal: float

    @property
    def axial(self) -> float:
        """Second moment of mass along the length about the com, per unit mass and length².

        I_s = Q + P_y, I_t = Q + P_x, I_l = P_x + P_y, so Q = (I_s + I_t - I_l) / 2.
        """
        return (self.sagittal**2 + self.transverse**2 - self.longitudinal**2) / 2

    @property
    def cross(self) -> tuple[float, float]:
        """Second moments (P_x, P_y) across the length: along the sagittal and the transverse axis."""
        return self.transverse**2 - self.axial, self.sagittal**2 - self.axial

    def spread(self, a: float, b: float) -> tuple[float, float, float]:
        """Mass, com and axial second moment of the part from share a to share b of the length.

        The density is the parabola over the length that has the row's mass, com and axial second moment
        (Legendre terms: with u from -1/2 to 1/2, 1 + 12 μ u + 180 (s - 1/12)(u² - 1/12)), so that a
        segment cut into any number of bones weighs, balances and turns as the whole does.
        Returns (share of the segment's mass, com as share of length, second moment about that com).
        """
        mu = self.com - 0.5
        bend = 180 * (self.axial + mu * mu - 1 / 12)
        density = (1 - bend / 12, 12 * mu, bend)
        low, high = a - 0.5, b - 0.5
        # ∫ uᵏ ρ(u) du between the two ends, for k = 0, 1, 2
        moments = [
            sum(c * (high ** (p + k + 1) - low ** (p + k + 1)) / (p + k + 1) for p, c in enumerate(density))
            for k in range(3)
        ]
        m = max(moments[0], 1e-12)
        centre = moments[1] / m
        return m, centre + 0.5, max(moments[2] / m - centre**2, 0.0)


# mass M, F; com M, F; radii M (sagittal, transverse, longitudinal); radii F
_TABLE = {
    "head": (0.0694, 0.0668, 0.5002, 0.4841, (0.303, 0.315, 0.261), (0.271, 0.295, 0.261)),
    "trunk": (0.4346, 0.4257, 0.4486, 0.4151, (0.372, 0.347, 0.191), (0.357, 0.339, 0.171)),
    "upper arm": (0.0271, 0.0255, 0.5772, 0.5754, (0.285, 0.269, 0.158), (0.278, 0.260, 0.148)),
    "forearm": (0.0162, 0.0138, 0.4574, 0.4559, (0.276, 0.265, 0.121), (0.261, 0.257, 0.094)),
    "hand": (0.0061, 0.0056, 0.7900, 0.7474, (0.628, 0.513, 0.401), (0.531, 0.454, 0.335)),
    "thigh": (0.1416, 0.1478, 0.4095, 0.3612, (0.329, 0.329, 0.149), (0.369, 0.364, 0.162)),
    "shank": (0.0433, 0.0481, 0.4459, 0.4416, (0.255, 0.249, 0.103), (0.271, 0.267, 0.093)),
    "foot": (0.0137, 0.0129, 0.4415, 0.4014, (0.257, 0.245, 0.124), (0.299, 0.279, 0.139)),
}
PAIRED = frozenset({"upper arm", "forearm", "hand", "thigh", "shank", "foot"})
# the table gives these from the far end (vertex, suprasternale); here every segment runs outward from the hips
_FROM_FAR_END = frozenset({"head", "trunk"})
BUILDS = {"m": 0.0, "f": 1.0}  # how the command line and older documents name the two tables

# Lengths as a share of stature where a rig has no joint to measure (de Leva 1996, table 4, mean of M and F)
HAND_LENGTH = 0.0478
FOOT_LENGTH = 0.140
HEAD_LENGTH = 0.140
ANKLE_HEIGHT = 0.039
HEEL_BEHIND_ANKLE = 0.25  # share of the foot's length that lies behind the ankle (Winter 2009, fig. 4.1)
FOREARM_BY_UPPER_ARM = 0.955


@cache
def segment_shape(segment: str, female: float) -> SegmentShape:
    """The row of `segment`, from the male table (0) to the female (1), measured outward from the hips.

    Between the two every number is mixed; radii by their squares, as moments of inertia are.
    """
    mass_m, mass_f, com_m, com_f, radii_m, radii_f = _TABLE[segment]

    def mix(m: float, f: float) -> float:
        return m + (f - m) * female

    com = mix(com_m, com_f)
    radii = (mix(m * m, f * f) ** 0.5 for m, f in zip(radii_m, radii_f, strict=True))
    return SegmentShape(mix(mass_m, mass_f), 1 - com if segment in _FROM_FAR_END else com, *radii)


def full_body(female: float) -> float:
    """Sum of the table's shares for a whole body; 0.9999 to 1.0001, since the table is rounded."""
    return sum(segment_shape(s, female).mass * (2 if s in PAIRED else 1) for s in _TABLE)
