"""The tree of joints with parts riding on them. Drag to re-parent; the eye hides, the padlock locks."""

from collections.abc import Iterator
from typing import NamedTuple

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QPoint, QRect, QSize, Qt
from PySide6.QtGui import QDropEvent, QKeyEvent, QPainter
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTreeWidget,
    QTreeWidgetItem,
    QWidget,
)  # fmt: skip

from umbrite.desk.commands.family_commands import hang_from
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.marks import pen
from umbrite.rig.change import change, thing
from umbrite.rig.document import Document
from umbrite.rig.edits.renaming import rename
from umbrite.rig.errors import UmbriteError
from umbrite.rig.family import ancestors, is_carrier, parts_on, targets, toes
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Puppet, Side

KEY = Qt.ItemDataRole.UserRole


SIDE = Qt.ItemDataRole.UserRole + 1


EYE, LOCK = 1, 2


class Row(NamedTuple):
    """What a row shows. Compared to see what changed."""

    key: str
    name: str
    icon: str
    above: str | None  # the key of the row it hangs from
    visible: bool
    locked: bool
    side: Side


def rows(puppet: Puppet) -> Iterator[Row]:
    """All rows in family order, parents first; a joint and its only part of the same name share one row."""
    hooks = targets(puppet)
    by_parent: dict[str | None, list[str]] = {}
    for key, joint in puppet.joints.items():
        by_parent.setdefault(joint.parent, []).append(key)

    def walk(parent: str | None, above: str | None) -> Iterator[Row]:
        for key in by_parent.get(parent, []):
            joint = puppet.joints[key]
            parts = parts_on(puppet, key)
            visible = all(puppet.parts[part].visible for part in parts)
            locked = bool(parts) and all(puppet.parts[part].locked for part in parts)
            row = hooks.get(key, key)
            yield Row(row, joint.name, _icon_of(puppet, key, hooks), above, visible, locked, joint.side)
            if len(parts) > 1 or any(puppet.parts[part].name != joint.name for part in parts):
                for part_key in reversed(parts):
                    part = puppet.parts[part_key]
                    yield Row(part_key, part.name, "rig-part", row, part.visible, part.locked, joint.side)
            yield from walk(key, row)

    return walk(None, None)


def _icon_of(puppet: Puppet, key: str, hooks: dict[str, str]) -> str:
    joint = puppet.joints[key]
    if key in hooks or key in toes(puppet):
        return "rig-target"
    if joint.role == "master":
        return "rig-master"
    if is_carrier(puppet, key):
        return "rig-carrier"
    return "rig-joint" if joint.pivot_set else "rig-joint-open"


