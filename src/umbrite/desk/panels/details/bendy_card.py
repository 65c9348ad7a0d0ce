"""What a part that bends is made of: its joints, its mesh with what it costs, how it narrows when it is stretched, and what to do next."""

import time

from PySide6.QtCore import QRect, Qt, QTimer
from PySide6.QtGui import QTransform
from PySide6.QtWidgets import (
    QCheckBox,
    QFormLayout,
    QGridLayout,
    QLabel,
    QPushButton,
    QSizePolicy,
    QSlider,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from umbrite.art.bending.bendy import bends_alone
from umbrite.desk.commands.bends import bending_commands, mesh_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.motion.scene import Bent
from umbrite.paint.bent_shapes import image_of
from umbrite.paint.levels import Level
from umbrite.rig.model import Mesh
from umbrite.rig.placement import Box

# Places of the slider for a density of 1; twice as far is twice as dense, half of it half.
MIDDLE, MOST = 20, 80
UNEVEN = 1.15  # so much longer is the longest bone where they lie closer in curves
UNTURNED = (1.0, 0.0, 0.0, 1.0, 0.0, 0.0)


class BendyCard(QWidget):
    """See the module. It stands at the head of Details while something that bends is selected."""

    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session = session
        self.part = ""
        self.setSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Maximum)
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 6, 12, 6)
        column.setSpacing(4)
        self.about = QLabel()
        self.about.setObjectName("quiet")
        self.about.setWordWrap(True)
        column.addWidget(self.about)
        form = QFormLayout()
        form.setVerticalSpacing(4)
        column.addLayout(form)
        self.density, self.squash = QSlider(Qt.Orientation.Horizontal), QSlider(Qt.Orientation.Horizontal)
        self.density.setRange(MIDDLE // 4, MOST)
        self.squash.setRange(0, 100)
        self.density.setToolTip(tr("More triangles bend more smoothly and cost more time"))
        self.squash.setToolTip(tr("How much it narrows where a joint lengthens it, so that it keeps its area"))
        for words, slider in (("Mesh", self.density), ("Squash", self.squash)):
            slider.setAccessibleName(tr(words))
            form.addRow(tr(words), slider)
        self.joints, self.curved = QSpinBox(), QCheckBox(tr("Denser where it curves"))
        self.joints.setRange(1, 60)
        self.joints.setMaximumWidth(64)
        self.joints.setAccessibleName(tr("Joints"))
        form.insertRow(0, tr("Joints"), self.joints)
        form.insertRow(1, "", self.curved)
        row = QGridLayout()
        self.buttons = {}
        for words, work in (
            ("Weights", bending_commands.take_brush), ("Points", mesh_commands.take_points), ("Swing", bending_commands.hang_bent),
            ("Tip grip", bending_commands.grips(1)), ("Three grips", bending_commands.grips(3)), ("Stop swinging", bending_commands.stiffen)
        ):  # fmt: skip
            button = QPushButton(tr(words))
            button.clicked.connect(lambda _on=False, work=work: attempt(session, lambda: work(session)))
            self.buttons[words] = button
            place = len(self.buttons) - 1
            row.addWidget(button, place // 2, place % 2)
        column.addLayout(row)
        self.density.sliderReleased.connect(self._set_density)
        self.squash.sliderReleased.connect(self._set_squash)
        self.joints.editingFinished.connect(self._set_joints)
        self.curved.clicked.connect(self._set_joints)
        for signal in (session.selection.changed, session.settled, session.workspace.station_changed):
            signal.connect(self.refresh)
        # What it costs is measured while nobody waits, once what is shown has settled.
        self._cost: tuple[Mesh, str] | None = None
        self._soon = QTimer(self, singleShot=True, interval=200)
        self._soon.timeout.connect(self._measure)
        self.refresh()

    def refresh(self) -> None:
        """Show the part that bends of what is selected."""
        found = bending_commands.bent_parts(self.session) if self.session.selection.keys else []
        before, self.part = self.part, found[0] if found else ""
        if self.part != before:
            self.density.setValue(MIDDLE)
        self.setVisible(bool(self.part))
        mesh = self.session.puppet.parts[self.part].mesh if self.part else None
        if mesh is None:
            return
        self.squash.setValue(round(mesh.keeps_area * 100))
        alone = bends_alone(self.session.puppet, self.part)
        self.joints.setEnabled(alone)
        self.curved.setEnabled(alone)
        self.joints.setValue(len(mesh.joints))
        self.curved.setChecked(self._is_uneven(mesh))
        self.about.setText(
            tr(
                "{name} follows one joint: {triangles} triangles, {cost} ms to paint."
                if len(mesh.joints) == 1
                else "{name} bends over {count} joints: {triangles} triangles, {cost} ms to paint.",
                name=self.session.puppet.parts[self.part].name,
                count=len(mesh.joints),
                triangles=len(mesh.arrays.triangles),
                cost=self._known_cost(mesh),
            )
        )

    def _known_cost(self, mesh: Mesh) -> str:
        """How long it takes to paint the part on its mesh at its own size, in milliseconds, as soon as that was measured."""
        if self._cost is not None and self._cost[0] is mesh:
            return self._cost[1]
        self._soon.start()
        return "…"

    def _measure(self) -> None:
        part = self.session.puppet.parts.get(self.part)
        if part is None or part.mesh is None:
            return
        level = self.session.file.pictures.level(part.drawing.sha256, 1.0)
        if level is None:  # not there yet: asked for again
            self._soon.start()
            return
        self._cost = part.mesh, f"{_measured(part.mesh, level):.1f}"
        self.refresh()

    def _is_uneven(self, mesh: Mesh) -> bool:
        bones = [self.session.puppet.joints[key] for key in mesh.joints]
        lengths = [abs(bone.tip.z - bone.pivot.z) for bone in bones if bone.tip is not None]
        return bool(lengths) and max(lengths) > UNEVEN * min(lengths)

    def _set_joints(self) -> None:
        mesh = self.session.puppet.parts[self.part].mesh if self.part in self.session.puppet.parts else None
        count, curved = self.joints.value(), self.curved.isChecked()
        if mesh is None or (count == len(mesh.joints) and curved == self._is_uneven(mesh)):
            return
        attempt(self.session, lambda: bending_commands.set_joints(self.session, self.part, count, by_curvature=curved))
        self.refresh()

    def _set_density(self) -> None:
        density = self.density.value() / MIDDLE
        attempt(self.session, lambda: bending_commands.set_density(self.session, self.part, density))

    def _set_squash(self) -> None:
        share = self.squash.value() / 100
        attempt(self.session, lambda: bending_commands.keep_area(self.session, self.part, share))


def _measured(mesh: Mesh, level: Level) -> float:
    wide, tall = level.image.width(), level.image.height()
    places = (mesh.arrays.vertices * level.factor).tobytes()
    box = Box(0, 0, wide, tall)
    shape = Bent("", "", (wide, tall), UNTURNED, box, 1.0, "normal", None, (), mesh, places)
    image_of(shape, level, QTransform(), QRect(0, 0, 1, 1))  # what is made once for a mesh does not count
    begun = time.perf_counter()
    image_of(shape, level, QTransform(), QRect(0, 0, wide, tall))
    return (time.perf_counter() - begun) * 1e3
