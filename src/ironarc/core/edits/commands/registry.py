"""What a person can ask for: functions that make the edit of it, told by their names.

Each takes the shot as it is seen, and what it asks as arguments whose types say what can be asked; the web reads
its requests' shapes from them. `seen.performer` is the one the request names, the first if it names none.
"""

from collections.abc import Callable

from ironarc.core.edits.base import Edit

Command = Callable[..., Edit]
COMMANDS: dict[str, Command] = {}


def command(make: Command) -> Command:
    """Makes a function known by its name."""
    if make.__name__ in COMMANDS:
        raise ValueError(f"two commands are called {make.__name__}")
    COMMANDS[make.__name__] = make
    return make
