"""The compiled plan of a puppet: everything that its motion needs, links and responses included, in arrays and in the order of the work.

Joints are sorted by rank (see `rig.driving.dependencies`), so that all joints of one rank are a slice and are placed in
one go; limbs of a rank are solved in one go behind them. A plan is made once per puppet and never changes.
"""

import itertools
from bisect import bisect_left, bisect_right
from collections.abc import Iterable, Iterator, Mapping
from threading import Lock
from typing import NamedTuple

import numpy as np
from cachetools import LRUCache
from numpy.typing import NDArray

from umbrite.motion.driving.steps import Follower, LinkStep, ResponseStep, driven_at, follower, in_runs
from umbrite.motion.soft_ends import Ends, ends_of
from umbrite.rig.affine import Affine
from umbrite.rig.channels import HOLDS
from umbrite.rig.driving.dependencies import ranked, rule_order
from umbrite.rig.family import branch, drawn_order
from umbrite.rig.limb_shape import bends_to, limb_points, limb_tip
from umbrite.rig.model import Joint, Limb, Part, Puppet
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.remembered import bounded, remembered, remembered_by

Ints = NDArray[np.intp]
Floats = NDArray[np.float64]
Complexes = NDArray[np.complex128]


class LimbBatch(NamedTuple):
    """Limbs of one rank and one number of joints: places of joints in the plan, points at rest."""

    numbers: Ints  # places in Plan.limbs
    joints: Ints  # (limbs, joints), from the root on
    parent: Ints  # of the root; the ground (the last place) for a free root
    target: Ints
    tip: Complexes
    bend: Floats
    soften: Floats
    stretch: Floats
    stretches: Floats  # (limbs, joints): each joint's share of the stretch, by give; 1 on the average over the length

    @property
    def last(self) -> Ints:
        """The joints that carry the tips."""
        return self.joints[:, -1]


class EndBatch(NamedTuple):
    """Ends (hands, feet) among the joints of one rank, whose angle something else may keep."""

    limbs: Ints  # places in Plan.limbs
    joint: Ints
    frame: Ints  # what carries the limb's root: the angle is compared in its frame
    target: Ints
    toe: Ints  # the target where there is no toe target that is placed before
    hold: Ints  # at rest: 1 the limb, 2 the target, 3 the toe target, as in rig.channels.HOLDS


class Showing(NamedTuple):
    """A variant set: the numbers of its variants in their order, the place of the one at rest among them, and for each the places of the
    parts and of the joints that are there only while it shows.
    """

    numbers: Ints
    rest: int
    parts: tuple[Ints, ...]
    joints: tuple[Ints, ...]
    of_parts: tuple[Ints, Ints]  # all those parts, and beside each the place of its variant


class Step(NamedTuple):
    """The work of one rank: links and responses, then joints `first` to `last`, then limbs. `followers` are those that may ride on others."""

    links: tuple[Follower, ...]
    first: int
    last: int
    ends: EndBatch | None  # whose angle is kept at rest
    every_end: EndBatch | None  # those of all limbs that are solved: a pose may let something else keep it
    limbs: tuple[LimbBatch, ...]  # one for each number of joints
    followers: tuple[int, ...] = ()


class Plan(NamedTuple):
    """A puppet made ready for motion; arrays of shape (joints,), (parts,) or (limbs,)."""

    puppet: Puppet
    joints: tuple[str, ...]
    place: dict[str, int]
    parent: Ints  # the ground, at place len(joints), for free joints
    pivot: Complexes
    ends: Ends
    give: Floats
    axis: Complexes  # the direction at rest in which a joint of a limb that stretches lengthens; 0 for all others
    stretches: bool  # whether any limb does at rest; a pose may let others
    late: frozenset[str]  # kinds of values that are driven while joints are being placed
    links: tuple[Follower, ...]  # links and responses that need no joint placed; the others are in the steps
    steps: tuple[Step, ...]
    limbs: tuple[str, ...]
    controls: tuple[str, ...]
    owners: Mapping[
        str, int
    ]  # joints, limbs, controls, sets, parts and shapes: the column of each in the tables of its channels
    parts: tuple[str, ...]  # in draw order, back to front
    part_joint: Ints
    part_map: Affine[Complexes]
    visible: NDArray[np.bool_]  # (parts,): whether a part shows at all
    opacity: Floats  # (parts,)
    sets: tuple[Showing, ...]
    carriers: Mapping[int, Ints]  # what may carry a joint, by its place, its parent first; of those that have a choice
    swing: Mapping[
        str, float | Floats
    ] = {}  # what is added to channels, by name, beyond the pose: numbers or (frames,)


