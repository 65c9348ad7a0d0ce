"""Rigid binding: which parts ride on which bones. Nothing moves, the order stays, and no empty joint is left behind."""

from collections.abc import Iterable

from umbrite.rig.change import change, get_joint, get_part, names_like, new_id, put
from umbrite.rig.edits.bones import away_from_bone
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import ride_on
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, children, parts_on, targets, toes, users_of
from umbrite.rig.model import Joint, Puppet
from umbrite.rig.placement import board_from_drawing, middle_of
from umbrite.rig.words.names import side_of, unique, words_of


def bind(puppet: Puppet, parts: Iterable[str], bone: str) -> Puppet:
    """Let parts ride on a bone. What hung from a part's own joint hangs from the bone then, if nothing else needs that joint."""
    get_joint(puppet, bone)
    for part in parts:
        own = get_part(puppet, part).joint
        if own == bone:
            continue
        alone = parts_on(puppet, own) == [part] and not users_of(puppet, own)
        if alone and puppet.joints[own].tip is None and own not in ancestors(puppet, bone):
            puppet = set_parent(puppet, children(puppet, own), bone)
        elif alone and puppet.joints[own].tip is None:
            puppet = _slipped_out(puppet, own)
        puppet = ride_on(puppet, part, bone)
    return puppet


def _slipped_out(puppet: Puppet, own: str) -> Puppet:
    """Hang what a joint carries from what carries it, so that it can go."""
    return set_parent(puppet, children(puppet, own), puppet.joints[own].parent)


def loose_parts(puppet: Puppet) -> list[str]:
    """Parts that nothing carries: alone on a free joint that carries nothing and is no bone."""
    found = []
    for key in puppet.order:
        joint = puppet.parts[key].joint
        alone = puppet.joints[joint].parent is None and not children(puppet, joint)
        if alone and puppet.joints[joint].tip is None and not puppet.parts[key].reference and len(puppet.parts) > 1:
            found.append(key)
    return found


def by_name(puppet: Puppet, parts: Iterable[str], bones: Iterable[str]) -> dict[str, str]:
    """Part -> bone where the words of both names agree; "bone" and "joint" don't count."""
    words = {key: _plain(puppet.joints[key].name) for key in bones}
    found = {}
    for part in parts:
        name = _plain(puppet.parts[part].name)
        match = [key for key, other in words.items() if other == name and puppet.parts[part].joint != key]
        if len(match) == 1 and name:
            found[part] = match[0]
    return found


def _plain(name: str) -> tuple[str, ...]:
    return tuple(word for word in words_of(name) if word not in {"bone", "joint"})


def nearest(puppet: Puppet, part: str) -> str | None:
    """The joint that carries something, or bone, nearest to a part's middle; None where there is none."""
    hooks = {*targets(puppet), *toes(puppet)}
    loose = {puppet.parts[key].joint for key in loose_parts(puppet)}
    middle = middle_of(puppet, puppet.parts[part].joint)
    drawing = puppet.parts[part].drawing
    corners = [
        complex(board_from_drawing(puppet.parts[part].placement)(complex(x * drawing.width, y * drawing.height)))
        for x in (0.2, 0.8)
        for y in (0.2, 0.8)
    ]
    fit = [key for key in puppet.joints if key not in hooks and key not in loose]
    return min(fit, key=lambda key: sum(away_from_bone(puppet, key, z) for z in (middle, *corners)), default=None)


def bind_loose_to_nearest(puppet: Puppet) -> tuple[Puppet, dict[str, str]]:
    """Hang every part that nothing carries from the nearest bone or joint; returns part -> what carries it now.

    Refuses where there is no family to hang from.
    """
    found = {}
    for part in loose_parts(puppet):
        joint = nearest(puppet, part)
        if joint is None:
            raise RigError("There is no bone yet that unbound parts could follow. Draw bones or set parents first.")
        own = puppet.parts[part].joint
        puppet = (
            bind(puppet, [part], joint) if puppet.joints[joint].tip is not None else set_parent(puppet, [own], joint)
        )
        found[part] = joint
    return puppet, found


def unbound(puppet: Puppet, part: str) -> Puppet:
    """Give a part a joint of its own again, at the bone's head, hanging from what carries the bone."""
    item = puppet.parts[part]
    bone = puppet.joints[item.joint]
    puppet, key = new_id(puppet, "joint")
    name = unique(item.name, names_like(puppet, "joint"))
    puppet = put(puppet, key, Joint(name=name, pivot=bone.pivot, parent=bone.parent, side=side_of(item.name)))
    return change(puppet, part, joint=key)
