"""Nothing is lost: recovery files of processes that are gone are found, and a kill at any moment leaves a whole, saved state."""

import os
import random
import signal
import stat
import subprocess
import sys
import time
from pathlib import Path

import pytest
from msgspec.structs import replace

from demo_puppet import ASSETS
from umbrite.files.atomic import sweep
from umbrite.files.file_errors import FileError
from umbrite.files.package import load
from umbrite.files.recovery import keep, kept_elsewhere, left_behind, new_hold

KILLS = int(os.environ.get("UMBRITE_KILLS", "6"))

# Every run has the process number that the first one had: its own is taken for it, as where each has a space of its own.
SAVER = """
import itertools, os, sys
from pathlib import Path
from msgspec.structs import replace
from umbrite.files.package import load, save
from umbrite.files import recovery
os.getpid = lambda: 7
folder, kept = Path(sys.argv[1]), Path(sys.argv[2])
package = load(Path(sys.argv[3]))
hold = recovery.new_hold(kept)
print("ready", flush=True)
for number in itertools.count():
    state = package.having(puppet=replace(package.puppet, name=f"State {number}"))
    save(folder / "puppet.umbrite", state)
    recovery.keep(hold, state, folder / "puppet.umbrite", float(number))
"""
# Takes up what the one before left, keeps that a few times anew, and is killed in the middle of it.
RECOVERER = """
import os, sys
from pathlib import Path
from umbrite.files import recovery
os.getpid = lambda: 7
found = recovery.left_behind(Path(sys.argv[1]))
print(len(found), flush=True)
while True:
    recovery.keep(found[0].hold, found[0].package(), None, 1.0)
"""


def names_in(folder):
    return sorted(path.name for path in folder.iterdir())


def let_go(found):
    for left in found:
        left.hold.let_go()


def test_work_of_a_running_process_is_its_own_and_work_of_a_gone_one_is_left_behind(tmp_path):
    package = load(ASSETS / "wick.umbrite")
    own = new_hold(tmp_path)
    keep(own, package, Path("/somewhere/wick.umbrite"), 5.0)
    assert left_behind(tmp_path) == []  # it is held, by this very process
    own.let_go()  # as the system does when the process dies
    (left,) = left_behind(tmp_path)
    assert left_behind(tmp_path) == []  # who asks first is the only one who is offered it
    assert left.package() == package
    assert (left.beside.of, left.beside.name, left.beside.written) == ("/somewhere/wick.umbrite", "Wick", 5.0)
    left.hold.give_up()
    assert names_in(tmp_path) == []
    left.hold.give_up()  # twice does no harm


def test_what_earlier_versions_kept_is_found_where_its_process_is_gone(tmp_path):
    own = new_hold(tmp_path)
    keep(own, load(ASSETS / "wick.umbrite"), None, 5.0)
    own.let_go()
    own.path.with_suffix(".lock").unlink()  # they locked nothing
    assert left_behind(tmp_path) == []  # the words beside it name this process, which runs
    words = own.path.with_suffix(".json")
    words.write_text(words.read_text().replace(f'"process":{os.getpid()}', '"process":999999998'))
    (left,) = left_behind(tmp_path)
    assert left.beside.name == "Wick"
    left.hold.let_go()


def test_looking_whether_another_window_keeps_work_leaves_it_as_it_was(tmp_path):
    file, hold = tmp_path / "wick.umbrite", new_hold(tmp_path / "kept")
    keep(hold, load(ASSETS / "tea-cart.umbrite"), file, 1.0)
    assert kept_elsewhere(tmp_path / "kept", file)
    assert not kept_elsewhere(tmp_path / "kept", file, but=hold.path)
    assert not kept_elsewhere(tmp_path / "kept", tmp_path / "other.umbrite")
    hold.let_go()
    assert not kept_elsewhere(tmp_path / "kept", file)
    hold.path.with_suffix(".lock").unlink()  # as earlier versions left it, and this process runs
    assert kept_elsewhere(tmp_path / "kept", file)
    assert not hold.path.with_suffix(".lock").exists()


