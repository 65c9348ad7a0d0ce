"""The native package `.umbrite`: a ZIP with `mimetype`, `puppet.json`, `art/<sha256>.png` and `preview.png`.

Numbers survive to the last bit. Saving is atomic (see `atomic`) and keeps the previous save as `NAME.umbrite~`.
The same document gives the same bytes.
"""

import math
import zipfile
from collections.abc import Mapping
from pathlib import Path
from typing import Any, BinaryIO

import msgspec
from msgspec.structs import replace

from umbrite.files.atomic import writing
from umbrite.files.file_errors import FileError
from umbrite.files.migrations import OLDEST, VERSION, migrated
from umbrite.files.png import decode, fingerprint
from umbrite.files.zips import Container
from umbrite.rig.document import Document
from umbrite.rig.invariants import LARGEST, invariants
from umbrite.rig.model import Pose, Puppet, Value

MIMETYPE = "application/x-umbrite"
KIND = "Umbrite puppet"


class Content(Value, frozen=True):
    """What puppet.json holds."""

    format: str
    version: int
    document: Document


class Package(msgspec.Struct, frozen=True):
    """A document with its art: sha256 -> PNG bytes."""

    document: Document
    art: Mapping[str, bytes]

    @property
    def puppet(self) -> Puppet:
        """The puppet of the document."""
        return self.document.puppet

    @property
    def pose(self) -> Pose:
        """The pose in which it was left."""
        return self.document.pose

    def having(self, puppet: Puppet | None = None, pose: Pose | None = None) -> "Package":
        """The same with another puppet or pose."""
        document = Document(self.puppet if puppet is None else puppet, self.pose if pose is None else pose)
        return replace(self, document=document)


def schema() -> dict[str, Any]:
    """The JSON Schema of puppet.json."""
    return {"$schema": "https://json-schema.org/draft/2020-12/schema", **msgspec.json.schema(Content)}


def load(path: Path) -> Package:
    """Read a package. Raises FileError with one sentence for anything that is not a whole, sound puppet."""
    with Container(path, KIND) as container:
        document = _document(path, container.read("puppet.json"))
        if broken := invariants(document.puppet):
            raise FileError(f"{path.name} can't be opened: {broken[0]}. Look for a backup beside it.")
        if not all(math.isfinite(number) and abs(number) < LARGEST for number in document.pose.values()):
            raise FileError(
                f"{path.name} can't be opened: its pose holds an absurd number. Look for a backup beside it."
            )
        return Package(document, _art(path, container, document.puppet))


def _art(path: Path, container: Container, puppet: Puppet) -> dict[str, bytes]:
    """The drawings that a puppet names, each whole and of the size that it says."""
    art = {}
    for drawing in {part.drawing.sha256: part.drawing for part in puppet.parts.values()}.values():
        data = container.read(f"art/{drawing.sha256}.png")
        if fingerprint(data) != drawing.sha256:
            raise FileError(f"A drawing in {path.name} is damaged. Look for a backup beside it.")
        height, width = decode(data, f"A drawing in {path.name}").shape[:2]
        if (width, height) != (drawing.width, drawing.height):
            raise FileError(
                f"A drawing in {path.name} has another size than the puppet says. Look for a backup."
            )
        art[drawing.sha256] = data
    return art


def _document(path: Path, data: bytes) -> Document:
    try:
        raw = msgspec.json.decode(data, type=dict[str, Any])
        if raw.get("format") != "umbrite":
            raise FileError(f"{path.name} is no {KIND}.")
        version = raw.get("version")
        if not isinstance(version, int) or not OLDEST <= version <= VERSION:
            raise FileError(
                f"{path.name} was made by another version of Umbrite (format {str(version)[:20]}). Open it with a newer one."
            )
        if version < VERSION:
            return msgspec.convert(migrated(raw), type=Content).document
        return msgspec.json.decode(data, type=Content).document
    except msgspec.ValidationError as error:
        if "unknown field" in str(error):
            raise FileError(
                f"{path.name} holds something that this version of Umbrite does not know ({error}); opening it would lose that. "
                "Open it with a newer one."
            ) from None
        raise FileError(f"{path.name} can't be opened: its puppet.json does not fit ({error}).") from None
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError):
        raise FileError(
            f"{path.name} can't be opened: its puppet.json is damaged. Look for a backup beside it."
        ) from None


def save(path: Path, package: Package, preview: bytes | None = None) -> None:
    """Write a package; the previous save stays as `NAME~`. Raises FileError, leaving what was there untouched."""
    with writing(path, backup=True) as file:
        _write(file, package, preview)


def _write(file: BinaryIO, package: Package, preview: bytes | None) -> None:
    document = Document(package.puppet, dict(sorted(package.pose.items())))
    wanted = sorted({part.drawing.sha256 for part in package.puppet.parts.values()})
    with zipfile.ZipFile(file, "w") as out:
        add_member(out, "mimetype", MIMETYPE.encode(), zipfile.ZIP_STORED)
        add_member(
            out,
            "puppet.json",
            msgspec.json.format(msgspec.json.encode(Content("umbrite", VERSION, document)), indent=1),
            zipfile.ZIP_DEFLATED,
        )
        for sha256 in wanted:
            add_member(out, f"art/{sha256}.png", package.art[sha256], zipfile.ZIP_STORED)
        if preview is not None:
            add_member(out, "preview.png", preview, zipfile.ZIP_STORED)


def add_member(out: zipfile.ZipFile, name: str, data: bytes, how: int) -> None:
    """Write one member into an open archive, with a fixed time so that equal packages are equal bytes."""
    member = zipfile.ZipInfo(name, (1980, 1, 1, 0, 0, 0))
    member.compress_type = how
    member.external_attr = 0o644 << 16
    out.writestr(member, data)
