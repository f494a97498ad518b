"""Films that the server puts together, asked for as a browser does."""

import io

import av
import pytest
from PIL import Image

WISH = {"width": 160, "height": 90, "fps": 24.0, "bits": 1_000_000}


@pytest.fixture
def sent(client, token):
    """Sends what a browser sends, and gives its answer."""
    headers = {"X-CSRFToken": token, "Accept": "application/json"}
    return lambda address, how="post", **what: getattr(client, how)(address, headers=headers, **what)


def png(size=(160, 90)):
    out = io.BytesIO()
    Image.new("RGB", size, (200, 210, 220)).save(out, "PNG")
    return out.getvalue()


def begun(sent):
    return f"/films/{sent('/films', json=WISH).json['film']}"


def test_it_comes_back_whole_and_is_gone_then(sent):
    film = begun(sent)
    assert sent(f"{film}/sound", data=b"\0\0" * 24_000).status_code == 204
    assert [sent(f"{film}/frames", data=png()).json["frames"] for _ in range(3)] == [1, 2, 3]
    answer = sent(f"{film}/end")
    assert answer.mimetype == "video/mp4"
    with av.open(io.BytesIO(answer.data)) as opened:
        assert len(list(opened.decode(video=0))) == 3
    answer.close()
    gone = sent(f"{film}/frames", data=png())
    assert (gone.status_code, "Make it again" in gone.json["error"]) == (404, True)


def test_one_given_up_is_gone(sent):
    film = begun(sent)
    assert sent(film, "delete").status_code == 204
    assert sent(film, "delete").status_code == 404


@pytest.mark.parametrize(
    ("change", "status", "says"),
    [
        ({"width": 161}, 422, "even number"),
        ({"fps": 0}, 422, "frames a second"),
        ({"bits": 1}, 400, "bits"),
        ({"width": "160"}, 400, "width"),
        ({"more": 1}, 400, "more"),
    ],
)
def test_a_wish_that_cannot_be_is_said(sent, change, status, says):
    answer = sent("/films", json=WISH | change)
    assert (answer.status_code, says in answer.json["error"]) == (status, True)


def test_a_picture_that_is_none_and_a_film_of_no_frames_are_said(sent):
    film = begun(sent)
    bad = sent(f"{film}/frames", data=b"no picture")
    assert (bad.status_code, "Frame 1 is no PNG" in bad.json["error"]) == (422, True)
    none = sent(f"{film}/end")
    assert (none.status_code, "no frames" in none.json["error"]) == (422, True)
    assert sent(film, "delete").status_code == 404
