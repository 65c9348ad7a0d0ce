"""Wick as shipped, and quick ways to his joints."""

from functools import lru_cache
from pathlib import Path

import umbrite
from umbrite.files.package import load
from umbrite.rig.change import take_out
from umbrite.rig.edits.limbs import remove_limb
from umbrite.rig.family import branch

ASSETS = Path(umbrite.__file__).parent / "demo" / "assets"


@lru_cache(maxsize=1)
def wick_package():
    return load(ASSETS / "wick.umbrite")


def varied_wick():
    """Wick as he ships, with all his variants."""
    return wick_package().puppet


@lru_cache(maxsize=1)
def wick():
    """Wick without variants: one drawing of each piece, one far arm."""
    return plain(wick_package().puppet)


def plain(puppet):
    """A puppet with what shows at rest of each set only, and without sets."""
    rests = {key: one.rest for key, one in puppet.sets.items()}
    late = [v for key, one in puppet.sets.items() for v in one.variants if v.number != rests[key]]
    branches = {below for variant in late for top in variant.joints for below in branch(puppet, top)}
    for key in [*(key for key, control in puppet.controls.items() if control.chooses), *rests]:
        puppet = take_out(puppet, key)
    for key, limb in list(puppet.limbs.items()):
        if limb.joints[0] in branches:
            puppet = remove_limb(puppet, key)
    gone = [key for key, part in puppet.parts.items() if part.joint in branches]
    for key in [*(part for variant in late for part in variant.parts), *gone]:
        puppet = take_out(puppet, key)
    for key in branches & set(puppet.joints):
        puppet = take_out(puppet, key)
    return puppet


def plain_package(name):
    """A demo without its variants and takes."""
    package = load(ASSETS / f"{name}.umbrite")
    return package.having(plain(package.puppet), takes=())


def joint(puppet, name):
    return next(key for key, item in puppet.joints.items() if item.name == name)


def part(puppet, name):
    return next(key for key, item in puppet.parts.items() if item.name == name)


def control(puppet, name):
    return next(key for key, item in puppet.controls.items() if item.name == name)
