"""Find joints: from how parts overlap to parents and how sure that is.

Two parts that overlap may be joined, and `contacts` tells where. Which pairs are joints is decided for the whole figure: the spanning
tree of the most likely pairs (Prim's method), from the piece that is the best root by name, or by size, by what it carries and how low;
then pieces are hung from what they hang from more likely, and two pieces of one outline from the same. Parts are taken as they are seen:
trims cut away, hidden parts and references left out.
"""

import math
from collections.abc import Collection, Iterable, Mapping, Sequence
from typing import NamedTuple

import numpy as np

from umbrite.art.contacts import FIRM, Contact, Pieces, pieces_of
from umbrite.art.masks import bar_of, shared_area
from umbrite.art.pictures import Picture
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.model import Puppet
from umbrite.rig.words.body_words import fits_below, kind_of, root_rank
from umbrite.rig.words.names import side_of

LEAST_LIKELY = 0.12
UNLIKELY = 0.0  # a joint that is likely the other way round only
BESIDE, FEW_BETWEEN = 0.1, 8.0  # what it says that two pieces are neighbours in the draw order
# Sizes of a pair differ by less; its joints may be so much less likely, together, for its sake.
ALIKE, PAIR = 0.03, 0.5
# What it says against a joint that two pieces are of one size, but for so much, and go the same way from it, within this angle.
TWINS, TWIN, SAME_WAY = 0.6, 0.08, math.radians(40)
CARRIES = 0.1  # what it says at most that one piece is larger than the other
# So many large pieces a garment covers, what counts as large (of its area), how much of them lies on it, how large one of them is; how round
# a disc is.
COVERED, SMALL, MOSTLY, AS_LARGE, DISC = 3, 0.06, 0.6, 0.3, 0.85
BACKING = 2.0  # times as large as most pieces is hair behind a head
HOLDS = 0.35  # how good an overlap must be to hold two pieces together
UNNAMED = 1.0  # the rank of a root whose name says nothing
LEGGED = 0.12  # of the largest piece: from there on what carries a pair of limbs may be the root
LARGE = 0.3  # of the largest piece: as large may be the root as well


class Proposal(NamedTuple):
    """A part (its joint) should hang from a parent part's joint and turn about a pivot; confidence 0 to 1."""

    part: str
    parent: str
    pivot: complex
    confidence: float


def find_joints(
    puppet: Puppet, pictures: Mapping[str, Picture], keys: Iterable[str] | None = None, watch: Watch = unwatched
) -> list[Proposal]:
    """Proposals for parts (all of a puppet, or two and more of `keys`), each part at most once as a child, parents first.

    `pictures` gives RGBA pixels by drawing fingerprint. Raises RigError where there are not two parts.
    """
    return joints_among(puppet, pieces_of(puppet, pictures, keys, watch))


def likely_joints(puppet: Puppet, pieces: Pieces) -> dict[tuple[str, str], float]:
    """How likely each part hangs from each other part that it lies on: by overlap, names, size and draw order."""
    keys, _, areas, _, contacts = pieces
    names = {key: puppet.parts[key].name for key in keys}
    depth = {key: i for i, key in enumerate(keys)}
    return {
        pair: _likely(names[pair[0]], names[pair[1]], areas[pair[0]], areas[pair[1]], found)
        # Pieces of one limb mostly lie one upon the other, not far apart in the draw order.
        + BESIDE * float(np.exp((1 - abs(depth[pair[0]] - depth[pair[1]])) / FEW_BETWEEN))
        for pair, found in contacts.items()
    }


def _are_twins(one: str, other: str, found: Contact, pieces: Pieces) -> bool:
    """Whether two pieces of one size go the same way from where they lie on each other: two of a pair, not one that goes on from the other."""
    if not _alike(one, other, pieces.areas, pieces.widths, TWIN):
        return False
    ways = [_middle(pieces, key) - found.pivots[0] for key in (one, other)]
    return (ways[0] * ways[1].conjugate()).real > math.cos(SAME_WAY) * abs(ways[0]) * abs(ways[1])


def _middle(pieces: Pieces, key: str) -> complex:
    """The middle of what a piece shows, on the board."""
    sheet = pieces.sheets[key]
    bar = bar_of(sheet.alpha)
    return complex(sheet.board(complex(bar[0][0] + 0.5, bar[0][1] + 0.5))) if bar is not None else 0j


