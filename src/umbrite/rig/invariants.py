"""What every edit keeps true, written down once. Tests call this after each edit, reading a file does too."""

import itertools
import math
from collections.abc import Iterator

import msgspec

from umbrite.rig.change import exists, things
from umbrite.rig.channels import is_channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.driving.dependencies import curve_fault, ranked
from umbrite.rig.driving.rules import MOST_STOPS, has_two_values
from umbrite.rig.errors import RigError
from umbrite.rig.ids import FIELDS, id_kind, is_id
from umbrite.rig.limb_shape import limb_tip
from umbrite.rig.mesh import mesh_fault
from umbrite.rig.mesh_arrays import by_name
from umbrite.rig.model import Part, Puppet
from umbrite.rig.quantities.angles import MOST_TURN
from umbrite.rig.quantities.bounds import LARGEST, MOST_IDS, size_faults


def invariants(puppet: Puppet) -> list[str]:
    """A sentence for each thing that does not hold; an empty list where all is well."""
    broken = [
        *_ids(puppet),
        *_references(puppet),
        *_sets(puppet),
        *_guests(puppet),
        *_links_lead_somewhere(puppet),
        *_responses(puppet),
    ]
    if broken:
        return broken
    return [*_family(puppet), *_limbs(puppet), *_links(puppet), *_numbers(puppet)]


def _ids(puppet: Puppet) -> Iterator[str]:
    for of, field in FIELDS.items():
        items = things(puppet, of)
        for key in items:
            if not is_id(key, of, puppet.next_id):
                yield f"{key} is no id of this puppet's {field}"
        names = [item.name for item in items.values()]
        if len(set(names)) != len(names):
            yield f"two {field} have the same name"
        if not all(names):
            yield f"one of the {field} has no name"


def _references(puppet: Puppet) -> Iterator[str]:
    joints = puppet.joints
    if sorted(puppet.order) != sorted(puppet.parts):
        yield "the draw order is not a permutation of the parts"
    for joint in joints.values():
        if joint.parent is not None and joint.parent not in joints:
            yield f"{joint.name} has a parent that is not there"
        if any(each and each not in joints for each in joint.also):
            yield f"{joint.name} may follow a joint that is not there"
    for part in puppet.parts.values():
        yield from _part(puppet, part)
    for limb in puppet.limbs.values():
        wanted = [*limb.joints, limb.target, *(key for key in (limb.end, limb.toe) if key is not None)]
        if not limb.joints or any(key not in joints for key in wanted):
            yield f"the limb {limb.name} needs a joint that is not there"
    for control in puppet.controls.values():
        if control.moves not in joints:
            yield f"the control {control.name} moves a joint that is not there"
        if (control.chooses or traits(control).chooses) and control.chooses not in puppet.sets:
            yield f"the control {control.name} chooses from a set that is not there"


def _part(puppet: Puppet, part: Part) -> Iterator[str]:
    if part.joint not in puppet.joints:
        yield f"{part.name} rides on a joint that is not there"
    if part.clip is not None and part.clip not in puppet.parts:
        yield f"{part.name} is clipped by a part that is not there"
    if part.mesh is None:
        return
    if any(key not in puppet.joints for key in part.mesh.joints):
        yield f"{part.name} bends over a joint that is not there"
    if fault := mesh_fault(part.mesh):
        yield f"the mesh of {part.name} can't be used: {fault}"


def _responses(puppet: Puppet) -> Iterator[str]:
    for shape in puppet.shapes.values():
        part = puppet.parts.get(shape.part)
        if part is None or part.mesh is None or len(shape.moves) != len(part.mesh.arrays.vertices):
            yield f"the shape {shape.name} is of a mesh that is not there"
    for one in puppet.responses.values():
        places = [(stop.at.x, stop.at.y) for stop in one.stops]
        if not is_channel(puppet, one.driver):
            yield f"the response {one.name} is driven by something that is not there"
        elif any(not is_channel(puppet, name) for stop in one.stops for name in stop.channels):
            yield f"the response {one.name} moves something that is not there"
        if len(set(places)) < len(places) or (0.0, 0.0) in places or len(places) > MOST_STOPS:
            yield f"the response {one.name} has two stops at one value, one at rest, or far too many"
        if any(y != 0 for _, y in places) and not has_two_values(puppet, one.driver):
            yield f"the response {one.name} has a stop of two values, and is driven by one"


def _sets(puppet: Puppet) -> Iterator[str]:
    seen: set[str] = set()
    for one in puppet.sets.values():
        numbers, names = [v.number for v in one.variants], [v.name for v in one.variants]
        if not numbers or len(set(numbers)) < len(numbers) or min(numbers) < 1 or one.rest not in numbers:
            yield f"the set {one.name} has no variants, or none that shows at rest"
        if len(set(names)) < len(names) or not all(names):
            yield f"variants of {one.name} have the same name, or none"
        for variant in one.variants:
            members = [*variant.parts, *variant.joints]
            if any(part not in puppet.parts for part in variant.parts) or any(
                joint not in puppet.joints for joint in variant.joints
            ):
                yield f"the variant {variant.name} of {one.name} needs something that is not there"
            if len(set(members)) < len(members) or not seen.isdisjoint(members):
                yield f"something of {one.name} is in two variants"
            seen.update(members)


