"""The commands of takes: listed, rendered, told as places per frame, and read back."""

import argparse
import json
import sys
from pathlib import Path

from msgspec.structs import replace

from umbrite.cli_words import say, watching
from umbrite.files.file_errors import FileError
from umbrite.files.opening import open_any
from umbrite.files.package import Package, save
from umbrite.files.take_files import export_transforms, read_transforms
from umbrite.motion.animating.playing import played_pose
from umbrite.rig.errors import RigError
from umbrite.rig.model import Pose
from umbrite.rig.takes.take import Take
from umbrite.rig.takes.take_list import get_take

COMMANDS = ("render", "takes", "transforms")


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    render = commands.add_parser("render", help="a take as pictures or a film")
    render.add_argument("file", type=Path, metavar="FILE")
    render.add_argument("--take", required=True, metavar="NAME")
    render.add_argument(
        "out", type=Path, metavar="OUT", help="a new folder, or a file: .apng .webp .gif .webm .mp4"
    )
    render.add_argument("--frames", metavar="A..B", help="these frames instead of all that play")
    render.add_argument("--scale", type=float, default=1.0, metavar="S")
    render.add_argument(
        "--background", metavar="COLOUR", help="as #RRGGBB; without one it is seen through where it can be"
    )
    render.set_defaults(does=_render)
    listed = commands.add_parser("takes", help="the takes of a puppet")
    listed.add_argument("file", type=Path, metavar="FILE")
    listed.add_argument("--json", action="store_true")
    listed.set_defaults(does=_takes)
    places = commands.add_parser(
        "transforms", help="where everything is in each frame of a take; or a take from such places"
    )
    places.add_argument("file", type=Path, metavar="FILE")
    places.add_argument("--take", metavar="NAME", help="the take that is written")
    places.add_argument(
        "--from", dest="source", type=Path, metavar="IN", help="places per frame to read, .json"
    )
    places.add_argument("--as", dest="name", metavar="NAME", help="the name of the take that is read")
    places.add_argument("out", type=Path, metavar="OUT", help=".json or .csv; a puppet where places are read")
    places.set_defaults(does=_transforms)


def posed(package: Package, name: str, frame: float) -> Pose:
    """The pose of a package's take at a frame. Raises RigError where there is no such take."""
    return played_pose(get_take(package.document.takes, name), package.puppet, frame)


def _render(arguments: argparse.Namespace) -> int:
    from umbrite.paint.take_export import Film, frames_of, write_take

    package = open_any(arguments.file)
    take = get_take(package.document.takes, arguments.take)
    frames = frames_of(take, arguments.frames)
    film = Film(package, take, frames, arguments.scale, arguments.background)
    write_take(arguments.out, film, watching(f"Painting {take.name}"))
    say(f"{len(frames)} frames of {take.name} were written to {arguments.out.name}.")
    return 0


def _told(take: Take) -> dict[str, object]:
    return {
        "name": take.name,
        "rate": take.rate,
        "first": take.first,
        "last": take.last,
        "loop": take.loop,
        "seconds": (take.last - take.first) / take.rate,
        "tracks": len(take.tracks),
        "keys": sum(len(track) for track in take.tracks.values()),
    }


def _takes(arguments: argparse.Namespace) -> int:
    takes = open_any(arguments.file).document.takes
    if arguments.json:
        print(json.dumps([_told(take) for take in takes], indent=1, ensure_ascii=False))
        return 0
    for take in takes:
        way = "loop" if take.loop else "once"
        frames = f"frames {take.first} to {take.last} at {take.rate:g} a second"
        say(f"{take.name}: {frames}, {way}, {sum(map(len, take.tracks.values()))} keys")
    say(f"{len(takes)} takes." if len(takes) != 1 else "1 take.")
    return 0


def _transforms(arguments: argparse.Namespace) -> int:
    from umbrite.paint.take_export import frames_of

    package = open_any(arguments.file)
    if arguments.source is None:
        if arguments.take is None:
            raise RigError("Name the take whose places are written with --take, or read places with --from.")
        take = get_take(package.document.takes, arguments.take)
        export_transforms(arguments.out, package.puppet, take, frames_of(take))
        return 0
    if not arguments.name:
        raise RigError("Name the take that is made of these places with --as.")
    if arguments.out.suffix.lower() != ".umbrite":
        raise FileError(f"The puppet with the new take is written as .umbrite, not as {arguments.out.name}.")
    take, missing = read_transforms(arguments.source, package.puppet, arguments.name)
    others = tuple(each for each in package.document.takes if each.name != take.name)
    document = replace(package.document, takes=(*others, take))
    save(arguments.out, Package(document, package.art))
    if missing:
        print(
            f"This puppet has no {', '.join(missing[:6])}{' and more' if len(missing) > 6 else ''}.",
            file=sys.stderr,
        )
    say(f"{take.name}: {len(take.tracks)} channels in {take.last - take.first} frames.")
    return 0
