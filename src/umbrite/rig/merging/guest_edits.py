"""Guests taken in, placed, brought up to date, made the host's own, and removed. What a guest is: see `guests`."""

from collections.abc import Mapping
from typing import Any, NamedTuple

from msgspec.structs import replace

from umbrite.rig.change import exists, get_joint, new_id, put, take_out, thing
from umbrite.rig.document import Document
from umbrite.rig.errors import RigError
from umbrite.rig.family import children, parts_on
from umbrite.rig.ids import id_kind
from umbrite.rig.merging.branch_merging import copied_poses, copies, merge, with_ids
from umbrite.rig.merging.depths import together
from umbrite.rig.merging.guests import DEEPEST, FREE, depth_of, get_guest, owned, packed, unpacked
from umbrite.rig.merging.resizing import scaled_values
from umbrite.rig.merging.rewiring import Names, Transform
from umbrite.rig.model import Control, Guest, Joint, Puppet, point
from umbrite.rig.placement import ground_of
from umbrite.rig.words.names import unique


class Remade(NamedTuple):
    """The document with a guest made anew, and in sentences what of the host had to give way."""

    document: Document
    told: tuple[str, ...]


def add_guest(
    document: Document, other: Document, source: str, at: complex = 0j, scale: float = 1.0, onto: str | None = None
) -> tuple[Document, str]:
    """Take another puppet in as a guest, its corner `at` a place of the board and `scale` times as large, carried by the joint `onto`;
    its parts in front of all others. Returns the document and the guest's id.

    Raises RigError for an empty puppet, for the puppet itself, and for guests within guests beyond what is allowed.
    """
    if other.puppet == document.puppet:
        raise RigError("A puppet can't be a guest in itself. Choose another one.")
    if depth_of(other) >= DEEPEST:
        raise RigError(
            f"{other.puppet.name} has guests within guests {DEEPEST} deep; that is as deep as they go. Make some of them its own first."
        )
    if not other.puppet.joints:
        raise RigError(f"{other.puppet.name} is empty, so it can't be a guest. Choose a puppet with parts or bones.")
    inner, transform = _flat(other), Transform(point(at).z, scale=scale)
    puppet = document.puppet
    name = unique(other.puppet.name, [one.name for one in puppet.guests.values()])
    puppet, root = new_id(puppet, "joint")
    pivot = transform.point(point(_standing(inner.puppet)))
    label = unique(name, [joint.name for joint in puppet.joints.values()])
    puppet = put(puppet, root, Joint(label, pivot, parent=onto, pivot_set=True))
    if onto is not None:
        get_joint(puppet, onto)
    made = merge(replace(document, puppet=puppet), replace(inner, takes=()), transform, onto=root)
    puppet, key = new_id(made.document.puppet, "guest")
    data, sha256 = packed(other)
    guest = Guest(name, root, source, sha256, made.ids, transform.point(point(0j)), scale, data=data)
    puppet = put(puppet, key, guest)
    if not any(control.kind == "master" for control in inner.puppet.controls.values()):
        puppet, control = new_id(puppet, "control")
        label = unique(name, [one.name for one in puppet.controls.values()])
        puppet = put(puppet, control, Control(label, "master", root, "crescent", size=90.0, on_screen=True))
    return replace(made.document, puppet=puppet), key


def _flat(document: Document) -> Document:
    """A document whose guests are its own."""
    return replace(document, puppet=replace(document.puppet, guests={})) if document.puppet.guests else document


def _standing(puppet: Puppet) -> complex:
    """Where a puppet stands: its master's pivot, else the ground below it; without parts its lowest joint."""
    master = next((joint for joint in puppet.joints.values() if joint.role == "master"), None)
    if master is None and not puppet.parts:
        return max((joint.pivot.z for joint in puppet.joints.values()), key=lambda z: z.imag)
    return ground_of(puppet) if master is None else master.pivot.z


def place_guest(document: Document, key: str, at: complex | None = None, scale: float | None = None) -> Document:
    """Move and scale a guest at rest; poses and takes keep up. Raises RigError for proportions beyond all bounds."""
    guest = get_guest(document.puppet, key)
    wanted = replace(
        guest, at=guest.at if at is None else point(at), scale=guest.scale if scale is None else float(scale)
    )
    return remade(document, key, wanted).document


