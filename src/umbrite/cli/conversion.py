"""The commands for other formats: art to a puppet, a puppet to whatever its name ends with, pictures on sheets."""

import argparse
from pathlib import Path

import msgspec

from umbrite.cli.many_files import Chosen, Task, add_hands, each_file, expanded, into_folder, puppets_of
from umbrite.cli.outputs import as_said, is_one_of, make_way
from umbrite.cli.speech import finite, say, watching
from umbrite.files.atomic import write
from umbrite.files.engines.atlas import Sheets, write_parts
from umbrite.files.file_errors import FileError
from umbrite.files.opening import open_any
from umbrite.rig.takes.take_list import get_take

COMMANDS = ("convert", "atlas")


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    convert = commands.add_parser(
        "convert",
        help="art to a puppet; a puppet's pose to PNG, SVG, OpenRaster, CSV or JSON; a puppet with its takes to glTF",
    )
    convert.add_argument(
        "inputs", type=Path, nargs="+", metavar="IN", help="puppets, art, and with --as folders of puppets"
    )
    convert.add_argument("output", type=Path, metavar="OUT", help="a file; of several, a folder")
    convert.add_argument("--as", dest="ending", metavar="ENDING", help="of several: what they become, .glb say")
    convert.add_argument(
        "--take", action="append", metavar="NAME", help="glTF: only this take, or these; all of them without it"
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
    convert.add_argument(
        "--merged",
        action="store_true",
        help="glTF: neighbours in the draw order as one mesh, for few draw calls; parts have no meshes of their own then",
    )
    add_hands(convert)
    convert.set_defaults(does=_convert, piped_as=as_said)
    atlas = commands.add_parser(
        "atlas", help="the parts' drawings, or the frames of a take, on sheets, with a list of where they lie"
    )
    atlas.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    atlas.add_argument("--take", metavar="NAME", help="frames of this take, cut to what is seen, instead of the parts")
    atlas.add_argument("--frames", metavar="A..B", help="these frames instead of all that play")
    atlas.add_argument("--scale", type=finite, default=1.0, metavar="S", help="of the frames")
    atlas.add_argument("--largest", type=_side, default=8192, metavar="N", help="pixels of a sheet's side at most")
    atlas.add_argument(
        "--hash", action="store_true", help="the list as a hash of frames with meta, as many engines read it"
    )
    atlas.add_argument("pictures", type=Path, metavar="OUT.png", help="the first sheet; others are numbered after it")
    atlas.add_argument("places", type=Path, metavar="OUT.json", help="the list of what lies where")
    atlas.set_defaults(does=_atlas)


def _side(text: str) -> int:
    if not text.isdecimal() or not 64 <= int(text) <= 16384:
        raise argparse.ArgumentTypeError(f"{text} is no side of a sheet: give pixels from 64 to 16384.")
    return int(text)


def _convert(arguments: argparse.Namespace) -> int:
    """Each file of its own, in a piece of its own."""
    from umbrite.paint.converting import suits

    # A folder of puppets is meant only where several become several; else it is art in pieces.
    several = arguments.ending is not None and not is_one_of(arguments.output, arguments.ending)
    paths = expanded(arguments.inputs, puppets_of) if several else arguments.inputs
    files, outs = Chosen(paths, several or len(paths) > 1), [arguments.output]
    if files.many:
        if arguments.ending is None:
            raise FileError("Several files become several others: say what with --as, .glb for instance.")
        ending = f".{arguments.ending.lstrip('.').lower()}"
        suits(Path(f"it{ending}"))
        outs = into_folder(files.paths, arguments.output, ending)
    else:
        suits(outs[0])
    how = {
        "takes": arguments.take,
        "bake": arguments.bake,
        "visibility": arguments.visibility,
        "merged": arguments.merged,
    }

    def use(number: int, data: bytes) -> int:
        made, said = msgspec.msgpack.decode(data)
        make_way(outs[number], pictures=True)
        write(outs[number], made)
        for sentence in said:
            say(sentence)
        return 0

    task = Task("convert", "Converting", lambda number: {"name": outs[number].name, **how})
    code = each_file(arguments, files, task, use)
    if files.many and code < 2:
        say(f"{len(files.paths)} files were converted into {arguments.output.name}.")
    return code


def _atlas(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.file)
    to = Sheets(arguments.pictures, arguments.places, arguments.largest, arguments.hash)
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
