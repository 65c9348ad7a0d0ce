"""The demos' rigs, built through the same public edits that the window uses."""

import math
from collections.abc import Mapping, Sequence

from umbrite.art.bending.bendy import bend_part
from umbrite.art.pictures import Picture
from umbrite.demo import bramble, inkpot, tansy, tea_cart, wick
from umbrite.rig.change import change
from umbrite.rig.edits.control_proposals import make_proposed, propose_controls
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.limbs import make_limb, set_end_hold
from umbrite.rig.edits.limits import set_limit, set_loose
from umbrite.rig.edits.links import add_link
from umbrite.rig.edits.parenting import carry_together, set_parent
from umbrite.rig.edits.pivots import move_pivot, set_tip
from umbrite.rig.edits.renaming import rename
from umbrite.rig.edits.shelf import save_pose
from umbrite.rig.model import Loose, Puppet

Pictures = Mapping[str, Picture]
FAMILY = {
    "Trunk": "Hips", "Neck": "Trunk", "Head": "Neck", "Cap": "Head", "Eyes": "Head", "Mouth": "Head",
    "Scarf": "Neck", "Scarf tail": "Scarf",
    "Near upper arm": "Trunk", "Near forearm": "Near upper arm", "Near hand": "Near forearm", "Lamp pole": "Near hand",
    "Far upper arm": "Trunk", "Far forearm": "Far upper arm", "Far hand": "Far forearm",
    "Near thigh": "Hips", "Near shin": "Near thigh", "Near foot": "Near shin",
    "Far thigh": "Hips", "Far shin": "Far thigh", "Far foot": "Far shin",
    "Near coat tail": "Hips", "Far coat tail": "Hips",
}  # fmt: skip

# Degrees as shown, from rest: counterclockwise is positive.
LIMITS = {
    "Near shin": (-140, 12), "Far shin": (-140, 12), "Near forearm": (-28, 130), "Far forearm": (-45, 125),
    "Near foot": (-45, 40), "Far foot": (-45, 40), "Head": (-30, 30), "Neck": (-20, 20), "Near coat tail": (-35, 35),
    "Far coat tail": (-35, 35), "Scarf tail": (-40, 40), "Scarf tail 2": (-40, 40), "Scarf end": (-50, 50), "Scarf end 2": (-50, 50), "Trunk": (-20, 20),
}  # fmt: skip


WICK_POSES: dict[str, dict[str, float]] = {
    "Wave": {"Far arm target.x": 40, "Far arm target.y": -420, "Head.turn": 6},
    "Walk": {
        "Body.y": 22, "Body.x": 10, "Near leg target.x": 130, "Near leg target.y": -10, "Far leg target.x": -170, "Far leg target.y": -30,
        "Far leg target.turn": -28, "Far arm target.x": 60, "Near coat tail.turn": -10, "Far coat tail.turn": 10,
    },
    "Lamp up": {"Near arm target.x": 80, "Near arm target.y": -260, "Trunk.turn": 6, "Head.turn": 12, "Body.y": 12},
}  # fmt: skip


WICK_LOOSE = {
    "Scarf tail": Loose(2.2, 0.22, 0.5, 0.4),
    "Scarf tail 2": Loose(2.5, 0.22, 0.4, 0.4),
    "Scarf end": Loose(2.8, 0.22, 0.4, 0.45),
    "Scarf end 2": Loose(3.1, 0.22, 0.4, 0.5),
    "Near coat tail": Loose(2.4, 0.35, 0.35, 0.3),
    "Far coat tail": Loose(2.5, 0.35, 0.35, 0.3),
}


def by_name(puppet: Puppet, name: str) -> str:
    """The id of the joint with this name."""
    return next(key for key, joint in puppet.joints.items() if joint.name == name)


def _joined(
    puppet: Puppet, joints: Mapping[str, tuple[float, float]], family: Mapping[str, str], root: str, ground: float
) -> Puppet:
    """Pivots, family, a carrier for the body at the root's pivot, and the master on the ground below it."""
    there = {joint.name for joint in puppet.joints.values()}  # joints of what bends come later
    for name, (x, y) in joints.items():
        if name in there:
            puppet = move_pivot(puppet, by_name(puppet, name), complex(x, y))
    for child, parent in family.items():
        if {child, parent} <= there:
            puppet = set_parent(puppet, [by_name(puppet, child)], by_name(puppet, parent))
    x, y = joints[root]
    name = "Body" if root != "Body" else "Trunk"
    puppet, body = carry_together(puppet, [by_name(puppet, root)], name, complex(x, y))
    return carry_together(puppet, [body], "Master", complex(x, ground), role="master")[0]


def _with_poses(puppet: Puppet, poses: Mapping[str, Mapping[str, float]]) -> Puppet:
    """Poses for the shelf, by the names of joints: `Near leg target.x` and so on, turns in degrees as shown."""
    for name, values in poses.items():
        channels = {}
        for channel, number in values.items():
            joint, _, what = channel.rpartition(".")
            channels[f"{by_name(puppet, joint)}.{what}"] = -math.radians(number) if what == "turn" else number
        puppet = save_pose(puppet, name, channels)
    return puppet


def _finished(
    puppet: Puppet, limits: Mapping[str, tuple[float, float]], loose: Mapping[str, Loose], without: str = ""
) -> Puppet:
    """Limits, what hangs loose, and the controls that are proposed, but for those of one kind."""
    for name, (low, high) in limits.items():
        puppet = set_limit(puppet, by_name(puppet, name), -math.radians(high), -math.radians(low))
    for name, how in loose.items():
        puppet = set_loose(puppet, by_name(puppet, name), how)
    return make_proposed(puppet, [each for each in propose_controls(puppet) if each.control.kind != without])[0]


