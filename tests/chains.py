"""Bare chains with a limb: no art, just joints, for what motion has to keep."""

from umbrite.rig.model import Joint, Limb, Limit, Puppet, point

BODY, TARGET, LIMB = "j90", "j99", "l98"


def chain(points, bend=1, limit=None, soften=0.0, *, parent=False):
    """A limb through all points, the last being its tip: joints j1, j2, ...; `parent` carries both."""
    ends = (-limit, limit) if isinstance(limit, float) else limit
    limits = Limit(*ends) if ends is not None else None
    joints = {BODY: Joint("Body", point(0j), pivot_set=True)} if parent else {}
    above = BODY if parent else None
    for i, at in enumerate(points[:-1]):
        joints[f"j{i + 1}"] = Joint(f"Joint {i}", point(at), above, limit=limits, pivot_set=True)
        above = f"j{i + 1}"
    joints[TARGET] = Joint("Target", point(points[-1]), BODY if parent else None, pivot_set=True)
    names = tuple(f"j{i + 1}" for i in range(len(points) - 1))
    limb = Limb("Limb", names, TARGET, tip=point(points[-1]), bend=1 if bend > 0 else -1, soften=soften)
    return Puppet(joints=joints, limbs={LIMB: limb}, next_id=100)
