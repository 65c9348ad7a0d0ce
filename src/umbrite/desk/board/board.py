"""The board: shows the puppet, and turns pointer and keys into gestures and commands, which do the editing."""

from functools import partial

from PySide6.QtCore import QEvent, QPoint, QPointF, QRect, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QDragEnterEvent,
    QDropEvent,
    QFocusEvent,
    QImage,
    QKeyEvent,
    QKeySequence,
    QMouseEvent,
    QPaintEvent,
    QRegion,
    QResizeEvent,
    QTabletEvent,
    QWheelEvent,
)  # fmt: skip
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.board import faces as _faces  # noqa: F401 what stations and tools are on the board
from umbrite.desk.board.art_layer import ArtLayer, Playing, View, fading_of
from umbrite.desk.board.camera import Camera, fitting
from umbrite.desk.board.control_places import with_controls
from umbrite.desk.board.gestures.gesture import EventKind, Feedback, Pointer
from umbrite.desk.board.gestures.running import Running
from umbrite.desk.board.handles import Handle, handle_at
from umbrite.desk.board.input.drops import Drop, branch_in, paths_in
from umbrite.desk.board.input.moments import Moments, every_move
from umbrite.desk.board.input.pen import as_mouse, grasp_of
from umbrite.desk.board.on_handles import chooser_at, set_under, wheel
from umbrite.desk.board.overlay import rig_overlay
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.board.picking import parts_at
from umbrite.desk.board.press_rules.press import Press, joint_at
from umbrite.desk.board.press_rules.station_presses import guide_under, plan_press, press, sway_at
from umbrite.desk.board.proposals import proposals_of
from umbrite.desk.board.under_menu import menu_under, pick_under
from umbrite.desk.commands import bone_commands, edit_commands
from umbrite.desk.commands.sets import variant_commands
from umbrite.desk.commands.takes import sound_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of

FOCUS = Qt.FocusReason
BY_KEYS = {FOCUS.TabFocusReason, FOCUS.BacktabFocusReason, FOCUS.ShortcutFocusReason}
DRAG_FROM = 3.0  # widget pixels that the pointer must move before a press becomes a drag
SAME_SPOT = 4.0
ENTER = {Qt.Key.Key_Return, Qt.Key.Key_Enter}
ROOM_ABOVE = 62  # for the tool row
ROUNDED = 4  # pixels: so far in, the corners of what lies over the board are within its rounded edge
BESIDE = 316  # for the figure of a body plan


