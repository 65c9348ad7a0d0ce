"""Pictures that are kept because they are slow to draw, forgotten together when their colours change."""

from umbrite.desk import thumbnails
from umbrite.desk.overlay import marks, shapes


def forget_pictures() -> None:
    """Let everything that is kept be drawn anew."""
    marks.forget_pictures()
    shapes.forget_pictures()
    thumbnails.forget_pictures()
