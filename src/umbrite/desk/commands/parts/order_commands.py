"""The draw order, changed for what is selected."""

from collections.abc import Callable

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.locks import unlocked
from umbrite.desk.session.session import Session
from umbrite.rig.edits.parts import reorder, step_order
from umbrite.rig.model import Puppet


def _ordered(session: Session, word: str, order: Callable[[Puppet, list[str]], Puppet]) -> None:
    keys = unlocked(session.puppet, session.selection.of("part"))
    session.edit(f"{word} {label_of(session, keys)}", puppet=order(session.puppet, keys))


def to_front(session: Session) -> None:
    _ordered(session, "To the front:", lambda puppet, keys: reorder(puppet, keys, len(puppet.order)))


def to_back(session: Session) -> None:
    _ordered(session, "To the back:", lambda puppet, keys: reorder(puppet, keys, 0))


def one_forward(session: Session) -> None:
    _ordered(session, "Forward:", lambda puppet, keys: step_order(puppet, keys, 1))


def one_back(session: Session) -> None:
    _ordered(session, "Back:", lambda puppet, keys: step_order(puppet, keys, -1))
