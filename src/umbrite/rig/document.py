"""The document: what is open, undone, saved and recovered. What moves a puppet stands beside it, so that it never recompiles the plan."""

from collections.abc import Mapping
from operator import is_not
from typing import Any, TypeVar, cast

from msgspec.structs import replace

from umbrite.rig.channels import known_only
from umbrite.rig.model import EMPTY_POSE, Pose, Puppet, Value
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import known_takes

T = TypeVar("T")


class Version(Value, frozen=True, omit_defaults=True):
    """The work as it once stood, under a name: when it was kept, as ISO 8601 in UTC, and the fingerprint of its picture.

    Files keep its document and its picture beside the puppet; its art is that of the file.
    """

    name: str
    kept: str = ""
    picture: str = ""
    document: "Document | None" = None


class Document(Value, frozen=True, rename={"versions": "stages"}):
    """A puppet, the pose it was left in (its channels that are not at rest), its takes, and versions of the work.

    The documents of stages have no stages.
    """

    puppet: Puppet = Puppet()
    pose: Pose = EMPTY_POSE
    takes: tuple[Take, ...] = ()
    versions: tuple[Version, ...] = ()


def apart(value: T) -> T:
    """The same value with mappings of its own, which whoever gets it may change without changing this one."""
    made: Any = value
    if isinstance(value, Mapping):
        made = {key: apart(each) for key, each in value.items()}
    elif isinstance(value, tuple) and type(value) is tuple:
        found = tuple(map(apart, value))
        made = found if any(map(is_not, found, value)) else value
    elif isinstance(value, Value):
        fields = {field: apart(getattr(value, field)) for field in value.__struct_fields__}
        others = {field: each for field, each in fields.items() if each is not getattr(value, field)}
        made = replace(value, **others) if others else value
    return cast("T", made)


def with_what_is_same(puppet: Puppet, before: Puppet) -> Puppet:
    """A puppet in which each field that equals that of another one is that very object."""
    fields = {field: getattr(before, field) for field in before.__struct_fields__}
    return replace(puppet, **{field: each for field, each in fields.items() if getattr(puppet, field) == each})


def settled(document: Document, before: Document) -> Document:
    """A document as it is kept after an edit: its pose and takes without channels of things that are gone.

    What equals what was there before is that very object, so that views can tell by identity what has changed.
    """
    puppet = before.puppet if document.puppet == before.puppet else document.puppet
    pose = known_only(document.pose, puppet)
    takes = before.takes if document.takes == before.takes else document.takes
    takes = known_takes(takes, puppet)
    versions = before.versions if document.versions == before.versions else document.versions
    if puppet is before.puppet and pose == before.pose and takes is before.takes and versions is before.versions:
        return before
    kept = replace(document, puppet=puppet, pose=pose, takes=takes, versions=versions)
    same = all(getattr(kept, field) is getattr(document, field) for field in document.__struct_fields__)
    return document if same else kept
