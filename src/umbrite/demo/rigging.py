"""Wick's rig, built through the same public edits that the window uses."""

import math

from umbrite.demo.wick import GROUND, JOINTS
from umbrite.rig.controls import add_controls, propose_controls
from umbrite.rig.family import carry_together, set_parent
from umbrite.rig.limbs import make_limb, set_end_hold
from umbrite.rig.limits import set_limit
from umbrite.rig.model import Puppet
from umbrite.rig.pivots import move_pivot

FAMILY = {
    "Trunk": "Hips", "Neck": "Trunk", "Head": "Neck", "Cap": "Head", "Eyes": "Head", "Mouth": "Head",
    "Scarf": "Neck", "Scarf tail": "Scarf", "Scarf end": "Scarf tail",
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
    "Far coat tail": (-35, 35), "Scarf tail": (-40, 40), "Scarf end": (-50, 50), "Trunk": (-40, 40),
}  # fmt: skip


def by_name(puppet: Puppet, name: str) -> str:
    """The id of the joint with this name."""
    return next(key for key, joint in puppet.joints.items() if joint.name == name)


def rig_wick(puppet: Puppet) -> Puppet:
    """Wick's unrigged parts in, the finished puppet out."""
    for name, (x, y) in JOINTS.items():
        puppet = move_pivot(puppet, by_name(puppet, name), complex(x, y))
    for child, parent in FAMILY.items():
        puppet = set_parent(puppet, [by_name(puppet, child)], by_name(puppet, parent))
    x, y = JOINTS["Hips"]
    puppet, body = carry_together(puppet, [by_name(puppet, "Hips")], "Body", complex(x, y))
    puppet, _ = carry_together(puppet, [body], "Master", complex(x, GROUND), role="master")
    for side in ("Near", "Far"):
        puppet, _ = make_limb(puppet, by_name(puppet, f"{side} upper arm"), by_name(puppet, f"{side} hand"))
        puppet, _ = make_limb(puppet, by_name(puppet, f"{side} thigh"), by_name(puppet, f"{side} foot"))
    # The hand that holds the pole keeps it upright.
    near_arm = next(key for key, limb in puppet.limbs.items() if limb.name == "Near arm")
    puppet = set_end_hold(puppet, near_arm, "target")
    for name, (low, high) in LIMITS.items():
        puppet = set_limit(puppet, by_name(puppet, name), -math.radians(high), -math.radians(low))
    puppet, _ = add_controls(puppet, propose_controls(puppet))
    return puppet
