"""The look: paper, ink, brass and a lamp. Colours, the shipped font, the style sheet and icons, in one place."""

from functools import lru_cache
from pathlib import Path

from PySide6.QtCore import QByteArray, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QFont, QFontDatabase, QIcon, QPainter, QPalette, QPixmap
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtWidgets import QApplication

from umbrite.rig.model import Side

ASSETS = Path(__file__).parent.parent / "assets"


OAT, PANEL, LINE = QColor("#EDE4D3"), QColor("#F7F1E6"), QColor("#CFC3AC")


INK, QUIET = QColor("#2A2933"), QColor("#625B51")


LINEN = QColor("#FBF8F1")


LAMP, LAMP_PALE = QColor("#E8A317"), QColor("#FBE7B5")


VERMILION = QColor("#B8432B")


OCHRE, PLUM, TEAL = QColor("#B7791F"), QColor("#6B4E80"), QColor("#1F6F6B")


MOSS, AMBER, BRICK = QColor("#5C7A3A"), QColor("#C98A1B"), QColor("#9E2F2F")


BRASS, BRASS_PALE, BRASS_DARK = QColor("#D9A441"), QColor("#F6DFA4"), QColor("#8A6420")


PAPER = QColor("#FFFDF8")


BOARD, GROUND = QColor("#F2EAD9"), QColor("#C9BDA6")  # beside the canvas, and the line it stands on


DIM = QColor("#8C8372")


SIDE_COLOUR: dict[Side, QColor] = {"near": OCHRE, "far": PLUM, "middle": TEAL}


# A second sign for each side, so that nobody needs the colour.
SIDE_STROKE: dict[Side, Qt.PenStyle] = {
    "near": Qt.PenStyle.SolidLine,
    "far": Qt.PenStyle.DashLine,
    "middle": Qt.PenStyle.SolidLine,
}


SIDE_WORD: dict[Side, str] = {"near": "Near side", "far": "Far side", "middle": "Middle"}


LABEL_COLOUR = {"amber": AMBER, "moss": MOSS, "teal": TEAL, "plum": PLUM, "brick": BRICK, "ink": INK}


FAMILY_NAME = "Alegreya Sans"


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


@lru_cache(maxsize=256)
def icon(name: str, colour: str = "", size: int = 20) -> QIcon:
    """A line icon in one colour, with a paler picture for when it can't be used."""
    made = QIcon()
    drawn = colour or INK.name()
    for mode, tint in (
        (QIcon.Mode.Normal, drawn),
        (QIcon.Mode.Selected, drawn),
        (QIcon.Mode.Disabled, "#B5AA95"),
    ):
        for scale in (1, 2):
            made.addPixmap(_icon_picture(name, tint, size * scale, scale), mode)
    return made


def _icon_picture(name: str, colour: str, size: int, ratio: int) -> QPixmap:
    text = (ASSETS / "icons" / f"{name}.svg").read_text("utf-8").replace("currentColor", colour)
    picture = QPixmap(QSize(size, size))
    picture.fill(Qt.GlobalColor.transparent)
    painter = QPainter(picture)
    QSvgRenderer(QByteArray(text.encode())).render(painter, QRectF(0, 0, size, size))
    painter.end()
    picture.setDevicePixelRatio(ratio)
    return picture


THEMES = {"day": "Paper by day", "night": "Paper by night"}


# The same hues after dark. Every colour is changed in place, so that whoever holds one sees the theme of now.
NIGHT: dict[str, str] = {
    "OAT": "#23212B", "PANEL": "#2C2A35", "LINE": "#4B4757", "INK": "#EFE7D7", "QUIET": "#BDB3A2", "LINEN": "#484454",
    "LAMP_PALE": "#574722", "PAPER": "#353240", "OCHRE": "#E2AC50", "PLUM": "#BFA3D8", "TEAL": "#5FBBB4", "MOSS": "#93B56B",
    "BRICK": "#E47F78", "VERMILION": "#E2755C", "DIM": "#8E8698", "BOARD": "#201E27", "GROUND": "#5B5668",
}  # fmt: skip


