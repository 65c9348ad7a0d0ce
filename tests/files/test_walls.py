"""What a file could make its reader do if it took it over: it tries, and nothing comes of it."""

import io
import json
import os
import socket
import subprocess
import sys
import tempfile
from pathlib import Path

import numpy as np
import pytest
from PIL import Image
from PIL.PngImagePlugin import PngInfo

from umbrite.files.file_errors import FileError
from umbrite.files.png import NEEDED, bare, decode, measure
from umbrite.files.sandbox import reading
from umbrite.files.sandbox.reading import read_art

PAYLOAD = """
import ctypes, json, os, resource, socket, subprocess, sys
from pathlib import Path
from umbrite.files.sandbox import child, walls
how, user, room = sys.argv[1:]
room = Path(room)
if user != "as it is":
    os.setgid(int(user)), os.setuid(int(user))
system = ctypes.CDLL(None, use_errno=True)
places = [*child._own_places(), room / "art"]
if how == "both":
    stands = child.confine([room / "art"]) == ()
elif how != "none":
    system.prctl(38, 1, 0, 0, 0)
    stands = walls.wall_off_files(system, places) if how == "files" else walls.wall_off_calls(system)
if how != "none" and not stands:
    sys.exit("lacks")
def call(*words):
    if system.syscall(*words) < 0:
        raise OSError(ctypes.get_errno(), "")
def connect(kind, to):
    with socket.socket(kind) as line:
        line.connect(to)
port, name = json.loads((room / "art" / "where.json").read_text())
tries = {
    "reads": lambda: (room / "letter").read_text(),
    "lists": lambda: os.listdir(room),
    "makes": lambda: (room / "new").write_text(""),
    "makes in its own folder": lambda: (room / "art" / "new").write_text(""),
    "overwrites": lambda: (room / "letter").write_text(""),
    "cuts off": lambda: os.truncate(room / "letter", 0),
    "removes": lambda: os.remove(room / "letter"),
    "renames": lambda: os.rename(room / "letter", room / "art" / "letter"),
    "links": lambda: os.link(room / "letter", room / "art" / "linked"),
    "connects": lambda: connect(socket.AF_INET, ("127.0.0.1", port)),
    "reads of its parent": lambda: Path(f"/proc/{os.getppid()}/status").read_bytes(),
    "calls the bus": lambda: connect(socket.AF_UNIX, str(room / "bus")),
    "whispers": lambda: connect(socket.AF_UNIX, name),
    "stops its parent": lambda: os.kill(os.getppid(), 0),
    "makes a child": lambda: os.posix_spawn("/bin/true", ["true"], {}),
    "changes rights": lambda: os.chmod(room / "letter", 0o777),
    "changes times": lambda: os.utime(room / "letter", (0, 0)),
    "takes more": lambda: resource.setrlimit(resource.RLIMIT_DATA, (-1, -1)),
    "becomes another": lambda: os.setuid(os.getuid()),
    "keeps keys": lambda: call(248, b"user", b"a", b"b", 1, -3),
    "goes round": lambda: call(425, 1, ctypes.create_string_buffer(120)),
}
done = [(room / "art" / "a.png").read_bytes()[:1].hex()]
for name_of, attempt in tries.items():
    try:
        attempt()
    except OSError:
        pass
    else:
        done.append(name_of)
print(json.dumps(done), flush=True)
try:
    os.execv(room / "program", ["program"])
except OSError:
    pass
"""
# What the first wall leaves to the second: the disk is Landlock's, all else is the filter's of calls.
CALLS_ONLY = {"reads", "lists", "reads of its parent"}
FILES_ONLY = {
    "calls the bus",
    "changes rights",
    "changes times",
    "takes more",
    "becomes another",
    "keeps keys",
    "goes round",
}
MORE = "makes,makes in its own folder,overwrites,cuts off,removes,starts,connects,calls the bus,whispers,stops its parent,makes a child"
OPEN = CALLS_ONLY | set(MORE.split(","))


@pytest.fixture
def room():
    """A folder to which everybody gets, which those of pytest are not."""
    with tempfile.TemporaryDirectory() as folder:
        yield Path(folder)


