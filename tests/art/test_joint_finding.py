"""Find joints: on generated pairs with known joints, on Wick's art, and the ways it refuses."""

import cv2
import numpy as np
import pytest

from art.limb_pairs import pair
from demo_puppet import plain_package
from umbrite.art.joint_finding import find_joints
from umbrite.art.masks import sampled, sheet_of
from umbrite.art.pictures import trimmed
from umbrite.rig.edits.parts import add_part
from umbrite.rig.model import Drawing, Placement, Puppet
from umbrite.rig.placement import Box
from umbrite.rig.words.body_words import fits_below


@pytest.mark.parametrize("seeds", [range(200, 215), pytest.param(range(90), marks=pytest.mark.long)])
def test_on_generated_pairs_the_pivot_is_found_within_a_small_share_of_the_width(seeds):
    off = []
    for seed in seeds:
        one = pair(seed)
        found = find_joints(one.puppet, one.pictures)
        names = [(one.puppet.parts[f.part].name, one.puppet.parts[f.parent].name) for f in found]
        assert names == [("Forearm", "Upper arm")]
        off.append(abs(found[0].pivot - one.joint) / one.width)
    assert np.median(off) < 0.02
    assert np.quantile(off, 0.9) < 0.06


def test_on_wicks_art_every_parent_is_right_and_pivots_lie_where_they_were_set_by_hand():
    package = plain_package("wick")
    puppet = package.puppet
    found = find_joints(puppet, package.pixels())
    assert len(found) == len(puppet.parts) - 1
    for proposal in found:
        part, parent = puppet.parts[proposal.part], puppet.parts[proposal.parent]
        joint = puppet.joints[part.joint]
        assert joint.parent == parent.joint, part.name
        narrower = min(part.drawing.width, part.drawing.height, parent.drawing.width, parent.drawing.height)
        assert abs(proposal.pivot - joint.pivot.z) < 0.06 * narrower, part.name


def block(width, height):
    return np.full((height, width, 4), 255, np.uint8)


def blocks(*places):
    """Plain rectangles: name, left, top, width, height."""
    puppet, pictures = Puppet(), {}
    for i, (name, x, y, width, height) in enumerate(places):
        pictures[f"{i:064d}"] = block(width, height)
        puppet, _ = add_part(puppet, name, Drawing(f"{i:064d}", width, height), Placement(x, y))
    return puppet, pictures


def by_names(puppet, found):
    return {puppet.parts[p.part].name: puppet.parts[p.parent].name for p in found}


def plates(*shapes):
    """Square-cut plates from one place to another, of a width; as a puppet of loose parts, and their pictures."""
    puppet, pictures = Puppet(), {}
    for one, other, wide in shapes:
        way = (other - one) / abs(other - one)
        corners = [
            one + 1j * way * wide / 2,
            one - 1j * way * wide / 2,
            other - 1j * way * wide / 2,
            other + 1j * way * wide / 2,
        ]
        field = np.zeros((2400, 2400), np.uint8)
        cv2.fillConvexPoly(field, np.array([[4 * z.real, 4 * z.imag] for z in corners]).round().astype(np.int32), 255)
        alpha = cv2.resize(field, (600, 600), interpolation=cv2.INTER_AREA)
        picture, x, y = trimmed(np.dstack([np.full_like(alpha, 90)] * 3 + [alpha]))
        key = f"{len(pictures):064d}"
        pictures[key] = picture
        drawing = Drawing(key, picture.shape[1], picture.shape[0])
        puppet, _ = add_part(puppet, f"Layer {len(pictures)}", drawing, Placement(float(x), float(y)))
    return puppet, pictures


def test_plates_turn_where_their_middle_lines_cross_and_a_thin_seam_in_its_middle():
    for degrees in (0, 4, 8, 15, 30, 60):
        way = 180 * complex(np.exp(1j * np.radians(90 + degrees)))
        joint = 300 + 300j
        (found,) = find_joints(*plates((300 + 104j, joint + 16j, 80), (joint - way * 16 / 180, joint + way, 80)))
        assert abs(found.pivot - joint) < 0.02 * 80
        assert found.confidence < 0.8, "a cut seam is less sure"
    for over in (3, 5, 8, 12):
        neck = (300 + (140 + over) * 1j, 300 + (200 + over) * 1j, 60)
        (found,) = find_joints(*plates((300 + 200j, 300 + 400j, 160), neck))
        assert abs(found.pivot - (300 + (200 + over / 2) * 1j)) < 1
        assert found.confidence < 0.8


def test_samples_lie_where_the_board_has_them():
    ramp = np.zeros((40, 60, 4), np.uint8)
    ramp[10:30, 20:50, 3] = 255
    sheet = sheet_of(ramp, Placement(100.0, 50.0, scale_x=2.0, scale_y=0.5))
    assert sheet.box == Box(100, 50, 220, 70)
    fine = sampled(sheet, Box(90, 40, 230, 80), 2.0)
    rows, columns = np.nonzero(fine >= 128)
    left, top = 90 + columns.min() / 2, 40 + rows.min() / 2
    right, bottom = 90 + (columns.max() + 1) / 2, 40 + (rows.max() + 1) / 2
    assert (left, top, right, bottom) == pytest.approx((140, 55, 200, 65), abs=0.51)
    rough = sampled(sheet, sheet.box, 0.1)
    assert rough.sum() / 255 * 100 == pytest.approx(600, rel=0.35)


@pytest.mark.parametrize(
    ("child", "parent", "fit"),
    [
        ("near_forearm", "NearUpperArm", 1.0), ("Upper arm", "Forearm", -1.0), ("Hand", "Upper arm", 0.6), ("Ear", "Shin", -0.5),
        ("Pebble", "Trunk", 0.0), ("Tail 2", "Tail 1", 1.0), ("Tail 1", "Tail 3", -0.5), ("Scarf end", "Scarf", 1.0), ("Left boot", "Left shin", 1.0),
    ],
)  # fmt: skip
def test_names_tell_what_hangs_from_what(child, parent, fit):
    assert fits_below(child, parent) == fit
