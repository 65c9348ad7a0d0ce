"""How the desk is dressed: the shipped font, icons, palette and style sheet of a theme."""

from functools import lru_cache
from pathlib import Path

from PySide6.QtCore import QByteArray, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QIcon, QPainter, QPalette, QPixmap
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtWidgets import QApplication, QDialog, QDialogButtonBox, QWidget

from umbrite.desk.theme.language import tr
from umbrite.desk.theme.style_sheet import STYLE
from umbrite.desk.theme.themes import DAY, Theme

ASSETS = Path(__file__).parent.parent / "assets"
FAMILY_NAME = "Alegreya Sans"
AROUND = QSize(24, 48)  # pixels that a window of its own leaves free of the one below


def with_alpha(colour: QColor, alpha: int) -> QColor:
    faint = QColor(colour)
    faint.setAlpha(alpha)
    return faint


@lru_cache(maxsize=1)
def load_fonts() -> tuple[int, ...]:
    """Register the shipped typeface once per process."""
    return tuple(QFontDatabase.addApplicationFont(str(path)) for path in sorted(ASSETS.glob("fonts/*.ttf")))


def font(size: float = 11.0, weight: QFont.Weight = QFont.Weight.Normal) -> QFont:
    """The shipped typeface with figures of one height and width; size in points at 96 dpi."""
    made = QFont(FAMILY_NAME)
    made.setPixelSize(round(size * 4 / 3))
    made.setWeight(weight)
    for feature in ("lnum", "tnum"):
        made.setFeature(QFont.Tag(feature), 1)
    return made


def icon(theme: Theme, name: str, colour: QColor | None = None, size: int = 20) -> QIcon:
    """A line icon in one colour, ink where none is given, with a paler picture for when it can't be used."""
    return _icon(name, (colour or theme.ink).name(), theme.unusable_icon.name(), size)


@lru_cache(maxsize=256)
def _icon(name: str, colour: str, unusable: str, size: int) -> QIcon:
    made = QIcon()
    line = (ASSETS / "icons" / f"{name}.svg").read_text("utf-8")
    for tint, modes in ((colour, (QIcon.Mode.Normal, QIcon.Mode.Selected)), (unusable, (QIcon.Mode.Disabled,))):
        drawn = QSvgRenderer(QByteArray(line.replace("currentColor", tint).encode()))
        for scale in (1, 2):
            picture = _icon_picture(drawn, size * scale, scale)
            for mode in modes:
                made.addPixmap(picture, mode)
    return made


def _icon_picture(drawn: QSvgRenderer, size: int, ratio: int) -> QPixmap:
    picture = QPixmap(QSize(size, size))
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    drawn.render(painter, QRectF(0, 0, size, size))
    painter.end()
    picture.setDevicePixelRatio(ratio)
    return picture


def _arrows(theme: Theme) -> Path:
    """The folder of the arrows that the style sheet shows, which it can't colour itself."""
    own = ASSETS / "icons" / theme.name
    return own if own.is_dir() else ASSETS / "icons"


def dress(app: QApplication, theme: Theme = DAY) -> None:
    """Give the application its font, and the colours and the style of a theme. What it wears already it keeps: a change is dear."""
    colours = {name: colour.name() for name, colour in theme.colours().items()}
    sheet = STYLE.substitute(colours, icons=_arrows(theme).as_posix())
    if sheet == app.styleSheet():
        return
    load_fonts()
    app.setStyle("Fusion")
    app.setFont(font())
    app.setWindowIcon(QIcon(str(ASSETS / "umbrite.svg")))
    palette = QPalette()
    for role, colour in (
        (QPalette.ColorRole.Window, theme.panel),
        (QPalette.ColorRole.WindowText, theme.ink),
        (QPalette.ColorRole.Base, theme.paper),
        (QPalette.ColorRole.AlternateBase, theme.panel),
        (QPalette.ColorRole.Text, theme.ink),
        (QPalette.ColorRole.Button, theme.panel),
        (QPalette.ColorRole.ButtonText, theme.ink),
        (QPalette.ColorRole.Highlight, theme.selected_pale),
        (QPalette.ColorRole.HighlightedText, theme.ink),
        (QPalette.ColorRole.ToolTipBase, theme.ink),
        (QPalette.ColorRole.ToolTipText, theme.paper),
        (QPalette.ColorRole.PlaceholderText, theme.quiet),
        (QPalette.ColorRole.Link, theme.vermilion),
    ):
        palette.setColor(role, colour)
    for role in (QPalette.ColorRole.Text, QPalette.ColorRole.ButtonText, QPalette.ColorRole.WindowText):
        palette.setColor(QPalette.ColorGroup.Disabled, role, theme.dim)
    app.setPalette(palette)
    app.setStyleSheet(sheet)


_BUTTON_ICONS = {
    QDialogButtonBox.StandardButton.Cancel: "x",
    QDialogButtonBox.StandardButton.Close: "x",
    QDialogButtonBox.StandardButton.Open: "folder-open",
    QDialogButtonBox.StandardButton.Save: "save",
    QDialogButtonBox.StandardButton.Ok: "check",
}


def size_within(widget: QWidget, wide: int, tall: int) -> None:
    """Open a window of its own so large, but no larger than the window it belongs to, or the screen."""
    over = widget.parentWidget()
    most = over.window().size() if over is not None else widget.screen().availableSize()
    widget.resize(QSize(wide, tall).boundedTo(most - AROUND))


def going_on(dialog: QDialog, theme: Theme) -> QDialogButtonBox:
    """The last row of a dialog after which more is asked: go on, or turn back."""
    box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
    box.button(QDialogButtonBox.StandardButton.Ok).setText(tr("Export…"))
    dress_buttons(box, theme)
    box.accepted.connect(dialog.accept)
    box.rejected.connect(dialog.reject)
    return box


def dress_buttons(box: QDialogButtonBox, theme: Theme) -> None:
    """Give the usual buttons of a dialog icons of ours instead of the style's."""
    for kind, name in _BUTTON_ICONS.items():
        button = box.button(kind)
        if button is not None:
            button.setIcon(icon(theme, name))
