"""The server: waitress on loopback.

Waitress reads requests and writes answers in one loop of its own and hands a thread nothing but a request that is
there in full, so that clients which are slow, silent or never finish hold up nobody.
"""

import os
import secrets

import waitress
from flask import Flask

from ironarc.web.app import UPLOAD_LIMIT_BYTES, create_app

KEY_SETTING = "IRONARC_SECRET_KEY"
THREADS = 8  # of one process: what one request has read, the next one finds in memory (bench/serving.py)
IDLE_S = 20  # a connection that says nothing for so long is closed
CONNECTIONS = 800
# An upload a little over the limit is answered in words by the application; one far over it is not read at all
# one request is looked at ahead of its turn, so that a client which has gone is noticed (see `waiting`)
READ_BYTES = 4 * UPLOAD_LIMIT_BYTES


def make_server(app: Flask, port: int, idle_s: int = IDLE_S):
    """A server of the application on loopback; `run` serves until `close`."""
    return waitress.create_server(
        app, host="127.0.0.1", port=port, threads=THREADS, ident=None, connection_limit=CONNECTIONS,
        channel_timeout=idle_s, cleanup_interval=max(1, idle_s // 4), asyncore_use_poll=True,
        max_request_body_size=READ_BYTES, channel_request_lookahead=1, outbuf_high_watermark=2 * READ_BYTES,
    )  # fmt: skip


def serve(port: int) -> int:
    """Runs until it is stopped. Sessions outlive a restart if the key comes from the environment."""
    app = create_app(os.environ.get(KEY_SETTING) or secrets.token_hex(32), port=port)
    make_server(app, port).run()
    return 0
