"""The poses of the shelf when the rest changes: each still shows the picture that it was saved for.

With rest maps R (old rest to new rest, on the board), a joint's own map of a saved pose becomes `L = R(parent) S T^-1 R(parent)^-1`,
S being its own map in the saved pose and T that in the pose that becomes the rest; L is taken apart again into move, turn, scale
and skew about the new pivot. Turns keep their whole turns.
"""

from collections.abc import Iterator, Mapping

from msgspec.structs import replace

from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.matching import target_from_own_turns
from umbrite.motion.plan import Plan, compile_plan
from umbrite.motion.totals import total, with_totals
from umbrite.rig.affine import Affine, after, around, decompose, inverse, linear
from umbrite.rig.channels import JOINT_CHANNELS, known_only
from umbrite.rig.control_kinds import traits
from umbrite.rig.errors import RigError
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Pose, Puppet, SavedPose
from umbrite.rig.quantities.angles import TAU

# Below this nothing is seen to differ from rest.
NOTHING = 1e-9
SEEN = 1e-5  # board pixels
LONG = 2  # more joints than this reach from their own turns


def rebased(placed: Placed, rested: Puppet, frame: int = 0) -> tuple[SavedPose, ...]:
    """The shelf of `rested`, whose rest is this frame: the same poses, counted from the new rest."""
    plan = compile_plan(rested)
    return tuple(replace(saved, channels=_rebased(placed, plan, saved.channels, frame)) for saved in rested.poses)


def _rebased(placed: Placed, plan: Plan, channels: Mapping[str, float], frame: int) -> Pose:
    before = placed.plan.puppet
    saved = evaluate(placed.plan, known_only(channels, before))
    wanted: dict[str, float] = {}
    for key in before.joints:
        wanted |= {f"{key}.{what}": number for what, number in _joint(placed, saved, key, frame)}
    for key, limb in before.limbs.items():
        wanted[f"{key}.blend"] = total(saved, f"{key}.blend")
        bend = total(saved, f"{key}.bend")
        wanted[f"{key}.bend"] = (
            bend if bends_to(plan.puppet, plan.puppet.limbs[key]) == bends_to(before, limb) else 1.0 - bend
        )
    for key, control in before.controls.items():
        if traits(control).beside:
            for what in ("value", "value_y"):
                name = f"{key}.{what}"
                wanted[name] = total(saved, name) - total(placed, name, frame)
    wanted |= {f"{key}.shows": total(saved, f"{key}.shows") for key in before.sets}
    wanted |= _targets(placed, saved, plan, frame)
    unlike = {name: number for name, number in wanted.items() if abs(number) > NOTHING}
    rest = {name: wanted[name] for name in sorted(set(wanted) - set(unlike))}
    pose = with_totals(evaluate(plan, {}), {}, unlike, rest)
    for key, limb in before.limbs.items():
        if limb.enabled and total(saved, f"{key}.blend") == 0:
            pose = _reaching(placed, saved, plan, key, pose, frame)
    return pose


def _targets(placed: Placed, saved: Placed, plan: Plan, frame: int) -> dict[str, float]:
    """Targets stand on their limbs' tips at the new rest, wherever they stood before; in a saved pose they stand where they did."""
    found: dict[str, float] = {}
    for limb in placed.plan.puppet.limbs.values():
        key = limb.target
        carrier, then = placed.carrier_map(key, frame), saved.carrier_map(key)
        if min(abs(abs(m.a) - abs(m.b)) for m in (carrier, then)) >= NOTHING:
            at = complex(carrier(complex(inverse(then)(saved.pivot(key)))))
            shift = at - plan.puppet.joints[key].pivot.z
            found |= {f"{key}.x": shift.real, f"{key}.y": shift.imag}
    return found


def _reaching(placed: Placed, saved: Placed, plan: Plan, key: str, pose: Pose, frame: int) -> Pose:
    """A limb bends as it did: where a straighter or more bent rest softens its reach otherwise, its target makes up for it."""
    limb = placed.plan.puppet.limbs[key]
    now = evaluate(plan, pose)
    joints = [*limb.joints, *([limb.end] if limb.end is not None else [])]
    if max(abs(now.pivot(joint) - saved.pivot(joint)) for joint in joints) < SEEN:
        return pose
    turns = {f"{joint}.turn": _since(placed, joint, saved.turn(joint), frame) for joint in limb.joints}
    own = with_totals(now, pose, {**turns, f"{key}.blend": 1.0})
    try:
        matched = target_from_own_turns(evaluate(plan, own), own, key)
    except RigError:
        return pose
    if len(limb.joints) > LONG:
        return matched  # it reaches from these own turns
    mine = {f"{limb.target}.{what}" for what in ("x", "y", "turn")} | {f"{key}.bend"}
    return {
        **{name: v for name, v in pose.items() if name not in mine},
        **{name: v for name, v in matched.items() if name in mine},
    }


def _joint(placed: Placed, saved: Placed, key: str, frame: int) -> Iterator[tuple[str, float]]:
    pivot = placed.plan.puppet.joints[key].pivot.z
    carrier = placed.carrier_map(key, frame)
    at_rest = placed.turn(key, frame) if key not in _kept_ends(placed) else placed.value(key, "turn", frame)
    turn = saved.value(key, "turn")
    here = _own(saved, key, pivot, turn, 0)
    there = _own(placed, key, pivot, at_rest, frame)
    if min(abs(abs(m.a) - abs(m.b)) for m in (carrier, there)) < NOTHING:
        yield from ((what, saved.value(key, what)) for what in JOINT_CHANNELS)
        return
    own = after(after(carrier, after(here, inverse(there))), inverse(carrier))
    at = placed.pivot(key, frame)
    shift = complex(own(at)) - at
    seen, scale_x, scale_y, skew = decompose(own)
    expected = _since(placed, key, turn, frame, at_rest)
    yield from (("x", shift.real), ("y", shift.imag), ("turn", seen + TAU * round((expected - seen) / TAU)))
    yield from (("scale_x", scale_x - 1), ("scale_y", scale_y - 1), ("skew", skew))


def _since(placed: Placed, key: str, turn: float, frame: int, at_rest: float | None = None) -> float:
    """A turn counted from the new rest; what a mirrored carrier turned the other way round counts the other way."""
    carrier = placed.carrier_map(key, frame)
    by = turn - (placed.turn(key, frame) if at_rest is None else at_rest)
    return -by if abs(carrier.b) > abs(carrier.a) else by


def _own(placed: Placed, key: str, pivot: complex, turn: float, frame: int) -> Affine[complex]:
    """A joint's own map about its pivot, turned so far."""
    scale_x, scale_y, skew, x, y = (placed.value(key, what, frame) for what in ("scale_x", "scale_y", "skew", "x", "y"))
    a, b = linear(turn, 1 + scale_x, 1 + scale_y, skew)
    return around(pivot, complex(a), complex(b), complex(x, y))


def _kept_ends(placed: Placed) -> set[str]:
    """Ends whose angle something else keeps; their own turn comes on top of that."""
    limbs = placed.plan.puppet.limbs.values()
    return {limb.end for limb in limbs if limb.enabled and limb.end is not None and limb.end_hold != "limb"}
