"""A face laid on a ball, in pencil: the ball's outline and lines, and a ring on each piece that turns."""

from PySide6.QtCore import QPointF, Qt

from umbrite.art.faces.face_pieces import FacePiece, Role
from umbrite.art.faces.head_turn import ball_lines
from umbrite.desk.board.overlay.sight import Sight
from umbrite.desk.theme import look, marks
from umbrite.desk.theme.inked import Inked
from umbrite.desk.theme.language import tr


def paint(painter: Inked, sight: Sight) -> None:
    draft = sight.session.drafts.now.head
    if draft is None or not sight.session.workspace.station.controls:
        return
    camera, parts = sight.camera, sight.session.puppet.parts
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for line in ball_lines(draft.face):
        points = [camera.point(z) for z in line]
        for colour, width, style in (
            (look.with_alpha(painter.theme.paper, 210), 3.6, Qt.PenStyle.SolidLine),
            (painter.theme.ink, 1.4, Qt.PenStyle.DashLine),
        ):
            painter.setPen(marks.pen(colour, width, style))
            painter.drawPolyline(points)
    for number, piece in enumerate(draft.face.pieces):
        hot = sight.hover is not None and sight.hover.kind == "face piece" and sight.hover.key == str(number)
        painter.setOpacity(0.35 if number in draft.left_out else 1.0)
        at = camera.point(piece.middle)
        marks.paint_proposed_pivot(painter, at, sure=piece.named or piece.role == "feature", hot=hot)
        painter.setOpacity(1.0)
        if hot:
            words = tr("left out") if number in draft.left_out else _role(piece)
            marks.label(painter, at + QPointF(12, 0), f"{parts[piece.parts[0]].name}: {words}", sight.within)


def _role(piece: FacePiece) -> str:
    words: dict[Role, str] = {
        "feature": tr("on the face"), "nose": tr("stands out"), "ear": tr("at the side"), "hat": tr("on top"),
        "hair": tr("hair in front"), "back": tr("behind the head"),
    }  # fmt: skip
    return words[piece.role]
