"""Work in pieces: equal to the byte whoever does it, with real processes that are killed and work that is stopped half way."""

import itertools
import os
import pickle
import signal
import socket
import subprocess
import sys
import threading
import time
from concurrent.futures import Future
from contextlib import contextmanager
from pathlib import Path
from types import SimpleNamespace

import pebble
import pytest

from demo_puppet import ASSETS
from umbrite.cli import main
from umbrite.farm import workers
from umbrite.farm.jobs import Hands, work_done
from umbrite.farm.kept_results import KeptResults
from umbrite.farm.pieces import Piece, done
from umbrite.farm.sources import source_of
from umbrite.files.file_errors import FileError

WICK, TANSY = ASSETS / "wick.umbrite", ASSETS / "tansy.umbrite"
RENDER = ["render", str(TANSY), "--take", "Deliver", "--scale", "0.25"]
PATIENCE = 120
signal.signal(signal.SIGINT, signal.default_int_handler)  # what runs in the background is born deaf to it


@pytest.fixture(autouse=True)
def cache(tmp_path, monkeypatch):
    """Results are kept in a folder of the test's own."""
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "cache"))
    return tmp_path / "cache" / "umbrite" / "farm"


def files_in(folder):
    return {path.name: path.read_bytes() for path in sorted(folder.iterdir())}


def started(*words):
    return subprocess.Popen(
        [sys.executable, "-m", "umbrite", *words], stdout=subprocess.PIPE, stderr=subprocess.PIPE, text=True
    )


def wait_for_a_piece(cache):
    """Until the first result is kept."""
    end = time.monotonic() + PATIENCE
    while not list(cache.glob("*/*.done")):
        assert time.monotonic() < end, "no piece was done"
        time.sleep(0.02)


def children(of):
    """The processes that a process has started which are workers."""
    found = []
    for stat in Path("/proc").glob("[0-9]*/stat"):
        try:
            parent = int(stat.read_text().rsplit(")", 1)[1].split()[1])
            words = (stat.parent / "cmdline").read_bytes()
        except (OSError, ValueError):
            continue
        if parent == of and b"spawn_main" in words:
            found.append(int(stat.parent.name))
    return found


@pytest.fixture(scope="module")
def by_one(tmp_path_factory):
    """What one process makes of a take."""
    out = tmp_path_factory.mktemp("one") / "frames"
    assert main([*RENDER, str(out), "--quiet"]) == 0
    return out


def test_two_processes_make_what_one_does_though_one_of_them_is_killed(tmp_path, cache, by_one):
    run = started(*RENDER, str(tmp_path / "two"), "--workers", "2")
    wait_for_a_piece(cache)
    os.kill(children(run.pid)[0], signal.SIGKILL)
    out, err = run.communicate(timeout=PATIENCE)
    assert (run.returncode, err) == (0, "")
    assert "85 frames of Deliver" in out
    assert files_in(tmp_path / "two") == files_in(by_one)
    assert not list(cache.iterdir()), "nothing is left behind"


@pytest.mark.parametrize(
    "ending", ["webm", *(pytest.param(each, marks=pytest.mark.long) for each in ("gif", "mp4", "apng", "webp"))]
)
def test_a_film_is_the_same_to_the_byte(ending, tmp_path):
    words = ["render", str(WICK), "--take", "Walk", "--frames", "0..9", "--scale", "0.15", "--quiet"]
    for hands in ("1", "2"):
        assert main([*words, str(tmp_path / f"{hands}.{ending}"), "--workers", hands]) == 0
    assert (tmp_path / f"1.{ending}").read_bytes() == (tmp_path / f"2.{ending}").read_bytes()


def test_what_is_told_to_end_leaves_no_process_and_no_folder(tmp_path, cache, monkeypatch):
    (tmp_path / "tmp").mkdir()
    monkeypatch.setenv("TMPDIR", str(tmp_path / "tmp"))
    run = started(*RENDER, str(tmp_path / "out"), "--workers", "2")
    wait_for_a_piece(cache)
    workers = children(run.pid)
    assert workers
    run.terminate()
    _, err = run.communicate(timeout=PATIENCE)
    assert run.returncode == 143
    assert err.count("\n") == 1
    assert not [pid for pid in workers if Path(f"/proc/{pid}").exists()]
    assert list((tmp_path / "tmp").iterdir()) == []
    assert not (tmp_path / "out").exists()


@pytest.mark.parametrize("command", ["limits", "joints", "atlas", "transfer"])
def test_ctrl_c_ends_any_command_with_one_line(command, tmp_path):
    out = {"atlas": ["a.png", "a.json"], "transfer": [str(WICK.with_name("clover.ora")), "b.umbrite"]}.get(command, [])
    words = [command, str(WICK), *(each if "/" in each else str(tmp_path / each) for each in out)]
    run = started(*words)
    while run.poll() is None and b"cv2" not in Path(f"/proc/{run.pid}/maps").read_bytes():
        time.sleep(0.01)  # at work
    time.sleep(0.1)
    run.send_signal(signal.SIGINT)
    _, err = run.communicate(timeout=PATIENCE)
    assert (run.returncode, err.count("\n")) == (130, 1)
    assert list(tmp_path.iterdir()) == []


