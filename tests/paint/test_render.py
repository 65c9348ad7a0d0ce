"""The painter: drawings as they were made at rest, whole and smooth when turned; the same pose, the same picture."""

import numpy as np
from PySide6.QtGui import QImage

from demo_puppet import control, plain_package, wick_package
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import move_control_to
from umbrite.paint.levels import Pictures
from umbrite.paint.render import render_package


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
