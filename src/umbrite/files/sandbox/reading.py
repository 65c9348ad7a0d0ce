"""Foreign art, read by a process of its own: nothing that a file does there can kill, hang or freeze this one.

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
from typing import Any, TypeVar

import msgspec

from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.layers import Layer, Layered
from umbrite.files.png import measure
from umbrite.files.sandbox.child import MOST_HANDED, stored_bytes
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.quantities.bounds import LONGEST

Kind = TypeVar("Kind")
CHILD = "umbrite.files.sandbox.child"
# Seconds that a single picture may take, and what is added for each byte that has to be read first.
PATIENCE, PATIENCE_A_BYTE = 7.0, 1 / 30e6
TICK = 0.05
LONGEST_LINE = 1_000_000


def read_art(paths: list[Path], watch: Watch = unwatched) -> Layered:
    """The layers of one layered picture, of a folder, or of several pictures together; `watch` is asked all the time.

    Raises FileError: what the reader refuses, and where it dies, is silent for too long, or answers nonsense.
    """
    name = shown_name(paths[0])
    memory = os.memfd_create("umbrite-art", os.MFD_CLOEXEC)
    try:
        process = _started(memory, paths)
        try:
            return _layered(name, process, memory, PATIENCE + stored_bytes(paths) * PATIENCE_A_BYTE, watch)
        finally:
            process.kill()
            process.wait()
            for pipe in (process.stdin, process.stdout):
                if pipe is not None:
                    with contextlib.suppress(OSError):
                        pipe.close()
    finally:
        os.close(memory)


def _started(memory: int, paths: list[Path]) -> subprocess.Popen[bytes]:
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
        process.stdin.write(json.dumps([os.fsencode(path.absolute()).hex() for path in paths]).encode() + b"\n")
        process.stdin.flush()
    return process


def _layered(name: str, process: subprocess.Popen[bytes], memory: int, patience: float, watch: Watch) -> Layered:
    layers: list[Layer] = []
    place = 0
    for kind, *words in _answers(name, process, patience, watch):
        if kind == "layer":
            fields, length = words
            layers.append(_layer(name, memory, place, fields, length))
            place += length
        elif kind == "end":
            layered = _converted(name, words[0], Layered)
            notes = tuple(readable(note, 300) for note in layered.notes)
            return layered._replace(layers=tuple(layers), notes=notes)
        elif kind == "refused":
            raise FileError(str(words[0]))
    raise FileError(
        f"{name} can't be read: what reads it came to a sudden end. Export it again, in plainer form if it has filters."
    )


def _layer(name: str, memory: int, place: int, fields: list[Any], length: int) -> Layer:
    if not isinstance(length, int) or not 0 < length <= MOST_HANDED - place:
        raise _damaged(name)
    data = os.pread(memory, length, place)
    layer = _converted(name, fields, Layer)
    if (layer.width, layer.height) != measure(data, name) or max(abs(layer.x), abs(layer.y)) > 10 * LONGEST:
        raise _damaged(name)
    return layer._replace(png=data, name=readable(layer.name) or "Layer")


def _converted(name: str, fields: list[Any], kind: type[Kind]) -> Kind:
    try:
        return msgspec.convert(fields, kind)
    except msgspec.ValidationError:
        raise _damaged(name) from None


def _damaged(name: str) -> FileError:
    return FileError(f"{name} is damaged. Export it again and retry.")


def _answers(name: str, process: subprocess.Popen[bytes], patience: float, watch: Watch) -> Iterator[list[Any]]:
    """What the reader says, one line after the other, while the watch is asked; ends where the reader does."""
    assert process.stdout is not None
    handle = process.stdout.fileno()
    os.set_blocking(handle, False)
    heard = b""
    at: tuple[int, int, str] = (0, 1, name)
    last = time.monotonic()
    with selectors.DefaultSelector() as listening:
        listening.register(handle, selectors.EVENT_READ)
        while True:
            watch(*at)
            if listening.select(TICK):
                more = os.read(handle, 1 << 16)
                if not more:
                    return
                heard, last = heard + more, time.monotonic()
            elif time.monotonic() - last > patience:
                raise FileError(
                    f"{name} takes too long to read at {readable(at[2], 60)}, so it was not opened. "
                    "Export it again with plainer effects, or with smaller pictures."
                )
            *lines, heard = heard.split(b"\n")
            if len(heard) > LONGEST_LINE:
                raise _damaged(name)
            for line in lines:
                answer = _answer(name, line)
                if answer[0] == "at":
                    at = (int(answer[1]), int(answer[2]), str(answer[3]))
                yield answer


# How many words follow each word.
WORDS = {"at": 3, "layer": 2, "end": 1, "refused": 1}


def _answer(name: str, line: bytes) -> list[Any]:
    try:
        answer = json.loads(line)
    except (ValueError, RecursionError):
        raise _damaged(name) from None
    if not isinstance(answer, list) or not answer or WORDS.get(str(answer[0])) != len(answer) - 1:
        raise _damaged(name)
    if answer[0] == "at" and not all(isinstance(number, int) for number in answer[1:3]):
        raise _damaged(name)
    return answer
