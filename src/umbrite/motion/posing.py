"""From what a person drags to channel values: the other direction of the evaluator."""

import cmath
import math
from typing import Literal

import numpy as np

from umbrite.motion.evaluate import evaluate
from umbrite.motion.placed import Placed
from umbrite.motion.plan import Floats
from umbrite.motion.soft_ends import asked_for, ends_of
from umbrite.motion.totals import added, moved_to, with_totals
from umbrite.rig.affine import inverse
from umbrite.rig.channels import value, with_values
from umbrite.rig.control_kinds import span_of, traits
from umbrite.rig.family import ancestors, body_carrier, body_joint, branch
from umbrite.rig.model import Control, Joint, Limb, Pose, Puppet

Squash = Literal["each", "even", "slant"]
SMALLEST = 0.05  # to which dragging scales
AWAY, AT_END = 0.5, 1e-3  # board pixels, radians
BOW_STAGES = 9  # between no bow and the most, at which is looked


def move_joint_to(placed: Placed, pose: Pose, key: str, at: complex) -> Pose:
    """The pose in which a joint's pivot stands on a board point, by its own x and y, whatever links add."""
    return moved_to(placed, pose, key, at)


def move_control_to(placed: Placed, pose: Pose, control: Control, at: complex) -> Pose:
    """The pose in which a grip or master stands on a board point."""
    arm = placed.joint_map(control.moves).direction(control.offset.z)
    return move_joint_to(placed, pose, control.moves, at - complex(arm))


def pose_control(placed: Placed, pose: Pose, key: str, at: complex) -> Pose:
    """The pose in which a grip, a master or an aim point comes as near to a board point as its axes and range allow."""
    control = placed.plan.puppet.controls[key]
    if placed.plan.puppet.joints[control.moves].fixed:
        return pose
    moved = _allowed(pose, move_control_to(placed, pose, control, at), control)
    return _through_limb(placed, moved, control.moves)


def drag_joint_to(placed: Placed, pose: Pose, key: str, at: complex) -> Pose:
    """The pose in which a joint's pivot comes as near to a board point as the grip that moves it would, where one does."""
    if placed.plan.puppet.joints[key].fixed:
        return pose
    controls = placed.plan.puppet.controls.values()
    control = next((one for one in controls if one.moves == key and traits(one).moves), None)
    moved = move_joint_to(placed, pose, key, at)
    return _through_limb(placed, moved if control is None else _allowed(pose, moved, control), key)


def _through_limb(placed: Placed, moved: Pose, key: str) -> Pose:
    """Where a joint is the target of a limb that is posed by its own turns, wholly or in part: these come along, so that the tip goes as
    far as the target was moved, and the target goes to it.
    """
    puppet = placed.plan.puppet
    name, limb = next(((name, limb) for name, limb in puppet.limbs.items() if limb.target == key), ("", None))
    if limb is None or not limb.enabled or (blend := placed.value(name, "blend")) <= 0:
        return moved
    way = evaluate(placed.plan, moved).pivot(key) - placed.pivot(key)
    tip = complex(placed.joint_map(limb.joints[-1])(puppet.joints[key].pivot.z))
    reaching = with_totals(placed, moved, {f"{name}.blend": 0.0})
    reaching = move_joint_to(evaluate(placed.plan, reaching), reaching, key, tip + way)
    found = evaluate(placed.plan, reaching)
    return with_totals(found, reaching, {**own_turns(found, limb), f"{name}.blend": blend})


def own_turns(placed: Placed, limb: Limb) -> dict[str, float]:
    """What the turn channels of a limb's joints have to come to, links included, for its own turns to be what it shows."""
    return {f"{joint}.turn": turn_to_ask(placed, joint) for joint in limb.joints}


def turn_to_ask(placed: Placed, joint: str) -> float:
    """What a joint's turn channel has to come to, links included, for its own turn to be what it shows now."""
    ends = placed.plan.ends.at(np.array([placed.plan.place[joint]]))
    return float(asked_for(np.array([placed.turn(joint)]), ends)[0])


def _allowed(pose: Pose, moved: Pose, control: Control) -> Pose:
    values = {}
    for axis in "xy":
        wanted = value(moved if control.axes in ("both", axis) else pose, control.moves, axis)
        if control.least is not None and control.most is not None:
            wanted = min(max(wanted, getattr(control.least, axis)), getattr(control.most, axis))
        values[f"{control.moves}.{axis}"] = wanted
    return with_values(moved, values)


