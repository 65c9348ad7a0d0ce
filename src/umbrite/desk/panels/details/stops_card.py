"""The poses that the selected value calls forth: each stop with its picture, its name and what it moves, and what can be done with it."""

from PySide6.QtCore import QRectF, QSize, Qt
from PySide6.QtGui import QIcon, QPixmap
from PySide6.QtWidgets import (
    QAbstractItemView,
    QCheckBox,
    QGridLayout,
    QLabel,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.board.camera import fitting
from umbrite.desk.commands.labels import some_names
from umbrite.desk.commands.responses import stop_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.card import Card
from umbrite.desk.theme.language import tr
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import around, scene_of
from umbrite.paint.painter import rect_of
from umbrite.rig.change import thing
from umbrite.rig.driving.rules import has_two_values, is_solved
from umbrite.rig.edits.responses.mirroring import set_smooth
from umbrite.rig.edits.responses.stops import name_stop, response_of
from umbrite.rig.family import parts_on
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Point, Puppet, Response, Stop

PICTURE = QSize(84, 66)
ROW = 72  # pixels


class StopsCard(QWidget):
    """See the module. It is there while the selected value calls anything forth."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.key, self._busy = session, "", False
        self._shown: tuple[object, ...] = ()
        self._followed: tuple[str, int, Point] | None = None
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Maximum)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 6, 12, 6)
        column.setSpacing(4)
        self.about = QLabel()
        self.about.setObjectName("quiet")
        self.about.setWordWrap(True)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Poses at values"))
        self.list.setIconSize(PICTURE)
        self.list.setWordWrap(True)
        self.list.setEditTriggers(QAbstractItemView.EditTrigger.EditKeyPressed)
        self.list.itemActivated.connect(lambda _item: self._do(stop_commands.go_to))
        self.list.itemChanged.connect(self._renamed)
        self.list.currentRowChanged.connect(lambda _row: self._allow())
        self.smooth = QCheckBox(tr("Smooth between them"))
        self.smooth.clicked.connect(self._set_smooth)
        column.addWidget(self.about)
        column.addWidget(self.list)
        column.addWidget(self.smooth)
        grid = QGridLayout()
        grid.setSpacing(4)
        self.buttons: dict[str, QPushButton] = {}
        for place, (words, work) in enumerate(
            (
                ("Show", stop_commands.go_to),
                ("Pose again", stop_commands.pose_again),
                ("Mirror", stop_commands.mirror_one),
                ("Remove", stop_commands.remove),
            )
        ):
            button = self.buttons[words] = QPushButton(tr(words))
            button.clicked.connect(lambda _on=False, work=work: self._do(work))
            grid.addWidget(button, place // 2, place % 2)
        column.addLayout(grid)
        session.settled.connect(self.refresh)
        session.selection.changed.connect(self.refresh)
        session.workspace.theme_changed.connect(self._anew)
        session.file.arrivals.came.connect(self._anew)
        self.refresh()

    def _anew(self) -> None:
        self._shown = ()
        self.refresh()

    def refresh(self) -> None:
        puppet = self.session.history.now.puppet
        driver = stop_commands.driver_of(self.session)
        key = response_of(puppet, driver) if driver is not None else None
        self.setVisible(key is not None)
        self.key = key or ""
        if key is None:
            return
        response = puppet.responses[key]
        shows = (key, response, puppet.parts, puppet.joints, puppet.shapes, puppet.order)
        if len(shows) != len(self._shown) or any(a is not b for a, b in zip(shows, self._shown, strict=True)):
            self._shown = shows
            self._list_anew(puppet, response)
        self._follow(puppet, response)

    def _follow(self, puppet: Puppet, response: Response) -> None:
        """Choose the pose that the value calls forth, when the value or the number of poses has changed."""
        at = stop_commands.value_shown(self.session, response.driver)
        now = (self.key, len(response.stops), at)
        if now == self._followed:
            return
        self._followed = now
        near = stop_commands.near_stop(puppet, response.driver, at)
        row = next((i for i, stop in enumerate(response.stops) if stop.at == near), None)
        if row is not None:
            self.list.setCurrentRow(row)

    def _list_anew(self, puppet: Puppet, response: Response) -> None:
        row = self.list.currentRow()
        self._busy = True
        self.about.setText(tr("Poses of {name}", name=thing(puppet, owner_of(response.driver)).name))
        self.list.clear()
        for stop in response.stops:
            picture, icon = self._picture(puppet, response, stop), QIcon()
            for mode in (QIcon.Mode.Normal, QIcon.Mode.Selected):  # the selected one is not tinted
                icon.addPixmap(picture, mode)
            item = QListWidgetItem(icon, self._words(puppet, response, stop))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsEditable)
            item.setToolTip(_moves(puppet, stop))
            item.setSizeHint(QSize(100, ROW))
            self.list.addItem(item)
        self.list.setFixedHeight(min(len(response.stops), 4) * ROW + 6)
        self.list.setCurrentRow(min(max(row, 0), len(response.stops) - 1))
        self.smooth.setVisible(not has_two_values(puppet, response.driver))
        self.smooth.setChecked(response.smooth)
        self._busy = False
        self._allow()

    def _allow(self) -> None:
        for button in self.buttons.values():
            button.setEnabled(self.list.currentRow() >= 0)

    def _words(self, puppet: Puppet, response: Response, stop: Stop) -> str:
        value = stop_commands.value_text(puppet, response.driver, stop.at)
        return f"{stop.name}\n{value}" if stop.name else value

    def _picture(self, puppet: Puppet, response: Response, stop: Stop) -> QPixmap:
        """What moves at the stop and what lies about it, as it looks there."""
        plan = compile_plan(puppet)
        pose = {response.driver: stop.at.x}
        if has_two_values(puppet, response.driver):
            pose[f"{owner_of(response.driver)}.value_y"] = stop.at.y
        if is_solved(puppet, response.driver):
            joint = owner_of(response.driver)
            pose |= {f"{key}.blend": 1.0 for key, limb in puppet.limbs.items() if joint in limb.joints}
        there = scene_of(evaluate(plan, pose))
        mine = _parts_of(puppet, stop)
        moved = [shape for shape in there if shape.part in mine] or there
        box = rect_of(around(moved))
        if box.isEmpty():
            return QPixmap()
        edge = 0.15 * max(box.width(), box.height())
        camera = fitting(box.adjusted(-edge, -edge, edge, edge), QRectF(0, 0, PICTURE.width(), PICTURE.height()))
        card = Card(self.session.workspace.theme, PICTURE.width(), PICTURE.height(), self.session.workspace.theme.linen)
        return card.with_shapes(there, self.session.file.pictures, camera.transform()).finished()

    def _do(self, work: "stop_commands.OnStop") -> None:
        row = self.list.currentRow()
        if row >= 0 and self.key:
            attempt(self.session, lambda: work(self.session, self.key, row))

    def _renamed(self, item: QListWidgetItem) -> None:
        if self._busy or not self.key:
            return
        row, session = self.list.row(item), self.session
        name = item.text().split("\n")[0]
        stop = session.puppet.responses[self.key].stops[row]
        if name == stop_commands.value_text(session.puppet, session.puppet.responses[self.key].driver, stop.at):
            name = stop.name
        self._shown = ()
        attempt(session, lambda: session.edit(tr("Name a pose"), puppet=name_stop(session.puppet, self.key, row, name)))
        self.refresh()

    def _set_smooth(self, on: bool) -> None:  # noqa: FBT001 Qt's signal
        session = self.session
        attempt(
            session,
            lambda: session.edit(tr("Smooth between poses"), puppet=set_smooth(session.puppet, self.key, smooth=on)),
        )


def _parts_of(puppet: Puppet, stop: Stop) -> set[str]:
    """The parts that a stop moves or changes themselves; what only rides along is none of them."""
    owners = {owner_of(name) for name in stop.channels}
    parts = {part for key in owners & puppet.joints.keys() for part in parts_on(puppet, key)}
    parts |= {puppet.shapes[key].part for key in owners & puppet.shapes.keys()} | (owners & puppet.parts.keys())
    sets = (puppet.sets[key] for key in owners & puppet.sets.keys())
    return parts | {part for one in sets for variant in one.variants for part in variant.parts}


def _moves(puppet: Puppet, stop: Stop) -> str:
    """What a stop moves, in names."""
    owners = dict.fromkeys(owner_of(name) for name in stop.channels)
    return tr("Moves {names}", names=some_names([thing(puppet, key).name for key in owners]))
