"""Pictures on sheets: none lies over another, and what is clear around them has their colour."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from umbrite.art.sheets.packing import packed

sizes = st.lists(st.tuples(st.integers(1, 120), st.integers(1, 120)), min_size=1, max_size=24)


@given(sizes, st.integers(0, 5))
def test_pictures_lie_apart_and_within_their_sheets(some, gap):
    packing = packed(some, gap, largest=256)
    assert len(packing.spots) == len(some)
    taken = [np.zeros((tall, wide), bool) for wide, tall in packing.sheets]
    for (wide, tall), spot in zip(some, packing.spots, strict=True):
        own = taken[spot.sheet][spot.y - gap : spot.y + tall + gap, spot.x - gap : spot.x + wide + gap]
        assert own.shape == (tall + 2 * gap, wide + 2 * gap)
        assert not own.any()
        own[:] = True
    assert all(sheet.any() for sheet in taken)
    assert packed(some, gap, largest=256) == packing
