"""Findings about takes: each fault is noticed, and a sound walk has none."""

import pytest
from msgspec.structs import replace

from demo_puppet import joint, wick
from umbrite.checking.take_findings import take_findings
from umbrite.rig.edits.limits import free_limit
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Key, Take

HEAD = f"{joint(wick(), 'Head')}.turn"
FOOT = f"{next(limb.target for limb in wick().limbs.values() if limb.name == 'Near leg')}.y"


def codes(*takes):
    return {each.code for each in take_findings(wick(), takes)}


def nod(**how):
    take = put_keys(Take("Nod", last=20), 0, {HEAD: 0.0})
    return replace(put_keys(take, 20, {HEAD: 0.3}), **how)


@pytest.mark.parametrize(
    ("take", "code"),
    [
        (nod(loop=True), "take-open"),
        (nod(last=10), "key-outside"),
        (put_keys(put_keys(Take("Late"), 5, {HEAD: 0.0}), 9, {HEAD: 0.2}), "key-missing"),
        (put_keys(Take("Far"), 0, {FOOT: 300.0}), "feet-slide"),
    ],
    ids=lambda each: each if isinstance(each, str) else "",
)
def test_each_fault_is_noticed_by_name(take, code):
    (found,) = [each for each in take_findings(wick(), (take,)) if each.code == code]
    assert take.name in found.text


def test_limits_and_jumps_are_told_with_their_frames():
    puppet = wick()
    head = joint(puppet, "Head")
    limit = puppet.joints[head].limit
    assert limit is not None
    take = Take("Nod", last=20)
    for frame, turn in ((0, 0.0), (10, limit.largest + 0.3), (20, 0.0)):
        take = put_keys(take, frame, {f"{head}.turn": turn})
    (found,) = take_findings(puppet, (take,))
    assert found.code == "take-limit"
    assert "at frame 10" in found.text
    trunk = joint(puppet, "Trunk")
    jump = Take(
        "Jump", last=20, tracks={f"{trunk}.turn": (Key(0.0, 0.0, "hold"), Key(7.0, 0.6, "hold"), Key(20.0, 0.6))}
    )
    puppet = free_limit(puppet, trunk)
    found = next(each for each in take_findings(puppet, (jump,)) if each.code == "take-jumps")
    assert found.where == trunk
    assert "at frame 7" in found.text
    fast = replace(jump, tracks={f"{trunk}.turn": (Key(0.0, 0.0, "straight"), Key(20.0, 20 * 0.6))})
    assert "take-jumps" not in {each.code for each in take_findings(puppet, (fast,)) if each.where == trunk}
