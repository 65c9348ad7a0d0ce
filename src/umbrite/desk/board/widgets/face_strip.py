"""While a face is laid on its ball: what shall be made for it, to be ticked."""

from PySide6.QtWidgets import QCheckBox, QWidget

from umbrite.art.faces.face_set import ITEMS, Item
from umbrite.desk.board.widgets.draft_strip import DraftStrip
from umbrite.desk.commands.responses import face_commands
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS
from umbrite.desk.theme.language import tr


class FaceStrip(DraftStrip):
    """A row of boxes; those for which the face has nothing are greyed."""

    def __init__(self, session: Session, over: QWidget) -> None:
        super().__init__(session, over, tr("What shall be made for the face"))
        names = {
            "Head turn": tr("Head turn"), "Lids": tr("Lids"), "Brows": tr("Brows"), "Gaze": tr("Gaze"), "Mouth": tr("Mouth"),
        }  # fmt: skip
        self.boxes: dict[Item, QCheckBox] = {}
        for item in ITEMS:
            box = self.boxes[item] = QCheckBox(names[item])
            box.clicked.connect(lambda on, item=item: face_commands.want(session, item, on=on))
            self.row.addWidget(box)
        self.ended_by(tr("Make"), face_commands.make, face_commands.discard)

    def refresh(self) -> None:
        draft = self.session.drafts.now.head
        if draft is not None:
            self.words.setText(tr("{sure} sure", sure=f"{draft.face.sure:.0%}"))
            for item, box in self.boxes.items():
                box.setEnabled(item in draft.items)
                box.setChecked(item in draft.wanted)
            self.take.setEnabled(bool(draft.wanted))
        self.show_here(on=draft is not None and self.session.workspace.station is CONTROLS)