def test_stopped_work_goes_on_where_it_stopped(tmp_path, cache, by_one):
    run = started(*RENDER, str(tmp_path / "out"), "--workers", "2")
    wait_for_a_piece(cache)
    run.send_signal(signal.SIGINT)
    _, err = run.communicate(timeout=PATIENCE)
    assert run.returncode == 130
    assert "pieces are done and saved. Run it again with --resume to continue." in err
    assert not (tmp_path / "out").exists()
    kept = list(cache.glob("*/*.done"))
    assert kept
    marked = kept[0].read_bytes().replace(b"IEND\xaeB`\x82", b"IEND\xaeB`\x82", 1)
    assert marked == kept[0].read_bytes()
    before = {path.name: path.stat().st_mtime_ns for path in kept}
    done_again = []
    keep = KeptResults.keep

    def noted(self, piece, data):
        done_again.append(f"{piece.key}.done")
        keep(self, piece, data)

    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(KeptResults, "keep", noted)
        assert main([*RENDER, str(tmp_path / "out"), "--resume", "--quiet"]) == 0
    assert len(done_again) == 11 - len(before)
    assert before.keys().isdisjoint(done_again)
    assert files_in(tmp_path / "out") == files_in(by_one)


def test_without_resume_it_begins_anew(cache):
    piece = Piece("check", source_of(WICK), {})
    kept_results = KeptResults([piece], resume=False)
    kept_results.keep(piece, b"stale")
    with pytest.raises(FileError, match="being done by another run"):
        KeptResults([piece], resume=True)
    elsewhere = KeptResults([piece], resume=True, into="/another/folder")
    assert not elsewhere.has(piece)
    elsewhere.close(finished=True)
    kept_results.close(finished=False)
    again = KeptResults([piece], resume=True)
    assert again.result(piece) == b"stale"
    again.close(finished=True)
    with work_done([piece, piece], Hands()) as finished:
        assert next(finished.results()) == b"[]"
    assert not list(cache.iterdir())


@pytest.mark.parametrize("left", [b"", b"cut", pickle.dumps(["a", "pickle"]), bytes(32) + b"[]"])
def test_what_is_kept_but_not_whole_is_done_again(cache, left):
    piece = Piece("check", source_of(WICK), {})
    kept_results = KeptResults([piece], resume=False)
    (kept_results.folder / f"{piece.key}.done").write_bytes(left)
    kept_results.close(finished=False)
    with work_done([piece], Hands(workers=1, resume=True)) as finished:
        assert [*finished.results()] == [b"[]"]
    assert not list(cache.iterdir())


@pytest.mark.parametrize("says", [b"", b"HTTP/1.1 400 Bad Request\r\n\r\n"])
def test_what_is_no_scheduler_or_says_nothing_is_given_up_soon(monkeypatch, says):
    pytest.importorskip("distributed")
    monkeypatch.setattr(workers, "PATIENCE", 1)
    with socket.create_server(("127.0.0.1", 0)) as silent:
        lines = []
        threading.Thread(target=lambda: (lines.append(silent.accept()[0]), lines[0].sendall(says)), daemon=True).start()
        with pytest.raises(FileError, match="No Dask scheduler answers"):
            workers.cluster(f"tcp://127.0.0.1:{silent.getsockname()[1]}")
        lines[0].close()


def test_a_piece_at_which_three_workers_die_is_refused():
    stop = threading.Event()

    def kill():
        while not stop.is_set():
            for pid in children(os.getpid()):
                os.kill(pid, signal.SIGKILL)
            time.sleep(0.01)

    killer = threading.Thread(target=kill)
    killer.start()
    try:
        results = list(workers.processes(2)([(0, Piece("check", source_of(WICK), {}))]))
    finally:
        stop.set()
        killer.join()
    assert len(results) == 1
    assert "wick.umbrite ended its worker 3 times" in str(results[0][1])