@pytest.mark.parametrize("user", ["as it is", "65534"])
@pytest.mark.parametrize(
    ("how", "left"), [("both", set()), ("calls", CALLS_ONLY), ("files", FILES_ONLY), ("none", OPEN)]
)
def test_a_reader_that_was_taken_over_can_do_nothing(room, how, left, user):
    if user != "as it is" and os.getuid() != 0:
        pytest.skip("only root can become somebody else")
    (room / "art").mkdir()
    for folder in (room, room / "art"):
        folder.chmod(0o777)
    Image.fromarray(np.full((3, 3, 4), 200, np.uint8)).save(room / "art" / "a.png")
    (room / "letter").write_text("Dear Lamplighter")
    (room / "letter").chmod(0o666)
    (room / "program").write_text("#!/bin/sh\necho starts\n")
    (room / "program").chmod(0o777)
    abstract = f"\0umbrite-{os.getpid()}-{how}"
    with socket.create_server(("127.0.0.1", 0)) as near, socket.socket(socket.AF_UNIX) as bus, socket.socket(socket.AF_UNIX) as whispered:  # fmt: skip
        bus.bind(str(room / "bus"))
        (room / "bus").chmod(0o777)
        whispered.bind(abstract)
        for each in (bus, whispered):
            each.listen()
        (room / "art" / "where.json").write_text(json.dumps([near.getsockname()[1], abstract]))
        tried = subprocess.run(
            [sys.executable, "-c", PAYLOAD, how, user, str(room)], capture_output=True, text=True, check=False,
            env={**os.environ, "PYTHONDONTWRITEBYTECODE": "1"},
        )  # fmt: skip
    if tried.stderr == "lacks\n":
        pytest.skip("this kernel has no such wall")
    assert tried.stderr == ""
    told, *started = tried.stdout.splitlines()
    read, *done = json.loads(told)
    assert read == "89"
    done = {*done, *started}
    if how == "none":  # the attempts are real
        assert left <= done | ({"stops its parent"} if user != "as it is" else set())
        return
    assert done <= left
    assert (room / "letter").read_text() == "Dear Lamplighter"
    assert not (room / "new").exists()


def test_a_folder_of_links_is_read_through_the_walls(tmp_path):
    (tmp_path / "originals").mkdir()
    (tmp_path / "cast").mkdir()
    Image.fromarray(np.full((3, 3, 4), 200, np.uint8)).save(tmp_path / "originals" / "a.png")
    (tmp_path / "cast" / "01 Arm.png").symlink_to("../originals/a.png")
    assert [layer.name for layer in read_art([tmp_path / "cast"]).layers] == ["Arm"]


def test_walls_that_are_not_there_are_told_once(tmp_path, monkeypatch):
    Image.fromarray(np.full((3, 3, 4), 200, np.uint8)).save(tmp_path / "a.png")
    (tmp_path / "child.py").write_text(
        "from umbrite.files.sandbox import child\nchild.shut = lambda _places: ('Landlock', 'seccomp')\nchild.main()\n"
    )
    monkeypatch.setattr(reading, "CHILD", "child")
    monkeypatch.syspath_prepend(tmp_path)
    first, second = (read_art([tmp_path / "a.png"]).notes for _ in range(2))
    assert "has no Landlock and seccomp" in " ".join(first)
    assert second == ()


def test_decoders_see_nothing_of_a_drawing_but_its_pixels():
    pixels = np.random.default_rng(3).integers(0, 255, (40, 30, 4), np.uint8)
    words, out = PngInfo(), io.BytesIO()
    words.add_text("Comment", "x" * 1_000_000, zip=True)
    words.add(b"eXIf", b"II*\0" + b"\xff" * 40)
    Image.fromarray(pixels).save(out, "PNG", pnginfo=words, icc_profile=b"\xff" * 300, dpi=(1, 1))
    data = out.getvalue() + b"PK\3\4 and more behind its end"
    stripped = bare(data)
    assert {stripped[at + 4 : at + 8] for at in _chunks(stripped)} <= set(NEEDED)
    assert (decode(data, "A") == pixels).all()
    assert measure(data, "A") == (30, 40)
    assert bare(stripped) is stripped
    for cut in range(0, len(stripped) - 1, 97):
        with pytest.raises(FileError):
            decode(data[:cut] if cut < 8 else stripped[:cut], "A")


def _chunks(data):
    at = 8
    while at < len(data):
        yield at
        at += 12 + int.from_bytes(data[at : at + 4], "big")
