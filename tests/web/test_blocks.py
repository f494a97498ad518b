"""Blocks of frames: the numbers of a reading, and after an edit only those it changed."""

import html
import json
import re
from base64 import b64decode

import numpy as np
import pytest

from bench.blocking import long_capture
from ironarc.core.reading import read_shot
from ironarc.core.reading.balance import read_balance
from ironarc.core.reading.forces import read_forces
from ironarc.core.reading.spin import read_spin_parts
from ironarc.store import shots
from ironarc.web import told as told_module
from ironarc.web.packed import BLOCK, PHYSICS, packed_physics
from tests.conftest import demo
from tests.web.blocks import columns, floats, taken_apart, wanted
from tests.web.test_scene import Bench, says

FRAMES = 3 * BLOCK + 40


@pytest.fixture
def long_bench(client, token, session):
    return Bench(client, token, session, shots.create(session, long_capture(FRAMES)))


def test_after_an_edit_only_the_blocks_it_reaches_are_others_and_undo_has_the_first_again(long_bench):
    was = long_bench.get("reading.json").json
    physics = long_bench.get("physics.json").json["blocks"]
    names = was["motions"]["performer1"]["blocks"]
    assert [len(x) for x in (names, was["blocks"], physics)] == [4, 4, 4]
    move = {"do": "reach", "grips": ["right hand"], "by_m": [0.0, -0.05, 0.05], "how": "limb"}
    assert long_bench.command("pose", performer="performer1", frame=300, moves=[move]).status_code == 200
    now = long_bench.get("reading.json").json
    for before, after in (
        (names, now["motions"]["performer1"]["blocks"]), (was["blocks"], now["blocks"]),
        (physics, long_bench.get("physics.json").json["blocks"]),
    ):  # fmt: skip
        assert [a == b for a, b in zip(before, after, strict=True)] == [True, False, True, True]
    sent = taken_apart(long_bench.get(wanted("motion", "performer1", numbers="1")).data)
    assert [name for name, _ in sent] == [now["motions"]["performer1"]["blocks"][1]]
    send = {"json": {"revision": long_bench.revision}, "headers": {"X-CSRFToken": long_bench.token}}
    long_bench.revision = long_bench.client.post(f"/shots/{long_bench.id}/undo", **send).json["revision"]
    assert long_bench.get("reading.json").json["motions"]["performer1"]["blocks"] == names
    assert long_bench.get("physics.json").json["blocks"] == physics


def test_blocks_hold_what_the_reading_says(long_bench):
    shot = long_bench.shot
    reading = read_shot(shot)
    motion = floats(long_bench.get(wanted("motion"))).reshape(FRAMES, -1, 7)
    np.testing.assert_allclose(motion[..., :3], reading.poses.position, atol=2e-6)
    many = long_bench.get(f"{wanted('motion', numbers='3')}&want=tracks|performer1|now|0,3")
    assert [len(values) for _, values in taken_apart(many.data)] == [40 * 22 * 7, BLOCK * 7, 40 * 7]


@pytest.mark.parametrize("name", ["Gap hop", "Net-perch", "Mail-sack throw", "Gangway slip"])
def test_pushes_marks_and_support_areas_come_frame_by_frame(name):
    reading = read_shot(demo(name))
    forces, balance, n = reading.ask(read_forces), reading.ask(read_balance), len(reading.com)
    values = np.frombuffer(reading.ask(packed_physics).blocks[0], "<f4")
    width = sum(PHYSICS.values()) + len(reading.ask(read_spin_parts).names)
    table = columns(values[: n * width].reshape(n, width), PHYSICS)
    lists, at = [], n * width
    for word, wide in (("hull", 2), ("marks", 4), ("pushes", 7)):
        counts = table[word].astype(int)
        ends = at + np.cumsum(counts) * wide
        lists.append([values[e - c * wide : e].reshape(c, wide) for c, e in zip(counts, ends, strict=True)])
        at = int(ends[-1])
    assert at == len(values)
    hulls, marks, pushes = lists
    for k in range(n):
        on = reading.footing.on[k]
        np.testing.assert_allclose(marks[k][:, :3], reading.traced.track.at[k][on], atol=1e-6)
        if len(pushes[k]):
            # what is left out pushes with less than a fiftieth of its weight, each
            np.testing.assert_allclose(pushes[k][:, 4:].sum(axis=0), forces.grf[k], atol=0.02 * len(forces.groups))
            assert set(pushes[k][:, 0].astype(int)) <= set(np.flatnonzero(forces.bears[k]))
        if len(hulls[k]):
            corners = balance.hull[k][np.isfinite(balance.hull[k][:, 0])]
            assert np.abs(hulls[k][:, None] - corners[None]).max(axis=2).min(axis=1).max() < 1e-6
        else:
            assert balance.pulls[k] or not np.isfinite(balance.hull[k]).any()
    assert any(len(p) for p in pushes)


