"""Files are written whole or not at all, and only where a person meant them: links, modes, pipes, and what killed runs left."""

import os
import stat
import subprocess
import sys

import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files import package as packages
from umbrite.files.atomic import backup_of, sweep, write, writing
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package, load, save
from umbrite.files.zips import MOST_BYTES
from umbrite.rig.document import Document
from umbrite.rig.model import Drawing, Part, Placement, Puppet
from umbrite.rig.quantities.bounds import LONGEST, MOST_PIXELS_TOGETHER


@pytest.fixture
def narrow_umask():
    before = os.umask(0o027)
    yield
    os.umask(before)


def mode(path):
    return stat.S_IMODE(path.stat().st_mode)


@pytest.mark.usefixtures("narrow_umask")
def test_a_new_file_has_the_mode_of_the_umask_and_an_old_one_keeps_its_own(tmp_path):
    path = tmp_path / "a.json"
    write(path, b"one")
    assert mode(path) == 0o640
    path.chmod(0o604)
    write(path, b"two")
    assert (mode(path), path.read_bytes()) == (0o604, b"two")


def test_a_link_is_followed_and_stays_a_link(tmp_path):
    real, link = tmp_path / "real" / "hero.umbrite", tmp_path / "hero.umbrite"
    real.parent.mkdir()
    real.write_bytes(b"old")
    link.symlink_to(real)
    with writing(link, backup=True) as file:
        file.write(b"new")
    assert link.is_symlink()
    assert (real.read_bytes(), backup_of(real).read_bytes()) == (b"new", b"old")
    loop = tmp_path / "loop"
    loop.symlink_to(loop)
    with pytest.raises(FileError):
        write(loop, b"x")


def test_what_is_no_ordinary_file_or_is_protected_is_left_alone(tmp_path):
    pipe, kept = tmp_path / "pipe", tmp_path / "kept"
    os.mkfifo(pipe)
    kept.write_text("kept")
    kept.chmod(0o444)
    for path, words in ((pipe, "no ordinary file"), (kept, "write-protected"), (tmp_path, "is a folder")):
        with pytest.raises(FileError, match=words):
            write(path, b"x")
    assert stat.S_ISFIFO(pipe.stat().st_mode)
    assert kept.read_text() == "kept"
    assert sorted(path.name for path in tmp_path.iterdir()) == ["kept", "pipe"]


def test_a_planted_link_is_never_written_through(tmp_path):
    victim = tmp_path / "victim"
    victim.write_text("safe")
    for name in (".pose.png.saving", ".pose.png.backup", ".pose.png.0123456789abcdef.saving"):
        (tmp_path / name).symlink_to(victim)
    (tmp_path / "pose.png").write_bytes(b"old")
    with writing(tmp_path / "pose.png", backup=True) as file:
        file.write(b"new")
    assert victim.read_text() == "safe"
    assert (tmp_path / "pose.png").read_bytes() == b"new"


def test_the_longest_name_can_be_saved(tmp_path):
    path = tmp_path / ("\N{LATIN SMALL LETTER E WITH ACUTE}" * 120 + ".umbrite")
    write(path, b"one")
    with writing(path, backup=True) as file:
        file.write(b"two")
    assert path.read_bytes() == b"two"


HOLD = "import sys, time; from pathlib import Path; from umbrite.files.atomic import writing\nwith writing(Path(sys.argv[1])) as file:\n    print(1, flush=True); time.sleep(60)"  # fmt: skip


def test_what_killed_runs_left_is_swept_and_what_is_being_written_stays(tmp_path):
    path = tmp_path / "hero.umbrite"
    other = tmp_path / ".hero.umbrite.abcdefgh.saving"  # as earlier versions called them
    other.write_bytes(b"half")
    mine = tmp_path / ".notes.saving"
    mine.write_text("a file of somebody else")
    process = subprocess.Popen([sys.executable, "-c", HOLD, str(path)], stdout=subprocess.PIPE)
    assert process.stdout is not None
    process.stdout.readline()
    write(path, b"one")
    left = [each for each in tmp_path.iterdir() if each.name.endswith(".saving")]
    assert len(left) == 2  # what runs, and what is not ours
    process.kill()
    process.wait()
    process.stdout.close()
    sweep(tmp_path)
    assert [each for each in tmp_path.iterdir() if each.name.endswith(".saving")] == [mine]


def puppet_of(sizes, canvas):
    parts = {
        f"p{i + 1}": Part(f"Part {i}", "j1", Drawing(f"{i:064x}", *size), Placement(0.0, 0.0))
        for i, size in enumerate(sizes)
    }
    whole = load(ASSETS / "wick.umbrite").puppet
    joint = replace(next(iter(whole.joints.values())), parent=None)
    return Puppet("Sizes", *canvas, joints={"j1": joint}, parts=parts, order=tuple(parts), next_id=len(parts) + 1)


SIDES = st.integers(0, 3) | st.integers(1, LONGEST + 5) | st.sampled_from([LONGEST, LONGEST + 1, 10**399, -5])


@given(st.lists(st.tuples(SIDES, SIDES), max_size=5), st.tuples(SIDES, SIDES))
def test_what_opens_saves_and_what_saves_opens(tmp_path_factory, sizes, canvas):
    """Pictures are taken at their word here, so that sizes can be of any kind."""
    folder = tmp_path_factory.mktemp("law")
    package = Package(Document(puppet_of(sizes, canvas)), {f"{i:064x}": b"x" for i in range(5)})
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(packages, "fingerprint", lambda _data: None)
        patch.setattr(packages, "_art", lambda *_: package.art)
        try:
            save(folder / "a.umbrite", package)
        except FileError as refusal:
            assert not (folder / "a.umbrite").exists()
            assert str(refusal).isprintable()
            patch.setattr(packages, "fault_of", lambda _document: None)
            try:
                save(folder / "a.umbrite", package)
            except OverflowError:  # no JSON holds such a number
                return
            patch.undo()
            patch.setattr(packages, "_art", lambda *_: package.art)
            with pytest.raises(FileError):
                load(folder / "a.umbrite")
        else:
            assert load(folder / "a.umbrite").document == package.document
            pixels = sum(width * height for width, height in sizes)
            assert pixels <= MOST_PIXELS_TOGETHER


def test_art_beyond_the_limit_is_refused_before_anything_is_written(tmp_path, monkeypatch):
    package = load(ASSETS / "wick.umbrite")
    monkeypatch.setattr(packages, "MOST_BYTES", 20_100_000)
    with pytest.raises(FileError, match="could not be opened again"):
        save(tmp_path / "a.umbrite", package)
    assert list(tmp_path.iterdir()) == []
    assert MOST_BYTES < 2**32  # below it the first ZIP needs no extension
