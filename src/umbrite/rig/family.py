"""The family: what carries what, and the body, which an animator moves first. Nothing here edits a puppet."""

from collections.abc import Iterator, Mapping

from umbrite.rig.change import get_joint
from umbrite.rig.errors import RigError
from umbrite.rig.model import Joint, Limb, Part, Puppet
from umbrite.rig.remembered import remembered, remembered_by


def children(puppet: Puppet, parent: str | None) -> list[str]:
    """Ids of the joints that hang directly from `parent` (None: the free ones), in family order."""
    return list(by_parent(puppet.joints).get(parent, ()))


def _carried(joints: Mapping[str, Joint]) -> tuple[object, ...]:
    return tuple(joints), tuple([joint.parent for joint in joints.values()])


@remembered_by(_carried)
def by_parent(joints: Mapping[str, Joint]) -> Mapping[str | None, list[str]]:
    """Parent id (None: free) -> ids of the joints that hang directly from it, in family order."""
    found: dict[str | None, list[str]] = {}
    for key, joint in joints.items():
        found.setdefault(joint.parent, []).append(key)
    return found


@remembered
def by_joint(parts: Mapping[str, Part], order: tuple[str, ...]) -> Mapping[str, list[str]]:
    """Joint id -> ids of the parts that ride directly on it, back to front."""
    found: dict[str, list[str]] = {}
    for key in order:
        found.setdefault(parts[key].joint, []).append(key)
    return found


def ancestors(puppet: Puppet, key: str) -> list[str]:
    """The carriers of a joint, nearest first, without itself."""
    found: list[str] = []
    parent = get_joint(puppet, key).parent
    while parent is not None:
        found.append(parent)
        parent = puppet.joints[parent].parent
    return found


def carries(puppet: Puppet, upper: str, lower: str) -> bool:
    """Whether a joint carries another one, however far below; none carries itself."""
    return upper in ancestors(puppet, lower)


def drawn_order(puppet: Puppet) -> tuple[str, ...]:
    """The parts as they are drawn, back to front: reference pictures behind all others, whatever depth they keep for later."""
    if not any(part.reference for part in puppet.parts.values()):
        return puppet.order
    return tuple(sorted(puppet.order, key=lambda key: not puppet.parts[key].reference))


def branch(puppet: Puppet, key: str) -> list[str]:
    """The joint and all that it carries, parents before children."""
    get_joint(puppet, key)
    return list(_walk(by_parent(puppet.joints), key))


def _walk(below: Mapping[str | None, list[str]], key: str) -> Iterator[str]:
    stack = [key]
    while stack:
        top = stack.pop()
        yield top
        stack.extend(reversed(below.get(top, [])))


def path(puppet: Puppet, one: str, other: str) -> list[str]:
    """The joints from the upper of two to the lower, both included, whichever is named first.

    Raises RigError where neither carries the other.
    """
    for low, high in ((other, one), (one, other)):
        chain = [low, *ancestors(puppet, low)]
        if high in chain:
            return chain[chain.index(high) :: -1]
    names = get_joint(puppet, one).name, get_joint(puppet, other).name
    raise RigError(f"{names[0]} and {names[1]} don't lie on one line of the family. Parent one below the other first.")


def parts_on(puppet: Puppet, key: str) -> list[str]:
    """Ids of the parts that ride directly on a joint, back to front."""
    return list(by_joint(puppet.parts, puppet.order).get(key, ()))


def targets(puppet: Puppet) -> Mapping[str, str]:
    """Joint id -> limb id, for every joint that a limb reaches for."""
    return _targets(puppet.limbs)


@remembered
def _targets(limbs: Mapping[str, Limb]) -> Mapping[str, str]:
    return {limb.target: key for key, limb in limbs.items()}


def toes(puppet: Puppet) -> Mapping[str, str]:
    """Joint id -> limb id, for every toe target."""
    return _toes(puppet.limbs)


