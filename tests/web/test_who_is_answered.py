"""Who is answered: our own names and our own pages; and clients that are slow hold up nobody."""

import http.client
import re
import select
import socket
import threading
import time
from contextlib import suppress

import pytest

from ironarc.core import effort
from ironarc.store import shots
from ironarc.store.cluster import free_port
from ironarc.web import create_app
from ironarc.web.packed import KINDS
from ironarc.web.serve import make_server

PATIENCE_S = 60


@pytest.mark.parametrize(
    "host",
    [
        "evil.example",
        "evil.example:8765",
        "127.0.0.1.evil.example",
        "",
        "[::1]",
        "a b",
        "me@127.0.0.1",
        "me:pass@127.0.0.1:8765",
        "127.0.0.1/x",
        "127.0.0.1:²",
        "127.0.0.1:99999",
        "127.0.0.1:8765:1",
    ],
)
def test_a_page_of_another_name_that_points_here_reads_nothing(client, hop, host):
    for path in ("/", f"/shots/{hop[0]}", f"/shots/{hop[0]}/r/{hop[1]}/reading.json", "/static/mark.svg", "/planner"):
        answer = client.get(path, headers={"Host": host})
        assert answer.status_code == 421
        assert "Gap hop" not in answer.text


@pytest.mark.parametrize("host", ["127.0.0.1", "127.0.0.1:8765", "localhost:1234", "LOCALHOST"])
def test_this_machine_s_own_names_are_served(client, host):
    assert client.get("/", headers={"Host": host}).status_code == 200


def test_a_name_set_in_the_environment_is_served(session, database_url, monkeypatch):
    monkeypatch.setenv("IRONARC_HOSTS", "studio.example, other.example")
    app = create_app("test key", database_url)
    client = app.test_client()
    assert client.get("/", headers={"Host": "studio.example:8765"}).status_code == 200
    assert client.get("/", headers={"Host": "evil.example"}).status_code == 421
    app.extensions["engine"].dispose()


@pytest.mark.parametrize(
    "headers",
    [
        {"Origin": "http://evil.example"}, {"Origin": "null"}, {"Origin": "http://localhost:9"},
        {"Origin": "https://localhost"}, {"Origin": "http://me@localhost"},
        {"Sec-Fetch-Site": "cross-site"}, {"Sec-Fetch-Site": "same-site"},
    ],
)  # fmt: skip
def test_a_foreign_page_changes_nothing_even_with_a_token(client, token, session, headers):
    answer = client.post("/shots/new", headers=headers, data={"csrf_token": token})
    assert (answer.status_code, "nothing was changed" in answer.text) == (403, True)
    assert shots.yard(session) == []


def test_what_a_foreign_page_draws_in_is_refused_before_anything_is_worked_out(app, client, hop, monkeypatch):
    monkeypatch.setattr("ironarc.store.shots.load", lambda *args: 1 / 0)
    at = f"/shots/{hop[0]}/r/{hop[1]}"
    for site in ("cross-site", "same-site"):
        for mode, dest in (("no-cors", "image"), ("cors", "empty"), ("navigate", "iframe"), ("no-cors", "script")):
            headers = {"Sec-Fetch-Site": site, "Sec-Fetch-Mode": mode, "Sec-Fetch-Dest": dest}
            answer = client.get(f"{at}/blocks.f32?want=motion||true_span(start=18,end=60)|", headers=headers)
            assert (answer.status_code, "isn't shown there" in answer.text) == (403, True)


def test_a_link_from_a_foreign_page_is_followed(client, hop):
    headers = {"Sec-Fetch-Site": "cross-site", "Sec-Fetch-Mode": "navigate", "Sec-Fetch-Dest": "document"}
    assert client.get(f"/shots/{hop[0]}", headers=headers).status_code == 200
    assert client.post("/shots/new", headers=headers).status_code == 403


def test_our_own_page_changes_things(client, token, session):
    own = {"Origin": "http://localhost", "Sec-Fetch-Site": "same-origin"}
    assert client.post("/shots/new", headers=own, data={"csrf_token": token}).status_code == 302
    assert len(shots.yard(session)) == 1


