"""Documents kept by content: what of one is long is kept once, whatever revisions have it.

A document is cut, from its leaves up, wherever a list or a mapping is longer than PART letters of JSON; what stands in
its place is {"§part": the SHA-256 of that JSON}. So an edit costs the parts it changed and those that hold them. A
document that was kept whole, as earlier versions did, is read as it is.
"""

import hashlib
import json
from threading import Lock
from typing import Any

from cachetools import LRUCache
from sqlalchemy import select
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.core.by_identity import ByIdentity
from ironarc.core.document.plain import Known
from ironarc.store.models import PartRow
from ironarc.store.uses import keeping

PART = 500  # letters of JSON from which a list or mapping is a part of its own
RUN = 24  # entries of a long list or mapping that are kept together
_CACHE_LETTERS = 16_000_000
_cache: LRUCache[str, str] = LRUCache(_CACHE_LETTERS, getsizeof=len)
_lock = Lock()


_PART, _ENTRIES, _ITEMS, _WHOLE = "§part", "§entries", "§items", "§whole"
_MARKS = frozenset((_PART, _ENTRIES, _ITEMS, _WHOLE))


# What plain data that never change were cut to, and their parts
_CUT: ByIdentity[tuple[Any, dict[str, str]]] = ByIdentity()


class PartWriter:
    """Takes documents apart; `save` writes the parts that are new."""

    def __init__(self):
        self._parts: dict[str, str] = {}

    @property
    def addresses(self) -> set[str]:
        return set(self._parts)

    def __call__(self, plain: Any) -> Any:
        """The document with what is long in it replaced by addresses."""
        if not isinstance(plain, Known):
            return self._cut(plain)
        known = _CUT.get(plain)
        if known is None:
            own = PartWriter()
            known = _CUT[plain] = own._cut(plain), own._parts
        self._parts |= known[1]
        return known[0]

    def _cut(self, plain: Any) -> Any:
        if isinstance(plain, dict):
            if len(plain) == 1 and not _MARKS.isdisjoint(plain):
                return {_WHOLE: json.dumps(plain)}  # somebody's own key looks like one of ours
            return self._kept(self._in_runs({key: self(value) for key, value in plain.items()}))
        if isinstance(plain, list | tuple):
            return self._kept(self._in_runs([self(value) for value in plain]))
        return plain

    def _in_runs(self, plain: dict | list) -> dict | list:
        """A long list or mapping as runs of its entries, so that one entry changed costs one run."""
        if len(plain) <= 2 * RUN:
            return plain
        if isinstance(plain, dict):
            entries = list(plain.items())
            return {_ENTRIES: [self._kept(dict(entries[i : i + RUN])) for i in range(0, len(entries), RUN)]}
        return {_ITEMS: [self._kept(plain[i : i + RUN]) for i in range(0, len(plain), RUN)]}

    def _kept(self, plain: dict | list) -> Any:
        text = json.dumps(plain, separators=(",", ":"), allow_nan=False)
        if len(text) <= PART:
            return plain
        address = hashlib.sha256(text.encode()).hexdigest()
        self._parts[address] = text
        return {_PART: address}

    def save(self, session: Session, among: set[str]) -> None:
        """Writes what is not there yet. among : addresses of those that may not be there"""
        asked = self._parts.keys() & among
        if not asked:
            return
        keeping(session)
        known = set(session.scalars(select(PartRow.address).where(PartRow.address.in_(asked))))
        rows = [{"address": a, "text": self._parts[a]} for a in sorted(asked - known)]
        if rows:
            session.execute(insert(PartRow).on_conflict_do_nothing(), rows)


def joined(session: Session, plain: Any) -> Any:
    """A document put together again; parts that parts hold are asked for together, level by level."""
    found: dict[str, Any] = {}
    wanted = _named(plain)
    while wanted:
        read = {address: json.loads(text) for address, text in _load(session, wanted).items()}
        found |= read
        wanted = set().union(*map(_named, read.values())) - found.keys()
    return _whole(plain, found)


def _named(plain: Any) -> set[str]:
    """Addresses of parts that stand in a document."""
    if isinstance(plain, dict):
        if plain.keys() == {_PART}:
            return {plain[_PART]}
        return set().union(*map(_named, plain.values()))
    return set().union(*map(_named, plain)) if isinstance(plain, list) else set()


def _whole(plain: Any, found: dict[str, Any]) -> Any:
    if isinstance(plain, list):
        return [_whole(value, found) for value in plain]
    if not isinstance(plain, dict):
        return plain
    if plain.keys() == {_PART}:
        return _whole(found[plain[_PART]], found)
    if plain.keys() == {_ENTRIES}:
        return {key: value for run in plain[_ENTRIES] for key, value in _whole(run, found).items()}
    if plain.keys() == {_ITEMS}:
        return [value for run in plain[_ITEMS] for value in _whole(run, found)]
    if plain.keys() == {_WHOLE}:
        return json.loads(plain[_WHOLE])
    return {key: _whole(value, found) for key, value in plain.items()}


def _load(session: Session, wanted: set[str]) -> dict[str, str]:
    with _lock:
        found = {address: _cache[address] for address in wanted if address in _cache}
    missing = wanted - found.keys()
    if missing:
        rows = session.execute(select(PartRow.address, PartRow.text).where(PartRow.address.in_(missing)))
        read = dict(rows.all())
        with _lock:
            for address, text in read.items():
                if len(text) < _CACHE_LETTERS // 8:
                    _cache[address] = text
        found |= read
    return found
