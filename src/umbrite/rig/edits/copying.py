"""Copies of parts and whole branches, moved or mirrored, with everything in them rewired to the copies.

What lies wholly within the copied joints comes along: parts, limbs with their targets and toe targets, limits, controls
and links. What a copy hangs from or follows outside stays what it was, unless the other side of it is there by name
("near" becomes "far"), which is taken then. Mirroring is exact: places are reflected in a vertical line, turns and bend
sides change sign, and mirrored twice is the original to the bit.
"""

from collections.abc import Iterable, Mapping

from msgspec.structs import replace

from umbrite.rig.change import change, new_id, require_finite
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.merging.branch_alone import branch_joints, is_guest_within, moves_any, things_within
from umbrite.rig.merging.rewiring import Names, Transform, copied_things
from umbrite.rig.model import Joint, Puppet, on_grid, point
from umbrite.rig.placement import around_parts


def copy_branches(
    puppet: Puppet, keys: Iterable[str], transform: Transform, *, sides: bool = True, linked: bool = False
) -> tuple[Puppet, dict[str, str]]:
    """Copy joints with all that they carry, and what belongs to them. Nothing that was there changes.

    With `linked` the copies share their drawings with the originals from now on: exchanged once, exchanged in all.
    `sides` swaps near and far in names and marks. Copies of parts lie beside their originals in the draw order: far ones
    behind what carries them, near ones in front of it. Returns the puppet and the map from old to new ids.
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
    chosen += [key for key, one in puppet.responses.items() if moves_any(one, there)]
    if transform.line is None:  # a mirrored copy is no guest: it is not what came in
        chosen += [key for key, one in puppet.guests.items() if is_guest_within(one, there)]
    new: dict[str, str] = {}
    for key in chosen:
        puppet, new[key] = new_id(puppet, id_kind(key) or "joint")
    made = copied_things(before, new, transform, Names(before, sides=sides), linked=linked)
    puppet = replace(puppet, **{field: {**getattr(puppet, field), **items} for field, items in made.items()})
    parts = [key for key in chosen if key in before.parts]
    puppet = replace(puppet, order=_order(before, parts, new, made["joints"]))
    refuse_circles(puppet)
    return puppet, new


def _sharing(puppet: Puppet, joints: set[str]) -> Puppet:
    for key, part in puppet.parts.items():
        if part.joint in joints and not part.shares:
            puppet = change(puppet, key, shares=key)
    return puppet


def _order(before: Puppet, parts: list[str], new: dict[str, str], joints: Mapping[str, Joint]) -> tuple[str, ...]:
    """Copies together: far ones behind everything copied and what carries it, near ones in front of all that, others in front of what was copied."""
    if not parts:
        return before.order
    sides = [joints[new[before.parts[key].joint]].side for key in parts]
    side = next((one for one in ("far", "near") if sides.count(one) * 2 > len(sides)), "middle")
    copied = {before.parts[key].joint for key in parts}
    above = {up for joint in copied for up in ancestors(before, joint)} - copied if side != "middle" else set()
    places = [i for i, key in enumerate(before.order) if key in parts or before.parts[key].joint in above]
    at = min(places) if side == "far" else max(places) + 1
    return (*before.order[:at], *(new[key] for key in parts), *before.order[at:])


def centre_line(puppet: Puppet, keys: Iterable[str]) -> float:
    """The vertical line in which the other side is mirrored: the middle of the drawings that carry the branches; where there are none, of
    all others, or of the canvas.
    """
    keys = list(keys)
    copied = branch_joints(puppet, keys)
    above = {up for key in keys for up in ancestors(puppet, key)} - copied
    parts = [key for key, part in puppet.parts.items() if part.joint not in copied and not part.reference]
    carrying = [key for key in parts if puppet.parts[key].joint in above]
    if not parts:
        return puppet.width / 2
    box = around_parts(puppet, carrying or parts)
    return (box.left + box.right) / 2
