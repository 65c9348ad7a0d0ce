"""Drawings ready to paint: decoded when they are asked for, with smaller versions for when the board is zoomed out.

Large drawings are heavy, so of those only the versions that are painted are kept, whole ones within a budget. Whoever paints for a
person who looks on need not wait for them: they are unpacked in threads, and what is there already is painted meanwhile.
"""

import struct
import threading
import time
from collections import OrderedDict, deque
from collections.abc import Callable, Iterable, Mapping
from concurrent.futures import Future, ThreadPoolExecutor
from copy import copy
from typing import Generic, NamedTuple, TypeVar

import numpy as np
from cachetools import LRUCache
from numpy.typing import NDArray
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage, QPainter

from umbrite.art.pictures import Picture, solid_bits
from umbrite.files.file_errors import FileError
from umbrite.files.png import decode
from umbrite.rig.model import Puppet
from umbrite.rig.remembered import bounded

# Clear pixels around each version of a drawing, so that its turned edges are smooth.
MARGIN = 2
SMALLEST = 4
# Drawings with more pixels are large.
LARGE = 1_500_000
# Bytes of whole large drawings, and of their bare pixels, that are kept for the next time.
WHOLE, BARE = 200_000_000, 120_000_000
# Bytes of bits that tell where drawings have paper.
SOLID = 40_000_000
# Bytes of versions of other drawings from which on those go that nobody has painted lately.
SMALL = 60_000_000
THREADS, AHEAD = 2, 4
LATELY, JUST_NOW = 3.0, 0.5  # seconds
Item = TypeVar("Item")


class Level(NamedTuple):
    """One version of a drawing: its image, the factor from the drawing's pixels to it, and its clear margin."""

    image: QImage
    factor: float
    margin: int


