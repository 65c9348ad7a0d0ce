"""How a joint bends, seen while its pivot is dragged: ghosts at both ends of its range, and marks where an end
sticks out or a gap opens.
"""

import math
from typing import NamedTuple

from umbrite.art.masks import Sheet, sheet_of
from umbrite.art.seams import Seam
from umbrite.desk.session.drafts import Ghost
from umbrite.desk.session.session import Session
from umbrite.rig.family import parts_on

SHOWN = math.radians(40)  # how far a joint without a limit is shown turned


MOST_MARKS = 4


class Joined(NamedTuple):
    """A joint with the drawings on both sides of its seam, read once at the beginning of a drag."""

    key: str
    ends: tuple[float, float]
    child: Sheet | None
    parent: Sheet | None
    shift: complex  # from rest to where it is shown, as when fanned out


def joined(session: Session, key: str) -> Joined:
    puppet = session.puppet
    joint = puppet.joints[key]
    limit = joint.limit
    ends = (-SHOWN, SHOWN) if limit is None else (max(limit.smallest, -2.0), min(limit.largest, 2.0))
    shift = complex(session.placed.joint_map(key).t)
    return Joined(
        key, ends, _sheet(session, key), None if joint.parent is None else _sheet(session, joint.parent), shift
    )


def _sheet(session: Session, key: str) -> Sheet | None:
    """The largest drawing on a joint."""
    puppet = session.puppet
    parts = [puppet.parts[part] for part in parts_on(puppet, key)]
    if not parts:
        return None
    part = max(parts, key=lambda part: part.drawing.width * part.drawing.height)
    return sheet_of(session.file.pictures.pixels(part.drawing.sha256), part.placement)


def ghosts(bend: Joined, pivot: complex) -> tuple[Ghost, ...]:
    """The branch turned to both ends about a pivot at rest."""
    return tuple(Ghost(bend.key, pivot + bend.shift, turn) for turn in bend.ends if abs(turn) > 1e-3)


def marks(bend: Joined, pivot: complex) -> tuple[tuple[complex, bool], ...]:
    """Where ends stick out, or (True) a gap opens, at both ends of the range."""
    if bend.child is None or bend.parent is None:
        return ()
    seam = Seam(bend.child, bend.parent, pivot)
    found = sorted((fault for turn in bend.ends for fault in seam.faults(turn)), key=lambda fault: -fault.area)
    return tuple((fault.at + bend.shift, fault.kind == "gap") for fault in found[:MOST_MARKS])
