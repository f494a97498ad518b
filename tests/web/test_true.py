"""The True step through the client: ways, trials, work in the background, corrections made anew, refusals."""

import pytest
from sqlalchemy import text

from ironarc.carrying_out import carry_out
from ironarc.core.reading import read_shot
from ironarc.store import work
from tests.web.blocks import tracks, wanted
from tests.web.test_scene import Bench, says

ARC = "true_arc(frame=37,hang=12)"


@pytest.fixture
def bench(client, token, session, hop):
    return Bench(client, token, session, hop[0])


def post(bench, path: str, body):
    answer = bench.client.post(f"/shots/{bench.id}/{path}", json=body, headers={"X-CSRFToken": bench.token})
    if answer.status_code == 200 and path.split("/")[-1] in ("take", "undo"):
        bench.revision = answer.json["revision"]
    return answer


def asked(bench, **more):
    body = {"revision": bench.revision, "performer": "performer1", "what": "correction",
            "asked": "true_span(start=16,end=58)"}  # fmt: skip
    return post(bench, "work", body | more)


def finding_of(bench, kind: str) -> str:
    panel = bench.get("panels/true?who=performer1").text
    return next(part.split('"')[0] for part in panel.split('data-ways="')[1:] if f":{kind}:" in part)


def test_the_panel_shows_what_is_open_what_holds_and_what_can_be_solved(bench):
    panel = bench.get("panels/true?who=performer1").text
    for words in ("To put right", "with off the arc, phantom force", 'value="15"', 'value="57"', "Left leg",
                  "1–29, 46–72", "Find the nearest", "None yet"):  # fmt: skip
        assert words in panel, words


def test_all_that_can_be_tried_on_a_frame_is_told_and_what_the_rest_needs(bench):
    flight = bench.get("ways-at?who=performer1&frame=37").text
    assert "True the spin" in flight
    assert "true_arc(frame=" in flight
    assert "Needs a knee or an elbow bent past straight." in flight
    ground = bench.get("ways-at?who=performer1&frame=2").text
    assert "true_arc(frame=" not in ground
    assert "Needs a flight." in ground
    for bad, reason in (("900", "1 to 72"), ("x", "A frame is a whole number")):
        answer = bench.get(f"ways-at?who=performer1&frame={bad}")
        assert answer.status_code == 422
        assert reason in answer.text


def test_ways_of_a_finding_are_tried_and_told_side_by_side(bench):
    told = bench.get(f"ways?who=performer1&finding={finding_of(bench, 'hang')}").text.replace("\xa0", " ")
    for words in (
        "Keep the height, change the time", "Keep the time, change the height", "Meet half-way", "settles it",
        "4 frames taken out", "say that it is meant",
        "Slower, so not tried yet", "push and landing worked out", "The nearest motion that holds together",
    ):  # fmt: skip
        assert words in told, words
    gone = bench.get("ways?who=performer1&finding=performer1:hang:999")
    assert (gone.status_code, "not there any more" in gone.text) == (422, True)


def test_a_trial_puts_the_punch_lists_side_by_side_and_gives_its_options(bench):
    told = bench.get(f"trial.json?who=performer1&as={ARC}").json
    rows = {(r["kind"], r["start"]): r for r in told["rows"]}
    assert rows["hang", 30]["state"] == "settled"
    assert (rows["hang", 30]["before"], rows["hang", 30]["after"]) == ("44 %", "–")
    options = {o["name"]: o for o in told["options"]}
    assert options["hang"]["slider"]
    assert options["hang"]["low"] <= 12 < 16 <= options["hang"]["high"]
    assert options["frame"]["type"] == "hidden"
    reading = bench.get(f"reading.json?who=performer1&as={ARC}").json
    assert reading["range"] == [1, 68]
    assert len(tracks(bench.get(wanted("tracks", "performer1", ARC)))["com"]) == 68


def test_a_correction_is_taken_opened_again_and_changed(bench):
    assert bench.command("true", correction="true_arc", options={"frame": 37, "hang": 12}).status_code == 200
    assert bench.shot.frames == 68
    panel = bench.get("panels/true?who=performer1").text
    again = panel.split('data-again="')[1].split('"')[0]
    assert again.startswith("true_arc(")
    assert "hang=12" in again
    (layer,) = bench.shot.performer.corrections
    other = again.replace("hang=12", "hang=14")
    seen = bench.get(f"reading.json?who=performer1&as=again-{layer.id}-{other}").json
    assert [f["hang_frames"] for f in seen["flights"]] == [14]
    told = bench.get(f"trial.json?who=performer1&as=again-{layer.id}-{other}").json
    assert told["label"] == "True the arc, made anew"
    done = bench.command("true_again", layer_id=layer.id, options={"hang": 14}, performer="performer1")
    assert done.status_code == 200
    assert [f.hang_frames for f in read_shot(bench.shot).flights] == [14]
    assert bench.shot.frames == 70


