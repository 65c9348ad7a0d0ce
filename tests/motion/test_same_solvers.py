"""What is computed in two ways, for one and for many, gives the same: limbs in plain numbers and in arrays, one joint below another."""

import numpy as np
import pytest

from umbrite.motion.soft_ends import Ends
from umbrite.motion.solvers import long_limb, two_joint
from umbrite.motion.solvers.long_limb import reach_long
from umbrite.motion.solvers.two_joint import Range, reach

CASES = 300
SPANS = {"free": (np.pi, np.pi), "wide": (1.6, 2.2), "narrow": (0.3, 0.4), "one way": (0.0, 2.4)}


def lengths(random, count):
    return random.uniform(40, 160, (CASES, count)) * np.exp(1j * random.uniform(-3, 3, (CASES, count)))


@pytest.mark.parametrize("span", SPANS)
@pytest.mark.parametrize("bend", [1.0, -1.0, 0.4])
def test_two_joints_alone_and_among_many(span, bend, monkeypatch):
    random = np.random.default_rng(3)
    v1, v2 = lengths(random, 2).T
    to = random.uniform(0, 340, CASES) * np.exp(1j * random.uniform(-3, 3, CASES))
    low, high = SPANS[span]
    limit = Range(np.full(CASES, -low), np.full(CASES, high))
    arguments = (to, v1, v2, np.full(CASES, bend), limit, limit)
    together = reach(*arguments)
    monkeypatch.setattr(two_joint, "FEW", CASES)
    alone = reach(*arguments)
    for one, other in zip(together, alone, strict=True):
        assert np.abs(one - other).max() < 1e-9


@pytest.mark.parametrize("soft", [0.0, 0.2])
@pytest.mark.parametrize("span", SPANS)
@pytest.mark.parametrize("joints", [3, 6, 8])
def test_long_limbs_alone_and_among_many(joints, span, soft, monkeypatch):
    random = np.random.default_rng(4)
    v = lengths(random, joints)
    to = random.uniform(0, 1.3, CASES) * np.abs(v).sum(axis=1) * np.exp(1j * random.uniform(-3, 3, CASES))
    low, high = SPANS[span]
    zone = min(soft, low, high) if span != "free" else 0.0
    every = np.ones((CASES, joints))
    ends = Ends(-low * every, high * every, zone * every, zone * every)
    arguments = (to, v, 0 * every, ends, every, np.ones(CASES))

    def places(turns):
        return np.cumsum(np.exp(1j * np.cumsum(turns, axis=1)) * v, axis=1)

    together = places(reach_long(*arguments))
    monkeypatch.setattr(long_limb, "FEW", CASES)
    alone = places(reach_long(*arguments))
    off = np.abs(together - alone).max(axis=1)
    # At a soft end a joint that just so moves on may make more of what rounding leaves.
    assert np.mean(off < 1e-6) >= (0.995 if soft else 1.0)
    assert off.max() < 1e-3
