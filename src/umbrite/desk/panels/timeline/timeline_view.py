"""The paper timeline as a widget: takes pointer and keys, and paints what has changed. Asks the session, edits nothing itself."""

from PySide6.QtCore import QEvent, QRect, QRectF, QSize, Qt
from PySide6.QtGui import (
    QDragEnterEvent,
    QDragMoveEvent,
    QDropEvent,
    QKeyEvent,
    QKeySequence,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPixmap,
    QWheelEvent,
)
from PySide6.QtWidgets import QWidget

from umbrite.desk.commands.takes import changes, layer_commands, sound_commands, take_commands
from umbrite.desk.panels.shelf.pose_card import POSE_CARRIED
from umbrite.desk.panels.timeline import timeline_paint
from umbrite.desk.panels.timeline.interpolation_menu import interpolation_menu
from umbrite.desk.panels.timeline.timeline_layout import NAMES, RULER, TALL, TimelineLayout
from umbrite.desk.panels.timeline.timeline_presses import TimelinePresses
from umbrite.desk.panels.timeline.timeline_rows import Row
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.rig.takes.take import Spot

CLIPBOARD = {
    QKeySequence.StandardKey.Copy: take_commands.copy_keys,
    QKeySequence.StandardKey.Cut: take_commands.cut_keys,
    QKeySequence.StandardKey.Paste: take_commands.paste_keys,
}
OWN_KEYS = {Qt.Key.Key_Delete, Qt.Key.Key_Left, Qt.Key.Key_Right}
EYE = 24  # pixels from the left, within which a press switches a layer on or off


