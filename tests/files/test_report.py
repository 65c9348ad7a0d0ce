"""The JSON that scripts rely on."""

import math

import pytest

from demo_puppet import joint, wick
from umbrite.files.json_reports import pose_report
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan


def test_a_pose_tells_joints_parts_limbs_and_controls_by_name():
    puppet = wick()
    head, target = joint(puppet, "Head"), next(iter(puppet.limbs.values())).target
    report = pose_report(evaluate(compile_plan(puppet), {f"{head}.turn": math.radians(10), f"{target}.x": -5000.0}))
    assert report["joints"]["Head"]["turn"] == pytest.approx(-10)
    assert report["joints"]["Head"]["angle"] == pytest.approx(-10)
    assert report["joints"]["Head"]["parent"] == "Neck"
    assert report["joints"]["Head"]["id"] == head
    assert report["joints"]["Master"]["parent"] is None
    pivot = puppet.joints[joint(puppet, "Neck")].pivot
    assert report["joints"]["Neck"]["pivot"] == pytest.approx([pivot.x, pivot.y])
    assert report["limbs"]["Near arm"]["reached"] is False
    assert report["limbs"]["Near arm"]["distance"] > 1000
    assert report["limbs"]["Far arm"] == {"reached": True, "distance": pytest.approx(0, abs=1e-6), "bend": -1}
    place = next(part.placement for part in puppet.parts.values() if part.name == "Hips")
    assert report["parts"]["Hips"]["matrix"] == pytest.approx([1, 0, 0, 1, place.x, place.y])
    assert set(report["controls"]) == {control.name for control in puppet.controls.values()}
