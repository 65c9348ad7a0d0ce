"""The dialog of preferences; each takes effect at once."""

from collections.abc import Callable

from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFormLayout,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.session.preferences import Preferences
from umbrite.desk.theme.language import LANGUAGES, tr
from umbrite.desk.theme.look import dress_buttons
from umbrite.desk.theme.themes import BOARDS, THEMES, theme_named


class PreferencesDialog(QDialog):
    """The dialog; `changed` is called after each change."""

    def __init__(self, preferences: Preferences, changed: Callable[[], None], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.preferences, self._changed = preferences, changed
        self.setWindowTitle(tr("Preferences"))
        column = QVBoxLayout(self)
        form = QFormLayout()
        self.theme = QComboBox()
        self.theme.setAccessibleName(tr("Theme"))
        for theme in THEMES.values():
            self.theme.addItem(tr(theme.title), theme.name)
        self.theme.setCurrentIndex(list(THEMES).index(preferences.theme))
        self.board = QComboBox()
        self.board.setAccessibleName(tr("Board"))
        for name, words in BOARDS.items():
            self.board.addItem(tr(words), name)
        self.board.setCurrentIndex(list(BOARDS).index(preferences.board))
        self.language = QComboBox()
        self.language.setAccessibleName(tr("Language"))
        for name, words in LANGUAGES.items():
            self.language.addItem(tr(words), name)
        self.language.setCurrentIndex(list(LANGUAGES).index(preferences.language))
        self.language.setToolTip(tr("Takes effect when Umbrite is started the next time"))
        self.autosave = QSpinBox()
        self.autosave.setAccessibleName(tr("Save for recovery after"))
        self.autosave.setRange(2, 600)
        self.autosave.setSuffix(tr(" seconds"))
        self.autosave.setValue(preferences.autosave)
        self.table = QCheckBox(tr("Show the table of layers before art is added"))
        self.table.setChecked(preferences.layer_table)
        self.hashed = QCheckBox(tr("Lists of sheets are a hash of frames, as many engines read it"))
        self.hashed.setChecked(preferences.hashed_sheets)
        form.addRow(tr("Theme"), self.theme)
        form.addRow(tr("Board"), self.board)
        form.addRow(tr("Language"), self.language)
        form.addRow(tr("Save for recovery after"), self.autosave)
        form.addRow(self.table)
        form.addRow(self.hashed)
        column.addLayout(form)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        dress_buttons(buttons, theme_named(preferences.theme))
        buttons.rejected.connect(self.accept)
        column.addWidget(buttons)
        self.theme.activated.connect(self._write)
        self.language.activated.connect(self._write)
        self.board.activated.connect(self._write)
        self.autosave.valueChanged.connect(self._write)
        self.table.toggled.connect(self._write)
        self.hashed.toggled.connect(self._write)
        self.setMinimumWidth(420)

    def _write(self, *_: object) -> None:
        self.preferences.theme = self.theme.currentData()
        self.preferences.language = self.language.currentData()
        self.preferences.board = self.board.currentData()
        self.preferences.autosave = self.autosave.value()
        self.preferences.layer_table = self.table.isChecked()
        self.preferences.hashed_sheets = self.hashed.isChecked()
        self._changed()
