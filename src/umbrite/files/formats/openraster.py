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
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.formats.pictures_in import Together, profile_notes, title_of
from umbrite.files.layers import Layer, Layered, layer_of, overlap_notes
from umbrite.files.package import add_member
from umbrite.files.png import decode_art, encode
from umbrite.files.xml_in import read_xml
from umbrite.files.zips import Container
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.model import Blend
from umbrite.rig.quantities.bounds import LARGEST, canvas_fault

KIND = "OpenRaster picture"
DEEPEST = 50
MOST_WORDS = 20_000_000
COMPOSITE: dict[Blend, str] = {
    "multiply": "svg:multiply", "screen": "svg:screen", "overlay": "svg:overlay", "add": "svg:plus",
}  # fmt: skip
BLENDS: dict[str, Blend] = {"svg:src-over": "normal", **{word: blend for blend, word in COMPOSITE.items()}}


def read_openraster(path: Path, watch: Watch = unwatched) -> Layered:
    """All layers of an OpenRaster file, back to front; groups are opened and hand down place, opacity and visibility.

    Raises FileError for a file that is broken or no OpenRaster.
    """
    with Container(path, KIND) as container:
        root = _stack(path, container.read("stack.xml", MOST_WORDS))
        width, height = _whole(path, root, "w", 0), _whole(path, root, "h", 0)
        if fault := canvas_fault(width, height):
            raise FileError(f"{shown_name(path)} can't be opened: {fault}. Export it again.")
        stack = root.find("stack")
        notes: list[str] = []
        found = [] if stack is None else _read(path, container, stack, watch, notes)
    return Layered(title_of(path), width, height, tuple(reversed(found)), tuple(notes))


def _stack(path: Path, data: bytes) -> Element:
    root = read_xml(path, data, what=f"The layer list of {shown_name(path)}")
    if root.tag != "image":
        raise FileError(f"{shown_name(path)} is no {KIND}.")
    return root


def _whole(path: Path, element: Element, name: str, default: int) -> int:
    text = element.get(name, str(default))
    try:
        value = round(float(text))
    except (ValueError, OverflowError):
        value = None
    if value is None or abs(value) > LARGEST:
        shown = readable(text, 20)
        raise FileError(f"The layer list of {shown_name(path)} is damaged: {name} is {shown}.")
    return value


class Faithful:
    """Counts the groups whose opacity their layers take on one by one, and tells of blend modes of groups."""

    def __init__(self, notes: list[str]) -> None:
        self._notes, self._groups = notes, 0

    def group(self, element: Element, here: "_Given") -> "_Given":
        """What a group hands down."""
        name = _name(element, "A group")
        if element.get("composite-op", "svg:src-over") != "svg:src-over":
            self._notes.append(f"The group {name} is laid on in a way of its own; its layers come in as they are.")
        if _share(element.get("opacity", "1")) == 1.0:
            return here
        self._groups += 1
        return here._replace(faint=(*here.faint, self._groups))


class _Given(NamedTuple):
    """What groups hand down to their layers."""

    x: int = 0
    y: int = 0
    opacity: float = 1.0
    visible: bool = True
    groups: tuple[str, ...] = ()
    faint: tuple[int, ...] = ()  # groups that are laid on as a whole with less than full opacity, by number


def _read(path: Path, container: Container, stack: Element, watch: Watch, notes: list[str]) -> list[Layer]:
    """The layers in front first; what can't be kept is added to the notes."""
    found = list(_layers(path, stack, _Given(), Faithful(notes)))
    layers: list[Layer] = []
    together = Together()
    seen: dict[str, tuple[Layer | None, str]] = {}  # what several layers show is unpacked once
    faint: dict[int, list[Layer]] = {}
    for i, (element, given) in enumerate(found):
        name, source = _name(element, "Layer"), element.get("src", "")
        watch(i, len(found), name)
        if source not in seen:
            title = f"The layer {readable(name, 60)} of {shown_name(path)}"
            picture, profile = decode_art(container.read(source), title)
            watch(i, len(found), name)
            seen[source] = layer_of("", picture), profile
            del picture  # the next one would stand beside it
        bare = seen[source][0]
        if bare is None:
            continue
        layer = bare._replace(
            name=name, x=bare.x + given.x, y=bare.y + given.y, opacity=given.opacity, visible=given.visible,
            groups=given.groups, blend=_blend(element, notes),
        )  # fmt: skip
        layers.append(layer)
        for group in given.faint:
            faint.setdefault(group, []).append(layer)
        together.add(layer)
    notes += profile_notes(profile for _, profile in seen.values())
    notes += overlap_notes(faint.values())
    return layers


def _name(element: Element, other: str) -> str:
    return readable(element.get("name") or "") or other


def _blend(element: Element, notes: list[str]) -> Blend:
    """How a layer's colours meet what lies behind; what we do not have becomes normal, and is noted."""
    asked = element.get("composite-op", "svg:src-over")
    blend: Blend | None = BLENDS.get(asked)
    if blend is None:
        what = readable(asked.removeprefix("svg:"), 30)
        notes.append(
            f"{_name(element, 'A layer')} is laid on as {what}, which Umbrite does not have; it comes in as normal."
        )
    return blend or "normal"


def _layers(path: Path, stack: Element, given: _Given, faithful: "Faithful") -> Iterator[tuple[Element, _Given]]:
    if len(given.groups) > DEEPEST:
        raise FileError(f"{shown_name(path)} has groups within groups more than {DEEPEST} deep; it was not opened.")
    for element in stack:
        here = _Given(
            given.x + _whole(path, element, "x", 0),
            given.y + _whole(path, element, "y", 0),
            given.opacity * _share(element.get("opacity", "1")),
            given.visible and element.get("visibility", "visible") != "hidden",
            given.groups,
            given.faint,
        )
        if element.tag == "stack":
            yield from _layers(
                path,
                element,
                faithful.group(element, here)._replace(groups=(*given.groups, _name(element, "Group"))),
                faithful,
            )
        elif element.tag == "layer":
            yield element, here


def _share(text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        return 1.0
    return min(max(value, 0.0), 1.0) if math.isfinite(value) else 1.0


def write_openraster(path: Path, layered: Layered, merged_png: bytes | None = None) -> None:
    """Write a layered picture with merged image and thumbnail, as the standard asks. Raises FileError.

    `merged_png` is the merged image where it is known; without it plain layers are laid over each other.
    """
    with writing(path) as file, zipfile.ZipFile(file, "w") as out:
        add_member(out, "mimetype", b"image/openraster", zipfile.ZIP_STORED)
        root = Element("image", version="0.0.3", w=str(layered.width), h=str(layered.height), name=layered.name)
        stack = SubElement(root, "stack")
        opened: list[tuple[str, Element]] = []  # the groups in which the last layer lies
        for i, layer in enumerate(layered.layers):
            source = f"data/layer{i:03d}.png"
            add_member(out, source, layer.png, zipfile.ZIP_STORED)
            while opened and [name for name, _ in opened] != list(layer.groups[: len(opened)]):
                opened.pop()
            for name in layer.groups[len(opened) :]:
                group = Element("stack", name=name)
                (opened[-1][1] if opened else stack).insert(0, group)
                opened.append((name, group))
            (opened[-1][1] if opened else stack).insert(0, _element(layer, source))
        add_member(out, "stack.xml", tostring(root, "utf-8", xml_declaration=True), zipfile.ZIP_DEFLATED)
        merged = _merged(layered) if merged_png is None else Image.open(io.BytesIO(merged_png)).convert("RGBA")
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
