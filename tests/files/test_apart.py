"""Nothing that a file does can kill, hang or fill the program: each of these is one sentence, soon, in little memory."""

import io
import os
import signal
import struct
import subprocess
import sys
import threading
import time
import zipfile
import zlib
from pathlib import Path

import numpy as np
import pytest
from PIL import Image

from umbrite.files.file_errors import FileError
from umbrite.files.long_work import CancelledError
from umbrite.files.native.migrations import VERSION
from umbrite.files.sandbox import reading
from umbrite.files.sandbox.reading import read_art

SVG = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="1000" height="1000">'
BOX = '<rect width="900" height="900"'
# What a sentence may take: seconds (no measure, it only must not hang), and gigabytes of the largest process.
SOON, LITTLE = 60.0, 1.0


def svg(text):
    return f"{SVG}{text}</svg>".encode()


def filtered(effect):
    return svg(f'<filter id="f">{effect}</filter><g id="a">{BOX} filter="url(#f)"/></g>')


def png(width, height, pixels=b""):
    def chunk(kind, data):
        return struct.pack(">L", len(data)) + kind + data + struct.pack(">L", zlib.crc32(kind + data))

    head = struct.pack(">LLBBBBB", width, height, 8, 6, 0, 0, 0)
    return b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", head) + chunk(b"IDAT", pixels) + chunk(b"IEND", b"")


def packed(members, how=zipfile.ZIP_DEFLATED):
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", how) as archive:
        for name, data in members.items():
            archive.writestr(name, data)
    return out.getvalue()


def stack(layers):
    return f'<image w="40" h="30"><stack>{layers}</stack></image>'.encode()


def doubled(times):
    masks = "".join(
        f'<mask id="m{i}">{BOX} fill="white" mask="url(#m{i + 1})"/>{BOX} fill="white" mask="url(#m{i + 1})"/></mask>'
        for i in range(times)
    )
    return svg(f'{masks}<mask id="m{times}">{BOX} fill="white"/></mask><g id="a">{BOX} mask="url(#m0)"/></g>')


def piped(path):
    os.mkfifo(path)


def endless(path):
    path.symlink_to("/dev/zero")


def sparse(path):
    with path.open("wb") as file:
        file.write(b"8BPS")
        file.truncate(1_900_000_000)


HEAD = b'{"format":"umbrite","version":%d,"document":['
HOSTILE = {
    "deep.svg": (svg(f'<g id="a">{"<svg>" * 300}{BOX}/>{"</svg>" * 300}</g>'), "nests its elements"),
    "octaves.svg": (filtered('<feTurbulence baseFrequency="0.1" numOctaves="2147483647"/>'), "takes too long"),
    "doubled.svg": (doubled(22), "takes too long|sudden end"),
    "dilated.svg": (filtered('<feMorphology operator="dilate" radius="900"/>'), "takes too long"),
    "convolved.svg": (
        filtered(f'<feConvolveMatrix order="60" kernelMatrix="{"1 " * 3600}"/>'), "takes too long",
    ),
    "entities.svg": (
        f'<?xml version="1.0" encoding="utf-16"?><!DOCTYPE a [<!ENTITY b "x">]>{SVG}<g id="&b;"/></svg>'.encode("utf-16"),
        "entities",
    ),
    "thin.png": (png(7, 8_388_617)[:71], "no side may be longer"),
    "clear.png": (png(9_000, 9_000, zlib.compress(bytes(36_001) * 9_000, 9)), "nothing to rig"),
    "program.png": (b"%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 9 9\nshowpage\n", "no picture that"),
    "program.ora": (
        packed({"stack.xml": stack('<layer src="a.png"/>'), "a.png": b"%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 9 9\n"}),
        "no picture that",
    ),
    "bz2.ora": (packed({"stack.xml": stack(""), "a.png": bytes(200_000_000)}, zipfile.ZIP_BZIP2), "packed in a way"),
    "lzma.umbrite": (packed({"puppet.json": bytes(100_000_000)}, zipfile.ZIP_LZMA), "packed in a way"),
    "brackets.umbrite": (packed({"puppet.json": HEAD % VERSION + b"[]," * 13_000_000 + b"[]]}"}), "does not fit"),
    "old.umbrite": (packed({"puppet.json": HEAD % 1 + b"[]," * 13_000_000 + b"[]]}"}), "more than a puppet"),
    "spaces.umbrite": (packed({"puppet.json": b" " * 600_000_000}), "more than it may hold"),
    "far.ora": (
        packed({"stack.xml": stack('<stack x="1e308"><stack x="1e308"><layer src="a.png"/></stack></stack>')}), "damaged",
    ),
    "sparse.psd": (sparse, "damaged|larger"),
    "pipe.png": (piped, "no ordinary file"),
    "pipe.umbrite": (piped, "no ordinary file"),
    "endless.png": (endless, "no ordinary file"),
}  # fmt: skip
TRY = """
import resource, sys
from pathlib import Path
from umbrite.files.opening import open_any
try:
    open_any(Path(sys.argv[1]))
except Exception as error:
    print(type(error).__name__, error)
own = next(line for line in open("/proc/self/status") if line.startswith("VmHWM"))
print(max(int(own.split()[1]), resource.getrusage(resource.RUSAGE_CHILDREN).ru_maxrss) / 1e6)
"""