def _bent(puppet: Puppet, pictures: Pictures, part: str, count: int, names: Sequence[str] = ()) -> Puppet:
    """A part that bends along its middle line in so many joints; names for them where theirs won't do."""
    key = next(key for key, each in puppet.parts.items() if each.name == part)
    picture = pictures[puppet.parts[key].drawing.sha256]
    puppet, joints = bend_part(puppet, key, picture, count)
    for joint, name in zip(joints, names, strict=False):
        puppet = rename(puppet, joint, name)
    return puppet


def rig_wick(puppet: Puppet, pictures: Pictures) -> Puppet:
    """Wick's unrigged parts in, the finished puppet out. His scarf's end is one drawing that bends."""
    puppet = _joined(puppet, wick.JOINTS, FAMILY, "Hips", wick.GROUND)
    scarf = ("Scarf tail", "Scarf tail 2", "Scarf end", "Scarf end 2")
    puppet = _bent(puppet, pictures, "Scarf tail", len(scarf), scarf)
    for side in ("Near", "Far"):
        puppet, _ = make_limb(puppet, by_name(puppet, f"{side} upper arm"), by_name(puppet, f"{side} hand"))
        puppet, _ = make_limb(puppet, by_name(puppet, f"{side} thigh"), by_name(puppet, f"{side} foot"))
    # The hand that holds the pole keeps it upright.
    near_arm = next(key for key, limb in puppet.limbs.items() if limb.name == "Near arm")
    return _with_poses(_finished(set_end_hold(puppet, near_arm, "target"), LIMITS, WICK_LOOSE), WICK_POSES)


def rig_bramble(puppet: Puppet, pictures: Pictures) -> Puppet:
    """The goat: four legs that keep their hooves on the ground, a neck and a tail that bend."""
    puppet = _joined(puppet, bramble.JOINTS, bramble.FAMILY, "Body", bramble.GROUND)
    puppet = _bent(_bent(puppet, pictures, "Tail", 3), pictures, "Neck", 3)
    for leg in bramble.LEGS:
        puppet, _ = make_limb(puppet, by_name(puppet, f"{leg} thigh"), by_name(puppet, f"{leg} foot"))
    return _with_poses(_finished(puppet, bramble.LIMITS, bramble.LOOSE), bramble.POSES)


def rig_inkpot(puppet: Puppet, pictures: Pictures) -> Puppet:
    """The octopus: six long arms that follow the body, two of them one drawing each; those with pot and cup keep them level."""
    for name in inkpot.BENDY:
        puppet = rename(puppet, by_name(puppet, f"{name} arm"), f"{name} arm 1")
    puppet = _joined(puppet, inkpot.JOINTS, inkpot.FAMILY, "Head", inkpot.GROUND)
    for name in inkpot.BENDY:
        puppet = _bent(
            puppet, pictures, f"{name} arm", inkpot.COUNT, [f"{name} arm {i + 1}" for i in range(inkpot.COUNT)]
        )
    for name in inkpot.ORDINALS:
        ends = (by_name(puppet, f"{name} arm 1"), by_name(puppet, f"{name} arm {inkpot.COUNT}"))
        puppet, key = make_limb(puppet, *ends)
        if name in {"First", "Sixth"}:
            puppet = set_end_hold(puppet, key, "target")
    return _with_poses(_finished(puppet, inkpot.LIMITS, inkpot.LOOSE), inkpot.POSES)


def rig_tea_cart(puppet: Puppet, _pictures: Pictures) -> Puppet:
    """The tea cart: wheels that turn by the way that it rolls, a handle to be pushed at, a kettle that pours."""
    puppet = _joined(puppet, tea_cart.JOINTS, tea_cart.FAMILY, "Box", tea_cart.GROUND)
    master = by_name(puppet, "Master")
    puppet = set_parent(puppet, [by_name(puppet, wheel) for wheel in tea_cart.WHEELS], master)
    puppet = set_tip(puppet, by_name(puppet, "Handle"), complex(*tea_cart.GRIP))
    for wheel in tea_cart.WHEELS:
        curve = [(0.0, 0.0), (tea_cart.RADIUS, 1.0)]
        puppet, _ = add_link(puppet, master, f"{by_name(puppet, wheel)}.turn", curve, travel=True)
    puppet = _finished(puppet, tea_cart.LIMITS, tea_cart.LOOSE)
    for name in ("Kettle", "Kettle lid", "Handle"):
        puppet, _ = make_control(puppet, "knob", by_name(puppet, name))
    return _with_poses(puppet, tea_cart.POSES)


def rig_tansy(puppet: Puppet, pictures: Pictures) -> Puppet:
    """The heron: a neck and two legs of one drawing each, held at both ends; her wings turn in three parts."""
    puppet = _joined(puppet, tansy.JOINTS, tansy.FAMILY, "Body", tansy.GROUND)
    for part, count in (("Neck", 7), ("Near leg", 6), ("Far leg", 6), ("Crest", 3)):
        puppet = _bent(puppet, pictures, part, count)
    puppet, neck = make_limb(puppet, by_name(puppet, "Neck"), by_name(puppet, "Head"))
    puppet = set_end_hold(puppet, neck, "target")
    puppet = change(puppet, neck, stretch=0.25)
    for side in ("Near", "Far"):
        puppet, leg = make_limb(puppet, by_name(puppet, f"{side} leg"), by_name(puppet, f"{side} foot"))
        puppet = change(set_end_hold(puppet, leg, "target"), leg, stretch=0.2)
    return _with_poses(_finished(puppet, tansy.LIMITS, tansy.LOOSE, without="aim"), tansy.POSES)
