"""A pose in open formats: SVG with a picture per part, OpenRaster with a layer per part, transforms as CSV."""

import base64
import csv
import io
import json
import xml.etree.ElementTree as ET
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QBuffer, QIODevice, QRect, Qt
from PySide6.QtGui import QImage, QImageWriter, QPainter, QTransform

from umbrite.files.file_errors import unwritable
from umbrite.files.json_reports import pose_report
from umbrite.files.layers import Layer, Layered
from umbrite.files.openraster import write_openraster
from umbrite.files.package import Package
from umbrite.motion.evaluate import Placed, evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Shape, scene_of
from umbrite.paint.levels import Pictures
from umbrite.paint.painter import Raster, rect_of, transform_of
from umbrite.paint.render import render
from umbrite.rig.affine import Affine, svg_matrix

SVG, XLINK = "http://www.w3.org/2000/svg", "http://www.w3.org/1999/xlink"
# Where a renderer doesn't know the second word, the first stands.
CSS_BLEND = {
    "multiply": ("multiply",),
    "screen": ("screen",),
    "overlay": ("overlay",),
    "add": ("screen", "plus-lighter"),
}


def placed_of(package: Package) -> Placed:
    """A package in the pose it was left in."""
    return evaluate(compile_plan(package.puppet), package.pose)


def export_svg(path: Path, package: Package) -> None:
    """The pose as SVG: each part's drawing as a picture with its matrix, opacity and blend mode, back to front."""
    puppet, placed = package.puppet, placed_of(package)
    pictures = Pictures(lambda: package.art)
    ET.register_namespace("", SVG)
    ET.register_namespace("xlink", XLINK)
    root = ET.Element(f"{{{SVG}}}svg", version="1.1", width=str(puppet.width), height=str(puppet.height))
    root.set("viewBox", f"0 0 {puppet.width} {puppet.height}")
    ET.SubElement(root, f"{{{SVG}}}title").text = puppet.name
    for item in scene_of(placed):
        part = puppet.parts[item.part]
        baked = item.clip is not None or bool(item.trims)
        png = _png(cut_out(item, pictures)) if baked else package.art[item.sha256]
        node = ET.SubElement(root, f"{{{SVG}}}image", id=item.part)
        ET.SubElement(node, f"{{{SVG}}}title").text = part.name
        node.set("width", str(part.drawing.width))
        node.set("height", str(part.drawing.height))
        node.set("transform", f"matrix({' '.join(f'{number:.9g}' for number in item.matrix)})")
        if item.opacity < 1:
            node.set("opacity", f"{item.opacity:.6g}")
        if item.blend in CSS_BLEND:
            node.set("style", "; ".join(f"mix-blend-mode: {word}" for word in CSS_BLEND[item.blend]))
        node.set(f"{{{XLINK}}}href", "data:image/png;base64," + base64.b64encode(png).decode())
    _written(path, lambda to: to.write_bytes(ET.tostring(root, "utf-8", xml_declaration=True)))


def cut_out(item: Shape, pictures: Pictures) -> QImage:
    """A part's drawing in its own pixels, with what trims and clip leave of it in this pose."""
    drawing = pictures.level(item.sha256, 1.0)
    size = (drawing.image.width() - 2 * drawing.margin, drawing.image.height() - 2 * drawing.margin)
    image = QImage(int(size[0]), int(size[1]), QImage.Format.Format_ARGB32_Premultiplied)
    image.fill(Qt.GlobalColor.transparent)
    back, _ = transform_of(item.matrix).inverted()
    painter = QPainter(image)
    Raster(painter, pictures).draw([item.plain()], back)
    painter.end()
    return image


def export_openraster(path: Path, package: Package) -> None:
    """The pose as OpenRaster: each part as it lies, on the puppet's canvas, with its opacity and blend mode."""
    puppet, placed = package.puppet, placed_of(package)
    pictures = Pictures(lambda: package.art)
    canvas = QRect(0, 0, puppet.width, puppet.height)
    layers = []
    for item in scene_of(placed):
        box = rect_of(item.box).adjusted(-1, -1, 1, 1).toAlignedRect().intersected(canvas)
        if box.isEmpty():
            continue
        image = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
        image.fill(Qt.GlobalColor.transparent)
        painter = QPainter(image)
        view = QTransform.fromTranslate(-box.x(), -box.y())
        Raster(painter, pictures).draw([item.plain()], view)
        painter.end()
        name = puppet.parts[item.part].name
        layers.append(
            Layer(
                name, _png(image), box.width(), box.height(), box.x(), box.y(), item.opacity, blend=item.blend
            )
        )
    layered = Layered(puppet.name, puppet.width, puppet.height, tuple(layers))
    whole = _png(render(placed, pictures))
    _written(path, lambda to: write_openraster(to, layered, whole))


def export_csv(path: Path, package: Package) -> None:
    """Where everything is, a line per joint and part: its map from the board at rest, or from the drawing's pixels."""
    placed = placed_of(package)
    puppet = package.puppet
    out = io.StringIO()
    lines = csv.writer(out, lineterminator="\n")
    lines.writerow(["kind", "name", "a", "b", "c", "d", "e", "f", "pivot_x", "pivot_y", "turn_degrees"])
    for key, joint in puppet.joints.items():
        at = placed.pivot(key)
        turn = -placed.turn(key) * 180 / 3.141592653589793 + 0.0
        lines.writerow(["joint", joint.name, *svg_matrix(placed.joint_map(key)), at.real, at.imag, turn])
    maps = placed.part_maps()
    for i, key in enumerate(placed.plan.parts):
        one = Affine(*(complex(field[0, i]) for field in maps))
        lines.writerow(["part", puppet.parts[key].name, *svg_matrix(one), "", "", ""])
    _written(path, lambda to: to.write_text(out.getvalue(), encoding="utf-8"))


def export_json(path: Path, package: Package) -> None:
    """The pose as `umbrite pose --json` gives it."""
    text = json.dumps(pose_report(placed_of(package)), indent=1, ensure_ascii=False)
    _written(path, lambda to: to.write_text(text + "\n", encoding="utf-8"))


def _png(image: QImage) -> bytes:
    buffer = QBuffer()
    buffer.open(QIODevice.OpenModeFlag.WriteOnly)
    QImageWriter(buffer, b"png").write(image)
    return bytes(buffer.data().data())


def _written(path: Path, write: Callable[[Path], object]) -> None:
    """Write beside the place and rename, so that the file is whole or not there."""
    temporary = path.with_name(f".{path.name}.saving")
    try:
        write(temporary)
        temporary.replace(path)
    except OSError as error:
        raise unwritable(path, error) from None
    finally:
        temporary.unlink(missing_ok=True)