def bow_to(placed: Placed, pose: Pose, control: Control, at: complex) -> Pose:
    """The pose in which the limb that a bow grip stands on bows out to the side of a board point, as far as that lies from the line
    between its ends: by its stretch, for its ends stay. Without stretch its length is kept, and only the side is chosen.
    """
    found = limb_of(placed.plan.puppet, control.moves)
    if found is None:
        return pose
    key, limb = found
    root, target = placed.pivot(limb.joints[0]), placed.pivot(limb.target)
    here = _off_line(root, target, placed.pivot(control.moves))
    wanted = _off_line(root, target, at)
    side = round(value(pose, key, "bend"))
    if here * wanted < 0:
        side = 1 - side
    versions = np.linspace(0.0, limb.stretch, BOW_STAGES if limb.stretch > 0 else 1)
    channels: dict[str, Floats] = {name: np.full(len(versions), number) for name, number in pose.items()}
    channels |= {f"{key}.bend": np.full(len(versions), float(side)), f"{key}.bow": versions}
    tried = evaluate(placed.plan, channels)
    heights = np.array([abs(_off_line(root, target, tried.pivot(control.moves, i))) for i in range(len(versions))])
    rising = np.maximum.accumulate(heights)
    bow = float(np.interp(abs(wanted), rising, versions))
    return with_values(pose, {f"{key}.bend": float(side), f"{key}.bow": bow})


def _off_line(one: complex, other: complex, at: complex) -> float:
    """How far a point lies off the line from one to the other, signed by the side."""
    way = other - one
    return float((way.conjugate() * (at - one)).imag / max(abs(way), 1e-9))


def with_typed(placed: Placed, pose: Pose, key: str, what: str, number: float) -> Pose:
    """The pose with a channel of a joint or control at a number, links included, as far as its limit, its grip's range or its span allow."""
    puppet = placed.plan.puppet
    if key in puppet.controls:
        least, most = (getattr(end, "x" if what == "value" else "y") for end in span_of(puppet.controls[key]))
        return with_totals(placed, pose, {f"{key}.{what}": min(max(number, least), most)})
    if what in ("x", "y") and puppet.joints[key].fixed:
        return pose
    if what in ("scale_x", "scale_y"):
        number = _sized(puppet.joints[key], number)
    if what == "turn":
        smallest, largest, soft_smallest, soft_largest = ends_of(puppet.joints[key])
        number = min(max(number, smallest - soft_smallest), largest + soft_largest)
    moved = with_totals(placed, pose, {f"{key}.{what}": number})
    control = next((one for one in puppet.controls.values() if one.moves == key and traits(one).moves), None)
    return _allowed(pose, moved, control) if control is not None and what in ("x", "y") else moved


def turn_joint_by(placed: Placed, pose: Pose, key: str, angle: float) -> Pose:
    """Turn a joint by an angle as seen on the board, within its limit."""
    carrier = placed.carrier_map(key)
    seen = angle if abs(carrier.a) >= abs(carrier.b) else -angle  # a mirrored carrier turns it round
    joint = placed.plan.puppet.joints[key]
    turn = value(pose, key, "turn") + added(placed, f"{key}.turn") + seen
    if joint.limit is not None:
        smallest, largest, soft_smallest, soft_largest = ends_of(joint)
        turn = min(max(turn, smallest - soft_smallest), largest + soft_largest)
    return with_totals(placed, pose, {f"{key}.turn": turn})


def scale_joint_to(placed: Placed, pose: Pose, key: str, factor: float) -> Pose:
    """Scale a joint, with all it carries, to a factor of rest, the same both ways."""
    more = _sized(placed.plan.puppet.joints[key], factor - 1)
    return with_totals(placed, pose, {f"{key}.scale_x": more, f"{key}.scale_y": more})


def _sized(joint: Joint, more: float) -> float:
    """A scale, less 1, within the sizes that animators may give a joint."""
    sizes = joint.sizes
    return more if sizes is None else min(max(more, sizes.smallest - 1), sizes.largest - 1)


