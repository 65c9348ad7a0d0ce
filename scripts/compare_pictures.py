"""Compares two folders of pictures: `compare_pictures.py ONE OTHER` prints each picture's largest difference of a colour
value and how many pixels differ; the exit code is 1 where any does, or where one folder lacks a picture of the other.
"""

import sys
from pathlib import Path

import numpy as np
from PIL import Image


def difference(one: Path, other: Path) -> str:
    """What differs between two pictures, in words; empty where nothing does."""
    if not (one.exists() and other.exists()):
        return "is in one folder only"
    first, second = (np.asarray(Image.open(path).convert("RGBA")).astype(int) for path in (one, other))
    if first.shape != second.shape:
        return f"has another size: {first.shape[1::-1]} and {second.shape[1::-1]}"
    off = np.abs(first - second).max(axis=2)
    return f"differs by up to {off.max()} in {np.count_nonzero(off)} pixels" if off.any() else ""


def main() -> int:
    one, other = (Path(word) for word in sys.argv[1:3])
    names = sorted({path.name for folder in (one, other) for path in folder.glob("*.png")})
    found = {name: difference(one / name, other / name) for name in names}
    for name, words in found.items():
        print(f"{name:24} {words or 'the same'}")
    return int(any(found.values()) or not names)


if __name__ == "__main__":
    sys.exit(main())
