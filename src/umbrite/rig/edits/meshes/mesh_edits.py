"""Parts that bend: a mesh given to a part and taken away, joints for it along a line, weights changed. Nothing moves at rest."""

import itertools
from collections.abc import Sequence

from umbrite.rig.change import change, get_joint, get_part, names_like, new_id, put, require_finite
from umbrite.rig.edits.bones import SHORTEST, spread_along
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.pivots import keep_limbs
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, children, targets
from umbrite.rig.limb_shape import nearest_bone
from umbrite.rig.mesh import mesh_fault, with_keeping
from umbrite.rig.model import Joint, Mesh, Puppet, point
from umbrite.rig.words.names import unique


def set_mesh(puppet: Puppet, key: str, mesh: Mesh | None) -> Puppet:
    """Let a part bend by a mesh, or (None) ride as a whole on its joint again. Refuses a mesh of other joints, or one that is broken."""
    get_part(puppet, key)
    if mesh is not None:
        for joint in mesh.joints:
            get_joint(puppet, joint)
        if fault := mesh_fault(mesh):
            raise RigError(f"This mesh can't be used: {fault}. The part stays as it was.")
    return change(puppet, key, mesh=mesh)


def set_keeping(puppet: Puppet, key: str, share: float) -> Puppet:
    """How much a part gets narrower as its joints lengthen it: 0 not at all, 1 so that it keeps its area. Refuses a part without a mesh."""
    require_finite(share, what="A share of squash")
    mesh = get_part(puppet, key).mesh
    if mesh is None:
        raise RigError(f"{puppet.parts[key].name} doesn't bend yet. Make it bend first.")
    return change(puppet, key, mesh=with_keeping(mesh, min(max(share, 0.0), 1.0)))


def chain_along(
    puppet: Puppet, part: str, line: Sequence[complex], count: int, *, by_curvature: bool = False
) -> tuple[Puppet, list[str]]:
    """Joints for a part along a line of board points: its own joint is the first, the others hang from one another. Their ids.

    What hung from the part's joint hangs from the nearest of them then; nothing moves. Where the part's joint turns elsewhere, carries
    other parts too, or ends a limb, it stays what it is and carries the whole chain. Refuses other numbers than 1 to 60.
    """
    if not 1 <= count <= 60:
        raise RigError("A part bends in 1 to 60 joints. Choose another number.")
    before, own = puppet, get_part(puppet, part).joint
    joint = puppet.joints[own]
    stops = spread_along(_from_pivot(line, joint.pivot.z), count, by_curvature=by_curvature)
    hooks = targets(puppet)
    below = [child for child in children(puppet, own) if child not in hooks]
    others = [key for key, each in puppet.parts.items() if each.joint == own and key != part]
    step = abs(stops[1] - stops[0])
    limbed = any(own in (*limb.joints, limb.end, limb.target, limb.toe) for limb in puppet.limbs.values())
    begins = abs(joint.pivot.z - stops[0]) <= step and not others and not limbed and joint.tip is None
    keys: list[str] = []
    if begins:
        head = joint.pivot.z
        if abs(stops[1] - head) < SHORTEST:
            head = stops[0]
        puppet = change(puppet, own, pivot=point(head), tip=point(stops[1]), pivot_set=True)
        keys.append(own)
    for i, (head, tip) in enumerate(itertools.pairwise(stops)):
        if i < len(keys):
            continue
        puppet, key = new_id(puppet, "joint")
        name = unique(f"{puppet.parts[part].name} {i + 1}", names_like(puppet, "joint"))
        made = Joint(
            name=name, pivot=point(head), parent=keys[-1] if keys else own, tip=point(tip), side=joint.side, pivot_set=True
        )  # fmt: skip
        puppet = put(puppet, key, made)
        keys.append(key)
    for child in below:
        at = before.joints[child].pivot.z
        nearest = nearest_bone(puppet, keys, at)
        if nearest != own:
            puppet = set_parent(puppet, [child], nearest)
    return keep_limbs(puppet), keys


def _from_pivot(line: Sequence[complex], pivot: complex) -> list[complex]:
    """The line from a pivot on that lies beside its first third; what comes before is no bone. Others stay as they are."""
    points = list(line)
    nearest = min(range(len(points)), key=lambda i: abs(points[i] - pivot))
    walked = sum(abs(b - a) for a, b in itertools.pairwise(points[: nearest + 1]))
    whole = sum(abs(b - a) for a, b in itertools.pairwise(points))
    if walked > whole / 3 or abs(points[nearest] - pivot) > whole / 6:
        return points
    return [pivot, *(z for z in points[nearest + 1 :] if abs(z - pivot) > SHORTEST)]


def bones_in_family(puppet: Puppet, joints: Sequence[str]) -> list[int]:
    """For each of some joints the place of the nearest of them that carries it; its own where none does."""
    place = {key: i for i, key in enumerate(joints)}
    return [
        next((place[above] for above in ancestors(puppet, key) if above in place), i) for i, key in enumerate(joints)
    ]
