"""A puppet with its takes as glTF 2.0 (Khronos Group; extensions KHR_materials_unlit, and KHR_node_visibility with
KHR_animation_pointer where they are wanted).

Joints are nodes, flat parts cards cut to their outline, parts that bend are skins with corrections as morph targets; the draw order
is small steps of depth; takes are animations with the fewest keys. y points up, a hundred pixels are one unit, the middle of the canvas'
lower edge is the origin. Names are kept, and ids in `extras.umbrite`.
"""

from collections.abc import Sequence
from pathlib import Path
from typing import NamedTuple

from umbrite.files.atomic import write
from umbrite.files.engines.gltf_animations import animation
from umbrite.files.engines.gltf_binary import Binary, glb, gltf
from umbrite.files.engines.gltf_scene import GltfScene, Wanted
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.package import Package
from umbrite.motion.baking.node_tree import node_tree
from umbrite.motion.baking.take_keys import WITHIN, take_keys
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.model import Puppet
from umbrite.rig.takes.take import Take, keyed_channels

ENDINGS = (".glb", ".gltf")


class Written(NamedTuple):
    """What was written: keys in all frames, keys that are left, and how far any vertex is off, board pixels; by take."""

    unthinned: dict[str, int]
    keys: dict[str, int]
    off: dict[str, float]


def write_gltf(path: Path, package: Package, wanted: Wanted | None = None, watch: Watch = unwatched) -> Written:
    """Write .glb or .gltf, whole or not at all. Raises FileError for another ending, and where a take can't be told exactly."""
    ending = path.suffix.lower()
    if ending not in ENDINGS:
        raise FileError(f"Umbrite can't write {shown_name(path)} as glTF: end it with .glb or .gltf.")
    wanted = wanted or Wanted(package.document.takes)
    tree = node_tree(package.puppet, wanted.takes)
    keys = []
    for i, take in enumerate(tree.takes):
        watch(i, len(tree.takes) + 1, take.name)
        keys.append(take_keys(tree, i))
        if keys[-1].off > WITHIN:
            raise FileError(
                f'"{take.name}" can\'t be written as glTF: something in it is scaled to 0 while its children are not, '
                f"and would be {keys[-1].off:.1f} pixels off. Exclude this take, or make its scales larger than 0."
            )
    watch(len(tree.takes), len(tree.takes) + 1, "pictures")
    binary = Binary()
    scene = GltfScene(package, tree, binary, wanted)
    animations = [animation(scene, i, own) for i, own in enumerate(keys)]
    whole = scene.description() | {"animations": [each for each in animations if each is not None]}
    write(path, (glb if ending == ".glb" else gltf)(whole, binary))
    return Written(
        {take.name: own.unthinned for take, own in zip(tree.takes, keys, strict=True)},
        {take.name: own.number for take, own in zip(tree.takes, keys, strict=True)},
        {take.name: own.off for take, own in zip(tree.takes, keys, strict=True)},
    )


def shown_otherwise(package: Package, wanted: Wanted | None = None) -> list[str]:
    """What viewers of glTF show in another way than Umbrite, in sentences; none where they show the same. `wanted` tells of takes."""
    puppet, found = package.puppet, []
    seen = [part for part in puppet.parts.values() if part.visible and not part.reference]
    blended = [part for part in seen if part.blend != "normal"]
    clipped = [part for part in seen if part.clip is not None]
    if blended:
        found.append(
            f"{_named([part.name for part in blended])}: glTF has no blend modes, so it is laid over what lies behind it. "
            "Bake it into what it lies on."
        )
    if clipped:
        found.append(
            f"{_named([part.name for part in clipped])}: glTF can't clip a part by another, so it is seen whole. "
            "Bake it as it is cut at rest."
        )
    return found + _changed_otherwise(puppet, wanted or Wanted())


def _changed_otherwise(puppet: Puppet, wanted: Wanted) -> list[str]:
    """The same of what takes change."""

    def changed(*whats: str) -> list[str]:
        names = {name for take in wanted.takes for name in keyed_channels(take)}
        return [part.name for key, part in puppet.parts.items() if any(f"{key}.{what}" in names for what in whats)]

    found, bendy = [], {part.name for part in puppet.parts.values() if part.mesh is not None}
    if (fades := changed("opacity")) and not wanted.visibility:
        found.append(
            f"{_named(fades)}: only viewers that know KHR_animation_pointer can show how it fades. Choose that extension."
        )
    if passes := [name for name in changed("depth") if name in bendy]:
        found.append(f"{_named(passes)}: a bent part keeps its place in the draw order in glTF.")
    if clips := changed("clip"):
        found.append(f"{_named(clips)}: where it is clipped can't change in glTF.")
    return found + goes_without_sound(wanted.takes)


def goes_without_sound(takes: Sequence[Take]) -> list[str]:
    """What is said of takes that have sounds, in a sentence; none where none has."""
    heard = [take.name for take in takes if take.sound is not None]
    return [f"{_named(heard)}: glTF goes without sound. Export a film to hear it."] if heard else []


def _named(names: Sequence[str]) -> str:
    few = ", ".join(names[:3])
    return few if len(names) <= 3 else f"{few} and {len(names) - 3} more"
