"""How long a request may take: whoever waits for one is told what to do instead, and nobody else is held up."""

from flask import Flask, g, request

from ironarc.core import effort
from ironarc.web.security import SAFE_METHODS

REQUEST_S = 20.0  # of processor time


def install(app: Flask) -> None:
    @app.before_request
    def limit():
        # a look is dropped when whoever asked has gone; a change is kept, also by a page that is being closed
        gone = request.environ.get("waitress.client_disconnected") if request.method in SAFE_METHODS else None
        g.limit = effort.limited(REQUEST_S, gone)
        g.limit.__enter__()

    @app.teardown_request
    def unlimit(_error):
        if limited := g.pop("limit", None):
            limited.__exit__(None, None, None)
