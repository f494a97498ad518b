"""True the push: a wind-up deep and long enough that the push it needs is one a body can give."""

from dataclasses import dataclass

import numpy as np

from ironarc.core.columns import Keys
from ironarc.core.columns.keys import smooth_keys
from ironarc.core.edits.of_shot import SetShot
from ironarc.core.edits.retiming import retimed
from ironarc.core.errors import EditError
from ironarc.core.judging.judge import findings_of
from ironarc.core.reading import Reading, Seen
from ironarc.core.reading.impact import Push, enough_depth, needed_bw, read_pushes
from ironarc.core.scene.retiming import Retiming
from ironarc.core.truing.carry import Figure, carry, planted
from ironarc.core.truing.correction import CM, FRAME, FRAMES, Correction, Place, Proposal, Way, cost_of, option
from ironarc.core.truing.difference import check_root, layer_between

NAME = "true_push"
COMFORTABLE_BW = 3.2  # what a push is brought down to
GATHERS_M = 0.008  # a frame, that a body sinks by while it holds at the bottom
DOWN = 1.7  # times as long as the push itself, that it takes to go down


@dataclass(frozen=True)
class Options:
    """frame : of the flight it leads to; depth : cm to push over, 0 for enough of it
    hold : frames at the bottom; add : frames put in before, -1 for as many as it needs"""

    frame: int = option("a frame of the flight", FRAME)
    depth: float = option("push over", CM, 0, 150, default=0.0)
    hold: int = option("frames held at the bottom", FRAMES, 0, 200, default=0)
    add: int = option("frames put in before", FRAMES, -1, 500, default=-1, found="as many as needed")


def places(seen: Seen) -> list[Place]:
    """Every take-off, those that ask for too much first."""
    reading = seen.reading
    hard = {f.end for f in seen.ask(findings_of) if f.kind == "push"}
    out = []
    for push in sorted(reading.ask(read_pushes), key=lambda p: p.end not in hard):
        if not push.at_take_off:
            continue
        frame = push.flight.apex_frame
        ways = [Way("deep", "A deeper wind-up", Options(frame))]
        ways.append(Way("gather", "A deeper wind-up, held to gather force", Options(frame, hold=_gather(reading))))
        out.append(Place(push.start, push.end, tuple(ways)))
    return out


def _gather(reading: Reading) -> int:
    return max(2, int(np.rint(0.12 / reading.poses.dt)))


def propose(seen: Seen, options: Options) -> Proposal:
    """The wind-up made deep enough. EditError where no flight follows, or it has no room before it."""
    check_root(seen.performer)
    reading, shot, performer = seen.reading, seen.shot, seen.performer
    push = _push_of(reading, options.frame)
    depth = options.depth / 100 or enough_depth(push.speed_ms, COMFORTABLE_BW, reading.g)
    depth = max(depth, 0.02 * reading.size)
    needs = _frames_of(depth, push.speed_ms, options.hold, reading.poses.dt)
    first = int(reading.poses.frames[0])
    end = push.flight.start - first - 1
    low = max([y for _, y in reading.footing.flights if y <= end], default=reading.traced.plays[0])
    there = end - low
    add = max(needs - there, 0) if options.add < 0 else options.add
    words = f"{CORRECTION.label} before {push.flight.start}"
    retiming, more = None, ()
    if add:
        if there < 2:
            raise EditError(f"Only {there} frames stand before the take-off, too few to stretch. Add frames before it.")
        retiming = _stretched(performer, int(reading.poses.frames[low]), there, add)
        timing = performer.timing.with_retiming(retiming)
        edit = retimed(shot, performer, timing, words)
        if len(shot.performers) == 1:
            more = (SetShot({"frames": shot.frames + add}, words),)
        after = edit.apply(shot)
        for change in more:
            after = change.apply(after)
        more = (*edit.edits[1:], *more)
        seen = seen.on(after)
        reading = seen.reading
        push = _push_of(reading, options.frame + add)
        end += add
    start = max(end - max(needs, there if options.add == 0 else needs), low)
    figure, depth = _wound_up(reading, push, start, end, depth, options.hold)
    layer = layer_between(seen.performer, figure.was, figure.local, figure.translation, CORRECTION.label, NAME)
    says = (
        f"Pushes over {depth * 100:.0f} cm: {needed_bw(push.speed_ms, depth, reading.g):.1f} body weights to leave at "
        f"{push.speed_ms:.1f} m/s."
    )
    cost = cost_of(figure.was, figure.local, figure.translation, says, add)
    return Proposal(cost, words, layer, retiming, more, add if more else 0)


