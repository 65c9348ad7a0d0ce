"""Foreign art of every kind, told apart by what it is and read in this process. Nobody but the reading process should call this on files of others."""

from pathlib import Path

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.formats.format_table import read_as
from umbrite.files.formats.pictures_in import read_folder, read_pictures, title_of
from umbrite.files.layers import Layered
from umbrite.rig.errors import Watch, readable, unwatched


def read_here(paths: list[Path], watch: Watch = unwatched) -> Layered:
    """The layers of one layered picture, of a folder, or of several pictures together. Raises FileError."""
    for path in paths:
        if not path.exists():
            raise FileError(
                f"{shown_name(path)} isn't there: nothing was found at {readable(str(path), 200)}. Check the name and the folder."
            )
    first = paths[0]
    if first.is_dir():
        return read_folder(first, watch)
    layered, flat = read_as("layers"), read_as("picture")
    kinds = {path.suffix.lower() for path in paths}
    if len(paths) == 1 and first.suffix.lower() in layered:
        found: Layered = layered[first.suffix.lower()].does(first, watch)
        return found
    if kinds <= flat.keys():
        return read_pictures(paths, title_of(first), watch)
    wrong = next(path for path in paths if path.suffix.lower() not in flat)
    if wrong.suffix.lower() in layered:
        raise FileError(
            f"Layered pictures are opened one at a time, and {shown_name(wrong)} came with others. Open it alone."
        )
    raise FileError(
        f"Umbrite can't open {shown_name(wrong)} here: it reads .umbrite puppets, layered .ora, .svg and .psd pictures, and PNG or WebP."
    )
