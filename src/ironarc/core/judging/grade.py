"""Limits of a kind of finding, with unit and reason."""

from dataclasses import dataclass


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
