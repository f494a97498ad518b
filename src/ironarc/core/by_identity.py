"""What is known of objects in memory, for as long as they are there."""

import weakref
from typing import Generic, TypeVar

Known = TypeVar("Known")


class ByIdentity(Generic[Known]):
    """A mapping from objects that never change, whether they can be hashed or not; two that are equal are two. It keeps
    none of them alive."""

    def __init__(self):
        self._known: dict[int, tuple[weakref.ref, Known]] = {}

    def get(self, thing: object) -> Known | None:
        """What is known of it; None for nothing."""
        found = self._known.get(id(thing))
        return found[1] if found and found[0]() is thing else None

    def __setitem__(self, thing: object, known: Known) -> None:
        number = id(thing)
        self._known[number] = weakref.ref(thing, lambda gone: self._forget(number, gone)), known

    def __len__(self) -> int:
        return len(self._known)

    def _forget(self, number: int, gone: weakref.ref) -> None:
        # another object may stand where this one stood
        if number in self._known and self._known[number][0] is gone:
            del self._known[number]
