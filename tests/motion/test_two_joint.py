"""Two-joint limbs: exact where they can reach, nearest where they can't, never beyond a limit, never NaN."""

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from umbrite.motion.solvers.two_joint import Range, into_range, reach
from umbrite.rig.quantities.angles import wrapped


def free(count):
    return Range(np.full(count, -np.pi), np.full(count, np.pi))


def side_of(cases, second):
    return np.sin(np.angle(cases.v2 / cases.v1) + second)


lengths = st.sampled_from([0.0, 1e-12, 1.0, 100.0, 1e6])
goals = st.sampled_from([0j, 1e-300 + 0j, 1e-9j, 100 + 0j, -100j, 1e9 + 1e9j])
spans = st.tuples(st.floats(-math.pi, 0), st.floats(0, math.pi)) | st.just((0.0, 0.0))


@given(lengths, lengths, goals, st.sampled_from([1.0, -1.0]), spans, spans)
def test_degenerate_limbs_have_a_defined_pose_within_their_limits(l1, l2, goal, bend, span1, span2):
    spans = [Range(np.array([s[0]]), np.array([s[1]])) for s in (span1, span2)]
    turns = reach(np.array([goal]), np.array([l1 + 0j]), np.array([l2 * 1j]), np.array([bend]), *spans)
    for turn, span in zip(turns, spans, strict=True):
        assert np.isfinite(turn).all()
        assert span.smallest[0] - 1e-9 <= turn[0] <= span.largest[0] + 1e-9


@given(st.floats(-10, 10), spans)
def test_into_range_gives_the_nearest_turn_on_the_circle(angle, span):
    turn, off = into_range(np.array([angle]), Range(np.array([span[0]]), np.array([span[1]])))
    assert span[0] - 1e-12 <= turn[0] <= span[1] + 1e-12
    grid = np.linspace(*span, 2000)
    assert off[0] <= np.abs(wrapped(grid - angle)).min() + 1e-9
    assert abs(wrapped(turn[0] - angle)) == pytest.approx(off[0], abs=1e-9)