def but_swing(plan: Plan) -> tuple[object, ...]:
    """All of a plan but what is added to it from frame to frame, which comes last."""
    return plan[:-1]


def compile_plan(puppet: Puppet) -> Plan:
    """The plan of a puppet. Raises RigError, naming the loop, where something would have to wait for itself."""
    rank = ranked(puppet)
    joints, index = _in_order(tuple(puppet.joints), rank)
    alone = _alone(joints, index, puppet.joints)
    limbs = tuple(puppet.limbs)
    order = drawn_order(puppet)
    part_map, visible = _drawings(puppet.parts, order)
    controls = tuple(puppet.controls)
    owners = _owners(joints, limbs, controls, tuple(puppet.sets), order, tuple(puppet.shapes))
    links = {key: follower(puppet, key, owners) for key in rule_order(puppet)}
    early = in_runs(step for key, step in links.items() if key not in rank)
    return _frozen(
        Plan(
            puppet=puppet,
            joints=joints,
            place=index,
            parent=alone.parent,
            pivot=alone.pivot,
            ends=Ends(*alone.spans),
            give=alone.give,
            axis=_axes(puppet, joints),
            late=frozenset(each.what for key, step in links.items() if key in rank for each in driven_at(step)),
            stretches=any(limb.stretch > 0 and limb.enabled for limb in puppet.limbs.values()),
            links=early,
            steps=_steps(puppet, rank, joints, links),
            limbs=limbs,
            controls=controls,
            owners=owners,
            parts=order,
            part_joint=_part_joints(puppet.parts, order, index),
            part_map=part_map,
            visible=visible,
            opacity=np.array([puppet.parts[key].opacity for key in order], dtype=np.float64),
            sets=tuple(_showings(puppet, order, index)),
            carriers=_carriers(puppet, index),
        )
    )


@remembered
def _in_order(keys: tuple[str, ...], rank: Mapping[str, int]) -> tuple[tuple[str, ...], dict[str, int]]:
    """The joints by rank, and the place of each."""
    joints = tuple(sorted(keys, key=lambda key: rank[key]))
    return joints, {key: i for i, key in enumerate(joints)}


@remembered
def _owners(*kinds: tuple[str, ...]) -> dict[str, int]:
    return {key: i for keys in kinds for i, key in enumerate(keys)}


class _Alone(NamedTuple):
    """What joints tell each for itself, and which joints; arrays of shape (joints,), `spans` (4, joints)."""

    items: list[Joint]
    parent: Ints
    pivot: Complexes
    spans: Floats
    give: Floats


_last: LRUCache[tuple[str, ...], _Alone] = bounded(4, size=lambda _: 1)
_lock = Lock()


def _alone(joints: tuple[str, ...], index: Mapping[str, int], known: Mapping[str, Joint]) -> _Alone:
    """Read off all joints, or off those alone that differ from the last time: a drag changes few of many."""
    items = [known[key] for key in joints]
    with _lock:
        last: _Alone | None = _last.get(joints)
    if last is None:
        count = len(items)
        found = _Alone(
            items, np.zeros(count, np.intp), np.zeros(count, np.complex128), np.zeros((4, count)), np.zeros(count)
        )
        changed: Iterable[int] = range(count)
    else:
        found = _Alone(items, last.parent.copy(), last.pivot.copy(), last.spans.copy(), last.give.copy())
        changed = [i for i, (old, new) in enumerate(zip(last.items, items, strict=True)) if old is not new]
    for i in changed:
        joint = items[i]
        found.parent[i] = len(items) if joint.parent is None else index[joint.parent]
        found.pivot[i], found.spans[:, i], found.give[i] = joint.pivot.z, ends_of(joint), joint.give
    with _lock:
        _last[joints] = found
    return found


