"""Outlines of shapes as paths: a drawing's opaque area traced once, then taken to where the shape lies."""

from contextlib import suppress

import cv2
import numpy as np
from cachetools import LRUCache
from numpy.typing import NDArray
from PySide6.QtCore import QPointF
from PySide6.QtGui import QPainterPath, QPolygonF

from umbrite.motion.scene import Bent, Shape
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import dense, transform_of
from umbrite.rig.remembered import bounded

INSIDE = 128  # alpha from here on is inside
# By fingerprint, so that painting does no tracing.
_paths: LRUCache[str, QPainterPath] = bounded(30_000_000, size=lambda path: 64 + 24 * path.elementCount())


def outline_of(shape: Shape, pictures: Pictures) -> QPainterPath:
    """The outline of a shape on the board."""
    path = _path_of(shape.sha256, pictures)
    return _bent_path(shape, path) if isinstance(shape, Bent) else transform_of(shape.matrix).map(path)


def _bent_path(shape: Bent, path: QPainterPath) -> QPainterPath:
    """A path in the drawing's pixels, every point of it taken along by the mesh."""
    found = QPainterPath()
    for polygon in path.toSubpathPolygons():
        points = [polygon.at(i) for i in range(polygon.size())]
        z = dense([complex(p.x(), p.y()) for p in points])
        found.addPolygon(QPolygonF([QPointF(at.real, at.imag) for at in shape.taken(z).tolist()]))
        found.closeSubpath()
    return found


def _path_of(sha256: str, pictures: Pictures) -> QPainterPath:
    path: QPainterPath | None = _paths.get(sha256)
    if path is None:
        path = _traced(pictures.pixels(sha256)[..., 3])
        with suppress(ValueError):  # too heavy to be kept
            _paths[sha256] = path
    return path


def _traced(alpha: NDArray[np.uint8]) -> QPainterPath:
    """The outline of a drawing's opaque area in its own pixels."""
    shape = np.pad(np.where(alpha >= INSIDE, 255, 0).astype(np.uint8), 1)
    contours, _ = cv2.findContours(shape, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_TC89_L1)
    path = QPainterPath()
    for contour in contours:
        path.addPolygon(QPolygonF([QPointF(float(x) - 0.5, float(y) - 0.5) for x, y in contour[:, 0]]))
        path.closeSubpath()
    return path
