"""A puppet and its takes as a tree of nodes that any engine can move: joints, cards for flat parts, bones for parts that bend.

Limbs, links, swings and what follows something else are baked: every frame tells how each node moves in its carrier's frame. All frames
stand in one row, the puppet at rest first (frame 0), then take after take. Board pixels, y down.
"""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.animating.playing import placed_over
from umbrite.motion.baking.moves import Moves, about, relative, still, taken_apart
from umbrite.motion.baking.skins import Seen, Skin, skin_of
from umbrite.motion.bends.bending import Bend, bend_of, bent, bone_maps
from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import compile_plan
from umbrite.rig.affine import Affine, after, around
from umbrite.rig.family import ancestors
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take

Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]
Flags = NDArray[np.bool_]
Ints = NDArray[np.intp]
BENT_WITHIN = 0.02  # board pixels by which a bent part may miss its place before keys are thinned
STILL = 1e-9


class Node(NamedTuple):
    """A node: the place of its carrier in the tree (None hangs from the puppet), and how it moves in all frames.

    `shown` (frames,) is there where what hangs from it comes and goes. `key` is the id of the joint or part that it is for; `depth`
    counts parts in front of the hindmost, `depths` (frames,) is there where that changes.
    """

    name: str
    key: str
    carrier: int | None
    moves: Moves
    depth: int = 0
    shown: Flags | None = None
    depths: Ints | None = None


class Card(NamedTuple):
    """A flat part: its node, and from the drawing's pixels to that node's frame."""

    node: int
    drawing: Affine[complex]


class Bones(NamedTuple):
    """A part that bends: the nodes of its bones with their pivots at rest, its skin, and how much each shape counts in all frames."""

    nodes: tuple[int, ...]
    pivots: tuple[complex, ...]
    skin: Skin
    shares: Floats


class NodeTree(NamedTuple):
    """All of it: nodes, carriers before what they carry; the parts that are shown, by id, back to front; and the frames of each take."""

    puppet: Puppet
    takes: tuple[Take, ...]
    nodes: list[Node]
    cards: dict[str, Card]
    bones: dict[str, Bones]
    spans: list[slice]
    played: list[Placed]


def node_tree(puppet: Puppet, takes: Sequence[Take] = ()) -> NodeTree:
    """Bake a puppet. Reference pictures and parts that are put out of sight are left out."""
    plan = compile_plan(puppet)
    played = [evaluate(plan, {})]
    played += [placed_over(take, puppet, np.arange(take.first, take.last + 1)) for take in takes]
    spans, at = [], 1
    for placed in played[1:]:
        spans.append(slice(at, at + placed.frames))
        at += placed.frames
    building = _Building(puppet, played)
    cards: dict[str, Card] = {}
    bones: dict[str, Bones] = {}
    for depth, key in enumerate(plan.parts):
        part = puppet.parts[key]
        if part.reference or not (part.visible or building.shown[:, depth].any()):
            continue
        if part.mesh is not None and (bend := bend_of(puppet, key)) is not None:
            bones[key] = building.bones(key, bend, part.mesh.keeps_area)
        else:
            cards[key] = building.card(key, depth)
    return NodeTree(puppet, tuple(takes), building.nodes, cards, bones, spans, played)


