"""The guide: one page per station, with its picture and its tools and keys from the table of actions."""

from pathlib import Path

from PySide6.QtCore import QUrl
from PySide6.QtGui import QTextDocument
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QTextBrowser, QVBoxLayout, QWidget

from umbrite.desk.actions.action import Act
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme import look

PAGES = look.ASSETS / "guide"


PICTURE_WIDTH = 560


def page_of(station: str, actions: tuple[Act, ...]) -> str:
    """A station's page as Markdown, with its tools and their keys."""
    text = (PAGES / f"{station.lower()}.md").read_text("utf-8")
    rows = [f"| {act.text} | {act.key or 'in the menu'} |" for act in actions if act.row == station]
    return text + "\n\n## Tools and keys\n\n| tool | key |\n|---|---|\n" + "\n".join(rows) + "\n"


class GuideBrowser(QTextBrowser):
    """Shows pages, with pictures scaled to the page."""

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        path = PAGES / Path(name.toString() if isinstance(name, QUrl) else name).name
        if kind == QTextDocument.ResourceType.ImageResource.value and path.exists():
            from PySide6.QtCore import Qt
            from PySide6.QtGui import QPixmap

            return QPixmap(str(path)).scaledToWidth(PICTURE_WIDTH, Qt.TransformationMode.SmoothTransformation)
        return super().loadResource(kind, name)


class Guide(QDialog):
    """A list of stations beside the page of one."""

    def __init__(self, actions: tuple[Act, ...], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.actions_ = actions
        self.setWindowTitle("Guide")
        outer = QVBoxLayout(self)
        row = QHBoxLayout()
        self.list = QListWidget()
        self.list.setAccessibleName("Stations")
        self.list.addItems(list(STATIONS))
        self.list.setFixedWidth(130)
        self.list.setSpacing(4)
        self.page = GuideBrowser()
        self.page.setAccessibleName("Page of the guide")
        self.page.setOpenLinks(False)
        self.list.currentTextChanged.connect(lambda name: self.page.setMarkdown(page_of(name, self.actions_)))
        row.addWidget(self.list)
        row.addWidget(self.page, 1)
        outer.addLayout(row)
        self.resize(800, 640)

    def open_at(self, station: str) -> None:
        """Show the page of a station."""
        self.list.setCurrentRow(list(STATIONS).index(station))
        self.show()
        self.raise_()
