"""Findings: what the checks noticed about a puppet, each with a place, a reason and, where possible, a fix."""

from collections.abc import Iterator

from msgspec.structs import replace

from umbrite.art.stacking import wrong_stacks
from umbrite.checking.finding_codes import Finding, finding, gravest_first
from umbrite.checking.set_findings import set_findings
from umbrite.rig.affine import inverse
from umbrite.rig.channels import channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.family import ancestors, by_joint, by_parent, targets, toes
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import STRAIGHT, bends_to, drawn_bend, limb_length, limb_tip
from umbrite.rig.model import Meant, Part, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.body_words import kind_of_limb
from umbrite.rig.words.names import side_of, swapped, words_of

STACKED_BOTH_WAYS = "The pieces of {name} are stacked forwards and backwards in turn. Look at the depth rail."
NEAR = 0.03  # of the height: limbs that begin within it begin at one place
UNEQUAL = 1.15  # one limb longer than its pair by more than this share


def findings(puppet: Puppet, *, meant: bool = False) -> list[Finding]:
    """All findings, errors first; with `meant` also those that a person has marked as meant so."""
    view = _View(puppet)
    found = [
        each
        for check in (
            _limbs,
            _pairs,
            _alike,
            _locked,
            _family,
            _pivots,
            _limits,
            _order,
            _names,
            _controls,
            _sets,
            _poses,
        )
        for each in check(view)
    ]
    if not meant and puppet.meant:
        accepted = {(item.code, item.where) for item in puppet.meant}
        found = [each for each in found if (each.code, each.where) not in accepted]
    return gravest_first(found)


def mark_meant(puppet: Puppet, found: Finding) -> Puppet:
    """Keep in the file that a finding is meant so."""
    mark = Meant(found.code, found.where)
    return puppet if mark in puppet.meant else replace(puppet, meant=(*puppet.meant, mark))


def look_again(puppet: Puppet) -> Puppet:
    """Forget what was meant so: all findings count again."""
    return replace(puppet, meant=())


class _View:
    """A puppet with what the checks ask again and again, looked up once."""

    def __init__(self, puppet: Puppet) -> None:
        self.puppet = puppet
        self.children = by_parent(puppet.joints)
        self.parts = by_joint(puppet.parts, puppet.order)
        self.hooks = {*targets(puppet), *toes(puppet)}


