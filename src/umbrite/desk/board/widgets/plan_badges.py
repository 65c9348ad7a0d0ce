"""The small signs of a plan's figure that are turned by a click: to which side each limb bends, and which ends stand on the ground."""

import itertools
from collections.abc import Mapping, Sequence
from typing import Literal, NamedTuple

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QPolygonF

from umbrite.art.building.body_plan import Place
from umbrite.art.building.plan_limbs import SIDES, bulge_of, limb_key, way_of
from umbrite.art.building.plan_rig import pivot_between
from umbrite.desk.session.drafts import PlanDraft
from umbrite.desk.theme import marks
from umbrite.desk.theme.inked import Inked
from umbrite.rig.placement import middle_of_part
from umbrite.rig.remembered import remembered_by

SIZE = 17.0


class Badge(NamedTuple):
    """A sign: of which limb, what it tells, where it lies, the way that it points, and whether it holds."""

    limb: str
    kind: Literal["bend", "ground"]
    box: QRectF
    way: complex
    on: bool
    name: str  # of the place beside which it stands


def badges_of(draft: PlanDraft, boxes: Mapping[str, QRectF]) -> list[Badge]:
    """The signs beside the cards of a figure; `boxes` are the cards by their places."""
    if draft.rig is not None:
        return []
    found = []
    for limb in draft.filled.plan.limbs:
        for side in SIDES:
            way, key = way_of(draft.filled, limb, side), limb_key(limb, side)
            if len(way) < 2 or any(place.name not in boxes for place in way):
                continue
            if len(way) > 2:
                bulge = bulge_of(_pivots(draft, way), limb, draft.filled.facing)
                bulge = -bulge if key in draft.wishes.turned else bulge
                middle = way[(len(way) - 1) // 2]
                found.append(Badge(key, "bend", _beside(boxes[middle.name], bulge), bulge, True, middle.name))
            stands = limb.planted != (key in draft.wishes.replanted)
            found.append(Badge(key, "ground", _beside(boxes[way[-1].name], 1j), 1j, stands, way[-1].name))
    return found


def _pivots(draft: PlanDraft, way: Sequence[Place]) -> list[complex]:
    """Where a limb turns, from its root to its end."""
    return _known_pivots(draft)[tuple(place.name for place in way)]


@remembered_by(lambda draft: (draft.puppet, draft.pieces, draft.filled))
def _known_pivots(draft: PlanDraft) -> dict[tuple[str, ...], list[complex]]:
    found, filled = {}, draft.filled
    for limb in filled.plan.limbs:
        for side in SIDES:
            way = way_of(filled, limb, side)
            parts = [filled.pieces[place.name] for place in way]
            if len(parts) > 1:
                above = filled.pieces.get(way[0].on)
                root = (
                    pivot_between(draft.puppet, draft.pieces, parts[0], above)
                    if above is not None
                    else middle_of_part(draft.puppet.parts[parts[0]])
                )
                below = [
                    pivot_between(draft.puppet, draft.pieces, part, parent)
                    for parent, part in itertools.pairwise(parts)
                ]
                found[tuple(place.name for place in way)] = [root, *below]
    return found


def _beside(card: QRectF, way: complex) -> QRectF:
    """A place on the edge of a card, on the side to which the sign points."""
    reach = max(abs(way.real), abs(way.imag), 1e-9)
    middle = card.center() + QPointF(way.real / reach * card.width() / 2, way.imag / reach * card.height() / 2)
    return QRectF(middle.x() - SIZE / 2, middle.y() - SIZE / 2, SIZE, SIZE)


def paint(painter: Inked, badges: Sequence[Badge], hot: Badge | None) -> None:
    """All signs; the one under the pointer lit."""
    for badge in badges:
        lit = hot is not None and (badge.limb, badge.kind) == (hot.limb, hot.kind)
        painter.setBrush(painter.theme.selected_pale if lit else painter.theme.paper)
        painter.setPen(marks.pen(painter.theme.selected if lit else painter.theme.quiet, 1.2))
        painter.drawEllipse(badge.box.adjusted(1, 1, -1, -1))
        if badge.kind == "bend":
            _arrow(painter, badge)
        else:
            _ground(painter, badge)


def _arrow(painter: Inked, badge: Badge) -> None:
    middle, way = badge.box.center(), badge.way / abs(badge.way)
    tip, back = way * 6.0, -way * 4.6
    points = [tip, back + way * 1j * 3.4, -way * 2.2, back - way * 1j * 3.4]  # an arrow head, slim enough to point
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(painter.theme.ink)
    painter.drawPolygon(QPolygonF([middle + QPointF(z.real, z.imag) for z in points]))


def _ground(painter: Inked, badge: Badge) -> None:
    """A line with strokes below it, as the ground is drawn; one that does not hold is pale and dotted."""
    x, y = badge.box.center().x(), badge.box.center().y()
    style = Qt.PenStyle.SolidLine if badge.on else Qt.PenStyle.DotLine
    painter.setPen(marks.pen(painter.theme.ink if badge.on else painter.theme.quiet, 1.6, style))
    painter.drawLine(QPointF(x - 5, y - 1), QPointF(x + 5, y - 1))
    if badge.on:
        for dx in (-3.5, 0.0, 3.5):
            painter.drawLine(QPointF(x + dx, y), QPointF(x + dx - 2, y + 3.5))
