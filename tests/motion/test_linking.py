"""Links: values follow values, circles are refused, and a wheel rolls."""

import itertools

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, wick
from umbrite.motion.driving.curves import curve_at, curve_of
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.rig.change import change, take_out
from umbrite.rig.edits.links import add_link
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Link, Point

PUPPET = wick()
HEAD, CAP, BODY, EYES = (joint(PUPPET, name) for name in ("Head", "Cap", "Body", "Eyes"))
UPPER, FOREARM = (joint(PUPPET, name) for name in ("Near upper arm", "Near forearm"))


def link(points, *, smooth):
    return curve_of(Link("l", "a", "b", tuple(Point(*p) for p in points), smooth=smooth))


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


def test_a_link_goes_with_what_it_links_and_limits_hold():
    puppet, key = add_link(PUPPET, f"{CAP}.turn", f"{HEAD}.turn", [(0, 0), (1, 5)])
    limit = PUPPET.joints[HEAD].limit
    assert limit is not None
    assert evaluate(compile_plan(puppet), {f"{CAP}.turn": 2.0}).turn(HEAD) == pytest.approx(limit.largest)
    assert key not in take_out(puppet, CAP).links
    broken = change(puppet, key, points=(Point(1, 0), Point(0, 0)))
    assert any("goes back" in sentence for sentence in invariants(broken))