class Board(QWidget):
    """See the module. `hovered` tells that the hint may have changed; `dropped` carries what was let go on it, as a Drop."""

    hovered = Signal()
    pressed = Signal()
    zoomed = Signal(float)
    dropped = Signal(object)
    menu_opened = Signal(QMenu)  # a menu that others may add to, before it is shown

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.camera = Camera()
        self.hover: Handle | None = None
        self._layer = ArtLayer(session.workspace.theme)
        self._standing = rig_overlay.standing_marks()
        self._running = Running(session, self)
        self._running.found.connect(self.renew)
        self._running.ended.connect(self._end)
        self._pointer = QPointF(-1e4, -1e4)
        self._press_at: QPointF | None = None
        self._last_click = QPointF(-1e4, -1e4)
        self._press = Press()
        self._panning: QPointF | None = None
        self._space = self._only_tapped = False
        self._shows_focus = False
        self.swaying = False  # while W is held
        self._pressure = 1.0  # of the pen, while its event is taken
        self._moment: float | None = None  # of the pointer's event, where it has one
        self._moments = Moments()
        self._fitted = True
        self._clear = 0  # pixels at the upper edge that something else covers
        self._visited = {session.workspace.station}
        self.setMouseTracking(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAcceptDrops(True)
        self.setMinimumSize(320, 240)
        self.setAccessibleName(tr("Board"))
        self.setAccessibleDescription(tr("The puppet, and the handles of the present station"))
        self.setAttribute(Qt.WidgetAttribute.WA_OpaquePaintEvent)
        self.covers: list[QWidget] = []  # opaque, but for their corners
        workspace = session.workspace
        for signal in (workspace.view_changed, workspace.tool_changed, session.selection.changed):
            signal.connect(self.update)
        session.drafts.changed.connect(self.update)
        session.changed.connect(lambda *_: self.renew())
        workspace.station_changed.connect(self._on_station)
        session.opened.connect(self._on_opened)
        workspace.theme_changed.connect(self.paint_anew)
        session.performing.changed.connect(self._on_performing)
        session.performing.ran.connect(self._end)
        session.file.arrivals.came.connect(self._drawings_came)

    # Views

    def _on_opened(self) -> None:
        self._visited = {self.session.workspace.station}
        self.fit_all()

    def sizeHint(self) -> QSize:
        return QSize(800, 640)

    @property
    def picture(self) -> QImage:
        """The art as it is shown, without what lies over it."""
        return self._layer.image

    def renew(self) -> None:
        """Paint again what is seen of the board. What lies over it would be painted again, too, where it isn't left out."""
        seen = QRegion(self.rect())
        for cover in self.covers:
            if cover.isVisible():
                seen -= cover.geometry().adjusted(ROUNDED, ROUNDED, -ROUNDED, -ROUNDED)
        self.update(seen)

    def paint_anew(self) -> None:
        """Paint all of the art again, as if nothing were kept from before."""
        self._layer = ArtLayer(self.session.workspace.theme)
        self.update()

    def _drawings_came(self) -> None:
        self._layer.again()
        self.renew()

    def _on_station(self) -> None:
        self.cancel()
        self.hover = None
        if self.session.workspace.station not in self._visited:
            self._visited.add(self.session.workspace.station)
            self.fit_all()
        self.update()

    def room(self) -> QRectF:
        """Where the puppet can be seen whole: below the tool row, with a margin."""
        beside = BESIDE if self.session.drafts.now.plan is not None else 0
        return QRectF(self.rect()).adjusted(28 + beside, max(ROOM_ABOVE, self._clear), -28, -20)

    def keep_clear(self, above: int) -> None:
        """Show the puppet so many pixels below the upper edge, if it is shown whole."""
        self._clear = above + 8 if above else 0
        if self._fitted:
            self.fit_all()

    def _look_through(self, camera: Camera, *, fitted: bool = False) -> None:
        self.camera = camera._replace(grasp=self.camera.grasp)
        self._fitted = fitted
        self.zoomed.emit(camera.zoom)
        self.update()

    def fit_all(self) -> None:
        """Show the whole puppet, controls included."""
        puppet = self.session.puppet
        art = rect_of(around(scene_of(self.session.placed)))
        box = QRectF(0, 0, puppet.width, puppet.height) if art.isEmpty() else art
        box = with_controls(self.session, fitting(box, self.room()), box)
        self._look_through(fitting(box, self.room()), fitted=True)

    def puppet_on_screen(self) -> QRect:
        """The box around the art as it is seen, on the screen."""
        box = self.camera.transform().mapRect(rect_of(around(scene_of(self.session.placed)))).toAlignedRect()
        return QRect(self.mapToGlobal(box.topLeft()), box.size())

    def fit_selection(self) -> None:
        """Show what is selected, or everything where nothing is."""
        chosen = set(self.session.selection.of("part"))
        box = rect_of(around(item for item in scene_of(self.session.placed) if item.part in chosen))
        if box.isEmpty():
            self.fit_all()
        else:
            self._look_through(fitting(box.adjusted(-40, -40, 40, 40), self.room()))

    def zoom_by(self, factor: float) -> None:
        middle = self.rect().center()
        self._look_through(self.camera.zoomed(factor, complex(middle.x(), middle.y())))

    def show_actual_size(self) -> None:
        self.zoom_by(1 / self.camera.zoom)

    def resizeEvent(self, event: QResizeEvent) -> None:
        if self._fitted or event.oldSize().isEmpty():
            self.fit_all()
        else:
            grown = event.size() - event.oldSize()
            self._look_through(self.camera.panned(complex(grown.width() / 2, grown.height() / 2)))

    def paintEvent(self, event: QPaintEvent) -> None:
        session = self.session
        size = (self.width(), self.height())
        view = View(self.camera, size, self.devicePixelRatioF(), fading_of(session))
        if session.timeline.bare and (take := session.timeline.take) is not None:
            playing = Playing(session.timeline.frame, (take, session.puppet), 1 / take.rate)
            self._layer.play(lambda: session.placed, session.file.pictures, view, playing)
        else:
            self._layer.refresh(session.placed, session.file.pictures, view, dragging=self.dragging)
        painter = Inked(self, self.session.workspace.theme)
        self._layer.image.setDevicePixelRatio(self.devicePixelRatioF())
        painter.setClipRegion(event.region())
        painter.drawImage(0, 0, self._layer.image)
        within = QRectF(self.rect())
        sight = Sight(
            session, self.camera, self.feedback, self.hover, self._pointer, within, self._standing, self.dragging
        )
        rig_overlay.paint(painter, sight)
        if self._shows_focus and self.hasFocus():
            painter.setClipping(False)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(pen(painter.theme.selected, 2.4))
            painter.drawRect(QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5))
        painter.end()

    # Pointer

    def _event(self, at: QPointF, kind: EventKind, modifiers: Qt.KeyboardModifier) -> Pointer:
        return Pointer(
            self.camera.board(complex(at.x(), at.y())),
            kind,
            self.camera.zoom,
            bool(modifiers & Qt.KeyboardModifier.ShiftModifier),
            bool(modifiers & Qt.KeyboardModifier.ControlModifier),
            bool(modifiers & Qt.KeyboardModifier.AltModifier),
            self._pressure,
            self._moment,
        )

    def _grasp_for(self, event: QTabletEvent | QMouseEvent) -> None:
        """Controls as large as what points at them needs."""
        grasp = grasp_of(event)
        if grasp is not None and grasp != self.camera.grasp:
            self.camera = self.camera._replace(grasp=grasp)
            self.update()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.setFocus(Qt.FocusReason.MouseFocusReason)
        self._grasp_for(event)
        self.pressed.emit()
        at = event.position()
        if event.button() == Qt.MouseButton.MiddleButton or (
            event.button() == Qt.MouseButton.LeftButton and self._space
        ):
            self._panning, self._only_tapped = at, False
            self.setCursor(Qt.CursorShape.ClosedHandCursor)
        elif event.button() == Qt.MouseButton.LeftButton and self._press_at is None:
            again = (at - self._last_click).manhattanLength() <= SAME_SPOT
            self._press_at = at
            self.session.drafts.put(self.session.drafts.now._replace(swept=()))
            pointer = self._event(at, "press", event.modifiers())
            self._running.guarded(lambda: self._decide(pointer, again=again))
            if self._press.gesture is not None:
                self.session.performing.count()  # where it was waited for what is performed
        elif event.button() == Qt.MouseButton.RightButton and not self.dragging:
            self._list_under(at, event.globalPosition().toPoint())

    def _decide(self, pointer: Pointer, *, again: bool) -> None:
        if (guide := guide_under(self.session, self.camera, pointer, self.height())) is not None:
            self._press = guide
        elif self.session.drafts.now.plan is not None:
            self._press = plan_press(self.session, self.camera, pointer)
        elif self.swaying:
            self._press = sway_at(self.session, self.camera, pointer)
        else:
            self._press = press(self.session, self.camera, pointer, again=again)

    def tabletEvent(self, event: QTabletEvent) -> None:
        """A pen does what the mouse does, its eraser end what the mouse does with Ctrl; its pressure goes along."""
        works = {
            QEvent.Type.MouseButtonPress: self.mousePressEvent, QEvent.Type.MouseMove: self.mouseMoveEvent,
            QEvent.Type.MouseButtonRelease: self.mouseReleaseEvent,
        }  # fmt: skip
        mouse = as_mouse(event)
        self._grasp_for(event)
        self._pressure = event.pressure() if mouse.type() != QEvent.Type.MouseButtonRelease else 1.0
        works[mouse.type()](mouse)
        self._pressure = 1.0
        event.accept()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self.session.drafts.now.bones.chain is not None and event.button() == Qt.MouseButton.LeftButton:
            bone_commands.end_chain(self.session)
        else:
            self.mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        at = event.position()
        self._pointer = at
        self._moment = self._moments.of(event) if self.session.performing.running else None
        if self._panning is not None:
            by = at - self._panning
            self._panning, self._only_tapped = at, False
            self._look_through(self.camera.panned(complex(by.x(), by.y())))
            return
        begin, start = self._press.gesture, self._press_at
        far = start is not None and (at - start).manhattanLength() > DRAG_FROM
        if begin is not None and far and not self.dragging:
            self._running.begin(begin)
        if self.dragging:
            self._running.send(self._event(at, "move", event.modifiers()))
        elif self._press_at is None:
            self._hover_at(at)
        self.renew()

    def _on_performing(self) -> None:
        every_move(on=self.session.performing.running)
        self.update()

    def _hover_at(self, at: QPointF) -> None:
        found = handle_at(self.session, self.camera, self.camera.board(complex(at.x(), at.y())))
        if self.hover is not None and self.hover.kind == "limit" and (found is None or found.kind != "limit"):
            self.session.spring_back()  # what the wheel has shown
        if (found is None) != (self.hover is None) or (found and self.hover and found[:2] != self.hover[:2]):
            self.setCursor(Qt.CursorShape.PointingHandCursor if found else Qt.CursorShape.ArrowCursor)
        self.hover = found
        self.session.workspace.open_chooser(found.key if found is not None and chooser_at(self.session, found) else "")
        self.hovered.emit()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._panning is not None and event.button() in {Qt.MouseButton.MiddleButton, Qt.MouseButton.LeftButton}:
            self._panning = None
            self.unsetCursor()
            return
        if event.button() != Qt.MouseButton.LeftButton or self._press_at is None:
            return
        at = event.position()
        self._moment = self._moments.of(event) if self.session.performing.running else None
        if self.dragging:
            self._running.send(self._event(at, "release", event.modifiers()))
        elif self._press.click is not None:
            self._running.guarded(self._press.click)
        self._last_click = at if not self.dragging else QPointF(-1e4, -1e4)
        self._end()

    def leaveEvent(self, _event: object) -> None:
        self._pointer = QPointF(-1e4, -1e4)
        self.hover = None
        self.update()

    def wheelEvent(self, event: QWheelEvent) -> None:
        at = event.position()
        steps = event.angleDelta().y() / 120
        shift = bool(event.modifiers() & Qt.KeyboardModifier.ShiftModifier)
        meant = [False]
        if self._press_at is None:
            self._running.guarded(lambda: meant.append(wheel(self.session, self.hover, steps, shift=shift)))
        if meant[-1]:
            self._hover_at(at)
        elif steps:
            self._look_through(self.camera.zoomed(1.18**steps, complex(at.x(), at.y())))

    # Gestures

    @property
    def feedback(self) -> Feedback:
        return self._running.feedback

    @property
    def dragging(self) -> bool:
        return self._running.on

    def _end(self) -> None:
        self._running.stop()
        self._press_at = None
        self._press = Press()
        self.hovered.emit()
        self.update()

    def cancel(self) -> bool:
        """Put back what a running gesture did; whether there was one."""
        running = self.dragging
        if running:
            self._running.send(Pointer(0j, "cancel"))
            self.hover = None  # what was grasped has gone back from under the pointer
        self._end()
        return running

    # Keys

    def event(self, event: QEvent) -> bool:
        """M marks the sound while it plays, whatever it does else."""
        if event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent):
            event.setAccepted(sound_commands.is_tap(self.session, event.key()))
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        key = event.key()
        if sound_commands.is_tap(self.session, key):
            self._running.guarded(lambda: sound_commands.mark_here(self.session))
        elif key == Qt.Key.Key_Escape:
            if self.cancel():
                return
            self._escape(event)
        elif key in ENTER and (proposed := proposals_of(self.session)) is not None:
            self._running.guarded(partial(proposed[0], self.session))
        elif self.dragging and event.matches(QKeySequence.StandardKey.Undo):
            self.cancel()  # comes here where there is no step yet that the action could undo
        elif key == Qt.Key.Key_W and not event.modifiers() and self.session.workspace.station.sways:
            self.swaying = True
            self.hovered.emit()
        elif Qt.Key.Key_1 <= key <= Qt.Key.Key_9 and (
            found := set_under(self.session, self.camera, self.hover, self._pointer)
        ):
            self._running.guarded(lambda: variant_commands.at_place(self.session, found, key - Qt.Key.Key_1))
        elif key == Qt.Key.Key_Space:
            self._space = self._only_tapped = True
            self.setCursor(Qt.CursorShape.OpenHandCursor)
        else:
            super().keyPressEvent(event)

    def _escape(self, event: QKeyEvent) -> None:
        """One thing after the other: a chain of bones, a pin, proposed things, the selection; else it is the window's."""
        if self.session.drafts.now.bones.chain is not None or self.session.drafts.now.bones.card is not None:
            bone_commands.end_chain(self.session)
        elif self.session.drafts.now.pin is not None:
            self.session.drafts.put(self.session.drafts.now._replace(pin=None))
            self.update()
        elif (proposed := proposals_of(self.session)) is not None:
            proposed[1](self.session)
        elif self.session.selection.keys:
            self.session.selection.select([])
        else:
            super().keyPressEvent(event)

    def focusNextPrevChild(self, next: bool) -> bool:  # noqa: A002, FBT001 Qt's own words
        """Tab walks what can be picked here, and from the last of it to the next panel."""
        if not edit_commands.walk(self.session, 1 if next else -1):
            return super().focusNextPrevChild(next)
        self._shows_focus = True
        return True

    def focusInEvent(self, event: QFocusEvent) -> None:
        """Focus is shown where it came by keys; a pointer knows where it is."""
        self._shows_focus = event.reason() in BY_KEYS
        self.update()
        super().focusInEvent(event)

    def focusOutEvent(self, event: QFocusEvent) -> None:
        self.swaying = False  # the release of W would go elsewhere
        self.update()
        super().focusOutEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_W and not event.isAutoRepeat():
            self.swaying = False
            self.hovered.emit()
        elif event.key() == Qt.Key.Key_Space and not event.isAutoRepeat():
            self._space = False
            self.unsetCursor()
            if self._only_tapped:
                self.session.timeline.ask_to_play()
        else:
            super().keyReleaseEvent(event)

    # What lies under the pointer; files let go here

    def _list_under(self, at: QPointF, place: QPoint) -> None:
        """What lies there, and what can be done with it; what was not selected is picked first."""
        z = self.camera.board(complex(at.x(), at.y()))
        pick_under(self.session, self.camera, z)
        menu = menu_under(self, self.session, self.camera, z) or QMenu(self)
        menu.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.menu_opened.emit(menu)
        if menu.isEmpty():
            menu.deleteLater()
        else:
            menu.popup(place)

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if paths_in(event) or branch_in(event):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        place = self.camera.board(complex(event.position().x(), event.position().y()))
        if branch := branch_in(event):
            event.acceptProposedAction()
            joint = joint_at(self.session, self.camera, place)
            self.dropped.emit(Drop([], branch=branch, joint=joint, at=place))
        elif paths := paths_in(event):
            event.acceptProposedAction()
            under = parts_at(self.session, place, 0.0)
            self.dropped.emit(Drop(paths, under[0] if under else ""))
