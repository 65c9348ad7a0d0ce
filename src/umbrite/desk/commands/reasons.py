"""Reasons why something can't be done now; an empty string where it can."""

from umbrite.desk.commands.limb_commands import chosen_limbs
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr


# Reasons why something can't be done now; an empty string where it can.
def needs_parts(session: Session) -> str:
    return "" if session.puppet.parts else tr("There are no parts yet. Open a layered picture first.")


def needs_chosen_parts(session: Session) -> str:
    return "" if session.selection.of("part") else tr("Select one or more parts first.")


def needs_chosen_joints(session: Session) -> str:
    return "" if session.selection.of("joint") else tr("Select one or more joints first.")


def needs_one_joint(session: Session) -> str:
    return "" if len(session.selection.of("joint")) == 1 else tr("Select one joint first.")


def needs_selection(session: Session) -> str:
    return "" if session.selection.keys else tr("Select something first.")


def needs_limb(session: Session) -> str:
    return "" if chosen_limbs(session) else tr("Select a limb first: click its hook, or one of its joints.")


def needs_limit(session: Session) -> str:
    limited = any(session.puppet.joints[key].limit for key in session.selection.of("joint"))
    return "" if limited else tr("Select a joint that has a limit first.")


def needs_no_master(session: Session) -> str:
    if any(joint.role == "master" for joint in session.puppet.joints.values()):
        return tr("This puppet has a master already.")
    return needs_parts(session)


def needs_pose(session: Session) -> str:
    return "" if session.pose else tr("The puppet is at rest.")


def needs_undo(session: Session) -> str:
    lost = session.workspace.station.timed and session.timeline.has_lost
    return "" if lost or session.history.undo_name is not None else tr("There is nothing to undo.")


def needs_redo(session: Session) -> str:
    return "" if session.history.redo_name is not None else tr("There is nothing to redo.")


def needs_holds(session: Session) -> str:
    return (
        ""
        if session.drafts.now.holds
        else tr("No point is held. Choose Whole body and click the art to hold it there.")
    )


def needs_limbs(session: Session) -> str:
    return "" if session.puppet.limbs else tr("Make limbs first: legs are found by them.")
