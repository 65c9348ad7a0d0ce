"""The keys of a baked take: for every node the fewest that keep all of the puppet within a tolerance in every frame.

How near a node must be kept depends on how far what it carries reaches; errors of carriers and carried add up. So the tolerance of
each is a share of the whole, and the largest share is sought with which the whole, looked at frame by frame as an engine plays it, holds.
"""

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.baking.moves import Moves
from umbrite.motion.baking.node_tree import NodeTree, node_maps
from umbrite.motion.baking.skins import skinned
from umbrite.motion.baking.thinning import between, fewest_keys
from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.scene import corners_of
from umbrite.rig.affine import Affine

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]
Complexes = NDArray[np.complex128]
WITHIN = 0.1  # board pixels
ROUNDS = 6  # of halving what is not known of the share
UNTURNED = 3.0  # radians from key to key: less than half a turn, so that engines go the right way round


class Track(NamedTuple):
    """Keys of one value of one node (or of a part's shapes): the frames, counted from the take's first, and the values there (keys, n)."""

    frames: Ints
    values: Floats


class NodeTracks(NamedTuple):
    """What moves of a node in a take: a track is None where the node is as it is at rest."""

    shift: Track | None
    turn: Track | None
    scale: Track | None


class TakeKeys(NamedTuple):
    """The keys of one take: of every node, of the shapes of every part that bends; how far anything is off, in board pixels."""

    nodes: list[NodeTracks]
    shapes: dict[str, Track]
    off: float
    unthinned: int

    @property
    def number(self) -> int:
        """How many keys there are."""
        of_nodes = [len(track.frames) for tracks in self.nodes for track in tracks if track is not None]
        return sum(of_nodes) + sum(len(track.frames) for track in self.shapes.values())


def take_keys(tree: NodeTree, take: int, within: float = WITHIN) -> TakeKeys:
    """The keys of a take, by its number, that keep everything seen within so many board pixels in every frame.

    Where not even a key in every frame does, those are given, and `off` tells how far off they are.
    """
    reaches, grown = _reaches(tree, take)
    found = _keys(tree, take, 0.0, reaches, grown)
    low, high = 0.0, within
    for _ in range(ROUNDS if found.off <= within else 0):
        share = (low + high) / 2
        tried = _keys(tree, take, share, reaches, grown)
        if tried.off <= within:
            low = share
            found = min(found, tried, key=lambda keys: keys.number)
        else:
            high = share
    return found


def _reaches(tree: NodeTree, take: int) -> tuple[Floats, Floats]:
    """How far from each node's origin what it carries lies in its frame at most, board pixels; and how much carriers enlarge it."""
    span = tree.spans[take]
    maps = node_maps(tree.nodes, [node.moves.at(span) for node in tree.nodes])
    corners = corners_of(tree.played[take + 1])
    place = {key: i for i, key in enumerate(tree.played[0].plan.parts)}
    reach = np.full(len(tree.nodes), 1.0)
    held = [(card.node, key) for key, card in tree.cards.items()]
    held += [(node, key) for key, bones in tree.bones.items() for node in bones.nodes]
    for leaf, key in held:
        at: int | None = leaf
        while at is not None:
            away = np.abs(corners[:, place[key]] - maps[at].t[:, None])
            reach[at] = max(reach[at], float(away.max()))
            at = tree.nodes[at].carrier
    grown = np.ones(len(tree.nodes))
    for i, node in enumerate(tree.nodes):
        if node.carrier is not None:
            above = maps[node.carrier]
            grown[i] = max(1e-6, float((np.abs(above.a) + np.abs(above.b)).max()))
    return reach, grown


