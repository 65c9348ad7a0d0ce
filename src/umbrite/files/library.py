"""A library of branches: packages in a folder, each with its picture. The person's own stand before those that ship with the program."""

from pathlib import Path
from typing import NamedTuple

from umbrite.files.atomic import plain_stem
from umbrite.files.file_errors import FileError, shown_name, unwritable
from umbrite.files.opening import NATIVE
from umbrite.files.png import bare, measure
from umbrite.files.zips import Container

MOST_ENTRIES = 2_000
MOST_PICTURE = 20_000_000
LONGEST_PICTURE = 2_000  # pixels; ours have 384


class Entry(NamedTuple):
    """A branch in the library: its file, its name, and whether it is the person's own."""

    path: Path
    name: str
    own: bool


def entries(own: Path | None, shipped: Path | None) -> list[Entry]:
    """What both folders hold, each by name; a folder that is not there holds nothing."""
    found = []
    for folder, mine in ((own, True), (shipped, False)):
        if folder is not None and folder.is_dir():
            paths = sorted(folder.glob(f"*{NATIVE}"), key=lambda path: path.stem.casefold())
            found += [Entry(path, path.stem, mine) for path in paths[:MOST_ENTRIES]]
    return found


def picture_in(path: Path) -> bytes | None:
    """The small picture of a package, as PNG bytes; None for what has none or can't be read."""
    try:
        with Container(path, "branch") as container:
            png = bare(container.read("preview.png", MOST_PICTURE))
        return png if max(measure(png, "A small picture")) <= LONGEST_PICTURE else None
    except (FileError, OSError):
        return None


def free_path(folder: Path, name: str) -> Path:
    """A place in the folder for a branch of that name which no other one has; made where it is not there.

    Raises FileError where the folder can't be made.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError:
        raise FileError(f"The folder of the library, {folder.name}, can't be made. Free its place first.") from None
    plain = plain_stem(name) or "Branch"
    path, number = folder / f"{plain}{NATIVE}", 2
    while path.exists():
        path, number = folder / f"{plain} {number}{NATIVE}", number + 1
    return path


def renamed(path: Path, name: str) -> Path:
    """The same branch under another name. Raises FileError for a name that is taken, or that no file can have."""
    name = name.strip()
    if not name.isprintable() or name[:1] in {"", "."} or "/" in name or "\\" in name:
        raise FileError("No file can be named so: leave out slashes and a full stop at the beginning.")
    to = path.with_name(f"{name}{NATIVE}")
    try:
        if not to.exists():
            return path.rename(to)
    except OSError as error:
        raise unwritable(to, error) from None
    raise FileError(f"{shown_name(to)} is there already. Choose another name.")
