"""The board with what lies on its edges: the tool row, the hint line, and the sheet with three ways in."""

from functools import partial

from PySide6.QtCore import QEvent, QObject, QPointF
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QVBoxLayout, QWidget

from umbrite.desk.board.board import BESIDE, Board
from umbrite.desk.board.picking import parts_at
from umbrite.desk.board.readable_things import place_of, readable_things, selection_words
from umbrite.desk.board.widgets.banner import Banner
from umbrite.desk.board.widgets.bone_card import BoneCard
from umbrite.desk.board.widgets.face_strip import FaceStrip
from umbrite.desk.board.widgets.found_strip import FoundStrip
from umbrite.desk.board.widgets.hint_line import HintLine
from umbrite.desk.board.widgets.perform_strip import PerformStrip
from umbrite.desk.board.widgets.plan_sheet import PlanSheet
from umbrite.desk.board.widgets.stop_strip import StopStrip
from umbrite.desk.board.widgets.tool_row import ToolRow
from umbrite.desk.board.widgets.weight_card import WeightCard
from umbrite.desk.board.widgets.welcome import Welcome
from umbrite.desk.session.drafts import Drafts
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.readable import ReadableList, announce


class BoardFrame(QWidget):
    """Puts them together, and keeps the tool row and the welcome sheet in place."""

    def __init__(self, session: Session, welcome: list[QAction], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.alone = False
        self.board = Board(session, self)
        self.tools = ToolRow(session, self.board)
        self.board.covers.append(self.tools)
        self.welcome = Welcome(session, welcome, self.board)
        self.found = FoundStrip(session, self.board)
        self.bone_card = BoneCard(session, self.board)
        self.plan_sheet = PlanSheet(session, self._part_under, self._on_widget, self.board)
        self.weight_card = WeightCard(session, self.board)
        self.banner = Banner(self.board)
        self.stop_strip = StopStrip(session, self.board)
        self.face_strip = FaceStrip(session, self.board)
        self.perform_strip = PerformStrip(session, self.board)
        self.hints = HintLine(session, self.board, self)
        self.readable = ReadableList(
            self.board,
            tr("On the board"),
            partial(readable_things, session),
            lambda key: place_of(session, self.board.camera, key),
            lambda keys: session.selection.select(str(key) for key in keys),
        )
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(self.board, 1)
        column.addWidget(self.hints)
        self.board.installEventFilter(self)
        session.drafts.changed.connect(lambda *_: self._place_card())
        session.drafts.changed.connect(self._make_room)
        session.changed.connect(lambda *_: self._place_card())
        self.board.zoomed.connect(lambda _zoom: self._place_card())
        self.banner.placed.connect(self._give_room)
        session.opened.connect(self.arrange)
        session.settled.connect(self.arrange)
        workspace = session.workspace
        for signal in (session.opened, session.settled, workspace.station_changed, workspace.view_changed):
            signal.connect(self.readable.later)
        self.board.zoomed.connect(lambda _zoom: self.readable.later())
        session.selection.changed.connect(self._tell_selection)
        session.said.connect(partial(announce, self.board))
        workspace.station_changed.connect(lambda: announce(self.board, tr(workspace.station.name)))

    def _tell_selection(self) -> None:
        self.readable.later()
        announce(self.board, selection_words(self.session))

    def show_tools(self, actions: list[QAction]) -> None:
        self.tools.show_actions(actions)
        self.arrange()

    def show_alone(self, *, on: bool) -> None:
        """Nothing but the board, or the tools and hints again."""
        self.alone = on
        self.hints.setVisible(not on)
        self.arrange()

    def arrange(self) -> None:
        empty = not self.session.puppet.parts
        self.welcome.setVisible(empty)
        self.tools.setVisible(not empty and not self.alone)
        self.tools.fit(self.board.width() - 24)
        self.tools.move(12, 10)
        self.weight_card.move(12, 62)
        self.plan_sheet.setGeometry(12, 62, BESIDE, max(self.board.height() - 74, 300))
        if self.banner.isVisible():
            self.banner.place(BESIDE + 12 if self.session.drafts.now.plan is not None else 0)
            self.banner.raise_()
        for strip in (self.stop_strip, self.face_strip, self.perform_strip):
            strip.place()
        self.found.setGeometry(12, self.board.height() - 178, self.board.width() - 24, 168)
        self.welcome.move(
            (self.board.width() - self.welcome.width()) // 2, (self.board.height() - self.welcome.height()) // 2
        )

    def _on_widget(self, z: complex) -> QPointF:
        """Where a board point is seen now."""
        return self.board.camera.point(z)

    def _give_room(self) -> None:
        """The puppet is shown below a question that stands over it, and whole again when that is answered."""
        self.arrange()
        banner = self.banner
        self.board.keep_clear(banner.geometry().bottom() if banner.isVisible() else 0)

    def _make_room(self, old: Drafts, new: Drafts) -> None:
        """The puppet stands beside the figure of a plan while that is there."""
        if (old.plan is None) != (new.plan is None):
            self._give_room()
            self.board.fit_all()

    def _part_under(self, at: QPointF) -> str:
        """The part under a point of the screen, or nothing."""
        place = self.board.mapFromGlobal(at)
        found = parts_at(self.session, self.board.camera.board(complex(place.x(), place.y())))
        return found[0] if found and self.board.rect().contains(place.toPoint()) else ""

    def _place_card(self) -> None:
        """Keep the card beside the tip of its bone, within the board."""
        key = self.session.drafts.now.bones.card
        joint = self.session.puppet.joints.get(key) if key is not None else None
        if joint is None or joint.tip is None:
            return
        at = self.board.camera.point(joint.tip.z)
        right, low = (self.board.width() - self.bone_card.width(), self.board.height() - self.bone_card.height())
        self.bone_card.move(int(min(max(at.x() + 26, 8), right - 8)), int(min(max(at.y() + 10, 58), low - 8)))

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Resize:
            self.arrange()
        return super().eventFilter(watched, event)
