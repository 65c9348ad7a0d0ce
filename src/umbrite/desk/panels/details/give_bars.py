"""Give as a row of small bars along a limb's chain: drag a bar up or down; at nothing its joint is locked."""

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.rig.change import change

FOOT = 18  # below the bars, for the joints' numbers


class GiveBars(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.joints: tuple[str, ...] = ()
        self.chosen = 0
        self._dragging = False
        self.setFixedHeight(70)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Give of each joint"))
        self.setToolTip(
            tr("How willingly each joint bends, from the root on: drag a bar; with arrows choose and change one")
        )

    def sizeHint(self) -> QSize:
        return QSize(200, 70)

    def show_limb(self, key: str) -> None:
        self.joints = self.session.puppet.limbs[key].joints
        self.chosen = min(self.chosen, len(self.joints) - 1)
        self.setAccessibleDescription(
            ", ".join(
                f"{self.session.puppet.joints[j].name} {self.session.puppet.joints[j].give:.0%}" for j in self.joints
            )
        )
        self.update()

    def bar(self, i: int) -> QRectF:
        """The whole room of a bar."""
        wide = self.width() / max(len(self.joints), 1)
        return QRectF(i * wide + 4, 3, min(wide - 8, 46), self.height() - FOOT - 4)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(look.font(9))
        for i, key in enumerate(self.joints):
            room, give = self.bar(i), self.session.puppet.joints[key].give
            painter.setPen(
                pen(painter.theme.selected if self.hasFocus() and i == self.chosen else painter.theme.line, 1.4)
            )
            painter.setBrush(painter.theme.paper)
            painter.drawRoundedRect(room, 3, 3)
            filled = QRectF(room.left(), room.bottom() - room.height() * give, room.width(), room.height() * give)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(painter.theme.teal)
            painter.drawRoundedRect(filled.adjusted(2, min(2, filled.height()), -2, -1), 2, 2)
            painter.setPen(painter.theme.ink)
            text = "locked" if give == 0 else f"{give * 100:.0f}"
            foot = QRectF(room.left() - 4, room.bottom() + 1, room.width() + 8, FOOT)
            painter.drawText(foot, Qt.AlignmentFlag.AlignCenter, text)
        painter.end()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        hit = [i for i in range(len(self.joints)) if self.bar(i).adjusted(-4, -3, 4, FOOT).contains(event.position())]
        if event.button() == Qt.MouseButton.LeftButton and hit:
            self.chosen, self._dragging = hit[0], True
            self._show(self._give_at(event))

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._dragging:
            self._show(self._give_at(event))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._dragging:
            self._dragging = False
            self._write(self._give_at(event))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = Qt.Key(event.key())
        if key in {Qt.Key.Key_Left, Qt.Key.Key_Right}:
            step = 1 if key == Qt.Key.Key_Right else -1
            self.chosen = min(max(self.chosen + step, 0), len(self.joints) - 1)
            self.update()
        elif key in {Qt.Key.Key_Up, Qt.Key.Key_Down} and self.joints:
            more = 0.1 if key == Qt.Key.Key_Up else -0.1
            give = self.session.puppet.joints[self.joints[self.chosen]].give
            self._write(round(min(max(give + more, 0.0), 1.0), 2))
        else:
            super().keyPressEvent(event)

    def _give_at(self, event: QMouseEvent) -> float:
        room = self.bar(self.chosen)
        share = (room.bottom() - event.position().y()) / room.height()
        return round(min(max(share, 0.0), 1.0) * 20) / 20  # twentieths are fine enough for a bar

    def _show(self, give: float) -> None:
        puppet = self.session.history.now.puppet
        self.session.preview(puppet=change(puppet, self.joints[self.chosen], give=give))

    def _write(self, give: float) -> None:
        puppet, key = self.session.history.now.puppet, self.joints[self.chosen]
        self.session.edit(tr("Give of {name}", name=puppet.joints[key].name), puppet=change(puppet, key, give=give))
