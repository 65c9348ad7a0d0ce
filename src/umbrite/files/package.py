"""The native package `.umbrite`: a ZIP with `mimetype`, `puppet.json`, what the document keeps beside that (see `kept_beside`),
`art/<sha256>.png`, `sounds/<sha256>` and `preview.png`.

Numbers survive to the last bit. Saving is atomic (see `atomic`) and keeps the previous save as `NAME.umbrite~`.
The same document gives the same bytes.
"""

import zipfile
from collections.abc import Mapping
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import Any, BinaryIO

import msgspec
from msgspec.structs import replace

from umbrite.art.pictures import Picture
from umbrite.files.atomic import READABLE, writing
from umbrite.files.file_errors import FileError
from umbrite.files.native.kept_beside import (
    MOST_TOGETHER,
    Beside,
    art_named,
    bare,
    beside,
    drawings_of,
    pictures_of,
    sounds_of,
    with_beside,
    words_of,
)
from umbrite.files.native.migrations import OLDEST, VERSION, migrated
from umbrite.files.native.soundness import fault_of
from umbrite.files.png import decode, fingerprint, measure
from umbrite.files.zips import MOST_BYTES, Container
from umbrite.rig.document import Document
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.mesh_arrays import by_name, read_arrays
from umbrite.rig.model import Drawing, Pose, Puppet, Value
from umbrite.rig.takes.sounds import MOST_SOUND_BYTES
from umbrite.rig.takes.take_list import Takes

# Bytes of puppet.json; of one of an earlier version, which is built as plain values first; of the preview.
MOST_WORDS, MOST_OLD_WORDS, MOST_PREVIEW = 48_000_000, 12_000_000, 20_000_000
THREADS = 2
MIMETYPE = "application/x-umbrite"
KIND = "Umbrite puppet"


class Content(Value, frozen=True):
    """What puppet.json holds."""

    format: str
    version: int
    document: Document


class Package(msgspec.Struct, frozen=True):
    """A document with its art: sha256 -> the bytes of a PNG, or of a sound as it came."""

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

    def pixels(self) -> dict[str, Picture]:
        """The puppet's drawings unpacked, by fingerprint; those that only a stage shows are left packed."""
        drawings = {part.drawing.sha256: part.name for part in self.puppet.parts.values()}
        return {sha256: decode(self.art[sha256], name) for sha256, name in drawings.items()}

    def having(self, puppet: Puppet | None = None, pose: Pose | None = None, takes: Takes | None = None) -> "Package":
        """The same with another puppet or pose, or other takes."""
        now = self.document
        document = replace(
            now,
            puppet=now.puppet if puppet is None else puppet,
            pose=now.pose if pose is None else pose,
            takes=now.takes if takes is None else takes,
        )
        return replace(self, document=document)


def schema() -> dict[str, Any]:
    """The JSON Schema of puppet.json."""
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        **msgspec.json.schema(Content, schema_hook=_schema_of),
    }


def _schema_of(_kind: type) -> dict[str, Any]:
    return {"type": "string", "description": "The SHA-256 of the arrays of a mesh, which are kept beside"}


def load(path: Path, watch: Watch = unwatched) -> Package:
    """Read a package; drawings are looked through but not unpacked. Raises FileError with one sentence for anything that is not a whole, sound puppet."""
    with Container(path, KIND) as container:
        document = _sound(container)
        return Package(document, _art(container, document, watch))


def load_document(path: Path) -> Document:
    """What a package says, without looking at its art: quick, and enough to compare. Raises FileError as `load` does."""
    with Container(path, KIND) as container:
        return _sound(container)


def _sound(container: Container) -> Document:
    words = container.read("puppet.json", MOST_WORDS)
    document = with_beside(container, _document(container.name, words), len(words))
    if fault := fault_of(document):
        raise FileError(f"{container.name} can't be opened: {fault}. Look for a backup beside it.")
    return document


def _art(container: Container, document: Document, watch: Watch) -> dict[str, bytes]:
    """The drawings that a document names, each whole and of the size that it says, and the pictures of its stages."""
    art: dict[str, bytes] = {}
    drawings = drawings_of(document)
    with ThreadPoolExecutor(THREADS) as pool:  # what is read is looked through while the next is read
        looked = []
        for i, (sha256, (drawing, name)) in enumerate(drawings.items()):
            watch(i, len(drawings), name)
            art[sha256] = container.read(f"art/{sha256}.png")
            looked.append(pool.submit(_look_through, container.name, drawing, art[sha256]))
        for each in looked:
            each.result()
    for sha256 in pictures_of(document) - art.keys():
        art[sha256] = container.read(f"art/{sha256}.png", MOST_PREVIEW)
        if fingerprint(art[sha256]) != sha256:
            raise FileError(f"The picture of a stage in {container.name} is damaged. Look for a backup.")
    for sha256, sound in sounds_of(document).items():
        art[sha256] = container.read(f"sounds/{sha256}", MOST_SOUND_BYTES)
        if fingerprint(art[sha256]) != sha256:
            raise FileError(f"The sound {sound.name} in {container.name} is damaged. Look for a backup beside it.")
    return art


def _look_through(name: str, drawing: Drawing, data: bytes) -> None:
    """Raise FileError where a drawing is not the one, or not as large, as the puppet says."""
    if fingerprint(data) != drawing.sha256:
        raise FileError(f"A drawing in {name} is damaged. Look for a backup beside it.")
    if measure(data, f"A drawing in {name}") != (drawing.width, drawing.height):
        raise FileError(f"A drawing in {name} has another size than the puppet says. Look for a backup.")


