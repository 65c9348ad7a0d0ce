"""How a take is exported: which frames, how large, on what; with a frame of it to look at, and what it will weigh."""

import tempfile
from pathlib import Path

from PySide6.QtCore import QSize, Qt, QTimer
from PySide6.QtGui import QColor, QIcon, QPixmap
from PySide6.QtWidgets import (
    QColorDialog,
    QDialog,
    QFormLayout,
    QHBoxLayout,
    QLabel,
    QPushButton,
    QSpinBox,
    QVBoxLayout,
    QWidget,
)

from umbrite.desk.theme.language import tr
from umbrite.desk.theme.look import going_on
from umbrite.desk.theme.themes import Theme
from umbrite.files.file_errors import FileError
from umbrite.paint.films import CODECS
from umbrite.paint.take_export import Film, images, write_take

WIDE, TALL = 260, 240
WHITE = QColor(Qt.GlobalColor.white).name()
TRIED = 3  # frames that are written to see what they weigh
PAUSE = 350  # milliseconds after a change before that is done


class FilmDialog(QDialog):
    """See the module. `film` is what was chosen."""

    def __init__(self, film: Film, ending: str, theme: Theme, parent: QWidget) -> None:
        super().__init__(parent)
        self._given, self._ending = film, ending
        self._colour: str | None = WHITE if ending == ".mp4" else None
        self._weigh = QTimer(self)
        self._weigh.setSingleShot(True)
        self._weigh.timeout.connect(self.weigh)
        self.setWindowTitle(tr("Export {name}", name=film.take.name))
        row = QHBoxLayout()
        self.picture = QLabel()
        self.picture.setFixedSize(WIDE, TALL)
        self.picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.picture.setStyleSheet(f"border: 1px solid {theme.line.name()}; background: {theme.linen.name()}")
        row.addWidget(self.picture)
        form = QFormLayout()
        first, last = round(film.frames[0]), round(film.frames[-1])
        self.first = self._number(tr("First frame"), first, last, first)
        self.last = self._number(tr("Last frame"), first, last, last)
        self.scale = self._number(tr("Size"), 5, 400, 100, " %")
        for words, field in (
            (tr("First frame"), self.first), (tr("Last frame"), self.last), (tr("Size"), self.scale),
        ):  # fmt: skip
            form.addRow(words, field)
        self.ground = QPushButton()
        self.ground.setAccessibleName(tr("Background"))
        self.ground.clicked.connect(self._choose_colour)
        form.addRow(tr("Background"), self.ground)
        self.words, self.weight = QLabel(), QLabel()
        for label in (self.words, self.weight):
            label.setObjectName("quiet")
            form.addRow(label)
        row.addLayout(form, 1)
        column = QVBoxLayout(self)
        column.addLayout(row)
        column.addWidget(going_on(self, theme))
        self.refresh()

    def _number(self, words: str, least: int, most: int, value: int, unit: str = "") -> QSpinBox:
        field = QSpinBox()
        field.setRange(least, most)
        field.setValue(value)
        field.setSuffix(unit)
        field.setAccessibleName(words)
        field.valueChanged.connect(self.refresh)
        return field

    @property
    def film(self) -> Film:
        """What is chosen: frames, scale and background."""
        first, last = sorted((self.first.value(), self.last.value()))
        frames = [frame for frame in self._given.frames if first <= frame <= last]
        return self._given._replace(frames=frames, scale=self.scale.value() / 100, background=self._colour)

    def _choose_colour(self) -> None:
        """Seen through, or one colour; what can't be seen through is asked for a colour only."""
        if self._colour is not None and self._ending != ".mp4":
            self._colour = None
        else:
            dialog = QColorDialog(QColor(self._colour or WHITE), self)
            dialog.setOption(QColorDialog.ColorDialogOption.DontUseNativeDialog)
            if dialog.exec():
                self._colour = dialog.currentColor().name()
            dialog.deleteLater()
        self.refresh()

    def refresh(self) -> None:
        """Tell the size, show a frame of it."""
        film, puppet = self.film, self._given.package.puppet
        size = round(puppet.width * film.scale), round(puppet.height * film.scale)
        seconds = len(film.frames) / film.take.rate
        self.words.setText(
            tr(
                "{width} × {height} px, {count} frames, {seconds} s",
                width=size[0], height=size[1], count=len(film.frames), seconds=f"{seconds:.2f}",
            )
            + self._of_sound()
        )  # fmt: skip
        self.ground.setText(tr("Transparent") if self._colour is None else self._colour)
        swatch = QPixmap(16, 16)
        swatch.fill(QColor(self._colour) if self._colour else Qt.GlobalColor.transparent)
        self.ground.setIcon(QIcon(swatch))
        self.weight.setText(tr("…"))
        self._weigh.start(PAUSE)
        small = min(WIDE / puppet.width, TALL / puppet.height) * 0.96
        middle = film.frames[len(film.frames) // 2]
        shown = next(iter(images(film._replace(frames=[middle], scale=small))))
        self.picture.setPixmap(QPixmap.fromImage(shown))

    def _of_sound(self) -> str:
        """Whether the sound of the take goes along."""
        if self._given.take.sound is None:
            return ""
        return tr(", with sound") if self._ending in CODECS else tr(", without sound")

    def weigh(self) -> None:
        """Write a few frames away and tell what all of them will weigh."""
        film = self.film
        step = max(1, len(film.frames) // TRIED)
        some = film._replace(frames=film.frames[::step][:TRIED])
        try:
            with tempfile.TemporaryDirectory() as folder:
                path = Path(folder) / f"tried{self._ending}"
                write_take(path, some)
                files = path.iterdir() if path.is_dir() else [path]
                size = sum(file.stat().st_size for file in files) * len(film.frames) / len(some.frames)
            self.weight.setText(tr("About {size} MB, or less", size=f"{size / 1e6:.2f}"))
        except FileError as error:
            self.weight.setText(str(error))

    def sizeHint(self) -> QSize:
        return QSize(600, 310)
