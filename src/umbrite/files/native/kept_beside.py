"""What a document keeps beside puppet.json: arrays of meshes, copies of guests, and the documents of stages. Each is kept once.

| member | what it is |
|---|---|
| `mesh/<sha256>.npz` | the arrays of a mesh |
| `guests/<sha256>.json` | a guest as it was taken in, whole |
| `stages/<number>.json` | the document of a stage, in the order of puppet.json |

The bytes of sounds lie in `sounds/<sha256>` as they came, beside the drawings in `art/`: the package hands both over as they are.
"""

import hashlib
from collections.abc import Iterator, Mapping

import msgspec
from msgspec.structs import replace

from umbrite.files.file_errors import FileError
from umbrite.files.zips import Container
from umbrite.rig.document import Document, Version
from umbrite.rig.errors import RigError
from umbrite.rig.mesh_arrays import MeshArrays, by_name, read_arrays, unpacked
from umbrite.rig.model import Drawing, Part, Puppet
from umbrite.rig.takes.take import Sound
from umbrite.rig.versions.versions import MOST_VERSIONS

MOST_MESH, MOST_GUEST, MOST_VERSION = 4_000_000, 48_000_000, 48_000_000
MOST_TOGETHER = 96_000_000  # bytes of puppet.json, guests and stages
Beside = dict[str, bytes]


def bare(document: Document) -> Document:
    """The document as puppet.json has it: with the fingerprints of meshes and guests alone, and stages without their documents."""
    versions = tuple(replace(version, document=None) for version in document.versions)
    return replace(document, puppet=_bare_puppet(document.puppet), versions=versions)


def _bare_puppet(puppet: Puppet) -> Puppet:
    return replace(puppet, guests={key: replace(guest, data=b"") for key, guest in puppet.guests.items()})


def beside(document: Document) -> Beside:
    """What has been left out of the bare document, by the names of the members."""
    found: Beside = {}
    for puppet in puppets_of(document):
        for part in puppet.parts.values():
            if part.mesh is not None:
                found[f"mesh/{part.mesh.arrays.sha256}.npz"] = part.mesh.arrays.packed
        for guest in puppet.guests.values():
            found[f"guests/{guest.sha256}.json"] = guest.data
    for i, version in enumerate(document.versions):
        if version.document is not None:
            found[f"stages/{i + 1}.json"] = msgspec.json.encode(bare(version.document), enc_hook=by_name)
    return found


def puppets_of(document: Document) -> Iterator[Puppet]:
    """The puppet, and those of the stages."""
    return (one.puppet for one in documents_of(document))


def drawings_of(document: Document) -> dict[str, tuple[Drawing, str]]:
    """The drawings that a document shows now or in its stages, by fingerprint, each with the name of a part."""
    return {
        part.drawing.sha256: (part.drawing, part.name)
        for puppet in puppets_of(document)
        for part in puppet.parts.values()
    }


def pictures_of(document: Document) -> set[str]:
    """The fingerprints of the small pictures of stages."""
    return {version.picture for version in document.versions if version.picture}


def documents_of(document: Document) -> Iterator[Document]:
    """The document, and those of its stages."""
    yield document
    yield from (version.document for version in document.versions if version.document is not None)


def sounds_of(document: Document) -> dict[str, Sound]:
    """The sounds that lie under takes now or in stages, by fingerprint."""
    found = [take.sound for one in documents_of(document) for take in one.takes if take.sound is not None]
    return {sound.sha256: sound for sound in found}


def art_named(document: Document, art: Mapping[str, bytes]) -> dict[str, bytes]:
    """Of some art what a document names: drawings, small pictures, sounds."""
    wanted = {*drawings_of(document), *pictures_of(document), *sounds_of(document)}
    return {sha256: data for sha256, data in art.items() if sha256 in wanted}


def with_beside(container: Container, document: Document, words: int) -> Document:
    """The whole document, with what lies beside it; `words` are the bytes of puppet.json. Raises FileError for what is not what the
    document says, and for more than a document may say.
    """
    if len(document.versions) > MOST_VERSIONS:
        raise FileError(f"{container.name} has more stages than a puppet may; it was not opened.")
    reader = _Reader(container, words)
    versions = tuple(reader.version(i, version) for i, version in enumerate(document.versions))
    return replace(document, puppet=reader.whole(document.puppet), versions=versions)


def words_of(beside: Beside) -> int:
    """The bytes of all that is words, with puppet.json."""
    return sum(len(data) for name, data in beside.items() if not name.startswith("mesh/"))


class _Reader:
    """Reads each member once, however often it is named, and no more words together than a document may say."""

    def __init__(self, container: Container, words: int) -> None:
        self._container, self._words = container, words
        self._arrays: dict[str, MeshArrays] = {}
        self._guests: dict[str, bytes] = {}

    def _said(self, name: str, most: int) -> bytes:
        data = self._container.read(name, most)
        self._words += len(data)
        if self._words > MOST_TOGETHER:
            raise FileError(
                f"{self._container.name} says more than a puppet may, with its stages and guests; it was not opened."
            )
        return data

    def version(self, i: int, version: Version) -> Version:
        """A stage with its document."""
        name = self._container.name
        if version.document is not None:
            raise FileError(f"{name} has the stage {version.name} in a wrong place; it was not opened.")
        try:
            data = self._said(f"stages/{i + 1}.json", MOST_VERSION)
            found = msgspec.json.decode(data, type=Document, dec_hook=read_arrays)
        except (msgspec.DecodeError, msgspec.ValidationError, UnicodeDecodeError, RecursionError):
            raise FileError(f"The stage {version.name} in {name} is damaged. Look for a backup beside it.") from None
        if found.versions:
            raise FileError(f"The stage {version.name} in {name} has stages of its own; it was not opened.")
        return replace(version, document=replace(found, puppet=self.whole(found.puppet)))

    def whole(self, puppet: Puppet) -> Puppet:
        """A puppet with the arrays of its meshes and the copies of its guests."""
        parts, guests = dict(puppet.parts), dict(puppet.guests)
        for key, part in parts.items():
            if part.mesh is not None:
                parts[key] = replace(part, mesh=replace(part.mesh, arrays=self._arrays_of(part)))
        for key, guest in guests.items():
            guests[key] = replace(guest, data=self._guest(guest.sha256))
        return replace(puppet, parts=parts, guests=guests) if parts or guests else puppet

    def _arrays_of(self, part: Part) -> MeshArrays:
        assert part.mesh is not None
        sha256 = part.mesh.arrays.sha256
        if sha256 not in self._arrays:
            data = self._container.read(f"mesh/{sha256}.npz", MOST_MESH)
            self._prove(data, sha256, "A mesh")
            try:
                self._arrays[sha256] = unpacked(data, sha256)
            except RigError as error:
                name = self._container.name
                raise FileError(f"{name} can't be opened: the mesh of {part.name} can't be used: {error}.") from None
        return self._arrays[sha256]

    def _guest(self, sha256: str) -> bytes:
        if sha256 not in self._guests:
            data = self._said(f"guests/{sha256}.json", MOST_GUEST)
            self._prove(data, sha256, "A guest")
            self._guests[sha256] = data
        return self._guests[sha256]

    def _prove(self, data: bytes, sha256: str, what: str) -> None:
        if hashlib.sha256(data).hexdigest() != sha256:
            raise FileError(f"{what} in {self._container.name} is damaged. Look for a backup beside it.")
