"""The web application: server-rendered pages over the core and the store."""

from ironarc.web.app import create_app

__all__ = ["create_app"]
