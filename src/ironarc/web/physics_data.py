"""What the bench draws of footing, balance, pushes and spin: asked for once the first picture stands."""

from collections.abc import Sequence

import numpy as np

from ironarc.core.judging.on_blows import Blow
from ironarc.core.reading import Reading
from ironarc.core.reading.early import Early
from ironarc.core.reading.faults import SLIDE, contact_faults
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.spin import read_spin_parts
from ironarc.core.reading.thrown import read_thrown
from ironarc.web.packed import PHYSICS, packed_physics


def physics_data(reading: Reading, blows: Sequence[Blow] = ()) -> dict:
    """What is no number a frame, and the names of the blocks that are: slides, what is thrown, blows, and the names of
    parts that push and that carry spin.

    blows : that strike it, given as frame indices `at`, whose push is told by what gives it
    """
    return {
        "blocks": reading.ask(packed_physics).names,
        "columns": PHYSICS,
        "groups": reading.ask(read_forces).groups,
        "spinning": reading.ask(read_spin_parts).names,
        "blows": [{"at": b.frame - float(reading.poses.frames[0]), "by": b.by} for b in blows],
        "slides": [
            {"start": f.start, "end": f.end, "cm": round(f.value_m * 100, 1), "path": np.round(f.path, 4).tolist()}
            for f in reading.ask(contact_faults)
            if f.kind == SLIDE and f.value_m > 0.01 * reading.size
        ],
        "thrown": [{"frame": t.frame, "path": np.round(t.path, 4).tolist()} for t in reading.ask(read_thrown)],
    }


def line_of_action(reading: Reading | Early) -> dict:
    """Joints of the line through hips, spine and head, and of each leg it may go out along, from the hips down."""
    meanings = reading.body.anatomy.meanings
    roles = ("pelvis", "spine", "neck", "head")
    trunk = [i for i, m in enumerate(meanings) if m.role in roles]
    legs = {
        f"{side} foot": [
            i for role in ("thigh", "shank", "foot") for i, m in enumerate(meanings) if (m.role, m.side) == (role, side)
        ]
        for side in ("left", "right")
    }
    return {
        "trunk": trunk or list(reading.poses.rig.roots),
        "legs": {name: line for name, line in legs.items() if line},
    }
