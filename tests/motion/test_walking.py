"""Walks: planted feet stand, loops close, every gait steps, what can't be walked is refused."""

import itertools

import numpy as np
import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS, joint, wick
from umbrite.files.package import load
from umbrite.motion.animating.playing import placed_over
from umbrite.motion.animating.stepping import baked_steps, channels_over
from umbrite.motion.animating.walking import STANCE, cycle_way, facing, legs_of, master_of, phases, walk
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.sampling import sample
from umbrite.rig.change import change
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.parenting import carry_together
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import GAITS, Key, Steps
from umbrite.rig.takes.take_list import take_faults


def bramble():
    return load(ASSETS / "bramble.umbrite").puppet


def slides(puppet, steps):
    """How far standing feet slide at most over the ground, which goes back under the body while the puppet walks on the spot."""
    take = walk(puppet, steps)
    frames = np.linspace(0, steps.cycle, 24 * 8, endpoint=False)
    placed = evaluate(compile_plan(puppet), sample(take, puppet, frames))
    legs = legs_of(puppet)
    length = min(
        sum(abs(puppet.joints[b].pivot.z - puppet.joints[a].pivot.z) for a, b in itertools.pairwise(chain))
        for chain in ([*puppet.limbs[key].joints, puppet.limbs[key].end] for key in legs)
    )  # fmt: skip
    speed = facing(puppet) * steps.stride * length / STANCE[steps.gait] / steps.cycle  # px a frame
    worst = 0.0
    for key, begin in phases(puppet, legs, steps.gait).items():
        limb = puppet.limbs[key]
        assert limb.end is not None
        down, up = round(begin * steps.cycle), round((begin + STANCE[steps.gait]) * steps.cycle)
        since = (frames - down) % steps.cycle
        standing = since <= up - down
        foot = np.array([placed.pivot(limb.end, i) for i in range(len(frames))])
        ground = (foot + (0 if (steps.way == "along") else 1) * speed * since)[standing]
        worst = max(worst, float(np.abs(ground - ground[0]).max()))
    return worst


@pytest.mark.parametrize("gait", ["walk", "tiptoe"])
def test_wick_walks_without_sliding(gait):
    assert slides(wick(), Steps(gait, stride=0.4)) < 0.25


@pytest.mark.parametrize("gait", GAITS)
def test_a_walk_is_a_sound_loop_that_meets_itself(gait):
    puppet = wick()
    take = walk(puppet, Steps(gait, stride=0.3))
    assert list(take_faults((take,))) == []
    assert take.loop
    one, other = (sample(take, puppet, [frame]) for frame in (0.0, float(take.last)))
    assert all(abs(one[name] - other[name]) < 1e-9 for name in one)


def without_sides(puppet):
    """The same with legs whose names tell no side."""
    for key in legs_of(puppet):
        puppet = change(puppet, key, side="middle", name=f"Leg {key}")
    return puppet


def carried(puppet):
    """The same with its master carried by another joint, as on a boat; and that joint."""
    return carry_together(puppet, [master_of(puppet)], "Boat", 300 + 900j)


WALKERS = {
    "wick": (wick, "walk"), "wick, sides untold": (lambda: without_sides(wick()), "walk"), "bramble": (bramble, "trot"), "six legs": (lambda: crawler(3), "tripod"),
}  # fmt: skip
# What is keyed of the master besides its way, which goes on by cycles of steps along x and y, and from where it turns back.
MASTERED = {
    "straight on": ({}, (2.0, 0.0)), "half as large": ({"scale_x": -0.5, "scale_y": -0.5}, (1.0, 0.0)),
    "half as large again": ({"scale_x": 0.5, "scale_y": 0.5}, (3.0, 0.0)), "mirrored": ({"scale_x": -2.0}, (-2.0, 0.0)),
    "leaning": ({"turn": 0.26}, (2.0, 0.0)), "climbing": ({}, (2.0, -0.5)), "backwards": ({}, (-2.0, 0.0)),
}  # fmt: skip


