"""What has to be known before what: a joint after its parent, a limb after its target and its root's parent, a link or a response after what it follows.

The plan in `motion` orders its work by this, and edits refuse what would close a circle, naming the loop.
"""

from collections.abc import Callable, Mapping, Sequence
from graphlib import CycleError, TopologicalSorter
from itertools import pairwise

from umbrite.rig.change import thing
from umbrite.rig.driving.rules import rules
from umbrite.rig.errors import RigError
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Limb, Point, Puppet
from umbrite.rig.remembered import remembered_by


def needs(puppet: Puppet) -> dict[str, list[str]]:
    """For each joint and limb id, the ids of joints and limbs that must be placed first, links and responses aside.

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


def late_rules(puppet: Puppet) -> tuple[str, ...]:
    """Links and responses that can be followed only while joints are being placed: those that wait for one, and what follows what they drive."""
    known, late = rules(puppet), list[str]()
    for key in rule_order(puppet):
        rule = known[key]
        if rule.waits or any(not set(rule.reads).isdisjoint(known[other].drives) for other in late):
            late.append(key)
    return tuple(late)


def _family(puppet: Puppet) -> tuple[object, ...]:
    parents = tuple(joint.parent for joint in puppet.joints.values())
    also = tuple(joint.also for joint in puppet.joints.values())
    return tuple(puppet.joints), parents, also, puppet.limbs, puppet.links, puppet.responses, puppet.controls


@remembered_by(_family)
def ranked(puppet: Puppet) -> Mapping[str, int]:
    """Each joint's, limb's, late link's and late response's rank: one more than the highest it needs. Raises RigError naming a circle.

    Places do not matter, so a puppet of the same family, limbs, links and responses is not looked through again.
    """
    wants = needs(puppet)
    holder = {joint: key for key, limb in puppet.limbs.items() if limb.enabled for joint in limb.joints}
    known, late = rules(puppet), late_rules(puppet)
    for key in late:
        rule = known[key]
        wants[key] = [other for other in late if not set(rule.reads).isdisjoint(known[other].drives)]
        wants[key] += [rule.waits] * bool(rule.waits)
        # A limb starts from its joints' own values, so it waits for what drives them.
        for owner in {owner_of(name): None for name in rule.drives}:
            for driven in (owner, holder.get(owner)):
                if driven in wants:
                    wants[driven].append(key)
    rank: dict[str, int] = {}
    for key in _in_order(puppet, wants, _waiting):
        rank[key] = 1 + max((rank[k] for k in wants[key]), default=-1)
    return rank


def refuse_circles(puppet: Puppet) -> None:
    """Raise RigError with the loop in words where something would have to be placed before itself."""
    ranked(puppet)


def rule_order(puppet: Puppet) -> tuple[str, ...]:
    """Links and responses in the order in which they can be followed. Raises RigError with the loop in words.

    What waits for a joint needs all that moves it: every channel of what the joint hangs from or waits for.
    """
    known = rules(puppet)
    if not known:
        return ()
    wants = needs(puppet)
    before = {key: _all_before(wants, rule.waits) if rule.waits else set(rule.reads) for key, rule in known.items()}
    added = {key: {*rule.drives, *map(owner_of, rule.drives)} for key, rule in known.items()}
    graph = {key: [k for k in known if before[key] & added[k]] for key in known}
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
    return f"Links and responses go in a circle: {' needs '.join(names)}. Let one of them follow something else."


def curve_fault(points: Sequence[Point]) -> str:
    """What is wrong with a link's curve, to stand behind its name; empty where nothing is."""
    if len(points) < 2:
        return "needs at least two points"
    if any(b.x - a.x < 1e-9 for a, b in pairwise(points)):
        return "goes back or stands still in what it follows"
    return ""
