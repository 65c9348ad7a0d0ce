"""Parts that pass before or behind others while the puppet is posed: the depths that bring a wanted draw order about."""

from bisect import bisect_left
from collections.abc import Collection, Iterable

import numpy as np
from msgspec.structs import replace

from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.totals import added
from umbrite.rig.channels import with_values
from umbrite.rig.edits.parts import reorder, step_order
from umbrite.rig.family import drawn_order
from umbrite.rig.model import Pose, Puppet


def drawn_at(placed: Placed, frame: int = 0) -> tuple[str, ...]:
    """The parts back to front as they are drawn in a frame."""
    return tuple(placed.plan.parts[i] for i in placed.order(frame).tolist())


def passed(placed: Placed, pose: Pose, keys: Collection[str], before: int) -> Pose:
    """The pose in which parts stand in front of those at places below `before` of what is drawn, in the order among themselves.

    All others keep their depths, unless there is no room between two of them. Raises RigError for parts that are not there.
    """
    return with_order(placed, pose, drawn_order(reorder(_as_drawn(placed), keys, before)), keys)


def stepped(placed: Placed, pose: Pose, keys: Collection[str], by: int) -> Pose:
    """The pose in which parts have come one place forward (1) or gone one back (-1), past one that is not among them."""
    return with_order(placed, pose, drawn_order(step_order(_as_drawn(placed), keys, by)), keys)


def with_order(placed: Placed, pose: Pose, wanted: Iterable[str], moved: Collection[str] = ()) -> Pose:
    """The pose whose parts are drawn in an order, back to front. Those `moved`, and as few others as can be, get another depth than they have."""
    order, plan = tuple(wanted), placed.plan
    place = {key: i for i, key in enumerate(plan.parts)}
    depth = dict(zip(plan.parts, placed.channels["depth"][0].tolist(), strict=True))
    # What runs through both orders the same way stays; the longest such run leaves the fewest to be moved.
    now = {key: i for i, key in enumerate(drawn_at(placed))}
    others = [i for i, key in enumerate(order) if key not in moved]
    still = {others[i] for i in _longest_rising([now[order[i]] for i in others])}
    ends = [place[key] + depth[key] if i in still else np.nan for i, key in enumerate(order)]
    known = [(i, end) for i, end in enumerate(ends) if not np.isnan(end)]
    if known:
        known = [(-1, known[0][1] - 1), *known, (len(order), known[-1][1] + 1)]
    else:
        known = [(0, 0.0), (len(order), float(len(order)))]
    numbers, sides = np.array(known, dtype=np.float64).T
    places = np.interp(np.arange(len(order)), numbers, sides)
    told = {key: float(places[i]) - place[key] for i, key in enumerate(order) if i not in still}
    for found in (dict.fromkeys(told, 0.0), told, {key: float(i - place[key]) for i, key in enumerate(order)}):
        names = {f"{key}.depth": number for key, number in found.items()}
        tried = with_values(pose, {name: number - added(placed, name) for name, number in names.items()})
        if drawn_at(evaluate(plan, tried)) == order:
            break
    return tried


def _as_drawn(placed: Placed) -> Puppet:
    return replace(placed.plan.puppet, order=drawn_at(placed))


def _longest_rising(numbers: list[int]) -> set[int]:
    """The places of the longest run of rising numbers (patience sorting)."""
    lasts: list[int] = []  # the place where a run of one, of two and so on ends lowest
    before = [-1] * len(numbers)
    for i, number in enumerate(numbers):
        length = bisect_left(lasts, number, key=numbers.__getitem__)
        before[i] = lasts[length - 1] if length else -1
        lasts[length : length + 1] = [i]
    found, at = set(), lasts[-1] if lasts else -1
    while at >= 0:
        found.add(at)
        at = before[at]
    return found
