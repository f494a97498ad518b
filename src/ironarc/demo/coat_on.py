"""PF-130 Coat on: Tansy hops in a long coat, brought in with her own skin from a glTF file, her hips beside the arc."""

from dataclasses import replace

from ironarc.core.document import Shot
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.figure.crew import TANSY
from ironarc.demo.references import FOLDER

NAME, FILE = "PF-130 Coat on", FOLDER / "tansy_coat.glb"


def make() -> Shot:
    """The shot as the file brings it, weighed as Tansy."""
    shot = shot_from_file(FILE.read_bytes(), NAME, FILE.name, weighing=TANSY.weighing, floor_m=0.0, format="glb")
    return replace(shot, performers=(replace(shot.performer, name=TANSY.name),))
