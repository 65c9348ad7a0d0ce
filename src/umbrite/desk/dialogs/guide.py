"""The guide: a page for each station with its tools and keys, walk-throughs, and the pages of docs/; a list beside the one that is read."""

from pathlib import Path

from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import (
    QDesktopServices,
    QFont,
    QFontInfo,
    QPixmap,
    QTextBlockFormat,
    QTextCharFormat,
    QTextCursor,
    QTextDocument,
    QTextTable,
)
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QListWidgetItem, QTextBrowser, QVBoxLayout, QWidget

from umbrite.desk.actions.action import Act
from umbrite.desk.dialogs.guide_pages import PAGES, Page, anchor_of, page_of, pages, text_of
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr

BESIDE = 90  # pixels of a page beside its widest picture
CODE = 0.88  # of the size of what is read
LINE, AFTER = 135.0, 9.0  # the height of lines in percent, and the air after a paragraph in pixels


class GuideBrowser(QTextBrowser):
    """Shows pages with air between the lines, and pictures at their real size."""

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        path = self.folder / Path(name.toString() if isinstance(name, QUrl) else name).name
        if kind == QTextDocument.ResourceType.ImageResource.value and path.exists():
            picture, most = QPixmap(str(path)), max(240, self.viewport().width() - BESIDE)
            if picture.width() <= most:
                return picture
            return picture.scaledToWidth(most, Qt.TransformationMode.SmoothTransformation)
        return super().loadResource(kind, name)

    folder = PAGES  # where the pictures of the page lie

    def show_page(self, text: str, folder: Path = PAGES) -> None:
        """A page from its beginning."""
        self.folder = folder
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
        self._dress_tables()
        self._dress_code()
        self.moveCursor(QTextCursor.MoveOperation.Start)

    def _dress_tables(self) -> None:
        """The first cell of a table reads like the others of its row; Markdown leaves an empty line in it."""
        for frame in self.document().rootFrame().childFrames():
            if isinstance(frame, QTextTable) and frame.columns() > 1:
                cursor = frame.cellAt(0, 0).firstCursorPosition()
                if not cursor.block().text() and cursor != frame.cellAt(0, 0).lastCursorPosition():
                    cursor.deleteChar()
                cursor.setBlockFormat(frame.cellAt(0, 1).firstCursorPosition().blockFormat())
                cursor.movePosition(QTextCursor.MoveOperation.EndOfBlock, QTextCursor.MoveMode.KeepAnchor)
                shape = QTextCharFormat()
                shape.setFontWeight(QFont.Weight.Bold)
                cursor.mergeCharFormat(shape)

    def _dress_code(self) -> None:
        """What is to be typed is no larger than what is read, and wraps where it is long."""
        small = QTextCharFormat()
        small.setFontPointSize(QFontInfo(self.font()).pointSizeF() * CODE)
        block = self.document().begin()
        while block.isValid():
            spans, at = [], block.begin()
            while not at.atEnd():
                fragment = at.fragment()
                if fragment.charFormat().fontFixedPitch():
                    spans.append((fragment.position(), fragment.length()))
                at += 1
            for start, length in spans:
                cursor = QTextCursor(self.document())
                cursor.setPosition(start)
                cursor.setPosition(start + length, QTextCursor.MoveMode.KeepAnchor)
                cursor.mergeCharFormat(small)
            if block.blockFormat().nonBreakableLines():
                shape = block.blockFormat()
                shape.setNonBreakableLines(False)
                QTextCursor(block).setBlockFormat(shape)
            block = block.next()

    def show_heading(self, anchor: str) -> None:
        """Bring the heading to which a link goes to the top."""
        block = self.document().begin()
        while block.isValid():
            if block.blockFormat().headingLevel() and anchor_of(block.text()) == anchor:
                top = self.document().documentLayout().blockBoundingRect(block).top()
                self.verticalScrollBar().setValue(round(top))
                return
            block = block.next()

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
    """A list of pages beside one of them; links lead from page to page, and out of the house to the person's browser."""

    def __init__(self, actions: tuple[Act, ...], parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.actions_ = actions
        self.setWindowTitle(tr("Guide"))
        outer = QVBoxLayout(self)
        row = QHBoxLayout()
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Pages"))
        self.list.setFixedWidth(190)
        self.list.setSpacing(2)
        self.pages: dict[int, Page] = {}
        self._fill()
        self.page = GuideBrowser()
        self.page.setAccessibleName(tr("Page of the guide"))
        self.page.setOpenLinks(False)
        self.page.anchorClicked.connect(self.follow)
        self.list.currentRowChanged.connect(self._show_row)
        row.addWidget(self.list)
        row.addWidget(self.page, 1)
        outer.addLayout(row)
        look.size_within(self, 1090, 720)

    def _fill(self) -> None:
        heading = ""
        for page in pages():
            if page.heading != heading:
                heading = page.heading
                item = QListWidgetItem(tr(heading), self.list)
                item.setFlags(Qt.ItemFlag.NoItemFlags)
            self.pages[self.list.count()] = page
            self.list.addItem(f"  {page.title}")

    def _show_row(self, row: int) -> None:
        if (page := self.pages.get(row)) is not None:
            self.page.show_page(text_of(page, self.actions_), page.path.parent)

    def follow(self, link: QUrl) -> None:
        """Go where a link leads."""
        if link.scheme() in {"http", "https"}:
            QDesktopServices.openUrl(link)
            return
        name = Path(link.path()).name
        row = next((row for row, page in self.pages.items() if page.path.name == name), self.list.currentRow())
        self.list.setCurrentRow(row)
        if link.hasFragment():
            self.page.show_heading(link.fragment())

    def open_at(self, title: str, words: str = "") -> None:
        """Show a page, that of a station for instance, at the place that tells of something where there is one."""
        self.list.setCurrentRow(next(row for row, page in self.pages.items() if page.title == title))
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
