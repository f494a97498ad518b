"""Errors for a person: one sentence, whether the page, a fragment or a script asked."""

from flask import Flask, render_template, request
from flask_wtf.csrf import CSRFError
from pydantic import ValidationError
from werkzeug.exceptions import HTTPException

from ironarc.core.errors import IronArcError
from ironarc.store.shots import NotFound, StaleRevision

_STATUS = {NotFound: 404, StaleRevision: 409}
_SAYS = {
    404: "There is nothing at this address.",
    405: "That can't be done at this address.",
    413: "This is larger than 64 MB, the most that can be brought in at once. Make it smaller and try again.",
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
    return render_template("error.html", message=message, status=status), status


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

    @app.errorhandler(Exception)
    def unexpected(error: Exception):
        app.logger.exception("unexpected error at %s", request.path)
        return _answer(_SAYS[500], 500)
