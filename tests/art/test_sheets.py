"""Pictures on sheets: none lies over another, and what is clear around them has their colour."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from umbrite.art.bending.meshing import card_over, uncovered
from umbrite.art.sheets.bleeding import bled, on_sheet
from umbrite.art.sheets.packing import packed
from umbrite.rig.errors import RigError

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


def test_a_picture_that_fits_on_no_sheet_is_refused():
    with pytest.raises(RigError, match="300 x 20 pixels fits on no sheet of 256 x 256"):
        packed([(10, 10), (300, 20)], 2, largest=256)


def test_colours_go_on_beyond_a_drawing_and_alpha_stays():
    picture = np.zeros((20, 40, 4), np.uint8)
    picture[5:15, 5:12] = (200, 10, 30, 255)
    picture[5:15, 28:35] = (10, 20, 250, 255)
    found = bled(picture, reach=4)
    assert np.array_equal(found[..., 3], picture[..., 3])
    assert found[10, 14].tolist() == [200, 10, 30, 0]
    assert found[10, 26].tolist() == [10, 20, 250, 0]
    assert not found[10, 20].any(), "too far from both"
    seen = picture[..., 3] > 0
    assert np.array_equal(found[seen], picture[seen])
    sheet = np.zeros((64, 64, 4), np.uint8)
    on_sheet(sheet, np.full((8, 8, 4), 255, np.uint8), 10, 20, 2)
    assert sheet[19, 9].tolist() == [255, 255, 255, 0]
    assert int((sheet[..., 3] > 0).sum()) == 64


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
