"""The whole body gives way: any point is dragged while others are held.

Limbs let go of their targets meanwhile: all joints that may turn, and the shift of one carrier, take part. Each step is a
damped least-squares step over all of them (see `long_limb`), weighed by give; joints at their limits are held, and the
step is computed again without them. Hold points weigh so much more than the dragged point that it gives way first, and
the last steps serve the holds alone. The result depends on the pose at the beginning and the pointer alone: when the
pointer rests, nothing drifts. At the end the targets go to where the tips have come.
"""

import cmath
from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace
from numpy.typing import NDArray

from umbrite.motion.evaluate import evaluate
from umbrite.motion.matching import target_from_own_turns
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.posing import own_turns, turn_to_ask
from umbrite.motion.soft_ends import Ends, taken, willingness
from umbrite.motion.solvers.kinematics import one_below
from umbrite.motion.totals import held, total, with_totals
from umbrite.rig.affine import Affine, linear
from umbrite.rig.driving.rules import driven_channels
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Pose, Puppet

Floats = NDArray[np.float64]
STEPS = 14
HOLD_STEPS = 4  # the last ones, for the holds alone
HOLD_WEIGHT = 30.0
LARGEST_TURN = 0.4  # radians in one step
LEAST_WILLING = 0.03  # of a joint at its soft end, so that it can come back
# A carrier's shift by its own size counts as this much turning.
SHIFT_GIVE = 0.6


class HoldPoint(NamedTuple):
    """A point that rides on a joint: its id, and the board point at rest."""

    joint: str
    at: complex


class Body(NamedTuple):
    """What does not change during a drag: who moves what, and how every joint lies on its carrier."""

    limbs: Plan  # the puppet's own plan
    plan: Plan  # the same without limbs
    start: Placed  # by own turns, at the beginning
    pose: Pose  # the same
    points: tuple[HoldPoint, ...]  # the dragged one first
    places: tuple[complex, ...]  # on the board, at the beginning
    joints: tuple[str, ...]  # that may turn
    carrier: str | None  # that may shift
    carried: NDArray[np.bool_]  # (points,): whether the carrier carries a point
    moves: NDArray[np.bool_]  # (points, joints): whether a joint carries a point
    give: Floats
    ends: Ends
    chain: tuple["Lever", ...]  # all that carries a point, parents first
    kept: tuple[str, ...]  # channels of these that links drive; they stay what they are
    carried_by: tuple[int, ...]  # the place in the chain of each point's joint
    taking: NDArray[np.intp]  # (joints,): the place in the chain of each joint that may turn
    over: NDArray[np.intp]  # (joints,): the place of what carries it, -1 for the ground
    pivot: NDArray[np.complex128]  # (joints,): where it turns, at rest
    size: float


class Lever(NamedTuple):
    """One joint as plain numbers, for placing a few dozen of them many times over: arrays cost more than they spare."""

    above: int  # place in the chain, -1 for the ground
    pivot: complex
    a: complex  # its own linear map, unturned
    b: complex
    shift: complex
    turn: float  # where it does not take part
    part: int  # its place in Body.joints, -1 where it does not take part
    shifts: bool


class Frame(NamedTuple):
    """Where a chain has come: the maps of its joints."""

    maps: list[tuple[complex, complex, complex]]  # a, b, t of each


