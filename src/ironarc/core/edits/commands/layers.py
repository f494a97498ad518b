"""What is asked of a performer's layers."""

from ironarc.core.edits.base import Edit, clean_name
from ironarc.core.edits.commands.registry import command
from ironarc.core.edits.motion import RemoveLayer, SetLayer
from ironarc.core.reading.shot import Seen


@command
def set_layer_weight(seen: Seen, layer_id: str, weight: float, performer: str = "") -> Edit:
    """A layer's weight, 0 to 1."""
    name = seen.performer.layer(layer_id).name
    return SetLayer(layer_id, {"weight": weight}, f"{name} at {weight * 100:.0f} %", performer)


@command
def mute_layer(seen: Seen, layer_id: str, muted: bool, performer: str = "") -> Edit:
    """Mutes a layer, or lets it act again."""
    name = seen.performer.layer(layer_id).name
    return SetLayer(layer_id, {"muted": muted}, f"{'Mute' if muted else 'Unmute'} {name}", performer)


@command
def rename_layer(seen: Seen, layer_id: str, name: str, performer: str = "") -> Edit:
    """Another name for a layer."""
    words = f"Rename {seen.performer.layer(layer_id).name} to {clean_name(name)}"
    return SetLayer(layer_id, {"name": name}, words, performer)


@command
def delete_layer(seen: Seen, layer_id: str, performer: str = "") -> Edit:
    """Takes a layer away."""
    return RemoveLayer(layer_id, performer)
