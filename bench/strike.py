"""Props that fly and bodies that are let go, against known answers and the clock: python -m bench.strike.

Figures are kept in docs/strike.md.
"""

import time
from dataclasses import replace

import numpy as np
from scipy.special import ellipk

from ironarc.core import rotation
from ironarc.core.edits.commands import COMMANDS
from ironarc.core.edits.items import AddItem
from ironarc.core.figure.rig import forward
from ironarc.core.passive.aim import release, release_over
from ironarc.core.passive.flight import Flown, fly
from ironarc.core.passive.letting import Blow, Letting
from ironarc.core.passive.limp import fall
from ironarc.core.passive.world import Free, Led
from ironarc.core.reading import see
from ironarc.core.reading.floor import Floor
from ironarc.core.scene.placement import Placement
from ironarc.core.scene.props import Prop, middle_of
from ironarc.core.truing import CORRECTIONS, propose, read_try
from ironarc.demo import buoy_kick, crate_strikes, deck_somersault, gap_hop, swinging_crate
from ironarc.demo.posing import key_shot

G, FPS = 9.81, 24
FLAT, UPRIGHT, STILL = Floor(0.0), np.array([1.0, 0.0, 0.0, 0.0]), np.zeros(3)


def _ball(**more) -> Prop:
    return Prop("prop1", "Ball", "ball", (0.2, 0.2, 0.2), **({"mass_kg": 0.5} | more))


def _box(**more) -> Prop:
    return Prop("prop1", "Box", "box", (0.4, 0.2, 0.4), **({"mass_kg": 5.0} | more))


def _flown(prop: Prop, at, v=STILL, frames=72, fps=FPS, **more) -> Flown:
    free = Free(prop, prop.mass_kg, np.array(at, dtype=float), UPRIGHT, np.array(v, dtype=float), STILL)
    return fly([free], FLAT, G, 1, frames, 1 / fps, **more)[prop.id]


def bounces() -> None:
    for word, shape in (("ball", _ball), ("box", _box)):
        off = [
            abs(_flown(shape(bounce=e), (0, 1, 0), frames=60, fps=60).touches[0].leaves_ms ** 2 / (2 * G) / e**2 - 1)
            for e in (0.3, 0.5, 0.7, 0.9)
        ]  # fmt: skip
        print(f"bounce of a {word}: height within {max(off) * 100:.3f} % of e² h")


def slides() -> None:
    for mu in (0.2, 0.4, 0.6, 0.8):
        far = _flown(_box(friction=mu, bounce=0.0), (0, 0, 0), (3, 0, 0)).at[-1, 0]
        print(f"slide at friction {mu}: {(far * 2 * mu * G / 9 - 1) * 100:+.1f} %")


def meetings() -> None:
    a, b = (Prop(i, i, "ball", (0.2, 0.2, 0.2), mass_kg=m, bounce=0.8) for i, m in (("a", 1.0), ("b", 2.0)))
    free = [
        Free(a, 1.0, np.array([0.0, 9.0, 0.0]), UPRIGHT, np.array([4.0, 0, 0]), STILL),
        Free(b, 2.0, np.array([1.0, 9.05, 0.0]), UPRIGHT, STILL, STILL),
    ]
    found = fly(free, FLAT, G, 1, 16, 1 / FPS)
    v = {k: np.diff(middle_of(a, f.at, f.turn)[-2:], axis=0)[0] * FPS for k, f in found.items()}
    print(f"momentum of two that meet: {(v['a'][0] + 2 * v['b'][0]) / 4 - 1:+.1e} of what it was")


def aims() -> None:
    worst, start, target = 0.0, np.array([0.0, 1.5, 0.0]), np.array([3.0, 1.4, 1.0])
    begun = time.perf_counter()
    for drag in (0.0, 0.3, 0.6, 1.2):
        slows = 1.2 * drag * np.pi * 0.01 / 2 / 0.5
        v = release(start, target, 20 / FPS, G, slows)
        prop = _ball(drag=drag)
        found = _flown(prop, start - [0, 0.1, 0], v, frames=21)
        worst = max(worst, float(np.linalg.norm(middle_of(prop, found.at, found.turn)[20] - target)))
    each = (time.perf_counter() - begun) / 4 * 1000
    print(f"aims with drag up to 1.2: within {worst * 1000:.1f} mm, {each:.0f} ms each with the flight")
    begun = time.perf_counter()
    for slows in (0.02, 0.05, 0.1):
        release_over(start, target, 2.6, G, slows)
    print(f"aims that rise to a height, with drag: {(time.perf_counter() - begun) / 3 * 1000:.0f} ms each")
    shot, place = buoy_kick.make(), np.array([0.8, 0.5, -0.5])
    begun = time.perf_counter()
    aimed = COMMANDS["aim_prop"](see(shot), item="prop1", frame=19, at_m=tuple(place), arrives=50, off="prop2").apply(
        shot
    )
    off = middle_of(aimed.props[0], *aimed.track_of(aimed.props[0], np.array([50])))[0] - place
    print(f"an aim off a wall: within {np.linalg.norm(off) * 1000:.1f} mm, {time.perf_counter() - begun:.1f} s")


