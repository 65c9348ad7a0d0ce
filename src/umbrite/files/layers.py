"""Layers on their way in: whatever a picture file gives, before it becomes parts."""

from collections.abc import Iterable
from typing import NamedTuple

from umbrite.art.pictures import Picture, opaque_box, trimmed
from umbrite.files.errors import FileError
from umbrite.files.package import Package
from umbrite.files.png import encode, fingerprint
from umbrite.rig.change import change
from umbrite.rig.model import Drawing, Placement, Puppet
from umbrite.rig.names import tidy
from umbrite.rig.parts import add_part


class Layer(NamedTuple):
    """One picture with its place on the canvas."""

    name: str
    picture: Picture
    x: int
    y: int
    opacity: float = 1.0
    visible: bool = True


class Layered(NamedTuple):
    """A layered picture: the canvas and its layers, back to front."""

    name: str
    width: int
    height: int
    layers: tuple[Layer, ...]


def add_layers(package: Package, layers: Iterable[Layer]) -> tuple[Package, list[str]]:
    """The package with a part for each layer that shows anything, in front of what was there; and the new ids."""
    puppet, art = package.puppet, dict(package.art)
    made = []
    for layer in layers:
        left, _, right, _ = opaque_box(layer.picture)
        if left == right:
            continue  # an empty layer is nothing to rig
        picture, x, y = trimmed(layer.picture)
        data = encode(picture)
        drawing = Drawing(fingerprint(data), picture.shape[1], picture.shape[0])
        art[drawing.sha256] = data
        puppet, key = add_part(
            puppet, tidy(layer.name), drawing, Placement(float(layer.x + x), float(layer.y + y))
        )
        if layer.opacity != 1.0 or not layer.visible:
            puppet = change(puppet, key, opacity=layer.opacity, visible=layer.visible)
        made.append(key)
    return Package(puppet, package.pose, art), made


def puppet_from(layered: Layered) -> Package:
    """A new puppet of the picture's size, with a part for each layer. Refuses a picture without any."""
    empty = Package(Puppet(name=tidy(layered.name), width=layered.width, height=layered.height), {}, {})
    package, made = add_layers(empty, layered.layers)
    if not made:
        raise FileError(f"{layered.name} has no layer that shows anything, so there is nothing to rig.")
    return package


def side_by_side(layers: list[Layer], gap: int = 24) -> Layered:
    """Layers of different sizes laid out in one row on a canvas that holds them all."""
    x, placed = gap, []
    for layer in layers:
        placed.append(layer._replace(x=x, y=gap))
        x += layer.picture.shape[1] + gap
    tallest = max(layer.picture.shape[0] for layer in layers)
    return Layered("Puppet", x, tallest + 2 * gap, tuple(placed))
