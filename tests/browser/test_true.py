"""The True step as a person goes through it: ways, arches dragged, options, plans and spans in the background."""

from selenium.webdriver.common.keys import Keys

from ironarc.core.judging import judge
from ironarc.core.reading import read_shot
from ironarc.core.reading.shot import see
from ironarc.store import shots

TRYING = "#trying-name"


def stands(session, hop):
    session.rollback()
    return shots.load(session, hop, shots.standing(session, hop).revision)


def tried(person) -> None:
    """Waits until what is tried is on the stage, with its punch list."""
    person.until(lambda: "is-trying" in person.one("#bench").get_attribute("class"))
    person.until(lambda: person.all("#trying-list li"))


def taken(person) -> None:
    before = person.shown()[1]
    person.click("#take")
    person.until(lambda: person.shown()[1] != before and person.shown()[0] == "now")
    person.until(lambda: person.one("#saved").text == "Saved")


def test_a_way_is_chosen_met_half_way_taken_weighed_and_opened_again(person, session, hop):
    person.open_shot(hop, "?step=true&frame=37")
    person.click("[data-true='ways']")
    person.sees(".way", "Keep the height, change the time")
    person.click(".way.is-clean .way-try[data-try*='hang=12,'][data-try*='hold=False']")
    tried(person)
    person.sees("#trying-cost", "12 frames in place of 16")
    person.sees("#trying-list .is-settled", "Hang time")
    # half-way, by its slider
    person.slide("#trying-options [name='hang']", 14)
    person.sees("#trying-cost", "14 frames in place of 16")
    taken(person)
    assert [f.hang_frames for f in read_shot(stands(session, hop)).flights] == [14]
    # weighed down by its slider, it hangs longer again
    person.until(lambda: person.one("[data-layer] [data-weight]").send_keys(Keys.HOME) or True)
    person.until(lambda: stands(session, hop).performer.corrections[0].weight == 0)
    person.until(lambda: person.one("#saved").text == "Saved")
    person.until(lambda: person.one("[data-layer] [data-weight][value='0']").send_keys(Keys.END) or True)
    person.until(lambda: stands(session, hop).performer.corrections[0].weight == 1)
    # its options opened again
    person.click("[data-layer] [data-true='again']")
    tried(person)
    person.sees(TRYING, "made anew")
    person.slide("#trying-options [name='hang']", 12)
    person.sees("#trying-cost", "12 frames in place of 16")
    taken(person)
    assert [f.hang_frames for f in read_shot(stands(session, hop)).flights] == [12]
    assert len(stands(session, hop).performer.corrections) == 1
    assert person.complaints() == []


def test_an_arch_is_dragged_by_its_end_for_time_and_by_its_top_for_height(person, session, hop):
    person.open_shot(hop, "?step=true&frame=37")
    person.drag("[data-arch='end']", (-22, 0), (-22, 0))
    tried(person)
    person.sees(TRYING, "frames in the air")
    person.sees("#trying-cost", "at the height it has")
    person.press(Keys.ESCAPE)
    person.until(lambda: "is-trying" not in person.one("#bench").get_attribute("class"))
    person.drag("[data-arch='top']", (0, -9), (0, -9))
    tried(person)
    person.sees(TRYING, "A rise of")
    person.press(Keys.ESCAPE)
    person.until(lambda: "is-trying" not in person.one("#bench").get_attribute("class"))
    # by keyboard: one frame less
    person.one("[data-arch='end']").send_keys(Keys.ARROW_LEFT)
    person.sees(TRYING, "15 frames in the air")
    assert len(stands(session, hop).performer.corrections) == 0
    assert person.complaints() == []


