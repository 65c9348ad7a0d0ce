"""Outlines of shapes as paths: a drawing's opaque area traced once, then taken to where the shape lies."""

import cv2
import numpy as np
from numpy.typing import NDArray
from PySide6.QtCore import QPointF
from PySide6.QtGui import QPainterPath, QPolygonF

from umbrite.motion.scene import Bent, Shape
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import dense, transform_of

INSIDE = 128  # alpha from here on is inside
MOST_PATHS = 1_000
_paths: dict[str, QPainterPath] = {}  # by fingerprint, so that painting does no tracing


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
    if sha256 not in _paths:
        if len(_paths) > MOST_PATHS:
            _paths.clear()
        _paths[sha256] = _traced(pictures.pixels(sha256)[..., 3])
    return _paths[sha256]


def _traced(alpha: NDArray[np.uint8]) -> QPainterPath:
    """The outline of a drawing's opaque area in its own pixels."""
    shape = np.pad(np.where(alpha >= INSIDE, 255, 0).astype(np.uint8), 1)
    contours, _ = cv2.findContours(shape, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_TC89_L1)
    path = QPainterPath()
    for contour in contours:
        path.addPolygon(QPolygonF([QPointF(float(x) - 0.5, float(y) - 0.5) for x, y in contour[:, 0]]))
        path.closeSubpath()
    return path
