"""Where drawings lie on the board at rest: from their pixels to the board, and the boxes around them."""

from collections.abc import Iterable
from functools import lru_cache, reduce
from typing import NamedTuple

from umbrite.rig.affine import Affine, linear
from umbrite.rig.change import get_part
from umbrite.rig.errors import RigError
from umbrite.rig.family import parts_on
from umbrite.rig.model import Part, Placement, Puppet


@lru_cache(maxsize=8_192)
def board_from_drawing(placement: Placement) -> Affine[complex]:
    """The map from a drawing's pixels to the board at rest."""
    a, b = linear(placement.turn, placement.scale_x, placement.scale_y, placement.skew)
    return Affine(a, b, complex(placement.x, placement.y))


class Box(NamedTuple):
    """A rectangle on the board: left, top, right, bottom in pixels."""

    left: float
    top: float
    right: float
    bottom: float

    @property
    def width(self) -> float:
        """In the units of the box, mostly board pixels."""
        return self.right - self.left

    @property
    def height(self) -> float:
        """In the units of the box, mostly board pixels."""
        return self.bottom - self.top

    @property
    def empty(self) -> bool:
        """Whether nothing is inside: a width or height of nothing or less."""
        return self.width <= 0 or self.height <= 0

    def meets(self, other: "Box") -> bool:
        """Whether two boxes share more than an edge."""
        return (
            self.left < other.right and other.left < self.right and self.top < other.bottom and other.top < self.bottom
        )

    def meet(self, other: "Box") -> "Box":
        """What two boxes share; empty where they share nothing."""
        return Box(
            max(self.left, other.left),
            max(self.top, other.top),
            min(self.right, other.right),
            min(self.bottom, other.bottom),
        )

    def join(self, other: "Box") -> "Box":
        """The smallest box around both."""
        return Box(
            min(self.left, other.left),
            min(self.top, other.top),
            max(self.right, other.right),
            max(self.bottom, other.bottom),
        )

    def grown(self, by: float) -> "Box":
        """The box with `by` more on each side."""
        return Box(self.left - by, self.top - by, self.right + by, self.bottom + by)


def corners_of_part(part: Part) -> list[complex]:
    """The corners of a drawing's frame on the board at rest."""
    onto, drawing = board_from_drawing(part.placement), part.drawing
    return [complex(onto(complex(x, y))) for x in (0, drawing.width) for y in (0, drawing.height)]


def box_of(width: float, height: float, board: Affine[complex]) -> Box:
    """The box on the board around a drawing of this size."""
    corners = [complex(board(complex(x, y))) for x in (0, width) for y in (0, height)]
    xs, ys = [z.real for z in corners], [z.imag for z in corners]
    return Box(min(xs), min(ys), max(xs), max(ys))


def part_box(puppet: Puppet, key: str) -> Box:
    """The box around a part's drawing at rest."""
    part = get_part(puppet, key)
    return box_of(part.drawing.width, part.drawing.height, board_from_drawing(part.placement))


def around_parts(puppet: Puppet, keys: Iterable[str]) -> Box:
    """The box around several parts at rest. Raises RigError for none."""
    boxes = [part_box(puppet, key) for key in keys]
    if not boxes:
        raise RigError("There is no part to place. Select one or more parts first.")
    return reduce(Box.join, boxes)


def middle_of_part(part: Part) -> complex:
    """The middle of a drawing on the board at rest."""
    return complex(board_from_drawing(part.placement)(complex(part.drawing.width, part.drawing.height) / 2))


def middle_of(puppet: Puppet, key: str) -> complex:
    """The middle of a joint's drawings on the board at rest, or its pivot where it has none."""
    middles = [middle_of_part(puppet.parts[part]) for part in parts_on(puppet, key)]
    return sum(middles) / len(middles) if middles else puppet.joints[key].pivot.z


def ground_of(puppet: Puppet) -> complex:
    """The middle of the feet on the ground, on whole pixels of the board at rest: below the lowest art. Raises RigError for none."""
    low = around_parts(puppet, puppet.parts).bottom
    feet = [puppet.joints[limb.end].pivot.x for limb in puppet.limbs.values() if limb.end_hold == "target" and limb.end]
    if not feet:
        corners = [z for part in puppet.parts.values() for z in corners_of_part(part)]
        feet = [z.real for z in corners if z.imag > low - 0.08 * puppet.height]
    return complex(round((min(feet) + max(feet)) / 2), round(low))
