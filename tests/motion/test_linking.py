"""Links: values follow values, circles are refused, and a wheel rolls."""

import itertools
import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.evaluate import evaluate
from umbrite.motion.linking import curve_at, curve_of
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import change, take_out
from umbrite.rig.edits.links import add_link
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Link, Point

PUPPET = wick()
HEAD, CAP, BODY, EYES = (joint(PUPPET, name) for name in ("Head", "Cap", "Body", "Eyes"))
UPPER, FOREARM = (joint(PUPPET, name) for name in ("Near upper arm", "Near forearm"))
POINTS = [(-1.0, -2.0), (0.0, 0.0), (0.5, 0.2), (2.0, 4.0)]


def link(points, *, smooth):
    return curve_of(Link("l", "a", "b", tuple(Point(*p) for p in points), smooth=smooth))


@pytest.mark.parametrize("smooth", [False, True])
def test_a_curve_goes_through_its_points_and_on_straight(smooth):
    curve = link(POINTS, smooth=smooth)
    xs = np.array([p[0] for p in POINTS])
    assert curve_at(curve, xs) == pytest.approx([p[1] for p in POINTS])
    beyond = curve_at(curve, np.array([3.0, 4.0, 5.0]))
    assert np.diff(beyond)[0] == pytest.approx(np.diff(beyond)[1])


@given(st.lists(st.tuples(st.integers(-50, 50), st.floats(-9, 9)), min_size=2, max_size=6, unique_by=lambda p: p[0]))
def test_smooth_curves_stay_between_their_points_and_have_no_corner(points):
    points = sorted(points)
    curve = link([(float(x), y) for x, y in points], smooth=True)
    for (x0, y0), (x1, y1) in itertools.pairwise(points):
        inside = curve_at(curve, np.linspace(x0, x1, 50))
        assert inside.min() >= min(y0, y1) - 1e-9
        assert inside.max() <= max(y0, y1) + 1e-9
    for x, _ in points:
        near = curve_at(curve, np.array([x - 1e-5, x, x + 1e-5]))
        assert abs((near[2] - near[1]) - (near[1] - near[0])) < 1e-7


def test_a_value_follows_another_and_its_own_is_added():
    puppet, key = add_link(PUPPET, f"{HEAD}.turn", f"{CAP}.turn", [(-0.5, 0.25), (0.5, -0.25)])
    assert puppet.links[key].name == "Cap by Head"
    assert invariants(puppet) == []
    turns = np.linspace(-0.4, 0.4, 5)
    placed = evaluate(compile_plan(puppet), {f"{HEAD}.turn": turns, f"{CAP}.turn": np.full(5, 0.1)})
    assert placed.turns[:, placed.plan.place[CAP]] == pytest.approx(0.1 - turns / 2)


def test_circles_and_nonsense_are_refused_in_words():
    puppet, _ = add_link(PUPPET, f"{HEAD}.turn", f"{CAP}.turn", [(0, 0), (1, 1)])
    with pytest.raises(RigError, match="in a circle: .* needs "):
        add_link(puppet, f"{CAP}.turn", f"{HEAD}.turn", [(0, 0), (1, 1)])
    with pytest.raises(RigError, match="in a circle"):
        add_link(PUPPET, BODY, f"{BODY}.x", [(0, 0), (1, 1)], travel=True)
    # Both joints of a limb are placed together, so one can't be turned by how far the other has come.
    with pytest.raises(RigError, match="wait for itself"):
        add_link(PUPPET, UPPER, f"{FOREARM}.turn", [(0, 0), (1, 1)], travel=True)
    with pytest.raises(RigError, match="no value named"):
        add_link(PUPPET, "j999.turn", f"{HEAD}.turn", [(0, 0), (1, 1)])
    with pytest.raises(RigError, match="at least two points"):
        add_link(PUPPET, f"{CAP}.turn", f"{HEAD}.turn", [(0, 0)])
    with pytest.raises(RigError, match="plain numbers"):
        add_link(PUPPET, f"{CAP}.turn", f"{HEAD}.turn", [(0, 0), (1, math.inf)])


def test_a_link_goes_with_what_it_links_and_limits_hold():
    puppet, key = add_link(PUPPET, f"{CAP}.turn", f"{HEAD}.turn", [(0, 0), (1, 5)])
    limit = PUPPET.joints[HEAD].limit
    assert limit is not None
    assert evaluate(compile_plan(puppet), {f"{CAP}.turn": 2.0}).turn(HEAD) == pytest.approx(limit.largest)
    assert key not in take_out(puppet, CAP).links
    broken = change(puppet, key, points=(Point(1, 0), Point(0, 0)))
    assert any("goes back" in sentence for sentence in invariants(broken))
