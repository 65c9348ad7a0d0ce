"""Names changed, one or many at once; none is lost, none is given twice."""

import re
from collections.abc import Iterable

from umbrite.rig.change import change, names_like, thing, things
from umbrite.rig.errors import RigError, readable
from umbrite.rig.ids import FIELDS, id_kind
from umbrite.rig.model import Puppet
from umbrite.rig.words.names import swapped


def rename(puppet: Puppet, key: str, name: str) -> Puppet:
    """Give a joint, part, limb or control another name. Refuses an empty one and one that is taken."""
    name = readable(name)
    old = thing(puppet, key)
    if not name:
        raise RigError(f"A name can't be empty, so {old.name} keeps its own. Type at least one letter.")
    if name != old.name and name in names_like(puppet, id_kind(key) or "joint"):
        raise RigError(f"The name {name} is taken, so {old.name} keeps its own. Choose another one.")
    return change(puppet, key, name=name)


def renamed(puppet: Puppet, names: dict[str, str]) -> Puppet:
    """Give many things new names at once; they may take each other's. Refuses empty names and names given twice."""
    for of in FIELDS:
        keys = {key: readable(name) for key, name in names.items() if id_kind(key) == of}
        left = [thing(puppet, key).name for key in things(puppet, of) if key not in keys]
        for key, name in keys.items():
            if not name:
                raise RigError(f"{thing(puppet, key).name} would lose its name. Leave at least one letter in it.")
            if name in left:
                raise RigError(f"The name {name} would be there twice. Give one of them a number or another name.")
            left.append(name)
        for key, name in keys.items():
            puppet = change(puppet, key, name=name)
    return puppet


def replaced(puppet: Puppet, keys: Iterable[str], find: str, put_in: str) -> dict[str, str]:
    """New names with a text put in for another, whatever its case; only the names that change."""
    if not find:
        return {}
    pattern = re.compile(re.escape(find), re.IGNORECASE)
    names = {key: str(thing(puppet, key).name) for key in keys}
    return {key: new for key, name in names.items() if (new := pattern.sub(lambda _: put_in, name)) != name}


def numbered(keys: Iterable[str], stem: str, first: int = 1) -> dict[str, str]:
    """New names of one stem, numbered in the order given."""
    return {key: f"{stem} {first + i}".strip() for i, key in enumerate(keys)}


def side_swapped(puppet: Puppet, keys: Iterable[str]) -> dict[str, str]:
    """New names with the other side; only the names that tell one."""
    names = {key: str(thing(puppet, key).name) for key in keys}
    return {key: swapped(name) for key, name in names.items() if swapped(name) != name}
