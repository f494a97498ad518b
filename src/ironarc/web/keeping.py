"""Addresses that may be kept for ever: they name the database and the rules that what they give was worked out by."""

import json

from flask import Response, current_app, request

from ironarc.store import house
from ironarc.store.database import identity

FOREVER = "private, max-age=31536000, immutable"


def mark(session) -> str:
    """What such an address carries as `v`: another data folder or other rules give another one."""
    known = current_app.extensions.get("mark")
    if known is None:
        known = current_app.extensions["mark"] = f"{identity(session)}-{house.rules(session)}"
    return known


def forget_mark() -> None:
    """After other limits for the house: what was kept by the old ones is kept by no address any more."""
    current_app.extensions.pop("mark", None)


def plain_json(data) -> str:
    """JSON as the standard has it; ValueError for a NaN or an Infinity, which must not have come so far."""
    return json.dumps(data, allow_nan=False)


def for_ever(session, data: str | bytes, mimetype: str) -> Response:
    """An answer that may be kept for ever if its address carries the mark, and not at all if it doesn't."""
    kept = request.args.get("v") == mark(session)
    return Response(data, mimetype=mimetype, headers={"Cache-Control": FOREVER if kept else "no-store"})
