"""Layers on their way in: whatever a picture file gives, before it becomes parts."""

import math
from collections.abc import Container, Iterable
from typing import Any, NamedTuple

from umbrite.art.pictures import Picture, opaque_box, trimmed
from umbrite.files.file_errors import FileError
from umbrite.files.package import Package
from umbrite.files.png import decode, encode, fingerprint
from umbrite.rig.change import change
from umbrite.rig.document import Document
from umbrite.rig.edits.parenting import carry_together
from umbrite.rig.edits.parts import add_part
from umbrite.rig.errors import readable
from umbrite.rig.family import ancestors
from umbrite.rig.model import Blend, Drawing, Placement, Puppet, Side
from umbrite.rig.placement import around_parts
from umbrite.rig.quantities.bounds import canvas_fault, size_faults
from umbrite.rig.words.names import tidy

Group = tuple[str, ...]
"""A group of layers by the names from the outermost group to it."""


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
    blend: Blend = "normal"
    clips: bool = False  # shows only on the nearest layer below that does not

    @property
    def picture(self) -> Picture:
        """The pixels, decoded at each call: (height, width, 4) RGBA, 8 bits, not premultiplied."""
        return decode(self.png, self.name)


class Layered(NamedTuple):
    """A layered picture: the canvas and its layers, back to front; `notes` tell what of it could not be kept, or was changed."""

    name: str
    width: int
    height: int
    layers: tuple[Layer, ...]
    notes: tuple[str, ...] = ()


def layer_of(name: str, picture: Picture, x: int = 0, y: int = 0, **more: Any) -> Layer | None:
    """A layer from pixels; None where they show nothing."""
    left, _, right, _ = opaque_box(picture)
    if left == right:
        return None
    cut, dx, dy = trimmed(picture)
    return Layer(name, encode(cut), cut.shape[1], cut.shape[0], x + dx, y + dy, **more)


def overlap_notes(groups: Iterable[list[Layer]]) -> list[str]:
    """What to tell of groups that are seen through as a whole: where their layers overlap, it will show."""
    notes = []
    for layers in groups:
        if any(_overlap(one, other) for i, one in enumerate(layers) for other in layers[:i]):
            name = readable(layers[0].groups[-1] if layers[0].groups else "A group", 60)
            notes.append(
                f"{name} is seen through as a whole; its parts take that on one by one, so where they overlap it shows."
            )
    return notes


def _overlap(one: Layer, other: Layer) -> bool:
    return (
        one.x < other.x + other.width and other.x < one.x + one.width
        and one.y < other.y + other.height and other.y < one.y + one.height
    )  # fmt: skip


def add_layers(
    package: Package, layers: Iterable[Layer], *, carriers: Container[Group] = ()
) -> tuple[Package, list[str]]:
    """The package with a part for each layer, in front of what was there; and the new ids.

    Groups among `carriers` become carriers over their parts, as deep as the groups are. Raises FileError where it would be more than
    a puppet can keep.
    """
    puppet, art = package.puppet, dict(package.art)
    made: dict[str, Layer] = {}
    base: str | None = None
    known: dict[bytes, str] = {}  # what several layers show is looked at once
    for layer in layers:
        sha256 = known.setdefault(layer.png, "") or fingerprint(layer.png)
        known[layer.png] = sha256
        drawing = Drawing(sha256, layer.width, layer.height)
        art[drawing.sha256] = layer.png
        puppet, key = add_part(puppet, tidy(layer.name), drawing, Placement(float(layer.x), float(layer.y)))
        if layer.opacity != 1.0 or not layer.visible:
            puppet = change(puppet, key, opacity=layer.opacity, visible=layer.visible)
        if layer.side is not None:
            puppet = change(puppet, puppet.parts[key].joint, side=layer.side)
        if layer.blend != "normal" or (layer.clips and base is not None):
            puppet = change(puppet, key, blend=layer.blend, clip=base if layer.clips else None)
        base = base if layer.clips else key
        made[key] = layer
    puppet = _carried(puppet, made, carriers)
    if fault := next(size_faults(puppet), None):
        raise FileError(f"That would be more than a puppet can hold: {fault}. Nothing was added.")
    return Package(package.having(puppet).document, art), list(made)


def groups_of(layers: Iterable[Layer]) -> set[Group]:
    """All groups that these layers lie in."""
    return {layer.groups[:depth] for layer in layers for depth in range(1, len(layer.groups) + 1)}


def _carried(puppet: Puppet, made: dict[str, Layer], carriers: Container[Group]) -> Puppet:
    paths = [path for path in groups_of(made.values()) if path in carriers]
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


def puppet_from(layered: Layered, *, carriers: Container[Group] = ()) -> Package:
    """A new puppet of the picture's size, with a part for each layer. Refuses a picture without any."""
    return parts_from(layered, carriers=carriers)[0]


def parts_from(layered: Layered, *, carriers: Container[Group] = ()) -> tuple[Package, dict[str, Layer]]:
    """The same, and the layer of each part. Refuses a picture without any; raises FileError for a canvas that is too large."""
    if fault := canvas_fault(layered.width, layered.height):
        raise FileError(f"{readable(layered.name, 60)} can't be opened: {fault}.")
    puppet = Puppet(name=tidy(layered.name), width=layered.width, height=layered.height)
    empty = Package(Document(puppet), {})
    package, made = add_layers(empty, layered.layers, carriers=carriers)
    if not made:
        raise FileError(f"{layered.name} has no layer that shows anything, so there is nothing to rig.")
    return package, dict(zip(made, layered.layers, strict=True))


def side_by_side(layers: list[Layer], gap: int = 24) -> Layered:
    """Layers of different sizes laid out in rows, on a canvas about as high as wide that holds them all."""
    area = sum((layer.width + gap) * (layer.height + gap) for layer in layers)
    widest = max(round(math.sqrt(area)), *(layer.width for layer in layers), 1) + 2 * gap
    x, y, tallest, placed = gap, gap, 0, []
    for layer in layers:
        if x > gap and x + layer.width + gap > widest:
            x, y, tallest = gap, y + tallest + gap, 0
        placed.append(layer._replace(x=x, y=y))
        x, tallest = x + layer.width + gap, max(tallest, layer.height)
    right = max(layer.x + layer.width for layer in placed) + gap
    return Layered("Puppet", right, y + tallest + gap, tuple(placed))
