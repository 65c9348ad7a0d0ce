"""The family as a diagram: a box for every joint, parents before their children, no two on one another.

The layout is that of a tidy tree after Reingold and Tilford, "Tidier Drawings of Trees" (1981), for boxes of different sizes: each
branch is laid out by itself, branches are pushed together until their outlines touch, and each parent stands in the middle of its
children. Where the levels of a family have their cards in one row, links run only in the gaps between the rows.
"""

from collections.abc import Mapping
from typing import NamedTuple

from umbrite.rig.family import targets, toes
from umbrite.rig.model import Puppet

BESIDE, BETWEEN = 8.0, 18.0  # gaps between cards of a row, and between rows


class Size(NamedTuple):
    """How wide and tall a card is."""

    wide: float
    tall: float


class Box(NamedTuple):
    """Where a card lies: its left upper corner and its size."""

    x: float
    y: float
    wide: float
    tall: float


class _Branch(NamedTuple):
    """A branch around its root at 0: where each child of the root stands, and its outline level by level, root first."""

    offsets: tuple[float, ...]
    outline: list[tuple[float, float]]


def shown_family(puppet: Puppet) -> dict[str | None, list[str]]:
    """The children of each joint, without targets; what hangs from a target is shown where the target hangs."""
    hooks = {*targets(puppet), *toes(puppet)}
    below: dict[str | None, list[str]] = {}
    for key, joint in puppet.joints.items():
        if key not in hooks:
            parent = joint.parent
            while parent in hooks:
                parent = puppet.joints[parent].parent
            below.setdefault(parent, []).append(key)
    return below


def layout(below: Mapping[str | None, list[str]], sizes: Mapping[str, Size], *, upright: bool) -> dict[str, Box]:
    """The boxes of a family: levels from top to bottom where `upright`, else from left to right. Starts at 0, 0."""
    across = {key: size.wide if upright else size.tall for key, size in sizes.items()}
    branches = _branches(below, across)
    middles: dict[str, tuple[float, int]] = {}
    stack: list[tuple[str, float, int]] = []
    for root, at in zip(below.get(None, []), _packed([branches[key] for key in below.get(None, [])]), strict=True):
        stack.append((root, at, 0))
    while stack:
        key, at, level = stack.pop()
        middles[key] = (at, level)
        for child, off in zip(below.get(key, []), branches[key].offsets, strict=True):
            stack.append((child, at + off, level + 1))
    return _boxes(middles, sizes, upright=upright)


def _branches(below: Mapping[str | None, list[str]], across: Mapping[str, float]) -> dict[str, _Branch]:
    """Each joint's branch; children before parents, without recursion, so that deep families need no deep stack."""
    order: list[str] = []
    stack = list(below.get(None, []))
    while stack:
        key = stack.pop()
        order.append(key)
        stack.extend(below.get(key, []))
    branches: dict[str, _Branch] = {}
    for key in reversed(order):
        children = [branches[child] for child in below.get(key, [])]
        places = _packed(children)
        middle = (places[0] + places[-1]) / 2 if places else 0.0
        offsets = tuple(at - middle for at in places)
        half = across[key] / 2
        outline = [(-half, half)]
        depth = max((len(child.outline) for child in children), default=0)
        for level in range(depth):
            ends = [
                (child.outline[level][0] + off, child.outline[level][1] + off)
                for child, off in zip(children, offsets, strict=True)
                if level < len(child.outline)
            ]
            outline.append((min(left for left, _ in ends), max(right for _, right in ends)))
        branches[key] = _Branch(offsets, outline)
    return branches


def _packed(branches: list[_Branch]) -> list[float]:
    """Where the roots of branches stand side by side, so near that their outlines keep the gap on every level."""
    places: list[float] = []
    rights: list[float] = []  # of all branches so far, level by level
    for branch in branches:
        at = max((right + BESIDE - left for right, (left, _) in zip(rights, branch.outline, strict=False)), default=0.0)
        places.append(at)
        ends = [at + right for _, right in branch.outline]
        rights = [*ends, *rights[len(ends) :]]
    return places


def _boxes(middles: Mapping[str, tuple[float, int]], sizes: Mapping[str, Size], *, upright: bool) -> dict[str, Box]:
    levels: dict[int, float] = {}
    for key, (_, level) in middles.items():
        deep = sizes[key].tall if upright else sizes[key].wide
        levels[level] = max(levels.get(level, 0.0), deep)
    starts, at = {}, 0.0
    for level in sorted(levels):
        starts[level] = at
        at += levels[level] + BETWEEN
    edge = min(
        (middle - (sizes[key].wide if upright else sizes[key].tall) / 2 for key, (middle, _) in middles.items()),
        default=0.0,
    )
    boxes = {}
    for key, (middle, level) in middles.items():
        wide, tall = sizes[key]
        if upright:
            boxes[key] = Box(middle - wide / 2 - edge, starts[level], wide, levels[level])
        else:
            boxes[key] = Box(starts[level], middle - tall / 2 - edge, levels[level], tall)
    return boxes
