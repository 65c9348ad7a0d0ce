"""Blend modes, clips and reference pictures as they are painted, and what parts are made from parts."""

import numpy as np
import pytest
from PySide6.QtGui import QImage

from umbrite.art.covers import disc_of_colour, fitting_radius, light_disc, shade_of
from umbrite.files.layers import add_layers, layer_of
from umbrite.files.package import Package
from umbrite.paint.render import render_package
from umbrite.rig.change import change, take_out
from umbrite.rig.document import Document
from umbrite.rig.edits.copying import copy_branches
from umbrite.rig.edits.looks import set_blend, set_clip, trim, untrimmed
from umbrite.rig.errors import RigError
from umbrite.rig.invariants import invariants
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.model import Puppet


def tile(colour, size=40):
    return np.full((size, size, 4), colour, np.uint8)


@pytest.fixture
def pair():
    """A grey tile at 10, 10 and an orange one at 30, 30, on a canvas of 100."""
    layers = [
        layer_of("Grey", tile((128, 128, 128, 255)), 10, 10),
        layer_of("Orange", tile((200, 100, 0, 255)), 30, 30),
    ]
    package, (one, other) = add_layers(Package(Document(Puppet(width=100, height=100)), {}), [x for x in layers if x])
    return package, one, other


def shown(package, puppet):
    image = render_package(package.having(puppet)).convertToFormat(QImage.Format.Format_RGBA8888)
    return np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.width(), 4).copy()


@pytest.mark.parametrize(
    ("blend", "wanted"),
    [("normal", (200, 100, 0)), ("multiply", (100, 50, 0)), ("screen", (228, 178, 128)), ("add", (255, 228, 128))],
)
def test_blended_colours_are_those_of_the_formula(pair, blend, wanted):
    package, _, orange = pair
    picture = shown(package, set_blend(package.puppet, orange, blend))
    assert picture[40, 40, :3] == pytest.approx(wanted, abs=2)
    assert tuple(picture[20, 20, :3]) == (128, 128, 128)


def test_a_clip_shows_what_lies_inside_or_outside_and_follows_both(pair):
    package, grey, orange = pair
    inside = shown(package, set_clip(package.puppet, orange, grey))
    assert tuple(inside[40, 40, :3]) == (200, 100, 0)
    assert inside[60, 60, 3] == 0
    outside = shown(package, set_clip(package.puppet, orange, grey, outside=True))
    assert tuple(outside[40, 40, :3]) == (128, 128, 128)
    assert tuple(outside[60, 60, :3]) == (200, 100, 0)
    away = package.having(pose={f"{package.puppet.parts[grey].joint}.x": 20.0})
    assert inside[40, 60, 3] == 0
    assert shown(away, set_clip(package.puppet, orange, grey))[40, 60, 3] == 255


def test_a_clip_ends_with_the_part_it_needs_and_is_copied_with_it(pair):
    package, grey, orange = pair
    clipped = set_clip(package.puppet, orange, grey)
    joints = [clipped.parts[key].joint for key in (grey, orange)]
    copied, new = copy_branches(clipped, joints, Transform(shift=5 + 0j))
    assert copied.parts[new[orange]].clip == new[grey]
    gone = take_out(clipped, grey)
    assert gone.parts[orange].clip is None
    assert invariants(copied) == []
    with pytest.raises(RigError, match="by itself"):
        set_clip(package.puppet, grey, grey)
    assert any("clipped by" in text for text in invariants(change(package.puppet, grey, clip="p99")))


def test_a_cover_has_the_parts_own_colour_without_its_outline():
    picture = tile((40, 120, 110, 255), 60)
    picture[28:33] = (10, 10, 10, 255)  # an outline through the middle
    disc = disc_of_colour(picture, 30 + 30j, 12)
    assert tuple(disc[13, 13]) == (40, 120, 110, 255)
    assert disc[0, 0, 3] == 0
    assert disc[..., 3].sum() / 255 == pytest.approx(np.pi * 12**2, rel=0.02)
    assert fitting_radius(picture, 30 + 10j) == pytest.approx(11, abs=1)
    assert fitting_radius(picture, 500 + 0j) == 0
    assert disc_of_colour(tile((0, 0, 0, 0), 9), 4 + 4j, 3)[4, 4, 0] == 128


def test_a_shade_is_the_shape_without_the_shifted_shape():
    picture = np.zeros((50, 50, 4), np.uint8)
    picture[10:40, 10:40] = 255
    hard = shade_of(picture, 8 + 0j, 0, (10, 20, 30))
    assert (hard[20, 10:18, 3] == 255).all()
    assert (hard[20, 18:, 3] == 0).all()
    soft = shade_of(picture, 8 + 0j, 6, (10, 20, 30))
    assert 0 < soft[20, 18, 3] < 255
    assert (soft[..., 3] <= picture[..., 3]).all()
    glow = light_disc(20, (255, 200, 100), 0.5)
    assert glow[20, 20, 3] > glow[20, 30, 3] > glow[20, 39, 3]


def test_a_trim_cuts_away_brings_back_and_keeps_the_drawing(pair):
    package, _, orange = pair
    corner = [55 + 55j, 80 + 55j, 80 + 80j, 55 + 80j]
    trimmed = trim(package.puppet, orange, corner)
    assert shown(package, trimmed)[62, 62, 3] == 0
    assert tuple(shown(package, trimmed)[40, 40, :3]) == (200, 100, 0)
    assert trimmed.parts[orange].drawing == package.puppet.parts[orange].drawing
    back = trim(trimmed, orange, [60 + 60j, 66 + 60j, 66 + 66j, 60 + 66j], cut=False)
    picture = shown(package, back)
    assert picture[63, 63, 3] == 255
    assert picture[57, 57, 3] == 0
    assert untrimmed(back, orange) == package.puppet
    with pytest.raises(RigError, match="nothing to bring back"):
        trim(package.puppet, orange, corner, cut=False)
    with pytest.raises(RigError, match="loop around"):
        trim(package.puppet, orange, corner[:2])
