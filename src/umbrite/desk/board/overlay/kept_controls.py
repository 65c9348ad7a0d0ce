"""The beds of sliders and pads and the rows of choosers' cards as ready pictures: a drag only puts them down."""

from functools import lru_cache
from typing import NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPixmap

from umbrite.desk.theme import look
from umbrite.desk.theme.inked import Inked, blank
from umbrite.desk.theme.marks import pen
from umbrite.desk.theme.themes import SIDE_STROKE, Theme, theme_named
from umbrite.desk.theme.thumbnails import EDGES, variant_card, variant_picture
from umbrite.paint.levels import Pictures
from umbrite.rig.model import Puppet, Side, Variant
from umbrite.rig.remembered import remembered_by

EDGE = 10  # pixels around a bed, for the rounded edge and its stroke
MORE = 18.0  # pixels beside a row of cards, for the dots that tell of more
ROWS = 32  # so many rows of cards are kept


class Bed(NamedTuple):
    """What the bed of a slider or a pad is painted from: half its width, whether it has a value down as well, and where poses are kept on it."""

    theme: str
    half: float
    two_values: bool
    side: Side
    ratio: float
    lit: bool
    notches: tuple[tuple[float, float], ...] = ()  # from the middle, the neutral one first


class Row(NamedTuple):
    """What a row of cards is painted from: the variants seen, which of them shows, a card's width, and whether there are more on either side."""

    variants: tuple[Variant, ...]
    chosen: int
    width: float
    before: bool
    after: bool
    lit: bool
    ratio: float


def paint_bed(painter: Inked, bed: Bed, at: QPointF) -> None:
    """The bed around a widget point; its bead is painted over it."""
    picture = _bed(bed)
    size = picture.deviceIndependentSize()
    painter.drawPixmap(QPointF(round(at.x() - size.width() / 2), round(at.y() - size.height() / 2)), picture)


@lru_cache(maxsize=128)
def _bed(bed: Bed) -> QPixmap:
    tall = bed.half if bed.two_values else 5.0
    picture, painter = blank(theme_named(bed.theme), 2 * (bed.half + EDGE), 2 * (tall + EDGE), bed.ratio)
    theme, middle = painter.theme, QPointF(bed.half + EDGE, tall + EDGE)
    box = QRectF(EDGE - 6, EDGE - 6, 2 * bed.half + 12, 2 * tall + 12)
    painter.setPen(pen(theme.selected if bed.lit else theme.paper, 4.2))
    painter.setBrush(look.with_alpha(theme.paper, 215))
    painter.drawRoundedRect(box, 8, 8)
    painter.setPen(pen(theme.ink, 1.6, SIDE_STROKE[bed.side]))
    painter.drawRoundedRect(box, 8, 8)
    painter.setPen(pen(look.with_alpha(theme.ink, 130), 1.4))
    across, down = QPointF(bed.half, 0), QPointF(0, bed.half if bed.two_values else 5.0)
    painter.drawLine(middle - across, middle + across)
    painter.drawLine(middle - down, middle + down)
    for number, (x, y) in enumerate(bed.notches):  # a filled mark each, a hollow one at the neutral value
        at = middle + QPointF(x, y)
        painter.setPen(pen(theme.ink, 1.3))
        painter.setBrush(theme.vermilion if number else theme.paper)
        notch = QRectF(at.x() - 2.5, at.y() - 2.5, 5, 5) if bed.two_values else QRectF(at.x() - 2, at.y() - 9, 4, 18)
        painter.drawRoundedRect(notch, 1.5, 1.5)
    painter.end()
    return picture


def painted_row(theme: Theme, pictures: Pictures, puppet: Puppet, row: Row) -> QPixmap:
    """A row of cards with their thumbnails, `MORE` pixels free at either end."""
    picture, painter = blank(theme, len(row.variants) * row.width + 2 * MORE, row.width + 1, row.ratio)
    for i in range(len(row.variants)):
        painter.drawPixmap(QPointF(MORE + i * row.width, 0), card_of(theme, pictures, puppet, row, i))
    paint_more(painter, QRectF(MORE, 0, len(row.variants) * row.width, row.width), before=row.before, after=row.after)
    painter.end()
    return picture


def _row_of(theme: Theme, pictures: Pictures, puppet: Puppet, row: Row) -> tuple[object, ...]:
    return theme, pictures, puppet.parts, puppet.joints, puppet.sets, puppet.order, tuple(row)


@remembered_by(_row_of, latest=ROWS)
def kept_row(theme: Theme, pictures: Pictures, puppet: Puppet, row: Row) -> QPixmap:
    """The same, once all drawings are there: painted once for each look."""
    return painted_row(theme, pictures, puppet, row)


def card_of(theme: Theme, pictures: Pictures, puppet: Puppet, row: Row, place: int) -> QPixmap:
    """One card of a row with its thumbnail."""
    size = max(int(row.width), 12)
    picture = variant_picture(theme, pictures, puppet, row.variants[place], max(size - EDGES, 8))
    return variant_card(theme, picture, size, lit=row.lit, chosen=place == row.chosen)


def paint_more(painter: Inked, row: QRectF, *, before: bool, after: bool) -> None:
    """Three dots at each end of a row beyond which there are more."""
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(painter.theme.dim)
    for more, x, way in ((before, row.left(), -1), (after, row.right(), 1)):
        for dot in range(3 if more else 0):
            painter.drawEllipse(QPointF(x + way * (5 + 5 * dot), row.center().y()), 1.5, 1.5)
