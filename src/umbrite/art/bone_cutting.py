"""A drawing cut at the heads of bones that were drawn over it.

Each place of the drawing belongs to the bone from which it is reached most cheaply, where a way over a drawn edge is dear (geodesic
distances, Criminisi and others, "GeoS: Geodesic Image Segmentation", 2008; shortest ways by Dijkstra on a small copy, then on all pixels
along the borders). Where no edge is drawn that is the nearest bone; an arm that lies over the body is found by its outline or colour, and
the body is filled behind it and gets its own outline again.
"""

import math
from collections.abc import Sequence
from typing import Any, NamedTuple

import cv2
import numpy as np
from numpy.typing import NDArray

from umbrite.art.cutting import LEAST, OTHER_COLOUR, Cut, Floats, Mask, Segment, grown, hull, in_two
from umbrite.art.pictures import SOLID, Picture
from umbrite.rig.errors import RigError

Labels = NDArray[np.int32]
SMALL = 320  # pixels along the longer side of the copy on which bones are reached
GRAIN, DEAR = (
    20.0,
    15.0,
)  # a difference between neighbours that is no edge; what each more costs, in pixels of the small copy
WIDEST, DARK, OVER = (
    9,
    40,
    1000.0,
)  # pixels of the small copy that a drawn line is wide at most; how dark; what a pixel of it costs
JOINED = 0.12  # of a bone's length: so near ends one bone where the next of a limb begins
BESIDE = 0.5  # of a limb's half width, as far as a head is brought to the middle of its limb
THICKER = 1.2
CAP = 0.6  # of a limb's width about its head may still be its own
WIDER = 1.25  # times as wide at its head as below is a limb that begins on a body
SEEN_LINE = 0.4  # of a limb's half width is the widest outline
HELD = 0.3  # of the edge of what is filled must lie on what stays


class _Line(NamedTuple):
    """An outline: how wide, pixels, and its colour."""

    width: int
    colour: NDArray[np.float64]


def cut_at_bone(picture: Picture, branch: Sequence[Segment], others: Sequence[Segment]) -> Cut:
    """Cut an RGBA drawing at the head of a bone, the first of its `branch`: the piece is what belongs to the bones of the branch and not to
    others. Places are in the drawing's pixels. The cut's pivot is the head, brought to the middle of the limb. Raises RigError where
    nothing of the drawing belongs to the branch.
    """
    solid = picture[..., 3] >= SOLID
    areas = _areas(picture, [*branch, *others])
    count, (head, tip) = len(branch), branch[0]
    own = (areas >= 0) & (areas < count)
    above = [k for k, (_, end) in enumerate(others) if abs(end - head) < JOINED * abs(tip - head)]
    limb = own | np.isin(areas, [count + k for k in above])
    rows, columns = np.indices(solid.shape)
    z = np.asarray(columns + 0.5 + 1j * (rows + 0.5), dtype=np.complex128)
    away = [_from_segment(z, *bone) for bone in branch]
    nearest = np.min(away, axis=0)
    ends = across(limb if limb.any() else solid, branch[0])
    # What lies behind the head belongs to what carries the bone; round ends make up for it.
    piece = (((z - head) * np.conj(tip - head)).real > 0) | (away[0] > nearest)
    if above:  # within one limb no edge counts, but the line across
        piece &= limb & (nearest < np.min([_from_segment(z, *others[k]) for k in above], axis=0))
    else:
        piece = own & (piece | (np.abs(z - sum(ends) / 2) < CAP * abs(ends[1] - ends[0])))
    # A limb is hardly thicker anywhere than along its bone; what lies farther off is the body beside it.
    thick = [max(_half_width(own, bone, share) for share in (0.3, 0.5, 0.7, 0.9)) for bone in branch]
    piece &= np.any([far <= THICKER * most for far, most in zip(away, thick, strict=True)], axis=0)
    line = _line_around(picture, solid, areas >= count)
    piece = _on_bones(_with_outline(picture, piece, areas >= count, line), branch)
    piece = _with_what_only_it_holds(solid, piece, others)
    if min(np.count_nonzero(piece), np.count_nonzero(solid & ~piece)) < LEAST:
        raise RigError("Nothing of the drawing lies along this bone. Draw the bone over what it should carry.")
    carriers = [areas == count + k for k in range(len(others)) if k not in above]
    end = np.abs(z - sum(ends) / 2) < abs(ends[1] - ends[0]) / 2
    behind = _hidden(solid & ~piece, piece, carriers, end)
    if not behind.any():
        return in_two(picture, piece, ends, hidden=None)
    inner = _depth(solid) > (line.width + 2 if line else 0)
    filled = in_two(picture, piece, ends, hidden=behind, known=inner & (areas >= count))
    return filled if line is None else filled._replace(kept=_outlined(filled.kept, line, behind))


