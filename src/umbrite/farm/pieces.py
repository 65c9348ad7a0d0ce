"""Pieces of work: what is done to one source, with plain values in and bytes out, so that any process on any machine can do it.

A piece depends on nothing but its source and its options. Who did it and in what order can't be seen in what comes out.
"""

import hashlib
import json
import tempfile
from collections.abc import Callable, Mapping
from pathlib import Path
from typing import Any, NamedTuple

import msgspec

from umbrite import __version__
from umbrite.farm.sources import Source, package_of
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.rig.errors import Watch, unwatched

Options = Mapping[str, Any]


class Piece(NamedTuple):
    """One piece: its kind, what it is about, plain options, and the version of the program that asks for it."""

    kind: str
    source: Source
    options: Options
    version: str = __version__

    @property
    def key(self) -> str:
        """What names its result: equal pieces have equal keys, wherever their source lies."""
        told = json.dumps([self.kind, self.source.name, self.source.sha256, self.options, self.version], sort_keys=True)
        return hashlib.sha256(told.encode()).hexdigest()


def done(piece: Piece, data: bytes | None = None, watch: Watch = unwatched) -> bytes:
    """Do a piece; `data` is what its source holds, where the place of that is on another machine. Raises FileError and RigError."""
    if piece.version != __version__:
        raise FileError(f"A worker has Umbrite {__version__}, and {piece.version} asked for work. Give both the same.")
    return WORK[piece.kind](package_of(piece.source, data), piece.options, watch)


def _frames(package: Package, options: Options, watch: Watch) -> bytes:
    """Some frames of a take, painted: a list of PNGs."""
    from umbrite.paint.render import png_of
    from umbrite.paint.take_export import Film, images
    from umbrite.rig.takes.take_list import get_take

    take = get_take(package.document.takes, options["take"])
    film = Film(package, take, options["frames"], options["scale"], options["background"])
    return msgspec.msgpack.encode([png_of(image) for image in images(film, watch)])


def _check(package: Package, _options: Options, _watch: Watch) -> bytes:
    """What the checks notice, as `umbrite check --json` tells it."""
    from umbrite.checking.document_findings import document_findings
    from umbrite.checking.findings_report import findings_report

    return msgspec.json.encode(findings_report(package.puppet, document_findings(package.document)))


def _workout(package: Package, options: Options, watch: Watch) -> bytes:
    """Everything through its range: the report, as `umbrite workout --json` tells it, and the contact sheet that is wanted."""
    from umbrite.checking.workout import workout
    from umbrite.checking.workout_report import workout_report, write_sheets

    report = workout(package.puppet, package.pixels(), watch, takes=package.document.takes)
    sheet = b""
    if options["sheet"]:
        sheet = _written(f"sheet{options['sheet']}", lambda path: write_sheets(path, package, report))
    return msgspec.msgpack.encode((workout_report(package.puppet, report), sheet))


def _convert(package: Package, options: Options, watch: Watch) -> bytes:
    """A file of another format, and what is to be said of it."""
    from umbrite.paint.converting import convert

    said: list[str] = []
    name = options["name"]
    made = _written(name, lambda path: said.extend(convert(package, path, options, watch)))
    return msgspec.msgpack.encode((made, said))


def _build(package: Package, options: Options, _watch: Watch) -> bytes:
    """A rigged puppet from loose art: its file, and the report."""
    from umbrite.checking.building_report import build_by_plan
    from umbrite.files.package import save

    text = options["plan_text"]
    built = build_by_plan(package, options["plan"], None if text is None else text.encode())
    made = _written("built.umbrite", lambda path: save(path, built.package))
    return msgspec.msgpack.encode((made, built.report))


def _written(name: str, write: Callable[[Path], object]) -> bytes:
    """What is written to a file, as bytes."""
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / name
        write(path)
        return path.read_bytes()


WORK: Mapping[str, Callable[[Package, Options, Watch], bytes]] = {
    "frames": _frames, "check": _check, "workout": _workout, "convert": _convert, "build": _build,
}  # fmt: skip
