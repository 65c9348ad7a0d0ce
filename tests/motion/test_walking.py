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
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.limbs import make_limb
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
        standing = ((frames / steps.cycle - begin) % 1.0) < STANCE[steps.gait] - 1e-9
        since = ((frames / steps.cycle - begin) % 1.0) * steps.cycle
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


def test_walking_along_the_master_travels_and_feet_stay_on_the_board():
    puppet = wick()
    steps = Steps(stride=0.4, way="along")
    take = walk(puppet, steps)
    master = next(key for key, each in puppet.joints.items() if each.role == "master")
    way = sample(take, puppet, [0, take.last])[f"{master}.x"]
    assert facing(puppet) == 1
    assert way[1] - way[0] > 100
    assert not take.loop


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
