"""Wick as shipped, and quick ways to his joints."""

from functools import lru_cache
from pathlib import Path

import umbrite
from umbrite.files.package import Package, load
from umbrite.rig.model import Puppet

ASSETS = Path(umbrite.__file__).parent / "demo" / "assets"


@lru_cache(maxsize=1)
def wick_package() -> Package:
    return load(ASSETS / "wick.umbrite")


def wick() -> Puppet:
    return wick_package().puppet


def joint(puppet: Puppet, name: str) -> str:
    return next(key for key, item in puppet.joints.items() if item.name == name)


def part(puppet: Puppet, name: str) -> str:
    return next(key for key, item in puppet.parts.items() if item.name == name)


def control(puppet: Puppet, name: str) -> str:
    return next(key for key, item in puppet.controls.items() if item.name == name)
