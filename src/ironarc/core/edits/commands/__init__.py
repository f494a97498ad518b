"""Commands: what a person asks for, and the edit it means. Pure functions of the shot as it is seen."""

from ironarc.core.edits.commands import footing, judging, layers, performers, scene, shot, weight
from ironarc.core.edits.commands.registry import COMMANDS, command

__all__ = ["COMMANDS", "command", "footing", "judging", "layers", "performers", "scene", "shot", "weight"]