def lines_across(picture: Picture, bones: Sequence[Segment]) -> list[Segment]:
    """Where a drawing would be cut at the head of each bone: the ends of a line across it, in its pixels."""
    areas = _areas(picture, bones)
    found = []
    for i, (head, tip) in enumerate(bones):
        joined = [k for k, (_, end) in enumerate(bones) if abs(end - head) < JOINED * abs(tip - head)]
        found.append(across(np.isin(areas, [i, *joined]), bones[i]))
    return found


def across(limb: Mask, bone: Segment) -> Segment:
    """The line across a limb at a bone's head, through the middle of the limb; as wide as a little way down where a body begins at the head."""
    head, tip = bone
    way = (tip - head) / max(abs(tip - head), 1e-9)
    at, *below = (_sides(limb, head + (tip - head) * share, way) for share in (0.0, 0.25, 0.4))
    most = max(sum(sides) / 2 for sides in below)
    if sum(at) / 2 > WIDER * most:
        at = below[0]
    half = max(sum(at) / 2, 2.0)
    off = max(min((at[1] - at[0]) / 2, BESIDE * half), -BESIDE * half)
    middle = head + 1j * way * off
    return middle - 1j * way * half, middle + 1j * way * half


def _half_width(limb: Mask, bone: Segment, share: float) -> float:
    way = bone[1] - bone[0]
    return sum(_sides(limb, bone[0] + way * share, way / max(abs(way), 1e-9))) / 2


def _sides(limb: Mask, at: complex, way: complex) -> tuple[float, float]:
    """How far a limb reaches from a place to either side of a way, pixels."""
    found = []
    steps = np.arange(0.0, float(np.hypot(*limb.shape)), 0.5)
    for side in (-1j, 1j):
        z = at + side * way * steps
        x, y = np.floor(z.real).astype(int), np.floor(z.imag).astype(int)
        there = (x >= 0) & (y >= 0) & (x < limb.shape[1]) & (y < limb.shape[0])
        there[there] = limb[y[there], x[there]]
        out = np.flatnonzero(~there)
        found.append(max(float(steps[out[0]] if out.size else steps[-1]) - 0.25, 0.0))
    return found[0], found[1]


def _areas(picture: Picture, bones: Sequence[Segment]) -> Labels:
    """To which bone each pixel of a drawing belongs; -1 where it is empty."""
    solid = picture[..., 3] >= SOLID
    share = min(1.0, SMALL / max(solid.shape))
    size = max(1, round(solid.shape[1] * share)), max(1, round(solid.shape[0] * share))
    small = np.asarray(cv2.resize(picture, size, interpolation=cv2.INTER_AREA)).astype(np.uint8)
    first = _reached(small, _seeds(small, [(one * share, other * share) for one, other in bones]), WIDEST)
    if share == 1:
        return first
    areas = np.asarray(cv2.resize(first, solid.shape[::-1], interpolation=cv2.INTER_NEAREST)).astype(np.float32)
    kernel = np.ones((2 * math.ceil(1 / share) + 1,) * 2, np.uint8)
    border = cv2.erode(areas, kernel) != cv2.dilate(areas, kernel)
    return _reached(picture, np.where(solid & ~border, areas, -1).astype(np.int32), math.ceil(WIDEST / share))


def _nearest_of(values: NDArray[Any], known: Mask) -> NDArray[Any]:
    """For each pixel the value of the nearest one that is known."""
    _, nearest = cv2.distanceTransformWithLabels(
        (~known).astype(np.uint8), cv2.DIST_L2, 5, labelType=cv2.DIST_LABEL_PIXEL
    )
    of = np.zeros((int(nearest.max()) + 1, *values.shape[2:]), values.dtype)
    of[nearest[known]] = values[known]
    return np.asarray(of[nearest])


