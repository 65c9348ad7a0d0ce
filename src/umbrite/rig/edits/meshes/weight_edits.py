"""Weights painted by hand: a soft brush gives a bone more or less of what lies under it, and the others make room.

Vertices (v), bones (b). Every function gives new weights whose rows sum to 1 and keeps those of locked bones.
"""

from collections.abc import Collection
from typing import Literal, NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.rig.change import get_part
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.mesh import mesh_of, weights_of, with_keeping
from umbrite.rig.mesh_arrays import Ints
from umbrite.rig.model import Mesh, Puppet
from umbrite.rig.words.names import swapped

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
BrushMode = Literal["add", "take", "smooth", "even", "fill"]


class Brush(NamedTuple):
    """How a stroke works: its way, radius in board pixels, strength and hardness (0 to 1: how much of the radius is as strong as the middle)."""

    mode: BrushMode = "add"
    radius: float = 60.0
    strength: float = 0.35
    hardness: float = 0.4


def softness(brush: Brush, away: Floats) -> Floats:
    """How strongly the brush works at distances from its middle: 1 within its hard part, smoothly to 0 at its edge."""
    inner = brush.radius * min(max(brush.hardness, 0.0), 0.98)
    share = np.clip((brush.radius - away) / max(brush.radius - inner, 1e-9), 0, 1)
    return np.asarray(share * share * (3 - 2 * share))


class Stroke(NamedTuple):
    """The brush, and the bones by their places: the one that is painted, those that are locked, and the heir, which gets what is taken
    where no other bone has a share.
    """

    brush: Brush
    bone: int
    locked: Collection[int] = ()
    heir: int | None = None


def dabbed(weights: Floats, places: Complexes, at: complex, stroke: Stroke, triangles: Ints) -> Floats:
    """The weights (v, b) after one dab of the brush at a place; `places` (v,) and `at` are of the board as it is seen.

    `fill` gives the bone all of the mesh, wherever the dab is.
    """
    brush, bone, locked, heir = stroke
    amount = brush.strength * softness(brush, np.abs(places - at))
    if brush.mode == "fill":
        return _given(weights, np.ones(len(weights)), bone, locked)
    if not amount.any():
        return weights
    if brush.mode == "smooth":
        return _towards(weights, _neighbours_mean(weights, triangles), amount, locked)
    if brush.mode == "even":
        mean = (weights * amount[:, None]).sum(axis=0) / amount.sum()
        return _towards(weights, np.broadcast_to(mean, weights.shape), amount, locked)
    room = _room(weights, bone, locked)
    wanted = (
        weights[:, bone] + amount * (room - weights[:, bone])
        if brush.mode == "add"
        else weights[:, bone] * (1 - amount)
    )
    return _given(weights, np.where(amount > 0, wanted, weights[:, bone]), bone, locked, heir)


def _room(weights: Floats, bone: int, locked: Collection[int]) -> Floats:
    """How much a bone may have: what locked ones leave."""
    held = [i for i in locked if i != bone]
    return np.asarray(np.clip(1 - weights[:, held].sum(axis=1), 0, 1))


def _given(weights: Floats, wanted: Floats, bone: int, locked: Collection[int], heir: int | None = None) -> Floats:
    """A bone with these weights; the others share the rest as they did, or `heir` takes it where they had nothing. Locked ones stay."""
    if bone in locked:
        return weights
    free = [i for i in range(weights.shape[1]) if i != bone and i not in locked]
    room = _room(weights, bone, locked)
    found = weights.copy()
    if not free:
        found[:, bone] = room
        return found
    others = weights[:, free].sum(axis=1)
    alone = others <= 1e-12  # no other bone has a share here
    own = np.clip(wanted, 0, room)
    if heir is None or heir in locked or heir == bone:
        own = np.where(alone, room, own)
    found[:, bone] = own
    scale: Floats = np.divide(room - own, others, out=np.zeros_like(others), where=~alone)
    found[:, free] = weights[:, free] * scale[:, None]
    if heir in free:
        found[:, heir] += np.where(alone, room - own, 0.0)
    return found


def _towards(weights: Floats, goal: Floats, amount: Floats, locked: Collection[int]) -> Floats:
    """Part of the way to other weights; locked bones stay, the others share what those leave."""
    found = weights + (goal - weights) * amount[:, None]
    if locked:
        held = list(locked)
        free = [i for i in range(weights.shape[1]) if i not in locked]
        found[:, held] = weights[:, held]
        whole = found[:, free].sum(axis=1)
        room = 1 - weights[:, held].sum(axis=1)
        scale = np.divide(room, whole, out=np.ones_like(whole), where=whole > 1e-12)
        found[:, free] *= scale[:, None]
    return np.asarray(found / found.sum(axis=1, keepdims=True))