class Pictures:
    """The drawings of a puppet by sha256. With `arrived`, which is called in another thread, nobody waits for large ones."""

    def __init__(self, art: Callable[[], Mapping[str, bytes]], arrived: Callable[[], None] | None = None) -> None:
        self._art, self._arrived = art, arrived
        self._lock = threading.RLock()
        self._levels: dict[str, dict[int, Level]] = {}
        self._weights: dict[str, int] = {}  # of all versions of a drawing but whole large ones, bytes
        self._held: set[str] = set()  # drawings that are on the board
        self._used: dict[str, float] = {}  # when versions were asked for last, the latest at the end
        self._whole = _Budget[Level](WHOLE)
        self._pixels = _Budget[Picture](BARE)
        self._looked_at: dict[str, float] = {}  # whole drawings: when they were asked for last
        self._solid: LRUCache[str, NDArray[np.uint8]] = bounded(SOLID)
        self._coming: dict[str, tuple[int, Future[Level]]] = {}  # one version of each at a time
        self._expected: deque[tuple[str, int]] = deque()
        self._pool: ThreadPoolExecutor | None = None

    def pixels(self, sha256: str) -> Picture:
        """The drawing's own RGBA pixels."""
        with self._lock:
            found = self._pixels.get(sha256)
        if found is None:
            found = decode(self._art()[sha256], "A drawing")
            with self._lock:
                self._pixels.put(sha256, found, found.nbytes)
        return found

    def solid(self, sha256: str) -> NDArray[np.uint8]:
        """Where the drawing has paper, as `solid_bits` tells it."""
        with self._lock:
            found = self._solid.get(sha256)
        return self._solid_of(sha256, self.pixels(sha256)) if found is None else found

    def _solid_of(self, sha256: str, pixels: Picture) -> NDArray[np.uint8]:
        bits = solid_bits(pixels)
        with self._lock:
            if bits.nbytes < SOLID // 2:
                self._solid[sha256] = bits
            return bits

    def of(self, puppet: Puppet) -> dict[str, Picture]:
        """The pixels of all drawings that a puppet shows, by sha256."""
        shown = (part.drawing.sha256 for part in puppet.parts.values())
        return {sha256: self.pixels(sha256) for sha256 in dict.fromkeys(shown)}

    def level(self, sha256: str, scale: float) -> Level | None:
        """The smallest version that still has a pixel for each pixel painted at `scale`.

        Where nobody waits, the best that is there of a large drawing, or None; the one that was asked for will arrive.
        """
        wanted = _wanted(scale)
        with self._lock:
            self._used.pop(sha256, None)
            self._used[sha256] = time.monotonic()
            if (found := self._known(sha256, wanted)) is not None:
                return found
            if self._arrived is not None and is_large(self._art()[sha256]):
                if wanted == 0 and not self._fits(sha256):
                    wanted = 1
                if (found := self._known(sha256, wanted)) is None:
                    self._begin(sha256, wanted)
                    found = self._nearest(sha256, wanted)
                return found
            level, coming = self._coming.get(sha256, (-1, None))
        made = self._make(sha256, wanted) if coming is None or level != wanted else coming.result()
        self._expect_more()
        return made

    def expect(self, drawings: Iterable[tuple[str, float]]) -> None:
        """These drawings will be asked for at these scales, one after the other: they are unpacked a few ahead."""
        with self._lock:
            asked = dict.fromkeys((sha256, _wanted(scale)) for sha256, scale in drawings)
            self._expected = deque(each for each in asked if self._known(*each) is None)
        if self._expected:
            self._expect_more()

    def hold(self, drawings: Iterable[str]) -> None:
        """These drawings are on the board now: whatever weighs too much, they stay."""
        with self._lock:
            self._held.clear()
            self._held.update(drawings)

    @property
    def arriving(self) -> bool:
        """Whether drawings are on their way, so that something else is seen meanwhile."""
        return bool(self._coming)

    def waiting(self) -> "Pictures":
        """The same drawings, with what is unpacked of them, for who waits for each."""
        other = copy(self)
        other._arrived, other._coming, other._expected, other._pool = None, {}, deque(), None
        return other

    def carried_over(self) -> "Pictures":
        """For another puppet: what is unpacked stays within the same budgets, since drawings are known by their content."""
        self.stop()
        other = copy(self)
        other._held, other._looked_at, other._coming, other._expected = set(), {}, {}, deque()
        return other

    def stop(self) -> None:
        """Nothing more will be asked for."""
        with self._lock:
            self._expected.clear()
            pool, self._pool = self._pool, None
        if pool is not None:
            pool.shutdown(wait=False, cancel_futures=True)

    def _known(self, sha256: str, wanted: int) -> Level | None:
        found = self._levels.get(sha256, {}).get(wanted)
        return self._whole.get(sha256) if found is None and wanted == 0 else found

    def _fits(self, sha256: str) -> bool:
        """Whether all whole drawings that are looked at now fit into the budget; they would push each other out for ever."""
        now, art = time.monotonic(), self._art()
        self._looked_at[sha256] = now
        lately = [key for key, when in self._looked_at.items() if now - when < LATELY and key in art]
        return 4 * sum(pixels_of(art[key]) for key in lately) <= WHOLE

    def _nearest(self, sha256: str, wanted: int) -> Level | None:
        known = self._levels.get(sha256, {})
        whole = self._whole.get(sha256)
        if not known:
            return whole
        return known[min(known, key=lambda level: abs(level - wanted))]

    def _expect_more(self) -> None:
        with self._lock:
            while self._expected and len(self._coming) < AHEAD:
                sha256, wanted = self._expected.popleft()
                if self._known(sha256, wanted) is None:
                    self._begin(sha256, wanted)

    def _begin(self, sha256: str, wanted: int) -> None:
        if sha256 not in self._coming:
            self._pool = self._pool or ThreadPoolExecutor(THREADS, "drawings")
            self._coming[sha256] = wanted, self._pool.submit(self._arrive, sha256, wanted)

    def _arrive(self, sha256: str, wanted: int) -> Level:
        try:
            return self._make(sha256, wanted)
        finally:
            with self._lock:
                self._coming.pop(sha256, None)
            if self._arrived is not None:
                self._arrived()

    def _make(self, sha256: str, wanted: int) -> Level:
        """A version from the next larger one that is there, or from the drawing itself."""
        with self._lock:
            known = dict(self._levels.get(sha256, {}))
            if (whole := self._whole.get(sha256)) is not None:
                known[0] = whole
        at = max((level for level in known if level <= wanted), default=-1)
        large = is_large(self._art()[sha256])
        made = {at: known[at]} if at >= 0 else {0: self._unpacked(sha256, large=large)}
        at = max(at, 0)
        while at < wanted:
            made[at + 1] = _halved(made[at])
            at += 1
        with self._lock:
            kept = self._levels.setdefault(sha256, {})
            if large and wanted == 0:
                self._whole.put(sha256, made[0], made[0].image.sizeInBytes())
            for level, picture in made.items():
                if (not large or level > 0) and level not in kept:
                    kept[level] = picture
                    self._weights[sha256] = self._weights.get(sha256, 0) + picture.image.sizeInBytes()
            self._let_go(sha256)
        return made[wanted]

    def _let_go(self, but: str) -> None:
        """Versions of drawings that were not painted lately, the longest unseen first, where all weigh too much."""
        over, now = sum(self._weights.values()) - SMALL, time.monotonic()
        if over <= 0:
            return
        kept = {but, *self._held}
        for sha256 in [key for key, when in self._used.items() if now - when > JUST_NOW and key not in kept]:
            over -= self._weights.pop(sha256, 0)
            self._levels.pop(sha256, None)
            del self._used[sha256]
            if over <= 0:
                return

    def _unpacked(self, sha256: str, *, large: bool) -> Level:
        try:
            pixels = decode(self._art()[sha256], "A drawing") if large else self.pixels(sha256)
        except FileError:
            if self._arrived is None:
                raise
            pixels = np.zeros((1, 1, 4), np.uint8)  # a damaged drawing shows nothing; an export reports it
        if large:
            self._solid_of(sha256, pixels)
        height, width = pixels.shape[:2]
        # Sizes that halve evenly keep smaller versions in their place.
        step = 2**SMALLEST
        wide, tall = (-(-size // step) * step for size in (width, height))
        source = QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGBA8888)
        return Level(_with_margin(source, wide, tall), 1.0, MARGIN)


class _Budget(Generic[Item]):
    """The latest few things, as long as they do not weigh more than a budget together. The last one stays whatever it weighs."""

    def __init__(self, most: int) -> None:
        self._most = most
        self._items: OrderedDict[str, tuple[Item, int]] = OrderedDict()

    def get(self, key: str) -> Item | None:
        if key not in self._items:
            return None
        self._items.move_to_end(key)
        return self._items[key][0]

    def put(self, key: str, item: Item, weight: int) -> None:
        self._items[key] = (item, weight)
        self._items.move_to_end(key)
        while len(self._items) > 1 and sum(weight for _, weight in self._items.values()) > self._most:
            self._items.popitem(last=False)


def pixels_of(data: bytes) -> int:
    """How many pixels a PNG says that it has."""
    if len(data) < 24:
        return 0
    width, height = struct.unpack_from(">LL", data, 16)
    return int(width * height)


def is_large(data: bytes) -> bool:
    """Whether a PNG says that it has many pixels."""
    return pixels_of(data) > LARGE


def _wanted(scale: float) -> int:
    wanted = 0
    while wanted < SMALLEST and scale <= 0.5 ** (wanted + 1) * 1.15:
        wanted += 1
    return wanted


def _with_margin(source: QImage, width: int, height: int) -> QImage:
    image = QImage(width + 2 * MARGIN, height + 2 * MARGIN, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    painter.drawImage(MARGIN, MARGIN, source)
    painter.end()
    return image


def _halved(level: Level) -> Level:
    whole = level.image
    inner = whole.copy(MARGIN, MARGIN, whole.width() - 2 * MARGIN, whole.height() - 2 * MARGIN)
    width, height = inner.width() // 2, inner.height() // 2
    aspect, smooth = Qt.AspectRatioMode.IgnoreAspectRatio, Qt.TransformationMode.SmoothTransformation
    return Level(_with_margin(inner.scaled(width, height, aspect, smooth), width, height), level.factor / 2, MARGIN)
