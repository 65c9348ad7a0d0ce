"""The themes: every colour of the desk as one value, by day and by night. It is handed to whatever paints."""

from collections.abc import Iterable
from functools import cache
from typing import NamedTuple

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor

from umbrite.rig.model import Side
from umbrite.rig.words.names import tells_left_and_right

# A second sign for each side, so that nobody needs the colour.
SIDE_STROKE: dict[Side, Qt.PenStyle] = {
    "near": Qt.PenStyle.SolidLine,
    "far": Qt.PenStyle.DashLine,
    "middle": Qt.PenStyle.SolidLine,
}
SIDE_WORD: dict[Side, str] = {"near": "Near side", "far": "Far side", "middle": "Middle"}
# Art whose names speak of left and right: the right side counts as the near one.
LEFT_AND_RIGHT: dict[Side, str] = {"near": "Right side", "far": "Left side", "middle": "Middle"}


def side_words(names: Iterable[str]) -> dict[Side, str]:
    """The words for the sides in the way in which these names tell them."""
    return LEFT_AND_RIGHT if tells_left_and_right(names) else SIDE_WORD


LABELS = ("amber", "moss", "teal", "plum", "brick", "ink")


class Theme(NamedTuple):
    """Colours by what they are or do. `shine` lightens the paper of controls, in percent: picked ones, and others."""

    name: str
    title: str
    shine: tuple[int, int]
    oat: QColor
    panel: QColor
    line: QColor
    ink: QColor
    quiet: QColor  # words that stand back
    linen: QColor
    paper: QColor
    selected: QColor
    selected_pale: QColor
    vermilion: QColor  # the main thing to do
    ochre: QColor
    plum: QColor
    teal: QColor
    moss: QColor
    amber: QColor
    brick: QColor
    brass: QColor
    brass_pale: QColor
    brass_dark: QColor
    dim: QColor  # what can't be used
    board: QColor  # beside the canvas
    ground: QColor  # the line it stands on
    tray: QColor
    rule: QColor
    row_hover: QColor
    hover: QColor
    pressed: QColor
    edge: QColor
    unusable: QColor
    unusable_line: QColor
    unusable_icon: QColor
    handle: QColor  # of scroll bars
    handle_hover: QColor
    on_selected: QColor  # words on the playhead's colour
    on_main: QColor  # words on the main button

    def side(self, side: Side) -> QColor:
        """The colour of a side of the body."""
        return {"near": self.ochre, "far": self.plum, "middle": self.teal}[side]

    def label(self, name: str) -> QColor | None:
        """One of LABELS as a colour; None for what is none of them."""
        colours = (self.amber, self.moss, self.teal, self.plum, self.brick, self.ink)
        return dict(zip(LABELS, colours, strict=True)).get(name)

    def colours(self) -> dict[str, QColor]:
        """All colours by name."""
        return {name: value for name, value in self._asdict().items() if isinstance(value, QColor)}


def _theme(name: str, title: str, shine: tuple[int, int], **colours: str) -> Theme:
    return Theme(name, title, shine, **{each: QColor(value) for each, value in colours.items()})


# fmt: off
DAY = _theme(
    "day", "Paper by day", (165, 140),
    oat="#EDE4D3", panel="#F7F1E6", line="#CFC3AC", ink="#2A2933", quiet="#625B51", linen="#FBF8F1",
    paper="#FFFDF8", selected="#E8A317", selected_pale="#FBE7B5", vermilion="#B8432B", ochre="#B7791F", plum="#6B4E80",
    teal="#1F6F6B", moss="#5C7A3A", amber="#C98A1B", brick="#9E2F2F", brass="#D9A441", brass_pale="#F6DFA4",
    brass_dark="#8A6420", dim="#8C8372", board="#F2EAD9", ground="#C9BDA6", tray="#FBF7EE", rule="#E2D8C4",
    row_hover="#F3E8D2", hover="#FBF0D3", pressed="#F3E2B6", edge="#B9A983", unusable="#F1EADC",
    unusable_line="#DDD3BF", unusable_icon="#B5AA95", handle="#D8CBB2", handle_hover="#BFAE8D",
    on_selected="#2A2933", on_main="#FFFDF8",
)
# The same hues after dark.
NIGHT = _theme(
    "night", "Paper by night", (104, 104),
    oat="#23212B", panel="#2C2A35", line="#4B4757", ink="#EFE7D7", quiet="#BDB3A2", linen="#484454",
    paper="#353240", selected="#E8A317", selected_pale="#574722", vermilion="#E2755C", ochre="#E2AC50", plum="#BFA3D8",
    teal="#5FBBB4", moss="#93B56B", amber="#C98A1B", brick="#E47F78", brass="#D9A441", brass_pale="#F6DFA4",
    brass_dark="#8A6420", dim="#8E8698", board="#201E27", ground="#5B5668", tray="#302E39", rule="#433F4E",
    row_hover="#38353F", hover="#4A4030", pressed="#5C4B26", edge="#6A6374", unusable="#2E2C36",
    unusable_line="#3D3A46", unusable_icon="#B5AA95", handle="#565163", handle_hover="#6D6778",
    on_selected="#2A2933", on_main="#FFFDF8",
)
# fmt: on
THEMES = {theme.name: theme for theme in (DAY, NIGHT)}


# How bright the board is, apart from the theme: dark art is seen on a pale one, pale art on a dark one.
BOARDS = {"theme": "As the theme has it", "pale": "Pale", "middle": "Middle grey", "dark": "Dark"}
_BOARDS = {  # beside the canvas, the canvas, the ground line
    "pale": (DAY.board, DAY.linen, DAY.ground),
    "middle": (QColor("#7F7B76"), QColor("#9A958E"), QColor("#5A5650")),
    "dark": (NIGHT.board, QColor("#33303C"), NIGHT.ground),
}


@cache
def theme_named(name: str, board: str = "theme") -> Theme:
    """A theme by its name, with one of BOARDS; by day where there is none of that name. The same object each time."""
    theme = THEMES.get(name, DAY)
    if board not in _BOARDS:
        return theme
    beside, canvas, ground = _BOARDS[board]
    return theme._replace(board=beside, linen=canvas, ground=ground)
