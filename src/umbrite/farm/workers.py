"""Who does pieces of work: this process, several processes (Pebble), or a cluster (Dask, where it is installed).

Each gives results as they come, with the number of the piece. A worker that dies costs the piece it was at, which is done again by
another; a piece at which three have died is refused.
"""

import concurrent.futures
import multiprocessing
import os
import signal
import socket
import threading
import time
from collections import Counter
from collections.abc import Callable, Iterator, Sequence
from concurrent.futures.process import BrokenProcessPool
from contextlib import suppress
from pathlib import Path
from typing import Any

from umbrite.farm.pieces import Piece, done
from umbrite.farm.sources import bytes_of
from umbrite.files.file_errors import FileError
from umbrite.rig.errors import UmbriteError, Watch, unwatched

Result = tuple[int, bytes | UmbriteError]
Workers = Callable[[Sequence[tuple[int, Piece]]], Iterator[Result]]
TRIES = 3
AHEAD = 4  # pieces for each worker of a cluster that are sent before others are done
LOOK = 1.0  # seconds between looks whether processes are still there
PATIENCE = 10  # seconds in which a scheduler must answer, or a pool that was stopped end
MOST_FRAMES = 1_000  # of a scheduler's greeting
STUCK = 20.0  # seconds without a result, after a process has died, after which another pool begins


def alone(pieces: Sequence[tuple[int, Piece]], watch: Watch = unwatched) -> Iterator[Result]:
    """One after the other, here."""
    for number, piece in pieces:
        try:
            yield number, done(piece, watch=watch)
        except UmbriteError as error:
            yield number, error


def processes(count: int) -> Workers:
    """So many processes on this machine."""

    def work(pieces: Sequence[tuple[int, Piece]]) -> Iterator[Result]:
        left = {number: Sent(piece) for number, piece in pieces}
        while left:
            yield from _in_a_pool(count, left)
            for number in [n for n, sent in left.items() if sent.tries >= TRIES]:
                yield number, _lost(left.pop(number).piece)

    return work


class Sent:
    """A piece and how often it was sent to a worker."""

    def __init__(self, piece: Piece) -> None:
        self.piece, self.tries = piece, 0


class _Pool:
    """One pool of processes, and which piece each of its futures is for."""

    def __init__(self, count: int) -> None:
        from pebble import ProcessPool

        context = multiprocessing.get_context("spawn")
        self._pool: Any = ProcessPool(max_workers=count, context=context, initializer=_ready)
        self._waiting: dict[Any, int] = {}

    def send(self, number: int, sent: Sent) -> None:
        sent.tries += 1
        with suppress(RuntimeError):  # the pool has just ended
            self._waiting[self._pool.schedule(done, args=[sent.piece])] = number

    def ended(self) -> Iterator[tuple[int, Any]]:
        """Futures that have ended, as they do. Of a pool that ended before it took a piece up, nothing more is heard, nor of one in which
        a process died while it held what the others wait for.
        """
        seen: set[int | None] = set()
        heard = time.monotonic()
        while self._waiting:
            first = concurrent.futures.FIRST_COMPLETED
            over, _ = concurrent.futures.wait(self._waiting, timeout=LOOK, return_when=first)
            there = {each.pid for each in multiprocessing.active_children()}
            seen |= there
            heard = time.monotonic() if over else heard
            lost = not self._pool.active or (seen != there and time.monotonic() - heard > STUCK)
            for future in over or (tuple(self._waiting) if lost else ()):
                yield self._waiting.pop(future), future

    def stop(self) -> None:
        self._pool.stop()
        with suppress(TimeoutError):
            self._pool.join(timeout=PATIENCE)


def _in_a_pool(count: int, left: dict[int, Sent]) -> Iterator[Result]:
    """Have pieces done by one pool of processes; what is done goes out of `left`. Ends early where no process of it could even begin."""
    from pebble import ProcessExpired

    pool = _Pool(max(1, min(count, len(left))))
    try:
        for number, sent in left.items():
            pool.send(number, sent)
        for number, future in pool.ended():
            try:
                result = future.result(timeout=0)
            except UmbriteError as error:
                result = error
            except ProcessExpired:
                if left[number].tries < TRIES:
                    pool.send(number, left[number])
                continue
            except (BrokenProcessPool, TimeoutError):
                continue  # the next pool has it done
            del left[number]
            yield number, result
    finally:
        pool.stop()


