"""What goes wrong with files, told in one sentence: what, why, and what to do."""

from pathlib import Path

from umbrite.rig.errors import UmbriteError


class FileError(UmbriteError):
    """A file that could not be read or written; nothing was changed or lost."""


def unreadable(path: Path, error: OSError) -> FileError:
    """The sentence for a file that the system did not let be read."""
    if isinstance(error, FileNotFoundError):
        return FileError(
            f"{path.name} isn't there: nothing was found at {path}. Check the name and the folder."
        )
    if isinstance(error, IsADirectoryError):
        return FileError(f"{path.name} is a folder, not a file. Choose a file in it.")
    return FileError(f"{path.name} can't be read: {_reason(error)}. Check the file and its permissions.")


def unwritable(path: Path, error: OSError) -> FileError:
    """The sentence for a file or folder that the system did not let be written."""
    return FileError(
        f"{path.name} couldn't be saved in {path.parent}: {_reason(error)}. "
        "What was there before is untouched; save to another place."
    )


def _reason(error: OSError) -> str:
    return (error.strerror or str(error)).lower()
