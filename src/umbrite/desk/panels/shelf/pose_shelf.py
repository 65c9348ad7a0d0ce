"""The pose shelf below the board in Rehearse: thumbnails to click, drag across, name, mirror, copy and paste."""

from collections.abc import Callable

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QMouseEvent, QResizeEvent, QShowEvent
from PySide6.QtWidgets import QBoxLayout, QCheckBox, QLineEdit, QMenu, QScrollArea, QToolButton, QVBoxLayout, QWidget

from umbrite.desk.commands.shelf_commands import apply, chosen_ids, copy, mirror, paste, save, save_part
from umbrite.desk.panels.shelf.flow import Flow
from umbrite.desk.panels.shelf.pose_card import TALL, WIDE, PoseCard
from umbrite.desk.session.session import Session, attempt, settled_pose
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.rig.channels import known_only
from umbrite.rig.edits.shelf import CLEAN, blended, delete_pose, put_in_folder, rename_folder, rename_pose
from umbrite.rig.model import SavedPose

MANY = 12  # with more poses they can be looked for by name
ACTS = (
    ("Save pose", "plus", save), ("Save part", "rig-part", save_part), ("Mirror", "rig-mirror", mirror), ("Copy", "rig-copy", copy), ("Paste", "rig-copy-linked", paste),
)  # fmt: skip


