"""A file that leaves something open is asked about as it is brought in, with pictures, and taken as it was said."""

import re
from io import BytesIO

import numpy as np
import pytest

from ironarc.core.exchange.take_home import motion_file
from ironarc.core.formats import FORMATS
from ironarc.store import shots
from tests.conftest import demo
from tests.core.test_unsaid import sized, written, z_up
from tests.figures import as_read, bake_shot, dense_shot, picked_poses

HX = {"HX-Request": "true"}


@pytest.fixture(scope="module")
def child() -> bytes:
    """A still figure of 100 units: a child in cm, or a giant in inches."""
    stands = dense_shot(picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 30)), demo("Gap hop"))
    return written(sized(FORMATS["bvh"].parse(motion_file(stands)), 1.0 / 1.81))


def bring(client, token, data: bytes, **answers):
    form = {"file": (BytesIO(data), "small.bvh"), **answers}
    return client.post("/shots", data=form, headers=HX | {"X-CSRFToken": token})


def test_who_may_be_a_child_or_a_giant_is_asked_about_with_pictures(client, token, child, session):
    before = len(shots.yard(session))
    asked = bring(client, token, child)
    page = as_read(asked.text)
    assert asked.status_code == 200
    assert "How tall is it?" in page
    assert re.search(r"it stands 1\.0\d m tall", page)
    assert re.search(r"it stands 2\.5\d m tall", page)
    assert page.count("<svg") == 2
    assert len(shots.yard(session)) == before  # nothing is made before it is answered
    said = bring(client, token, child, unit="in")
    assert said.status_code == 204
    shot = shots.load(session, int(said.headers["HX-Redirect"].split("/")[2]), 1)
    assert shot.performer.scale_to_m == 0.0254
    assert "Lengths are in inches" in " ".join(shot.assumed)


def test_an_answer_that_is_none_is_refused(client, token, child):
    for answer in ({"unit": "furlong"}, {"up": "x"}, {"rate": "many"}, {"rate": "0"}):
        refused = bring(client, token, child, **answer)
        assert refused.status_code == 422
        assert "is no answer" in refused.text


def test_a_clear_file_is_asked_nothing_and_says_what_was_assumed(client, token, session):
    turned = z_up(FORMATS["bvh"].parse(motion_file(demo("Gap hop"))))
    brought = bring(client, token, written(turned))
    assert brought.status_code == 204
    address = brought.headers["HX-Redirect"]
    shot_id = int(address.split("/")[2])
    shot = shots.load(session, shot_id, 1)
    assert any("Z is up in the file" in says for says in shot.assumed)
    panel = as_read(client.get(f"/shots/{shot_id}/r/1/panels/read").text)
    assert "Z is up in the file: it is turned, so that Y is." in panel


def test_both_floors_are_told_where_nearly_as_many_frames_rest_at_each(client, token, session):
    shift = np.outer(np.where(np.arange(120) < 62, 0.0, 0.24), [0.0, 1.0, 0.0])
    poses = picked_poses(bake_shot(demo("Gap hop")), np.repeat(0, 120))
    poses.translation[:, 0] += shift
    poses.position[:] += shift[:, None]
    shot_id = shots.create(session, dense_shot(poses, demo("Gap hop")))
    panel = as_read(client.get(f"/shots/{shot_id}/r/1/panels/read").text)
    assert "Nearly as many frames rest 24 cm higher" in panel
    assert 'data-action="floor-other"' in panel
