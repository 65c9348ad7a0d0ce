"""The small moves from which every edit is made: look up or refuse, put, take out, number."""

from collections.abc import Mapping
from typing import Any, TypeVar

from msgspec.structs import replace

from umbrite.rig.errors import MissingError, RigError
from umbrite.rig.ids import FIELDS, Kind, id_kind, numbered_id, owner_of
from umbrite.rig.mesh import relaid, without_joint
from umbrite.rig.model import Control, Guest, Joint, Limb, Link, Mesh, Part, Puppet, Response, Shape, VariantSet

T = TypeVar("T")


def _found(items: Mapping[str, T], key: str, kind: str) -> T:
    try:
        return items[key]
    except KeyError:
        raise MissingError(f"There is no {kind} with the id {key}; it may have been removed.") from None


def get_joint(puppet: Puppet, key: str) -> Joint:
    """The joint of that id. Raises RigError where the puppet has none."""
    return _found(puppet.joints, key, "joint")


def get_part(puppet: Puppet, key: str) -> Part:
    """The part of that id. Raises RigError where the puppet has none."""
    return _found(puppet.parts, key, "part")


def get_limb(puppet: Puppet, key: str) -> Limb:
    """The limb of that id. Raises RigError where the puppet has none."""
    return _found(puppet.limbs, key, "limb")


def get_control(puppet: Puppet, key: str) -> Control:
    """The control of that id. Raises RigError where the puppet has none."""
    return _found(puppet.controls, key, "control")


def get_link(puppet: Puppet, key: str) -> Link:
    """The link of that id. Raises RigError where the puppet has none."""
    return _found(puppet.links, key, "link")


def get_response(puppet: Puppet, key: str) -> Response:
    """The response of that id. Raises RigError where the puppet has none."""
    return _found(puppet.responses, key, "response")


def get_shape(puppet: Puppet, key: str) -> Shape:
    """The shape of that id. Raises RigError where the puppet has none."""
    return _found(puppet.shapes, key, "shape")


def things(puppet: Puppet, of: Kind) -> Mapping[str, Any]:
    """All things of one kind, by id."""
    found: Mapping[str, Any] = getattr(puppet, FIELDS[of])
    return found


def _field(key: str) -> str:
    found = id_kind(key)
    if found is None:
        raise MissingError(f"There is nothing with the id {key}; ids begin with the letter of a kind.")
    return FIELDS[found]


Thing = Joint | Part | Limb | Control | Link | VariantSet | Guest | Shape | Response


def put(puppet: Puppet, key: str, value: Thing) -> Puppet:
    """The puppet with `value` under `key`; the id says which kind it is. Shapes of a part whose mesh is another one are laid on that."""
    field = _field(key)
    if puppet.shapes and isinstance(value, Part) and (old := puppet.parts.get(key)) is not None:
        puppet = _shapes_kept(puppet, key, old.mesh, value.mesh)
    return replace(puppet, **{field: {**getattr(puppet, field), key: value}})


def _shapes_kept(puppet: Puppet, key: str, before: Mesh | None, mesh: Mesh | None) -> Puppet:
    if before is None or before is mesh:
        return puppet
    for name, shape in puppet.shapes.items():
        if shape.part == key:
            if mesh is None:
                puppet = take_out(puppet, name)
            else:
                puppet = put(puppet, name, replace(shape, moves=relaid(shape.moves, before, mesh)))
    return puppet


def change(puppet: Puppet, key: str, **fields: Any) -> Puppet:
    """The puppet with some fields of one thing replaced."""
    return put(puppet, key, replace(thing(puppet, key), **fields))


