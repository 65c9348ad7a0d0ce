"""Angles: kept in radians (positive turns clockwise on the screen, as y points down), shown in degrees.

People read degrees, counterclockwise positive. Directions lie between -180 and 180; a turn is shown as what it is, also beyond.
"""

import math
from typing import Any, overload

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
TAU = 2 * math.pi
# Farther than a hundred turns from rest no limit lets a joint turn.
MOST_TURN = 100 * TAU


@overload
def wrapped(angle: float) -> float: ...
@overload
def wrapped(angle: Floats) -> Floats: ...
def wrapped(angle: Any) -> Any:
    """The same direction within -pi..pi; numbers or arrays."""
    return angle - TAU * np.round(np.asarray(angle) / TAU) if np.ndim(angle) else math.remainder(angle, TAU)


def shown_degrees(angle: float) -> float:
    """Radians as people read them: degrees, counterclockwise positive, never -0; whole turns are kept."""
    degrees = -math.degrees(angle)
    return 0.0 if abs(degrees) < 1e-12 else degrees


def from_shown(degrees: float) -> float:
    """Radians from what a person typed."""
    return -math.radians(degrees)


def angle_text(angle: float, digits: int = 1) -> str:
    """An angle for the screen, with a real minus sign: −34.0°."""
    text = f"{shown_degrees(angle):.{digits}f}"
    if float(text) == 0:
        text = text.lstrip("-")
    return text.replace("-", "\N{MINUS SIGN}") + "°"
