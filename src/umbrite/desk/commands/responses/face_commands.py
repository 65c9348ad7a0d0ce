"""A head that turns: its face laid on a ball in pencil, then made as a pad whose stops can be posed anew."""

from umbrite.art.faces.face_pieces import Face, face_of
from umbrite.art.faces.face_set import ITEMS, Item, items_for, make_face_set
from umbrite.desk.commands.labels import some_names
from umbrite.desk.session.drafts import HeadDraft
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import CONTROLS, REHEARSE
from umbrite.desk.theme.language import tr
from umbrite.rig.errors import RigError


def needs_head(session: Session) -> str:
    if session.selection.of("joint"):
        return ""
    return tr("Select the head first, or all pieces of the face.")


def head_turn(session: Session) -> None:
    """Lay the selected head's face on a ball, in pencil; asked again, make the pad that turns it."""
    _begin(session, ("Head turn",))


def face_set(session: Session) -> None:
    """The same for a whole set of controls: head turn, lids, brows, gaze and mouth, as far as the face has them."""
    _begin(session, ITEMS)


def _begin(session: Session, wanted: tuple[Item, ...]) -> None:
    if session.drafts.now.head is not None and session.workspace.station is CONTROLS:
        make(session)
        return
    puppet, keys = session.puppet, session.selection.of("joint")
    art = {part.drawing.sha256 for part in puppet.parts.values()}
    pictures = {sha256: session.file.pictures.pixels(sha256) for sha256 in art}
    face = face_of(puppet, keys, pictures)
    session.workspace.go_to(CONTROLS)
    items = items_for(puppet, face)
    draft = HeadDraft(puppet, face, items, frozenset(wanted) & frozenset(items))
    session.drafts.put(session.drafts.now._replace(head=draft))
    session.say(
        tr(
            "A head {view}, {sure} sure. Click a piece to leave it out; Enter makes what is ticked, Esc discards it.",
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
    puppet, made = make_face_set(session.puppet, face, draft.wanted)
    if not made:
        raise RigError(tr("Nothing is ticked. Tick what shall be made for this face, or press Esc."))
    session.drafts.put(session.drafts.now._replace(head=None))
    names = some_names([puppet.controls[key].name for key in made])
    session.edit(tr("Make {names} for a face", names=names), puppet=puppet)
    session.workspace.go_to(REHEARSE)
    session.selection.select(made[:1])
    session.say(tr("{names}: drag the beads. Correct any of their poses with Pose at this value.", names=names))


def discard(session: Session) -> None:
    session.drafts.put(session.drafts.now._replace(head=None))
    session.say(tr("The head turn was discarded; nothing was made."))


def want(session: Session, item: Item, *, on: bool) -> None:
    """Tick what shall be made, or not."""
    draft = session.drafts.now.head
    if draft is not None:
        wanted = draft.wanted | {item} if on else draft.wanted - {item}
        session.drafts.put(session.drafts.now._replace(head=draft._replace(wanted=wanted)))


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
