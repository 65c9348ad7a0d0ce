"""Takes pictures of all stations at several sizes and densities of screens, as contact sheets. Run as `sizes.py FOLDER [LANGUAGE]`.

Says which words are cut, and ends with an error then.
"""

import os
import re
import subprocess
import sys
import tempfile
from pathlib import Path

from PySide6.QtCore import QRect, QSettings, QTranslator
from PySide6.QtGui import QImage, QPainter
from PySide6.QtWidgets import QAbstractButton, QApplication, QLabel, QTabBar, QWidget

from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme.language import FOLDER
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window

SCALES = ("1", "1.25", "1.5", "2")
SIZES = ((1024, 700), (1280, 800), (1920, 1080), (2560, 1440))
DEMO = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets" / "wick.umbrite"
WIDE = 1100  # of one picture on a sheet


class Longer(QTranslator):
    """A language that nobody speaks: each text a third longer, as other languages are."""

    def isEmpty(self) -> bool:
        return False

    def translate(self, _context: str, text: str, _more: str | None = None, _count: int = -1) -> str:
        return f"{text}{'~' * (len(re.sub('{[^}]*}', '', text)) // 3)}"


def speak_in(app: QApplication, language: str) -> None:
    """Take the words of a language for the windows that are made from now on."""
    translator = Longer(app) if language == "long" else QTranslator(app)
    if language == "long" or translator.load(f"umbrite_{language}", str(FOLDER)):
        app.installTranslator(translator)


def cut_words(window: QWidget) -> list[str]:
    """The texts of buttons and labels that have less room than they need."""
    found = []
    for widget in (*window.findChildren(QAbstractButton), *window.findChildren(QLabel)):
        wraps = isinstance(widget, QLabel) and widget.wordWrap()
        seen = widget.isVisible() and widget.text() and not wraps
        if seen and widget.width() < widget.minimumSizeHint().width() - 1:
            found.append(widget.text())
    for bar in window.findChildren(QTabBar):
        tabs = range(bar.count()) if bar.isVisible() else ()
        needed = [bar.fontMetrics().horizontalAdvance(bar.tabText(i)) + 8 for i in tabs]
        found += [bar.tabText(i) for i in tabs if bar.tabRect(i).width() < needed[i]]
    return found


def sheet(size: tuple[int, int], out: Path, language: str) -> int:
    """One sheet of all stations at a size; the number of texts that are cut."""
    app = QApplication(sys.argv[:1])
    speak_in(app, language)
    dress(app)
    folder = tempfile.mkdtemp()
    window = Window(Session(), QSettings(f"{folder}/settings.ini", QSettings.Format.IniFormat), keep_in=Path(folder))
    window.resize(*size)
    window.show()
    window.files.open(DEMO)
    pictures, cut = [], 0
    for station in STATIONS.values():
        window.session.workspace.go_to(station)
        if station.picks == "joint":
            window.session.selection.select(list(window.session.puppet.joints)[3:4])
        for _ in range(6):
            app.processEvents()
        for words in cut_words(window):
            print(f"cut at {size[0]} x {size[1]}, scale {window.devicePixelRatioF():g}, {station.name}: {words!r}")
            cut += 1
        pictures.append(window.grab().toImage())
    tall = round(WIDE * size[1] / size[0])
    whole = QImage(2 * WIDE, 3 * tall, QImage.Format.Format_RGB32)
    whole.fill(0xFFFFFFFF)
    painter = QPainter(whole)
    painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    for i, picture in enumerate(pictures):
        painter.drawImage(QRect((i % 2) * WIDE, (i // 2) * tall, WIDE, tall), picture)
    painter.end()
    whole.save(str(out))
    window.session.history.mark_saved()
    window.close()
    return cut


def main() -> None:
    if len(sys.argv) == 5:  # one of them, in a process of its own, since the density belongs to the process
        width, height = (int(part) for part in sys.argv[3].split("x"))
        sys.exit(min(sheet((width, height), Path(sys.argv[4]), sys.argv[2]), 1))
    folder = Path(sys.argv[1])
    language = sys.argv[2] if len(sys.argv) > 2 else "en"
    folder.mkdir(parents=True, exist_ok=True)
    failed = False
    for scale in SCALES:
        for width, height in SIZES:
            out = folder / f"{width}x{height}-{scale}.png"
            words = [sys.executable, __file__, str(folder), language, f"{width}x{height}", str(out)]
            ran = subprocess.run(
                words, env={**os.environ, "QT_SCALE_FACTOR": scale, "QT_QPA_PLATFORM": "offscreen"}, check=False
            )
            failed |= ran.returncode != 0
    sys.exit(failed)


if __name__ == "__main__":
    main()
