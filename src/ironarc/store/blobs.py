"""Arrays kept by the hash of their bytes, so that what an edit did not touch is not stored again."""

import hashlib
import io
import weakref
from collections.abc import Iterable
from threading import Lock

import numpy as np
from cachetools import LRUCache
from sqlalchemy import select
from sqlalchemy.dialects.postgresql import insert
from sqlalchemy.orm import Session

from ironarc.core.by_identity import ByIdentity
from ironarc.store.models import BlobRow
from ironarc.store.uses import keeping


def encode(array: np.ndarray) -> bytes:
    """The array in NumPy's .npy format, which is open and says its own shape and type."""
    out = io.BytesIO()
    np.save(out, np.ascontiguousarray(array), allow_pickle=False)
    return out.getvalue()


def decode(data: bytes) -> np.ndarray:
    """The array, not to be written into: others may hold it too."""
    array = np.load(io.BytesIO(data), allow_pickle=False)
    array.setflags(write=False)
    return array


# Blobs never change, and a revision names nearly all of those its parent did
_CACHE_BYTES = 64 * 1024 * 1024
_cache: LRUCache[str, np.ndarray] = LRUCache(_CACHE_BYTES, getsizeof=lambda array: array.nbytes + 200)
_lock = Lock()


# Addresses of arrays that are in memory, by identity: columns an edit did not touch are not hashed again
_addresses: ByIdentity[str] = ByIdentity()
# and the other way: a large one that some shot in memory holds is not read again, though the cache has no room for it
_held: weakref.WeakValueDictionary[str, np.ndarray] = weakref.WeakValueDictionary()


def _remember(array: np.ndarray, address: str) -> None:
    _held[address] = array
    _addresses[array] = address


class BlobWriter:
    """Collects arrays while a document is taken apart; `save` writes the new ones at once."""

    def __init__(self):
        self._arrays: dict[str, np.ndarray] = {}

    def __call__(self, array: np.ndarray) -> str:
        address = _addresses.get(array)
        if address is None:
            address = hashlib.sha256(encode(array)).hexdigest()
            _remember(array, address)
        self._arrays[address] = array
        return address

    @property
    def addresses(self) -> set[str]:
        return set(self._arrays)

    def save(self, session: Session, among: set[str]) -> None:
        """Writes what is not there yet; two writers of one blob do not disturb each other. among : addresses of those
        that may not be there"""
        asked = self._arrays.keys() & among
        if asked:
            keeping(session)
            known = set(session.scalars(select(BlobRow.address).where(BlobRow.address.in_(asked))))
            rows = [{"address": a, "data": encode(self._arrays[a])} for a in sorted(asked - known)]
            if rows:
                session.execute(insert(BlobRow).on_conflict_do_nothing(), rows)


def load_blobs(session: Session, addresses: Iterable[str]) -> dict[str, np.ndarray]:
    """Arrays by address: those read before from memory, the others in one query."""
    wanted = set(addresses)
    with _lock:
        found = {address: _cache[address] for address in wanted if address in _cache}
        found |= {a: array for a in wanted - found.keys() if (array := _held.get(a)) is not None}
    missing = wanted - found.keys()
    if missing:
        rows = session.execute(select(BlobRow.address, BlobRow.data).where(BlobRow.address.in_(missing)))
        read = {address: decode(data) for address, data in rows}
        with _lock:
            for address, array in read.items():
                if array.nbytes < _CACHE_BYTES // 8:
                    _cache[address] = array
                _remember(array, address)
        found |= read
    return found


def addresses_in(plain: dict | list) -> set[str]:
    """Every blob address a plain document or edit names."""
    if isinstance(plain, dict):
        own = {plain["blob"]} if "blob" in plain else set()
        return own.union(*(addresses_in(v) for v in plain.values() if isinstance(v, dict | list)))
    return set().union(*(addresses_in(v) for v in plain if isinstance(v, dict | list)))
