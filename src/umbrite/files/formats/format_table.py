"""All formats that Umbrite reads and writes. A new one is a row here and its module: menus, dialogs, the command line and what converts read it.

What does the work is named as `module:function` and loaded when it is asked for, since what paints needs Qt and what reads is slow
to load.
"""

from collections.abc import Callable
from importlib import import_module
from typing import Any, Literal, NamedTuple

# In: a puppet, layers of one picture, one flat picture. Out: a puppet, a pose, a rig for engines, a take. Both: a pose of the shelf.
Holds = Literal["puppet", "layers", "picture", "pose", "shelf", "rig", "take"]


class Format(NamedTuple):
    """One kind of file: the ending of its name ("": a folder), what it can hold, what menus call it, and what reads or writes it.

    Readers of layers take (path, watch). Writers of puppets and poses take (path, package), of takes (path, film, watch); rigs for
    engines go by `paint.converting`.
    """

    ending: str
    holds: Holds
    title: str
    work: str = ""

    @property
    def does(self) -> Callable[..., Any]:
        """What reads or writes it."""
        module, _, name = self.work.partition(":")
        function: Callable[..., Any] = getattr(import_module(module), name)
        return function


INPUTS = [
    Format(".umbrite", "puppet", "Umbrite puppet", "umbrite.files.package:load"),
    Format(".ora", "layers", "OpenRaster", "umbrite.files.formats.openraster:read_openraster"),
    Format(".svg", "layers", "SVG", "umbrite.files.formats.svg:read_svg"),
    Format(".psd", "layers", "layered PSD", "umbrite.files.formats.psd:read_psd"),
    Format(".png", "picture", "PNG"),
    Format(".webp", "picture", "WebP"),
    Format(".pose", "shelf", "a pose file"),
]
OUTPUTS = [
    Format(".umbrite", "puppet", "Umbrite puppet", "umbrite.paint.export:export_puppet"),
    Format(".png", "pose", "PNG", "umbrite.paint.export:export_png"),
    Format(".svg", "pose", "SVG", "umbrite.paint.export:export_svg"),
    Format(".ora", "pose", "OpenRaster", "umbrite.paint.export:export_openraster"),
    Format(".csv", "pose", "CSV", "umbrite.files.pose_files:export_csv"),
    Format(".json", "pose", "JSON", "umbrite.files.pose_files:export_json"),
    Format(".pose", "shelf", "a pose file"),
    Format(".glb", "rig", "glTF"),
    Format(".gltf", "rig", "glTF"),
    Format(".webm", "take", "WebM", "umbrite.paint.films:write_video"),
    Format(".mp4", "take", "MP4", "umbrite.paint.films:write_video"),
    Format(".mov", "take", "MOV", "umbrite.paint.films:write_video"),
    Format(".gif", "take", "GIF", "umbrite.paint.take_export:write_gif"),
    Format(".apng", "take", "APNG", "umbrite.paint.take_export:write_apng"),
    Format(".webp", "take", "WebP", "umbrite.paint.take_export:write_webp"),
    Format("", "take", "numbered PNGs", "umbrite.paint.take_export:write_folder"),
]


def endings() -> set[str]:
    """All endings that mean a format here."""
    return {each.ending for each in (*INPUTS, *OUTPUTS) if each.ending}


def read_as(*holds: Holds) -> dict[str, Format]:
    """The formats that can be read as such, by ending."""
    return {each.ending: each for each in INPUTS if each.holds in holds}


def written_as(*holds: Holds) -> dict[str, Format]:
    """The formats that such things can be written to, by ending."""
    return {each.ending: each for each in OUTPUTS if each.holds in holds}
