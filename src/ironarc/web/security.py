"""Who is answered: under the names we serve, and changes only from our own pages; and security headers on all."""

import os
import re

from flask import Flask, Response, request

from ironarc.core.whole_numbers import whole_number

HOSTS_SETTING = "IRONARC_HOSTS"
LOCAL_NAMES = frozenset({"127.0.0.1", "localhost"})
HEADERS = {
    "Content-Security-Policy": (
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; "
        "media-src 'self' blob:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; "
        "frame-ancestors 'none'"
    ),
    "X-Content-Type-Options": "nosniff",
    "X-Frame-Options": "DENY",
    "Referrer-Policy": "same-origin",
    "Cross-Origin-Opener-Policy": "same-origin",
    "Cross-Origin-Resource-Policy": "same-origin",
    "Permissions-Policy": "camera=(), microphone=(), geolocation=()",
}
FOREIGN = "This came from a page that is not Iron Arc's, so nothing was changed."
FOREIGN_LOOK = "Another site's page asked for this, so it isn't shown there. Open it in a tab of its own."
_HOST = re.compile(r"([A-Za-z0-9.-]{1,255})(?::([0-9]{1,5}))?")
SAFE_METHODS = frozenset({"GET", "HEAD", "OPTIONS"})


def served_names() -> frozenset[str]:
    """Host names that are answered: this machine's own, and those named, with commas between, in the environment."""
    named = os.environ.get(HOSTS_SETTING, "").split(",")
    return LOCAL_NAMES | {name.strip().lower() for name in named if name.strip()}


def install(app: Flask) -> None:
    """Puts the checks before everything else that looks at a request."""
    names = served_names()

    @app.before_request
    def only_our_names():
        # a page of another name that points at this machine must not read anything, let alone change it
        if _name_of(request.headers.get("Host", "")) not in names:
            return _refused(
                421, f"Iron Arc does not answer under this name. Use 127.0.0.1, or set {HOSTS_SETTING} to the name."
            )
        return None

    @app.before_request
    def only_our_pages():
        ours = request.headers.get("Sec-Fetch-Site") in (None, "same-origin", "none")
        if request.method in SAFE_METHODS:
            # a link is followed; what a foreign page draws in is refused before anything is worked out for it
            return None if ours or _is_followed() else _refused(403, FOREIGN_LOOK)
        origin = request.headers.get("Origin")
        if not ours or (
            origin is not None and origin.lower() != f"{request.scheme}://{request.headers['Host'].lower()}"
        ):
            return _refused(403, FOREIGN)
        return None

    @app.after_request
    def add_headers(response: Response) -> Response:
        for name, value in HEADERS.items():
            response.headers.setdefault(name, value)
        return response


def _is_followed() -> bool:
    """Whether a whole page is opened, as by a link, and not something drawn into another page."""
    headers = request.headers
    return headers.get("Sec-Fetch-Mode") == "navigate" and headers.get("Sec-Fetch-Dest") == "document"


def _name_of(host: str) -> str:
    """The name in a Host header, which is a name and a port or none; "" for anything else."""
    found = _HOST.fullmatch(host)
    return found[1].lower() if found and whole_number(found[2] or "80") <= 65535 else ""


def _refused(status: int, words: str) -> Response:
    return Response(words, status, mimetype="text/plain")
