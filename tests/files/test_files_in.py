"""Every file comes in by the one opener: pipes, devices and endless links are refused in a sentence, and nobody waits for them."""

import os
import re
import signal
from contextlib import contextmanager
from pathlib import Path

import pytest

from demo_puppet import ASSETS
from umbrite.art.building.body_plan import plan_bytes, shipped_plans
from umbrite.cli import main
from umbrite.farm.kept_results import KeptResults
from umbrite.farm.pieces import Piece
from umbrite.farm.sources import bytes_of, source_of
from umbrite.files.file_errors import FileError
from umbrite.files.formats.plan_files import kept_plans
from umbrite.files.recovery import left_behind
from umbrite.files.takes.take_files import read_shapes

SRC = Path(__file__).parents[2] / "src" / "umbrite"
WICK = ASSETS / "wick.umbrite"


@contextmanager
def within(seconds):
    """An error in place of waiting for ever."""

    def late(*_):
        raise TimeoutError

    before = signal.signal(signal.SIGALRM, late)
    signal.setitimer(signal.ITIMER_REAL, seconds)
    try:
        yield
    finally:
        signal.setitimer(signal.ITIMER_REAL, 0)
        signal.signal(signal.SIGALRM, before)


@pytest.fixture(params=["pipe", "endless"])
def strange(request, tmp_path):
    """Makes what is no ordinary file under a name."""

    def make(name):
        path = tmp_path / name
        if request.param == "pipe":
            os.mkfifo(path)
        else:
            path.symlink_to("/dev/zero")
        return path

    return make


def test_commands_do_not_wait_for_pipes_and_devices(strange, tmp_path, capsys):
    out = str(tmp_path / "out.umbrite")
    for words in (
        ["check", str(strange("a.umbrite"))],
        ["pose", str(strange("b.umbrite"))],
        ["transforms", str(WICK), "--from", str(strange("places.json")), "--as", "X", out],
        ["build", str(ASSETS / "clover.ora"), out, "--plan", str(strange("plan.json"))],
    ):
        with within(20):
            assert main(words) == 2
        assert "is no ordinary file but a pipe or a device" in capsys.readouterr().err


def test_nobody_else_waits_for_them_either(strange, tmp_path, monkeypatch):
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "cache"))
    with within(10):
        for read in (read_shapes, bytes_of):
            with pytest.raises(FileError, match="no ordinary file"):
                read(strange(f"{read.__name__}.pose"))
        (tmp_path / "left.recovery").write_bytes(WICK.read_bytes())
        strange("left.json")
        (left,) = left_behind(tmp_path)
        assert left.beside.name == "Puppet"
        left.hold.let_go()
        (tmp_path / "sound.json").write_bytes(plan_bytes(shipped_plans()[0]))
        assert len(kept_plans(tmp_path)) == 1
        piece = Piece("check", source_of(WICK), {})
        kept = KeptResults([piece], resume=True)
        os.mkfifo(kept.folder / f"{piece.key}.done")
        assert not kept.has(piece)
        kept.close(finished=True)


def test_nothing_else_reads_files():
    reads = re.compile(r"\.read_(bytes|text)\(|\bopen\([^)]*\"r")
    # Shipped with the program, of the kernel, just written by itself, or opened already as what it copies.
    known = re.compile(r"ASSETS|buffer|/proc/|PAGES|item\.read_bytes|page\.path|copyfileobj|as whole|self\._told")
    itself = {"files/files_in.py", "farm/pieces.py", "files/package.py"}
    sources = {path.relative_to(SRC).as_posix(): path.read_text("utf-8").splitlines() for path in SRC.rglob("*.py")}
    others = {name: lines for name, lines in sources.items() if name not in itself and not name.startswith("demo/")}
    found = [f"{name}: {line}" for name, lines in others.items() for line in lines if reads.search(line)]
    assert [each for each in found if not known.search(each)] == []
