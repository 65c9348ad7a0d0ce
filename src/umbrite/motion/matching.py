"""Changing over without a jump: from target to own turns and back, and from one thing followed to another.

Each gives the pose (and puppet) in which the picture is the same as before. A pose is matched for one frame.
"""

import cmath
import itertools
import math

from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.posing import move_joint_to, own_turns, turn_to_ask
from umbrite.motion.totals import added, held, total, with_totals
from umbrite.rig.affine import after, inverse
from umbrite.rig.change import change, get_limb
from umbrite.rig.channels import with_values
from umbrite.rig.control_kinds import traits
from umbrite.rig.driving.rules import is_driven
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Limb, Pose, Puppet, point
from umbrite.rig.quantities.angles import wrapped


def own_turns_from_target(placed: Placed, pose: Pose, key: str) -> Pose:
    """FK from IK: the joints' own turns take over what the limb has found; the picture stays."""
    limb = get_limb(placed.plan.puppet, key)
    return held(placed, pose, {**own_turns(placed, limb), f"{key}.blend": 1.0})


def target_from_own_turns(placed: Placed, pose: Pose, key: str, end_turn: float | None = None) -> Pose:
    """IK from FK: the target goes to the tip, and turns so that a kept end angle stays; the picture stays.

    A two-joint limb that is posed against its bend side gets the other one by its bend channel. `end_turn` is the turn that
    an end kept by the target, or pointing at its toe target, should show; without it, the one it shows. Refused where no place of the target gives the
    picture, as where a joint is locked.
    """
    puppet = placed.plan.puppet
    limb = get_limb(puppet, key)
    last = placed.joint_map(limb.joints[-1])
    tip = complex(last(puppet.joints[limb.target].pivot.z))
    place = list(placed.plan.limbs).index(key)
    against = len(limb.joints) >= 2 and int(placed.limbs.bend[0, place]) != bends_to(puppet, limb)
    at = _unsoftened(placed, key, tip)
    # A long limb starts from its own turns, so these stay.
    wanted = {f"{key}.blend": 0.0, f"{key}.bend": float(against)}
    matched = with_values(pose, {name: number - added(placed, name) for name, number in wanted.items()})
    # What links add may hang on what is set here; then it is set anew.
    for _ in range(1 + 2 * is_driven(puppet)):
        matched = move_joint_to(placed, matched, limb.target, at)
        if limb.end is not None and placed.end_hold(key) != "limb":
            shown = placed.turn(limb.end) if end_turn is None else end_turn
            matched = with_end_turn(placed, matched, key, shown)
        now = evaluate(placed.plan, matched)
        target = {f"{limb.target}.{what}": total(now, f"{limb.target}.{what}") for what in ("x", "y", "turn")}
        matched = held(placed, matched, {**wanted, **target})
    found = evaluate(placed.plan, matched)
    if max(abs(wrapped(found.turn(joint) - placed.turn(joint))) for joint in limb.joints) > 1e-5:
        raise RigError(
            f"{limb.name} is posed in a way that no place of its target gives: it is straighter than its soften zone "
            "allows, or a joint is locked. Bend it a little and match again."
        )
    return matched


def end_held(placed: Placed, pose: Pose, key: str, number: int) -> Pose:
    """The pose in which something else keeps the angle of a limb's end (its channel `hold`), and the end is turned as it was.

    Raises RigError for a limb that has no end.
    """
    limb = get_limb(placed.plan.puppet, key)
    if limb.end is None:
        raise RigError(f"{limb.name} has no hand or foot whose angle could be kept.")
    name = f"{limb.end}.turn"
    changed = with_totals(placed, pose, {f"{key}.hold": float(number)})
    now = evaluate(placed.plan, changed)
    return with_totals(now, changed, {name: total(now, name) + wrapped(placed.turn(limb.end) - now.turn(limb.end))})


def with_end_turn(placed: Placed, pose: Pose, key: str, shown: float) -> Pose:
    """Let a limb's end show a turn: by its own where it points at its toe target, by the target's where that keeps it."""
    limb = placed.plan.puppet.limbs[key]
    assert limb.end is not None
    name = f"{limb.end}.turn"
    if placed.end_hold(key) == "toe":
        pointing = evaluate(placed.plan, with_totals(placed, pose, {name: 0.0})).turn(limb.end)
        return with_totals(placed, pose, {name: float(wrapped(shown - pointing))})
    return _with_target_turn(placed, pose, key, shown - total(placed, name))


def _with_target_turn(placed: Placed, pose: Pose, key: str, turn: float) -> Pose:
    """Turn the target so that its limb's end keeps its turn: compared in the frame of what carries the root."""
    limb = placed.plan.puppet.limbs[key]
    frame = inverse(placed.carrier_map(limb.joints[0]))
    carrier = after(frame, placed.joint_map(limb.joints[-1]))
    above = after(frame, placed.carrier_map(limb.target))
    angle = cmath.phase(carrier.a) + turn - cmath.phase(above.a)
    name = f"{limb.target}.turn"
    now = total(placed, name)
    return with_totals(placed, pose, {name: float(now + wrapped(angle - now))})


