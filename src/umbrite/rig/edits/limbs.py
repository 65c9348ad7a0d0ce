"""Limbs: chains that are posed from their end. Making one moves no art: its target stands exactly at the tip."""

import itertools
import math
from collections.abc import Iterable, Sequence

from msgspec.structs import replace

from umbrite.rig.change import change, get_limb, names_like, new_id, put, take_out
from umbrite.rig.driving.dependencies import refuse_circles
from umbrite.rig.edits.variants.branches import hands_carried
from umbrite.rig.errors import RigError
from umbrite.rig.family import ancestors, branch, children, parts_on, path, targets, toes, users_of
from umbrite.rig.limb_shape import bends_to, drawn_bend, far_end, limb_points, limb_tip
from umbrite.rig.model import EndHold, Joint, Limb, Puppet, point
from umbrite.rig.placement import board_from_drawing
from umbrite.rig.words.body_words import kind_of, limb_kind, limb_name
from umbrite.rig.words.names import unique

# Pivots less than this share of a limb's length off its line may go over it.
SLIGHT = 0.02
# The pieces of limbs, from the root to what is dragged.
CHAINS = (("thigh", "shin", "foot"), ("upper arm", "forearm", "hand"))


def make_limb(puppet: Puppet, one: str, other: str) -> tuple[Puppet, str]:
    """A limb between two joints picked in any order: the upper one is its root, the lower one's pivot its tip.

    One joint picked twice makes an aim of a bone towards its own tip. The limb gets a name and a side from its
    joints, a target at the tip (arms follow the body, legs the board or the master), and its bend side from the
    drawing. Returns the new puppet and the limb's id.
    """
    way = path(puppet, one, other)
    joints, end = (tuple(way[:-1]), way[-1]) if len(way) > 1 else (tuple(way), None)
    return _limb_over(puppet, joints, end)


def make_tip_limb(puppet: Puppet, joints: Sequence[str]) -> tuple[Puppet, str]:
    """A limb over joints, each the parent of the next, that reaches with the tip of the last one: an arm that ends without a hand."""
    return _limb_over(puppet, tuple(joints), None)


