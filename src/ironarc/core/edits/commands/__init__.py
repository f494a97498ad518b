"""Commands: what a person asks for, and the edit it means. Pure functions of the shot as it is seen."""

from ironarc.core.edits.commands import (
    camera,
    carry,
    curves,
    feet,
    footing,
    judging,
    keys,
    layers,
    markers,
    overlap,
    performers,
    pins,
    posing,
    remarks,
    rigging,
    room,
    scene,
    shot,
    skin,
    strike,
    strips,
    weight,
)
from ironarc.core.edits.commands.registry import COMMANDS, command

__all__ = [
    "COMMANDS", "camera", "carry", "command", "curves", "feet", "footing", "judging", "keys", "layers", "markers",
    "overlap", "performers", "pins", "posing", "remarks", "rigging", "room", "scene", "shot", "skin", "strike",
    "strips", "weight",
]  # fmt: skip
