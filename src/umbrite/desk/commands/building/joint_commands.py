"""Find joints: proposals proposed on the board, taken or left one by one or all at once."""

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PIVOTS
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.pivots import join_parts
from umbrite.rig.errors import RigError
from umbrite.rig.merging.guests import guest_of


def find(session: Session) -> None:
    """Pencil the joints that the art suggests: between the selected parts where there are several, or in all of it."""
    from umbrite.art.joint_finding import find_joints

    chosen = session.selection.of("part")
    pictures = session.file.pictures.of(session.puppet)
    puppet, only = session.puppet, chosen if len(chosen) > 1 else None
    found = session.apart(
        tr("Working out how the pieces overlap"), lambda watch: find_joints(puppet, pictures, only, watch)
    )
    new = [
        p for p in found if not _is_so(session, p.part, p.parent, p.pivot) and guest_of(session.puppet, p.part) is None
    ]  # what hangs where in a guest is its own
    session.workspace.go_to(PIVOTS)
    session.drafts.put(session.drafts.now._replace(proposals=tuple(new)))
    if new:
        doubtful = sum(p.confidence < 0.5 for p in new)
        words = tr(", {count} of them doubtful", count=doubtful) if doubtful else ""
        session.say(
            tr(
                "{count} joints are proposed{words}. Click to accept, drag to correct, Alt+click to discard; Enter accepts all.",
                count=len(new),
                words=words,
            )
        )
    else:
        session.say(tr("No joint is missing where parts overlap: all that the art suggests is there already."))


def _is_so(session: Session, part: str, parent: str, pivot: complex) -> bool:
    puppet = session.puppet
    joint = puppet.joints[puppet.parts[part].joint]
    return joint.pivot_set and joint.parent == puppet.parts[parent].joint and abs(joint.pivot.z - pivot) < 0.5


def needs_proposed(session: Session) -> str:
    return "" if session.drafts.now.proposals else tr("No joints are proposed. Use Find joints first.")


def take(session: Session, part: str) -> None:
    """Make one proposed joint a real one."""
    proposal = next(p for p in session.drafts.now.proposals if p.part == part)
    puppet = join_parts(session.puppet, proposal.part, proposal.parent, proposal.pivot)
    name = puppet.parts[part].name
    session.drafts.put(
        session.drafts.now._replace(proposals=tuple(p for p in session.drafts.now.proposals if p.part != part))
    )
    session.edit(tr("Accept joint of {name}", name=name), puppet=puppet)
    session.selection.select([puppet.parts[part].joint])
    session.say(
        tr(
            "{name2} is the parent of {name}, which turns here. {left}",
            name=name,
            name2=puppet.parts[proposal.parent].name,
            left=_left(session),
        )
    )


def leave(session: Session, part: str) -> None:
    """Rub out one proposed joint."""
    session.drafts.put(
        session.drafts.now._replace(proposals=tuple(p for p in session.drafts.now.proposals if p.part != part))
    )
    session.say(
        tr("The joint of {name} was discarded. {left}", name=session.puppet.parts[part].name, left=_left(session))
    )


def _left(session: Session) -> str:
    count = len(session.drafts.now.proposals)
    return tr("{count} more are proposed.", count=count) if count else tr("No more are proposed.")


def take_all(session: Session) -> None:
    """Make all proposed joints real in one step; those that are refused stay proposed and are named."""
    puppet, refused = session.puppet, []
    for proposal in session.drafts.now.proposals:
        try:
            puppet = join_parts(puppet, proposal.part, proposal.parent, proposal.pivot)
        except RigError:
            refused.append(proposal)
    count = len(session.drafts.now.proposals) - len(refused)
    session.drafts.put(session.drafts.now._replace(proposals=tuple(refused)))
    session.edit(tr("Accept {count} joints", count=count), puppet=puppet)
    names = ", ".join(puppet.parts[p.part].name for p in refused[:3])
    session.say(
        tr("{count} joints made.", count=count)
        + (tr(" {names} would close a circle or break a limb and stayed proposed.", names=names) if refused else "")
    )


def leave_all(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(proposals=()))
    session.say(tr("All proposed joints were discarded."))
