"""How panels follow the puppet: at the end of a step at once, in a drag when it pauses, and only where it concerns them."""

from collections.abc import Callable

from PySide6.QtCore import QObject, QTimer

from umbrite.desk.session.session import Session
from umbrite.rig.document import Document

LATE = 120  # milliseconds


class Following(QObject):
    """Calls `rebuild` when one of the puppet's `fields` is another one than before."""

    def __init__(self, session: Session, rebuild: Callable[[], None], fields: tuple[str, ...], parent: QObject) -> None:
        super().__init__(parent)
        self._rebuild, self._fields = rebuild, fields
        self._late = QTimer(self)
        self._late.setSingleShot(True)
        self._late.setInterval(LATE)
        self._late.timeout.connect(rebuild)
        session.changed.connect(self._on_changed)
        session.settled.connect(self.catch_up)

    def _on_changed(self, old: Document, new: Document) -> None:
        one, other = old.puppet, new.puppet
        if one is other:
            return
        if any(getattr(one, field) is not getattr(other, field) for field in self._fields):
            self._late.start()

    def catch_up(self) -> None:
        """Be up to date now."""
        if self._late.isActive():
            self._late.stop()
            self._rebuild()
