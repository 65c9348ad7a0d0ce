"""Preferences: few, and each takes effect at once."""

from PySide6.QtCore import QSettings
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

from umbrite.desk import look

RECENT = 8


class Preferences:
    """What is remembered between runs, with sound values whatever the settings file says."""

    def __init__(self, settings: QSettings) -> None:
        self.settings = settings

    @property
    def theme(self) -> str:
        value = str(self.settings.value("theme", "day"))
        return value if value in look.THEMES else "day"

    @theme.setter
    def theme(self, name: str) -> None:
        self.settings.setValue("theme", name)

    @property
    def autosave(self) -> int:
        """Seconds after a change until it is kept for recovery."""
        try:
            value = int(str(self.settings.value("autosave", 15)))
        except ValueError:
            value = 15
        return min(max(value, 2), 600)

    @autosave.setter
    def autosave(self, seconds: int) -> None:
        self.settings.setValue("autosave", seconds)

    @property
    def layer_table(self) -> bool:
        """Whether the table of layers is shown before art is added."""
        return str(self.settings.value("layer_table", "true")).lower() != "false"

    @layer_table.setter
    def layer_table(self, on: bool) -> None:
        self.settings.setValue("layer_table", "true" if on else "false")

    @property
    def recent(self) -> list[str]:
        value = self.settings.value("recent", [])
        names = [value] if isinstance(value, str) else value if isinstance(value, list) else []
        return [str(name) for name in names if name][:RECENT]

    def add_recent(self, name: str) -> None:
        self.settings.setValue("recent", [name, *(other for other in self.recent if other != name)][:RECENT])


class PreferencesDialog(QDialog):
    """The dialog; `changed` is called after each change."""

    def __init__(self, preferences: Preferences, changed: object, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.preferences, self._changed = preferences, changed
        self.setWindowTitle("Preferences")
        column = QVBoxLayout(self)
        form = QFormLayout()
        self.theme = QComboBox()
        self.theme.setAccessibleName("Theme")
        for key, words in look.THEMES.items():
            self.theme.addItem(words, key)
        self.theme.setCurrentIndex(list(look.THEMES).index(preferences.theme))
        self.autosave = QSpinBox()
        self.autosave.setAccessibleName("Keep unsaved work after")
        self.autosave.setRange(2, 600)
        self.autosave.setSuffix(" seconds")
        self.autosave.setValue(preferences.autosave)
        self.table = QCheckBox("Show the table of layers before art is added")
        self.table.setChecked(preferences.layer_table)
        form.addRow("Theme", self.theme)
        form.addRow("Keep unsaved work after", self.autosave)
        form.addRow(self.table)
        column.addLayout(form)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Close)
        buttons.rejected.connect(self.accept)
        column.addWidget(buttons)
        self.theme.activated.connect(self._write)
        self.autosave.valueChanged.connect(self._write)
        self.table.toggled.connect(self._write)
        self.setMinimumWidth(420)

    def _write(self, *_: object) -> None:
        self.preferences.theme = self.theme.currentData()
        self.preferences.autosave = self.autosave.value()
        self.preferences.layer_table = self.table.isChecked()
        self._changed()  # type: ignore[operator]
