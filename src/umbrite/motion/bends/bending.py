"""Where the vertices of bent parts go: smooth over the joints, with length, width and area kept.

Plain blending of the joints' maps thins an elbow to nothing. In two dimensions turns about one point simply add up, so each vertex
here turns about the joint between its bones by its share of that joint's turn: the centre of rotation of spherical blend skinning
(Kavan and Žára, "Spherical Blend Skinning: A Real-time Deformation of Articulated Models", I3D 2005), which keeps every distance
to the joint, so that an elbow is as wide as the arm. A share of the way the centre is each vertex's own place on the bones instead
(as in Le and Hodgins, "Real-time Skeletal Skinning with Optimized Centers of Rotation", SIGGRAPH 2016), which keeps the length of
the middle line. Between two joints both centres count. What is turned is a blend of the joints' scales and skews.

All of it is linear in the joints' maps but for one angle a vertex, so a thousand frames are a few products of matrices.
"""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np

from umbrite.motion.placed import Placed
from umbrite.motion.plan import Complexes, Floats, Ints
from umbrite.rig.affine import Affine, around, spun
from umbrite.rig.family import ancestors
from umbrite.rig.mesh import weights_of
from umbrite.rig.model import Mesh, Part, Puppet, Shape
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.remembered import kept_by_content, remembered, remembered_by

# The share of the way from the joint to a vertex's own place on the bones at which its centre of rotation lies.
OWN_PLACE = 0.5
# Weights this small decide where the centre lies for what follows one joint alone, where it does not matter.
FAINT = 1e-6
FAR = 1e4  # board pixels
FLAT = 1e-9  # what takes areas to less can't be pushed back
TOGETHER = 1e-9  # maps that differ by less, for a part as large as the board, are one


class Bend(NamedTuple):
    """A part's mesh made ready: bones (b), vertices (v); a root that only carries others may stand among the bones, without weight."""

    bones: tuple[str | None, ...]  # None is the board
    up: Ints  # the place of what carries each bone among the bones; its own for the root
    pivots: Complexes  # (b,), on the board at rest
    weights: Floats  # (b, v)
    arms: Complexes  # (v,), from the centre of rotation at rest to the vertex
    centres: Complexes  # (b, v): what the bones' linear parts are multiplied by to give the centres as posed
    shift: Floats  # (b, v): and their shifts
    mixing: Floats  # (4b, 2v): both as one matrix of plain numbers, for what has no mirror in it
    rest: Complexes  # (v,)
    shapes: tuple[str, ...] = ()
    forms: Complexes = np.zeros(
        (0, 0), np.complex128
    )  # (s, v): how far each shape takes the vertices, on the board at rest

    @property
    def root(self) -> int:
        """The place of the bone that carries all others."""
        return next(i for i, carrier in enumerate(self.up.tolist()) if carrier == i)


def bend_of(puppet: Puppet, key: str) -> Bend | None:
    """What is needed to bend a part; None for one without a mesh."""
    part = puppet.parts[key]
    mesh = part.mesh
    if mesh is None:
        return None
    bones, up = _family(puppet, mesh)
    joints = [puppet.joints[key] if key is not None else None for key in bones]
    pivots = tuple(0j if joint is None else joint.pivot.z for joint in joints)
    tips = []
    for i, joint in enumerate(joints):
        below = [pivots[j] for j, carrier in enumerate(up) if carrier == i and j != i]
        if joint is not None and joint.tip is not None:
            tips.append(joint.tip.z)
        else:
            tips.append(sum(below) / len(below) if below else pivots[i])
    a, b, t = board_from_drawing(part.placement)
    bend = _made(mesh, bones, up, pivots, tuple(tips), (a, b, t))
    shapes = shapes_of(puppet.shapes).get(key, ())
    return bend._replace(shapes=shapes, forms=_forms(puppet.shapes, shapes, part)) if shapes else bend


@remembered
def shapes_of(shapes: Mapping[str, Shape]) -> Mapping[str, tuple[str, ...]]:
    """The shapes of each part that has any, by its id."""
    found: dict[str, tuple[str, ...]] = {}
    for key, shape in shapes.items():
        found[shape.part] = (*found.get(shape.part, ()), key)
    return found


@remembered_by(lambda shapes, keys, part: (shapes, keys, part.placement), latest=64)
def _forms(shapes: Mapping[str, Shape], keys: tuple[str, ...], part: Part) -> Complexes:
    a, b, _ = board_from_drawing(part.placement)
    moves = np.array([[move.z for move in shapes[key].moves] for key in keys], np.complex128)
    found = a * moves + b * np.conj(moves)
    found.setflags(write=False)
    return found