@pytest.mark.parametrize(
    ("want", "words"),
    [
        ("faces|performer1|now|", "no such blocks"), ("motion|performer1|now|1,x", "by their numbers"),
        ("motion|performer1|now|4", "There are 4 blocks"), ("motion|performer9|now|", "not in the shot any more"),
        ("motion|performer1|upside|", "no view of a shot"),
    ],
)  # fmt: skip
def test_blocks_that_are_not_there_are_refused_in_words(long_bench, want, words):
    assert words in says(long_bench.get(f"blocks.f32?want={want}"))


def test_cards_of_a_long_punch_list_come_twenty_at_a_time_and_by_what_is_asked_for(client, session):
    shot_id = shots.create(session, long_capture(1500))
    at = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
    page = client.get(f"{at}/panels/read").text
    said = int(re.search(r"(\d+)\s+findings? to look at", page)[1])
    assert said > 40
    names, query = re.findall(r'<li class="finding[^>]*data-finding="([^"]+)"', page), "begins=20"
    assert len(names) == 20
    while query:
        more = client.get(f"{at}/cards?{query}").text
        names += re.findall(r'data-finding="([^"]+)" data-kind', more)
        following = re.search(r"cards\?([^\"]*begins=\d+[^\"]*)", more)
        query = html.unescape(following[1]) if following else ""
    assert len(names) == len(set(names)) == said
    kind = re.search(r'data-kind="(\w+)"', page)[1]
    assert set(re.findall(r'data-kind="(\w+)"', client.get(f"{at}/cards?kind={kind}").text)) == {kind}
    assert "No such findings" in client.get(f"{at}/cards?kind={kind}&part=left+ear").text
    refused = client.get(f"{at}/cards?begins=-1", headers={"Accept": "application/json"})
    assert "counted by whole numbers" in says(refused)


def test_what_true_lists_comes_bit_by_bit_and_reaches_to_what_is_opened(client, session):
    shot = long_capture(1500)
    shot_id = shots.create(session, shot)
    at = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
    first = client.get(f"{at}/panels/true").text
    for part, most, address in (("data-true-aim", 12, "aims"), ('li class="settle', 40, "to-settle")):
        text, counts = first, []
        while True:
            counts.append(text.count(part))
            more = re.search(rf'hx-get="([^"]+/{address}\?[^"]+)"', text)
            if more is None:
                break
            text = client.get(html.unescape(more[1])).text
        assert counts[0] == most
        assert max(counts) == most
        assert len(counts) > 1
    assert sum(counts) > 40
    last = re.findall(r'li class="settle[^>]* data-finding="([^"]+)"', text)[-1]
    assert last not in first
    assert last in client.get(f"{at}/panels/true", query_string={"finding": last}).text
    assert "whole numbers from 0 on" in client.get(f"{at}/aims?begins=-1").text


