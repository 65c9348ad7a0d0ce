"""Find limits on pairs whose angles are known from their geometry, on the demos, and from the command line."""

import json
import math
from collections.abc import Callable

import numpy as np
import pytest

from demo_puppet import ASSETS
from umbrite.art.limit_finding import EDGE, SeamTurning
from umbrite.art.masks import sheet_of
from umbrite.cli import main
from umbrite.rig.model import Placement

PIVOT = 200 + 200j
Shape = Callable[[np.ndarray], np.ndarray]


def paper(inside, finer=2, size=400):
    """A drawing whose alpha is how much of each pixel lies inside; places are relative to the pivot."""
    rows, columns = np.mgrid[0 : size * finer, 0 : size * finer]
    places = (columns + 0.5) / finer + 1j * (rows + 0.5) / finer - PIVOT
    share = inside(places).reshape(size, finer, size, finer).mean(axis=(1, 3))
    picture = np.zeros((size, size, 4), np.uint8)
    picture[..., 3] = np.round(share * 255)
    return sheet_of(picture, Placement(0, 0))


def strip(left, right, top, bottom):
    return lambda z: (z.real > left) & (z.real < right) & (z.imag > top) & (z.imag < bottom)


def square_gap(reach, below, above):
    """Where the notch opens between two strips with square ends: `reach` from the pivot to the edge on the outer side,
    the parent's end `below` the pivot, the child's `above`; both corners have to come out.
    """

    def out(one, other):
        far = math.hypot(reach, one)
        return math.atan2(one, reach) + math.asin(other / far) if far > other else math.pi

    return max(out(below, above), out(above, below))


def test_gaps_between_square_ends_open_where_geometry_says_also_about_pivots_out_of_the_middle():
    random = np.random.default_rng(5)
    errors = []
    while len(errors) < 24:
        width, off = random.uniform(60, 110), random.uniform(-0.1, 0.1)
        below, above = random.uniform(0.08, 0.3, 2) * width
        left, right = (off - 0.5) * width, (off + 0.5) * width
        parent = paper(strip(left, right, -190, below))
        child = paper(strip(left, right, -above, 190))
        seam = SeamTurning([child], [parent], PIVOT, child_behind=False)
        for sense, reach in ((1, right), (-1, -left)):
            expected = square_gap(reach, below, above)
            if expected < math.radians(80):
                errors.append(abs(math.degrees(abs(seam.onset(sense, "gap").turn) - expected)))
    assert np.quantile(errors, 0.9) < 1.0
    assert max(errors) < 3.0


def test_the_square_end_of_a_strip_behind_a_disc_shows_where_geometry_says():
    random = np.random.default_rng(6)
    errors = []
    for _ in range(8):
        radius, half = random.uniform(50, 70), random.uniform(16, 26)
        above = random.uniform(0.5, 0.72) * radius
        off = complex(*random.uniform(-0.12, 0.12, 2)) * radius
        parent = paper(lambda z, r=radius, c=off: np.abs(z - c) < r)
        child = paper(strip(-half, half, -above, 190))
        seam = SeamTurning([child], [parent], PIVOT, child_behind=True)
        least = max(EDGE * seam.width, 1.0)
        assert seam.width == pytest.approx(above + off.imag + radius, rel=0.12)
        for sense in (1, -1):
            turns = np.radians(np.arange(0, 180, 0.02)) * sense
            corners = np.array([-half - 1j * above, half - 1j * above])[:, None] * np.exp(1j * turns)
            out = (np.abs(corners - off) - radius).max(axis=0) > least
            expected = abs(turns[out.argmax()]) if out.any() else math.pi
            errors.append(abs(math.degrees(abs(seam.onset(sense).turn) - expected)))
    assert np.quantile(errors, 0.9) < 1.0
    assert max(errors) < 3.0


def test_the_command_line_reports_every_joint_with_a_seam(capsys):
    assert main(["limits", str(ASSETS / "wick.umbrite"), "--json"]) == 0
    lines = {line["joint"]: line for line in json.loads(capsys.readouterr().out)["limits"]}
    assert set(lines["Near shin"]) == {"joint", "smallest", "largest", "reason_smallest", "reason_largest"}
    assert lines["Near shin"]["largest"] == pytest.approx(19.4, abs=0.5)
    assert lines["Near shin"]["reason_largest"] == "side"
    assert all(line["smallest"] <= 0 <= line["largest"] for line in lines.values())
    assert "Master" not in lines
