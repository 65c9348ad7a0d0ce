"""The findings, one below the other: show takes you to the place, the fix does what it says."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QPushButton, QScrollArea, QVBoxLayout, QWidget

from umbrite.checking.finding_codes import CODES, TOGETHER, Finding, grouped, mend
from umbrite.checking.puppet_findings import look_again, mark_meant
from umbrite.desk.panels.findings.finding_pictures import has_picture, picture_of
from umbrite.desk.panels.findings.finding_words import fix_words, sentence, together
from umbrite.desk.session.checks import is_used
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr

WIDE, LOWEST, HIGHEST = 460, 90, 560
ACTION_WORDS = {"find-joints": "Find joints"}
# What is done about a single finding by an action: its words, and the action.
DEALT_WITH = {"gap": ("Cover the seam", "seam")}
SIGN = {"error": ("x", "brick"), "warning": ("lightbulb", "amber"), "hint": ("circle-help", "teal")}


class FindingsList(QFrame):
    """A popover under the playhead, as high as what it says. Many findings of one kind are one line, which unfolds."""

    wanted = Signal(str)  # the id of an action that deals with a group

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent, Qt.WindowType.Popup)
        self.session = session
        self.setObjectName("popover")
        self.setAccessibleName(tr("Findings"))
        outer = QVBoxLayout(self)
        outer.setContentsMargins(4, 4, 4, 4)
        self.area = QScrollArea()
        self.area.setAccessibleName(tr("Findings"))
        self.area.setWidgetResizable(True)
        self.area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        outer.addWidget(self.area)
        self.resize(WIDE, LOWEST)

    def refresh(self) -> None:
        inside = QWidget()
        column = QVBoxLayout(inside)
        column.setContentsMargins(8, 6, 8, 6)
        column.setSpacing(9)
        self.session.checks.takes.queue.finish()  # who asks waits a moment
        found = self.session.checks.found
        puppet = self.session.puppet
        later = [each for each in found if not is_used(puppet, CODES[each.code].station)]
        if len(later) == len(found):
            column.addWidget(QLabel(tr("No findings: all is well.")))
        groups = grouped(each for each in found if each not in later) + ([[]] if later else []) + grouped(later)
        for group in groups:
            if not group:
                column.addWidget(QLabel(tr("For stations you have not used yet:")))
                continue
            column.addWidget(self._row(group[0]) if len(group) == 1 else self._group(group))
        count = len(self.session.puppet.meant)
        if count:
            again = QPushButton(tr("Show ignored findings ({count})", count=count))
            again.clicked.connect(self._look_again)
            column.addWidget(again)
        column.addStretch(1)
        self.area.setWidget(inside)
        inside.setFixedWidth(WIDE - 30)
        tall = column.heightForWidth(WIDE - 30) if column.hasHeightForWidth() else column.sizeHint().height()
        self.resize(WIDE, min(max(tall + 16, LOWEST), HIGHEST))

    def _group(self, group: list[Finding]) -> QWidget:
        """Many of one kind: one sentence, one mend, and the single ones below when they are asked for."""
        box = QWidget()
        column = QVBoxLayout(box)
        column.setContentsMargins(0, 0, 0, 0)
        first = group[0]
        line, words, buttons = self._line(first, together(group))
        each = QWidget()
        inner = QVBoxLayout(each)
        inner.setContentsMargins(26, 4, 0, 0)
        for finding in group:
            inner.addWidget(self._row(finding))
        each.hide()
        _, action = TOGETHER.get(first.code, ("", ""))
        if action:
            find = QPushButton(tr(ACTION_WORDS[action]))
            find.clicked.connect(lambda: self._wanted(action))
            buttons.addWidget(find)
        if first.fix is not None:
            fix = QPushButton(tr("{fix}, for all", fix=fix_words(first)))
            fix.clicked.connect(lambda: self._fix_all(group))
            buttons.addWidget(fix)
        unfold = QPushButton(tr("Each one"))
        unfold.setCheckable(True)
        unfold.toggled.connect(each.setVisible)
        buttons.addWidget(unfold)
        buttons.addStretch(1)
        words.addLayout(buttons)
        column.addWidget(line)
        column.addWidget(each)
        return box

    def _wanted(self, action: str) -> None:
        self.close()
        self.wanted.emit(action)

    def _fix_all(self, group: list[Finding]) -> None:
        puppet = self.session.puppet
        for finding in group:
            puppet = mend(puppet, finding)
        self.session.edit(f"{fix_words(group[0])} ({len(group)})", puppet=puppet)
        self.refresh()

    def _line(self, finding: Finding, sentence: str) -> tuple[QWidget, QVBoxLayout, QHBoxLayout]:
        """A sign of how grave it is, a sentence, and room for words and buttons below it."""
        row = QWidget()
        line = QHBoxLayout(row)
        line.setContentsMargins(0, 0, 0, 0)
        sign = QLabel()
        name, colour = SIGN[finding.severity]
        sign.setPixmap(
            look.icon(self.session.workspace.theme, name, self.session.workspace.theme.label(colour)).pixmap(18, 18)
        )
        sign.setAccessibleName(tr(finding.severity.capitalize()))
        line.addWidget(sign, 0, Qt.AlignmentFlag.AlignTop)
        words = QVBoxLayout()
        words.setSpacing(3)
        text = QLabel(sentence)
        text.setWordWrap(True)
        words.addWidget(text)
        line.addLayout(words, 1)
        return row, words, QHBoxLayout()

    def _row(self, finding: Finding) -> QWidget:
        row, words, buttons = self._line(finding, sentence(finding))
        show = QPushButton(tr("Show"))
        show.clicked.connect(lambda: self._show(finding))
        buttons.addWidget(show)
        if finding.fix is not None:
            fix = QPushButton(fix_words(finding))
            fix.clicked.connect(lambda: self._fix(finding))
            buttons.addWidget(fix)
        if finding.code in DEALT_WITH:
            words_of, action = DEALT_WITH[finding.code]
            deal = QPushButton(tr(words_of))
            deal.clicked.connect(lambda: self._deal(finding, action))
            buttons.addWidget(deal)
        why = QPushButton(tr("Explain"))
        why.setCheckable(True)
        more = QWidget()
        more.hide()
        why.toggled.connect(lambda on: self._explain(more, finding.code, on=on))
        meant = QPushButton(tr("Ignore"))
        meant.clicked.connect(lambda: self._mean(finding))
        buttons.addWidget(why)
        buttons.addWidget(meant)
        buttons.addStretch(1)
        words.addWidget(more)
        words.addLayout(buttons)
        return row

    def _explain(self, box: QWidget, code: str, *, on: bool) -> None:
        """Why it matters and what to do, with a picture of how it is and how it should be where that says more."""
        if box.layout() is None:
            self._fill(box, code)
        box.setVisible(on)

    def _fill(self, box: QWidget, code: str) -> None:
        column = QVBoxLayout(box)
        column.setContentsMargins(0, 2, 0, 2)
        if has_picture(code):
            picture = QLabel()
            picture.setPixmap(picture_of(code, self.session.workspace.theme, self.devicePixelRatioF()))
            picture.setAccessibleName(tr("How it is, and how it should be"))
            column.addWidget(picture)
        words = QLabel(tr(CODES[code].explanation))
        words.setObjectName("quiet")
        words.setWordWrap(True)
        column.addWidget(words)

    def _show(self, finding: Finding) -> None:
        self.close()
        self.session.workspace.go_to(STATIONS[CODES[finding.code].station])
        self.session.selection.select([finding.where])
        self.session.say(sentence(finding))

    def _deal(self, finding: Finding, action: str) -> None:
        """Do with one thing what an action does with what is selected."""
        self.session.selection.select([finding.where])
        self._wanted(action)

    def _mean(self, finding: Finding) -> None:
        self.session.edit(tr("Ignore a finding"), puppet=mark_meant(self.session.history.now.puppet, finding))
        self.refresh()

    def _look_again(self) -> None:
        self.session.edit(tr("Show all ignored findings"), puppet=look_again(self.session.history.now.puppet))
        self.refresh()

    def _fix(self, finding: Finding) -> None:
        self.session.edit(fix_words(finding), puppet=mend(self.session.puppet, finding))
        self.refresh()
