"""Findings: what the checks noticed about a puppet, each with a place, a reason and, where possible, a fix."""

from collections.abc import Iterator
from typing import Literal

import msgspec

from umbrite.rig.change import change
from umbrite.rig.family import children, parts_on
from umbrite.rig.model import Puppet
from umbrite.rig.pivots import STRAIGHT, drawn_bend, keep_limbs, limb_tip


class Finding(msgspec.Struct, frozen=True):
    """One thing noticed. `where` is an id; `fix` says what `mend` would do, None where a person has to."""

    code: str
    severity: Literal["error", "warning", "hint"]
    where: str
    text: str
    fix: str | None = None


def findings(puppet: Puppet) -> list[Finding]:
    """All findings, errors first."""
    found = [*_limbs(puppet), *_family(puppet), *_pivots(puppet), *_limits(puppet), *_order(puppet)]
    rank = {"error": 0, "warning": 1, "hint": 2}
    return sorted(found, key=lambda finding: rank[finding.severity])


def _limbs(puppet: Puppet) -> Iterator[Finding]:
    for key, limb in puppet.limbs.items():
        away = abs(puppet.joints[limb.target].pivot.z - limb_tip(puppet, limb))
        if away > 1e-6:
            text = f"The target of {limb.name} stands {away:.1f} px away from its tip."
            yield Finding("target-away", "error", key, text, "Put the target on the tip")
        drawn = drawn_bend(puppet, limb)
        if len(limb.joints) == 2 and abs(drawn) >= STRAIGHT and drawn * limb.bend < 0:
            text = f"{limb.name} is drawn bent to one side and set to bend to the other, so it flips over as soon as it moves."
            yield Finding("bend-against", "error", key, text, "Bend it as it is drawn")
        if len(limb.joints) == 2 and abs(drawn_bend(puppet, limb)) < STRAIGHT and not limb.side_chosen:
            text = f"{limb.name} is drawn straight, so its bend side is a guess. Look at both and choose one."
            yield Finding("limb-straight", "warning", key, text, "Keep the side it has")


def _family(puppet: Puppet) -> Iterator[Finding]:
    if len(puppet.parts) < 2:
        return
    for part_key, part in puppet.parts.items():
        if part.reference:
            continue
        alone = puppet.joints[part.joint].parent is None and not children(puppet, part.joint)
        if alone and parts_on(puppet, part.joint) == [part_key]:
            text = f"Nothing carries {part.name}, so it stays behind when the puppet moves. Give it a parent."
            yield Finding("part-loose", "warning", part.joint, text)


def _pivots(puppet: Puppet) -> Iterator[Finding]:
    for key, joint in puppet.joints.items():
        if not joint.pivot_set and not any(puppet.parts[p].reference for p in parts_on(puppet, key)):
            text = f"The pivot of {joint.name} is still the middle of its drawing. Drag it to where it turns."
            yield Finding("pivot-unset", "hint", key, text, "The middle is right")


def _limits(puppet: Puppet) -> Iterator[Finding]:
    for key, joint in puppet.joints.items():
        if joint.limit is not None and joint.limit.largest - joint.limit.smallest < 1e-9:
            text = f"The limits of {joint.name} leave no room, so it can't turn at all."
            yield Finding("limit-closed", "hint", key, text)


def _order(puppet: Puppet) -> Iterator[Finding]:
    """Near pieces lie in front of the middle piece that carries them and far ones behind; limbs are stacked one way."""
    place = {key: i for i, key in enumerate(puppet.order)}
    front = {
        joint: max(place[p] for p in parts) for joint in puppet.joints if (parts := _solid(puppet, joint))
    }
    for key, joint in puppet.joints.items():
        above = joint.parent
        while above is not None and above not in front:
            above = puppet.joints[above].parent
        if (
            key not in front
            or above is None
            or joint.side == "middle"
            or puppet.joints[above].side != "middle"
        ):
            continue
        if (joint.side == "near") != (front[key] > front[above]):
            where = "behind" if joint.side == "near" else "in front of"
            text = f"{joint.name} is on the {joint.side} side and lies {where} {puppet.joints[above].name}. Look at the depth rail."
            yield Finding("order-wrong", "warning", key, text)
    for key, limb in puppet.limbs.items():
        stack = [front[j] for j in (*limb.joints, limb.end) if j is not None and j in front]
        steps = {stack[i + 1] > stack[i] for i in range(len(stack) - 1)}
        if len(steps) > 1:
            text = f"The pieces of {limb.name} are stacked forwards and backwards in turn. Look at the depth rail."
            yield Finding("order-wrong", "warning", key, text)


def _solid(puppet: Puppet, joint: str) -> list[str]:
    """A joint's parts that show its shape, without shades, lights and references."""
    parts = ((key, puppet.parts[key]) for key in parts_on(puppet, joint))
    return [key for key, part in parts if part.blend == "normal" and not part.reference and part.clip is None]


def mend(puppet: Puppet, finding: Finding) -> Puppet:
    """Do what `finding.fix` says. No fix moves the art."""
    if finding.code == "target-away":
        return keep_limbs(puppet, puppet)
    if finding.code == "limb-straight":
        return change(puppet, finding.where, side_chosen=True)
    if finding.code == "bend-against":
        return change(
            puppet, finding.where, bend=1 if drawn_bend(puppet, puppet.limbs[finding.where]) > 0 else -1
        )
    if finding.code == "pivot-unset":
        return change(puppet, finding.where, pivot_set=True)
    return puppet
