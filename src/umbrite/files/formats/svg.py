"""SVG with named groups in: each group that holds drawings becomes a layer, drawn by resvg.

A group that holds groups is opened, and its name goes with its layers. What is hidden comes in hidden, what is blended is
blended; what can't be kept is told. Nothing outside the file is looked at: a file that refers to other files, or declares
entities, is refused.
"""

import copy
import math
import re
from collections.abc import Iterator
from pathlib import Path
from typing import NamedTuple
from xml.etree.ElementTree import Element, tostring

from umbrite.art.pictures import Picture, opaque_box
from umbrite.files.file_errors import READER_ERRORS, FileError, shown_name
from umbrite.files.files_in import read_file
from umbrite.files.formats.pictures_in import Together, title_of
from umbrite.files.formats.svg_looks import HELPERS, HREFS, SVG, Looks, plain
from umbrite.files.layers import Layer, Layered, layer_of, overlap_notes
from umbrite.files.png import decode
from umbrite.files.xml_in import read_xml
from umbrite.rig.errors import Watch, readable, unwatched
from umbrite.rig.model import Blend
from umbrite.rig.quantities.bounds import LONGEST, picture_fault

LABEL = "{http://www.inkscape.org/namespaces/inkscape}label"

# Ways of laying colours on that we have, by the names of CSS.
BLENDS: dict[str, Blend] = {
    "normal": "normal",
    "multiply": "multiply",
    "screen": "screen",
    "overlay": "overlay",
    "plus-lighter": "add",
}
UNITS = {"": 1.0, "px": 1.0, "pt": 4 / 3, "pc": 16.0, "in": 96.0, "cm": 96 / 2.54, "mm": 9.6 / 2.54}
MOST_BYTES = 100_000_000
MOST_LAYERS = 5_000
DEEPEST = 50
DEEPEST_ELEMENTS = 120  # the renderer's own stack holds a few hundred
# Beyond so many pixels a group's box is looked for in a picture so many times coarser.
SMALL_CANVAS, COARSE = 100_000, 4


class _Given(NamedTuple):
    """What groups hand down to their layers."""

    nesting: tuple[int, ...] = ()
    groups: tuple[str, ...] = ()
    visible: bool = True
    apart: bool = False  # what is blended in it meets only what is in it, too
    faint: tuple[tuple[int, ...], ...] = ()  # groups with less than full opacity


class _Leaf(NamedTuple):
    """A layer to be: the way of places from the root to its group, or to single drawings of a group, and its names."""

    given: _Given
    only: tuple[int, ...] | None  # places of the children to draw; None for all
    name: str
    blend: Blend = "normal"


def read_svg(path: Path, watch: Watch = unwatched) -> Layered:
    """The layers of an SVG file, back to front. Raises FileError for files that are broken, hostile or too large."""
    root = _root(path)
    width, height = _size(path, root)
    notes: list[str] = []
    looks = Looks(root)
    if "background" in looks.of(root):
        notes.append("The background of the page was left out.")
    leaves = list(_Leaves(path, looks, notes).of(root, _Given()))
    if len(leaves) > MOST_LAYERS:
        raise FileError(f"{shown_name(path)} has {len(leaves)} groups; up to {MOST_LAYERS} can be opened at once.")
    layers: list[Layer] = []
    together = Together()
    empty: list[str] = []
    faint: dict[tuple[int, ...], list[Layer]] = {}
    for i, leaf in enumerate(leaves):
        watch(i, len(leaves), leaf.name)
        layer = _layer(path, _alone(root, looks, leaf, width, height), leaf, (width, height))
        if layer is None:
            empty.append(leaf.name)
            continue
        layers.append(layer)
        for group in leaf.given.faint:
            faint.setdefault(group, []).append(layer)
        together.add(layer)
    if empty:
        many = (
            f"{len(empty)} groups show nothing on the page and were"
            if len(empty) > 1
            else "1 group shows nothing on the page and was"
        )
        notes.append(f"{many} left out: {', '.join(empty[:3])}.")
    notes += overlap_notes(faint.values())
    return Layered(title_of(path), width, height, tuple(layers), tuple(dict.fromkeys(notes)))


