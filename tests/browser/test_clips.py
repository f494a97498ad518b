"""Named clips, by mouse and keyboard: made, moved by their ends, looped, played, put in an order, undone."""

import numpy as np
from selenium.webdriver.common.keys import Keys
from selenium.webdriver.support.ui import Select

from ironarc.core.edits.commands import COMMANDS
from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.reading import see
from ironarc.core.truing import propose, read_try
from ironarc.store import shots
from tests.browser.test_strike import changed, stands, typed
from tests.conftest import demo


def test_a_clip_is_named_moved_by_its_end_looped_and_closed(person, session, hop):
    person.open_shot(hop, "?step=show&frame=20")
    person.one("#new-clip [name='name']").send_keys("Hop")
    assert person.one("#new-clip [name='start']").get_property("value") == "20"
    changed(person, lambda: typed(person, "#new-clip [name='end']", "40"))
    (strip,) = stands(session, hop).performer.strips
    assert (strip.name, strip.start, strip.end, strip.played) == ("Hop", 20, 40, "once")
    # it stands on the trestle, and its end is dragged, then moved by a key
    end = person.one('[data-lane="strips"] .strip-end[data-end="end"]')
    bar = person.one('[data-lane="strips"] .strip-bar').size["width"] / 21
    changed(person, lambda: person.hand().click_and_hold(end).move_by_offset(round(bar * 5), 0).release().perform())
    assert stands(session, hop).performer.strips[0].end == 45
    end = person.one('[data-lane="strips"] .strip-end[data-end="end"]')
    changed(person, lambda: end.send_keys(Keys.ARROW_RIGHT))
    assert stands(session, hop).performer.strips[0].end == 46
    # as a loop it is judged, closed, and undone
    changed(person, lambda: Select(person.one("[data-clip-change='played']")).select_by_visible_text("loop"))
    person.sees("#clips", "from 46 back to 20 there is a gap")
    person.click("#clips [data-correction='close_loop']")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    person.sees("#trying-cost", "The end misses the beginning by")
    changed(person, lambda: person.click("#take"))
    assert [x.made_by for x in stands(session, hop).performer.corrections] == ["close_loop"]
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, hop).performer.strips[0].played == "once"
    # a second one of the same name is told apart; what can't be is said, and nothing is lost
    person.click("#clips details summary")
    changed(person, lambda: person.click("#clips [data-show='double']"))
    assert [s.name for s in stands(session, hop).performer.strips] == ["Hop", "Hop 2"]
    first = person.one("#clips [data-clip-change='start']")
    first.send_keys(Keys.CONTROL, "a")
    first.send_keys("60", Keys.ENTER)
    person.sees("#bench-message", "60 to 46 was given")
    person.click("#clips li:nth-child(2) details summary")
    changed(person, lambda: person.click("#clips li:nth-child(2) [data-show='remove']"))
    assert [s.name for s in stands(session, hop).performer.strips] == ["Hop"]
    assert person.complaints() == []


def test_clips_play_by_themselves_and_become_a_shot_in_their_order(person, session):
    shot_id = shots.create(session, demo("mid stride"))
    session.commit()
    person.open_shot(shot_id, "?step=show&frame=30")
    person.click("#clips li:nth-child(2) [data-show='play']")
    frames: set[int] = set()
    person.until(lambda: frames.add(person.frame) or len(frames) >= 8)
    assert frames <= set(range(3, 19))
    person.click("#play")
    order = person.one("#order [name='text']")
    assert order.get_property("value") == "Start, Run, Hit"
    order.send_keys(Keys.CONTROL, "a")
    order.send_keys("Start, Jog")
    person.click("#order [type='button']")
    person.sees("#joins", "There is no clip called “Jog”. The clips are: Start, Run, Hit")
    order.send_keys(Keys.CONTROL, "a")
    order.send_keys("Start, Run x 2, Hit")
    person.click("#order [type='button']")
    person.sees("#joins", "104 frames")
    assert len(person.all("#joins tr")) == 4
    person.click("#order button:not([type])")
    person.until(lambda: f"/shots/{shot_id}" not in person.driver.current_url)
    person.bench_ready()
    made = stands(session, shot_id + 1)
    assert made.frames == 104
    root = made.performer.rig.roots[0]
    at = made.poses("", np.arange(1, 51)).position[:, root, 2]
    assert np.diff(at)[3:].min() > 0.1
    assert person.complaints() == []


