"""What steps of undo and sentences call the things they are about."""

from collections.abc import Iterable, Sequence

from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import thing


def label_of(session: Session, keys: Sequence[str]) -> str:
    """A name for one thing, a count for several."""
    if len(keys) == 1:
        return str(thing(session.puppet, keys[0]).name)
    return f"{len(keys)} things"


def count_text(session: Session, keys: Iterable[str]) -> str:
    """'Near hand', or '3 parts' for several."""
    names = [thing(session.puppet, key).name for key in keys]
    return names[0] if len(names) == 1 else f"{len(names)} parts"


def some_names(names: Sequence[str]) -> str:
    """'Neck, Trunk, Cap and 3 more': the first three, in the order given."""
    return ", ".join(names[:3]) + (tr(" and {count} more", count=len(names) - 3) if len(names) > 3 else "")