def _family(puppet: Puppet, mesh: Mesh) -> tuple[tuple[str | None, ...], tuple[int, ...]]:
    """The mesh's joints, with what carries all of them where none of them does; and the place of each one's carrier."""
    known = set(mesh.joints)
    vectors = {key: ancestors(puppet, key) for key in mesh.joints}
    above = {key: next((each for each in vector if each in known), None) for key, vector in vectors.items()}
    roots = [key for key, carrier in above.items() if carrier is None]
    bones: list[str | None] = list(mesh.joints)
    root: str | None = roots[0]
    if len(roots) > 1:
        root = next((each for each in vectors[roots[0]] if all(each in vectors[other] for other in roots)), None)
        bones.append(root)
    place = {key: i for i, key in enumerate(bones)}
    return tuple(bones), tuple(
        place[root] if key == root or above.get(key or "") is None else place[above[key or ""]] for key in bones
    )


@kept_by_content(100_000_000)
def _made(
    mesh: Mesh,
    bones: tuple[str | None, ...],
    up: tuple[int, ...],
    pivots: tuple[complex, ...],
    tips: tuple[complex, ...],
    placement: tuple[complex, complex, complex],
) -> Bend:
    z = np.asarray(Affine(*placement)(mesh.arrays.vertices))
    weights = np.zeros((len(bones), len(z)))
    weights[: len(mesh.joints)] = weights_of(mesh).T
    carrier, heads = np.array(up, dtype=np.intp), np.array(pivots, dtype=np.complex128)
    shares = _shares_of_turns(weights, carrier)
    bent = shares * (1 - shares) + FAINT * weights
    centre_of = bent / bent.sum(axis=0)
    vectors = np.array(tips) - heads
    along = ((z[None] - heads[:, None]) * np.conj(vectors)[:, None]).real / np.maximum(np.abs(vectors) ** 2, 1e-12)[
        :, None
    ]
    places = heads[:, None] + vectors[:, None] * np.clip(along, 0, 1)
    shift = OWN_PLACE * weights
    at = (1 - OWN_PLACE) * centre_of
    # The pivot lies where the bone has it and where its carrier has it: the bone may have been dragged away from there.
    centres, shift = shift * places + at * shares * heads[:, None], shift + at * shares
    np.add.at(centres, carrier, at * (1 - shares) * heads[:, None])
    np.add.at(shift, carrier, at * (1 - shares))
    arms = z - centres.sum(axis=0)
    found = Bend(bones, carrier, heads, weights, arms, centres, shift, _mixing(centres, shift), z)
    for array in found[1:-2]:
        array.setflags(write=False)
    return found


def _mixing(centres: Complexes, shift: Floats) -> Floats:
    """Rows for the real and the imaginary part of linear parts and of shifts; columns for both parts of each vertex, in turn."""
    bones, count = centres.shape
    found = np.zeros((4, bones, count, 2))
    found[0, ..., 0], found[0, ..., 1] = centres.real, centres.imag
    found[1, ..., 0], found[1, ..., 1] = -centres.imag, centres.real
    found[2, ..., 0] = found[3, ..., 1] = shift
    return found.reshape(4 * bones, 2 * count)


def _shares_of_turns(weights: Floats, up: Ints) -> Floats:
    """How much of each bone's own turn vertices take: the weights of it and of all that it carries, (b, v)."""
    found = weights.copy()
    for i in _deepest_first(up):
        if up[i] != i:
            found[up[i]] += found[i]
    return np.clip(found, 0.0, 1.0)


def _deepest_first(up: Ints) -> list[int]:
    depth = [0] * len(up)
    for i in range(len(up)):
        at = i
        while up[at] != at:
            at, depth[i] = int(up[at]), depth[i] + 1
    return sorted(range(len(up)), key=lambda i: -depth[i])


