"""The station strip: the five places of work on one cord, each with its progress; findings lamp, undo, file."""

from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, QTimer, Signal
from PySide6.QtGui import QFont, QFontMetrics, QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractButton, QHBoxLayout, QLabel, QMenu, QSizePolicy, QToolButton, QWidget

from umbrite.checking.finding_codes import CODES
from umbrite.desk.session.checks import is_used
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import PARTS, STATIONS, TAKES
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import glow, pen
from umbrite.rig.family import targets

# With so many joints the signs follow a step so many milliseconds later.
MANY, LATE = 300, 80
LISTED = 25  # steps in the lists of undo and redo


class Progress(NamedTuple):
    """What a station's sign shows: words, how far it is (0 to 1), and whether there is something to look at."""

    words: str
    share: float
    look_at: bool


def progress(session: Session, station: str) -> Progress:
    """How far a station's work is."""
    puppet = session.puppet
    noticed = [f for f in session.checks.found if CODES[f.code].station == station and f.severity != "hint"]
    marked = bool(noticed) and is_used(puppet, station)
    if station == "Parts":
        count = len(puppet.parts)
        return Progress(tr("{count} in order", count=count) if count else tr("none yet"), float(count > 0), marked)
    if station == "Pivots":
        hooks = targets(puppet)
        joints = [joint for key, joint in puppet.joints.items() if key not in hooks]
        done = sum(joint.pivot_set for joint in joints)
        words = tr("{done} of {count} set", done=done, count=len(joints)) if joints else tr("none yet")
        return Progress(words, done / len(joints) if joints else 0.0, marked)
    if station == "Limbs":
        straight = sum(f.code == "limb-straight" for f in session.checks.found)
        count = len(puppet.limbs)
        words = tr("{count} limb{ending}", count=count, ending="s" if count > 1 else "") if count else tr("none yet")
        return Progress(
            words + (tr(", {straight} straight", straight=straight) if straight else ""), float(count > 0), marked
        )
    if station == "Controls":
        count = len(puppet.controls)
        return Progress(tr("{count} made", count=count) if count else tr("none yet"), float(count > 0), marked)
    if station == "Takes":
        count = len(session.history.now.takes)
        words = tr("{count} take{ending}", count=count, ending="s" if count > 1 else "") if count else tr("none yet")
        return Progress(words, float(count > 0), marked)
    posed = bool(session.history.now.pose)
    return Progress(tr("posed") if posed else tr("at rest"), float(posed), marked)


LONGEST = 26  # letters of a step that are shown


class StationSign(QAbstractButton):
    """One station: a disc on the cord that fills as the work goes on, its name, and its progress in words."""

    def __init__(self, session: Session, station: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.station = session, station
        self.setCheckable(True)
        self.setAutoExclusive(True)
        self.setText(tr(station))
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.setToolTip(
            tr("{station}  (Ctrl+{station2})", station=tr(station), station2=list(STATIONS).index(station) + 1)
        )
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Fixed)
        self.state = progress(session, station)

    def refresh(self) -> None:
        state, here = (progress(self.session, self.station), self.session.workspace.station.name == self.station)
        if state == self.state and here == self.isChecked():
            return
        self.state = state
        self.setChecked(self.session.workspace.station.name == self.station)
        self.setAccessibleName(tr(self.station))
        self.setAccessibleDescription(self.state.words)
        self.updateGeometry()
        self.update()

    def sizeHint(self) -> QSize:
        name = QFontMetrics(look.font(12.5, QFont.Weight.Bold)).horizontalAdvance(tr(self.station))
        words = QFontMetrics(look.font(9.5)).horizontalAdvance("24 of 24 set")
        return QSize(38 + max(name, words) + 10, 46)

    def minimumSizeHint(self) -> QSize:
        return QSize(86, 46)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        middle = self.height() / 2
        disc = QPointF(18, middle)
        self._cord(painter, middle)
        if self.isChecked():
            glow(painter, disc, 18)
        painter.setPen(pen(painter.theme.ink, 1.5))
        painter.setBrush(painter.theme.paper)
        painter.drawEllipse(disc, 8.5, 8.5)
        if self.state.share > 0:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(painter.theme.selected if self.isChecked() else painter.theme.moss)
            box = QRectF(disc.x() - 6, disc.y() - 6, 12, 12)
            painter.drawPie(box, 90 * 16, -round(360 * 16 * self.state.share))
        text = self.rect().adjusted(34, 0, 0, 0)
        bold = QFont.Weight.Bold if self.isChecked() else QFont.Weight.Medium
        painter.setFont(look.font(12.5, bold))
        painter.setPen(painter.theme.ink)
        painter.drawText(text.adjusted(0, 4, 0, -20), Qt.AlignmentFlag.AlignVCenter, tr(self.station))
        painter.setFont(look.font(9.5))
        painter.setPen(painter.theme.quiet)
        words = QFontMetrics(painter.font()).elidedText(self.state.words, Qt.TextElideMode.ElideRight, text.width() - 2)
        painter.drawText(text.adjusted(0, 23, 0, -4), Qt.AlignmentFlag.AlignVCenter, words)
        if self.state.look_at:
            self._flag(painter, disc)
        if self.isChecked():
            painter.setPen(pen(painter.theme.ink, 2.4))
            painter.drawLine(QPointF(35, self.height() - 1.5), QPointF(self.width() - 12, self.height() - 1.5))
        if self.hasFocus():
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(pen(painter.theme.selected, 2))
            painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 6, 6)
        painter.end()

    def _cord(self, painter: Inked, middle: float) -> None:
        """The cord passes behind the discs, one sign's end being the next one's beginning; under the words it is out."""
        painter.setPen(pen(painter.theme.line, 2))
        first, last = self.station == PARTS.name, self.station == TAKES.name
        if not first:
            painter.drawLine(QPointF(0, middle), QPointF(18, middle))
        if not last:
            painter.drawLine(QPointF(self.width() - 8, middle), QPointF(self.width(), middle))

    def _flag(self, painter: Inked, disc: QPointF) -> None:
        """Something to look at: an amber disc with a bar, told by its shape too."""
        at = disc + QPointF(7.5, -7.5)
        painter.setPen(pen(painter.theme.ink, 1.2))
        painter.setBrush(painter.theme.amber)
        painter.drawEllipse(at, 5, 5)
        painter.drawLine(at + QPointF(0, -2.2), at + QPointF(0, 0.6))
        painter.drawPoint(at + QPointF(0, 2.6))


