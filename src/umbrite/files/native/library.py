"""A library of branches: packages in a folder, each with its picture. The person's own stand before those that ship with the program."""

from pathlib import Path
from typing import NamedTuple

from umbrite.files.file_errors import FileError
from umbrite.files.zips import Container

MOST_ENTRIES = 2_000
MOST_PICTURE = 20_000_000
ENDING = ".umbrite"


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
            paths = sorted(folder.glob(f"*{ENDING}"), key=lambda path: path.stem.casefold())
            found += [Entry(path, path.stem, mine) for path in paths[:MOST_ENTRIES]]
    return found


def picture_in(path: Path) -> bytes | None:
    """The small picture of a package, as PNG bytes; None for what has none or can't be read."""
    try:
        with Container(path, "branch") as container:
            return container.read("preview.png", MOST_PICTURE)
    except (FileError, OSError):
        return None


def free_path(folder: Path, name: str) -> Path:
    """A place in the folder for a branch of that name which no other one has; made where it is not there.

    Raises FileError where the folder can't be made.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError:
        raise FileError(
            f"The folder of the library, {folder.name}, can't be made. Free its place first."
        ) from None
    plain = (
        "".join(letter if letter.isalnum() or letter in " -_" else "_" for letter in name).strip()[:80]
        or "Branch"
    )
    path, number = folder / f"{plain}{ENDING}", 2
    while path.exists():
        path, number = folder / f"{plain} {number}{ENDING}", number + 1
    return path
