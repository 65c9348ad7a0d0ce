"""What there is to see and to grasp: all joints, limbs and controls but those of branches that do not show."""

from collections.abc import Mapping

from umbrite.desk.session.session import Session
from umbrite.motion.placed import Placed
from umbrite.rig.model import Control, Joint, Limb
from umbrite.rig.remembered import remembered


def joints_seen(session: Session) -> Mapping[str, Joint]:
    """The joints that are there."""
    return session.puppet.joints if not session.puppet.sets else _joints(session.placed)


def rivets_seen(session: Session) -> Mapping[str, Joint]:
    """The joints whose rivets are there: while a mesh is worked on those of the mesh alone."""
    mesh, joints = session.brushing.mesh, joints_seen(session)
    if not session.workspace.tool.on_mesh or mesh is None:
        return joints
    return {key: joints[key] for key in mesh.joints if key in joints}


def limbs_seen(session: Session) -> Mapping[str, Limb]:
    """The limbs whose joints are there."""
    joints = joints_seen(session)
    if joints is session.puppet.joints:
        return session.puppet.limbs
    return {key: limb for key, limb in session.puppet.limbs.items() if limb.joints[0] in joints}


def controls_seen(session: Session) -> Mapping[str, Control]:
    """The controls of what is there; targets of limbs that are not there have none either."""
    joints = joints_seen(session)
    puppet = session.puppet
    if joints is puppet.joints:
        return puppet.controls
    idle = {limb.target for limb in puppet.limbs.values() if limb.joints[0] not in joints}
    return {
        key: control
        for key, control in puppet.controls.items()
        if control.moves in joints and control.moves not in idle
    }


@remembered
def _joints(placed: Placed) -> Mapping[str, Joint]:
    there = placed.there[0]
    if there.all():
        return placed.plan.puppet.joints
    place = placed.plan.place
    hooks = {limb.target: limb.joints[0] for limb in placed.plan.puppet.limbs.values()}
    return {
        key: joint
        for key, joint in placed.plan.puppet.joints.items()
        if there[place[key]] and there[place[hooks.get(key, key)]]
    }
