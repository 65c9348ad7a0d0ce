"""The limb card: both bend sides as small pictures of the actual limb; a click chooses one."""

from msgspec.structs import replace
from PySide6.QtCore import QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPixmap, QResizeEvent
from PySide6.QtWidgets import QAbstractButton, QHBoxLayout, QWidget

from umbrite.desk.board.camera import fitting
from umbrite.desk.commands.limb_commands import choose_side
from umbrite.desk.session.session import Session
from umbrite.desk.theme import marks
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.posing import move_joint_to
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.change import put
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.family import ancestors, parts_on
from umbrite.rig.limb_shape import bends_to
from umbrite.rig.model import Limb, Puppet

# How near the target comes to the root for the picture, as a share of the limb's length.
BENT = 0.72


def limb_picture(session: Session, key: str, bend: int, width: int, height: int) -> QPixmap:
    """The limb's own art, bent to one side, with its bones."""
    puppet: Puppet = session.puppet
    limb: Limb = replace(puppet.limbs[key], enabled=True)
    free = put(puppet, key, limb)
    for joint in limb.joints:  # limits would hide the difference that the pictures are for
        free = free_limit(free, joint)
    plan = compile_plan(free)
    rest = evaluate(plan, {})
    root, tip = puppet.joints[limb.joints[0]].pivot.z, puppet.joints[limb.target].pivot.z
    over = {} if bends_to(puppet, limb) == bend else {f"{key}.bend": 1.0}
    placed = evaluate(plan, move_joint_to(rest, over, limb.target, root + (tip - root) * BENT))
    chain = {*limb.joints, limb.end}
    items = [item for item in scene_of(placed) if puppet.parts[item.part].joint in chain]
    points = [placed.pivot(joint) for joint in limb.joints]
    points.append(complex(placed.joint_map(limb.joints[-1])(tip)))
    box = rect_of(around(items))
    for z in points:
        box = box.united(QRectF(z.real - 20, z.imag - 20, 40, 40))
    camera = fitting(box, QRectF(12, 8, width - 24, height - 16))
    card = Card(session.workspace.theme, width, height).with_shapes(items, session.file.pictures, camera.transform())
    painter = card.painter
    on_card = [camera.point(z) for z in points]
    painter.setPen(marks.pen(painter.theme.paper, 4))
    painter.drawPolyline(on_card)
    painter.setPen(marks.pen(painter.theme.ink, 1.8))
    painter.drawPolyline(on_card)
    if len(on_card) > 2:
        way = on_card[2] - on_card[0]
        marks.bend_arrow(painter, on_card[1], QPointF(way.y(), -way.x()) * bend, painter.theme.vermilion)
    return card.finished()


def _shown(puppet: Puppet, key: str) -> tuple[object, ...]:
    """What a picture of a limb depends on: its joints and all that carries them, its target, and the art that rides on it."""
    limb = puppet.limbs[key]
    chain = [*limb.joints, *([limb.end] if limb.end is not None else [])]
    above = {up for joint in (*chain, limb.target) for up in (joint, *ancestors(puppet, joint))}
    parts = [part for joint in chain for part in parts_on(puppet, joint)]
    return (
        key,
        limb,
        *(puppet.joints[joint] for joint in sorted(above)),
        *(puppet.parts[part] for part in parts),
        tuple(part for part in puppet.order if part in parts),
    )


class SideButton(QAbstractButton):
    """One of the two sides, as a card."""

    def __init__(self, session: Session, bend: int, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._session, self._bend, self._key = session, bend, ""
        self._picture = QPixmap()
        self._shows: tuple[object, ...] = ()  # what the picture was made of
        self.setCheckable(True)
        self.setMinimumSize(96, 104)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Bends clockwise") if bend > 0 else tr("Bends counterclockwise"))
        self.setToolTip(tr("Let the limb bend to this side"))
        self.clicked.connect(self._choose)

    def show_limb(self, key: str) -> None:
        """The picture is made anew when what it shows has settled as something else, never in the middle of a drag."""
        self._key, session = key, self._session
        self.setChecked(session.puppet.limbs[key].bend == self._bend)
        shows = (*_shown(session.puppet, key), self.size(), session.workspace.theme)
        if self._shows != shows and (session.puppet is session.history.now.puppet or self._picture.isNull()):
            self._shows = shows
            self._picture = limb_picture(session, key, self._bend, self.width(), self.height())
        self.update()

    def _choose(self) -> None:
        choose_side(self._session, self._key, self._bend)

    def sizeHint(self) -> QSize:
        return QSize(112, 108)

    def resizeEvent(self, _event: QResizeEvent) -> None:
        if self._key in self._session.puppet.limbs:
            self.show_limb(self._key)

    def paintEvent(self, _event: QPaintEvent) -> None:
        painter = Inked(self, self._session.workspace.theme)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        box = QRectF(self.rect()).adjusted(1.5, 1.5, -1.5, -1.5)
        chosen = self.isChecked()
        painter.setBrush(painter.theme.selected_pale if chosen else painter.theme.paper)
        painter.setPen(marks.pen(painter.theme.selected if chosen else painter.theme.line, 2.4 if chosen else 1.2))
        painter.drawRoundedRect(box, 7, 7)
        if self.hasFocus():
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(marks.pen(painter.theme.ink, 1.2, Qt.PenStyle.DotLine))
            painter.drawRoundedRect(box.adjusted(3, 3, -3, -3), 5, 5)
        painter.drawPixmap(0, 0, self._picture)
        if chosen:  # told by a sign too
            painter.setPen(marks.pen(painter.theme.ink, 2.2))
            painter.drawPolyline([QPointF(10, 14), QPointF(14, 18), QPointF(21, 9)])
        painter.end()


class BendCard(QWidget):
    """Both sides, one beside the other."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.sides = (SideButton(session, 1, self), SideButton(session, -1, self))
        for button in self.sides:
            row.addWidget(button, 1)

    def show_limb(self, key: str) -> None:
        for button in self.sides:
            button.show_limb(key)