NIGHT_STYLE = {
    "#EDE4D3": "#23212B", "#F7F1E6": "#2C2A35", "#FFFDF8": "#353240", "#FBF7EE": "#302E39", "#CFC3AC": "#4B4757",
    "#E2D8C4": "#433F4E", "#2A2933": "#EFE7D7", "#625B51": "#BDB3A2", "#8C8372": "#8E8698", "#FBE7B5": "#574722",
    "#F3E8D2": "#38353F", "#F1EADC": "#2E2C36", "#FBF0D3": "#4A4030", "#F3E2B6": "#5C4B26", "#B9A983": "#6A6374",
    "#DDD3BF": "#3D3A46", "#D8CBB2": "#565163", "#BFAE8D": "#6D6778",
}  # fmt: skip


_DAY = {name: globals()[name].name() for name in NIGHT}


_theme = ["day"]


def theme() -> str:
    return _theme[0]


def set_theme(app: QApplication, name: str) -> None:
    """Change all colours in place and dress the application anew."""
    _theme[0] = "night" if name == "night" else "day"
    colours = NIGHT if _theme[0] == "night" else _DAY
    for each, value in colours.items():
        globals()[each].setRgb(QColor(value).rgb())
    icon.cache_clear()
    dress(app)


def dress(app: QApplication) -> None:
    """Give the application its font, colours and style."""
    load_fonts()
    app.setStyle("Fusion")
    app.setFont(font())
    app.setWindowIcon(QIcon(str(ASSETS / "umbrite.svg")))
    palette = QPalette()
    for role, colour in (
        (QPalette.ColorRole.Window, PANEL),
        (QPalette.ColorRole.WindowText, INK),
        (QPalette.ColorRole.Base, PAPER),
        (QPalette.ColorRole.AlternateBase, PANEL),
        (QPalette.ColorRole.Text, INK),
        (QPalette.ColorRole.Button, PANEL),
        (QPalette.ColorRole.ButtonText, INK),
        (QPalette.ColorRole.Highlight, LAMP_PALE),
        (QPalette.ColorRole.HighlightedText, INK),
        (QPalette.ColorRole.ToolTipBase, INK),
        (QPalette.ColorRole.ToolTipText, PAPER),
        (QPalette.ColorRole.PlaceholderText, QUIET),
        (QPalette.ColorRole.Link, VERMILION),
    ):
        palette.setColor(role, colour)
    for role in (QPalette.ColorRole.Text, QPalette.ColorRole.ButtonText, QPalette.ColorRole.WindowText):
        palette.setColor(QPalette.ColorGroup.Disabled, role, DIM)
    app.setPalette(palette)
    sheet = STYLE
    if _theme[0] == "night":
        for day, night in NIGHT_STYLE.items():
            sheet = sheet.replace(day, night)
    app.setStyleSheet(sheet.replace("ON_MAIN", "#FFFDF8"))


