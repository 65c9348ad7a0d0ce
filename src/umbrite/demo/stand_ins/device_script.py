"""What a simulated device sends without hands: lines of SECONDS ADDRESS VALUE..., played in time to a port of this computer."""

import math
import time
from collections.abc import Callable, Sequence
from pathlib import Path
from typing import NamedTuple

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.files_in import read_file

MOST_BYTES, MOST_VALUES = 10_000_000, 4
HOST = "127.0.0.1"  # and nowhere else


class Sent(NamedTuple):
    """What is sent, and when, in seconds from the beginning."""

    at: float
    address: str
    values: tuple[float, ...]


def read_script(path: Path) -> list[Sent]:
    """The lines of a script, by their times; empty ones and those that begin with # are passed over. Raises FileError with the line that is none."""
    found = []
    for number, line in enumerate(read_file(path, MOST_BYTES).decode("utf-8", "replace").splitlines(), 1):
        words = line.split()
        if not words or words[0].startswith("#"):
            continue
        try:
            at, address, values = float(words[0]), words[1], tuple(map(float, words[2:]))
        except (ValueError, IndexError):
            at, address, values = math.nan, "", ()
        if not (
            math.isfinite(at) and at >= 0 and address.startswith("/") and 0 < len(values) <= MOST_VALUES
        ) or not all(map(math.isfinite, values)):
            raise FileError(f"Line {number} of {shown_name(path)} is not SECONDS /ADDRESS VALUE. Correct it.")
        found.append(Sent(at, address, values))
    return sorted(found, key=lambda each: each.at)


def play(script: Sequence[Sent], port: int, rest: Callable[[float], None] = time.sleep) -> int:
    """Send a script in time; how many values were sent."""
    from pythonosc.udp_client import SimpleUDPClient

    begun, client = time.monotonic(), SimpleUDPClient(HOST, port)
    with client:
        for each in script:
            if (left := each.at - (time.monotonic() - begun)) > 0:
                rest(left)
            client.send_message(each.address, list(each.values))
    return sum(len(each.values) for each in script)