def test_a_recovery_file_without_words_is_found_too_and_a_broken_one_says_so(tmp_path):
    (tmp_path / "999999999-1.recovery").write_bytes(b"half a file")
    (tmp_path / "dangling.recovery").symlink_to(tmp_path / "nowhere")
    found = left_behind(tmp_path)
    assert {left.hold.path.name for left in found} == {"999999999-1.recovery"}
    with pytest.raises(FileError):
        found[0].package()
    let_go(found)


def test_what_was_kept_last_is_offered_first_even_if_the_clock_went_back(tmp_path):
    package = load(ASSETS / "wick.umbrite")
    for name, at in (("first", 2e9), ("second", 1e9), ("third", 1.5e9)):
        hold = new_hold(tmp_path)
        keep(hold, package.having(puppet=replace(package.puppet, name=name)), None, at)
        hold.let_go()
    assert [left.beside.name for left in left_behind(tmp_path)] == ["third", "second", "first"]


def test_a_folder_that_cannot_be_made_is_refused_with_a_sentence(tmp_path):
    (tmp_path / "file").write_text("in the way")
    with pytest.raises(FileError, match="Save soon"):
        new_hold(tmp_path / "file" / "below")


def test_work_on_a_file_with_a_name_that_is_no_text_is_kept(tmp_path):
    own = new_hold(tmp_path)
    keep(own, load(ASSETS / "wick.umbrite"), Path(os.fsdecode(b"/tmp/caf\xe9.umbrite")), 1.0)
    own.let_go()
    (left,) = left_behind(tmp_path)
    assert left.beside.of is None
    left.hold.let_go()


def killed(words, chance, wait):
    """Start a process, kill it at some moment after its first line; that line."""
    process = subprocess.Popen([sys.executable, "-c", *words], stdout=subprocess.PIPE)
    assert process.stdout is not None
    first = process.stdout.readline()
    time.sleep(chance.uniform(0, wait))
    process.send_signal(signal.SIGKILL)
    process.wait()
    process.stdout.close()
    return first


def test_kills_at_any_moment_leave_a_saved_state_every_time(tmp_path):
    """Killed while it saves, autosaves and recovers, with one process number; run with UMBRITE_KILLS=100 for the long form."""
    chance = random.Random(3)
    small = load(ASSETS / "wick.umbrite")
    expected = replace(small.puppet, name="")
    folder, kept = tmp_path / "work", tmp_path / "recovery"
    folder.mkdir()
    path = folder / "puppet.umbrite"
    held = 0
    for _ in range(KILLS):
        assert killed([SAVER, str(folder), str(kept), str(ASSETS / "wick.umbrite")], chance, 0.15) == b"ready\n"
        found = left_behind(kept)
        assert len(found) <= 1
        if found:
            held += 1
            states = [left.package() for left in found]
            let_go(found)
            # Killed again while it takes up what was left: it is offered once more.
            assert killed([RECOVERER, str(kept)], chance, 0.1) == b"1\n"
            (again,) = left_behind(kept)
            states.append(again.package())
            again.hold.give_up()
        else:
            states = []
        if path.exists():
            states.append(load(path))
        for state in states:
            assert state.puppet.name.startswith("State ")
            assert replace(state.puppet, name="") == expected
            assert state.art == small.art
        assert names_in(kept) == []
    assert held >= max(1, KILLS // 10)  # on a busy machine many are killed before they have kept anything
    sweep(folder)
    assert [name for name in names_in(folder) if name.endswith(".saving")] == []


def test_what_is_kept_is_for_its_owner_alone(tmp_path):
    (tmp_path / "kept").mkdir(mode=0o755)
    hold = new_hold(tmp_path / "kept")
    for _ in range(2):
        keep(hold, load(ASSETS / "wick.umbrite"), None, 1.0)
    assert stat.S_IMODE((tmp_path / "kept").stat().st_mode) == 0o700
    modes = {path.suffix: stat.S_IMODE(path.stat().st_mode) for path in (tmp_path / "kept").iterdir()}
    assert modes == {".recovery": 0o600, ".json": 0o600, ".lock": 0o600}
    hold.give_up()
