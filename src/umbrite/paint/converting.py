"""A package written as another kind of file, told by the ending of its name. What paints is loaded where it is needed."""

from collections.abc import Mapping
from pathlib import Path
from typing import Any

from umbrite.files.engines.gltf import shown_otherwise, write_gltf
from umbrite.files.engines.gltf_scene import Wanted
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.formats.format_table import Format, written_as
from umbrite.files.package import Package
from umbrite.rig.errors import Watch, unwatched
from umbrite.rig.takes.take_list import get_take


def formats() -> dict[str, Format]:
    """What a package can be converted to, by ending."""
    return written_as("puppet", "pose", "rig")


def convert(package: Package, path: Path, options: Mapping[str, Any], watch: Watch = unwatched) -> list[str]:
    """Write a package; sentences about what was written and what others show otherwise. Options for glTF: takes (names, or None for all),
    bake, visibility, merged. Raises FileError and RigError.
    """
    suits(path)
    to = formats()[path.suffix.lower()]
    if to.holds == "rig":
        return _gltf(package, path, options, watch)
    to.does(path, package)
    return []


def suits(path: Path) -> None:
    """Raises FileError where a package can't be written under a name."""
    *most, last = formats()
    if path.suffix.lower() not in (*most, last):
        raise FileError(f"Umbrite can't write {shown_name(path)}: end it with {', '.join(most)} or {last}.")


def _gltf(package: Package, path: Path, options: Mapping[str, Any], watch: Watch) -> list[str]:
    takes = package.document.takes
    if options.get("takes"):
        takes = tuple(get_take(takes, name) for name in options["takes"])
    visibility, merged = bool(options.get("visibility")), bool(options.get("merged"))
    if options.get("bake"):
        from umbrite.paint.baking import GltfChoice, export_gltf

        choice = GltfChoice(takes, bake=True, visibility=visibility, merged=merged)
        written, otherwise = export_gltf(path, package, choice, watch)
    else:
        wanted = Wanted(takes, visibility, merged)
        written = write_gltf(path, package, wanted, watch)
        otherwise = shown_otherwise(package, wanted)
    told = [f"{name} ({written.unthinned[name]} keys thinned to {count})" for name, count in written.keys.items()]
    whole = f"{shown_name(path)}: {package.puppet.name}" + (f", {', '.join(told)}" if told else "") + "."
    return [whole, *otherwise]