def test_work_is_asked_for_looked_at_and_taken(bench):
    work_id = asked(bench).json["work"]
    told = bench.client.get(f"/shots/{bench.id}/work/{work_id}.json").json
    assert (told["state"], told["ended"]) == ("waiting", False)
    carry_out(bench.session, work_id, work.begin(bench.session, work_id))
    told = bench.client.get(f"/shots/{bench.id}/work/{work_id}.json").json
    assert (told["state"], told["share"]) == ("done", 1.0)
    assert len(told["picture"]) > 3
    assert told["picture"][0][1] > told["picture"][-1][1]
    seen = bench.get(f"reading.json?who=performer1&as=work-{work_id}").json
    assert seen["findings"] == []
    assert "borne by its contacts" in seen["cost"]
    taken = post(bench, f"work/{work_id}/take", {"revision": bench.revision})
    assert taken.status_code == 200
    assert bench.shot.performer.corrections[-1].made_by == "true_span"
    # it was worked out on the revision before
    assert "changed after this was asked for" in says(post(bench, f"work/{work_id}/take", {"revision": bench.revision}))


def test_work_is_told_of_to_one_who_comes_back_and_says_what_it_waits_for(bench):
    told = lambda: bench.client.get(f"/shots/{bench.id}/work.json").json["work"]  # noqa: E731
    assert told() is None
    first, second = (asked(bench, what="plan", asked="all").json["work"] for _ in range(2))
    assert told()["work"] == second
    assert told()["says"] == "Waits for a worker: 1 job is before it."
    tries = work.begin(bench.session, first)
    bench.session.execute(text("UPDATE work SET moved_at = moved_at - interval '20 s' WHERE id = :i"), {"i": second})
    bench.session.commit()
    assert told()["says"] == "Waits for a worker: 1 job is before it."  # one that is busy with the first
    bench.session.execute(text("UPDATE work SET moved_at = moved_at - interval '20 s' WHERE id = :i"), {"i": first})
    bench.session.commit()
    assert "./start runs one" in told()["says"]
    carry_out(bench.session, first, tries)
    assert told()["work"] == second  # what is on its way goes before what has ended
    post(bench, f"work/{second}/stop", {})
    assert (told()["work"], told()["state"]) == (second, "stopped")


def test_work_is_stopped_and_nothing_is_taken_of_it(bench):
    work_id = asked(bench, what="plan", asked="all").json["work"]
    assert post(bench, f"work/{work_id}/stop", {}).json["state"] == work.STOPPED
    assert "The job gave no result" in says(post(bench, f"work/{work_id}/take", {"revision": bench.revision}))


@pytest.mark.parametrize(
    ("body", "words"),
    [
        ({"asked": "true_span(start=16,end=900)"}, "Frame 900 lies outside this shot"),
        ({"asked": "true_love(start=16)"}, "There is no such correction"),
        ({"what": "plan", "asked": "arcs"}, "no correction called 'arcs'"),
        ({"what": "dance"}, "a correction or a plan"),
        ({"performer": "prop9"}, "not in the shot any more"),
    ],
)  # fmt: skip
def test_what_can_not_be_worked_out_is_refused_before_it_runs(bench, body, words):
    assert words in says(asked(bench, **body))


def test_a_plan_is_one_step_to_undo(bench):
    before = bench.shot.frames
    assert bench.command("true_by_plan", plan="footing,arc:time", performer="performer1").status_code == 200
    assert bench.shot.frames == before - 4
    post(bench, "undo", {"revision": bench.revision})
    assert bench.shot.frames == before
    assert "finds nothing to put right" in says(bench.command("true_by_plan", plan="footing", performer="performer1"))


def test_nobody_looks_at_another_shots_work(bench, client):
    work_id = asked(bench).json["work"]
    assert client.get(f"/shots/{bench.id + 1}/work/{work_id}.json").status_code == 404
    assert client.get(f"/shots/{bench.id}/work/9999.json").status_code == 404
