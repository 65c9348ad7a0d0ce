"""Cuts that are proposed over a part: a dashed line across it at the head of each bone, with a knob to leave it out."""

from PySide6.QtCore import Qt

from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.theme import marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr

FAINT = 0.3  # of what is left out


def paint(painter: Inked, sight: Sight) -> None:
    """All proposed cuts, the bones that they lie at as thin lines."""
    session = sight.session
    draft = session.drafts.now.cuts
    if draft is None:
        return
    puppet = session.puppet
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for bone in (draft.root, *(cut.bone for cut in draft.cuts)):
        tip = puppet.joints[bone].tip
        if tip is not None:
            painter.setPen(marks.pen(painter.theme.quiet, 1.2, Qt.PenStyle.DotLine))
            painter.drawLine(sight.camera.point(puppet.joints[bone].pivot.z), sight.camera.point(tip.z))
    for i, cut in enumerate(draft.cuts):
        hot = sight.hover is not None and (sight.hover.kind, sight.hover.key) == ("proposed cut", str(i))
        one, other = (sight.camera.point(z) for z in cut.ends)
        painter.setOpacity(FAINT if cut.left_out else 1.0)
        for colour, width in ((painter.theme.paper, 4.4), (painter.theme.vermilion, 2.2)):
            painter.setPen(marks.pen(colour, width, Qt.PenStyle.DashLine))
            painter.drawLine(one, other)
        marks.paint_proposed_pivot(painter, (one + other) / 2, sure=not cut.left_out, hot=hot)
        painter.setOpacity(1.0)
        if hot:
            name = puppet.joints[cut.bone].name
            marks.label(
                painter, sight.pointer, tr("{words}, left out", words=name) if cut.left_out else name, sight.within
            )
