"""Bent drawings as painted: without cracks, smooth at the edges, the same in every order of work, and as the mesh says."""

import cv2
import numpy as np
import pytest
from msgspec.structs import replace
from PySide6.QtCore import QPointF, QRect, Qt
from PySide6.QtGui import QImage, QPainter, QTransform

from motion.strips import PART, strip
from umbrite.files.png import encode, fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Bent, scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.outlines import outline_of
from umbrite.paint.painter import Raster
from umbrite.paint.render import render
from umbrite.rig.change import change
from umbrite.rig.model import Drawing, Joint, Part, Placement, Point, Trim, point

WIDE, TALL = 240, 60


def painted(puppet, pose, art, scale=1.0):
    return pixels(render(evaluate(compile_plan(puppet), pose), Pictures(lambda: art), scale))


def pixels(image):
    straight = image.convertToFormat(QImage.Format.Format_RGBA8888)
    return np.frombuffer(straight.constBits(), np.uint8).reshape(image.height(), image.width(), 4).copy()


def bendy(colour=(200, 60, 40, 255), *, stripes=False):
    """A strip of paper with clear edges all round, its mesh a margin wider than what shows."""
    picture = np.zeros((TALL, WIDE, 4), np.uint8)
    picture[6:-6, 6:-6] = colour
    if stripes:
        picture[6:-6, 6:-6:2, :3] = 20
    data = encode(picture)
    made = strip(3, float(WIDE), float(TALL), 25, 7)
    drawing = Drawing(fingerprint(data), WIDE, TALL)
    puppet = change(made.puppet, PART, drawing=drawing)
    puppet = change(puppet, PART, placement=Placement(80.0, 170.0))
    for key, joint in puppet.joints.items():
        tip = None if joint.tip is None else point(joint.tip.z + (80 + 170j))
        puppet = change(puppet, key, pivot=point(joint.pivot.z + (80 + 170j)), tip=tip)
    return made._replace(puppet=replace(puppet, width=400, height=400)), {drawing.sha256: data}


STRIP, ART = bendy()
POSE = {"j2.turn": 0.7, "j3.turn": -0.9}


@pytest.mark.parametrize("scale", [0.5, 1.0, 1.7])
def test_there_are_no_cracks_and_the_edges_are_smooth(scale):
    found = painted(STRIP.puppet, POSE, ART, scale)
    solid = found[..., 3] == 255
    holes = cv2.connectedComponents((~solid).astype(np.uint8), connectivity=4)[0]
    assert holes == 2, "the outside and the shape: nothing else is clear"
    inner = cv2.erode(solid.astype(np.uint8), np.ones((5, 5)))
    colours = found[inner > 0][:, :3].astype(int)
    assert np.abs(colours - (200, 60, 40)).max() <= 1, "one even colour across all triangles"
    rim = (found[..., 3] > 0) & (found[..., 3] < 255)
    assert rim.sum() > 300 * scale


def test_a_see_through_drawing_is_laid_once_only():
    made, art = bendy((40, 200, 90, 128))
    found = painted(made.puppet, POSE, art)
    inner = found[..., 3] > 120
    assert found[inner][:, 3].max() <= 129, "no pixel twice along the edges of triangles"
    assert np.count_nonzero(inner) > 8_000


def test_what_is_not_bent_is_the_drawing_itself_to_the_bit():
    made, art = bendy(stripes=True)
    stiff = change(made.puppet, PART, mesh=None)
    for pose in ({}, {"j1.turn": 0.4, "j1.x": 11.3}):
        assert np.array_equal(painted(made.puppet, pose, art), painted(stiff, pose, art))


def test_it_lies_where_the_mesh_says_and_picks_and_outlines_agree():
    placed = evaluate(compile_plan(STRIP.puppet), POSE)
    (shape,) = scene_of(placed)
    assert isinstance(shape, Bent)
    found, pictures = painted(STRIP.puppet, POSE, ART), Pictures(lambda: ART)
    outline = outline_of(shape, pictures)
    random = np.random.default_rng(1)
    for _ in range(400):
        x, y = random.uniform(60, 380), random.uniform(60, 380)
        seen = found[int(y), int(x), 3] > 128
        pixel, _ = shape.pixel_at(complex(x, y))
        inside = 6 <= pixel.real <= WIDE - 6 and 6 <= pixel.imag <= TALL - 6
        near = min(abs(pixel.real - 6), abs(pixel.real - WIDE + 6), abs(pixel.imag - 6), abs(pixel.imag - TALL + 6))
        if near > 2:
            assert seen == inside
            assert outline.contains(QPointF(x, y)) == inside


def test_painted_in_pieces_it_is_the_same_picture():
    placed, pictures = evaluate(compile_plan(STRIP.puppet), POSE), Pictures(lambda: ART)
    whole = render(placed, pictures)
    pieces = QImage(whole.size(), whole.format())
    pieces.fill(Qt.GlobalColor.transparent)
    for box in (QRect(0, 0, 190, 400), QRect(190, 0, 210, 230), QRect(190, 230, 210, 170)):
        painter = QPainter(pieces)
        painter.setClipRect(box)
        Raster(painter, pictures).draw(scene_of(placed), QTransform())
        painter.end()
    assert pixels(pieces).tolist() == pixels(whole).tolist()


def with_a_patch(placed, **fields):
    puppet = placed.plan.puppet
    patch = Part("Patch", "j9", Drawing(next(iter(ART)), WIDE, TALL), Placement(80.0, 190.0), **fields)
    joints = {**puppet.joints, "j9": Joint("Patch", Point(0, 0))}
    return replace(puppet, joints=joints, parts={**puppet.parts, "p91": patch}, order=(PART, "p91"))


def test_clips_by_and_of_bent_shapes_and_trims_bend_along():
    placed = evaluate(compile_plan(STRIP.puppet), POSE)
    alone = painted(STRIP.puppet, POSE, ART)[..., 3] > 128
    flat = painted(change(STRIP.puppet, PART, mesh=None), {}, ART)
    inside = painted(with_a_patch(placed, clip=PART), POSE, ART)
    outside = painted(with_a_patch(placed, clip=PART, clip_outside=True), POSE, ART)
    moved = np.roll(flat[..., 3] > 128, 20, axis=0)
    assert np.count_nonzero((outside[..., 3] > 128) ^ (alone | moved)) < 700
    assert np.count_nonzero((inside[..., 3] > 128) ^ alone) < 700
    half = (Trim((Point(0, 0), Point(120, 0), Point(120, 60), Point(0, 60))),)
    trimmed = painted(change(STRIP.puppet, PART, trims=half), POSE, ART)[..., 3] > 128
    assert np.count_nonzero(trimmed) == pytest.approx(np.count_nonzero(alone) / 2, rel=0.06)
    assert not (trimmed & ~alone).any()
    clipped = change(with_a_patch(placed), PART, clip="p91")
    cut = painted(clipped, POSE, ART)
    assert np.count_nonzero(cut[..., 3] > 128) < np.count_nonzero(alone | moved)
