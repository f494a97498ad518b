"""Draws the made-up reference of PF-010 from our own figure, as pictures and as a short video:
.venv/bin/python -m scripts.render_reference

The video is encoded by FFmpeg's VP9, through PyAV.
"""

from fractions import Fraction

import av
import numpy as np
from PIL import Image, ImageDraw

from ironarc.core.judging.card import part_ends
from ironarc.core.reading import Reading, read_shot, see
from ironarc.core.truing import arc
from ironarc.demo import gap_hop
from ironarc.demo.posing import key_shot
from ironarc.demo.references import FOLDER, HEIGHT, POST_M, POST_Z_M, PX_PER_M, VIDEO, WIDTH, pixel

PAPER, GROUND, FAR, NEAR = "#f6f2e9", "#cfc5b2", "#8d8a83", "#3a3f45"
FINER = 3  # drawn this much larger, then made smaller, for smooth edges


def limb(draw: ImageDraw.ImageDraw, a, b, width_m: float, color: str) -> None:
    """A limb as a line with round ends, from a to b (z, y) m."""
    (x0, y0), (x1, y1) = (np.multiply(pixel(*p), FINER) for p in (a, b))
    w = width_m * PX_PER_M * FINER
    draw.line([x0, y0, x1, y1], fill=color, width=round(w))
    for x, y in ((x0, y0), (x1, y1)):
        draw.ellipse([x - w / 2, y - w / 2, x + w / 2, y + w / 2], fill=color)


def picture(reading: Reading, index: int) -> Image.Image:
    """One frame, seen from the side the figure travels past from left to right."""
    image = Image.new("RGB", (WIDTH * FINER, HEIGHT * FINER), PAPER)
    draw = ImageDraw.Draw(image)
    corners = [np.multiply(pixel(z, 0.0), FINER) for z in (-4.0, 4.0)]
    draw.polygon([*map(tuple, corners), (WIDTH * FINER, HEIGHT * FINER), (0, HEIGHT * FINER)], fill=GROUND)
    limb(draw, (POST_Z_M, 0.0), (POST_Z_M, POST_M), 0.05, "#a98f62")
    for mark in np.arange(0.25, POST_M, 0.25):
        limb(draw, (POST_Z_M - 0.03, mark), (POST_Z_M + 0.03, mark), 0.015, "#6f5c3c")
    starts, ends = (p[0] for p in part_ends(reading, [index]))
    parts = reading.body.parts
    # from the far side to the near one: seen from -x
    for i in sorted(range(len(parts)), key=lambda i: -(starts[i][0] + ends[i][0])):
        side = parts[i].side
        color = FAR if side and (starts[i][0] + ends[i][0]) / 2 > reading.com[index, 0] else NEAR
        width = 1.7 * float(np.sqrt(parts[i].half_width_m * parts[i].half_depth_m))
        limb(draw, starts[i][[2, 1]], ends[i][[2, 1]], width, color)
    return image.resize((WIDTH, HEIGHT), Image.Resampling.LANCZOS)


def main() -> None:
    FOLDER.mkdir(exist_ok=True)
    shot = key_shot(gap_hop.SCORE)
    edit = arc.propose(see(shot), arc.Options(37)).edit
    reading = read_shot(edit.apply(shot))
    pictures = [picture(reading, i) for i in range(shot.frames)]
    for number, image in enumerate(pictures[::2], start=1):
        image.quantize(24).save(FOLDER / f"gap_hop_{number:04d}.png", optimize=True)
    with av.open(str(VIDEO), "w") as film:
        stream = film.add_stream("libvpx-vp9", rate=Fraction(24))
        stream.width, stream.height, stream.pix_fmt = WIDTH, HEIGHT, "yuv420p"
        stream.options = {"crf": "34", "b:v": "0"}
        for image in pictures:
            film.mux(stream.encode(av.VideoFrame.from_image(image)))
        film.mux(stream.encode())


if __name__ == "__main__":
    main()
