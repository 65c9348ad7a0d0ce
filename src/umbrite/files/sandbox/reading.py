"""Foreign art and sounds, read by a process of its own: nothing that a file does there can kill, hang or freeze this one.

`child` is that process. What it says is taken as that of a stranger: checked for kind and bounds, and for how long it is silent.
"""

import contextlib
import json
import os
import selectors
import subprocess
import sys
import time
from collections.abc import Iterator
from pathlib import Path
from typing import Any, NamedTuple, TypeVar

import msgspec

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.layers import Layer, Layered
from umbrite.files.png import bare, measure
from umbrite.files.sandbox.child import MOST_HANDED, stored_bytes
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.quantities.bounds import LONGEST

Kind = TypeVar("Kind")
CHILD = "umbrite.files.sandbox.child"
# Seconds of processor time that the reader may take from one word to the next, and what is added for each byte that has to be read first.
PATIENCE, PATIENCE_A_BYTE = 7.0, 1 / 30e6
START = 60.0  # of its own, before its first word
# Seconds for which it may lie still, neither at work nor waiting for a processor.
STILL = 15.0
TICK = 0.05
# At work or waiting for it, or stopped by somebody; and the kernel's ticks in a second.
RUNNABLE, TICKS = {"R", "T", "t"}, os.sysconf("SC_CLK_TCK")
LONGEST_LINE = 1_000_000
_told: set[str] = set()  # walls that the kernel lacks, told since the start


def read_art(paths: list[Path], watch: Watch = unwatched) -> Layered:
    """The layers of one layered picture, of a folder, or of several pictures together; `watch` is asked all the time.

    Raises FileError: what the reader refuses, and where it dies, is silent for too long, or answers nonsense.
    """
    with asked("art", paths, watch) as (answers, memory):
        return _layered(shown_name(paths[0]), answers, memory)


@contextlib.contextmanager
def asked(what: str, paths: list[Path], watch: Watch, text: str = "") -> Iterator[tuple[Iterator[list[Any]], int]]:
    """What a reader says of files, one answer after the other, and the number of the memory into which it hands the rest.

    It is gone when this is left. Raises FileError as `read_art` does.
    """
    name = shown_name(paths[0])
    memory = os.memfd_create("umbrite-read", os.MFD_CLOEXEC)
    try:
        process = _started(memory, what, paths, text)
        try:
            yield _answers(name, process, PATIENCE + stored_bytes(paths) * PATIENCE_A_BYTE, watch), memory
        finally:
            process.kill()
            process.wait()
            for pipe in (process.stdin, process.stdout):
                if pipe is not None:
                    with contextlib.suppress(OSError):
                        pipe.close()
    finally:
        os.close(memory)


def _started(memory: int, what: str, paths: list[Path], text: str = "") -> subprocess.Popen[bytes]:
    environment = {
        "PYTHONPATH": os.pathsep.join(str(Path(place).resolve()) for place in sys.path if place),
        "OPENBLAS_NUM_THREADS": "1",
        "HOME": os.devnull,
        "LANG": "C.UTF-8",
        **{key: value for key, value in os.environ.items() if key.startswith("FONTCONFIG")},
    }
    words = [sys.executable, "-P", "-m", CHILD, str(memory)]
    process = subprocess.Popen(
        words, stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, pass_fds=(memory,),
        env=environment, cwd="/",
    )  # fmt: skip
    assert process.stdin is not None
    with contextlib.suppress(OSError):  # it died at once: that is seen when it is listened to
        wanted = [what, text, *(os.fsencode(path.absolute()).hex() for path in paths)]
        process.stdin.write(json.dumps(wanted).encode() + b"\n")
        process.stdin.flush()
    return process


def _layered(name: str, answers: Iterator[list[Any]], memory: int) -> Layered:
    layers: list[Layer] = []
    pictures: list[_Handed] = []
    place, missing = 0, ""
    for kind, *words in answers:
        if kind == "ready":
            missing = readable(" and ".join(map(str, words[0])), 60) if isinstance(words[0], list) else ""
        elif kind == "picture":
            pictures.append(_picture(name, memory, place, words[0]))
            place += words[0]
        elif kind == "layer":
            layers.append(_layer(name, pictures, *words))
        elif kind == "end":
            layered = _converted(name, words[0], Layered)
            notes = (*(readable(note, 300) for note in layered.notes), *_told_once(missing))
            return layered._replace(layers=tuple(layers), notes=notes)
        elif kind == "refused":
            raise FileError(str(words[0]))
    raise FileError(f"{ended(name)}, in plainer form if it has filters.")


def ended(name: str) -> str:
    """The beginning of a sentence on a reader that has died."""
    return f"{name} can't be read: what reads it came to a sudden end. Export it again"


