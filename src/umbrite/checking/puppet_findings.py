"""Findings: what the checks noticed about a puppet, each with a place, a reason and, where possible, a fix."""

import itertools
from collections.abc import Callable, Iterator
from typing import Literal

import msgspec
from msgspec.structs import replace

from umbrite.rig.affine import inverse
from umbrite.rig.change import change, thing
from umbrite.rig.channels import channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.pivots import keep_limbs
from umbrite.rig.family import targets, toes
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import STRAIGHT, drawn_bend, limb_tip
from umbrite.rig.model import Limb, Meant, Part, Puppet
from umbrite.rig.names import side_of, swapped, words_of
from umbrite.rig.placement import board_from_drawing

UNEQUAL = 1.15  # one limb longer than its pair by more than this share


class Finding(msgspec.Struct, frozen=True):
    """One thing noticed. `where` is an id; `fix` says what `mend` would do, None where a person has to."""

    code: str
    severity: Literal["error", "warning", "hint"]
    where: str
    text: str
    fix: str | None = None


def findings(puppet: Puppet, *, meant: bool = False) -> list[Finding]:
    """All findings, errors first; with `meant` also those that a person has marked as meant so."""
    view = _View(puppet)
    found = [
        finding
        for check in (_limbs, _pairs, _locked, _family, _pivots, _limits, _order, _names, _controls, _poses)
        for finding in check(view)
    ]
    if not meant and puppet.meant:
        accepted = {(item.code, item.where) for item in puppet.meant}
        found = [finding for finding in found if (finding.code, finding.where) not in accepted]
    rank = {"error": 0, "warning": 1, "hint": 2}
    return sorted(found, key=lambda finding: rank[finding.severity])


def mark_meant(puppet: Puppet, finding: Finding) -> Puppet:
    """Keep in the file that a finding is meant so."""
    mark = Meant(finding.code, finding.where)
    return puppet if mark in puppet.meant else replace(puppet, meant=(*puppet.meant, mark))


def look_again(puppet: Puppet) -> Puppet:
    """Forget what was meant so: all findings count again."""
    return replace(puppet, meant=())


class _View:
    """A puppet with what the checks ask again and again, looked up once."""

    def __init__(self, puppet: Puppet) -> None:
        self.puppet = puppet
        self.children: dict[str | None, list[str]] = {}
        for key, joint in puppet.joints.items():
            self.children.setdefault(joint.parent, []).append(key)
        self.parts: dict[str, list[str]] = {}
        for key in puppet.order:
            self.parts.setdefault(puppet.parts[key].joint, []).append(key)
        self.hooks = {*targets(puppet), *toes(puppet)}