LONG = {"dilated.svg", "convolved.svg"}


@pytest.mark.parametrize(
    "name", [pytest.param(name, marks=pytest.mark.long) if name in LONG else name for name in HOSTILE]
)
def test_a_hostile_file_is_one_sentence_soon_and_in_little_memory(tmp_path, name):
    what, words = HOSTILE[name]
    path = tmp_path / name
    if isinstance(what, bytes):
        path.write_bytes(what)
    else:
        what(path)
    start = time.monotonic()
    done = subprocess.run([sys.executable, "-c", TRY, str(path)], capture_output=True, text=True, check=True)
    *sentence, most = done.stdout.splitlines()
    assert time.monotonic() - start < SOON
    assert float(most) < LITTLE
    assert len(sentence) == 1
    assert sentence[0].startswith("FileError ")
    assert any(word in sentence[0] for word in words.split("|")), sentence[0]
    assert done.stderr == ""


def test_a_large_picture_that_is_used_three_times_is_unpacked_once(tmp_path):
    out = io.BytesIO()
    Image.fromarray(np.full((5_000, 9_000, 4), 200, np.uint8)).save(out, "PNG", compress_level=1)
    members = {"stack.xml": stack('<layer src="a.png"/>' * 3), "a.png": out.getvalue()}
    (tmp_path / "thrice.ora").write_bytes(packed(members, zipfile.ZIP_STORED))
    layered = read_art([tmp_path / "thrice.ora"])
    assert len({id(layer.png) for layer in layered.layers}) == 1
    assert len(layered.layers) == 3


def test_cancel_works_while_one_layer_takes_for_ever(tmp_path):
    (tmp_path / "octaves.svg").write_bytes(HOSTILE["octaves.svg"][0])
    start = time.monotonic()

    def watch(_done, _all, _name):
        if time.monotonic() - start > 1.0:
            raise CancelledError("Stopped.")

    with pytest.raises(CancelledError):
        read_art([tmp_path / "octaves.svg"], watch)
    assert time.monotonic() - start < SOON


@pytest.mark.parametrize(
    ("says", "words"),
    [
        ("import os; os.kill(os.getpid(), 11)", "sudden end"),
        ("print('no words')", "damaged"),
        ("print('[\"layer\", [], 5]')", "damaged"),
        ('print(\'["layer", ["a"], 0]\')', "damaged"),
        ("print('[\"end\", 3]')", "damaged"),
        ("print('[]')", "damaged"),
        ("print('x' * 3_000_000)", "damaged"),
        ("import time; time.sleep(60)", "stopped answering"),
        ("print('[\"ready\", []]', flush=True)\nimport time; time.sleep(60)", "stopped answering"),
        ("print('[\"ready\", []]', flush=True)\nwhile True: pass", "too long"),
    ],
)
def test_a_reader_that_dies_or_talks_nonsense_does_no_harm(tmp_path, monkeypatch, says, words):
    (tmp_path / "child.py").write_text(says)
    (tmp_path / "a.png").write_bytes(png(1, 1))
    monkeypatch.setattr(reading, "CHILD", "child")
    monkeypatch.setattr(reading, "PATIENCE", 0.7)
    monkeypatch.setattr(reading, "STILL", 0.7)
    monkeypatch.syspath_prepend(tmp_path)
    with pytest.raises(FileError, match=words):
        read_art([tmp_path / "a.png"])


def test_on_a_busy_machine_sound_art_is_read_however_long_it_takes(tmp_path, monkeypatch):
    """The reader gets hardly any of a processor at first, and is waited for much longer than it may work."""
    out = io.BytesIO()
    Image.fromarray(np.full((300, 300, 4), 200, np.uint8)).save(out, "PNG")
    (tmp_path / "beetle.png").write_bytes(out.getvalue())
    monkeypatch.setattr(reading, "PATIENCE", 0.5)
    monkeypatch.setattr(reading, "STILL", 0.5)
    real, over = reading._started, threading.Event()

    def starved(memory, *asked):
        process = real(memory, *asked)

        def starve():
            while not over.is_set():
                for word, seconds in ((signal.SIGSTOP, 0.07), (signal.SIGCONT, 0.01)):
                    process.send_signal(word)
                    time.sleep(seconds)

        threading.Thread(target=starve).start()
        return process

    monkeypatch.setattr(reading, "_started", starved)
    begun = time.monotonic()
    try:
        assert len(read_art([tmp_path / "beetle.png"]).layers) == 1
    finally:
        over.set()
    assert time.monotonic() - begun > 2 * reading.PATIENCE


def test_reading_leaves_no_process_and_no_handle_behind(tmp_path):
    (tmp_path / "a.png").write_bytes(png(1, 1, zlib.compress(b"\0\xff\xff\xff\xff")))
    read_art([tmp_path / "a.png"])
    before = len(list(Path("/proc/self/fd").iterdir())), threading.active_count()
    for _ in range(3):
        assert len(read_art([tmp_path / "a.png"]).layers) == 1
    assert (len(list(Path("/proc/self/fd").iterdir())), threading.active_count()) == before
