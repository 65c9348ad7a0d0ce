"""Placing art: as one thing, aligned, spread, laid out apart; and exchanged drawings that keep the rig."""

import cmath

import pytest
from hypothesis import given
from hypothesis import strategies as st

from demo_puppet import joint, part, wick
from strategies import EDITS, puppets
from umbrite.motion.plan import compile_plan
from umbrite.rig.affine import after, around
from umbrite.rig.edits.arranging import fanned_out, transform_parts
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.looks import make_reference
from umbrite.rig.edits.parts import exchange_drawing
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Drawing
from umbrite.rig.placement import around_parts, board_from_drawing

WICK = wick()
ARM = [part(WICK, name) for name in ("Near upper arm", "Near forearm", "Near hand")]


@given(st.floats(-3, 3), st.floats(0.2, 3), st.floats(-0.15, 0.15))
def test_many_parts_are_turned_scaled_and_skewed_as_one(turn, scale, skew):
    m = around(500 + 700j, scale * cmath.exp(1j * turn), skew + 0j)
    moved = transform_parts(WICK, ARM, m)
    assert invariants(moved) == []
    for key in ARM:
        wanted = after(m, board_from_drawing(WICK.parts[key].placement))
        found = board_from_drawing(moved.parts[key].placement)
        assert all(a == pytest.approx(b, abs=1e-6) for a, b in zip(wanted, found, strict=True))
    assert moved.joints == WICK.joints  # pivots that were set stay


@given(puppets(EDITS))
def test_fanned_out_no_two_lie_on_one_another_and_nothing_is_changed(puppet):
    shifts = fanned_out(puppet)
    boxes = []
    for joint_key, by in shifts.items():
        box = around_parts(
            puppet, [k for k in puppet.order if puppet.parts[k].joint == joint_key and puppet.parts[k].visible]
        )
        boxes.append((box.left + by.real, box.top + by.imag, box.right + by.real, box.bottom + by.imag))
    for i, one in enumerate(boxes):
        for other in boxes[i + 1 :]:
            apart = one[2] <= other[0] or other[2] <= one[0] or one[3] <= other[1] or other[3] <= one[1]
            assert apart


def test_an_exchanged_drawing_keeps_pivot_place_and_binding_and_reaches_linked_copies_only():
    key = part(WICK, "Near hand")
    linked, new = copy_branches(WICK, [joint(WICK, "Near hand")], Transform(shift=50 + 0j), linked=True)
    loose, other = copy_branches(linked, [joint(linked, "Near hand")], Transform(shift=90 + 0j))
    size = WICK.parts[key].drawing
    revised = Drawing("1" * 64, size.width, size.height)
    found = exchange_drawing(loose, key, revised)
    assert invariants(found) == []
    assert found.joints == loose.joints
    assert found.order == loose.order
    assert found.parts[key].placement == loose.parts[key].placement
    assert found.parts[new[key]].drawing == revised
    assert found.parts[other[key]].drawing == size
    larger = exchange_drawing(WICK, key, Drawing("2" * 64, size.width + 20, size.height + 10))
    assert larger.parts[key].placement.x == WICK.parts[key].placement.x - 10
    cornered = exchange_drawing(WICK, key, Drawing("2" * 64, 5, 5), corner=3 + 4j)
    assert cornered.parts[key].placement.y == WICK.parts[key].placement.y + 4


def test_a_reference_is_drawn_behind_everything_and_comes_back_to_its_depth():
    key = WICK.order[5]
    aside = make_reference(WICK, key)
    assert compile_plan(aside).parts[0] == key
    assert aside.order == WICK.order
    assert make_reference(aside, key, on=False) == WICK
