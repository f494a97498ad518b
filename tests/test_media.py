"""Pictures, sequences and video that are brought in: what is found, and what is refused in a sentence."""

import io

import av
import numpy as np
import pytest
from PIL import Image

from ironarc.core.errors import FileError
from ironarc.demo.references import FOLDER, VIDEO
from ironarc.media import look


def picture(width: int = 16, height: int = 12, form: str = "PNG") -> bytes:
    out = io.BytesIO()
    Image.new("RGB", (width, height), "#9E3A1B").save(out, form)
    return out.getvalue()


def video(codec: str, form: str, frames: int = 5, rate: int = 24) -> bytes:
    out = io.BytesIO()
    with av.open(out, "w", format=form) as film:
        stream = film.add_stream(codec, rate=rate)
        stream.width, stream.height, stream.pix_fmt = 64, 48, "yuv420p"
        for _ in range(frames):
            film.mux(stream.encode(av.VideoFrame.from_ndarray(np.zeros((48, 64, 3), np.uint8))))
        film.mux(stream.encode())
    return out.getvalue()


@pytest.mark.parametrize(("form", "media_type"), [("PNG", "image/png"), ("JPEG", "image/jpeg"), ("WEBP", "image/webp")])
def test_one_picture_is_a_still(form, media_type):
    found = look([("extreme.png", picture(form=form))])
    assert (found.kind, found.width, found.height, found.frames) == ("still", 16, 12, 1)
    assert found.files[0][1] == media_type


def test_numbered_pictures_are_a_sequence_in_the_order_of_their_numbers():
    found = look([(f"take2_{n}.png", picture(16, 12) + bytes([n])) for n in (10, 8, 9)])
    assert (found.kind, found.frames, found.number_from) == ("sequence", 3, 8)
    assert [data[-1] for data, _ in found.files] == [8, 9, 10]


@pytest.mark.parametrize(
    ("codec", "form", "media_type"),
    [("libvpx", "webm", "video/webm"), ("libvpx-vp9", "webm", "video/webm"), ("libx264", "mp4", "video/mp4")],
)
def test_a_video_that_an_ordinary_browser_plays_is_counted(codec, form, media_type):
    found = look([("take.bin", video(codec, form, 7, 25))])
    assert (found.kind, found.frames, found.rate_fps, found.width) == ("video", 7, 25.0, 64)
    assert found.files[0][1] == media_type


def test_the_demo_s_film_and_pictures_are_found():
    assert look([(VIDEO.name, VIDEO.read_bytes())]).frames == 72
    assert look([(p.name, p.read_bytes()) for p in FOLDER.glob("*.png")]).frames == 36


@pytest.mark.parametrize(
    ("files", "words"),
    [
        ([], "No file was chosen"),
        ([("a_1.png", picture()), ("a_3.png", picture())], "a hole: frame 2 is missing between a_1.png and a_3.png"),
        ([("a_1.png", picture()), ("a_9.png", picture())], "a hole: frames 2 to 8 are missing"),
        ([("a_1.png", picture()), ("a_01.png", picture())], "Two pictures carry the number 1"),
        ([("a.png", picture()), ("b.png", picture())], "carries no number"),
        ([("a_1.png", picture()), ("a_2.png", picture(20, 12))], "a_2.png is 20 × 12 pixels, and a_1.png is 16 × 12"),
        ([("a_1.png", picture()), ("a_2.txt", b"words")], "a_2.txt is not a picture"),
        ([("a.png", picture()[:40])], "a.png is damaged or cut short"),
        ([("a.tif", picture(form="TIFF"))], "is a TIFF picture. Save it as PNG, JPEG or WebP"),
        ([("a.png", picture(5000, 2))], "up to 4096 each way"),
        ([("a.mp4", b"\0" * 400)], "neither a picture nor a video"),
        ([("a.webm", VIDEO.read_bytes()[:200])], "a.webm"),
        (
            [("a.avi", video("mpeg4", "avi"))],
            "video that an ordinary browser plays. Save it as MP4",
        ),
        ([(f"a_{n}.png", b"") for n in range(1001)], "up to 1000 pictures; 1001 were chosen"),
    ],
    ids=lambda v: v if isinstance(v, str) else "",
)
def test_what_can_not_be_shown_is_refused_in_a_sentence(files, words):
    with pytest.raises(FileError, match=words):
        look(files)
