"""While a face is laid on its ball: what shall be made for it, to be ticked, and the two ways to end it."""

from PySide6.QtWidgets import QCheckBox, QFrame, QHBoxLayout, QLabel, QPushButton, QWidget

from umbrite.art.faces.face_set import ITEMS, Item
from umbrite.desk.commands.responses import face_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.session.stations import CONTROLS
from umbrite.desk.theme.language import tr

TOP = 62  # below the tools


class FaceStrip(QFrame):
    """A row of boxes; those for which the face has nothing are greyed."""

    def __init__(self, session: Session, over: QWidget) -> None:
        super().__init__(over)
        self.session, self._over = session, over
        self.setObjectName("popover")
        self.setAccessibleName(tr("What shall be made for the face"))
        row = QHBoxLayout(self)
        row.setContentsMargins(14, 6, 10, 6)
        row.setSpacing(10)
        self.words = QLabel()
        row.addWidget(self.words)
        names = {
            "Head turn": tr("Head turn"),
            "Lids": tr("Lids"),
            "Brows": tr("Brows"),
            "Gaze": tr("Gaze"),
            "Mouth": tr("Mouth"),
        }
        self.boxes: dict[Item, QCheckBox] = {}
        for item in ITEMS:
            box = self.boxes[item] = QCheckBox(names[item])
            box.clicked.connect(lambda on, item=item: face_commands.want(session, item, on=on))
            row.addWidget(box)
        self.make, self.discard = QPushButton(tr("Make")), QPushButton(tr("Discard"))
        self.make.setObjectName("main")
        self.make.clicked.connect(lambda: attempt(session, lambda: face_commands.make(session)))
        self.discard.clicked.connect(lambda: face_commands.discard(session))
        row.addWidget(self.make)
        row.addWidget(self.discard)
        session.drafts.changed.connect(lambda *_: self.refresh())
        session.workspace.station_changed.connect(self.refresh)
        self.hide()

    def refresh(self) -> None:
        draft = self.session.drafts.now.head
        here = draft is not None and self.session.workspace.station is CONTROLS
        if draft is not None:
            self.words.setText(tr("{sure} sure", sure=f"{draft.face.sure:.0%}"))
            for item, box in self.boxes.items():
                box.setEnabled(item in draft.items)
                box.setChecked(item in draft.wanted)
            self.make.setEnabled(bool(draft.wanted))
        self.setVisible(here)
        if here:
            self.place()

    def place(self) -> None:
        self.adjustSize()
        self.move((self._over.width() - self.width()) // 2, TOP)
        self.raise_()
