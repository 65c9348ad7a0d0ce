"""Shapes: other forms of a part that has a mesh, which its points take as far as the shape's channel says."""

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.change import change, get_part, get_shape, names_like, new_id, put
from umbrite.rig.errors import RigError
from umbrite.rig.model import Point, Puppet, Shape, point
from umbrite.rig.words.names import unique

FARTHEST = 1e6  # pixels that a point may be moved


def add_shape(puppet: Puppet, part: str, moves: Sequence[Point], name: str = "") -> tuple[Puppet, str]:
    """A shape of a part: how far each vertex of its mesh is moved, in the drawing's pixels. Refuses a part without a mesh."""
    owner = get_part(puppet, part)
    _require_fitting(puppet, part, moves)
    puppet, key = new_id(puppet, "shape")
    name = unique(name or f"{owner.name} shape", names_like(puppet, "shape"))
    return put(puppet, key, Shape(name, part, tuple(moves))), key


def set_moves(puppet: Puppet, key: str, moves: Sequence[Point]) -> Puppet:
    """A shape that moves its vertices otherwise."""
    _require_fitting(puppet, get_shape(puppet, key).part, moves)
    return change(puppet, key, moves=tuple(moves))


def points_of(z: NDArray[np.complex128]) -> tuple[Point, ...]:
    """Moves as shapes keep them."""
    return tuple(point(complex(each)) for each in z)


def _require_fitting(puppet: Puppet, part: str, moves: Sequence[Point]) -> None:
    owner = get_part(puppet, part)
    if owner.mesh is None:
        raise RigError(f"{owner.name} has no mesh to give another shape. Make it bend first.")
    if len(moves) != len(owner.mesh.arrays.vertices):
        raise RigError(f"A shape of {owner.name} moves each point of its mesh; this one is of another mesh.")
    if not all(abs(move.z) < FARTHEST for move in moves):
        raise RigError("A point of a shape can be moved by less than a million pixels. Nothing was changed.")