def limbs_along(puppet: Puppet, joints: Sequence[str], count: int) -> tuple[Puppet, list[str]]:
    """A chain of joints in `count` limbs one after the other, each reaching with the tip of its last joint: grips along a tail.

    The target of each rides on the limb before. Refuses fewer joints than limbs, and a last joint without a tip.
    """
    if not 1 <= count <= len(joints):
        raise RigError(f"A chain of {len(joints)} can't be held in {count} places. Let it bend in more joints first.")
    made: list[str] = []
    whole = puppet.joints[joints[0]].name
    whole = whole.rstrip("0123456789 ") or whole  # the first of a series
    for i in range(count):
        some = joints[len(joints) * i // count : len(joints) * (i + 1) // count]
        puppet, key = _limb_over(puppet, tuple(some), None)
        name = unique(f"{whole} {i + 1} of {count}" if count > 1 else f"{whole} tip", names_like(puppet, "limb"))
        # A tail has no side to which it should bend, so there is nothing to be found.
        puppet = change(puppet, key, name=name, side_chosen=True)
        puppet = change(puppet, puppet.limbs[key].target, name=unique(f"{name} target", names_like(puppet, "joint")))
        made.append(key)
    return puppet, made


def _limb_over(puppet: Puppet, joints: tuple[str, ...], end: str | None) -> tuple[Puppet, str]:
    """A limb over joints that reaches with the pivot of its end, or without one with the tip of its last joint."""
    _refuse_unfit(puppet, joints, end)
    way = [*joints, *([end] if end is not None else [])]
    tip = None if end is not None else puppet.joints[joints[-1]].tip
    names = [puppet.joints[joint].name for joint in way]
    name, kind = limb_name(names), limb_kind(names)
    before = puppet
    puppet, key = new_id(puppet, "limb")
    puppet, target = new_id(puppet, "joint")
    limb = Limb(
        name=unique(name, names_like(puppet, "limb")),
        joints=joints,
        target=target,
        end=end,
        tip=tip,
        side=puppet.joints[joints[0]].side,
        end_hold="target" if kind == "leg" and end is not None else "limb",
        kind=kind,
    )
    drawn = drawn_bend(puppet, limb)
    bend = (1 if drawn > 0 else -1) if drawn != 0 else _guessed_bend(puppet, kind, end)
    hook = Joint(
        name=unique(f"{limb.name} target", names_like(puppet, "joint")),
        pivot=point(limb_tip(before, limb)),
        parent=_default_follows(puppet, joints[0], kind),
        side=limb.side,
        pivot_set=True,
    )
    puppet = put(put(puppet, target, hook), key, replace(limb, bend=1 if bend > 0 else -1))
    puppet = _turned_by_limb(puppet, way)
    refuse_circles(puppet)
    return hands_carried(before, puppet), key


def _turned_by_limb(puppet: Puppet, joints: Iterable[str]) -> Puppet:
    """Joints of a limb ride on their parents only, and hang loose no more."""
    for joint in joints:
        if puppet.joints[joint].also or puppet.joints[joint].loose:
            puppet = change(puppet, joint, also=(), loose=None)
    return puppet


def _refuse_unfit(puppet: Puppet, joints: tuple[str, ...], end: str | None) -> None:
    names = [puppet.joints[key].name for key in joints]
    if end is None and puppet.joints[joints[-1]].tip is None:
        raise RigError(f"{names[-1]} alone has no tip to reach with. Drag on to the next joint of the limb.")
    aimed = {*targets(puppet), *toes(puppet)}
    if aim := next((key for key in (*joints, end) if key in aimed), None):
        raise RigError(
            f"{puppet.joints[aim].name} is what a limb reaches for, so it can't be a joint of one. Pick other joints."
        )
    points = [puppet.joints[key].pivot.z for key in (*joints, *([end] if end else []))]
    for i, (here, there) in enumerate(itertools.pairwise(points)):
        if abs(here - there) < 1e-6:
            raise RigError(f"{names[i]} has no length: the next pivot lies on its own. Drag one of them away first.")
    for limb in puppet.limbs.values():
        held = {*limb.joints, limb.end}
        if taken := next((key for key in (*joints, end) if key in held and key is not None), None):
            raise RigError(f"{puppet.joints[taken].name} is held by the limb {limb.name} already; remove that first.")


def _default_follows(puppet: Puppet, root: str, kind: str) -> str | None:
    """Hands follow the body; feet stay on the board, and go with the master where there is one."""
    carriers = ancestors(puppet, root)
    if kind != "leg":
        return carriers[0] if carriers else None
    return next((key for key in carriers if puppet.joints[key].role == "master"), None)


def _guessed_bend(puppet: Puppet, kind: str, end: str | None) -> int:
    """The side of a limb drawn straight: knees to where the feet point, elbows and all else the other way."""
    facing = 1
    feet = [end] if kind == "leg" and end else [
        limb.end for limb in puppet.limbs.values() if limb.end_hold == "target" and limb.end
    ]  # fmt: skip
    for foot in feet:
        for part in puppet.parts.values():
            if part.joint == foot:
                middle = complex(part.drawing.width / 2, part.drawing.height / 2)
                ahead = board_from_drawing(part.placement)(middle) - puppet.joints[foot].pivot.z
                facing = 1 if ahead.real >= 0 else -1
    return facing if kind == "leg" else -facing


def set_bend_side(puppet: Puppet, key: str, bend: int) -> Puppet:
    """Choose to which side a limb's middle bends: +1 clockwise on the screen from root to tip, -1 the other.

    No picture moves. Of a limb drawn all but straight the pivots between go over the line from root to tip, where they have to, as far
    as they stood off it; one that is drawn bent goes on bending as it is drawn (see `bends_to`).
    """
    puppet = change(puppet, key, bend=1 if bend > 0 else -1, side_chosen=True)
    limb = get_limb(puppet, key)
    if bends_to(puppet, limb) == limb.bend:
        return puppet
    root, *between, tip = limb_points(puppet, limb)
    way = tip - root
    off = [((at - root) / way).imag for at in between] if way else [math.inf]
    if max(map(abs, off)) < SLIGHT:
        for joint, at, aside in zip(limb.joints[1:], between, off, strict=True):
            puppet = change(puppet, joint, pivot=point(at - 2j * aside * way), pivot_set=True)
    return puppet


def set_end_hold(puppet: Puppet, key: str, hold: EndHold) -> Puppet:
    """Let the end (hand, foot) turn with the limb, keep the angle of the target, or point at a toe target.

    The toe target is made where the end's drawing or bone ends, riding on the limb's target; it stays for later when
    another hold is chosen.
    Refuses a limb without an end.
    """
    limb = get_limb(puppet, key)
    if limb.end is None:
        raise RigError(f"{limb.name} has no hand or foot beyond its tip that could keep an angle.")
    if hold == "toe" and limb.toe is None:
        puppet, toe = new_id(puppet, "joint")
        end = puppet.joints[limb.end]
        name = unique(f"{end.name} toe target", names_like(puppet, "joint"))
        at = point(far_end(puppet, limb.end))
        joint = Joint(name=name, pivot=at, parent=limb.target, side=limb.side, pivot_set=True)
        puppet = change(put(puppet, toe, joint), key, toe=toe)
    puppet = change(puppet, key, end_hold=hold)
    refuse_circles(puppet)
    return puppet


def remove_limb(puppet: Puppet, key: str) -> Puppet:
    """Take a limb away, with its target and the controls of that target; the joints stay where they are."""
    limb = get_limb(puppet, key)
    puppet = take_out(puppet, key)
    for control, item in puppet.controls.items():
        if item.moves == limb.target:
            puppet = take_out(puppet, control)
    # What something else needs by now, or a drawing rides on, stays as any other joint.
    left = [joint for joint in (limb.toe, limb.target) if joint is not None and not _in_use(puppet, joint)]
    for gone in left:
        for child in children(puppet, gone):
            puppet = change(puppet, child, parent=puppet.joints[gone].parent)
        puppet = take_out(puppet, gone)
    return puppet


def _in_use(puppet: Puppet, key: str) -> bool:
    return bool(parts_on(puppet, key) or users_of(puppet, key))


def without_users(puppet: Puppet, joints: Iterable[str]) -> tuple[Puppet, list[str]]:
    """The puppet without the limbs and controls that use these joints, and what these are."""
    gone: list[str] = []
    for joint in joints:
        for key, limb in list(puppet.limbs.items()):
            if joint in limb.joints or joint in (limb.end, limb.target, limb.toe):
                gone.append(f"the limb {limb.name}")
                puppet = remove_limb(puppet, key)
        for key, control in list(puppet.controls.items()):
            if control.moves == joint:
                gone.append(f"the control {control.name}")
                puppet = take_out(puppet, key)
    return puppet, gone


def extend_limb(puppet: Puppet, key: str) -> Puppet:
    """Take the end (hand, foot) into the limb: it bends along, and what hangs from it becomes the end.

    Where nothing hangs from it, the tip lies at its far end. The target goes to the new tip; name, side and all else stay.
    Refuses a limb beyond whose tip nothing hangs.
    """
    limb = get_limb(puppet, key)
    if limb.end is None:
        raise RigError(
            f"{limb.name} has nothing beyond its tip that it could be extended by. Parent a joint to its last one first."
        )
    hooks = {*targets(puppet), *toes(puppet)}
    held = {joint for other in puppet.limbs.values() for joint in (*other.joints, other.end)}
    beyond = [k for k in children(puppet, limb.end) if k not in hooks and k not in held]
    end = max(beyond, key=lambda k: len(branch(puppet, k)), default=None)
    tip = None if end is not None else point(far_end(puppet, limb.end))
    longer = change(
        puppet, key, joints=(*limb.joints, limb.end), end=end, tip=tip, end_hold=limb.end_hold if end else "limb"
    )
    longer = change(longer, limb.target, pivot=point(limb_tip(longer, longer.limbs[key])))
    drawn = drawn_bend(longer, longer.limbs[key])
    if drawn != 0:
        longer = change(longer, key, bend=1 if drawn > 0 else -1)
    longer = _turned_by_limb(longer, [*limb.joints, limb.end, *([end] if end else [])])
    refuse_circles(longer)
    return longer


def propose_limbs(puppet: Puppet) -> list[tuple[str, str]]:
    """Root and end of each limb that is not there yet, in family order: a thigh that carries a shin that carries a foot, and so on."""
    held = {key for limb in puppet.limbs.values() for key in (*limb.joints, limb.end)}
    found = []
    for key in puppet.joints:
        for way in CHAINS:
            chain = _chain(puppet, key, way)
            if chain and held.isdisjoint(chain) and _has_lengths(puppet, chain):
                found.append((chain[0], chain[-1]))
    return found


def make_limbs(puppet: Puppet, ends: Sequence[tuple[str, str]]) -> tuple[Puppet, list[str]]:
    """Make these limbs. Refuses an empty choice; returns the new puppet and the limbs' ids."""
    if not ends:
        raise RigError(
            "No arm or leg was recognised by its names. Draw a limb with L, from its root to its hand or foot."
        )
    made = []
    for root, end in ends:
        puppet, key = make_limb(puppet, root, end)
        made.append(key)
    return puppet, made


def _chain(puppet: Puppet, root: str, way: Sequence[str]) -> list[str]:
    """The joints from a root along these kinds; empty where one is missing or there are two to choose from."""
    chain: list[str] = []
    here = [root]
    for kind in way:
        fitting = [key for key in here if kind_of(puppet.joints[key].name) == kind]
        if len(fitting) != 1:
            return []
        chain += fitting
        here = children(puppet, fitting[0])
    return chain


def _has_lengths(puppet: Puppet, chain: Sequence[str]) -> bool:
    pivots = [puppet.joints[key].pivot.z for key in chain]
    return all(abs(one - other) > 1e-6 for one, other in itertools.pairwise(pivots))
