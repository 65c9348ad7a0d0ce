"""Placing art: many parts moved, turned, scaled and skewed as one, aligned, distributed, and laid out apart."""

import math
from collections.abc import Iterable, Mapping, Sequence
from typing import Literal

from msgspec.structs import replace

from umbrite.rig.affine import Affine, after, decompose
from umbrite.rig.change import get_part
from umbrite.rig.edits.parts import nudge_parts, place_part
from umbrite.rig.errors import RigError
from umbrite.rig.model import Placement, Puppet
from umbrite.rig.placement import around_parts, board_from_drawing, part_box

Edge = Literal["left", "centre", "right", "top", "middle", "bottom"]


def transform_parts(puppet: Puppet, keys: Iterable[str], m: Affine[complex]) -> Puppet:
    """Take the drawings of parts by a map of the board, as one thing; pivots that were not set go along."""
    for key in keys:
        whole = after(m, board_from_drawing(get_part(puppet, key).placement))
        at = complex(whole.t)
        puppet = place_part(puppet, key, Placement(at.real, at.imag, *decompose(whole)))
    return puppet


def linear_taking(ex: complex, ey: complex, to_x: complex, to_y: complex) -> tuple[complex, complex]:
    """(a, b) of the linear map with ex to to_x and ey to to_y; (1, 0) where ex and ey lie on one line."""
    across = (ex.conjugate() * ey).imag
    if abs(across) < 1e-12 * max(abs(ex) * abs(ey), 1e-300):
        return 1 + 0j, 0j
    whole = ex * ey.conjugate() - ey * ex.conjugate()
    a = (to_x * ey.conjugate() - to_y * ex.conjugate()) / whole
    b = (ex * to_y - ey * to_x) / whole
    return a, b


def align(puppet: Puppet, keys: Sequence[str], edge: Edge) -> Puppet:
    """Bring parts to one edge or middle line of the box around them all. Refuses fewer than two parts."""
    if len(keys) < 2:
        raise RigError("One part has nothing to be aligned with. Select two or more.")
    whole = around_parts(puppet, keys)
    for key in keys:
        box = part_box(puppet, key)
        by = {
            "left": complex(whole.left - box.left, 0),
            "right": complex(whole.right - box.right, 0),
            "centre": complex((whole.left + whole.right - box.left - box.right) / 2, 0),
            "top": complex(0, whole.top - box.top),
            "bottom": complex(0, whole.bottom - box.bottom),
            "middle": complex(0, (whole.top + whole.bottom - box.top - box.bottom) / 2),
        }[edge]
        puppet = nudge_parts(puppet, [key], by)
    return puppet


def distribute(puppet: Puppet, keys: Sequence[str], axis: Literal["across", "down"]) -> Puppet:
    """Make the gaps between neighbours equal; the outermost stay. Refuses fewer than three parts."""
    if len(keys) < 3:
        raise RigError("Between fewer than three parts there is nothing to spread. Select three or more.")

    def span(key: str) -> tuple[float, float]:
        box = part_box(puppet, key)
        return (box.left, box.right) if axis == "across" else (box.top, box.bottom)

    order = sorted(keys, key=lambda key: sum(span(key)))
    first, last = span(order[0]), span(order[-1])
    taken = sum(high - low for low, high in map(span, order[1:-1]))
    gap = (last[0] - first[1] - taken) / (len(order) - 1)
    place = first[1]
    for key in order[1:-1]:
        low, high = span(key)
        by = place + gap - low
        place += gap + high - low
        puppet = nudge_parts(puppet, [key], by + 0j if axis == "across" else 1j * by)
    return puppet


def fanned_out(puppet: Puppet, gap: float = 24.0) -> Mapping[str, complex]:
    """For each joint with visible parts, a shift with which no two lie on one another: packed on a sheet, tall ones first.

    Parts that ride on one joint stay together. The layout depends on the puppet alone; nothing is changed.
    """
    on: dict[str, list[str]] = {}
    for key in puppet.order:
        if puppet.parts[key].visible:
            on.setdefault(puppet.parts[key].joint, []).append(key)
    boxes = {joint: around_parts(puppet, keys) for joint, keys in on.items()}
    area = sum((b.right - b.left + gap) * (b.bottom - b.top + gap) for b in boxes.values())
    wide = max([math.sqrt(area * 1.2), *(b.right - b.left + gap for b in boxes.values())])
    shifts: dict[str, complex] = {}
    skyline = [(0.0, wide, 0.0)]  # stretches of (from, to, lowest free place)
    for joint in sorted(boxes, key=lambda k: (boxes[k].top - boxes[k].bottom, k)):
        box = boxes[joint]
        width, height = box.right - box.left + gap, box.bottom - box.top + gap
        x, y = _lowest(skyline, width, wide)
        shifts[joint] = complex(x - box.left, y - box.top)
        skyline = _raised(skyline, x, x + width, y + height)
    tallest = max(y for _, _, y in skyline)
    middle = complex(wide / 2, tallest / 2) - complex(puppet.width / 2, puppet.height / 2)
    return {joint: shift - middle for joint, shift in shifts.items()}


def _lowest(skyline: list[tuple[float, float, float]], width: float, wide: float) -> tuple[float, float]:
    """Where a box of this width comes to lie highest up on the sheet: its x and y."""
    places = []
    for x, _, _ in skyline:
        if x + width <= wide + 1e-6:
            over = [y for start, end, y in skyline if start < x + width - 1e-9 and end > x + 1e-9]
            places.append((max(over), x))
    y, x = min(places)
    return x, y


def _raised(
    skyline: list[tuple[float, float, float]], start: float, end: float, y: float
) -> list[tuple[float, float, float]]:
    """The skyline after a box has come to lie from `start` to `end`, down to `y`."""
    left = [(a, min(b, start), h) for a, b, h in skyline if a < start]
    right = [(max(a, end), b, h) for a, b, h in skyline if b > end]
    return [*left, (start, end, y), *right]


def with_place(puppet: Puppet, key: str, **fields: float) -> Puppet:
    """Set single numbers of a part's place: x, y (the drawing's corner), turn, scale_x, scale_y, skew.

    Turning, scaling and skewing keep the middle of the drawing where it is.
    """
    part = get_part(puppet, key)
    placement = replace(part.placement, **fields)
    if not {"x", "y"} & fields.keys():
        middle = complex(part.drawing.width / 2, part.drawing.height / 2)
        off = board_from_drawing(part.placement)(middle) - board_from_drawing(placement)(middle)
        placement = replace(placement, x=placement.x + off.real, y=placement.y + off.imag)
    return place_part(puppet, key, placement)
