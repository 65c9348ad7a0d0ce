"""Draws Wick and writes him in the three forms that ship: OpenRaster, a folder of PNGs, and the finished puppet.

Run as `python -m umbrite.demo.build FOLDER`.
"""

import sys
from pathlib import Path

import numpy as np
from msgspec.structs import replace
from PySide6.QtGui import QGuiApplication

from umbrite.demo.paper import cut, grain
from umbrite.demo.rigging import rig_wick
from umbrite.demo.wick import HEIGHT, WIDTH, pieces
from umbrite.files.layers import Layered, layer_of, puppet_from
from umbrite.files.openraster import write_openraster
from umbrite.files.package import save
from umbrite.files.png import encode
from umbrite.paint.render import preview_png


def draw_wick() -> Layered:
    """Wick's pieces as layers on one canvas, back to front."""
    sheet = grain(WIDTH, HEIGHT)
    layers = []
    for piece in pieces():
        layer = layer_of(piece.name, cut(piece, WIDTH, HEIGHT, sheet))
        layers.extend([layer] if layer is not None else [])
    return Layered("Wick", WIDTH, HEIGHT, tuple(layers))


def write_pictures(folder: Path, layered: Layered) -> None:
    """One PNG per layer, all of the canvas's size, numbered back to front."""
    folder.mkdir(parents=True, exist_ok=True)
    for old in folder.glob("*.png"):
        old.unlink()
    for i, layer in enumerate(layered.layers):
        sheet = np.zeros((layered.height, layered.width, 4), np.uint8)
        sheet[layer.y : layer.y + layer.height, layer.x : layer.x + layer.width] = layer.picture
        (folder / f"{i + 1:02d} {layer.name}.png").write_bytes(encode(sheet))


def build(folder: Path) -> None:
    folder.mkdir(parents=True, exist_ok=True)
    layered = draw_wick()
    write_openraster(folder / "wick.ora", layered)
    write_pictures(folder / "wick-pictures", layered)
    package = puppet_from(layered)
    package = replace(package, puppet=rig_wick(package.puppet))
    save(folder / "wick.umbrite", package, preview_png(package))


if __name__ == "__main__":
    app = QGuiApplication(sys.argv[:1])
    build(Path(sys.argv[1]))
