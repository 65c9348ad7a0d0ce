"""What hangs loose: made so and made stiff, its swing baked to keys."""

from umbrite.desk.commands.takes.changes import current_take, put_take
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.animating.stepping import baked_steps
from umbrite.motion.animating.swinging import baked
from umbrite.rig.edits.limits import set_loose
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, targets
from umbrite.rig.model import Loose, Puppet


def needs_joint(session: Session) -> str:
    return (
        ""
        if session.selection.of("joint")
        else tr("Select the joint where the swing should begin: on a tail, a scarf, an ear.")
    )


def _chain(session: Session) -> list[str]:
    """The selected joints and what hangs from them, but targets and what limbs turn."""
    tops = session.selection.of("joint")
    if not tops:
        raise RigError(needs_joint(session))
    puppet = session.puppet
    turned = {key for limb in puppet.limbs.values() for key in limb.joints} | set(targets(puppet))
    turned |= {limb.end for limb in puppet.limbs.values() if limb.end and limb.end_hold != "limb"}
    found = [key for top in tops for key in branch(puppet, top) if key not in turned]
    if not found:
        raise RigError(tr("Limbs turn these joints, so they can't swing. Choose a tail, a scarf, an ear."))
    return list(dict.fromkeys(found))


def make_loose(session: Session) -> None:
    """The selected joints and what hangs from them swing after what carries them; where all do so already, they are stiff again."""
    chain = _chain(session)
    loose = not all(session.puppet.joints[key].loose for key in chain)
    puppet: Puppet = session.puppet
    for key in chain:
        puppet = set_loose(puppet, key, (puppet.joints[key].loose or Loose()) if loose else None)
    name = session.puppet.joints[chain[0]].name
    step = tr("Let {name} swing", name=name) if loose else tr("Stop {name} swinging", name=name)
    session.edit(step, puppet=puppet)
    session.say(
        tr("{count} joints swing after what carries them, in every take.", count=len(chain))
        if loose
        else tr("{count} joints stopped swinging.", count=len(chain))
    )


def bake_swing(session: Session) -> None:
    """The swing of the selected joints, or of all that hang loose, as keys at every frame of this take."""
    chain = _chain(session) if session.selection.of("joint") else list(session.puppet.joints)
    was = current_take(session)
    take = baked(was, session.puppet, chain)
    count = len(set(take.stiff) - set(was.stiff))
    put_take(session, tr("Bake swing to keys"), take)
    session.say(tr("{count} joints have a key at every frame, and do not swing in this take.", count=count))


def bake_walk(session: Session) -> None:
    """The steps of a walk that follows its master, as keys at every frame."""
    put_take(session, tr("Bake walk to keys"), baked_steps(current_take(session), session.puppet))
    session.say(tr("The walk has a key at every frame, which can be corrected."))
