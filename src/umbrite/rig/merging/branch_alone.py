"""A branch of a puppet, or several, as a puppet of their own: what a clipboard, a library, or a new puppet takes along.

What lies wholly within the branches stays as it is, under its own ids: parts, limbs with their targets, controls, links, sets, guests, and
those poses and takes that are about nothing else. What hung from or followed something outside is free.
"""

from collections.abc import Collection, Iterable

from msgspec.structs import replace

from umbrite.rig.change import get_joint
from umbrite.rig.document import Document
from umbrite.rig.driving.rules import driven_by
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.mesh import without_joint
from umbrite.rig.model import Guest, Joint, Limb, Part, Puppet, Response, VariantSet
from umbrite.rig.takes.take import keyed_channels


def branch_joints(puppet: Puppet, keys: Iterable[str]) -> set[str]:
    """The joints of the branches of `keys`, with targets and toe targets of limbs that lie wholly in them. Raises MissingError."""
    found: set[str] = set()
    for key in keys:
        get_joint(puppet, key)
        found.update(branch(puppet, key))
    for limb in puppet.limbs.values():
        if found.issuperset(limb.joints) and (limb.end is None or limb.end in found):
            found.add(limb.target)
            if limb.toe is not None:
                found.add(limb.toe)
    return found


def branch_alone(document: Document, keys: Iterable[str], name: str = "") -> Document:
    """The branches of these joints as a document of its own, by name that of the first joint. It has no stages.

    Raises RigError for an empty choice, MissingError for joints that are not there.
    """
    keys = list(keys)
    puppet, joints = document.puppet, branch_joints(document.puppet, keys)
    if not joints:
        raise RigError("There is no branch to take. Select one or more parts or joints first.")
    there = set(things_within(puppet, joints))
    links = {
        key: link
        for key, link in puppet.links.items()
        if owner_of(link.source) in there and owner_of(link.drives) in there
    }
    alone = replace(
        puppet,
        name=name or puppet.joints[keys[0]].name,
        joints={key: _free(joint, joints) for key, joint in puppet.joints.items() if key in joints},
        parts={key: _on_its_own(part, joints, there) for key, part in puppet.parts.items() if key in there},
        order=tuple(key for key in puppet.order if key in there),
        limbs={key: limb for key, limb in puppet.limbs.items() if key in there},
        controls={key: control for key, control in puppet.controls.items() if key in there},
        links=links,
        shapes={key: shape for key, shape in puppet.shapes.items() if key in there},
        responses={
            key: _within(one, there)
            for key, one in puppet.responses.items()
            if owner_of(one.driver) in there and moves_any(one, there)
        },
        sets={key: one for key, one in puppet.sets.items() if key in there},
        guests={key: one for key, one in puppet.guests.items() if is_guest_within(one, there)},
        guides=(),
        meant=tuple(each for each in puppet.meant if each.where in there),
        poses=tuple(pose for pose in puppet.poses if _is_about(pose.channels, there)),
    )
    pose = {name: value for name, value in document.pose.items() if owner_of(name) in there}
    takes = tuple(take for take in document.takes if _is_about(keyed_channels(take), there))
    return Document(alone, pose, takes)


def things_within(puppet: Puppet, joints: Collection[str]) -> list[str]:
    """These joints, and the parts, limbs, sets and controls that need no others, in the order in which copies of them get their ids."""
    sets = [key for key, one in puppet.sets.items() if is_whole(puppet, one, joints)]
    return [
        *(key for key in puppet.joints if key in joints),
        *(key for key in puppet.order if puppet.parts[key].joint in joints),
        *(key for key, limb in puppet.limbs.items() if is_within(limb, joints)),
        *(key for key, shape in puppet.shapes.items() if puppet.parts[shape.part].joint in joints),
        *sets,
        *(
            key
            for key, control in puppet.controls.items()
            if control.moves in joints and (not control.chooses or control.chooses in sets)
        ),
    ]


def moves_any(response: Response, there: Collection[str]) -> bool:
    """Whether a response moves anything of what is there."""
    return any(owner_of(name) in there for name in driven_by(response))


def _within(response: Response, there: Collection[str]) -> Response:
    stops = (
        replace(stop, channels={name: value for name, value in stop.channels.items() if owner_of(name) in there})
        for stop in response.stops
    )
    return replace(response, stops=tuple(stops))


def is_within(limb: Limb, joints: Collection[str]) -> bool:
    """Whether all that a limb needs is among the joints."""
    needed = [*limb.joints, limb.target, *(key for key in (limb.end, limb.toe) if key is not None)]
    return all(key in joints for key in needed)


def is_whole(puppet: Puppet, one: VariantSet, joints: Collection[str]) -> bool:
    """Whether all variants of a set ride on the joints, and there is something in them."""
    return all(
        all(key in joints for key in variant.joints)
        and all(puppet.parts[part].joint in joints for part in variant.parts)
        for variant in one.variants
    ) and any(variant.parts or variant.joints for variant in one.variants)


def is_guest_within(guest: Guest, there: Collection[str]) -> bool:
    """Whether a guest is among what is there. Links and responses that it has are not asked for: they go with what they drive."""
    return guest.root in there and all(
        key in there for key in guest.ids.values() if id_kind(key) not in {"link", "response"}
    )


def _is_about(channels: Iterable[str], there: Collection[str]) -> bool:
    owners = {owner_of(name) for name in channels}
    return bool(owners) and all(owner in there for owner in owners)


def _free(joint: Joint, joints: Collection[str]) -> Joint:
    return replace(
        joint,
        parent=joint.parent if joint.parent in joints else None,
        also=tuple(each if each in joints else "" for each in joint.also),
    )


def _on_its_own(part: Part, joints: Collection[str], there: Collection[str]) -> Part:
    mesh = part.mesh
    for key in mesh.joints if mesh is not None else ():
        if key not in joints and mesh is not None:
            mesh = without_joint(mesh, key)
    clip = part.clip if part.clip in there else None
    return replace(part, clip=clip, clip_outside=part.clip_outside and clip is not None, mesh=mesh)
