"""Films and stills made in the browser, looked at frame by frame."""

import zipfile

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
        found = [p for p in person.downloads.glob(f"{name}*") if p.suffix in (".mp4", ".webm", ".png", ".gif", ".zip")]
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


def asked(person, **values):
    for name, value in values.items():
        fill(person, f"#film [name='{name}']", str(value))


def test_a_film_has_a_knock_where_the_feet_come_down(person, hop):
    in_show(person, hop)
    person.click("#film [name='sound']")
    asked(person, **{"from": 42, "to": 50})
    person.click("#film [value='film']")
    made = downloaded(person, "PF-010 Gap hop 42-50.")
    person.until(lambda: not person.one("#filming").is_displayed())
    with av.open(str(made)) as opened:
        (track,) = opened.streams.audio
        sound = np.concatenate([frame.to_ndarray().ravel() for frame in opened.decode(track)]).astype(float)
        rate = track.rate
    sound = np.abs(sound) / max(np.abs(sound).max(), 1e-9)
    first = np.flatnonzero(sound > 0.3)[0] / rate
    # both feet come down on frame 46: four frames into the film; an encoder may begin some hundredths early
    assert first == pytest.approx(4 / 24, abs=0.06)


def test_a_browser_that_cannot_encode_sends_its_pictures_to_the_server(person, hop):
    in_show(person, hop)
    person.driver.execute_script("delete window.VideoEncoder")
    person.click("#film [name='sound']")
    asked(person, **{"from": 40, "to": 51})
    person.click("#film [value='film']")
    assert person.sees("#bench-message", "so the server made it")
    with av.open(str(downloaded(person, "PF-010 Gap hop 40-51.mp4"))) as opened:
        frames = [frame.to_ndarray(format="rgb24").astype(int) for frame in opened.decode(video=0)]
        assert len(opened.streams.audio) == 1
    assert len(frames) == 12
    assert np.abs(frames[0] - frames[11]).mean() > 1
    # one of its frames is the stage's own picture
    person.type_frame(45)
    person.click("#film [value='still']")
    still = np.asarray(Image.open(downloaded(person, "PF-010 Gap hop 45.png")).convert("RGB")).astype(int)
    assert np.median(np.abs(still - frames[5])) < 4
    # a wish given up leaves nothing behind
    asked(person, rounds=20)
    person.click("#film [value='film']")
    person.until(lambda: "Film: frame" in person.one("#filming").text)
    person.click("#filming button")
    person.until(lambda: not person.one("#filming").is_displayed())
    assert person.complaints() == []


def test_a_gif_and_numbered_pictures_have_every_frame(person, hop):
    in_show(person, hop)
    asked(person, **{"from": 30, "to": 35})
    person.choose("#film [name='as']", "GIF")
    person.click("#film [value='film']")
    with Image.open(downloaded(person, "PF-010 Gap hop 30-35.gif")) as gif:
        assert (gif.n_frames, gif.size) == (6, (640, 360))
        delays = []
        for i in range(gif.n_frames):
            gif.seek(i)
            delays.append(gif.info["duration"])
    assert sum(delays) == pytest.approx(6 / 24 * 1000, abs=10)
    person.choose("#film [name='as']", "numbered PNG, zipped")
    person.click("#film [value='film']")
    with zipfile.ZipFile(downloaded(person, "PF-010 Gap hop 30-35.zip")) as pictures:
        assert pictures.namelist() == [f"PF-010 Gap hop {frame:04d}.png" for frame in range(30, 36)]
        sizes = {Image.open(pictures.open(name)).size for name in pictures.namelist()}
    assert sizes == {(640, 360)}
    assert person.complaints() == []


def test_a_strip_has_all_its_poses_and_a_contact_sheet_one_beside_the_other(person, hop):
    in_show(person, hop)
    person.click("#show-button")
    for key in ("path", "gravity", "com", "ghosts"):
        person.click(f"#show-menu [data-show='{key}']")
    person.click("#show-button")
    asked(person, **{"from": 1, "to": 61, "every": 30})
    person.click("#film [value='still']")
    alone = dark(downloaded(person, "PF-010 Gap hop 1.png"))
    person.click("#film [value='strip']")
    together = dark(downloaded(person, "PF-010 Gap hop 1-61 strip.png"))
    assert 2.2 * alone < together < 4 * alone
    person.click("#film [value='sheet']")
    with Image.open(downloaded(person, "PF-010 Gap hop 1-61 contact sheet.png")) as sheet:
        assert sheet.size == (640, 360)
        tiles = np.asarray(sheet.convert("L")).reshape(2, 180, 2, 320).transpose(0, 2, 1, 3).reshape(4, 180, 320)
    # three poses, and a place that stays empty
    assert [bool((tile[20:-4, 20:-4] < 90).sum() > 150) for tile in tiles] == [True, True, True, False]
    asked(person, every=0)
    person.click("#film [value='strip']")
    person.sees("#bench-message", "1 or more")


def dark(path):
    """How many pixels of a picture a figure covers; what was written in lies below and above."""
    with Image.open(path) as picture:
        return int((np.asarray(picture.convert("L"))[40:320] < 165).sum())