def _push_of(reading: Reading, frame: int) -> Push:
    for push in reading.ask(read_pushes):
        if push.at_take_off and push.flight.start - 1 <= frame <= push.flight.end:
            return push
    raise EditError(f"No push leads to a flight at frame {frame}; choose a frame in the air that is pushed off for.")


def _frames_of(depth: float, speed: float, hold: int, dt: float) -> int:
    """Frames of going down, holding and pushing."""
    up = 2 * depth / max(speed, 0.3)
    return int(np.ceil(up * (1 + DOWN) / dt)) + hold


def _stretched(performer, first: int, there: int, add: int) -> Retiming:
    """The frames before a take-off played over so many more."""
    a, b = (float(m) for m in performer.timing.moments(np.array([first, first + there])))
    n = there + add
    inside = np.arange(0, n + 1)
    # the last frames at their own pace: that of the push
    own = min(2, there - 1)
    seen = np.concatenate([[a - 1], a + inside, [a + n + 1]])
    slow = np.interp(inside, [0, n - own, n], [a, b - own, b])
    keys: Keys = smooth_keys(seen, np.concatenate([[a - 1], slow, [b + 1]]))
    return Retiming(performer.timing.free_retiming_id, f"{CORRECTION.label}, time", keys, made_by=NAME)


def _wound_up(reading: Reading, push: Push, start: int, end: int, depth: float, hold: int) -> tuple[Figure, float]:
    """The frames before take-off on a path that goes down, holds, and pushes evenly up to the speed it leaves with."""
    dt = reading.poses.dt
    at = slice(start, end + 1)
    figure = Figure.of(reading, at)
    y = reading.com[at, 1]
    n = len(y)
    # of the arc, carried back to the last frame of contact
    speed = push.speed_ms + reading.g * dt / 2
    up = min(2 * depth / max(speed, 0.3), (n - 1 - hold) * dt / (1 + 0.6))
    depth = speed * up / 2
    bottom = y[-1] - depth
    t = (np.arange(n) - (n - 1)) * dt  # s before take-off
    path = np.full(n, bottom)
    pushing = t > -up
    # what gathers force does not stand still: it sinks a little
    held = (t <= -up) & (t >= -(up + hold * dt))
    path[held] = bottom + GATHERS_M * reading.size * (-up - t[held]) / dt
    top = bottom + GATHERS_M * reading.size * hold
    path[pushing] = bottom + depth * (1 + t[pushing] / up) ** 2
    down = (n - 1) * dt - up - hold * dt
    going = t < -(up + hold * dt)
    u = np.clip((t[going] + (n - 1) * dt) / max(down, 1e-9), 0, 1)
    s = u * u * (3 - 2 * u)
    path[going] = y[going] * (1 - s) + top * s
    shift = np.zeros((n, 3))
    shift[:, 1] = path - y
    shift[0] = 0.0
    carry(figure, shift, planted(reading, at))
    return figure, depth


CORRECTION = Correction(
    NAME,
    "Deepen the wind-up",
    "push",
    "The body goes down deeper before it leaves, holds if asked, and pushes evenly up to the speed it leaves with; "
    "frames are put in where there are too few.",
    Options,
    ("push",),
    places,
    propose,
    order=50,
    needs="Needs a take-off.",
)