STYLE = """
QMainWindow, QMainWindow::separator { background: #EDE4D3; }
QMainWindow::separator { width: 6px; height: 6px; }
QMenuBar { background: #EDE4D3; padding: 1px 8px; }
QMenuBar::item { padding: 3px 9px; border-radius: 4px; background: transparent; }
QMenuBar::item:selected { background: #FBE7B5; }
QMenu { background: #FFFDF8; border: 1px solid #CFC3AC; padding: 4px; }
QMenu::item { padding: 4px 26px 4px 10px; border-radius: 4px; }
QMenu::item:selected { background: #FBE7B5; color: #2A2933; }
QMenu::item:disabled { color: #8C8372; }
QMenu::separator { height: 1px; background: #E2D8C4; margin: 4px 8px; }
QDockWidget { font-weight: 700; }
QDockWidget::title { background: #F7F1E6; padding: 7px 12px 3px 12px; border-top: 1px solid #CFC3AC; }
QToolTip { background: #2A2933; color: #FFFDF8; border: none; padding: 5px 8px; }
QTreeView, QListView { background: #F7F1E6; border: none; outline: none; }
QTreeView::item, QListView::item { padding: 2px 0; border: 1px solid transparent; }
QTreeView::item:hover, QListView::item:hover { background: #F3E8D2; }
QTreeView::item:selected, QListView::item:selected {
  background: #FBE7B5; color: #2A2933; border-top: 1px solid #E8A317; border-bottom: 1px solid #E8A317; }
QTreeView::branch { background: transparent; }
QTreeView::branch:has-children:closed { image: url(ICONS/chevron-right.svg); }
QTreeView::branch:has-children:open { image: url(ICONS/chevron-down.svg); }
QLineEdit, QDoubleSpinBox, QComboBox {
  background: #FFFDF8; border: 1px solid #CFC3AC; border-radius: 5px; padding: 2px 7px; min-height: 20px;
  selection-background-color: #E8A317; selection-color: #2A2933; }
QLineEdit:focus, QDoubleSpinBox:focus, QComboBox:focus { border: 2px solid #E8A317; padding: 1px 6px; }
QLineEdit:disabled, QDoubleSpinBox:disabled, QComboBox:disabled { background: #F1EADC; color: #8C8372; }
QAbstractSpinBox QLineEdit, QAbstractSpinBox QLineEdit:focus {
  border: none; padding: 0 7px; background: transparent; min-height: 0; }
QTreeView QLineEdit { padding: 0 3px; min-height: 18px; }
QDoubleSpinBox::up-button { subcontrol-origin: border; subcontrol-position: top right; width: 1px; height: 1px; border: none; }
QDoubleSpinBox::down-button { subcontrol-origin: border; subcontrol-position: bottom right; width: 1px; height: 1px; border: none; }
QComboBox::drop-down { border: none; width: 18px; }
QComboBox::down-arrow { image: url(ICONS/chevron-down.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: #FFFDF8; border: 1px solid #CFC3AC; }
QPushButton, QToolButton {
  background: #FFFDF8; border: 1px solid #CFC3AC; border-radius: 6px; padding: 4px 12px; color: #2A2933; }
QToolButton { padding: 3px 6px; }
QPushButton:hover, QToolButton:hover { background: #FBF0D3; border-color: #B9A983; }
QPushButton:pressed, QToolButton:pressed { background: #F3E2B6; }
QPushButton:focus, QToolButton:focus { border: 2px solid #E8A317; padding: 3px 11px; }
QToolButton:focus { padding: 2px 5px; }
QPushButton:disabled, QToolButton:disabled { background: #F1EADC; color: #8C8372; border-color: #DDD3BF; }
QPushButton#main { background: #B8432B; border: 1px solid #8F3320; color: ON_MAIN; font-weight: 700; padding: 6px 14px; }
QPushButton#main:hover { background: #A43A24; }
QPushButton#main:focus { border: 2px solid #2A2933; padding: 5px 13px; }
QPushButton#main:disabled { background: #D9C8BC; border-color: #CDBBAE; color: #6E655C; }
QToolButton#plain { border: 1px solid transparent; background: transparent; }
QToolButton#plain:hover { background: #FBF0D3; }
QToolButton#tool { border: 1px solid transparent; background: transparent; padding: 4px 9px; border-radius: 6px; }
QToolButton#tool:hover { background: #FBF0D3; }
QToolButton#tool:checked { background: #FBE7B5; border: 1px solid #E8A317; }
QToolButton#tool:focus { border: 2px solid #E8A317; padding: 3px 8px; }
QFrame#toolrow { background: #FBF7EE; border: 1px solid #CFC3AC; border-radius: 9px; }
QFrame#hints { background: #F7F1E6; border-top: 1px solid #CFC3AC; }
QFrame#popover { background: #FFFDF8; border: 1px solid #B9A983; border-radius: 8px; }
QToolBar#stations { border: none; padding: 0; background: #EDE4D3; }
QScrollArea#diagram { background: #F7F1E6; }
QFrame#popover QScrollArea, QFrame#popover QScrollArea > QWidget > QWidget { background: #FFFDF8; }
QDialog { background: #F7F1E6; }
QLabel#quiet { color: #625B51; }
QLabel#title { font-weight: 700; }
QScrollBar:vertical { background: transparent; width: 11px; margin: 2px; }
QScrollBar::handle:vertical { background: #D8CBB2; border-radius: 3px; min-height: 28px; }
QScrollBar::handle:vertical:hover { background: #BFAE8D; }
QScrollBar:horizontal { background: transparent; height: 11px; margin: 2px; }
QScrollBar::handle:horizontal { background: #D8CBB2; border-radius: 3px; min-width: 28px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QScrollArea { border: none; background: transparent; }
QCheckBox { spacing: 7px; }
""".replace("ICONS", (ASSETS / "icons").as_posix())
