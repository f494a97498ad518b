"""Props of several solids, on lines and chains, and under somebody's feet, against answers that are known."""

from dataclasses import replace

import numpy as np
import pytest

from ironarc.core import rotation
from ironarc.core.document import Shot
from ironarc.core.edits.items import AddItem
from ironarc.core.errors import EditError
from ironarc.core.passive.flight import fly
from ironarc.core.passive.world import Free
from ironarc.core.reading import see
from ironarc.core.reading.floor import Floor
from ironarc.core.reading.forces import read_forces
from ironarc.core.scene.props import Link, Prop, foot_of, middle_of
from ironarc.core.scene.solid import KINDS, Solid
from tests.conftest import demo
from tests.figures import Ask

G, FPS = 9.81, 24
UPRIGHT, STILL = np.array([1.0, 0.0, 0.0, 0.0]), np.zeros(3)
FLAT, DEEP = Floor(0.0), Floor(-60.0)


def shot_of(*props: Prop) -> Shot:
    shot = replace(demo("Gap hop"), props=())
    for prop in props:
        shot = AddItem(prop).apply(shot)
    return shot


# --- how weight lies -------------------------------------------------------------------------------------


@pytest.mark.parametrize("kind", KINDS)
def test_the_weight_of_a_solid_lies_as_points_all_through_it_have_it(kind):
    solid = Solid(kind, (0.9, 0.3, 0.5) if kind != "bar" else (0.9, 0.1, 0.1), (0.2, 0.1, -0.3), (0.4, 0.2, -0.5))
    grid = np.stack(np.meshgrid(*[np.linspace(-1.2, 1.2, 160)] * 3, indexing="ij"), axis=-1).reshape(-1, 3)
    # a bar's rounded ends are beyond what it is weighed by
    inside = grid[solid.distance(grid) < 0]
    own = rotation.rotate(solid.turn, inside - solid.at_m, back=True)
    inside = inside[np.abs(own[:, 0]) <= 0.45]
    assert len(inside) * (2.4 / 159) ** 3 == pytest.approx(solid.volume_m3, rel=0.05)
    middle = inside.mean(axis=0)
    np.testing.assert_allclose(middle, solid.middle_m, atol=0.003)
    off = inside - middle
    spread = np.eye(3) * np.mean(np.sum(off * off, axis=1)) - off.T @ off / len(off)
    np.testing.assert_allclose(spread, solid.spread(), atol=0.02 * np.trace(spread))


def dumb_bell() -> Prop:
    """A wooden bar with an iron ball joined to either end, by the commands: 4, 3 and 1 kg."""
    bar = Prop("prop1", "Handle", "bar", (0.6, 0.02, 0.02), (0.0, 1.0, 0.0), mass_kg=1.0)
    left = Prop("prop2", "Left weight", "ball", (0.12, 0.12, 0.12), (-0.3, 0.95, 0.0), mass_kg=4.0)
    right = Prop("prop3", "Right weight", "ball", (0.1, 0.1, 0.1), (0.3, 0.96, 0.0), mass_kg=3.0)
    shot = shot_of(bar, left, right)
    for other in ("prop2", "prop3"):
        shot = Ask("join_prop", item="prop1", other=other).apply(shot)
    assert [p.id for p in shot.props] == ["prop1"]
    return shot.props[0]


def test_what_is_joined_weighs_what_its_parts_weigh_where_they_are():
    made = dumb_bell()
    assert made.mass_kg == pytest.approx(8.0)
    np.testing.assert_allclose(made.center_m, [(0.3 * 3 - 0.3 * 4) / 8, 0.01, 0.0], atol=1e-9)
    x = np.array([-0.3, 0.3, 0.0]) - made.center_m[0]
    across = 4 * (0.4 * 0.06**2 + x[0] ** 2) + 3 * (0.4 * 0.05**2 + x[1] ** 2)
    across += (3 * 0.01**2 + 0.36) / 12 + x[2] ** 2
    own = made.inertia(8.0)
    assert own[1, 1] == pytest.approx(across)
    assert own[0, 0] == pytest.approx(0.4 * (4 * 0.06**2 + 3 * 0.05**2) + 0.01**2 / 2)
    assert np.abs(own - np.diag(np.diag(own))).max() < 1e-9


