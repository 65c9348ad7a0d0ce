"""The ways from a key to the next, with pictures, as a menu."""

from collections.abc import Collection

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QIcon, QPainter, QPixmap
from PySide6.QtWidgets import QMenu, QWidget

from umbrite.desk.commands.takes import take_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import marks
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.themes import Theme
from umbrite.motion.sampling import sample
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Interpolation, Key, Spot, Take

WAYS: tuple[tuple[str, Interpolation, float], ...] = (
    ("Smooth", "smooth", 0.0),
    ("Straight", "straight", 0.0),
    ("Eased a little", "eased", 0.2),
    ("Eased", "eased", 1 / 3),
    ("Fully eased", "eased", 0.5),
    ("Hold", "hold", 0.0),
)
WIDE, TALL = 44, 26


def picture_of(theme: Theme, interpolation: Interpolation, share: float) -> QIcon:
    """How a value goes from a key to the next, as a small curve."""
    keys = (Key(0.0, -30.0, "smooth"), Key(10.0, 0.0, interpolation, share, share), Key(30.0, 10.0), Key(40.0, 40.0))
    take = Take("", tracks={"j1.x": keys})
    frames = [10 + 20 * i / 40 for i in range(41)]
    values = sample(take, Puppet(), frames)["j1.x"]
    picture = QPixmap(2 * WIDE, 2 * TALL)
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(marks.pen(theme.teal, 3.6))
    points = [
        QPointF(8 + i * (2 * WIDE - 16) / 40, 2 * TALL - 8 - value * (2 * TALL - 16) / 10)
        for i, value in enumerate(values)
    ]
    painter.drawPolyline(points)
    painter.end()
    picture.setDevicePixelRatio(2)
    return QIcon(picture)


def interpolation_menu(parent: QWidget, session: Session, spots: Collection[Spot], key: Key) -> QMenu:
    """A menu that gives these keys another way to the next; the present one is ticked."""
    menu = QMenu(parent)
    for words, interpolation, share in WAYS:
        action = menu.addAction(picture_of(session.workspace.theme, interpolation, share), tr(words))
        action.setCheckable(True)
        action.setChecked(
            key.interpolation == interpolation and (interpolation != "eased" or abs(key.out - share) < 0.05)
        )
        action.triggered.connect(
            lambda _on=False, interpolation=interpolation, share=share: attempt(
                session, lambda: take_commands.set_interpolation(session, spots, interpolation, share)
            )
        )
    return menu