def feet_stand(puppet, take, *, ahead=None):
    """That each foot has places on one line of the board on which it stands within 0.25 px, reaches them, sets off from them and comes down
    on them slowly, and is below its puppet at the end.
    """
    frames = np.linspace(take.first, take.last, (take.last - take.first) * 16 + 1)
    placed, master = placed_over(take, puppet, frames), master_of(puppet)
    assert placed.limbs.distance.max() < 0.25, "all places are reached"
    for key in legs_of(puppet):
        foot = puppet.limbs[key].end
        at = np.array([placed.pivot(foot, i) for i in range(len(frames))])
        speed = np.abs(np.diff(at))
        still = np.concatenate([[False], speed < 0.004, [False]])
        first, last = (np.flatnonzero(np.diff(still.astype(int)) == way) for way in (1, -1))
        runs = [(a, b) for a, b in zip(first, last, strict=True) if b - a > 12]
        assert len(runs) > 0, "it comes down"
        places = np.array([at[a] for a, _ in runs])
        for a, b in runs:
            assert np.abs(at[a : b + 1] - at[a]).max() < 0.25, "it stands"
            assert max(speed[max(a - 1, 0)], speed[min(b, len(speed) - 1)]) < 0.08 * speed.max(), (
                "it lifts and lands smoothly"
            )
        if ahead is not None:
            off = ((places - places[0]) * np.conj(ahead)).imag / abs(ahead)
            assert np.abs(off).max() < 0.25, "it is on the ground"
        here = placed.joint_map(master, len(frames) - 1)
        home = here(puppet.joints[foot].pivot.z)
        assert (
            abs(at[-1] - home)
            < 0.6 * abs(cycle_way(puppet, Steps(take.walking.gait if take.walking else "walk", 0.35))) * 2
        ), "it has come along"


@pytest.mark.parametrize("name", WALKERS)
def test_walking_along_feet_stand_on_the_board(name):
    made, gait = WALKERS[name]
    puppet = made()
    take = walk(puppet, Steps(gait, stride=0.35, way="along"))
    assert not take.loop
    assert all(key.frame == round(key.frame) for track in take.tracks.values() for key in track), "on whole frames"
    feet_stand(puppet, take, ahead=1 + 0j)
    begins = list(phases(puppet, legs_of(puppet), gait).values())
    assert len(begins) > 2 or abs(begins[0] - begins[1]) == 0.5


@pytest.mark.parametrize("way", MASTERED)
@pytest.mark.parametrize("name", WALKERS)
def test_after_the_master_feet_stand_on_the_board_however_that_is_keyed(name, way):
    made, gait = WALKERS[name]
    puppet, (more, (x, y)) = made(), MASTERED[way]
    steps = Steps(gait, stride=0.35, way="following")
    one = cycle_way(puppet, steps)
    master, last = master_of(puppet), 48
    tracks = {f"{master}.{what}": (Key(0.0, value),) for what, value in more.items()}
    for what, far in (("x", x), ("y", y * np.sign(one))):
        tracks[f"{master}.{what}"] = (Key(0.0, 0.0, "eased", 0.4, 0.4), Key(float(last), far * one))
    take = replace(walk(puppet, steps), last=last, tracks=tracks)
    feet_stand(puppet, take, ahead=complex(x, y * np.sign(one)))


def test_feet_stand_while_the_master_is_carried_or_moved_by_a_link():
    puppet, boat = carried(wick())
    steps = Steps(stride=0.35, way="following")
    way = cycle_way(puppet, steps)
    take = replace(
        walk(puppet, steps), last=48, tracks={f"{boat}.x": (Key(0.0, 0.0, "eased", 0.4, 0.4), Key(48.0, 2 * way))}
    )
    feet_stand(puppet, take, ahead=1 + 0j)
    linked, _ = add_link(
        wick(), f"{joint(wick(), 'Head')}.turn", f"{master_of(wick())}.x", [(0.0, 0.0), (1.0, 2 * way)]
    )
    turns = {f"{joint(linked, 'Head')}.turn": (Key(0.0, 0.0, "eased", 0.4, 0.4), Key(48.0, 1.0))}
    feet_stand(linked, replace(take, tracks=turns), ahead=1 + 0j)


