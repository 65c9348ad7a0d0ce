"""Parts: adding, placing, ordering and removing cut-out pieces."""

from collections.abc import Iterable

from msgspec.structs import replace

from umbrite.rig.change import change, get_part, names_like, new_id, put, require_finite, take_out
from umbrite.rig.errors import InUseError, RigError
from umbrite.rig.family import children, parts_on, users_of
from umbrite.rig.merging.depths import together
from umbrite.rig.mesh import moved_by
from umbrite.rig.model import Drawing, Joint, Part, Placement, Puppet, on_grid, point
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.names import side_of, unique


def add_part(puppet: Puppet, name: str, drawing: Drawing, placement: Placement) -> tuple[Puppet, str]:
    """Put a part in front of all others, on a free joint of its own whose pivot is the drawing's middle for now.

    Returns the new puppet and the part's id.
    """
    require_finite(placement.x, placement.y, placement.scale_x, placement.scale_y, what="A part's place")
    placement = _gridded(placement)
    puppet, joint_key = new_id(puppet, "joint")
    puppet, part_key = new_id(puppet, "part")
    middle = board_from_drawing(placement)(complex(drawing.width / 2, drawing.height / 2))
    joint_name = unique(name, names_like(puppet, "joint"))
    puppet = put(puppet, joint_key, Joint(name=joint_name, pivot=point(middle), side=side_of(name)))
    part = Part(unique(name, names_like(puppet, "part")), joint_key, drawing, placement)
    puppet = put(puppet, part_key, part)
    return replace(puppet, order=(*puppet.order, part_key)), part_key


def _gridded(placement: Placement) -> Placement:
    return replace(placement, x=on_grid(placement.x), y=on_grid(placement.y))


def place_part(puppet: Puppet, key: str, placement: Placement) -> Puppet:
    """Move, turn, scale or skew the drawing of a part at rest; its joint's pivot goes along unless it was set."""
    require_finite(
        placement.x, placement.y, placement.turn, placement.scale_x, placement.scale_y, placement.skew,
        what="A part's place",
    )  # fmt: skip
    part, placement = get_part(puppet, key), _gridded(placement)
    puppet = change(puppet, key, placement=placement)
    joint = puppet.joints[part.joint]
    if joint.pivot_set or parts_on(puppet, part.joint) != [key]:
        return puppet
    middle = complex(part.drawing.width / 2, part.drawing.height / 2)
    moved = board_from_drawing(placement)(middle) - board_from_drawing(part.placement)(middle)
    return change(puppet, part.joint, pivot=point(joint.pivot.z + moved))


def nudge_parts(puppet: Puppet, keys: Iterable[str], by: complex) -> Puppet:
    """Shift parts on the board at rest by whole steps."""
    for key in keys:
        placement = get_part(puppet, key).placement
        puppet = place_part(puppet, key, replace(placement, x=placement.x + by.real, y=placement.y + by.imag))
    return puppet


def reorder(puppet: Puppet, keys: Iterable[str], before: int) -> Puppet:
    """Put parts, keeping their own order, in front of what was at places below `before` in the draw order.

    `before` counts places in the present order, back to front: 0 is to the back, len(order) to the front.
    """
    moving = _as_one(puppet, keys)
    behind = [k for k in puppet.order[:before] if k not in moving]
    in_front = [k for k in puppet.order[before:] if k not in moving]
    return together(replace(puppet, order=(*behind, *(k for k in puppet.order if k in moving), *in_front)))


def _as_one(puppet: Puppet, keys: Iterable[str]) -> set[str]:
    """The parts, with all of a guest that is at one depth."""
    moving = set(keys)
    for key in moving:
        get_part(puppet, key)
    for guest in puppet.guests.values():
        mine = puppet.parts.keys() & set(guest.ids.values())
        if not guest.spread and not moving.isdisjoint(mine):
            moving |= mine
    return moving


def step_order(puppet: Puppet, keys: Iterable[str], step: int) -> Puppet:
    """Bring parts one place forward (step 1) or send them one place back (-1), past one part that is not chosen."""
    moving = _as_one(puppet, keys)
    order = list(puppet.order)
    places = range(len(order)) if step < 0 else range(len(order) - 1, -1, -1)
    for i in places:
        j = i + step
        if order[i] in moving and 0 <= j < len(order) and order[j] not in moving:
            order[i], order[j] = order[j], order[i]
    return together(replace(puppet, order=tuple(order)), behind=step < 0)


def ride_on(puppet: Puppet, key: str, joint: str) -> Puppet:
    """Let a part ride on another joint; its own joint goes if nothing else needs it.

    Refuses a joint that is not there.
    """
    part = get_part(puppet, key)
    if joint not in puppet.joints:
        raise RigError(f"{part.name} can't ride on a joint that isn't there.")
    puppet = change(puppet, key, joint=joint)
    old = part.joint
    bare = not parts_on(puppet, old) and not children(puppet, old) and not users_of(puppet, old)
    return take_out(puppet, old) if bare and old != joint else puppet


def remove_part(puppet: Puppet, key: str) -> Puppet:
    """Remove a part and, where nothing else is on it, its joint; what hung from it hangs one higher then.

    Refuses, naming the user, where a limb or control needs the joint.
    """
    part = get_part(puppet, key)
    puppet = take_out(puppet, key)
    if parts_on(puppet, part.joint):
        return puppet
    if users := users_of(puppet, part.joint):
        raise InUseError(f"{part.name} is used by {users}; remove that first, then the part.", users)
    parent = puppet.joints[part.joint].parent
    for child in children(puppet, part.joint):
        puppet = change(puppet, child, parent=parent)
    return take_out(puppet, part.joint)


def exchange_drawing(puppet: Puppet, key: str, drawing: Drawing, corner: complex | None = None) -> Puppet:
    """Give a part, and all that share its drawing, a revised drawing; pivot, joint and order stay.

    `corner` tells where the new drawing's corner lies in the old one's pixels; without it both have the same middle.
    """
    part = get_part(puppet, key)
    if corner is None:
        corner = complex(part.drawing.width - drawing.width, part.drawing.height - drawing.height) / 2
    for other, item in puppet.parts.items():
        if other == key or (part.shares and item.shares == part.shares):
            at = board_from_drawing(item.placement)(corner)
            place = _gridded(replace(item.placement, x=at.real, y=at.imag))
            # Trims are loops in the drawing's pixels: they stay where they lie on the board.
            trims = tuple(replace(trim, points=tuple(point(p.z - corner) for p in trim.points)) for trim in item.trims)
            mesh = None if item.mesh is None else moved_by(item.mesh, -corner)
            puppet = change(puppet, other, drawing=drawing, placement=place, trims=trims, mesh=mesh)
    return puppet