def _layer(path: Path, alone: Element, leaf: _Leaf, size: tuple[int, int]) -> Layer | None:
    """A group, drawn in its own box only: where that is, a coarse picture of the whole canvas tells."""
    width, height = size
    box = (0, 0, width, height)
    if width * height > SMALL_CANVAS:
        coarse = _drawn(path, alone, box, 1 / COARSE)
        left, top, right, bottom = opaque_box(coarse)
        if right > left:
            box = (
                max(0, COARSE * (left - 1)), max(0, COARSE * (top - 1)),
                min(width, COARSE * (right + 1)), min(height, COARSE * (bottom + 1)),
            )  # fmt: skip
    return layer_of(
        leaf.name, _drawn(path, alone, box), box[0], box[1],
        groups=leaf.given.groups, visible=leaf.given.visible, blend=leaf.blend,
    )  # fmt: skip


def _root(path: Path) -> Element:
    name = shown_name(path)
    root = read_xml(path, read_file(path, MOST_BYTES), what=f"The SVG drawing {name}")
    if root.tag != f"{SVG}svg":
        raise FileError(f"{name} is no SVG drawing.")
    if _depth(root) > DEEPEST_ELEMENTS:
        raise FileError(f"{name} nests its elements more than {DEEPEST_ELEMENTS} deep; it was not opened.")
    for element in root.iter():
        for attribute in HREFS:
            link = element.get(attribute, "#")
            if element.tag != f"{SVG}a" and not link.startswith(("#", "data:")):
                shown = readable(link, 60)
                raise FileError(
                    f"{name} refers to another file ({shown}), so it was not opened. Embed it and export again."
                )
    return root


def _depth(root: Element) -> int:
    depth, row = 0, [root]
    while row and depth <= DEEPEST_ELEMENTS:
        depth, row = depth + 1, [child for element in row for child in element]
    return depth


def _size(path: Path, root: Element) -> tuple[int, int]:
    box = [_number(text) for text in re.split(r"[\s,]+", root.get("viewBox", "").strip()) if text]
    inner = box[2:4] if len(box) == 4 else [None, None]
    sides = [_length(root.get(name), other) for name, other in zip(("width", "height"), inner, strict=True)]
    if any(side is None or not 0 < side <= LONGEST for side in sides):
        raise FileError(
            f"{shown_name(path)} doesn't tell a usable size in pixels. Give it a width and a height and export again."
        )
    width, height = (max(1, round(side)) for side in sides if side is not None)
    if fault := picture_fault(width, height):
        raise FileError(f"{shown_name(path)} {fault}. Make it smaller and try again.")
    return width, height


def _number(text: str) -> float | None:
    try:
        value = float(text)
    except ValueError:
        return None
    return value if abs(value) < 1e9 else None


def _length(text: str | None, other: float | None) -> float | None:
    found = re.fullmatch(r"\s*([0-9.eE+-]+)\s*([a-z]*)\s*", text or "")
    if found is None or found[2] not in UNITS:
        return other
    value = _number(found[1])
    return None if value is None else value * UNITS[found[2]]


def _name(element: Element, other: str) -> str:
    return readable(element.get(LABEL) or element.get("id") or "") or other


