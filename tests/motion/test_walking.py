"""Walks: planted feet stand, loops close, every gait steps, what can't be walked is refused."""

import itertools

import numpy as np
import pytest

from demo_puppet import ASSETS, joint, wick
from umbrite.files.package import load
from umbrite.motion.animating.walking import GAITS, STANCE, Gait, Steps, facing, legs_of, phases, walk
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.sampling import sample
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take_list import take_faults


def bramble() -> Puppet:
    return load(ASSETS / "bramble.umbrite").puppet


def slides(puppet: Puppet, steps: Steps) -> float:
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
        ground = (foot + (0 if steps.along else 1) * speed * since)[standing]
        worst = max(worst, float(np.abs(ground - ground[0]).max()))
    return worst


@pytest.mark.parametrize("gait", ["walk", "tiptoe"])
def test_wick_walks_without_sliding(gait: Gait) -> None:
    assert slides(wick(), Steps(gait, stride=0.4)) < 0.25


@pytest.mark.parametrize("gait", ["walk", "trot"])
def test_bramble_walks_on_four_legs_without_sliding(gait: Gait) -> None:
    puppet = bramble()
    assert len(legs_of(puppet)) == 4
    assert slides(puppet, Steps(gait, stride=0.35)) < 0.25


@pytest.mark.parametrize("gait", GAITS)
def test_a_walk_is_a_sound_loop_that_meets_itself(gait: Gait) -> None:
    puppet = wick()
    take = walk(puppet, Steps(gait, stride=0.3))
    assert list(take_faults((take,))) == []
    assert take.loop
    one, other = (sample(take, puppet, [frame]) for frame in (0.0, float(take.last)))
    assert all(abs(one[name] - other[name]) < 1e-9 for name in one)


def test_walking_along_the_master_travels_and_feet_stay_on_the_board() -> None:
    puppet = wick()
    steps = Steps(stride=0.4, along=True)
    take = walk(puppet, steps)
    master = next(key for key, each in puppet.joints.items() if each.role == "master")
    way = sample(take, puppet, [0, take.last])[f"{master}.x"]
    assert facing(puppet) == 1
    assert way[1] - way[0] > 100
    assert not take.loop


def test_legs_of_a_pair_step_half_a_cycle_apart() -> None:
    for puppet in (wick(), bramble()):
        found = phases(puppet, legs_of(puppet), "walk")
        near = [key for key in found if puppet.limbs[key].side == "near"]
        for key in near:
            assert any(abs((found[key] + 0.5) % 1.0 - found[other]) < 1e-9 for other in found if other != key)


def test_what_can_not_walk_is_refused_in_words() -> None:
    with pytest.raises(RigError, match="No leg"):
        walk(Puppet(), Steps())
    for steps in (Steps(stride=0), Steps(cycle=2), Steps(lift=-1), Steps(stride=1.9)):
        with pytest.raises(RigError):
            walk(wick(), steps)
    assert joint(wick(), "Head")
