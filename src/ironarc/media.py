"""Looking into files brought in as references: pictures by Pillow, video by PyAV."""

import io
import re
import warnings
from dataclasses import dataclass
from itertools import pairwise
from pathlib import PurePath

import av
from PIL import Image, UnidentifiedImageError

from ironarc.core.errors import FileError
from ironarc.core.scene.reference import SEQUENCE, STILL, VIDEO
from ironarc.core.whole_numbers import whole_number

PICTURES = {"PNG": "image/png", "JPEG": "image/jpeg", "WEBP": "image/webp"}
# What an ordinary Chromium plays, by container and codec
CONTAINERS = {"mov": "video/mp4", "matroska": "video/webm"}
# Nothing but the bytes at hand is opened: no file, address or device that a container may name
CLOSED = {"protocol_whitelist": "", "format_whitelist": "mov,matroska"}
CODECS = {"video/mp4": {"h264", "av1", "vp9"}, "video/webm": {"vp8", "vp9", "av1"}}
SIGNATURES = (b"\x89PNG", b"\xff\xd8\xff")  # a picture cut so short that nothing else of it is left
DAMAGED = "{} is damaged or cut short. Save it again, then bring it in."
LARGEST_PX = 4096
MOST_PICTURES = 1000
MOST_FRAMES = 20_000
SAVE_AS = "Save it as MP4 (H.264) or WebM (VP9), and bring it in again."


@dataclass(frozen=True)
class Media:
    """What was found: the files in order, as (bytes, media type), and what a Reference wants to know of them.

    rate_fps : frames a second of a video, None for pictures, which carry none
    """

    kind: str
    files: list[tuple[bytes, str]]
    width: int
    height: int
    frames: int
    number_from: int
    rate_fps: float | None


def look(files: list[tuple[str, bytes]]) -> Media:
    """Media of named files: one picture, one video, or a numbered sequence of pictures. Raises FileError."""
    if not files:
        raise FileError("No file was chosen. Choose a picture, a numbered sequence of pictures, or a video.")
    if len(files) > MOST_PICTURES:
        raise FileError(f"A sequence can have up to {MOST_PICTURES} pictures; {len(files)} were chosen. Choose fewer.")
    if len(files) == 1:
        name, data = files[0]
        if (size := _picture(name, data, maybe=True)) is None:
            return _video(name, data)
        width, height, media_type = size
        return Media(STILL, [(data, media_type)], width, height, 1, 1, None)
    return _sequence(files)


def _picture(name: str, data: bytes, maybe: bool = False) -> tuple[int, int, str] | None:
    """Width, height and media type; None for no picture at all if that `maybe`."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore", Image.DecompressionBombWarning)  # its size is told below
            with Image.open(io.BytesIO(data)) as picture:
                form, (width, height) = picture.format, picture.size
                if form in PICTURES and max(width, height) <= LARGEST_PX:
                    picture.load()  # a picture cut short is found here, not by the browser
    except UnidentifiedImageError:
        if data.startswith(SIGNATURES):
            raise FileError(DAMAGED.format(name)) from None
        if maybe:
            return None
        raise FileError(f"{name} is not a picture. A sequence is made of PNG, JPEG or WebP pictures.") from None
    except Image.DecompressionBombError:
        raise FileError(
            f"{name} is far larger than the {LARGEST_PX} pixels each way that can be shown. Make it smaller."
        ) from None
    except (OSError, SyntaxError, ValueError):
        raise FileError(DAMAGED.format(name)) from None
    if form not in PICTURES:
        raise FileError(f"{name} is a {form} picture. Save it as PNG, JPEG or WebP, and bring it in again.")
    if max(width, height) > LARGEST_PX:
        raise FileError(
            f"{name} is {width} × {height} pixels; up to {LARGEST_PX} each way can be shown. Make it smaller."
        )
    return width, height, PICTURES[form]


def _sequence(files: list[tuple[str, bytes]]) -> Media:
    numbered = sorted((_number(name), name, data) for name, data in files)
    for (a, name_a, _), (b, name_b, _) in pairwise(numbered):
        if a == b:
            raise FileError(f"Two pictures carry the number {a}: {name_a} and {name_b}. Leave one of them out.")
        if b > a + 1:
            gone = f"frame {a + 1} is" if b == a + 2 else f"frames {a + 1} to {b - 1} are"
            raise FileError(
                f"The sequence has a hole: {gone} missing between {name_a} and {name_b}. "
                "Add what is missing, or choose a stretch without a hole."
            )
    out, first = [], None
    for _, name, data in numbered:
        width, height, media_type = _picture(name, data)
        first = first or (width, height, name)
        if (width, height) != first[:2]:
            raise FileError(
                f"{name} is {width} × {height} pixels, and {first[2]} is {first[0]} × {first[1]}. "
                "All pictures of a sequence need one size."
            )
        out.append((data, media_type))
    return Media(SEQUENCE, out, first[0], first[1], len(out), numbered[0][0], None)


def _number(name: str) -> int:
    """The last number in a file's name."""
    digits = re.findall(r"[0-9]+", PurePath(name).stem)
    number = whole_number(digits[-1]) if digits else None
    if number is None:
        raise FileError(
            f"{name} carries no number, so its place in the sequence is unknown. Name it like hop_0001.png."
        )
    return number


def _container(data: bytes) -> str | None:
    """The container a video is in, by its first bytes, as FFmpeg calls it: ISO base media, or EBML."""
    if data[4:8] == b"ftyp":
        return "mov"
    return "matroska" if data[:4] == b"\x1a\x45\xdf\xa3" else None


def _video(name: str, data: bytes) -> Media:
    form = _container(data)
    if form is None:
        raise FileError(f"{name} is neither a picture nor a video that an ordinary browser plays. {SAVE_AS}")
    media_type = CONTAINERS[form]
    try:
        with av.open(io.BytesIO(data), format=form, options=CLOSED) as film:
            if not film.streams.video:
                raise FileError(f"{name} holds no picture, only sound or text. Choose another file.")
            stream = film.streams.video[0]
            codec, width, height = stream.codec_context.name, stream.codec_context.width, stream.codec_context.height
            codec = {"libdav1d": "av1", "libvpx": "vp8", "libvpx-vp9": "vp9"}.get(codec, codec)
            if codec not in CODECS[media_type]:
                kind = f"{film.format.long_name}, {codec}"
                raise FileError(f"{name} ({kind}) is no video an ordinary browser plays. {SAVE_AS}")
            rate = float(stream.average_rate or stream.guessed_rate or 0)
            frames = sum(1 for packet in film.demux(stream) if packet.size)
    except (av.FFmpegError, ValueError):
        raise FileError(f"{name} is neither a picture nor a video that an ordinary browser plays. {SAVE_AS}") from None
    if not frames or rate <= 0 or not width:
        raise FileError(f"{name} holds no frames that can be shown. {SAVE_AS}")
    if frames > MOST_FRAMES or max(width, height) > LARGEST_PX:
        raise FileError(
            f"{name} has {frames} frames of {width} × {height} pixels; up to {MOST_FRAMES} frames of {LARGEST_PX} "
            "pixels each way can be shown. Cut it shorter or make it smaller."
        )
    return Media(VIDEO, [(data, media_type)], width, height, frames, 1, rate)
