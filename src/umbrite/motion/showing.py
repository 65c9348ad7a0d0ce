"""What shows: the variants of sets, the parts that they leave, and the joints that are there with them."""

from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.plan import Plan, but_swing
from umbrite.rig.remembered import remembered_by

Floats = NDArray[np.float64]
Flags = NDArray[np.bool_]
Indices = NDArray[np.intp]


class Showing(NamedTuple):
    """Which parts show and which joints are there, (frames, parts) and (frames, joints), and the place of the variant of each set, (frames, sets)."""

    shown: Flags
    there: Flags
    choices: Indices


def showing(plan: Plan, shows: Floats, visible: Floats, linked: Mapping[tuple[str, int], Floats]) -> Showing:
    """What shows with these values of sets and parts; `linked` is what links add to them, by kind of value and place."""
    if len(shows) == 1 and not (shows.any() or visible.any() or any(what == "shows" for what, _ in linked)):
        return _at_rest(plan)
    return _found(plan, shows, visible, linked)


@remembered_by(but_swing)
def _at_rest(plan: Plan) -> Showing:
    """Of one frame."""
    return _found(plan, np.zeros((1, len(plan.sets))), np.zeros((1, len(plan.parts))), {})


def _found(plan: Plan, shows: Floats, visible: Floats, linked: Mapping[tuple[str, int], Floats]) -> Showing:
    chosen = _chosen(plan, shows, linked)
    return Showing(_shown(plan, chosen, visible), _there(plan, chosen), chosen)


def _chosen(plan: Plan, shows: Floats, linked: Mapping[tuple[str, int], Floats]) -> Indices:
    """The place of the variant that shows in each set, (frames, sets). What links add goes on from it, in the set's order."""
    chosen = np.zeros((len(shows), len(plan.sets)), dtype=np.intp)
    for i, one in enumerate(plan.sets):
        on = np.asarray(linked.get(("shows", i), 0.0))
        asked = np.round(shows[:, i] - on)[:, None] == one.numbers
        place = np.where(asked.any(axis=1), asked.argmax(axis=1), one.rest) + np.round(on).astype(np.intp)
        chosen[:, i] = np.clip(place, 0, len(one.numbers) - 1)
    return chosen


def _shown(plan: Plan, chosen: Indices, visible: Floats) -> Flags:
    """Which parts show, (frames, parts): those that are not hidden, and of a set those of its variant that shows."""
    shown = np.tile(plan.visible, (len(chosen), 1))
    if visible.any():
        told = np.round(visible)
        shown = np.where(told == 0, shown, told > 0)
    for i, one in enumerate(plan.sets):
        parts, places = one.of_parts
        shown[:, parts] &= chosen[:, i, None] == places
    return shown


def _there(plan: Plan, chosen: Indices) -> Flags:
    """Which joints are there, (frames, joints): those of a branch only while it shows."""
    there = np.ones((len(chosen), len(plan.joints)), dtype=bool)
    for i, one in enumerate(plan.sets):
        for place, joints in enumerate(one.joints):
            if len(joints):
                there[:, joints] &= (chosen[:, i] == place)[:, None]
    return there
