"""Copies of parts and whole branches, moved or mirrored, with everything in them rewired to the copies.

What lies wholly within the copied joints comes along: parts, limbs with their targets and toe targets, limits, controls
and links. What a copy hangs from or follows outside stays what it was, unless the other side of it is there by name
("near" becomes "far"), which is taken then. Mirroring is exact: places are reflected in a vertical line, turns and bend
sides change sign, and mirrored twice is the original to the bit.
"""

from collections.abc import Iterable, Mapping

from msgspec.structs import replace

from umbrite.rig.change import change, get_joint, new_id, require_finite
from umbrite.rig.dependencies import refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.merging.branch_alone import branch_joints, is_guest_within, things_within
from umbrite.rig.merging.rewiring import Names, Transform, copied_things
from umbrite.rig.model import Part, Puppet, on_grid, point


def copy_branches(
    puppet: Puppet, keys: Iterable[str], transform: Transform, *, sides: bool = True, linked: bool = False
) -> tuple[Puppet, dict[str, str]]:
    """Copy joints with all that they carry, and what belongs to them. Nothing that was there changes.

    With `linked` the copies share their drawings with the originals from now on: exchanged once, exchanged in all.
    `sides` swaps near and far in names and marks. Copies of parts lie beside their originals in the draw order: behind
    them for far ones, else in front. Returns the puppet and the map from old to new ids.
    Refuses an empty choice.
    """
    require_finite(transform.shift, transform.line or 0.0, what="A copy's place")
    transform = Transform(point(transform.shift).z, None if transform.line is None else on_grid(transform.line))
    joints = branch_joints(puppet, keys)
    if not joints:
        raise RigError("A copy needs something to copy. Select one or more parts or joints first.")
    if linked:
        puppet = _sharing(puppet, joints)
    before, chosen = puppet, things_within(puppet, joints)
    there = set(chosen)
    chosen += [key for key, link in puppet.links.items() if owner_of(link.drives) in there]
    if transform.line is None:  # a mirrored copy is no guest: it is not what came in
        chosen += [key for key, one in puppet.guests.items() if is_guest_within(one, there)]
    new: dict[str, str] = {}
    for key in chosen:
        puppet, new[key] = new_id(puppet, id_kind(key) or "joint")
    made = copied_things(before, new, transform, Names(before, sides=sides), linked=linked)
    puppet = replace(puppet, **{field: {**getattr(puppet, field), **items} for field, items in made.items()})
    parts = [key for key in chosen if key in before.parts]
    puppet = replace(puppet, order=_order(before, parts, new, made["parts"]))
    refuse_circles(puppet)
    return puppet, new


def _sharing(puppet: Puppet, joints: set[str]) -> Puppet:
    for key, part in puppet.parts.items():
        if part.joint in joints and not part.shares:
            puppet = change(puppet, key, shares=key)
    return puppet


def _order(before: Puppet, parts: list[str], new: dict[str, str], made: Mapping[str, Part]) -> tuple[str, ...]:
    """Copies together: behind everything copied where they are far ones, in front of all of it where they are not."""
    if not parts:
        return before.order
    copies = [new[key] for key in parts]
    far = sum("far" in made[key].name.lower().split() for key in copies) * 2 > len(copies)
    places = [before.order.index(key) for key in parts]
    at = min(places) if far else max(places) + 1
    return (*before.order[:at], *copies, *before.order[at:])


def centre_line(puppet: Puppet, keys: Iterable[str]) -> float:
    """The vertical line in which the other side is mirrored: through what carries the branches, else the canvas's middle."""
    for key in keys:
        parent = get_joint(puppet, key).parent
        if parent is not None:
            return puppet.joints[parent].pivot.x
    return puppet.width / 2