def test_two_ports_of_one_machine_do_not_spoil_each_other_s_session(session, database_url):
    cookies = {}
    for port in (8765, 8766):
        app = create_app(f"key {port}", database_url, port=port)
        header = app.test_client().get("/").headers["Set-Cookie"]
        cookies[port] = re.match(r"([^=]+)=", header)[1]
        app.extensions["engine"].dispose()
    assert len(set(cookies.values())) == 2


@pytest.fixture
def served(app):
    """Port of the application on its real server, which closes what says nothing for a second."""
    port = free_port()
    server = make_server(app, port, idle_s=1)
    thread = threading.Thread(target=server.run, daemon=True)
    thread.start()
    yield port
    server.close()
    server.task_dispatcher.shutdown(timeout=PATIENCE_S)  # what is still being answered ends before the database does


def is_closed(client: socket.socket) -> bool:
    client.setblocking(False)
    try:
        return client.recv(1) == b""
    except BlockingIOError:
        return False
    except ConnectionError:
        return True


def test_a_crowd_that_is_silent_or_half_done_stops_nobody_and_is_closed(served):
    began = [b"", b"GET / HT", b"POST /shots HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 900\r\n\r\nhalf"]
    crowd = [socket.create_connection(("127.0.0.1", served)) for _ in range(120)]
    for number, one in enumerate(crowd):
        one.sendall(began[number % 3])
    asking = http.client.HTTPConnection("127.0.0.1", served, timeout=PATIENCE_S)
    asking.request("GET", "/")
    assert asking.getresponse().status == 200
    stop = time.monotonic() + PATIENCE_S
    while not all(is_closed(one) for one in crowd):
        assert time.monotonic() < stop, "connections stay open for ever"
        time.sleep(0.05)
    for one in (*crowd, asking):
        one.close()


def test_a_request_that_drips_in_is_closed(served):
    """A byte before every second is up is never silent for a second."""
    client = socket.create_connection(("127.0.0.1", served))
    client.sendall(b"POST /shots HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 90000\r\n\r\n")
    stop = time.monotonic() + PATIENCE_S
    while not is_closed(client):
        assert time.monotonic() < stop, "it is still open"
        client.setblocking(True)
        with suppress(ConnectionError):
            client.sendall(b".")
        select.select([client], [], [], 0.2)
    client.close()


def test_a_long_look_for_somebody_who_has_gone_is_dropped(app, served, hop, monkeypatch):
    begun, dropped = threading.Event(), threading.Event()

    def for_ever(reading):
        begun.set()
        try:
            while True:
                effort.check()
        except effort.NobodyWaits:
            dropped.set()
            raise

    monkeypatch.setitem(KINDS, "motion", for_ever)
    client = socket.create_connection(("127.0.0.1", served))
    client.sendall(
        f"GET /shots/{hop[0]}/r/{hop[1]}/blocks.f32?want=motion HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n".encode()
    )
    assert begun.wait(PATIENCE_S)
    client.close()
    assert dropped.wait(PATIENCE_S)


def test_a_look_that_takes_too_long_is_given_up_in_words(client, hop, monkeypatch):
    def for_ever(reading):
        while True:
            effort.check()

    monkeypatch.setitem(KINDS, "motion", for_ever)
    monkeypatch.setattr("ironarc.web.waiting.REQUEST_S", 0.2)
    answer = client.get(f"/shots/{hop[0]}/r/{hop[1]}/blocks.f32?want=motion")
    assert answer.status_code == 422
    assert "longer than the 0 s a page waits" in answer.json["error"]


def test_who_never_reads_the_answer_holds_no_thread(served):
    sleepers = [socket.create_connection(("127.0.0.1", served)) for _ in range(30)]
    for one in sleepers:
        one.setsockopt(socket.SOL_SOCKET, socket.SO_RCVBUF, 1024)
        one.sendall(b"GET /static/vendor/htmx.min.js HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n")
    asking = http.client.HTTPConnection("127.0.0.1", served, timeout=PATIENCE_S)
    asking.request("GET", "/")
    assert asking.getresponse().status == 200
    for one in (*sleepers, asking):
        one.close()