def squashed(placed: Placed, pose: Pose, key: str, way: tuple[complex, complex], how: Squash, reach: float) -> Pose:
    """The pose in which what was pressed on a joint, at the way's first board point, goes with the pointer to its last: by scale along
    each axis, by scale that is even, or by skew. Along an axis on which the press lies nearer to the pivot than `reach` nothing changes.
    """
    carrier, pivot = inverse(placed.carrier_map(key)), placed.pivot(key)
    back = cmath.exp(-1j * placed.turn(key))
    here, there = (complex(carrier.direction(z - pivot)) * back for z in way)
    wide, tall, skew = (placed.value(key, what) for what in ("scale_x", "scale_y", "skew"))
    if how == "slant":
        more = (there.real - here.real) / here.imag if abs(here.imag) > reach else 0.0
        return with_totals(placed, pose, {f"{key}.skew": skew + more})
    across, after = (z.real - skew * z.imag for z in (here, there))
    by_x = after / across if abs(across) > reach else 1.0
    by_y = there.imag / here.imag if abs(here.imag) > reach else 1.0
    if how == "even":
        by_x = by_y = abs(there) / abs(here) if abs(here) > reach else 1.0
    wide, tall = (
        _sized(placed.plan.puppet.joints[key], max((1 + now) * by, SMALLEST) - 1)
        for now, by in ((wide, by_x), (tall, by_y))
    )
    return with_totals(placed, pose, {f"{key}.scale_x": wide, f"{key}.scale_y": tall})


def angle_between(pivot: complex, one: complex, other: complex) -> float:
    """The turn about `pivot` that takes the direction of `one` to that of `other`; 0 where one is the pivot."""
    if abs(one - pivot) < 1e-9 or abs(other - pivot) < 1e-9:
        return 0.0
    ratio = (other - pivot) / (one - pivot)
    return math.atan2(ratio.imag, ratio.real)


def turn_of_step(pivot: complex, one: complex, other: complex, least: float) -> float:
    """The turn that a small step of the pointer means. Within `least` of the pivot, where directions whirl, it counts for less the
    nearer it is.
    """
    reach = min(abs(one - pivot), abs(other - pivot))
    share = 1.0 if least <= 0 else min(1.0, (reach / least) ** 2)
    return share * angle_between(pivot, one, other)


def turned_with(placed: Placed, control: Control) -> str | None:
    """The joint that turns when a grip is turned: what it moves, or the hand or foot that reaches with it; None where nothing would."""
    if not traits(control).moves or control.kind == "aim":
        return None
    limbs = placed.plan.puppet.limbs
    key = next((key for key, limb in limbs.items() if limb.target == control.moves), None)
    if key is None or not limbs[key].enabled:
        return control.moves
    end, hold = limbs[key].end, placed.end_hold(key)
    if end is None or hold == "toe":
        return None
    return control.moves if hold == "target" else end


def stopped_by(placed: Placed) -> list[str]:
    """The joints whose limits keep limbs from where their targets are: those at an end of theirs, of limbs whose tips are away."""
    plan, found = placed.plan, []
    for i, limb in enumerate(plan.puppet.limbs.values()):
        if limb.enabled and placed.limbs.distance[0, i] > AWAY:
            for key in limb.joints:
                ends, turn = plan.ends.at(plan.place[key]), placed.turn(key)
                if min(abs(turn - float(ends.smallest)), abs(turn - float(ends.largest))) < AT_END:
                    found.append(key)
    return found


def limb_of(puppet: Puppet, joint: str) -> tuple[str, Limb] | None:
    """The limb that a joint belongs to, or from whose end it hangs; the nearest one upwards."""
    for key in (joint, *ancestors(puppet, joint)):
        for limb_key, limb in puppet.limbs.items():
            if limb.enabled and (key in limb.joints or key == limb.end):
                return limb_key, limb
        if key != joint and any(c.moves == key for c in puppet.controls.values() if traits(c).moves):
            return None
    return None


def body_of(puppet: Puppet, joint: str) -> str | None:
    """What moves when the art of this joint is dragged as a body: the nearest carrier with a control, for joints
    that carry limbs themselves or are that carrier; None for what should turn instead (a head, a tail).

    The master moves everything, so it moves only where nothing else can: without a control of its own the body moves itself.
    """
    carried = set(branch(puppet, joint))
    roots = {limb.joints[0] for limb in puppet.limbs.values()}
    moved = {control.moves for control in puppet.controls.values() if traits(control).moves}
    if joint not in moved and not roots & carried:
        return None
    way = [joint, *ancestors(puppet, joint)]
    alone = next((key for key in way if key in moved and puppet.joints[key].role != "master"), None)
    body = body_carrier(puppet) or body_joint(puppet)
    return alone or (body if body in way else next((key for key in way if key in moved), None))


def trial_of(puppet: Puppet, key: str, turn: float) -> dict[str, float]:
    """A pose that shows one joint turned, with its limb following its joints meanwhile."""
    trial = {f"{key}.turn": turn}
    for limb_key, limb in puppet.limbs.items():
        if key in limb.joints:
            trial[f"{limb_key}.blend"] = 1.0
    return trial
