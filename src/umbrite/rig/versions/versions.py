"""Stages of work: a document as it once stood, kept under a name inside the document, to look at, to go back to, or to branch from.

Values are shared with what is there now, so that a stage costs what differs. Going back takes puppet, pose and takes; all stages stay.
"""

from msgspec.structs import replace

from umbrite.rig.document import Document, Version
from umbrite.rig.errors import MissingError, RigError, readable
from umbrite.rig.words.names import unique

MOST_VERSIONS = 1_000


def get_version(document: Document, name: str) -> Version:
    """The stage of that name. Raises MissingError."""
    for version in document.versions:
        if version.name == name:
            return version
    raise MissingError(f"There is no stage named {readable(name)}; it may have been removed.")


def document_of(version: Version) -> Document:
    """The document of a stage. Raises RigError for one that lacks it."""
    if version.document is None:
        raise RigError(f"The stage {version.name} is not whole. Remove it.")
    return version.document


def keep_version(document: Document, name: str, kept: str, picture: str = "") -> Document:
    """The document with one more stage, which is as it is now; `kept` is the time, `picture` the fingerprint of its picture.

    Refuses an empty name, and more stages than a file holds. A name that is taken gets a number.
    """
    name = readable(name)
    if not name:
        raise RigError("A stage needs a name. Type at least one letter.")
    if len(document.versions) >= MOST_VERSIONS:
        raise RigError(f"A file holds {MOST_VERSIONS} stages at most. Remove some first.")
    name = unique(name, [version.name for version in document.versions])
    version = Version(name, kept, picture, replace(document, versions=()))
    return replace(document, versions=(*document.versions, version))


def rename_version(document: Document, name: str, to: str) -> Document:
    """Give a stage another name. Refuses an empty name and one that is taken; raises MissingError."""
    version, to = get_version(document, name), readable(to)
    if not to:
        raise RigError("A stage needs a name; it keeps the one it has.")
    if to != name and any(each.name == to for each in document.versions):
        raise RigError(f"{to} is the name of another stage. Choose a different one.")
    versions = (replace(version, name=to) if each is version else each for each in document.versions)
    return replace(document, versions=tuple(versions))


def remove_version(document: Document, name: str) -> Document:
    """The document without a stage. Raises MissingError."""
    version = get_version(document, name)
    return replace(document, versions=tuple(each for each in document.versions if each is not version))


def back_to(document: Document, name: str) -> Document:
    """Puppet, pose and takes as they were at a stage; the stages stay. Raises MissingError."""
    return replace(document_of(get_version(document, name)), versions=document.versions)
