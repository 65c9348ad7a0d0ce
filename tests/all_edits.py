"""Every public edit of a puppet with random arguments, by its name: those that leave the rest picture alone, and the others."""

import importlib
import inspect
import math
import pkgutil

import numpy as np
from hypothesis import strategies as st
from msgspec.structs import astuple

from umbrite.rig import edits
from umbrite.rig.affine import Affine
from umbrite.rig.change import change
from umbrite.rig.edits import (
    arranging,
    binding,
    bones,
    control_proposals,
    controls,
    copying,
    limbs,
    limits,
    links,
    looks,
    parenting,
    parts,
    pivots,
    renaming,
    rest,
    shelf,
)
from umbrite.rig.edits.meshes import mesh_edits, weight_edits
from umbrite.rig.edits.responses import mirroring, shapes, stops
from umbrite.rig.edits.variants import branches, drawings, sets
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, is_carrier, path, targets, users_of
from umbrite.rig.merging.rewiring import Transform
from umbrite.rig.mesh import mesh_of
from umbrite.rig.model import Control, Drawing, Guide, Loose, Placement, Point, Puppet
from umbrite.rig.words.names import swapped

coordinates = st.floats(-2000, 2000).map(lambda x: round(x, 3))
points = st.builds(complex, coordinates, coordinates)
angles = st.floats(-math.pi, math.pi)

NAMES = ("Near upper arm", "Near forearm", "Near hand", "Far thigh", "Far shin", "Far foot", "Trunk", "Head", "Tail")


def _pick(draw, items):
    found = list(items)
    if not found:
        raise RigError("There is nothing to pick from here, so nothing was done.")
    return draw(st.sampled_from(found))


def _some(draw, items, most=3):
    return list(dict.fromkeys(_pick(draw, items) for _ in range(draw(st.integers(1, most)))))


def square_mesh(joints, size=40.0, steps=3):
    """A small square mesh whose columns follow one joint after the other."""
    x, y = np.meshgrid(np.linspace(0, size, steps), np.linspace(0, size, steps))
    number = np.arange(steps * steps).reshape(steps, steps)
    a, b, c, d = (some.ravel() for some in (number[:-1, :-1], number[:-1, 1:], number[1:, 1:], number[1:, :-1]))
    triangles = np.concatenate([np.stack([a, b, c], -1), np.stack([a, c, d], -1)])
    along = (x / size * (len(joints) - 1)).ravel()
    weights = np.clip(1 - np.abs(along[:, None] - np.arange(len(joints))[None]), 0, 1)
    return mesh_of(joints, (x + 1j * y).ravel(), triangles, weights)


def _removable(puppet):
    """Parts that nothing needs, where there are any."""
    return [k for k, part in puppet.parts.items() if not users_of(puppet, part.joint)] or list(puppet.parts)


def _bones(puppet):
    return [key for key, joint in puppet.joints.items() if joint.tip is not None]


def _limited(puppet):
    return [key for key, joint in puppet.joints.items() if joint.limit is not None]


def _with_other_side(puppet):
    """Limited joints whose other side is there, by name."""
    names = {joint.name for joint in puppet.joints.values()}
    return [
        key for key in _limited(puppet) if swapped(puppet.joints[key].name) in names - {puppet.joints[key].name}
    ] * 3


def _loose(puppet):
    hooks = targets(puppet)
    return [key for key in puppet.joints if key not in hooks]


def _drawing(draw):
    wide, tall = draw(st.integers(1, 400)), draw(st.integers(1, 400))
    return Drawing(f"{wide:032x}{tall:032x}", wide, tall)  # a drawing has one size


def _placement(draw):
    return Placement(draw(coordinates), draw(coordinates), draw(angles), draw(st.floats(-2, 2)), 1.0, 0.1)


def _curve(draw):
    """Through the origin, so that what is linked rests when its source does."""
    return [(-1.0, draw(st.floats(-2, 2))), (0.0, 0.0), (1.0, draw(st.floats(-2, 2)))]


