"""The document: what is open, undone, saved and recovered. What moves a puppet stands beside it, so that it never recompiles the plan."""

from umbrite.rig.channels import known_only
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet, Value
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import known_takes


class Document(Value, frozen=True):
    """A puppet, the pose in which it was left (what its channels are where they are not at rest), and its takes."""

    puppet: Puppet = Puppet()
    pose: Pose = EMPTY_POSE
    takes: tuple[Take, ...] = ()


def settled(document: Document, before: Document) -> Document:
    """A document as it is kept after an edit: its pose and takes without channels of things that are gone.

    What equals what was there before is that very object, so that views can tell by identity what has changed.
    """
    puppet = before.puppet if document.puppet == before.puppet else document.puppet
    pose = known_only(document.pose, puppet)
    takes = before.takes if document.takes == before.takes else document.takes
    takes = known_takes(takes, puppet)
    if puppet is before.puppet and pose == before.pose and takes is before.takes:
        return before
    return Document(puppet, pose, takes)
