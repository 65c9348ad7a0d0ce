"""Pictures on sheets: none lies over another, and what is clear around them has their colour."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from umbrite.art.bending.meshing import card_over, uncovered
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


def test_a_card_covers_all_that_is_seen_with_few_triangles():
    rows, columns = np.mgrid[0:120, 0:160]
    away = np.hypot(rows - 60, columns - 60)
    picture = np.zeros((120, 160, 4), np.uint8)
    picture[(away < 50) & (away > 25)] = 255
    picture[50:60, 140:150] = 255
    net = card_over(picture)
    assert uncovered(picture, net) == 0
    assert len(net.triangles) < 80
    a, b, c = (net.vertices[net.triangles[:, i]] for i in range(3))
    area = np.abs((np.conj(b - a) * (c - a)).imag).sum() / 2
    assert area < 1.45 * (picture[..., 3] > 0).sum(), "the hole and what lies between are left out"
    assert len(card_over(np.zeros((4, 6, 4), np.uint8)).triangles) == 2
