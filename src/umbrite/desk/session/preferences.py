"""What is remembered between runs."""

from PySide6.QtCore import QSettings

from umbrite.desk.theme.language import LANGUAGES
from umbrite.desk.theme.themes import BOARDS, THEMES

RECENT = 8
MOST_TRUSTED = 500


class Preferences:
    """What is remembered between runs, with sound values whatever the settings file says."""

    def __init__(self, settings: QSettings) -> None:
        self.settings = settings

    @property
    def theme(self) -> str:
        value = str(self.settings.value("theme", "day"))
        return value if value in THEMES else "day"

    @theme.setter
    def theme(self, name: str) -> None:
        self.settings.setValue("theme", name)

    @property
    def board(self) -> str:
        """How bright the board is, one of BOARDS."""
        value = str(self.settings.value("board", "theme"))
        return value if value in BOARDS else "theme"

    @board.setter
    def board(self, name: str) -> None:
        self.settings.setValue("board", name)

    @property
    def language(self) -> str:
        """One of LANGUAGES; what is chosen counts from the next start."""
        value = str(self.settings.value("language", "system"))
        return value if value in LANGUAGES else "system"

    @language.setter
    def language(self, name: str) -> None:
        self.settings.setValue("language", name)

    @property
    def devices(self) -> str:
        """Which axes of devices are assigned to which controls, as the devices tell it."""
        return str(self.settings.value("devices", ""))

    @devices.setter
    def devices(self, told: str) -> None:
        self.settings.setValue("devices", told)

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
    def hashed_sheets(self) -> bool:
        """Whether the list of sheets is a hash of frames, as many engines read it, instead of our own."""
        return str(self.settings.value("hashed_sheets", "false")).lower() == "true"

    @hashed_sheets.setter
    def hashed_sheets(self, on: bool) -> None:
        self.settings.setValue("hashed_sheets", "true" if on else "false")

    @property
    def trusted(self) -> list[str]:
        """Scripts that may run: path and fingerprint of each."""
        value = self.settings.value("trusted_scripts", [])
        marks = [value] if isinstance(value, str) else value if isinstance(value, list) else []
        return [str(mark) for mark in marks if mark]

    def trust(self, mark: str) -> None:
        """A script of that path and fingerprint may run from now on."""
        self.settings.setValue("trusted_scripts", [mark, *self.trusted][:MOST_TRUSTED])

    @property
    def recent(self) -> list[str]:
        value = self.settings.value("recent", [])
        names = [value] if isinstance(value, str) else value if isinstance(value, list) else []
        return [str(name) for name in names if name][:RECENT]

    def add_recent(self, name: str) -> None:
        self.settings.setValue("recent", [name, *(other for other in self.recent if other != name)][:RECENT])
