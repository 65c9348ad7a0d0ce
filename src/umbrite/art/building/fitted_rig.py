"""A rig in the proportions of other art: where its joints, tips, limbs, controls, links, poses, takes and guests go.

Each piece is mapped onto the piece that takes its place by their frames; what carries no drawing is mapped as the whole figure is.
"""

from collections.abc import Callable, Collection, Iterable, Mapping
from typing import NamedTuple, TypeVar

from msgspec.structs import replace

from umbrite.art.building.unmatched import some_of
from umbrite.art.contacts import Pieces
from umbrite.rig.change import change, put
from umbrite.rig.document import Document
from umbrite.rig.family import children, in_guests, parts_on
from umbrite.rig.ids import owner_of
from umbrite.rig.limb_shape import drawn_bend, limb_tip
from umbrite.rig.merging.guest_edits import place_guest
from umbrite.rig.merging.rewiring import copied_settings, copied_take, factor_of, grown
from umbrite.rig.model import Limit, Point, Pose, Puppet, point
from umbrite.rig.placement import Box
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_layers import each_level

ELSEWHERE = 0.015  # of a piece's length: as far from where it is mapped to must a pivot of the other art lie to count
FIRM = 0.3  # how well an overlap must tell where a piece turns
Thing = TypeVar("Thing")
Onto = Callable[[complex], complex]


class Fit(NamedTuple):
    """From the rig's board to the other's: for each part of the rig, for what carries none, how much larger, and whether mirrored."""

    parts: dict[str, Onto]
    whole: Onto
    scale: float
    mirrored: bool


def _around(boxes: Iterable[Box]) -> Box:
    first, *others = boxes
    for box in others:
        first = first.join(box)
    return first


def _box_map(one: Box, other: Box, *, mirrored: bool) -> Onto:
    """The map that lays a box on another one."""
    wide, tall = other.width / max(one.width, 1e-9), other.height / max(one.height, 1e-9)

    def onto(z: complex) -> complex:
        x = (z.real - one.left) * wide
        return complex(other.right - x if mirrored else other.left + x, other.top + (z.imag - one.top) * tall)

    return onto


def fit_of(boxes: tuple[Mapping[str, Box], Mapping[str, Box]], pairs: Mapping[str, str], *, mirrored: bool) -> Fit:
    """How places of an old figure lie on a new one, from the boxes (pixels) of the parts, old and new, by key."""
    old, new = boxes
    parts = {key: _box_map(old[key], new[other], mirrored=mirrored) for key, other in pairs.items()}
    one, other = _around(old.values()), _around(new.values())
    scale = ((other.width**2 + other.height**2) / max(one.width**2 + one.height**2, 1e-9)) ** 0.5
    return Fit(parts, _box_map(one, other, mirrored=mirrored), scale, mirrored)


def _part_of(rig: Puppet, joint: str, fit: Fit) -> str | None:
    """The part on a joint that has found its like."""
    return next((key for key in parts_on(rig, joint) if key in fit.parts), None)


def _onto(rig: Puppet, joint: str, fit: Fit) -> Onto:
    key = _part_of(rig, joint, fit)
    return fit.whole if key is None else fit.parts[key]


def fitted_pivots(rig: Puppet, old: Pieces, new: Pieces, pairs: Mapping[str, str], fit: Fit) -> dict[str, complex]:
    """Pivots where the other art turns elsewhere than it would by the frames alone."""
    found = {}
    for key, other in pairs.items():
        joint = rig.parts[key].joint
        above = rig.joints[joint].parent
        parent = _part_of(rig, above, fit) if above is not None else None
        if parent is None or (key, parent) not in old.contacts or (other, pairs[parent]) not in new.contacts:
            continue
        before, after = old.contacts[key, parent], new.contacts[other, pairs[parent]]
        if min(before.goods[0], after.goods[0]) < FIRM:
            continue
        mapped, turns = fit.parts[key](before.pivots[0]), after.pivots[0]
        box = new.sheets[other].box
        if abs(turns - mapped) > ELSEWHERE * max(box.width, box.height):
            found[joint] = turns + fit.parts[key](rig.joints[joint].pivot.z) - mapped
    return found