def _limbs(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    for key, limb in puppet.limbs.items():
        away = abs(puppet.joints[limb.target].pivot.z - limb_tip(puppet, limb))
        if away > 1e-6:
            yield finding("target-away", key, name=limb.name, away=away)
        straight = abs(drawn_bend(puppet, limb)) < STRAIGHT
        if len(limb.joints) == 2 and bends_to(puppet, limb) != limb.bend and (limb.side_chosen or not straight):
            yield finding("bend-against", key, name=limb.name)
        if len(limb.joints) == 2 and straight and not limb.side_chosen:
            yield finding("limb-straight", key, name=limb.name)


def _pairs(view: _View) -> Iterator[Finding]:
    """Near and far limbs of unlike length."""
    puppet = view.puppet
    limbs = {limb.name: (key, limb) for key, limb in puppet.limbs.items()}
    for name, (key, limb) in limbs.items():
        if side_of(name) != "near" or swapped(name) not in limbs:
            continue
        one, other = (limb_length(puppet, item) for item in (limb, limbs[swapped(name)][1]))
        if min(one, other) > 0 and max(one, other) / min(one, other) > UNEQUAL:
            yield finding("limb-unequal", key, name=name, one=one, twin=swapped(name), other=other)


def _alike(view: _View) -> Iterator[Finding]:
    """Limbs of one kind and side that begin at one place, of which no set lets one show."""
    puppet = view.puppet
    seen: list[tuple[str, complex, tuple[str, str, str | None]]] = []
    chosen = {joint for one in puppet.sets.values() for variant in one.variants for joint in variant.joints}
    for key, limb in puppet.limbs.items():
        root = limb.joints[0]
        if limb.side == "middle" or chosen & {root, *ancestors(puppet, root)}:
            continue
        at, kind = puppet.joints[root].pivot.z, (limb.side, kind_of_limb(puppet, limb), puppet.joints[root].parent)
        near = next((name for name, z, other in seen if other == kind and abs(z - at) < NEAR * puppet.height), None)
        if near is not None:
            yield finding("branches-alike", key, name=near, other=limb.name)
        seen.append((limb.name, at, kind))


def _locked(view: _View) -> Iterator[Finding]:
    """Joints of limbs that give nothing."""
    puppet = view.puppet
    for limb in puppet.limbs.values():
        for key in limb.joints if limb.enabled else ():
            if puppet.joints[key].give == 0:
                yield finding("limb-locked", key, name=puppet.joints[key].name, limb=limb.name)


def _family(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    if len(puppet.parts) < 2:
        return
    for part_key, part in puppet.parts.items():
        if part.reference:
            continue
        alone = puppet.joints[part.joint].parent is None and part.joint not in view.children
        if alone and puppet.joints[part.joint].tip is None and view.parts[part.joint] == [part_key]:
            yield finding("part-loose", part.joint, name=part.name)


def _pivots(view: _View) -> Iterator[Finding]:
    puppet = view.puppet
    for key, joint in puppet.joints.items():
        parts = [puppet.parts[p] for p in view.parts.get(key, ())]
        if any(part.reference for part in parts):
            continue
        if joint.pivot_set and parts and not any(_near_drawing(part, joint.pivot.z) for part in parts):
            yield finding("pivot-outside", key, name=joint.name)
        if not joint.pivot_set:
            yield finding("pivot-unset", key, name=joint.name)


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
            yield finding("limit-without-rest", key, name=joint.name)
    for key, joint in puppet.joints.items():
        if joint.limit is not None and joint.limit.largest - joint.limit.smallest < 1e-9:
            yield finding("limit-closed", key, name=joint.name)


def _order(view: _View) -> Iterator[Finding]:
    """Near pieces lie in front of the middle piece that carries them and far ones behind; limbs are stacked one way."""
    puppet = view.puppet
    for stack in wrong_stacks(puppet):
        if stack.above is None:
            yield finding("order-wrong", stack.where, STACKED_BOTH_WAYS, name=puppet.limbs[stack.where].name)
            continue
        joint = puppet.joints[stack.where]
        lies, other = "behind" if joint.side == "near" else "in front of", puppet.joints[stack.above].name
        yield finding("order-wrong", stack.where, name=joint.name, side=joint.side, lies=lies, other=other)


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
                yield finding("names-alike", key, name=item.name, twin=twin)
            named = side_of(item.name)
            if "middle" not in {named, item.side} and named != item.side:
                yield finding("side-mixed", key, name=item.name, named=named, side=item.side)


def _controls(view: _View) -> Iterator[Finding]:
    """Controls that move nothing, as far as that is known without moving them."""
    puppet = view.puppet
    followed = {owner_of(link.source) for link in puppet.links.values()}
    followed |= {owner_of(response.driver) for response in puppet.responses.values()}
    for key, control in puppet.controls.items():
        joint = puppet.joints[control.moves]
        why = ""
        if traits(control).beside and not traits(control).chooses and key not in followed:
            why = "no link follows it"
        elif control.kind == "aim" and control.moves not in followed and control.moves not in view.hooks:
            why = "nothing looks at it"
        elif traits(control).chooses and len(puppet.sets[control.chooses].variants) < 2:
            why = "it has nothing to choose from"
        elif traits(control).turns and (
            joint.give == 0 or (joint.limit and joint.limit.largest - joint.limit.smallest < 1e-9)
        ):
            why = "what it turns is locked"
        elif control.least is not None and control.least == control.most:
            why = "its range is empty"
        if why:
            yield finding("control-idle", key, name=control.name, why=why)


def _sets(view: _View) -> Iterator[Finding]:
    return set_findings(view.puppet)


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
                yield finding("pose-beyond", here.owner, pose=saved.name, name=joint.name)
