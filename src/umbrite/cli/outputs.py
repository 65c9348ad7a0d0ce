"""The one place that decides where a command may write: never onto what it reads, never two results in one place; and what is replaced
stays as `NAME~` where it is a puppet or a layered picture, which are somebody's work.
"""

import argparse
import contextlib
import sys
import tempfile
from collections.abc import Iterable, Iterator, Sequence
from pathlib import Path

from umbrite.cli.speech import Speech
from umbrite.files.atomic import keep_backup
from umbrite.files.file_errors import FileError, shown_name, unwritable
from umbrite.files.formats.format_table import endings, read_as

# What the arguments of commands that name files are called.
READ = ("file", "files", "inputs", "art", "sound", "script", "rig", "source", "plan")
WRITTEN = ("out", "output", "pictures", "places", "sheet", "png", "svg", "ora", "csv", "json")


def look_at(arguments: argparse.Namespace) -> None:
    """Refuse what would replace what is read, and names that say another format than is written. Raises FileError."""
    for name, ending in {"json": ".json", **getattr(arguments, "piped", {})}.items():
        out = getattr(arguments, name, None)
        if isinstance(out, str | Path) and Path(out).suffix.lower() in endings() - {ending}:
            raise FileError(
                f"{shown_name(Path(out))} would hold {ending[1:].upper()}, and its name says otherwise. End it with {ending}."
            )
    reads, writes = _paths(arguments, READ), written_to(arguments)
    may_write([path for path in writes if not path.is_dir()], reads)


def written_to(arguments: argparse.Namespace) -> list[Path]:
    """Where a command writes, as its arguments say."""
    return _paths(arguments, WRITTEN)


@contextlib.contextmanager
def standard_output(arguments: argparse.Namespace) -> Iterator[None]:
    """Let `-` mean standard output: what is written is handed on when all of it is there, and nothing is said beside it. A command tells by
    `piped` or `piped_as` which of its results can go there, with their endings. Raises FileError for others, and for several.
    """
    wanted = [name for name in WRITTEN if getattr(arguments, name, None) == Path("-")]
    piped: dict[str, str] = getattr(arguments, "piped", {})
    if wanted and hasattr(arguments, "piped_as"):
        piped = arguments.piped_as(arguments)
    if any(name not in piped for name in wanted):
        raise FileError("That can't be written to standard output. Name a file for it, or a folder.")
    if len(wanted) > 1 or (wanted and getattr(arguments, "json", None) in {True, "-"}):
        raise FileError("Only one result can go to standard output. Name files for the others.")
    if not wanted:
        yield
        return
    with tempfile.TemporaryDirectory(prefix="umbrite-") as folder:
        out = Path(folder) / f"out{piped[wanted[0]]}"
        setattr(arguments, wanted[0], out)
        Speech.quiet = True
        yield
        sys.stdout.flush()
        if out.is_dir():
            raise FileError("Several results can't go to standard output. Name a folder for them.")
        if out.exists():
            sys.stdout.buffer.write(out.read_bytes())


def as_said(arguments: argparse.Namespace) -> dict[str, str]:
    """What goes to standard output, of a command that is told by --as what it makes. Raises FileError where it is not told."""
    if arguments.ending is None:
        raise FileError("Say with --as what goes to standard output: --as png, for instance.")
    ending = f".{arguments.ending.lstrip('.').lower()}"
    return {"output": ending, "out": ending}


def is_one_of(out: Path, ending: str) -> bool:
    """Whether a name is that of one file of such an ending, and not of a folder for several."""
    return out.suffix.lower() == f".{ending.lstrip('.').lower()}" and not out.is_dir()


def may_write(writes: Sequence[Path], reads: Iterable[Path]) -> None:
    """Look at places that a command finds while it works, those in a folder say. Raises FileError."""
    reads = list(reads)
    for number, out in enumerate(writes):
        if any(_same(out, other) for other in writes[:number]):
            raise FileError(f"Two results would both be written to {shown_name(out)}. Give them different names.")
        if any(_is_read(out, path) for path in reads):
            raise FileError(
                f"{shown_name(out)} is what this command reads, so it is not written over. Give the result another name."
            )


def make_way(out: Path, *, pictures: bool = False) -> None:
    """Keep what will be replaced, where it is somebody's work; flat pictures too, where it may well be art. Raises FileError."""
    work = read_as("puppet", "layers", "picture") if pictures else read_as("puppet", "layers")
    if out.suffix.lower() in work and out.is_file():
        try:
            keep_backup(out)
        except OSError as error:
            raise unwritable(out, error) from None


def _paths(arguments: argparse.Namespace, names: Iterable[str]) -> list[Path]:
    found: list[Path] = []
    for name in names:
        value = getattr(arguments, name, None)
        for each in value if isinstance(value, list) else [value]:
            found += [Path(each)] if isinstance(each, str | Path) and str(each) != "-" else []
    return found


def _is_read(out: Path, path: Path) -> bool:
    """Whether writing there would replace something that is read: the file itself, or a picture of a folder of art."""
    if _same(out, path):
        return True
    art = out.suffix.lower() in read_as("puppet", "layers", "picture")
    return art and path.is_dir() and out.is_file() and _within(out, path)


def _within(out: Path, folder: Path) -> bool:
    return any(_same(above, folder) for above in out.absolute().parents)


def _same(one: Path, other: Path) -> bool:
    try:
        return one.samefile(other)
    except OSError:  # one of them is not there yet
        return one.absolute() == other.absolute()