def _unsoftened(placed: Placed, key: str, tip: complex) -> complex:
    """The place of the target for which soften lets the tip stand on `tip`: the inverse of `limb_solving.softened`."""
    puppet = placed.plan.puppet
    limb = puppet.limbs[key]
    frame = placed.carrier_map(limb.joints[0])
    root = complex(inverse(frame)(placed.pivot(limb.joints[0])))
    vector = complex(inverse(frame)(tip)) - root
    points = [complex(inverse(frame)(placed.pivot(joint))) for joint in limb.joints]
    points.append(root + vector)
    if len(limb.joints) <= 2:
        vector = _unsettled(placed, limb, points)
    full = sum(abs(b - a) for a, b in itertools.pairwise(points))
    rest = [puppet.joints[joint].pivot.z for joint in limb.joints] + [puppet.joints[limb.target].pivot.z]
    drawn = abs(rest[-1] - rest[0]) / sum(abs(b - a) for a, b in itertools.pairwise(rest))
    begins = min(max(full * (1 - limb.soften), full * drawn), full)
    zone, distance = full - begins, abs(vector)
    if len(limb.joints) < 2 or distance <= begins or zone <= 1e-9 * full:
        return complex(frame(root + vector))
    # At full reach the exact place would be endlessly far; forty zones out nothing can be told apart.
    left = max(1 - (distance - begins) / zone, 1e-17)
    farther = begins - zone * math.log(left)
    return complex(frame(root + vector * farther / distance))


def _unsettled(placed: Placed, limb: Limb, points: list[complex]) -> complex:
    """The way from the root for which joints ease into these turns by their soft ends: see `limb_solving`."""
    more = [turn_to_ask(placed, joint) - placed.turn(joint) for joint in limb.joints]
    vector = points[-1] - points[0]
    if not any(more):
        return vector
    if len(limb.joints) == 2:
        above, below = placed.carrier_map(limb.joints[0]), placed.joint_map(limb.joints[0])
        sense = -1.0 if (abs(below.b) > abs(below.a)) != (abs(above.b) > abs(above.a)) else 1.0
        asked = points[1] + (points[2] - points[1]) * cmath.rect(1.0, sense * more[1]) - points[0]
        vector *= abs(asked) / abs(vector) if vector else 1.0
    return vector * cmath.rect(1.0, more[0])


def with_parent_in_place(puppet: Puppet, pose: Pose, key: str, parent: str | None) -> tuple[Puppet, Pose]:
    """Hang a joint from something else: at rest and in this pose it stays on the board as it is.

    Refuses what `set_parent` refuses. The joint's own scale and skew stay as they are.
    """
    before = evaluate(compile_plan(puppet), pose)
    changed = set_parent(puppet, [key], parent)
    return changed, stayed(before, pose, key, compile_plan(changed))


def follow_in_place(placed: Placed, pose: Pose, key: str, number: int) -> Pose:
    """The pose in which a joint follows another of those that it may follow (0: its parent), and stays where it is, as it is turned.

    Its own scale and skew stay as they are. Raises RigError for a number that it does not have.
    """
    joint = placed.plan.puppet.joints[key]
    if not 0 <= number <= len(joint.also):
        raise RigError(f"{joint.name} has nothing of that number to follow.")
    followed = with_values(pose, {f"{key}.follows": float(number)})
    return stayed(placed, followed, key, placed.plan)


def stayed(before: Placed, pose: Pose, key: str, plan: Plan) -> Pose:
    """A pose in which a joint is where it was, turned as it was, by its own channels, whatever carries it now."""
    was, moved = before.joint_map(key), pose
    puppet = plan.puppet
    # What links add may hang on what is set here; then it is set anew.
    for _ in range(1 + 15 * is_driven(puppet)):
        moved = move_joint_to(evaluate(plan, moved), moved, key, before.pivot(key))
        now = evaluate(plan, moved)
        here = now.joint_map(key)
        turn = wrapped(cmath.phase(was.a) - cmath.phase(here.a)) if here.a and was.a else 0.0
        turn = total(now, f"{key}.turn") + (-turn if abs(here.b) > abs(here.a) else turn)
        own = {f"{key}.{axis}": total(now, f"{key}.{axis}") for axis in "xy" if is_driven(puppet)}
        moved = held(before, moved, {**own, f"{key}.turn": float(turn)}, plan)
    return moved


def carry_by(puppet: Puppet, pose: Pose, key: str, by: str | None) -> tuple[Puppet, Pose]:
    """Let a control travel with another one, or with a joint: what it moves hangs from what the other moves; nothing jumps.

    A control with a value of its own only stands elsewhere then. None: it stands on the board.
    Refuses a control that would stand beside nothing.
    """
    control = puppet.controls[key]
    joint = puppet.controls[by].moves if by is not None and by in puppet.controls else by
    if traits(control).beside:
        if joint is None:
            raise RigError(f"{control.name} has to stand beside something. Choose what it travels with.")
        at = puppet.joints[control.moves].pivot.z + control.offset.z
        offset = point(at - puppet.joints[joint].pivot.z)
        return change(puppet, key, moves=joint, offset=offset), pose
    return with_parent_in_place(puppet, pose, control.moves, joint)


def posed_by(puppet: Puppet, pose: Pose, key: str, own: float) -> tuple[Puppet, Pose]:
    """Change over between target (0) and own turns (1) so that the picture stays."""
    match = own_turns_from_target if own else target_from_own_turns
    return puppet, match(evaluate(compile_plan(puppet), pose), pose, key)
