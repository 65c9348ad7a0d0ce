"""Random puppets and edits, built through the public edits alone; edits that are refused are passed over."""

import contextlib
import itertools
import math
from collections.abc import Callable

from hypothesis import strategies as st

from umbrite.rig.change import change
from umbrite.rig.channels import JOINT_CHANNELS
from umbrite.rig.edits.arranging import align, distribute
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.copying import Way, copy_branches
from umbrite.rig.edits.limbs import (
    extend_limb,
    make_limb,
    remove_limb,
    set_bend_side,
    set_end_hold,
    set_follows,
    without_users,
)
from umbrite.rig.edits.limits import free_limit, set_limit, set_soft
from umbrite.rig.edits.looks import at_two_depths, make_reference, set_blend, set_clip, trim
from umbrite.rig.edits.parenting import carry_together, remove_carrier, set_parent
from umbrite.rig.edits.parts import (
    add_part,
    exchange_drawing,
    nudge_parts,
    place_part,
    remove_part,
    reorder,
    ride_on,
    step_order,
)
from umbrite.rig.edits.pivots import move_pivot, set_tip
from umbrite.rig.errors import RigError
from umbrite.rig.family import children
from umbrite.rig.model import Drawing, Placement, Puppet

coordinates = st.floats(-2000, 2000).map(lambda x: round(x, 3))
points = st.builds(complex, coordinates, coordinates)
angles = st.floats(-math.pi, math.pi)
finite = st.floats(-1e6, 1e6, allow_nan=False)
maps_numbers = st.builds(complex, st.floats(-3, 3), st.floats(-3, 3))

NAMES = (
    "Near upper arm",
    "Near forearm",
    "Near hand",
    "Far thigh",
    "Far shin",
    "Far foot",
    "Trunk",
    "Head",
    "Tail",
)


def some_part(puppet: Puppet, draw: st.DrawFn) -> Puppet:
    drawing = Drawing("0" * 64, draw(st.integers(1, 400)), draw(st.integers(1, 400)))
    at = draw(points)
    return add_part(puppet, draw(st.sampled_from(NAMES)), drawing, Placement(at.real, at.imag))[0]


def _pick(draw: st.DrawFn, items: object) -> str:
    found = list(items)  # type: ignore[call-overload]
    if not found:
        raise RigError("there is nothing to pick from")
    return str(draw(st.sampled_from(found)))


Edit = Callable[[Puppet, st.DrawFn], Puppet]

