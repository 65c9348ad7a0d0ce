"""The process that reads foreign art and sounds: it has little memory, no network and nothing to write to, and hands to its parent what it reads.

Run as a module by `reading`, with the number of a piece of shared memory. It takes one line of JSON from standard input, what is to be read ("art",
"sound", or "phones" with the words that are said), and the paths, and answers in lines of JSON: ["ready", walls] when it begins, with those that this kernel lacks, ["at", done, all, name] while it works, ["picture", length] for each PNG that was
added to the shared memory, ["layer", fields, number] for each layer with the number of its picture, or ["sound", bytes, rate, channels] for samples that were added, or ["phone", name, start, end] for each phone, and at last ["end", fields] or ["refused", sentence].
"""

import contextlib
import ctypes
import json
import os
import resource
import signal
import sys
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import Any

from umbrite.files.sandbox.walls import shut

# Bytes that the process may take beyond what the files have on the disk.
MEMORY = 1_000_000_000
# Bytes of all layers as PNG.
MOST_HANDED = 1_500_000_000
Say = Callable[..., None]
Hand = Callable[[bytes], None]
CLONE_NEWUSER, CLONE_NEWNET = 0x10000000, 0x40000000
PR_SET_PDEATHSIG = 1
SYSTEM = ("/usr", "/lib", "/lib64", "/etc/fonts", "/var/cache/fontconfig", "/dev/null", "/dev/urandom")


def confine(paths: list[Path]) -> tuple[str, ...]:
    """Take from this process what reading does not need. Returns the names of the walls that the kernel does not have."""
    system = ctypes.CDLL(None, use_errno=True)
    system.prctl(PR_SET_PDEATHSIG, signal.SIGKILL, 0, 0, 0)
    if system.unshare(CLONE_NEWNET) != 0:  # once more than needed: without sockets there is no network either
        system.unshare(CLONE_NEWUSER | CLONE_NEWNET)
    for what, most in (
        (resource.RLIMIT_DATA, MEMORY + 2 * stored_bytes(paths)),
        (resource.RLIMIT_FSIZE, MOST_HANDED),
        (resource.RLIMIT_CORE, 0),
        (resource.RLIMIT_NPROC, 0),
    ):
        with contextlib.suppress(OSError, ValueError):
            resource.setrlimit(what, (most, most))
    signal.signal(signal.SIGXFSZ, signal.SIG_IGN)
    return shut([*_own_places(), *_with_what_links_point_at(paths)])


def _own_places() -> list[Path]:
    """Where Python, its libraries and the fonts lie."""
    given = [Path(value) for key, value in os.environ.items() if key.startswith("FONTCONFIG")]
    return [*(Path(place) for place in (*sys.path, sys.prefix, sys.base_prefix, *SYSTEM)), *given]


def _with_what_links_point_at(paths: list[Path]) -> Iterator[Path]:
    """The art itself, and for a folder also the files elsewhere that stand in it as links."""
    for path in paths:
        yield path
        with contextlib.suppress(OSError):
            if path.is_dir():
                yield from (each for each in path.iterdir() if each.is_symlink() and each.is_file())


def stored_bytes(paths: list[Path]) -> int:
    """How much of the disk files take; what is sparse counts for what is there."""
    total = 0
    for path in paths:
        with contextlib.suppress(OSError):
            total += path.stat().st_blocks * 512
    return total


def _art(paths: list[Path], say: Say, hand: Hand) -> None:
    from umbrite.files.formats.any_art import read_here

    layered = read_here(paths, lambda done, of, name: say("at", done, of, name))
    handed: dict[int, int] = {}  # what several layers show goes over once
    for layer in layered.layers:
        if id(layer.png) not in handed:
            handed[id(layer.png)] = len(handed)
            hand(layer.png)
            say("picture", len(layer.png))
        say("layer", ["" if field is layer.png else field for field in layer], handed[id(layer.png)])
    say("end", [*layered._replace(layers=())])


def _sound(paths: list[Path], say: Say, hand: Hand) -> None:
    from umbrite.files.formats.sounds_in import decoded

    samples = decoded(paths[0], lambda done, of, name: say("at", done, of, name))
    hand(samples.values.tobytes())
    say("sound", samples.values.nbytes, samples.rate, samples.values.shape[1])
    say("end", [])


def _phones(path: Path, text: str, say: Say) -> None:
    from umbrite.files.formats.sounds_in import decoded
    from umbrite.sound.phones import phones_in

    for phone in phones_in(decoded(path), text, lambda done, of, name: say("at", done, of, name)):
        say("phone", *phone)
    say("end", [])


def main() -> None:
    """Read what the parent asks for, hand it over, and end."""
    memory = int(sys.argv[1])
    what, text, *words = json.loads(sys.stdin.readline())
    paths = [Path(os.fsdecode(bytes.fromhex(word))) for word in words]
    answers = os.fdopen(os.dup(1), "w", encoding="utf-8", errors="replace")
    nowhere = os.open(os.devnull, os.O_RDWR)
    for handle in (0, 1, 2):  # what libraries have to say is for nobody
        os.dup2(nowhere, handle)
    from umbrite.rig.errors import UmbriteError

    def say(*words: Any) -> None:
        answers.write(json.dumps(words) + "\n")
        answers.flush()

    def hand(data: bytes) -> None:
        left = memoryview(data)
        while left:
            left = left[os.write(memory, left) :]

    say("ready", confine(paths))
    try:
        if what == "phones":
            _phones(paths[0], text, say)
        else:
            (_sound if what == "sound" else _art)(paths, say, hand)
    except UmbriteError as error:
        say("refused", str(error))
    except MemoryError:
        say("refused", "That needs more memory than art may take. Make the pictures smaller and try again.")
    except Exception:  # noqa: BLE001 whatever a file does to its reader, the person hears one sentence
        say("refused", "That is damaged or of a kind that can't be read. Export it again and retry.")


if __name__ == "__main__":
    main()
