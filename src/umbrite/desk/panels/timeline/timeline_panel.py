"""The timeline with what belongs to the whole take: which one, playing, keying, rate, loop."""

from functools import partial

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import (
    QComboBox,
    QHBoxLayout,
    QLabel,
    QScrollArea,
    QSizePolicy,
    QSpinBox,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.takes import layer_commands, perform_commands, take_commands
from umbrite.desk.panels.timeline.key_fields import KeyFields
from umbrite.desk.panels.timeline.keying_menu import KeyingMenu
from umbrite.desk.panels.timeline.readable_rows import keys_counted, place_of, readable_rows, spots_of
from umbrite.desk.panels.timeline.timeline_layout import RULER
from umbrite.desk.panels.timeline.timeline_view import TimelineView
from umbrite.desk.session.running_time.player import SPEEDS
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.readable import ReadableList, announce
from umbrite.rig.takes.take_layers import get_layer

ROOMY = 800  # pixels: so wide, all words have room


class TimelinePanel(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.player = session.player
        self.sheet = TimelineView(session)
        self._symbols: dict[QToolButton, str] = {}
        self.setAutoFillBackground(True)
        column = QVBoxLayout(self)
        column.setContentsMargins(6, 4, 6, 4)
        column.setSpacing(4)
        column.addLayout(self._head())
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setAccessibleName(tr("Rows of the tape"))
        self.area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.area.setWidget(self.sheet)
        self.area.verticalScrollBar().valueChanged.connect(lambda _at: self.sheet.update())
        column.addWidget(self.area, 1)
        session.settled.connect(self.refresh)
        session.timeline.changed.connect(self.refresh)
        session.opened.connect(self.refresh)
        session.workspace.theme_changed.connect(self.refresh)
        self.player.changed.connect(self.refresh)
        session.performing.changed.connect(self.refresh)
        self.readable = ReadableList(
            self.sheet,
            tr("On the tape"),
            partial(readable_rows, self.sheet.ground),
            partial(place_of, self.sheet.ground),
            lambda keys: session.timeline.select(spots_of(self.sheet.ground, keys)),
        )
        self._told = (session.timeline.frame, session.timeline.selected)
        for signal in (session.opened, session.settled, session.timeline.changed):
            signal.connect(self._tell)
        self.refresh()

    def _tell(self) -> None:
        """Have a screen reader say where the playhead has come to and how many keys are selected; what plays is not told."""
        timeline = self.session.timeline
        if timeline.playing or self.session.performing.running:
            return
        self.readable.later()
        (frame, selected), self._told = self._told, (timeline.frame, timeline.selected)
        if self.isVisible() and frame != timeline.frame:
            announce(self.sheet, tr("Frame {frame}", frame=f"{timeline.frame:g}"))
        if self.isVisible() and selected != timeline.selected:
            announce(self.sheet, tr("{keys} selected", keys=keys_counted(len(timeline.selected))))

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._give_room()

    def _give_room(self) -> None:
        """In a narrow window how long the take is stands in the tooltip of its rate alone, so that nothing is cut."""
        self.rate.setToolTip(self.words.text())
        self.words.setVisible(not self.rate.isVisibleTo(self) or self.width() >= ROOMY)

    def sizeHint(self) -> QSize:
        return QSize(800, 210)

    def _head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        self.takes = QComboBox()
        self.takes.setAccessibleName(tr("Take"))
        self.takes.setMinimumWidth(104)
        self.takes.setToolTip(tr("The current take"))
        self.takes.activated.connect(lambda _i: self.session.timeline.choose(self.takes.currentText()))
        row.addWidget(self.takes)
        self.new = self._button("plus", tr("New take"), lambda: take_commands.new_take(self.session))
        row.addWidget(self.new)
        self._play_buttons(row)
        self._of_time(row)
        self._layer_fields(row)
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setMinimumWidth(40)
        self.words.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self.words.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        row.addWidget(self.words, 1)
        self.keys = KeyFields(self.session)
        row.addWidget(self.keys)
        return row

    def _play_buttons(self, row: QHBoxLayout) -> None:
        self.play = self._button("rig-play", tr("Play or stop  (Space)"), self.player.switch)
        row.addWidget(self.play)
        self.perform = self._button(
            "rig-perform", tr("Perform by hand  (Alt+P)"), lambda: perform_commands.perform(self.session)
        )
        self.perform.setCheckable(True)
        row.addWidget(self.perform)
        self.keying = self._button("rig-key", tr("Auto-key"), lambda: take_commands.switch_keying(self.session))
        self.keying.setText(tr("Keying"))
        self.keying.setCheckable(True)
        self.keying.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.keying.setPopupMode(QToolButton.ToolButtonPopupMode.MenuButtonPopup)
        self.keying_menu = KeyingMenu(self.session, self)
        self.keying.setMenu(self.keying_menu)
        row.addWidget(self.keying)
        self.loop = self._button("rotate-ccw", tr("Loop"), lambda: take_commands.switch_loop(self.session))
        self.loop.setText(tr("Loop"))
        self.loop.setCheckable(True)
        self.loop.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        row.addWidget(self.loop)

    def _of_time(self, row: QHBoxLayout) -> None:
        self.rate = QSpinBox()
        self.rate.setRange(1, 240)
        self.rate.setSuffix(tr(" a second"))
        self.rate.setAccessibleName(tr("Frames per second"))
        self.rate.setKeyboardTracking(False)
        self.rate.valueChanged.connect(
            lambda value: attempt(self.session, lambda: take_commands.set_rate(self.session, value))
        )
        row.addWidget(self.rate)
        self.speed = QComboBox()
        self.speed.setAccessibleName(tr("Speed of playing"))
        words = (tr("Quarter speed"), tr("Half speed"), tr("Normal speed"), tr("Double speed"))
        for each, factor in zip(words, SPEEDS, strict=True):
            self.speed.addItem(each, factor)
        self.speed.setCurrentIndex(SPEEDS.index(1.0))
        self.speed.activated.connect(lambda _i: self._speed())
        row.addWidget(self.speed)

    def _layer_fields(self, row: QHBoxLayout) -> None:
        """Of the open layer: how it is laid over, and how much of it counts."""
        self.way = QComboBox()
        self.way.setAccessibleName(tr("How the layer is combined"))
        for words, way in ((tr("Is added"), "adds"), (tr("Takes over"), "replaces")):
            self.way.addItem(words, way)
        self.way.activated.connect(
            lambda _i: attempt(self.session, lambda: layer_commands.set_way(self.session, self.way.currentData()))
        )
        row.addWidget(self.way)
        self.amount = QSpinBox()
        self.amount.setRange(0, 200)
        self.amount.setSuffix(" %")
        self.amount.setAccessibleName(tr("Amount of the layer"))
        self.amount.setToolTip(tr("How strong the layer is; keyed at the playhead"))
        self.amount.setKeyboardTracking(False)
        self.amount.valueChanged.connect(
            lambda value: attempt(self.session, lambda: layer_commands.set_amount(self.session, value / 100))
        )
        row.addWidget(self.amount)

    def _button(self, symbol: str, words: str, does: object) -> QToolButton:
        made = QToolButton()
        self._symbols[made] = symbol
        made.setToolTip(words)
        made.setAccessibleName(words)
        made.clicked.connect(lambda _on=False: attempt(self.session, does))  # type: ignore[arg-type]
        return made

    def _speed(self) -> None:
        self.player.set_speed(self.speed.currentData())

    def reveal(self, channel: str) -> None:
        """Scroll to the row in which the keys of a channel stand."""
        box = self.sheet.box_of(channel)
        if box is not None:
            self.area.ensureVisible(0, round(box.bottom()), 0, 0)
            self.area.ensureVisible(0, round(box.top()) - RULER, 0, 0)

    def refresh(self) -> None:
        """What the head shows."""
        takes, take = self.session.history.now.takes, self.session.timeline.take
        names = [each.name for each in takes]
        if [self.takes.itemText(i) for i in range(self.takes.count())] != names:
            self.takes.clear()
            self.takes.addItems(names)
        self.takes.setCurrentIndex(names.index(take.name) if take is not None else -1)
        self.perform.setChecked(self.session.performing.state != "off")
        self.keying.setChecked(self.session.timeline.keying)
        self.keys.show_selected()
        self.words.setVisible(self.keys.isHidden())
        self.loop.setChecked(take is not None and take.loop)
        theme = self.session.workspace.theme
        self._symbols[self.play] = "rig-pause" if self.player.playing else "rig-play"
        for button, symbol in self._symbols.items():
            icon = look.icon(theme, symbol)
            if button.icon().cacheKey() != icon.cacheKey():  # else all is laid out anew with each frame that plays
                button.setIcon(icon)
        for widget in (self.play, self.perform, self.loop, self.rate, self.takes):
            widget.setEnabled(take is not None)
        if take is not None:
            if self.rate.value() != round(take.rate):
                self.rate.blockSignals(True)
                self.rate.setValue(round(take.rate))
                self.rate.blockSignals(False)
            seconds = (take.last - take.first) / take.rate
            late = f"  {tr('{count} frames late', count=self.player.late)}" if self.player.late else ""
            self.words.setText(
                tr("{frames} frames, {seconds} s", frames=take.last - take.first, seconds=f"{seconds:.2f}") + late
            )
        else:
            self.words.setText(tr("No take yet: pose something, or start one with +."))
        layer = self.session.timeline.layer
        for widget in (self.rate, self.speed):
            widget.setVisible(take is not None and not layer)
        self._give_room()
        for widget in (self.way, self.amount):
            widget.setVisible(bool(layer))
        if layer and take is not None:
            self.way.setCurrentIndex(self.way.findData(get_layer(take, layer).way))
            self.amount.blockSignals(True)
            self.amount.setValue(round(100 * layer_commands.amount_now(self.session)))
            self.amount.blockSignals(False)
