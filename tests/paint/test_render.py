"""The painter: drawings as they were made at rest, whole and smooth when turned; the same pose, the same picture."""

import numpy as np
import pytest
from msgspec.structs import replace
from PySide6.QtGui import QImage

from demo_puppet import control, part, plain_package, wick_package
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import move_control_to
from umbrite.paint.levels import Pictures
from umbrite.paint.render import png_of, render, render_package
from umbrite.rig.change import change
from umbrite.rig.edits.parts import place_part


def pixels(image):
    rgba = image.convertToFormat(QImage.Format.Format_RGBA8888)
    return np.frombuffer(rgba.constBits(), np.uint8).reshape(rgba.height(), rgba.width(), 4).copy()


def posed(package, name, at):
    placed = evaluate(compile_plan(package.puppet), package.pose)
    grip = package.puppet.controls[control(package.puppet, name)]
    return package.having(pose=move_control_to(placed, package.pose, grip, at))


def test_the_same_pose_gives_the_same_picture():
    package = posed(wick_package(), "Near hand", 300 + 700j)
    assert (pixels(render_package(package, 0.5)) == pixels(render_package(package, 0.5))).all()
    wandered = posed(posed(package, "Near hand", 900 + 200j), "Near hand", 300 + 700j)
    assert wandered.pose.keys() == package.pose.keys()
    difference = pixels(render_package(wandered, 0.5)).astype(int) - pixels(render_package(package, 0.5))
    assert np.abs(difference).max() <= 1


def test_at_rest_the_picture_is_the_layers_laid_on_each_other():
    package = plain_package("wick")
    drawn = pixels(render_package(package))
    pictures = Pictures(lambda: package.art)
    laid = np.zeros(drawn.shape, np.float64)
    for key in package.puppet.order:
        item = package.puppet.parts[key]
        x, y = int(item.placement.x), int(item.placement.y)
        piece = pictures.pixels(item.drawing.sha256).astype(np.float64)
        alpha = piece[..., 3:] / 255
        spot = laid[y : y + piece.shape[0], x : x + piece.shape[1]]
        spot[...] = np.concatenate([piece[..., :3] * alpha, piece[..., 3:]], -1) + spot * (1 - alpha)
    difference = np.abs(drawn[..., 3] - laid[..., 3])
    assert difference.max() <= 2
    solid = laid[..., 3] > 254
    assert np.abs(drawn[solid][:, :3] - laid[solid][:, :3]).mean() < 0.5


def test_smaller_versions_keep_their_place():
    package = wick_package()
    pictures = Pictures(lambda: package.art)
    placed = evaluate(compile_plan(package.puppet), {})
    whole = pixels(render(placed, pictures))[..., 3].astype(float)
    for scale in (0.5, 0.25, 0.125):
        small = pixels(render(placed, pictures, scale))[..., 3].astype(float)
        for axis in (0, 1):
            places = np.arange(small.shape[axis]) + 0.5
            wide = np.arange(whole.shape[axis]) + 0.5
            centre = (small.sum(1 - axis) * places).sum() / small.sum() / scale
            assert centre == pytest.approx((whole.sum(1 - axis) * wide).sum() / whole.sum(), abs=0.1 / scale)


def test_a_turned_drawing_has_smooth_edges():
    package = wick_package()
    key = part(package.puppet, "Hips")
    placement = package.puppet.parts[key].placement
    alone = package.puppet
    for other in package.puppet.parts:
        alone = change(alone, other, visible=other == key)
    turned = place_part(alone, key, replace(placement, turn=0.3))
    alpha = pixels(render_package(package.having(puppet=turned)))[..., 3]
    assert ((alpha > 30) & (alpha < 225)).sum() > 300


def test_a_png_does_not_tell_of_the_screen_it_was_made_on():
    pngs = []
    for density in (2000, 4001):
        image = QImage(8, 8, QImage.Format.Format_ARGB32_Premultiplied)
        image.fill(0)
        image.setDotsPerMeterX(density)
        image.setDotsPerMeterY(density)
        pngs.append(png_of(image))
        assert image.dotsPerMeterX() == density, "the picture itself stays as it was"
    assert pngs[0] == pngs[1]
