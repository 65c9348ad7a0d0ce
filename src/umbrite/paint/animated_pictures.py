"""APNG, WebP and GIF written frame by frame as they come, so that a take needs the memory of one frame, however long it is."""

import itertools
import struct
import zlib
from collections.abc import Iterable, Iterator, Sequence
from typing import BinaryIO

from PIL import GifImagePlugin, Image, ImageChops

SIGNATURE = b"\x89PNG\r\n\x1a\n"
GIF_COLOURS = 255  # and one that is seen through
HALF = 128  # of 255
LOOKED_AT = 400  # pixels of a frame's longer side from which colours are taken


def write_apng(file: BinaryIO, frames: Iterable[bytes], durations: Sequence[int]) -> None:
    """Whole frames, given as PNGs of one size and kind, each shown for so many milliseconds, for ever (PNG, third edition)."""
    numbers = itertools.count()
    file.write(SIGNATURE)
    for i, (png, milliseconds) in enumerate(zip(frames, durations, strict=True)):
        chunks = list(_chunks(png))
        head = next(data for kind, data in chunks if kind == b"IHDR")
        if i == 0:
            file.writelines(
                _chunk(kind, data) for kind, data in itertools.takewhile(lambda chunk: chunk[0] != b"IDAT", chunks)
            )
            file.write(_chunk(b"acTL", struct.pack(">LL", len(durations), 0)))
        place = struct.pack(">L8s2L2H2B", next(numbers), head[:8], 0, 0, milliseconds, 1000, 0, 0)
        file.write(_chunk(b"fcTL", place))
        for kind, data in chunks:
            if kind == b"IDAT":
                plain = i == 0
                file.write(_chunk(b"IDAT", data) if plain else _chunk(b"fdAT", struct.pack(">L", next(numbers)) + data))
    file.write(_chunk(b"IEND", b""))


def _chunks(png: bytes) -> Iterator[tuple[bytes, bytes]]:
    at = len(SIGNATURE)
    while at < len(png):
        length, kind = struct.unpack_from(">L4s", png, at)
        yield kind, png[at + 8 : at + 8 + length]
        at += length + 12


def _chunk(kind: bytes, data: bytes) -> bytes:
    return struct.pack(">L", len(data)) + kind + data + struct.pack(">L", zlib.crc32(kind + data))


class _Strip(Image.Image):
    """Frames as one moving picture, of which Pillow asks for one after the other."""

    def __init__(self, frames: Iterator[Image.Image], count: int) -> None:
        super().__init__()
        self._frames, self._at, self.n_frames = frames, -1, count
        self.seek(0)

    def seek(self, frame: int) -> None:
        while self._at < frame:
            now = next(self._frames)
            self.im, self._mode, self._size = now.im, now.mode, now.size
            self._at += 1

    def tell(self) -> int:
        return 0  # Pillow goes back there when it is done


def write_webp(file: BinaryIO, frames: Iterator[Image.Image], durations: Sequence[int]) -> None:
    """RGBA frames, without loss."""
    strip = _Strip(frames, len(durations))
    how = {"duration": list(durations), "loop": 0, "lossless": True, "quality": 60, "method": 3}
    strip.save(file, "WEBP", save_all=len(durations) > 1, **how)


def palette_of(frames: Iterable[Image.Image]) -> Image.Image:
    """One palette for all frames, so that nothing flickers, from a few of them."""
    some = [frame.resize(_small(frame.size), Image.Resampling.NEAREST) for frame in frames]
    wide, tall = some[0].size
    strip = Image.new("RGB", (wide, tall * len(some)), "white")
    for i, frame in enumerate(some):
        strip.paste(frame.convert("RGB"), (0, i * tall), frame.getchannel("A"))
    return strip.quantize(GIF_COLOURS, method=Image.Quantize.MEDIANCUT, kmeans=1)


def _small(size: tuple[int, int]) -> tuple[int, int]:
    share = min(1.0, LOOKED_AT / max(size))
    return max(1, round(size[0] * share)), max(1, round(size[1] * share))


def write_gif(
    file: BinaryIO, frames: Iterable[Image.Image], durations: Sequence[int], palette: Image.Image, *, clear: bool
) -> None:
    """RGBA frames in the colours of a palette; what is half seen through is either. Each holds what is seen or, without `clear`, what changes."""
    waiting: tuple[Image.Image, tuple[int, int], int] | None = None
    before: Image.Image | None = None
    for frame, milliseconds in zip(frames, durations, strict=True):
        few = _in_colours(frame, palette, clear=clear)
        box = _seen(few) if clear else _changed(before, few)
        if waiting is None:
            file.writelines(GifImagePlugin.getheader(few.copy(), info={"loop": 0})[0])
        if waiting is not None and not clear and box is None:
            waiting = (*waiting[:2], waiting[2] + milliseconds)
            continue
        if waiting is not None:
            _lay(file, *waiting, clear=clear)
        box = box or (0, 0, 1, 1)
        waiting, before = (few.crop(box), box[:2], milliseconds), few
    if waiting is not None:
        _lay(file, *waiting, clear=clear)
    file.write(b";")


def _lay(file: BinaryIO, few: Image.Image, at: tuple[int, int], milliseconds: int, *, clear: bool) -> None:
    how = {"transparency": GIF_COLOURS, "disposal": 2} if clear else {"disposal": 1}
    file.writelines(GifImagePlugin.getdata(few, at, duration=milliseconds, **how))


def _in_colours(frame: Image.Image, palette: Image.Image, *, clear: bool) -> Image.Image:
    alpha = frame.getchannel("A")
    flat = Image.new("RGB", frame.size, "white")
    flat.paste(frame.convert("RGB"), (0, 0), alpha.point(lambda a: 255 if a >= HALF else 0))
    few = flat.quantize(palette=palette, dither=Image.Dither.NONE)
    if clear:
        few.paste(GIF_COLOURS, (0, 0), alpha.point(lambda a: 255 if a < HALF else 0))
    return few


def _seen(few: Image.Image) -> tuple[int, int, int, int] | None:
    return few.point(lambda colour: 0 if colour == GIF_COLOURS else 255).convert("L").getbbox()


def _changed(before: Image.Image | None, few: Image.Image) -> tuple[int, int, int, int] | None:
    if before is None:
        return (0, 0, *few.size)
    return ImageChops.difference(_indices(before), _indices(few)).getbbox()


def _indices(few: Image.Image) -> Image.Image:
    return Image.frombytes("L", few.size, few.tobytes())
