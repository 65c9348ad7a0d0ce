"""Layers on their way in: whatever a picture file gives, before it becomes parts."""

from collections.abc import Iterable
from typing import Any, NamedTuple

from umbrite.art.pictures import Picture, opaque_box, trimmed
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.files.png import decode, encode, fingerprint
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parenting import carry_together
from umbrite.rig.edits.parts import add_part
from umbrite.rig.family import ancestors
from umbrite.rig.model import Drawing, Placement, Puppet, Side
from umbrite.rig.placement import around_parts
from umbrite.rig.words.names import tidy


class Layer(NamedTuple):
    """One picture, trimmed to its opaque area and kept as a PNG, with its place on the canvas; `groups` from the outermost."""

    name: str
    png: bytes
    width: int
    height: int
    x: int
    y: int
    opacity: float = 1.0
    visible: bool = True
    groups: tuple[str, ...] = ()
    side: Side | None = None  # None: as the name tells
    blend: str = "normal"

    @property
    def picture(self) -> Picture:
        """The pixels, decoded at each call: (height, width, 4) RGBA, 8 bits, not premultiplied."""
        return decode(self.png, self.name)


class Layered(NamedTuple):
    """A layered picture: the canvas and its layers, back to front."""

    name: str
    width: int
    height: int
    layers: tuple[Layer, ...]


def layer_of(name: str, picture: Picture, x: int = 0, y: int = 0, **more: Any) -> Layer | None:
    """A layer from pixels; None where they show nothing."""
    left, _, right, _ = opaque_box(picture)
    if left == right:
        return None
    cut, dx, dy = trimmed(picture)
    return Layer(name, encode(cut), cut.shape[1], cut.shape[0], x + dx, y + dy, **more)


def add_layers(
    package: Package, layers: Iterable[Layer], *, carriers: bool = False
) -> tuple[Package, list[str]]:
    """The package with a part for each layer, in front of what was there; and the new ids.

    With `carriers` each group of layers becomes a carrier over its parts, as deep as the groups are.
    """
    puppet, art = package.puppet, dict(package.art)
    made: dict[str, Layer] = {}
    for layer in layers:
        drawing = Drawing(fingerprint(layer.png), layer.width, layer.height)
        art[drawing.sha256] = layer.png
        puppet, key = add_part(puppet, tidy(layer.name), drawing, Placement(float(layer.x), float(layer.y)))
        if layer.opacity != 1.0 or not layer.visible:
            puppet = change(puppet, key, opacity=layer.opacity, visible=layer.visible)
        if layer.side is not None:
            puppet = change(puppet, puppet.parts[key].joint, side=layer.side)
        made[key] = layer
    if carriers:
        puppet = _carried(puppet, made)
    return Package(Document(puppet, package.pose), art), list(made)


def _carried(puppet: Puppet, made: dict[str, Layer]) -> Puppet:
    paths = {layer.groups[:depth] for layer in made.values() for depth in range(1, len(layer.groups) + 1)}
    for path in sorted(paths, key=lambda path: (-len(path), path)):  # the innermost first
        keys = [key for key, layer in made.items() if layer.groups[: len(path)] == path]
        joints = [puppet.parts[key].joint for key in keys]
        box = around_parts(puppet, keys)
        middle = complex((box.left + box.right) / 2, (box.top + box.bottom) / 2)
        tops = list(dict.fromkeys(_topmost(puppet, joint) for joint in joints))
        puppet, _ = carry_together(puppet, tops, tidy(path[-1]), middle)
    return puppet


def _topmost(puppet: Puppet, joint: str) -> str:
    return [joint, *ancestors(puppet, joint)][-1]


def puppet_from(layered: Layered, *, carriers: bool = False) -> Package:
    """A new puppet of the picture's size, with a part for each layer. Refuses a picture without any."""
    puppet = Puppet(name=tidy(layered.name), width=layered.width, height=layered.height)
    empty = Package(Document(puppet), {})
    package, made = add_layers(empty, layered.layers, carriers=carriers)
    if not made:
        raise FileError(f"{layered.name} has no layer that shows anything, so there is nothing to rig.")
    return package


def side_by_side(layers: list[Layer], gap: int = 24) -> Layered:
    """Layers of different sizes laid out in one row on a canvas that holds them all."""
    x, placed = gap, []
    for layer in layers:
        placed.append(layer._replace(x=x, y=gap))
        x += layer.width + gap
    tallest = max(layer.height for layer in layers)
    return Layered("Puppet", x, tallest + 2 * gap, tuple(placed))
