"""Each finding is planted in a copy of the demo, found where it is, mended where it can be, and left alone where it is meant so."""

import math

import pytest
from msgspec.structs import replace

from demo_puppet import control, joint, part, wick
from umbrite.checking.finding_codes import mend
from umbrite.checking.puppet_findings import findings, look_again, mark_meant
from umbrite.rig.change import change
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.limits import set_limit
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import reorder
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.edits.shelf import save_pose
from umbrite.rig.invariants import invariants
from umbrite.rig.model import Limit, Point

WICK = wick()


def limb(name):
    return next(key for key, item in WICK.limbs.items() if item.name == name)


def loose():
    puppet = set_parent(WICK, [joint(WICK, "Cap")], None)
    return puppet, "part-loose", joint(WICK, "Cap")


def outside():
    key = joint(WICK, "Cap")
    return move_pivot(WICK, key, 20 + 20j), "pivot-outside", key


def unset():
    return change(WICK, joint(WICK, "Cap"), pivot_set=False), "pivot-unset", joint(WICK, "Cap")


def against():
    key = limb("Far leg")
    return change(WICK, key, bend=-WICK.limbs[key].bend), "bend-against", key


def straight():
    shin = joint(WICK, "Near shin")
    hip, ankle = (WICK.joints[joint(WICK, f"Near {n}")].pivot.z for n in ("thigh", "foot"))
    puppet = change(move_pivot(WICK, shin, (hip + ankle) / 2), limb("Near leg"), side_chosen=False)
    return puppet, "limb-straight", limb("Near leg")


def away():
    key = limb("Near arm")
    target = WICK.limbs[key].target
    return change(WICK, target, pivot=Point(100.0, 100.0)), "target-away", key


def unequal():
    foot = joint(WICK, "Near foot")
    return move_pivot(WICK, foot, WICK.joints[foot].pivot.z + 120j), "limb-unequal", limb("Near leg")


def without_rest():
    key = joint(WICK, "Head")
    return change(WICK, key, limit=Limit(0.2, 0.5)), "limit-without-rest", key


def closed():
    return set_limit(WICK, joint(WICK, "Head"), 0.0, 0.0), "limit-closed", joint(WICK, "Head")


def locked():
    key = joint(WICK, "Near shin")
    return change(WICK, key, give=0.0), "limb-locked", key


def order():
    puppet = reorder(WICK, [part(WICK, "Far upper arm")], len(WICK.order))
    return puppet, "order-wrong", joint(WICK, "Far upper arm")


def alike():
    key = joint(WICK, "Cap")
    return change(WICK, key, name="near_hand"), "names-alike", joint(WICK, "Near hand")


def mixed():
    key = joint(WICK, "Near hand")
    return change(WICK, key, side="far"), "side-mixed", key


def idle():
    puppet, key = make_control(WICK, "slider", joint(WICK, "Head"))
    return replace(puppet, links={}), "control-idle", key


def knob_of_a_locked_joint():
    puppet = change(WICK, joint(WICK, "Head"), give=0.0)
    return puppet, "control-idle", control(WICK, "Head")


def beyond():
    key = joint(WICK, "Head")
    return save_pose(WICK, "Far out", {f"{key}.turn": math.pi / 2}), "pose-beyond", key


PLANTS = [
    loose, outside, unset, against, straight, away, unequal, without_rest, closed, locked, order, alike, mixed, idle,
    knob_of_a_locked_joint, beyond,
]  # fmt: skip


@pytest.mark.parametrize("plant", PLANTS)
def test_what_is_planted_is_found_mended_and_can_be_meant_so(plant):
    assert findings(WICK) == []
    puppet, code, where = plant()
    found = [item for item in findings(puppet) if item.code == code]
    assert any(item.where == where for item in found) or (code == "names-alike" and found)
    finding = found[0]
    assert finding.text.endswith(".")
    meant = mark_meant(puppet, finding)
    assert (code, finding.where) not in {(item.code, item.where) for item in findings(meant)}
    assert (code, finding.where) in {(item.code, item.where) for item in findings(meant, meant=True)}
    assert findings(look_again(meant)) == findings(puppet)
    assert mark_meant(meant, finding) is meant
    if finding.fix is not None:
        mended = mend(puppet, finding)
        assert not any((item.code, item.where) == (code, finding.where) for item in findings(mended))
        assert mended.parts == puppet.parts
        assert invariants(mended) == []