def speed() -> None:
    props = [_box(bounce=0.4), *(Prop(f"p{i}", "b", "box", (0.3, 0.3, 0.3), mass_kg=3.0) for i in range(2))]
    free = [
        Free(p, p.mass_kg, np.array([0.6 * i, 1.0 + i, 0.0]), UPRIGHT, np.array([1.0, 0, 0.5]), np.array([3.0, 2, 1]))
        for i, p in enumerate(props)
    ]
    begun = time.perf_counter()
    fly(free, FLAT, G, 1, 5 * FPS + 1, 1 / FPS)
    print(f"5 s of three boxes: {time.perf_counter() - begun:.2f} s")
    at = np.repeat(np.array([[0.0, 5.0, 0.0]]), 30, axis=0)
    led = [Led(Prop("w", "W", "wall", (2.0, 2.0, 0.1)), at, np.broadcast_to(UPRIGHT, (30, 4)))]
    begun = time.perf_counter()
    _flown(_ball(bounce=0.7), (0, 1, 0), (0, 2, 3), frames=30, led=led)
    print(f"30 frames of a ball beside a prop that is led: {(time.perf_counter() - begun) * 1000:.0f} ms")


def let_go() -> None:
    for score, frame in ((gap_hop.SCORE, 34), (deck_somersault.SCORE, 33)):
        reading = see(key_shot(score)).reading
        body, poses = reading.body, reading.poses
        for tone in (0.0, 0.3, 1.0):
            found = fall(poses, body, frame - 1, 30, G, Floor(-60.0), lambda share, joint, tone=tone: tone)
            world, at = forward(poses.rig, found.local, found.translation)
            parts = at[:, body.joints] + rotation.rotate(world[:, body.joints], body.coms)
            com = np.einsum("b,fbi->fi", body.masses / body.masses.sum(), parts)
            t = np.arange(30) * poses.dt
            fit = np.polynomial.polynomial.polyfit(t, com, 2)
            off = np.abs(com - np.polynomial.polynomial.polyval(t, fit).T).max()
            keys = min(30, len(poses.frames) - frame + 1)
            turned = rotation.log(rotation.multiply(
                rotation.conjugate(found.local[:keys]), poses.local[frame - 1 : frame - 1 + keys]))[:, 1:]  # fmt: skip
            mean = np.degrees(np.linalg.norm(turned, axis=-1)).mean()
            print(f"{score.name}, tone {tone}: center of gravity {off * 1e6:.1f} µm off its parabola, gravity "
                  f"{-2 * fit[2, 1]:.4f}, joints {mean:.1f}° off their keys on average")  # fmt: skip
    reading = see(key_shot(gap_hop.SCORE)).reading
    begun = time.perf_counter()
    fall(reading.poses, reading.body, 19, 53, G, reading.floor, lambda share, joint: 0.4 - 0.34 * share)
    print(f"53 frames of a body that falls and lies: {time.perf_counter() - begun:.2f} s")


def swings() -> None:
    hook, half = np.array([0.0, 6.0, 0.0]), 0.05
    for widest, long in ((0.1, 2.0), (0.8, 2.0), (0.5, 3.6)):
        bob = Prop("prop1", "Bob", "ball", (0.1, 0.1, 0.1), mass_kg=5.0, hung_from_m=tuple(hook))
        middle = hook + long * np.array([0.0, -np.cos(widest), np.sin(widest)])
        turn = rotation.between(np.array([0.0, 1.0, 0.0]), (hook - middle) / long)
        foot = middle - rotation.rotate(turn, np.array([0.0, half, 0.0]))
        found = fly([Free(bob, 5.0, foot, turn, STILL, STILL)], Floor(-60.0), G, 1, 600, 1 / 60)["prop1"]
        at = middle_of(bob, found.at, found.turn)
        down = np.flatnonzero((at[:-1, 2] > 0) & (at[1:, 2] <= 0))
        period = np.diff([(i + at[i, 2] / (at[i, 2] - at[i + 1, 2])) / 60 for i in down]).mean()
        known = 4 * np.sqrt((long**2 + 0.4 * half**2) / (G * long)) * ellipk(np.sin(widest / 2) ** 2)
        stretch = np.abs(np.linalg.norm(at - hook, axis=-1) - long).max()
        off = (period / known - 1) * 100
        print(f"swing of {widest} rad on {long} m: period {off:+.4f} %, its line gives {stretch * 1e3:.2f} mm")


