"""Make the present pose the rest: what is seen stays where it is, and from now on counts as zero."""

import numpy as np
from msgspec.structs import replace

from umbrite.motion.driving.curves import curve_at, curve_of
from umbrite.motion.driving.stop_poses import added_at
from umbrite.motion.placed import Placed
from umbrite.motion.plan import compile_plan
from umbrite.motion.rest_changes.picture_kept import Rest
from umbrite.motion.rest_changes.takes_kept import kept_poses
from umbrite.motion.scene import clipped_outside
from umbrite.motion.solvers.limb_solving import MOST_SOFTEN
from umbrite.motion.totals import total
from umbrite.rig.affine import Affine, decompose
from umbrite.rig.change import change, require_finite
from umbrite.rig.channels import end_hold_of
from umbrite.rig.driving.rules import is_turn, values_read
from umbrite.rig.edits.limits import mended
from umbrite.rig.edits.rest import changes_in_words
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import drawn_bend
from umbrite.rig.model import Joint, Limit, Link, Placement, Point, Pose, Puppet, Stop, point

FLAT = 1e-6  # a scale below this leaves nothing to count from


def make_rest(placed: Placed, frame: int = 0) -> tuple[Puppet, list[str]]:
    """The puppet whose rest is this frame as posed, and what else changed, in sentences.

    Limits reach as far on the board as before; limbs bend to the side that they show; a target that was out of reach
    comes back to its limb's tip; links go through the new rest; poses on the shelf show what they were saved for. Raises RigError where a place is beyond all bounds.
    """
    before = puppet = placed.plan.puppet
    maps = placed.part_maps()
    opacity, order = placed.opacities()[frame], placed.order(frame).tolist()
    for number, key in enumerate(placed.plan.parts):
        m = Affine(*(complex(np.broadcast_to(field, maps.a.shape)[frame, number]) for field in maps))
        require_finite(m.a, m.b, m.t, what="A drawing's place")
        puppet = change(puppet, key, placement=Placement(m.t.real, m.t.imag, *decompose(m)))
        puppet = change(puppet, key, opacity=float(opacity[number]), **_part_fields(placed, key, frame))
    if order != sorted(order):
        puppet = replace(puppet, order=tuple(placed.plan.parts[i] for i in order))
    for key, joint in before.joints.items():
        puppet = change(puppet, key, **_joint_fields(placed, key, joint, frame))
    puppet = _limbs_at_rest(placed, puppet, frame)
    for key, control in before.controls.items():
        arm = placed.joint_map(control.moves, frame).direction(control.offset.z)
        puppet = change(puppet, key, offset=point(complex(arm)))
    for key, link in before.links.items():
        puppet = change(puppet, key, points=_through_rest(placed, link, frame))
    for key in before.responses:
        puppet = _response_through_rest(placed, puppet, key, frame)
    puppet, _ = kept_poses(rest_posed(placed, puppet, frame), before, puppet)
    words = changes_in_words(before, puppet)
    moved = [joint.name for key, joint in puppet.joints.items() if joint.limit != before.joints[key].limit]
    if moved:
        words.append(f"Limits count from the new rest: {', '.join(moved[:3])}{' and more' * (len(moved) > 3)}.")
    return puppet, words


def rest_posed(placed: Placed, puppet: Puppet, frame: int = 0) -> Rest:
    """The change from a rest to that of a puppet made by `make_rest`, by which takes are carried over."""
    return Rest(compile_plan(placed.plan.puppet), compile_plan(puppet), placed.at_frame(frame))


def kept_at_rest(puppet: Puppet, pose: Pose) -> Pose:
    """What is left of the pose that has become the rest: which variants show, and shapes. All else counts as zero now."""
    kept = [*chosen_channels(puppet), *(f"{key}.amount" for key in puppet.shapes)]
    return {name: pose[name] for name in kept if name in pose}


def chosen_channels(puppet: Puppet) -> list[str]:
    """The channels of sets: they name variants, and are no way from rest."""
    return [f"{key}.shows" for key in puppet.sets]


def _joint_fields(placed: Placed, key: str, joint: Joint, frame: int) -> dict[str, Point | Limit | None]:
    pivot = placed.pivot(key, frame)
    require_finite(pivot, what="A pivot")
    tip = None if joint.tip is None else point(placed.bone_point(key, joint.tip.z, frame))
    if tip is not None and abs(tip.z - pivot) < 1e-6:
        tip = None  # scaled away to nothing
    limit = joint.limit
    if limit is not None:
        turn = placed.turn(key, frame)
        small, large = limit.smallest - turn, limit.largest - turn
        carrier = placed.carrier_map(key, frame)
        if abs(carrier.b) > abs(carrier.a):  # a mirrored carrier turned it the other way round
            small, large = -large, -small
        limit = replace(mended(min(small, 0.0), max(large, 0.0))[0], soft=limit.soft)
    return {"pivot": point(pivot), "tip": tip, "limit": limit}