class _Head(msgspec.Struct):
    """What tells a puppet.json from others; the rest is passed over without being built."""

    format: Any = None
    version: Any = None


def to_bytes(package: Package, preview: bytes | None = None) -> bytes:
    """A package as the bytes of its file, for a clipboard. Raises FileError as `save` does."""
    with TemporaryDirectory() as folder:
        path = Path(folder) / "clipboard.umbrite"
        save(path, package, preview)
        return path.read_bytes()


def from_bytes(data: bytes) -> Package:
    """A package from the bytes of its file. Raises FileError as `load` does."""
    with TemporaryDirectory() as folder:
        path = Path(folder) / "clipboard.umbrite"
        path.write_bytes(data)
        return load(path)


def part_of(package: Package, document: Document) -> Package:
    """A package with another document and what that shows of the art: a branch, a stage."""
    return Package(document, art_named(document, package.art))


def _document(name: str, data: bytes) -> Document:
    try:
        head = msgspec.json.decode(data, type=_Head)
        if head.format != "umbrite":
            raise FileError(f"{name} is no {KIND}.")
        version = head.version
        if not isinstance(version, int) or not OLDEST <= version <= VERSION:
            shown = readable(str(version) if isinstance(version, (str, float)) else "unknown", 20)
            if isinstance(version, int) and abs(version) < 10**9:
                shown = str(version)
            raise FileError(
                f"{name} was made by another version of Umbrite (format {shown}). Open it with a newer one."
            )
        if version < VERSION:
            if len(data) > MOST_OLD_WORDS:
                raise FileError(f"{name} says more than a puppet of its version can need; it was not opened.")
            raw = msgspec.json.decode(data, type=dict[str, Any])
            return msgspec.convert(migrated(raw), type=Content, dec_hook=read_arrays).document
        return msgspec.json.decode(data, type=Content, dec_hook=read_arrays).document
    except msgspec.ValidationError as error:
        reason = readable(str(error))
        if "unknown field" in reason:
            raise FileError(
                f"{name} holds something that this version of Umbrite does not know ({reason}); opening it would lose that. "
                "Open it with a newer one."
            ) from None
        raise FileError(f"{name} can't be opened: its puppet.json does not fit ({reason}).") from None
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError, MemoryError):
        raise FileError(f"{name} can't be opened: its puppet.json is damaged. Look for a backup beside it.") from None


def save(
    path: Path, package: Package, preview: bytes | None = None, watch: Watch = unwatched, mode: int = READABLE
) -> None:
    """Write a package; the previous save stays as `NAME~`. Raises FileError, leaving what was there untouched; so does a watch that
    stops it.

    What could not be opened again is not saved: the bounds are those of `load`.
    """
    words, kept = _words(package), beside(package.document)
    wanted = [*_wanted(package.document), *sounds_of(package.document)]
    fault = fault_of(package.document)
    if fault is None and (len(words) > MOST_WORDS or len(words) + words_of(kept) > MOST_TOGETHER):
        fault = "it says more than a puppet may"
    if fault is None and sum(len(package.art[sha256]) for sha256 in wanted) > MOST_BYTES - len(words) - MOST_PREVIEW:
        fault = f"its drawings and sounds take more than {MOST_BYTES / 1e9:.0f} GB"
    if fault is not None:
        raise FileError(f"{package.puppet.name} can't be saved as it is, for it could not be opened again: {fault}.")
    with writing(path, backup=True, mode=mode) as file:
        _write(file, package, {"puppet.json": words, **kept}, preview, watch)


def _words(package: Package) -> bytes:
    """What puppet.json will hold."""
    document = replace(bare(package.document), pose=dict(sorted(package.pose.items())))
    return msgspec.json.format(msgspec.json.encode(Content("umbrite", VERSION, document), enc_hook=by_name), indent=1)


def _wanted(document: Document) -> list[str]:
    """The fingerprints of all pictures that a document needs."""
    return sorted({*drawings_of(document), *pictures_of(document)})


def _write(file: BinaryIO, package: Package, said: Beside, preview: bytes | None, watch: Watch) -> None:
    wanted = _wanted(package.document)
    with zipfile.ZipFile(file, "w") as out:
        add_member(out, "mimetype", MIMETYPE.encode(), zipfile.ZIP_STORED)
        add_member(out, "puppet.json", said["puppet.json"], zipfile.ZIP_DEFLATED)
        for name, data in sorted((name, data) for name, data in said.items() if name != "puppet.json"):
            add_member(out, name, data, zipfile.ZIP_DEFLATED)
        for i, sha256 in enumerate(wanted):
            watch(i, len(wanted), "drawings")
            add_member(out, f"art/{sha256}.png", package.art[sha256], zipfile.ZIP_STORED)
        for sha256 in sorted(sounds_of(package.document)):
            add_member(out, f"sounds/{sha256}", package.art[sha256], zipfile.ZIP_STORED)
        if preview is not None:
            add_member(out, "preview.png", preview, zipfile.ZIP_STORED)


def add_member(out: zipfile.ZipFile, name: str, data: bytes, how: int) -> None:
    """Write one member into an open archive, with a fixed time so that equal packages are equal bytes."""
    member = zipfile.ZipInfo(name, (1980, 1, 1, 0, 0, 0))
    member.compress_type = how
    member.external_attr = 0o644 << 16
    out.writestr(member, data)
