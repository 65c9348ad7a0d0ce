"""Random puppets and poses, built through the public edits alone; edits that are refused are passed over."""

import contextlib
import itertools

from hypothesis import strategies as st

from all_edits import ART_EDITS, EDITS, NAMES, RIG_EDITS, angles, coordinates, edited, points, square_mesh
from umbrite.rig.channels import JOINT_CHANNELS, PART_CHANNELS
from umbrite.rig.edits.bones import add_bone
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.edits.parenting import carry_together, set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot, set_tip
from umbrite.rig.edits.responses.shapes import add_shape
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.edits.shelf import save_pose
from umbrite.rig.errors import RigError
from umbrite.rig.family import children
from umbrite.rig.model import Drawing, Placement, Point, Puppet

UNLINKED = {name: edit for name, edit in RIG_EDITS.items() if not name.startswith(("links.", "stops."))}

__all__ = ("ART_EDITS", "EDITS", "RIG_EDITS", "UNLINKED", "angles", "coordinates", "edited", "points")

finite = st.floats(-1e6, 1e6, allow_nan=False)
maps_numbers = st.builds(complex, st.floats(-3, 3), st.floats(-3, 3))


def some_part(puppet, draw):
    wide, tall = draw(st.integers(1, 400)), draw(st.integers(1, 400))
    drawing = Drawing(f"{wide:032x}{tall:032x}", wide, tall)
    at = draw(points)
    return add_part(puppet, draw(st.sampled_from(NAMES)), drawing, Placement(at.real, at.imag))[0]


@st.composite
def chains(draw):
    """Three parts in a row, one carried by the other, which make a limb with a length."""
    puppet = Puppet()
    for _ in range(3):
        puppet = some_part(puppet, draw)
    keys = list(puppet.joints)
    for key in keys:
        puppet = move_pivot(puppet, key, draw(points))
    for upper, lower in itertools.pairwise(keys):
        puppet = set_parent(puppet, [lower], upper)
    return puppet


@st.composite
def furnished(draw):
    """One of everything: a chain with a limb where it can be one, a master, a bone, a limit, a control, a link, a pose."""
    puppet = draw(chains())
    root, middle, tip = list(puppet.joints)
    with contextlib.suppress(RigError):
        puppet, _ = make_limb(puppet, root, tip)
    puppet = some_part(puppet, draw)
    loose = list(puppet.joints)[-1]
    head = draw(points)
    puppet, bone = add_bone(puppet, head, head + 40, loose)
    puppet = set_limit(puppet, middle, draw(st.floats(-2, -0.1)), draw(st.floats(0.1, 2)))
    puppet, slider = make_control(puppet, "slider", loose)
    puppet, _ = add_link(puppet, f"{slider}.value", f"{bone}.turn", [(-1.0, -0.5), (1.0, 0.5)])
    fins = []
    for side in ("Near", "Far"):
        puppet, fin = add_part(puppet, f"{side} fin", Drawing(f"{1:064x}", 40, 90), Placement(5.0, 6.0))
        fins.append(puppet.parts[fin].joint)
        puppet = set_tip(puppet, fins[-1], draw(points) + 5000)
    puppet = set_parent(puppet, fins[1:], loose)
    puppet = set_limit(puppet, fins[0], -0.5, draw(st.floats(0.1, 2)))
    bends = list(puppet.parts)[-1]
    puppet = set_mesh(puppet, bends, square_mesh([fins[1], fins[0]] if draw(st.booleans()) else fins))
    puppet, form = add_shape(puppet, bends, [Point(i / 3, -2.0) for i in range(9)])
    puppet, pad = make_control(puppet, "pad", loose)
    for driver, at in ((f"{pad}.value", Point(0.5, -0.5)), (f"{fins[1]}.turn", Point(1.0, 0.0))):
        puppet, key = add_response(puppet, driver)
        puppet = put_stop(puppet, key, at, {f"{form}.amount": 1.0, f"{loose}.turn": 0.25, f"{loose}.x": 8.0})
    puppet = save_pose(puppet, "Wave", {f"{loose}.turn": 0.4})
    return carry_together(puppet, children(puppet, None), "Master", 0j, role="master")[0]


@st.composite
def puppets(draw, edits=RIG_EDITS, most=14):
    """A chain with a limb where it can be one, some more parts, and a random history of edits."""
    puppet = draw(chains())
    keys = list(puppet.joints)
    with contextlib.suppress(RigError):
        puppet, _ = make_limb(puppet, keys[0], keys[2])
    for _ in range(draw(st.integers(0, 3))):
        puppet = some_part(puppet, draw)
    for _ in range(draw(st.integers(0, most))):
        with contextlib.suppress(RigError):
            puppet = edited(draw(st.sampled_from(sorted(edits))), puppet, draw)
    return puppet


@st.composite
def poses(draw, puppet, values=finite):
    """Random values for some channels of a puppet."""
    names = [f"{key}.{channel}" for key in puppet.joints for channel in JOINT_CHANNELS]
    names += [f"{key}.{what}" for key in puppet.limbs for what in ("blend", "stretch", "soften", "hold")]
    names += [f"{key}.{what}" for key in puppet.parts for what in PART_CHANNELS]
    return draw(st.dictionaries(st.sampled_from(names), values, max_size=8)) if names else {}