def test_the_yard_finds_sorts_and_deletes_several(person, session):
    for name in ("Gap hop", "mid stride", "Net-perch"):
        shots.create(session, demo(name))
    session.commit()
    person.go("/")
    person.one("#find").send_keys("hop")
    person.until(lambda: [c.text for c in person.all("#cards h2")] == ["PF-010 Gap hop"])
    assert "find=hop" in person.driver.current_url
    field = person.one("#find")
    field.send_keys(Keys.CONTROL, "a")
    field.send_keys(Keys.DELETE)
    person.until(lambda: len(person.all("#cards h2")) == 3)
    Select(person.one("#yard-find [name='as']")).select_by_visible_text("table")
    person.until(lambda: len(person.all("#table tbody tr")) == 3)
    Select(person.one("#yard-find [name='by']")).select_by_visible_text("worst first")
    person.until(lambda: "by=verdict" in person.driver.current_url)
    person.until(
        lambda: person.driver.execute_script("return !document.querySelector('.htmx-request, .htmx-settling')")
    )
    assert "Gap hop" in person.one("#table tbody tr").text
    person.click("[data-sheets]")
    person.sees("#message", "No shot selected")
    person.click("#tick-all")
    person.click("[data-sheets]")
    person.until(lambda: len(person.all(".sheet")) == 4)  # with one that sums them up
    person.go("/?as=table&by=verdict")
    person.click("#tick-all")
    person.click("#table tbody tr [name='shot']")
    person.click("#several [formaction$='/shots/remove']")
    person.until(lambda: len(person.all("#table tbody tr")) == 1)
    assert "Gap hop" in person.one("#table tbody tr").text
    assert len(person.all("#removed form")) == 2
    assert person.complaints() == []


def test_a_note_is_made_on_a_frame_answered_settled_and_undone(person, session, hop):
    person.open_shot(hop, "?step=show&frame=37")
    person.click("#new-remark button")
    person.sees("#bench-message", "Type the words of the note first")
    person.one("#new-remark [name='by']").send_keys("Ada")
    person.one("#new-remark [name='text']").send_keys("Hangs too long <b>here</b>")
    changed(person, lambda: person.click("#new-remark button"))
    assert "Hangs too long <b>here</b>" in person.one("#remarks").text
    assert person.one("#new-remark [name='text']").get_property("value") == ""
    # it stands on the trestle, and leads back to its frame
    person.type_frame(5)
    person.one('[data-lane="flags"] .flag.is-note').send_keys(Keys.ENTER)
    person.until(lambda: person.frame == 37)
    person.one("[data-answer] [name='text']").send_keys("Two frames out")
    changed(person, lambda: person.click("[data-answer] button"))
    assert "Ada: Two frames out" in person.one("#remarks").text
    changed(person, lambda: person.click("#remarks [data-show='settle']"))
    person.until(lambda: not person.all(".flag.is-note"))
    assert stands(session, hop).remarks[0].settled
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert not stands(session, hop).remarks[0].settled
    # the name is typed once
    person.open_shot(hop, "?step=show&frame=37")
    assert person.one("#new-remark [name='by']").get_property("value") == "Ada"
    assert person.complaints() == []


