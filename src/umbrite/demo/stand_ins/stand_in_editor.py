"""A stand-in for a picture editor: puts a vermilion spot on a PNG and saves it, as a person would after painting.

Run as `python -m umbrite.demo.stand_ins.stand_in_editor FILE`; set UMBRITE_EDITOR to that command to try drawings edited outside.
"""

import sys
from pathlib import Path

import numpy as np
from PIL import Image

SPOT = (184, 67, 43)


def paint(path: Path) -> None:
    """A spot over the middle of the picture, on what is opaque there."""
    with Image.open(path) as image:
        pixels = np.array(image.convert("RGBA"))
    height, width = pixels.shape[:2]
    rows, columns = np.indices((height, width))
    spot = np.hypot(rows - height / 2, columns - width / 2) < min(height, width) / 4
    pixels[spot & (pixels[..., 3] > 0), :3] = SPOT
    Image.fromarray(pixels).save(path)


if __name__ == "__main__":
    paint(Path(sys.argv[1]))
