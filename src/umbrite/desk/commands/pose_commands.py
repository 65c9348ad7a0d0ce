"""The pose put back to rest, or made the rest."""

from msgspec.structs import replace

from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.rest_changes.resting import kept_at_rest, make_rest, rest_posed
from umbrite.rig.channels import without
from umbrite.rig.control_kinds import traits
from umbrite.rig.family import branch


# Controls and posing
def channel_owners(session: Session) -> list[str]:
    """What a reset of the selection puts back: joints, and what selected controls and limbs move."""
    puppet = session.puppet
    keys = list(session.selection.of("joint"))
    chosen = session.selection.only("control")
    keys += [*chosen, *(puppet.controls[key].moves for key in chosen if not traits(puppet.controls[key]).beside)]
    for limb_key in session.selection.only("limb"):
        keys += [limb_key, puppet.limbs[limb_key].target]
    for joint in list(keys):
        for limb_key, limb in puppet.limbs.items():
            if joint in limb.joints or joint == limb.end:
                keys += [limb_key, limb.target]
    return list(dict.fromkeys(keys))


def reset_selected(session: Session) -> None:
    keys = channel_owners(session)
    session.edit(tr("Reset {keys}", keys=label_of(session, session.selection.keys)), pose=without(session.pose, keys))


def reset_all(session: Session) -> None:
    session.edit(tr("Reset the pose"), pose={})


def make_pose_the_rest(session: Session) -> None:
    """What is seen becomes the rest pose; what else changed is said."""
    placed, now = session.placed, session.history.now
    puppet, words = make_rest(placed)
    pose = now.pose if session.workspace.station.timed else kept_at_rest(puppet, session.pose)
    document = replace(now, puppet=puppet, pose=pose)
    session.carry(tr("Make this pose the rest pose"), document, rest_posed(placed, puppet))
    session.say(tr("This is the rest pose now. ") + " ".join(words))


def reset_branch(session: Session) -> None:
    """Put the selected joints back to rest, with all that they carry and what their limbs reach for."""
    puppet = session.puppet
    keys = {k for key in session.selection.of("joint") for k in branch(puppet, key)}
    limbs = [key for key, limb in puppet.limbs.items() if keys & {*limb.joints, limb.end}]
    keys |= {*limbs, *(puppet.limbs[key].target for key in limbs)}
    session.edit(
        tr("Reset the branch of {joint}", joint=label_of(session, session.selection.of("joint"))),
        pose=without(session.pose, keys),
    )


def free_holds(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(holds=()))