def _reached(picture: Picture, seeds: Labels, widest: int) -> Labels:
    """From which of the areas that are known already each pixel of a drawing is reached most cheaply; -1 where it is empty. Drawn lines, which
    run from one area to the next, belong to what they lie around; they are at most so many pixels wide.
    """
    solid = picture[..., 3] >= SOLID
    open_ = solid & grown(seeds < 0)  # what is to be found, and the rim of what is known
    number = np.full(solid.shape, -1)
    number[open_] = np.arange(np.count_nonzero(open_))
    colour, around = cv2.medianBlur(np.ascontiguousarray(picture[..., :3]), 3), np.ones((3, 3), np.uint8)
    steep = np.asarray(cv2.dilate(colour, around) - cv2.erode(colour, around)).max(axis=2).astype(np.float32)
    line = _lines(picture, widest)
    dear = DEAR * np.maximum(steep - GRAIN, 0.0) + OVER * line
    ends: list[list[NDArray[np.intp]]] = [[], []]
    costs: list[NDArray[np.float32]] = []
    for down, right in ((0, 1), (1, 0), (1, 1), (1, -1)):
        one = np.s_[: solid.shape[0] - down, max(-right, 0) : solid.shape[1] - max(right, 0)]
        other = np.s_[down:, max(right, 0) : solid.shape[1] - max(-right, 0)]
        both = open_[one] & open_[other]
        ends[0].append(number[one][both])
        ends[1].append(number[other][both])
        costs.append(math.hypot(down, right) + (dear[one][both] + dear[other][both]) / 2)
    count, own = np.count_nonzero(open_), seeds[open_]
    sources = np.flatnonzero(own >= 0)
    if not sources.size:
        return np.where(solid, _nearest_of(seeds, seeds >= 0), -1) if (seeds >= 0).any() else np.full_like(seeds, -1)
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import dijkstra

    graph = coo_array((np.concatenate(costs), tuple(map(np.concatenate, ends))), shape=(count, count)).tocsr()
    far, _, came = dijkstra(graph, directed=False, indices=sources, min_only=True, return_predecessors=True)
    found, within = seeds.copy(), seeds >= 0
    there = np.isfinite(far)
    within[open_] |= there
    found[open_] = np.where(there, own[np.maximum(came, 0)], own)
    within &= ~line
    return np.where(solid, _nearest_of(found, within if within.any() else found >= 0), -1)


def _lines(picture: Picture, widest: int) -> Mask:
    """The dark lines of a drawing: what is darker than all around it within their width (the black top hat of its grey)."""
    grey = cv2.cvtColor(np.ascontiguousarray(picture[..., :3]), cv2.COLOR_RGB2GRAY)
    grey[picture[..., 3] < SOLID] = 255
    reach = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (widest | 1, widest | 1))
    return np.asarray(cv2.morphologyEx(grey, cv2.MORPH_BLACKHAT, reach) > DARK)


def _seeds(picture: Picture, bones: Sequence[Segment]) -> Labels:
    """The pixels along each bone that are its own: not those in the colour of another one that lies over it."""
    colour, solid, lines, typical = picture[..., :3].astype(np.float32), picture[..., 3] >= SOLID, [], []
    for one, other in bones:
        z = one + (other - one) * np.linspace(0.1, 0.9, max(round(abs(other - one)), 2))
        x, y = np.clip(z.real.astype(int), 0, solid.shape[1] - 1), np.clip(z.imag.astype(int), 0, solid.shape[0] - 1)
        lines.append((y, x))
        typical.append(np.median(colour[y, x], axis=0))
    seeds = np.full(solid.shape, -1, np.int32)
    for i, (y, x) in enumerate(lines):
        off = [np.abs(colour[y, x] - each).max(axis=1) for each in typical]
        own = (off[i] <= OTHER_COLOUR) | (off[i] <= np.min(off, axis=0))
        seeds[y[own], x[own]] = i
    seeds[~solid] = -1
    return seeds


