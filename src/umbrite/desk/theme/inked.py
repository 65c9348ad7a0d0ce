"""A painter that knows the theme it paints in."""

from PySide6.QtGui import QPaintDevice, QPainter

from umbrite.desk.theme.themes import Theme


class Inked(QPainter):
    """See the module. What is given to paint with finds its colours at `theme`."""

    def __init__(self, on: QPaintDevice, theme: Theme) -> None:
        super().__init__(on)
        self.theme = theme
