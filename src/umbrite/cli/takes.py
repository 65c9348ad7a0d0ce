"""The commands of takes: listed, rendered, told as places per frame, and read back."""

import argparse
import itertools
from collections.abc import Iterator, Sequence
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

import msgspec
from msgspec.structs import replace

from umbrite.cli.many_files import add_hands, puppets_in, worked
from umbrite.cli.outputs import as_said, is_one_of, may_write
from umbrite.cli.reports import tell_report
from umbrite.cli.speech import AS_JSON, PUPPETS, finite, say, warn
from umbrite.farm.jobs import CHUNK
from umbrite.farm.pieces import Piece
from umbrite.farm.sources import package_of, source_of
from umbrite.files.atomic import plain_stem
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.json_reports import take_told
from umbrite.files.opening import open_any
from umbrite.files.package import Package, save
from umbrite.files.takes.take_files import export_transforms, read_transforms
from umbrite.motion.animating.playing import played_pose
from umbrite.rig.errors import RigError, UmbriteError
from umbrite.rig.model import Pose
from umbrite.rig.takes.take_list import get_take

if TYPE_CHECKING:
    from umbrite.paint.take_export import Film

COMMANDS = ("render", "takes", "transforms")


def add_commands(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    """Put these commands beside the others."""
    render = commands.add_parser("render", help="a take as pictures or a film")
    render.add_argument("files", type=Path, nargs="+", metavar="FILE", help=PUPPETS)
    render.add_argument(
        "--take", action="append", metavar="NAME", help="the take, or these; of several files all of them without it"
    )
    render.add_argument(
        "out",
        type=Path,
        metavar="OUT",
        help="a new folder, or a file: .apng .webp .gif .webm .mp4 .mov; of several takes a folder for all",
    )
    render.add_argument(
        "--as",
        dest="ending",
        metavar="ENDING",
        help="of several takes: what they become, .webm say; else folders of PNGs",
    )
    render.add_argument("--frames", metavar="A..B", help="these frames instead of all that play")
    render.add_argument("--scale", type=finite, default=1.0, metavar="S", help="times the canvas")
    render.add_argument(
        "--background", metavar="COLOUR", help="as #RRGGBB; without one it is seen through where it can be"
    )
    add_hands(render)
    render.set_defaults(does=_render, piped_as=as_said)
    listed = commands.add_parser("takes", help="the takes of a puppet")
    listed.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    listed.add_argument("--json", action="store_true", help=AS_JSON)
    listed.set_defaults(does=_takes)
    places = commands.add_parser(
        "transforms", help="where everything is in each frame of a take; or a take from such places"
    )
    places.add_argument("file", type=Path, metavar="FILE", help="a puppet")
    places.add_argument("--take", metavar="NAME", help="the take that is written")
    places.add_argument("--from", dest="source", type=Path, metavar="IN", help="places per frame to read, .json")
    places.add_argument("--as", dest="name", metavar="NAME", help="the name of the take that is read")
    places.add_argument("out", type=Path, metavar="OUT", help=".json or .csv; a puppet where places are read")
    places.set_defaults(does=_transforms, piped_as=lambda said: {"out": ".umbrite" if said.source else ".json"})


def posed(package: Package, name: str, frame: float) -> Pose:
    """The pose of a package's take at a frame. Raises RigError where there is no such take."""
    return played_pose(get_take(package.document.takes, name), package.puppet, frame)


class _Shot(NamedTuple):
    """One take that is painted: its film, where it goes, and its pieces."""

    film: "Film"
    out: Path
    pieces: list[Piece]


def _render(arguments: argparse.Namespace) -> int:
    """Frames are painted in pieces of a few; films are made of them here, in order."""
    from umbrite.paint.take_export import write_take

    paths, several = puppets_in(arguments.files)
    into = arguments.ending is not None and not is_one_of(arguments.out, arguments.ending)
    many = several or len(arguments.take or ()) > 1 or into
    if not many and not arguments.take:
        raise RigError("Name the take that is painted with --take.")
    shots = _shots(arguments, paths, many=many)
    pieces = [piece for shot in shots for piece in shot.pieces]
    with worked(pieces, arguments, "Painting") as finished:
        results = finished.results()
        for shot in shots:
            pngs = _frames_in(results, len(shot.pieces))
            try:
                write_take(shot.out, shot.film._replace(painted=partial(iter, pngs)))
            finally:
                for _ in pngs:  # what was not used of this film is not the next one's
                    pass
            say(f"{len(shot.film.frames)} frames of {shot.film.take.name} were written to {shot.out.name}.")
    return 0


def _frames_in(results: Iterator[bytes | UmbriteError], count: int) -> Iterator[bytes]:
    """The frames of the next so many pieces, as PNGs. Raises what a piece was refused with."""
    for result in itertools.islice(results, count):
        if isinstance(result, UmbriteError):
            raise result
        yield from msgspec.msgpack.decode(result, type=list[bytes])


def _shots(arguments: argparse.Namespace, paths: Sequence[Path], *, many: bool) -> list[_Shot]:
    """What is painted, each looked through before anything is."""
    from umbrite.paint.take_export import Film, checked, frames_of, on_ground, suits

    found: list[_Shot] = []
    ending = "" if arguments.ending is None else f".{arguments.ending.lstrip('.').lower()}"
    for path in paths:
        source = source_of(path)
        package = package_of(source)  # as the pieces have it
        takes = package.document.takes
        if arguments.take:
            takes = tuple(get_take(takes, name) for name in arguments.take)
        for take in takes:
            out = arguments.out
            if many:
                out = out / f"{path.stem}-{plain_stem(take.name) or 'take'}{ending}"
            suits(out)
            frames = frames_of(take, arguments.frames)
            film = on_ground(out, checked(Film(package, take, frames, arguments.scale, arguments.background)))
            pieces = [
                Piece(
                    "frames",
                    source,
                    {
                        "take": take.name,
                        "frames": frames[i : i + CHUNK],
                        "scale": film.scale,
                        "background": film.background,
                    },
                )
                for i in range(0, len(frames), CHUNK)
            ]
            found.append(_Shot(film, out, pieces))
    if not found:
        raise RigError("None of these puppets has a take. Make one, or name other files.")
    twice = next((shot.out for shot in found if sum(shot.out == other.out for other in found) > 1), None)
    if twice is not None:
        raise FileError(f"Two takes would both become {shown_name(twice)}. Rename a file first.")
    may_write([shot.out for shot in found], paths)
    if many:
        arguments.out.mkdir(parents=True, exist_ok=True)
    return found


def _takes(arguments: argparse.Namespace) -> int:
    takes = open_any(arguments.file).document.takes
    if arguments.json:
        tell_report("takes", {"takes": [take_told(take) for take in takes]})
        return 0
    for take in takes:
        way = "loop" if take.loop else "once"
        frames = f"frames {take.first} to {take.last} at {take.rate:g} a second"
        over = ", under " + ", ".join(layer.take.name for layer in take.layers) if take.layers else ""
        heard = f", with {take.sound.name}" if take.sound is not None else ""
        say(f"{take.name}: {frames}, {way}, {sum(map(len, take.tracks.values()))} keys{over}{heard}")
    say(f"{len(takes)} takes." if len(takes) != 1 else "1 take.")
    return 0


def _transforms(arguments: argparse.Namespace) -> int:
    package = open_any(arguments.file)
    if arguments.source is None:
        from umbrite.paint.take_export import frames_of

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
        warn(f"This puppet has no {', '.join(missing[:6])}{' and more' if len(missing) > 6 else ''}.")
    say(f"{take.name}: {len(take.tracks)} channels in {take.last - take.first} frames.")
    return 0