def _neighbours_mean(weights: Floats, triangles: Ints) -> Floats:
    """The mean of each vertex's neighbours."""
    total, count = np.zeros_like(weights), np.zeros(len(weights))
    for one, other in ((0, 1), (1, 2), (2, 0), (1, 0), (2, 1), (0, 2)):
        np.add.at(total, triangles[:, one], weights[triangles[:, other]])
        np.add.at(count, triangles[:, one], 1.0)
    return np.divide(total, count[:, None], out=weights.copy(), where=count[:, None] > 0)


def with_weights(mesh: Mesh, weights: Floats) -> Mesh:
    """The mesh with other weights (v, joints)."""
    arrays = mesh.arrays
    return with_keeping(mesh_of(mesh.joints, arrays.vertices, arrays.triangles, weights), mesh.keeps_area)


def typed(puppet: Puppet, part: str, joint: str, vertices: Collection[int], share: float) -> Puppet:
    """Give a joint this weight at some vertices of a part's mesh; the others share the rest. Refuses a part or joint without one."""
    mesh, bone = _mesh_and_bone(puppet, part, joint)
    weights = weights_of(mesh)
    wanted = weights[:, bone].copy()
    wanted[list(vertices)] = min(max(share, 0.0), 1.0)
    found = _given(weights, wanted, bone, (), heir_of(puppet, mesh, joint))
    kept = np.ones(len(weights), dtype=bool)
    kept[list(vertices)] = False
    found[kept] = weights[kept]
    return _put(puppet, part, with_weights(mesh, found))


def heir_of(puppet: Puppet, mesh: Mesh, joint: str) -> int | None:
    """The place of the joint that gets what is taken from another where nobody else has a share: what carries it, or hangs from it."""
    place = {key: i for i, key in enumerate(mesh.joints)}
    above = next((place[key] for key in ancestors(puppet, joint) if key in place), None)
    return (
        above if above is not None else next((i for key, i in place.items() if joint in ancestors(puppet, key)), None)
    )


def mirrored_weights(puppet: Puppet, part: str) -> Puppet:
    """The weights of a part for the part of the other side, by name, whose mesh has the other side's joints.

    Refuses where there is no such part or it does not bend.
    """
    item = get_part(puppet, part)
    name = swapped(item.name)
    other = next((key for key, each in puppet.parts.items() if each.name == name and name != item.name), None)
    if item.mesh is None or other is None or puppet.parts[other].mesh is None:
        raise RigError(
            f"There is no part of the other side of {item.name} that bends: none is named {name}. Bend it too first."
        )
    theirs = puppet.parts[other].mesh
    assert theirs is not None
    names = {puppet.joints[key].name: i for i, key in enumerate(theirs.joints)}
    columns = [names.get(swapped(puppet.joints[key].name)) for key in item.mesh.joints]
    if None in columns:
        raise RigError(f"{name} bends over other joints than {item.name}. Bend it over those of its own side first.")
    own, mine = item.mesh.arrays, weights_of(item.mesh)
    there = theirs.arrays.vertices
    wide = item.drawing.width, puppet.parts[other].drawing.width
    flipped = item.placement.scale_x * puppet.parts[other].placement.scale_x > 0
    back = wide[0] - (there.real * wide[0] / wide[1]) + 1j * there.imag if flipped else there
    found = np.zeros((len(there), len(theirs.joints)))
    for i, z in enumerate(back.tolist()):  # from the three vertices that lie nearest
        away = np.abs(own.vertices - z)
        near = np.argsort(away)[:3]
        shares = 1 / np.maximum(away[near], 1e-6)
        for column, weight in zip(columns, (mine[near] * shares[:, None]).sum(axis=0) / shares.sum(), strict=True):
            assert column is not None
            found[i, column] += weight
    return _put(puppet, other, with_weights(theirs, found))


def _mesh_and_bone(puppet: Puppet, part: str, joint: str) -> tuple[Mesh, int]:
    mesh = get_part(puppet, part).mesh
    if mesh is None or joint not in mesh.joints:
        raise RigError(f"{puppet.parts[part].name} doesn't bend over that joint. Choose one of its own.")
    return mesh, mesh.joints.index(joint)


def _put(puppet: Puppet, part: str, mesh: Mesh) -> Puppet:
    return set_mesh(puppet, part, mesh)