def take_out(puppet: Puppet, key: str) -> Puppet:
    """The puppet without the thing of that id and without what only served it. What needs it is not asked: see the edits."""
    field = _field(key)
    items = {k: v for k, v in getattr(puppet, field).items() if k != key}
    puppet = replace(puppet, **{field: items})
    # A link whose end is gone has nothing to follow or to drive.
    kept = {k: link for k, link in puppet.links.items() if key not in {owner_of(link.source), owner_of(link.drives)}}
    if len(kept) < len(puppet.links):
        puppet = replace(puppet, links=kept)
    puppet = _without_in_responses(puppet, key)
    if id_kind(key) == "joint":  # the numbers of what is followed stay what they are
        for other, joint in puppet.joints.items():
            if key in joint.also:
                puppet = change(puppet, other, also=tuple("" if each == key else each for each in joint.also))
        for other, part in puppet.parts.items():
            if part.mesh is not None and key in part.mesh.joints:
                puppet = change(puppet, other, mesh=without_joint(part.mesh, key))
    puppet = _without_in_sets(puppet, key)
    if puppet.guests:  # what has lost a piece is no guest any more, but as much a part of the puppet as all else
        whole = {k: one for k, one in puppet.guests.items() if key != one.root and key not in one.ids.values()}
        puppet = replace(puppet, guests=whole) if len(whole) < len(puppet.guests) else puppet
    if id_kind(key) != "part":
        return puppet
    for other, part in puppet.parts.items():
        if part.clip == key:  # nothing is left to clip by
            puppet = change(puppet, other, clip=None, clip_outside=False)
    return replace(puppet, order=tuple(k for k in puppet.order if k != key))


def _without_in_responses(puppet: Puppet, key: str) -> Puppet:
    """Shapes of a part that is gone are gone; so are a response whose driver is, and what stops say of it."""
    for other in [name for name, shape in puppet.shapes.items() if shape.part == key]:
        puppet = take_out(puppet, other)
    for other, response in puppet.responses.items():
        if owner_of(response.driver) == key:
            puppet = take_out(puppet, other)
        elif any(owner_of(name) == key for stop in response.stops for name in stop.channels):
            left = (
                replace(stop, channels={k: v for k, v in stop.channels.items() if owner_of(k) != key})
                for stop in response.stops
            )
            puppet = change(puppet, other, stops=tuple(left))
    return puppet


def _without_in_sets(puppet: Puppet, key: str) -> Puppet:
    """Variants without a part or joint that is gone; choosers of a set that is gone are gone too."""
    for other, one in puppet.sets.items():
        if any(key in (*variant.parts, *variant.joints) for variant in one.variants):
            left = tuple(
                replace(
                    variant,
                    parts=tuple(part for part in variant.parts if part != key),
                    joints=tuple(joint for joint in variant.joints if joint != key),
                )
                for variant in one.variants
            )
            puppet = change(puppet, other, variants=left)
    if id_kind(key) == "set":
        kept = {k: control for k, control in puppet.controls.items() if control.chooses != key}
        puppet = replace(puppet, controls=kept) if len(kept) < len(puppet.controls) else puppet
    return puppet


def thing(puppet: Puppet, key: str) -> Any:
    """The joint, part, limb, control or link of this id. Raises MissingError."""
    of = id_kind(key)
    return _found({} if of is None else things(puppet, of), key, of or "thing")


def exists(puppet: Puppet, key: str) -> bool:
    """Whether the puppet has a thing of that id, of whatever kind."""
    of = id_kind(key)
    return of is not None and key in things(puppet, of)


def new_id(puppet: Puppet, of: Kind) -> tuple[Puppet, str]:
    """A fresh id of a kind; ids are never given twice."""
    return replace(puppet, next_id=puppet.next_id + 1), numbered_id(of, puppet.next_id)


def require_finite(*numbers: complex, what: str) -> None:
    """Refuse NaN, infinity, and places farther out than any picture can be."""
    if not all(abs(n) < 1e7 for n in numbers):
        raise RigError(f"{what} needs plain numbers below ten million; this was not one. Nothing was changed.")


def names_like(puppet: Puppet, of: Kind) -> list[str]:
    """All names in use for one kind of thing."""
    return [item.name for item in things(puppet, of).values()]
