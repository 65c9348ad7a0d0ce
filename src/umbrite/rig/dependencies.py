"""What has to be placed before what: a joint after its parent, a limb after its target and its root's parent.

The plan in `motion` orders its work by this, and edits refuse what would close a circle, naming the loop.
"""

from collections.abc import Sequence
from itertools import pairwise

from umbrite.rig.errors import RigError
from umbrite.rig.ids import id_kind, owner_of
from umbrite.rig.model import Limb, Link, Point, Puppet


def needs(puppet: Puppet) -> dict[str, tuple[str, ...]]:
    """For each joint and limb id, the ids that must be placed first.

    A joint needs its parent; joints of a limb need the limb; the limb needs its root's parent and its target;
    an end that keeps the target's angle needs the target; one that points at its toe target needs that.
    """
    wants: dict[str, list[str]] = {
        key: [] if joint.parent is None else [joint.parent] for key, joint in puppet.joints.items()
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
    return {key: tuple(value) for key, value in wants.items()}


def held_by(limb: Limb) -> str:
    """The joint that keeps the angle of a limb's end."""
    return limb.toe if limb.end_hold == "toe" and limb.toe is not None else limb.target


def ranked(puppet: Puppet) -> dict[str, int]:
    """Each joint's and limb's rank: one more than the highest it needs. Raises RigError naming a circle."""
    wants = needs(puppet)
    rank: dict[str, int] = {}
    for start in wants:
        stack, on_way = [start], dict.fromkeys([start])
        while stack:
            key = stack[-1]
            missing = next((k for k in wants[key] if k not in rank), None)
            if missing is None:
                rank[key] = 1 + max((rank[k] for k in wants[key]), default=-1)
                on_way.pop(key, None)
                stack.pop()
            elif missing in on_way:
                way = list(on_way)
                raise RigError(_in_words(puppet, way[way.index(missing) :]))
            else:
                on_way[missing] = None
                stack.append(missing)
    return rank


def refuse_circles(puppet: Puppet) -> None:
    """Raise RigError with the loop in words where something would have to be placed before itself."""
    ranked(puppet)


def _in_words(puppet: Puppet, loop: list[str]) -> str:
    names = [puppet.limbs[k].name if id_kind(k) == "limb" else puppet.joints[k].name for k in loop]
    return (
        f"{names[0]} would have to wait for itself: {' needs '.join([*names, names[0]])}. "
        "Let the target follow something that the limb doesn't move, such as the board or the body."
    )


def curve_fault(points: Sequence[Point]) -> str:
    """What is wrong with a curve, to stand behind its name; empty where nothing is."""
    if len(points) < 2:
        return "needs at least two points"
    if any(b.x - a.x < 1e-9 for a, b in pairwise(points)):
        return "goes back or stands still in what it follows"
    return ""


def link_order(puppet: Puppet) -> tuple[str, ...]:
    """Links in the order in which they can be followed. Raises RigError with the loop in words.

    A link by travel needs all that moves its joint: every channel of what the joint hangs from or waits for.
    """
    order: list[str] = []
    way: list[str] = []
    before = {key: _needed(puppet, link) for key, link in puppet.links.items()} if puppet.links else {}

    def visit(key: str) -> None:
        if key in order:
            return
        if key in way:
            names = [puppet.links[k].name for k in [*way[way.index(key) :], key]]
            raise RigError(
                f"The links go in a circle: {' needs '.join(names)}. Let one of them follow something else."
            )
        way.append(key)
        for other, link in puppet.links.items():
            if link.drives in before[key] or owner_of(link.drives) in before[key]:
                visit(other)
        way.pop()
        order.append(key)

    for key in puppet.links:
        visit(key)
    return tuple(order)


def _needed(puppet: Puppet, link: Link) -> set[str]:
    """The channel that a link follows, or the ids of everything that moves the joint whose travel it follows."""
    if not link.travel:
        return {link.source}
    wants, found, left = needs(puppet), {link.source}, [link.source]
    while left:
        for key in wants.get(left.pop(), ()):
            if key not in found:
                found.add(key)
                left.append(key)
    return found