def test_pieces_that_a_broken_pool_never_took_up_are_done_by_the_next(monkeypatch):
    class Silent:
        """A pool that has ended, of whose pieces nothing is ever heard."""

        active = False

        def schedule(self, *_, **__):
            return Future()

        def stop(self): ...
        def join(self, timeout=None): ...

    real, made = pebble.ProcessPool, list[object]()

    def pool(**how):
        if len(made) == 2:  # a real one needs a moment
            monkeypatch.setattr(workers, "STUCK", 20.0)
        made.append(Silent() if len(made) < 2 else real(**how))
        return made[-1]

    monkeypatch.setattr(pebble, "ProcessPool", pool)
    pieces = [(number, Piece("check", source_of(WICK), {})) for number in (0, 1)]
    assert sorted(workers.processes(2)(pieces)) == [(0, b"[]"), (1, b"[]")]
    made[:] = []
    # A process that died while it held what the others wait for: the pool goes on, and nothing comes of it.
    monkeypatch.setattr(Silent, "active", True)
    monkeypatch.setattr(workers, "LOOK", 0.02)
    monkeypatch.setattr(workers, "STUCK", 0.1)
    there = itertools.cycle([1, 2])
    monkeypatch.setattr(workers.multiprocessing, "active_children", lambda: [SimpleNamespace(pid=next(there))])
    assert sorted(workers.processes(2)(pieces)) == [(0, b"[]"), (1, b"[]")]
    monkeypatch.setattr(Silent, "active", False)
    made[:] = []
    monkeypatch.setattr(pebble, "ProcessPool", lambda **_: Silent())
    refused = [str(error) for _, error in workers.processes(2)(pieces)]
    assert len(refused) == 2
    assert all("ended its worker 3 times" in text for text in refused)


def test_a_worker_of_another_version_refuses():
    piece = Piece("check", source_of(WICK), {}, version="0.0.1")
    with pytest.raises(FileError, match=r"0\.0\.1 asked for work"):
        done(piece)


def test_a_source_is_known_by_what_it_holds(tmp_path):
    (tmp_path / "elsewhere").mkdir()
    other = tmp_path / "elsewhere" / "wick.umbrite"
    other.write_bytes(WICK.read_bytes())
    assert Piece("check", source_of(other), {}).key == Piece("check", source_of(WICK), {}).key
    source = source_of(other)
    assert done(Piece("check", source._replace(path="/nowhere"), {}), WICK.read_bytes()) == b"[]"
    with pytest.raises(FileError, match="was changed while it was worked on"):
        done(Piece("check", source._replace(name="sent.umbrite"), {}), TANSY.read_bytes())
    other.write_bytes(TANSY.read_bytes())
    with pytest.raises(FileError, match="was changed while it was worked on"):
        done(Piece("check", source._replace(name="it.umbrite"), {}))


@contextmanager
def dask(workers):
    """A scheduler and its workers, as processes of their own."""
    with socket.socket() as free:
        free.bind(("127.0.0.1", 0))
        port = free.getsockname()[1]
    address = f"tcp://127.0.0.1:{port}"
    quiet = {"stdout": subprocess.DEVNULL, "stderr": subprocess.DEVNULL}
    words = [sys.executable, "-m", "distributed.cli.dask_scheduler", "--host", "127.0.0.1", "--port", str(port), "--no-dashboard"]  # fmt: skip
    scheduler = subprocess.Popen(words, **quiet)
    words = [sys.executable, "-m", "distributed.cli.dask_worker", address, "--nthreads", "1", "--no-nanny", "--no-dashboard"]  # fmt: skip
    crew_ = [subprocess.Popen(words, **quiet) for _ in range(workers)]
    try:
        import distributed

        with distributed.Client(address, timeout=60, set_as_default=False) as client:
            client.wait_for_workers(workers, timeout=60)
        yield address, crew_
    finally:
        for process in (*crew_, scheduler):
            process.kill()
            process.wait()


@pytest.mark.filterwarnings("ignore")
def test_a_cluster_makes_what_one_process_does_though_a_worker_is_killed(tmp_path, cache, by_one):
    with dask(2) as (address, workers):
        run = started(*RENDER, str(tmp_path / "frames"), "--cluster", address)
        wait_for_a_piece(cache)
        workers[0].kill()
        out, err = run.communicate(timeout=PATIENCE)
        assert run.returncode == 0, err
        assert "85 frames of Deliver" in out
        assert files_in(tmp_path / "frames") == files_in(by_one)
        run = started("check", str(ASSETS), "--cluster", address)
        out, err = run.communicate(timeout=PATIENCE)
        assert run.returncode == 0, err
        assert out.count("0 findings.") == 7 + len(list((ASSETS / "library").glob("*.umbrite")))


def test_no_scheduler_is_said_in_a_sentence(capsys, monkeypatch):
    monkeypatch.setattr(workers, "PATIENCE", 1)
    assert main(["check", str(WICK), "--cluster", "tcp://127.0.0.1:9"]) == 2
    assert "No Dask scheduler answers at tcp://127.0.0.1:9" in capsys.readouterr().err
    monkeypatch.setitem(sys.modules, "distributed", None)
    assert main(["check", str(WICK), "--cluster", "tcp://127.0.0.1:9"]) == 2
    assert "Install umbrite[farm]" in capsys.readouterr().err
