"""The pose shelf: poses kept by name in the puppet, applied, blended, mirrored, and carried to other puppets by names.

The clean pose needs no place on the shelf: it is the pose without channels, always there.
"""

import math
from collections.abc import Collection, Mapping

from msgspec.structs import replace

from umbrite.rig.change import thing, things
from umbrite.rig.channels import channel, known_only, with_values
from umbrite.rig.errors import RigError, readable
from umbrite.rig.ids import Kind, owner_of
from umbrite.rig.model import Pose, Puppet, SavedPose
from umbrite.rig.words.names import swapped, unique

CLEAN = "Clean"


def save_pose(puppet: Puppet, name: str, pose: Pose, about: Collection[str] = ()) -> Puppet:
    """Put a pose on the shelf, under a name that is not taken: of the whole puppet, or of the things with these ids only."""
    name = unique(readable(name) or "Pose", [CLEAN, *(saved.name for saved in puppet.poses)])
    channels = {
        channel: number
        for channel, number in known_only(pose, puppet).items()
        if not about or owner_of(channel) in about
    }
    return replace(puppet, poses=(*puppet.poses, SavedPose(name, channels, tuple(about))))


def put_in_folder(puppet: Puppet, name: str, folder: str) -> Puppet:
    """Put a pose of the shelf into a folder, which is there as soon as a pose is in it; "" takes it out of all. Refuses the clean pose."""
    if name == CLEAN:
        raise RigError("The clean pose stays in front of all folders. Put a pose of your own into one.")
    get_pose(puppet, name)
    folder = readable(folder)
    return replace(puppet, poses=tuple(replace(p, folder=folder) if p.name == name else p for p in puppet.poses))


def rename_folder(puppet: Puppet, folder: str, to: str) -> Puppet:
    """Give a folder of poses another name; under the name of another one it is laid together with that. Refuses an empty name."""
    to = readable(to)
    if not to:
        raise RigError("A folder needs a name; it keeps the one it has.")
    return replace(puppet, poses=tuple(replace(p, folder=to) if p.folder == folder else p for p in puppet.poses))


def get_pose(puppet: Puppet, name: str) -> SavedPose:
    """A pose of the shelf by its name; the clean pose is always there. Raises RigError with the names there are."""
    if name == CLEAN:
        return SavedPose(CLEAN)
    for saved in puppet.poses:
        if saved.name == name:
            return saved
    known = ", ".join([CLEAN, *(saved.name for saved in puppet.poses)])
    raise RigError(f"There is no pose named {name!r} on the shelf. It has: {known}.")


def rename_pose(puppet: Puppet, name: str, to: str) -> Puppet:
    """Give a pose of the shelf another name. Refuses an empty name, one that is taken, and the clean pose."""
    to = readable(to)
    if name == CLEAN:
        raise RigError("The clean pose keeps its name. Save a pose of your own beside it.")
    if not to:
        raise RigError("A pose needs a name; it keeps the one it has.")
    if to != name and to in {CLEAN, *(saved.name for saved in puppet.poses)}:
        raise RigError(f"{to} is the name of another pose. Choose a different one.")
    get_pose(puppet, name)
    return replace(puppet, poses=tuple(replace(p, name=to) if p.name == name else p for p in puppet.poses))


def delete_pose(puppet: Puppet, name: str) -> Puppet:
    """Take a pose off the shelf. Refuses the clean pose and a name that none has."""
    if name == CLEAN:
        raise RigError("The clean pose is always there and can't be deleted.")
    get_pose(puppet, name)
    return replace(puppet, poses=tuple(p for p in puppet.poses if p.name != name))


def blended(pose: Pose, other: Pose, share: float, only: Collection[str] | None = None) -> Pose:
    """A pose on the way to another: 0 is the one, 1 the other; `only` the channels of these ids, the rest stays."""
    names = {*pose, *other}
    if only is not None:
        names = {name for name in names if owner_of(name) in only}
    if share in {0.0, 1.0}:
        source = other if share else pose
        return with_values(pose, {name: source.get(name, 0.0) for name in names})
    return with_values(pose, {n: (1 - share) * pose.get(n, 0.0) + share * other.get(n, 0.0) for n in names})


