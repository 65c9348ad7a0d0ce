"""Maps of the plane: laws against matrices."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from strategies import maps_numbers, points
from umbrite.rig.affine import Affine, after, around, decompose, from_svg, inverse, linear, svg_matrix

affines = st.builds(Affine, maps_numbers, maps_numbers, points)


def matrix(m):
    a, b, c, d, e, f = svg_matrix(m)
    return np.array([[a, c, e], [b, d, f], [0, 0, 1]])


@given(affines, affines, points)
def test_composition_is_one_after_the_other(m, n, z):
    assert after(m, n)(z) == pytest.approx(m(n(z)), abs=1e-6)
    assert np.allclose(matrix(after(m, n)), matrix(m) @ matrix(n), atol=1e-6)


@given(affines, points)
def test_the_inverse_undoes(m, z):
    det = abs(m.a) ** 2 - abs(m.b) ** 2
    if abs(det) > 1e-3:
        assert inverse(m)(m(z)) == pytest.approx(z, rel=1e-6, abs=1e-4)


def test_a_flat_map_has_a_finite_inverse():
    flat = inverse(Affine(0.5 + 0j, 0.5 + 0j, 7 + 1j))
    assert flat(123 + 4j) == 0
    both = inverse(Affine(np.array([1 + 0j, 1 + 0j]), np.array([0j, 1 + 0j]), np.array([2j, 2j])))
    assert np.isfinite(both.a).all()
    assert both(np.array([3 + 2j, 0j]))[0] == 3


@given(affines, points)
def test_svg_numbers_give_the_same_map_back(m, z):
    assert from_svg(*svg_matrix(m))(z) == pytest.approx(m(z), abs=1e-6)


@given(st.floats(-3, 3), st.floats(0.1, 3), st.floats(0.1, 3), st.floats(-2, 2))
def test_decompose_finds_turn_scale_and_skew(turn, x, y, skew):
    a, b = linear(turn, x, y, skew)
    assert decompose(Affine(a, b, 0)) == pytest.approx((turn, x, y, skew), abs=1e-9)


@given(points, maps_numbers, maps_numbers)
def test_a_map_around_a_pivot_keeps_it(pivot, a, b):
    assert around(pivot, a, b)(pivot) == pytest.approx(pivot, abs=1e-6)
