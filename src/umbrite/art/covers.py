"""Drawings made from drawings: seam covers from a part's own colour, shades from its own shape, and one light."""

import cv2
import numpy as np

from umbrite.art.masks import INSIDE
from umbrite.art.pictures import Picture

# How far the covered seam's disc goes beyond what fits into both parts, so that outlines go too.
BEYOND = 1.12


def disc_of_colour(picture: Picture, at: complex, radius: float) -> Picture:
    """A soft-edged disc in the middle colour that a drawing has around a place, within `radius` (its own pixels).

    The outline is left out of the colour: the darkest third of what lies there does not count. Shape (2r+3, 2r+3, 4).
    """
    reach = max(2.0, radius)
    rows, columns = np.mgrid[0 : picture.shape[0], 0 : picture.shape[1]]
    near = (np.hypot(columns - at.real, rows - at.imag) <= reach) & (picture[..., 3] >= INSIDE)
    colours = picture[near][:, :3] if near.any() else picture[picture[..., 3] >= INSIDE][:, :3]
    if not len(colours):
        colours = np.full((1, 3), 128, np.uint8)
    light = colours.astype(float).sum(axis=1)
    colour = np.median(colours[light >= np.quantile(light, 1 / 3)], axis=0)
    size = int(np.ceil(reach)) * 2 + 3
    y, x = np.mgrid[0:size, 0:size] - (size - 1) / 2
    alpha = np.clip(reach + 0.5 - np.hypot(x, y), 0, 1) * 255
    return np.dstack([np.full((size, size), c) for c in colour] + [alpha]).round().astype(np.uint8)


def fitting_radius(picture: Picture, at: complex) -> float:
    """The distance from a place to the edge of a drawing's opaque area, pixels; 0 outside it."""
    shape = np.pad(np.where(picture[..., 3] >= INSIDE, 255, 0).astype(np.uint8), 1)
    column, row = round(at.real) + 1, round(at.imag) + 1
    if not (0 <= row < shape.shape[0] and 0 <= column < shape.shape[1]):
        return 0.0
    return float(cv2.distanceTransform(shape, cv2.DIST_L2, cv2.DIST_MASK_PRECISE)[row, column])


def shade_of(picture: Picture, shift: complex, softness: float, colour: tuple[int, int, int]) -> Picture:
    """A shade from a drawing's own shape: what is left of it when the same shape, shifted, is taken away.

    `softness` is the width of the inner edge in pixels, 0 for a hard one. Same size as the drawing.
    """
    alpha = picture[..., 3].astype(np.float32) / 255
    move = np.array([[1, 0, shift.real], [0, 1, shift.imag]])
    taken = np.asarray(cv2.warpAffine(alpha, move, (alpha.shape[1], alpha.shape[0])))
    if softness > 0:
        taken = np.asarray(cv2.GaussianBlur(taken, (0, 0), softness / 2))
    left = np.clip(alpha * (1 - taken), 0, 1) * 255
    return np.dstack([np.full(alpha.shape, c) for c in colour] + [left]).round().astype(np.uint8)


def light_disc(radius: int, colour: tuple[int, int, int], strength: float) -> Picture:
    """A light that falls off softly from its middle; shape (2r, 2r, 4)."""
    y, x = (np.mgrid[0 : 2 * radius, 0 : 2 * radius] - radius + 0.5) / radius
    alpha = np.clip(1 - np.hypot(x, y), 0, 1) ** 1.5 * 255 * strength
    return np.dstack([np.full(alpha.shape, c) for c in colour] + [alpha]).round().astype(np.uint8)