def begin(
    placed: Placed, pose: Pose, dragged: HoldPoint, holds: Sequence[HoldPoint], carrier: str | None = None
) -> Body:
    """Make ready for dragging a point; `carrier` may shift along (None: nothing does)."""
    puppet = placed.plan.puppet
    plan = compile_plan(_without_limbs(puppet))
    wanted: dict[str, float] = {}
    for key, limb in puppet.limbs.items():
        if limb.enabled:
            wanted |= {**own_turns(placed, limb), f"{key}.blend": 1.0}
            if limb.end is not None:
                wanted[f"{limb.end}.turn"] = turn_to_ask(placed, limb.end)
    pose = held(placed, pose, wanted, plan)
    start = evaluate(plan, pose)
    points = (dragged, *holds)
    above = [{point.joint, *ancestors(puppet, point.joint)} for point in points]
    joints = tuple(key for key in puppet.joints if puppet.joints[key].give > 0 and not puppet.joints[key].role
                   and key != carrier and any(key in chain for chain in above))  # fmt: skip
    order = [key for key in plan.joints if any(key in chain for chain in above)]
    places = np.array([plan.place[key] for key in joints], dtype=np.intp)
    levers = _chain(start, order, joints, carrier)
    taking = sorted((i for i, lever in enumerate(levers) if lever.part >= 0), key=lambda i: levers[i].part)
    return Body(
        limbs=placed.plan,
        plan=plan,
        start=start,
        pose=pose,
        points=points,
        places=tuple(complex(placed.joint_map(point.joint)(point.at)) for point in points),
        joints=joints,
        carrier=carrier if carrier in order else None,
        carried=np.array([carrier in chain for chain in above]),
        moves=np.array([[key in chain for key in joints] for chain in above]).reshape(len(points), -1),
        give=np.array([puppet.joints[key].give for key in joints]),
        ends=plan.ends.at(places),
        chain=levers,
        kept=_driven(plan.puppet, order),
        taking=np.array(taking, dtype=np.intp),
        over=np.array([levers[i].above for i in taking], dtype=np.intp),
        pivot=np.array([levers[i].pivot for i in taking], dtype=np.complex128),
        carried_by=tuple(order.index(point.joint) for point in points),
        size=float(max(puppet.width, puppet.height)) / 4,
    )


def _without_limbs(puppet: Puppet) -> Puppet:
    return replace(puppet, limbs={key: replace(limb, enabled=False) for key, limb in puppet.limbs.items()})


def _driven(puppet: Puppet, keys: list[str]) -> tuple[str, ...]:
    return tuple(sorted(name for name in driven_channels(puppet) if owner_of(name) in keys))


def _chain(placed: Placed, order: list[str], joints: tuple[str, ...], carrier: str | None) -> tuple[Lever, ...]:
    found = []
    for key in order:
        joint = placed.plan.puppet.joints[key]
        scales = [1 + placed.value(key, axis) for axis in ("scale_x", "scale_y")]
        a, b = linear(0.0, scales[0], scales[1], placed.value(key, "skew"))
        found.append(
            Lever(
                above=order.index(joint.parent) if joint.parent is not None else -1,
                pivot=joint.pivot.z,
                a=complex(a),
                b=complex(b),
                shift=complex(placed.value(key, "x"), placed.value(key, "y")),
                turn=placed.turn(key),
                part=joints.index(key) if key in joints else -1,
                shifts=key == carrier,
            )
        )
    return tuple(found)


def drag(body: Body, to: complex) -> Pose:
    """The pose, by own turns, with the dragged point at `to` or as near as holds and limits allow."""
    goals = np.array([to, *body.places[1:]])
    asked = np.array([body.start.value(key, "turn") for key in body.joints])
    shift = 0j if body.carrier is None else complex(*(body.start.value(body.carrier, axis) for axis in "xy"))
    for number in range(STEPS + HOLD_STEPS):
        weights = np.full(len(goals), HOLD_WEIGHT)
        weights[0] = 1.0 if number < STEPS else 0.0
        frame = _placed(body, taken(asked, body.ends), shift)
        at = _points(body, frame)
        error = goals - at
        if np.abs(error * (weights > 0)).max(initial=0.0) < 1e-3:
            if number >= STEPS or np.abs(error).max() < 1e-3:
                break
            continue
        turned, shifted = _step(body, frame, at, asked, error, weights)
        asked, shift = asked + turned, shift + shifted
    return _pose(body, asked, shift)


def _pose(body: Body, turns: Floats, shift: complex) -> Pose:
    named = {f"{key}.turn": float(turn) for key, turn in zip(body.joints, turns, strict=True)}
    if body.carrier is not None:
        named |= {f"{body.carrier}.x": shift.real, f"{body.carrier}.y": shift.imag}
    kept = {name: total(body.start, name) for name in body.kept if name not in named}
    return with_totals(body.start, body.pose, named, kept)


