"""A part made ready to bend: its mesh and weights from its drawing and its bones."""

from collections.abc import Sequence

import numpy as np

from umbrite.art.bending.meshing import SEEN, Net, Segment, mesh_over, uncovered
from umbrite.art.bending.middle_line import MiddleLine, middle_line
from umbrite.art.bending.weights import weights_on
from umbrite.art.pictures import Picture
from umbrite.rig.affine import inverse
from umbrite.rig.change import change
from umbrite.rig.edits.limits import set_loose
from umbrite.rig.edits.meshes.mesh_edits import bones_in_family, chain_along, set_mesh
from umbrite.rig.edits.parenting import remove_carrier
from umbrite.rig.errors import RigError
from umbrite.rig.family import parts_on
from umbrite.rig.mesh import mesh_of, with_keeping
from umbrite.rig.model import Mesh, Puppet
from umbrite.rig.placement import board_from_drawing

COVERED = 0.002  # of the opaque area may lie beside a mesh that is kept


def line_of(puppet: Puppet, part: str, picture: Picture) -> MiddleLine:
    """The middle line of a part's drawing in its pixels, beginning at the end nearer to its pivot. Raises RigError for one that shows nothing."""
    item = puppet.parts[part]
    start = complex(inverse(board_from_drawing(item.placement))(puppet.joints[item.joint].pivot.z))
    return middle_line(picture, start)


def middle_of(puppet: Puppet, part: str, picture: Picture) -> list[complex]:
    """Board points along the middle of a part, from the end near its pivot to the far end."""
    onto = board_from_drawing(puppet.parts[part].placement)
    return [complex(z) for z in np.asarray(onto(line_of(puppet, part, picture).points))]


def segments(puppet: Puppet, part: str, joints: Sequence[str]) -> list[Segment]:
    """Heads and tips of joints in a part's pixels; a joint without a tip ends where the joint that hangs from it begins."""
    back = inverse(board_from_drawing(puppet.parts[part].placement))
    up = bones_in_family(puppet, joints)
    found = []
    for i, key in enumerate(joints):
        joint = puppet.joints[key]
        below = [puppet.joints[joints[j]].pivot.z for j, carrier in enumerate(up) if carrier == i and j != i]
        tip = joint.tip.z if joint.tip is not None else (sum(below) / len(below) if below else joint.pivot.z)
        found.append((complex(back(joint.pivot.z)), complex(back(tip))))
    return found


def mesh_for(puppet: Puppet, part: str, picture: Picture, joints: Sequence[str], density: float = 1.0) -> Mesh:
    """A mesh with weights for a part that bends over joints. Raises RigError for a drawing that shows nothing, and for no joints."""
    if not joints:
        raise RigError("There is nothing to bend over: select the bones first.")
    bones = segments(puppet, part, joints)
    return _weighed(puppet, picture, joints, bones, mesh_over(picture, bones, density))


def _weighed(puppet: Puppet, picture: Picture, joints: Sequence[str], bones: Sequence[Segment], net: Net) -> Mesh:
    weights = weights_on(net, picture, bones, bones_in_family(puppet, joints))
    return mesh_of(joints, net.vertices, net.triangles, weights)


def weighed_anew(puppet: Puppet, part: str, picture: Picture) -> Mesh:
    """A part's own mesh with weights as the drawing's shape gives them. Raises RigError for a part without a mesh."""
    mesh = puppet.parts[part].mesh
    if mesh is None:
        raise RigError(f"{puppet.parts[part].name} doesn't bend yet. Make it bend first.")
    arrays, bones = mesh.arrays, segments(puppet, part, mesh.joints)
    made = _weighed(puppet, picture, mesh.joints, bones, Net(arrays.vertices, arrays.triangles))
    return with_keeping(made, mesh.keeps_area)


def bend_part(
    puppet: Puppet, part: str, picture: Picture, count: int | None = None, *, by_curvature: bool = False
) -> tuple[Puppet, list[str]]:
    """The part bends in joints along its middle line, as many as suit it or `count`. Nothing moves at rest. The joints' ids."""
    count = count or line_of(puppet, part, picture).joints
    points = middle_of(puppet, part, picture)
    puppet, keys = chain_along(puppet, part, points, count, by_curvature=by_curvature)
    return set_mesh(puppet, part, mesh_for(puppet, part, picture, keys)), keys


def bend_anew(
    puppet: Puppet, part: str, picture: Picture, count: int, *, by_curvature: bool = False
) -> tuple[Puppet, list[str]]:
    """The part bends in another number of joints, or in others; those that it bent in are gone. Nothing moves at rest. The joints' ids.

    Squash stays, and joints that hang loose do so again. Refuses a part that bends over bones that others ride on, and joints in use.
    """
    item = puppet.parts[part]
    mesh = item.mesh
    if mesh is None or not bends_alone(puppet, part):
        raise RigError(f"{item.name} bends over bones that were there before. Draw these anew instead.")
    loose = puppet.joints[mesh.joints[-1]].loose
    puppet = set_mesh(puppet, part, None)
    for key in reversed(mesh.joints):
        puppet = change(puppet, key, tip=None) if key == item.joint else remove_carrier(puppet, key)
    puppet, keys = bend_part(puppet, part, picture, count, by_curvature=by_curvature)
    for key in keys if loose is not None else ():
        puppet = set_loose(puppet, key, loose)
    made = puppet.parts[part].mesh
    return set_mesh(puppet, part, with_keeping(made, mesh.keeps_area) if made else None), keys


def bends_alone(puppet: Puppet, part: str) -> bool:
    """Whether a part bends over a chain of joints that carries no other drawing, as *Bend this part* makes it."""
    item = puppet.parts[part]
    joints = item.mesh.joints if item.mesh is not None else ()
    return bool(joints) and all(
        (puppet.joints[key].parent == above or i == 0) and set(parts_on(puppet, key)) <= {part}
        for i, (above, key) in enumerate(zip(("", *joints), joints, strict=False))
    )


def bend_over(puppet: Puppet, part: str, picture: Picture, joints: Sequence[str], density: float = 1.0) -> Puppet:
    """The part bends over joints that are there."""
    return set_mesh(puppet, part, mesh_for(puppet, part, picture, joints, density))


def covers(mesh: Mesh, picture: Picture) -> bool:
    """Whether all that a drawing shows lies on a mesh, but for a few pixels."""
    return bare_pixels(mesh, picture) <= COVERED * int(np.count_nonzero(picture[..., 3] >= SEEN))


def bare_pixels(mesh: Mesh, picture: Picture) -> int:
    """How many pixels of what a drawing shows lie beside a mesh."""
    arrays = mesh.arrays
    return uncovered(picture, Net(arrays.vertices, arrays.triangles))