def _with_outline(picture: Picture, piece: Mask, bodies: Mask, line: _Line | None) -> Mask:
    """A piece with the outline around it, where it lies before what stays: what there is of another colour than what lies behind, but for the
    outline of the bodies themselves.
    """
    solid = picture[..., 3] >= SOLID
    stays = (solid & ~piece).astype(np.uint8)
    reach = max(2, math.ceil(SEEN_LINE * float(np.percentile(_depth(piece)[piece], 95)) if piece.any() else 0))
    near = cv2.distanceTransform((~piece).astype(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    ring = (stays > 0) & (near <= reach)
    if line is not None:
        ring &= _depth(solid) > line.width + 1
    beyond = bodies & (stays > 0) & (near > reach) & (_depth(solid) > (line.width + 1 if line else 0))
    if not ring.any() or not beyond.any():
        return piece
    behind = _nearest_of(picture[..., :3].astype(np.float64), beyond)
    other = np.abs(picture[..., :3] - behind).max(axis=2) > OTHER_COLOUR / 2
    joined = _hanging_together_with(piece | (ring & other), piece)
    return np.asarray(piece | (joined & ring))


def _hidden(kept: Mask, piece: Mask, carriers: Sequence[Mask], end: Mask) -> Mask:
    """What of the bodies goes on behind a piece: within the hull of each with the round end on it, where what stays holds it."""
    found = np.zeros(piece.shape, bool)
    for area in carriers:
        body = area & kept
        if not (grown(body) & piece).any():
            continue
        inside = piece & hull(body | (end & piece) if (grown(body) & end).any() else body)
        count, labels = cv2.connectedComponents(inside.astype(np.uint8), connectivity=4)
        touching = grown(body)
        for label in range(1, count):
            one = labels == label
            edge = one & ~np.asarray(cv2.erode(one.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0)
            if np.count_nonzero(edge & touching) >= HELD * np.count_nonzero(edge):
                found |= one
    return found


def _outlined(kept: Picture, line: _Line, behind: Mask) -> Picture:
    """What stays, with the outline of the bodies going on around what was filled."""
    drawn = kept.copy()
    drawn[behind & (_depth(behind | (kept[..., 3] >= SOLID)) <= line.width), :3] = np.round(line.colour).astype(
        np.uint8
    )
    return drawn


def _line_around(picture: Picture, solid: Mask, bodies: Mask) -> _Line | None:
    """The outline around bodies: how deep from the edge their colour is another one than within."""
    depth = np.where(bodies, _depth(solid), 0.0)
    most = max(2, int(SEEN_LINE * float(depth.max())))
    inner = picture[depth > most][:, :3]
    if not inner.size:
        return None
    middle = np.median(inner, axis=0)
    outer = (depth > 0) & (depth <= most)
    at, colour = np.ceil(depth[outer]).astype(int) - 1, picture[outer][:, :3]
    colours = [np.median(colour[at == k], axis=0) if (at == k).any() else middle for k in range(most)]
    width = next((k for k, colour in enumerate(colours) if np.abs(colour - middle).max() <= OTHER_COLOUR), most)
    return _Line(width, colours[width // 2]) if 0 < width < most else None


def _depth(mask: Mask) -> NDArray[Any]:
    """How far within an area each pixel lies; the border of the picture counts as its edge."""
    padded = np.pad(mask, 1).astype(np.uint8)
    return np.asarray(cv2.distanceTransform(padded, cv2.DIST_L2, cv2.DIST_MASK_PRECISE))[1:-1, 1:-1]


def thickest(picture: Picture, bones: Sequence[Segment]) -> int:
    """Which of some bones lies along the thickest piece of a drawing: that of the body."""
    solid = np.pad((picture[..., 3] >= SOLID).astype(np.uint8), 1)
    depth = np.asarray(cv2.distanceTransform(solid, cv2.DIST_L2, 5))
    found = []
    for one, other in bones:
        z = one + (other - one) * np.linspace(0.2, 0.8, 7)
        x = np.clip(np.round(z.real).astype(int), 0, solid.shape[1] - 1)
        y = np.clip(np.round(z.imag).astype(int), 0, solid.shape[0] - 1)
        found.append(float(depth[y, x].mean()))
    return int(np.argmax(found))


def _with_what_only_it_holds(solid: Mask, piece: Mask, others: Sequence[Segment]) -> Mask:
    """A piece with all that would fall off without it: what hangs together with no bone of the others."""
    count, labels = cv2.connectedComponents((solid & ~piece).astype(np.uint8), connectivity=4)
    held = set()
    for one, other in others:
        for share in np.linspace(0, 1, 9):
            at = one + (other - one) * share
            if 0 <= at.real < solid.shape[1] and 0 <= at.imag < solid.shape[0]:
                held.add(int(labels[int(at.imag), int(at.real)]))
    loose = [label for label in range(1, count) if label not in held]
    return np.asarray(piece | np.isin(labels, loose))


def _from_segment(z: NDArray[np.complex128], one: complex, other: complex) -> Floats:
    way = other - one
    along = np.clip(((z - one) * np.conj(way)).real / max(abs(way) ** 2, 1e-12), 0, 1)
    return np.asarray(np.abs(z - one - way * along))


def _on_bones(mask: Mask, bones: Sequence[Segment]) -> Mask:
    """What of an area hangs together with the bones, or with what of it is nearest to the first one."""
    if not mask.any():
        return mask
    rows, columns = np.nonzero(mask)
    z = columns + 0.5 + 1j * (rows + 0.5)
    _, labels = cv2.connectedComponents(mask.astype(np.uint8), connectivity=4)
    spots = [bones[0][0] + (bones[0][1] - bones[0][0]) / 2]
    spots += [one + (other - one) * share for one, other in bones for share in (0.3, 0.5, 0.7)]
    nearest = [int(np.abs(z - spot).argmin()) for spot in spots]
    there = nearest[:1] + [at for at, spot in zip(nearest, spots, strict=True) if abs(z[at] - spot) < 1]
    return np.isin(labels, [labels[rows[at], columns[at]] for at in there])


def _hanging_together_with(mask: Mask, seed: Mask) -> Mask:
    """What of an area hangs together with another one within it."""
    _, labels = cv2.connectedComponents(mask.astype(np.uint8), connectivity=4)
    return np.asarray(mask & np.isin(labels, np.unique(labels[seed & mask])))
