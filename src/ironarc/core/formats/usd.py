"""OpenUSD as text (.usda): skeleton, motion and skin. It goes by way of glTF, in a process of its own (`usd_apart.py`);
the library is an extra that need not be there."""

import os
import subprocess
import sys
from collections.abc import Mapping
from pathlib import Path
from tempfile import TemporaryDirectory

import numpy as np

from ironarc.core.errors import FileError
from ironarc.core.figure.rig import Rig
from ironarc.core.formats import glb
from ironarc.core.formats.format import Extras, FileMotion, Format
from ironarc.core.formats.usd_apart import MISSING, REFUSED
from ironarc.core.skin import SkinMesh

PATIENCE_S = 120
NEEDED = "it takes the library of OpenUSD, which is not installed here. Install it with: pip install usd-core"


def converted(data: bytes, source: str, target: str) -> bytes:
    """A file in another form, by endings. Raises FileError for what can't be read, or without the library."""
    with TemporaryDirectory() as folder:
        given, made = Path(folder, f"in.{source}"), Path(folder, f"out.{target}")
        given.write_bytes(data)
        here = os.environ | {"PYTHONPATH": os.pathsep.join(sys.path)}
        call = [sys.executable, "-m", "ironarc.core.formats.usd_apart", str(given), str(made)]
        try:
            done = subprocess.run(call, env=here, capture_output=True, timeout=PATIENCE_S, check=False)
        except subprocess.TimeoutExpired as error:
            raise FileError(f"it takes longer than {PATIENCE_S} s. The file is damaged, or too long.") from error
        if done.returncode == MISSING:
            raise FileError(NEEDED)
        if done.returncode == REFUSED:
            raise FileError(done.stderr.decode(errors="replace").strip().splitlines()[-1])
        if done.returncode or not made.exists():
            raise FileError("it can't be read as OpenUSD: the file is damaged, or no USD file.")
        return made.read_bytes()


def usd_format(word: str, ending: str, media_type: str) -> Format:
    """The format of files with this ending."""

    def parse(data: bytes) -> FileMotion:
        return glb.parse(converted(data, ending, "glb"))

    def skin(data: bytes, beside: Mapping[str, bytes] | None = None) -> SkinMesh:
        return glb.skin(converted(data, ending, "glb"))

    def write(rig: Rig, table: np.ndarray, frame_time_s: float, extras: Extras | None = None) -> bytes:
        return converted(glb.write(rig, table, frame_time_s, extras), "glb", ending)

    return Format(word, ending, media_type, parse, write, skin=skin, tells_units=True)


FORMAT = usd_format("OpenUSD", "usda", "model/vnd.usda")
