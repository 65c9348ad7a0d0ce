"""A head that turns: its face laid on a ball in pencil, then made as a pad whose stops can be posed anew."""

from umbrite.art.faces.face_pieces import Face, face_of
from umbrite.art.faces.head_turn import make_head_turn
from umbrite.desk.session.drafts import HeadDraft
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS, REHEARSE
from umbrite.desk.theme.language import tr


def needs_head(session: Session) -> str:
    if session.selection.of("joint"):
        return ""
    return tr("Select the head first, or all pieces of the face.")


def head_turn(session: Session) -> None:
    """Lay the selected head's face on a ball, in pencil; asked again, make the pad that turns it."""
    if session.drafts.now.head is not None and session.workspace.station is CONTROLS:
        make(session)
        return
    puppet, keys = session.puppet, session.selection.of("joint")
    art = {part.drawing.sha256 for part in puppet.parts.values()}
    pictures = {sha256: session.file.pictures.pixels(sha256) for sha256 in art}
    face = face_of(puppet, keys, pictures)
    session.workspace.go_to(CONTROLS)
    session.drafts.put(session.drafts.now._replace(head=HeadDraft(puppet, face)))
    session.say(
        tr(
            "A head {view}, {sure} sure. Click a piece to leave it out; Enter makes the head turn, Esc discards it.",
            view=_view(face),
            sure=f"{face.sure:.0%}",
        )
    )


def _view(face: Face) -> str:
    views = {"front": tr("from the front"), "half profile": tr("in half profile"), "profile": tr("in profile")}
    return views[face.view]


def make(session: Session) -> None:
    """The pad, as one step of undo."""
    draft = session.drafts.now.head
    if draft is None:
        return
    kept = tuple(piece for i, piece in enumerate(draft.face.pieces) if i not in draft.left_out)
    gone = {draft.face.pieces[i].joint for i in draft.left_out}
    face = draft.face._replace(pieces=kept, loose=tuple(key for key in draft.face.loose if key not in gone))
    puppet, pad = make_head_turn(session.puppet, face)
    session.drafts.put(session.drafts.now._replace(head=None))
    session.edit(tr("Make a head turn"), puppet=puppet)
    session.workspace.go_to(REHEARSE)
    session.selection.select([pad])
    session.say(tr("Drag the pad to turn the head. Correct any of its poses with Pose at this value."))


def discard(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(head=None))
    session.say(tr("The head turn was discarded; nothing was made."))


def leave_or_take(session: Session, number: int) -> None:
    """Leave a piece of the face out of the turn, or take it again."""
    draft = session.drafts.now.head
    if draft is None:
        return
    left = draft.left_out ^ {number}
    session.drafts.put(session.drafts.now._replace(head=draft._replace(left_out=left)))
    name = session.puppet.parts[draft.face.pieces[number].parts[0]].name
    words = tr("{name} stays as it is when the head turns.", name=name)
    session.say(words if number in left else tr("{name} turns with the head.", name=name))