def test_what_is_joined_flies_about_its_center_of_mass_and_keeps_its_spin():
    made = dumb_bell()
    at = foot_of(made, np.array([0.0, 30.0, 0.0]), UPRIGHT)
    free = Free(made, 8.0, at, UPRIGHT, np.array([1.0, 2.0, 0.0]), np.array([0.3, 5.0, 1.0]))
    found = fly([free], FLAT, G, 1, 49, 1 / FPS)["prop1"]
    t = np.arange(49) / FPS
    path = np.column_stack([t, 30 + 2 * t - G * t * t / 2, 0 * t])
    np.testing.assert_allclose(middle_of(made, found.at, found.turn), path, atol=1e-6)
    w = rotation.log(rotation.multiply(found.turn[1:], rotation.conjugate(found.turn[:-1]))) * FPS
    half = rotation.multiply(rotation.exp(w / FPS / 2), found.turn[:-1])
    L = rotation.rotate(half, rotation.rotate(half, w, back=True) @ made.inertia(8.0))
    # as far as a frame of 12 degrees tells it
    np.testing.assert_allclose(L, np.broadcast_to(L[0], L.shape), atol=0.03 * np.linalg.norm(L[0]))


@pytest.mark.parametrize(("low_m", "stands"), [(-0.35, True), (0.35, False)])
def test_a_crate_with_its_weight_down_low_rights_itself_and_one_with_it_up_high_falls_over(low_m, stands):
    crate = Prop("prop1", "Crate", "box", (0.4, 1.0, 0.4), mass_kg=10.0, bounce=0.0, off_m=(0.0, low_m, 0.0))
    tilt = np.radians(25.0)  # it tips past 53 and past 13 degrees
    turn = rotation.exp(np.array([0.0, 0.0, -tilt]))
    foot = rotation.rotate(turn, np.array([-0.2, 0.0, 0.0])) + np.array([0.2, 0.0, 0.0])
    at = foot * [1.0, 0.0, 1.0]
    at[1] = 0.2 * np.sin(tilt)
    found = fly([Free(crate, 10.0, at, turn, STILL, STILL)], FLAT, G, 1, 72, 1 / FPS)["prop1"]
    up = rotation.rotate(found.turn[-1], np.array([0.0, 1.0, 0.0]))[1]
    assert (up > 0.98) == stands
    assert stands or up < 0.3


def test_a_part_is_taken_off_again_with_its_weight():
    made = dumb_bell()
    shot = Ask("part_prop", item="prop1", number=2).apply(shot_of(made))
    rest, ball = shot.props
    assert (rest.mass_kg, ball.mass_kg) == (pytest.approx(5.0), pytest.approx(3.0))
    np.testing.assert_allclose(ball.at_m, (0.3, 0.96, 0.0), atol=1e-9)
    assert len(rest.joined) == 1


def test_a_part_that_is_joined_turned_stays_where_it_was():
    box = Prop("prop1", "Crate", "box", (0.4, 0.4, 0.4), (1.0, 0.3, 2.0), (0.5, 0.2, 0.1), mass_kg=5.0)
    bar = Prop("prop2", "Handle", "bar", (0.7, 0.05, 0.05), (1.4, 0.5, 1.7), (-0.3, 0.6, 0.2), mass_kg=1.0)
    points = np.random.default_rng(3).uniform(-1, 3, (200, 3))
    shot = shot_of(box, bar)

    def away(shot: Shot) -> np.ndarray:
        own = []
        for prop in shot.props:
            at, turn = shot.track_of(prop, np.array([1]))
            own.append(prop.distance(rotation.rotate(turn[0], points - at[0], back=True)))
        return np.min(own, axis=0)

    joined = Ask("join_prop", item="prop1", other="prop2").apply(shot)
    np.testing.assert_allclose(away(joined), away(shot), atol=1e-9)
    np.testing.assert_allclose(away(Ask("part_prop", item="prop1", number=1).apply(joined)), away(shot), atol=1e-9)