@remembered
def _drawings(parts: Mapping[str, Part], order: tuple[str, ...]) -> tuple[Affine[Complexes], NDArray[np.bool_]]:
    """From each drawing to the board at rest, and whether it shows; in draw order."""
    maps = [tuple(board_from_drawing(parts[key].placement)) for key in order]
    fields = np.array(maps, dtype=np.complex128).reshape(-1, 3).T
    return Affine(*fields), np.array([parts[key].visible for key in order], dtype=bool)


@remembered
def _part_joints(parts: Mapping[str, Part], order: tuple[str, ...], index: Mapping[str, int]) -> Ints:
    return np.array([index[parts[key].joint] for key in order], dtype=np.intp)


def _showings(puppet: Puppet, order: tuple[str, ...], index: Mapping[str, int]) -> Iterator[Showing]:
    if not puppet.sets:
        return
    place = {key: i for i, key in enumerate(order)}
    on: dict[str, list[int]] = {}
    for key, part in puppet.parts.items():
        on.setdefault(part.joint, []).append(place[key])
    for one in puppet.sets.values():
        numbers = [variant.number for variant in one.variants]
        parts, joints = [], []
        for variant in one.variants:
            below = [key for joint in variant.joints for key in branch(puppet, joint)]
            here = [place[key] for key in variant.parts] + [i for key in below for i in on.get(key, ())]
            parts.append(np.array(sorted(set(here)), dtype=np.intp))
            joints.append(np.array(sorted({index[key] for key in below}), dtype=np.intp))
        of_parts = np.concatenate(parts), np.repeat(np.arange(len(parts)), [len(each) for each in parts])
        yield Showing(np.array(numbers, dtype=np.intp), numbers.index(one.rest), tuple(parts), tuple(joints), of_parts)


def _axes(puppet: Puppet, joints: tuple[str, ...]) -> Complexes:
    found = dict.fromkeys(joints, 0j)
    for limb in sorted(puppet.limbs.values(), key=lambda each: each.stretch > 0):
        points = limb_points(puppet, limb)
        for key, here, there in zip(limb.joints, points, points[1:], strict=False):
            if limb.enabled and here != there:
                found[key] = (there - here) / abs(there - here)
    return np.array([*found.values(), 0j], dtype=np.complex128)


def _frozen(plan: Plan) -> Plan:
    for value in (*plan, *plan.part_map, *plan.ends):
        if isinstance(value, np.ndarray):
            value.setflags(write=False)
    return plan


def _in_limbs(
    puppet: Puppet, rank: Mapping[str, int], joints: tuple[str, ...], links: Mapping[str, LinkStep | ResponseStep]
) -> tuple[object, ...]:
    """What steps are made of: the joints of limbs where they lie, and the order of all."""
    used = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end, limb.target, limb.toe)}
    items = tuple(joint for key, joint in puppet.joints.items() if key in used)
    return rank, joints, puppet.limbs, items, links or None