def cluster(address: str) -> Workers:
    """The workers of a Dask scheduler. Raises FileError where none answers."""
    try:
        import distributed
    except ModuleNotFoundError:
        raise FileError("Clusters need Dask, which is not installed. Install umbrite[farm].") from None
    try:
        client: Any = _client(distributed, address)
    except (OSError, ValueError, TypeError):
        raise FileError(
            f"No Dask scheduler answers at {address}. Start one with dask scheduler, and give its address."
        ) from None

    def work(pieces: Sequence[tuple[int, Piece]]) -> Iterator[Result]:
        try:
            yield from _on_cluster(distributed, client, pieces)
        finally:
            client.close()

    return work


def _client(distributed: Any, address: str) -> Any:
    """A client of a scheduler. Raises OSError where none answers in time: Dask itself would try for minutes."""
    _knock(address)
    found: list[Any] = []

    def connect() -> None:
        with suppress(OSError, ValueError, TypeError):  # what comes of it is told below
            found.append(distributed.Client(address, timeout=PATIENCE, set_as_default=False))

    trying = threading.Thread(target=connect, daemon=True)
    trying.start()
    trying.join(PATIENCE)
    if not found:
        raise TimeoutError
    return found[0]


def _knock(address: str) -> None:
    """See whether what is at an address speaks first, with a number of frames, as a scheduler does. Raises OSError where it does not in time."""
    kind, _, place = address.rpartition("://")
    host, _, port = place.rpartition(":")
    if kind not in {"", "tcp"} or not port.isdecimal():
        return  # Dask knows other kinds of address
    with socket.create_connection((host.strip("[]") or "127.0.0.1", int(port)), timeout=PATIENCE / 2) as line:
        said = line.recv(8, socket.MSG_WAITALL)
    if len(said) < 8 or int.from_bytes(said, "little") > MOST_FRAMES:
        raise ConnectionError


def _on_cluster(distributed: Any, client: Any, pieces: Sequence[tuple[int, Piece]]) -> Iterator[Result]:
    """Send some pieces ahead, and one more for each that is done. What several pieces are about is sent to every worker once."""
    counted = Counter(piece.source.sha256 for _, piece in pieces)
    spread: dict[str, Any] = {}
    tries = dict.fromkeys((number for number, _ in pieces), 0)
    left = list(reversed(pieces))
    waiting: dict[Any, tuple[int, Piece]] = {}
    running = distributed.as_completed(loop=client.loop)

    def send(number: int, piece: Piece) -> None:
        tries[number] += 1
        about = piece.source.sha256
        data = spread.get(about) if tries[number] == 1 else None  # what was spread may have gone with a worker
        if data is None:
            data = bytes_of(Path(piece.source.path))
            if counted[about] > 1 and about not in spread:
                data = spread[about] = client.scatter(data, broadcast=True, hash=False)
        future = client.submit(_done_there, piece, data, pure=False, retries=0)
        waiting[future.key] = (number, piece)
        running.add(future)

    while len(waiting) < AHEAD * max(1, len(client.nthreads())) and left:
        send(*left.pop())
    for future in running:
        number, piece = waiting.pop(future.key)
        error = future.exception() if future.status == "error" else None
        if future.status == "finished":
            yield number, future.result()
        elif isinstance(error, UmbriteError):
            yield number, error
        elif tries[number] < TRIES and _is_loss(error):
            send(number, piece)
        elif _is_loss(error):
            yield number, _lost(piece)
        else:
            raise error if error is not None else RuntimeError(f"piece {number} came back {future.status}")
        if left:
            send(*left.pop())


def _done_there(piece: Piece, data: bytes) -> bytes:
    """Do a piece on a worker of a cluster, one at a time: its threads would only be in each other's way."""
    with _ONE:
        os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
        return done(piece, data)


_ONE = threading.Lock()


def _is_loss(error: BaseException | None) -> bool:
    """Whether a piece came to nothing because a worker did, and not because of what it was about."""
    return error is None or type(error).__name__ in {"KilledWorker", "CancelledError", "FutureCancelledError"}


def _lost(piece: Piece) -> FileError:
    return FileError(
        f"{piece.source.name} ended its worker {TRIES} times. Its memory may be too small; give fewer workers."
    )


def _ready() -> None:
    """Make a worker ready: it has no screen, and the other processors are others'."""
    signal.signal(signal.SIGINT, signal.SIG_IGN)  # who is stopped tells the workers
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    os.environ.setdefault("OPENCV_FOR_THREADS_NUM", "1")
