"""What comes in on standard input, where a command is given - for a file that it reads: kept in a file with the ending that its content asks for."""

import argparse
import contextlib
import sys
import tempfile
from collections.abc import Iterator
from pathlib import Path

from umbrite.cli.outputs import READ
from umbrite.files.file_errors import FileError

LARGEST = 1_000_000_000  # bytes
BEGINS = {b"\x89PNG": ".png", b"RIFF": ".webp", b"8BPS": ".psd", b"{": ".json", b"[": ".json", b"<": ".svg"}
PACKED = {b"application/x-umbrite": ".umbrite", b"image/openraster": ".ora"}
MIMETYPE_AT = 30  # bytes into a package, whose first entry that is


@contextlib.contextmanager
def standard_input(arguments: argparse.Namespace) -> Iterator[None]:
    """Let - mean standard input wherever a command reads a file. Raises FileError where it is asked for twice, is empty, or is of no known kind."""
    asked = [name for name in READ for each in _listed(getattr(arguments, name, None)) if str(each) == "-"]
    if not asked:
        yield
        return
    if len(asked) > 1:
        raise FileError("Standard input can be read only once. Name files for the others.")
    data = b"" if sys.stdin is None else sys.stdin.buffer.read(LARGEST + 1)
    if len(data) > LARGEST:
        raise FileError(
            "Over 1 GB came in on standard input, more than any puppet or art has. Give the file by its name."
        )
    with tempfile.TemporaryDirectory(prefix="umbrite-") as folder:
        kept = Path(folder) / f"standard-input{_ending(data)}"
        kept.write_bytes(data)
        value = getattr(arguments, asked[0])
        if isinstance(value, list):
            setattr(arguments, asked[0], [kept if str(each) == "-" else each for each in value])
        else:
            setattr(arguments, asked[0], str(kept) if isinstance(value, str) else kept)
        yield


def _listed(value: object) -> list[object]:
    return value if isinstance(value, list) else [value]


def _ending(data: bytes) -> str:
    if not data:
        raise FileError("Nothing came in on standard input. Send it a puppet, art or JSON.")
    found = None
    if data.startswith(b"PK"):
        found = next(
            (ending for kind, ending in PACKED.items() if data[MIMETYPE_AT:].startswith(b"mimetype" + kind)), None
        )
    else:
        begins = data[:100].removeprefix(b"\xef\xbb\xbf").lstrip()
        found = next((ending for first, ending in BEGINS.items() if begins.startswith(first)), None)
    if found is None:
        raise FileError("What came in on standard input is no puppet, art or JSON that Umbrite can read.")
    return found
