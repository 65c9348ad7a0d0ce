"""The draw order, changed for what is selected."""

from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.rig.edits.parts import reorder, step_order
from umbrite.rig.model import Puppet


# Order
def _ordered(session: Session, word: str, puppet: Puppet) -> None:
    session.edit(f"{word} {label_of(session, session.selection.of('part'))}", puppet=puppet)


def to_front(session: Session) -> None:
    _ordered(session, "To the front:", reorder(session.puppet, session.selection.of("part"), len(session.puppet.order)))


def to_back(session: Session) -> None:
    _ordered(session, "To the back:", reorder(session.puppet, session.selection.of("part"), 0))


def one_forward(session: Session) -> None:
    _ordered(session, "Forward:", step_order(session.puppet, session.selection.of("part"), 1))


def one_back(session: Session) -> None:
    _ordered(session, "Back:", step_order(session.puppet, session.selection.of("part"), -1))
