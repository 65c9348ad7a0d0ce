"""A pose as a picture in layers: SVG with a picture per part, OpenRaster with a layer per part."""

import base64
from collections.abc import Collection, Mapping
from pathlib import Path
from xml.etree.ElementTree import Element, SubElement, register_namespace, tostring

from PySide6.QtCore import QRect, Qt
from PySide6.QtGui import QImage, QPainter, QTransform

from umbrite.files.atomic import write
from umbrite.files.file_errors import FileError, shown_name
from umbrite.files.formats.format_table import written_as
from umbrite.files.formats.openraster import write_openraster
from umbrite.files.layers import Layer, Layered
from umbrite.files.package import Package, save
from umbrite.motion.evaluate import placed_of
from umbrite.motion.scene import Bent, Shape, all_shapes, scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster, rect_of, transform_of
from umbrite.paint.render import png_of, preview_png, render, render_package, write_png

SVG, XLINK = "http://www.w3.org/2000/svg", "http://www.w3.org/1999/xlink"
FINER = 2.0  # pixels of a bent part's picture for one of the board
# Where a renderer doesn't know the second word, the first stands.
CSS_BLEND = {
    "multiply": ("multiply",),
    "screen": ("screen",),
    "overlay": ("overlay",),
    "add": ("screen", "plus-lighter"),
}


def export_pose(path: Path, package: Package, ending: str | None = None) -> None:
    """Write a package in its pose as the ending tells, by default that of the file. Raises FileError for one that shows no pose."""
    ending, poses = path.suffix.lower() if ending is None else ending, written_as("pose")
    if ending not in poses:
        raise FileError(f"A pose is written as {' '.join(poses)}, not as {shown_name(path)}.")
    poses[ending].does(path, package)


def export_puppet(path: Path, package: Package) -> None:
    """The puppet itself, with its picture for file managers. Raises FileError."""
    save(path, package, preview_png(package))


def export_png(path: Path, package: Package) -> None:
    """The pose as a picture. Raises FileError."""
    write_png(path, render_package(package))


def export_svg(path: Path, package: Package) -> None:
    """The pose as SVG: each part's drawing as a picture with its matrix, opacity and blend mode, back to front."""
    puppet, placed = package.puppet, placed_of(package.document)
    pictures = Pictures(lambda: package.art)
    register_namespace("", SVG)
    register_namespace("xlink", XLINK)
    root = Element(f"{{{SVG}}}svg", version="1.1", width=str(puppet.width), height=str(puppet.height))
    root.set("viewBox", f"0 0 {puppet.width} {puppet.height}")
    SubElement(root, f"{{{SVG}}}title").text = puppet.name
    for item in scene_of(placed):
        part = puppet.parts[item.part]
        if isinstance(item, Bent):
            _bent_node(root, item, part.name, pictures)
            continue
        baked = item.clip is not None or bool(item.trims)
        png = png_of(cut_out(item, pictures)) if baked else package.art[item.sha256]
        node = SubElement(root, f"{{{SVG}}}image", id=item.part)
        SubElement(node, f"{{{SVG}}}title").text = part.name
        node.set("width", str(part.drawing.width))
        node.set("height", str(part.drawing.height))
        node.set("transform", f"matrix({' '.join(f'{number:.9g}' for number in item.matrix)})")
        _shown_as(node, item, png)
    write(path, tostring(root, "utf-8", xml_declaration=True))


def _shown_as(node: Element, item: Shape, png: bytes) -> None:
    """Opacity, blend mode and picture of a part's node."""
    if item.opacity < 1:
        node.set("opacity", f"{item.opacity:.6g}")
    if item.blend in CSS_BLEND:
        node.set("style", "; ".join(f"mix-blend-mode: {word}" for word in CSS_BLEND[item.blend]))
    node.set(f"{{{XLINK}}}href", "data:image/png;base64," + base64.b64encode(png).decode())


def _bent_node(root: Element, item: Bent, name: str, pictures: Pictures) -> None:
    """A bent part as the picture that it makes on the board, at twice the board's pixels."""
    box = rect_of(item.box).adjusted(-1, -1, 1, 1).toAlignedRect()
    image = _alone_in(item, pictures, box, FINER)
    node = SubElement(root, f"{{{SVG}}}image", id=item.part)
    SubElement(node, f"{{{SVG}}}title").text = name
    node.set("x", str(box.x()))
    node.set("y", str(box.y()))
    node.set("width", str(box.width()))
    node.set("height", str(box.height()))
    _shown_as(node, item, png_of(image))


def _alone_in(item: Shape, pictures: Pictures, box: QRect, scale: float = 1.0) -> QImage:
    """A shape alone in a box of the board."""
    image = QImage(box.size() * scale, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    painter = QPainter(image)
    view = QTransform.fromScale(scale, scale)
    view.translate(-box.x(), -box.y())
    Raster(painter, pictures).draw([item.plain()], view)
    painter.end()
    return image


def cut_out(item: Shape, pictures: Pictures) -> QImage:
    """A part's drawing in its own pixels, with what trims and clip leave of it in this pose."""
    image = QImage(*item.size, QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    back, _ = transform_of(item.matrix).inverted()
    painter = QPainter(image)
    Raster(painter, pictures).draw([item.plain()], back)
    painter.end()
    return image


def _together(shapes: list[Shape], groups: Mapping[str, tuple[str, ...]], shown: Collection[str]) -> list[Shape]:
    """Shapes of one group side by side, where the one of them that is seen lies, or else the hindmost."""
    members: dict[tuple[str, ...], list[Shape]] = {}
    for shape in shapes:
        if shape.part in groups:
            members.setdefault(groups[shape.part], []).append(shape)
    anchors = {own: next((each for each in here if each.part in shown), here[0]).part for own, here in members.items()}
    found: list[Shape] = []
    for shape in shapes:
        own = groups.get(shape.part)
        if own is None:
            found.append(shape)
        elif anchors[own] == shape.part:
            found += members[own]
    return found


def export_openraster(path: Path, package: Package) -> None:
    """The pose as OpenRaster: each part as it lies, on the puppet's canvas, with its opacity and blend mode.

    Variants lie in a group that is named like their set, those that do not show hidden.
    """
    puppet, placed = package.puppet, placed_of(package.document)
    pictures = Pictures(lambda: package.art)
    canvas = QRect(0, 0, puppet.width, puppet.height)
    layers = []
    groups = {part: (one.name,) for one in puppet.sets.values() for variant in one.variants for part in variant.parts}
    names = {part: variant.name for one in puppet.sets.values() for variant in one.variants for part in variant.parts}
    shown = {item.part for item in scene_of(placed)}
    every = [item for item in all_shapes(placed) if item.part in shown or item.part in groups]
    for item in _together(every, groups, shown):
        box = rect_of(item.box).adjusted(-1, -1, 1, 1).toAlignedRect().intersected(canvas)
        if box.isEmpty():
            continue
        image = _alone_in(item, pictures, box)
        name = names.get(item.part, puppet.parts[item.part].name)
        layers.append(
            Layer(
                name,
                png_of(image),
                box.width(),
                box.height(),
                box.x(),
                box.y(),
                item.opacity,
                visible=item.part in shown,
                groups=groups.get(item.part, ()),
                blend=item.blend,
            )
        )
    layered = Layered(puppet.name, puppet.width, puppet.height, tuple(layers))
    whole = png_of(render(placed, pictures))
    write_openraster(path, layered, whole)