def set_hidden(document: Document, key: str, *, hidden: bool) -> Document:
    """Show or hide all controls of a guest; those of its root stay. Raises MissingError."""
    return remade(document, key, replace(get_guest(document.puppet, key), hidden=hidden)).document


def update_guest(document: Document, key: str, other: Document) -> Remade:
    """A guest as its own puppet is now: what is new comes in, what is gone goes, what the host changed of it stays.

    Raises RigError as `add_guest` does.
    """
    if depth_of(other) >= DEEPEST:
        raise RigError(f"{other.puppet.name} has guests within guests too deep. Make some of them its own first.")
    data, sha256 = packed(other)
    return remade(document, key, replace(get_guest(document.puppet, key), data=data, sha256=sha256))


def remade(document: Document, key: str, wanted: Guest) -> Remade:
    """The guest as another record of it wants it: elsewhere, of another size, from another copy, hidden or not.

    Raises RigError for a copy without parts, MissingError for a guest that is not there.
    """
    guest = get_guest(document.puppet, key)
    old, new = _flat(unpacked(guest)).puppet, _flat(unpacked(wanted)).puppet
    if not new.joints:
        raise RigError(f"There is nothing in what {guest.name} is to become. Choose a puppet with parts.")
    puppet, ids = with_ids(document.puppet, new, guest.ids)
    was, will = _expected(old, guest, guest.ids), _expected(new, wanted, ids)
    fields = {
        field: {**getattr(puppet, field), **_merged(getattr(puppet, field), was[field], will[field])}
        for field in will
        if field != "guests"
    }
    puppet = replace(puppet, **fields, guests={**puppet.guests, key: replace(wanted, ids=ids)})
    puppet = replace(puppet, order=_order(puppet, guest, new, ids))
    gone = [own for inner, own in guest.ids.items() if inner not in ids]
    puppet, told = _without(puppet, gone, guest)
    root = puppet.joints[guest.root]
    ratio = wanted.scale / guest.scale
    moved = (root.pivot.z - guest.at.z) * ratio + wanted.at.z
    puppet = put(puppet, guest.root, replace(root, pivot=point(moved)))
    puppet = replace(puppet, poses=_poses(puppet, old, new, guest, ids))
    document = replace(document, puppet=puppet)
    return Remade(scaled_values(document, owned(puppet.guests[key]), ratio), tuple(told))


def _expected(inner: Puppet, guest: Guest, ids: Mapping[str, str]) -> dict[str, dict[str, Any]]:
    """All that a guest is by its copy, under ids of the host and its own names."""
    made = copies(inner, ids, Transform(guest.at.z, scale=guest.scale), Names.plain())
    for key, joint in made["joints"].items():
        if joint.parent is None:
            made["joints"][key] = replace(joint, parent=guest.root)
    if guest.hidden:
        made["controls"] = {key: replace(one, shown="never") for key, one in made["controls"].items()}
    return made


def _merged(now: Mapping[str, Any], was: Mapping[str, Any], will: Mapping[str, Any]) -> dict[str, Any]:
    """What things become: as they are meant to be, but for what the host has changed of them; new names are kept apart."""
    taken = {one.name for key, one in now.items() if key not in will or key in was}
    found = {}
    for key, meant in will.items():
        here, before = now.get(key), was.get(key)
        if here is None or before is None:
            name = unique(meant.name, taken)
            taken.add(name)
            found[key] = replace(meant, name=name)
            continue
        changed = {
            field: getattr(here, field)
            for field in FREE[id_kind(key) or ""]
            if field != "name" and getattr(here, field) != getattr(before, field)
        }
        name = here.name
        if meant.name != before.name:
            taken.discard(here.name)
            name = unique(meant.name, taken)
            taken.add(name)
        found[key] = replace(meant, **changed, name=name)
    return found