class _Leaves:
    """Finds the layers to be: groups that hold drawings only, and loose drawings beside groups, on their own between them."""

    def __init__(self, path: Path, looks: Looks, notes: list[str]) -> None:
        self._path, self._looks, self._notes = path, looks, notes

    def of(self, element: Element, given: _Given) -> Iterator[_Leaf]:
        """Those of a group, back to front."""
        if len(given.nesting) > DEEPEST:
            raise FileError(
                f"{shown_name(self._path)} has groups within groups more than {DEEPEST} deep; it was not opened."
            )
        loose: list[int] = []
        title = given.groups[-1] if given.groups else "Drawing"
        outer = given._replace(groups=given.groups[:-1])
        for i, child in enumerate(element):
            kind = plain(child)
            if kind == "g":
                if loose:
                    yield self._leaf(element, outer, tuple(loose), title)
                    loose = []
                yield from self._group(child, given, i)
            elif kind not in HELPERS and kind not in {"namedview", "script"}:
                loose.append(i)
        if loose:
            yield self._leaf(element, outer, tuple(loose), title)

    def _group(self, group: Element, given: _Given, place: int) -> Iterator[_Leaf]:
        name = _name(group, f"Group {place + 1}")
        inside = given._replace(nesting=(*given.nesting, place), visible=given.visible and self._looks.shows(group))
        if not any(plain(inner) == "g" for inner in group):
            yield self._leaf(group, inside, None, name)
            return
        if self._looks.blend(group) != "normal":
            self._notes.append(f"The group {name} is laid on in a way of its own; its layers come in as they are.")
        if "filter" in self._looks.of(group):
            self._notes.append(
                f"The effect of the group {name} was given to each of its layers, so where they meet it shows."
            )
        faint = (inside.nesting,) if self._looks.is_faint(group) else ()
        yield from self.of(group, inside._replace(
            groups=(*given.groups, name), apart=given.apart or self._looks.stands_apart(group), faint=(*given.faint, *faint)
        ))  # fmt: skip

    def _leaf(self, holder: Element, given: _Given, only: tuple[int, ...] | None, name: str) -> _Leaf:
        own = holder if only is None else holder[only[0]] if len(only) == 1 else None
        asked = "normal" if own is None else self._looks.blend(own)
        drawn = [holder] if only is None else [holder[i] for i in only]
        inner = [each for element in drawn for each in element.iter() if each is not own]
        if not (own is not None and self._looks.stands_apart(own)) and any(
            self._looks.blend(each) != "normal" for each in inner
        ):
            self._notes.append(f"{name} blends something in it with what lies behind; that comes in as normal.")
        blend = BLENDS.get(asked)
        if blend is None:
            self._notes.append(
                f"{name} is laid on as {readable(asked, 30)}, which Umbrite does not have; it comes in as normal."
            )
        elif blend != "normal" and given.apart:
            self._notes.append(f"{name} blends with its own group only; here it blends with all that lies behind it.")
        return _Leaf(given, only, name, blend or "normal")


def _alone(root: Element, looks: Looks, leaf: _Leaf, width: int, height: int) -> Element:
    """The drawing with this leaf and what draws nothing itself."""
    kept = copy.copy(root)
    kept.set("width", str(width))
    kept.set("height", str(height))
    here = kept
    for place in leaf.given.nesting:
        chosen = looks.plainly_shown(here[place])
        here[:] = [
            child if plain(child) in HELPERS else chosen
            for child in here
            if plain(child) in HELPERS or child is here[place]
        ]
        here = chosen
    if leaf.only is not None:
        wanted = {id(here[i]) for i in leaf.only}
        here[:] = [child for child in here if plain(child) in HELPERS or id(child) in wanted]
    if used := looks.used_by(here):
        helpers = Element(f"{SVG}defs")
        helpers.extend(used)
        kept.insert(0, helpers)
    return kept


def _has_words(element: Element) -> bool:
    """Whether anything is written, for which fonts are needed; looking for them takes longer than drawing a group."""
    return any(plain(each) in {"text", "tspan", "textPath"} for each in element.iter())


def _drawn(path: Path, alone: Element, box: tuple[int, int, int, int], scale: float = 1.0) -> Picture:
    """What lies in a box of the canvas, (left, top, right, bottom) in its pixels."""
    import resvg_py

    left, top, right, bottom = box
    width, height = max(1, math.ceil((right - left) * scale)), max(1, math.ceil((bottom - top) * scale))
    frame = Element(f"{SVG}svg", width=str(width), height=str(height))
    frame.set("viewBox", f"{left} {top} {width / scale} {height / scale}")
    frame.append(alone)
    try:
        data = bytes(
            resvg_py.svg_to_bytes(
                svg_string=tostring(frame, encoding="unicode"),
                width=width,
                height=height,
                skip_system_fonts=not _has_words(alone),
            )
        )
    except READER_ERRORS as error:
        reason = readable(str(error), 120)
        raise FileError(f"{shown_name(path)} can't be drawn ({reason}). Export it again as plain SVG.") from None
    return decode(data, f"A group of {shown_name(path)}")
