"""The file that is open: where it is kept, and the art that goes with the puppet."""

from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from umbrite.files.atomic import Stamp
from umbrite.files.package import Package
from umbrite.paint.levels import Pictures
from umbrite.rig.document import Document

TOGETHER = 80  # milliseconds in which what arrives is told at once


class Arrivals(QObject):
    """Tells when large drawings have been unpacked, in the thread of the window and not for each one alone."""

    came = Signal()
    _one = Signal()

    def __init__(self) -> None:
        super().__init__()
        self._soon = QTimer(self)
        self._soon.setSingleShot(True)
        self._soon.setInterval(TOGETHER)
        self._soon.timeout.connect(self.came)
        self._one.connect(self._on_one)

    def _on_one(self) -> None:
        if not self._soon.isActive():
            self._soon.start()

    def tell(self) -> None:
        """Called by any thread."""
        self._one.emit()


class OpenFile:
    """See the module. `now` gives the last settled document; `saved` is called when the file holds it."""

    def __init__(self, now: Callable[[], Document], saved: Callable[[Document | None], None]) -> None:
        self._now, self._saved = now, saved
        self._art: dict[str, bytes] = {}
        self._path: Path | None = None
        self.stamp: Stamp | None = None  # of the file as it was read or written last
        self.own_plans: Path | None = None  # the folder of a person's own body plans
        self.arrivals = Arrivals()
        self.pictures = Pictures(lambda: self._art, self.arrivals.tell)

    @property
    def path(self) -> Path | None:
        """Where it was opened from or saved last; None for what was never saved."""
        return self._path

    @property
    def art(self) -> Mapping[str, bytes]:
        return self._art

    def take(self, art: Mapping[str, bytes], path: Path | None) -> None:
        """Another puppet is open."""
        self._art, self._path, self.stamp = dict(art), path, None
        self.pictures = self.pictures.carried_over()

    def add_art(self, art: Mapping[str, bytes]) -> None:
        """More drawings; they stay even if their parts are undone, so that redo finds them."""
        self._art.update(art)

    def package(self) -> Package:
        """What would be saved now: the last settled document, and the art."""
        return Package(self._now(), self._art)

    def saved_as(self, path: Path | None, document: Document | None = None) -> None:
        """A document is kept there, the present one if none is given; path None: it is as good as saved, and the first save asks where."""
        self._path = path
        self._saved(document)
