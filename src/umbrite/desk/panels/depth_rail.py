"""The depth rail: parts from front to back with their pictures; drag one or many to reorder.

Parts of one set that lie behind one another are one row, and so is a guest at one depth, which a double click unfolds and folds.
"""

import itertools
from typing import Any

from PySide6.QtCore import QObject, QSize, Qt
from PySide6.QtGui import QDragEnterEvent, QDragMoveEvent, QDropEvent, QIcon, QResizeEvent, QShowEvent
from PySide6.QtWidgets import QAbstractItemView, QListWidgetItem, QTreeWidget, QWidget

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.order_commands import put_before
from umbrite.desk.panels.selecting_list import KEY, SelectingList
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.thumbnails import thumbnail
from umbrite.motion.passing import drawn_at
from umbrite.rig.edits.variants.sets import get_variant, members_of, set_of
from umbrite.rig.family import branch, drawn_order
from umbrite.rig.merging.guests import guest_of, owned

WIDE_PICTURE, SMALL_PICTURE = 34, 20  # pixels
BESIDE_NAME = 18  # pixels that a row needs beside its picture and its name


class DepthRail(SelectingList):
    """Front on top. Drops ask the session for another order and never move rows by themselves."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(session, tr("Depth, front on top"), parent)
        self.setIconSize(QSize(WIDE_PICTURE, 26))
        self.setTextElideMode(Qt.TextElideMode.ElideMiddle)
        self.setUniformItemSizes(True)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setMinimumWidth(190)
        self._together: dict[str, list[str]] = {}  # the parts, back to front, that one row stands for
        self._unfolded: set[str] = set()
        self._timed = False  # whether it shows a take at the playhead
        self.itemDoubleClicked.connect(self._fold)
        session.opened.connect(self._fold_all)
        session.settled.connect(self._on_time)
        session.timeline.changed.connect(self._on_time)
        session.workspace.station_changed.connect(self._on_time)
        self.rebuild()

    def _fold_all(self) -> None:
        """Another puppet is open; ids that are the same mean something else."""
        self._unfolded = set()
        self.rebuild()

    def fresh_rows(self) -> list[tuple[Any, ...]]:
        puppet = self.session.puppet
        sets = {part: key for key, one in puppet.sets.items() for part in members_of(one)}
        sets |= {
            own: key
            for key, one in puppet.guests.items()
            if not one.spread and key not in self._unfolded
            for own in owned(one)
        }
        self._together, rows = {}, []
        for own, run in itertools.groupby(reversed(self._drawn()), lambda key: sets.get(key, key)):
            keys = list(run)
            if own in puppet.guests:
                self._together[keys[0]] = keys[::-1]
                rows.append(self._row(keys[0], f"{puppet.guests[own].name} ({len(keys)})"))
                continue
            if own not in puppet.sets or own in self._unfolded or len(keys) == 1:
                rows += [self._row(key, puppet.parts[key].name) for key in keys]
                continue
            resting = get_variant(puppet, own, puppet.sets[own].rest).parts
            shown = next((key for key in keys if key in resting), keys[0])
            self._together[shown] = keys[::-1]
            rows.append(self._row(shown, f"{puppet.sets[own].name} ({len(keys)})"))
        return rows

    def _drawn(self) -> tuple[str, ...]:
        """Back to front: at rest, and in a take as they are drawn at the playhead."""
        timed = self.session.workspace.station.timed
        return drawn_at(self.session.placed) if timed else drawn_order(self.session.puppet)

    def _on_time(self) -> None:
        """In a take the order may be another at each frame; elsewhere it follows the puppet."""
        timed, self._timed = self._timed, self.session.workspace.station.timed
        if (timed or self._timed) and self.isVisible() and not self.session.timeline.playing:
            self.rebuild()

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self._on_time()

    def rebuild(self) -> None:
        super().rebuild()
        self._give_room()

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._give_room()

    def _give_room(self) -> None:
        """Names before pictures: these are smaller where a name would be cut."""
        metrics = self.fontMetrics()
        widest = max((metrics.horizontalAdvance(row[1]) for row in self._shown), default=0)
        fits = widest + WIDE_PICTURE + BESIDE_NAME <= self.viewport().width()
        self.setIconSize(QSize(WIDE_PICTURE if fits else SMALL_PICTURE, 26))

    def _row(self, key: str, words: str) -> tuple[Any, ...]:
        part = self.session.puppet.parts[key]
        return key, words, part.drawing.sha256, part.visible, part.label

    def members(self, key: str) -> list[str]:
        return self._together.get(key, [key])

    def _fold(self, item: QListWidgetItem) -> None:
        """Unfold the row of a guest or a set, or fold it again."""
        puppet, key = self.session.puppet, item.data(KEY)
        guest, own = guest_of(puppet, key), set_of(puppet, key)
        if guest is not None and not puppet.guests[guest].spread:
            self._unfolded ^= {guest}
        elif own is not None:
            self._unfolded ^= {own[0]}
        self.rebuild()

    def item_for(self, row: tuple[Any, ...]) -> QListWidgetItem:
        key, name, _, visible, label = row
        item = super().item_for(row)
        item.setIcon(
            QIcon(
                thumbnail(
                    self.session.workspace.theme,
                    self.session.file.pictures,
                    self.session.puppet.parts[key].drawing,
                    26,
                    34,
                )
            )
        )
        item.setSizeHint(QSize(60, 31))
        if (colour := self.session.workspace.theme.label(label)) is not None:
            item.setBackground(look.with_alpha(colour, 60))
            item.setToolTip(tr("{name}, label {label}", name=name, label=label))
        if key in self._together:
            item.setToolTip(tr("{name}: double click to expand", name=name))
        if not visible:
            item.setForeground(Qt.GlobalColor.gray)
            item.setToolTip(tr("{name} is hidden", name=name))
        return item

    def chosen(self) -> set[str]:
        return set(self.session.selection.of("part"))

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        super().dragEnterEvent(event)
        if isinstance(event.source(), QTreeWidget):  # a row of the family
            event.accept()

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        super().dragMoveEvent(event)
        if isinstance(event.source(), QTreeWidget):
            event.accept()

    def keys_of(self, source: QObject | None) -> list[str]:
        """The parts of the rows that are dragged here, front first; of rows of the family all that their joints carry."""
        if source is self:
            return [key for item in self.selectedItems() for key in self.members(item.data(KEY))]
        puppet = self.session.puppet
        below = {joint for key in self.session.selection.of("joint") for joint in branch(puppet, key)}
        return [key for key in reversed(puppet.order) if puppet.parts[key].joint in below]

    def put_before(self, keys: list[str], place: int) -> None:
        """Put parts at a place of the draw order, in the order that they have among themselves."""
        name = tr("Depth of {name}", name=label_of(self.session, keys))
        attempt(self.session, lambda: put_before(self.session, name, keys, place))

    def dropEvent(self, event: QDropEvent) -> None:
        row = self.indexAt(event.position().toPoint()).row()
        above = QAbstractItemView.DropIndicatorPosition.AboveItem
        # Rows run front to back, the order back to front; a folded set moves as one.
        lower = row + (0 if self.dropIndicatorPosition() == above else 1) if row >= 0 else self.count()
        before = sum(len(self.members(self.item(i).data(KEY))) for i in range(lower, self.count()))
        event.setDropAction(Qt.DropAction.IgnoreAction)
        event.accept()
        self.put_before(self.keys_of(event.source()), before)