def test_a_new_take_comes_in_under_what_was_done_and_says_what_came_of_it(person, session, tmp_path):
    hop = demo("Gap hop")
    shot = shot_from_file(motion_file(hop), "Hop", "hop.bvh")
    shot_id = shots.create(session, propose(see(shot), read_try("true_arc(frame=37)")).edit.apply(shot))
    session.commit()
    (tmp_path / "hop_2.bvh").write_bytes(motion_file(hop, last=60))
    (tmp_path / "gull.bvh").write_bytes(motion_file(demo("Gull")))
    person.open_shot(shot_id, "?step=show")
    changed(person, lambda: person.one("#take-file").send_keys(str(tmp_path / "hop_2.bvh")))
    person.sees("#bench-message", "Against the take before:")
    assert "Made anew: " in person.one("#bench-message").text
    assert stands(session, shot_id).frames == 60
    # the one before it is set beside it, and taken back
    changed(person, lambda: person.click("#takes [data-show='beside']"))
    shot = stands(session, shot_id)
    assert [p.name for p in shot.performers] == ["Performer", "Performer, earlier 1"]
    assert shot.performers[1].clip == (1, 72)
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    person.one("#take-file").send_keys(str(tmp_path / "gull.bvh"))
    person.sees("#bench-message", "another skeleton: it lacks")
    assert stands(session, shot_id).frames == 60
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert stands(session, shot_id).frames == 72
    assert person.complaints() == []


def test_a_loop_is_led_along_a_guide_and_a_speed_has_its_unit(person, session):
    shot = demo("mid stride")
    bend = COMMANDS["add_guide"](
        see(shot), curve="drawn", points_m=((0, 0, 0), (1, 0, 2), (3, 0, 3)), first=1, frames=40
    )
    shot_id = shots.create(session, bend.apply(shot))
    session.commit()
    person.open_shot(shot_id, "?step=show&frame=10")
    person.click("#clips li:nth-child(2) [data-correction='travel']")
    person.sees("#trying-options .option:has([name='speed']) output", "m/s")
    person.sees("#trying-cost", "over the ground")
    person.choose("#trying-options [name='how']", "along a guide")
    person.sees("#trying-cost", "led along Drawn path 1")
    person.until(lambda: person.one("#take").is_enabled())
    changed(person, lambda: person.click("#take"))
    trued = stands(session, shot_id)
    root = trued.performer.rig.roots[0]
    hips = trued.poses("", np.array([3, 18])).position[:, root]
    assert hips[1, 0] - hips[0, 0] > 0.5
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert [x.name for x in stands(session, shot_id).performer.corrections] == ["Let go"]
    assert person.complaints() == []


def test_a_change_made_elsewhere_is_offered_and_shown_at_one_click(person, session, hop):
    person.open_shot(hop, "?step=read&frame=37")
    revision = shots.standing(session, hop).revision
    shot = stands(session, hop)
    shots.apply(session, hop, revision, COMMANDS["rename_shot"](see(shot), name="Hop, elsewhere"))
    session.commit()
    person.sees("#newer", "Changed elsewhere")
    assert person.shown()[1] == revision
    person.click("#newer button")
    person.until(lambda: person.shown()[1] == shots.standing(session, hop).revision)
    person.until(lambda: not person.one("#newer").is_displayed())
    person.sees("#shot-name", "Hop, elsewhere")
    assert person.complaints() == []


def test_a_loop_is_read_as_it_goes_round_kept_on_the_shelf_and_a_clip_begins_as_another_ends(person, session):
    shot_id = shots.create(session, demo("Hold hatch"))
    session.commit()
    person.open_shot(shot_id, "?step=show&frame=30")
    person.sees("#clips li:nth-child(2) [data-round]", "In the air 28–35, as it goes round")
    person.sees("#clips li:nth-child(2) [data-round]", "Going round brings no other findings")
    order = person.one("#order [name='text']")
    order.send_keys(Keys.CONTROL, "a")
    order.send_keys("Start, Fall x 3, Land")
    person.click("#order [hx-get]")
    person.sees("#joins", "suits drops of 1.9 to 3.0 m")
    person.click("#clips li:nth-child(2) details summary")
    person.click("#clips li:nth-child(2) [data-show='shelf']")
    person.sees("#bench-message", "Fall is on the shelf, 8 poses")
    person.click("#clips li:nth-child(3) details summary")
    Select(person.one("#clips li:nth-child(3) [data-begins-with]")).select_by_visible_text("as Fall ends")
    changed(person, lambda: person.click("#clips li:nth-child(3) [data-show='begin']"))
    person.click("#order [hx-get]")
    person.until(lambda: person.all("#joins tr:last-child td"))
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    was = demo("Hold hatch").poses("", np.array([38])).local
    np.testing.assert_allclose(stands(session, shot_id).poses("", np.array([38])).local, was, atol=1e-9)
    assert person.complaints() == []


