"""What is proposed on the board and waits for Enter or Esc."""

from collections.abc import Callable

from umbrite.desk.commands import control_commands, limb_commands
from umbrite.desk.commands.building import cut_commands, joint_commands, plan_commands
from umbrite.desk.commands.parts import art_commands
from umbrite.desk.commands.responses import face_commands, stop_commands
from umbrite.desk.commands.takes import perform_commands, take_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS, LIMBS, PARTS, PIVOTS

Work = Callable[[Session], None]


def proposals_of(session: Session) -> tuple[Work, Work] | None:
    """What takes and what leaves the proposals that are seen, so that Enter and Esc mean them; None where there are none."""
    drafts, station = session.drafts.now, session.workspace.station
    waiting: tuple[tuple[bool, Work, Work], ...] = (
        (drafts.plan is not None, plan_commands.build, plan_commands.rub_out),
        (station is PARTS and drafts.cuts is not None, cut_commands.take_cuts, cut_commands.rub_out),
        (drafts.mirror is not None, art_commands.leave_mirror_line, art_commands.leave_mirror_line),
        (station is PIVOTS and bool(drafts.proposals), joint_commands.take_all, joint_commands.leave_all),
        (station is LIMBS and bool(drafts.limbs), limb_commands.accept_proposed, limb_commands.rub_out),
        (station is CONTROLS and drafts.left_out is not None, control_commands.take_all, control_commands.rub_out),
        (station is CONTROLS and drafts.head is not None, face_commands.make, face_commands.discard),
        (station.posed and drafts.stop is not None, stop_commands.keep, stop_commands.discard),
        (session.performing.state == "shaped", perform_commands.keep, perform_commands.discard),
        (session.performing.active, lambda session: session.performing.end(), perform_commands.discard),
        (station.timed and bool(session.timeline.unkept), take_commands.keep_unkept, _let_go),
    )
    return next(((take, leave) for there, take, leave in waiting if there), None)


def _let_go(session: Session) -> None:
    """What stands unkept at the playhead is put back."""
    session.timeline.let_go()
    session.spring_back()
