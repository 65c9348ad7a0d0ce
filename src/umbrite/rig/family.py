"""The family: who is carried by whom. No edit here moves the rest picture, or a pose that stays at rest."""

from collections.abc import Iterable, Iterator

from umbrite.rig.change import change, get_joint, new_id, put, take_out
from umbrite.rig.dependencies import refuse_circles
from umbrite.rig.errors import RigError
from umbrite.rig.model import Joint, Puppet, point
from umbrite.rig.names import names_like, unique


def children(puppet: Puppet, parent: str | None) -> list[str]:
    """Ids of the joints that hang directly from `parent` (None: the free ones), in family order."""
    return [key for key, joint in puppet.joints.items() if joint.parent == parent]


def ancestors(puppet: Puppet, key: str) -> list[str]:
    """The carriers of a joint, nearest first, without itself."""
    found: list[str] = []
    parent = get_joint(puppet, key).parent
    while parent is not None:
        found.append(parent)
        parent = puppet.joints[parent].parent
    return found


def branch(puppet: Puppet, key: str) -> list[str]:
    """The joint and all that it carries, parents before children."""
    get_joint(puppet, key)
    by_parent: dict[str | None, list[str]] = {}
    for child, joint in puppet.joints.items():
        by_parent.setdefault(joint.parent, []).append(child)
    return list(_walk(by_parent, key))


def _walk(by_parent: dict[str | None, list[str]], key: str) -> Iterator[str]:
    stack = [key]
    while stack:
        top = stack.pop()
        yield top
        stack.extend(reversed(by_parent.get(top, [])))


def path(puppet: Puppet, one: str, other: str) -> list[str]:
    """The joints from the upper of two to the lower, both included, whichever is named first."""
    for low, high in ((other, one), (one, other)):
        way = [low, *ancestors(puppet, low)]
        if high in way:
            return way[way.index(high) :: -1]
    names = get_joint(puppet, one).name, get_joint(puppet, other).name
    raise RigError(
        f"{names[0]} and {names[1]} don't lie on one line of the family. Parent one below the other first."
    )


def parts_on(puppet: Puppet, key: str) -> list[str]:
    """Ids of the parts that ride directly on a joint, back to front."""
    return [part for part in puppet.order if puppet.parts[part].joint == key]


def targets(puppet: Puppet) -> dict[str, str]:
    """Joint id -> limb id, for every joint that a limb reaches for."""
    return {limb.target: key for key, limb in puppet.limbs.items()}


def toes(puppet: Puppet) -> dict[str, str]:
    """Joint id -> limb id, for every toe target."""
    return {limb.toe: key for key, limb in puppet.limbs.items() if limb.toe is not None}


def is_carrier(puppet: Puppet, key: str) -> bool:
    joint = get_joint(puppet, key)
    aimed_at = key in targets(puppet) or key in toes(puppet)
    return joint.tip is None and not aimed_at and not parts_on(puppet, key)


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
    way = [parent, *ancestors(puppet, parent)]
    if key in way:
        loop = " is carried by ".join(puppet.joints[k].name for k in [*way[: way.index(key) + 1], parent])
        name, other = puppet.joints[key].name, puppet.joints[parent].name
        if key == parent:
            raise RigError(f"{name} can't carry itself. Choose another parent.")
        raise RigError(f"{name} can't hang from {other}: {loop}, a circle. Free {other} from {name} first.")


def _refuse_breaking_limb(puppet: Puppet, key: str) -> None:
    for limb in puppet.limbs.values():
        if key in limb.joints[1:] or key == limb.end:
            name = puppet.joints[key].name
            raise RigError(
                f"{name} is held by the limb {limb.name}; remove the limb first, then change its parent."
            )


def carry_together(
    puppet: Puppet, keys: Iterable[str], name: str, pivot: complex, role: str = ""
) -> tuple[Puppet, str]:
    """Put a new carrier over joints: it hangs where the uppermost of them hung. Nothing moves.

    Joints whose carrier is among `keys` come along with it. Returns the new puppet and the carrier's id.
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
    puppet, carrier = new_id(puppet, "j")
    name = unique(name, names_like(puppet, "j"))
    joint = Joint(name=name, pivot=point(pivot), parent=parent, pivot_set=True, role=role)  # type: ignore[arg-type]
    puppet = put(puppet, carrier, joint)
    for key in tops:
        puppet = change(puppet, key, parent=carrier)
    refuse_circles(puppet)
    return puppet, carrier


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
        raise RigError(f"{joint.name} is used by {users}; remove that first.")
    for child in children(puppet, key):
        puppet = change(puppet, child, parent=joint.parent)
    return take_out(puppet, key)


def users_of(puppet: Puppet, key: str) -> str:
    """The limbs and controls that a joint cannot be taken from, in words; empty where there are none."""
    limbs = [
        limb.name
        for limb in puppet.limbs.values()
        if key in limb.joints or key in (limb.end, limb.target, limb.toe)
    ]
    controls = [control.name for control in puppet.controls.values() if control.moves == key]
    words = [f"the limb {name}" for name in limbs] + [f"the control {name}" for name in controls]
    return " and ".join(words)


def caught(puppet: Puppet, key: str) -> str:
    """What a click on a joint's art picks: the uppermost carrier that catches clicks, or the joint itself."""
    catching = [k for k in ancestors(puppet, key) if puppet.joints[k].catches]
    return catching[-1] if catching else key
