"""Limits of every kind of finding, in one table, with unit and reason. Interface, docs and command line read it."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

from ironarc.core.document import Limit


@dataclass(frozen=True)
class Grade:
    """Limits of one kind of finding.

    scales : how they grow with the figure: "", "length" or "speed"
    noisy : wider by three quarters where a motion carries a capture's noise
    reason : where the limits come from; by_hand : what an animator does about it
    """

    label: str
    strained: float
    cracked: float
    unit: str
    reason: str
    by_hand: str
    scales: str = ""
    noisy: bool = False


LENGTH, SPEED = "length", "speed"
GRADES = {
    "hang": Grade(
        "Hang time", 0.12, 0.30, "share of g",
        "Captured flights lie within 3 %; a jump 12 % off reads as floaty or leaden.",
        "Take frames out of the air or put some in, or change how high it rises."),
    "arc": Grade(
        "Off the arc", 0.03, 0.08, "m",
        "Captured leaps stay within 1 to 4 mm; 3 cm begins to show as a bump or a drift.",
        "Move the hips in the air until the center of gravity lies on the arc.", LENGTH),
    "phantom": Grade(
        "Phantom force", 0.3, 0.8, "body weights",
        "Force kept up for 0.1 s that no contact can give. Exact bodies show up to 0.03, captured ones up to 0.29.",
        "Give it something to push on, or slow what the push would have to do."),
    "balance": Grade(
        "Out of balance", 0.02, 0.06, "m",
        "A pose held for 0.25 s with its plumb outside the support area falls; captured stances stay inside.",
        "Bring the hips back over the feet, put a foot or a hand down farther out, or let it fall.", LENGTH),
    "hover": Grade(
        "Hovers", 0.02, 0.05, "m",
        "2 cm begins to show as a gap. Captured feet at rest read up to 2.5 cm off the floor.",
        "Lower the hips or the feet until they touch.", LENGTH, True),
    "sink": Grade(
        "Sinks in", 0.015, 0.04, "m",
        "Captured soles lie within 1.5 cm of the floor; round parts give way by a third of their girth.",
        "Raise the hips or bend the knees until the sole lies on the floor.", LENGTH, True),
    "slide": Grade(
        "Slides", 0.02, 0.06, "m",
        "A part that bears weight and rolls or turns has a point that stays. Captured ones drift by up to 3.4 cm.",
        "Hold the planted part where it first touched.", LENGTH, True),
    "push": Grade(
        "Push at take-off", 4.5, 8.0, "body weights",
        "1 + v² / (2 g d), for take-off speed v over push depth d. Athletes' standing jumps take 2 to 3.",
        "Go down deeper or earlier before the jump, or take less height."),
    "landing": Grade(
        "Landing", 8.0, 15.0, "body weights",
        "1 + v² / (2 g d), touch-down speed v over the depth it is taken in. Hard landings of gymnasts reach 8 to 14.",
        "Let the knees and hips go on down for longer after contact."),
    "spin": Grade(
        "Spin not steady", 0.20, 0.45, "share of mean spin",
        "Nothing can change the spin in the air; captured kicks hold it within 12 to 15 %.",
        "Turn faster while folded and slower while open, and evenly between."),
    "kink": Grade(
        "Kink at take-off or landing", 1.0, 2.0, "m/s",
        "Speed gained or lost between two frames, beyond what a push changes in one; captured leaps show 0.2 at most.",
        "Spread the change of speed over more frames of the push.", SPEED),
    "jerk": Grade(
        "Jerk", 0.015, 0.04, "m",
        "One frame of the center of gravity off the curve through its neighbours, with no contact changing nearby.",
        "Take the odd frame out, or smooth the hips there.", LENGTH),
    "stop": Grade(
        "Stops dead", 1.0, 2.5, "m/s",
        "Speed of the fastest part in the frame before everything stands still; a living body settles.",
        "Let the parts arrive one after the other, and let the pose breathe.", SPEED),
    "bend": Grade(
        "Bends the wrong way", 5.0, 20.0, "degrees",
        "Knees and elbows go 0 to 5 degrees past straight; captured ones read up to 4.6.",
        "Swing the knee or the elbow round to its own side."),
    "pop": Grade(
        "Pops", 8.0, 15.0, "rad/s",
        "A joint six times as fast for one frame as on the frames around, with no impact to throw it.",
        "Delete the odd key, or turn the joint the short way round."),
    "fast": Grade(
        "Too fast to be seen", 50.0, 90.0, "degrees a frame",
        "Captured punches and kicks turn up to 40 degrees a frame; past 90 the eye can't tell which way.",
        "Spread the turn over more frames, or hide it."),
    "stretch": Grade(
        "Stretches", 0.05, 0.15, "share of its length",
        "A bone is as long as it usually is in the motion; 5 % begins to show.",
        "Bring the end of the limb nearer, or move the hips after it."),
    "through": Grade(
        "Passes through", 0.03, 0.08, "m",
        "Flesh that gives way taken off; hands on hips and crossed legs stay below.",
        "Lead the part around, or move what it passes through.", LENGTH),
}  # fmt: skip


def limits_of(changed: Sequence[Limit] = (), house: Sequence[Limit] = ()) -> Mapping[str, Grade]:
    """The table with what was changed for the house, and for a shot over that; kinds that are gone are passed over."""
    if not changed and not house:
        return GRADES
    out = dict(GRADES)
    for x in (*house, *changed):
        if x.kind in out:
            out[x.kind] = replace(out[x.kind], strained=x.strained, cracked=x.cracked)
    return out
