"""Blend modes, clips and reference pictures as they are painted, and what parts are made from parts."""

import numpy as np
import pytest
from PySide6.QtGui import QImage

from umbrite.art.covers import disc_of_colour, fitting_radius
from umbrite.files.layers import add_layers, layer_of
from umbrite.files.package import Package
from umbrite.paint.render import render_package
from umbrite.rig.document import Document
from umbrite.rig.edits.looks import set_blend
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
