"""Find and replace in names: of parts and joints, limbs, controls, links, variant sets and takes, all or the selected ones."""

from PySide6.QtWidgets import QCheckBox, QDialog, QDialogButtonBox, QFormLayout, QLabel, QLineEdit, QVBoxLayout, QWidget

from umbrite.desk.commands.naming_commands import KINDS, put_names, renames
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress_buttons

SHOWN = 8  # new names are shown before they are given


class RenameDialog(QDialog):
    """Shows what would be renamed; one step of undo."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.setWindowTitle(tr("Find and replace in names"))
        self.setMinimumWidth(420)
        column, form = QVBoxLayout(self), QFormLayout()
        self.sought, self.put_in = QLineEdit(), QLineEdit()
        for field, words in ((self.sought, tr("Find")), (self.put_in, tr("Replace with"))):
            field.setAccessibleName(words)
            field.textChanged.connect(self.show_names)
            form.addRow(words, field)
        column.addLayout(form)
        self.kinds = {kind: QCheckBox(tr(words)) for kind, words in KINDS.items()}
        self.selected = QCheckBox(tr("Only the selected"))
        self.selected.setEnabled(bool(session.selection.keys))
        for box in (*self.kinds.values(), self.selected):
            box.setChecked(box is not self.selected)
            box.toggled.connect(self.show_names)
            column.addWidget(box)
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setMinimumHeight(20 * (SHOWN + 1))
        column.addWidget(self.words)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.ok = buttons.button(QDialogButtonBox.StandardButton.Ok)
        self.ok.setText(tr("Replace"))
        dress_buttons(buttons, session.workspace.theme)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.show_names()

    def _wanted(self) -> dict[str, tuple[str, str]]:
        kinds = {kind for kind, box in self.kinds.items() if box.isChecked()}
        texts = self.sought.text(), self.put_in.text()
        return renames(self.session, texts, kinds, selected=self.selected.isChecked())

    def show_names(self) -> None:
        """What would be called how."""
        found = self._wanted()
        lines = [f"{old} \N{RIGHTWARDS ARROW} {new}" for old, new in found.values()]
        if not lines:
            lines = [tr("No name contains that.") if self.sought.text() else ""]
        more = [tr("and {count} more", count=len(lines) - SHOWN)] if len(lines) > SHOWN else []
        self.words.setText("\n".join([*lines[:SHOWN], *more]))
        self.ok.setEnabled(bool(found))

    def accept(self) -> None:
        found = self._wanted()
        if attempt(self.session, lambda: put_names(self.session, found)):
            super().accept()
