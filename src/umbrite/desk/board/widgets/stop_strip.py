"""While a stop is posed: what it is, and the two ways to end it, on the board's upper edge."""

from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QWidget

from umbrite.desk.commands.responses import stop_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.rig.change import thing
from umbrite.rig.ids import owner_of

TOP = 62  # below the tools


class StopStrip(QFrame):
    """One line; gone when the stop is kept or discarded."""

    def __init__(self, session: Session, over: QWidget) -> None:
        super().__init__(over)
        self.session, self._over = session, over
        self.setObjectName("popover")
        self.setAccessibleName(tr("Posing for a value"))
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 6, 10, 6)
        row.setSpacing(8)
        self.words = QLabel()
        self.keep, self.discard = (QPushButton(tr(word)) for word in ("Keep", "Discard"))
        self.keep.setObjectName("main")
        self.keep.clicked.connect(lambda: attempt(session, lambda: stop_commands.keep(session)))
        self.discard.clicked.connect(lambda: stop_commands.discard(session))
        row.addWidget(self.words)
        row.addWidget(self.keep)
        row.addWidget(self.discard)
        session.drafts.changed.connect(lambda *_: self.refresh())
        session.workspace.station_changed.connect(self.refresh)
        self.hide()

    def refresh(self) -> None:
        draft = self.session.drafts.now.stop
        here = draft is not None and self.session.workspace.station.posed
        if draft is not None:
            puppet = self.session.puppet
            name = thing(puppet, owner_of(draft.driver)).name
            value = stop_commands.value_text(puppet, draft.driver, draft.at)
            self.words.setText(tr("Posing {name} at {value}", name=name, value=value))
        self.setVisible(here)
        if here:
            self.place()

    def place(self) -> None:
        self.adjustSize()
        self.move((self._over.width() - self.width()) // 2, TOP)
        self.raise_()
