"""Errors a person can act on. Every message says what is wrong, where, and what to do."""


class IronArcError(Exception):
    """Something the user can put right; its text is shown as it is."""


class FileError(IronArcError):
    """A file that can't be read. `line` is its 1-based line, where there is one."""

    def __init__(self, message: str, line: int | None = None):
        self.line = line
        super().__init__(f"Line {line}: {message}" if line is not None else message)


class EditError(IronArcError):
    """An edit that can't be made on this shot."""
