"""What is keyed along with what is posed, and which kinds of values: a menu at the button for keying."""

from PySide6.QtGui import QActionGroup
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.takes.reach import KINDS, Reach

REACHES: tuple[tuple[Reach, str], ...] = (
    ("moved", "Key what was moved"),
    ("limb", "Key its limb"),
    ("group", "Key its part of the body"),
    ("all", "Key everything"),
)
KIND_WORDS = {
    "places": "Places", "turns": "Turns", "shapes": "Widths and heights", "values": "Values and sides",
    "looks": "Depths, opacities, clips",
}  # fmt: skip


class KeyingMenu(QMenu):
    """See the module."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        group = QActionGroup(self)
        for reach, words in REACHES:
            action = self.addAction(tr(words))
            action.setCheckable(True)
            action.setData(reach)
            action.triggered.connect(lambda _on=False, reach=reach: session.timeline.set_reach(reach))
            group.addAction(action)
        self.addSection(tr("Only these kinds"))
        for kind in KINDS:
            action = self.addAction(tr(KIND_WORDS[kind]))
            action.setCheckable(True)
            action.setData(kind)
            action.triggered.connect(lambda on=False, kind=kind: session.timeline.set_kind(kind, on=bool(on)))
        self.aboutToShow.connect(self.refresh)
        self.refresh()

    def refresh(self) -> None:
        """Tick what holds."""
        timeline = self.session.timeline
        for action in self.actions():
            action.setChecked(action.data() == timeline.reach or action.data() in timeline.kinds)