@remembered_by(_in_limbs)
def _steps(
    puppet: Puppet, rank: Mapping[str, int], joints: tuple[str, ...], links: Mapping[str, LinkStep | ResponseStep]
) -> tuple[Step, ...]:
    ranks = [rank[key] for key in joints]
    index = {key: i for i, key in enumerate(joints)}
    limbs = list(puppet.limbs)
    enabled = [key for key in limbs if puppet.limbs[key].enabled]
    steps = []
    for level in range(max(rank.values(), default=-1) + 1):
        first, last = bisect_left(ranks, level), bisect_right(ranks, level)
        here = [key for key in enabled if rank[key] == level]
        ended = [key for key in enabled if (end := puppet.limbs[key].end) is not None and rank[end] == level]
        steps.append(
            Step(
                links=in_runs(step for key, step in links.items() if rank.get(key) == level),
                first=first,
                last=last,
                ends=_ends(puppet, [key for key in ended if puppet.limbs[key].end_hold != "limb"], index, rank),
                every_end=_ends(puppet, ended, index, rank),
                limbs=tuple(_batches(puppet, here, limbs, index)),
                followers=tuple(i for i in range(first, last) if puppet.joints[joints[i]].also),
            )
        )
    return tuple(steps)


def _carriers(puppet: Puppet, index: Mapping[str, int]) -> dict[int, Ints]:
    ground = len(index)
    return {
        index[key]: np.array([index[each] if each else ground for each in (joint.parent, *joint.also)], dtype=np.intp)
        for key, joint in puppet.joints.items()
        if joint.also
    }


def _ends(puppet: Puppet, keys: list[str], index: dict[str, int], rank: Mapping[str, int]) -> EndBatch | None:
    if not keys:
        return None
    limbs = [puppet.limbs[key] for key in keys]
    places = {key: i for i, key in enumerate(puppet.limbs)}
    toes = [
        limb.toe if limb.toe is not None and limb.end is not None and rank[limb.toe] < rank[limb.end] else limb.target
        for limb in limbs
    ]
    return EndBatch(
        limbs=np.array([places[key] for key in keys], dtype=np.intp),
        joint=np.array([index[limb.end] for limb in limbs if limb.end], dtype=np.intp),
        frame=_root_parents(puppet, limbs, index),
        target=np.array([index[limb.target] for limb in limbs], dtype=np.intp),
        toe=np.array([index[toe] for toe in toes], dtype=np.intp),
        hold=np.array([HOLDS.index(limb.end_hold) + 1 for limb in limbs], dtype=np.intp),
    )


def _root_parents(puppet: Puppet, limbs: list[Limb], index: dict[str, int]) -> Ints:
    parents = [puppet.joints[limb.joints[0]].parent for limb in limbs]
    return np.array([len(index) if parent is None else index[parent] for parent in parents], dtype=np.intp)


def _batches(puppet: Puppet, keys: list[str], limbs: list[str], index: dict[str, int]) -> Iterator[LimbBatch]:
    for count in sorted({len(puppet.limbs[key].joints) for key in keys}):
        some = [key for key in keys if len(puppet.limbs[key].joints) == count]
        items = [puppet.limbs[key] for key in some]
        yield LimbBatch(
            numbers=np.array([limbs.index(key) for key in some], dtype=np.intp),
            joints=np.array([[index[joint] for joint in limb.joints] for limb in items], dtype=np.intp),
            parent=_root_parents(puppet, items, index),
            target=np.array([index[limb.target] for limb in items], dtype=np.intp),
            tip=np.array([limb_tip(puppet, limb) for limb in items], dtype=np.complex128),
            bend=np.array([float(bends_to(puppet, limb)) for limb in items]),
            soften=np.array([limb.soften for limb in items]),
            stretch=np.array([limb.stretch for limb in items]),
            stretches=np.array([_stretches(puppet, limb) for limb in items]),
        )


def _stretches(puppet: Puppet, limb: Limb) -> list[float]:
    """How a limb's stretch is shared: by give, so that 1 + share * s over all lengths makes 1 + s in all."""
    points = limb_points(puppet, limb)
    lengths = [abs(there - here) for here, there in itertools.pairwise(points)]
    gives = [puppet.joints[key].give for key in limb.joints]
    whole = sum(give * length for give, length in zip(gives, lengths, strict=True))
    return [give * sum(lengths) / whole if whole > 0 else 1.0 for give in gives]
