"""What of a rig the other art does not have, taken out whole; and what of the art has no like in the rig, riding on what it lies on."""

from collections.abc import Collection, Mapping
from typing import Any

from msgspec.structs import replace

from umbrite.art.contacts import Pieces
from umbrite.art.joint_finding import joints_among
from umbrite.rig.change import change, put, take_out
from umbrite.rig.document import Document
from umbrite.rig.driving.rules import rules
from umbrite.rig.edits.parts import add_part, reorder
from umbrite.rig.edits.pivots import join_parts, keep_limbs
from umbrite.rig.family import branch, children, in_guests, parts_on, users_of
from umbrite.rig.ids import owner_of
from umbrite.rig.merging.branch_alone import branch_joints
from umbrite.rig.model import Pose, Puppet, Variant
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import each_level

FEW = 5  # names are told, of many the first


def without_missing(puppet: Puppet, rig: Puppet, pairs: Mapping[str, str], told: list[str]) -> tuple[Puppet, list[str]]:
    """The puppet without the rig's parts for which the other art has nothing; their joints stay, so that nothing that needs them is lost."""
    strange = in_guests(rig)
    missing = [key for key in rig.parts if key not in pairs and key not in strange]
    for key in missing:
        puppet = take_out(puppet, key)
    bare = [
        key for key in (rig.parts[one].joint for one in missing)
        if key in puppet.joints and not parts_on(puppet, key) and not children(puppet, key) and not _is_used(puppet, key)
    ]  # fmt: skip
    for key in dict.fromkeys(bare):
        puppet = take_out(puppet, key)
    if missing:
        told.append(f"No drawing was found for {some_of([rig.parts[key] for key in missing])}.")
    return keep_limbs(puppet), missing


def with_drawn_variants(puppet: Puppet, told: list[str]) -> Puppet:
    """The puppet without variants for which the other art has no drawing, and all that only they have; a set of one is none."""
    single = []
    for key, one in list(puppet.sets.items()):
        drawn = [each for each in one.variants if _is_drawn(puppet, each)]
        if len(drawn) == len(one.variants):
            continue
        for variant in one.variants:
            if variant not in drawn and variant.joints:
                puppet = _without_branch(puppet, variant)
        if len(drawn) < 2:
            single.append(one)
            puppet = take_out(puppet, key)
        else:
            told.append(f"{one.name} has {len(drawn)} of {len(one.variants)} variants here.")
            rest = one.rest if any(each.number == one.rest for each in drawn) else drawn[0].number
            puppet = change(puppet, key, variants=tuple(drawn), rest=rest)
    if single:
        told.append(f"There is only one drawing here for {some_of(single)}, so there is nothing to choose.")
    return puppet


def _is_drawn(puppet: Puppet, variant: Variant) -> bool:
    below = {key for joint in variant.joints for key in branch(puppet, joint)}
    return bool(variant.parts) or any(part.joint in below for part in puppet.parts.values())


def _without_branch(puppet: Puppet, variant: Variant) -> Puppet:
    """The puppet without the joints of a branch that carries no drawing, its limbs and controls."""
    joints = branch_joints(puppet, variant.joints)
    gone = [key for key, control in puppet.controls.items() if control.moves in joints]
    gone += [key for key, limb in puppet.limbs.items() if not joints.isdisjoint((*limb.joints, limb.target))]
    for key in (*gone, *joints):
        puppet = take_out(puppet, key)
    return puppet


def showing_what_is_there(document: Document) -> Document:
    """Poses and takes that show no variant which is not there."""
    sets = document.puppet.sets

    def there(name: str, value: float) -> bool:
        key, _, what = name.partition(".")
        numbers = {0, *(each.number for each in sets[key].variants)} if key in sets else {round(value)}
        return what != "shows" or round(value) in numbers

    def kept(channels: Mapping[str, float]) -> Pose:
        return {name: value for name, value in channels.items() if there(name, value)}

    def seen(take: Take) -> Take:
        tracks = {name: tuple(key for key in track if there(name, key.value)) for name, track in take.tracks.items()}
        return replace(take, tracks={name: track for name, track in tracks.items() if track})

    takes = [each_level(take, seen) for take in document.takes]
    poses = tuple(replace(pose, channels=kept(pose.channels)) for pose in document.puppet.poses)
    puppet = replace(document.puppet, poses=poses)
    return replace(document, puppet=puppet, pose=kept(document.pose), takes=tuple(takes))


def _is_used(puppet: Puppet, joint: str) -> bool:
    driven = (owner_of(name) for rule in rules(puppet).values() for name in (*rule.reads, rule.waits, *rule.drives))
    return bool(users_of(puppet, joint)) or joint in driven


def with_riders(puppet: Puppet, art: Puppet, new: Pieces, pairs: Mapping[str, str]) -> tuple[Puppet, list[str]]:
    """Parts of the art that have no like in the rig, riding on what they lie on, where they lay in the draw order."""
    back = {other: key for key, other in pairs.items()}
    parents = {one.part: one for one in joints_among(art, new)}
    riding = []
    for other in art.order:
        if other in back:
            continue
        drawn = art.parts[other]
        puppet, key = add_part(puppet, drawn.name, drawn.drawing, drawn.placement)
        puppet = put(
            puppet,
            key,
            replace(drawn, name=puppet.parts[key].name, joint=puppet.parts[key].joint, clip=back.get(drawn.clip or "")),
        )
        back[other] = key
        riding.append(key)
        below = [back[one] for one in art.order[: art.order.index(other)] if one in back]
        puppet = reorder(puppet, [key], puppet.order.index(below[-1]) + 1 if below else 0)
        proposal = parents.get(other)
        if proposal is not None and proposal.parent in back:
            puppet = join_parts(puppet, key, back[proposal.parent], proposal.pivot)
    return puppet, riding


def without_idle(puppet: Puppet, rig: Puppet) -> Puppet:
    """Without sliders and pads that moved something in the rig, and have nothing left to move."""

    def read(one: Puppet) -> set[str]:
        return {owner_of(name) for rule in rules(one).values() if rule.drives for name in rule.reads}

    for key in read(rig) - read(puppet):
        if key in puppet.controls:
            puppet = take_out(puppet, key)
    return puppet


def some_of(things: Collection[Any]) -> str:
    """The names of some things, the first of many."""
    names = [one.name for one in things]
    return ", ".join(names) if len(names) <= FEW else f"{', '.join(names[: FEW - 1])} and {len(names) - FEW + 1} more"
