"""What sticks out of a turned joint: nothing at round ends turned about their middle, the hidden end otherwise."""

import numpy as np
import pytest

from art.limb_pairs import limb, picture
from umbrite.art.masks import sheet_of
from umbrite.art.seams import Seam
from umbrite.rig.model import Placement

MIDDLE, RADIUS = 150 + 150j, 22.0


def sheets(*, square=False, beyond=0.0):
    """Child and parent of a straight limb along x; the child's end may be square, or reach further into the parent."""
    random = np.random.default_rng(1)
    parent = limb(300, MIDDLE, MIDDLE - 110, (RADIUS, RADIUS))
    child = limb(300, MIDDLE - beyond, MIDDLE + 110, (RADIUS, RADIUS), square=square)
    one, other = (sheet_of(picture(field, 0.0, random), Placement(0, 0)) for field in (child, parent))
    return one, other


@pytest.mark.parametrize("turn", [-1.4, -0.5, 0.0, 0.6, 1.5])
def test_round_ends_turned_about_their_middle_show_nothing(turn):
    assert Seam(*sheets(), MIDDLE).faults(turn) == []


def test_a_square_end_sticks_out_with_its_corner():
    child, parent = sheets(square=True, beyond=20)
    assert Seam(child, parent, MIDDLE).faults(0.0) == []
    (found,) = [item for item in Seam(child, parent, MIDDLE).faults(0.6) if item.kind == "child"]
    corner = MIDDLE + (-20 - 22j) * np.exp(0.6j)
    assert abs(found.at - corner) < 8
    assert found.area > 20


def test_a_gap_opens_on_the_outer_side_where_square_ends_meet():
    """Two square ends that overlap a little: turned, a wedge opens opposite to where the limb bends."""
    random = np.random.default_rng(1)
    fields = [
        limb(300, MIDDLE - 8, MIDDLE + 110, (RADIUS, RADIUS), square=True),
        limb(300, MIDDLE + 8, MIDDLE - 110, (RADIUS, RADIUS), square=True),
    ]
    child, parent = (sheet_of(picture(field, 0.0, random), Placement(0, 0)) for field in fields)
    seam = Seam(child, parent, MIDDLE)
    assert seam.faults(0.0) == []
    assert not [fault for fault in seam.faults(0.1) if fault.kind == "gap"]
    (gap,) = [fault for fault in seam.faults(1.2) if fault.kind == "gap"]
    assert gap.at.imag < MIDDLE.imag  # the child turned down, so it opens above
    (other,) = [fault for fault in seam.faults(-1.2) if fault.kind == "gap"]
    assert other.at.imag > MIDDLE.imag