def joints_among(puppet: Puppet, pieces: Pieces) -> list[Proposal]:
    """The tree of each group of parts that hang together, from its root outwards."""
    keys, _, areas, widths, contacts = pieces
    names = {key: puppet.parts[key].name for key in keys}
    every = {
        pair: score for pair, all_the_same in likely_joints(puppet, pieces).items()
        if (score := all_the_same - TWINS * _are_twins(*pair, contacts[pair], pieces)) >= LEAST_LIKELY
    }  # fmt: skip
    aside = _beside_the_body(names, pieces, every)
    likely = {pair: score for pair, score in every.items() if aside.isdisjoint(pair)}
    keys = [key for key in keys if key not in aside]
    found: list[Proposal] = []
    for group in _groups(keys, likely):
        joined = _joined_pieces(group, _tree(group, likely))
        root = _root(group, joined, names, pieces)
        parents = _like_pairs(_hung_from(root, group, likely), likely, areas, widths)
        # What carries what has changed by now, and so may what carries all.
        joined = _joined_pieces(group, parents)
        again = _root(group, joined, names, pieces)
        if again != root:
            root = again
            parents = _like_pairs(_hung_from(root, group, likely), likely, areas, widths)
        order = _parents_first(parents, root)
        found += [
            Proposal(child, parents[child], contacts[child, parents[child]].pivots[0], _sure(child, parents, likely))
            for child in order
        ]
    return found + _hung_beside(aside, {one.part: one.parent for one in found}, pieces, every)


def _beside_the_body(
    names: Mapping[str, str], pieces: Pieces, likely: Mapping[tuple[str, str], float]
) -> frozenset[str]:
    """What hangs from the body and carries nothing of it, where no name says otherwise: garments that lie before or behind all that they
    cover, and discs on the seams of others.
    """
    found = set()
    for key in pieces.keys:
        if kind_of(names[key]):
            continue
        touching = [other for other in pieces.keys if (key, other) in likely or (other, key) in likely]
        if _is_garment(key, touching, pieces) or _is_backing(key, touching, pieces) or _is_disc(key, touching, pieces):
            found.add(key)
    return frozenset(found) if len(found) < len(pieces.keys) - 1 else frozenset()


def _is_garment(key: str, touching: Sequence[str], pieces: Pieces) -> bool:
    """Whether a piece covers several large pieces for the most part, one of them about as large as itself, that hang firmly together without
    it and not on it.
    """
    large = [other for other in touching if pieces.areas[other] > SMALL * pieces.areas[key]]
    covered = [other for other in large if _share_on(other, key, pieces) > MOSTLY]
    if len(covered) < COVERED or max(pieces.areas[other] for other in covered) < AS_LARGE * pieces.areas[key]:
        return False

    def firm(one: str, other: str) -> bool:
        return (one, other) in pieces.contacts and max(pieces.contacts[one, other].goods) >= FIRM

    together = sum(firm(one, other) for i, one in enumerate(covered) for other in covered[i + 1 :])
    return together >= COVERED - 1 and sum(firm(key, other) for other in covered) <= 1


def _is_backing(key: str, touching: Sequence[str], pieces: Pieces) -> bool:
    """Whether a piece lies behind or before all that it touches, covers a large one of it for the most part, and nothing falls apart without it:
    such as hair behind a head.
    """
    depth = [pieces.keys.index(other) > pieces.keys.index(key) for other in touching]
    large = [other for other in touching if 1 > pieces.areas[other] / pieces.areas[key] > AS_LARGE]
    if pieces.areas[key] < BACKING * float(np.median(list(pieces.areas.values()))) or len(set(depth)) != 1:
        return False
    if len(touching) < COVERED or all(_share_on(one, key, pieces) < MOSTLY for one in large):
        return False
    import networkx as nx

    graph = nx.Graph()
    graph.add_nodes_from(touching)
    held = (pair for pair, found in pieces.contacts.items() if max(found.goods) > HOLDS and key not in pair)
    graph.add_edges_from(held)
    return bool(nx.is_connected(graph.subgraph({*nx.node_connected_component(graph, touching[0]), *touching})))


def _is_disc(key: str, touching: Sequence[str], pieces: Pieces) -> bool:
    """Whether a small round piece lies on two larger ones that lie on each other, about where they do."""
    sheet, area = pieces.sheets[key], pieces.areas[key]
    wide, tall = sheet.box.width, sheet.box.height
    larger = [other for other in touching if pieces.areas[other] > 2.5 * area]
    if len(larger) < 2 or min(wide, tall) < DISC * max(wide, tall) or area < DISC**2 * 0.7 * wide * tall:
        return False
    middle = complex(sheet.box.left + wide / 2, sheet.box.top + tall / 2)
    seams = [
        pieces.contacts[one, other].pivots[0]
        for i, one in enumerate(larger)
        for other in larger[i + 1 :]
        if (one, other) in pieces.contacts
    ]
    return any(abs(pivot - middle) < 0.35 * max(wide, tall) for pivot in seams)


