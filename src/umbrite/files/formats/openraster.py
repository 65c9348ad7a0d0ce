"""OpenRaster (.ora), in and out: the open format for layered pictures (a ZIP with stack.xml)."""

import io
import math
import zipfile
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple
from xml.etree.ElementTree import Element, SubElement, tostring

import numpy as np
from PIL import Image

from umbrite.files.atomic import writing
from umbrite.files.file_errors import FileError
from umbrite.files.layers import Layer, Layered, layer_of
from umbrite.files.long_work import Watch, unwatched
from umbrite.files.package import add_member
from umbrite.files.png import decode, encode
from umbrite.files.xml_in import read_xml
from umbrite.files.zips import Container

KIND = "OpenRaster picture"
DEEPEST = 50


def read_openraster(path: Path, watch: Watch = unwatched) -> Layered:
    """All layers of an OpenRaster file, back to front; groups are opened and hand down place, opacity and visibility.

    Raises FileError for a file that is broken or no OpenRaster.
    """
    with Container(path, KIND) as container:
        root = _stack(path, container.read("stack.xml"))
        width, height = _whole(path, root, "w", 0), _whole(path, root, "h", 0)
        if not (0 < width <= 60_000 and 0 < height <= 60_000):
            raise FileError(
                f"{path.name} says its canvas is {width} x {height} px, which can't be. Export it again."
            )
        stack = root.find("stack")
        found = [] if stack is None else list(_read(path, container, stack, watch))
    return Layered(path.stem, width, height, tuple(reversed(found)))


def _stack(path: Path, data: bytes) -> Element:
    root = read_xml(path, data, what=f"The layer list of {path.name}")
    if root.tag != "image":
        raise FileError(f"{path.name} is no {KIND}.")
    return root


def _whole(path: Path, element: Element, name: str, default: int) -> int:
    text = element.get(name, str(default))
    try:
        value = round(float(text))
    except (ValueError, OverflowError):
        raise FileError(f"The layer list of {path.name} is damaged: {name} is {text[:20]!r}.") from None
    return value


class _Given(NamedTuple):
    """What groups hand down to their layers."""

    x: int = 0
    y: int = 0
    opacity: float = 1.0
    visible: bool = True
    groups: tuple[str, ...] = ()


def _read(path: Path, container: Container, stack: Element, watch: Watch) -> Iterator[Layer]:
    found = list(_layers(path, stack, _Given()))
    for i, (element, given) in enumerate(found):
        name = element.get("name") or "Layer"
        watch(i, len(found), name)
        picture = decode(container.read(element.get("src", "")), f"The layer {name} of {path.name}")
        layer = layer_of(
            name, picture, given.x, given.y, opacity=given.opacity, visible=given.visible, groups=given.groups
        )
        if layer is not None:
            yield layer


def _layers(path: Path, stack: Element, given: _Given) -> Iterator[tuple[Element, _Given]]:
    if len(given.groups) > DEEPEST:
        raise FileError(f"{path.name} has groups within groups more than {DEEPEST} deep; it was not opened.")
    for element in stack:
        here = _Given(
            given.x + _whole(path, element, "x", 0),
            given.y + _whole(path, element, "y", 0),
            given.opacity * _share(element.get("opacity", "1")),
            given.visible and element.get("visibility", "visible") != "hidden",
            given.groups,
        )
        if element.tag == "stack":
            yield from _layers(
                path, element, here._replace(groups=(*given.groups, element.get("name") or "Group"))
            )
        elif element.tag == "layer":
            yield element, here


def _share(text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        return 1.0
    return min(max(value, 0.0), 1.0) if math.isfinite(value) else 1.0


COMPOSITE = {"multiply": "svg:multiply", "screen": "svg:screen", "overlay": "svg:overlay", "add": "svg:plus"}


def write_openraster(path: Path, layered: Layered, merged_png: bytes | None = None) -> None:
    """Write a layered picture with merged image and thumbnail, as the standard asks. Raises FileError.

    `merged_png` is the merged image where it is known; without it plain layers are laid over each other.
    """
    with writing(path) as file, zipfile.ZipFile(file, "w") as out:
        add_member(out, "mimetype", b"image/openraster", zipfile.ZIP_STORED)
        root = Element(
            "image", version="0.0.3", w=str(layered.width), h=str(layered.height), name=layered.name
        )
        stack = SubElement(root, "stack")
        for i, layer in enumerate(layered.layers):
            source = f"data/layer{i:03d}.png"
            add_member(out, source, layer.png, zipfile.ZIP_STORED)
            stack.insert(0, _element(layer, source))
        add_member(out, "stack.xml", tostring(root, "utf-8", xml_declaration=True), zipfile.ZIP_DEFLATED)
        merged = (
            _merged(layered) if merged_png is None else Image.open(io.BytesIO(merged_png)).convert("RGBA")
        )
        add_member(out, "mergedimage.png", encode(np.asarray(merged)), zipfile.ZIP_STORED)
        merged.thumbnail((256, 256))
        add_member(out, "Thumbnails/thumbnail.png", encode(np.asarray(merged)), zipfile.ZIP_STORED)


def _element(layer: Layer, source: str) -> Element:
    element = Element("layer", name=layer.name, src=source, x=str(layer.x), y=str(layer.y))
    element.set("opacity", repr(layer.opacity))
    element.set("visibility", "visible" if layer.visible else "hidden")
    if layer.blend in COMPOSITE:
        element.set("composite-op", COMPOSITE[layer.blend])
    return element


def _merged(layered: Layered) -> Image.Image:
    merged = Image.new("RGBA", (layered.width, layered.height))
    for layer in layered.layers:
        if layer.visible:
            _lay(merged, layer)
    return merged


def _lay(merged: Image.Image, layer: Layer) -> None:
    picture = layer.picture.copy()
    picture[..., 3] = np.round(picture[..., 3] * layer.opacity).astype(np.uint8)
    sheet = Image.new("RGBA", merged.size)
    sheet.paste(Image.fromarray(picture), (layer.x, layer.y))
    merged.alpha_composite(sheet)
