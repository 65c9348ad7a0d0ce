"""Draws the demo characters and writes them as they ship: OpenRaster, finished puppets, and Wick as a folder of PNGs too.

Run as `python -m umbrite.demo.build FOLDER`.
"""

import sys
from collections.abc import Callable
from pathlib import Path
from typing import NamedTuple

import numpy as np
from PySide6.QtGui import QGuiApplication

from umbrite.demo import bramble, clover, inkpot, scenes, tansy, tea_cart, wick
from umbrite.demo.acting import with_acting
from umbrite.demo.calling import with_call
from umbrite.demo.demo_takes import takes_of
from umbrite.demo.more_drawings import with_more_drawings
from umbrite.demo.paper import Piece, cut, grain
from umbrite.demo.rigging import Pictures, rig_bramble, rig_inkpot, rig_tansy, rig_tea_cart, rig_wick
from umbrite.files.formats.openraster import write_openraster
from umbrite.files.layers import Layered, layer_of, puppet_from
from umbrite.files.package import load, save
from umbrite.files.png import encode
from umbrite.paint.render import preview_png
from umbrite.rig.model import Puppet


class Demo(NamedTuple):
    """A character: its name, canvas, pieces and rig."""

    name: str
    width: int
    height: int
    pieces: Callable[[], list[Piece]]
    rig: Callable[[Puppet, Pictures], Puppet]


DEMOS = (
    Demo("Wick", wick.WIDTH, wick.HEIGHT, wick.pieces, rig_wick),
    Demo("Bramble", bramble.WIDTH, bramble.HEIGHT, bramble.pieces, rig_bramble),
    Demo("Inkpot", inkpot.WIDTH, inkpot.HEIGHT, inkpot.pieces, rig_inkpot),
    Demo("Tea cart", tea_cart.WIDTH, tea_cart.HEIGHT, tea_cart.pieces, rig_tea_cart),
    Demo("Tansy", tansy.WIDTH, tansy.HEIGHT, tansy.pieces, rig_tansy),
)


def draw(demo: Demo) -> Layered:
    """A character's pieces as layers on one canvas, back to front."""
    sheet = grain(demo.width, demo.height)
    layers = [layer_of(piece.name, cut(piece, demo.width, demo.height, sheet)) for piece in demo.pieces()]
    return Layered(demo.name, demo.width, demo.height, tuple(layer for layer in layers if layer is not None))


def stem_of(name: str) -> str:
    """The name of a demo's files."""
    return name.lower().replace(" ", "-")


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
    """Write all demos; Wick as a folder of pictures too."""
    folder.mkdir(parents=True, exist_ok=True)
    for demo in DEMOS:
        layered = draw(demo)
        stem = stem_of(demo.name)
        write_openraster(folder / f"{stem}.ora", layered)
        if demo.name == "Wick":
            write_pictures(folder / "wick-pictures", layered)
        package = puppet_from(layered)
        package = with_more_drawings(package.having(demo.rig(package.puppet, package.pixels())))
        package = package.having(with_acting(package.puppet, package.pixels()))
        package = package.having(takes=takes_of(package.puppet))
        package = with_call(package) if demo.name == "Wick" else package
        save(folder / f"{stem}.umbrite", package, preview_png(package))
    art = draw(Demo("Clover", clover.WIDTH, clover.HEIGHT, clover.pieces, rig_wick))
    write_openraster(folder / "clover.ora", art)
    sister = scenes.clover(load(folder / "wick.umbrite"), puppet_from(art))
    save(folder / "clover.umbrite", sister, preview_png(sister))
    scenes.write(folder)


if __name__ == "__main__":
    app = QGuiApplication(sys.argv[:1])
    build(Path(sys.argv[1]))
