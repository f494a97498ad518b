"""Films and stills made in the browser, looked at frame by frame."""

import av
import numpy as np
import pytest
from PIL import Image

from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.store import shots
from tests.conftest import demo


@pytest.fixture
def trued(session):
    shot = demo("Gap hop")
    return shots.create(session, propose(see(shot), read_try("true_arc(frame=37)")).edit.apply(shot))


def fill(person, css, value):
    field = person.one(css)
    field.clear()
    field.send_keys(value)


def downloaded(person, name):
    """The file that begins with `name`, once it is whole."""

    def there():
        found = [p for p in person.downloads.glob(f"{name}*") if p.suffix in (".mp4", ".webm", ".png")]
        return found[0] if found and found[0].stat().st_size else None

    return person.until(there)


def in_show(person, shot):
    person.open_shot(shot)
    person.click("[data-step-link='show']")
    person.until(lambda: person.all("#film"))
    person.choose("#film [name='size']", "640 × 360")


def test_before_and_after_as_one_film(person, trued):
    in_show(person, trued)
    person.click("#film [name='beside']")
    for name, value in (("from", "30"), ("to", "41")):
        fill(person, f"#film [name='{name}']", value)
    person.click("#film [value='film']")
    film = downloaded(person, "PF-010 Gap hop 30-41.")
    person.until(lambda: not person.one("#filming").is_displayed())
    with av.open(str(film)) as opened:
        stream = opened.streams.video[0]
        frames = [frame.to_ndarray(format="rgb24") for frame in opened.decode(video=0)]
        assert len(frames) == 12
        assert float(stream.average_rate) == pytest.approx(24, rel=0.01)
    assert frames[0].shape == (360, 640, 3)
    # the arc was raised: at the top of the flight the two halves differ, and the film moves
    left, right = frames[7][40:320, :318].astype(int), frames[7][40:320, 322:].astype(int)
    assert np.abs(left - right).mean() > 1
    assert np.abs(frames[0].astype(int) - frames[11]).mean() > 1
    # two of its frames are the stage's own pictures
    for frame in (30, 37):
        person.type_frame(frame)
        person.click("#film [value='still']")
        still = np.asarray(Image.open(downloaded(person, f"PF-010 Gap hop {frame}.png")).convert("RGB")).astype(int)
        assert still.shape == frames[0].shape
        off = np.abs(still - frames[frame - 30])
        # ghosts stand in a still, and not in what moves
        assert np.median(off) < 4
        assert off.mean() < 6
    assert person.complaints() == []


def test_a_film_is_cancelled_and_a_wish_that_cannot_be_made_is_said(person, trued):
    in_show(person, trued)
    fill(person, "#film [name='to']", "400")
    person.click("#film [value='film']")
    assert person.sees("#bench-message", "This shot has frames 1 to 72; a film of 1 to 400 reaches beyond them.")
    fill(person, "#film [name='to']", "72")
    fill(person, "#film [name='rounds']", "20")
    person.click("#film [value='film']")
    person.until(lambda: "Film: frame" in person.one("#filming").text)
    person.click("[data-step-link='read']")  # it goes on whatever is open
    assert person.one("#filming").is_displayed()
    person.click("#filming button")
    person.until(lambda: not person.one("#filming").is_displayed())
    assert person.complaints() == []
