"""Parts hidden and locked. Locked ones stay where they are, whatever is done to the parts that are selected with them."""

from collections.abc import Iterable, Sequence
from typing import Literal

from umbrite.desk.commands.labels import label_of
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import change
from umbrite.rig.errors import RigError
from umbrite.rig.model import Puppet


def unlocked(puppet: Puppet, keys: Iterable[str]) -> list[str]:
    """Those of some parts that may be changed. Refuses where all of them are locked."""
    asked = list(keys)
    free = [key for key in asked if not puppet.parts[key].locked]
    if asked and not free:
        refuse_locked(puppet, asked[0])
    return free


def refuse_locked(puppet: Puppet, part: str) -> None:
    """Refuse to change a part that is locked."""
    if puppet.parts[part].locked:
        raise RigError(
            tr("{name} is locked. Click its padlock in the family to unlock it.", name=puppet.parts[part].name)
        )


def switch(session: Session, what: Literal["visible", "locked"], parts: Sequence[str], name: str) -> None:
    """Show or lock parts, or hide or unlock them where all are shown or locked already."""
    puppet = session.puppet
    value = not all(getattr(puppet.parts[part], what) for part in parts)
    for part in parts:
        puppet = change(puppet, part, **{what: value})
    words = {
        ("visible", True): tr("Show {name}", name=name),
        ("visible", False): tr("Hide {name}", name=name),
        ("locked", True): tr("Lock {name}", name=name),
        ("locked", False): tr("Unlock {name}", name=name),
    }
    session.edit(words[what, value], puppet=puppet)


def hide(session: Session) -> None:
    """Hide what is selected, or show it again."""
    switch(session, "visible", session.selection.of("part"), label_of(session, session.selection.keys))


def lock(session: Session) -> None:
    """Lock what is selected, or unlock it."""
    switch(session, "locked", session.selection.of("part"), label_of(session, session.selection.keys))
