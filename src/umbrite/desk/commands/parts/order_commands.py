"""The draw order, changed for what is selected: in Takes it is keyed, elsewhere it is that of rest."""

from collections.abc import Iterable

from umbrite.desk.commands.labels import label_of
from umbrite.desk.commands.parts.locks import unlocked
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.motion.passing import passed, stepped
from umbrite.rig.edits.parts import reorder, step_order
from umbrite.rig.model import Pose


def put_before(session: Session, step: str, keys: Iterable[str], place: int) -> None:
    """Put parts in front of those at places below `place`: at rest, or in a take from the playhead on."""
    chosen = unlocked(session.puppet, keys)
    if session.workspace.station.timed:
        _key(session, step, chosen, passed(session.placed, session.pose, chosen, place))
    else:
        session.edit(step, puppet=reorder(session.puppet, chosen, place))


def _key(session: Session, step: str, keys: list[str], pose: Pose) -> None:
    session.edit(step, pose=pose)
    frame = f"{session.timeline.frame:g}"
    names = label_of(session, keys)
    if session.timeline.keying:
        session.say(
            tr(
                "The draw order of {names} is keyed at frame {frame}, and holds from there on.",
                names=names,
                frame=frame,
            )
        )


def _to_end(session: Session, word: str, *, front: bool) -> None:
    keys = session.selection.of("part")
    put_before(session, tr(word, name=label_of(session, keys)), keys, len(session.puppet.order) if front else 0)


def _one(session: Session, word: str, by: int) -> None:
    keys = unlocked(session.puppet, session.selection.of("part"))
    step = tr(word, name=label_of(session, keys))
    if session.workspace.station.timed:
        _key(session, step, keys, stepped(session.placed, session.pose, keys, by))
    else:
        session.edit(step, puppet=step_order(session.puppet, keys, by))


def to_front(session: Session) -> None:
    _to_end(session, "{name} to the front", front=True)


def to_back(session: Session) -> None:
    _to_end(session, "{name} to the back", front=False)


def one_forward(session: Session) -> None:
    _one(session, "{name} forward", 1)


def one_back(session: Session) -> None:
    _one(session, "{name} back", -1)