def _told_once(missing: str) -> list[str]:
    if not missing or missing in _told:
        return []
    _told.add(missing)
    return [f"This computer's kernel has no {missing}: open only art of people you trust, or update the kernel."]


class _Handed(NamedTuple):
    """A picture that was handed over and looked through: its PNG and its size."""

    png: bytes
    size: tuple[int, int]


def _picture(name: str, memory: int, place: int, length: Any) -> _Handed:
    if not isinstance(length, int) or not 0 < length <= MOST_HANDED - place:
        raise damaged(name)
    data = bare(os.pread(memory, length, place))
    return _Handed(data, measure(data, name))


def _layer(name: str, pictures: list[_Handed], fields: Any, number: Any) -> Layer:
    if not isinstance(number, int) or not 0 <= number < len(pictures):
        raise damaged(name)
    layer, shown = _converted(name, fields, Layer), pictures[number]
    if (layer.width, layer.height) != shown.size or max(abs(layer.x), abs(layer.y)) > 10 * LONGEST:
        raise damaged(name)
    return layer._replace(png=shown.png, name=readable(layer.name) or "Layer")


def _converted(name: str, fields: Any, kind: type[Kind]) -> Kind:
    try:
        return msgspec.convert(fields, kind)
    except msgspec.ValidationError:
        raise damaged(name) from None


def damaged(name: str) -> FileError:
    """The refusal of a file whose reader answers what it can't."""
    return FileError(f"{name} is damaged. Export it again and retry.")


def _answers(name: str, process: subprocess.Popen[bytes], patience: float, watch: Watch) -> Iterator[list[Any]]:
    """What the reader says, one line after the other, while the watch is asked; ends where the reader does.

    On a busy machine it may take any time; what counts is the processor time that it takes itself. Its start is not the file's fault.
    """
    assert process.stdout is not None
    handle = process.stdout.fileno()
    os.set_blocking(handle, False)
    heard = b""
    at: tuple[int, int, str] = (0, 1, name)
    work, start = _Work(process.pid), True
    with selectors.DefaultSelector() as listening:
        listening.register(handle, selectors.EVENT_READ)
        while True:
            watch(*at)
            if listening.select(TICK):
                more = os.read(handle, 1 << 16)
                if not more:
                    return
                heard, start = heard + more, False
                work.begin()
            else:
                work.look()
                if work.still > STILL:
                    raise FileError(f"What reads {name} stopped answering, so it was not opened. Try again.")
                if work.taken > (START if start else patience):
                    raise FileError(
                        f"{name} takes too long to read at {readable(at[2], 60)}, so it was not opened. "
                        "Export it again with plainer effects, or with smaller pictures."
                    )
            *lines, heard = heard.split(b"\n")
            if len(heard) > LONGEST_LINE:
                raise damaged(name)
            for line in lines:
                answer = _answer(name, line)
                if answer[0] == "at":
                    at = (int(answer[1]), int(answer[2]), str(answer[3]))
                yield answer


class _Work:
    """How much processor time another process has taken since it was heard last, and for how long it has lain still, in seconds."""

    def __init__(self, process: int) -> None:
        self._told = Path(f"/proc/{process}/stat")
        self._before = 0.0
        self.begin()

    def begin(self) -> None:
        """It was heard: count anew."""
        self.taken = self.still = 0.0
        self._before, self._looked = self._now()[1], time.monotonic()

    def look(self) -> None:
        """Look at it again."""
        state, now = self._now()
        at = time.monotonic()
        taken, passed = now - self._before, at - self._looked
        self._before, self._looked = now, at
        self.taken += taken
        self.still = self.still + passed if taken == 0 and state not in RUNNABLE else 0.0

    def _now(self) -> tuple[str, float]:
        try:
            state, *fields = self._told.read_text("ascii", "replace").rpartition(")")[2].split()
        except OSError:  # it has just ended: that is heard at once
            return "R", self._before
        return state, (int(fields[10]) + int(fields[11])) / TICKS


# How many words follow each word.
WORDS = {"sound": 3, "phone": 3, "ready": 1, "at": 3, "picture": 1, "layer": 2, "end": 1, "refused": 1}


def _answer(name: str, line: bytes) -> list[Any]:
    try:
        answer = json.loads(line)
    except (ValueError, RecursionError):
        raise damaged(name) from None
    if not isinstance(answer, list) or not answer or WORDS.get(str(answer[0])) != len(answer) - 1:
        raise damaged(name)
    if answer[0] == "at" and not all(isinstance(number, int) for number in answer[1:3]):
        raise damaged(name)
    return answer
