"""Who hangs from whom, changed for what is selected; carriers and the master."""

from collections.abc import Sequence

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.stillness import rewire
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.parenting import carry_together, master_name, set_parent
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, children
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Puppet
from umbrite.rig.placement import ground_of


# Family
def free_joints(session: Session) -> None:
    keys = session.selection.of("joint")
    _hang(session, tr("Clear parent of {keys}", keys=label_of(session, keys)), set_parent(session.puppet, keys, None))


def carry(session: Session) -> str:
    """Put a carrier over the selected joints, pivot on the first of them; returns its id."""
    keys = session.selection.of("joint")
    pivot = session.puppet.joints[keys[0]].pivot.z
    puppet, key = carry_together(session.puppet, keys, "Carrier", pivot)
    session.edit(tr("Carry {keys} together", keys=label_of(session, keys)), puppet=puppet)
    session.selection.select([key])
    return key


def put_master(session: Session) -> str:
    """The carrier of everything, pivot on the ground between the feet; returns its id."""
    puppet = session.puppet
    puppet, key = carry_together(puppet, children(puppet, None), master_name(puppet), ground_of(puppet), role="master")
    session.edit(tr("Put a master over everything"), puppet=puppet)
    session.selection.select([key])
    return key


def hang_from(session: Session, keys: Sequence[str], parent: str | None) -> None:
    """Re-parent by the family panel; a limb's row stands for its target."""
    puppet = session.puppet
    joints = [puppet.limbs[key].target if id_kind(key) == "limb" else key for key in keys]
    parent = puppet.limbs[parent].target if parent is not None and id_kind(parent) == "limb" else parent
    if parent is not None and set(joints) & {parent, *ancestors(puppet, parent)} and len(joints) > 1:
        raise RigError(tr("Some of these are parents of that place. Drag fewer, or drop elsewhere."))
    after = set_parent(puppet, joints, parent)
    where = tr("to {name}", name=puppet.joints[parent].name) if parent is not None else tr("to nothing")
    _hang(session, tr("Parent {joints} {where}", joints=label_of(session, joints), where=where), after)


def parent_to_last(session: Session) -> None:
    """Hang all selected joints from the one that was selected last."""
    *keys, parent = session.selection.of("joint")
    name = session.puppet.joints[parent].name
    step = tr("Parent {keys} to {name}", keys=label_of(session, keys), name=name)
    _hang(session, step, set_parent(session.puppet, keys, parent))


def needs_last(session: Session) -> str:
    """Why nothing can be hung from the last selected joint."""
    several = len(session.selection.of("joint")) > 1
    return "" if several else tr("Select the joints first, then Shift+click their parent.")


def _hang(session: Session, step: str, puppet: Puppet) -> None:
    session.say(rewire(session, step, puppet) or tr("Nothing has moved."))
