"""What has to be placed before what: a joint after its parent, a limb after its target and its root's parent.

The plan in `motion` orders its work by this, and edits refuse what would close a circle, naming the loop.
"""

from umbrite.rig.errors import RigError
from umbrite.rig.model import Limb, Puppet


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
    names = [puppet.limbs[k].name if k[0] == "l" else puppet.joints[k].name for k in loop]
    return (
        f"{names[0]} would have to wait for itself: {' needs '.join([*names, names[0]])}. "
        "Let the target follow something that the limb doesn't move, such as the board or the body."
    )
