"""A piece of the figure dragged over the board, onto a place of the body plan that is proposed: its figure takes it there."""

from umbrite.desk.board.gestures.gesture import Feedback, Gesture
from umbrite.desk.commands.building import plan_commands
from umbrite.desk.session.drafts import Carried
from umbrite.desk.session.session import Session


def drag_piece(session: Session, part: str, press: complex) -> Gesture:
    """A cord from the piece to where it is let go."""
    event = yield Feedback()
    while event.kind == "move":
        plan_commands.carry(session, Carried(part, event.at))
        event = yield Feedback(cord=(press, event.at), lit=(part,))
    plan_commands.carry(session, Carried(part, event.at, let_go=True) if event.kind == "release" else None)
