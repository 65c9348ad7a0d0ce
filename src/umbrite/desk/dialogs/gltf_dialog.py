"""How a puppet goes out as glTF: which takes, and what becomes of what viewers can't show."""

from PySide6.QtCore import QSize, Qt
from PySide6.QtWidgets import QCheckBox, QDialog, QLabel, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import going_on
from umbrite.desk.theme.themes import Theme
from umbrite.files.engines.gltf import goes_without_sound, shown_otherwise
from umbrite.files.engines.gltf_scene import Wanted
from umbrite.files.package import Package
from umbrite.paint.baking import GltfChoice
from umbrite.paint.take_export import frames_of
from umbrite.rig.takes.take import keyed_channels

ROWS = 8  # of takes that are seen at once


class GltfDialog(QDialog):
    """See the module. `choice` is what was chosen."""

    def __init__(self, package: Package, theme: Theme, parent: QWidget) -> None:
        super().__init__(parent)
        self._takes = package.document.takes
        self.setWindowTitle(tr("Export {name} as glTF", name=package.puppet.name))
        column = QVBoxLayout(self)
        self.takes = QListWidget()
        self.takes.setAccessibleName(tr("Takes"))
        for take in self._takes:
            seconds = (take.last - take.first) / take.rate
            words = tr(
                "{name}, {count} frames, {seconds} s",
                name=take.name, count=len(frames_of(take)), seconds=f"{seconds:.2f}",
            )  # fmt: skip
            item = QListWidgetItem(words, self.takes)
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            item.setCheckState(Qt.CheckState.Checked)
        title = QLabel(
            tr("Takes, as animations") if self._takes else tr("There are no takes: the puppet is exported at rest.")
        )
        column.addWidget(title)
        column.addWidget(self.takes)
        self.takes.setSpacing(2)
        rows = min(len(self._takes), ROWS)
        self.takes.setFixedHeight(rows * (self.takes.sizeHintForRow(0) + 4) + 6)
        self.takes.setVisible(bool(self._takes))
        otherwise = shown_otherwise(package, Wanted(self._takes))
        heard = len(goes_without_sound(self._takes))  # which nothing can be done about
        self.otherwise = QLabel(
            "\n".join(otherwise) if otherwise else tr("Viewers of glTF show this puppet as Umbrite does.")
        )
        self.otherwise.setWordWrap(True)
        self.otherwise.setObjectName("quiet")
        column.addWidget(self.otherwise)
        self.bake = QCheckBox(tr("Paint into the drawings what viewers can't show"))
        self.bake.setToolTip(
            tr("Shades and lights go into what they lie on, clipped parts are cut as they are at rest.")
        )
        self.bake.setVisible(len(otherwise) > heard)
        self.bake.setChecked(len(otherwise) > heard)
        self.visibility = QCheckBox(tr("Variants come and go by an extension, not by a scale of 0"))
        self.visibility.setToolTip(
            tr("KHR_node_visibility, with KHR_animation_pointer: cleaner, where the engine knows them.")
        )
        self.visibility.setVisible(
            bool(package.puppet.sets) or any(".opacity" in n for take in self._takes for n in keyed_channels(take))
        )
        column.addWidget(self.bake)
        column.addWidget(self.visibility)
        self.merged = QCheckBox(tr("Neighbours in the draw order are one mesh"))
        self.merged.setToolTip(tr("For few draw calls; parts have no meshes of their own in the engine then."))
        column.addWidget(self.merged)
        column.addStretch(1)
        column.addWidget(going_on(self, theme))

    @property
    def choice(self) -> GltfChoice:
        """The takes that are ticked, and how the rest is written."""
        ticked = [self.takes.item(i).checkState() == Qt.CheckState.Checked for i in range(self.takes.count())]
        takes = tuple(take for take, wanted in zip(self._takes, ticked, strict=True) if wanted)
        return GltfChoice(takes, self.bake.isChecked(), self.visibility.isChecked(), self.merged.isChecked())

    def sizeHint(self) -> QSize:
        return QSize(480, self.minimumSizeHint().height())
