"""The tree of joints with parts riding on them; a set of variants is one row that unfolds. Drag to re-parent; the eye hides, the padlock locks."""

from collections.abc import Iterator, Mapping
from typing import Literal, NamedTuple

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QPoint, QRect, QSize, Qt, Signal
from PySide6.QtGui import QDragEnterEvent, QDragMoveEvent, QDropEvent, QKeyEvent, QPainter, QResizeEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QHeaderView,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QTreeWidget,
    QTreeWidgetItem,
    QWidget,
)  # fmt: skip

from umbrite.desk.board.input.drops import paths_in
from umbrite.desk.commands.family_commands import hang_from
from umbrite.desk.commands.parts.locks import switch
from umbrite.desk.panels.following import Following
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.marks import pen
from umbrite.rig.change import thing
from umbrite.rig.edits.renaming import rename
from umbrite.rig.edits.variants.sets import members_of
from umbrite.rig.errors import UmbriteError
from umbrite.rig.family import ancestors, by_joint, by_parent, carriers, parts_on, targets, toes
from umbrite.rig.ids import id_kind
from umbrite.rig.model import Joint, Puppet, Side

KEY = Qt.ItemDataRole.UserRole


SIDE = Qt.ItemDataRole.UserRole + 1


EYE, LOCK = 1, 2
INDENT, LEAST_INDENT = 11, 3  # pixels a generation
BESIDE_NAME = 34  # pixels that a row needs beside its name: its own icon, the sign of its side, air
LEAST_LETTERS = 14  # of a name that are seen however deep it stands, before it may be cut


class Row(NamedTuple):
    """What a row shows. Compared to see what changed."""

    key: str
    name: str
    icon: str
    above: str | None  # the key of the row it hangs from
    visible: bool
    locked: bool
    side: Side
    folds: bool = False  # a set of variants: one row until one unfolds it


def rows(puppet: Puppet) -> Iterator[Row]:
    """All rows in family order, parents first; a joint and its only part of the same name share one row.

    Where the first variant of a set would stand, there stands the set, and from it hang all that belong to it.
    """
    sets = {member: key for key, one in puppet.sets.items() for member in members_of(one)}
    told: set[str] = set()
    hooks, aimed = targets(puppet), {*targets(puppet), *toes(puppet)}
    bare = carriers(puppet.joints, puppet.parts, puppet.order, puppet.limbs)
    below, riding = by_parent(puppet.joints), by_joint(puppet.parts, puppet.order)
    left: list[tuple[str, str | None]] = [(key, None) for key in reversed(below.get(None, ()))]
    while left:
        key, above = left.pop()
        joint = puppet.joints[key]
        parts = [(part, puppet.parts[part]) for part in riding.get(key, ())]
        visible = all(part.visible for _, part in parts)
        locked = bool(parts) and all(part.locked for _, part in parts)
        row = hooks.get(key, key)
        symbol = "rig-target" if key in aimed else _icon_of(joint, carrier=key in bare)
        if (own := sets.get(key)) is not None:
            if own not in told:
                told.add(own)
                yield _set_row(puppet, own, above, joint.side)
            above = own
        merged = _only_set(puppet, key, sets) if sets and parts and key not in below else ""
        if merged:  # a joint that carries a set of its name and nothing else is its row
            told.add(merged)
        symbol = "rig-chooser" if merged else symbol
        yield Row(row, joint.name, symbol, above, visible, locked, joint.side, bool(merged))
        alone = len(parts) == 1 and parts[0][1].name == joint.name and parts[0][0] not in sets
        if parts and not alone:
            for part_key, part in reversed(parts):
                if (own := sets.get(part_key)) is not None and own not in told:
                    told.add(own)
                    yield _set_row(puppet, own, row, joint.side)
                yield Row(
                    part_key,
                    part.name,
                    "rig-part",
                    row if merged else own or row,
                    part.visible,
                    part.locked,
                    joint.side,
                )
        left += [(child, row) for child in reversed(below.get(key, ()))]


def _set_row(puppet: Puppet, key: str, above: str | None, side: Side) -> Row:
    return Row(key, puppet.sets[key].name, "rig-chooser", above, visible=True, locked=False, side=side, folds=True)


def _only_set(puppet: Puppet, key: str, sets: Mapping[str, str]) -> str:
    """The set of the name of a joint without children that is all that the joint carries; none for most."""
    parts = parts_on(puppet, key)
    own = sets.get(parts[0], "")
    if not own or puppet.sets[own].name != puppet.joints[key].name:
        return ""
    return own if set(members_of(puppet.sets[own])) == set(parts) else ""


