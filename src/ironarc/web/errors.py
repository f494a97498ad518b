"""Errors for a person: one sentence, whether the page, a fragment or a script asked."""

import errno

from flask import Flask, render_template, request
from flask_wtf.csrf import CSRFError
from psycopg.errors import DiskFull
from pydantic import ValidationError
from sqlalchemy.exc import DBAPIError, OperationalError
from sqlalchemy.exc import TimeoutError as PoolTimeout
from werkzeug.exceptions import HTTPException

from ironarc.core.effort import NobodyWaits
from ironarc.core.errors import IronArcError
from ironarc.store.shots import NotFound, OutcomeUnknown, StaleRevision
from ironarc.web.arguments import Unreadable

_STATUS = {NobodyWaits: 503, Unreadable: 400, NotFound: 404, StaleRevision: 409, OutcomeUnknown: 503}
NO_ROOM = "The disk is full, so nothing was saved. Free some space, then try again; all that was saved before is there."
AWAY = "The database does not answer just now, so nothing was changed. Wait a few seconds, then try again."
NO_MEMORY = "This takes more memory than there is, so nothing was changed. Choose fewer frames, or split the shot."
_SAYS = {
    404: "There is nothing at this address.",
    405: "That can't be done at this address.",
    413: "This is larger than 64 MB, or of more files, than can be brought in at once. Make it smaller and try again.",
    500: "Something broke on our side. Nothing was changed. Go back to the Yard and try again.",
}


def _answer(message: str, status: int):
    if request.headers.get("HX-Request"):
        return render_template("partials/message.html", message=message), status
    if (
        request.is_json
        or request.accept_mimetypes.best == "application/json"
        or request.path.endswith((".json", ".f32"))
    ):
        return {"error": message}, status
    # a shot whose page fails can be taken back by a step: the way out of an edit that broke it
    shot = (request.view_args or {}).get("shot_id") if request.endpoint == "bench.bench" and status != 404 else None
    return render_template("error.html", message=message, status=status, shot=shot), status


def install(app: Flask) -> None:
    @app.errorhandler(IronArcError)
    def known(error: IronArcError):
        return _answer(str(error), _STATUS.get(type(error), 422))

    @app.errorhandler(ValidationError)
    def invalid(error: ValidationError):
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"])
        return _answer(f"The request can't be read: {where or 'body'}: {first['msg']}.", 400)

    @app.errorhandler(CSRFError)
    def forged(error: CSRFError):
        return _answer("This page has been open across a restart. Reload it, then try again; nothing was changed.", 400)

    @app.errorhandler(HTTPException)
    def http(error: HTTPException):
        return _answer(_SAYS.get(error.code, error.description or "The request failed."), error.code)

    @app.errorhandler(DBAPIError)
    @app.errorhandler(PoolTimeout)
    def database(error: DBAPIError | PoolTimeout):
        if isinstance(getattr(error, "orig", None), DiskFull):
            return _answer(NO_ROOM, 507)
        if isinstance(error, OperationalError | PoolTimeout):
            return _answer(AWAY, 503)
        return unexpected(error)

    @app.errorhandler(MemoryError)
    def memory(error: MemoryError):
        return _answer(NO_MEMORY, 503)

    @app.errorhandler(OSError)
    def disk(error: OSError):
        return _answer(NO_ROOM, 507) if error.errno == errno.ENOSPC else unexpected(error)

    @app.errorhandler(Exception)
    def unexpected(error: Exception):
        app.logger.exception("unexpected error at %s", request.path)
        return _answer(_SAYS[500], 500)