def _part_fields(placed: Placed, key: str, frame: int) -> dict[str, bool | str | None]:
    """Whether a part shows, and how it is clipped, where the pose tells that."""
    part, shows = placed.plan.puppet.parts[key], round(placed.value(key, "visible", frame))
    clip = placed.value(key, "clip", frame)
    outside = clipped_outside(part, clip)
    found: dict[str, bool | str | None] = {"visible": shows > 0} if shows else {}
    if round(clip):
        found |= {"clip": None if outside is None else part.clip, "clip_outside": bool(outside)}
    return found


def _limbs_at_rest(placed: Placed, puppet: Puppet, frame: int) -> Puppet:
    for number, key in enumerate(placed.plan.limbs):
        limb = puppet.limbs[key]
        tip = limb.tip
        if limb.end is not None:
            at = puppet.joints[limb.end].pivot
        else:
            rest = placed.plan.puppet.joints[limb.target].pivot.z
            at = tip = point(placed.bone_point(limb.joints[-1], rest, frame))
        puppet = change(change(puppet, key, tip=tip), limb.target, pivot=at)
        shown = drawn_bend(puppet, puppet.limbs[key]) or float(placed.limbs.bend[frame, number])
        if limb.enabled and len(limb.joints) > 1:
            puppet = change(puppet, key, bend=1 if shown > 0 else -1)
        puppet = change(puppet, key, **_limb_fields(placed, key, frame))
    return puppet


def _limb_fields(placed: Placed, key: str, frame: int) -> dict[str, float | str]:
    limb, hold = placed.plan.puppet.limbs[key], round(placed.value(key, "hold", frame))
    found: dict[str, float | str] = {
        "stretch": max(limb.stretch + placed.value(key, "stretch", frame), 0.0),
        "soften": min(max(limb.soften + placed.value(key, "soften", frame), 0.0), MOST_SOFTEN),
    }
    if hold and limb.end is not None:
        found["end_hold"] = end_hold_of(limb, hold)
    return found


def _through_rest(placed: Placed, link: Link, frame: int) -> tuple[Point, ...]:
    """The curve shifted so that the new rest is at 0, 0."""
    if link.travel:
        source = placed.pivot(link.source, frame).real - placed.plan.puppet.joints[link.source].pivot.x
    else:
        source = total(placed, link.source, frame)
    added = float(curve_at(curve_of(link), np.array(source)))
    if link.source in chosen_channels(placed.plan.puppet):
        source = 0.0
    # A scale at rest is baked into the art; what comes on top of it counts in shares of that.
    across = 1 + source if _is_scale(link.source) and not link.travel else 1.0
    up = 1 + total(placed, link.drives, frame) if _is_scale(link.drives) else 1.0
    if min(abs(across), abs(up)) < FLAT:
        across = up = 1.0
    return tuple(Point((p.x - source) / across, (p.y - added) / up) for p in link.points)


def _response_through_rest(placed: Placed, puppet: Puppet, key: str, frame: int) -> Puppet:
    """A response whose stops are told from the new rest: that is at its neutral value, and the old rest is a stop."""
    before = placed.plan.puppet
    response = before.responses[key]
    if response.driver in chosen_channels(before):
        return puppet
    names = values_read(before, response)
    if is_turn(response.driver):
        values = [placed.turn(owner_of(response.driver), frame)]
    else:
        values = [total(placed, name, frame) for name in names]
    here = Point(values[0], values[1] if len(values) > 1 else 0.0)
    gone = added_at(before, response, here)
    if abs(here.z) < FLAT:
        return puppet
    up = {name: 1 + total(placed, name, frame) if _is_scale(name) else 1.0 for name in gone}
    old_rest = Stop(Point(0.0, 0.0), {}, "As it was")
    stops = [
        replace(
            stop,
            at=Point(stop.at.x - here.x, stop.at.y - here.y),
            channels={name: (stop.channels.get(name, 0.0) - off) / (up[name] or 1.0) for name, off in gone.items()},
        )
        for stop in (*response.stops, old_rest)
    ]
    left = [stop for stop in stops if abs(stop.at.z) > FLAT]
    return change(puppet, key, stops=tuple(sorted(left, key=lambda stop: (stop.at.x, stop.at.y))))


def _is_scale(name: str) -> bool:
    return name.endswith((".scale_x", ".scale_y"))
