"""Pencilled joints, corrected before they are taken."""

from umbrite.desk.board.gestures.gesture import Feedback, Gesture, straightened
from umbrite.desk.commands.building.joint_commands import take
from umbrite.desk.session.session import Session


def drag_proposed(session: Session, part: str, press: complex) -> Gesture:
    """Correct a proposed pivot before it is taken."""
    before = session.drafts.now.proposals
    proposal = next(p for p in before if p.part == part)
    event = yield Feedback()
    while event.kind == "move":
        at = proposal.pivot + straightened(press, event)
        session.drafts.put(
            session.drafts.now._replace(proposals=tuple(p._replace(pivot=at) if p.part == part else p for p in before))
        )
        event = yield Feedback(readout=f"x {at.real:.1f}, y {at.imag:.1f}")
    if event.kind == "cancel":
        session.drafts.put(session.drafts.now._replace(proposals=before))
    else:
        take(session, part)