def _pairs(puppet):
    """Joints one of which carries the other, root first, and one pair that is not so."""
    found = [(joint.parent, key) for key, joint in puppet.joints.items() if joint.parent is not None]
    return [*found, (next(iter(puppet.joints)), next(iter(puppet.joints)))]


def _tipped(puppet, draw):
    """A chain of bones that no limb holds, of one or two."""
    held = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end, limb.target, limb.toe)}
    free = [pair for pair in _pairs(puppet) if held.isdisjoint(pair)] or _pairs(puppet)
    chain = path(puppet, *draw(st.sampled_from(free)))
    for key in chain:
        puppet = pivots.set_tip(puppet, key, draw(points))
    return puppet, chain


def _attachable(puppet, draw):
    """A joint that no limb holds, and one that it does not carry; now and then any two."""
    held = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end)}
    child = _pick(draw, [key for key in _loose(puppet) if key not in held] or _loose(puppet))
    others = [key for key in _loose(puppet) if key not in branch(puppet, child)]
    return child, _pick(draw, others if others and draw(st.integers(0, 5)) else _loose(puppet))


def _channel(puppet, draw):
    return f"{_pick(draw, _loose(puppet))}.{draw(st.sampled_from(['turn', 'x', 'y']))}"


def _moves(puppet, draw):
    part = _pick(draw, [key for key, part in puppet.parts.items() if part.mesh is not None])
    mesh = puppet.parts[part].mesh
    count = 0 if mesh is None else len(mesh.arrays.vertices)
    return part, [Point(draw(st.floats(-9, 9)), i / 2) for i in range(count)]


def _none_or(draw, items):
    return draw(st.none() | st.sampled_from(list(items)))


def _set_in(puppet, draw):
    """A puppet with a set, one of its own or one that is made of its parts."""
    if puppet.sets and draw(st.booleans()):
        return puppet, draw(st.sampled_from(list(puppet.sets)))
    return sets.make_set(puppet, _some(draw, [key for key in puppet.parts if sets.set_of(puppet, key) is None]))


def _joined(puppet, draw):
    puppet, key, number = _variant_in(puppet, draw)
    free = [part for part in puppet.parts if sets.set_of(puppet, part) is None]
    return sets.join_variant(puppet, key, number, [_pick(draw, free)])


def _laid_on(puppet, draw):
    key = _pick(draw, puppet.parts)
    puppet, _, made = drawings.add_drawings(puppet, key, [drawings.More("More", Drawing("b" * 64, 30, 40))])
    return drawings.lay_on(puppet, made, draw(st.sampled_from(["pivot", "middle"])))


def _bent(puppet, draw):
    """A part that bends, and a joint that it bends over."""
    part = _pick(draw, [key for key, part in puppet.parts.items() if part.mesh is not None])
    mesh = puppet.parts[part].mesh
    return part, _pick(draw, mesh.joints if mesh is not None else ())


def _bent_pair(puppet, draw):
    """A puppet in which a part that bends and its copy on the other side have meshes, and the part."""
    part = _pick(draw, [key for key, part in puppet.parts.items() if part.mesh is not None])
    mesh = puppet.parts[part].mesh
    assert mesh is not None
    puppet = change(puppet, part, name="Near fin 9")
    for i, key in enumerate(mesh.joints):
        puppet = change(puppet, key, name=f"Near ray {i}", parent=None)
    puppet, _ = copying.copy_branches(puppet, [*mesh.joints, puppet.parts[part].joint], Transform(line=600.0))
    return puppet, part


def _variant_in(puppet, draw):
    puppet, key = _set_in(puppet, draw)
    return puppet, key, draw(st.sampled_from(puppet.sets[key].variants)).number


def _free(puppet, draw):
    free = [key for key in (*puppet.parts, *puppet.joints) if sets.set_of(puppet, key) is None]
    return draw(st.lists(st.sampled_from(free), max_size=2)) if free else []


