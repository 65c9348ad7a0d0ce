"""A package written as another kind of file, told by the ending of its name. What paints is loaded where it is needed."""

import json
from collections.abc import Mapping
from pathlib import Path
from typing import Any

from umbrite.files.atomic import write
from umbrite.files.engines.gltf import ENDINGS as GLTF
from umbrite.files.engines.gltf import shown_otherwise, write_gltf
from umbrite.files.engines.gltf_scene import Wanted
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.json_reports import pose_report
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.opening import NATIVE
from umbrite.files.package import Package, save
from umbrite.motion.evaluate import placed_of
from umbrite.rig.takes.take_list import get_take

POSES = (".png", ".svg", ".ora", ".csv")
ENDINGS = (NATIVE, *POSES, ".json", *GLTF)


def convert(package: Package, path: Path, options: Mapping[str, Any], watch: Watch = unwatched) -> list[str]:
    """Write a package; sentences about what was written and what others show otherwise. Options for glTF: takes (names, or None for all),
    bake, visibility. Raises FileError and RigError.
    """
    suits(path)
    ending = path.suffix.lower()
    if ending in GLTF:
        return _gltf(package, path, options, watch)
    if ending in POSES:
        from umbrite.paint.export import export_pose

        export_pose(path, package, ending)
    elif ending == ".json":
        report = pose_report(placed_of(package.document))
        write(path, (json.dumps(report, indent=1, ensure_ascii=False, allow_nan=False) + "\n").encode())
    else:
        from umbrite.paint.render import preview_png

        save(path, package, preview_png(package))
    return []


def suits(path: Path) -> None:
    """Raises FileError where a package can't be written under a name."""
    if path.suffix.lower() not in ENDINGS:
        raise FileError(
            f"Umbrite can't write {shown_name(path)}: end it with {', '.join(ENDINGS[:-1])} or {ENDINGS[-1]}."
        )


def _gltf(package: Package, path: Path, options: Mapping[str, Any], watch: Watch) -> list[str]:
    takes = package.document.takes
    if options.get("takes"):
        takes = tuple(get_take(takes, name) for name in options["takes"])
    visibility = bool(options.get("visibility"))
    if options.get("bake"):
        from umbrite.paint.baking import GltfChoice, export_gltf

        written, otherwise = export_gltf(path, package, GltfChoice(takes, bake=True, visibility=visibility), watch)
    else:
        written = write_gltf(path, package, Wanted(takes, visibility), watch)
        otherwise = shown_otherwise(package)
    told = [f"{name} ({written.unthinned[name]} keys thinned to {count})" for name, count in written.keys.items()]
    whole = f"{shown_name(path)}: {package.puppet.name}" + (f", {', '.join(told)}" if told else "") + "."
    return [whole, *otherwise]