def mapped(rig: Puppet, puppet: Puppet, fit: Fit, elsewhere: Mapping[str, complex]) -> Puppet:
    """Joints, limbs, limits, controls and links in the proportions of the other art."""
    strange = in_guests(rig)
    pivots = {key: elsewhere.get(key, _onto(rig, key, fit)(joint.pivot.z)) for key, joint in rig.joints.items()}
    for key, joint in _of_its_own(rig.joints, strange | {guest.root for guest in rig.guests.values()}):
        tip = None if joint.tip is None else point(_tip(rig, key, fit, pivots))
        limit = joint.limit
        if limit is not None and fit.mirrored:
            limit = Limit(-limit.largest, -limit.smallest, limit.soft)
        puppet = change(puppet, key, pivot=point(pivots[key]), tip=tip, limit=limit)
    for key, limb in _of_its_own(rig.limbs, strange):
        at = None if limb.tip is None else point(_near_tip(rig, limb.joints[-1], limb.tip.z, fit, puppet))
        puppet = change(puppet, key, tip=at, bend=-limb.bend if fit.mirrored else limb.bend)
        target = puppet.limbs[key].target
        puppet = change(puppet, target, pivot=point(limb_tip(puppet, puppet.limbs[key])))
        if (drawn := drawn_bend(puppet, puppet.limbs[key])) != 0:  # else the picture would move at rest
            puppet = change(puppet, key, bend=1 if drawn > 0 else -1)
    for key, control in _of_its_own(rig.controls, strange):
        offset = control.offset.z * fit.scale
        offset = -offset.conjugate() if fit.mirrored else offset
        puppet = put(puppet, key, replace(grown(control, fit.scale, mirrored=fit.mirrored), offset=point(offset)))
    for key, link in _of_its_own(rig.links, strange):
        across, up = (factor_of(name, fit.scale, mirrored=fit.mirrored) for name in (link.source, link.drives))
        points = [Point(p.x * across, p.y * up) for p in link.points]
        puppet = change(puppet, key, points=tuple(sorted(points, key=lambda p: p.x)))
    for key, one in _of_its_own(rig.responses, strange):
        across = factor_of(one.driver, fit.scale, mirrored=fit.mirrored)
        stops = [
            replace(stop, at=Point(stop.at.x * across, stop.at.y), channels=_scaled(stop.channels, fit, strange))
            for stop in one.stops
        ]
        puppet = change(puppet, key, stops=tuple(sorted(stops, key=lambda stop: (stop.at.x, stop.at.y))))
    poses = tuple(replace(pose, channels=_scaled(pose.channels, fit, strange)) for pose in rig.poses)
    return replace(puppet, poses=poses)


def _of_its_own(things: Mapping[str, Thing], strange: Collection[str]) -> list[tuple[str, Thing]]:
    """What of a rig is not of its guests."""
    return [(key, one) for key, one in things.items() if key not in strange]


def _tip(rig: Puppet, key: str, fit: Fit, pivots: Mapping[str, complex]) -> complex:
    """A bone's tip: on the head of what goes on from it, else as its piece is mapped, and as far from where its pivot has gone."""
    tip = rig.joints[key].tip
    assert tip is not None
    for child in children(rig, key):
        if abs(rig.joints[child].pivot.z - tip.z) < 1e-6:
            return pivots[child]
    onto = _onto(rig, key, fit)
    return pivots[key] + onto(tip.z) - onto(rig.joints[key].pivot.z)


def _near_tip(rig: Puppet, joint: str, tip: complex, fit: Fit, puppet: Puppet) -> complex:
    """The tip of a limb that ends in no joint."""
    own = rig.joints[joint].tip
    if own is not None and abs(own.z - tip) < 1e-6:
        return puppet.joints[joint].tip.z  # type: ignore[union-attr]
    onto = _onto(rig, joint, fit)
    return puppet.joints[joint].pivot.z + onto(tip) - onto(rig.joints[joint].pivot.z)


def timed(rig: Document, document: Document, fit: Fit) -> Document:
    """Pose and takes in the other proportions."""
    strange = in_guests(rig.puppet)

    def timed(take: Take) -> Take:
        theirs = {name: track for name, track in take.tracks.items() if owner_of(name) in strange}
        mine = copied_take(replace(take, layers=()), {}, fit.scale, mirrored=fit.mirrored)
        return replace(take, tracks={**mine.tracks, **theirs}, stiff=mine.stiff)

    takes = [each_level(take, timed) for take in rig.takes]
    return replace(document, pose=_scaled(rig.pose, fit, strange), takes=tuple(takes))


def _scaled(channels: Mapping[str, float], fit: Fit, strange: Collection[str]) -> Pose:
    """Channel values in the other proportions; those of guests, which are scaled with them, stay as they are."""
    theirs = {name: value for name, value in channels.items() if owner_of(name) in strange}
    return {**copied_settings(channels, {}, fit.scale, mirrored=fit.mirrored), **theirs}


def with_guests(document: Document, rig: Puppet, fit: Fit, told: list[str]) -> Document:
    """The guests as they are, in the figure's new size, where what carries them has gone."""
    for key, guest in rig.guests.items():
        root = rig.joints[guest.root]
        onto = fit.whole if root.parent is None else _onto(rig, root.parent, fit)
        at = onto(root.pivot.z) - (root.pivot.z - guest.at.z) * fit.scale
        document = place_guest(document, key, at, guest.scale * fit.scale)
    if rig.guests and fit.mirrored:
        told.append(
            f"The figure now faces the other way; these guests still face as before: {some_of(rig.guests.values())}."
        )
    return document
