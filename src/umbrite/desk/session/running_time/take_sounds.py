"""The samples of sounds under takes: read once, beside the window, and kept while there is room."""

from collections.abc import Callable, Mapping
from concurrent.futures import ThreadPoolExecutor
from functools import partial

from PySide6.QtCore import QObject, Signal

from umbrite.files.file_errors import FileError
from umbrite.files.sandbox.sound_reading import samples_of
from umbrite.rig.errors import RigError
from umbrite.rig.remembered import bounded
from umbrite.rig.takes.take import Sound
from umbrite.sound.samples import Samples
from umbrite.sound.waveform import Wave, wave_of

ROOM = 400_000_000  # bytes
WAVE = 1.1  # of the bytes of a sound with its wave


class TakeSounds(QObject):
    """See the module. `came` tells that a sound has been read, or can't be."""

    came = Signal()
    _read = Signal(str, object)

    def __init__(self, art: Callable[[], Mapping[str, bytes]], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._art = art
        self._known = bounded(ROOM, size=lambda each: round(each[0].values.nbytes * WAVE))
        self._waiting: set[str] = set()
        self.faults: dict[str, str] = {}
        self.found = bounded(32, size=lambda _: 1)  # what was heard in sounds, by what was asked
        self._pool: ThreadPoolExecutor | None = None
        self._read.connect(self._on_read)

    def take_in(self, sound: Sound, samples: Samples) -> None:
        """A sound whose samples are known already."""
        self._known[sound.sha256] = (samples, wave_of(samples))

    def samples(self, sound: Sound | None) -> Samples | None:
        """The samples of a sound; None while they are read, which begins now, and where there are none."""
        found = self._find(sound)
        return None if found is None else found[0]

    def wave(self, sound: Sound | None) -> Wave | None:
        """The wave of a sound, in the same way."""
        found = self._find(sound)
        return None if found is None else found[1]

    def now(self, sound: Sound) -> Samples:
        """The samples of a sound, read here where they are not known. Raises RigError where they can't be."""
        found = self._known.get(sound.sha256)
        if found is None:
            try:
                self.take_in(sound, samples_of(self._art()[sound.sha256], sound.name))
            except FileError as error:
                raise RigError(str(error)) from None
            found = self._known[sound.sha256]
        samples: Samples = found[0]
        return samples

    def _find(self, sound: Sound | None) -> tuple[Samples, Wave] | None:
        if sound is None:
            return None
        found = self._known.get(sound.sha256)
        data = self._art().get(sound.sha256)
        if found is None and data is not None and sound.sha256 not in self._waiting | self.faults.keys():
            self._waiting.add(sound.sha256)
            self._pool = self._pool or ThreadPoolExecutor(1, thread_name_prefix="sounds")
            self._pool.submit(partial(self._work, sound, data))
        return found

    def _work(self, sound: Sound, data: bytes) -> None:
        try:
            samples = samples_of(data, sound.name)
            self._read.emit(sound.sha256, (samples, wave_of(samples)))
        except FileError as error:
            self._read.emit(sound.sha256, str(error))

    def _on_read(self, sha256: str, found: tuple[Samples, Wave] | str) -> None:
        self._waiting.discard(sha256)
        if isinstance(found, str):
            self.faults[sha256] = found
        else:
            self._known[sha256] = found
        self.came.emit()

    def stop(self) -> None:
        """The window is closed."""
        if self._pool is not None:
            self._pool.shutdown(wait=True, cancel_futures=True)
            self._pool = None
