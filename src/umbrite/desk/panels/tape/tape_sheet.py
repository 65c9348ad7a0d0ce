"""The paper tape: a ruler of frames, a row for each control, brass eyelets for keys, threads between them, and the lamp.

Asks the session, edits nothing itself. Presses: the ruler moves the lamp, its folds the ends; an eyelet is picked and dragged (Ctrl
copies it, Alt takes everything later along), a thread is eased by a drag, the bare tape is boxed.
"""

import itertools
from bisect import bisect_left
from typing import NamedTuple

from PySide6.QtCore import QEvent, QPointF, QRect, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QKeyEvent,
    QKeySequence,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPolygonF,
    QWheelEvent,
)
from PySide6.QtWidgets import QWidget

from umbrite.desk.commands.takes import take_commands
from umbrite.desk.panels.tape.tape_rows import Row, keys_in, rows_of
from umbrite.desk.panels.tape.threads import frame_of, thread
from umbrite.desk.panels.tape.ways_menu import ways_menu
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.rig.takes.take import Key, Spot, Take

NAMES, RULER, ROW, HEAD, EDGE = 168, 30, 22, 20, 18  # widget pixels
EYELET, REACH, CLOSE = 5.0, 7.0, 3.0
MOST_EASE = 0.5


CLIPBOARD = {
    QKeySequence.StandardKey.Copy: take_commands.copy_keys,
    QKeySequence.StandardKey.Cut: take_commands.cut_keys,
    QKeySequence.StandardKey.Paste: take_commands.paste_keys,
}


class Press(NamedTuple):
    """What is being dragged on the tape."""

    kind: str  # "lamp", "first", "last", "keys", "thread", "box"
    at: QPointF
    spots: frozenset[Spot] = frozenset()
    key: Key | None = None
    copy: bool = False