def test_a_shot_is_put_in_a_sequence_and_the_yard_groups_by_it(person, session, hop):
    other = shots.create(session, demo("mid stride"))
    session.commit()
    person.open_shot(hop, "?step=set")
    changed(person, lambda: typed(person, "#sequence", "The quay"))
    assert stands(session, hop).sequence == "The quay"
    person.go("/?by=sequence")
    heads = [h.text for h in person.all("#cards > li > h2")]
    assert heads == ["The quay", "In no sequence"]
    assert stands(session, other).sequence == ""
    assert person.complaints() == []


def test_an_arrow_and_a_circle_are_drawn_for_a_note_cleared_and_undone(person, session, hop):
    person.open_shot(hop, "?step=show&frame=37")
    person.one("#new-remark [name='text']").send_keys("Higher here")
    changed(person, lambda: person.click("#new-remark .btn"))
    person.click("#remarks [data-kind='arrow']")
    assert person.one("#remarks [data-kind='arrow']").get_attribute("aria-pressed") == "true"
    stage = person.one(".stage-canvas")

    def drag(dx: int, dy: int):
        person.hand().move_to_element_with_offset(stage, -40, -20).click_and_hold().move_by_offset(
            dx // 2, dy // 2
        ).move_by_offset(dx - dx // 2, dy - dy // 2).release().perform()  # fmt: skip

    changed(person, lambda: drag(60, -90))
    person.click("#remarks [data-kind='circle']")
    changed(person, lambda: drag(40, 0))
    (note,) = stands(session, hop).remarks
    assert [(s.kind, len(s.points_m)) for s in note.strokes] == [("arrow", 2), ("circle", 33)]
    assert note.strokes[0].points_m[1][1] - note.strokes[0].points_m[0][1] > 0.1
    # Esc puts the pencil down, and the view is turned again
    person.press(Keys.ESCAPE)
    person.until(lambda: person.one("#remarks [data-kind='circle']").get_attribute("aria-pressed") == "false")
    changed(person, lambda: person.click("#remarks [data-show='clear-sketch']"))
    assert stands(session, hop).remarks[0].strokes == ()
    changed(person, lambda: person.chord(Keys.CONTROL, "z"))
    assert len(stands(session, hop).remarks[0].strokes) == 2
    assert person.complaints() == []


def test_a_note_s_link_opens_the_bench_at_its_frame_in_the_view_there_was(person, session, hop):
    person.open_shot(hop, "?step=show&frame=37")
    person.one("#new-remark [name='text']").send_keys("Higher here")
    changed(person, lambda: person.click("#new-remark .btn"))
    person.click("[data-view='side']")
    person.until(lambda: "view=side" in person.driver.current_url)
    person.type_frame(5)
    person.until(lambda: "frame=5" in person.driver.current_url)
    person.driver.execute_script(
        "Object.defineProperty(navigator, 'clipboard', {value: {writeText: async (text) => { window.copied = text; }}})"
    )
    person.click("#remarks [data-show='link']")
    person.until(lambda: person.driver.execute_script("return window.copied"))
    address = person.driver.execute_script("return window.copied")
    person.go("/" + address.split("/", 3)[3])
    person.bench_ready()
    assert person.frame == 37
    assert person.one("[data-view='side']").get_attribute("aria-pressed") == "true"
    assert person.complaints() == []