@pytest.mark.parametrize(
    ("asked", "says"),
    [
        (Ask("join_prop", item="prop1", other="prop1"), "joined to itself"),
        (Ask("join_prop", item="prop1", other="prop2"), "Hanging ball moves, is carried or hangs"),
        (Ask("part_prop", item="prop1", number=1), "has 0 solids joined"),
        (Ask("hang_on_chain", item="prop1", line_m=0.1, links=9), "links would be 1.1 cm long"),
        (Ask("hang_on_chain", item="prop1", line_m=2.0, links=90), "1 to 30 links"),
        (Ask("take_off_chain", item="prop1"), "hangs on no chain"),
    ],
)
def test_what_can_not_be_joined_or_hung_says_why(asked, says):
    box = Prop("prop1", "Crate", "box", (0.4, 0.4, 0.4), mass_kg=5.0)
    ball = Prop("prop2", "Hanging ball", "ball", (0.2, 0.2, 0.2), (1.0, 1.0, 0.0), mass_kg=1.0, hung_from_m=(1, 3, 0))
    with pytest.raises(EditError, match=says):
        asked.apply(shot_of(box, ball))


# --- chains ----------------------------------------------------------------------------------------------


def test_two_rods_that_hang_on_each_other_swing_at_the_rate_of_a_double_pendulum():
    """The slow mode of two thin rods: w^2 = 3 g / l (1 - 2 / sqrt 7), the lower at 1.43 times the upper one's angle."""
    long, thick = 1.0, 0.01
    rate = 3 * (1 - 2 / np.sqrt(7))
    angles = 0.05 * np.array([1.0, (1.5 - 4 * rate / 3) / (rate / 2)])
    ends = {1: (long / 2, thick / 2, 0.0), -1: (-long / 2, thick / 2, 0.0)}
    links = (Link("", (0.0, 10.0, 0.0), ends[1]), Link("prop1", ends[-1], ends[1]))
    top, free = np.array([0.0, 10.0, 0.0]), []
    for n, angle in enumerate(angles):
        rod = Prop(f"prop{n + 1}", f"Rod {n + 1}", "bar", (long, thick, thick), mass_kg=1.0, link=links[n])
        turn = rotation.exp(np.array([0.0, 0.0, np.pi / 2 + angle]))
        middle = top - rotation.rotate(turn, np.array([long / 2, 0.0, 0.0]))
        free.append(Free(rod, 1.0, foot_of(rod, middle, turn), turn, STILL, STILL))
        top = top - rotation.rotate(turn, np.array([long, 0.0, 0.0]))
    fps = 120
    found = fly(free, FLAT, G, 1, 4 * fps, 1 / fps)
    across = middle_of(free[0].prop, found["prop1"].at, found["prop1"].turn)[:, 0]
    crossed = np.flatnonzero(np.diff(np.sign(across)) != 0)
    times = (crossed + across[crossed] / (across[crossed] - across[crossed + 1])) / fps
    assert np.diff(times).mean() == pytest.approx(np.pi / np.sqrt(rate * G / long), rel=2e-3)