def _placed(body: Body, turns: Floats, shift: complex) -> Frame:
    """The chain placed joint by joint, parents first."""
    maps: list[tuple[complex, complex, complex]] = []
    plain = turns.tolist()
    for link in body.chain:
        spin = cmath.rect(1.0, plain[link.part] if link.part >= 0 else link.turn)
        above = maps[link.above] if link.above >= 0 else None
        moved = shift if link.shifts else link.shift
        maps.append(one_below(above, spin * link.a, spin * link.b, moved, link.pivot))
    return Frame(maps)


def _points(body: Body, frame: Frame) -> NDArray[np.complex128]:
    found = []
    for point, i in zip(body.points, body.carried_by, strict=True):
        (a, b, t), z = frame.maps[i], point.at
        found.append(a * z + b * z.conjugate() + t)
    return np.array(found)


def _step(
    body: Body, frame: Frame, at: NDArray[np.complex128], asked: Floats, error: NDArray[np.complex128], weights: Floats
) -> tuple[Floats, complex]:
    maps = np.array(frame.maps, dtype=np.complex128).reshape(-1, 3)
    pivots = Affine(*maps[body.taking].T)(body.pivot)
    # A mirrored carrier turns what it carries the other way round; the ground, at the end, is not mirrored.
    mirrored = np.append(np.abs(maps[:, 1]) > np.abs(maps[:, 0]), [False])
    sense = np.where(mirrored[body.over], -1.0, 1.0)
    if body.ends.any_soft:
        sense = sense * np.maximum(willingness(taken(asked, body.ends), body.ends), LEAST_WILLING)
    speed = np.where(body.moves, 1j * sense * (at[:, None] - pivots[None]), 0)
    give = body.give
    if body.carrier is not None:
        units = np.array([1 + 0j, 1j])
        above = next(link.above for link in body.chain if link.shifts)
        if above >= 0:
            even, flipped, _ = frame.maps[above]
            units = even * units + flipped * units.conj()
        speed = np.hstack([speed, body.carried[:, None] * units * body.size])
        give = np.append(give, (SHIFT_GIVE, SHIFT_GIVE))
    weighed = np.tile(weights, 2)
    matrix = np.vstack([speed.real, speed.imag]) * weighed[:, None]
    wanted = np.concatenate([error.real, error.imag]) * weighed
    count = len(asked)
    low, high = body.ends.asked
    free = np.ones(len(give))
    for _ in range(3):
        step = _damped(matrix, give * free, wanted, body.size)
        ahead = step[:count]
        held = ((asked <= low) & (ahead < 0)) | ((asked >= high) & (ahead > 0))
        if not (held & (free[:count] > 0)).any():
            break
        free[:count] = np.where(held, 0.0, free[:count])
    step = step * min(1.0, LARGEST_TURN / max(float(np.abs(step).max(initial=0.0)), 1e-300))
    turned = np.clip(asked + step[:count], low, high) - asked
    shifted = complex(*step[count:]) * body.size if body.carrier is not None else 0j
    return turned, shifted


def _damped(matrix: Floats, give: Floats, wanted: Floats, size: float) -> Floats:
    """W M' (M W M' + d I)^-1 e."""
    carried = matrix * give
    system = carried @ matrix.T
    damping = 1e-6 * size**2 + 1e-4 * float(wanted @ wanted) / max(len(wanted), 1)
    system[np.diag_indices_from(system)] += damping
    return carried.T @ np.linalg.solve(system, wanted)


def let_go(body: Body, pose: Pose) -> Pose:
    """The pose in which the limbs hold their targets again, where tips have come; the picture stays.

    A limb that no target can give this picture keeps its own turns.
    """
    for key, limb in body.limbs.puppet.limbs.items():
        if not limb.enabled:
            continue
        shown = None
        before = pose
        if limb.end is not None and evaluate(body.plan, pose).end_hold(key) != "limb":
            # The target takes over the whole turn of the end.
            shown = evaluate(body.plan, pose).turn(limb.end)
            pose = held(evaluate(body.plan, pose), pose, {f"{limb.end}.turn": 0.0})
        try:
            pose = target_from_own_turns(evaluate(body.limbs, pose), pose, key, shown)
        except RigError:
            pose = before
    return pose