class SideSign(QStyledItemDelegate):
    """Paints the near or far sign at the right edge of a name: a bar, broken for the far side."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session

    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        super().paint(painter, option, index)
        side = index.data(SIDE)
        if side in {"near", "far"}:
            box: QRect = option.rect
            painter.save()
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            stroke = pen(self.session.stage.theme.side(side), 2.6)
            if side == "far":
                stroke.setDashPattern([1.5, 0.9])
                stroke.setCapStyle(Qt.PenCapStyle.FlatCap)
            painter.setPen(stroke)
            x = box.right() - 5
            painter.drawLine(QPoint(x, box.top() + 5), QPoint(x, box.bottom() - 5))
            painter.restore()

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        return QSize(super().sizeHint(option, index).width(), 24)


class FamilyTree(QTreeWidget):
    """The tree; drops ask the session to re-parent and never move rows by themselves."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self._rows: list[Row] = []
        self._items: dict[str, QTreeWidgetItem] = {}
        self._busy = False
        self.setColumnCount(3)
        self.setHeaderHidden(True)
        self.setIndentation(11)
        self.setIconSize(QSize(16, 16))
        self.setUniformRowHeights(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setEditTriggers(
            QAbstractItemView.EditTrigger.EditKeyPressed | QAbstractItemView.EditTrigger.DoubleClicked
        )
        self.setExpandsOnDoubleClick(False)
        self.setAccessibleName("Family")
        self.delegate = SideSign(session, self)
        self.setItemDelegateForColumn(0, self.delegate)
        header = self.header()
        header.setStretchLastSection(False)
        header.setMinimumSectionSize(18)
        header.setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        for column in (EYE, LOCK):
            header.setSectionResizeMode(column, QHeaderView.ResizeMode.Fixed)
            header.resizeSection(column, 20)
        self.itemSelectionChanged.connect(self._tell_selection)
        self.itemChanged.connect(self._renamed)
        self.itemClicked.connect(self._clicked)
        session.changed.connect(self._on_changed)
        session.stage.theme_changed.connect(self._paint_anew)
        session.selection.changed.connect(self.show_selection)
        self.rebuild()

    def _on_changed(self, old: Document, new: Document) -> None:
        if old.puppet is not new.puppet:
            self.rebuild()

    def _paint_anew(self) -> None:
        """Make all rows anew: their colours have changed."""
        self._rows = []
        self.rebuild()

    def rebuild(self) -> None:
        """Show the puppet's rows; nothing is touched where they are the same."""
        fresh, theme = list(rows(self.session.puppet)), self.session.stage.theme
        if fresh == self._rows:
            return
        folded = {key for key, item in self._items.items() if item.childCount() and not item.isExpanded()}
        place = self.verticalScrollBar().value()
        self._busy = True
        self._rows, self._items = fresh, {}
        self.clear()
        for key, name, symbol, above, visible, locked, side in fresh:
            item = QTreeWidgetItem([name])
            item.setData(0, KEY, key)
            item.setData(0, SIDE, side)
            item.setIcon(0, look.icon(theme, symbol, theme.side(side)))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsEditable)
            if id_kind(key) != "limb":
                item.setIcon(
                    EYE,
                    look.icon(
                        theme, "eye" if visible else "eye-off", theme.dim if visible else theme.vermilion, 15
                    ),
                )
                item.setIcon(
                    LOCK,
                    look.icon(
                        theme,
                        "lock" if locked else "lock-open",
                        theme.vermilion if locked else theme.line,
                        14,
                    ),
                )
                item.setToolTip(EYE, "Hide" if visible else "Show")
                item.setToolTip(
                    LOCK, "Let it be picked again" if locked else "Lock, so that it can't be picked"
                )
            (self._items[above].addChild if above in self._items else self.addTopLevelItem)(item)
            self._items[key] = item
        for key, item in self._items.items():
            item.setExpanded(key not in folded)
        self._busy = False
        self.verticalScrollBar().setValue(place)
        self.show_selection()

    def show_selection(self) -> None:
        if self._busy:
            return
        session = self.session
        chosen = {key for key in session.selection.keys if key in self._items} | {
            joint for joint in session.selection.of("joint") if joint in self._items
        }
        self._busy = True
        self.clearSelection()
        for key in chosen:
            self._items[key].setSelected(True)
        if len(chosen) == 1:
            self.scrollToItem(self._items[next(iter(chosen))])
        self._busy = False

    def _tell_selection(self) -> None:
        if not self._busy:
            self._busy = True
            self.session.selection.pick([item.data(0, KEY) for item in self.selectedItems()])
            self._busy = False

    def item_for(self, key: str) -> QTreeWidgetItem:
        return self._items[key]

    def edit_name(self, key: str) -> None:
        """Ask for a name in place; a part that shares its joint's row is named there."""
        if key not in self._items and key in self.session.puppet.parts:
            key = self.session.puppet.parts[key].joint
        if key in self._items:
            self.setFocus()
            self.setCurrentItem(self._items[key])
            self.editItem(self._items[key], 0)

    def _renamed(self, item: QTreeWidgetItem, column: int) -> None:
        if self._busy or column != 0:
            return
        key, session = item.data(0, KEY), self.session
        joint = session.puppet.limbs[key].target if id_kind(key) == "limb" else key
        try:
            puppet = rename(session.puppet, joint, item.text(0))
            for part in parts_on(puppet, joint) if id_kind(joint) == "joint" else []:
                if puppet.parts[part].name == thing(session.puppet, joint).name:
                    puppet = rename(puppet, part, item.text(0))
        except UmbriteError as error:
            session.say(str(error))
            self._rows = []
            self.rebuild()
            return
        session.edit(f"Name {item.text(0).strip()}", puppet=puppet)

    def _clicked(self, item: QTreeWidgetItem, column: int) -> None:
        key = item.data(0, KEY)
        if column == 0 or id_kind(key) == "limb":
            return
        session = self.session
        puppet = session.puppet
        parts = (
            [key]
            if id_kind(key) == "part"
            else [
                p
                for p in puppet.order
                if key in {puppet.parts[p].joint, *ancestors(puppet, puppet.parts[p].joint)}
            ]
        )
        if not parts:
            session.say(f"{thing(puppet, key).name} carries no drawing.")
            return
        what = "visible" if column == EYE else "locked"
        value = not all(getattr(puppet.parts[part], what) for part in parts)
        for part in parts:
            puppet = change(puppet, part, **{what: value})
        words = {
            ("visible", True): "Show",
            ("visible", False): "Hide",
            ("locked", True): "Lock",
            ("locked", False): "Unlock",
        }
        session.edit(f"{words[what, value]} {thing(puppet, key).name}", puppet=puppet)

    def filter(self, text: str) -> None:
        """Show only rows whose name holds the text, with all that carries them."""
        wanted = text.casefold().strip()
        for key, item in self._items.items():
            item.setHidden(bool(wanted) and not self._holds(key, wanted))

    def _holds(self, key: str, wanted: str) -> bool:
        item = self._items[key]
        if wanted in item.text(0).casefold():
            return True
        below = [child for i in range(item.childCount()) if (child := item.child(i)) is not None]
        return any(self._holds(child.data(0, KEY), wanted) for child in below)

    def dropEvent(self, event: QDropEvent) -> None:
        """On a row: hang from it. Between rows: hang from what carries the rows there. Below all: free."""
        item = self.itemAt(event.position().toPoint())
        onto: QTreeWidgetItem | None = item
        if (
            item is not None
            and self.dropIndicatorPosition() != QAbstractItemView.DropIndicatorPosition.OnItem
        ):
            onto = item.parent()
        keys = [found.data(0, KEY) for found in self.selectedItems() if id_kind(found.data(0, KEY)) != "part"]
        parent = onto.data(0, KEY) if onto is not None else None
        event.setDropAction(Qt.DropAction.IgnoreAction)
        event.accept()
        if keys:
            attempt(self.session, lambda: hang_from(self.session, keys, parent))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.clearSelection()
        else:
            super().keyPressEvent(event)