def _limbs(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
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


def _pairs(view: _View) -> Iterator[Finding]:
    """Near and far limbs of unlike length."""
    puppet = view.puppet
    limbs = {limb.name: (key, limb) for key, limb in puppet.limbs.items()}
    for name, (key, limb) in limbs.items():
        if side_of(name) != "near" or swapped(name) not in limbs:
            continue
        one, other = (_length(puppet, item) for item in (limb, limbs[swapped(name)][1]))
        if min(one, other) > 0 and max(one, other) / min(one, other) > UNEQUAL:
            text = f"{name} is {one:.0f} px long and {swapped(name)} {other:.0f} px. Look whether both shall reach as far."
            yield Finding("limb-unequal", "hint", key, text)


def _length(puppet: Puppet, limb: Limb) -> float:
    points = [puppet.joints[key].pivot.z for key in limb.joints] + [limb_tip(puppet, limb)]
    return sum(abs(b - a) for a, b in itertools.pairwise(points))


def _locked(view: _View) -> Iterator[Finding]:
    """Joints of limbs that give nothing."""
    puppet = view.puppet
    for limb in puppet.limbs.values():
        for key in limb.joints if limb.enabled else ():
            if puppet.joints[key].give == 0:
                text = f"{puppet.joints[key].name} is locked, so {limb.name} bends without it."
                yield Finding("limb-locked", "hint", key, text, "Let it bend again")


def _family(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    if len(puppet.parts) < 2:
        return
    for part_key, part in puppet.parts.items():
        if part.reference:
            continue
        alone = puppet.joints[part.joint].parent is None and part.joint not in view.children
        if alone and puppet.joints[part.joint].tip is None and view.parts[part.joint] == [part_key]:
            text = f"Nothing carries {part.name}, so it stays behind when the puppet moves. Give it a parent."
            yield Finding("part-loose", "warning", part.joint, text)


def _pivots(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    for key, joint in puppet.joints.items():
        parts = [puppet.parts[p] for p in view.parts.get(key, ())]
        if any(part.reference for part in parts):
            continue
        if joint.pivot_set and parts and not any(_near_drawing(part, joint.pivot.z) for part in parts):
            text = f"The pivot of {joint.name} lies outside its drawing, so it swings instead of turning. Look whether that is wanted."
            yield Finding("pivot-outside", "hint", key, text)
        if not joint.pivot_set:
            text = f"The pivot of {joint.name} is still the middle of its drawing. Drag it to where it turns."
            yield Finding("pivot-unset", "hint", key, text, "The middle is right")


def _near_drawing(part: Part, z: complex) -> bool:
    """Whether a board point lies on a drawing's frame, or hardly beside it."""
    at = complex(inverse(board_from_drawing(part.placement))(z))
    w, h = part.drawing.width, part.drawing.height
    slack = 0.15 * max(w, h) + 4
    return -slack <= at.real <= w + slack and -slack <= at.imag <= h + slack


def _limits(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    for key, joint in puppet.joints.items():
        limit = joint.limit
        if limit is not None and not limit.smallest <= 0 <= limit.largest:
            text = f"The limits of {joint.name} leave out the rest pose, so it would jump as soon as it is touched."
            yield Finding("limit-without-rest", "error", key, text, "Widen the limits to rest")
    for key, joint in puppet.joints.items():
        if joint.limit is not None and joint.limit.largest - joint.limit.smallest < 1e-9:
            text = f"The limits of {joint.name} leave no room, so it can't turn at all."
            yield Finding("limit-closed", "hint", key, text)


def _order(view: _View) -> Iterator[Finding]:
    """Near pieces lie in front of the middle piece that carries them and far ones behind; limbs are stacked one way."""
    puppet = view.puppet
    place = {key: i for i, key in enumerate(puppet.order)}
    front = {joint: max(place[p] for p in parts) for joint in puppet.joints if (parts := _solid(view, joint))}
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


def _solid(view: _View, joint: str) -> list[str]:
    """A joint's parts that show its shape, without shades, lights and references."""
    parts = ((key, view.puppet.parts[key]) for key in view.parts.get(joint, ()))
    return [key for key, part in parts if part.blend == "normal" and not part.reference and part.clip is None]


def _names(view: _View) -> Iterator[Finding]:
    """Names that differ by spaces or case only, and sides that say something else than the name."""
    puppet = view.puppet
    seen: dict[tuple[str, str], str] = {}
    for kind, items in (("joint", puppet.joints), ("limb", puppet.limbs), ("control", puppet.controls)):
        for key, item in items.items():
            plain = " ".join(words_of(item.name))
            other = seen.setdefault((kind, plain), key)
            if other != key and plain:
                twin = items[other].name
                text = f"{item.name} and {twin} have nearly the same name. Rename one, so that they can be told apart."
                yield Finding("names-alike", "hint", key, text)
            named = side_of(item.name)
            if "middle" not in {named, item.side} and named != item.side:
                text = f"{item.name} is named {named} but set to the {item.side} side."
                yield Finding("side-mixed", "warning", key, text, f"Set it to the {named} side")


def _controls(view: _View) -> Iterator[Finding]:
    """Controls that move nothing, as far as that is known without moving them."""
    puppet = view.puppet
    followed = {owner_of(link.source) for link in puppet.links.values()}
    for key, control in puppet.controls.items():
        joint = puppet.joints[control.moves]
        why = ""
        if traits(control).values and not traits(control).chooses and key not in followed:
            why = "no link follows it"
        elif control.kind == "aim" and control.moves not in followed and control.moves not in view.hooks:
            why = "nothing looks at it"
        elif traits(control).chooses and len(control.choices) < 2:
            why = "it has nothing to choose from"
        elif traits(control).turns and (
            joint.give == 0 or (joint.limit and joint.limit.largest - joint.limit.smallest < 1e-9)
        ):
            why = f"{joint.name} is locked"
        elif control.least is not None and control.least == control.most:
            why = "its range is empty"
        if why:
            text = f"The control {control.name} moves nothing: {why}. Link it, change it, or remove it."
            yield Finding("control-idle", "warning", key, text)


def _poses(view: _View) -> Iterator[Finding]:
    """Poses of the shelf that ask for more than a limit allows."""
    puppet = view.puppet
    for saved in puppet.poses:
        for name, number in saved.channels.items():
            here = channel(name)
            joint = None if here is None else puppet.joints.get(here.owner)
            if here is None or here.kind.what != "turn" or joint is None or joint.limit is None:
                continue
            soft = joint.limit.soft + 1e-6
            if not joint.limit.smallest - soft <= number <= joint.limit.largest + soft:
                text = f"The pose {saved.name} turns {joint.name} beyond its limit; it stops there. Save the pose anew if that is right."
                yield Finding("pose-beyond", "hint", here.owner, text)


def mend(puppet: Puppet, finding: Finding) -> Puppet:
    """Do what `finding.fix` says. No fix moves the art."""
    work = _MENDS.get(finding.code)
    return puppet if work is None else work(puppet, finding.where)


def _rest_within(puppet: Puppet, key: str) -> Puppet:
    limit = puppet.joints[key].limit
    return puppet if limit is None else set_limit(puppet, key, limit.smallest, limit.largest)


_MENDS: dict[str, Callable[[Puppet, str], Puppet]] = {
    "target-away": lambda puppet, _: keep_limbs(puppet, puppet),
    "limb-straight": lambda puppet, key: change(puppet, key, side_chosen=True),
    "bend-against": lambda puppet, key: change(
        puppet, key, bend=1 if drawn_bend(puppet, puppet.limbs[key]) > 0 else -1
    ),
    "limit-without-rest": _rest_within,
    "side-mixed": lambda puppet, key: change(puppet, key, side=side_of(thing(puppet, key).name)),
    "limb-locked": lambda puppet, key: change(puppet, key, give=1.0),
    "pivot-unset": lambda puppet, key: change(puppet, key, pivot_set=True),
}
