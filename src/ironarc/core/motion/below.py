"""What lies below a layer, as a few numbers, by which a change there is known."""

from dataclasses import replace

import numpy as np

from ironarc.core.motion.evaluate import Motion, layered

SAMPLES = 6  # frames along a layer's span
SAME = 2e-3
_PROJECTIONS = 3


def below_of(motion: Motion, span: tuple[int, int], number: int) -> tuple[float, ...]:
    """A few numbers that tell what the layers below number `number` make of the body along a span."""
    local = layered(replace(motion, layers=motion.layers[:number]), np.linspace(span[0], span[1], SAMPLES))
    # squares, since a rotation and its negative are one
    turned = local.rotation**2
    place = local.translation[:, list(motion.rig.roots)] * motion.scale_to_m
    out = []
    for k in range(_PROJECTIONS):
        for values in (turned, place):
            weights = np.cos((k + 1.0) * np.arange(values.size)).reshape(values.shape)
            out.append(float((values * weights).sum()))
    return tuple(out)


def is_stale(motion: Motion, number: int) -> bool:
    """Whether what lies below layer number `number` has changed since it was made."""
    layer = motion.layers[number]
    if not layer.below or layer.span is None:
        return False
    now = below_of(motion, layer.span, number)
    return len(now) != len(layer.below) or float(np.abs(np.array(now) - layer.below).max()) > SAME
