"""What all commands share that take many files: which files those are, who does the work, and what is said of what fails."""

import argparse
from collections.abc import Callable, Sequence
from contextlib import AbstractContextManager
from pathlib import Path
from typing import Any, NamedTuple

from umbrite.cli.outputs import may_write, written_to
from umbrite.cli.speech import warn, watching
from umbrite.farm.jobs import Finished, Hands, work_done
from umbrite.farm.pieces import Piece
from umbrite.farm.sources import Source, source_of
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.opening import NATIVE
from umbrite.rig.errors import UmbriteError

MOST_WORKERS = 256


def add_hands(command: argparse.ArgumentParser) -> None:
    """What can be said of who works."""
    command.add_argument("--workers", type=_workers, default=1, metavar="N", help="how many processes on this machine")
    command.add_argument(
        "--cluster", metavar="ADDRESS", help="the workers of a Dask scheduler, tcp://host:port (umbrite[farm])"
    )
    command.add_argument("--resume", action="store_true", help="go on where an earlier run of the same was stopped")


def _workers(text: str) -> int:
    if not text.isdecimal() or not 1 <= int(text) <= MOST_WORKERS:
        raise argparse.ArgumentTypeError(f"{text} is no number of workers: give one from 1 to {MOST_WORKERS}.")
    return int(text)


class Chosen(NamedTuple):
    """The files that are meant, and whether that is a list of them, which goes on where one of them fails."""

    paths: list[Path]
    many: bool

    @property
    def names(self) -> list[str]:
        """A name for each file: its own, or where two are called alike its whole path."""
        names = [path.name for path in self.paths]
        return [path.name if names.count(path.name) == 1 else str(path) for path in self.paths]


class Task(NamedTuple):
    """What is done to each file: a kind of piece, a word for its progress, and options by the file's number."""

    kind: str
    word: str
    options: Callable[[int], dict[str, Any]]


def puppets_in(paths: Sequence[Path]) -> Chosen:
    """The files that are meant, those of folders in order. Raises FileError for a folder with none."""
    found = expanded(paths, puppets_of)
    if (empty := next((path for path in found if path.is_dir()), None)) is not None:
        raise FileError(f"There is no {NATIVE} file in {shown_name(empty)}. Choose another folder, or one file.")
    return Chosen(found, found != list(paths) or len(found) > 1)


def expanded(paths: Sequence[Path], inside: Callable[[Path], list[Path]]) -> list[Path]:
    """The paths, folders in which something is found replaced by that, in order."""
    return [each for path in paths for each in (path.is_dir() and sorted(inside(path))) or [path]]


def puppets_of(folder: Path) -> list[Path]:
    """All puppets of a folder and of those in it."""
    return list(folder.rglob(f"*{NATIVE}"))


def into_folder(paths: Sequence[Path], folder: Path, ending: str) -> list[Path]:
    """Where the results of several files go. Raises FileError where two would be called alike, or the folder is a file."""
    if folder.exists() and not folder.is_dir():
        raise FileError(f"{shown_name(folder)} is a file, and several results need a folder. Name one.")
    found = [folder / f"{path.stem}{ending}" for path in paths]
    twice = next((path for path in found if found.count(path) > 1), None)
    if twice is not None:
        raise FileError(f"Two of these files would both become {shown_name(twice)}. Rename one of them first.")
    may_write(found, paths)
    folder.mkdir(parents=True, exist_ok=True)
    return found


def _sources_of(files: Chosen) -> dict[int, Source]:
    """The sources that can be read, by number; the others are told where there are many. Raises FileError for one that is alone."""
    found: dict[int, Source] = {}
    for number, path in enumerate(files.paths):
        try:
            found[number] = source_of(path)
        except FileError as error:
            if not files.many:
                raise
            warn(str(error))
    return found


def worked(pieces: Sequence[Piece], arguments: argparse.Namespace, what: str) -> AbstractContextManager[Finished]:
    """Have pieces done by the workers that the arguments name, with progress."""
    into = "\n".join(str(path.absolute()) for path in written_to(arguments))
    hands = Hands(arguments.workers, arguments.cluster, arguments.resume, into)
    return work_done(pieces, hands, watching(what))


def each_file(arguments: argparse.Namespace, files: Chosen, task: Task, use: Callable[[int, bytes], int]) -> int:
    """A piece for each file, and what becomes of its result; the gravest exit code. What can't be done is told, 2, and the others go on."""
    sources = _sources_of(files)
    numbers = list(sources)
    pieces = [Piece(task.kind, sources[number], task.options(number)) for number in numbers]
    code = 0 if len(numbers) == len(files.paths) else 2
    with worked(pieces, arguments, task.word) as finished:
        for number, result in zip(numbers, finished.results(), strict=True):
            if isinstance(result, UmbriteError):
                if not files.many:
                    raise result
                warn(str(result))
                code = 2
            else:
                code = max(code, use(number, result))
    return code
