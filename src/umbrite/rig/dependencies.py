"""What has to be known before what: a joint after its parent, a limb after its target and its root's parent, a link after what it follows.

The plan in `motion` orders its work by this, and edits refuse what would close a circle, naming the loop.
"""

from collections.abc import Callable, Mapping, Sequence
from graphlib import CycleError, TopologicalSorter
from itertools import pairwise

from umbrite.rig.change import thing
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Limb, Point, Puppet
from umbrite.rig.remembered import remembered_by


def needs(puppet: Puppet) -> dict[str, list[str]]:
    """For each joint and limb id, the ids of joints and limbs that must be placed first, links aside.

    A joint needs its parent and what it may follow instead; joints of a limb need the limb; the limb needs its root's parent and its target;
    an end that keeps the target's angle needs the target; one that points at its toe target needs that.
    """
    wants: dict[str, list[str]] = {
        key: [each for each in (joint.parent, *joint.also) if each] for key, joint in puppet.joints.items()
    }
    for key, limb in puppet.limbs.items():
        if not limb.enabled:
            continue
        root_parent = puppet.joints[limb.joints[0]].parent
        wants[key] = [limb.target] if root_parent is None else [root_parent, limb.target]
        for joint in limb.joints:
            wants[joint].append(key)
        if limb.end is not None and limb.end_hold != "limb":
            wants[limb.end].append(held_by(limb))
    return wants


def held_by(limb: Limb) -> str:
    """The joint that keeps the angle of a limb's end."""
    return limb.toe if limb.end_hold == "toe" and limb.toe is not None else limb.target


def late_links(puppet: Puppet) -> tuple[str, ...]:
    """Links that can be followed only while joints are being placed: those by travel, and what follows what they drive."""
    late: list[str] = []
    for key in link_order(puppet):
        link = puppet.links[key]
        if link.travel or any(puppet.links[other].drives == link.source for other in late):
            late.append(key)
    return tuple(late)


def _family(puppet: Puppet) -> tuple[object, ...]:
    parents = tuple(joint.parent for joint in puppet.joints.values())
    also = tuple(joint.also for joint in puppet.joints.values())
    return tuple(puppet.joints), parents, also, puppet.limbs, puppet.links


@remembered_by(_family)
def ranked(puppet: Puppet) -> Mapping[str, int]:
    """Each joint's, limb's and late link's rank: one more than the highest it needs. Raises RigError naming a circle.

    Places do not matter, so a puppet of the same family, limbs and links is not looked through again.
    """
    wants = needs(puppet)
    holder = {joint: key for key, limb in puppet.limbs.items() if limb.enabled for joint in limb.joints}
    late = late_links(puppet)
    for key in late:
        link = puppet.links[key]
        wants[key] = (
            [link.source] if link.travel else [other for other in late if puppet.links[other].drives == link.source]
        )
        # A limb starts from its joints' own values, so it waits for what drives them.
        for driven in (owner_of(link.drives), holder.get(owner_of(link.drives))):
            if driven in wants:
                wants[driven].append(key)
    rank: dict[str, int] = {}
    for key in _in_order(puppet, wants, _waiting):
        rank[key] = 1 + max((rank[k] for k in wants[key]), default=-1)
    return rank


def refuse_circles(puppet: Puppet) -> None:
    """Raise RigError with the loop in words where something would have to be placed before itself."""
    ranked(puppet)


def link_order(puppet: Puppet) -> tuple[str, ...]:
    """Links in the order in which they can be followed. Raises RigError with the loop in words.

    A link by travel needs all that moves its joint: every channel of what the joint hangs from or waits for.
    """
    if not puppet.links:
        return ()
    wants = needs(puppet)
    before = {
        key: _all_before(wants, link.source) if link.travel else {link.source} for key, link in puppet.links.items()
    }
    graph = {
        key: [k for k, link in puppet.links.items() if before[key] & {link.drives, owner_of(link.drives)}]
        for key in puppet.links
    }
    return _in_order(puppet, graph, _linked_round)


def _all_before(wants: Mapping[str, Sequence[str]], start: str) -> set[str]:
    """An id and all that it needs, however far back."""
    found, left = {start}, [start]
    while left:
        fresh = [key for key in wants.get(left.pop(), ()) if key not in found]
        found.update(fresh)
        left += fresh
    return found


def _in_order(
    puppet: Puppet, wants: Mapping[str, Sequence[str]], sentence: Callable[[list[str]], str]
) -> tuple[str, ...]:
    try:
        return tuple(TopologicalSorter(wants).static_order())
    except CycleError as error:
        loop: list[str] = error.args[1][::-1]  # each needs the next; the first stands at the end again
        raise RigError(sentence([str(thing(puppet, key).name) for key in loop])) from None


def _waiting(names: list[str]) -> str:
    return (
        f"{names[0]} would have to wait for itself: {' needs '.join(names)}. "
        "Let the target follow something that the limb doesn't move, such as the board or the body."
    )


def _linked_round(names: list[str]) -> str:
    return f"The links go in a circle: {' needs '.join(names)}. Let one of them follow something else."


def curve_fault(points: Sequence[Point]) -> str:
    """What is wrong with a link's curve, to stand behind its name; empty where nothing is."""
    if len(points) < 2:
        return "needs at least two points"
    if any(b.x - a.x < 1e-9 for a, b in pairwise(points)):
        return "goes back or stands still in what it follows"
    return ""
