"""The whole body gives way: any point is dragged while others are held.

Limbs let go of their targets meanwhile: all joints that may turn, and the shift of one carrier, take part. Each step is a
damped least-squares step over all of them (see `long_limb`), weighed by give; joints at their limits are held, and the
step is computed again without them. Hold points weigh so much more than the dragged point that it gives way first, and
the last steps serve the holds alone. The result depends on the pose at the beginning and the pointer alone: when the
pointer rests, nothing drifts. At the end the targets go to where the tips have come.
"""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.matching import own_turns_from_target, target_from_own_turns
from umbrite.motion.plan import Plan, compile_plan
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.model import Pose, Puppet
from umbrite.rig.poses import value, with_values

Floats = NDArray[np.float64]
STEPS = 14
HOLD_STEPS = 4  # the last ones, for the holds alone
HOLD_WEIGHT = 30.0
LARGEST_TURN = 0.4  # radians in one step
# A carrier's shift by its own size counts as this much turning.
SHIFT_GIVE = 0.6


class HoldPoint(NamedTuple):
    """A point that rides on a joint: its id, and the board point at rest."""

    joint: str
    at: complex


class Body(NamedTuple):
    """What does not change during a drag: the plan without limbs, the own-turns pose, and who moves what."""

    plan: Plan
    limbs: Plan
    pose: Pose
    points: tuple[HoldPoint, ...]  # the dragged one first
    places: tuple[complex, ...]  # on the board, at the beginning
    joints: tuple[str, ...]  # that may turn
    carrier: str | None  # that may shift
    moves: NDArray[np.bool_]  # (points, joints): whether a joint carries a point
    size: float


def begin(
    placed: Placed, pose: Pose, dragged: HoldPoint, holds: Sequence[HoldPoint], carrier: str | None = None
) -> Body:
    """Make ready for dragging a point; `carrier` may shift along (None: nothing does)."""
    puppet = placed.plan.puppet
    for key, limb in puppet.limbs.items():
        if limb.enabled:
            pose = own_turns_from_target(placed, pose, key)
    for limb in puppet.limbs.values():
        if limb.enabled and limb.end is not None:
            pose = with_values(pose, {f"{limb.end}.turn": placed.turn(limb.end)})
    loose = _without_limbs(puppet)
    points = (dragged, *holds)
    above = [{point.joint, *ancestors(puppet, point.joint)} for point in points]
    joints = tuple(key for key in puppet.joints if puppet.joints[key].give > 0 and not puppet.joints[key].role
                   and key != carrier and any(key in chain for chain in above))  # fmt: skip
    return Body(
        plan=compile_plan(loose),
        limbs=placed.plan,
        pose=pose,
        points=points,
        places=tuple(complex(placed.joint_map(point.joint)(point.at)) for point in points),
        joints=joints,
        carrier=carrier,
        moves=np.array([[key in chain for key in joints] for chain in above], dtype=bool).reshape(
            len(points), -1
        ),
        size=float(max(puppet.width, puppet.height)) / 4,
    )


def _without_limbs(puppet: Puppet) -> Puppet:
    return replace(puppet, limbs={key: replace(limb, enabled=False) for key, limb in puppet.limbs.items()})


def drag(body: Body, to: complex) -> Pose:
    """The pose, by own turns, with the dragged point at `to` or as near as holds and limits allow."""
    goals = np.array([to, *body.places[1:]])
    values = np.array([value(body.pose, key, "turn") for key in body.joints])
    shift = 0j if body.carrier is None else complex(*(value(body.pose, body.carrier, axis) for axis in "xy"))
    for number in range(STEPS + HOLD_STEPS):
        weights = np.full(len(goals), HOLD_WEIGHT)
        weights[0] = 1.0 if number < STEPS else 0.0
        placed = evaluate(body.plan, _pose(body, values, shift))
        at = np.array([complex(placed.joint_map(p.joint)(p.at)) for p in body.points])
        error = goals - at
        if np.abs(error * (weights > 0)).max(initial=0.0) < 1e-3:
            if number >= STEPS or np.abs(error).max() < 1e-3:
                break
            continue
        turned, shifted = _step(body, placed, at, values, error, weights)
        values, shift = values + turned, shift + shifted
    return _pose(body, values, shift)


