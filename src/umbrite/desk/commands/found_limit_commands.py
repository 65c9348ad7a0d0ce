"""Find limits: look at the seams of joints, and take over what was found."""

import math

from umbrite.art.joint_limits import FoundLimit, find_limits
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, LIMIT
from umbrite.desk.theme.language import tr
from umbrite.files.long_work import CancelledError
from umbrite.motion.bends.folding import fold_turns
from umbrite.rig.edits.limits import free_limit, set_limit
from umbrite.rig.errors import Watch
from umbrite.rig.family import targets
from umbrite.rig.model import Puppet


def find(session: Session) -> None:
    """Look at the selected joints, those of the selected limbs, or all, and show what was found as a strip."""
    limbs = [session.puppet.limbs[key] for key in session.selection.only("limb")]
    chosen = [*session.selection.of("joint"), *(joint for limb in limbs for joint in limb.joints)]
    hooks = targets(session.puppet)
    keys = [key for key in dict.fromkeys(chosen or session.puppet.joints) if key not in hooks]
    puppet, pictures = session.puppet, session.file.pictures.of(session.puppet)

    def work(watch: Watch) -> list[FoundLimit]:
        found: list[FoundLimit] = []
        folds = fold_turns(puppet, keys)
        for i, key in enumerate(keys):
            watch(i, len(keys), puppet.joints[key].name)
            found += find_limits(puppet, pictures, [key], folds)
        return found

    try:
        found = session.apart(tr("Turning the joints"), work)
    except CancelledError:
        session.say(tr("Cancelled: no limit was changed."))
        return
    session.workspace.go_to(LIMBS)
    session.workspace.take_tool(LIMIT)
    session.drafts.put(session.drafts.now._replace(found_limits=tuple(found)))
    if found:
        session.say(tr("Click a picture to accept that limit, or accept all. What is free all the way gets none."))
    else:
        session.say(
            tr("None of these joints has a seam to look at: neither it nor what carries it has a drawing there.")
        )


def taken(puppet: Puppet, found: FoundLimit, end: str) -> Puppet:
    """The puppet with one end of a found limit, the other as it is; "both" takes both."""
    limit = puppet.joints[found.joint].limit
    small, large = (limit.smallest, limit.largest) if limit else (-math.pi, math.pi)
    small = found.smallest if end in {"smallest", "both"} else small
    large = found.largest if end in {"largest", "both"} else large
    if small <= -math.pi and large >= math.pi:
        return free_limit(puppet, found.joint)
    return set_limit(puppet, found.joint, small, large)


def take(session: Session, found: FoundLimit, end: str) -> None:
    name = session.puppet.joints[found.joint].name
    session.edit(tr("Accept limit of {name}", name=name), puppet=taken(session.puppet, found, end))


def leave(session: Session, found: FoundLimit) -> None:
    """Leave the joint of a found limit as it is, and put its pictures away."""
    left = tuple(each for each in session.drafts.now.found_limits if each.joint != found.joint)
    session.drafts.put(session.drafts.now._replace(found_limits=left))
    session.say(tr("{name} keeps the limit that it has.", name=session.puppet.joints[found.joint].name))


def take_all(session: Session) -> None:
    """All found limits in one step."""
    puppet = session.puppet
    for found in session.drafts.now.found_limits:
        puppet = taken(puppet, found, "both")
    count = len(session.drafts.now.found_limits)
    session.edit(tr("Accept {count} limits", count=count), puppet=puppet)
    session.say(tr("The limits of {count} joints were set.", count=count))
