"""Controls: the on-screen things that animators drag, proposed from the limbs and carriers."""

from collections.abc import Iterable

from msgspec.structs import replace

from umbrite.rig.change import get_joint, new_id, put, take_out
from umbrite.rig.errors import RigError
from umbrite.rig.family import branch, is_carrier
from umbrite.rig.model import Control, Joint, Limb, Puppet
from umbrite.rig.names import names_like, unique


def propose_controls(puppet: Puppet) -> list[Control]:
    """The set that this puppet calls for, without what it has already: grips for hands and feet, a shield for
    each carrier that moves limbs, and the master control. Nothing is changed.
    """
    has = {control.moves for control in puppet.controls.values()}
    found = [_limb_grip(puppet, limb) for limb in puppet.limbs.values() if limb.target not in has]
    for key, joint in puppet.joints.items():
        if key in has or not is_carrier(puppet, key):
            continue
        if joint.role == "master":
            found.append(Control(name=joint.name, kind="master", moves=key, shape="crescent", size=260.0))
        elif _carries_limb(puppet, key):
            found.append(_body_grip(key, joint))
    return found


def _limb_grip(puppet: Puppet, limb: Limb) -> Control:
    name = puppet.joints[limb.end].name if limb.end else limb.name
    return Control(name=name, kind="grip", moves=limb.target, shape="leaf", side=limb.side, size=60.0)


def _body_grip(key: str, joint: Joint) -> Control:
    return Control(name=joint.name, kind="grip", moves=key, shape="shield", side=joint.side, size=84.0)


def _carries_limb(puppet: Puppet, key: str) -> bool:
    carried = set(branch(puppet, key))
    return any(limb.joints[0] in carried for limb in puppet.limbs.values())


def add_controls(puppet: Puppet, controls: Iterable[Control]) -> tuple[Puppet, list[str]]:
    """Put controls on the puppet, names made unique. Refuses two controls that move the same thing."""
    made = []
    for control in controls:
        get_joint(puppet, control.moves)
        if other := next((c for c in puppet.controls.values() if c.moves == control.moves), None):
            raise RigError(
                f"{other.name} moves that already; remove it before another control takes its place."
            )
        puppet, key = new_id(puppet, "c")
        name = unique(control.name, names_like(puppet, "c"))
        puppet = put(puppet, key, replace(control, name=name))
        made.append(key)
    return puppet, made


def remove_control(puppet: Puppet, key: str) -> Puppet:
    """Take a control away; what it moved stays where it is."""
    return take_out(puppet, key)


def control_at_rest(puppet: Puppet, control: Control) -> complex:
    """Where a control stands at rest: its offset from the pivot of what it moves."""
    return puppet.joints[control.moves].pivot.z + control.offset.z