# Edits of the rig: none of them may move a pixel of the rest picture.
RIG_EDITS = {
    "bones.named": lambda p, d: bones.named(p, _pick(d, p.joints), d(st.sampled_from(NAMES))),
    "bones.bones_from_pivots": lambda p, d: bones.bones_from_pivots(p, _some(d, _loose(p))),
    "bones.add_bone": lambda p, d: bones.add_bone(p, d(points), d(points), _none_or(d, _loose(p))),
    "mesh_edits.set_mesh": lambda p, d: mesh_edits.set_mesh(
        p, _pick(d, p.parts), square_mesh(_some(d, p.joints)) if d(st.booleans()) else None
    ),
    "mesh_edits.set_keeping": lambda p, d: mesh_edits.set_keeping(
        p, _pick(d, [key for key, part in p.parts.items() if part.mesh is not None]), d(st.floats(-1, 2))
    ),
    "mesh_edits.chain_along": lambda p, d: mesh_edits.chain_along(
        p, _pick(d, p.parts), [d(points) for _ in range(4)], d(st.integers(1, 6)), by_curvature=d(st.booleans())
    ),
    "weight_edits.typed": lambda p, d: weight_edits.typed(p, *_bent(p, d), [0, 3], d(st.floats(-0.5, 1.5))),
    "bones.bones_along": lambda p, d: bones.bones_along(
        p, [d(points) for _ in range(3)], d(st.integers(1, 4)), _none_or(d, _loose(p)), by_curvature=d(st.booleans())
    ),
    "bones.move_head": lambda p, d: bones.move_head(p, _pick(d, _bones(p)), d(points)),
    "bones.move_tip": lambda p, d: bones.move_tip(p, _pick(d, _bones(p)), d(points), along=d(st.booleans())),
    "bones.move_bone": lambda p, d: bones.move_bone(p, _pick(d, _bones(p)), d(points)),
    "bones.set_length": lambda p, d: bones.set_length(p, _pick(d, _bones(p)), d(st.floats(1, 400))),
    "bones.set_angle": lambda p, d: bones.set_angle(p, _pick(d, _bones(p)), d(angles)),
    "bones.equal_length": lambda p, d: bones.equal_length(p, _pick(d, _bones(p))),
    "bones.detach": lambda p, d: bones.detach(p, _pick(d, _loose(p))),
    "bones.attach": lambda p, d: bones.attach(p, *_attachable(p, d)),
    "binding.bind": lambda p, d: binding.bind(p, _some(d, p.parts), _pick(d, _loose(p))),
    "binding.bind_loose_to_nearest": lambda p, _: binding.bind_loose_to_nearest(p),
    "binding.unbound": lambda p, d: binding.unbound(p, _pick(d, p.parts)),
    "control_proposals.make_proposed": lambda p, _: control_proposals.make_proposed(
        p, control_proposals.propose_controls(p)
    ),
    "controls.add_controls": lambda p, d: controls.add_controls(
        p, [Control("Handle", d(st.sampled_from(["grip", "slider", "pad"])), _pick(d, _loose(p)))]
    ),
    "controls.make_control": lambda p, d: controls.make_control(
        p, d(st.sampled_from(["grip", "slider", "pad"])), _pick(d, p.joints), d(st.none() | points)
    ),
    "controls.make_chooser": lambda p, d: controls.make_chooser(*_set_in(p, d)),
    "sets.add_variant": lambda p, d: sets.add_variant(*_set_in(p, d), _free(p, d)),
    "sets.join_variant": _joined,
    "sets.rename_variant": lambda p, d: sets.rename_variant(*_variant_in(p, d), d(st.sampled_from(NAMES))),
    "sets.order_variant": lambda p, d: sets.order_variant(*_variant_in(p, d), d(st.integers(-1, 4))),
    "sets.set_carries": lambda p, d: sets.set_carries(*_set_in(p, d), on=d(st.booleans())),
    "sets.remove_variant": lambda p, d: sets.remove_variant(*_variant_in(p, d)),
    "sets.remove_set": lambda p, d: sets.remove_set(*_set_in(p, d)),
    "sets.make_set": lambda p, d: sets.make_set(p, _some(d, p.parts)),
    "sets.set_rest": lambda p, d: sets.set_rest(*_variant_in(p, d)),
    "controls.set_range": lambda p, d: controls.set_range(p, _pick(d, p.controls), x_least=-d(st.floats(0, 90))),
    "controls.remove_control": lambda p, d: controls.remove_control(p, _pick(d, p.controls)),
    "limbs.make_limb": lambda p, d: limbs.make_limb(p, *d(st.sampled_from(_pairs(p)))),
    "limbs.make_limbs": lambda p, d: limbs.make_limbs(p, limbs.propose_limbs(p) or [d(st.sampled_from(_pairs(p)))]),
    "limbs.make_tip_limb": lambda p, d: limbs.make_tip_limb(*_tipped(p, d)),
    "limbs.limbs_along": lambda p, d: limbs.limbs_along(*_tipped(p, d), d(st.integers(1, 2))),
    "control_proposals.grip_limbs": lambda p, d: control_proposals.grip_limbs(p, [_pick(d, p.limbs)]),
    "limbs.remove_limb": lambda p, d: limbs.remove_limb(p, _pick(d, p.limbs)),
    "limbs.extend_limb": lambda p, d: limbs.extend_limb(p, _pick(d, p.limbs)),
    "limbs.set_end_hold": lambda p, d: limbs.set_end_hold(
        p, _pick(d, p.limbs), d(st.sampled_from(["limb", "target", "toe"]))
    ),
    "limbs.without_users": lambda p, d: limbs.without_users(p, _some(d, p.joints)),
    "limits.set_limit": lambda p, d: limits.set_limit(p, _pick(d, p.joints), d(angles), d(angles)),
    "limits.set_fixed": lambda p, d: limits.set_fixed(p, _pick(d, p.joints), on=d(st.booleans())),
    "limits.set_sizes": lambda p, d: limits.set_sizes(
        p, _pick(d, p.joints), d(st.floats(0.1, 3)), d(st.floats(0.1, 3))
    ),
    "limits.set_soft": lambda p, d: limits.set_soft(p, _pick(d, _limited(p)), d(st.floats(0, 1))),
    "limits.set_loose": lambda p, d: limits.set_loose(
        p, _pick(d, p.joints), d(st.sampled_from([None, Loose(), Loose(3.0, 1.0, 0.0, 0.2)]))
    ),
    "limits.free_limit": lambda p, d: limits.free_limit(p, _pick(d, p.joints)),
    "limits.other_arc": lambda p, d: limits.other_arc(p, _pick(d, _limited(p))),
    "limits.hinge": lambda p, d: limits.hinge(p, _pick(d, p.joints), d(st.floats(0.1, 3))),
    "limits.to_other_side": lambda p, d: limits.to_other_side(
        p, _pick(d, [*_with_other_side(p), *_limited(p)]), mirrored=d(st.booleans())
    ),
    "limits.copied_to": lambda p, d: limits.copied_to(p, _pick(d, _limited(p)), _some(d, p.joints)),
    "links.add_link": lambda p, d: links.add_link(
        p, _channel(p, d), _channel(p, d), _curve(d), smooth=d(st.booleans()), travel=d(st.booleans())
    ),
    "links.set_curve": lambda p, d: links.set_curve(p, _pick(d, p.links), [Point(x, y) for x, y in _curve(d)]),
    "links.relink": lambda p, d: links.relink(p, _pick(d, p.links), source=_channel(p, d)),
    "stops.add_response": lambda p, d: stops.add_response(p, _channel(p, d)),
    "stops.put_stop": lambda p, d: stops.put_stop(
        p, _pick(d, p.responses), Point(d(st.floats(0.1, 2)), 0.0), {_channel(p, d): d(st.floats(-2, 2)) for _ in "ab"}
    ),
    "stops.move_stop": lambda p, d: stops.move_stop(p, _pick(d, p.responses), 0, Point(d(st.floats(-2, 2)), 0.3)),
    "stops.name_stop": lambda p, d: stops.name_stop(p, _pick(d, p.responses), 0, "Smile"),
    "stops.remove_stops": lambda p, d: stops.remove_stops(p, _pick(d, p.responses), [0]),
    "mirroring.mirror_stop": lambda p, d: mirroring.mirror_stop(p, _pick(d, p.responses), 0),
    "mirroring.mirror_response": lambda p, d: mirroring.mirror_response(p, _pick(d, p.responses)),
    "mirroring.set_smooth": lambda p, d: mirroring.set_smooth(p, _pick(d, p.responses), smooth=d(st.booleans())),
    "shapes.add_shape": lambda p, d: shapes.add_shape(p, *_moves(p, d)),
    "shapes.set_moves": lambda p, d: shapes.set_moves(
        p, (key := _pick(d, p.shapes)), [Point(y, x) for x, y in map(astuple, p.shapes[key].moves)]
    ),
    "looks.set_guides": lambda p, d: looks.set_guides(p, [Guide("x", d(coordinates)), Guide("y", d(coordinates))]),
    "parenting.set_also": lambda p, d: parenting.set_also(
        p, _pick(d, p.joints), d(st.sets(st.sampled_from(["", *p.joints]), max_size=2))
    ),
    "parenting.set_parent": lambda p, d: parenting.set_parent(p, _some(d, p.joints), _none_or(d, p.joints)),
    "parenting.carry_together": lambda p, d: parenting.carry_together(
        p, _some(d, p.joints, 4), "Carrier", d(points), role=d(st.sampled_from(["", "master"]))
    ),
    "parenting.remove_carrier": lambda p, d: parenting.remove_carrier(
        p, _pick(d, [key for key in p.joints if is_carrier(p, key)])
    ),
    "pivots.move_pivot": lambda p, d: pivots.move_pivot(p, _pick(d, p.joints), d(points)),
    "pivots.join_parts": lambda p, d: pivots.join_parts(p, _pick(d, p.parts), _pick(d, p.parts), d(points)),
    "pivots.move_limb_tip": lambda p, d: pivots.move_limb_tip(p, _pick(d, p.limbs), d(points)),
    "pivots.set_tip": lambda p, d: pivots.set_tip(p, _pick(d, p.joints), d(st.none() | points)),
    "pivots.keep_limbs": lambda p, d: pivots.keep_limbs(pivots.move_pivot(p, _pick(d, p.joints), d(points))),
    "renaming.rename": lambda p, d: renaming.rename(p, _pick(d, p.joints), d(st.sampled_from(NAMES)) + " too"),
    "renaming.renamed": lambda p, d: renaming.renamed(
        p, {key: f"{p.joints[key].name} {i}" for i, key in enumerate(_some(d, p.joints))}
    ),
    "shelf.save_pose": lambda p, d: shelf.save_pose(
        p, d(st.sampled_from(NAMES)), {_channel(p, d): d(angles)}, d(st.just(()) | st.just((_pick(d, p.joints),)))
    ),
    "shelf.put_in_folder": lambda p, d: shelf.put_in_folder(
        p, _pick(d, [s.name for s in p.poses]), d(st.sampled_from(NAMES))
    ),
    "shelf.rename_folder": lambda p, d: shelf.rename_folder(p, "", d(st.sampled_from(NAMES))),
    "shelf.rename_pose": lambda p, d: shelf.rename_pose(
        p, _pick(d, [s.name for s in p.poses]), d(st.sampled_from(NAMES))
    ),
    "shelf.delete_pose": lambda p, d: shelf.delete_pose(p, _pick(d, [s.name for s in p.poses])),
}
# Edits of the art and its order, and those that change how the rest looks on purpose.
ART_EDITS = {
    "limbs.set_bend_side": lambda p, d: limbs.set_bend_side(p, _pick(d, p.limbs), d(st.sampled_from([1, -1]))),
    "arranging.transform_parts": lambda p, d: arranging.transform_parts(
        p, _some(d, p.parts), Affine(1.1 + 0.2j, 0.1 + 0j, d(points))
    ),
    "arranging.align": lambda p, d: arranging.align(p, list(p.order), d(st.sampled_from(["left", "middle", "bottom"]))),
    "arranging.distribute": lambda p, d: arranging.distribute(p, list(p.order), d(st.sampled_from(["across", "down"]))),
    "arranging.with_place": lambda p, d: arranging.with_place(p, _pick(d, p.parts), x=d(coordinates)),
    "drawings.add_drawings": lambda p, d: drawings.add_drawings(
        p, _pick(d, p.parts), [drawings.More("More", Drawing("b" * 64, 30, 40))]
    ),
    "weight_edits.mirrored_weights": lambda p, d: weight_edits.mirrored_weights(*_bent_pair(p, d)),
    "drawings.lay_on": _laid_on,
    "branches.hands_carried": lambda p, _: branches.hands_carried(p, p),
    "branches.copy_as_variant": lambda p, d: branches.copy_as_variant(p, _pick(d, p.joints)),
    "copying.copy_branches": lambda p, d: copying.copy_branches(
        p,
        [_pick(d, p.joints)],
        d(st.sampled_from([Transform(shift=30 + 4j), Transform(line=600.0)])),
        linked=d(st.booleans()),
    ),
    "looks.set_blend": lambda p, d: looks.set_blend(p, _pick(d, p.parts), d(st.sampled_from(["normal", "multiply"]))),
    "looks.set_clip": lambda p, d: looks.set_clip(p, _pick(d, p.parts), _none_or(d, p.parts), outside=d(st.booleans())),
    "looks.make_reference": lambda p, d: looks.make_reference(p, _pick(d, p.parts), on=d(st.booleans())),
    "looks.trim": lambda p, d: looks.trim(p, _pick(d, p.parts), [d(points) for _ in range(4)]),
    "looks.untrimmed": lambda p, d: looks.untrimmed(p, _pick(d, p.parts)),
    "looks.at_two_depths": lambda p, d: looks.at_two_depths(p, _pick(d, p.parts)),
    "parts.add_part": lambda p, d: parts.add_part(p, d(st.sampled_from(NAMES)), _drawing(d), _placement(d)),
    "parts.place_part": lambda p, d: parts.place_part(p, _pick(d, p.parts), _placement(d)),
    "parts.nudge_parts": lambda p, d: parts.nudge_parts(p, _some(d, p.parts), d(points)),
    "parts.reorder": lambda p, d: parts.reorder(p, _some(d, p.parts), d(st.integers(0, len(p.order)))),
    "parts.step_order": lambda p, d: parts.step_order(p, _some(d, p.parts), d(st.sampled_from([-1, 1]))),
    "parts.ride_on": lambda p, d: parts.ride_on(p, _pick(d, p.parts), _pick(d, p.joints)),
    "parts.remove_part": lambda p, d: parts.remove_part(p, _pick(d, _removable(p))),
    "parts.exchange_drawing": lambda p, d: parts.exchange_drawing(p, _pick(d, p.parts), _drawing(d)),
    "rest.set_bone_length": lambda p, d: rest.set_bone_length(p, _pick(d, p.joints), d(st.floats(1, 400))),
    "rest.set_bone_angle": lambda p, d: rest.set_bone_angle(p, _pick(d, p.joints), d(angles)),
    "rest.turn_branch": lambda p, d: rest.turn_branch(p, _pick(d, p.joints), d(angles)),
    "rest.shift_branch": lambda p, d: rest.shift_branch(p, _pick(d, p.joints), d(points)),
}
EDITS = {**RIG_EDITS, **ART_EDITS}


def edited(name, puppet, draw):
    """The puppet after the edit of that name with random arguments. Raises RigError where it is refused."""
    found = EDITS[name](puppet, draw)
    return found if isinstance(found, Puppet) else found[0]


def public_edits():
    """The names of all functions of the street of edits that give a puppet."""
    found = set()
    for module in pkgutil.walk_packages(edits.__path__, f"{edits.__name__}."):
        room = importlib.import_module(module.name)
        for name, made in inspect.getmembers(room, inspect.isfunction):
            gives = str(inspect.signature(made).return_annotation)
            if made.__module__ == module.name and not name.startswith("_") and "model.Puppet" in gives:
                found.add(f"{module.name.rpartition('.')[2]}.{name}")
    return found