def _share_on(one: str, other: str, pieces: Pieces) -> float:
    """The share of a piece that lies on another."""
    found = shared_area(pieces.sheets[one], pieces.sheets[other])
    return 0.0 if found is None else found[1] / max(pieces.areas[one], 1.0)


def _hung_beside(
    aside: Collection[str], parents: Mapping[str, str], pieces: Pieces, likely: Mapping[tuple[str, str], float]
) -> list[Proposal]:
    """A disc hangs from the lower of the two pieces on whose seam it lies, a garment from the highest of the large pieces that it covers."""
    found = []
    for key in sorted(aside, key=pieces.keys.index):
        touching = [other for other in pieces.keys if (key, other) in pieces.contacts and other not in aside]
        if not touching:
            continue
        box = pieces.sheets[key].box
        middle = complex(box.left + box.width / 2, box.top + box.height / 2)
        seams = [
            (abs(pieces.contacts[child, parent].pivots[0] - middle), child)
            for child, parent in parents.items() if child in touching and parent in touching
        ]  # fmt: skip
        near = min(seams, default=(math.inf, ""))
        covered = [other for other in touching if _share_on(other, key, pieces) > MOSTLY] or touching
        most = max(pieces.areas[other] for other in covered)
        large = [other for other in covered if pieces.areas[other] >= most / 2]
        on_seam = near[0] < 0.35 * max(box.width, box.height) and pieces.areas[key] < pieces.areas[near[1]]
        parent = near[1] if on_seam else min(large, key=lambda other: _middle(pieces, other).imag)
        pivot = middle if on_seam else pieces.contacts[key, parent].pivots[0]
        found.append(Proposal(key, parent, pivot, min(0.8, max(likely.get((key, parent), 0.3), 0.3))))
    return found


def _like_pairs(
    parents: dict[str, str],
    likely: Mapping[tuple[str, str], float],
    areas: Mapping[str, float],
    widths: Mapping[str, float],
) -> dict[str, str]:
    """The same, with two pieces of one outline that hang from different pieces hung from the same, where both may."""
    parents = dict(parents)
    ordered = sorted(parents)
    for i, one in enumerate(ordered):
        for other in ordered[i + 1 :]:
            above = parents[one], parents[other]
            if above[0] == above[1] or not _alike(one, other, areas, widths) or _alike(*above, areas, widths):
                continue
            both = [
                p
                for p in above
                if all((child, p) in likely and child not in _upwards(p, parents) for child in (one, other))
            ]
            if both:
                best = max(both, key=lambda p: likely[one, p] + likely[other, p])
                if (
                    likely[one, best] + likely[other, best]
                    > sum(likely.get((c, parents[c]), 0.0) for c in (one, other)) - PAIR
                ):
                    parents[one] = parents[other] = best
    return parents


def _alike(one: str, other: str, areas: Mapping[str, float], widths: Mapping[str, float], most: float = ALIKE) -> bool:
    """Whether two pieces have outlines of the same size, mirrored or not; sizes may differ by a share."""
    return all(min(size[one], size[other]) > (1 - most) * max(size[one], size[other]) for size in (areas, widths))


def _groups(keys: Sequence[str], likely: Mapping[tuple[str, str], float]) -> list[list[str]]:
    """Parts that hang together, in the order of their first."""
    import networkx as nx

    graph = nx.Graph()
    graph.add_nodes_from(keys)
    graph.add_edges_from(likely)
    return [[key for key in keys if key in group] for group in nx.connected_components(graph)]