class _Building:
    """The tree while it grows: joints first."""

    def __init__(self, puppet: Puppet, played: list[Placed]) -> None:
        self.puppet, self.played = puppet, played
        self.plan = played[0].plan
        self.maps = _in_a_row([placed.maps for placed in played])
        self.shown = np.concatenate([placed.shown for placed in played])
        self.depths = np.concatenate([_ranks(placed) for placed in played])
        self.nodes: list[Node] = []
        self.of_joint: dict[str, int] = {}
        for key in sorted(puppet.joints, key=lambda each: len(ancestors(puppet, each))):
            self._joint(key)

    @property
    def frames(self) -> int:
        return len(self.shown)

    def _joint(self, key: str) -> None:
        joint = self.puppet.joints[key]
        own = self._map_of(key)
        if joint.parent is None:
            local, carrier, pivot = own, None, 0j
        else:
            local, carrier = relative(own, self._map_of(joint.parent)), self.of_joint[joint.parent]
            pivot = self.puppet.joints[joint.parent].pivot.z
        self.of_joint[key] = self._add(joint.name, key, carrier, about(local, joint.pivot.z, pivot))

    def _map_of(self, key: str | None) -> Affine[Complexes]:
        place = len(self.plan.joints) if key is None else self.plan.place[key]
        return Affine(*(field[:, place] for field in self.maps))

    def _add(self, name: str, key: str, carrier: int | None, local: Affine[Complexes]) -> int:
        """One node, or two where there is skew; the place of the one that carries."""
        told = taken_apart(local)
        for i, moves in enumerate(told):
            self.nodes.append(Node(name if i + 1 == len(told) else f"{name} slant", key, carrier, moves))
            carrier = len(self.nodes) - 1
        return len(self.nodes) - 1

    def _leaf(self, name: str, key: str, carrier: int | None, depth: int, shown: Flags) -> int:
        """A node that neither turns nor scales but where it comes and goes."""
        goes = None if shown.all() else shown
        depths = self.depths[:, self.plan.owners[key]]
        passes = depths if depth and (depths != depths[0]).any() else None
        self.nodes.append(Node(name, key, carrier, still(self.frames), depth, goes, passes))
        return len(self.nodes) - 1

    def card(self, key: str, depth: int) -> Card:
        """A flat part on its joint; a node between them stretches it where its limb does."""
        part = self.puppet.parts[key]
        place = self.plan.parts.index(key)
        pivot = self.puppet.joints[part.joint].pivot.z
        carrier, drawing = self.of_joint[part.joint], self.plan.part_map
        own = Affine(*(complex(np.asarray(field)[place]) for field in drawing))
        longer = np.concatenate([placed.lengthened for placed in self.played])[:, self.plan.place[part.joint]]
        if np.any(np.abs(longer - 1) > STILL):
            axis = complex(self.plan.axis[self.plan.place[part.joint]])
            half = (longer - 1).astype(np.complex128) / 2
            stretch = around(0j, 1 + half, np.asarray(half * axis**2))
            carrier = self._add(f"{part.name} stretch", key, carrier, stretch)
        node = self._leaf(part.name, key, carrier, depth, self.shown[:, place])
        return Card(node, own._replace(t=own.t - pivot))

    def bones(self, key: str, bend: Bend, keeps_area: float) -> Bones:
        """The bones of a part: the joints' own nodes where they do not stretch, else nodes on them. Those of one that comes and goes hang from one
        node together, which takes all of it to one point.
        """
        part, place = self.puppet.parts[key], self.plan.parts.index(key)
        shown = self.shown[:, place]
        maps = _in_a_row([bone_maps(placed, bend, keeps_area) for placed in self.played])
        places = np.concatenate([bent(placed, bend, keeps_area) for placed in self.played])
        at = np.flatnonzero(shown | (np.arange(self.frames) == 0))
        seen = Seen(Affine(*(field[at] for field in maps)), places[at])
        skin, counts = skin_of(bend, seen, BENT_WITHIN)
        shares = np.zeros((self.frames, len(skin.shapes)))
        shares[at] = counts
        nodes, pivots = [], []
        goes = None if shown.all() else self._leaf(part.name, key, None, 0, shown)
        for i, bone in enumerate(bend.bones):
            pivot = 0j if bone is None else self.puppet.joints[bone].pivot.z
            own = Affine(*(field[:, i] for field in maps))
            if goes is not None:
                nodes.append(self._add(f"{part.name} bone {i + 1}", key, goes, about(own, pivot, 0j)))
                pivots.append(pivot)
                continue
            carrier = None if bone is None else self.of_joint[bone]
            away = relative(own, self._map_of(bone))
            name = f"{part.name} bone {i + 1}"
            moved = about(away, pivot, pivot)
            if any(np.any(np.abs(field - rest) > STILL) for field, rest in zip(moved, (1, 0, 0), strict=True)):
                carrier = self._add(f"{name} stretch", key, carrier, moved)
            if carrier is None:
                carrier = self._leaf(name, key, carrier, 0, shown)
            nodes.append(carrier)
            pivots.append(pivot)
        return Bones(tuple(nodes), tuple(pivots), skin, shares)


def _ranks(placed: Placed) -> Ints:
    """How many parts lie behind each, (frames, parts)."""
    if not placed.channels["depth"].any():
        return np.tile(np.arange(len(placed.plan.parts)), (placed.frames, 1))
    return np.stack([np.argsort(placed.order(frame)) for frame in range(placed.frames)])


def _in_a_row(maps: Sequence[Affine[Complexes]]) -> Affine[Complexes]:
    return Affine(
        np.concatenate([each.a for each in maps]),
        np.concatenate([each.b for each in maps]),
        np.concatenate([each.t for each in maps]),
    )


def node_maps(nodes: Sequence[Node], moves: Sequence[Moves]) -> list[Affine[Complexes]]:
    """From each node's own frame to the board, fields (frames,), for moves that take the place of the nodes' own."""
    found: list[Affine[Complexes]] = []
    for node, own in zip(nodes, moves, strict=True):
        local = own.map()
        found.append(local if node.carrier is None else after(found[node.carrier], local))
    return found
