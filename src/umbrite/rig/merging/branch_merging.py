"""A whole puppet brought into another one: everything under new ids, names kept apart, in other proportions where wanted.

What is brought is a puppet, such as a branch that was taken alone; it refers to nothing outside. Its poses and takes come along, its stages do
not. Nothing that was there changes.
"""

from collections.abc import Mapping
from typing import NamedTuple

from msgspec.structs import replace

from umbrite.rig.change import get_joint, new_id, require_finite
from umbrite.rig.document import Document
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.family import by_parent
from umbrite.rig.ids import FIELDS, Kind
from umbrite.rig.merging.rewiring import Copies, Names, Transform, copied_settings, copied_take, copied_things
from umbrite.rig.model import Puppet, SavedPose, point
from umbrite.rig.words.names import unique

LEAST_SCALE, MOST_SCALE = 1e-3, 1e3
# In this order ids are given, so that the same graft gives the same ids.
KINDS: tuple[Kind, ...] = ("joint", "part", "limb", "set", "control", "link", "guest", "shape", "response")


class Merged(NamedTuple):
    """The document with what was brought, and the new id of each thing of it."""

    document: Document
    ids: dict[str, str]


def merge(
    document: Document,
    other: Document,
    transform: Transform | None = None,
    onto: str | None = None,
    at: int | None = None,
) -> Merged:
    """Bring another puppet in, scaled and shifted by `way` (board pixels), its free joints hanging from `onto`; its parts together at
    the place `at` in the draw order (None: in front).

    Raises RigError for an empty puppet, a joint that is not there, and proportions beyond all bounds.
    """
    puppet, transform = document.puppet, transform or Transform()
    require_finite(transform.shift, what="The place of what is brought in")
    if not LEAST_SCALE <= transform.scale <= MOST_SCALE:
        raise RigError("What is inserted can be a thousandth to a thousand times as large. Choose a scale in between.")
    if onto is not None:
        get_joint(puppet, onto)
    if not other.puppet.joints:
        raise RigError("What should be inserted is empty. Choose a puppet or a branch with parts.")
    transform = transform._replace(shift=point(transform.shift).z)
    puppet, ids = with_ids(puppet, other.puppet, {})
    made = copies(other.puppet, ids, transform, Names(puppet, sides=False))
    for key in by_parent(other.puppet.joints).get(None, []):
        made["joints"][ids[key]] = replace(made["joints"][ids[key]], parent=onto)
    puppet = replace(puppet, **{field: {**getattr(puppet, field), **items} for field, items in made.items()})
    place = len(puppet.order) if at is None else max(0, min(at, len(puppet.order)))
    brought = tuple(ids[key] for key in other.puppet.order)
    puppet = replace(
        puppet,
        order=(*puppet.order[:place], *brought, *puppet.order[place:]),
        poses=(*puppet.poses, *copied_poses(puppet, other.puppet.poses, ids, transform.scale)),
    )
    refuse_circles(puppet)
    takes = list(document.takes)
    for take in other.takes:
        name = unique(take.name, [each.name for each in takes])
        takes.append(replace(copied_take(take, ids, transform.scale), name=name))
    return Merged(replace(document, puppet=puppet, takes=tuple(takes)), ids)


def with_ids(puppet: Puppet, other: Puppet, known: Mapping[str, str]) -> tuple[Puppet, dict[str, str]]:
    """Ids in the puppet for all things of another one: those that are known, else fresh ones, which the puppet does not give again."""
    ids: dict[str, str] = {}
    for kind in KINDS:
        for key in getattr(other, FIELDS[kind]):
            if key in known:
                ids[key] = known[key]
            else:
                puppet, ids[key] = new_id(puppet, kind)
    return puppet, ids


def copies(other: Puppet, ids: Mapping[str, str], transform: Transform, names: Names) -> Copies:
    """All things of a puppet under other ids, by field: rewired, in the proportions of `way`, under names that are not taken.

    Free joints stay free; what shares a drawing does so with its own kind.
    """
    made = copied_things(other, ids, transform, names)
    sharing: dict[str, str] = {}
    for key, part in other.parts.items():
        if part.shares:
            sharing.setdefault(part.shares, ids[key])
            made["parts"][ids[key]] = replace(made["parts"][ids[key]], shares=sharing[part.shares])
    return made


def copied_poses(
    puppet: Puppet, poses: tuple[SavedPose, ...], ids: Mapping[str, str], scale: float
) -> tuple[SavedPose, ...]:
    """Poses of another puppet for the shelf of this one: about what was brought alone, under names that are not taken."""
    taken, made = [pose.name for pose in puppet.poses], []
    for pose in poses:
        name = unique(pose.name, taken)
        taken.append(name)
        about = tuple(ids[key] for key in pose.about if key in ids) or tuple(sorted(ids.values()))
        made.append(replace(pose, name=name, channels=copied_settings(pose.channels, ids, scale), about=about))
    return tuple(made)