def _keys(tree: NodeTree, take: int, share: float, reaches: Floats, grown: Floats) -> TakeKeys:
    span = tree.spans[take]
    tracks, played, whole = [], [], 0
    for node, reach, grow in zip(tree.nodes, reaches.tolist(), grown.tolist(), strict=True):
        own, rest = node.moves.at(span), node.moves.at(slice(0, 1))
        smallest = np.maximum(np.abs(own.scale).max(axis=0), 1e-6)
        shift = _track(_pair(own.shift), _pair(rest.shift), share / grow / np.sqrt(2))
        turn = _track(own.turn[:, None], rest.turn[:, None], share / reach, UNTURNED)
        scale = _track(own.scale, rest.scale, share / reach * smallest)
        tracks.append(NodeTracks(shift, turn, scale))
        frames = len(own.turn)
        whole += frames * sum(track is not None for track in tracks[-1])
        x = _played(shift, _pair(rest.shift), frames)
        played.append(
            Moves(
                x[:, 0] + 1j * x[:, 1],
                _played(turn, rest.turn[:, None], frames)[:, 0],
                _played(scale, rest.scale, frames),
            )
        )
    shapes: dict[str, Track] = {}
    counts: dict[str, Floats] = {}
    for key, bones in tree.bones.items():
        own_shares = bones.shares[span]
        if not own_shares.size:
            continue
        size = np.maximum(np.abs(bones.skin.shapes).max(axis=1) * own_shares.shape[1], 1e-9)
        track = _track(own_shares, np.zeros((1, own_shares.shape[1])), 2 * share / size)
        frames = len(own_shares)
        counts[key] = _played(track, np.zeros((1, own_shares.shape[1])), frames)
        if track is not None:
            shapes[key] = track
            whole += frames
    return TakeKeys(tracks, shapes, _off(tree, take, played, counts), whole)


def _pair(z: Complexes) -> Floats:
    return np.stack([z.real, z.imag], axis=-1)


def _track(values: Floats, rest: Floats, room: Floats | float, step: float = np.inf) -> Track | None:
    """The track of a value; None where it is at rest in all frames."""
    if np.all(np.abs(values - rest) <= np.maximum(room, 1e-9) / 4):
        return None
    frames = fewest_keys(values, room, step)
    return Track(frames, values[frames])


def _played(track: Track | None, rest: Floats, frames: int) -> Floats:
    """The values of all frames as an engine plays a track: straight from key to key, as single precision keeps them."""
    if track is None:
        return np.repeat(rest, frames, axis=0)
    values = np.zeros((frames, track.values.shape[1]))
    values[track.frames] = track.values.astype(np.float32)
    return between(values, track.frames)


def _off(tree: NodeTree, take: int, played: list[Moves], counts: dict[str, Floats]) -> float:
    """How far any vertex that is seen is from its place in any frame, board pixels."""
    placed = tree.played[take + 1]
    place = {key: i for i, key in enumerate(placed.plan.parts)}
    maps, worst = node_maps(tree.nodes, played), 0.0
    truth = placed.part_maps()
    for key, card in tree.cards.items():
        drawing = tree.puppet.parts[key].drawing
        wide, tall = drawing.width, drawing.height
        corners = np.array([0, wide, 1j * tall, wide + 1j * tall], dtype=np.complex128)
        there = card.drawing(corners)
        own = maps[card.node]
        here = own.a[:, None] * there + own.b[:, None] * np.conj(there) + own.t[:, None]
        a, b, t = (field[:, [place[key]]] for field in truth)
        away = np.abs(here - (a * corners + b * np.conj(corners) + t)).max(axis=1)
        worst = max(worst, float(away[placed.shown[:, place[key]]].max(initial=0.0)))
    for key, bones in tree.bones.items():
        mesh = tree.puppet.parts[key].mesh
        bend = bend_of(tree.puppet, key)
        assert mesh is not None
        assert bend is not None
        own_maps = _bone_maps(bones.nodes, bones.pivots, maps)
        here = skinned(bones.skin, own_maps, counts.get(key, np.zeros((placed.frames, 0))))
        away = np.abs(here - bent(placed, bend, mesh.keeps_area)).max(axis=1)
        worst = max(worst, float(away[placed.shown[:, place[key]]].max(initial=0.0)))
    return worst


def _bone_maps(nodes: tuple[int, ...], pivots: tuple[complex, ...], maps: list[Affine[Complexes]]) -> Affine[Complexes]:
    """The maps of bones from the board at rest to the board, fields (frames, bones)."""
    found = [
        Affine(own.a, own.b, own.t - own.a * pivot - own.b * np.conj(pivot))
        for own, pivot in ((maps[node], pivot) for node, pivot in zip(nodes, pivots, strict=True))
    ]
    return Affine(
        np.stack([each.a for each in found], axis=1),
        np.stack([each.b for each in found], axis=1),
        np.stack([each.t for each in found], axis=1),
    )
