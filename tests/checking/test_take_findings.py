"""Findings about takes: each fault is noticed, and a sound walk has none."""

import pytest
from msgspec.structs import replace

from demo_puppet import joint, wick
from umbrite.checking.take_findings import take_findings
from umbrite.motion.animating.walking import walk
from umbrite.rig.takes.keys import close_loop, put_keys
from umbrite.rig.takes.take import Steps, Take

HEAD = f"{joint(wick(), 'Head')}.turn"
FOOT = f"{next(limb.target for limb in wick().limbs.values() if limb.name == 'Near leg')}.y"


def codes(*takes: Take) -> set[str]:
    return {each.code for each in take_findings(wick(), takes)}


def nod(**how: object) -> Take:
    take = put_keys(Take("Nod", last=20), 0, {HEAD: 0.0})
    return replace(put_keys(take, 20, {HEAD: 0.3}), **how)  # type: ignore[arg-type]


def test_a_sound_take_has_no_findings() -> None:
    assert codes(walk(wick(), Steps(stride=0.35)), nod(), close_loop(nod())) == set()


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
def test_each_fault_is_noticed_by_name(take: Take, code: str) -> None:
    (found,) = [each for each in take_findings(wick(), (take,)) if each.code == code]
    assert take.name in found.text
