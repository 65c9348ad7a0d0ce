"""The file that is open: where it is kept, and the art that goes with the puppet."""

from collections.abc import Callable, Mapping
from pathlib import Path

from umbrite.files.package import Package
from umbrite.paint.levels import Pictures
from umbrite.rig.document import Document


class OpenFile:
    """See the module. `now` gives the last settled document; `saved` is called when the file holds it."""

    def __init__(self, now: Callable[[], Document], saved: Callable[[], None]) -> None:
        self._now, self._saved = now, saved
        self._art: dict[str, bytes] = {}
        self._path: Path | None = None
        self.pictures = Pictures(lambda: self._art)

    @property
    def path(self) -> Path | None:
        """Where it was opened from or saved last; None for what was never saved."""
        return self._path

    @property
    def art(self) -> Mapping[str, bytes]:
        return self._art

    def take(self, art: Mapping[str, bytes], path: Path | None) -> None:
        """Another puppet is open."""
        self._art, self._path = dict(art), path
        self.pictures = Pictures(lambda: self._art)

    def add_art(self, art: Mapping[str, bytes]) -> None:
        """More drawings; they stay even if their parts are undone, so that redo finds them."""
        self._art.update(art)

    def package(self) -> Package:
        """What would be saved now: the last settled document, and the art."""
        return Package(self._now(), self._art)

    def saved_as(self, path: Path | None) -> None:
        """The document is kept there; None: it is as good as saved, and the first save asks where."""
        self._path = path
        self._saved()