def test_what_can_not_walk_is_refused_in_words():
    with pytest.raises(RigError, match="No leg"):
        walk(Puppet(), Steps())
    for steps in (Steps(stride=0), Steps(cycle=2), Steps(lift=-1), Steps(stride=1.9)):
        with pytest.raises(RigError):
            walk(wick(), steps)
    assert joint(wick(), "Head")


@pytest.mark.parametrize("character", ["wick", "bramble"])
def test_a_walk_that_follows_the_master_plants_its_feet_however_that_is_keyed(character):
    puppet = wick() if character == "wick" else bramble()
    steps = Steps("walk" if character == "wick" else "trot", stride=0.35, way="following")
    take = walk(puppet, steps)
    assert take.walking == steps
    master = master_of(puppet)
    way = cycle_way(puppet, steps)
    keys = [
        Key(0.0, 0.0, "eased", 0.4, 0.4),
        Key(30.0, 1.3 * way),
        Key(50.0, 0.6 * way, "hold"),
        Key(60.0, 0.6 * way, "eased", 0.2, 0.5),
        Key(90.0, 2.2 * way),
    ]
    take = replace(take, last=90, tracks={f"{master}.x": tuple(keys)})
    frames = np.linspace(0, 90, 90 * 6 + 1)
    placed = placed_over(take, puppet, frames)
    gone = sample(take, puppet, frames)[f"{master}.x"] / way
    for key, begin in phases(puppet, legs_of(puppet), steps.gait).items():
        foot = puppet.limbs[key].end
        assert foot is not None
        at = np.array([placed.pivot(foot, i) for i in range(len(frames))])
        phase = gone - begin
        standing = (phase % 1.0) < STANCE[steps.gait] - 1e-6
        for stand in np.unique(np.floor(phase)):
            here = at[standing & (np.floor(phase) == stand)]
            assert len(here) == 0 or np.abs(here - here[0]).max() < 0.25, "forwards, backwards, slower"
    baked = baked_steps(take, puppet)
    assert baked.walking is None
    before, after = (channels_over(each, puppet, np.arange(0, 91.0)) for each in (take, baked))
    assert before.keys() == after.keys()
    assert all(np.abs(before[name] - after[name]).max() < 1e-9 for name in before)
    with pytest.raises(RigError, match="follows the master"):
        baked_steps(baked, puppet)
    legless = replace(take, walking=steps)
    assert channels_over(legless, Puppet(), [3.0]).keys() == take.tracks.keys(), "what can't walk stands"


def crawler(pairs):
    """A body with so many pairs of legs of two bones each, feet planted."""
    puppet, body = add_bone(Puppet(width=1600, height=800), 200 + 300j, 1400 + 300j, name="Body")
    for i in range(pairs):
        for side in ("Near", "Far"):
            hip = complex(300 + 1000 * i / max(pairs - 1, 1) + (12 if side == "Far" else 0), 320)
            puppet, thigh = add_bone(puppet, hip, hip + 30 + 150j, body, f"{side} thigh {i}")
            puppet, shin = add_bone(puppet, hip + 30 + 150j, hip + 300j, thigh, f"{side} shin {i}")
            puppet, foot = add_bone(puppet, hip + 300j, hip + 60 + 310j, shin, f"{side} foot {i}")
            puppet, _ = make_limb(puppet, thigh, foot)
    puppet, carrier = carry_together(puppet, [body], "Trunk", 800 + 300j)
    return carry_together(puppet, [carrier], "Master", 800 + 640j, role="master")[0]


@pytest.mark.parametrize("pairs", [3, 4])
@pytest.mark.parametrize("gait", GAITS)
def test_six_and_eight_legs_walk_without_sliding(pairs, gait):
    puppet = crawler(pairs)
    assert len(legs_of(puppet)) == 2 * pairs
    assert slides(puppet, Steps(gait, stride=0.3)) < 0.25
    begins = phases(puppet, legs_of(puppet), gait)
    assert len({round(begin, 6) for begin in begins.values()}) >= 2, "not all feet are in the air together"
