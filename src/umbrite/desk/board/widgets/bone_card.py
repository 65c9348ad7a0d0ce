"""The card beside a bone that was just drawn: its name, what it carries, and for a line the number of bones."""

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QCheckBox,
    QFrame,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QSpinBox,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands import bone_commands
from umbrite.desk.session.drafts import Drafts
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr
from umbrite.rig.edits.renaming import rename


class BoneCard(QFrame):
    """See the module. Everything on it takes effect at once; there is nothing to apply."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self.setObjectName("popover")
        self.key = ""
        self.ticks: dict[str, QCheckBox] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(10, 8, 10, 9)
        column.setSpacing(4)
        top = QHBoxLayout()
        self.name = QLineEdit()
        self.name.setAccessibleName(tr("Name of the bone"))
        self.name.setMinimumWidth(130)
        self.name.editingFinished.connect(self._rename)
        self.close_button = QToolButton()
        self.close_button.setObjectName("plain")
        self._paint_button()
        session.workspace.theme_changed.connect(self._paint_button)
        self.close_button.setAccessibleName(tr("Done with this bone"))
        self.close_button.clicked.connect(
            lambda: session.drafts.put(
                session.drafts.now._replace(bones=session.drafts.now.bones._replace(card=None, line=None))
            )
        )
        top.addWidget(self.name, 1)
        top.addWidget(self.close_button)
        column.addLayout(top)
        self.words = QLabel(tr("carries"))
        self.words.setObjectName("quiet")
        column.addWidget(self.words)
        self.list = QVBoxLayout()
        self.list.setSpacing(2)
        column.addLayout(self.list)
        self.line = QWidget()
        row = QHBoxLayout(self.line)
        row.setContentsMargins(0, 0, 0, 0)
        self.count = QSpinBox()
        self.count.setRange(1, 60)
        self.count.setAccessibleName(tr("Number of bones"))
        self.count.setSuffix(tr(" bones"))
        self.curved = QCheckBox(tr("shorter in bends"))
        row.addWidget(self.count)
        row.addWidget(self.curved)
        column.addWidget(self.line)
        self.count.valueChanged.connect(
            lambda count: self._guarded(lambda: bone_commands.change_line(session, count=count))
        )
        self.curved.toggled.connect(
            lambda on: self._guarded(lambda: bone_commands.change_line(session, by_curvature=on))
        )
        session.drafts.changed.connect(self._on_drafts)
        session.changed.connect(lambda *_: self.refresh())
        self.hide()

    def _paint_button(self) -> None:
        self.close_button.setIcon(look.icon(self.session.workspace.theme, "check"))

    def _on_drafts(self, old: Drafts, new: Drafts) -> None:
        if old.bones is not new.bones:
            self.refresh()

    def refresh(self) -> None:
        """Show the bone that was drawn last, or nothing."""
        shown = self.session.drafts.now.bones.card
        if shown is None or shown not in self.session.puppet.joints:
            self.hide()
            return
        self.key = shown
        joint = self.session.puppet.joints[shown]
        if not self.name.isModified():
            self.name.setText(joint.name)
        for tick in self.ticks.values():
            self.list.removeWidget(tick)
            tick.hide()
            tick.deleteLater()
        self.ticks = {}
        line = self.session.drafts.now.bones.line
        if line is None:
            for part, bound in bone_commands.candidates(self.session, shown):
                self._add_tick(part, bound=bound)
        self.words.setText(
            tr("carries") if self.ticks else tr("no part under it") if line is None else tr("along one line")
        )
        self.line.setVisible(line is not None)
        self.name.setVisible(line is None)
        if line is not None:
            for field, value in ((self.count, line.bones), (self.curved, line.by_curvature)):
                field.blockSignals(True)
                field.setValue(value) if isinstance(field, QSpinBox) else field.setChecked(bool(value))
                field.blockSignals(False)
        self.show()
        for tick in self.ticks.values():
            tick.show()
        layout = self.layout()
        if layout is not None:
            layout.activate()
        self.adjustSize()
        self.resize(self.sizeHint())

    def _add_tick(self, part: str, *, bound: bool) -> None:
        tick = QCheckBox(self.session.puppet.parts[part].name)
        tick.setChecked(bound)
        tick.clicked.connect(
            lambda on: self._guarded(lambda: bone_commands.set_bound(self.session, self.key, part, on=on))
        )
        self.ticks[part] = tick
        self.list.addWidget(tick)

    def _rename(self) -> None:
        if self.name.isModified() and self.key in self.session.puppet.joints:
            self.name.setModified(False)
            text = self.name.text()
            self._guarded(
                lambda: self.session.edit(
                    tr("Name bone {text}", text=text), puppet=rename(self.session.puppet, self.key, text)
                )
            )

    def _guarded(self, work: Callable[[], None]) -> None:
        if not attempt(self.session, work):
            self.refresh()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in {Qt.Key.Key_Escape, Qt.Key.Key_Return, Qt.Key.Key_Enter}:
            self.session.drafts.put(
                self.session.drafts.now._replace(bones=self.session.drafts.now.bones._replace(card=None, line=None))
            )
            parent = self.parentWidget()
            if parent is not None:
                parent.setFocus()
        else:
            super().keyPressEvent(event)