class FolderHead(QToolButton):
    """The head of a folder of poses: a click folds it up or opens it, a double click names it."""

    def __init__(self, shelf: "PoseShelf", folder: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.shelf, self.folder = shelf, folder
        self.setObjectName("plain")
        self.setText(folder)
        self.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.setToolTip(tr("{folder}: click to fold, double click to name", folder=folder))
        self.setAccessibleName(tr("Folder {folder}", folder=folder))
        self.clicked.connect(lambda: shelf.fold(folder))

    def show_folded(self, *, on: bool) -> None:
        """Its arrow points to the right while it is folded up."""
        self.setIcon(look.icon(self.shelf.session.workspace.theme, "chevron-right" if on else "chevron-down"))

    def mouseDoubleClickEvent(self, _event: QMouseEvent) -> None:
        self.shelf.edit_folder(self)


class PoseShelf(QWidget):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.cards: list[PoseCard] = []
        self.heads: dict[str, FolderHead] = {}
        self.folded: set[str] = set()  # names of folders
        self._shown: tuple[object, ...] = ()
        self.setAutoFillBackground(True)
        self.box = QBoxLayout(QBoxLayout.Direction.LeftToRight, self)
        self.box.setContentsMargins(8, 4, 8, 6)
        side = QVBoxLayout()
        side.setSpacing(4)
        self.buttons: dict[str, QToolButton] = {}
        doers = QWidget()
        doers.setMinimumWidth(196)
        rows = Flow(doers, 4)
        for words, symbol, does in ACTS:
            button = QToolButton()
            button.setText(tr(words))
            button.setIcon(look.icon(session.workspace.theme, symbol))
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
            button.clicked.connect(lambda _on=False, does=does: self._guarded(does))
            self.buttons[words] = button
            rows.addWidget(button)
        side.addWidget(doers)
        self.only = QCheckBox(tr("Only the selected"))
        self.only.setToolTip(tr("Apply and blend poses for the selected controls and joints only"))
        side.addWidget(self.only)
        self.find_line = QLineEdit()
        self.find_line.setPlaceholderText(tr("Find a pose"))
        self.find_line.setAccessibleName(tr("Find a pose"))
        self.find_line.setClearButtonEnabled(True)
        self.find_line.textChanged.connect(self._show_found)
        self.find_line.hide()
        side.addWidget(self.find_line)
        side.addStretch(1)
        self.box.addLayout(side)
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.area.setAccessibleName(tr("Poses"))
        self.box.addWidget(self.area, 1)
        self.name_line = QLineEdit(self)
        self.name_line.setAccessibleName(tr("Name of the pose"))
        self.name_line.hide()
        self._naming: tuple[str, Callable[[str], None]] | None = None
        self.name_line.editingFinished.connect(self._named)
        self.setMinimumHeight(TALL + 22)
        session.settled.connect(self._on_settled)
        session.workspace.station_changed.connect(self.refresh)
        session.opened.connect(self.refresh)
        session.workspace.theme_changed.connect(self._paint_anew)

    def _on_settled(self) -> None:
        """After a step, not during a drag: the cards, and which of them shows the present pose."""
        self.refresh()
        for card in self.cards:
            card.tell()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """A column has its buttons above the cards, a row beside them."""
        super().resizeEvent(event)
        upright = event.size().height() > event.size().width()
        way = QBoxLayout.Direction
        self.box.setDirection(way.TopToBottom if upright else way.LeftToRight)

    def showEvent(self, event: QShowEvent) -> None:
        super().showEvent(event)
        self.refresh()

    def _paint_anew(self) -> None:
        """Make all cards anew: their colours have changed."""
        for words, symbol, _ in ACTS:
            self.buttons[words].setIcon(look.icon(self.session.workspace.theme, symbol))
        self._shown = ()
        self.refresh()

    def refresh(self) -> None:
        """Make the cards anew where poses, or what they look like, have changed."""
        if not self.isVisible():
            return
        puppet = self.session.history.now.puppet
        look_of = (puppet.poses, puppet.joints, puppet.parts, puppet.order, puppet.limbs, puppet.links, puppet.sets)
        if all(a is b for a, b in zip(look_of, self._shown, strict=False)) and self._shown:
            return
        self._shown = look_of
        inside = QWidget()
        flow = Flow(inside)
        known = [SavedPose(CLEAN), *puppet.poses]
        self.cards = [PoseCard(self, saved, inside) for saved in known]
        self.heads = {}
        for folder in dict.fromkeys(saved.folder for saved in sorted(known, key=lambda saved: bool(saved.folder))):
            if folder:
                self.heads[folder] = FolderHead(self, folder, inside)
                flow.add_row(self.heads[folder])
            for card in self.cards:
                if card.saved.folder == folder:
                    flow.addWidget(card)
        self.area.setWidget(inside)
        self.find_line.setVisible(len(known) > MANY)
        if len(known) <= MANY:
            self.find_line.clear()
        self._show_found()

    def _show_found(self) -> None:
        """Only the cards whose names, or whose folders' names, have what is looked for in them; else those of open folders."""
        wanted = self.find_line.text().casefold().strip()
        for card in self.cards:
            found = wanted in card.name.casefold() or wanted in card.saved.folder.casefold()
            card.setVisible(found and (bool(wanted) or card.saved.folder not in self.folded))
        for folder, head in self.heads.items():
            head.setVisible(
                not wanted or any(card.saved.folder == folder for card in self.cards if not card.isHidden())
            )
            head.show_folded(on=folder in self.folded)

    def fold(self, folder: str) -> None:
        """Fold a folder of poses up, or open it."""
        self.folded ^= {folder}
        self._show_found()

    def _guarded(self, work: Callable[[Session], None]) -> None:
        attempt(self.session, lambda: work(self.session))

    def apply(self, name: str) -> None:
        self._guarded(lambda session: apply(session, name, only_selected=self.only.isChecked()))

    def blend(self, saved: SavedPose, share: float, *, settle: bool) -> None:
        """Go a share of the way to a pose: shown only, or as a step."""
        session = self.session
        only = chosen_ids(session, saved, only_selected=self.only.isChecked())
        other = known_only(saved.channels, session.history.now.puppet)
        pose = blended(settled_pose(session), other, share, only)
        if settle:
            session.edit(tr("Blend {share:.0%} to {name}", share=share, name=saved.name), pose=pose)
        else:
            session.preview(pose=pose)

    def menu_for(self, card: PoseCard) -> QMenu:
        """What can be done with a pose."""
        menu = QMenu(self)
        menu.addAction(tr("Apply")).triggered.connect(lambda: self.apply(card.name))
        if card.name == CLEAN:
            return menu
        menu.addAction(tr("Rename…")).triggered.connect(lambda: self.edit_name(card))
        folders = menu.addMenu(tr("Folder"))
        there = dict.fromkeys(saved.folder for saved in self.session.history.now.puppet.poses)
        for folder in ("", *(each for each in there if each)):
            action = folders.addAction(folder or "No folder")
            action.setCheckable(True)
            action.setChecked(card.saved.folder == folder)
            action.triggered.connect(lambda _on=False, folder=folder: self.put(card.name, folder))
        folders.addSeparator()
        folders.addAction(tr("New folder…")).triggered.connect(
            lambda: self._ask_name(card, tr("Folder"), lambda text: self.put(card.name, text))
        )
        menu.addAction(look.icon(self.session.workspace.theme, "trash-2"), tr("Delete")).triggered.connect(
            lambda: self.delete(card.name)
        )
        return menu

    def put(self, name: str, folder: str) -> None:
        """Put a pose into a folder."""
        words = (
            tr("Move {name} to {folder}", name=name, folder=folder)
            if folder
            else tr("Move {name} out of its folder", name=name)
        )
        self._guarded(lambda s: s.edit(words, puppet=put_in_folder(s.history.now.puppet, name, folder)))

    def delete(self, name: str) -> None:
        self._guarded(
            lambda s: s.edit(tr("Delete pose {name}", name=name), puppet=delete_pose(s.history.now.puppet, name))
        )

    def edit_name(self, card: PoseCard) -> None:
        """Name a pose in place."""
        if card.name == CLEAN:
            self.session.say(tr("The clean pose keeps its name; it is always there."))
            return

        def rename(text: str) -> None:
            step = tr("Name pose {name}", name=text)
            self._guarded(lambda s: s.edit(step, puppet=rename_pose(s.history.now.puppet, card.name, text)))

        self._ask_name(card, card.name, rename)

    def edit_folder(self, head: FolderHead) -> None:
        """Name a folder in place."""

        def rename(text: str) -> None:
            step = tr("Name folder {name}", name=text)
            self._guarded(lambda s: s.edit(step, puppet=rename_folder(s.history.now.puppet, head.folder, text)))

        self._ask_name(head, head.folder, rename)

    def _ask_name(self, over: QWidget, text: str, then: Callable[[str], None]) -> None:
        """A line to type a name, over a card's name or a folder's; `then` gets it where it is another one."""
        self._naming = (text, then)
        place = over.mapTo(self, QPoint(0, max(over.height() - 26, 0)))
        width = min(WIDE + 60, self.width() - 12)
        self.name_line.setGeometry(min(place.x(), self.width() - width - 6), place.y(), width, 26)
        self.name_line.setText(text)
        self.name_line.selectAll()
        self.name_line.show()
        self.name_line.raise_()
        self.name_line.setFocus()

    def _named(self) -> None:
        naming, self._naming = self._naming, None
        self.name_line.hide()
        text = self.name_line.text()
        if naming is not None and text != naming[0]:
            naming[1](text)
