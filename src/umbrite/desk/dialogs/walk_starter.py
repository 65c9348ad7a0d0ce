"""The walk starter: sliders for how it walks, shown live on the board; it gives ordinary keys in one step."""

from PySide6.QtCore import Qt, QTimer
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QSlider,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.takes import take_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress_buttons
from umbrite.motion.animating.walking import GAITS, Steps, walk
from umbrite.motion.sampling import pose_at
from umbrite.rig.errors import RigError
from umbrite.rig.takes.take import Take

# What can be set: the field, its name, its least, most, and how much of it a slider's step is.
SLIDERS: tuple[tuple[str, str, int, int, float], ...] = (
    ("stride", "Stride", 5, 200, 0.01),
    ("cycle", "Frames for two steps", 6, 96, 1),
    ("lift", "Lift", 0, 60, 0.01),
    ("bob", "Bob", 0, 15, 0.01),
    ("lean", "Lean", -30, 30, 0.01),
    ("arms", "Arms", 0, 150, 0.01),
)
RATE = 24
GAIT_WORDS = ("Walk", "Trot", "Three and three", "On tiptoe")


class WalkStarter(QDialog):
    """See the module. Nothing is made until it is accepted; closing it puts the take back."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.session = session
        self._take: Take | None = None
        self._frame = 0.0
        self._timer = QTimer(self)
        self._timer.setInterval(round(1000 / RATE))
        self._timer.timeout.connect(self.step)
        self.setWindowTitle(tr("Start a walk"))
        self.setMinimumWidth(380)
        column = QVBoxLayout(self)
        form = QFormLayout()
        self.gait = QComboBox()
        self.gait.setAccessibleName(tr("Gait"))
        self.gait.addItems([tr(words) for words in GAIT_WORDS])
        self.gait.currentIndexChanged.connect(self.show_it)
        form.addRow(tr("Gait"), self.gait)
        usual = Steps()
        self.sliders: dict[str, QSlider] = {}
        for field, words, least, most, unit in SLIDERS:
            slider = QSlider(Qt.Orientation.Horizontal)
            slider.setRange(least, most)
            slider.setValue(round(getattr(usual, field) / unit))
            slider.setAccessibleName(tr(words))
            slider.valueChanged.connect(self.show_it)
            self.sliders[field] = slider
            value = QLabel()
            value.setMinimumWidth(44)
            slider.valueChanged.connect(lambda now, value=value, unit=unit: value.setText(_shown(now, unit)))
            value.setText(_shown(slider.value(), unit))
            line = QHBoxLayout()
            line.addWidget(slider, 1)
            line.addWidget(value)
            form.addRow(tr(words), line)
        self.along = QCheckBox(tr("The master travels along"))
        self.along.toggled.connect(self.show_it)
        form.addRow(self.along)
        column.addLayout(form)
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        column.addWidget(self.words)
        buttons = QDialogButtonBox(
            QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel
        )
        buttons.button(QDialogButtonBox.StandardButton.Ok).setText(tr("Make the walk"))
        dress_buttons(buttons, session.stage.theme)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.show_it()

    @property
    def steps(self) -> Steps:
        """What the sliders say."""
        values = {field: self.sliders[field].value() * unit for field, _, _, _, unit in SLIDERS}
        values["cycle"] = round(values["cycle"])
        return Steps(gait=GAITS[self.gait.currentIndex()], along=self.along.isChecked(), **values)  # type: ignore[arg-type]

    def show_it(self) -> None:
        """Let the puppet walk on the board; what can't be walked is said here, and the last walk goes on."""
        try:
            self._take = walk(self.session.puppet, self.steps)
            self.words.setText(tr("Nothing is made yet."))
        except RigError as error:
            self.words.setText(str(error))
        self._timer.start()

    def step(self) -> None:
        """The next frame of the walk that is tried."""
        if self._take is not None:
            self._frame = (self._frame + 1) % (self._take.last - self._take.first)
            self.session.preview(pose=pose_at(self._take, self.session.puppet, self._frame))

    def accept(self) -> None:
        self._timer.stop()
        if attempt(self.session, lambda: take_commands.make_walk(self.session, self.steps)):
            super().accept()

    def reject(self) -> None:
        self._timer.stop()
        self.session.spring_back()
        super().reject()


def _shown(value: int, unit: float) -> str:
    return f"{value * unit:g}" if unit >= 1 else f"{value * unit:.2f}"
