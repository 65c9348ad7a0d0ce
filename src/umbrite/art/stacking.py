"""Draw orders that look wrong: a near piece behind what carries it, a far one before it, a limb stacked forwards and backwards in turn; and
another order that would be right, which is taken where nobody can see a difference at rest.
"""

import itertools
from collections.abc import Mapping
from typing import NamedTuple

import numpy as np
from msgspec.structs import replace

from umbrite.art.cutting import one_picture
from umbrite.art.pictures import Picture
from umbrite.rig.affine import svg_matrix
from umbrite.rig.edits.parts import reorder
from umbrite.rig.family import parts_on
from umbrite.rig.model import Puppet
from umbrite.rig.placement import Box, around_parts, board_from_drawing, part_box
from umbrite.rig.words.body_words import kind_of
from umbrite.rig.words.names import swapped

FACES = frozenset({"face", "eye", "brow", "mouth", "nose", "ear"})
FINE = 320  # pixels across what is compared
OTHER, FEW = 24, 0.002  # a difference that is seen, of 255; the share of pixels where nobody minds


class Stack(NamedTuple):
    """What lies wrong: a joint before or behind the joint `above` that carries it, or a limb (no `above`), whose pieces go to and fro; and the
    draw order that would be right.
    """

    where: str
    above: str | None
    order: tuple[str, ...]


def wrong_stacks(puppet: Puppet) -> list[Stack]:
    """What lies wrong in the draw order. Pieces of a face lie on it, and pairs of a figure that faces us on one side of what carries both."""
    place = {key: i for i, key in enumerate(puppet.order)}
    solid = {joint: _solid(puppet, joint) for joint in puppet.joints}
    front = {joint: max(place[part] for part in parts) for joint, parts in solid.items() if parts}
    carriers = _carriers(puppet, front)
    found, facing = [], _face_us(puppet, front, carriers)
    for key, joint in puppet.joints.items():
        above = carriers[key]
        if key not in front or above is None or joint.side == "middle" or puppet.joints[above].side != "middle":
            continue
        if (joint.side == "near") == (front[key] > front[above]) or kind_of(joint.name) in FACES:
            continue
        if not facing:
            first = min(place[part] for part in solid[above])
            to = front[above] + 1 if joint.side == "near" else first
            found.append(Stack(key, above, reorder(puppet, solid[key], to).order))
    for key, limb in puppet.limbs.items():
        way = [joint for joint in (*limb.joints, limb.end) if joint in front]
        steps = [front[b] > front[a] for a, b in itertools.pairwise(way)]
        if len(set(steps)) > 1:
            outwards = sum(steps) * 2 >= len(steps)
            stacked = puppet
            for before, after in itertools.pairwise(way):
                spots = [stacked.order.index(part) for part in solid[before]]
                stacked = reorder(stacked, solid[after], max(spots) + 1 if outwards else min(spots))
            found.append(Stack(key, None, stacked.order))
    return found


def _carriers(puppet: Puppet, drawn: Mapping[str, int]) -> Mapping[str, str | None]:
    """For each joint the nearest one above that has a drawing."""
    found: dict[str, str | None] = {}
    for key in puppet.joints:
        way, above = [key], puppet.joints[key].parent
        while above is not None and above not in drawn and above not in found:
            way.append(above)
            above = puppet.joints[above].parent
        carrier = above if above is None or above in drawn else found[above]
        found.update(dict.fromkeys(way, carrier))
    return found


def _solid(puppet: Puppet, joint: str) -> list[str]:
    """A joint's parts that show its shape, without shades, lights and references."""
    parts = ((key, puppet.parts[key]) for key in parts_on(puppet, joint))
    return [key for key, part in parts if part.blend == "normal" and not part.reference and part.clip is None]


def _face_us(puppet: Puppet, front: Mapping[str, int], carriers: Mapping[str, str | None]) -> bool:
    """Whether all pairs lie both before or both behind what carries them: so figures are drawn that face us, others never."""
    named = {joint.name: key for key, joint in puppet.joints.items()}
    pairs = [
        (key, named[twin], above) for key, joint in puppet.joints.items()
        if joint.side == "near" and key in front and kind_of(joint.name) not in FACES
        and (twin := swapped(joint.name)) in named and named[twin] in front
        and (above := carriers[key]) is not None and puppet.joints[above].side == "middle"
    ]  # fmt: skip
    return bool(pairs) and all((front[one] > front[on]) == (front[other] > front[on]) for one, other, on in pairs)


def restacked(puppet: Puppet, pictures: Mapping[str, Picture]) -> Puppet:
    """The puppet with what lies wrong put right, where nobody can see a difference at rest. Pictures by drawing fingerprint."""
    for stack in wrong_stacks(puppet):
        again = next((one for one in wrong_stacks(puppet) if one.where == stack.where), None)
        if again is not None and not _is_seen(puppet, again.order, pictures):
            puppet = replace(puppet, order=again.order)
    return puppet


def _is_seen(puppet: Puppet, order: tuple[str, ...], pictures: Mapping[str, Picture]) -> bool:
    """Whether another draw order changes the picture at rest."""
    changed = [key for key, one in zip(puppet.order, order, strict=True) if key != one]
    shown = [key for key in changed if puppet.parts[key].visible and not puppet.parts[key].reference]
    if not shown:
        return False
    box = around_parts(puppet, shown)
    before, after = (_seen(puppet, sequence, box, pictures) for sequence in (puppet.order, order))
    other = int(np.count_nonzero(np.abs(before.astype(int) - after).max(axis=2) > OTHER))
    return other > FEW * max(int(np.count_nonzero(before[..., 3])), 1)


def _seen(puppet: Puppet, order: tuple[str, ...], box: Box, pictures: Mapping[str, Picture]) -> Picture:
    """The parts within a box at rest in a draw order, small."""
    scale = min(1.0, FINE / max(box.width, box.height, 1.0))
    laid = []
    for key in order:
        part, own = puppet.parts[key], part_box(puppet, key)
        apart = own.right < box.left or own.left > box.right or own.bottom < box.top or own.top > box.bottom
        if apart or not part.visible or part.reference:
            continue
        matrix = np.array(svg_matrix(board_from_drawing(part.placement))).reshape(3, 2).T
        matrix[:, 2] -= box.left, box.top
        matrix *= scale
        laid.append((pictures[part.drawing.sha256], matrix))
    picture = one_picture(laid, (max(1, round(box.width * scale)), max(1, round(box.height * scale))))
    picture[..., :3] = np.round(picture[..., :3] * (picture[..., 3:] / 255.0)).astype(np.uint8)
    return picture
