"""Parts that bend as what every engine knows: vertices carried by bones with weights, and corrections of their places at rest.

Engines blend the maps of the bones (linear blend skinning), which thins what bends; `motion.bends.bending` does not. What is missing
is laid into the places at rest before the bones carry them: a few shapes, added with weights that go by frames. They are the first
singular vectors of all corrections (Alexa and Müller, "Representing Animations by Principal Components", 2000), as many
as are needed. Board pixels, y down.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.bends.bending import Bend
from umbrite.rig.affine import Affine, inverse
from umbrite.rig.mesh import MOST_JOINTS

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Ints = NDArray[np.intp]
# A blend of maps that shrinks an area to less cannot be undone well: the part hangs from its root bone alone then.
LEAST_BLEND = 0.05


class Skin(NamedTuple):
    """Vertices (v,) at rest, the four bones of each and their weights (v, 4), and the shapes that correct them, (shapes, v)."""

    vertices: Complexes
    bones: Ints
    weights: Floats
    shapes: Complexes


class Seen(NamedTuple):
    """A part in the frames in which it is seen: the maps of its bones (frames, bones), and where its vertices lie (frames, v)."""

    maps: Affine[Complexes]
    places: Complexes


def skin_of(bend: Bend, seen: Seen, tolerance: float) -> tuple[Skin, Floats]:
    """The skin of a part, and how much each shape counts in every frame, (frames, shapes).

    No vertex is farther from its place than `tolerance` board pixels.
    """
    bones, weights = _four(bend.weights)
    if _least_blend(bones, weights, seen) < LEAST_BLEND:
        bones, weights = np.zeros_like(bones), np.zeros_like(weights)
        bones[:, 0], weights[:, 0] = bend.root, 1.0
    count = len(bend.rest)
    skin = Skin(bend.rest, bones, weights, np.zeros((0, count), np.complex128))
    rows = _missing(skin, seen)
    if not np.any(np.abs(rows) > tolerance / 4):
        return skin, np.zeros((len(rows), 0))
    left, size, right = np.linalg.svd(np.concatenate([rows.real, rows.imag], axis=1), full_matrices=False)
    for needed in range(1, len(size) + 1):
        shares = left[:, :needed] * size[:needed]
        most = np.maximum(np.abs(shares).max(axis=0), 1e-12)
        shapes = right[:needed] * most[:, None]
        skin = skin._replace(shapes=shapes[:, :count] + 1j * shapes[:, count:])
        shares = shares / most
        if np.all(np.abs(skinned(skin, seen.maps, shares) - seen.places) <= tolerance):
            break
    return skin, shares


def skinned(skin: Skin, maps: Affine[Complexes], shares: Floats) -> Complexes:
    """Where an engine puts a skin's vertices, (frames, v): bones' maps (frames, bones), shapes' shares (frames, shapes)."""
    places = skin.vertices + shares @ skin.shapes
    blend = _blended(skin.bones, skin.weights, maps)
    return np.asarray(blend.a * places + blend.b * np.conj(places) + blend.t)


def _blended(bones: Ints, weights: Floats, maps: Affine[Complexes]) -> Affine[Complexes]:
    """The blended map of every vertex, fields (frames, v)."""
    whole = np.zeros((maps.a.shape[1], len(bones)))
    np.add.at(whole, (bones.T, np.arange(len(bones))), weights.T)
    return Affine(maps.a @ whole, maps.b @ whole, maps.t @ whole)


def _least_blend(bones: Ints, weights: Floats, seen: Seen) -> float:
    """The least share of its area that a blend leaves, beside what the bones themselves leave of it."""
    blend = _blended(bones, weights, seen.maps)
    area = np.abs(np.abs(blend.a) ** 2 - np.abs(blend.b) ** 2)
    own = np.abs(np.abs(seen.maps.a) ** 2 - np.abs(seen.maps.b) ** 2).max(axis=1, keepdims=True)
    return float(np.min(area / np.maximum(own, 1e-12))) if area.size else 1.0


def _missing(skin: Skin, seen: Seen) -> Complexes:
    """What must be added to the places at rest, (frames, v), for the bones to bring vertices to where they lie."""
    blend = _blended(skin.bones, skin.weights, seen.maps)
    return np.asarray(inverse(blend)(seen.places) - skin.vertices)


def _four(weights: Floats) -> tuple[Ints, Floats]:
    """The bones and weights of each vertex from the weights of all, (b, v); unused places name bone 0 with weight 0."""
    count = min(MOST_JOINTS, len(weights))
    order = np.argsort(-weights, axis=0, kind="stable")[:count].T
    share = np.take_along_axis(weights.T, order, axis=1)
    bones = np.zeros((weights.shape[1], MOST_JOINTS), dtype=np.intp)
    found = np.zeros((weights.shape[1], MOST_JOINTS))
    bones[:, :count], found[:, :count] = (np.where(share > 0, order, 0), share / share.sum(axis=1, keepdims=True))
    return bones, found
