"""PNG and other pictures, in and out, by Pillow."""

import hashlib
import io
import warnings

import numpy as np
from PIL import Image, UnidentifiedImageError

from umbrite.art.pictures import Picture
from umbrite.files.file_errors import FileError

# A picture beyond this many pixels is refused rather than unpacked.
MOST_PIXELS = 120_000_000
# Pictures beyond this many are packed quickly rather than tightly: many of them come in at once.
LARGE = 2_000_000


def decode(data: bytes, name: str) -> Picture:
    """RGBA pixels of a picture file's bytes; `name` is what a refusal calls it. Raises FileError."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore", Image.DecompressionBombWarning)
            with Image.open(io.BytesIO(data)) as image:
                width, height = image.size
                _refuse_huge(name, width, height)
                rgba = np.array(image.convert("RGBA"))
    except FileError:
        raise
    except UnidentifiedImageError:
        raise FileError(
            f"{name} is no picture that Umbrite can read. Use PNG or WebP, or open a layered picture."
        ) from None
    except (OSError, ValueError, SyntaxError, EOFError, Image.DecompressionBombError) as error:
        raise FileError(f"{name} is damaged ({str(error).rstrip('.')}). Export it again and retry.") from None
    rgba.setflags(write=False)
    return rgba


def _refuse_huge(name: str, width: int, height: int) -> None:
    if width * height > MOST_PIXELS:
        raise FileError(f"{name} is too large ({width} x {height} px). Make it smaller and try again.")


def encode(picture: Picture) -> bytes:
    """The bytes of a PNG with these pixels; the same pixels always give the same bytes."""
    out = io.BytesIO()
    large = picture.shape[0] * picture.shape[1] > LARGE
    Image.fromarray(picture).save(out, "PNG", compress_level=1 if large else 6)
    return out.getvalue()


def fingerprint(data: bytes) -> str:
    """The name under which a drawing's PNG is kept."""
    return hashlib.sha256(data).hexdigest()
