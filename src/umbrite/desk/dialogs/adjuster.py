"""A few numbers for what is made of a take, seen on the board while they are set; it becomes one step, or nothing."""

from typing import Any

from PySide6.QtCore import QRect, Qt, QTimer
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QDialogButtonBox,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QSlider,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.commands.takes import recipes
from umbrite.desk.commands.takes.recipe import Choose, Dial, Line, Recipe
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import dress_buttons
from umbrite.motion.animating.stepping import pose_of_take
from umbrite.rig.errors import UmbriteError
from umbrite.rig.takes.take import Take

RATE = 24
APART = 16  # widget pixels


class Adjuster(QDialog):
    """See the module. Nothing is made until it is accepted; closing it puts the take back."""

    def __init__(self, session: Session, recipe: Recipe, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.recipe = session, recipe
        self._take: Take | None = None
        self._frame = 0.0
        self._timer = QTimer(self)
        self._timer.setInterval(round(1000 / RATE))
        self._timer.timeout.connect(self.step)
        self.setWindowTitle(recipe.title)
        self.setMinimumWidth(380)
        column = QVBoxLayout(self)
        form = QFormLayout()
        self.sliders: dict[str, QSlider] = {}
        self.choices: dict[str, QComboBox] = {}
        self.lines: dict[str, QLineEdit] = {}
        for setting in recipe.settings:
            if isinstance(setting, Dial):
                form.addRow(setting.words, self._slider(setting))
            elif isinstance(setting, Line):
                form.addRow(setting.words, self._line(setting))
            else:
                form.addRow(setting.words, self._choice(setting))
        column.addLayout(form)
        self.words = QLabel()
        self.words.setObjectName("quiet")
        self.words.setWordWrap(True)
        self.words.setMinimumHeight(40)
        column.addWidget(self.words)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        buttons.button(QDialogButtonBox.StandardButton.Ok).setText(recipe.button)
        dress_buttons(buttons, session.workspace.theme)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        column.addWidget(buttons)
        self.show_it()

    def _choice(self, setting: Choose) -> QComboBox:
        box = self.choices[setting.key] = QComboBox()
        box.setAccessibleName(setting.words)
        for words, value in setting.options:
            box.addItem(words, value)
        box.setCurrentIndex(max(box.findData(setting.usual), 0))
        box.currentIndexChanged.connect(self.show_it)
        return box

    def _line(self, setting: Line) -> QLineEdit:
        """What is typed counts when it is done: with Enter, or when the keys go elsewhere."""
        line = self.lines[setting.key] = QLineEdit()
        line.setAccessibleName(setting.words)
        line.editingFinished.connect(self.show_it)
        return line

    def _slider(self, dial: Dial) -> QHBoxLayout:
        slider = self.sliders[dial.key] = QSlider(Qt.Orientation.Horizontal)
        slider.setRange(round(dial.least / dial.unit), round(dial.most / dial.unit))
        slider.setValue(round(dial.usual / dial.unit))
        slider.setAccessibleName(dial.words)
        value = QLabel(_shown(slider.value() * dial.unit))
        value.setMinimumWidth(44)
        slider.valueChanged.connect(lambda now: value.setText(_shown(now * dial.unit)))
        slider.valueChanged.connect(self.show_it)
        line = QHBoxLayout()
        line.addWidget(slider, 1)
        line.addWidget(value)
        return line

    def stand_beside(self, puppet: QRect, window: QRect) -> None:
        """Stand to the right of what is looked at, or to its left, wherever there is more room; both are boxes on the screen."""
        size = self.sizeHint().expandedTo(self.minimumSize())
        right, left = window.right() - puppet.right(), puppet.left() - window.left()
        x = puppet.right() + APART if right >= min(left, size.width() + APART) else puppet.left() - APART - size.width()
        x = min(max(x, window.left()), window.right() - size.width())
        self.move(x, min(max(puppet.top(), window.top()), window.bottom() - size.height()))

    @property
    def values(self) -> dict[str, Any]:
        """What is set."""
        dials = [setting for setting in self.recipe.settings if isinstance(setting, Dial)]
        found: dict[str, Any] = {dial.key: round(self.sliders[dial.key].value() * dial.unit, 9) for dial in dials}
        typed = {key: line.text() for key, line in self.lines.items()}
        return found | {key: box.currentData() for key, box in self.choices.items()} | typed

    def show_it(self) -> None:
        """Show what would come of it; what can't be is said here, and the last that could be goes on."""
        try:
            made = self.recipe.make(self.session, self.values)
        except UmbriteError as error:
            self.words.setText(str(error))
            return
        self.words.setText(tr("Nothing is made yet."))
        self._take = next(take for take in made.takes if take.name == made.name)
        if self.recipe.plays:
            self._timer.start()
        else:
            self.session.preview(puppet=made.puppet, takes=made.takes)

    def step(self) -> None:
        """The next frame of what is tried."""
        take = self._take
        if take is not None:
            self._frame = (self._frame + 1) % (take.last - take.first)
            puppet = self.session.history.now.puppet
            self.session.preview(pose=pose_of_take(take, puppet, take.first + self._frame))

    def accept(self) -> None:
        self._timer.stop()
        self.session.spring_back()
        values = self.values
        if attempt(self.session, lambda: recipes.finish(self.session, self.recipe, values)):
            super().accept()

    def reject(self) -> None:
        self._timer.stop()
        self.session.spring_back()
        super().reject()


def _shown(value: float) -> str:
    return f"{value:.3f}".rstrip("0").rstrip(".") if abs(value) < 100 else f"{value:.0f}"
