"""A line on the board's upper edge while something is drafted: what it is, and the two ways to end it."""

from collections.abc import Callable

from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QWidget

from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr

TOP = 62  # below the tools


class DraftStrip(QFrame):
    """Words, what a kind adds between, and two buttons; its kinds say when it is there (`refresh`)."""

    def __init__(self, session: Session, over: QWidget, name: str) -> None:
        super().__init__(over)
        self.session, self._over = session, over
        self.setObjectName("popover")
        self.setAccessibleName(name)
        self.row = QHBoxLayout(self)
        self.row.setContentsMargins(14, 6, 10, 6)
        self.row.setSpacing(8)
        self.words = QLabel()
        self.row.addWidget(self.words)
        session.drafts.changed.connect(lambda *_: self.refresh())
        session.workspace.station_changed.connect(self.refresh)
        self.hide()

    def ended_by(self, word: str, take: Callable[[Session], object], leave: Callable[[Session], object]) -> None:
        """Add the two buttons: the one that takes what was drafted is called by its verb."""
        self.take, self.discard = QPushButton(word), QPushButton(tr("Discard"))
        self.take.setObjectName("main")
        for button, work in ((self.take, take), (self.discard, leave)):
            button.clicked.connect(lambda _on=False, work=work: attempt(self.session, lambda: work(self.session)))
            self.row.addWidget(button)

    def refresh(self) -> None:
        """Show what is drafted, or go away."""

    def show_here(self, *, on: bool) -> None:
        self.setVisible(on)
        if on:
            self.place()

    def place(self) -> None:
        self.adjustSize()
        self.move((self._over.width() - self.width()) // 2, TOP)
        self.raise_()
