"""What is pencilled on the board and waits for Enter or Esc."""

from collections.abc import Callable

from umbrite.desk.commands import control_commands, limb_commands
from umbrite.desk.commands.building import joint_commands, plan_commands
from umbrite.desk.commands.takes import take_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS, LIMBS, PIVOTS

Work = Callable[[Session], None]


def pencilled_of(session: Session) -> tuple[Work, Work] | None:
    """What takes and what leaves the proposals that are seen, so that Enter and Esc mean them; None where there are none."""
    if session.drafts.now.plan is not None:
        return plan_commands.build, plan_commands.rub_out
    if session.stage.station is PIVOTS and session.drafts.now.proposals:
        return joint_commands.take_all, joint_commands.leave_all
    if session.stage.station is LIMBS and session.drafts.now.limbs:
        return limb_commands.take_pencilled, limb_commands.rub_out
    if session.stage.station is CONTROLS and session.drafts.now.left_out is not None:
        return control_commands.take_all, control_commands.rub_out
    if session.stage.station.timed and session.stage.tape.hollow:
        return take_commands.keep_hollow, _let_go
    return None


def _let_go(session: Session) -> None:
    """What stands hollow at the lamp is put back."""
    session.stage.tape.let_go()
    session.spring_back()
