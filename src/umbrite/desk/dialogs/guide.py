"""The guide: one page per station, with its picture and its tools and keys from the table of actions."""

from pathlib import Path

from PySide6.QtCore import QUrl
from PySide6.QtGui import QPixmap, QTextBlockFormat, QTextCursor, QTextDocument
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QTextBrowser, QVBoxLayout, QWidget

from umbrite.desk.actions.action import Act
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr

PAGES = look.ASSETS / "guide"


LINE, AFTER = 135.0, 9.0  # the height of lines in percent, and the air after a paragraph in pixels


def page_of(station: str, actions: tuple[Act, ...]) -> str:
    """A station's page as Markdown, with its tools and their keys."""
    text = (PAGES / f"{station.lower()}.md").read_text("utf-8")
    rows = [f"| {act.text} | {act.key or 'in the menu'} |" for act in actions if act.row == station]
    return text + "\n\n## Tools and keys\n\n| tool | key |\n|---|---|\n" + "\n".join(rows) + "\n"


class GuideBrowser(QTextBrowser):
    """Shows pages with air between the lines, and pictures at their real size."""

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        path = PAGES / Path(name.toString() if isinstance(name, QUrl) else name).name
        if kind == QTextDocument.ResourceType.ImageResource.value and path.exists():
            return QPixmap(str(path))
        return super().loadResource(kind, name)

    def show_page(self, text: str) -> None:
        """A page from its beginning."""
        self.setMarkdown(text)
        self.document().setDocumentMargin(18)
        block = self.document().begin()
        while block.isValid():
            cursor, shape = QTextCursor(block), block.blockFormat()
            if not cursor.currentTable():
                shape.setLineHeight(LINE, QTextBlockFormat.LineHeightTypes.ProportionalHeight.value)
                shape.setBottomMargin(AFTER)
                cursor.setBlockFormat(shape)
            block = block.next()
        self.moveCursor(QTextCursor.MoveOperation.Start)

    def show_place(self, words: str) -> bool:
        """Bring the place that tells of a tool into sight and mark it; whether there is one."""
        self.moveCursor(QTextCursor.MoveOperation.Start)
        if not self.find(words, QTextDocument.FindFlag.FindWholeWords):
            return False
        self.verticalScrollBar().setValue(
            self.verticalScrollBar().value() + self.cursorRect().top() - self.viewport().height() // 4
        )
        return True


class Guide(QDialog):
    """A list of stations beside the page of one."""

    def __init__(self, actions: tuple[Act, ...], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.actions_ = actions
        self.setWindowTitle(tr("Guide"))
        outer = QVBoxLayout(self)
        row = QHBoxLayout()
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Stations"))
        self.list.addItems(list(STATIONS))
        self.list.setFixedWidth(130)
        self.list.setSpacing(4)
        self.page = GuideBrowser()
        self.page.setAccessibleName(tr("Page of the guide"))
        self.page.setOpenLinks(False)
        self.list.currentTextChanged.connect(lambda name: self.page.show_page(page_of(name, self.actions_)))
        row.addWidget(self.list)
        row.addWidget(self.page, 1)
        outer.addLayout(row)
        self.resize(860, 660)

    def open_at(self, station: str, words: str = "") -> None:
        """Show the page of a station, at the place that tells of something where there is one."""
        self.list.setCurrentRow(list(STATIONS).index(station))
        self.show()
        self.raise_()
        if words:
            self.page.show_place(words)

    def open_for(self, action: str) -> bool:
        """Show the place that tells of an action, on whichever page; whether there is one."""
        act = next(act for act in self.actions_ if act.id == action)
        pages = sorted(STATIONS, key=lambda name: name != act.row)
        found = next((name for name in pages if act.text.rstrip("…") in page_of(name, self.actions_)), None)
        if found is not None:
            self.open_at(found, act.text.rstrip("…"))
        return found is not None
