"""A long shot's first picture: from poses, before anybody is read."""

import html
import json
import re

import numpy as np
import pytest

from bench.blocking import long_capture
from ironarc.core.reading import read_shot
from ironarc.store import shots
from ironarc.web import variants
from ironarc.web.packed import TRACKS
from tests.conftest import demo
from tests.web.blocks import columns, floats, wanted
from tests.web.test_scene import Bench

FRAMES = 1300


@pytest.fixture
def long_bench(client, token, session):
    return Bench(client, token, session, shots.create(session, long_capture(FRAMES)))


def page(bench) -> tuple[str, dict]:
    """The bench's page, and what its script begins with."""
    text = bench.client.get(f"/shots/{bench.id}").text
    return text, json.loads(html.unescape(re.search(r"data-setup='([^']*)'", text)[1]))


def test_a_long_shot_is_opened_without_being_read(long_bench, monkeypatch):
    def read(*_, **__):
        raise AssertionError("the page waited for a reading")

    monkeypatch.setattr(variants, "read_shot", read)
    text, setup = page(long_bench)
    assert setup["early"]
    assert "Reading 1,300 frames" in text
    for address in re.findall(r'rel="preload" as="fetch" crossorigin href="([^"]+)"', text):
        answer = long_bench.client.get(html.unescape(address))
        assert answer.status_code == 200, address
        assert "immutable" in answer.headers["Cache-Control"]


def test_an_early_look_has_the_poses_and_places_of_the_reading_and_nothing_else(long_bench):
    early = long_bench.get("reading.json?as=early").json
    assert (early["who"], early["early"], early["flights"], early["findings"]) == ("performer1", True, [], [])
    told = columns(floats(long_bench.get(wanted("tracks", variant="early"))).reshape(FRAMES, -1), TRACKS)
    assert np.isnan(told["speed"]).all()
    assert np.isnan(told["spin"]).all()
    reading = read_shot(long_bench.shot)
    np.testing.assert_allclose(told["com"], reading.com, atol=1e-6)
    np.testing.assert_allclose(told["height"], (reading.com[:, 1] - reading.floor_m) * 100, atol=1e-4)
    now = long_bench.get("reading.json").json
    assert early["motions"]["performer1"]["blocks"] == now["motions"]["performer1"]["blocks"]
    assert long_bench.get(wanted("physics", variant="early")).status_code == 404
    assert long_bench.get("reading.json?as=early&who=nobody").json["who"] == "performer1"


def test_a_shot_that_was_read_or_is_short_opens_with_its_reading(long_bench, client, token, session):
    long_bench.get("reading.json")
    text, setup = page(long_bench)
    assert not setup["early"]
    assert "Reading 1,300 frames" not in text
    hop = Bench(client, token, session, shots.create(session, demo("Gap hop")))
    assert not page(hop)[1]["early"]


def test_the_scene_before_a_reading_is_the_scene_after_it(long_bench):
    _, before = page(long_bench)
    assert before["early"]
    assert before["scene"] == long_bench.get("scene.json").json
