"""The server: waitress on loopback.

Waitress reads requests and writes answers in one loop of its own and hands a thread nothing but a request that is
there in full, so that clients which are slow, silent or never finish hold up nobody.
"""

import gc
import os
import secrets
import time

import waitress
from flask import Flask
from waitress.channel import HTTPChannel

from ironarc.web.app import UPLOAD_LIMIT_BYTES, create_app

KEY_SETTING = "IRONARC_SECRET_KEY"
THREADS = 8  # of one process: what one request has read, the next one finds in memory (bench/serving.py)
CYCLES = (20_000, 20, 100)  # new objects, and looks at the young and the middle-aged, between looks at older ones
IDLE_S = 20  # a connection that says nothing for so long is closed
LEAST_BYTES_S = 10_000  # that a request comes in at, beyond that
CONNECTIONS = 800
# An upload a little over the limit is answered in words by the application; one far over it is not read at all
# one request is looked at ahead of its turn, so that a client which has gone is noticed (see `waiting`)
READ_BYTES = 4 * UPLOAD_LIMIT_BYTES


class PatientChannel(HTTPChannel):
    """A connection that is closed when a request takes too long to come in: one that drips a byte every few seconds
    is never silent for long enough to be closed for that."""

    began = 0.0
    got = 0

    def received(self, data: bytes) -> bool:
        if self.request is None:
            self.began, self.got = time.monotonic(), 0
        self.got += len(data)
        if time.monotonic() - self.began > self.adj.channel_timeout + self.got / LEAST_BYTES_S:
            self.will_close = True
            return False
        return super().received(data)


def make_server(app: Flask, port: int, idle_s: int = IDLE_S):
    """A server of the application on loopback; `run` serves until `close`."""
    server = waitress.create_server(
        app, host="127.0.0.1", port=port, threads=THREADS, ident=None, connection_limit=CONNECTIONS,
        channel_timeout=idle_s, cleanup_interval=max(1, idle_s // 4), asyncore_use_poll=True,
        max_request_body_size=READ_BYTES, channel_request_lookahead=1, outbuf_high_watermark=2 * READ_BYTES,
    )  # fmt: skip
    server.channel_class = PatientChannel
    return server


def look_seldom_for_cycles() -> None:
    """Has the collector of reference cycles leave alone what is loaded for good, and look at all that is kept a hundred
    times less often: with long readings in memory such a look takes 0.15 s, in the middle of somebody's edit. All but
    cycles is let go at once in any case."""
    gc.collect()
    gc.freeze()
    gc.set_threshold(*CYCLES)


def serve(port: int) -> int:
    """Runs until it is stopped. Sessions outlive a restart if the key comes from the environment."""
    app = create_app(os.environ.get(KEY_SETTING) or secrets.token_hex(32), port=port)
    look_seldom_for_cycles()
    make_server(app, port).run()
    return 0
