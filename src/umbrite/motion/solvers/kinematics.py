"""One joint below another: the formula from which all places come, for arrays of frames and joints and for plain numbers.

A joint's map takes the board at rest to the board as posed: `M = M(above) after (about the pivot: scale and skew, then turn,
then shift)`. The evaluator places whole ranks of joints at once; the whole body, dragged, places a few dozen of them many times
over, where arrays cost more than they spare. A test holds both to each other.
"""

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.affine import Affine, after, spun

Complexes = NDArray[np.complex128]
Floats = NDArray[np.float64]


def placed_below(
    above: Affine[Complexes], own: Affine[Complexes], pivot: Complexes, turns: Floats
) -> Affine[Complexes]:
    """The maps of joints whose carriers' maps are `above`. `own` holds each joint's linear part (a, b), unturned, and its shift t.

    All arguments broadcast to one shape; board pixels, radians.
    """
    spin = spun(turns)
    if not own.b.any() and not above.b.any():  # nothing is skewed or scaled unevenly
        a = spin * own.a
        whole = above.a * a
        return Affine(whole, np.zeros_like(whole), above.a * (pivot + own.t - a * pivot) + above.t)
    a, b = spin * own.a, spin * own.b
    return after(above, Affine(a, b, pivot + own.t - a * pivot - b * np.conj(pivot)))


def one_below(
    above: tuple[complex, complex, complex] | None, a: complex, b: complex, shift: complex, pivot: complex
) -> tuple[complex, complex, complex]:
    """The same for one joint: (a, b) its linear part, turned already; None above is the ground."""
    t = pivot + shift - a * pivot - b * pivot.conjugate()
    if above is None:
        return a, b, t
    over_a, over_b, over_t = above
    return (
        over_a * a + over_b * b.conjugate(),
        over_a * b + over_b * a.conjugate(),
        over_a * t + over_b * t.conjugate() + over_t,
    )