def _icon_of(joint: Joint, *, carrier: bool) -> str:
    if joint.role == "master":
        return "rig-master"
    if carrier:
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
            stroke = pen(self.session.workspace.theme.side(side), 2.6)
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
    """The tree; drops ask the session to re-parent and never move rows by themselves.

    `dropped` carries files let go on it, and the part whose row lies under them.
    """

    dropped = Signal(list, str)

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self._rows: list[Row] = []
        self._items: dict[str, QTreeWidgetItem] = {}
        self._room: dict[
            str, tuple[bool, bool]
        ] = {}  # whether a name needs the place of the icons, and more than there is
        self._busy = False
        self._folding: set[str] = set()  # the rows of sets
        self._standing: dict[str, list[str]] = {}  # what is picked in a folded set, for which its row stands
        self.setColumnCount(3)
        self.setHeaderHidden(True)
        self.setIndentation(INDENT)
        self.setTextElideMode(Qt.TextElideMode.ElideMiddle)
        self.setIconSize(QSize(16, 16))
        self.setUniformRowHeights(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setDragDropMode(QAbstractItemView.DragDropMode.InternalMove)
        self.setEditTriggers(QAbstractItemView.EditTrigger.EditKeyPressed | QAbstractItemView.EditTrigger.DoubleClicked)
        self.setExpandsOnDoubleClick(False)
        self.setAccessibleName(tr("Family"))
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
        self._following = Following(session, self.rebuild, ("joints", "parts", "order", "limbs", "sets"), self)
        session.workspace.theme_changed.connect(self._paint_anew)
        session.selection.changed.connect(self.show_selection)
        for folded in (self.itemExpanded, self.itemCollapsed):
            folded.connect(self.show_selection)
            folded.connect(self._give_room)
        self.rebuild()

    def _paint_anew(self) -> None:
        """Make all rows anew: their colours have changed."""
        self._rows = []
        self.rebuild()

    def rebuild(self) -> None:
        """Show the puppet's rows; where only what they say has changed, they stay, and nothing is touched where they are the same."""
        fresh = list(rows(self.session.puppet))
        if fresh == self._rows:
            return
        places = [(row.key, row.above) for row in fresh]
        before, self._rows = self._rows, fresh
        self._busy = True
        if places == [(row.key, row.above) for row in before]:
            for old, new in zip(before, fresh, strict=True):
                if old != new:
                    self._show(self._items[new.key], new)
            self._give_room()
            self._busy = False
            return
        folded = {key for key, item in self._items.items() if item.childCount() and not item.isExpanded()}
        folded |= {row.key for row in fresh if row.folds and row.key not in self._folding}
        self._folding = {row.key for row in fresh if row.folds}
        place = self.verticalScrollBar().value()
        self.setUpdatesEnabled(False)
        self.clear()
        self._items, self._room = {}, {}
        tops: list[QTreeWidgetItem] = []
        for row in fresh:  # put together before the tree hears of any of it
            item = self._items[row.key] = QTreeWidgetItem()
            self._show(item, row)
            if row.above in self._items:
                self._items[row.above].addChild(item)
            else:
                tops.append(item)
        self.addTopLevelItems(tops)
        self.expandAll()
        for key in folded & self._items.keys():
            self._items[key].setExpanded(False)
        self._give_room()
        self.setUpdatesEnabled(True)
        self._busy = False
        self.verticalScrollBar().setValue(place)
        self.show_selection()

    def _show(self, item: QTreeWidgetItem, row: Row) -> None:
        """Let an item say what a row says."""
        theme = self.session.workspace.theme
        item.setText(0, row.name)
        item.setData(0, KEY, row.key)
        item.setData(0, SIDE, row.side)
        item.setForeground(0, theme.ink if row.visible else theme.dim)
        item.setIcon(0, look.icon(theme, row.icon, theme.side(row.side)))
        item.setFlags(item.flags() | Qt.ItemFlag.ItemIsEditable)
        if id_kind(row.key) in {"limb", "set"}:
            return
        eye, seen = ("eye", theme.dim) if row.visible else ("eye-off", theme.vermilion)
        item.setIcon(EYE, look.icon(theme, eye, seen, 15))
        lock, barred = ("lock", theme.vermilion) if row.locked else ("lock-open", theme.line)
        item.setIcon(LOCK, look.icon(theme, lock, barred, 14))
        item.setToolTip(EYE, tr("Hide") if row.visible else tr("Show"))
        item.setToolTip(LOCK, tr("Unlock") if row.locked else tr("Lock, so that it can't be selected"))

    def _give_room(self, *_: object) -> None:
        """Names before icons: a row whose name has no room has no eye and no lock, and deep families are indented less."""
        metrics, whole, named = self.fontMetrics(), self.viewport().width(), self.columnWidth(0)
        deep = dict(self._depths())
        names = {row.key: row.name for row in self._rows if row.key in deep}
        wide = {name: metrics.horizontalAdvance(name) + BESIDE_NAME for name in set(names.values())}
        longest = LEAST_LETTERS * metrics.averageCharWidth() + BESIDE_NAME
        spare = [(whole - min(wide[names[key]], longest)) // depth for key, depth in deep.items()]
        indent = max(min([INDENT, *spare]), LEAST_INDENT)
        if indent != self.indentation():
            self.setIndentation(indent)
        for key, depth in deep.items():
            needed = wide[names[key]] + depth * indent
            room = (needed > named, needed > whole)
            if self._room.get(key, (False, False)) != room:  # few rows change; to ask Qt about each one takes longer
                self._items[key].setFirstColumnSpanned(room[0])
                self._items[key].setToolTip(0, names[key] if room[1] else "")
                self._room[key] = room

    def _depths(self) -> Iterator[tuple[str, int]]:
        """The rows that are not folded away, and how many indents stand before each."""
        depth: dict[str, int] = {}
        carries = {row.above for row in self._rows}
        folded = {key for key in carries if key in self._items and not self._items[key].isExpanded()}
        for row in self._rows:
            if row.above not in self._items:
                depth[row.key] = 1
            elif row.above in depth and row.above not in folded:
                depth[row.key] = depth[row.above] + 1
            if row.key in depth:
                yield row.key, depth[row.key]

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._give_room()

    def show_selection(self) -> None:
        if self._busy:
            return
        session = self.session
        chosen = {key for key in session.selection.keys if key in self._items} | {
            joint for joint in session.selection.of("joint") if joint in self._items
        }
        self._busy = True
        self.clearSelection()
        self._standing = {}
        for key in chosen:
            row = self._row_of(key)
            row.setSelected(True)
            if row is not self._items[key]:
                self._standing.setdefault(row.data(0, KEY), []).append(key)
        if len(chosen) == 1:
            self.scrollToItem(self._row_of(next(iter(chosen))))
        self._busy = False

    def _row_of(self, key: str) -> QTreeWidgetItem:
        """The row that stands for a thing: its own, or that of the folded set in which it lies."""
        shown = self._items[key]
        above = shown.parent()
        while above is not None:
            if above.data(0, KEY) in self._folding and not above.isExpanded():
                shown = above
            above = above.parent()
        return shown

    def _tell_selection(self) -> None:
        if not self._busy:
            self._busy = True
            rows = [item.data(0, KEY) for item in self.selectedItems()]
            self.session.selection.select([key for row in rows for key in self._standing.get(row, [row])])
            self._busy = False

    def key_at(self, at: QPoint) -> str | None:
        """The id of the row at a place of the view."""
        item = self.itemAt(at)
        return None if item is None else str(item.data(0, KEY))

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
            session.edit(tr("Name {strip}", strip=item.text(0).strip()), puppet=puppet)
        except UmbriteError as error:
            session.say(str(error))
            self._rows = []
            self.rebuild()

    def _clicked(self, item: QTreeWidgetItem, column: int) -> None:
        key = item.data(0, KEY)
        if column == 0 or id_kind(key) in {"limb", "set"}:
            return
        session = self.session
        puppet = session.puppet
        parts = (
            [key]
            if id_kind(key) == "part"
            else [p for p in puppet.order if key in {puppet.parts[p].joint, *ancestors(puppet, puppet.parts[p].joint)}]
        )
        if not parts:
            session.say(tr("{name} carries no drawing.", name=thing(puppet, key).name))
            return
        what: Literal["visible", "locked"] = "visible" if column == EYE else "locked"
        switch(session, what, parts, thing(puppet, key).name)

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

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        event.acceptProposedAction() if paths_in(event) else super().dragEnterEvent(event)

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        event.acceptProposedAction() if paths_in(event) else super().dragMoveEvent(event)

    def dropEvent(self, event: QDropEvent) -> None:
        """On a row: hang from it. Between rows: hang from what carries the rows there. Below all: free. Files: see `dropped`."""
        if paths := paths_in(event):
            event.acceptProposedAction()
            row = self.itemAt(event.position().toPoint())
            key = row.data(0, KEY) if row is not None else ""
            parts = (
                [key]
                if key in self.session.puppet.parts
                else parts_on(self.session.puppet, key)
                if key in self.session.puppet.joints
                else []
            )
            self.dropped.emit(paths, parts[-1] if parts else "")
            return
        item = self.itemAt(event.position().toPoint())
        onto: QTreeWidgetItem | None = item
        if item is not None and self.dropIndicatorPosition() != QAbstractItemView.DropIndicatorPosition.OnItem:
            onto = item.parent()
        if onto is not None and id_kind(onto.data(0, KEY)) == "set":
            onto = onto.parent()
        rows = [found.data(0, KEY) for found in self.selectedItems()]
        keys = [key for key in rows if id_kind(key) not in {"part", "set"}]
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
