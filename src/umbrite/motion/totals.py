"""Channels as they count: what a pose gives and what links add. From wanted totals back to the pose that gives them.

What a link adds may hang on the very channels that are being set (a joint drives its neighbour, or even what carries it), so what
comes out is looked at and put right until it is what was wanted. Without links there is nothing to put right.
"""

from collections.abc import Mapping

import numpy as np
from numpy.typing import NDArray

from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan
from umbrite.rig.affine import inverse
from umbrite.rig.channels import channel, is_look, neutral, value, with_values
from umbrite.rig.driving.rules import driven_channels, is_driven, rules
from umbrite.rig.model import Pose

# So often a place is looked for again; each time comes much nearer, or the links allow no such place.
TRIES = 25
# As near as this share of the size of the numbers is there.
NEAR = 1e-12
STEP = 0.25  # board pixels by which a joint is moved to see where its pivot goes


def total(placed: Placed, name: str, frame: int = 0) -> float:
    """A channel as it counts in this evaluation, by its name."""
    found = channel(name)
    if found is None or found.owner not in placed.plan.owners:
        return 0.0
    return placed.value(found.owner, found.kind.what, frame)


def added(placed: Placed, name: str, frame: int = 0) -> float:
    """What links add to a channel in this evaluation."""
    found = channel(name)
    if found is None or found.owner not in placed.plan.owners:
        return 0.0
    column = placed.linked.get((found.kind.what, placed.plan.owners[found.owner]))
    return 0.0 if column is None else float(column[frame])


def with_totals(
    placed: Placed,
    pose: Pose,
    wanted: Mapping[str, float],
    kept: Mapping[str, float] | None = None,
    plan: Plan | None = None,
) -> Pose:
    """The pose in which channels, by name, come to the wanted values, links included; what links drive elsewhere follows.

    Those in `kept` are put right only if they have changed. `plan` is the one that the pose is for, if it is not that of `placed`.
    """
    found = with_values(pose, {name: number - added(placed, name) for name, number in wanted.items()})
    plan = plan or placed.plan
    if not is_driven(plan.puppet):
        return found
    every = {**(kept or {}), **wanted}
    for _ in range(len(rules(plan.puppet)) + TRIES):
        now = evaluate(plan, found)
        away = {name: number - total(now, name) for name, number in every.items()}
        away = {name: off for name, off in away.items() if abs(off) > NEAR * (1 + abs(every[name]))}
        if not away:
            break
        found = with_values(found, {name: found.get(name, neutral(name)) + off for name, off in away.items()})
    return found


def held(placed: Placed, pose: Pose, wanted: Mapping[str, float], plan: Plan | None = None) -> Pose:
    """The same, and all else that links drive stays as it is in `placed`: for changing over without a jump."""
    puppet = (plan or placed.plan).puppet
    driven = sorted({*driven_channels(puppet)} - set(wanted))
    return with_totals(placed, pose, wanted, {name: total(placed, name) for name in driven}, plan)


def _may_answer(placed: Placed, names: tuple[str, ...]) -> bool:
    """Whether what links add may hang on these channels: one follows them, or goes by the way of some joint."""
    moving = (rule for rule in rules(placed.plan.puppet).values() if not all(map(is_look, rule.drives)))
    return any(rule.waits or not set(rule.reads).isdisjoint(names) for rule in moving)


def moved_to(placed: Placed, pose: Pose, key: str, at: complex) -> Pose:
    """The pose in which a joint's pivot stands on a board point, by its own x and y, links included."""
    names = f"{key}.x", f"{key}.y"
    shift = inverse(placed.carrier_map(key))(at) - placed.plan.puppet.joints[key].pivot.z
    found = with_values(
        pose, {names[0]: shift.real - added(placed, names[0]), names[1]: shift.imag - added(placed, names[1])}
    )
    if not _may_answer(placed, names):
        return found
    best, nearest = found, np.inf
    for _ in range(TRIES):
        x, y = (value(found, key, axis) for axis in "xy")
        tries: dict[str, NDArray[np.float64]] = {name: np.full(3, number) for name, number in found.items()}
        tries |= {names[0]: x + np.array([0, STEP, 0]), names[1]: y + np.array([0, 0, STEP])}
        here = evaluate(placed.plan, tries)
        pivots = [here.pivot(key, frame) for frame in range(3)]
        away = at - pivots[0]
        if abs(away) < nearest:
            best, nearest = found, abs(away)
        if abs(away) <= NEAR * (1 + abs(at)):
            break
        right, down = ((pivots[i] - pivots[0]) / STEP for i in (1, 2))
        size = right.real * down.imag - right.imag * down.real
        if abs(size) < 1e-12:
            break
        more_x = (away.real * down.imag - away.imag * down.real) / size
        more_y = (right.real * away.imag - right.imag * away.real) / size
        found = with_values(found, {names[0]: x + more_x, names[1]: y + more_y})
    return best
