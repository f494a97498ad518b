"""What a person can ask for: functions that make the edit of it, told by their names.

Each takes the shot as it is seen, and what it asks as arguments whose types say what can be asked; the web reads
its requests' shapes from them. `seen.performer` is the one the request names, the first if it names none.
"""

import inspect
from collections.abc import Callable, Iterator
from functools import wraps
from typing import Annotated, Any, get_type_hints

from ironarc.core.document import Shot
from ironarc.core.edits.base import Edit
from ironarc.core.errors import EditError

Command = Callable[..., Edit]
COMMANDS: dict[str, Command] = {}

_OF_SHOT = "a frame of the shot"
Frame = Annotated[int, _OF_SHOT]
"""A frame that must be one of the shot's: a command is refused any other before it runs."""


def command(make: Command) -> Command:
    """Makes a function known by its name."""
    if make.__name__ in COMMANDS:
        raise ValueError(f"two commands are called {make.__name__}")
    hints = get_type_hints(make, include_extras=True)
    of_shot = [name for name, hint in hints.items() if _OF_SHOT in str(hint)]
    signature = inspect.signature(make)

    @wraps(make)
    def checked(*args, **given):
        bound = signature.bind(*args, **given).arguments
        for name in of_shot:
            check_frames(next(iter(bound.values())).shot, bound.get(name))
        return make(*args, **given)

    COMMANDS[make.__name__] = checked
    return checked


def check_frames(shot: Shot, frames: Any) -> None:
    """EditError for a frame, or one of several (also within what names their part), that the shot does not have."""
    several = list(_frames_in(frames))
    if len(set(several)) > shot.frames:
        raise EditError(f"{len(several):,} frames were given; the shot has {shot.frames:,}.")
    for frame in several:
        if not shot.first_frame <= frame <= shot.last_frame:
            raise EditError(
                f"Frame {frame} lies outside this shot, which has frames {shot.first_frame} to {shot.last_frame}."
            )


def _frames_in(given: Any) -> Iterator[int]:
    """Frames in a frame, in several, or in what has them by part; None and names are none."""
    if isinstance(given, int):
        yield given
    elif isinstance(given, tuple | list | dict):
        for part in given.values() if isinstance(given, dict) else given:
            yield from _frames_in(part)