def test_a_crate_on_a_chain_swings_as_far_as_the_chain_lets_it_and_its_links_hold():
    crate = Prop("prop1", "Coal crate", "box", (0.5, 0.5, 0.5), (9.0, 1.0, 0.0), mass_kg=60.0)
    shot = Ask("hang_on_chain", item="prop1", line_m=1.6, links=8).apply(shot_of(crate))
    assert len(shot.props) == 9
    shot = Ask("let_fly", item="prop1", frame=1, velocity_ms=(0.0, 0.0, 2.0)).apply(shot)
    assert all(p.flight is not None for p in shot.props)
    frames, known = shot.frame_numbers(), {p.id: p for p in shot.props}

    def place(prop: Prop, own) -> np.ndarray:
        at, turn = shot.track_of(prop, frames)
        return at + rotation.rotate(turn, np.array(own))

    for prop in shot.props:
        to = known.get(prop.link.to)
        there = place(to, prop.link.at_m) if to else np.array(prop.link.at_m)
        assert np.linalg.norm(place(prop, prop.link.own_m) - there, axis=-1).max() < 0.004
    rise = middle_of(shot.props[0], *shot.track_of(shot.props[0], frames))[:, 1]
    # what it rises is at most what its speed gives it, and most of that: the chain weighs a twentieth
    assert 0.18 < np.ptp(rise) < 4.0 / (2 * G)
    taken = Ask("take_off_chain", item="prop1").apply(shot)
    assert [p.id for p in taken.props] == ["prop1"]


def test_a_crate_that_was_moved_off_its_chain_is_told_of():
    crate = Prop("prop1", "Coal crate", "box", (0.5, 0.5, 0.5), (0.0, 1.0, 0.0), mass_kg=60.0)
    shot = Ask("hang_on_chain", item="prop1", line_m=1.6, links=4).apply(shot_of(crate))
    moved = Ask("set_item", item="prop1", changes={"at_m": [0.3, 1.0, 0.0]}).apply(shot)
    with pytest.raises(EditError, match="30 cm off Link 4 of Coal crate"):
        Ask("let_fly", item="prop1", frame=1).apply(moved)


# --- under somebody's feet -------------------------------------------------------------------------------


def on_a_raft(friction: float, kg: float) -> Shot:
    """The hop, taken off from a raft that its feet stand on."""
    hop = replace(demo("Gap hop"), props=())
    feet = see(hop).reading
    top = feet.floor.height_m
    raft = Prop(
        "prop1", "Raft", "box", (1.6, 0.3, 1.6), (0.0, top - 0.3, 0.0), mass_kg=kg, friction=friction, bounce=0.0
    )
    shot = AddItem(raft).apply(replace(hop, floor_m=top - 0.3))
    return Ask("let_fly", item="prop1", frame=5).apply(shot)


def test_a_raft_that_nothing_holds_goes_back_as_the_body_on_it_goes_ahead():
    shot = on_a_raft(0.0, 60.0)
    raft, reading = shot.props[0], see(shot).reading
    assert raft.flight.bears
    dt, frames = reading.poses.dt, shot.frame_numbers()
    its = np.gradient(middle_of(raft, *shot.track_of(raft, frames)), dt, axis=0) * 60.0
    pushes = reading.ask(read_forces).grf * reading.mass_kg[:, None] * reading.g
    given = pushes[4:30].sum(axis=0) * dt * [1.0, 0.0, 1.0]
    assert np.linalg.norm(given) > 60.0
    np.testing.assert_allclose(its[33] * [1.0, 0.0, 1.0], -given, atol=0.05 * np.linalg.norm(given))
    # the feet stand on it as it goes, and no longer than they did
    assert max(c.end for c in reading.contacts if c.surface == "prop1") == pytest.approx(29, abs=1)


def test_a_ball_under_a_foot_that_kicks_it_bears_nobody():
    shot = demo("Buoy kick")
    for frame in range(15, 24):
        kicked = Ask("let_fly", item="prop1", frame=frame).apply(shot)
        assert not kicked.props[0].flight.bears, frame


def test_one_that_is_heavy_and_rough_stays_where_it_is():
    shot = on_a_raft(1.2, 4000.0)
    at, _ = shot.track_of(shot.props[0], shot.frame_numbers())
    assert np.linalg.norm(at - at[0], axis=1).max() < 0.01
