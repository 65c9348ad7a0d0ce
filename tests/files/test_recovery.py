"""Nothing is lost: recovery files of processes that are gone are found, and a kill at any moment leaves a whole, saved state."""

import os
import random
import signal
import subprocess
import sys
import time
from pathlib import Path

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.atomic import backup_of
from umbrite.files.file_errors import FileError
from umbrite.files.package import load
from umbrite.files.recovery import forget, keep, left_behind, recovery_path, started_at

KILLS = int(os.environ.get("UMBRITE_KILLS", "12"))

SAVER = """
import itertools, sys
from pathlib import Path
from msgspec.structs import replace
from umbrite.files.package import load, save
from umbrite.files.recovery import keep
path, kept = Path(sys.argv[1]), Path(sys.argv[2])
package = load(Path(sys.argv[3]))
print("ready", flush=True)
for number in itertools.count():
    state = package.having(puppet=replace(package.puppet, name=f"State {number}"))
    save(path, state)
    keep(kept, state, path, float(number))
"""


def test_work_of_a_running_process_is_its_own_and_work_of_a_gone_one_is_left_behind(tmp_path: Path) -> None:
    package = load(ASSETS / "wick.umbrite")
    own = recovery_path(tmp_path)
    keep(own, package, Path("/somewhere/wick.umbrite"), 5.0)
    assert left_behind(tmp_path) == []
    words = own.with_suffix(".json")
    words.write_text(
        words.read_text().replace(started_at(os.getpid()), "1")
    )  # another process of that number
    (left,) = left_behind(tmp_path)
    assert left.package() == package
    assert (left.beside.of, left.beside.name, left.beside.written) == ("/somewhere/wick.umbrite", "Wick", 5.0)
    forget(own)
    assert list(tmp_path.iterdir()) == []
    forget(own)  # twice does no harm


def test_a_recovery_file_without_words_is_found_too_and_a_broken_one_says_so(tmp_path: Path) -> None:
    (tmp_path / "999999999-1.recovery").write_bytes(b"half a file")
    (left,) = left_behind(tmp_path)
    with pytest.raises(FileError):
        left.package()


def test_a_folder_that_cannot_be_made_is_refused_with_a_sentence(tmp_path: Path) -> None:
    (tmp_path / "file").write_text("in the way")
    with pytest.raises(FileError, match="Save soon"):
        keep(tmp_path / "file" / "1-1.recovery", load(ASSETS / "wick.umbrite"), None, 0.0)


def test_kills_at_any_moment_leave_a_saved_state_every_time(tmp_path: Path) -> None:
    """Killed while it saves and autosaves; run with UMBRITE_KILLS=50 for the long form."""
    chance = random.Random(3)
    small = load(ASSETS / "wick.umbrite")
    expected = replace(small.puppet, name="")
    for _ in range(KILLS):
        folder = tmp_path / str(chance.random())
        folder.mkdir()
        path, kept = folder / "puppet.umbrite", folder / "1-1.recovery"
        words = [sys.executable, "-c", SAVER, str(path), str(kept), str(ASSETS / "wick.umbrite")]
        process = subprocess.Popen(words, stdout=subprocess.PIPE)
        assert process.stdout is not None
        assert process.stdout.readline() == b"ready\n"
        while not kept.exists():
            time.sleep(0.002)
        time.sleep(chance.uniform(0, 0.12))
        process.send_signal(signal.SIGKILL)
        process.wait()
        process.stdout.close()
        for each in (path, kept):
            try:
                found = load(each)
            except FileError:
                found = load(backup_of(each))
            assert found.puppet.name.startswith("State ")
            assert replace(found.puppet, name="") == expected
            assert found.art == small.art
        (left,) = left_behind(folder)
        assert left.package().puppet.name.startswith("State ")