def test_a_rise_is_typed_and_what_is_no_number_is_said(person, session, hop):
    person.open_shot(hop, "?step=true&frame=37")
    field = person.one("[data-true-aim] [name='rise']")
    field.clear()
    field.send_keys("40")
    person.click("[data-true-aim] [value='rise']")
    tried(person)
    person.sees("#trying-cost", "14 frames in place of 16")
    # asked for on the form instead: time follows from it
    rise = person.one("#trying-options [name='rise']")
    rise.send_keys(Keys.CONTROL, "a")
    rise.send_keys("27")
    person.sees("#trying-cost", "12 frames in place of 16")
    rise.send_keys(Keys.CONTROL, "a")
    rise.send_keys("high")
    person.sees("#bench-message", "must be a number")


def test_a_whole_span_is_found_in_the_background_and_taken(person, session, hop, worker):
    person.open_shot(hop, "?step=true&frame=37")
    person.click("#span-form .btn-primary")
    person.until(lambda: person.one("#work").is_displayed())
    tried(person)
    person.sees(TRYING, "The nearest motion, 15–57")
    person.sees("#trying-cost", "borne by its contacts")
    assert person.one("#work-picture path").get_attribute("d").count("L") > 3
    taken(person)
    shot = stands(session, hop)
    assert shot.performer.corrections[-1].made_by == "true_span"
    seen = see(shot)
    assert judge(shot, seen.performer, seen.reading) == []
    assert person.complaints() == []


def test_what_waits_is_cancelled_and_the_bench_stays_usable(person, session, hop):
    """With no worker about, it waits until it is stopped."""
    person.open_shot(hop, "?step=true&frame=37")
    person.click("#plan-form button:not([type=button])")
    person.sees("#work-says", "Waits for a worker")
    person.type_frame(20)  # meanwhile
    assert person.frame == 20
    person.click("#work-stop")
    person.sees("#work-says", "Stopped before it began")
    person.click("#work-stop")
    person.until(lambda: not person.one("#work").is_displayed())
    assert stands(session, hop).performer.corrections == ()


def test_a_quick_look_and_a_pose_that_is_wanted(person, hop, worker):
    person.open_shot(hop, "?step=true&frame=33")
    person.click("[data-true='keep-this']")
    assert person.one("#span-form [name='keep']").get_property("value") == "33"
    person.click("[data-true='quick']")
    tried(person)
    person.sees(TRYING, "A quick look")
    person.one("#trying").find_element("id", "put-back").click()
    person.until(lambda: "is-trying" not in person.one("#bench").get_attribute("class"))
    person.one("#span-form [name='start']").clear()
    person.one("#span-form [name='start']").send_keys("34")
    end = person.one("#span-form [name='end']")
    end.clear()
    end.send_keys("41", Keys.ENTER)
    person.sees("#work-says", "No contact is confirmed from 34 to 41")


def test_from_the_punch_list_in_read_to_all_its_ways(person, hop):
    person.open_shot(hop)
    person.click("[data-true='open-ways']")
    person.until(lambda: person.one("[data-step-link='true']").get_attribute("aria-current"))
    person.until(lambda: len(person.all(".way")) >= 3)


def test_a_spin_is_changed_by_an_amount_with_nothing_found_and_ways_stay_open(person, session, hop):
    person.open_shot(hop, "?step=true&frame=37")
    person.click("[data-true='ways']")
    person.until(lambda: len(person.all(".way")) >= 3)
    person.click("[data-true='ways-at']")
    person.sees("#ways-at", "True the spin")
    # what can't be done there says what it needs
    person.click("#ways-at summary")
    person.sees("#ways-at", "Needs a part that passes through a prop or through the body.")
    person.click("#ways-at [data-correction='true_spin']")
    tried(person)
    person.click("#trying-options [name='meet']")
    turns = person.one("#trying-options [name='turns']")
    turns.send_keys(Keys.CONTROL, "a")
    turns.send_keys("0.25")
    person.sees("#trying-cost", "off the pose it had")
    assert person.driver.switch_to.active_element == turns  # the form stood while it was worked out
    person.click("#put-back")
    person.until(lambda: "is-trying" not in person.one("#bench").get_attribute("class"))
    assert len(person.all(".way")) >= 3
    assert person.all("#ways-at button")
    assert stands(session, hop).performer.corrections == ()
    assert person.complaints() == []
