"""The commands for engines: glTF, and pictures on sheets."""

import argparse
from pathlib import Path

from umbrite.cli_words import say, watching
from umbrite.files.engines.atlas import Sheets, write_parts
from umbrite.files.opening import open_any
from umbrite.files.package import Package
from umbrite.rig.takes.take_list import get_take

COMMANDS = ("atlas",)


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    atlas = commands.add_parser(
        "atlas", help="the parts' drawings, or the frames of a take, on sheets, with a list of where they lie"
    )
    atlas.add_argument("file", type=Path, metavar="FILE")
    atlas.add_argument(
        "--take", metavar="NAME", help="frames of this take, cut to what is seen, instead of the parts"
    )
    atlas.add_argument("--frames", metavar="A..B", help="these frames instead of all that play")
    atlas.add_argument("--scale", type=float, default=1.0, metavar="S", help="of the frames")
    atlas.add_argument(
        "--largest", type=_side, default=8192, metavar="N", help="pixels of a sheet's side at most"
    )
    atlas.add_argument("pictures", type=Path, metavar="OUT.png")
    atlas.add_argument("places", type=Path, metavar="OUT.json")
    atlas.set_defaults(does=_atlas)


def add_gltf_words(convert: argparse.ArgumentParser) -> None:
    """What can be said of glTF."""
    convert.add_argument(
        "--take",
        action="append",
        metavar="NAME",
        help="glTF: only this take, or these; all of them without it",
    )
    convert.add_argument(
        "--bake",
        action="store_true",
        help="glTF: paint shades and lights into what they lie on, and cut clipped parts as they are at rest",
    )
    convert.add_argument(
        "--visibility",
        action="store_true",
        help="glTF: variants come and go by KHR_node_visibility instead of a scale of 0",
    )


def _side(text: str) -> int:
    if not text.isdecimal() or not 64 <= int(text) <= 16384:
        raise argparse.ArgumentTypeError(f"{text} is no side of a sheet: give pixels from 64 to 16384.")
    return int(text)


def convert_gltf(package: Package, arguments: argparse.Namespace) -> int:
    """Write a package as glTF, and say what viewers show otherwise."""
    takes = package.document.takes
    if arguments.take:
        takes = tuple(get_take(takes, name) for name in arguments.take)
    from umbrite.paint.baking import GltfChoice, export_gltf

    choice = GltfChoice(takes, arguments.bake, arguments.visibility)
    written, otherwise = export_gltf(arguments.output, package, choice, watching("Writing"))
    told = [
        f"{name} ({written.unthinned[name]} keys thinned to {count})" for name, count in written.keys.items()
    ]
    say(f"{arguments.output.name}: {package.puppet.name}" + (f", {', '.join(told)}" if told else "") + ".")
    for sentence in otherwise:
        say(sentence)
    return 0


def _atlas(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.file)
    to = Sheets(arguments.pictures, arguments.places, arguments.largest)
    if arguments.take is None:
        count = write_parts(to, package)
        say(f"{len(package.puppet.parts)} parts on {count} sheet{'s' if count != 1 else ''}.")
        return 0
    from umbrite.paint.take_export import Film, frames_of
    from umbrite.paint.take_sheets import write_take_sheets

    take = get_take(package.document.takes, arguments.take)
    frames = frames_of(take, arguments.frames)
    film = Film(package, take, frames, arguments.scale)
    count = write_take_sheets(to, film, watching(f"Painting {take.name}"))
    say(f"{len(frames)} frames of {take.name} on {count} sheet{'s' if count != 1 else ''}.")
    return 0
