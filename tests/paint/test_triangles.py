"""The inner loop beside an oracle of the schoolbook: which triangle a pixel's middle lies in, and four texels mixed in real numbers."""

import hashlib
from concurrent.futures import ThreadPoolExecutor

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from umbrite.paint.triangles import PROGRAM, fill

HIGH, WIDE = 14, 18


def packed(bytes_):
    return np.ascontiguousarray(bytes_.astype(np.uint8)).view(np.uint32)[..., 0]


def see_through(random, high, wide):
    """Random colours with premultiplied alpha, (high, wide, 4)."""
    alpha = random.choice([0, 90, 255], (high, wide, 1))
    return np.concatenate([random.uniform(0, 1, (high, wide, 3)) * alpha, alpha], axis=-1).round()


def oracle(target, source, places, texels):
    """One triangle over a target, both (rows, columns, 4)."""
    y, x = np.mgrid[: target.shape[0], : target.shape[1]] + 0.5
    a, b, c = places
    whole = (b - a)[0] * (c - a)[1] - (b - a)[1] * (c - a)[0]
    second = ((x - a[0]) * (c - a)[1] - (y - a[1]) * (c - a)[0]) / whole
    third = ((b - a)[0] * (y - a[1]) - (b - a)[1] * (x - a[0])) / whole
    shares = np.stack([1 - second - third, second, third], axis=-1)
    u, v = np.moveaxis(shares @ texels, -1, 0) - 0.5
    column, row = np.floor(u).astype(int), np.floor(v).astype(int)
    inside = (shares.min(axis=-1) >= 0) & (column >= 0) & (column < WIDE - 1) & (row >= 0) & (row < HIGH - 1)
    column, row, across, down = (np.where(inside, each, 0) for each in (column, row, u % 1, v % 1))
    across, down = across[..., None], down[..., None]
    upper = source[row, column] * (1 - across) + source[row, column + 1] * across
    lower = source[row + 1, column] * (1 - across) + source[row + 1, column + 1] * across
    over = upper * (1 - down) + lower * down
    near_edge = np.abs(shares).min(axis=-1) < 1e-6
    return np.where(inside[..., None], over + target * (1 - over[..., 3:] / 255), target), near_edge


@given(st.integers(0, 10_000))
def test_a_triangle_is_painted_as_in_the_schoolbook(seed):
    random = np.random.default_rng(seed)
    source, target = see_through(random, HIGH, WIDE), see_through(random, 40, 50)
    places, texels = random.uniform(-20, 70, (3, 2)), random.uniform(0, (WIDE, HIGH), (3, 2))
    expected, unsure = oracle(target, source, places, texels)
    found = packed(target)
    fill(found, packed(source), places, texels, np.array([[0, 1, 2]], np.int32))
    differs = np.abs(found.view(np.uint8).reshape(40, 50, 4) - expected).max(axis=-1)
    assert (differs[~unsure] <= 3).mean() > 0.995, "texels at the very edge of the drawing may count or not"


def test_many_can_paint_at_once():
    def one(seed):
        random = np.random.default_rng(seed)
        found = np.zeros((300, 300), np.uint32)
        source = packed(see_through(random, HIGH, WIDE))
        corners = np.array([[0, 1, 2]], np.int32)
        fill(found, source, random.uniform(0, 300, (3, 2)), random.uniform(0, 14, (3, 2)), corners)
        return found

    with ThreadPoolExecutor(4) as pool:
        assert all((a == one(i % 8)).all() for i, a in enumerate(pool.map(one, [i % 8 for i in range(64)])))


def test_the_program_was_made_of_the_source_as_it_stands():
    source = hashlib.sha256(PROGRAM.with_suffix(".c").read_bytes()).digest()
    assert PROGRAM.read_bytes().endswith(b"\x06source" + source), "make wasm"
