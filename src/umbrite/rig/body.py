"""The body: what an animator moves first, while feet and hands stay. Found by what carries limbs, whatever it is called."""

from umbrite.rig.family import ancestors, is_carrier
from umbrite.rig.model import Puppet


def body_joint(puppet: Puppet) -> str | None:
    """The joint that carries the roots of all limbs that hang from anything: hips, trunk, barrel, or a carrier over several of these.

    It is as far down as it can be, never the master, and never held by a limb. None where there is no such joint.
    """
    ways = [way for way in _ways(puppet).values() if way]
    shared = [key for key in ways[0] if all(key in way for way in ways)] if ways else []
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
    ways = _ways(puppet)
    if body_joint(puppet) is not None or len(ways) < 2:
        return []
    tops = {way[-1] for way in ways.values() if way} or set(ways)
    return [key for key in puppet.joints if key in tops]


def _ways(puppet: Puppet) -> dict[str, list[str]]:
    """What carries each limb's root."""
    roots = dict.fromkeys(limb.joints[0] for limb in puppet.limbs.values() if limb.enabled)
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
