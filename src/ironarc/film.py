"""Films put together from pictures, for browsers that can't encode them: H.264 and AAC in MP4, by PyAV."""

import errno
import io
import os
import tempfile
import time
import warnings
from contextlib import suppress
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from threading import Lock
from typing import BinaryIO

import av
import numpy as np
from PIL import Image, UnidentifiedImageError

from ironarc.core.errors import IronArcError
from ironarc.store.shots import NotFound

MOST_FRAMES = 20_000  # of one film, all rounds together
MOST_S = 3600.0
LEAST_PX, MOST_PX = 16, 4096
SLOWEST_FPS, FASTEST_FPS = 0.1, 240.0
SOUND_HZ = 48_000
KEYS_S = 1.0  # between frames that can be sought to
GAVE_UP = "The film could not be put together: the encoder gave up. Try a smaller size."


class FilmError(IronArcError):
    """A film that can't be made as it is asked for."""


@dataclass(frozen=True)
class Asked:
    """What a film is to be: width and height in pixels, both even; fps : frames a second it is played at; bits : a
    second, about."""

    width: int
    height: int
    fps: float
    bits: int

    def checked(self) -> "Asked":
        """Itself; FilmError for what can't be."""
        for size in (self.width, self.height):
            if not LEAST_PX <= size <= MOST_PX or size % 2:
                raise FilmError(
                    f"A film has an even number of pixels each way, {LEAST_PX} to {MOST_PX}; {self.width} × "
                    f"{self.height} was asked for."
                )
        if not SLOWEST_FPS <= self.fps <= FASTEST_FPS:
            raise FilmError(f"A film has {SLOWEST_FPS} to {FASTEST_FPS:g} frames a second; {self.fps:g} was asked for.")
        return self


class Film:
    """A film while it is put together, in a file that goes when the film does."""

    def __init__(self, asked: Asked):
        self.asked, self.frames, self.used_at = asked.checked(), 0, time.monotonic()
        self._lock = Lock()
        self._sound: np.ndarray | None = None
        self._file = tempfile.NamedTemporaryFile(suffix=".mp4")  # noqa: SIM115 - closed by `drop` and `end`
        self._rate = Fraction(asked.fps).limit_denominator(100_000)
        self._out = av.open(self._file.name, "w", format="mp4", options={"movflags": "faststart"})
        self._video = self._out.add_stream("libx264", rate=self._rate)
        self._video.width, self._video.height, self._video.pix_fmt = asked.width, asked.height, "yuv420p"
        self._video.bit_rate = asked.bits
        self._video.options = {"preset": "fast"}  # half the frames kept to look ahead, and half the memory
        self._video.gop_size = max(round(asked.fps * KEYS_S), 1)

    def take_sound(self, samples: bytes) -> None:
        """The whole film's sound: 16-bit samples of one channel at 48 kHz, low byte first; before its first frame."""
        with self._used():
            if len(samples) % 2 or len(samples) > 2 * SOUND_HZ * MOST_S:
                raise FilmError(f"Sound is 16-bit samples of one channel at {SOUND_HZ} Hz, for an hour at most.")
            if self.frames or self._sound is not None:
                raise FilmError("A film's sound comes once, before its first frame.")
            self._audio = self._out.add_stream("aac", rate=SOUND_HZ, layout="mono")
            self._sound = np.frombuffer(samples, dtype="<i2")

    def take_frame(self, picture: bytes) -> None:
        """The next frame, as a PNG of the film's size. Raises FilmError."""
        with self._used():
            if self.frames >= MOST_FRAMES:
                raise FilmError(f"A film has up to {MOST_FRAMES:,} frames. Take fewer, or fewer rounds.")
            frame = av.VideoFrame.from_image(self._picture(picture))
            frame.pts, frame.time_base = self.frames, 1 / self._rate
            self._put(self._video, frame)
            self.frames += 1

    def _picture(self, data: bytes) -> Image.Image:
        number = self.frames + 1
        try:
            with warnings.catch_warnings():
                warnings.simplefilter("error", Image.DecompressionBombWarning)
                picture = Image.open(io.BytesIO(data), formats=["PNG"])
            if picture.size != (self.asked.width, self.asked.height):
                raise FilmError(
                    f"Frame {number} is {picture.width} × {picture.height} pixels; the film is {self.asked.width} × "
                    f"{self.asked.height}."
                )
            return picture.convert("RGB")
        except (
            UnidentifiedImageError, OSError, SyntaxError, ValueError, Image.DecompressionBombError,
            Image.DecompressionBombWarning,
        ) as error:  # fmt: skip
            raise FilmError(f"Frame {number} is no PNG that can be read.") from error

    def end(self) -> BinaryIO:
        """The whole film, to be read from its beginning; the film is to be dropped then. Raises FilmError for one with
        no frames."""
        with self._used():
            if not self.frames:
                raise FilmError("This film has no frames. Let it end after it begins.")
            self._put(self._video, None)
            if self._sound is not None:
                self._put_sound(self._sound)
            try:
                self._out.close()
            except av.error.FFmpegError as error:
                raise FilmError(GAVE_UP) from error
            return Path(self._file.name).open("rb")  # it can be read on when the film is dropped

    def _put_sound(self, samples: np.ndarray) -> None:
        frame = av.AudioFrame.from_ndarray(samples[None], format="s16", layout="mono")
        frame.sample_rate, frame.pts = SOUND_HZ, 0
        for made in av.AudioResampler("fltp", "mono", SOUND_HZ, frame_size=1024).resample(frame):
            self._put(self._audio, made)
        self._put(self._audio, None)

    def _put(self, stream, frame) -> None:
        """Encodes a frame; None for what is left."""
        try:
            for packet in stream.encode(frame):
                self._out.mux(packet)
        except av.error.FFmpegError as error:
            # the disk's own errors are told as such
            full = isinstance(error, OSError) and error.errno == errno.ENOSPC
            raise (error if full else FilmError(GAVE_UP)) from error

    def _used(self) -> Lock:
        self.used_at = time.monotonic()
        return self._lock

    def drop(self) -> None:
        """Lets go of it and its file, whether it came to its end or not."""
        with self._lock, suppress(av.error.FFmpegError):
            self._out.close()
        self._file.close()


class Films:
    """The films that are being put together, by a word nobody guesses: a few at a time, each for as long as frames
    come."""

    def __init__(self, most: int = 2, idle_s: float = 120.0):
        self.most, self.idle_s = most, idle_s
        self._films: dict[str, Film] = {}
        self._lock = Lock()

    def begin(self, asked: Asked) -> str:
        """A new film. Raises FilmError where as many as can be are being made."""
        with self._lock:
            self._sweep()
            if len(self._films) >= self.most:
                raise FilmError("Other films are being made already. Wait until one is done, then try again.")
            name = os.urandom(16).hex()
            self._films[name] = Film(asked)
            return name

    def get(self, name: str) -> Film:
        """Raises NotFound for one that is not there, or that no frame came for in a while."""
        with self._lock:
            film = self._films.get(name)
        if film is None:
            raise NotFound("There is no such film any more: no frame came for a while. Make it again.")
        return film

    def take(self, name: str) -> Film:
        """A film, which is not kept any longer. Raises NotFound."""
        film = self.get(name)
        with self._lock:
            self._films.pop(name, None)
        return film

    def _sweep(self) -> None:
        now = time.monotonic()
        for name, film in [*self._films.items()]:
            if now - film.used_at > self.idle_s:
                del self._films[name]
                film.drop()