class FindingsBadge(QToolButton):
    """The count of findings, many of one kind as one; a click shows them."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.refresh()

    def refresh(self) -> None:
        groups, theme = self.session.checks.groups, self.session.workspace.theme
        kinds = {finding.severity for group in groups for finding in group}
        colour = theme.brick if "error" in kinds else theme.amber if "warning" in kinds else theme.moss
        self.setIcon(look.icon(theme, "lightbulb", colour))
        self.setText(
            tr("{count} finding{ending}", count=len(groups), ending="" if len(groups) == 1 else "s")
            if groups
            else tr("All well")
        )
        self.setToolTip(tr("Findings  (Ctrl+E)"))


class Strip(QWidget):
    """All of it in one row."""

    badge_pressed = Signal()
    stepped = Signal(int)  # so many steps back or forward are wanted

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 3, 14, 3)
        row.setSpacing(0)
        name = QLabel(tr("Umbrite"))
        name.setFont(look.font(17, QFont.Weight.Medium))
        row.addWidget(name)
        row.addSpacing(18)
        self.signs = {station: StationSign(session, station, self) for station in STATIONS}
        for station, sign in self.signs.items():
            row.addWidget(sign)
            sign.clicked.connect(lambda _checked=False, station=station: session.workspace.go_to(STATIONS[station]))
        row.addStretch(1)
        self.badge = FindingsBadge(session, self)
        self.badge.clicked.connect(self.badge_pressed)
        row.addWidget(self.badge)
        row.addSpacing(12)
        self.undo = self._step_button("undo-2", "Undo", -1)
        self.redo = self._step_button("redo-2", "Redo", 1)
        for button in (self.undo, self.redo):
            row.addWidget(button)
        row.addSpacing(8)
        self.file = QLabel()
        self.file.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        row.addWidget(self.file)
        self._late = QTimer(self)
        self._late.setSingleShot(True)
        self._late.setInterval(LATE)
        self._late.timeout.connect(self.refresh)
        session.settled.connect(self._on_settled)
        for signal in (
            session.workspace.station_changed,
            session.opened,
            session.checks.changed,
            session.workspace.theme_changed,
        ):
            signal.connect(self.refresh)
        self.refresh()

    def _step_button(self, symbol: str, word: str, way: int) -> QToolButton:
        """A button for one step, with a list of all that way."""
        button = QToolButton()
        button.setIcon(look.icon(self.session.workspace.theme, symbol))
        button.setAccessibleName(word)
        button.setMinimumWidth(48)
        button.setPopupMode(QToolButton.ToolButtonPopupMode.MenuButtonPopup)
        button.clicked.connect(lambda: self.stepped.emit(way))
        menu = QMenu(button)
        menu.aboutToShow.connect(lambda: self._list_steps(menu, way))
        button.setMenu(menu)
        return button

    def _list_steps(self, menu: QMenu, way: int) -> None:
        menu.clear()
        names = self.session.history.steps()[0 if way < 0 else 1]
        for i, name in enumerate(names[:LISTED]):
            menu.addAction(name).triggered.connect(lambda _on=False, by=way * (i + 1): self.stepped.emit(by))
        if len(names) > LISTED:
            menu.addAction(tr("{count} more steps", count=len(names) - LISTED)).setEnabled(False)

    def _on_settled(self) -> None:
        """A large puppet is looked through when the step itself is painted."""
        if len(self.session.puppet.joints) > MANY:
            self._late.start()
        else:
            self.refresh()

    def refresh(self) -> None:
        for sign in self.signs.values():
            sign.refresh()
        self.badge.refresh()
        history, quiet = self.session.history, self.session.workspace.theme.quiet.name()
        for button, word, name, symbol, key in (
            (self.undo, tr("Undo"), history.undo_name, "undo-2", "Ctrl+Z"),
            (self.redo, tr("Redo"), history.redo_name, "redo-2", "Ctrl+Shift+Z"),
        ):
            button.setEnabled(name is not None)
            button.setIcon(look.icon(self.session.workspace.theme, symbol))
            button.setToolTip(f"{word}: {name}  ({key})" if name else tr("{word}: there is nothing", word=word))
        state = tr("saved") if history.is_saved and self.session.file.path else tr("not saved yet")
        if self.session.file.path is None and not self.session.puppet.parts:
            state = tr("empty")
        file = self.session.file.path.name if self.session.file.path else self.session.puppet.name
        undo = history.undo_name or ""
        undo = undo if len(undo) < LONGEST else undo[:LONGEST].rstrip() + "…"
        last = f"<br><span style='color:{quiet}'>{tr('last:')} {undo}</span>" if history.undo_name else ""
        shown = file if len(file) < 24 else file[:22] + "…"
        self.file.setText(f"<b>{shown}</b> · <span style='color:{quiet}'>{state}</span>{last}")

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setPen(pen(painter.theme.line, 1))
        painter.drawLine(0, self.height() - 1, self.width(), self.height() - 1)
        painter.end()
