"""Opaque boxes and hits by real shape."""

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from umbrite.art.pictures import opaque_box, trimmed


def spot(width, height, x, y, alpha=255):
    picture = np.zeros((height, width, 4), np.uint8)
    picture[y, x] = (10, 20, 30, alpha)
    return picture


@given(st.integers(1, 30), st.integers(1, 30), st.data())
def test_trimming_keeps_every_visible_pixel_at_its_place(width, height, data):
    picture = np.zeros((height, width, 4), np.uint8)
    for _ in range(data.draw(st.integers(1, 4))):
        x, y = data.draw(st.integers(0, width - 1)), data.draw(st.integers(0, height - 1))
        picture[y, x] = (1, 2, 3, data.draw(st.integers(1, 255)))
    cut, x, y = trimmed(picture)
    back = np.zeros_like(picture)
    back[y : y + cut.shape[0], x : x + cut.shape[1]] = cut
    assert (back == picture).all()
    assert opaque_box(cut) == (0, 0, cut.shape[1], cut.shape[0])


def test_an_empty_picture_trims_to_one_clear_pixel():
    cut, x, y = trimmed(np.zeros((5, 5, 4), np.uint8))
    assert (cut.shape, x, y) == ((1, 1, 4), 0, 0)