def _root(group: list[str], joined: Mapping[str, list[str]], names: Mapping[str, str], pieces: Pieces) -> str:
    """What carries all others: by name; else the lowest of those at which two limbs of one size begin; else the largest piece, the lowest of large ones that carry several; of a chain its wide end."""
    areas, widths, contacts = pieces.areas, pieces.widths, pieces.contacts
    rank = max(root_rank(names[key]) for key in group)
    best = [key for key in group if root_rank(names[key]) == rank]
    if rank != UNNAMED:
        return max(best, key=lambda key: areas[key])
    best = group
    ends = [key for key in best if len(joined[key]) <= 1]
    largest = max(best, key=lambda key: areas[key])
    if len(group) > 2 and all(len(some) <= 2 for some in joined.values()) and ends:
        return max(ends, key=lambda key: areas[key])
    large = [
        key for key in best
        if areas[key] >= LARGE * areas[largest] and len(joined[key]) >= 3 and (key == largest or largest in joined[key] or any(largest in joined[next_] for next_ in joined[key]))
    ]  # fmt: skip

    def carried(key: str) -> float:
        """How low on the board the joints of a piece lie."""
        return float(np.mean([contacts[other, key].pivots[0].imag for other in joined[key]]))

    single = [key for key in best if not any(_alike(key, other, areas, widths) for other in group if other != key)]
    legged = [
        key for key in single if areas[key] >= LEGGED * areas[largest] and _carries_pair(key, joined, areas, widths)
    ]
    return max(legged or large, key=carried, default=largest)


def _carries_pair(
    key: str, joined: Mapping[str, Sequence[str]], areas: Mapping[str, float], widths: Mapping[str, float]
) -> bool:
    """Whether two limbs of one size begin at a piece: pieces that are alike, each with another one beyond it."""
    limbs = [other for other in joined[key] if len(joined[other]) >= 2]
    return any(_alike(one, other, areas, widths) for i, one in enumerate(limbs) for other in limbs[i + 1 :])


def _joined_pieces(group: list[str], tree: Mapping[str, str]) -> dict[str, list[str]]:
    """For each piece those that it is joined to in the tree, whichever carries the other."""
    joined: dict[str, list[str]] = {key: [] for key in group}
    for one, other in tree.items():
        joined[one].append(other)
        joined[other].append(one)
    return joined


def _tree(group: Sequence[str], likely: Mapping[tuple[str, str], float]) -> dict[str, str]:
    """The tree of the strongest joints, whichever way they hang, from the first of a group on."""
    import networkx as nx

    graph = nx.Graph()
    graph.add_nodes_from(group)
    for (child, parent), score in likely.items():
        if child in graph and parent in graph:
            graph.add_edge(child, parent, weight=max(score, likely.get((parent, child), 0.0)))
    tree = nx.maximum_spanning_tree(graph)
    return {child: parent for parent, child in nx.bfs_edges(tree, group[0])}


def _hung_from(root: str, group: Sequence[str], likely: Mapping[tuple[str, str], float]) -> dict[str, str]:
    """What carries each piece where a root carries all: of all such trees that with the most likely joints (Edmonds' arborescence)."""
    import networkx as nx

    graph = nx.DiGraph()
    graph.add_nodes_from(group)
    for one, other in likely:
        if one in graph and other in graph:
            for child, parent in ((one, other), (other, one)):
                if child != root:  # the other way round a joint is no likely one, but it hangs the piece from something
                    graph.add_edge(parent, child, weight=likely.get((child, parent), UNLIKELY))
    tree = nx.maximum_spanning_arborescence(graph, preserve_attrs=False)
    return {child: parent for parent, child in tree.edges}


def _upwards(key: str, parents: Mapping[str, str]) -> list[str]:
    found = [key]
    while found[-1] in parents:
        found.append(parents[found[-1]])
    return found


def _parents_first(parents: Mapping[str, str], root: str) -> list[str]:
    order = [root]
    for key in order:
        order += [child for child, parent in parents.items() if parent == key]
    return order[1:]


def _sure(child: str, parents: Mapping[str, str], likely: Mapping[tuple[str, str], float]) -> float:
    """How sure a joint is: how good it is, and by how much better than the next."""
    own = likely.get((child, parents[child]), LEAST_LIKELY)
    others = [
        score for (one, other), score in likely.items()
        if one == child and other != parents[child] and child not in _upwards(other, parents)
    ]  # fmt: skip
    lead = own - max(others, default=0.0)
    return round(float(np.clip(0.2 + 0.3 * own + 0.35 * min(lead, 1.0), 0.02, 1.0)), 3)


def _likely(child: str, parent: str, area: float, carrying: float, found: Contact) -> float:
    """How likely one part hangs from another: the overlap, names, sides, and that larger pieces carry smaller ones."""
    score = found.goods[0]
    score += 1.3 * fits_below(child, parent)
    sides = {side_of(child), side_of(parent)} - {"middle"}
    if len(sides) == 2:
        score -= 1.5
    elif side_of(child) == side_of(parent):
        score += 0.1
    if not kind_of(child) or not kind_of(parent):
        score += CARRIES * np.tanh(np.log(max(carrying, 1.0) / max(area, 1.0)))
    return float(score)
