"""What is keyed along when something is posed: it alone, its limb, its part of the body, or everything; and which kinds of values."""

from collections.abc import Collection, Iterable
from typing import Literal

from umbrite.rig.change import thing
from umbrite.rig.channels import channel
from umbrite.rig.control_kinds import traits
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.words.body_words import kind_of

Reach = Literal["moved", "limb", "group", "all"]
KINDS: dict[str, tuple[str, ...]] = {
    "places": ("x", "y"),
    "turns": ("turn",),
    "shapes": ("scale_x", "scale_y", "skew"),
    "values": ("value", "value_y", "blend", "bend", "bow", "stretch", "soften", "hold", "follows", "shows"),
    "looks": ("depth", "opacity", "visible", "clip"),
}
BODY = ("Everything", "Head", "Trunk", "Arms", "Legs", "Swinging pieces")
_PLACES = {
    "Head": {"head", "neck", "eye", "eyes", "mouth", "jaw", "ear", "hair", "hat", "nose", "beak", "brow"},
    "Trunk": {"trunk", "hips", "body", "pelvis", "chest", "torso", "abdomen"},
    "Arms": {"upper arm", "forearm", "hand", "arm", "shoulder", "finger", "thumb", "wing"},
    "Legs": {"thigh", "shin", "foot", "leg", "toe", "paw", "hoof"},
}  # fmt: skip


def body_place(puppet: Puppet, key: str) -> str:
    """Which part of the body a control, joint or limb belongs to."""
    if key in puppet.controls and traits(puppet.controls[key]).whole:
        return "Everything"
    name = thing(puppet, key).name
    kind, words = kind_of(name), set(name.casefold().split())
    return next((place for place, known in _PLACES.items() if kind in known or words & known), "Swinging pieces")


def keyed_along(puppet: Puppet, known: Iterable[str], changed: Collection[str], reach: Reach) -> frozenset[str]:
    """The channels that are keyed when some have changed: those, and what else the reach takes in of what is `known` or controlled."""
    if reach == "moved":
        return frozenset(changed)
    moved = {control.moves for control in puppet.controls.values()}
    every = {*known, *(f"{key}.{what}" for key in moved for what in ("x", "y", "turn"))}
    every |= {f"{key}.shows" for key in puppet.sets}
    if reach == "all":
        return frozenset({*every, *changed})
    owners = {owner_of(name) for name in changed}
    if reach == "limb":
        for key, limb in puppet.limbs.items():
            whole = {key, *limb.joints, limb.target, limb.end or key}
            owners |= whole if whole & owners else set()
    else:
        places = {body_place(puppet, key) for key in owners}
        owners |= {
            key
            for key in (*puppet.joints, *puppet.limbs, *puppet.controls, *puppet.sets)
            if body_place(puppet, key) in places
        }
    return frozenset({*changed, *(name for name in every if owner_of(name) in owners)})


def of_kinds(names: Iterable[str], kinds: Collection[str]) -> set[str]:
    """The channels that are of some of KINDS."""
    wanted = {what for kind in kinds for what in KINDS[kind]}
    return {name for name in names if (found := channel(name)) is not None and found.kind.what in wanted}