def blows() -> None:
    reading = see(key_shot(gap_hop.SCORE)).reading
    body, poses = reading.body, reading.poses
    head, push = body.anatomy.rig.index("Head"), np.array([12.0, 3.0, -20.0])
    quiet = fall(poses, body, 32, 12, G, Floor(-60.0), lambda share, joint: 0.2, letting=Letting(lives=True))
    blow = Blow(2.0, head, poses.position[34, head], push)
    letting = Letting(lives=True, blows=(blow,), quiet=quiet)
    found = fall(poses, body, 32, 12, G, Floor(-60.0), lambda share, joint: 0.2, letting=letting)
    paths = []
    for run in (found, quiet):
        world, at = forward(poses.rig, run.local, run.translation)
        parts = at[:, body.joints] + rotation.rotate(world[:, body.joints], body.coms)
        paths.append(np.einsum("b,fbi->fi", body.masses / body.masses.sum(), parts))
    gains = np.diff(paths[0] - paths[1], axis=0)[-1] / poses.dt * body.mass_kg
    print(f"blow on a head in the air: its momentum within {np.linalg.norm(gains - push) / np.linalg.norm(push):.1e}")
    feet = {j: np.ones(24, dtype=bool) for j, m in enumerate(body.anatomy.meanings) if m.role == "foot"}
    for tone in (0.1, 0.3, 0.6):
        stands = fall(
            poses, body, 0, 20, G, reading.floor, lambda share, joint, tone=tone: tone,
            letting=Letting(planted=feet, lives=True),
        )  # fmt: skip
        off = rotation.log(rotation.multiply(rotation.conjugate(poses.local[:20]), stands.local))
        print(f"a body that stands unstruck at tone {tone}: joints within "
              f"{np.degrees(np.linalg.norm(off, axis=-1)).max():.2f}° of their keys")  # fmt: skip


def struck() -> None:
    begun = time.perf_counter()
    crate_strikes.strikes()
    print(f"a crate on its line and the body it strikes, 62 frames: {time.perf_counter() - begun:.2f} s with reading")
    shot = crate_strikes.grazes()
    begun = time.perf_counter()
    blow = CORRECTIONS["react"].places(see(shot))[0]
    text = ",".join(f"{k}={v}" for k, v in vars(blow.options).items())
    print(f"the answer to a crate: {propose(see(shot), read_try(f'react({text})')).cost.words} "
          f"{time.perf_counter() - begun:.2f} s")  # fmt: skip


def together() -> None:
    crate = Prop("prop1", "Crate", "box", (0.5, 0.5, 0.5), (9.0, 1.0, 0.0), mass_kg=60.0)
    shot = AddItem(crate).apply(replace(key_shot(gap_hop.SCORE), props=()))
    shot = COMMANDS["hang_on_chain"](see(shot), item="prop1", line_m=1.6, links=8).apply(shot)
    begun = time.perf_counter()
    COMMANDS["let_fly"](see(shot), item="prop1", frame=1, velocity_ms=(0.0, 0.0, 2.0))
    print(f"3 s of a crate on a chain of 8 links: {time.perf_counter() - begun:.2f} s with the reading")
    two = swinging_crate.make()
    near = replace(two.performers[1], placement=Placement((0.25, 0.0, 2.25), float(np.radians(-10.0))))
    seen = see(two.with_item(near))
    begun = time.perf_counter()
    propose(seen, read_try("let_go(start=20,end=48,tone=0.3,others=performer2)"))
    print(f"29 frames of two that are let go and fall onto each other: {time.perf_counter() - begun:.2f} s")


def main() -> None:
    for part in (bounces, slides, meetings, swings, aims, speed, let_go, blows, struck, together):
        part()


if __name__ == "__main__":
    main()
