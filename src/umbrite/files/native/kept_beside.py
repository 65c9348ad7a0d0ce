"""What a document keeps beside puppet.json: arrays of meshes, copies of guests, and the documents of stages. Each is kept once.

| member | what it is |
|---|---|
| `mesh/<sha256>.npz` | the arrays of a mesh |
| `guests/<sha256>.json` | a guest as it was taken in, whole |
| `stages/<number>.json` | the document of a stage, in the order of puppet.json |
"""

import hashlib
from collections.abc import Iterator

import msgspec
from msgspec.structs import replace

from umbrite.files.file_errors import FileError
from umbrite.files.zips import Container
from umbrite.rig.document import Document, Version
from umbrite.rig.errors import RigError
from umbrite.rig.mesh_arrays import MeshArrays, by_name, read_arrays, unpacked
from umbrite.rig.model import Drawing, Guest, Part, Puppet
from umbrite.rig.versions.versions import MOST_VERSIONS

MOST_MESH, MOST_GUEST, MOST_VERSION = 4_000_000, 48_000_000, 48_000_000
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
    yield document.puppet
    for version in document.versions:
        if version.document is not None:
            yield version.document.puppet


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


def with_beside(container: Container, document: Document) -> Document:
    """The whole document, with what lies beside it. Raises FileError for what is not what the document says."""
    if len(document.versions) > MOST_VERSIONS:
        raise FileError(f"{container.name} has more stages than a puppet may; it was not opened.")
    versions = tuple(_version(container, i, version) for i, version in enumerate(document.versions))
    return replace(document, puppet=_whole(container, document.puppet), versions=versions)


def _version(container: Container, i: int, version: Version) -> Version:
    if version.document is not None:
        raise FileError(f"{container.name} has the stage {version.name} in a wrong place; it was not opened.")
    try:
        found = msgspec.json.decode(
            container.read(f"stages/{i + 1}.json", MOST_VERSION), type=Document, dec_hook=read_arrays
        )
    except (msgspec.DecodeError, msgspec.ValidationError, UnicodeDecodeError, RecursionError):
        raise FileError(
            f"The stage {version.name} in {container.name} is damaged. Look for a backup beside it."
        ) from None
    if found.versions:
        raise FileError(f"The stage {version.name} in {container.name} has stages of its own; it was not opened.")
    return replace(version, document=replace(found, puppet=_whole(container, found.puppet)))


def _whole(container: Container, puppet: Puppet) -> Puppet:
    parts, guests = dict(puppet.parts), dict(puppet.guests)
    for key, part in parts.items():
        if part.mesh is not None:
            parts[key] = replace(part, mesh=replace(part.mesh, arrays=_arrays(container, part)))
    for key, guest in guests.items():
        guests[key] = _guest(container, guest)
    return replace(puppet, parts=parts, guests=guests) if parts or guests else puppet


def _arrays(container: Container, part: Part) -> MeshArrays:
    assert part.mesh is not None
    sha256 = part.mesh.arrays.sha256
    try:
        return unpacked(_proved(container, f"mesh/{sha256}.npz", sha256, MOST_MESH, "A mesh"), sha256)
    except RigError as error:
        raise FileError(f"{container.name} can't be opened: the mesh of {part.name} can't be used: {error}.") from None


def _guest(container: Container, guest: Guest) -> Guest:
    data = _proved(container, f"guests/{guest.sha256}.json", guest.sha256, MOST_GUEST, "A guest")
    return replace(guest, data=data)


def _proved(container: Container, name: str, sha256: str, most: int, what: str) -> bytes:
    data = container.read(name, most)
    if hashlib.sha256(data).hexdigest() != sha256:
        raise FileError(f"{what} in {container.name} is damaged. Look for a backup beside it.")
    return data