def _pose(body: Body, turns: Floats, shift: complex) -> Pose:
    named = {f"{key}.turn": float(turn) for key, turn in zip(body.joints, turns, strict=True)}
    if body.carrier is not None:
        named |= {f"{body.carrier}.x": shift.real, f"{body.carrier}.y": shift.imag}
    return with_values(body.pose, named)


def _step(
    body: Body,
    placed: Placed,
    at: NDArray[np.complex128],
    turns: Floats,
    error: NDArray[np.complex128],
    weights: Floats,
) -> tuple[Floats, complex]:
    pivots = np.array([placed.pivot(key) for key in body.joints])
    carriers = [placed.carrier_map(key) for key in body.joints]
    sense = np.array([-1.0 if abs(m.b) > abs(m.a) else 1.0 for m in carriers])
    speed = np.where(body.moves, 1j * sense * (at[:, None] - pivots[None]), 0)
    columns = [speed.real, speed.imag]
    give = np.array([body.plan.puppet.joints[key].give for key in body.joints])
    if body.carrier is not None:
        frame = placed.carrier_map(body.carrier)
        for unit in (1 + 0j, 1j):
            column = np.full((len(at), 1), complex(frame.direction(unit)) * body.size)
            columns = [np.hstack([columns[0], column.real]), np.hstack([columns[1], column.imag])]
        give = np.concatenate([give, [SHIFT_GIVE, SHIFT_GIVE]])
    matrix = np.vstack(columns) * np.tile(weights, 2)[:, None]
    wanted = np.concatenate([error.real, error.imag]) * np.tile(weights, 2)
    low, high = (np.array([limit[body.plan.place[key]] for key in body.joints])
                 for limit in (body.plan.smallest, body.plan.largest))  # fmt: skip
    free = np.ones(len(give))
    for _ in range(3):
        step = _damped(matrix, give * free, wanted, body.size)
        ahead = step[: len(turns)]
        held = ((turns <= low) & (ahead < 0)) | ((turns >= high) & (ahead > 0))
        free[: len(turns)] = np.where(held, 0.0, free[: len(turns)])
    step = step * min(1.0, LARGEST_TURN / max(float(np.abs(step).max(initial=0.0)), 1e-300))
    turned = np.clip(turns + step[: len(turns)], low, high) - turns
    shifted = complex(*step[len(turns) :]) * body.size if body.carrier is not None else 0j
    return turned, shifted


def _damped(matrix: Floats, give: Floats, wanted: Floats, size: float) -> Floats:
    """W M' (M W M' + d I)^-1 e."""
    carried = matrix * give
    system = carried @ matrix.T
    damping = 1e-6 * size**2 + 1e-4 * float(wanted @ wanted) / max(len(wanted), 1)
    system[np.diag_indices_from(system)] += damping
    found: Floats = carried.T @ np.linalg.solve(system, wanted)
    return found


def let_go(body: Body, pose: Pose) -> Pose:
    """The pose in which the limbs hold their targets again, where tips have come; the picture stays.

    A limb that no target can give this picture keeps its own turns.
    """
    for key, limb in body.limbs.puppet.limbs.items():
        if not limb.enabled:
            continue
        shown = None
        before = pose
        if limb.end is not None and limb.end_hold == "target":
            # The target takes over the whole turn of the end.
            shown = value(pose, limb.end, "turn")
            pose = with_values(pose, {f"{limb.end}.turn": 0.0})
        try:
            pose = target_from_own_turns(evaluate(body.limbs, pose), pose, key, shown)
        except RigError:
            pose = before
    return pose