def _guests(puppet: Puppet) -> Iterator[str]:
    seen: set[str] = set()
    for guest in puppet.guests.values():
        if guest.root not in puppet.joints or not all(exists(puppet, key) for key in guest.ids.values()):
            yield f"the guest {guest.name} needs something that is not there"
        elif any(id_kind(inner) != id_kind(key) for inner, key in guest.ids.items()):
            yield f"something of the guest {guest.name} is of another kind than in its copy"
        mine = [guest.root, *guest.ids.values()]
        if len(set(mine)) < len(mine) or not seen.isdisjoint(mine):
            yield f"something of the guest {guest.name} is in it twice, or in two guests"
        if not 1e-3 <= guest.scale <= 1e3:
            yield f"the guest {guest.name} is of an absurd size"
        seen.update(mine)


def _links_lead_somewhere(puppet: Puppet) -> Iterator[str]:
    for link in puppet.links.values():
        followed = link.source in puppet.joints if link.travel else is_channel(puppet, link.source)
        if not (followed and is_channel(puppet, link.drives)):
            yield f"{link.name} links something that is not there"


def _links(puppet: Puppet) -> Iterator[str]:
    names = [saved.name for saved in puppet.poses]
    if len(set(names)) != len(names) or not all(names):
        yield "two poses on the shelf have the same name, or one has none"
    for link in puppet.links.values():
        if broken := curve_fault(link.points):
            yield f"the curve of {link.name} {broken}"


def _family(puppet: Puppet) -> Iterator[str]:
    free: set[str] = set()  # what leads up to the ground
    for key, joint in puppet.joints.items():
        way, above = {key}, joint.parent
        while above is not None and above not in free and above not in way:
            way.add(above)
            above = puppet.joints[above].parent
        if above is not None and above not in free:
            yield f"{joint.name} is carried in a circle"
            return
        free |= way
    try:
        ranked(puppet)
    except RigError as error:
        yield str(error)


def _limbs(puppet: Puppet) -> Iterator[str]:
    held: set[str] = set()
    reached: set[str] = set()
    for limb in puppet.limbs.values():
        chain = [*limb.joints, *([limb.end] if limb.end is not None else [])]
        for upper, lower in itertools.pairwise(chain):
            if puppet.joints[lower].parent != upper:
                yield f"the limb {limb.name} is not one chain"
        if limb.end_hold == "toe" and limb.toe is None:
            yield f"the limb {limb.name} has no toe target to point at"
        if held & set(chain):
            yield f"the limb {limb.name} holds a joint of another limb"
        if limb.target in reached:
            yield f"the limb {limb.name} shares its target with another limb"
        held |= set(chain)
        reached.add(limb.target)
        if limb.end is None and limb.tip is None:
            yield f"the limb {limb.name} has no tip"
        elif puppet.joints[limb.target].pivot.z != limb_tip(puppet, limb):
            yield f"the target of {limb.name} stands away from its tip"
    if held & reached:
        yield "a target is held by a limb"


MOST_SHIFT = 10.0  # widths by which a shade is shifted


def _shades(puppet: Puppet) -> Iterator[str]:
    for part in puppet.parts.values():
        shade = part.shade
        if shade is not None and not (
            max(abs(shade.across), abs(shade.up)) <= MOST_SHIFT
            and 0 <= shade.edge <= 1
            and all(0 <= one <= 255 for one in shade.colour)
        ):
            yield f"{part.name} can't be shaded as it says"


def _numbers(puppet: Puppet) -> Iterator[str]:
    yield from _shades(puppet)
    for joint in puppet.joints.values():
        limit, sizes = joint.limit, joint.sizes
        if sizes is not None and not 0 < sizes.smallest <= 1 <= sizes.largest:
            yield f"the sizes of {joint.name} leave out rest"
        if limit is not None and not -MOST_TURN <= limit.smallest <= 0 <= limit.largest <= MOST_TURN:
            yield f"the limit of {joint.name} leaves out rest or goes beyond a hundred turns"
        if limit is not None and not 0 <= limit.soft <= math.pi:
            yield f"the soft ends of {joint.name} are no zone"
        if (loose := joint.loose) is not None and not (
            loose.frequency > 0 and loose.damping >= 0 and loose.weight >= 0 and 0 < loose.reach <= math.pi
        ):
            yield f"{joint.name} can't swing as it should"
    if not all(0 <= joint.give <= 1 for joint in puppet.joints.values()):
        yield "a joint's give is not between 0 and 1"
    if not all(0 <= limb.soften < 1 for limb in puppet.limbs.values()):
        yield "a limb's soften is not between 0 and 1"
    if not all(0 <= limb.stretch <= 10 for limb in puppet.limbs.values()):
        yield "a limb's stretch is not between 0 and 10"
    numbers = list(_all_numbers(msgspec.to_builtins(puppet, builtin_types=(bytes,), enc_hook=by_name)))
    if not all(math.isfinite(number) for number in numbers):
        yield "a number is not finite"
    elif any(abs(number) > LARGEST for number in numbers):
        yield "a number is absurdly large"
    if not 0 < puppet.next_id <= MOST_IDS:
        yield "the count of its ids is absurd"
    yield from size_faults(puppet)


def _all_numbers(value: object) -> Iterator[float]:
    if isinstance(value, float):
        yield value
    elif isinstance(value, dict):
        for item in value.values():
            yield from _all_numbers(item)
    elif isinstance(value, (list, tuple)):
        for item in value:
            yield from _all_numbers(item)
