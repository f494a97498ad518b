"""Who is answered: under the names we serve, and changes only from our own pages; and security headers on all."""

import os
from urllib.parse import urlsplit

from flask import Flask, Response, request

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
        if request.method in SAFE_METHODS:
            return None
        origin, site = request.headers.get("Origin"), request.headers.get("Sec-Fetch-Site")
        foreign = origin is not None and urlsplit(origin).netloc.lower() != request.headers["Host"].lower()
        if foreign or site not in (None, "same-origin", "none"):
            return _refused(403, "This came from a page that is not Iron Arc's, so nothing was changed.")
        return None

    @app.after_request
    def add_headers(response: Response) -> Response:
        for name, value in HEADERS.items():
            response.headers.setdefault(name, value)
        return response


def _name_of(host: str) -> str:
    return (urlsplit(f"//{host}").hostname or "") if host.isprintable() and "[" not in host else ""


def _refused(status: int, words: str) -> Response:
    return Response(words, status, mimetype="text/plain")
