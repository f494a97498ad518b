"""Films the server puts together, read back by a decoder; what can't be one is said in words."""

import io
import time

import av
import numpy as np
import pytest
from PIL import Image

from ironarc import film as films
from ironarc.film import SOUND_HZ, Asked, Film, FilmError, Films
from ironarc.store.errors import NotFound

SMALL = Asked(160, 90, 24.0, 1_000_000)


def png(x, size=(160, 90), form="PNG"):
    """A bar that stands at x."""
    picture, out = Image.new("RGB", size, (250, 245, 235)), io.BytesIO()
    picture.paste((20, 25, 30), (x, 20, x + 20, 70))
    picture.save(out, form)
    return out.getvalue()


@pytest.fixture
def film():
    one = Film(SMALL)
    yield one
    one.drop()


def made(asked, many, sound=None):
    film = Film(asked)
    if sound is not None:
        film.take_sound(sound.astype("<i2").tobytes())
    for i in range(many):
        film.take_frame(png(4 * i, (asked.width, asked.height)))
    with film.end() as whole:
        film.drop()
        return whole.read()


@pytest.mark.parametrize("fps", [24.0, 24000 / 1001, 6.25, 120.0])
def test_it_has_every_frame_at_its_time(fps):
    with av.open(io.BytesIO(made(Asked(160, 90, fps, 1_000_000), 12))) as opened:
        (stream,) = opened.streams
        assert stream.codec_context.name == "h264"
        frames = list(opened.decode(stream))
    np.testing.assert_allclose([f.time for f in frames], np.arange(12) / fps, atol=0.002)
    for i, frame in enumerate(frames):
        dark = frame.to_ndarray(format="gray")[45] < 120
        assert abs(np.flatnonzero(dark).mean() - (4 * i + 9.5)) < 1.5


def test_its_sound_is_where_it_was():
    knock = np.zeros(SOUND_HZ // 2)
    knock[SOUND_HZ // 4 : SOUND_HZ // 4 + 400] = 20_000 * np.sin(np.arange(400) * 0.3)
    with av.open(io.BytesIO(made(SMALL, 12, knock))) as opened:
        (track,) = opened.streams.audio
        heard = np.concatenate([f.to_ndarray().ravel() for f in opened.decode(track)])
    assert np.flatnonzero(np.abs(heard) > 0.2)[0] / SOUND_HZ == pytest.approx(0.25, abs=0.03)


def test_it_can_be_played_before_all_of_it_is_there():
    whole = made(SMALL, 3)
    assert whole.index(b"moov") < whole.index(b"mdat")


@pytest.mark.parametrize(
    ("asked", "says"),
    [
        (Asked(161, 90, 24.0, 10**6), "161 × 90"),
        (Asked(160, 8, 24.0, 10**6), "16 to 4096"),
        (Asked(160, 90, 0.0, 10**6), "frames a second"),
        (Asked(160, 90, float("nan"), 10**6), "frames a second"),
    ],
)
def test_what_can_be_no_film_is_said(asked, says):
    with pytest.raises(FilmError, match=says):
        Film(asked)


@pytest.mark.parametrize(
    "data",
    [b"", b"\x89PNG\r\n\x1a\n", png(3)[:90], png(3, form="JPEG")],
    ids=["empty", "a head alone", "cut short", "JPEG"],
)
def test_a_picture_that_cannot_be_read_is_said_and_the_film_goes_on(film, data):
    film.take_frame(png(1))
    with pytest.raises(FilmError, match="Frame 2 is no PNG"):
        film.take_frame(data)
    film.take_frame(png(5))
    with film.end() as whole, av.open(whole) as opened:
        assert len(list(opened.decode(video=0))) == 2


def test_a_picture_of_another_size_and_sound_that_comes_late_are_said(film):
    with pytest.raises(FilmError, match="Frame 1 is 80 × 90 pixels; the film is 160 × 90"):
        film.take_frame(png(1, (80, 90)))
    with pytest.raises(FilmError, match="16-bit"):
        film.take_sound(b"odd")
    film.take_frame(png(1))
    with pytest.raises(FilmError, match="before its first frame"):
        film.take_sound(b"even")


def test_a_film_of_no_frames_is_said(film):
    with pytest.raises(FilmError, match="no frames"):
        film.end()


def test_an_encoder_that_gives_up_and_a_full_disk_are_told_apart(film, monkeypatch):
    real = film._video

    def fails(error):
        class Stream:
            def encode(self, frame):
                raise error

        monkeypatch.setattr(film, "_video", Stream())

    fails(av.error.ExternalError(1, "broken"))
    with pytest.raises(FilmError, match="gave up"):
        film.take_frame(png(1))
    fails(av.error.OSError(28, "No space left on device"))
    with pytest.raises(OSError, match="No space"):
        film.take_frame(png(1))
    monkeypatch.setattr(film, "_video", real)


def test_a_few_at_a_time_and_each_for_as_long_as_frames_come(monkeypatch):
    kept = Films(most=2, idle_s=60.0)
    first, second = kept.begin(SMALL), kept.begin(SMALL)
    with pytest.raises(FilmError, match="already"):
        kept.begin(SMALL)
    kept.take(first).drop()
    with pytest.raises(NotFound, match="no frame came"):
        kept.get(first)
    third, now = kept.begin(SMALL), time.monotonic()
    monkeypatch.setattr(films.time, "monotonic", lambda: now + 61)
    fourth = kept.begin(SMALL)
    for gone in (second, third):
        with pytest.raises(NotFound):
            kept.get(gone)
    kept.take(fourth).drop()