def bent(placed: Placed, bend: Bend, keeps_area: float = 0.0) -> Complexes:
    """The board points of a mesh's vertices in all frames, (frames, vertices)."""
    maps = bone_maps(placed, bend, keeps_area)
    turn, a, b = _unturned(placed, bend, maps)
    found = np.concatenate([maps.a.real, maps.a.imag, maps.t.real, maps.t.imag], axis=1) @ bend.mixing
    placed_at = found.view(np.complex128)
    if np.any(maps.b):
        placed_at += maps.b @ np.conj(bend.centres)
    # Arms are short and turns beside the root's small, so that single precision misplaces nothing by a hundred thousandth of a pixel.
    local = ((turn - turn[:, [bend.root]]) @ bend.weights).astype(np.float32)
    spin = np.empty(local.shape, dtype=np.complex64)
    np.cos(local, out=spin.real)
    np.sin(local, out=spin.imag)
    spin *= spun(turn[:, [bend.root]]).astype(np.complex64)
    arms = bend.arms if (amounts := amounts_of(placed, bend)) is None else bend.arms + amounts @ bend.forms
    if np.all(np.abs(a - 1) < 1e-12) and np.all(np.abs(b) < 1e-12):
        spin *= arms.astype(np.complex64)
        placed_at += spin
    else:
        placed_at += spin * ((a @ bend.weights) * arms + (b @ bend.weights) * np.conj(arms))
    return placed_at


def pushed_back(placed: Placed, bend: Bend, by: Complexes, keeps_area: float = 0.0) -> Complexes:
    """By how much vertices must be moved on the board at rest for them to be moved by so much as posed, (vertices,); of one frame."""
    turn, a, b = _unturned(placed, bend, bone_maps(placed, bend, keeps_area))
    spin = spun((turn @ bend.weights)[0])
    a, b = spin * (a @ bend.weights)[0], spin * (b @ bend.weights)[0]
    whole = np.abs(a) ** 2 - np.abs(b) ** 2
    safe = np.where(np.abs(whole) < FLAT, np.inf, whole)
    return np.asarray((np.conj(a) * by - b * np.conj(by)) / safe)


def amounts_of(placed: Placed, bend: Bend) -> Floats | None:
    """How much of each of a part's shapes is there, (frames, shapes); None where there is nothing of any."""
    if not bend.shapes:
        return None
    owners = placed.plan.owners
    found = placed.channels["amount"][:, [owners[key] for key in bend.shapes]]
    return found if found.any() else None


def bone_maps(placed: Placed, bend: Bend, keeps_area: float = 0.0) -> Affine[Complexes]:
    """The maps of a mesh's bones from the board at rest to the board, stretching included; fields of (frames, bones)."""
    plan = placed.plan
    places = np.array([len(plan.joints) if key is None else plan.place[key] for key in bend.bones], dtype=np.intp)
    maps = Affine(*(field[:, places] for field in placed.maps))
    if (placed.lengthened == 1).all():
        return maps
    longer = placed.lengthened[:, places]
    across = 1 + keeps_area * (1 / np.maximum(longer, 1e-6) - 1)
    wider = np.asarray((longer + across) / 2, dtype=np.complex128)
    own = around(bend.pivots, wider, np.asarray((longer - across) / 2 * plan.axis[places] ** 2))
    return Affine(
        maps.a * own.a + maps.b * np.conj(own.b),
        maps.a * own.b + maps.b * np.conj(own.a),
        maps.a * own.t + maps.b * np.conj(own.t) + maps.t,
    )


def _unturned(placed: Placed, bend: Bend, maps: Affine[Complexes]) -> tuple[Floats, Complexes, Complexes]:
    """The turn of each bone, whole turns counted, and the linear parts without it; (frames, bones) each."""
    flipped = np.abs(maps.b) > np.abs(maps.a)
    turn = np.angle(np.where(flipped, maps.b, maps.a))
    plan, totals = placed.plan, np.zeros_like(turn)
    for i, key in enumerate(bend.bones):
        at = len(plan.joints) if key is None else plan.place[key]
        while at < len(plan.joints):
            totals[:, i] += placed.turns[:, at]
            at = int(plan.parent[at])
    root = bend.root
    wanted = (totals - totals[:, [root]]) * np.where(flipped[:, [root]], -1.0, 1.0)
    from_root = turn - turn[:, [root]]
    turn = turn + 2 * np.pi * np.round((wanted - from_root) / (2 * np.pi))
    back = spun(-turn)
    return turn, maps.a * back, maps.b * back


def is_bent(maps: Affine[Complexes], own: Affine[complex], frame: int = 0) -> bool:
    """Whether the bones of a mesh go another way in a frame than what carries its part, so that the part is not just moved as a whole."""
    off = (
        np.abs(maps.a[frame] - own.a) * FAR, np.abs(maps.b[frame] - own.b) * FAR, np.abs(maps.t[frame] - own.t)
    )  # fmt: skip
    return bool(max(float(each.max()) for each in off) > TOGETHER * FAR)
