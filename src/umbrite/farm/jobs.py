"""Jobs: pieces given to a crew, results kept as they come, and handed out in order."""

from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from typing import NamedTuple

from umbrite.farm.kept_results import InMemory, KeptResults
from umbrite.farm.pieces import Piece
from umbrite.farm.workers import Workers, alone, cluster, processes
from umbrite.files.file_errors import FileError
from umbrite.rig.errors import UmbriteError, Watch, unwatched

CHUNK = 8  # frames in a piece: the same for any number of workers, so that what is kept fits


class Hands(NamedTuple):
    """Who works: so many processes, or the cluster of an address; whether to go on where an earlier run stopped; and where results go."""

    workers: int = 1
    address: str | None = None
    resume: bool = False
    into: str = ""

    @property
    def plain(self) -> bool:
        """Whether nobody asked for anything but this process."""
        return self._replace(into="") == Hands()

    def hired(self) -> Workers:
        """Those who work. Raises FileError where a cluster does not answer."""
        if self.address is not None:
            return cluster(self.address)
        return processes(self.workers) if self.workers > 1 else alone


class Finished(NamedTuple):
    """A job that is done: its pieces, and what went wrong with those that could not be done."""

    kept_results: KeptResults | InMemory
    pieces: Sequence[Piece]
    errors: dict[int, UmbriteError]

    def results(self) -> Iterator[bytes | UmbriteError]:
        """In the order of the pieces; those that failed as their errors."""
        for number, piece in enumerate(self.pieces):
            yield self.errors[number] if number in self.errors else self.kept_results.result(piece)


class StoppedError(UmbriteError):
    """Somebody stopped the work; what was done is kept."""


def _kept_results(pieces: Sequence[Piece], hands: Hands) -> KeptResults | InMemory:
    """Results on disk; in memory where there is only one, or where nothing can be written and nobody asked for it."""
    if hands.plain and len(pieces) == 1:
        return InMemory()
    try:
        return KeptResults(pieces, resume=hands.resume, into=hands.into)
    except FileError:
        if hands.plain:
            return InMemory()
        raise


@contextmanager
def work_done(pieces: Sequence[Piece], hands: Hands, watch: Watch = unwatched) -> Iterator[Finished]:
    """Have pieces done; their results are there until the block is left. Raises FileError, and StoppedError on Ctrl+C.

    Where the work is stopped or ends suddenly, what was done stays kept for a run that resumes it.
    """
    workers = hands.hired()
    kept_results = _kept_results(pieces, hands)
    errors: dict[int, UmbriteError] = {}
    left = [(number, piece) for number, piece in enumerate(pieces) if not kept_results.has(piece)]
    ready = len(pieces) - len(left)
    whole = False
    try:
        if left:
            watch(ready, len(pieces), left[0][1].source.name)
        for number, result in alone(left, watch) if hands.plain and len(pieces) == 1 else workers(left):
            if isinstance(result, UmbriteError):
                errors[number] = result
            else:
                kept_results.keep(pieces[number], result)
            ready += 1
            if ready < len(pieces):
                watch(ready, len(pieces), pieces[number].source.name)
        yield Finished(kept_results, pieces, errors)
        whole = True
    except KeyboardInterrupt:
        raise StoppedError(
            f"Stopped: {ready} of {len(pieces)} pieces are done and saved. Run it again with --resume to continue."
        ) from None
    finally:
        kept_results.close(finished=whole)
