"""Who hangs from whom, changed. No edit here moves the rest picture, or a pose that stays at rest."""

from collections.abc import Iterable

from umbrite.rig.change import change, get_joint, names_like, new_id, put, take_out
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.errors import InUseError, RigError
from umbrite.rig.family import ancestors, children, parts_on, users_of
from umbrite.rig.model import Joint, Puppet, Role, point
from umbrite.rig.words.names import first_free, unique


def set_parent(puppet: Puppet, keys: Iterable[str], parent: str | None) -> Puppet:
    """Hang joints from another one (None: free). Refuses circles, and what would take a limb apart."""
    for key in dict.fromkeys(keys):
        joint = get_joint(puppet, key)
        if joint.parent == parent:
            continue
        if parent is not None:
            refuse_loop(puppet, key, parent)
        _refuse_breaking_limb(puppet, key)
        puppet = change(puppet, key, parent=parent)
    refuse_circles(puppet)
    return puppet


def refuse_loop(puppet: Puppet, key: str, parent: str) -> None:
    """Raise RigError where hanging `key` from `parent` would make it carry itself."""
    way = [parent, *ancestors(puppet, parent)]
    if key in way:
        loop = " is carried by ".join(puppet.joints[k].name for k in [*way[: way.index(key) + 1], parent])
        name, other = puppet.joints[key].name, puppet.joints[parent].name
        if key == parent:
            raise RigError(f"{name} can't carry itself. Choose another parent.")
        raise RigError(f"{name} can't be a child of {other}: {loop}, a circle. Clear the parent of {other} first.")


def _refuse_breaking_limb(puppet: Puppet, key: str) -> None:
    for limb in puppet.limbs.values():
        if key in limb.joints[1:] or key == limb.end:
            name = puppet.joints[key].name
            raise RigError(f"{name} is held by the limb {limb.name}; remove the limb first, then change its parent.")


def master_name(puppet: Puppet) -> str:
    """What the carrier of everything is called, also where a part is called Master."""
    return first_free(("Master", "Everything"), names_like(puppet, "joint"))


def carry_together(
    puppet: Puppet, keys: Iterable[str], name: str, pivot: complex, role: Role = ""
) -> tuple[Puppet, str]:
    """Put a new carrier over joints: it hangs where the uppermost of them hung. Nothing moves.

    Joints whose carrier is among `keys` come along with it. Returns the new puppet and the carrier's id.
    Refuses an empty choice.
    """
    chosen = set(keys)
    for key in chosen:
        get_joint(puppet, key)
    tops = [key for key in puppet.joints if key in chosen and chosen.isdisjoint(ancestors(puppet, key))]
    if not tops:
        raise RigError("A carrier needs something to carry. Select one or more joints first.")
    for key in tops:
        _refuse_breaking_limb(puppet, key)
    parent = _common_parent(puppet, tops)
    puppet, carrier = new_id(puppet, "joint")
    name = unique(name, names_like(puppet, "joint"))
    joint = Joint(name=name, pivot=point(pivot), parent=parent, pivot_set=True, role=role)
    puppet = put(puppet, carrier, joint)
    for key in tops:
        puppet = change(puppet, key, parent=carrier)
    refuse_circles(puppet)
    return puppet, carrier


def set_also(puppet: Puppet, key: str, also: Iterable[str]) -> Puppet:
    """Let a joint follow others ("" is the board) instead of its parent, where its channel `follows` says so. Moves nothing at rest.

    Refuses joints that limbs turn, and what would have to be placed before itself.
    """
    joint = get_joint(puppet, key)
    wanted = tuple(also)
    for each in wanted:
        if each:
            get_joint(puppet, each)
        if each == key:
            raise RigError(f"{joint.name} can't follow itself. Choose something else for it to follow.")
    if len(set(wanted)) < len(wanted):
        raise RigError(f"{joint.name} follows each thing once. Leave out what is named twice.")
    for limb in puppet.limbs.values():
        if wanted and (key in limb.joints or key == limb.end):
            raise RigError(f"{joint.name} is held by the limb {limb.name}: let its target follow something else.")
    puppet = change(puppet, key, also=wanted)
    refuse_circles(puppet)
    return puppet


def _common_parent(puppet: Puppet, tops: list[str]) -> str | None:
    """The nearest joint that carries all of `tops`, or None."""
    shared = ancestors(puppet, tops[0])
    for key in tops[1:]:
        way = set(ancestors(puppet, key))
        shared = [k for k in shared if k in way]
    return shared[0] if shared else None


def remove_carrier(puppet: Puppet, key: str) -> Puppet:
    """Take a carrier away; what it carried hangs from its own carrier then. Refuses joints that are in use."""
    joint = get_joint(puppet, key)
    if parts_on(puppet, key):
        raise RigError(f"{joint.name} has a drawing riding on it; remove the part instead of the joint.")
    if users := users_of(puppet, key):
        raise InUseError(f"{joint.name} is used by {users}; remove that first.", users)
    for child in children(puppet, key):
        puppet = change(puppet, child, parent=joint.parent)
    return take_out(puppet, key)