class TimelineView(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.ground = TimelineLayout(session)
        self.presses = TimelinePresses(session, self.ground)
        self._still_of: tuple[object, ...] = ()
        self._still_picture = QPixmap()
        self._playhead = (-1.0, frozenset[Spot]())  # as it was painted last
        self._span: tuple[float, float] | None = None
        self.setMouseTracking(True)
        self.setAcceptDrops(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Tape"))
        self.setAccessibleDescription(tr("Keys over frames; arrows move selected keys, Delete removes them"))
        session.changed.connect(lambda *_: self.refresh())
        session.sounds.came.connect(self.update)
        session.timeline.changed.connect(self._on_timeline)
        session.workspace.theme_changed.connect(self.update)
        session.workspace.view_changed.connect(self.update)
        session.opened.connect(self._forget)
        self.refresh()

    def sizeHint(self) -> QSize:
        return QSize(800, self.ground.height)

    def minimumSizeHint(self) -> QSize:
        return QSize(400, RULER + 2 * TALL["thing"])

    def refresh(self) -> None:
        """The rows anew."""
        if self.ground.refresh():
            self.setMinimumHeight(self.ground.height)
        self.update()

    def _forget(self) -> None:
        """Another puppet is open."""
        self.ground.unfolded.clear()
        self.ground.drawn.clear()
        self.ground.ranges.clear()
        self.refresh()

    def box_of(self, channel: str) -> QRectF | None:
        """The place of the row of a control or limb in which the keys of a channel stand."""
        rows = self.ground.rows
        number = next((i for i, row in enumerate(rows) if row.kind == "thing" and channel in row.channels), None)
        return None if number is None else self.ground.box_of(number)

    # Painting

    def _measure(self) -> None:
        self.ground.width = self.width()
        self.ground.top = max(0, -self.y())  # at the upper edge of what is seen, however far the rows are scrolled

    def _on_timeline(self) -> None:
        """Where only the playhead has moved, only its two places are painted."""
        timeline = self.session.timeline
        (before, selected), now = self._playhead, (timeline.frame, timeline.selected)
        if timeline.span != self._span:
            self._span = timeline.span
            self.update()
        self._playhead = now
        self._measure()
        if selected != timeline.selected or timeline.unkept or before == timeline.frame:
            self.update()
            return
        for frame in (before, timeline.frame):
            self.update(QRect(round(self.ground.x_of(frame)) - 18, 0, 70, self.height()))

    def paintEvent(self, event: QPaintEvent) -> None:
        self._measure()
        seen, timeline = event.rect(), self.session.timeline
        painter = Inked(self, self.session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if timeline.playing:
            whole = self.visibleRegion().boundingRect()
            painter.drawPixmap(whole.topLeft(), self._still(whole))
        else:
            self._paint(painter, seen)
        timeline_paint.paint_playhead(painter, self.ground, QRectF(seen))
        painter.end()

    def _paint(self, painter: Inked, seen: QRect) -> None:
        painter.fillRect(seen, painter.theme.paper)
        timeline_paint.paint(painter, self.ground, QRectF(seen), self.presses.box)
        if self.session.timeline.keying:
            marks.stitched(painter, QRectF(self.visibleRegion().boundingRect()).adjusted(2, 2, -2, -2))

    def _still(self, whole: QRect) -> QPixmap:
        """All but the playhead as a picture, while it plays."""
        timeline = self.session.timeline
        of = (
            timeline.take,
            timeline.layer,
            timeline.selected,
            timeline.keying,
            self.session.workspace.theme,
            whole,
            self.ground.span(),
            self.ground.x_of(0),
        )
        if of != self._still_of:
            self._still_of = of
            ratio = self.devicePixelRatioF()
            self._still_picture = QPixmap(whole.size() * ratio)
            self._still_picture.setDevicePixelRatio(ratio)
            painter = Inked(self._still_picture, self.session.workspace.theme)
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            painter.translate(-whole.topLeft())
            self._paint(painter, whole)
            painter.end()
        return self._still_picture

    # Pointer

    @property
    def dragging(self) -> bool:
        """Whether keys, a thread, a curve or a fold are being dragged."""
        return self.presses.dragging

    def cancel(self) -> None:
        """Put back what a drag did."""
        self.presses.cancel()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if event.button() != Qt.MouseButton.LeftButton:
            return
        self._measure()
        number = self.ground.row_at(at.y())
        if at.y() - self.ground.top >= RULER and at.x() < NAMES:
            if number is not None:
                self._press_name(self.ground.rows[number], at.x())
            return
        self.presses.press(at, event.modifiers())
        self.update()

    def _press_name(self, row: Row, x: float) -> None:
        if row.kind == "layer" and row.key and x < EYE:
            attempt(self.session, lambda: layer_commands.switch_layer(self.session, row.key))
        elif row.kind == "layer":
            self.session.timeline.open_layer(row.key)
        elif row.kind == "thing":
            self.ground.unfolded ^= {row.key}
            if row.key in self.session.puppet.controls:
                self.session.selection.select([row.key])
        elif row.kind == "channel":
            self.ground.drawn ^= {row.key}
        elif row.kind == "curve":
            self.ground.ranges.pop(row.key, None)  # all of it is seen again
        self.refresh()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        if self.presses.down:
            self.presses.move(at, event.modifiers())
            self.update()
        else:
            on = self.presses.on_something(at)
            self.setCursor(Qt.CursorShape.PointingHandCursor if on else Qt.CursorShape.ArrowCursor)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self.presses.down:
            self.presses.release(event.position(), event.modifiers())
            self.update()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        between = self.ground.segment_at(event.position())
        if between is None:
            self.mousePressEvent(event)  # two quick presses are two
            return
        row, key = between
        menu = interpolation_menu(self, self.session, self.ground.spots(row, key.frame), key)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        menu.popup(event.globalPosition().toPoint())

    def wheelEvent(self, event: QWheelEvent) -> None:
        """Ctrl: closer to the frames. On the axis of a curve: closer to its values. Else the rows go on."""
        at, steps = event.position(), event.angleDelta().y() / 120
        number = self.ground.row_at(at.y())
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.ground.zoom(1.18**steps, at.x())
        elif number is not None and self.ground.rows[number].kind == "curve" and at.x() < NAMES:
            low, high = self.ground.range_of(self.ground.rows[number])
            under = self.ground.value_at(number, at.y())
            factor = 1.18**-steps
            self.ground.ranges[self.ground.rows[number].key] = (
                under + (low - under) * factor,
                under + (high - under) * factor,
            )
        else:
            event.ignore()
            return
        self.update()
        event.accept()

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if event.mimeData().hasFormat(POSE_CARRIED):
            event.acceptProposedAction()

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        """The lamp goes along, so that one sees where it will be."""
        self._measure()
        self.session.timeline.go_to(float(round(self.ground.frame_at(event.position().x()))))
        event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        name = bytes(event.mimeData().data(POSE_CARRIED).data()).decode()
        frame = float(round(self.ground.frame_at(event.position().x())))
        event.acceptProposedAction()
        attempt(self.session, lambda: take_commands.drop_pose(self.session, name, frame))

    # Keys

    def event(self, event: QEvent) -> bool:
        """The timeline's own keys come before the window's while it has them."""
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent):
            meant = event.key() in OWN_KEYS or any(event.matches(keys) for keys in CLIPBOARD)
            meant = meant or sound_commands.is_tap(self.session, event.key())
            event.accept() if meant else event.ignore()
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        session, timeline = self.session, self.session.timeline
        step = {Qt.Key.Key_Left: -1.0, Qt.Key.Key_Right: 1.0}.get(Qt.Key(event.key()))
        clip = next((work for keys, work in CLIPBOARD.items() if event.matches(keys)), None)
        if clip is not None:
            attempt(session, lambda: clip(session))
        elif sound_commands.is_tap(session, event.key()):
            attempt(session, lambda: sound_commands.mark_here(session))
        elif event.key() == Qt.Key.Key_Escape and self.presses.down:
            self.cancel()
        elif step is not None and timeline.selected:
            by = step * (10 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 1)
            attempt(session, lambda: changes.settle(session, changes.moved(timeline.selected, by)))
        elif step is not None:
            timeline.go_to(timeline.frame + step)
        elif event.key() == Qt.Key.Key_Delete:
            attempt(session, lambda: take_commands.remove_selected(session))
        elif event.key() == Qt.Key.Key_Escape:
            timeline.select(())
        else:
            super().keyPressEvent(event)
