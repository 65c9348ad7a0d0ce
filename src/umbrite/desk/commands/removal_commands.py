"""Removing what is selected, with or without what uses it, and saying what that did to others."""

from collections.abc import Sequence

from umbrite.desk.commands.bends.mesh_commands import take_points_out
from umbrite.desk.commands.labels import label_of, some_names
from umbrite.desk.commands.parts.locks import refuse_locked
from umbrite.desk.commands.sharing import guest_commands
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import MESH_POINTS
from umbrite.desk.theme.language import tr
from umbrite.rig.change import exists, take_out
from umbrite.rig.edits.controls import remove_control
from umbrite.rig.edits.limbs import remove_limb, without_users
from umbrite.rig.edits.looks import shades_of
from umbrite.rig.edits.parenting import remove_carrier
from umbrite.rig.edits.parts import remove_part
from umbrite.rig.edits.variants.sets import remove_set
from umbrite.rig.errors import InUseError
from umbrite.rig.family import targets
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Puppet


def delete(session: Session) -> None:
    """Remove what is selected; refused with the name of the user where something else needs it. Of a mesh that is worked on, its points."""
    if session.workspace.tool is MESH_POINTS:
        take_points_out(session)
        return
    if guest_commands.guest_selected(session) is not None:
        guest_commands.remove(session)
        return
    try:
        puppet = _without(session.puppet, session.selection.keys)
    except InUseError as error:
        raise InUseError(tr("{error} Shift+Delete removes both.", error=error), error.users) from None
    _removed(session, puppet, [])


def delete_with_users(session: Session) -> None:
    """Remove what is selected together with the limbs and controls that use it, which are named."""
    puppet, gone = without_users(session.puppet, session.selection.of("joint"))
    left = [key for key in session.selection.keys if exists(puppet, key)]
    _removed(session, _without(puppet, left), gone)


def _removed(session: Session, puppet: Puppet, along: Sequence[str]) -> None:
    """Remove, and say what went along and what it did to others."""
    before, keys = session.puppet, session.selection.keys
    name = label_of(session, keys)
    gone = [key for key in before.parts if key not in puppet.parts]
    shades = {shade for key in gone for shade in shades_of(before, key)}
    along = [*along, *(before.parts[key].name for key in gone if key in shades and key not in keys)]
    told = [tr("{name} was removed with {others}.", name=name, others=some_names(along))] if along else []
    told += _told(before, puppet)
    moved = rewire(session, tr("Remove {name}", name=name), puppet)
    told += [moved] if moved else []
    if told:
        session.say(" ".join([*told, tr("Undo brings all of it back.")]))


def _told(before: Puppet, puppet: Puppet) -> list[str]:
    """Sentences about what is left: joints that hang from something else now, and parts that nothing clips any more."""
    told, hooks = [], targets(puppet)
    moved: dict[str | None, list[str]] = {}
    for key, joint in puppet.joints.items():
        if joint.parent != before.joints[key].parent and key not in hooks:
            moved.setdefault(joint.parent, []).append(joint.name)
    for parent, names in moved.items():
        carrier = puppet.joints[parent].name if parent is not None else tr("the board")
        told.append(tr("{carrier} is now the parent of: {names}.", carrier=carrier, names=some_names(names)))
    whole = [
        part.name for key, part in puppet.parts.items() if part.clip is None and before.parts[key].clip is not None
    ]
    if whole:
        told.append(tr("No longer clipped: {names}.", names=some_names(whole)))
    return told


def _without(puppet: Puppet, keys: Sequence[str]) -> Puppet:
    hooks = targets(puppet)
    for key in keys:
        if not exists(puppet, key):
            continue
        if id_kind(key) == "control":
            puppet = remove_control(puppet, key)
        elif id_kind(key) == "link":
            puppet = take_out(puppet, key)
        elif id_kind(key) == "limb":
            puppet = remove_limb(puppet, key)
        elif id_kind(key) == "set":
            puppet = remove_set(puppet, key)
        elif id_kind(key) == "part":
            puppet = _without_part(puppet, key)
        elif key in hooks:
            puppet = remove_limb(puppet, hooks[key])
        else:
            puppet = _without_joint(puppet, key)
    return puppet


def _without_joint(puppet: Puppet, key: str) -> Puppet:
    parts = [part for part in puppet.order if puppet.parts[part].joint == key]
    if not parts:
        return remove_carrier(puppet, key)
    for part in parts:
        puppet = _without_part(puppet, part) if exists(puppet, part) else puppet
    return puppet


def _without_part(puppet: Puppet, key: str) -> Puppet:
    """A part goes with its shades: they show nothing without it. Refuses a locked part."""
    refuse_locked(puppet, key)
    for shade in shades_of(puppet, key):
        puppet = remove_part(puppet, shade)
    return remove_part(puppet, key)