@remembered
def _toes(limbs: Mapping[str, Limb]) -> Mapping[str, str]:
    return {limb.toe: key for key, limb in limbs.items() if limb.toe is not None}


def is_carrier(puppet: Puppet, key: str) -> bool:
    """Whether a joint carries no drawing of its own and is no target: a carrier, or the master."""
    get_joint(puppet, key)
    return key in carriers(puppet.joints, puppet.parts, puppet.order, puppet.limbs)


@remembered
def carriers(
    joints: Mapping[str, Joint], parts: Mapping[str, Part], order: tuple[str, ...], limbs: Mapping[str, Limb]
) -> frozenset[str]:
    """All joints that carry no drawing of their own, are no bone and no target."""
    drawn, aimed = by_joint(parts, order), {*_targets(limbs), *_toes(limbs)}
    return frozenset(
        key for key, joint in joints.items() if joint.tip is None and key not in aimed and key not in drawn
    )


def users_of(puppet: Puppet, key: str) -> str:
    """The limbs and controls that a joint cannot be taken from, in words; empty where there are none."""
    limbs = [
        limb.name for limb in puppet.limbs.values() if key in limb.joints or key in (limb.end, limb.target, limb.toe)
    ]
    controls = [control.name for control in puppet.controls.values() if control.moves == key]
    words = [f"the limb {name}" for name in limbs] + [f"the control {name}" for name in controls]
    return " and ".join(words)


def caught(puppet: Puppet, key: str) -> str:
    """What a click on a joint's art picks: the uppermost carrier that catches clicks, or the joint itself."""
    catching = [k for k in ancestors(puppet, key) if puppet.joints[k].catches]
    return catching[-1] if catching else key


def body_joint(puppet: Puppet) -> str | None:
    """The joint that carries the roots of all limbs that hang from anything: hips, trunk, barrel, or a carrier over several of these.

    It is as far down as it can be, never the master, and never held by a limb. None where there is no such joint.
    """
    chains = [chain for chain in _chains(puppet).values() if chain]
    shared = [key for key in chains[0] if all(key in chain for chain in chains)] if chains else []
    return shared[0] if shared else None


def body_carrier(puppet: Puppet) -> str | None:
    """The carrier that moves the body, where there is one already: it carries the body alone, or is the body itself."""
    body = body_joint(puppet)
    if body is None:
        return None
    if is_carrier(puppet, body):
        return body
    above = puppet.joints[body].parent
    if above is None or puppet.joints[above].role == "master" or not is_carrier(puppet, above):
        return None
    return above


def loose_bodies(puppet: Puppet) -> list[str]:
    """Where nothing but the master carries all limbs: the joints below it, or free ones, that carry their roots; in family order."""
    chains = _chains(puppet)
    if body_joint(puppet) is not None or len(chains) < 2:
        return []
    tops = {chain[-1] for chain in chains.values() if chain} or set(chains)
    return [key for key in puppet.joints if key in tops]


def in_guests(puppet: Puppet) -> set[str]:
    """All that guests are, which belongs to other bodies."""
    return {key for guest in puppet.guests.values() for key in guest.ids.values()}


def _chains(puppet: Puppet) -> dict[str, list[str]]:
    """What carries each limb's root; limbs of guests belong to other bodies."""
    strange = in_guests(puppet)
    roots = dict.fromkeys(limb.joints[0] for key, limb in puppet.limbs.items() if limb.enabled and key not in strange)
    return {root: _way_up(puppet, root) for root in roots}


def _way_up(puppet: Puppet, root: str) -> list[str]:
    """What carries a limb's root, nearest first, without what limbs hold and without the master and what carries that."""
    held = {key for limb in puppet.limbs.values() if limb.enabled for key in (*limb.joints, limb.end)}
    found: list[str] = []
    for key in ancestors(puppet, root):
        if puppet.joints[key].role == "master":
            break
        if key in held:
            found.clear()
            continue
        found.append(key)
    return found
