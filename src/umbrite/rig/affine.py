"""Maps of the plane as `z -> a*z + b*conj(z) + t` with three complex numbers.

A turn with one scale has b = 0. Every function works on single complex numbers and on arrays of them
alike (any shapes that broadcast), so the same code serves one frame and a thousand.
"""

import cmath
import math
from typing import Any, Generic, NamedTuple, TypeVar, overload

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
C = TypeVar("C", bound=complex | Complexes)  # one number, or an array of them
UNMOVED: Complexes = np.zeros((), dtype=np.complex128)  # no shift, for maps that are arrays

# A map whose determinant is below this share of its size squared has no usable inverse.
FLAT = 1e-12


class Affine(NamedTuple, Generic[C]):
    """`z -> a*z + b*conj(z) + t`; the fields are single complex numbers or arrays of one shape."""

    a: C
    b: C
    t: C

    @overload
    def __call__(self, z: Complexes) -> Complexes: ...
    @overload
    def __call__(self, z: complex) -> C: ...
    def __call__(self, z: Any) -> Any:
        """The place of the board point(s) z."""
        return self.a * z + self.b * z.conjugate() + self.t

    @overload
    def direction(self, v: Complexes) -> Complexes: ...
    @overload
    def direction(self, v: complex) -> C: ...
    def direction(self, v: Any) -> Any:
        """The image of a vector: no shift."""
        return self.a * v + self.b * v.conjugate()


IDENTITY: Affine[complex] = Affine(1 + 0j, 0j, 0j)


@overload
def after(outer: Affine[complex], inner: Affine[complex]) -> Affine[complex]: ...
@overload
def after(outer: Affine[Complexes], inner: Affine[complex] | Affine[Complexes]) -> Affine[Complexes]: ...
@overload
def after(outer: Affine[complex], inner: Affine[Complexes]) -> Affine[Complexes]: ...
def after(outer: Affine[Any], inner: Affine[Any]) -> Affine[Any]:
    """The map that does `inner` first and `outer` then."""
    return Affine(
        outer.a * inner.a + outer.b * inner.b.conjugate(),
        outer.a * inner.b + outer.b * inner.a.conjugate(),
        outer.a * inner.t + outer.b * inner.t.conjugate() + outer.t,
    )


@overload
def inverse(m: Affine[complex]) -> Affine[complex]: ...
@overload
def inverse(m: Affine[Complexes]) -> Affine[Complexes]: ...
def inverse(m: Affine[Any]) -> Affine[Any]:
    """The map that undoes m. A flat map (scale 0) has none: it gives the map of all points to 0, never NaN."""
    if isinstance(m.a, complex) and isinstance(m.t, complex):
        return _inverse(m)
    size = np.abs(m.a) ** 2 + np.abs(m.b) ** 2
    det = np.abs(m.a) ** 2 - np.abs(m.b) ** 2
    flat = np.abs(det) <= FLAT * size
    safe = np.where(flat, 1.0, det)
    a = np.where(flat, 0.0, m.a.conjugate() / safe)
    b = np.where(flat, 0.0, -m.b / safe)
    t = -(a * m.t + b * m.t.conjugate())
    return Affine(complex(a), complex(b), complex(t)) if np.ndim(a) == 0 else Affine(a, b, t)


def _inverse(m: Affine[complex]) -> Affine[complex]:
    """The same in plain numbers: it is asked for by the thousand, one at a time."""
    one, other = abs(m.a) ** 2, abs(m.b) ** 2
    if abs(one - other) <= FLAT * (one + other):
        return Affine(0j, 0j, 0j)
    a, b = m.a.conjugate() / (one - other), -m.b / (one - other)
    return Affine(a, b, -(a * m.t + b * m.t.conjugate()))


@overload
def linear(turn: float, scale_x: float, scale_y: float, skew: float) -> tuple[complex, complex]: ...
@overload
def linear(turn: Floats, scale_x: Floats, scale_y: Floats, skew: Floats) -> tuple[Complexes, Complexes]: ...
def linear(turn: Any, scale_x: Any, scale_y: Any, skew: Any) -> tuple[Any, Any]:
    """The pair (a, b) of: scale along x and y first, then skew (pixels sideways per pixel down), then turn."""
    a, b = unturned(scale_x, scale_y, skew)
    spin = spun(turn) if isinstance(turn, np.ndarray) else cmath.exp(1j * turn)
    return spin * a, spin * b


def unturned(scale_x: Any, scale_y: Any, skew: Any) -> tuple[Any, Any]:
    """The same without a turn."""
    half_sum, half_difference = (scale_x + scale_y) / 2, (scale_x - scale_y) / 2
    k = 0.5j * skew
    a = (1 - k) * half_sum + k * half_difference.conjugate()
    b = (1 - k) * half_difference + k * half_sum.conjugate()
    return a, b


def spun(turns: Floats) -> Complexes:
    """The turns as numbers of length 1: much faster than the exponential of complex arrays."""
    found = np.empty(np.shape(turns), dtype=np.complex128)
    np.cos(turns, out=found.real)
    np.sin(turns, out=found.imag)
    return found


@overload
def around(pivot: complex, a: complex, b: complex, shift: complex = 0j) -> Affine[complex]: ...
@overload
def around(
    pivot: Complexes | complex, a: Complexes, b: Complexes, shift: Complexes | complex = 0j
) -> Affine[Complexes]: ...
def around(pivot: Any, a: Any, b: Any, shift: Any = 0j) -> Affine[Any]:
    """The map with linear part (a, b) that takes `pivot` to `pivot + shift`."""
    return Affine(a, b, pivot + shift - a * pivot - b * pivot.conjugate())


def svg_matrix(m: Affine[complex]) -> tuple[float, float, float, float, float, float]:
    """The six numbers of SVG's matrix(a b c d e f): x' = a x + c y + e, y' = b x + d y + f."""
    x, y = m.a + m.b, 1j * (m.a - m.b)
    return (x.real, x.imag, y.real, y.imag, m.t.real, m.t.imag)


def from_svg(a: float, b: float, c: float, d: float, e: float, f: float) -> Affine[complex]:
    """The map of SVG's matrix(a b c d e f)."""
    x, y = complex(a, b), complex(c, d)
    return Affine((x - 1j * y) / 2, (x + 1j * y) / 2, complex(e, f))


def decompose(m: Affine[complex]) -> tuple[float, float, float, float]:
    """(turn, scale_x, scale_y, skew) with `linear(...)` equal to m's linear part.

    A mirrored map has a negative scale_y. A flat map gives skew 0 where it cannot be told.
    """
    x, y = complex(m.a + m.b), complex(1j * (m.a - m.b))
    scale_x = abs(x)
    turn = math.atan2(x.imag, x.real) if scale_x else math.atan2(y.imag, y.real) - math.pi / 2
    in_frame = y * cmath.exp(-1j * turn)
    scale_y = in_frame.imag
    skew = in_frame.real / scale_y if abs(scale_y) > FLAT * abs(in_frame) and scale_y else 0.0
    return turn, scale_x, scale_y, skew