def _order(puppet: Puppet, guest: Guest, new: Puppet, ids: Mapping[str, str]) -> tuple[str, ...]:
    """The draw order: a guest at one depth in its own order where its rearmost part was, one that is spread with new parts in front of what
    they are in front of in its own.
    """
    mine = owned(guest)
    places = [i for i, key in enumerate(puppet.order) if key in mine]
    wanted = [ids[key] for key in new.order]
    if not guest.spread:
        at = min(places, default=len(puppet.order))
        behind = [key for key in puppet.order[:at] if key not in mine]
        return (*behind, *wanted, *(key for key in puppet.order[at:] if key not in mine))
    order = [key for key in puppet.order if key not in mine or key in wanted]
    for i, key in enumerate(wanted):
        if key not in order:
            at = (
                order.index(wanted[i - 1]) + 1
                if i
                else min(map(order.index, set(order) & set(wanted)), default=len(order))
            )
            order.insert(at, key)
    return tuple(order)


def _without(puppet: Puppet, gone: list[str], guest: Guest) -> tuple[Puppet, list[str]]:
    """The puppet without these things of a guest: what the host hung from them hangs from the guest's root."""
    told, lost = [], set(gone)
    for key in gone:
        if id_kind(key) != "joint" or not exists(puppet, key):
            continue
        for child in children(puppet, key):
            if child not in lost:
                puppet = put(puppet, child, replace(puppet.joints[child], parent=guest.root))
                told.append(f"{puppet.joints[child].name} follows {guest.name} as a whole now.")
        for part in parts_on(puppet, key):
            if part not in lost:
                puppet = put(puppet, part, replace(puppet.parts[part], joint=guest.root))
                told.append(f"{puppet.parts[part].name} rides on {guest.name} as a whole now.")
        users = [k for k, limb in puppet.limbs.items() if key in (*limb.joints, limb.end, limb.target, limb.toe)]
        users += [k for k, control in puppet.controls.items() if control.moves == key]
        for user in users:
            if user not in lost:
                told.append(f"{thing(puppet, user).name} went with {puppet.joints[key].name}.")
            puppet = take_out(puppet, user)
    for key in gone:
        if exists(puppet, key):
            puppet = take_out(puppet, key)
    return puppet, told


def _poses(puppet: Puppet, old: Puppet, new: Puppet, guest: Guest, ids: Mapping[str, str]) -> tuple[Any, ...]:
    """The shelf with the guest's own poses as they are now; those that the host has changed are the host's."""
    was = {
        (tuple(sorted(pose.channels.items())), pose.about)
        for pose in copied_poses(replace(puppet, poses=()), old.poses, guest.ids, guest.scale)
    }
    kept = tuple(pose for pose in puppet.poses if (tuple(sorted(pose.channels.items())), pose.about) not in was)
    # In the old scale: all poses are brought into step together.
    more = copied_poses(replace(puppet, poses=kept), new.poses, ids, guest.scale)
    return (*kept, *more)


def set_spread(puppet: Puppet, key: str, *, spread: bool) -> Puppet:
    """Let a guest's parts lie at several depths, or bring them together where its rearmost one is. Raises MissingError."""
    guest = get_guest(puppet, key)
    return together(put(puppet, key, replace(guest, spread=spread)))


def make_own(puppet: Puppet, key: str) -> Puppet:
    """Let what was a guest be the puppet's own, to be changed like all else; nothing moves. Raises MissingError."""
    get_guest(puppet, key)
    return take_out(puppet, key)


def remove_guest(puppet: Puppet, key: str) -> tuple[Puppet, list[str]]:
    """The puppet without a guest; what the host hung from it hangs from what carried it. In sentences, what else changed."""
    guest = get_guest(puppet, key)
    puppet, told = _without(take_out(puppet, key), list(guest.ids.values()), guest)
    for control in [k for k, one in puppet.controls.items() if one.moves == guest.root]:
        puppet = take_out(puppet, control)
    carrier = puppet.joints[guest.root].parent
    for child in children(puppet, guest.root):
        puppet = put(puppet, child, replace(puppet.joints[child], parent=carrier))
    for part in parts_on(puppet, guest.root):
        if carrier is None:
            raise RigError(f"{puppet.parts[part].name} rides on {guest.name}. Let it ride on something else first.")
        puppet = put(puppet, part, replace(puppet.parts[part], joint=carrier))
    return take_out(puppet, guest.root), [
        one.replace(f"follows {guest.name} as a whole", "follows what carried it") for one in told
    ]
