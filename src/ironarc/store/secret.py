"""Secrets kept in files that only their owner can read: written whole or not at all, made anew where damaged."""

import os
import re
import secrets
import tempfile
from pathlib import Path

_SECRET = re.compile(r"[0-9a-f]{64}")


def kept_secret(path: Path) -> str:
    """The 64 hexadecimal digits kept at `path`; made there if they are missing, cut short or damaged."""
    try:
        text = path.read_text(encoding="ascii").strip()
    except (FileNotFoundError, UnicodeDecodeError):
        text = ""
    if _SECRET.fullmatch(text):
        path.chmod(0o600)
        return text
    text = secrets.token_hex(32)
    write_private(path, text)
    return text


def write_private(path: Path, text: str) -> None:
    """Writes a file of mode 0600 in place of what was there: whoever looks finds the old one or the new one, whole."""
    path.parent.mkdir(parents=True, exist_ok=True)
    handle, temporary = tempfile.mkstemp(dir=path.parent, prefix=f".{path.name}.")
    try:
        with os.fdopen(handle, "w", encoding="ascii") as file:
            file.write(text)
            file.flush()
            os.fsync(file.fileno())
        os.replace(temporary, path)
    except BaseException:
        Path(temporary).unlink(missing_ok=True)
        raise
