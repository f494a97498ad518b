"""A hop from an empty shot to a sound reading by mouse and keyboard alone, with everything that a hand does counted."""

import re
from dataclasses import replace

import numpy as np
import pytest
from selenium.webdriver.common.keys import Keys

from ironarc.core.exchange.bring_in import shot_from_file
from ironarc.core.exchange.stock import stock_performer
from ironarc.core.exchange.take_home import motion_file
from ironarc.core.judging.judge import judge
from ironarc.core.reading import see
from ironarc.store import shots
from tests.browser.test_block import Blocker, at_of, stands
from tests.conftest import demo
from tests.figures import bake_shot

MOST = 60  # actions


class Hand:
    """A hand at the bench: each click, key, drag and typed number counts as one."""

    def __init__(self, person, session):
        self.person, self.session, self.block = person, session, Blocker(person)
        self.count, self.shot_id, self.px_per_cm = 0, 0, 0.0

    def did(self, do, kept: bool) -> None:
        """kept : whether the shot is another for it, which is waited for"""
        self.count += 1
        self.block.kept(do) if kept else do()

    def click(self, css: str, kept: bool = False) -> None:
        self.did(lambda: self.person.click(css), kept)

    def key(self, *keys: str, kept: bool = False) -> None:
        self.did(lambda: self.person.chord(*keys), kept)

    def frame(self, number: int) -> None:
        self.did(lambda: self.person.type_frame(number), False)

    def types(self, css: str, value: str) -> None:
        def do() -> None:
            self.person.until(lambda: self.person.one(css).send_keys(Keys.CONTROL, "a") or True)
            self.person.one(css).send_keys(value)

        self.did(do, False)

    def drag(self, grip: str, up_cm: float = 0.0, ahead_cm: float = 0.0) -> None:
        """In the side view, in which ahead is to the right."""
        x, y = round(ahead_cm * self.px_per_cm), round(-up_cm * self.px_per_cm)
        half = x // 2, y // 2
        self.did(lambda: self.person.drag(f'[data-grip="{grip}"]', half, (x - half[0], y - half[1])), True)

    def take(self, grip: str) -> None:
        self.did(lambda: self.block.take(grip), False)

    def mirrors(self) -> None:
        self.click('[data-mirror="right to left"]', kept=True)

    def copies_to(self, frame: int) -> None:
        self.key(Keys.CONTROL, "c")
        self.frame(frame)
        self.key(Keys.CONTROL, "v", kept=True)

    def measure(self) -> None:
        """How many pixels the view gives a centimetre, which an eye has without counting."""
        self.person.frames_pass()
        shot = self.shot()
        tall = at_of(shot, "head", 1)[1] - at_of(shot, "left foot", 1)[1]
        high, low = (self.person.one(f'[data-grip="{grip}"]').rect["y"] for grip in ("head", "left foot"))
        self.px_per_cm = (low - high) / (tall * 100)

    def shot(self):
        return stands(self.session, self.shot_id)


def renamed_stander(session) -> int:
    """Id of a shot of 72 frames with somebody who stands, brought in from a file whose joints are numbered."""
    shot = demo("Gap hop")
    still = replace(
        shot, performers=(stock_performer("bram", "standing", shot),), props=(), references=(), guides=(), frames=2
    )
    number = iter(range(100))
    text = motion_file(still).decode()
    text = re.sub(r"^(\s*(?:ROOT|JOINT))\s+\S+", lambda m: f"{m[1]} n{next(number):02d}", text, flags=re.M)
    brought = shot_from_file(text.encode(), "Numbered", scale_to_m=0.01, floor_m=0.0)
    return shots.create(session, replace(brought, frames=72))


@pytest.mark.parametrize("names", ["ours", "numbered"])
def test_a_hop_is_blocked_in_under_sixty_actions_and_reads_sound(person, session, worker, names):
    hand = Hand(person, session)
    if names == "ours":
        person.go("/")
        hand.click("form[action$='/shots/new'] button")
        person.bench_ready()
        hand.shot_id = int(person.driver.current_url.split("/shots/")[1].split("?")[0])
    else:
        hand.shot_id = renamed_stander(session)
        person.open_shot(hand.shot_id)
    hand.click("[data-step-link=block]")
    person.until(lambda: person.all(".grip"))
    hand.click('[data-choice="auto"] [data-value="whole"]')
    hand.click('[data-view="side"]')
    hand.measure()
    hand.click('[data-form="paste"] [name="place"]')
    hand.key(Keys.SHIFT, "k", kept=True)
    hand.copies_to(42)
    # the push ends on tiptoe, arms up; he touches down as he leaves
    hand.frame(13)
    hand.drag("hips", 6, 4)
    hand.drag("right hand", 42, 36)
    hand.mirrors()
    tiptoe = hand.shot()
    assert at_of(tiptoe, "left heel", 13)[1] > at_of(tiptoe, "left ball", 13)[1] + 0.04
    hand.copies_to(25)
    # the crouch, arms back; the dip after the landing is the same
    hand.frame(9)
    hand.drag("hips", -26, -6)
    hand.drag("chest", -8, 12)
    hand.drag("right hand", 8, -28)
    hand.mirrors()
    hand.copies_to(30)
    # the top, knees drawn up, held by a copy of its pose
    hand.frame(18)
    hand.drag("hips", 30)
    hand.drag("right foot", 18)
    hand.mirrors()
    hand.copies_to(20)
    # the planner's height handed on
    hand.frame(13)
    hand.key("n")
    person.until(lambda: person.all('#plan-form [name="rise_cm"]'))
    hand.types('#plan-form [name="rise_cm"]', "30")
    person.sees("#planner-drawer", "11.9")
    hand.click("#plan-put", kept=True)
    hand.click('[data-tab="keys"]')
    hand.click('[data-form="height"] button', kept=True)
    (flight,) = see(hand.shot()).reading.flights
    assert (flight.start, flight.end) == (13, 24)
    # the head follows, a leg is late; on twos, and back
    hand.take("head")
    hand.click('[data-form="chain"] button:not([name])', kept=True)
    hand.take("right knee")
    hand.click('[data-form="chain"] [name="delay"]', kept=True)
    offset = hand.shot()
    hand.click('[data-form="steps"] button', kept=True)
    hand.key(Keys.CONTROL, "z", kept=True)
    np.testing.assert_allclose(bake_shot(hand.shot()).position, bake_shot(offset).position, atol=1e-9)
    # everything found, put right at once
    hand.click("[data-step-link=true]")
    hand.click("#plan-form button:not([type=button])")
    person.until(lambda: person.one("#take").is_displayed() and person.one("#take").is_enabled())
    hand.click("#take")
    person.until(lambda: person.one("#saved").text == "Saved" and person.shown()[0] == "now")
    hand.click("[data-step-link=read]")
    person.sees("#panel", "Sound")
    shot = hand.shot()
    seen = see(shot)
    assert judge(shot, seen.performer, seen.reading) == []
    (flight,) = seen.reading.flights
    assert flight.rise_m == pytest.approx(0.3, abs=0.1)
    assert hand.count < MOST
    assert person.complaints() == []