def test_an_edit_s_answer_brings_what_is_shown_then(client, session, token, monkeypatch):
    shot = demo("Swinging crate")
    shot_id = shots.create(session, shot)
    revision, headers = shots.standing(session, shot_id).revision, {"X-CSRFToken": token}

    def edited(**more):
        edit = more.pop("edit", None) or {"kind": "set_gravity", "g": 9.0 + edited.n}
        edited.n += 0.1
        body = {"revision": edited.revision, "edit": edit, **more}
        answer = client.post(f"/shots/{shot_id}/edits", json=body, headers=headers)
        edited.revision = answer.json["revision"]
        return answer.json

    edited.n, edited.revision = 0.0, revision
    told = edited(shows="performer2")
    at = f"/shots/{shot_id}/r/{told['revision']}"
    assert told["scene"] == client.get(f"{at}/scene.json").json
    # to the letter: the order of columns tells where each begins
    reading = client.get(f"{at}/reading.json?as=now&who=performer2").json
    physics = client.get(f"{at}/physics.json?as=now&who=performer2").json
    client.get(f"{at}/blocks.f32?want=tracks|performer2|now|&want=physics|performer2|now|")
    assert json.dumps(told["reading"]) == json.dumps(reading)
    # what was seen before is told by where it is there, and only blocks that changed come along
    limit = {"kind": "set_limit", "finding": "slide", "strained": 0.011, "cracked": 0.5}
    before, told = reading, edited(shows="performer2", has=reading["mark"], edit=limit)
    at = f"/shots/{shot_id}/r/{told['revision']}"
    now = client.get(f"{at}/reading.json?as=now&who=performer2").json
    assert told["physics"] == client.get(f"{at}/physics.json?as=now&who=performer2").json
    assert {name for name, _ in taken_apart(b64decode(told["blocks"]))} == {
        *now["blocks"], *told["physics"]["blocks"]} - {*before["blocks"], *physics["blocks"]}  # fmt: skip
    assert all(isinstance(span, int) for lane in told["reading"]["piers"] for span in lane["spans"])
    spans = [span for lane in before["piers"] for span in lane["spans"]]
    for name, had in (("flights", before["flights"]), ("findings", before["findings"])):
        told["reading"][name] = [had[x] if isinstance(x, int) else x for x in told["reading"][name]]
    for lane in told["reading"]["piers"]:
        lane["spans"] = [spans[x] if isinstance(x, int) else x for x in lane["spans"]]
    assert told["reading"] == now
    # a reading that other limits of the house judged is not pointed into
    limit |= {"strained": 0.012}
    lanes = edited(shows="performer2", has=f"{now['mark']}-other", edit=limit)["reading"]["piers"]
    assert all(isinstance(span, dict) for lane in lanes for span in lane["spans"])
    # more than a little is asked for by itself
    monkeypatch.setattr(told_module, "ALONG_BYTES", 0)
    assert "blocks" not in edited(shows="performer2")
    monkeypatch.undo()
    assert {"scene", "reading", "physics", "blocks"}.isdisjoint(edited())
    # whom nobody has is not shown: the first is
    assert edited(shows="nobody")["reading"]["who"] == "performer1"

    # the edit is kept, whatever goes wrong with telling of it
    def breaks(*_):
        raise RuntimeError("no words")

    monkeypatch.setattr(told_module, "scene_data", breaks)
    told = edited(shows="performer1")
    assert "scene" not in told
    assert shots.standing(session, shot_id).revision == told["revision"]


def test_flights_come_six_at_a_time_each_of_them_once(client, session):
    shot = long_capture(1500)
    shot_id = shots.create(session, shot)
    at = f"/shots/{shot_id}/r/{shots.standing(session, shot_id).revision}"
    text, found = client.get(f"{at}/panels/read").text, []
    while True:
        cards = re.findall(r'data-flight-card="(\d+)"', text)
        assert 0 < len(cards) <= 6
        found += map(int, cards)
        more = re.search(r'id="more-flights" hx-get="([^"]+)"', text)
        if more is None:
            break
        text = client.get(html.unescape(more[1])).text
    assert found == [f.start for f in read_shot(shot).flights]
    assert len(found) > 12
    assert "whole numbers from 0 on" in client.get(f"{at}/flights?begins=-1").text