class TapeSheet(QWidget):
    """See the module."""

    wanted_height = Signal(int)

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.rows: list[Row] = []
        self.unfolded: set[str] = set()
        self._press: Press | None = None
        self._held: tuple[float, float] | None = None
        self._box: QRectF | None = None
        self._change = take_commands.Change(())
        self._end = ("", 0)
        self._painted: tuple[float, float] | None = None
        self._lamp = (-1.0, frozenset[Spot]())  # as it was painted last
        self._zoom = 1.0
        self._from = 0.0  # the frame at the left edge, while zoomed in
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Tape"))
        self.setAccessibleDescription(tr("Keys over frames; arrows move picked keys, Delete removes them"))
        session.changed.connect(lambda *_: self.refresh())
        session.stage.tape.changed.connect(self._on_tape)
        session.stage.theme_changed.connect(self.update)
        self.refresh()

    def sizeHint(self) -> QSize:
        return QSize(800, self._height())

    def minimumSizeHint(self) -> QSize:
        return QSize(400, RULER + 2 * ROW)

    def refresh(self) -> None:
        """The rows anew."""
        rows = rows_of(self.session.puppet, self.take, self.unfolded)
        if rows != self.rows:
            self.rows = rows
            self.setMinimumHeight(self._height())
        self.update()

    @property
    def take(self) -> Take | None:
        return self.session.stage.tape.shown  # as a running drag shows it

    # Places

    def _height(self) -> int:
        return RULER + sum(HEAD if row.kind == "head" else ROW for row in self.rows) + 8

    def _span(self) -> tuple[float, float]:
        """The frames from edge to edge; while a fold is dragged they stay where they are."""
        if self._held is not None:
            return self._held
        take = self.take
        return (float(take.first), float(take.last)) if take is not None else (0.0, 48.0)

    def _top(self) -> int:
        """Where the ruler is: at the upper edge of what is seen, however far the rows are scrolled."""
        return max(0, -self.y())

    def _scale(self) -> float:
        """Pixels a frame."""
        first, last = self._span()
        return max(self.width() - NAMES - 2 * EDGE, 50) / (last - first) * self._zoom

    def _view(self) -> tuple[float, float]:
        """The frame at the left edge, and pixels a frame; looked up once while it is painted."""
        if self._painted is not None:
            return self._painted
        return (self._span()[0] if self._zoom == 1.0 else self._from), self._scale()

    def x_of(self, frame: float) -> float:
        """Where a frame is."""
        start, scale = self._view()
        return NAMES + EDGE + (frame - start) * scale

    def frame_at(self, x: float) -> float:
        """The frame at a place, not rounded."""
        start, scale = self._view()
        return start + (x - NAMES - EDGE) / scale

    def box_of(self, number: int) -> QRectF:
        """A row's place."""
        y = RULER + sum(HEAD if row.kind == "head" else ROW for row in self.rows[:number])
        return QRectF(0, y, self.width(), HEAD if self.rows[number].kind == "head" else ROW)

    def row_at(self, y: float) -> int | None:
        return next(
            (i for i in range(len(self.rows)) if self.box_of(i).top() <= y < self.box_of(i).bottom()), None
        )

    def _spots(self, row: Row, frame: float) -> frozenset[Spot]:
        take = self.take
        tracks = take.tracks if take is not None else {}
        return frozenset((c, k.frame) for c in row.channels for k in tracks.get(c, ()) if k.frame == frame)

    def eyelet_at(self, at: QPointF) -> tuple[Row, float] | None:
        """The row and frame of the eyelet at a place."""
        number, take = self.row_at(at.y()), self.take
        if number is None or take is None or at.x() < NAMES:
            return None
        row = self.rows[number]
        near = [(abs(self.x_of(frame) - at.x()), frame) for frame, _ in keys_in(take, row)]
        best = min(near, default=(99.0, 0.0))
        return (row, best[1]) if best[0] <= REACH else None

    def thread_at(self, at: QPointF) -> tuple[Row, Key, Key] | None:
        """The row and the two keys of the thread at a place."""
        number, take = self.row_at(at.y()), self.take
        if number is None or take is None or at.x() < NAMES:
            return None
        if abs(self.box_of(number).center().y() - at.y()) > REACH:
            return None
        keys, frame = keys_in(take, self.rows[number]), self.frame_at(at.x())
        pairs = itertools.pairwise(keys)
        return next(((self.rows[number], a[1], b[1]) for a, b in pairs if a[0] < frame < b[0]), None)

    # Painting

    def _on_tape(self) -> None:
        """Where only the lamp has moved, only its two places are painted."""
        tape = self.session.stage.tape
        (before, picked), now = self._lamp, (tape.frame, tape.picked)
        self._lamp = now
        if picked != tape.picked or tape.hollow or before == tape.frame:
            self.update()
            return
        for frame in (before, tape.frame):
            self.update(QRect(round(self.x_of(frame)) - 18, 0, 70, self.height()))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = Inked(self, self.session.stage.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.fillRect(event.rect(), painter.theme.paper)
        self._painted = self._view()
        seen = QRectF(event.rect())
        self._paint_grid(painter)
        for i, row in enumerate(self.rows):
            if self.box_of(i).intersects(seen):
                self._paint_row(painter, i, row, seen)
        painter.save()
        painter.translate(0, self._top())
        self._paint_ruler(painter)
        self._paint_lamp(painter)
        painter.restore()
        if self._box is not None:
            painter.setPen(marks.pen(painter.theme.ink, 1.2, Qt.PenStyle.DashLine))
            painter.setBrush(look.with_alpha(painter.theme.lamp, 40))
            painter.drawRect(self._box)
        if self.session.stage.tape.keying:
            marks.stitched(painter, QRectF(self.visibleRegion().boundingRect()).adjusted(2, 2, -2, -2))
        painter.end()
        self._painted = None

    def _ticks(self) -> list[int]:
        """The frames that are numbered: so many that their numbers have room."""
        step = next((n for n in (1, 2, 5, 10, 20, 50, 100, 200, 500, 1000) if n * self._scale() > 44), 5000)
        frame, found = int(self.frame_at(NAMES)) // step * step, []
        while self.x_of(frame) < self.width():
            if self.x_of(frame) > NAMES:
                found.append(frame)
            frame += step
        return found

    def _paint_grid(self, painter: Inked) -> None:
        painter.setPen(marks.pen(painter.theme.rule, 1))
        for frame in self._ticks():
            painter.drawLine(QPointF(self.x_of(frame), 0), QPointF(self.x_of(frame), self.height()))

    def _paint_ruler(self, painter: Inked) -> None:
        painter.fillRect(QRectF(0, 0, self.width(), RULER), painter.theme.panel)
        first, last = self._span()
        painter.setFont(look.font(9))
        for frame in self._ticks():
            x = self.x_of(frame)
            painter.setPen(marks.pen(painter.theme.line, 1))
            painter.drawLine(QPointF(x, RULER - 7), QPointF(x, RULER))
            painter.setPen(painter.theme.ink if first <= frame <= last else painter.theme.dim)
            painter.drawText(QRectF(x - 24, 4, 48, 16), Qt.AlignmentFlag.AlignCenter, str(frame))
        ends = (float(self.take.first), float(self.take.last)) if self.take is not None else (first, last)
        for end, way in zip(ends, (1, -1), strict=True):  # the folds at which it begins and ends
            x = self.x_of(end)
            fold = QPolygonF([QPointF(x, RULER), QPointF(x, RULER - 13), QPointF(x - way * 9, RULER)])
            painter.setPen(marks.pen(painter.theme.ink, 1.2))
            painter.setBrush(painter.theme.brass_pale)
            painter.drawPolygon(fold)

    def _paint_row(self, painter: Inked, number: int, row: Row, seen: QRectF) -> None:
        box, take = self.box_of(number), self.take
        if row.kind == "head":
            painter.fillRect(box, painter.theme.panel)
        painter.setPen(marks.pen(painter.theme.rule, 1))
        painter.drawLine(box.bottomLeft(), box.bottomRight())
        left = {"all": 8, "head": 8, "thing": 26, "channel": 40}[row.kind]
        painter.setPen(painter.theme.quiet if row.kind in {"head", "channel"} else painter.theme.ink)
        painter.setFont(look.font(9.0 if row.kind in {"head", "channel"} else 10.5))
        words = tr(row.label) if row.kind in {"head", "all"} else row.label
        room = QRectF(left, box.top(), NAMES - left - 4, box.height())
        short = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideRight, int(room.width()))
        painter.drawText(room, Qt.AlignmentFlag.AlignVCenter, short)
        if row.kind == "thing" and row.channels:
            name = "chevron-down" if row.key in self.unfolded else "chevron-right"
            painter.drawPixmap(8, round(box.center().y() - 7), look.icon(painter.theme, name).pixmap(14, 14))
        if take is None or not row.channels:
            return
        painter.setClipRect(QRectF(NAMES, 0, self.width() - NAMES, self.height()).intersected(seen))
        first, last = self.frame_at(max(seen.left(), NAMES) - 20), self.frame_at(seen.right() + 20)
        keys = keys_in(take, row)
        begin = max(bisect_left(keys, first, key=frame_of) - 1, 0)
        keys = keys[begin : bisect_left(keys, last, key=frame_of) + 1]
        y = box.center().y()
        if row.kind != "all":
            self._paint_threads(painter, keys, y)
        own = set(row.channels)
        picked = {frame for name, frame in self.session.stage.tape.picked if name in own}
        radius, before = EYELET if row.kind != "channel" else 4.0, -99.0
        for frame, _ in keys:
            x, lit = self.x_of(frame), frame in picked
            if lit or x - before >= CLOSE:  # of those that would hide each other one is enough
                marks.eyelet(painter, QPointF(x, y), radius, lit=lit)
                before = x
        hollow = {name for name in self.session.stage.tape.hollow if name in row.channels}
        if hollow:
            marks.eyelet(
                painter, QPointF(self.x_of(self.session.stage.tape.frame), y), EYELET, lit=False, hollow=True
            )
        painter.setClipping(False)

    def _paint_threads(self, painter: Inked, keys: list[tuple[float, Key]], y: float) -> None:
        painter.setPen(marks.pen(painter.theme.teal, 1.8))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        close: float | None = (
            None  # where keys begin that stand so close that one line is enough for all of them
        )
        for (frame, key), (after, _) in itertools.pairwise(keys):
            start, end = self.x_of(frame), self.x_of(after)
            if end - start < 2 * EYELET:
                close = start if close is None else close
                continue
            if close is not None:
                painter.drawLine(QPointF(close, y), QPointF(start, y))
                close = None
            painter.drawPath(thread(key, QPointF(start, y), QPointF(end, y)))
        if close is not None:
            painter.drawLine(QPointF(close, y), QPointF(self.x_of(keys[-1][0]), y))

    def _paint_lamp(self, painter: Inked) -> None:
        x = self.x_of(self.session.stage.tape.frame)
        if x < NAMES:
            return
        painter.setPen(marks.pen(painter.theme.lamp, 2.0))
        painter.drawLine(QPointF(x, 14), QPointF(x, self.height()))
        marks.glow(painter, QPointF(x, 12), 13)
        painter.setPen(marks.pen(painter.theme.ink, 1.4))
        painter.setBrush(painter.theme.lamp)
        painter.drawEllipse(QPointF(x, 12), 6, 8)
        painter.setFont(look.font(9.5))
        painter.setPen(painter.theme.ink)
        words = f"{self.session.stage.tape.frame:g}"
        painter.drawText(QPointF(x + 9, 16), words)

    # Pointer

    def mousePressEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        if event.button() != Qt.MouseButton.LeftButton:
            return
        self._box = None
        if at.y() - self._top() < RULER:
            first, last = self._span()
            ends = {"first": abs(self.x_of(first) - at.x()), "last": abs(self.x_of(last) - at.x())}
            end = min(ends, key=ends.__getitem__)
            on_fold = self.take is not None and ends[end] < 9 and at.y() - self._top() > RULER - 14
            self._held = (first, last) if on_fold else None
            self._press = Press(end if on_fold else "lamp", at)
            if not on_fold:
                self._to(at)
            return
        number = self.row_at(at.y())
        if number is not None and at.x() < NAMES:
            self._press_name(self.rows[number])
            return
        found = self.eyelet_at(at)
        if found is not None:
            self._press_eyelet(event, *found)
        elif (between := self.thread_at(at)) is not None and between[0].kind != "all":
            row, key, _ = between
            self._press = Press("thread", at, self._spots(row, key.frame), key)
        else:
            self._press = Press("box", at)

    @property
    def dragging(self) -> bool:
        """Whether keys, a thread or a fold are being dragged."""
        return self._press is not None and self._press.kind not in {"lamp", "box"}

    def cancel(self) -> None:
        """Put back what a drag did."""
        self._press = self._box = self._held = None
        self.session.spring_back()

    def _press_name(self, row: Row) -> None:
        if row.kind == "thing":
            self.unfolded ^= {row.key}
            self.refresh()
            if row.key in self.session.puppet.controls:
                self.session.selection.pick([row.key])

    def _press_eyelet(self, event: QMouseEvent, row: Row, frame: float) -> None:
        spots, picked = self._spots(row, frame), self.session.stage.tape.picked
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self.session.stage.tape.pick(picked ^ spots if not spots <= picked else picked - spots)
        elif not spots <= picked:
            self.session.stage.tape.pick(spots)
        chosen = self.session.stage.tape.picked
        take = self.take
        if event.modifiers() & Qt.KeyboardModifier.AltModifier and take is not None:
            least = min((f for _, f in chosen), default=frame)
            chosen = frozenset((c, k.frame) for c in take.tracks for k in take.tracks[c] if k.frame >= least)
        copies = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
        self._press = Press("keys", event.position(), chosen, copy=copies)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at, press = event.position(), self._press
        if press is None:
            on = self.eyelet_at(at) or (self.thread_at(at) if at.y() > RULER else None)
            self.setCursor(Qt.CursorShape.PointingHandCursor if on else Qt.CursorShape.ArrowCursor)
        elif press.kind == "lamp":
            self._to(at)
        elif press.kind == "box":
            self._box = QRectF(press.at, at).normalized()
            self.update()
        elif press.kind == "keys":
            by = float(round((at.x() - press.at.x()) / self._scale()))
            self._show(take_commands.Change(press.spots, by=by, copy=press.copy))
        elif press.kind == "thread":
            self._show(self._eased(press, at))
        else:
            self._show_end(press.kind, at)

    def _to(self, at: QPointF) -> None:
        self.session.stage.tape.go_to(float(round(self.frame_at(at.x()))))

    def _eased(self, press: Press, at: QPointF) -> "take_commands.Change":
        """Sideways eases more at the one end and less at the other; up and down more or less at both."""
        key = press.key
        assert key is not None
        out, into = (key.out, key.into) if key.going == "eased" else (0.25, 0.25)
        across, up = (at.x() - press.at.x()) / 160, (press.at.y() - at.y()) / 100
        ease = (min(max(out + across + up, 0.0), MOST_EASE), min(max(into - across + up, 0.0), MOST_EASE))
        return take_commands.Change(press.spots, ease=ease)

    def _show(self, change: "take_commands.Change") -> None:
        attempt(self.session, lambda: take_commands.preview(self.session, change))
        self._change = change

    def _show_end(self, end: str, at: QPointF) -> None:
        frame = round(self.frame_at(at.x()))
        attempt(self.session, lambda: take_commands.preview_end(self.session, end, frame))
        self._end = (end, frame)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        press, self._press, self._held = self._press, None, None
        if press is None:
            return
        box, self._box = self._box, None
        moved = (event.position() - press.at).manhattanLength() > 3
        if press.kind == "box":
            self._pick_box(box, keep=bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier))
        elif press.kind in {"keys", "thread"} and moved:
            attempt(self.session, lambda: take_commands.settle(self.session, self._change))
        elif press.kind in {"first", "last"} and moved:
            attempt(self.session, lambda: take_commands.settle_end(self.session, *self._end))
        self.update()

    def _pick_box(self, box: QRectF | None, *, keep: bool) -> None:
        take = self.take
        found: set[Spot] = set(self.session.stage.tape.picked) if keep else set()
        if box is not None and take is not None:
            for i, row in enumerate(self.rows):
                y = self.box_of(i).center().y()
                for frame, _ in keys_in(take, row):
                    if row.kind != "all" and box.contains(QPointF(self.x_of(frame), y)):
                        found |= self._spots(row, frame)
        self.session.stage.tape.pick(found)

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        between = self.thread_at(event.position())
        if between is None or between[0].kind == "all":
            return
        row, key, _ = between
        menu = ways_menu(self, self.session, self._spots(row, key.frame), key)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        menu.popup(event.globalPosition().toPoint())

    def wheelEvent(self, event: QWheelEvent) -> None:
        if not event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            event.ignore()
            return
        under = self.frame_at(event.position().x())
        zoom = min(max(self._zoom * 1.18 ** (event.angleDelta().y() / 120), 1.0), 60.0)
        self._zoom = zoom
        self._from = under - (event.position().x() - NAMES - EDGE) / self._scale()
        self.update()
        event.accept()

    # Keys

    def event(self, event: QEvent) -> bool:
        """The tape's own keys come before the window's while it has them."""
        own = {Qt.Key.Key_Delete, Qt.Key.Key_Left, Qt.Key.Key_Right}
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent):
            meant = event.key() in own or any(event.matches(keys) for keys in CLIPBOARD)
            event.accept() if meant else event.ignore()
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = {Qt.Key.Key_Left: -1.0, Qt.Key.Key_Right: 1.0}.get(Qt.Key(event.key()))
        picked = self.session.stage.tape.picked
        clip = next((work for keys, work in CLIPBOARD.items() if event.matches(keys)), None)
        if clip is not None:
            attempt(self.session, lambda: clip(self.session))
        elif event.key() == Qt.Key.Key_Escape and self._press is not None:
            self.cancel()
        elif step is not None and picked:
            by = step * (10 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 1)
            attempt(
                self.session, lambda: take_commands.settle(self.session, take_commands.Change(picked, by=by))
            )
        elif step is not None:
            self.session.stage.tape.go_to(self.session.stage.tape.frame + step)
        elif event.key() == Qt.Key.Key_Delete:
            attempt(self.session, lambda: take_commands.remove_picked(self.session))
        elif event.key() == Qt.Key.Key_Escape:
            self.session.stage.tape.pick(())
        else:
            super().keyPressEvent(event)
