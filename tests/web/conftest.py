import re

import pytest

from ironarc.core.exchange.take_home import motion_file
from ironarc.store import shots
from ironarc.web import create_app
from tests.conftest import demo


@pytest.fixture
def app(session, database_url):
    made = create_app("test key", database_url)
    yield made
    made.extensions["engine"].dispose()


@pytest.fixture
def client(app):
    return app.test_client()


@pytest.fixture
def token(client):
    """A CSRF token of the client's session."""
    return re.search(r'csrf-token" content="([^"]+)"', client.get("/").text)[1]


@pytest.fixture
def hop(session):
    """Id and revision of a stored Gap hop."""
    shot_id = shots.create(session, demo("Gap hop"))
    return shot_id, shots.standing(session, shot_id).revision


@pytest.fixture(scope="session")
def hop_file():
    return motion_file(demo("Gap hop"))
