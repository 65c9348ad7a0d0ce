"""Show me: a walk in the real window, on real art. It points at what to press, waits until the person has done it, and can be left at any time."""

from collections.abc import Callable
from typing import NamedTuple, Protocol

from PySide6.QtCore import QPoint, QRect, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QWidget

from umbrite.desk.board.board import Board
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, PIVOTS, REHEARSE, TAKES, Station
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen

LOOKS = 150  # milliseconds between two looks at what the person has done
AROUND = 34  # pixels about a control
FAR = 12.0  # frames that the playhead has to be moved


class Shown(Protocol):
    """What a walk asks of the window."""

    @property
    def session(self) -> Session: ...
    @property
    def board(self) -> Board: ...
    def place_of(self, name: str) -> QRect: ...


class Step(NamedTuple):
    """What to do, where it is (a place of the window by name, or a control by "control NAME"), and when it is done."""

    words: str
    where: str
    done: Callable[[Session], bool]


def _at(station: Station) -> Callable[[Session], bool]:
    return lambda session: session.workspace.station is station


def _posed(session: Session) -> bool:
    return bool(session.history.now.pose) and session.history.undo_name is not None


def _keys(session: Session) -> int:
    """At how many frames the current take has keys."""
    take = session.timeline.take
    return len({key.frame for track in take.tracks.values() for key in track}) if take is not None else 0


def rigging() -> tuple[Step, ...]:
    """From layered art to a posed hand."""
    return (
        Step(tr("These are the pieces of Wick. Press Pivots."), "station Pivots", _at(PIVOTS)),
        Step(tr("Press Shift+Y: a body plan finds out which piece is which."), "board", lambda s: s.drafts.now.plan is not None),
        Step(tr("Look at the figure, then press Enter to build."), "board", lambda s: bool(s.puppet.limbs)),
        Step(tr("Everything has a parent, limbs and limits now. Press Limbs."), "station Limbs", _at(LIMBS)),
        Step(tr("The arrows are bend sides, the fans limits. Press Rehearse."), "station Rehearse", _at(REHEARSE)),
        Step(tr("Drag a hand."), "control hand", _posed),
        Step(tr("Now drag the grip at the hips: the feet stay."), "control body", lambda s: "Body" in (s.history.undo_name or "")),
    )  # fmt: skip


def animating() -> tuple[Step, ...]:
    """From a posed hand to a take that plays."""
    return (
        Step(tr("Drag his hand."), "control hand", _posed),
        Step(tr("Press Takes: the same stage with time."), "station Takes", _at(TAKES)),
        Step(tr("Press + for a new take; it begins with your pose."), "new take", lambda s: _keys(s) == 1 and bool(s.timeline.take)),
        Step(tr("Drag the lamp on the ruler to about frame 24."), "ruler", lambda s: s.timeline.frame >= FAR),
        Step(tr("Drag his hand again: it is keyed here."), "control hand", lambda s: _keys(s) > 1),
        Step(tr("Press Space to play, and again to stop."), "board", lambda s: s.player.playing),
    )  # fmt: skip


WALKS: dict[str, tuple[str, Callable[[], tuple[Step, ...]]]] = {
    "rigging": ("wick.ora", rigging),
    "animating": ("wick.umbrite", animating),
}


class _Ring(QWidget):
    """A ring around what to press; the pointer goes through it."""

    def __init__(self, over: QWidget, session: Session) -> None:
        super().__init__(over)
        self._session = session
        self.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self._session.workspace.theme)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(pen(painter.theme.vermilion, 3.0))
        painter.drawRoundedRect(QRectF(self.rect()).adjusted(2, 2, -2, -2), 12, 12)
        painter.end()


class ShowMe(QFrame):
    """A line over the lower edge of the board: what to do now, which step of how many, and a way out. `ended` tells that it was left."""

    ended = Signal()

    def __init__(self, window: Shown, over: QWidget, steps: tuple[Step, ...]) -> None:
        super().__init__(over)
        self.window_, self._over, self.steps, self.at = window, over, steps, 0
        self.setObjectName("popover")
        self.setAccessibleName(tr("Show me"))
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 8, 10, 8)
        row.setSpacing(10)
        self.number, self.words = QLabel(), QLabel()
        self.number.setObjectName("quiet")
        self.leave = QPushButton(tr("Close"))
        self.leave.clicked.connect(self.end)
        for widget in (self.number, self.words, self.leave):
            row.addWidget(widget)
        self.ring = _Ring(over, window.session)
        self._timer = QTimer(self)
        self._timer.setInterval(LOOKS)
        self._timer.timeout.connect(self.look)
        self._timer.start()
        self.show()
        self.look()

    @property
    def running(self) -> bool:
        return self._timer.isActive()

    def look(self) -> None:
        """Go on where the step has been done, and point at what is next."""
        while self.at < len(self.steps) and self.steps[self.at].done(self.window_.session):
            self.at += 1
        if self.at == len(self.steps):
            self.ring.hide()
            self.number.setText("")
            self.words.setText(tr("That is all. Undo takes you back as far as you like."))
            self._timer.stop()
        else:
            step = self.steps[self.at]
            self.number.setText(tr("{number} of {count}", number=self.at + 1, count=len(self.steps)))
            self.words.setText(step.words)
            self._point(step.where)
        self.adjustSize()
        self.move((self._over.width() - self.width()) // 2, self._over.height() - self.height() - 190)
        self.raise_()

    def _point(self, where: str) -> None:
        kind, _, name = where.partition(" ")
        box = self._control(name) if kind == "control" else self.window_.place_of(where)
        self.ring.setVisible(not box.isEmpty())
        self.ring.setGeometry(box)
        self.ring.raise_()

    def _control(self, name: str) -> QRect:
        """The box around the first control of a kind on the board."""
        session, board = self.window_.session, self.window_.board
        found = next((each for each in session.puppet.controls.values() if name in each.name.casefold()), None)
        if found is None:
            return QRect()
        at = board.mapTo(self._over, board.camera.point(session.placed.control_at(found)).toPoint())
        return QRect(at - QPoint(AROUND, AROUND), at + QPoint(AROUND, AROUND))

    def end(self) -> None:
        """The person has seen enough."""
        self._timer.stop()
        self.ended.emit()
        self.ring.hide()
        self.ring.deleteLater()
        self.hide()
        self.deleteLater()