def mirrored(puppet: Puppet, pose: Pose) -> Pose:
    """The pose with the sides exchanged by name.

    In a figure seen from the side near and far limbs bend to the same side, and they change places only; in one seen from the
    front they bend against each other, and everything is turned round too.
    """
    names = by_kind_and_name(puppet)
    front = _from_the_front(puppet)
    found = {}
    for name, number in known_only(pose, puppet).items():
        here = channel(name)
        if here is None:
            continue
        other = names.get((here.kind.of, swapped(thing(puppet, here.owner).name)), here.owner)
        there = here.of_owner(other)
        if here.owner in puppet.sets:
            found[there.name] = _same_variant(puppet, here.owner, there.owner, number)
        else:
            found[there.name] = number * here.kind.mirrored if front else number
    return with_values({}, found)


def _same_variant(puppet: Puppet, one: str, other: str, number: float) -> float:
    """The number of the variant of another set that has the name of this one's; that at rest where none has."""
    variants = puppet.sets[one].variants
    name = next((variant.name for variant in variants if variant.number == round(number)), "")
    return float(next((variant.number for variant in puppet.sets[other].variants if variant.name == name), 0))


def _from_the_front(puppet: Puppet) -> bool:
    limbs = {limb.name: limb for limb in puppet.limbs.values()}
    pairs = [
        (limb, limbs[swapped(name)]) for name, limb in limbs.items() if swapped(name) in limbs and swapped(name) != name
    ]
    return bool(pairs) and sum(one.bend != other.bend for one, other in pairs) * 2 > len(pairs)


def by_kind_and_name(puppet: Puppet) -> dict[tuple[str, str], str]:
    """The ids of all that has channels, by kind and name."""
    kinds: tuple[Kind, ...] = ("joint", "limb", "control", "set", "part", "shape")
    return {(kind, item.name): key for kind in kinds for key, item in things(puppet, kind).items()}


def by_names(puppet: Puppet, pose: Pose) -> dict[str, float | str]:
    """A pose with names in the place of ids, and of the variants that show, for other puppets and for the clipboard."""
    found: dict[str, float | str] = {}
    for name, number in known_only(pose, puppet).items():
        if (here := channel(name)) is not None:
            words = f"{here.kind.of}/{thing(puppet, here.owner).name}/{here.kind.what}"
            found[words] = _variant_name(puppet, here.owner, number) if here.owner in puppet.sets else number
    return found


def _variant_name(puppet: Puppet, key: str, number: float) -> str:
    one = puppet.sets[key]
    wanted = round(number) or one.rest
    return next((each.name for each in one.variants if each.number == wanted), one.variants[0].name)


def from_names(puppet: Puppet, channels: Mapping[str, float | str]) -> tuple[Pose, list[str]]:
    """A pose of this puppet from names, and the names that it does not have. Variants go by name, or by number as in old files.

    Raises RigError for values that are no plain numbers.
    """
    keys: Mapping[tuple[str, str], str] = by_kind_and_name(puppet)
    found, missing = {}, []
    for words, number in channels.items():
        kind, _, rest = words.partition("/")
        name, _, what = rest.rpartition("/")
        key = keys.get((kind, name))
        if isinstance(number, str) and kind == "set":
            variants = puppet.sets[key].variants if key is not None else ()
            which = next((each.number for each in variants if each.name == number), None)
            if key is None or which is None:
                missing.append(f"{name} {number}" if key is not None else name)
            else:
                found[f"{key}.{what}"] = float(which)
            continue
        if not isinstance(number, (int, float)) or not math.isfinite(number) or abs(number) > 1e7:
            raise RigError(f"The pose holds no plain number for {name}; nothing was pasted.")
        if key is None or channel(f"{key}.{what}") is None:
            missing.append(name or words)
        else:
            found[f"{key}.{what}"] = float(number)
    return with_values({}, found), list(dict.fromkeys(missing))