# Edits of the rig: none of them may move a pixel of the rest picture.
RIG_EDITS: dict[str, Edit] = {
    "move_pivot": lambda p, d: move_pivot(p, _pick(d, p.joints), d(points)),
    "set_parent": lambda p, d: set_parent(
        p, [_pick(d, p.joints)], d(st.none() | st.sampled_from(list(p.joints)))
    ),
    "carry": lambda p, d: carry_together(
        p, {_pick(d, p.joints) for _ in range(d(st.integers(1, 4)))}, "Carrier", d(points)
    )[0],
    "master": lambda p, d: carry_together(p, children(p, None), "Master", d(points), role="master")[0],
    "remove_carrier": lambda p, d: remove_carrier(p, _pick(d, p.joints)),
    "make_limb": lambda p, d: make_limb(p, _pick(d, p.joints), _pick(d, p.joints))[0],
    "remove_limb": lambda p, d: remove_limb(p, _pick(d, p.limbs)),
    "follows": lambda p, d: set_follows(p, _pick(d, p.limbs), d(st.none() | st.sampled_from(list(p.joints)))),
    "end_hold": lambda p, d: set_end_hold(
        p, _pick(d, p.limbs), d(st.sampled_from(["limb", "target", "toe"]))
    ),
    "set_limit": lambda p, d: set_limit(p, _pick(d, p.joints), d(angles), d(angles)),
    "set_soft": lambda p, d: set_soft(p, _pick(d, p.joints), d(st.floats(0, 1))),
    "free_limit": lambda p, d: free_limit(p, _pick(d, p.joints)),
    "set_tip": lambda p, d: set_tip(p, _pick(d, p.joints), d(st.none() | points)),
    "controls": lambda p, _: make_proposed(p, propose_controls(p))[0],
}
# Edits of the art and its order, and those that change how the rest looks on purpose.
ART_EDITS: dict[str, Edit] = {
    "add_part": some_part,
    "remove_part": lambda p, d: remove_part(p, _pick(d, p.parts)),
    "place": lambda p, d: place_part(
        p,
        _pick(d, p.parts),
        Placement(d(coordinates), d(coordinates), d(angles), d(st.floats(-2, 2)), 1.0, 0.1),
    ),
    "nudge": lambda p, d: nudge_parts(p, [_pick(d, p.parts)], d(points)),
    "reorder": lambda p, d: reorder(p, [_pick(d, p.parts)], d(st.integers(0, len(p.order)))),
    "step": lambda p, d: step_order(p, [_pick(d, p.parts)], d(st.sampled_from([-1, 1]))),
    "ride_on": lambda p, d: ride_on(p, _pick(d, p.parts), _pick(d, p.joints)),
    "bend": lambda p, d: set_bend_side(p, _pick(d, p.limbs), d(st.sampled_from([1, -1]))),
    "copy": lambda p, d: copy_branches(p, [_pick(d, p.joints)], Way(shift=d(points)))[0],
    "mirror": lambda p, d: copy_branches(p, [_pick(d, p.joints)], Way(line=d(coordinates)), linked=True)[0],
    "two_depths": lambda p, d: at_two_depths(p, _pick(d, p.parts))[0],
    "clip": lambda p, d: set_clip(p, _pick(d, p.parts), _pick(d, p.parts), outside=d(st.booleans())),
    "blend": lambda p, d: set_blend(p, _pick(d, p.parts), d(st.sampled_from(["normal", "multiply"]))),
    "reference": lambda p, d: make_reference(p, _pick(d, p.parts)),
    "trim": lambda p, d: trim(p, _pick(d, p.parts), [d(points) for _ in range(4)]),
    "align": lambda p, d: align(p, list(p.order), d(st.sampled_from(["left", "middle", "bottom"]))),
    "spread": lambda p, _: distribute(p, list(p.order), "across"),
    "exchange": lambda p, d: exchange_drawing(p, _pick(d, p.parts), Drawing("1" * 64, 9, 7)),
    "extend": lambda p, d: extend_limb(p, _pick(d, p.limbs)),
    "remove_users": lambda p, d: without_users(p, [_pick(d, p.joints)])[0],
    "disable": lambda p, d: change(p, _pick(d, p.limbs), enabled=False),
}
EDITS = {**RIG_EDITS, **ART_EDITS}


@st.composite
def chains(draw: st.DrawFn) -> Puppet:
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
def puppets(draw: st.DrawFn, edits: dict[str, Edit] = RIG_EDITS, most: int = 14) -> Puppet:
    """A chain with a limb where it can be one, some more parts, and a random history of edits."""
    puppet = draw(chains())
    keys = list(puppet.joints)
    with contextlib.suppress(RigError):
        puppet, _ = make_limb(puppet, keys[0], keys[2])
    for _ in range(draw(st.integers(0, 3))):
        puppet = some_part(puppet, draw)
    for _ in range(draw(st.integers(0, most))):
        with contextlib.suppress(RigError):
            puppet = edits[draw(st.sampled_from(sorted(edits)))](puppet, draw)
    return puppet


@st.composite
def poses(draw: st.DrawFn, puppet: Puppet, values: st.SearchStrategy[float] = finite) -> dict[str, float]:
    """Random values for some channels of a puppet."""
    names = [f"{key}.{channel}" for key in puppet.joints for channel in JOINT_CHANNELS]
    names += [f"{key}.blend" for key in puppet.limbs]
    return draw(st.dictionaries(st.sampled_from(names), values, max_size=8)) if names else {}
