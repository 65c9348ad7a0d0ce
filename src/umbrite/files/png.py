"""PNG and WebP, in and out, by Pillow. No other format is looked at, whatever a file is called."""

import hashlib
import io
import struct
import warnings
from collections.abc import Iterator
from contextlib import contextmanager
from typing import NamedTuple

import numpy as np
from PIL import Image, ImageCms, UnidentifiedImageError

from umbrite.art.pictures import Picture
from umbrite.files.file_errors import READER_ERRORS, FileError
from umbrite.rig.errors import readable
from umbrite.rig.quantities.bounds import picture_fault

FORMATS = ("PNG", "WEBP")
# Pictures beyond this many pixels are packed quickly rather than tightly: many of them come in at once.
LARGE = 2_000_000
# Files with more bytes are worth a quicker reader.
BULKY = 4_000
STRIP = 2_000_000  # pixels
START = b"\x89PNG\r\n\x1a\n"
# Chunks that pixels need; all others are what readers of pictures stumble over.
NEEDED = (b"IHDR", b"PLTE", b"tRNS", b"IDAT", b"IEND")
AROUND = 12  # bytes of a chunk that are not its content: length, kind, sum


class Decoded(NamedTuple):
    """A picture that came in, in sRGB; `profile` names the colour profile it was converted from, empty where it had none."""

    picture: Picture
    profile: str = ""


def decode(data: bytes, name: str) -> Picture:
    """RGBA pixels of our own drawing's PNG; `name` is what a refusal calls it. Raises FileError."""
    data = bare(data)
    if (quick := _decoded_apart(data)) is not None:
        return quick
    with _opened(data, name, ("PNG",)) as image:
        return _pixels(image)


def decode_art(data: bytes, name: str) -> Decoded:
    """Foreign pixels as people saw them where they were made: colour profiles heeded, 16 bits brought down to 8. Raises FileError."""
    with _opened(data, name) as image:
        profile = image.info.get("icc_profile")
        image = _eight_bits(image)  # noqa: PLW2901 the first is closed by its context
        if profile:
            converted, title = _in_srgb(image, profile)
            return Decoded(_pixels(converted), title)
        return Decoded(_pixels(image))


def measure(data: bytes, name: str) -> tuple[int, int]:
    """Width and height of a drawing's bytes, which are looked through but not unpacked. Raises FileError for what is no whole PNG."""
    with _opened(bare(data), name, ("PNG",)) as image:
        size = image.size
        image.verify()
    return size


def bare(data: bytes) -> bytes:
    """The same PNG with nothing in it but what its pixels need, so that no library looks at what else a stranger put there.

    What is no PNG, or ends too soon, stays for the decoder to refuse. After the PNG specification, third edition, chapters 5 and 11.
    """
    if not data.startswith(START):
        return data
    kept, place, dropped = [(0, len(START))], len(START), False
    while place + AROUND <= len(data):
        length, kind = struct.unpack_from(">I4s", data, place)
        end = place + AROUND + length
        if end > len(data):
            return data[:place]  # cut off
        if kind in NEEDED:
            kept.append((place, end))
        else:
            dropped = True
        place = end
        if kind == b"IEND":
            break
    return b"".join(data[start:end] for start, end in kept) if dropped or place < len(data) else data


def _decoded_apart(data: bytes) -> Picture | None:
    """A large PNG of 8-bit RGBA by OpenCV, which lets other threads work meanwhile; None for all others and for damaged ones."""
    if len(data) < BULKY or data[:8] != b"\x89PNG\r\n\x1a\n" or data[24:26] != b"\x08\x06":
        return None
    if picture_fault(int.from_bytes(data[16:20], "big"), int.from_bytes(data[20:24], "big")):
        return None
    try:
        import cv2  # dear to load for a command that unpacks nothing, and not there where only pictures are made
    except ModuleNotFoundError:
        return None
    try:
        found = cv2.imdecode(np.frombuffer(data, np.uint8), cv2.IMREAD_UNCHANGED)
        if found is None or found.dtype != np.uint8 or found.shape[2:] != (4,):
            return None
        rgba = cv2.cvtColor(found, cv2.COLOR_BGRA2RGBA, dst=found)
    except cv2.error:
        return None
    rgba.setflags(write=False)
    return np.asarray(rgba, dtype=np.uint8)


@contextmanager
def _opened(data: bytes, name: str, formats: tuple[str, ...] = FORMATS) -> Iterator[Image.Image]:
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore")
            with Image.open(io.BytesIO(data), formats=formats) as image:
                _refuse_huge(name, *image.size)
                yield image
    except FileError:
        raise
    except UnidentifiedImageError:
        raise FileError(
            f"{name} is no picture that Umbrite can read. Use PNG or WebP, or open a layered picture."
        ) from None
    except MemoryError:
        raise FileError(f"{name} needs more memory than a picture may take. Make it smaller and try again.") from None
    except (*READER_ERRORS, Image.DecompressionBombError) as error:
        reason = readable(str(error), 80).rstrip(".")
        raise FileError(f"{name} is damaged ({reason}). Export it again and retry.") from None


def _refuse_huge(name: str, width: int, height: int) -> None:
    if fault := picture_fault(width, height):
        raise FileError(f"{name} {fault}. Make it smaller and try again.")


def _pixels(image: Image.Image) -> Picture:
    image.load()
    width, height = image.size
    rgba = np.empty((height, width, 4), np.uint8)
    rows = max(1, STRIP // width)
    for top in range(0, height, rows):  # in strips, so that no second whole copy is ever held
        bottom = min(height, top + rows)
        rgba[top:bottom] = np.asarray(image.crop((0, top, width, bottom)).convert("RGBA"))
    rgba.setflags(write=False)
    return rgba


def _eight_bits(image: Image.Image) -> Image.Image:
    """Grey of 16 bits as grey of 8; everything else Pillow brings down by itself."""
    if not image.mode.startswith("I"):
        return image
    deep = np.asarray(image).astype(np.int64).clip(0, 65_535)
    grey = Image.fromarray(np.round(deep / 257).astype(np.uint8))
    clear = image.info.get("transparency")
    if isinstance(clear, int):
        grey.putalpha(Image.fromarray(np.where(deep == clear, 0, 255).astype(np.uint8)))
    return grey


def _in_srgb(image: Image.Image, profile: bytes) -> tuple[Image.Image, str]:
    """The picture in sRGB, and the name of the profile that it came with; as it is where the profile can't be used or is sRGB."""
    try:
        given = ImageCms.ImageCmsProfile(io.BytesIO(profile))
        title = readable(ImageCms.getProfileDescription(given).strip(), 40) or "an unnamed profile"
        if "sRGB" in title:
            return image, ""
        grey = given.profile.xcolor_space.strip() == "GRAY"
        alpha = image.convert("RGBA").getchannel("A")
        colours = image.convert("L" if grey else "RGB")
        whole = ImageCms.profileToProfile(colours, given, ImageCms.createProfile("sRGB"), outputMode="RGB")
    except (ImageCms.PyCMSError, *READER_ERRORS):
        return image, ""
    if whole is None:
        return image, ""
    whole.putalpha(alpha)
    return whole, title


def encode(picture: Picture) -> bytes:
    """The bytes of a PNG with these pixels; the same pixels always give the same bytes."""
    out = io.BytesIO()
    large = picture.shape[0] * picture.shape[1] > LARGE
    Image.fromarray(picture).save(out, "PNG", compress_level=1 if large else 6)
    return out.getvalue()


def fingerprint(data: bytes) -> str:
    """The name under which a drawing's PNG is kept."""
    return hashlib.sha256(data).hexdigest()
