"""Edits that put the rig together otherwise: nothing should move, and what has moved all the same is told."""

from umbrite.desk.session.rest_watch import differing
from umbrite.desk.session.session import Session
from umbrite.rig.model import Puppet


def rewire(session: Session, step: str, puppet: Puppet) -> str:
    """One step of undo, after which poses and takes show what they showed. Returns a sentence about what differs all the same, or nothing."""
    session.edit(step, puppet=puppet)
    last = session.rests.last
    return differing(last.kept, session.puppet) if last is not None else ""
